import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { HELD } from '../../../tests/support/in-place';
import { CARRIERS } from '../carriers/registry';
import { roomIn } from '../kinds/room';
import type { HungHolder } from '../plan/types';
import { buildHolder } from './build';
import { holderFor } from './holder-for';
import { onSpareSeats } from './spare-seats';
import { together } from './together';

function made(kind: string, count: number, id: string): HungHolder {
	const found = holderFor(kind, { thing: { ...FITTING[kind]!, id }, count, widest: 1200, unit: 'mm' }, id);
	if (!found.ok) throw new Error(found.error);
	return { ...found.value.holder, name: id };
}
const kinds = CARRIERS.map((c) => c.kind);

describe('holders made for several things', () => {
	it('alike in what carries go on one back, side by side, each as far below the hook as it was', () => {
		const [a, b] = [made('hole-shelf', 3, 'gouge'), made('hole-shelf', 5, 'chisel')];
		const [one] = together([a, b], 1200);
		expect(one!.of).toEqual([0, 1]);
		const { back, carriers, name } = one!.holder;
		expect(name).toBe('gouge, chisel');
		expect(back.width).toBeCloseTo(a.back.width + b.back.width + 12, 9);
		expect(back.height).toBe(Math.max(a.back.height, b.back.height));
		expect(back.height - carriers[1]!.at.y).toBeCloseTo(b.back.height - b.carriers[0]!.at.y, 9);
		expect(carriers.map((c) => c.loads[0]!.thing)).toEqual(['gouge', 'chisel']);
	});

	it('of other kinds, too wide or too heavy together, stay apart', () => {
		expect(together([made('pegs', 2, 'a'), made('hole-shelf', 2, 'b')], 1200)).toHaveLength(2);
		const [wide, other] = [made('hole-shelf', 5, 'c'), made('hole-shelf', 5, 'd')];
		expect(together([wide, other], wide.back.width + other.back.width)).toHaveLength(2);
		const heavy = made('neck-fork', 4, 'e');
		// Four sprayers of 2.2 kg, and four more: 17.6 is over 12.
		expect(together([heavy, made('neck-fork', 4, 'f')], 5000)).toHaveLength(2);
	});

	it('lose nothing, and stand in one place with nothing else, whatever they are', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ kind: fc.constantFrom(...kinds), count: fc.integer({ min: 1, max: 6 }) }), {
					minLength: 1,
					maxLength: 6
				}),
				(asked) => {
					const all = asked.map(({ kind, count }, i) => made(kind, count, `t${i}`));
					const found = together(all, 1200);
					expect(found.flatMap((f) => f.of).sort()).toEqual(all.map((_, i) => i));
					const things = (hs: readonly HungHolder[]) =>
						hs.flatMap((h) => h.carriers.flatMap((c) => c.loads.map((l) => `${l.thing} ${l.count}`))).sort();
					expect(things(found.map((f) => f.holder))).toEqual(things(all));
					for (const { holder } of found) {
						expect(new Set(holder.carriers.map((c) => c.id)).size).toBe(holder.carriers.length);
						const { warnings } = buildHolder(holder.back, holder.carriers, { ...HELD, strips: holder.mount.strips });
						expect(warnings.filter((w) => w.level === 'stop')).toEqual([]);
					}
				}
			),
			{ seed: 14, numRuns: 60 }
		);
	});
});

describe('spare places', () => {
	it('take more of what is there already, as much as there is room for, in one holder after the other', () => {
		const [a, b] = [made('hole-shelf', 7, 'x'), made('hole-shelf', 7, 'x')];
		const room = roomIn(a.carriers[0]!)[0]!;
		expect(room).toBeGreaterThan(7);
		const spare = room - 7;
		const { filled, placed } = onSpareSeats([a, { ...b, id: 'other' }], 'x', spare + 1);
		expect(placed).toBe(spare + 1);
		expect(filled.map((f) => f.carriers[0]!.loads[0]!.count)).toEqual([room, 8]);
		expect(onSpareSeats([a], 'x', 99).placed).toBe(spare);
		expect(onSpareSeats([a], 'y', 3)).toEqual({ filled: [], placed: 0 });
	});
	it('of a carrier that has none left take nothing', () => {
		const full = made('neck-fork', 1, 'z');
		expect(roomIn(full.carriers[0]!)[0]).toBe(1);
		expect(onSpareSeats([full], 'z', 1).placed).toBe(0);
	});
});
