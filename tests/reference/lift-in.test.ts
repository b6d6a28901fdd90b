import Module from 'manifold-3d';
import { describe, expect, it } from 'vitest';
import { tippingRoom } from '$core/carriers/lift-in';

/**
 * Can a sliding door be tipped into its grooves? Held to a search that knows no formula: a panel and two grooved boards
 * as polygons of a general library, moved and turned in small steps wherever it meets nothing, from where it leans in
 * front of the opening until it stands upright.
 */
const library = await Module();
library.setup();
const { CrossSection } = library;

interface Case {
	opening: number;
	over: number;
	thickness: number;
	upper: number;
	lower: number;
	/** Wood before the groove. */
	before: number;
}
type Point = [number, number];
const box = (x0: number, y0: number, x1: number, y1: number): Point[] => [
	[x0, y0],
	[x1, y0],
	[x1, y1],
	[x0, y1]
];

/** Out and up, the front of the groove at `wide`; the boards reach far back. */
function boards({ opening, upper, lower, before }: Case, wide: number) {
	const shape = (points: Point[]) => new CrossSection([points], 'NonZero');
	const top = shape(box(-150, opening, wide + before, opening + 25)).subtract(
		shape(box(0, opening - 1, wide, opening + upper))
	);
	const bottom = shape(box(-150, -25, wide + before, 0)).subtract(shape(box(0, -lower, wide, 1)));
	return top.add(bottom);
}

const STEP = { turn: 60, out: 0.1, up: 0.25 };

/** Is there a way? Places of its upper front corner, and how it leans. */
function wayIn(c: Case, wide: number): boolean {
	const all = boards(c, wide);
	const height = c.opening + c.over;
	// Leaning so far that it is lower than the opening.
	let most = 0;
	while (height * Math.cos(most) + c.thickness * Math.sin(most) > c.opening - 1) most += 0.005;
	const angleOf = (k: number) => (most * k) / STEP.turn;
	const free = new Map<string, boolean>();
	const isFree = (k: number, i: number, j: number): boolean => {
		const key = `${k} ${i} ${j}`;
		const known = free.get(key);
		if (known !== undefined) return known;
		const [a, z, y] = [angleOf(k), i * STEP.out, c.opening - 2 + j * STEP.up];
		const [sin, cos] = [Math.sin(a), Math.cos(a)];
		const front: Point = [z, y];
		const rear: Point = [z - c.thickness * cos, y - c.thickness * sin];
		const down = ([px, py]: Point): Point => [px + height * sin, py - height * cos];
		const panel = new CrossSection([[down(rear), down(front), front, rear]], 'NonZero');
		const clear = panel.intersect(all).area() < 0.02;
		free.set(key, clear);
		return clear;
	};
	const seen = new Set<string>();
	const open: [number, number, number][] = [];
	const [outs, ups] = [Math.ceil((wide + 1) / STEP.out), Math.ceil((c.upper + 4) / STEP.up)];
	const visit = (k: number, i: number, j: number) => {
		const key = `${k} ${i} ${j}`;
		if (k < 0 || k > STEP.turn || i < 0 || i > outs || j < 0 || j > ups || seen.has(key) || !isFree(k, i, j)) return;
		seen.add(key);
		open.push([k, i, j]);
	};
	for (let i = 0; i <= outs; i++) for (let j = 0; j <= ups; j++) visit(STEP.turn, i, j);
	while (open.length > 0) {
		const [k, i, j] = open.pop()!;
		if (k === 0) return true;
		for (const [dk, di, dj] of [
			[-1, 0, 0],
			[0, 1, 0],
			[0, -1, 0],
			[0, 0, 1],
			[0, 0, -1],
			[1, 0, 0],
			[-1, 1, 0],
			[-1, -1, 0],
			[-1, 0, 1],
			[-1, 0, -1]
		] as const)
			visit(k + dk, i + di, j + dj);
	}
	return false;
}

const CASES: Case[] = [
	{ opening: 300, over: 8, thickness: 6, upper: 11, lower: 5, before: 21 },
	{ opening: 300, over: 13, thickness: 6, upper: 16, lower: 8, before: 7 },
	{ opening: 120, over: 8, thickness: 6, upper: 11, lower: 5, before: 12 },
	{ opening: 600, over: 9, thickness: 12, upper: 12, lower: 6, before: 30 }
];

describe.each(CASES)('a panel $over higher than an opening of $opening, $thickness thick, $before in', (c) => {
	const needs = tippingRoom({
		opening: c.opening,
		height: c.opening + c.over,
		thickness: c.thickness,
		before: c.before
	});

	it('needs grooves wider than itself, and goes in where they are as wide as told', () => {
		expect(needs).toBeGreaterThan(c.thickness + 0.1);
		expect(wayIn(c, needs + 0.25)).toBe(true);
	});
	it('binds where they are narrower', () => {
		expect(wayIn(c, needs - 0.25)).toBe(false);
	});
	it('does not go in at all where the upper groove is shallower than it is high', () => {
		expect(wayIn({ ...c, upper: c.over - 1 }, needs + 0.5)).toBe(false);
	});
});
