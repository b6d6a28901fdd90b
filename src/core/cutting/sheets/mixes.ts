import { cover, type Column } from '../covering';
import type { Solver } from '../solver';
import type { Worth } from './cell-bound';
import type { Patterns } from './patterns';
import type { Kinds, SheetProblem } from './problem';

/** How many are bought of each stock; 0 for what is owned. */
export interface Mix {
	counts: number[];
	cost: number;
}

/** More mixes than this are not gone through one by one. */
const MOST_MIXES = 2000;
/** Rounds of column generation for one mix. */
const MOST_ROUNDS = 60;

/**
 * All that could be bought at no less than one cost and for less than another, the cheapest first; null where that is
 * too much to go through, all costs the same, or what there is only some of costs something too.
 * @example mixesOf([{ cost: 2 ... }, { cost: 3 ... }], 4, 6).map((m) => m.counts) // [[2, 0], [1, 1]]
 */
export function mixesOf(stocks: SheetProblem['stocks'], from: number, below: number): Mix[] | null {
	const bought = [...stocks.keys()].filter((s) => stocks[s]?.count === Infinity);
	const costs = bought.map((s) => stocks[s]?.cost as number);
	if (new Set(costs).size < 2 || !costs.every((c) => c > 0)) return null;
	if (stocks.some((s) => s.count !== Infinity && s.cost > 0)) return null;
	if (Math.floor(below / Math.min(...costs)) ** costs.length > 1000 * MOST_MIXES) return null;
	const found: Mix[] = [];
	const counts = stocks.map(() => 0);
	const add = (k: number, cost: number): void => {
		if (found.length > MOST_MIXES) return;
		const stock = bought[k];
		if (stock === undefined) {
			if (cost >= from - 1e-9) found.push({ counts: [...counts], cost });
			return;
		}
		for (let n = 0; cost + n * (costs[k] as number) < below - 1e-9; n++) {
			counts[stock] = n;
			add(k + 1, cost + n * (costs[k] as number));
		}
		counts[stock] = 0;
	};
	add(0, 0);
	return found.length > MOST_MIXES ? null : found.sort((a, b) => a.cost - b.cost);
}

/** Prices of the pieces, and what they come to. */
interface Cut {
	value: readonly number[];
	/** What all pieces are worth that are not cut from what is owned. */
	wanted: number;
	/** What one of each stock is worth at most, as far as it was asked. */
	worths: Worth[];
}

/**
 * Shows of a mix of sheets that it cannot hold all pieces: at some prices of the pieces they are worth more together
 * than all its sheets at most. The prices are found like those of the bound for cost, with the pieces left over to be
 * least instead; those that ruled one mix out are tried on the next first.
 */
export class Mixes {
	readonly #cuts: Cut[] = [];
	readonly #undecided = new Set<string>();

	constructor(
		private readonly problem: SheetProblem,
		private readonly kinds: Kinds,
		private readonly patterns: Patterns,
		private readonly solve: Solver
	) {}

	/** @param secondsLeft at 0 it is left undecided, and not asked again */
	rulesOut(mix: Mix, secondsLeft: () => number): boolean {
		const key = mix.counts.join();
		if (this.#undecided.has(key)) return false;
		const isOut = this.#isOut(mix, secondsLeft);
		if (!isOut) this.#undecided.add(key);
		return isOut;
	}

	#isOut(mix: Mix, secondsLeft: () => number): boolean {
		if (this.#cuts.some((cut) => this.#isShort(mix, cut))) return true;
		for (let round = 0; round < MOST_ROUNDS && secondsLeft() > 0; round++) {
			const { value, from, leaves } = this.#prices(mix, secondsLeft());
			if (!value || leaves <= 1e-6) return false;
			const cut = this.#cut(value);
			if (this.#isShort(mix, cut)) {
				this.#cuts.unshift(cut);
				return true;
			}
			if (!this.#grow(mix, cut, from)) return false;
		}
		return false;
	}

	/** Prices at which the pieces left over are worth most, and how much that is by area. */
	#prices(mix: Mix, seconds: number): { value: number[] | null; from: readonly number[]; leaves: number } {
		const { columns, counts, seen } = this.patterns;
		const area = (i: number) => (this.kinds.area[i] as number) / this.#unit;
		const free = columns.map((c) => ({ ...c, cost: 0 }));
		const left: Column[] = counts.map((_, i) => ({ gives: this.patterns.patternOf([i]), cost: area(i), stock: -1 }));
		const stocks = this.problem.stocks.map(({ count }, s) => (count === Infinity ? (mix.counts[s] as number) : count));
		const relaxed = cover([...free, ...left], { counts, stocks }, this.solve, false, seconds);
		if (!relaxed.optimal) return { value: null, from: [], leaves: 0 };
		return { value: relaxed.duals.map((d, i) => (seen[i] ? d : 0)), from: relaxed.saves, leaves: relaxed.cost };
	}

	/** Areas are reckoned in the largest sheet, so that figures are neither huge nor tiny. */
	get #unit(): number {
		return Math.max(...this.kinds.area);
	}

	#cut(value: readonly number[]): Cut {
		const cut: Cut = { value, wanted: 0, worths: [] };
		const owned = this.problem.stocks.reduce(
			(sum, { count }, s) => (count === Infinity ? sum : sum + count * this.#worth(cut, s).value),
			0
		);
		return { ...cut, wanted: this.patterns.all(value) - owned };
	}

	#worth({ value, worths }: Cut, stock: number): Worth {
		return (worths[stock] ??= this.patterns.worth(stock, value));
	}

	/** Whether a mix is worth too little at the prices of a cut. */
	#isShort(mix: Mix, cut: Cut): boolean {
		const wanted = cut.wanted * (1 - 1e-6);
		let worth = 0;
		for (const [s, n] of mix.counts.entries()) {
			if (n === 0) continue;
			worth += n * this.#worth(cut, s).value;
			if (worth >= wanted) return false;
		}
		return worth < wanted;
	}

	/** Patterns that would leave less over. @returns whether there are such */
	#grow(mix: Mix, cut: Cut, from: readonly number[]): boolean {
		let fresh = false;
		for (const [s, { count }] of this.problem.stocks.entries()) {
			if (count === Infinity && mix.counts[s] === 0) continue;
			for (const gives of this.#worth(cut, s).patterns) {
				const own = gives.reduce((sum, n, i) => sum + n * (cut.value[i] as number), 0);
				if (own > (from[s] ?? 0) + 1e-6) fresh = this.patterns.add(gives, s) || fresh;
			}
		}
		return fresh;
	}
}
