import { describe, expect, it } from 'vitest';
import { moreWalls } from '../demo/slipway-more';
import { placesById } from '../places/any-place';
import type { Plan, Rack } from '../plan/types';
import { levelsOf, swapped } from './levels';

const plan = moreWalls().find((p) => p.name.includes('lumber'))!;
const rack = plan.holders.find((h) => h.id === 'k1') as Rack;
const on = (of: Rack): Plan => ({ ...plan, holders: plan.holders.map((h) => (h.id === of.id ? of : h)) });
const levels = (of: Rack) => levelsOf(placesById(on(of)).get(of.id)!);

describe('levels of a rack', () => {
	it('are told lowest first, each with what lies there', () => {
		const all = levels(rack);
		const { params, loads } = rack.carriers[0]!;
		const ups = (params as { levels: number[] }).levels;
		expect(all).toHaveLength(ups.length);
		expect(all.map((l) => l.up)).toEqual([...all.map((l) => l.up)].sort((a, b) => a - b));
		expect(all.reduce((sum, l) => sum + (l.mass ?? 0), 0)).toBeCloseTo(
			loads.reduce((sum, l) => sum + (l.mass ?? 0) * l.count, 0),
			9
		);
	});
	it('change places, and change back', () => {
		const [low, high] = [levels(rack)[0]!, levels(rack).at(-1)!];
		const other = swapped(rack, low.group, high.group);
		const now = levels(other);
		expect([now[0]!.words, now.at(-1)!.words]).toEqual([high.words, low.words]);
		expect(now[0]!.words).not.toBe(low.words);
		expect(swapped(other, low.group, high.group)).toEqual(rack);
	});
	it('of nobody knows what weight say so', () => {
		const [first] = rack.carriers;
		const loads = first!.loads.map((l, i) => (i === 0 ? { ...l, mass: null, count: 1 } : l));
		const all = levels({ ...rack, carriers: [{ ...first!, loads }] });
		expect(all.find((l) => l.group === 0)!.mass).toBeNull();
	});
	it('that there are none of stay as they are', () => expect(swapped(rack, 0, 99)).toEqual(rack));
});
