import { describe, expect, it } from 'vitest';
import { moreWalls } from '../demo/slipway-more';
import { slipwayShop } from '../demo/slipway-shop';
import { holderFor } from '../holders/holder-for';
import { bestPlace } from './best-place';

const plan = moreWalls().find((p) => p.holders.some((h) => h.id === 'm1'))!;
const free = { ...plan, holders: plan.holders.filter((h) => h.id !== 'm1') };
const made = holderFor(
	'bolted-base',
	{ thing: slipwayShop().things.find((t) => t.id === 'grinder')!, count: 1, widest: 1200, unit: 'mm' },
	'new'
);

describe('a machine too heavy for one', () => {
	if (!made.ok) throw new Error(made.error);
	const { holder } = made.value;
	it('stands in the middle of its board', () => {
		const [carrier] = holder.carriers;
		const { holes, edge } = carrier!.params as { holes: { along: number }; edge: number };
		expect(carrier!.at.x + holes.along / 2 + edge).toBeCloseTo(holder.back.width / 2, 9);
		expect(carrier!.at.y).toBeCloseTo(holder.back.height / 2, 9);
	});
	it('goes where it is least to lift, though higher rows would hold it better', () => {
		const lowest = [...plan.rows].sort((a, b) => a.y - b.y)[0]!;
		expect(bestPlace(free, holder)?.mount.row).toBe(lowest.id);
	});
});
