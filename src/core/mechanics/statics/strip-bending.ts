import type { Millimetres, NewtonMillimetres } from '../../units/quantity';

/** What one weight bends a board by at a section across it, and where along it. */
export interface Bent {
	x: Millimetres;
	/** Half of the length that it is spread over by itself; nothing for a single thing. */
	half?: Millimetres;
	M: NewtonMillimetres;
	/** Of that, what a push makes of it; the rest is against it. */
	pushed?: NewtonMillimetres;
	/** It cannot be taken off. */
	always?: true | undefined;
}

/** The hardest bent strip of a board. */
export interface Strip {
	/** What bends it. */
	M: NewtonMillimetres;
	pushed: NewtonMillimetres;
	wide: Millimetres;
}

/** Wood across the section. */
export interface Across {
	width: Millimetres;
	/** So far to either side of what stands on it a board helps. */
	spread: Millimetres;
	holes: readonly { x: Millimetres; diameter: Millimetres }[];
}

/** A load over the wood of the stretch that it bends: bending per width of that. */
function overStretch(l: Bent, { width, spread, holes }: Across) {
	const half = (l.half ?? 0) + spread;
	// What stands past an end acts at it.
	const x = Math.min(Math.max(0, l.x), width);
	const [from, to] = [Math.max(0, x - half), Math.min(width, x + half)];
	const bored = holes.reduce((sum, h) => (h.x > from && h.x < to ? sum + h.diameter : sum), 0);
	const wood = Math.max(1, to - from - bored);
	return { from, to, M: l.M / wood, pushed: (l.pushed ?? 0) / wood };
}

/**
 * The hardest bent strip of a board that single weights bend, any of them taken off: each bends the board beside it as
 * far as it spreads, less its holes, and what spreads over the same strip adds up. What eases a strip is counted only
 * where it stays.
 * @returns a strip as wide as one thing spreads; null where nothing bends it that way
 * @example hardestStrip([{ x: 50, M: 600 }], { width: 100, spread: 200, holes: [] })?.M // 600, over all of it
 */
export function hardestStrip(loads: readonly Bent[], across: Across): Strip | null {
	const edges = loads
		.filter((l) => l.M > 0 || l.always)
		.map((l) => overStretch(l, across))
		.flatMap(({ from, to, M, pushed }) => [
			{ x: from, M, pushed },
			{ x: to, M: -M, pushed: -pushed }
		])
		.sort((a, b) => a.x - b.x);
	const wide = Math.min(across.width, 2 * across.spread);
	let [M, pushed] = [0, 0];
	let worst: Strip | null = null;
	edges.forEach((e, i) => {
		M += e.M;
		pushed += e.pushed;
		// Where more begins or ends at the same place, that counts as well.
		const long = (edges[i + 1]?.x ?? e.x) - e.x > 1e-9;
		if (long && M * wide > (worst?.M ?? 0)) worst = { M: M * wide, pushed: pushed * wide, wide };
	});
	return worst;
}
