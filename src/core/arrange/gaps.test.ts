import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { checkPlan } from '../checks/check-plan';
import { slipwayWall } from '../demo/slipway';
import { slipwayShop } from '../demo/slipway-shop';
import { holderFor } from '../holders/holder-for';
import { offerOf, usualRow } from '../holders/offers';
import { roomBoxes } from '../holders/room-boxes';
import { applyCommand } from '../plan/commands';
import type { Thing } from '../things/types';
import { placesById } from '../places/any-place';
import { boxesMeet } from '../solid/room';
import { gapsFor } from './gaps';

const plan = slipwayWall();
function offerFor(kind: string, thing: Thing, count: number) {
	const made = holderFor(kind, { thing, count, widest: 1200, unit: 'mm' }, 'offer');
	if (!made.ok) throw new Error(made.error);
	return offerOf(kind, kind, made.value, [], usualRow('mm'));
}
const keys = slipwayShop().things.find((t) => t.id === 'push-stick')!;

describe('small things in what a holder leaves free', () => {
	const offer = offerFor('pegs', keys, 1);
	const gaps = gapsFor(plan, offer.made, offer.built);

	it('are found on backs that hang already, each judged with them', () => {
		expect(gaps.length).toBeGreaterThan(0);
		for (const g of gaps) {
			expect(plan.holders.some((h) => h.id === g.holder)).toBe(true);
			expect(g.judged.stop).toBeUndefined();
			expect(g.judged.check?.margin).toBeGreaterThan(0);
		}
	});
	it('meet nothing of what is there, and bring no stop', () => {
		for (const g of gaps) {
			const done = applyCommand(plan, {
				kind: 'change',
				list: 'holders',
				id: g.holder,
				change: { carriers: g.carriers }
			});
			if (!done.ok) throw new Error(JSON.stringify(done.error));
			const { built } = placesById(done.value.plan).get(g.holder)!;
			expect(built.warnings.filter((w) => w.level === 'stop')).toEqual([]);
			const id = g.carriers.at(-1)!.id;
			const mine = roomBoxes(built).filter((b) => b.carrier === id);
			const theirs = roomBoxes(built).filter((b) => b.carrier !== null && b.carrier !== id);
			expect(mine.length).toBeGreaterThan(0);
			expect(mine.some((a) => theirs.some((b) => boxesMeet(a.box, b.box)))).toBe(false);
		}
	});
	it.each([1, 8, 15, 25, 40])('of %d kg take nothing from what hangs on the same row and studs', (mass) => {
		const heavy = offerFor('pegs', { ...keys, mass }, 1);
		const now = checkPlan(plan).holders;
		for (const g of gapsFor(plan, heavy.made, heavy.built)) {
			const change = { carriers: g.carriers };
			const done = applyCommand(plan, { kind: 'change', list: 'holders', id: g.holder, change });
			if (!done.ok) throw new Error('it was offered');
			for (const [id, h] of checkPlan(done.value.plan).holders)
				if (h.verdict === 'does-not-hold') expect(now.get(id)?.verdict, `${g.holder} ${id}`).toBe('does-not-hold');
		}
	});
	it('are not offered to what is larger than any back leaves', () => {
		const large = offerFor('covered-cabinet', FITTING['covered-cabinet']!, 12);
		expect(gapsFor(plan, large.made, large.built)).toEqual([]);
	});
});
