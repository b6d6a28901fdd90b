import { sayMoney } from '../prices/money';
import { storeKey } from '../prices/packs';
import { phrase } from '../units/phrase';
import { asMoney, costsOf } from './aim';
import { afterUnmet, type CutGroup } from './cut-group';
import type { PieceGroup } from './groups';
import type { Offer } from './offers';
import type { Piece } from './pieces';
import { packedCost, purchases } from './purchases';
import { within } from './within';
import type { Working } from './working';

/** Cuts the pieces of a group from its offers, whose costs rise evenly with how many are bought. */
export type Cut = (
	group: PieceGroup,
	fit: readonly Piece[],
	work: Working,
	onBetter: (g: CutGroup) => void
) => CutGroup;

/** Of the time there is, this share is for what is sold one by one; and this for each purchase that is then tried. */
const FIRST_SHARE = 0.4;
const EACH_SHARE = 0.1;

/** Costs are whole numbers of it. */
const CENT = 1;

const PAID = { id: '', where: '', offcut: false };

/** Offers after so many of each are bought and there, with the place that each had before. */
function havingBought(offers: readonly Offer[], counts: readonly number[]): { offer: Offer; of: number }[] {
	const paid = offers.flatMap((offer, of) => {
		const count = counts[of] as number;
		return count > 0 ? [{ offer: { ...offer, owned: PAID, count }, of }] : [];
	});
	return [...paid, ...offers.map((offer, of) => ({ offer, of }))];
}

/** Is something sold in packs that another size could be bought instead of? */
function packsMatter({ offers }: PieceGroup, { aim }: Working): boolean {
	return costsOf(offers, aim).counted === 'money' && offers.some((o) => o.lines.some(({ price }) => price.pack > 1));
}

/**
 * Cuts a group for the least money where some of it is sold in packs: what one costs then depends on how many are
 * bought. First it is cut at the least that one of each can cost, which no plan is below; then whatever could be bought
 * for less than that plan really costs is gone through, the cheapest first, until one holds every piece.
 * @param cut for what is sold one by one, which this is where nothing comes in packs
 * @example cutInPacks(cutLines, group, fit, work, () => undefined).cost // of whole packs
 */
export function cutInPacks(
	cut: Cut,
	group: PieceGroup,
	fit: readonly Piece[],
	work: Working,
	onBetter: (g: CutGroup) => void
): CutGroup {
	if (!packsMatter(group, work)) return cut(group, fit, work, onBetter);
	const { offers } = group;
	const { secondsLeft, kerf } = work;
	const seconds = secondsLeft();
	const timed = (share: number): Working => ({ ...work, secondsLeft: within(secondsLeft, share * seconds) });
	const first = cut(group, fit, timed(FIRST_SHARE), (g) => onBetter(inPacks(offers, g, g.bound, work)));
	let best = inPacks(offers, first, first.bound, work);
	// Costs of one are rounded to cents, those of packs are not: a bound may be half a cent too high for each.
	const instead = best.proven ? [] : purchases(offers, fit, kerf, first.bound - fit.length / 2, best.cost);
	let { bound } = best;
	let allOut = instead !== null;
	for (const { counts, cost } of instead ?? []) {
		if (cost >= best.cost) break;
		if (allOut) bound = cost;
		if (secondsLeft() <= 0) {
			allOut = false;
			break;
		}
		const had = havingBought(offers, counts);
		const got = cut({ ...group, offers: had.map((h) => h.offer) }, fit, timed(EACH_SHARE), () => undefined);
		// A bound of a cent and more: with this alone it cannot be done.
		if (got.bound < CENT / 2) allOut &&= got.cost <= 0;
		const sheets = got.sheets.map((s) => ({ ...s, offer: had[s.offer]?.of as number }));
		const other = inPacks(offers, { ...got, sheets }, bound, work);
		if (other.cost < best.cost) onBetter((best = other));
	}
	return inPacks(offers, best, allOut ? best.cost : bound, work);
}

/** Could one size be bought at two stores, some here and some there? That is not looked into. */
const inSeveralStores = (offers: readonly Offer[]): boolean =>
	offers.some(({ lines }) => new Set(lines.map(({ price }) => storeKey(price))).size > 1);

/** A plan with what it costs in whole packs. @param bound that no plan is below */
function inPacks(offers: Offer[], cut: CutGroup, bound: number, { currency }: Working): CutGroup {
	const counts = offers.map((_, i) => cut.sheets.filter((s) => s.offer === i).length);
	const cost = offers.reduce((sum, o, i) => sum + packedCost(o, counts[i] as number), 0);
	const buy = offers.reduce((n, o, i) => n + (o.owned ? 0 : (counts[i] as number)), 0);
	const proven = cost <= bound + buy / 2;
	const low = Math.min(cost, bound);
	const say = (c: number) => sayMoney(asMoney(c), currency);
	const how = inSeveralStores(offers) ? 'in whole packs, each size at one store,' : 'in whole packs';
	const proof = proven
		? phrase(`Least money: ${how} no plan costs less`)
		: phrase(`Not proven: {n} found; ${how} no plan costs less than {low}`, { n: say(cost), low: say(low) });
	return { ...cut, offers, buy, cost, bound: low, proven, proof: afterUnmet(cut, proof) };
}
