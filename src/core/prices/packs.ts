import type { Price } from './price';
import { offered, type Buying, type Offered, type Ware } from './ware';

/** So many packs of one line. */
export interface Lot {
	price: Price;
	/** What one piece (or litre) of it costs, tax in it. */
	each: number;
	packs: number;
	money: number;
}

/** What is bought of a ware: packs of one line or of several, all at one store. */
export interface Packs {
	/** The largest packs first. */
	lots: readonly Lot[];
	store: string;
	/** What one costs: all the money over all that is in the packs; 0 of nothing. */
	each: number;
	money: number;
}

/** Pieces are whole; litres are counted in thousandths. */
const MILLI = 1000;
/** Sums of litres are not exact: so little over a tin is none. */
const NEAR = 1e-9;
/** More steps than this are bought in packs of one line: it is no shopping of a workshop any more. */
const MOST_STEPS = 100_000;

/** Stores that are called the same are one. @example storeKey({ store: ' Yard' }) // 'yard' */
export const storeKey = ({ store }: Pick<Price, 'store'>): string => store.trim().toLowerCase();

type Known = Offered & { each: number };

/** For every amount, in steps, the pack that it ends with: the least money, and of that the fewest packs. */
function lastPacks(lines: readonly Known[], sizes: readonly number[], steps: number): Int32Array {
	const money = new Float64Array(steps + 1);
	const packs = new Int32Array(steps + 1);
	const last = new Int32Array(steps + 1);
	const prices = lines.map(({ price, each }) => price.pack * each);
	for (let n = 1; n <= steps; n++) {
		money[n] = Infinity;
		for (const [i, size] of sizes.entries()) {
			const before = Math.max(0, n - size);
			const sum = (money[before] as number) + (prices[i] as number);
			const many = (packs[before] as number) + 1;
			const less = sum < (money[n] as number) - NEAR;
			if (!less && (sum > (money[n] as number) + NEAR || many >= (packs[n] as number))) continue;
			money[n] = sum;
			packs[n] = many;
			last[n] = i;
		}
	}
	return last;
}

function packsOf(lines: readonly Known[], numbers: readonly number[]): Packs {
	const lots = lines.flatMap(({ price, each }, i): Lot[] => {
		const packs = numbers[i] as number;
		return packs > 0 ? [{ price, each, packs, money: packs * price.pack * each }] : [];
	});
	lots.sort((a, b) => b.price.pack - a.price.pack);
	const money = lots.reduce((sum, l) => sum + l.money, 0);
	const inThem = lots.reduce((sum, l) => sum + l.packs * l.price.pack, 0);
	return { lots, store: lines[0]?.price.store ?? '', each: inThem > 0 ? money / inThem : 0, money };
}

/** What any amount up to one costs at one store. */
function atStore(lines: readonly Known[], most: number): (count: number) => Packs {
	const whole = lines.every(({ price }) => Number.isInteger(price.pack)) && Number.isInteger(most);
	const unit = whole ? 1 : MILLI;
	const sizes = lines.map(({ price }) => Math.max(1, Math.floor(price.pack * unit + NEAR)));
	const stepsOf = (count: number) => Math.ceil(count * unit - NEAR);
	if (lines.length === 1 || stepsOf(most) > MOST_STEPS) return (count) => ofOneLine(lines, count);
	const last = lastPacks(lines, sizes, stepsOf(most));
	return (count) => {
		const numbers = lines.map(() => 0);
		for (let left = stepsOf(count); left > 0;) {
			const i = last[left] as number;
			numbers[i] = (numbers[i] as number) + 1;
			left -= sizes[i] as number;
		}
		const [mixed, one] = [packsOf(lines, numbers), ofOneLine(lines, count)];
		// In thousandths a tin may seem a little too small.
		return one.money < mixed.money - NEAR ? one : mixed;
	};
}

/** Packs of the one line that costs least. */
function ofOneLine(lines: readonly Known[], count: number): Packs {
	const packs = ({ price }: Known) => Math.ceil(count / price.pack - NEAR);
	const money = (line: Known) => packs(line) * line.price.pack * line.each;
	const best = lines.reduce((a, b) => (money(b) < money(a) ? b : a));
	return packsOf([best], [packs(best)]);
}

/**
 * What any amount up to one costs least in whole packs, of one line or of several at one store, of lines that sell one
 * ware; null where no price is known.
 * @param most pieces, or litres
 * @example packsUpTo([hundred, fifty], 143)(130)?.lots.map((l) => l.packs) // [1, 1]
 */
export function packsUpTo(lines: readonly Offered[], most: number): (count: number) => Packs | null {
	const stores = new Map<string, Known[]>();
	for (const { price, each } of lines) {
		if (each === null) continue;
		const store = storeKey(price);
		stores.set(store, [...(stores.get(store) ?? []), { price, each }]);
	}
	const all = [...stores.values()].map((mine) => atStore(mine, most));
	return (count) => {
		let best: Packs | null = null;
		for (const at of all) {
			const packs = at(count);
			if (!best || packs.money < best.money - NEAR) best = packs;
		}
		return best;
	};
}

/** The same of one amount. @example cheapestOf([single, packOfFive], 1)?.money // of the single one */
export const cheapestOf = (lines: readonly Offered[], count: number): Packs | null => packsUpTo(lines, count)(count);

/**
 * The packs that so many cost least in; null where no price is known.
 * @param count pieces, or litres
 * @example cheapest({ sold: 'screw', size: '#8', length: 32 }, 120, buying)?.lots
 */
export const cheapest = (ware: Ware, count: number, buying: Buying): Packs | null =>
	cheapestOf(offered(ware, buying), count);
