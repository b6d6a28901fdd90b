import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { CARRIERS } from '../carriers/registry';
import type { Thing } from '../things/types';
import { sayPhrase } from '../units/phrase';
import { holderFor } from './holder-for';
import { stillFits } from './still-fits';

const made = (kind: string) => {
	const got = holderFor(kind, { thing: FITTING[kind]!, count: 3, widest: 1200, unit: 'mm' }, 'h');
	if (!got.ok) throw new Error(got.error);
	return got.value.holder.carriers[0]!;
};
const said = (kind: string, change: Partial<Thing>) =>
	stillFits(made(kind), 0, [{ ...FITTING[kind]!, ...change }]).map((p) => sayPhrase(p, 'mm'));

describe('a holder made for a thing that changes in the stock-take', () => {
	it.each(CARRIERS.map((c) => c.kind))('%s fits what it was made for', (kind) => expect(said(kind, {})).toEqual([]));

	it('says by how much a grip no longer goes in', () => {
		expect(said('slotted-shelf', { dims: { bar: 13, head: 40 } })).toEqual([
			'its bar, 13 mm, is 3 mm too large for the slot of 10 mm'
		]);
		expect(said('hole-shelf', { dims: { shank: 18, head: 19 } })).toEqual([
			'its head, 19 mm, is no wider than the hole of 20 mm: it falls through'
		]);
		expect(said('neck-fork', { dims: { neck: 48, seat: 86, halfDepth: 80 } })[0]).toMatch(
			/half depth, 80 mm, is 8 mm too/
		);
		expect(said('side-rod', { dims: { bore: 20, across: 110, roll: 50 } })[0]).toMatch(
			/its rod, 25 mm, is 5 mm too large/
		);
		expect(said('pegs', { dims: { hole: 15, thickness: 60 } })[0]).toMatch(/its peg, 25 mm, is 10 mm too large/);
		expect(said('flat-shelf', { dims: { baseWidth: 110, baseDepth: 140 } })[0]).toMatch(/depth, 140 mm, is 18 mm too/);
		expect(said('lip-ledge', { dims: { thickness: 90 } })[0]).toMatch(/depth, 90 mm/);
	});

	it('says a weight that is no longer what is counted, and a thing that is gone', () => {
		expect(said('slotted-shelf', { mass: 2 })).toEqual([
			expect.stringMatching(/^it weighs 2.* in the stock-take; 1.4 kg is counted here$/)
		]);
		expect(stillFits(made('slotted-shelf'), 0, []).map((p) => p.text)[0]).toMatch(/no more/);
	});
});
