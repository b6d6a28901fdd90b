import { goesOn, toHundredths, type Kinds, type SheetProblem } from './problem';

/** Area of a stock with a kerf on two sides: what pieces with a kerf each can take of it. */
export function roomOf({ length, width }: { length: number; width: number }, kerf: number): number {
	return (toHundredths(length) + kerf) * (toHundredths(width) + kerf);
}

/**
 * The most that one sheet can be worth by area alone: pieces in the order of worth by area, the last one in part.
 * @param room area of the sheet
 * @example worthByArea(3, [4, 2], [2, 2], [1, 1]) // 5
 */
export function worthByArea(
	room: number,
	value: readonly number[],
	area: ArrayLike<number>,
	count: ArrayLike<number>
): number {
	const density = (i: number) => (value[i] as number) / (area[i] as number);
	const order = [...value.keys()].sort((p, q) => density(q) - density(p));
	let [left, worth] = [room, 0];
	for (const i of order) {
		const n = Math.min(count[i] as number, left / (area[i] as number));
		worth += n * (value[i] as number);
		left -= n * (area[i] as number);
		if (left <= 0) break;
	}
	return worth;
}

/** A cost that no plan is below, by area alone: the cheapest by area first, each with no more than goes onto it. */
export function areaBound({ stocks }: SheetProblem, kinds: Kinds): number {
	const { area, count, kerf } = kinds;
	const areaOf = (goes: (i: number) => boolean) =>
		area.reduce((sum, a, i) => sum + (goes(i) ? a * (count[i] as number) : 0), 0);
	let left = areaOf(() => true);
	let cost = 0;
	const price = (s: SheetProblem['stocks'][number]) => s.cost / roomOf(s, kerf);
	for (const s of [...stocks].sort((a, b) => price(a) - price(b))) {
		const [length, width] = [toHundredths(s.length), toHundredths(s.width)];
		const most = s.count === Infinity ? Infinity : s.count * roomOf(s, kerf);
		const taken = Math.min(
			left,
			most,
			areaOf((i) => goesOn(kinds, i, length, width))
		);
		cost += taken * price(s);
		left -= taken;
		if (left <= 0) break;
	}
	return cost;
}
