/** Sums beyond so many steps are all taken to be had: few are not, and the table stays small. */
const MOST_STEPS = 200_000;

/**
 * What several things can cost together, each bought any number of times: 3 and 5 never come to 4 or 7. A bound may be
 * brought up to the next such sum.
 */
export class CostSums {
	/** What all costs are whole numbers of; 0 where they are not. */
	readonly #step: number;
	readonly #steps: number[];
	/** Whether so many steps can be come to, as far as was asked. */
	readonly #had: boolean[] = [true];

	constructor(costs: readonly number[]) {
		const real = [...new Set(costs.filter((c) => c > 0))];
		this.#step = real.length > 0 && real.every(Number.isInteger) ? real.reduce(commonDivisor) : 0;
		this.#steps = real.map((c) => c / this.#step);
	}

	/**
	 * The least sum that is no less than a bound; the bound itself where costs are no whole numbers.
	 * @example new CostSums([400, 600]).atLeast(410) // 600
	 * @example new CostSums([3, 5]).atLeast(7) // 8
	 */
	atLeast(bound: number): number {
		if (this.#step === 0) return bound;
		let k = Math.max(0, Math.ceil(bound / this.#step - 1e-6));
		if (k > MOST_STEPS) return k * this.#step;
		while (!this.#comesTo(k)) k++;
		return k * this.#step;
	}

	#comesTo(k: number): boolean {
		for (let n = this.#had.length; n <= k; n++) this.#had.push(this.#steps.some((s) => this.#had[n - s] === true));
		return this.#had[k] === true;
	}
}

function commonDivisor(a: number, b: number): number {
	let [x, y] = [a, b];
	while (y > 0) [x, y] = [y, x % y];
	return x;
}
