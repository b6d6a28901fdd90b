import type { Filled } from './greedy-fill';
import { itemsOf, pair, type Box, type Kinds } from './problem';

/** Kinds with one piece each that two words of bits tell apart. */
const SINGLES = 64;
/** Of a kind with several pieces no more than this are counted on one sheet's box. */
const MOST_ALIKE = 15;

/** A piece as it may lie, and the bits that stand for it. */
interface Leaf {
	item: number;
	turned: 0 | 1;
	s0: number;
	s1: number;
	c0: number;
	c1: number;
}

/** Columns of numbers, an entry each: a box in a cell's list. */
class Entries {
	readonly V: Float64Array;
	/** True size with one kerf added to either side, hundredths of a mm. */
	readonly L: Float64Array;
	readonly W: Float64Array;
	/** Kinds with one piece, a bit each; kinds with several, a few bits each with one above them for the overflow. */
	readonly s0: Int32Array;
	readonly s1: Int32Array;
	readonly c0: Int32Array;
	readonly c1: Int32Array;
	/** A piece as -1 - 2 * item - turned; else the two entries it is put together from, the second with its direction. */
	readonly from: Int32Array;
	readonly with: Int32Array;

	constructor(n: number) {
		[this.V, this.L, this.W] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
		[this.s0, this.s1, this.c0, this.c1] = [new Int32Array(n), new Int32Array(n), new Int32Array(n), new Int32Array(n)];
		[this.from, this.with] = [new Int32Array(n), new Int32Array(n)];
	}

	copy(a: number, b: number): void {
		this.V[b] = this.V[a] as number;
		this.L[b] = this.L[a] as number;
		this.W[b] = this.W[a] as number;
		this.s0[b] = this.s0[a] as number;
		this.s1[b] = this.s1[a] as number;
		this.c0[b] = this.c0[a] as number;
		this.c1[b] = this.c1[a] as number;
		this.from[b] = this.from[a] as number;
		this.with[b] = this.with[a] as number;
	}

	samePieces(a: number, b: number): boolean {
		return (
			this.s0[a] === this.s0[b] && this.s1[a] === this.s1[b] && this.c0[a] === this.c0[b] && this.c1[a] === this.c1[b]
		);
	}
}

/**
 * Fills one rectangle with the pieces worth most, by cuts that go right through. The rectangle is divided into cells;
 * for every size in cells the few boxes worth most are kept, each with its true size and its set of pieces, and larger
 * boxes are put together from two smaller ones that share no piece (after Wang 1983, kept by cells). Slower than the
 * greedy fill and much closer to the best.
 */
export class CellFill {
	readonly #X: number;
	readonly #Y: number;
	/** Size of a cell, hundredths of a mm. */
	readonly #gx: number;
	readonly #gy: number;
	readonly #e: Entries;
	/** Behind all lists: a box that is offered to one. */
	readonly #spare: number;
	readonly #count: Uint8Array;
	/** What a box must be worth more than to come into a cell's list. */
	readonly #floor: Float64Array;
	/** There is a box here that the next narrower cell, or the next lower one, has no room for. */
	readonly #newX: Uint8Array;
	readonly #newY: Uint8Array;
	#leafAt = new Map<number, Leaf[]>();
	#value: Float64Array = new Float64Array();
	/** Bits above the counts of kinds with several pieces, and what is added so that too many reach them. */
	#guard: [number, number] = [0, 0];
	#bias: [number, number] = [0, 0];

