import { describe, expect, it } from 'vitest';
import { moreWalls } from '../demo/slipway-more';
import type { Rack } from '../plan/types';
import { compareStuff } from './compare-stuff';

const plan = moreWalls().find((p) => p.name.includes('lumber'))!;
const rack = plan.holders.find((h) => h.id === 'k1') as Rack;
const all = [...compareStuff(plan, rack)];

describe('a rod rack of other rods', () => {
	it('is itself among them, once', () => {
		expect(all.filter((s) => s.now)).toHaveLength(1);
		expect(all.find((s) => s.now)!.carriers).toEqual(rack.carriers);
		expect(new Set(all.map((s) => s.title)).size).toBe(all.length);
		expect(all.length).toBeGreaterThan(5);
	});
	it('holds less by a dowel than by steel of its size', () => {
		const margin = (title: string) => all.find((s) => s.title === title)!.judged!.check!.margin as number;
		expect(margin('16 mm birch dowel')).toBeLessThan(margin('16 mm steel rod'));
	});
	it('takes as many lengths as a pencil says', () => {
		const params = rack.carriers[0]!.params as { at: number[]; levels: number[]; out: number; embedded: number };
		const piece = params.out + params.embedded;
		const [pieces, kerf] = [params.at.length * params.levels.length, plan.cutting.kerf];
		// A conduit of 10 ft; a dowel of 1 m; a rod of 2 m.
		for (const [title, sold] of [
			['3/4 in steel conduit', 3048],
			['16 mm birch dowel', 1000],
			['16 mm steel rod', 2000]
		] as const) {
			let each = 0;
			for (let left = sold; left >= piece; left -= piece + kerf) each++;
			expect(all.find((s) => s.title === title)!.lengths).toBe(each === 0 ? null : Math.ceil(pieces / each));
		}
	});
	it('of a rack that is of one stuff alone there is none', () =>
		expect([...compareStuff(plan, plan.holders.find((h) => h.id === 'k2') as Rack)]).toEqual([]));
});
