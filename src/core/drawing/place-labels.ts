import RBush from 'rbush';

/** A box on the screen, px, y downwards. */
export interface Box {
	x: number;
	y: number;
	width: number;
	height: number;
}

/** A word to be written on a drawing. */
export interface AskedLabel {
	id: string;
	/** Lower is placed first, and so is shown where not all have room. */
	rank: number;
	width: number;
	height: number;
	/** Where its upper left corner may stand, the best first. */
	at: readonly (readonly [x: number, y: number])[];
}

/** Boxes that only touch do not cover each other: the index counts edges in, so each is drawn in by this. */
const EDGE = 1e-6;
const area = (b: Box) => ({
	minX: b.x + EDGE,
	minY: b.y + EDGE,
	maxX: b.x + b.width - EDGE,
	maxY: b.y + b.height - EDGE
});
const inside = (a: Box, frame: Box): boolean =>
	a.x >= frame.x &&
	a.y >= frame.y &&
	a.x + a.width <= frame.x + frame.width &&
	a.y + a.height <= frame.y + frame.height;

/**
 * Places labels by rank: each stands at the first of its places that is inside the frame and covers nothing that is
 * taken, or is left out.
 * @param taken what no label may cover
 * @returns the box of every label that has a place; no two of them overlap
 * @example placeLabels([{ id: 'a', rank: 0, width: 30, height: 12, at: [[0, 0], [40, 0]] }], [{ x: 0, y: 0, width: 10,
 * height: 10 }], frame).get('a') // at x = 40
 */
export function placeLabels(asked: readonly AskedLabel[], taken: readonly Box[], frame: Box): Map<string, Box> {
	const covered = new RBush<ReturnType<typeof area>>().load(taken.map(area));
	const placed = new Map<string, Box>();
	for (const { id, width, height, at } of [...asked].sort((a, b) => a.rank - b.rank)) {
		const free = at
			.map(([x, y]) => ({ x, y, width, height }))
			.find((box) => inside(box, frame) && !covered.collides(area(box)));
		if (!free) continue;
		covered.insert(area(free));
		placed.set(id, free);
	}
	return placed;
}
