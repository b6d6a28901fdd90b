import { CellFill } from './cell-fill';
import { GreedyFill, type Filled } from './greedy-fill';
import { goesOn, kindsOf, toHundredths, type Box, type Kinds, type SheetProblem } from './problem';

/** One sheet as it is cut: which stock it is, and its box. */
export interface FilledSheet {
	stock: number;
	box: Box;
}

/** The same with the kinds of its pieces. */
export interface UsedSheet extends FilledSheet {
	used: number[];
	/** Share of its area that its pieces take, each with half a kerf all round. */
	full: number;
}

/** Sheets that hold every piece, with what they cost together. */
export interface Packing {
	sheets: UsedSheet[];
	cost: number;
}

/** Cells along a sheet: more along a narrow one, which has few across. */
const CELLS = 64;
const CELLS_OF_NARROW = 150;
/** Boxes kept for each size. */
const KEEP = 3;
/** Sheets with more pieces than this are filled greedily: small pieces leave little anyway. */
const MANY_PIECES = 40;
/** More pieces than this are many for a first packing. */
const MANY = 200;
/** Sheets between two looks at the clock: of thousands of pieces one packing takes seconds. */
const LOOK_AT_CLOCK = 8;
/** So many times more a piece is worth that goes onto nothing that could be bought. */
const SCARCE = 1000;
/** A worse repacking is taken now and then by simulated annealing: its temperature, in squares of fullness. */
const TEMPERATURE = 0.002;

const at = (a: ArrayLike<number>, i: number): number => a[i] as number;

/** What the next sheet promises: its cost, what it gives for that, and whether nothing is left after it. */
interface Promises {
	cost: number;
	rank: number;
	all: boolean;
}

/** The cheaper of two that end the work, else what gives most for its cost; what is owned before all. */
function wins(a: Promises, b: Promises): boolean {
	if (a.all && b.all) return a.cost < b.cost;
	return a.rank > b.rank;
}

/**
 * Looks for the least that all pieces can be sawn from. Sheets are filled one after another by what pieces are worth,
 * and what ended in a badly filled sheet is worth more the next time (sequential value correction); then a few sheets
 * at a time, the emptiest among them, are taken apart and filled anew, so that what is left over comes together in one
 * until that one is empty.
 */
export class SheetSearch {
	readonly kinds: Kinds;
	readonly #areas: Float64Array;
	readonly #cells: (CellFill | undefined)[];
	#value: Float64Array;
	readonly #pieces: number;
	/** Pieces that an ordinary sheet takes. */
	readonly #perSheet: number;
	/** Stocks of which there is no end. */
	readonly #bought: number[];
	/** Kinds that go onto none of those: what is there of the rest is theirs first. */
	readonly #scarce: number[];

	constructor(
		private readonly problem: SheetProblem,
		private readonly random: () => number
	) {
		this.kinds = kindsOf(problem);
		const { kerf } = this.kinds;
		this.#areas = Float64Array.from(
			problem.stocks,
			(s) => (toHundredths(s.length) + kerf) * (toHundredths(s.width) + kerf)
		);
		this.#cells = problem.stocks.map(() => undefined);
		this.#bought = [...problem.stocks.keys()].filter((i) => problem.stocks[i]?.count === Infinity);
		this.#scarce = [...problem.pieces.keys()].filter((i) => !this.#bought.some((stock) => this.#goesOnto(i, stock)));
		const largest = Math.max(1, ...this.#areas);
		this.#value = Float64Array.from(this.kinds.area, (a) => (a / largest) ** 1.02);
		this.#pieces = this.kinds.count.reduce((n, c) => n + c, 0);
		const total = this.kinds.area.reduce((sum, a, i) => sum + a * at(this.kinds.count, i), 0);
		this.#perSheet = (this.#pieces * largest) / Math.max(1, total);
	}

	/** A packing at once; null where there is not stock enough for all pieces. */
	first(): Packing | null {
		// Of many pieces the first packing is bettered soon: what a piece costs here is not to rise with their number.
		const breadth = this.#pieces > MANY ? { branch: [1, 2], looks: 5 } : { branch: [3], looks: 8 };
		const greedy = new GreedyFill(this.kinds, { ...breadth, noise: 0, snug: 0.4, random: this.random });
		return this.#pack(this.kinds.count.slice(), this.#pieces, this.#stockCounts(), this.#value, Infinity, greedy);
	}

