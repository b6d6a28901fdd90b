import type { Kinds } from './problem';

/** Kinds that are told apart in a box; of others any number may be counted, which only makes the bound lower. */
const MARKED = 64;

/** What one sheet could at most be worth, and pieces that come to that much: a kind may be in it too often. */
export interface Worth {
	value: number;
	/** Patterns of the best boxes, how many of each kind. */
	patterns: number[][];
}

/** A size in cells of a room that has so many: the dual feasible function that all this rests on. */
function roundedDown(size: number, room: number, cells: number): number {
	return Math.max(0, Math.ceil(((cells + 1) * size) / room - 1e-9) - 1);
}

/** How a piece is counted that may lie both ways: mostly as it takes fewer cells, since it will. */
const AS_IT_SUITS = 0.7;

/** The numbers of cells, up to a most along the longer side, at which rounding down loses least of the pieces. */
function bestCells({ n, l, w, turn, count, kerf }: Kinds, length: number, width: number, most: number) {
	const [L, W] = [length + kerf, width + kerf];
	const [alongMost, acrossMost] = [(most * L) / Math.max(L, W), (most * W) / Math.max(L, W)].map((x) =>
		Math.max(2, Math.floor(x))
	) as [number, number];
	let best: [number, number] = [alongMost, acrossMost];
	let bestShare = 0;
	for (let X = Math.max(2, Math.round(alongMost * 0.3)); X <= alongMost; X++) {
		for (let Y = Math.max(2, Math.round(acrossMost * 0.3)); Y <= acrossMost; Y++) {
			let cells = 0;
			for (let i = 0; i < n; i++) {
				const [a, b] = [(l[i] as number) + kerf, (w[i] as number) + kerf];
				const lies = a <= L && b <= W ? roundedDown(a, L, X) * roundedDown(b, W, Y) : Infinity;
				const turned = turn[i] && b <= L && a <= W ? roundedDown(b, L, X) * roundedDown(a, W, Y) : Infinity;
				const [less, more] = [Math.min(lies, turned), Math.max(lies, turned)];
				const counted = more === Infinity ? less : AS_IT_SUITS * less + (1 - AS_IT_SUITS) * more;
				if (counted < Infinity) cells += counted * (count[i] as number);
			}
			if (cells / (X * Y) > bestShare) [bestShare, best] = [cells / (X * Y), [X, Y]];
		}
	}
	return best;
}

/**
 * At least as much as any way to cut one rectangle right through is worth. Sizes are rounded down to cells by f(x)
 * = ceil((n + 1) x / L) - 1, for which f(a) + f(b) <= f(a + b) and f(L) = n (a dual feasible function, after
 * Fekete and Schepers 2001), so whatever can be cut can be cut in cells as well. For every size in cells the boxes
 * worth most are kept with their pieces, so that no piece counts twice in what is put together; what does not fit
 * into the list is represented by one entry worth as much as any of it, of which no pieces are known.
 */
export class CellBound {
	readonly #X: number;
	readonly #Y: number;
	readonly #x: Int32Array;
	readonly #y: Int32Array;
	readonly #value: Float64Array;
	readonly #s0: Int32Array;
	readonly #s1: Int32Array;
	readonly #from: Int32Array;
	readonly #with: Int32Array;
	readonly #count: Uint8Array;
	/** Worth of all that the list has no room for; it comes behind the list, at place `keep`. */
	readonly #wild: Float64Array;
	readonly #newX: Uint8Array;
	readonly #newY: Uint8Array;
	readonly #stride: number;
	readonly #least: [number, number];

