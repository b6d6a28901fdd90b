import { CostSums } from '../cost-sums';
import type { Solver } from '../solver';
import { within } from '../within';
import type { Mix } from './mixes';
import { kindsOf, type SheetProblem } from './problem';
import { Proof } from './proof';
import { SheetSearch, type Packing } from './sheet-search';

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

/** A round of the search: packings made from scratch, of which the best is taken apart so often. */
interface Round {
	passes: number;
	repacks: number;
}

/** The first is short: of few pieces it mostly finds the best, and what is then proven need not be looked for. */
const FIRST: Round = { passes: 4, repacks: 20 };
const LATER: Round = { passes: 10, repacks: 200 };
/** Packings whose sheets the bound begins with. */
const MOST_POOL = 60;
/** Rounds of the search between two looks at what could be bought instead, and longest for one of these, seconds. */
const ROUNDS_A_MIX = 3;
const EACH_MIX = 0.5;

/** The search for one answer, with all that it has found so far. */
class Hunt {
	best: Packing;
	#how: SheetAnswer['how'] = 'area';
	readonly #pool: Packing[];
	readonly #search: SheetSearch;
	readonly #proof: Proof;

	constructor(
		private readonly problem: SheetProblem,
		private readonly budget: SheetBudget
	) {
		this.#search = new SheetSearch(problem, budget.random);
		const first = this.#search.first();
		if (!first) throw new RangeError('There is no stock that these pieces can be sawn from');
		this.best = first;
		this.#pool = [first];
		const { bounding = problem } = budget;
		const kinds = bounding === problem ? this.#search.kinds : kindsOf(bounding);
		this.#proof = new Proof(bounding, kinds, new CostSums(problem.stocks.map((s) => s.cost)));
	}

	get open(): boolean {
		return this.budget.secondsLeft() > 0 && !this.proven;
	}

	get proven(): boolean {
		return this.best.cost <= this.#proof.bound + 1e-9;
	}

	answer(): SheetAnswer {
		const { best, proven } = this;
		const bound = Math.min(best.cost, this.#proof.bound);
		return { packing: best, bound, proven, how: proven ? this.#how : 'bound only' };
	}

	/** One round: packings from scratch, and the best of them taken apart and filled anew, some sheets at a time. */
	round({ passes, repacks }: Round): void {
		let now: Packing | null = null;
		for (let i = 0; i < passes && this.open; i++) {
			const fresh = this.#search.anew(() => this.budget.secondsLeft() > 0);
			if (!fresh) continue;
			this.#take(fresh);
			if (!now || this.#search.betterThan(fresh, now)) now = fresh;
		}
		now ??= this.best;
		for (let i = 0; i < repacks && this.open; i++) {
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

	/** Raises the bound until it reaches the best there is, or no more is to be had. */
	prove(solve: Solver): void {
		this.#how = 'patterns';
		const { secondsLeft, bounding = this.problem } = this.budget;
		// Packings of another problem's pieces are no patterns of this one's.
		const packings = bounding === this.problem ? this.#pool : [];
		this.#proof.raise(this.best.cost, solve, packings, secondsLeft);
	}

	/** Where several sizes are bought: looks for a packing on what could be bought for less, the cheapest first. */
	mix(): void {
		for (const mix of this.#proof.standing(this.best.cost)) {
			if (!this.open || mix.cost >= this.best.cost - 1e-9) return;
			this.#build(mix);
		}
	}

	/** Looks for a packing on the sheets of a mix. */
	#build({ counts }: Mix): void {
		const { stocks } = this.problem;
		const there = [...stocks.keys()].filter((s) => stocks[s]?.count !== Infinity || (counts[s] as number) > 0);
		const had = there.map((s) => {
			const stock = stocks[s] as SheetProblem['stocks'][number];
			return stock.count === Infinity ? { ...stock, cost: 0, count: counts[s] as number } : stock;
		});
		const problem = { ...this.problem, stocks: [...had, ...stocks.filter((s) => s.count === Infinity)] };
		const { random, secondsLeft } = this.budget;
		const { packing } = fewestSheets(problem, { solve: null, random, secondsLeft: within(secondsLeft, EACH_MIX) });
		if (!packing.sheets.every((s) => s.stock < there.length)) return;
		const sheets = packing.sheets.map((s) => ({ ...s, stock: there[s.stock] as number }));
		this.#take({ sheets, cost: sheets.reduce((sum, s) => sum + (stocks[s.stock]?.cost ?? 0), 0) });
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
	hunt.round(FIRST);
	/** The cost at which something was last tried to be proven. */
	let triedAt = Infinity;
	let rounds = 0;
	while (hunt.open) {
		if (budget.solve && hunt.best.cost < triedAt) {
			triedAt = hunt.best.cost;
			hunt.prove(budget.solve);
			hunt.mix();
		} else {
			hunt.round(LATER);
			if (budget.solve && ++rounds % ROUNDS_A_MIX === 0) hunt.mix();
		}
	}
	return hunt.answer();
}