	/** One more packing of everything, by values that learn from it. @param open is there still time for it? */
	anew(open: () => boolean): Packing | null {
		const noise = 0.06 * this.random();
		const shaken = this.#value.map((v) => v * (1 + noise * (this.random() - 0.5)));
		const free = this.#someOf(this.#stockCounts());
		const got = this.#pack(this.kinds.count.slice(), this.#pieces, free, shaken, Infinity, null, open);
		if (got) this.#learn(this.#value, got.sheets);
		return got;
	}

	/**
	 * Takes a few sheets of a packing apart and fills them anew. Gives the packing that results, which is the same one
	 * where nothing was gained.
	 */
	repack(now: Packing): Packing {
		const { random } = this;
		const many = Math.min(now.sheets.length, 2 + Math.floor(random() * 4));
		const emptiest = [...now.sheets.keys()].sort((a, b) => this.#sheet(now, a).full - this.#sheet(now, b).full);
		const chosen = new Set<number>([emptiest[0] as number]);
		if (many > 2 && random() < 0.6) chosen.add(emptiest[1] as number);
		while (chosen.size < many) chosen.add(Math.floor(random() * now.sheets.length));
		const old = [...chosen].map((i) => this.#sheet(now, i));
		const got = this.#better(old, now);
		if (!got) return now;
		const rest = now.sheets.filter((_, i) => !chosen.has(i));
		const sheets = [...rest, ...got.sheets];
		return { sheets, cost: this.#costOf(sheets) };
	}

	/** Costs less, or as much with its rests more together. */
	betterThan(a: Packing, b: Packing): boolean {
		return a.cost < b.cost - 1e-9 || (a.cost <= b.cost + 1e-9 && this.#score(a.sheets) > this.#score(b.sheets));
	}

	#sheet(p: Packing, i: number): UsedSheet {
		return p.sheets[i] as UsedSheet;
	}

	/** Another packing of the pieces of some sheets, where it is worth having. */
	#better(old: UsedSheet[], now: Packing): Packing | null {
		const { random, kinds } = this;
		const left = new Int32Array(kinds.n);
		let pieces = 0;
		for (const s of old)
			for (const i of s.used) {
				left[i] = at(left, i) + 1;
				pieces++;
			}
		// What is free: the sheets taken apart, and what no sheet of the packing uses.
		const free = this.#stockCounts();
		for (const s of now.sheets) free[s.stock] = at(free, s.stock) - 1;
		for (const s of old) free[s.stock] = at(free, s.stock) + 1;
		const oldCost = this.#costOf(old);
		const power = 1 + 0.15 * random();
		const largest = Math.max(...this.#areas);
		let value = kinds.area.map((a) => (a / largest) ** power * (1 + 0.1 * (random() - 0.5)));
		let best: Packing | null = null;
		for (let tries = 0; tries < 2; tries++) {
			const got = this.#pack(left.slice(), pieces, this.#someOf(free.slice()), value, oldCost, null);
			if (!got) {
				value = value.map((v) => v * (1 + 0.2 * (random() - 0.5)));
				continue;
			}
			this.#learn(value, got.sheets);
			if (!best || this.betterThan(got, best)) best = got;
		}
		if (!best) return null;
		if (best.cost < oldCost - 1e-9) return best;
		const gain = this.#score(best.sheets) - this.#score(old);
		return gain > TEMPERATURE * Math.log(random()) ? best : null;
	}

	/** Higher where few sheets are full and one is nearly empty. */
	#score(sheets: readonly UsedSheet[]): number {
		const largest = Math.max(...this.#areas);
		return sheets.reduce((sum, s) => sum + (s.full * s.full * at(this.#areas, s.stock)) / largest, 0);
	}

	#costOf(sheets: readonly UsedSheet[]): number {
		return sheets.reduce((sum, s) => sum + (this.problem.stocks[s.stock]?.cost ?? 0), 0);
	}

	/**
	 * Now and then without some of what can be bought: a size that gives most for its cost may leave what only a dear one
	 * holds.
	 */
	#someOf(free: Float64Array): Float64Array {
		const { random } = this;
		if (this.#bought.length < 2 || random() < 0.4) return free;
		const kept = this.#bought[Math.floor(random() * this.#bought.length)];
		for (const stock of this.#bought) if (stock !== kept && random() < 0.5) free[stock] = 0;
		return free;
	}

	#goesOnto(item: number, stock: number): boolean {
		const { length, width } = this.problem.stocks[stock] as SheetProblem['stocks'][number];
		return goesOn(this.kinds, item, toHundredths(length), toHundredths(width));
	}

	/** Values by which a sheet is filled first with what goes onto no other. */
	#scarceFirst(value: Float64Array): Float64Array {
		if (this.#scarce.length === 0 || this.#bought.length === 0) return value;
		const first = value.slice();
		for (const i of this.#scarce) first[i] = SCARCE * at(first, i);
		return first;
	}

	#stockCounts(): Float64Array {
		return Float64Array.from(this.problem.stocks, (s) => s.count);
	}

	/** Pieces of badly filled sheets are worth more from now on. */
	#learn(value: Float64Array, sheets: readonly UsedSheet[]): void {
		const largest = Math.max(...this.#areas);
		const power = 1 + 0.1 * this.random();
		for (const s of sheets) {
			for (const i of s.used) {
				const keep = 0.5 + 0.3 * this.random();
				const worth = (at(this.kinds.area, i) / largest) ** power / Math.max(0.3, s.full);
				value[i] = keep * at(value, i) + (1 - keep) * worth;
			}
		}
	}

	/**
	 * Fills sheets one after another until nothing is left, within a cost. Null where it is not to be had.
	 * @param left pieces of each kind; used up
	 * @param free sheets of each stock; used up
	 * @param by the greedy fill to use; null for the best there is
	 * @param open asked now and then: is there still time for it?
	 */
	#pack(
		left: Int32Array,
		pieces: number,
		free: Float64Array,
		value: Float64Array,
		within: number,
		by: GreedyFill | null,
		open: () => boolean = () => true
	): Packing | null {
		const sheets: UsedSheet[] = [];
		const worth = this.#scarceFirst(value);
		let cost = 0;
		let rest = pieces;
		while (rest > 0) {
			if (sheets.length % LOOK_AT_CLOCK === LOOK_AT_CLOCK - 1 && !open()) return null;
			const next = this.#next(left, rest, free, worth, by);
			if (!next) return null;
			cost += this.problem.stocks[next.stock]?.cost ?? 0;
			if (cost > within + 1e-9) return null;
			free[next.stock] = at(free, next.stock) - 1;
			for (const i of next.used) left[i] = at(left, i) - 1;
			rest -= next.used.length;
			sheets.push(next);
		}
		return { sheets, cost };
	}

	/** The sheet to cut next: what is owned first, the fullest of it; else what gives most for what it costs. */
	#next(
		left: Int32Array,
		rest: number,
		free: Float64Array,
		value: Float64Array,
		by: GreedyFill | null
	): UsedSheet | null {
		let best: ({ sheet: UsedSheet } & Promises) | null = null;
		for (const [stock, { cost }] of this.problem.stocks.entries()) {
			if (at(free, stock) <= 0) continue;
			const filled = this.#fill(stock, left.slice(), rest, value, by);
			if (!filled.box) continue;
			const area = filled.used.reduce((sum, i) => sum + at(this.kinds.area, i), 0);
			const full = area / at(this.#areas, stock);
			const all = filled.used.length === rest;
			const rank = cost <= 0 ? 1e9 * (1 + full) : filled.value / cost;
			const sheet = { stock, box: filled.box, used: filled.used, full };
			if (!best || wins({ cost, rank, all }, best)) best = { sheet, cost, rank, all };
		}
		return best && this.#cheaper(best.sheet);
	}

	/** The same box on a smaller stock that costs less, where there is one. */
	#cheaper(sheet: UsedSheet): UsedSheet {
		const costOf = (i: number) => this.problem.stocks[i]?.cost ?? 0;
		const { l, w } = sheet.box;
		let { stock } = sheet;
		for (const i of this.#bought) {
			const { length, width } = this.problem.stocks[i] as SheetProblem['stocks'][number];
			if (costOf(i) < costOf(stock) && l <= toHundredths(length) && w <= toHundredths(width)) stock = i;
		}
		if (stock === sheet.stock) return sheet;
		return { ...sheet, stock, full: (sheet.full * at(this.#areas, sheet.stock)) / at(this.#areas, stock) };
	}

	#fill(stock: number, left: Int32Array, rest: number, value: Float64Array, by: GreedyFill | null): Filled {
		const { length, width } = this.problem.stocks[stock] as SheetProblem['stocks'][number];
		const [L, W] = [toHundredths(length), toHundredths(width)];
		if (by) return by.fill(L, W, left, value);
		if (this.#perSheet > MANY_PIECES && rest > MANY_PIECES) {
			const { random } = this;
			const breadth = { branch: [5, 2], looks: 60, noise: 0.15 * random(), snug: 0.6 * random(), random };
			return new GreedyFill(this.kinds, breadth).fill(L, W, left, value);
		}
		const narrow = Math.min(L, W) * 6 < Math.max(L, W);
		const cells = (this.#cells[stock] ??= new CellFill(this.kinds, L, W, narrow ? CELLS_OF_NARROW : CELLS, KEEP));
		return cells.fill(left, value);
	}
}
