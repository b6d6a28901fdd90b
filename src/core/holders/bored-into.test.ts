import { describe, expect, it } from 'vitest';
import { facing, onEdge } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { boredInto } from './bored-into';

/** Three boards alike, 18 thick, on edge: each 100 out and 200 high, their left sides at 0, 300 and 600. */
const side: Part = {
	id: 'side',
	name: 'side',
	material: { kind: 'board', stock: 'ply-18' },
	outline: plain(rectangle(100, 200)),
	thickness: 18,
	grain: 'y',
	features: [],
	stands: [18, 318, 618].map((x) => onEdge([x, 0, 0]))
};
const bore = (x: number, y: number): Feature => ({
	kind: 'bore',
	at: [x, y],
	from: 'front',
	diameter: 10,
	depth: 12,
	through: false,
	tilt: 5,
	toward: [0, 1]
});

describe('what stands on the face of another board', () => {
	it('is bored into that one board, and the others stay alike', () => {
		// The left face of the one in the middle: 30 out, 80 up.
		const parts = boredInto([side], facing('left', [300, 0, 0]), [bore(30, 80)]);
		expect(parts.map((p) => [p.stands.length, p.features.length])).toEqual([
			[2, 0],
			[1, 1]
		]);
		const [f] = parts[1]!.features;
		// On edge, its own z points to the left.
		expect(f).toMatchObject({ from: 'front', at: [expect.closeTo(30, 9), expect.closeTo(80, 9)] });
	});

	it('of each of three makes three parts, no two of one name', () => {
		const all = [0, 300, 600].reduce((parts, x) => boredInto(parts, facing('left', [x, 0, 0]), [bore(30, 80)]), [
			side
		] as Part[]);
		expect(all.map((p) => p.features.length)).toEqual([1, 1, 1]);
		expect(new Set(all.map((p) => p.id)).size).toBe(3);
	});

	it('is bored from the other side where it stands on the right', () => {
		// From the right one's x runs back to the wall: 30 along it is 70 out.
		const [, one] = boredInto([side], facing('right', [618, 0, 100]), [bore(30, 80)]);
		expect(one!.features[0]).toMatchObject({ from: 'back', at: [expect.closeTo(70, 9), expect.closeTo(80, 9)] });
	});

	it('is bored into the edge of the board where it stands on one, and leans as it did', () => {
		const [, one] = boredInto([side], facing('front', [0, 0, 100]), [bore(310, 80)]);
		// The front edge runs up from the foot; its board's thickness runs to the left from 318.
		const [f] = one!.features;
		expect(f).toMatchObject({ from: { edge: 1 }, at: [expect.closeTo(80, 9), expect.closeTo(8, 9)] });
		expect(f).toMatchObject({ toward: [expect.closeTo(1, 9), expect.closeTo(0, 9)] });
	});

	it('is left out where it enters no board at all', () => {
		expect(boredInto([side], facing('front', [0, 0, 100]), [bore(150, 80)])).toEqual([side]);
		expect(boredInto([side], facing('front', [0, 0, 100]), [bore(310, 230)])).toEqual([side]);
		expect(boredInto([side], facing('left', [300, 0, 0]), [bore(130, 80)])).toEqual([side]);
	});
});
