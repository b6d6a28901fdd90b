import { checkPlan } from '../checks/check-plan';
import { screwedAt } from '../places/fixed/new-mount';
import { isFixed } from '../plan/held';
import type { Backed, FixedHolder, Plan } from '../plan/types';
import { lowestTop } from '../survey/outline';
import type { LengthUnit } from '../units/parse-length';
import type { Millimetres } from '../units/quantity';

/** Heights of a foot worth trying on a wall: about the chest, then above and below. */
const FEET: readonly Millimetres[] = [1200, 1500, 900, 600, 300];
/** The side of a cart or a bench is lower: there it is tried from the top down, so far apart. */
const LOW: Millimetres = 1500;
const STEP: Millimetres = 60;
const EDGE: Millimetres = 20;

function feetOn({ wall }: Plan, high: Millimetres): readonly Millimetres[] {
	if (wall.height >= LOW) return FEET;
	const room = Math.floor(Math.max(0, wall.height - high - EDGE) / STEP);
	return Array.from({ length: room + 1 }, (_, i) => wall.height - high - EDGE - i * STEP);
}
/** Places along the wall tried at each: more make a press wait. */
const MOST = 12;

/** Left ends that put the middle between two studs or on one, from the left. */
function leftEnds({ wall, holders }: Plan, width: Millimetres): Millimetres[] {
	const studs = wall.studs.map((s) => s.x).sort((a, b) => a - b);
	const middles = studs.slice(1).map((x, i) => (x + (studs[i] as number)) / 2);
	const all = [...middles, ...studs, wall.width / 2, ...[0.2, 0.8].map((s) => s * wall.width)].map((x) =>
		Math.round(x - width / 2)
	);
	// Beside what is screwed there already.
	const beside = wall.height < LOW ? holders.filter(isFixed).map((h) => h.mount.x + h.back.width + EDGE) : [];
	const ends = wall.height < LOW ? [EDGE, ...beside, wall.width - EDGE - width] : [];
	return [...new Set([...ends, ...all])].filter((x) => x >= 0 && x + width <= wall.width).slice(0, MOST);
}

/**
 * A holder screwed to the wall where it is in nothing's way, with two screws at every stud behind it: the first place
 * that brings nothing to mind, else the one that brings fewest stops, and of those fewest things to mind.
 * @example firstFixed(plan, holder, 'mm').mount.places.length
 */
export function firstFixed(plan: Plan, holder: Backed, unit: LengthUnit): FixedHolder {
	const back = { ...holder.back, width: Math.min(holder.back.width, plan.wall.width) };
	const at = (x: Millimetres, y: Millimetres): FixedHolder => ({
		...holder,
		back,
		mount: screwedAt(plan.wall, { x, y }, back, unit)
	});
	const told = (holders: Plan['holders']) => {
		const { warnings } = checkPlan({ ...plan, holders });
		return { stops: warnings.filter((w) => w.level === 'stop').length, all: warnings.length };
	};
	const now = told(plan.holders);
	let best: { holder: FixedHolder; stops: number; all: number } | null = null;
	for (const y of feetOn(plan, back.height))
		for (const x of leftEnds(plan, back.width)) {
			if (y + back.height > lowestTop(plan.wall, x, x + back.width)) continue;
			const tried = at(x, y);
			const { stops, all } = told([...plan.holders, tried]);
			if (all <= now.all) return tried;
			const better = !best || stops < best.stops || (stops === best.stops && all < best.all);
			if (better) best = { holder: tried, stops, all };
		}
	return best?.holder ?? at(0, 0);
}
