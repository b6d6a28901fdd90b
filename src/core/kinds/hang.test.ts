import { describe, expect, it } from 'vitest';
import { slipwayShop } from '../demo/slipway-shop';
import { newThing } from '../things/new-thing';
import { hangOn, unhang } from './hang';
import { loadOf, missingFor } from '../carriers/load-of';
import { carrierKind } from './registry';
import { spacingPositions, type Spacing } from '../carriers/spacing';

const pegs = carrierKind('pegs');
const five = { kind: 'pegs', params: pegs.start('mm'), loads: [] };
const trimmer = { ...newThing('t', 'Trimmer'), mass: 3, width: 120, height: 400, depth: 90, count: 1 };

describe('hanging a thing on a carrier', () => {
	it('brings its weight and all its measures along', () => {
		const spar = slipwayShop().things.find((t) => t.id === 'spar-clamp')!;
		const load = { name: 'spar clamp', thing: 'spar-clamp', mass: 1.1, depth: 45, width: 110, height: 620, count: 2 };
		expect(loadOf(spar, 2)).toEqual({ ok: true, value: load });
		expect(unhang(load)).not.toHaveProperty('thing');
	});
	it('says what is missing, and takes nothing of the last thing in its place', () => {
		const bare = { ...newThing('n', 'New'), mass: 2, height: 300 };
		expect(hangOn(five, 0, bare, 2)).toMatchObject({
			ok: false,
			error: expect.stringMatching(/^Its width, depth are not known/)
		});
		expect(missingFor(newThing('n', 'New'))).toEqual(['weight', 'width', 'height', 'depth']);
		expect(missingFor({ ...bare, width: 40, dims: { thickness: 20 } })).toEqual([]);
	});
	it('of which there is one takes one seat, however many there are', () => {
		const hung = hangOn(five, 0, trimmer, 1);
		expect(hung.ok && [hung.value.loads.map((l) => l.count), hung.value.over]).toEqual([[1], 0]);
	});
	it('says how many are over', () => {
		// Five seats of two.
		const hung = hangOn(five, 0, trimmer, 14);
		expect(hung.ok && [hung.value.loads[0]?.count, hung.value.over]).toEqual([10, 4]);
	});
	it('on pegs made for it has a pitch wider than it is, and pegs as long as its stack', () => {
		for (const count of [1, 3, 9]) {
			const made = pegs.fit?.({ thing: trimmer, count, widest: 1200, unit: 'mm' });
			if (!made?.ok) throw new Error(made?.error);
			const { params, seats, back } = made.value;
			const p = params as { width: number; spacing: Spacing; projection: number; stack: number };
			const xs = spacingPositions(p.width, p.spacing);
			xs.slice(1).forEach((x, i) => expect(x - (xs[i] as number)).toBeGreaterThanOrEqual(120));
			expect(p.projection).toBeGreaterThanOrEqual(p.stack * 90);
			expect(made.value.load.count).toBe(Math.min(count, seats));
			expect(back.width).toBeLessThanOrEqual(1200);
		}
	});
});