	/**
	 * @param length of the rectangle, hundredths of a mm
	 * @param cells at most along the longer side
	 * @param keep boxes in each list
	 */
	constructor(
		private readonly kinds: Kinds,
		length: number,
		width: number,
		cells: number,
		private readonly keep: number
	) {
		const { n, kerf } = kinds;
		[this.#X, this.#Y] = bestCells(kinds, length, width, cells);
		const cellsOf = (size: number, room: number, into: number) => roundedDown(size + kerf, room + kerf, into);
		// As it lies, then turned.
		this.#x = new Int32Array(2 * n).fill(-1);
		this.#y = new Int32Array(2 * n).fill(-1);
		let least: [number, number] = [this.#X, this.#Y];
		const lie = (at: number, l: number, w: number) => {
			if (l > length || w > width) return;
			const [x, y] = [cellsOf(l, length, this.#X), cellsOf(w, width, this.#Y)];
			this.#x[at] = x;
			this.#y[at] = y;
			least = [Math.min(least[0], x), Math.min(least[1], y)];
		};
		for (let i = 0; i < n; i++) {
			const [l, w] = [kinds.l[i] as number, kinds.w[i] as number];
			lie(i, l, w);
			if (kinds.turn[i]) lie(n + i, w, l);
		}
		this.#least = [Math.max(1, least[0]), Math.max(1, least[1])];
		this.#stride = keep + 1;
		const all = (this.#X + 1) * (this.#Y + 1);
		const entries = all * this.#stride;
		this.#value = new Float64Array(entries);
		this.#s0 = new Int32Array(entries);
		this.#s1 = new Int32Array(entries);
		this.#from = new Int32Array(entries);
		this.#with = new Int32Array(entries);
		this.#count = new Uint8Array(all);
		this.#wild = new Float64Array(all);
		this.#newX = new Uint8Array(all);
		this.#newY = new Uint8Array(all);
	}

	/**
	 * Kinds so small that the cells do not see them: they are worth nothing here, and are to be left out of a
	 * bound.
	 */
	get unseen(): boolean[] {
		const tiny = (at: number) => this.#x[at] === 0 || this.#y[at] === 0;
		return Array.from({ length: this.kinds.n }, (_, i) => tiny(i) || tiny(this.kinds.n + i));
	}

	/** @param value of one of each kind */
	worth(value: readonly number[]): Worth {
		this.#count.fill(0);
		this.#wild.fill(0);
		const leaves = this.#leaves(value);
		const [mx, my] = this.#least;
		for (let y = my; y <= this.#Y; y++) for (let x = mx; x <= this.#X; x++) this.#cell(x, y, leaves);
		const c = this.#Y * (this.#X + 1) + this.#X;
		const first = c * this.#stride;
		const patterns: number[][] = [];
		for (let e = 0; e < (this.#count[c] as number); e++) patterns.push(this.#pattern(first + e));
		if ((this.#wild[c] as number) > 0) patterns.push(this.#pattern(first + this.keep));
		return { value: this.#top(c), patterns };
	}

	#top(c: number): number {
		const listed = this.#count[c] === 0 ? 0 : (this.#value[c * this.#stride] as number);
		return Math.max(listed, this.#wild[c] as number);
	}

	#leaves(value: readonly number[]): Map<number, { i: number; v: number; s0: number; s1: number }[]> {
		const { n, count } = this.kinds;
		const order = [...Array(n).keys()]
			.filter((i) => (value[i] as number) > 0)
			.sort((p, q) => (value[q] as number) - (value[p] as number));
		const at = new Map<number, { i: number; v: number; s0: number; s1: number }[]>();
		let marks = 0;
		for (const i of order) {
			const mark = count[i] === 1 && marks < MARKED ? marks++ : -1;
			const s0 = mark >= 0 && mark < 32 ? 1 << mark : 0;
			const s1 = mark >= 32 ? 1 << (mark - 32) : 0;
			for (const lying of [i, n + i]) {
				const [x, y] = [this.#x[lying] as number, this.#y[lying] as number];
				if (x < 0) continue;
				const c = y * (this.#X + 1) + x;
				at.set(c, [...(at.get(c) ?? []), { i, v: value[i] as number, s0, s1 }]);
			}
		}
		return at;
	}

	#cell(x: number, y: number, leaves: Map<number, { i: number; v: number; s0: number; s1: number }[]>): void {
		const S = this.#X + 1;
		const c = y * S + x;
		const [mx, my] = this.#least;
		this.#inherit(c, c - 1);
		this.#inherit(c, c - S);
		for (const { i, v, s0, s1 } of leaves.get(c) ?? []) this.#insert(c, v, s0, s1, -1 - i, -1);
		for (let a = mx; a * 2 <= x; a++) if (this.#newX[y * S + a]) this.#combine(c, y * S + a, c - a);
		for (let a = my; a * 2 <= y; a++) if (this.#newY[a * S + x]) this.#combine(c, a * S + x, c - a * S);
		this.#newX[c] = this.#same(c, c - 1) ? 0 : 1;
		this.#newY[c] = this.#same(c, c - S) ? 0 : 1;
	}

	#same(c: number, d: number): boolean {
		const n = this.#count[c] as number;
		if (n !== this.#count[d] || this.#wild[c] !== this.#wild[d]) return false;
		const [o, p] = [c * this.#stride, d * this.#stride];
		for (let e = 0; e < n; e++) {
			if (this.#value[o + e] !== this.#value[p + e]) return false;
			if (this.#s0[o + e] !== this.#s0[p + e] || this.#s1[o + e] !== this.#s1[p + e]) return false;
		}
		return true;
	}

	#inherit(c: number, d: number): void {
		const o = d * this.#stride;
		for (let e = o; e < o + (this.#count[d] as number); e++)
			this.#insert(
				c,
				this.#value[e] as number,
				this.#s0[e] as number,
				this.#s1[e] as number,
				this.#from[e] as number,
				this.#with[e] as number
			);
		const w = o + this.keep;
		this.#setWild(c, this.#wild[d] as number, this.#from[w] as number, this.#with[w] as number);
	}

	#combine(c: number, a: number, b: number): void {
		const [na, nb] = [this.#count[a] as number, this.#count[b] as number];
		const [oa, ob] = [a * this.#stride, b * this.#stride];
		const [ta, tb] = [this.#top(a), this.#top(b)];
		if (ta + tb <= (this.#wild[c] as number)) return;
		const [wa, wb] = [this.#wild[a] as number, this.#wild[b] as number];
		if (wa > 0) this.#setWild(c, wa + tb, oa + this.keep, nb > 0 ? ob : ob + this.keep);
		if (wb > 0) this.#setWild(c, ta + wb, na > 0 ? oa : oa + this.keep, ob + this.keep);
		for (let p = oa; p < oa + na; p++) {
			const va = this.#value[p] as number;
			if (va + tb <= (this.#wild[c] as number)) return;
			for (let q = ob; q < ob + nb; q++) {
				const v = va + (this.#value[q] as number);
				if (v <= (this.#wild[c] as number)) break;
				if (((this.#s0[p] as number) & (this.#s0[q] as number)) !== 0) continue;
				if (((this.#s1[p] as number) & (this.#s1[q] as number)) !== 0) continue;
				const s0 = (this.#s0[p] as number) | (this.#s0[q] as number);
				const s1 = (this.#s1[p] as number) | (this.#s1[q] as number);
				this.#insert(c, v, s0, s1, p, q);
			}
		}
	}

	#setWild(c: number, v: number, from: number, also: number): void {
		if (v <= (this.#wild[c] as number)) return;
		this.#wild[c] = v;
		const o = c * this.#stride;
		this.#from[o + this.keep] = from;
		this.#with[o + this.keep] = also;
		// What is worth no more than the unknown has nothing to add.
		let n = this.#count[c] as number;
		while (n > 0 && (this.#value[o + n - 1] as number) <= v) n--;
		this.#count[c] = n;
	}

	/** Into the list, unless a box with no other pieces is worth as much; those it is better than go. */
	#insert(c: number, v: number, s0: number, s1: number, from: number, also: number): void {
		if (v <= (this.#wild[c] as number) + 1e-12) return;
		const o = c * this.#stride;
		let n = this.#count[c] as number;
		let place = n;
		for (let q = 0; q < n; q++) {
			if ((this.#value[o + q] as number) < v) {
				place = q;
				break;
			}
			if (((this.#s0[o + q] as number) & ~s0) === 0 && ((this.#s1[o + q] as number) & ~s1) === 0) return;
		}
		let end = place;
		for (let q = place; q < n; q++) {
			if ((s0 & ~(this.#s0[o + q] as number)) === 0 && (s1 & ~(this.#s1[o + q] as number)) === 0) continue;
			if (q !== end) this.#copy(o + q, o + end);
			end++;
		}
		n = end;
		if (n === this.keep) {
			if (place === n) return this.#setWild(c, v, from, also);
			const last = o + n - 1;
			this.#wild[c] = this.#value[last] as number;
			this.#from[o + this.keep] = this.#from[last] as number;
			this.#with[o + this.keep] = this.#with[last] as number;
			n--;
		}
		for (let q = o + n; q > o + place; q--) this.#copy(q - 1, q);
		const e = o + place;
		this.#value[e] = v;
		this.#s0[e] = s0;
		this.#s1[e] = s1;
		this.#from[e] = from;
		this.#with[e] = also;
		this.#count[c] = n + 1;
	}

	#copy(a: number, b: number): void {
		this.#value[b] = this.#value[a] as number;
		this.#s0[b] = this.#s0[a] as number;
		this.#s1[b] = this.#s1[a] as number;
		this.#from[b] = this.#from[a] as number;
		this.#with[b] = this.#with[a] as number;
	}

	#pattern(entry: number): number[] {
		const pattern = new Array<number>(this.kinds.n).fill(0);
		const open = [entry];
		for (;;) {
			const e = open.pop();
			if (e === undefined) return pattern;
			const from = this.#from[e] as number;
			if (from < 0) {
				const i = -1 - from;
				pattern[i] = (pattern[i] as number) + 1;
			} else open.push(from, this.#with[e] as number);
		}
	}
}
