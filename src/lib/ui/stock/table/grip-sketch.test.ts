import { describe, expect, it } from 'vitest';
import type { Dims } from '$core/things/grips/grip';
import { GRIP_KINDS, gripOf, type GripKind } from '$core/things/grips/registry';
import { SKETCH, sketchOf } from './grip-sketch';

const measured = (kind: GripKind, each: number): Dims =>
	Object.fromEntries(gripOf(kind).needs.map((need, i) => [need, each * (i + 1)]));

describe('the small drawing of a grip', () => {
	it.each(GRIP_KINDS)('of %s lies within its frame, measured or not', (kind) => {
		for (const dims of [{}, measured(kind, 6), measured(kind, 300)]) {
			const strokes = sketchOf(kind, dims);
			expect(strokes.length).toBeGreaterThan(0);
			const ends = strokes.flatMap(({ d }) => [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)]);
			expect(ends.length).toBeGreaterThan(1);
			for (const [, x, y] of ends) {
				expect(Number(x)).toBeGreaterThanOrEqual(0);
				expect(Number(x)).toBeLessThanOrEqual(SKETCH.width);
				expect(Number(y)).toBeGreaterThanOrEqual(0);
				expect(Number(y)).toBeLessThanOrEqual(SKETCH.height);
			}
		}
	});

	it('is made once for like things, and is another for another grip', () => {
		for (const kind of GRIP_KINDS) expect(sketchOf(kind, measured(kind, 20))).toBe(sketchOf(kind, measured(kind, 20)));
		expect(new Set(GRIP_KINDS.map((kind) => JSON.stringify(sketchOf(kind, {})))).size).toBe(GRIP_KINDS.length);
	});

	it('takes neighbours of one colour as one path', () => {
		for (const kind of GRIP_KINDS) {
			const fills = sketchOf(kind, {}).map((s) => s.fill);
			fills.slice(1).forEach((fill, i) => expect(fill).not.toBe(fills[i]));
		}
	});
});
