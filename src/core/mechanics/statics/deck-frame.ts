import { lastOf, nth } from '../../nth';
import type { Millimetres, Newtons } from '../../units/quantity';
import { beamReactions, type LineLoad } from './continuous-beam';

/** Places where stacks of bins may stand on a deck, and how many bins there are to stand anywhere among them. */
export interface Stacks {
	/** Middles, along the deck and out from the wall. */
	places: readonly { x: Millimetres; z: Millimetres }[];
	/** Of one bin. */
	weight: Newtons;
	/** Bins on each other, at most. */
	high: number;
	count: number;
}

/** A deck in one piece between a ledger on the wall and hangers out in the room. */
export interface DeckFrame {
	width: Millimetres;
	/** Of the hang line, out from what the ledger bears on. */
	hangLine: Millimetres;
	/** Along the deck, ascending. */
	hangers: readonly Millimetres[];
	/** Of its wood, and where its middle is. */
	own: { weight: Newtons; z: Millimetres };
	stacks: Stacks;
}

/** How much of a weight at a place one support takes; less than nothing where it is lifted. */
export type Influence = (x: Millimetres, z: Millimetres) => number;

/**
 * How much each of several supports under one piece takes of a weight at a place along it. One alone takes all of what
 * is over it and nothing else: past it the piece tips.
 * @param supports ascending
 * @example takenAlong([0, 1000])(250) // [0.75, 0.25]
 */
export function takenAlong(supports: readonly Millimetres[]): (x: Millimetres) => number[] {
	const known = new Map<Millimetres, number[]>();
	return (x) => {
		const before = known.get(x);
		if (before) return before;
		const shares =
			supports.length < 2 ? supports.map(() => 1) : beamReactions(supports, [{ from: x, to: x, total: 1 }]).reactions;
		known.set(x, shares);
		return shares;
	};
}

/** The same of a weight spread evenly from end to end. */
export function takenOfAll(supports: readonly Millimetres[], width: Millimetres): number[] {
	if (supports.length < 2) return supports.map(() => 1);
	const all: LineLoad = { from: 0, to: width, total: 1 };
	return beamReactions(supports, [all]).reactions;
}

/**
 * The most that one support may have to take: its share of the deck's own wood, and as many bins as there are where
 * they weigh on it most. A bin that would ease it may stand elsewhere.
 * @param own its share of the deck's own weight
 * @example worstOn({ places, weight: 100, high: 2, count: 3 }, (x, z) => z / 760, 200)
 */
export function worstOn({ places, weight, high, count }: Stacks, share: Influence, own: Newtons): Newtons {
	return (
		own +
		weight *
			bestOf(
				places.map((p) => share(p.x, p.z)),
				high,
				count
			)
	);
}

/** Shares of so many bins where each place takes so many, the greatest first; none that is under nothing. */
function bestOf(shares: readonly number[], high: number, count: number): number {
	let left = count;
	return [...shares]
		.sort((a, b) => b - a)
		.reduce((sum, s) => {
			const n = Math.min(high, left);
			if (s <= 0 || n <= 0) return sum;
			left -= n;
			return sum + n * s;
		}, 0);
}

/** The most that every one of the hangers may have to take. @example hangerLoads(deck)[0] */
export function hangerLoads(d: DeckFrame): Newtons[] {
	const along = takenAlong(d.hangers);
	const own = takenOfAll(d.hangers, d.width);
	const line = (d.own.weight * d.own.z) / d.hangLine;
	return d.hangers.map((_, h) => worstOn(d.stacks, (x, z) => (z / d.hangLine) * nth(along(x), h), line * nth(own, h)));
}

/**
 * The most on any hanger that is left when one has gone, whichever matters most, with the bins evenly over the deck;
 * without end when it tips off the others, or one alone is left.
 */
export function hangerLoadWithOneLost(d: DeckFrame): Newtons {
	const { places, weight, count } = d.stacks;
	const middle = places.length > 0 ? places.reduce((sum, p) => sum + p.z, 0) / places.length : 0;
	const line = (d.own.weight * d.own.z + weight * count * middle) / d.hangLine;
	return Math.max(
		...d.hangers.map((_, gone) => {
			const left = d.hangers.filter((__, i) => i !== gone);
			const shares = left.length < 2 ? [Infinity] : takenOfAll(left, d.width);
			return Math.min(...shares) < -1e-9 ? Infinity : line * Math.max(...shares);
		})
	);
}

/** The most that each of the ledger's fixings may have to take, one piece over all of them. */
export function ledgerLoads(d: DeckFrame, fixings: readonly Millimetres[]): Newtons[] {
	const along = takenAlong(fixings);
	const own = takenOfAll(fixings, d.width);
	const rest = d.own.weight * (1 - d.own.z / d.hangLine);
	return fixings.map((_, s) =>
		worstOn(d.stacks, (x, z) => (1 - z / d.hangLine) * nth(along(x), s), rest * nth(own, s))
	);
}

/**
 * The most that each joist may have to take of the hang line, the spreader in one piece under all of them and hung from
 * at every hanger.
 * @param joists where the spreader is lagged, along the deck, ascending
 */
export function spreaderLoads(d: DeckFrame, joists: readonly Millimetres[]): Newtons[] {
	const hung = takenAlong(d.hangers);
	const over = takenAlong(joists);
	const own = takenOfAll(d.hangers, d.width);
	const line = (d.own.weight * d.own.z) / d.hangLine;
	/** Of one joist's share of what every hanger has. */
	const through = (each: readonly number[], j: number) =>
		each.reduce((sum, r, h) => sum + r * nth(over(nth(d.hangers, h)), j), 0);
	return joists.map((_, j) =>
		Math.max(
			0,
			worstOn(d.stacks, (x, z) => (z / d.hangLine) * through(hung(x), j), line * through(own, j))
		)
	);
}

/**
 * What bends a spreader most: each hanger at its worst, by the span between the joists that it hangs in, or past the
 * last; every span by itself, as if it were cut there.
 */
export function spreaderMoment(d: DeckFrame, joists: readonly Millimetres[]): number {
	const loads = hangerLoads(d);
	const [first, last] = [joists[0], joists.length > 0 ? lastOf(joists) : undefined];
	if (first === undefined || last === undefined) return Infinity;
	const spans = [-Infinity, ...joists, Infinity];
	return Math.max(
		0,
		...spans.slice(1).map((to, i) => {
			const from = nth(spans, i);
			const here = d.hangers.flatMap((x, h) => (x > from && x <= to ? [{ x, force: nth(loads, h) }] : []));
			if (from === -Infinity) return here.reduce((sum, h) => sum + h.force * (first - h.x), 0);
			if (to === Infinity) return here.reduce((sum, h) => sum + h.force * (h.x - last), 0);
			const L = to - from;
			const bent = (x: Millimetres) =>
				here.reduce((sum, h) => sum + (h.force * Math.min(h.x - from, x - from) * (to - Math.max(h.x, x))) / L, 0);
			return Math.max(0, ...here.map((h) => bent(h.x)));
		})
	);
}
