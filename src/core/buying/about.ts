import type { Built } from '../holders/built';
import { screwsOf, smallParts } from '../holders/made-of';
import type { Holder } from '../plan/types';
import { offered, type Buying, type Offered, type Ware } from '../prices/ware';
import { cutOf, type CutPart } from '../solid/cut-part';
import { strapOf } from '../materials/steel';
import { stock } from '../materials/stocks';
import { rod } from '../materials/rods';

/** What something costs by its size alone, and how many kinds of what it takes have no price. */
export interface About {
	money: number;
	missing: number;
}

type Known = Offered & { each: number };

/**
 * What the cheapest line costs for so much of it; null where none has a price.
 * @param share of one that is taken; over 1 from what is too small, which is left out
 */
function least(ware: Ware, buying: Buying, share: (of: Offered['price']) => number): number | null {
	const known = offered(ware, buying).filter((o): o is Known => o.each !== null && share(o.price) <= 1);
	return known.length === 0 ? null : Math.min(...known.map((o) => o.each * share(o.price)));
}

/** A board that is too short or too narrow gives none of it, however large it is. */
const shareOf = (along: number, across: number): number => (along > 1 || across > 1 ? Infinity : along * across);

/** What one piece costs as a part of the board, sheet or rod it comes from: by its area or its length, no waste. */
function pieceMoney(cut: CutPart, buying: Buying): number | null {
	switch (cut.kind) {
		case 'board':
		case 'cleat': {
			const { width, length } = stock(cut.stock);
			const across = cut.kind === 'board' ? cut.width : cut.blank / 2;
			return least({ sold: 'wood', stock: cut.stock, width, length }, buying, (p) =>
				shareOf(cut.length / (p.length ?? length), across / (p.width ?? width))
			);
		}
		case 'dowel':
			return least(
				{ sold: 'dowel', diameter: cut.diameter, length: cut.length },
				buying,
				(p) => cut.length / (p.length ?? 1)
			);
		case 'rod':
			return least({ sold: 'rod', rod: cut.rod }, buying, (p) => cut.length / (p.length ?? rod(cut.rod).length));
		case 'strap':
			return least({ sold: 'strap', strap: cut.strap }, buying, (p) =>
				shareOf(cut.length / (p.length ?? strapOf(cut.strap).length), 1)
			);
	}
}

/**
 * About what a holder costs before anything is cut: its wood by size, without waste, its screws and small parts one by
 * one. To compare ways with; what is paid in the end stands in the bill.
 * @example aboutMoney(holder, built, buying).missing // 0: all of it has a price
 */
export function aboutMoney(holder: Pick<Holder, 'mount'>, built: Built, buying: Buying): About {
	const costs: (number | null)[] = [];
	for (const part of built.parts) {
		const cut = cutOf(part);
		if (!cut) continue;
		const one = pieceMoney(cut, buying);
		costs.push(one === null ? null : one * cut.count);
	}
	const one = (ware: Ware, count: number) => {
		const each = least(ware, buying, () => 1);
		costs.push(each === null ? null : each * count);
	};
	for (const { size, length, count } of screwsOf(holder, built)) one({ sold: 'screw', size, length }, count);
	for (const { name, length, count } of smallParts(built.parts)) one({ sold: 'part', name, length }, count);
	return {
		money: costs.reduce<number>((sum, c) => sum + (c ?? 0), 0),
		missing: costs.filter((c) => c === null).length
	};
}
