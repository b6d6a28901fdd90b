import type { Kinds } from './problem';

/**
 * Kinds of piece in the order of what they are worth, those used up taken out, with their sizes side by side: what a
 * corner of a sheet costs to fill hardly rises with how many kinds there are.
 */
export class ByWorth {
	/** Those worth most first; so many of them as `length` says. */
	readonly order: Int32Array;
	length: number;
	/** Areas in the same order, where that is from large to small. */
	readonly #areas: Float64Array | null;
	/** Narrow sides in the same order. */
	readonly #narrow: Int32Array;

	/** @param value of one of each kind */
	constructor(
		private readonly kinds: Kinds,
		readonly value: Float64Array
	) {
		const { area, l, w } = kinds;
		this.order = Int32Array.from(value.keys()).sort((p, q) => at(value, q) - at(value, p));
		this.length = this.order.length;
		const areas = Float64Array.from(this.order, (i) => at(area, i));
		this.#areas = areas.every((a, q) => q === 0 || a <= at(areas, q - 1)) ? areas : null;
		this.#narrow = this.order.map((i) => Math.min(at(l, i), at(w, i)));
	}

	/**
	 * Takes out what is used up.
	 * @returns the narrow side of the narrowest piece left, hundredths of a mm; Infinity where there is none
	 */
	keep(left: Int32Array): number {
		const { order } = this;
		const [areas, narrow] = [this.#areas, this.#narrow];
		let narrowest = Infinity;
		let n = 0;
		for (let q = 0; q < this.length; q++) {
			const i = order[q] as number;
			if (left[i] === 0) continue;
			const side = narrow[q] as number;
			if (side < narrowest) narrowest = side;
			if (n < q) {
				order[n] = i;
				narrow[n] = side;
				if (areas) areas[n] = areas[q] as number;
			}
			n++;
		}
		this.length = n;
		return narrowest;
	}

	/** The first place at which a piece may go into a corner: those before are too large. */
	from(L: number, W: number): number {
		const areas = this.#areas;
		if (!areas) return 0;
		const { kerf } = this.kinds;
		const most = (L + kerf) * (W + kerf);
		let [low, high] = [0, this.length];
		while (low < high) {
			const middle = (low + high) >> 1;
			if ((areas[middle] as number) > most) low = middle + 1;
			else high = middle;
		}
		return low;
	}
}

const at = (a: ArrayLike<number>, i: number): number => a[i] as number;
