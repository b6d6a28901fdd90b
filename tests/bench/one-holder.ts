import { CARRIERS } from '$core/carriers/registry';
import { checkPlan } from '$core/checks/check-plan';
import { slipwayShop } from '$core/demo/slipway-shop';
import { buildHolder } from '$core/holders/build';
import { holderFor } from '$core/holders/holder-for';
import { offersFor } from '$core/holders/offers';
import { project } from '$core/solid/project';
import { FITTING } from '../support/fitting-things';
import { heldBy } from '../support/in-place';
import { bigWall } from './big-wall';
import type { Line } from './checks';

const FRAME_MS = 1000 / 60;

/** Least of several runs. */
function least(times: number, work: () => void): number {
	let ms = Infinity;
	for (let i = 0; i < times; i++) {
		const start = performance.now();
		work();
		ms = Math.min(ms, performance.now() - start);
	}
	return ms;
}

const share = (what: string, ms: number, of: number): Line => ({
	what,
	value: ms / of,
	aim: '1 or less',
	met: ms <= of
});

/** A holder of each carrier with 24 seats, built and drawn from the front. */
function slowestHolder(): { kind: string; ms: number } {
	const all = CARRIERS.flatMap(({ kind }) => {
		const made = holderFor(kind, { thing: FITTING[kind]!, count: 24, widest: 9000, unit: 'mm' }, 'h');
		if (!made.ok) return [];
		const { holder } = made.value;
		return [
			{
				kind,
				ms: least(9, () => void project(buildHolder(holder.back, holder.carriers, heldBy(holder)).parts, 'front'))
			}
		];
	});
	return all.reduce((a, b) => (b.ms > a.ms ? b : a));
}

/** All offers for a thing of the stock-take, the slowest. */
function slowestOffers(): { name: string; ms: number } {
	const { things, tools } = slipwayShop();
	const all = things.map((thing) => ({
		name: thing.name,
		ms: least(5, () => void offersFor({ thing, count: thing.count, widest: 1200, unit: 'mm' }, tools, undefined, 3.2))
	}));
	return all.reduce((a, b) => (b.ms > a.ms ? b : a));
}

/** Heap that a checked wall takes, MB. */
function heapOf(holders: number): number {
	const tidy = (globalThis as { gc?: () => void }).gc ?? (() => undefined);
	tidy();
	const before = process.memoryUsage().heapUsed;
	const plan = bigWall(holders, 28_000, true);
	const kept = checkPlan(plan);
	tidy();
	const after = process.memoryUsage().heapUsed;
	return kept.holders.size > 0 ? (after - before) / 1e6 : 0;
}

/** What one holder costs: made, drawn, offered, kept. */
export function benchHolders(): Line[] {
	const made = slowestHolder();
	const offered = slowestOffers();
	return [
		share(`a holder of 24 seats built and drawn (${made.kind}), against a frame`, made.ms, FRAME_MS),
		share(`all offers for a thing (${offered.name}), against two frames`, offered.ms, 2 * FRAME_MS),
		share('heap of a checked wall of 3,000 mixed holders, against 300 MB', heapOf(3000), 300)
	];
}
