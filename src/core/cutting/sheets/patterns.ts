import type { Column } from '../covering';
import { roomOf, worthByArea } from './area-bound';
import { CellBound, type Worth } from './cell-bound';
import { goesOn, toHundredths, type Kinds, type SheetProblem } from './problem';
import type { Packing } from './sheet-search';

/** Cells at most along the longer side, and boxes kept for each size. */
export interface Grid {
	cells: number;
	keep: number;
}

/** The grid of what is owned: mostly offcuts, on which little goes. */
const OWNED: Grid = { cells: 48, keep: 4 };
/** So many sizes of what is owned are looked at closely; others by their area. */
const MOST_OWNED = 8;
/** Columns of real sheets to begin with. */
const MOST_REAL = 500;

/**
 * Ways to fill each stock, as columns of a covering, and the most that one of it can be worth at any prices of the
 * pieces. What is owned is looked at like what is bought, where it is of few sizes.
 */
export class Patterns {
	readonly columns: Column[] = [];
	/** Whether the cells of every stock see a kind; others are worth nothing in a bound. */
	readonly seen: boolean[];
	readonly #keys = new Set<string>();
	readonly #first: number;
	readonly #cells: (CellBound | null)[];
	/** For each stock, whether a kind goes onto it. */
	readonly #goes: boolean[][];

	constructor(
		private readonly problem: SheetProblem,
		private readonly kinds: Kinds,
		packings: readonly Packing[],
		grid: Grid
	) {
		const { stocks } = problem;
		const sizes = stocks.map((s) => [toHundredths(s.length), toHundredths(s.width)] as const);
		const each = [...kinds.count.keys()];
		this.#goes = sizes.map(([l, w]) => each.map((i) => goesOn(kinds, i, l, w)));
		const owned = [...stocks.keys()].filter((s) => stocks[s]?.count !== Infinity);
		const large = new Set(owned.sort((a, b) => this.#room(b) - this.#room(a)).slice(0, MOST_OWNED));
		const cellsOf = (s: number, { cells, keep }: Grid) =>
			new CellBound(kinds, ...(sizes[s] as [number, number]), cells, keep);
		this.#cells = stocks.map(({ count }, s) => {
			if (count === Infinity) return cellsOf(s, grid);
			if (!large.has(s) || !this.#goes[s]?.includes(true)) return null;
			const cells = cellsOf(s, OWNED);
			return cells.unseen.includes(true) ? null : cells;
		});
		this.seen = each.map((i) => this.#cells.every((c) => !c?.unseen[i]));
		const real = packings.flatMap((p) => p.sheets).sort((a, b) => b.full - a.full);
		for (const s of real.slice(0, MOST_REAL)) this.add(this.patternOf(s.used), s.stock);
		// What one can buy of each piece by itself: a covering there always is.
		for (const i of each)
			for (const [s, { count }] of stocks.entries())
				if (count === Infinity && this.#goes[s]?.[i]) this.add(this.patternOf([i]), s);
		this.#first = this.columns.length;
	}

	#room(s: number): number {
		return roomOf(this.problem.stocks[s] as SheetProblem['stocks'][number], this.kinds.kerf);
	}

	/** Columns that were added since the first ones. */
	get found(): readonly Column[] {
		return this.columns.slice(this.#first);
	}

	/** @returns whether it is new */
	add(gives: number[], stock: number): boolean {
		const key = `${stock} ${gives.join()}`;
		if (this.#keys.has(key)) return false;
		this.#keys.add(key);
		this.columns.push({ gives, stock, cost: this.problem.stocks[stock]?.cost ?? 0 });
		return true;
	}

	patternOf(used: readonly number[]): number[] {
		const gives = new Array<number>(this.kinds.n).fill(0);
		for (const i of used) gives[i] = (gives[i] as number) + 1;
		return gives;
	}

	/** How many of each kind there are to cover. */
	get counts(): number[] {
		return [...this.kinds.count].map((n, i) => (this.seen[i] ? n : 0));
	}

	/** The most that one of a stock can be worth. @param value of one of each kind; 0 where it is not seen */
	worth(stock: number, value: readonly number[]): Worth {
		const { area, count } = this.kinds;
		const there = value.map((v, i) => (this.#goes[stock]?.[i] ? v : 0));
		const byArea = worthByArea(this.#room(stock), there, area, count);
		const cells = byArea > 0 ? this.#cells[stock] : null;
		if (!cells) return { value: byArea, patterns: [] };
		const { value: byCells, patterns } = cells.worth(value);
		return { value: Math.min(byArea, byCells), patterns };
	}

	/** What all pieces are worth together. */
	all(value: readonly number[]): number {
		return value.reduce((sum, v, i) => sum + v * (this.kinds.count[i] as number), 0);
	}
}
