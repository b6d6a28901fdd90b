import { raisedTo, stepOf } from '../cost-steps';
import type { Solver } from '../solver';
import { areaBound } from './area-bound';
import { FINE, QUICK, SheetBound } from './sheet-bound';
import { SheetSearch, type Packing } from './sheet-search';
import { kindsOf, type Kinds, type SheetProblem } from './problem';

export interface SheetAnswer {
	packing: Packing;
	/** No plan costs less than this. */
	bound: number;
	proven: boolean;
	how: 'area' | 'patterns' | 'bound only';
}

export interface SheetBudget {
	/** Null where nothing is to be proven. */
	solve: Solver | null;
	/** Seconds left; 0 or less stops it at the best so far. */
	secondsLeft: () => number;
	onBetter?: (answer: SheetAnswer) => void;
	/** Another problem whose least cost is at most this one's, to be proven instead; the same where there is none. */
	bounding?: SheetProblem;
	/** Between 0 and 1; the same ones give the same answer as far as time allows. */
	random: () => number;
}

/** One round of the search: packings made from scratch, of which the best is taken apart so often. */
const PASSES = 10;
const REPACKS = 200;
/** Packings whose sheets the bound begins with. */
const MOST_POOL = 60;
/** A finer bound is worth its time where the quick one ended at most this much too low. */
const NEAR = 1.025;

/** The search for one answer, with all that it has found so far. */
class Hunt {
	best: Packing;
	lower: number;
	how: SheetAnswer['how'] = 'area';
	readonly #pool: Packing[];
	readonly #step: number;
	readonly #search: SheetSearch;
	readonly #bounding: SheetProblem;
	readonly #kinds: Kinds;
	#quick: SheetBound | null = null;
	#fine: SheetBound | null = null;

	constructor(
		private readonly problem: SheetProblem,
		private readonly budget: SheetBudget
	) {
		this.#search = new SheetSearch(problem, budget.random);
		const first = this.#search.first();
		if (!first) throw new RangeError('There is no stock that these pieces can be sawn from');
		this.best = first;
		this.#pool = [first];
		this.#step = stepOf(problem.stocks.map((s) => s.cost));
		const { bounding = problem } = budget;
		this.#bounding = bounding;
		this.#kinds = bounding === problem ? this.#search.kinds : kindsOf(bounding);
		this.lower = areaBound(bounding, this.#kinds);
	}

	get open(): boolean {
		return this.budget.secondsLeft() > 0 && !this.proven;
	}

	get proven(): boolean {
		return this.best.cost <= this.raised(this.lower) + 1e-9;
	}

	/** A bound brought up to what costs can be at all. */
	raised(x: number): number {
		return raisedTo(this.#step, x);
	}

	answer(): SheetAnswer {
		const { best, proven } = this;
		const bound = Math.min(best.cost, this.raised(this.lower));
		return { packing: best, bound, proven, how: proven ? this.how : 'bound only' };
	}

	/** One round: packings from scratch, and the best of them taken apart and filled anew, some sheets at a time. */
	round(): void {
		let now: Packing | null = null;
		for (let i = 0; i < PASSES && this.open; i++) {
			const fresh = this.#search.anew();
			if (!fresh) continue;
			this.#take(fresh);
			if (!now || this.#search.betterThan(fresh, now)) now = fresh;
		}
		now ??= this.best;
		for (let i = 0; i < REPACKS && this.open; i++) {
			now = this.#search.repack(now);
			this.#take(now);
		}
	}

	#take(p: Packing): void {
		if (this.#pool.length < MOST_POOL && p !== this.#pool.at(-1)) this.#pool.push(p);
		if (p.cost >= this.best.cost - 1e-9) return;
		this.best = p;
		this.budget.onBetter?.(this.answer());
	}

	/**
	 * Raises the bound until it reaches the best there is, or is seen not to: first a quick one; where that ends near, a
	 * finer one that begins with its prices.
	 */
	prove(solve: Solver): void {
		this.how = 'patterns';
		this.#quick ??= this.#bound(solve, QUICK, null);
		this.#raise(this.#quick);
		if (!this.open || this.raised(this.#quick.ceiling * NEAR) < this.best.cost - 1e-9) return;
		this.#fine ??= this.#bound(solve, FINE, this.#quick.prices);
		this.#raise(this.#fine);
	}

	#bound(solve: Solver, grid: typeof QUICK, prices: readonly number[] | null): SheetBound {
		// Packings of another problem's pieces are no patterns of this one's.
		const pool = this.#bounding === this.problem ? this.#pool : [];
		return new SheetBound(this.#bounding, this.#kinds, solve, pool, grid, prices);
	}

	#raise(bound: SheetBound): void {
		while (this.open && this.raised(bound.ceiling) >= this.best.cost - 1e-9) {
			const more = bound.step(this.budget.secondsLeft());
			this.lower = Math.max(this.lower, bound.lower);
			if (!more) return;
		}
	}
}

/**
 * The least cost of sheets to saw all pieces from, by cuts that go right through, with what is known of how little it
 * could be. There is an answer at once; it is bettered while there is time.
 * @throws RangeError when a piece fits no stock, or there is not stock enough
 * @example fewestSheets({ pieces: [{ length: 600, width: 400, count: 9, turn: true }], stocks: [{ length: 2440, width:
 * 1220, cost: 1, count: Infinity }], kerf: 3 }, budget).packing.cost // 1
 */
export function fewestSheets(problem: SheetProblem, budget: SheetBudget): SheetAnswer {
	const hunt = new Hunt(problem, budget);
	if (hunt.proven) return hunt.answer();
	budget.onBetter?.(hunt.answer());
	hunt.round();
	/** The cost at which something was last tried to be proven. */
	let triedAt = Infinity;
	while (hunt.open) {
		if (budget.solve && hunt.best.cost < triedAt) {
			triedAt = hunt.best.cost;
			hunt.prove(budget.solve);
		} else hunt.round();
	}
	return hunt.answer();
}
