import { cheapestOf, packsUpTo, type Packs } from '../prices/packs';
import type { Millimetres } from '../units/quantity';
import { asCost } from './aim';
import { widthCut } from './cut-group';
import { NEAR } from './fits';
import type { Offer } from './offers';
import type { Piece } from './pieces';

/** So many of each offer, as many as the packs for it hold, and what they cost together. */
export interface Purchase {
	counts: number[];
	cost: number;
}

/** More than this are too many to go through one by one. */
const MOST = 20_000;

const costOf = (packs: Packs | null): number => asCost(packs?.money ?? Infinity);

/** What so many of an offer cost in whole packs, as costs are counted; 0 of what is owned. */
export const packedCost = ({ owned, lines }: Offer, count: number): number =>
	owned || count === 0 ? 0 : costOf(cheapestOf(lines, count));

/** The most that every sum of money buys of an offer, the least money first. */
function stepsOf(offer: Offer, most: number): { count: number; cost: number }[] {
	const steps = [{ count: 0, cost: 0 }];
	if (offer.owned) return steps;
	const packs = packsUpTo(offer.lines, most);
	for (let count = 1; count <= most; count++) {
		const cost = costOf(packs(count));
		const last = steps.at(-1) as (typeof steps)[number];
		if (last.cost === cost) last.count = count;
		else steps.push({ count, cost });
	}
	return steps;
}

/**
 * All that could be bought, in whole packs, for no less than one cost and less than another, the cheapest first, as far
 * as it covers the pieces; null where that is too much to go through.
 * @example purchases(group.offers, fit, 3.2, first.bound, best.cost)?.[0]?.counts
 */
export function purchases(
	offers: readonly Offer[],
	pieces: readonly Piece[],
	kerf: Millimetres,
	least: number,
	below: number
): Purchase[] | null {
	// Rods are as wide as each other: by length alone.
	const areaOf = (length: Millimetres, width: Millimetres | null) => length * (width ?? 1);
	const wide = pieces.every((p) => widthCut(p.form, kerf) !== null);
	const room = (o: Offer) => areaOf(o.length, wide ? o.width : null);
	const wanted = pieces.reduce((sum, { length, form }) => sum + areaOf(length, widthCut(form, kerf)), 0);
	const there = offers.reduce((sum, o) => sum + (o.owned ? room(o) * o.count : 0), 0);
	const steps = offers.map((o) => stepsOf(o, pieces.length));
	const found: Purchase[] = [];
	let looked = 0;
	const add = (k: number, counts: number[], cost: number, area: number): void => {
		if (++looked > MOST) return;
		if (k === offers.length) {
			if (cost >= least - NEAR && area >= wanted - NEAR) found.push({ counts, cost });
			return;
		}
		for (const step of steps[k] as (typeof steps)[number]) {
			if (cost + step.cost >= below - NEAR) return;
			add(k + 1, [...counts, step.count], cost + step.cost, area + step.count * room(offers[k] as Offer));
		}
	};
	add(0, [], 0, there);
	return looked > MOST ? null : found.sort((a, b) => a.cost - b.cost);
}
