import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import PQueue from 'p-queue';
import type { CutPlan } from '$core/cutting/cut-plan';
import type { Supply } from '$core/cutting/offers';
import type { Plan } from '$core/plan/types';
import code from '$workers/cuts.thread.ts?thread';
import type { CutTask } from '$workers/messages';
import { problem } from './problem';

/** A request may have the solver for so long; past it the best so far is given, with its bound. */
const SECONDS = 2;
/** A first plan of very many pieces takes longer than that; past this it is given up. */
const MOST_SECONDS = 60;
/** One thread fewer than there are processors: pages are served meanwhile. */
const THREADS = Math.max(1, availableParallelism() - 1);
/** More than these waiting are told to come back. */
const MOST_WAITING = 16;

const queue = new PQueue({ concurrency: THREADS });

/** One plan on a thread of its own. */
function onThread(task: CutTask, signal: AbortSignal): Promise<CutPlan> {
	return new Promise((resolve, reject) => {
		const worker = new Worker(code, { eval: true, workerData: task });
		const end = (settle: () => void) => {
			clearTimeout(late);
			signal.removeEventListener('abort', broken);
			settle();
			void worker.terminate();
		};
		const late = setTimeout(() => end(() => reject(new Error('The cut plan took too long'))), MOST_SECONDS * 1000);
		const broken = () => end(() => reject(new Error('Nobody waits for the cut plan any more')));
		signal.addEventListener('abort', broken);
		worker.once('message', (plan: CutPlan) => end(() => resolve(plan)));
		worker.once('error', (error) => end(() => reject(error)));
	});
}

/**
 * The cut plan of a plan, worked out on a thread of its own, after those that were asked for before it.
 * @param supply what the shop has, and at which prices the rest is bought
 * @param signal of the request: when nobody waits any more, the work ends
 * @returns the plan; or, where too many wait already, a response that says so
 */
export async function cutsOf(plan: Plan, supply: Supply, signal: AbortSignal): Promise<CutPlan | Response> {
	if (queue.size >= MOST_WAITING)
		return problem(
			503,
			{ title: 'Too much to cut', detail: `${queue.size} cut plans are waiting: ask again in a while` },
			{ 'retry-after': String(SECONDS) }
		);
	const task = { ...supply, plan, seconds: SECONDS, home: import.meta.url };
	return queue.add(() => onThread(task, signal), { signal, throwOnTimeout: true });
}
