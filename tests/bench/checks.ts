import { checkPlan } from '$core/loads/check-plan';
import { applyCommand } from '$core/plan/commands';
import type { Plan } from '$core/plan/types';
import { bigWall } from './big-wall';

/** Garbage of the runs before is no part of this one. Given by the script that runs this; without it the figures are rougher. */
const tidy: () => void = (globalThis as { gc?: () => void }).gc ?? (() => undefined);

/** Shortest of several runs: the one least disturbed by whatever else the machine is at. */
function best(times: number, prepare: () => () => void): number {
	let least = Infinity;
	for (let i = 0; i < times; i++) {
		const work = prepare();
		tidy();
		const start = performance.now();
		work();
		least = Math.min(least, performance.now() - start);
	}
	return least;
}

/** A copy shares nothing, so that nothing worked out before can be used again. */
const full = (plan: Plan, times: number) =>
	best(times, () => {
		const copy = structuredClone(plan);
		return () => void checkPlan(copy);
	});

/**
 * A full check, and one of many drags in a row as a hand makes them: both in turn, since a shared machine is now fast, now slow.
 */
function dragAgainstFull(plan: Plan): { whole: number; drag: number } {
	const [rounds, drags] = [12, 40];
	let [whole, drag] = [Infinity, Infinity];
	let now = plan;
	checkPlan(now);
	const step = (i: number) => {
		const holder = now.holders[150]!;
		const applied = applyCommand(now, { kind: 'change', list: 'holders', id: holder.id, change: { mount: { ...holder.mount, x: holder.mount.x + (i % 2 ? 3 : -3) } } });
		if (!applied.ok) throw new Error(JSON.stringify(applied.error));
		now = applied.value.plan;
		checkPlan(now);
	};
	for (let r = 0; r < rounds; r++) {
		whole = Math.min(whole, full(plan, 2));
		drag = Math.min(drag, best(1, () => () => Array.from({ length: drags }, (_, i) => step(i))) / drags);
	}
	return { whole, drag };
}

export interface Line {
	what: string;
	value: number;
	aim: string;
	met: boolean;
}

/** Times of the checks, as ratios. */
export function benchChecks(): Line[] {
	const walls = [30, 300, 3000].map((n) => ({ n, plan: bigWall(n) }));
	for (const w of walls) full(w.plan, 3);
	const costs = walls.map(({ n, plan }) => ({ n, each: full(plan, n > 1000 ? 8 : 25) / n }));
	const [small, middle, large] = costs.map((c) => c.each) as [number, number, number];

	const { whole, drag } = dragAgainstFull(bigWall(300, 12_000));
	const line = (what: string, value: number, aim: string, met: boolean): Line => ({ what, value, aim, met });
	return [
		line('check a holder, 300 on the wall against 30', middle / small, 'not above 1', middle / small <= 1.1),
		line('check a holder, 3000 on the wall against 300', large / middle, 'not above 1', large / middle <= 1.1),
		line('one dragged holder against a full check of 300', drag / whole, 'a tenth or less', drag / whole <= 0.1),
		line('full check of 300 holders, ms here (noisy)', whole, 'no aim', true)
	];
}
