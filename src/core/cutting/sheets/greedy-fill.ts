import { pair, type Box, type Kinds } from './problem';

/** Once one goes into a corner, so many more are looked at: of thousands, those of about its size. */
const MOST_LOOKS = 60;

/** How widely a fill looks about. */
export interface Breadth {
	/** How many pieces are tried in a corner, by depth; beyond the list one. */
	branch: readonly number[];
	/** How far values are shaken, 0 to 1: other answers every time. */
	noise: number;
	/** How much a piece counts for that leaves no useless strip beside it. */
	snug: number;
	random: () => number;
}

/** What one sheet was filled with: its box, null where nothing fits, and the kinds of its pieces. */
export interface Filled {
	value: number;
	box: Box | null;
	used: number[];
}

/**
 * Fills one rectangle with the pieces worth most, by cuts that go right through: a piece in a corner, one cut along it,
 * the other across, and the same again in both rests. Quick, and good where many small pieces are left.
 */
export class GreedyFill {
	#left: Int32Array = new Int32Array();
	#value: Float64Array = new Float64Array();
	#order: number[] = [];
	/** Areas in the same order, where that is from large to small. */
	#sizes: number[] | null = null;
	#least = 0;
	#used: number[] = [];

	constructor(
		private readonly kinds: Kinds,
		private readonly breadth: Breadth
	) {}

	/**
	 * @param left how many there are of each kind; what is used is taken off
	 * @param value of one of each kind; the same array for all sheets of one packing, of which there is ever less left
	 */
	fill(length: number, width: number, left: Int32Array, value: Float64Array): Filled {
		this.#left = left;
		// The next sheet of the same packing: what is worth what is in order already.
		const known = this.#value === value ? this.#order : [...left.keys()].sort((p, q) => at(value, q) - at(value, p));
		this.#value = value;
		this.#order = known.filter((i) => at(left, i) > 0);
		// In order of worth they are mostly in order of size as well: then those too large for a corner come first.
		const sizes = this.#order.map((i) => at(this.kinds.area, i));
		this.#sizes = sizes.every((a, q) => q === 0 || a <= at(sizes, q - 1)) ? sizes : null;
		this.#least = Math.min(...this.#order.map((i) => Math.min(at(this.kinds.l, i), at(this.kinds.w, i))));
		this.#used = [];
		const { value: got, box } = this.#fill(length, width, 0);
		return { value: got, box, used: this.#used };
	}

	#fill(L: number, W: number, depth: number): { value: number; box: Box | null } {
		const nothing = { value: 0, box: null };
		if (L < this.#least || W < this.#least) return nothing;
		const tries = this.#candidates(L, W, this.breadth.branch[depth] ?? 1);
		let best: { value: number; box: Box | null } = nothing;
		let bestUsed: number[] = [];
		const before = this.#used.length;
		for (const t of tries) {
			for (const dir of this.#ways(L, W, t, tries.length === 1)) {
				this.#take(t.item);
				const got = this.#split(L, W, t, dir, depth);
				if (got.value > best.value) {
					best = got;
					bestUsed = this.#used.slice(before);
				}
				for (const i of this.#used.splice(before)) (this.#left[i] as number)++;
			}
		}
		for (const i of bestUsed) this.#take(i);
		return best;
	}

	#take(i: number): void {
		(this.#left[i] as number)--;
		this.#used.push(i);
	}

	/** Which cut goes first; both are tried where there is time, else the one that keeps the larger rest whole. */
	#ways(L: number, W: number, { l, w }: Box, quick: boolean): ('x' | 'y')[] {
		if (L <= l) return ['y'];
		if (W <= w) return ['x'];
		if (!quick) return ['y', 'x'];
		const { kerf } = this.kinds;
		const [beside, above] = [Math.max(0, L - l - kerf), Math.max(0, W - w - kerf)];
		return [Math.max(L * above, beside * w) >= Math.max(beside * W, l * above) ? 'y' : 'x'];
	}

	#split(
		L: number,
		W: number,
		piece: Extract<Box, { kind: 'piece' }>,
		dir: 'x' | 'y',
		depth: number
	): { value: number; box: Box } {
		const { kerf } = this.kinds;
		const [beside, above] = [L - piece.l - kerf, W - piece.w - kerf];
		// The rest that the first cut leaves runs the whole way; the other is as long as the piece.
		const whole = dir === 'y' ? ([L, above] as const) : ([beside, W] as const);
		const part = dir === 'y' ? ([beside, piece.w] as const) : ([piece.l, above] as const);
		const larger = whole[0] * whole[1] >= part[0] * part[1];
		const first = this.#fill(...(larger ? whole : part), depth + 1);
		const second = this.#fill(...(larger ? part : whole), depth + 1);
		const [ofWhole, ofPart] = larger ? [first, second] : [second, first];
		const other = dir === 'y' ? 'x' : 'y';
		const row = ofPart.box ? pair(other, piece, ofPart.box, kerf) : piece;
		return {
			value: at(this.#value, piece.item) + ofWhole.value + ofPart.value,
			box: ofWhole.box ? pair(dir, row, ofWhole.box, kerf) : row
		};
	}

	/** The few pieces that promise most in this corner. */
	#candidates(L: number, W: number, most: number): Extract<Box, { kind: 'piece' }>[] {
		const { kinds, breadth } = this;
		const [left, values, order] = [this.#left, this.#value, this.#order];
		const found: { score: number; piece: Extract<Box, { kind: 'piece' }> }[] = [];
		const bonus = (1 + breadth.snug) * (1 + breadth.noise);
		let looks = 0;
		for (let q = this.#firstNoLarger((L + kinds.kerf) * (W + kinds.kerf)); q < order.length; q++) {
			const item = order[q] as number;
			if (left[item] === 0) continue;
			const value = values[item] as number;
			if (found.length === most && value * bonus < (found[most - 1]?.score ?? 0)) break;
			if (found.length > 0 && looks++ > MOST_LOOKS) break;
			const [a, b] = [kinds.l[item] as number, kinds.w[item] as number];
			for (let turned = 0; turned <= (kinds.turn[item] as number); turned++) {
				const l = turned ? b : a;
				const w = turned ? a : b;
				if (l > L || w > W) continue;
				const shaken = breadth.noise ? 1 + breadth.noise * (breadth.random() - 0.5) : 1;
				const score = value * this.#snugness(L, l) * this.#snugness(W, w) * shaken;
				const place = found.findIndex((f) => f.score < score);
				if (place < 0 && found.length >= most) continue;
				const piece = { kind: 'piece', item, turned: turned === 1, l, w } as const;
				found.splice(place < 0 ? found.length : place, 0, { score, piece });
				if (found.length > most) found.pop();
			}
		}
		return found.map((f) => f.piece);
	}

	/** The place in the order of the first piece with no more than an area. */
	#firstNoLarger(area: number): number {
		if (!this.#sizes) return 0;
		let [low, high] = [0, this.#sizes.length];
		while (low < high) {
			const middle = (low + high) >> 1;
			if (at(this.#sizes, middle) > area) low = middle + 1;
			else high = middle;
		}
		return low;
	}

	/** More than 1 where what is left beside the piece is too narrow for any other: little, and it is lost anyway. */
	#snugness(room: number, size: number): number {
		const beside = room - size - this.kinds.kerf;
		if (beside >= this.#least) return 1;
		return 1 + 0.5 * this.breadth.snug * (1 - (4 * Math.max(0, room - size)) / room);
	}
}

/** An entry that is there. */
const at = (a: { [i: number]: number }, i: number): number => a[i] as number;
