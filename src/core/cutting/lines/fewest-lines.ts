import { cover, type Column } from '../covering';
import { CostSums } from '../cost-sums';
import type { Solver } from '../solver';
import { worthiest } from './knapsack';
import { costOf, givesOf, roomOf, type Line, type LineProblem } from './line-problem';
import { LineSearch } from './line-search';
import { listPatterns } from './list-patterns';

export interface LineAnswer {
	lines: Line[];
	cost: number;
	/** No way to cut costs less. */
	bound: number;
	proven: boolean;
	/** How that is known; `bound only` where it is not. */
	how: 'length' | 'relaxation' | 'integer programme' | 'bound only';
}

export interface LineBudget {
	solve: Solver;
	/** Seconds left; 0 or less stops it at the best so far. */
	secondsLeft: () => number;
	onBetter?: (answer: LineAnswer) => void;
	random: () => number;
}

/** Patterns up to this number are listed in full, which makes the integer programme exact. */
const MOST_PATTERNS = 4000;
/** Rounds of column generation before it is given up as too slow. */
const MOST_ROUNDS = 600;
/** Searches between two looks at the clock's other uses. */
const SEARCHES = 60;

/** The work on one problem, with all that it has found so far. */
class Cutting {
	best: Line[];
	lower: number;
	how: LineAnswer['how'] = 'length';
	readonly #columns: Column[] = [];
	readonly #seen = new Set<string>();
	readonly #search: LineSearch;
	readonly #sums: CostSums;

	constructor(
		private readonly p: LineProblem,
		private readonly budget: LineBudget
	) {
		this.#search = new LineSearch(p, budget.random);
		const first = this.#search.first() ?? this.#search.anew(Infinity);
		if (!first) throw new RangeError('There is no stock that these pieces can be cut from');
		this.best = first;
		this.#sums = new CostSums(p.stocks.map((s) => s.cost));
		this.lower = this.#byLength();
	}

	get open(): boolean {
		return this.budget.secondsLeft() > 0 && !this.proven;
	}

	get proven(): boolean {
		return costOf(this.p, this.best) <= this.#sums.atLeast(this.lower) + 1e-9;
	}

	answer(): LineAnswer {
		const cost = costOf(this.p, this.best);
		const bound = Math.min(cost, this.#sums.atLeast(this.lower));
		return { lines: this.best, cost, bound, proven: this.proven, how: this.proven ? this.how : 'bound only' };
	}

	/** What is owned first, the rest at the cheapest price by length. */
	#byLength(): number {
		const { items, stocks, kerf } = this.p;
		let left = items.reduce((sum, i) => sum + i.count * (i.length + kerf), 0);
		let cost = 0;
		const price = (s: (typeof stocks)[number]) => s.cost / roomOf(s, kerf);
		for (const s of [...stocks].sort((a, b) => price(a) - price(b))) {
			const taken = Math.min(left, s.count * roomOf(s, kerf));
			cost += taken * price(s);
			left -= taken;
			if (left <= 0) break;
		}
		return cost;
	}

	take(lines: Line[] | null): void {
		if (!lines) return;
		for (const l of lines) this.#add(givesOf(l.items, this.p.items.length), l.stock);
		if (costOf(this.p, lines) >= costOf(this.p, this.best) - 1e-9) return;
		this.best = lines;
		this.budget.onBetter?.(this.answer());
	}

