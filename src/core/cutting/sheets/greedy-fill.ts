import { ByWorth } from './by-worth';
import { pair, type Box, type Kinds } from './problem';

/** How widely a fill looks about. */
export interface Breadth {
	/** How many pieces are tried in a corner, by depth; beyond the list one. */
	branch: readonly number[];
	/** Once one goes into a corner, so many more are looked at: of thousands, those of about its size. */
	looks: number;
	/** How far values are shaken, 0 to 1: other answers every time. */
	noise: number;
	/** How much a piece counts for that leaves no useless strip beside it. */
	snug: number;
	random: () => number;
}

/** A piece as it lies in a corner. */
type Lying = Extract<Box, { kind: 'piece' }>;

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
	#worth: ByWorth;
	#least = 0;
	#used: number[] = [];

	constructor(
		private readonly kinds: Kinds,
		private readonly breadth: Breadth
	) {
		this.#worth = new ByWorth(kinds, this.#value);
	}

	/**
	 * @param left how many there are of each kind; what is used is taken off
	 * @param value of one of each kind; the same array for all sheets of one packing, of which there is ever less left
	 */
	fill(length: number, width: number, left: Int32Array, value: Float64Array): Filled {
		this.#left = left;
		this.#value = value;
		// The next sheet of the same packing: what is worth what is in order already.
		if (this.#worth.value !== value) this.#worth = new ByWorth(this.kinds, value);
		this.#least = this.#worth.keep(left);
		this.#used = [];
		const { value: got, box } = this.#fill(length, width, 0);
		return { value: got, box, used: this.#used };
	}

	#fill(L: number, W: number, depth: number): { value: number; box: Box | null } {
		const nothing = { value: 0, box: null };
		if (L < this.#least || W < this.#least) return nothing;
		const tries = this.#candidates(L, W, this.breadth.branch[depth] ?? 1);
		const quick = tries.length === 1;
		let best: { value: number; box: Box | null } = nothing;
		let bestUsed: number[] | null = null;
		const before = this.#used.length;
		for (const t of tries) {
			const ways = this.#ways(L, W, t, quick);
			for (const dir of ways) {
				this.#take(t.item);
				const got = this.#split(L, W, t, dir, depth);
				if (quick && ways.length === 1) return got;
				if (got.value > best.value) {
					best = got;
					bestUsed = this.#used.slice(before);
				}
				for (const i of this.#used.splice(before)) (this.#left[i] as number)++;
			}
		}
		for (const i of bestUsed ?? []) this.#take(i);
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

	#split(L: number, W: number, piece: Lying, dir: 'x' | 'y', depth: number): { value: number; box: Box } {
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
			value: (this.#value[piece.item] as number) + ofWhole.value + ofPart.value,
			box: ofWhole.box ? pair(dir, row, ofWhole.box, kerf) : row
		};
	}

	/** The few pieces that promise most in this corner. */
	#candidates(L: number, W: number, most: number): Lying[] {
		const found: Lying[] = [];
		while (found.length < most) {
			const next = this.#candidate(L, W, found);
			if (!next) break;
			found.push(next);
		}
		return found;
	}

	/** The piece that promises most in this corner, and how it lies. */
	#candidate(L: number, W: number, without: readonly Lying[]): Lying | null {
		const { l: lengths, w: widths, turn, kerf } = this.kinds;
		const { noise, snug, random, looks: mostLooks } = this.breadth;
		const { order, length } = this.#worth;
		const [left, values] = [this.#left, this.#value];
		/** A piece longer or wider than this leaves nothing useful beside it. */
		const [snugL, snugW] = [L - kerf - this.#least, W - kerf - this.#least];
		const bonus = (1 + snug) * (1 + noise);
		let [best, item, isTurned] = [0, -1, false];
		let looks = 0;
		for (let q = this.#worth.from(L, W); q < length; q++) {
			const i = order[q] as number;
			if (left[i] === 0) continue;
			const value = values[i] as number;
			if (value * bonus < best) break;
			if (item >= 0 && looks++ >= mostLooks) break;
			let l = lengths[i] as number;
			let w = widths[i] as number;
			for (let ways = turn[i] as number; ways >= 0; ways--) {
				if (l <= L && w <= W) {
					let score = value;
					if (l > snugL) score *= this.#snugness(L, l);
					if (w > snugW) score *= this.#snugness(W, w);
					if (noise) score *= 1 + noise * (random() - 0.5);
					const turned = l !== lengths[i];
					if (score > best && !without.some((p) => p.item === i && p.turned === turned))
						[best, item, isTurned] = [score, i, turned];
				}
				[l, w] = [w, l];
			}
		}
		if (item < 0) return null;
		const [l, w] = [lengths[item] as number, widths[item] as number];
		return { kind: 'piece', item, turned: isTurned, l: isTurned ? w : l, w: isTurned ? l : w };
	}

	/** More than 1 where what is left beside the piece is too narrow for any other: little, and it is lost anyway. */
	#snugness(room: number, size: number): number {
		return 1 + 0.5 * this.breadth.snug * (1 - (4 * (room - size)) / room);
	}
}
