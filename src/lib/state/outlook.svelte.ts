import { adviceFor, type Advice } from '$core/checks/advice';
import { capacityOf, type Asked, type Capacity } from '$core/checks/capacity';
import { filledUp, type Filled } from '$core/checks/filled-up';
import type { Plan } from '$core/plan/types';
import { whenIdle } from './when-idle';

/** Longest a stretch of work may keep the page from answering, ms. */
const STRETCH = 8;
/** A press is often the start of a drag: nothing is tried until it has been quiet this long, ms. */
const QUIET = 250;

/**
 * How much more the picked holder or row could take, and what would make it hold: dozens of trials on the whole plan,
 * in idle moments.
 */
export class Outlook {
	advice = $state.raw<readonly Advice[]>([]);
	capacity = $state.raw<Capacity | null>(null);
	/** With every place taken; null where none is spare. */
	filled = $state.raw<Filled | null>(null);
	/** Still trying: what stands above may get more. */
	working = $state(false);
	#stop: (() => void) | undefined;

	/** Asks about something else; the last question is dropped. Null asks nothing. */
	ask(plan: Plan, asked: Asked | null): void {
		this.#stop?.();
		this.advice = [];
		this.capacity = null;
		this.filled = null;
		this.working = asked !== null;
		if (!asked) return;
		const quiet = setTimeout(() => this.#run(this.#all(plan, asked)), QUIET);
		this.#stop = () => clearTimeout(quiet);
	}

	*#all(plan: Plan, asked: Asked): Generator<void, void> {
		this.filled = filledUp(plan, asked);
		yield;
		this.capacity = yield* capacityOf(plan, asked);
		this.advice = yield* adviceFor(plan, asked);
		this.working = false;
	}

	#run(work: Generator<void, void>): void {
		this.#stop = whenIdle(() => {
			const until = performance.now() + STRETCH;
			while (performance.now() < until) if (work.next().done) return;
			this.#run(work);
		});
	}

	/** Asks nothing any more. */
	end(): void {
		this.#stop?.();
		this.working = false;
	}
}
