import wasm from 'highs/runtime?url';
import type { CutPlan, CutProgress } from '$core/cutting/cut-plan';
import type { Board } from '$core/lumber/board';
import { NO_PRICES, type Buying } from '$core/prices/ware';
import type { Cutting, Plan } from '$core/plan/types';
import CutsWorker from '$workers/cuts.worker?worker';
import type { CutMessage, CutRequest } from '$workers/messages';
import { askWorker } from './ask-worker';

/** Longest the solver works on one wall before it gives the best it has. */
const SECONDS = 60;

const sameBuying = (a: Buying, b: Buying) =>
	a.prices === b.prices && a.tax === b.tax && a.store === b.store && a.currency === b.currency;

/** What is said of cutting that changes nothing about the cuts. */
const OF_THE_BILL: readonly string[] = ['have', 'finish', 'over'] satisfies (keyof Cutting)[];

/** Whether two plans are cut alike: only their bills may differ. */
function sameCuts(a: Plan, b: Plan): boolean {
	if (a.wall !== b.wall || a.rows !== b.rows || a.holders !== b.holders) return false;
	const keys = [...Object.keys(a.cutting), ...Object.keys(b.cutting)] as (keyof Cutting)[];
	return keys.every((k) => OF_THE_BILL.includes(k) || a.cutting[k] === b.cutting[k]);
}

/** The cut plan of the open wall, worked out aside; stopping it keeps the best so far. */
export class CutJob {
	plan = $state.raw<CutPlan | null>(null);
	progress = $state.raw<Pick<CutProgress, 'done' | 'of'> | null>(null);
	/** A whole plan of this very wall is there: stopping now would keep it. */
	found = $state(false);
	stopped = $state(false);
	failure = $state('');
	#work: (() => void) | null = null;
	#of: Plan | null = null;
	#boards: readonly Board[] = [];
	/** What the plan that is shown was reckoned with. */
	buying = $state.raw<Buying>(NO_PRICES);

	/**
	 * Starts afresh unless this very plan is already cut or being cut from what the shop has.
	 * @param boards what the shop has: it is cut first
	 * @param buying at which prices the rest is bought
	 */
	run(plan: Plan, boards: readonly Board[], buying: Buying): void {
		if (this.#of && sameCuts(this.#of, plan) && this.#boards === boards && sameBuying(this.buying, buying)) {
			this.#of = plan;
			return;
		}
		this.#start(plan, boards, buying);
	}

	/** Goes on where it was stopped: what is proven stays, the rest is looked for further. */
	goOn(): void {
		if (this.#of) this.#start(this.#of, this.#boards, this.buying, this.plan ?? undefined);
	}

	#start(plan: Plan, boards: readonly Board[], buying: Buying, start?: CutPlan): void {
		this.#end();
		this.#of = plan;
		this.#boards = boards;
		this.buying = buying;
		this.stopped = false;
		this.found = false;
		this.failure = '';
		this.progress = { done: 0, of: 1 };
		const request: CutRequest = {
			plan,
			boards,
			buying,
			seconds: SECONDS,
			wasm: new URL(wasm, location.href).href,
			...(start ? { start } : {})
		};
		this.#work = askWorker<CutMessage>(new CutsWorker(), 'cuts', request, {
			hear: (message) => {
				if (message.kind === 'progress') {
					this.progress = message.progress;
					this.plan = message.progress.best;
					this.found = true;
				} else {
					this.plan = message.plan;
					this.#end();
				}
			},
			fail: (why) => {
				this.failure = why;
				this.#end();
			}
		});
	}

	/** Ends the work; what was found stays. */
	stop(): void {
		this.stopped = this.progress !== null;
		this.#end();
	}

	#end(): void {
		this.#work?.();
		this.#work = null;
		this.progress = null;
	}
}
