import { stock } from '../../materials/stocks';
import { twoAt } from '../../mounts/fixed/behind';
import { FIXING } from '../../plan/plan-fields';
import { startsOf } from '../../form/start-of';
import type { Back, FixedMount, Wall } from '../../plan/types';
import { studAt } from '../../survey/supports';
import type { LengthUnit } from '../../units/parse-length';
import { MM_PER_INCH, type Millimetres } from '../../units/quantity';

/** Wood past a screw at the end of a back. */
export const PAST: Millimetres = 40;

/** Middles of the studs behind a back, along it, as far as it laps them. */
export const studsBehind = (
	wall: Pick<Wall, 'studs'>,
	at: Pick<FixedMount, 'x' | 'y'>,
	back: Pick<Back, 'width' | 'height'>
): Millimetres[] =>
	wall.studs
		.map((s) => studAt(s, at.y + back.height / 2) - at.x)
		.filter((x) => x > PAST / 2 && x < back.width - PAST / 2)
		.sort((a, b) => a - b);

/**
 * Places of a back's screws, two at every stud behind it; at its ends where there is none, or none is known.
 * @example onStuds(plan.wall, { x: 300, y: 1200 }, holder.back, '#10').length // 4: two studs
 */
export function onStuds(
	wall: Pick<Wall, 'studs'>,
	at: Pick<FixedMount, 'x' | 'y'>,
	back: Pick<Back, 'width' | 'height' | 'made'>,
	size: FixedMount['screws']['size']
): FixedMount['places'] {
	if (back.made.kind === 'battens') return twoAt(back, back.made.at, size);
	const behind = studsBehind(wall, at, back);
	const inset = Math.min(PAST, back.width / 4);
	return twoAt(back, behind.length > 0 ? behind : [inset, back.width - inset], size);
}

/** Left of the boards behind their points. */
const BEHIND: Millimetres = 3;

/** The usual screws; into boards alone, as long as those let them be. */
function screwsFor(
	{ build, cladding }: Pick<Wall, 'build' | 'cladding'>,
	back: Pick<Back, 'stock'>,
	unit: LengthUnit
): FixedMount['screws'] {
	const { screws } = startsOf({ screws: FIXING.screws }, unit);
	if (build?.kind !== 'plank') return screws;
	const step = unit === 'mm' ? 5 : MM_PER_INCH / 4;
	const through = stock(back.stock).thickness + cladding.thickness + build.thickness - BEHIND;
	const longest = Math.floor(through / step) * step;
	return longest >= screws.length ? screws : { size: '#8', length: Math.max(10, longest) };
}

/** Screwed to the wall at a place, with the usual screws: two at every stud behind it. */
export function screwedAt(
	wall: Pick<Wall, 'studs' | 'build' | 'cladding'>,
	at: Pick<FixedMount, 'x' | 'y'>,
	back: Pick<Back, 'stock' | 'width' | 'height' | 'made'>,
	unit: LengthUnit
): FixedMount {
	const screws = screwsFor(wall, back, unit);
	return { kind: 'fixed', ...at, screws, places: onStuds(wall, at, back, screws.size) };
}