	/**
	 * @param kinds pieces in hundredths of a mm
	 * @param length of the rectangle, hundredths of a mm
	 * @param cells how many along it; across in proportion
	 * @param keep boxes kept for each size in cells
	 */
	constructor(
		private readonly kinds: Kinds,
		length: number,
		width: number,
		cells: number,
		private readonly keep: number
	) {
		this.#X = cells;
		this.#gx = (length + kinds.kerf) / cells;
		this.#Y = Math.max(4, Math.min(cells, Math.round((width + kinds.kerf) / this.#gx)));
		this.#gy = (width + kinds.kerf) / this.#Y;
		const all = (this.#X + 1) * (this.#Y + 1);
		this.#spare = all * keep;
		this.#e = new Entries(this.#spare + 1);
		this.#count = new Uint8Array(all);
		this.#floor = new Float64Array(all);
		this.#newX = new Uint8Array(all);
		this.#newY = new Uint8Array(all);
	}

	/**
	 * @param left how many there are of each kind; what is used is taken off
	 * @param value of one of each kind
	 */
	fill(left: Int32Array, value: Float64Array): Filled {
		for (const a of [this.#count, this.#floor, this.#newX, this.#newY]) a.fill(0);
		this.#value = value;
		const [mx, my] = this.#leaves(left, value);
		for (let y = my; y <= this.#Y; y++) for (let x = mx; x <= this.#X; x++) this.#cell(x, y, mx, my);
		const last = this.#Y * (this.#X + 1) + this.#X;
		if (this.#count[last] === 0) return { value: 0, box: null, used: [] };
		const box = this.#boxOf(last * this.keep);
		const used = itemsOf(box);
		for (const i of used) left[i] = (left[i] as number) - 1;
		return { value: this.#e.V[last * this.keep] as number, box, used };
	}

	/**
	 * Single pieces by the cell they go into; those worth most, where there are more kinds than bits.
	 * @returns the fewest cells that any takes along, and across
	 */
	#leaves(left: Int32Array, value: Float64Array): [number, number] {
		this.#leafAt = new Map();
		this.#guard = [0, 0];
		this.#bias = [0, 0];
		const order = [...left.keys()]
			.filter((i) => (left[i] as number) > 0 && (value[i] as number) > 1e-12)
			.sort((p, q) => (value[q] as number) - (value[p] as number));
		const used = { singles: 0, bits: [0, 0] as [number, number] };
		let [mx, my] = [this.#X + 1, this.#Y + 1];
		for (const item of order) {
			const bits = this.#bitsFor(left[item] as number, used);
			if (!bits) continue;
			for (let turned = 0; turned <= (this.kinds.turn[item] as number); turned++) {
				const [l, w] = this.#sizeOf(item, turned);
				const x = Math.ceil((l + this.kinds.kerf) / this.#gx - 1e-9);
				const y = Math.ceil((w + this.kinds.kerf) / this.#gy - 1e-9);
				if (x > this.#X || y > this.#Y) continue;
				[mx, my] = [Math.min(mx, x), Math.min(my, y)];
				const c = y * (this.#X + 1) + x;
				this.#leafAt.set(c, [...(this.#leafAt.get(c) ?? []), { item, turned: turned as 0 | 1, ...bits }]);
			}
		}
		return [mx, my];
	}

	/** Bits that stand for a kind of so many pieces; null where there are none left. */
	#bitsFor(
		count: number,
		used: { singles: number; bits: [number, number] }
	): Pick<Leaf, 's0' | 's1' | 'c0' | 'c1'> | null {
		if (count === 1) {
			if (used.singles === SINGLES) return null;
			const n = used.singles++;
			return { s0: n < 32 ? 1 << n : 0, s1: n < 32 ? 0 : 1 << (n - 32), c0: 0, c1: 0 };
		}
		const most = Math.min(count, MOST_ALIKE);
		const size = Math.ceil(Math.log2(most + 1)) + 1;
		for (const word of [0, 1] as const) {
			const shift = used.bits[word];
			if (shift + size > 31) continue;
			used.bits[word] += size;
			const full = 2 ** (size - 1);
			this.#guard[word] += full * 2 ** shift;
			this.#bias[word] += (full - 1 - most) * 2 ** shift;
			const one = 2 ** shift;
			return { s0: 0, s1: 0, c0: word === 0 ? one : 0, c1: word === 1 ? one : 0 };
		}
		return null;
	}

	#sizeOf(item: number, turned: number): [number, number] {
		const [l, w] = [this.kinds.l[item] as number, this.kinds.w[item] as number];
		return turned === 1 ? [w, l] : [l, w];
	}

	#cell(x: number, y: number, mx: number, my: number): void {
		const S = this.#X + 1;
		const c = y * S + x;
		this.#inherit(c, c - 1);
		this.#inherit(c, c - S);
		for (const leaf of this.#leafAt.get(c) ?? []) this.#offerLeaf(c, leaf);
		const [capX, capY] = [x * this.#gx + 1e-6, y * this.#gy + 1e-6];
		// Boxes whose cells add up to this one; and those that come to one more, since their true sizes may fit.
		for (let a = mx; a * 2 <= x + 1; a++) {
			if (!this.#newX[y * S + a]) continue;
			if (a * 2 <= x) this.#combine(c, y * S + a, c - a, 0, capX);
			if (a > 1) this.#combine(c, y * S + a, c + 1 - a, 0, capX);
		}
		for (let a = my; a * 2 <= y + 1; a++) {
			if (!this.#newY[a * S + x]) continue;
			if (a * 2 <= y) this.#combine(c, a * S + x, c - a * S, 1, capY);
			if (a > 1) this.#combine(c, a * S + x, c + (1 - a) * S, 1, capY);
		}
		for (let e = c * this.keep; e < c * this.keep + (this.#count[c] as number); e++) {
			if ((this.#e.L[e] as number) > capX - this.#gx) this.#newX[c] = 1;
			if ((this.#e.W[e] as number) > capY - this.#gy) this.#newY[c] = 1;
		}
	}

	#inherit(c: number, from: number): void {
		const first = from * this.keep;
		for (let e = first; e < first + (this.#count[from] as number); e++) {
			if ((this.#e.V[e] as number) <= (this.#floor[c] as number)) return;
			this.#e.copy(e, this.#spare);
			this.#offer(c);
		}
	}

	#offerLeaf(c: number, { item, turned, s0, s1, c0, c1 }: Leaf): void {
		const value = this.#value[item] as number;
		if (value <= (this.#floor[c] as number)) return;
		const [e, s] = [this.#e, this.#spare];
		const [l, w] = this.#sizeOf(item, turned);
		[e.V[s], e.L[s], e.W[s]] = [value, l + this.kinds.kerf, w + this.kinds.kerf];
		[e.s0[s], e.s1[s], e.c0[s], e.c1[s]] = [s0, s1, c0, c1];
		[e.from[s], e.with[s]] = [-1 - 2 * item - turned, -1];
		this.#offer(c);
	}

	/** Every box of one list beside every box of another, the most worth first: along the length, or across it. */
	#combine(c: number, a: number, b: number, across: 0 | 1, cap: number): void {
		const { V, L, W, s0, s1, c0, c1, from, with: also } = this.#e;
		const [na, nb] = [this.#count[a] as number, this.#count[b] as number];
		if (na === 0 || nb === 0) return;
		const [oa, ob, s] = [a * this.keep, b * this.keep, this.#spare];
		const topB = V[ob] as number;
		for (let p = oa; p < oa + na; p++) {
			const va = V[p] as number;
			if (va + topB <= (this.#floor[c] as number)) return;
			for (let q = ob; q < ob + nb; q++) {
				const v = va + (V[q] as number);
				if (v <= (this.#floor[c] as number)) break;
				if (((s0[p] as number) & (s0[q] as number)) !== 0) continue;
				if (((s1[p] as number) & (s1[q] as number)) !== 0) continue;
				const n0 = (c0[p] as number) + (c0[q] as number);
				const n1 = (c1[p] as number) + (c1[q] as number);
				if (((n0 + this.#bias[0]) & this.#guard[0]) !== 0) continue;
				if (((n1 + this.#bias[1]) & this.#guard[1]) !== 0) continue;
				const l = across ? Math.max(L[p] as number, L[q] as number) : (L[p] as number) + (L[q] as number);
				const w = across ? (W[p] as number) + (W[q] as number) : Math.max(W[p] as number, W[q] as number);
				if ((across ? w : l) > cap) continue;
				V[s] = v;
				L[s] = l;
				W[s] = w;
				s0[s] = (s0[p] as number) | (s0[q] as number);
				s1[s] = (s1[p] as number) | (s1[q] as number);
				c0[s] = n0;
				c1[s] = n1;
				from[s] = p;
				also[s] = q * 2 + across;
				this.#offer(c);
			}
		}
	}

	/** The spare entry goes into a cell's list at its place, unless the same pieces are there for as much. */
	#offer(c: number): void {
		const { keep } = this;
		const e = this.#e;
		const first = c * keep;
		const v = e.V[this.#spare] as number;
		let n = this.#count[c] as number;
		let place = first + n;
		for (let q = first; q < first + n; q++) {
			const there = e.V[q] as number;
			if (there < v - 1e-12) {
				place = q;
				break;
			}
			if (there <= v + 1e-12 && e.samePieces(q, this.#spare)) return;
		}
		if (n === keep) n--;
		for (let q = first + n; q > place; q--) e.copy(q - 1, q);
		e.copy(this.#spare, place);
		this.#count[c] = n + 1;
		if (n + 1 === keep) this.#floor[c] = e.V[first + keep - 1] as number;
	}

	#boxOf(entry: number): Box {
		const from = this.#e.from[entry] as number;
		if (from < 0) {
			const code = -1 - from;
			const [item, turned] = [code >> 1, code & 1];
			const [l, w] = this.#sizeOf(item, turned);
			return { kind: 'piece', item, turned: turned === 1, l, w };
		}
		const also = this.#e.with[entry] as number;
		return pair(also % 2 === 0 ? 'x' : 'y', this.#boxOf(from), this.#boxOf(also >> 1), this.kinds.kerf);
	}
}
