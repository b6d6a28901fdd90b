import type { CostSums } from '../cost-sums';
import type { Solver } from '../solver';
import { within } from '../within';
import { areaBound } from './area-bound';
import { Mixes, mixesOf, type Mix } from './mixes';
import type { Grid } from './patterns';
import type { Kinds, SheetProblem } from './problem';
import { SheetBound } from './sheet-bound';
import type { Packing } from './sheet-search';

/** The first is for what is soon seen; each takes several times as long as the one before. */
const GRIDS: readonly Grid[] = [
	{ cells: 60, keep: 4 },
	{ cells: 130, keep: 6 },
	{ cells: 300, keep: 12 }
];
/** Where everything costs the same the first is of little use: what counts there is how many sheets are full. */
const FIRST_OF_ONE_COST = 1;
/** The last is worth its time where the one before ended at most this much too low. */
const NEAR = 1.025;
/** Longest that one mix is looked into, seconds, and so many of them that are not ruled out. */
const EACH_MIX = 1;
const MOST_STANDING = 8;

interface Level {
	bound: SheetBound;
	mixes: Mixes;
}

/** What is known of how little sheets for all pieces can cost: more and more of it, by ever finer bounds. */
export class Proof {
	/** No plan costs less. */
	lower: number;
	readonly #levels: Level[] = [];
	/** Mixes that cannot hold everything. */
	readonly #out = new Set<string>();

	/** @param sums what can be bought for together */
	constructor(
		private readonly problem: SheetProblem,
		private readonly kinds: Kinds,
		private readonly sums: CostSums
	) {
		this.lower = areaBound(problem, kinds);
	}

	/** The same, brought up to what costs can be at all. */
	get bound(): number {
		return this.sums.atLeast(this.lower);
	}

	/**
	 * Raises the bound until it reaches a cost, or no more is to be had.
	 * @param packings of the same pieces, whose sheets it may begin with
	 */
	raise(to: number, solve: Solver, packings: readonly Packing[], secondsLeft: () => number): void {
		const isOpen = () => secondsLeft() > 0 && this.bound < to - 1e-9;
		const first = mixesOf(this.problem.stocks, 0, 0) ? 0 : FIRST_OF_ONE_COST;
		for (let k = first; k < GRIDS.length && isOpen(); k++) {
			const before = this.#levels[k - 1]?.bound;
			if (k === GRIDS.length - 1 && before && this.sums.atLeast(before.ceiling * NEAR) < to - 1e-9) return;
			const { bound, mixes } = (this.#levels[k] ??= this.#level(k, solve, packings));
			while (isOpen() && this.sums.atLeast(bound.ceiling) >= to - 1e-9) {
				const more = bound.step(secondsLeft());
				this.lower = Math.max(this.lower, bound.lower);
				if (!more) break;
			}
			this.#sift(to, mixes, isOpen, secondsLeft);
		}
	}

	/** What could be bought for less than a cost and was not ruled out, the cheapest first. */
	standing(below: number): Mix[] {
		const mixes = mixesOf(this.problem.stocks, this.bound, below) ?? [];
		return mixes.filter((m) => !this.#out.has(m.counts.join())).slice(0, MOST_STANDING);
	}

	#level(k: number, solve: Solver, packings: readonly Packing[]): Level {
		const coarser = this.#levels[k - 1]?.bound.begun ?? null;
		const bound = new SheetBound(this.problem, this.kinds, solve, packings, GRIDS[k] as Grid, coarser);
		return { bound, mixes: new Mixes(this.problem, this.kinds, bound.patterns, solve) };
	}

	/** Where several sizes are bought: goes through what could be bought for less, to rule it out. */
	#sift(to: number, mixes: Mixes, isOpen: () => boolean, secondsLeft: () => number): void {
		const list = mixesOf(this.problem.stocks, this.bound, to);
		if (!list) return;
		let standing = 0;
		for (const mix of list) {
			if (standing === 0) this.lower = Math.max(this.lower, mix.cost);
			if (!isOpen() || standing === MOST_STANDING) return;
			const key = mix.counts.join();
			if (this.#out.has(key)) continue;
			if (mixes.rulesOut(mix, within(secondsLeft, EACH_MIX))) this.#out.add(key);
			else standing++;
		}
		if (standing === 0) this.lower = Math.max(this.lower, to);
	}
}
