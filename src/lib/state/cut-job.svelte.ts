import wasm from 'highs/runtime?url';
import type { CutPlan, CutProgress } from '$core/cutting/cut-plan';
import type { Plan } from '$core/plan/types';
import CutsWorker from '$workers/cuts.worker?worker';
import type { CutMessage, CutRequest } from '$workers/messages';

/** Longest the solver works on one wall before it gives the best it has. */
const SECONDS = 60;

/** The cut plan of the open wall, worked out aside; stopping it keeps the best so far. */
export class CutJob {
	plan = $state.raw<CutPlan | null>(null);
	progress = $state.raw<Pick<CutProgress, 'done' | 'of'> | null>(null);
	/** A whole plan of this very wall is there: stopping now would keep it. */
	found = $state(false);
	stopped = $state(false);
	failure = $state('');
	#worker: Worker | null = null;
	#of: Plan | null = null;

	/** Starts afresh unless this very plan is already cut or being cut. */
	run(plan: Plan): void {
		if (this.#of === plan && !this.stopped) return;
		this.#worker?.terminate();
		this.#of = plan;
		this.stopped = false;
		this.found = false;
		this.failure = '';
		this.progress = { done: 0, of: 1 };
		const worker = new CutsWorker();
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<CutMessage>) => {
			switch (data.kind) {
				case 'progress':
					this.progress = data.progress;
					this.plan = data.progress.best;
					this.found = true;
					return;
				case 'done':
					this.plan = data.plan;
					this.#end();
					return;
				case 'failed':
					this.failure = data.message;
					this.#end();
			}
		};
		worker.onerror = (event) => {
			this.failure = event.message || 'The cutting worker did not start';
			this.#end();
		};
		const request: CutRequest = { plan, seconds: SECONDS, wasm: new URL(wasm, location.href).href };
		worker.postMessage(request);
	}

	/** Ends the work; what was found stays. */
	stop(): void {
		this.stopped = this.progress !== null;
		this.#end();
	}

	#end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.progress = null;
	}
}
