import { withStrips } from '../plan/held';
import type { Strips } from '../plan/types';
import { heldBy } from '../../../tests/support/in-place';
import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { slipwayShop } from '../demo/slipway-shop';
import { sayPhrase } from '../units/phrase';
import { buildHolder } from './build';
import { holderFor } from './holder-for';
import { makeable, partLines, screwsOf, smallParts } from './made-of';

function shelf() {
	const made = holderFor(
		'slotted-shelf',
		{ thing: FITTING['slotted-shelf']!, count: 5, widest: 1200, unit: 'mm' },
		'h'
	);
	if (!made.ok) throw new Error(made.error);
	const { holder } = made.value;
	return { holder, built: buildHolder(holder.back, holder.carriers, heldBy(holder)) };
}

describe('what a holder is made of', () => {
	it('names every part with its size', () => {
		const said = partLines(shelf().built).map((l) => sayPhrase(l, 'mm'));
		// Five slots, head 40 and 14 for fingers apart: six gaps of 54.
		expect(said[0]).toBe('1 × face: 324 mm × 250 mm, 18 mm ply');
		expect(said).toContain('1 × shelf: 324 mm × 102 mm, 18 mm ply');
		expect(said.some((l) => /^2 × block: 82 mm × 56 mm, 18 mm ply$/.test(l))).toBe(true);
	});

	it('counts the screws of its hook and of its shelf', () => {
		const { holder, built } = shelf();
		expect(screwsOf(holder, built)).toEqual([
			{ size: '#8', length: 32, count: 3 },
			{ size: '#8', length: 50, count: 3 }
		]);
		const strips = (s: Partial<Strips>) => screwsOf({ mount: withStrips(holder, s) }, built)[0]?.count;
		expect(strips({ lockStrip: 'screwed', secondHook: true })).toBe(9);
		expect(strips({ lockStrip: 'loose' })).toBe(3);
	});

	it('holds every operation against the tools, what cannot be done first', () => {
		const { built } = shelf();
		const bare = makeable(built, []);
		expect(bare[0]?.answer.can).toBe('no');
		expect(bare.filter((j) => j.operation.kind === 'slot').map((j) => j.times)).toEqual([5]);
		const owned = makeable(built, slipwayShop().tools);
		expect(owned.map((j) => j.operation.kind)).toContain('rip');
		expect(owned.every((j, i) => i === 0 || rank(owned[i - 1]!.answer.can) <= rank(j.answer.can))).toBe(true);
	});

	it('takes brads for what is glued on, and brackets as they are bought', () => {
		const said = (parts: Parameters<typeof smallParts>[0]) =>
			smallParts(parts).map((s) => `${s.count} ${sayPhrase(s.what, 'mm')}`);
		// Two blocks of 82 by 56: two brads each, through 18 and most of that again.
		expect(said(shelf().built.parts)).toEqual(['4 brads, 32 mm']);
		const { holder } = shelf();
		const [carrier] = holder.carriers;
		const support = { kind: 'brackets', count: 2, height: 60, out: 70, rated: 12 };
		const on = [{ ...carrier!, params: { ...carrier!.params, support } }];
		const { parts } = buildHolder(holder.back, on, heldBy(holder));
		expect(said(parts)).toEqual(['2 bracket with its screws, 60 mm × 70 mm']);
		expect(smallParts(parts).map((s) => sayPhrase(s.note, 'mm'))[0]).toBe('one that carries 118 N by its maker');
	});
});
const rank = (can: string) => ['no', 'unknown', 'yes'].indexOf(can);
