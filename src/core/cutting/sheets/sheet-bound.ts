import { cover, type Column } from '../covering';
import type { Solver } from '../solver';
import { areaBound, roomOf, worthByArea } from './area-bound';
import { CellBound } from './cell-bound';
import { toHundredths, type Kinds, type SheetProblem } from './problem';
import type { Packing } from './sheet-search';

/**
 * Cells at most along the longer side, and boxes kept for each size: quick, and once that has come to its end,
 * fine.
 */
export const QUICK = { cells: 130, keep: 6 };
export const FINE = { cells: 300, keep: 12 };
/** How far prices are held at the best that are known. */
const SMOOTH = 0.7;
/** Columns of real sheets to begin with. */
const MOST_REAL = 500;

/**
 * A cost below which nothing can be cut: what pieces are worth at prices for which no sheet is worth more than it costs
 * (a dual solution of the relaxed covering by patterns, after Gilmore and Gomory 1965, made safe after Farley 1990).
 * The prices come from column generation, whose patterns are those of `CellBound`: at least all that can be cut right
 * through.
 */
export class SheetBound {
	/** No plan costs less. */
	lower: number;
	/** The bound will not come above this, whatever time it is given. */
	ceiling = Infinity;
	readonly #columns: Column[];
	readonly #seen: Set<string>;
	readonly #cells: (CellBound | null)[];
	readonly #seenPieces: boolean[];
	/** The prices that prove most so far, and how much. */
	#best: number[];
	#bestProves = 0;

	constructor(
		private readonly problem: SheetProblem,
		private readonly kinds: Kinds,
		private readonly solve: Solver,
		packings: readonly Packing[],
		grid: typeof QUICK,
		prices: readonly number[] | null
	) {
		this.#cells = problem.stocks.map((s) =>
			s.count === Infinity
				? new CellBound(kinds, toHundredths(s.length), toHundredths(s.width), grid.cells, grid.keep)
				: null
		);
		this.#seenPieces = Array.from({ length: kinds.n }, (_, i) => this.#cells.every((c) => !c?.unseen[i]));
		this.#seen = new Set();
		this.#columns = [];
		const real = packings.flatMap((p) => p.sheets).sort((a, b) => b.full - a.full);
		for (const s of real.slice(0, MOST_REAL)) this.#add(this.#patternOf(s.used), s.stock);
		// What one can buy of each piece by itself: a covering there always is.
		for (let i = 0; i < kinds.n; i++)
			for (const [stock, s] of problem.stocks.entries())
				if (s.count === Infinity && this.#fits(i, toHundredths(s.length), toHundredths(s.width)))
					this.#add(this.#patternOf([i]), stock);
		this.lower = areaBound(problem, kinds);
		const dearest = Math.max(
			0,
			...problem.stocks.filter((s) => s.count === Infinity).map((s) => s.cost / roomOf(s, kinds.kerf))
		);
		this.#best = [...kinds.area].map((a, i) => (this.#seenPieces[i] ? a * dearest : 0));
		if (prices) this.#best = [...prices];
	}

	/** The prices that prove most so far, one a kind of piece. */
	get prices(): readonly number[] {
		return this.#best;
	}

	#fits(i: number, L: number, W: number): boolean {
		const [l, w] = [this.kinds.l[i] as number, this.kinds.w[i] as number];
		return (l <= L && w <= W) || (this.kinds.turn[i] === 1 && w <= L && l <= W);
	}

	#add(gives: number[], stock: number): boolean {
		const key = `${stock} ${gives.join()}`;
		if (this.#seen.has(key)) return false;
		this.#seen.add(key);
		this.#columns.push({ gives, stock, cost: this.problem.stocks[stock]?.cost ?? 0 });
		return true;
	}

	/**
	 * One round of column generation, at prices between those of the programme and the best that are known: its own
	 * swing widely (smoothing after Wentges 1997). False once no further round can raise the bound.
	 * @param seconds that the linear programme may take
	 */
	step(seconds: number): boolean {
		const { problem, kinds } = this;
		const counts = [...kinds.count].map((n, i) => (this.#seenPieces[i] ? n : 0));
		const stocks = problem.stocks.map((s) => s.count);
		const relaxed = cover(this.#columns, { counts, stocks }, this.solve, false, seconds);
		if (!relaxed.optimal) return false;
		this.ceiling = relaxed.cost;
		const duals = relaxed.duals.map((d, i) => (this.#seenPieces[i] ? d : 0));
		const between = duals.map((d, i) => SMOOTH * (this.#best[i] as number) + (1 - SMOOTH) * d);
		return this.#price(between, duals) || this.#price(duals, duals);
	}

	#patternOf(used: readonly number[]): number[] {
		const gives = new Array<number>(this.kinds.n).fill(0);
		for (const i of used) gives[i] = (gives[i] as number) + 1;
		return gives;
	}

	/**
	 * What prices prove; and patterns that are worth more than they cost at the programme's own prices, which
	 * change it.
	 * @returns whether there are such
	 */
	#price(value: number[], duals: number[]): boolean {
		const { problem, kinds } = this;
		let scale = 1;
		let fresh = false;
		for (const [stock, cells] of this.#cells.entries()) {
			const cost = problem.stocks[stock]?.cost ?? 0;
			if (!cells) continue;
			const { value: worth, patterns } = cells.worth(value);
			if (worth > cost) scale = Math.min(scale, cost / worth);
			for (const gives of patterns) {
				const own = gives.reduce((sum, n, i) => sum + n * (duals[i] as number), 0);
				if (own > cost + 1e-6) fresh = this.#add(gives, stock) || fresh;
			}
		}
		const pieces = value.reduce((sum, v, i) => sum + v * (kinds.count[i] as number), 0);
		const owned = problem.stocks.reduce((sum, s) => {
			if (s.count === Infinity) return sum;
			const worth = scale * worthByArea(roomOf(s, kinds.kerf), value, kinds.area, kinds.count);
			return sum + s.count * Math.max(0, worth - s.cost);
		}, 0);
		const proves = scale * pieces - owned;
		if (proves > this.#bestProves) {
			this.#bestProves = proves;
			this.#best = value.map((v) => v * scale);
		}
		this.lower = Math.max(this.lower, proves);
		return fresh;
	}
}
