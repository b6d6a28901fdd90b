import { cover, type Column } from '../covering';
import type { Solver } from '../solver';
import { areaBound, roomOf } from './area-bound';
import { Patterns, type Grid } from './patterns';
import type { Kinds, SheetProblem } from './problem';
import type { Packing } from './sheet-search';

/** How far prices are held at the best that are known. */
const SMOOTH = 0.7;
/** What sheets filled as coarser cells allow cost more than real ones: about as much as such cells are too generous. */
const DEARER = 0.02;

/** What a bound is begun with: prices of the pieces, and columns that need not be real. */
interface Begun {
	prices: readonly number[];
	columns: readonly Column[];
}

/**
 * A cost below which nothing can be cut: what pieces are worth at prices for which no sheet is worth more than it costs
 * (a dual solution of the relaxed covering by patterns, after Gilmore and Gomory 1965, made safe after Farley 1990).
 * The prices come from column generation, whose patterns are those of `CellBound`: at least all that can be cut right
 * through.
 */
export class SheetBound {
	/** No plan costs less. */
	lower: number;
	/** Begun so, the bound will not come above this, whatever time it is given. */
	ceiling = Infinity;
	readonly patterns: Patterns;
	/**
	 * Sheets that coarser cells found: some cannot be cut. At a little more than a sheet costs they hold the prices where
	 * they were from the first round; what the prices prove does not lean on them.
	 */
	readonly #guesses: Column[];
	/** The prices that prove most so far, and how much. */
	#best: number[];
	#bestProves = 0;

	constructor(
		private readonly problem: SheetProblem,
		kinds: Kinds,
		private readonly solve: Solver,
		packings: readonly Packing[],
		grid: Grid,
		from: Begun | null
	) {
		this.patterns = new Patterns(problem, kinds, packings, grid);
		this.#guesses = (from?.columns ?? []).map((c) => ({ ...c, cost: c.cost * (1 + DEARER) }));
		this.lower = areaBound(problem, kinds);
		const bought = problem.stocks.filter((s) => s.count === Infinity);
		const dearest = Math.max(0, ...bought.map((s) => s.cost / roomOf(s, kinds.kerf)));
		this.#best = [...kinds.area].map((a, i) => (this.patterns.seen[i] ? a * dearest : 0));
		if (from) this.#best = from.prices.map((p, i) => (this.patterns.seen[i] ? p : 0));
	}

	/** What a bound by finer cells may begin with. */
	get begun(): Begun {
		return { prices: this.#best, columns: this.patterns.found };
	}

	/**
	 * One round of column generation, at prices between those of the programme and the best that are known: its own
	 * swing widely (smoothing after Wentges 1997). False once no further round can raise the bound.
	 * @param seconds that the linear programme may take
	 */
	step(seconds: number): boolean {
		const { columns, counts, seen } = this.patterns;
		const stocks = this.problem.stocks.map((s) => s.count);
		const relaxed = cover([...columns, ...this.#guesses], { counts, stocks }, this.solve, false, seconds);
		if (!relaxed.optimal) return false;
		this.ceiling = relaxed.cost;
		const duals = relaxed.duals.map((d, i) => (seen[i] ? d : 0));
		const between = duals.map((d, i) => SMOOTH * (this.#best[i] as number) + (1 - SMOOTH) * d);
		const from = (s: number) => (this.problem.stocks[s]?.cost ?? 0) + (relaxed.saves[s] as number);
		return this.#price(between, duals, from) || this.#price(duals, duals, from);
	}

	/**
	 * What prices prove; and patterns that are worth more at the programme's own prices than it can use them from, which
	 * change it.
	 * @returns whether there are such
	 */
	#price(value: number[], duals: number[], from: (stock: number) => number): boolean {
		const { stocks } = this.problem;
		const { patterns } = this;
		const worths = stocks.map((_, s) => patterns.worth(s, value));
		let scale = 1;
		let fresh = false;
		for (const [s, { cost, count }] of stocks.entries()) {
			const { value: worth, patterns: found } = worths[s] as (typeof worths)[number];
			if (count === Infinity && worth > cost) scale = Math.min(scale, cost / worth);
			for (const gives of found) {
				const own = gives.reduce((sum, n, i) => sum + n * (duals[i] as number), 0);
				if (own > from(s) + 1e-6) fresh = patterns.add(gives, s) || fresh;
			}
		}
		const owned = stocks.reduce((sum, { cost, count }, s) => {
			const worth = worths[s]?.value ?? 0;
			return count === Infinity ? sum : sum + count * Math.max(0, scale * worth - cost);
		}, 0);
		const proves = scale * patterns.all(value) - owned;
		if (proves > this.#bestProves) {
			this.#bestProves = proves;
			this.#best = value.map((v) => v * scale);
		}
		this.lower = Math.max(this.lower, proves);
		return fresh;
	}
}
