import { heldBy } from '../../../tests/support/in-place';
import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import type { Backed, Carrier } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { buildHolder } from './build';
import { holderFor } from './holder-for';

const fitted = (kind: string): Backed => {
	const made = holderFor(kind, { thing: FITTING[kind]!, count: 3, widest: 1200, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	return made.value.holder;
};
const stops = ({ back, carriers, mount }: Backed) =>
	buildHolder(back, carriers, heldBy({ mount }))
		.warnings.filter((w) => w.level === 'stop')
		.map((w) => sayPhrase(w.message, 'mm'))
		.join('; ');
const moved = (h: Backed, at: Partial<Carrier['at']>): Backed => ({
	...h,
	carriers: h.carriers.map((c) => ({ ...c, at: { ...c.at, ...at } }))
});
const screwed = CARRIERS.filter((c) => c.through).map((c) => c.kind);

describe('where a carrier may stand', () => {
	it.each(screwed)('%s may stand where it was fitted', (kind) => expect(stops(fitted(kind))).toBe(''));

	it.each(screwed)('%s whose screws miss the back, above or beside it, is stopped', (kind) => {
		const h = fitted(kind);
		expect(stops(moved(h, { y: h.back.height + 40 }))).toMatch(/(screws|bolts) miss the back/);
		expect(stops(moved(h, { x: h.back.width }))).toMatch(/(screws|bolts) miss the back/);
	});

	it.each(screwed)('%s that bears on nothing below its back is stopped', (kind) => {
		const h = fitted(kind);
		const low = buildHolder(h.back, h.carriers, heldBy(h)).carriers[0]!.taken.low;
		expect(stops(moved(h, { y: h.carriers[0]!.at.y - low - 5 }))).toMatch(/bears on nothing/);
	});

	it('counts blocks that stand too far apart for nothing, and says so', () => {
		const h = fitted('flat-shelf');
		const [c1] = h.carriers as [Carrier];
		const held = (count: number) => {
			const of = c1.params.held as { support: object };
			const params = { ...c1.params, width: 1500, held: { ...of, support: { ...of.support, count } } };
			const built = buildHolder({ ...h.back, width: 1500 }, [{ ...c1, params }], heldBy(h));
			const data = built.members[0]!.data as unknown as { heights: number[]; alone: boolean };
			return { ...data, said: built.warnings.map((w) => w.message.text).join(' ') };
		};
		expect(held(2)).toMatchObject({ alone: true });
		expect(held(2).heights[0]).toBe(9);
		expect(held(2).said).toMatch(/counted for nothing/);
		expect(held(5).alone).toBe(false);
		expect(held(5).heights[0]).toBeGreaterThan(60);
		expect(held(5).said).not.toMatch(/counted for nothing/);
	});

	it('is not a face that it cannot be screwed to, nor one that it does not take', () => {
		const shelf = fitted('flat-shelf');
		const [c1] = shelf.carriers as [Carrier];
		const ledge = { ...fitted('lip-ledge').carriers[0]!, id: 'c2', at: { on: 'c1:front', x: 0, y: 0 } };
		expect(stops({ ...shelf, carriers: [c1, ledge] })).toMatch(/Ledge: it cannot stand there/);
		const pegs = { ...fitted('pegs').carriers[0]!, id: 'c2', at: { on: 'c1:underside', x: 0, y: 0 } };
		expect(stops({ ...shelf, carriers: [c1, pegs] })).toMatch(/Pegs: it cannot stand there/);
	});

	it('is not where another stands', () => {
		const h = fitted('hole-shelf');
		const again = { ...h.carriers[0]!, id: 'c2' };
		expect(stops({ ...h, carriers: [...h.carriers, again] })).toMatch(/run into each other/);
	});

	it('on top of a shelf, pegs stand up, bend under nothing, and what lies round them is on the shelf', () => {
		const shelf = fitted('flat-shelf');
		const [c1] = shelf.carriers as [Carrier];
		const kind = carrierKind('pegs');
		const pegs: Carrier = {
			id: 'c2',
			kind: 'pegs',
			at: { on: 'c1:top', x: 100, y: 40 },
			params: { ...kind.start('mm'), width: 200, projection: 60, tilt: 0 },
			loads: [{ name: 'ring', mass: 1, width: 60, height: 20, depth: 20, count: 4 }]
		};
		const built = buildHolder(shelf.back, [{ ...c1, loads: [] }, pegs], heldBy(shelf));
		const seat = built.seats.find((s) => s.carrier === 'c2')!;
		expect(seat.axis.map((v) => Math.round(v))).toEqual([0, 1, 0]);
		// Its first member is the shelf's joint: all of every ring.
		expect(seat.carriedBy.some((c) => c.member === 0 && c.share === 1)).toBe(true);
		// Their holes are bored in the shelf, from above, where they stand: `at` is from its front left corner.
		const board = built.parts.find((p) => p.id === 'c1-shelf')!;
		const [peg] = built.parts.filter((p) => p.id.startsWith('c2-peg'));
		const bores = board.features.filter((f) => f.kind === 'bore');
		expect(bores).toHaveLength(peg!.stands.length);
		for (const b of bores) {
			// A board lying flat: its back is its top.
			expect(b.from).toBe('back');
			// The shelf's own y runs out from the back.
			expect(b.at[1]).toBeCloseTo(Number(c1.params.depth) - 40, 6);
		}
		expect(bores.map((b) => b.at[0] + c1.at.x).sort((a, b) => a - b)).toEqual(
			peg!.stands.map((f) => expect.closeTo(f.at[0], 6))
		);
	});
});
