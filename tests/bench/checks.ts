import { checkPlan } from '$core/checks/check-plan';
import { applyCommand } from '$core/plan/commands';
import { movedMount } from '$core/mounts/registry';
import type { Plan } from '$core/plan/types';
import { bigWall } from './big-wall';
import { rackWall } from './rack-wall';

/**
 * Garbage of the runs before is no part of this one. Given by the script that runs this; without it the figures are
 * rougher.
 */
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

/** Checks of one after another, garbage and all: what a full check and a drag cost alike while a hand is at work. */
function mean(times: number, prepare: () => (i: number) => void): number {
	return (
		best(1, () => {
			const work = prepare();
			return () => {
				for (let i = 0; i < times; i++) work(i);
			};
		}) / times
	);
}

/**
 * One of many drags as a hand makes them, of five holders in turn, and a full check: both in turn, since a shared
 * machine is now fast, now slow.
 * @param from the first of the five, by its place among the holders
 */
function dragAgainstFull(plan: Plan, from = 150): { whole: number; drag: number } {
	const rounds = 12;
	let [whole, drag] = [Infinity, Infinity];
	let now = plan;
	checkPlan(now);
	const step = (i: number) => {
		const holder = now.holders[from + (Math.floor(i / 2) % 5)]!;
		const applied = applyCommand(now, {
			kind: 'change',
			list: 'holders',
			id: holder.id,
			change: { mount: movedMount(holder.mount, i % 2 ? 3 : -3, 0) }
		});
		if (!applied.ok) throw new Error(JSON.stringify(applied.error));
		now = applied.value.plan;
		checkPlan(now);
	};
	for (let r = 0; r < rounds; r++) {
		whole = Math.min(
			whole,
			mean(4, () => {
				const copies = Array.from({ length: 4 }, () => structuredClone(plan));
				return (i) => void checkPlan(copies[i] as Plan);
			})
		);
		drag = Math.min(
			drag,
			mean(40, () => step)
		);
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
	const growth = (all: boolean) => {
		const walls = [30, 300, 3000].map((n) => ({ n, plan: bigWall(n, 28_000, all), least: Infinity }));
		// In turn: a shared machine is now fast, now slow.
		for (let round = 0; round < 12; round++)
			for (const w of walls) w.least = Math.min(w.least, full(w.plan, w.n > 1000 ? 1 : 3));
		return walls.map(({ n, least }) => least / n) as [number, number, number];
	};
	const [small, middle, large] = growth(false);
	const [smallAll, middleAll, largeAll] = growth(true);
	const plain = dragAgainstFull(bigWall(300, 12_000));
	const every = dragAgainstFull(bigWall(300, 12_000, true));
	const among = dragAgainstFull(rackWall());
	const rack = dragAgainstFull(rackWall(), 260);
	const line = (what: string, value: number, aim: string, met: boolean): Line => ({ what, value, aim, met });
	return [
		line('check a holder, 300 on the wall against 30', middle / small, 'not above 1', middle / small <= 1.1),
		line('check a holder, 3000 on the wall against 300', large / middle, 'not above 1', large / middle <= 1.1),
		line(
			'one dragged holder against a full check of 300',
			plain.drag / plain.whole,
			'a tenth or less',
			plain.drag / plain.whole <= 0.1
		),
		line(
			'full check of 300 holders with every check on, against the plain ones',
			every.whole / plain.whole,
			'no aim',
			true
		),
		line(
			'every check on: a holder, 300 on the wall against 30',
			middleAll / smallAll,
			'not above 1',
			middleAll / smallAll <= 1.1
		),
		line(
			'every check on: a holder, 3000 on the wall against 300',
			largeAll / middleAll,
			'not above 1',
			largeAll / middleAll <= 1.1
		),
		line(
			'every check on: one dragged holder against a full check of 300',
			every.drag / every.whole,
			'a tenth or less',
			every.drag / every.whole <= 0.1
		),
		line(
			'40 racks and 260 holders: one dragged holder against a full check',
			among.drag / among.whole,
			'a tenth or less',
			among.drag / among.whole <= 0.1
		),
		line(
			'40 racks and 260 holders: one dragged rack against a full check',
			rack.drag / rack.whole,
			'a tenth or less',
			rack.drag / rack.whole <= 0.1
		),
		line('full check of 300 holders with every check on, ms here (noisy)', every.whole, 'no aim', true)
	];
}
