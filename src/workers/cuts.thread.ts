import { createRequire } from 'node:module';
import { parentPort, workerData } from 'node:worker_threads';
import { cutPlan } from '$core/cutting/cut-plan';
import type { Solver } from '$core/cutting/solver';
import type { CutTask } from './messages';

/** Cuts one plan on a thread of the server, and posts it. */
async function work({ plan, boards, buying, seconds, home }: CutTask): Promise<void> {
	const load = createRequire(home)('highs') as typeof import('highs').default;
	const highs = await load();
	const solve: Solver = (lp, options) => highs.solve(lp, options) as ReturnType<Solver>;
	const end = performance.now() + seconds * 1000;
	const secondsLeft = () => (end - performance.now()) / 1000;
	parentPort?.postMessage(cutPlan(plan, { solve, boards, buying, secondsLeft }));
}

void work(workerData as CutTask);
