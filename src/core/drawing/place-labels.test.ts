import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { placeLabels, type AskedLabel, type Box } from './place-labels';

const frame: Box = { x: 0, y: 0, width: 200, height: 100 };
const label = (id: string, rank: number, ...at: [number, number][]): AskedLabel => ({
	id,
	rank,
	width: 40,
	height: 12,
	at
});

describe('labels', () => {
	it('stand at their first free place, else at the next', () => {
		const placed = placeLabels([label('a', 0, [0, 0], [60, 0])], [{ x: 30, y: 5, width: 5, height: 5 }], frame);
		expect(placed.get('a')).toEqual({ x: 60, y: 0, width: 40, height: 12 });
	});
	it('of a lower rank number come first, whatever their order', () => {
		const placed = placeLabels([label('late', 2, [0, 0]), label('early', 1, [10, 0])], [], frame);
		expect([...placed.keys()]).toEqual(['early']);
	});
	it('that only touch do not cover each other', () => {
		expect(placeLabels([label('a', 0, [0, 0]), label('b', 1, [40, 0])], [], frame).size).toBe(2);
	});
	it('are left out rather than cut off by the frame', () => {
		expect(placeLabels([label('a', 0, [170, 0], [-1, 0])], [], frame).size).toBe(0);
	});
	it('never cover each other or what is taken: held to every pair, with none left out that had room', () => {
		const box = fc.record({
			x: fc.integer({ min: -20, max: 200 }),
			y: fc.integer({ min: -20, max: 100 }),
			width: fc.integer({ min: 1, max: 60 }),
			height: fc.integer({ min: 1, max: 30 })
		});
		const asked = fc.array(
			fc.record({
				rank: fc.nat(4),
				width: fc.integer({ min: 5, max: 50 }),
				height: fc.integer({ min: 5, max: 20 }),
				at: fc.array(fc.tuple(fc.integer({ min: -10, max: 200 }), fc.integer({ min: -10, max: 100 })), {
					minLength: 1,
					maxLength: 4
				})
			}),
			{ maxLength: 40 }
		);
		fc.assert(
			fc.property(asked, fc.array(box, { maxLength: 10 }), (labels, taken) => {
				const placed = placeLabels(
					labels.map((l, i) => ({ ...l, id: String(i) })),
					taken,
					frame
				);
				// Pair by pair, with no index: they share no point inside both.
				const meet = (p: Box, q: Box) =>
					Math.min(p.x + p.width, q.x + q.width) - Math.max(p.x, q.x) > 0.001 &&
					Math.min(p.y + p.height, q.y + q.height) - Math.max(p.y, q.y) > 0.001;
				const all = [...placed.values()];
				all.forEach((p, i) => expect([...all.slice(i + 1), ...taken].some((q) => meet(p, q))).toBe(false));
				// And whoever was left out had no place: each of its own is cut off or covered.
				const cut = (p: Box) => p.x < 0 || p.y < 0 || p.x + p.width > frame.width || p.y + p.height > frame.height;
				labels.forEach((l, i) => {
					if (placed.has(String(i))) return;
					for (const [x, y] of l.at) {
						const box = { x, y, width: l.width, height: l.height };
						expect(cut(box) || [...all, ...taken].some((q) => meet(box, q))).toBe(true);
					}
				});
			}),
			{ numRuns: 300 }
		);
	});
});