	search(times: number): void {
		for (let i = 0; i < times && this.open; i++)
			this.take(this.#search.anew(costOf(this.p, this.best), () => this.open));
	}

	#add(gives: readonly number[], stock: number): boolean {
		const key = `${stock} ${gives.join()}`;
		if (this.#seen.has(key)) return false;
		this.#seen.add(key);
		this.#columns.push({ gives, stock, cost: this.p.stocks[stock]?.cost ?? 0 });
		return true;
	}

	#cover(whole: boolean) {
		const wanted = { counts: this.p.items.map((i) => i.count), stocks: this.p.stocks.map((s) => s.count) };
		return cover(this.#columns, wanted, this.budget.solve, whole, this.budget.secondsLeft());
	}

	/** Every pattern there is, where they are few: the programme over them is exact. */
	list(): boolean {
		const lists = this.p.stocks.map((s) => listPatterns(this.p, s, MOST_PATTERNS));
		if (lists.some((l) => l === null)) return false;
		for (const [stock, patterns] of lists.entries()) for (const gives of patterns ?? []) this.#add(gives, stock);
		const relaxed = this.#cover(false);
		if (relaxed.optimal) this.#raise(relaxed.cost, 'relaxation');
		return true;
	}

	/** Patterns that matter, until no other could lower the relaxation: then it is a bound. */
	generate(): void {
		const { items, stocks, kerf } = this.p;
		this.take(this.best);
		for (const [i] of items.entries())
			for (const [stock, s] of stocks.entries())
				if (s.count === Infinity && (items[i]?.length ?? 0) + kerf <= roomOf(s, kerf))
					this.#add(givesOf([i], items.length), stock);
		for (let round = 0; round < MOST_ROUNDS && this.open; round++) {
			const relaxed = this.#cover(false);
			if (!relaxed.optimal || !this.#price(relaxed.duals, relaxed.cost)) return;
		}
	}

	/** Patterns worth more than they cost; and what the prices prove (a bound after Farley 1990). */
	#price(duals: readonly number[], relaxed: number): boolean {
		const { items, stocks, kerf } = this.p;
		const choices = items.map((i, k) => ({ size: i.length + kerf, value: at(duals, k), count: i.count }));
		const worth = stocks.map((s) => worthiest(choices, roomOf(s, kerf)));
		let scale = 1;
		for (const [k, s] of stocks.entries()) {
			const { value } = worth[k] as (typeof worth)[number];
			if (s.count === Infinity && value > s.cost) scale = Math.min(scale, s.cost / value);
		}
		const pieces = items.reduce((sum, i, k) => sum + i.count * at(duals, k), 0);
		const limited = stocks.reduce((sum, s, k) => {
			if (s.count === Infinity) return sum;
			return sum + s.count * Math.max(0, scale * (worth[k] as (typeof worth)[number]).value - s.cost);
		}, 0);
		this.#raise(scale * pieces - limited, 'relaxation');
		let fresh = false;
		for (const [k, { value, counts }] of worth.entries())
			if (value > (stocks[k]?.cost ?? 0) + 1e-7) fresh = this.#add(counts, k) || fresh;
		if (!fresh && stocks.every((s) => s.count === Infinity)) this.#raise(relaxed, 'relaxation');
		return fresh;
	}

	#raise(to: number, how: LineAnswer['how']): void {
		if (to <= this.lower) return;
		this.lower = to;
		this.how = how;
	}

	/** Whole boards over the patterns there are. */
	programme(exact: boolean): void {
		const whole = this.#cover(true);
		if (whole.times) this.take(this.#linesOf(whole.times));
		if (exact && whole.optimal) this.#raise(costOf(this.p, this.best), 'integer programme');
	}

	/** Boards from patterns and how often each is cut; pieces beyond what is wanted are left out. */
	#linesOf(times: readonly number[]): Line[] {
		const left = this.p.items.map((i) => i.count);
		const lines: Line[] = [];
		for (const [k, n] of times.entries()) {
			const { gives, stock } = this.#columns[k] as Column;
			for (let copy = 0; copy < n; copy++) {
				const items = gives.flatMap((a, i) => {
					const take = Math.min(a, at(left, i));
					left[i] = at(left, i) - take;
					return Array.from({ length: take }, () => i);
				});
				if (items.length > 0) lines.push({ stock, items });
			}
		}
		return lines;
	}
}

const at = (a: ArrayLike<number>, i: number): number => a[i] as number;

/**
 * The least cost of boards to cut pieces of given lengths from, with a kerf between pieces, and proof of it where
 * it can be had. Method: cutting-stock patterns (Gilmore and Gomory 1961). The relaxation gives a bound; an
 * integer programme over all patterns is exact; where there are too many to list, columns are generated, and
 * boards filled anew by values that learn, until the bound is met or time is up.
 * @throws RangeError when a piece is longer than any stock, or there is not stock enough
 * @example fewestLines({ items: [{ length: 1200, count: 2 }], stocks: [{ length: 2440, cost: 1, count: Infinity
 * }], kerf: 3 }, budget).cost // 1
 */
export function fewestLines(p: LineProblem, budget: LineBudget): LineAnswer {
	const cutting = new Cutting(p, budget);
	if (cutting.proven) return cutting.answer();
	budget.onBetter?.(cutting.answer());
	cutting.search(SEARCHES);
	if (!cutting.open) return cutting.answer();
	const exact = cutting.list();
	if (!exact) cutting.generate();
	if (cutting.open) cutting.programme(exact);
	while (cutting.open && !exact) {
		cutting.search(SEARCHES);
		if (cutting.open) cutting.programme(false);
	}
	return cutting.answer();
}
