import type { Price } from '../prices/price';
import { offered, priceFor, type Buying } from '../prices/ware';
import { boxesOf } from './spares';
import type { BillLine } from './bill';

const near = (a: number | null, b: number | null) => a === b || (a !== null && b !== null && Math.abs(a - b) <= 1);

/**
 * The line of the price list that a missing price belongs into: one that is there without it, or a new one with just
 * this size, and screws in a box as they usually come.
 * @param id of a new line
 * @returns the line, and whether it is there already
 */
export function lineToAsk({ ware, count }: BillLine, buying: Buying, id: string): { line: Price; there: boolean } {
	const wanted = priceFor(ware, id);
	const there = offered(ware, buying)
		.map((o) => o.price)
		.find((p) => near(p.length, wanted.length) && near(p.width, wanted.width));
	if (there) return { line: there, there: true };
	const pack = ware.sold === 'screw' || ware.sold === 'plug' ? boxesOf(count).of : 1;
	return { line: { ...wanted, pack, store: buying.store }, there: false };
}
