import { roomIn } from '../kinds/room';
import { carrierKind } from '../kinds/registry';
import { hookScrewsFor } from '../holders/holder-for';
import type { CleatContext } from '../mounts/held';
import { hostOf } from '../plan/carrier-problems';
import { withStrips } from '../plan/held';
import type { Carrier, HungHolder } from '../plan/types';
import { fail, ok, type Result } from '../result';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { newStop } from './stops';

type Params = Record<string, unknown>;

/** Nearer than this is one place. */
const SAME: Millimetres = 0.5;

/** How a carrier stands on a back so wide: where its seats are along, and the room it takes up the back. */
interface Laid {
	xs: Millimetres[];
	high: Millimetres;
}
function laid({ kind, loads }: Carrier, params: Params, width: Millimetres): Laid {
	// Filled up: where things stand may depend on how many there are.
	const room = roomIn({ kind, params });
	const full = loads.map((l, g) => ({ ...l, count: room[g] ?? 0 }));
	const built = carrierKind(kind).build(params, {
		host: { face: 'front', width, height: 1300, stock: 'ply-18', at: [0, 0] },
		loads: full
	});
	// Things that stand one behind another along the back have places of their own there.
	const places = built.seats.flatMap(({ at, axis, length, takes }) =>
		Array.from({ length: takes }, (_, i) => at[0] + (axis[0] * length * (i + 0.5)) / takes)
	);
	const sorted = places.sort((a, b) => a - b);
	const xs = sorted.filter((x, i) => i === 0 || x - (sorted[i - 1] as number) > SAME);
	return { xs, high: built.taken.high - built.taken.low };
}

/** Nearest that two seats stand, along; null where all stand at one place. */
const pitchOf = ({ xs }: Laid): Millimetres | null =>
	xs.length < 2 ? null : Math.min(...xs.slice(1).map((x, i) => x - (xs[i] as number)));
const spanOf = ({ xs }: Laid): Millimetres => (xs.at(-1) ?? 0) - (xs[0] ?? 0);

/** From the left end to the first place. */
const edgeOf = ({ xs }: Laid): Millimetres => xs[0] ?? 0;

/** Where a figure is as it was, that is `a` at this width and `b` at twice of it. */
const solved = (was: Millimetres, a: Millimetres, b: Millimetres, width: Millimetres): Millimetres =>
	Math.abs(b - a) < 0.01 ? width : width + ((was - a) / (b - a)) * width;

/** A carrier of its own width, or one that is spread over its back. */
const ownWidth = (params: Params): boolean => typeof params.width === 'number';
const widened = (params: Params, width: Millimetres): Params => (ownWidth(params) ? { ...params, width } : params);

/**
 * The width at which so many seats stand as far apart as they did. How far apart they are goes up in a straight line
 * with the width, or not at all; then its margins stay.
 */
function widthFor(c: Carrier, before: Laid, params: Params, width: Millimetres): Millimetres {
	const at = (w: Millimetres) => laid(c, widened(params, w), w);
	const [now, twice] = [at(width), at(2 * width)];
	const [was, a, b] = [pitchOf(before), pitchOf(now), pitchOf(twice)];
	// Of one place there is no distance to the next: what is beside it stays.
	if (was === null || a === null || b === null) return solved(edgeOf(before), edgeOf(now), edgeOf(twice), width);
	if (Math.abs(b - a) < 0.01) return width + spanOf(now) - spanOf(before);
	return solved(was, a, b, width);
}

/** Screws along a board, and what is below it: as many to a stretch as before. */
function moreAlong(params: Params, by: number): Params {
	return Object.fromEntries(
		Object.entries(params).map(([name, value]) => {
			if (typeof value !== 'object' || value === null || Array.isArray(value)) return [name, value];
			const group = moreAlong(value as Params, by);
			const counts = (name === 'screws' || name === 'support') && typeof group.count === 'number';
			return [
				name,
				counts ? { ...group, count: Math.max(2, Math.min(40, Math.round((group.count as number) * by))) } : group
			];
		})
	);
}

interface Scaled {
	carrier: Carrier;
	/** Along, and up, it grew by so much. */
	wider: Millimetres;
	higher: Millimetres;
	right: Millimetres;
}

function scaledCarrier(c: Carrier, by: number, back: Millimetres): Scaled {
	const { withSeats } = carrierKind(c.kind);
	const width = ownWidth(c.params) ? (c.params.width as number) : back;
	const still = { carrier: c, wider: 0, higher: 0, right: c.at.x + width };
	const seats = roomIn(c).reduce((n, r) => n + r, 0);
	const wanted = Math.max(1, Math.round(seats * by));
	if (!withSeats || wanted === seats || hostOf(c.at) !== null) return still;
	const before = laid(c, c.params, width);
	const counted = withSeats(c.params, wanted);
	const wide = widthFor(c, before, counted, width);
	const params = moreAlong(widened(counted, wide), wide / width);
	const room = roomIn({ kind: c.kind, params });
	const higher = laid(c, params, wide).high - before.high;
	return {
		carrier: {
			...c,
			params,
			loads: c.loads.slice(0, room.length).map((l, i) => ({
				...l,
				count: Math.min(room[i] ?? 0, Math.round(l.count * by))
			}))
		},
		wider: wide - width,
		higher,
		right: c.at.x + wide
	};
}

/**
 * A holder for more of the same, or for fewer. Counts and boards scale; what a thing goes into, and how far apart it
 * hangs, never does: a hole of half the size holds no bottle.
 * @param by how many times as many places: 0.5, 2
 * @returns the holder; or why it cannot be so large, or so small
 * @example scaleHolder(grid, 2, row)
 */
export function scaleHolder(holder: HungHolder, by: number, row: CleatContext): Result<HungHolder, Phrase> {
	const all = holder.carriers.map((c) => scaledCarrier(c, by, holder.back.width));
	if (all.every((s, i) => s.carrier === holder.carriers[i]))
		return fail(
			by < 1
				? phrase(
						'It cannot be smaller: what a thing goes into keeps its size, and fewer places than it has are not left'
					)
				: phrase('Nothing on it can have more places')
		);
	// What stands to the right of something that grew moves along with it; what is above it, up.
	const moved = all.map(({ carrier }, i) => {
		const { at } = holder.carriers[i] as Carrier;
		if (hostOf(at) !== null) return carrier;
		const along = all.reduce((d, s, k) => (k !== i && s.right - s.wider <= at.x + SAME ? d + s.wider : d), 0);
		return { ...carrier, at: { ...at, x: at.x + along } };
	});
	const wider = all.reduce((d, s) => d + s.wider, 0);
	const spread = all.some((s, i) => !ownWidth((holder.carriers[i] as Carrier).params) && s.wider !== 0);
	const width = holder.back.width + (spread ? Math.max(...all.map((s) => s.wider)) : wider);
	const height = holder.back.height + Math.max(0, ...all.map((s) => s.higher));
	if (width < 40 || width > 6000) return fail(phrase('It would be {w} wide', { w: mm(width) }));
	if (height > 1300) return fail(phrase('It would be {h} high: no back is', { h: mm(height) }));
	const { hook } = holder.mount.strips;
	const count = Math.max(2, Math.round((hook.screws.count * hookScrewsFor(width)) / hookScrewsFor(holder.back.width)));
	const scaled: HungHolder = {
		...holder,
		mount: withStrips(holder, { hook: { ...hook, screws: { ...hook.screws, count } } }),
		back: { ...holder.back, width, height },
		carriers: moved
	};
	const stop = newStop(holder, scaled, row);
	return stop ? fail(stop) : ok(scaled);
}
