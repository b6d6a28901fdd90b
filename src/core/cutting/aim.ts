import type { Cutting } from '../plan/types';
import type { Offer } from './offers';

/** What a cut plan makes least, or most. */
export type Aim = NonNullable<Cutting['aim']>;

/** Unless a plan says another. */
export const USUAL_AIM: Aim = 'money';

/** What the costs of a group's offers are counted in. */
export type Counted = 'number' | 'money' | 'wood';

/** A cost for each offer, whole numbers, and what they are. */
export interface Costs {
	each: number[];
	counted: Counted;
}

const CENTS = 100;
/** Wood is counted in square centimetres. */
const SQUARE = 100;

/** What is bought differs in nothing: then the fewest are the cheapest, too. */
function alike(bought: readonly Offer[]): boolean {
	const [first] = bought;
	return bought.every((o) => o.length === first?.length && o.width === first.width && o.each === first.each);
}

/**
 * What is to be least: money, where every price is known, else wood; or how many are bought, whatever their size. What
 * is owned costs nothing.
 * @example costsOf(group.offers, 'money').counted // 'wood' where a price is missing
 */
export function costsOf(offers: readonly Offer[], aim: Aim): Costs {
	const bought = offers.filter((o) => o.owned === null);
	const of = (counted: Counted, cost: (o: Offer) => number): Costs => ({
		counted,
		each: offers.map((o) => (o.owned ? 0 : Math.max(1, Math.round(cost(o)))))
	});
	if (alike(bought)) return of('number', () => 1);
	if (aim === 'money' && bought.every((o) => o.each !== null)) return of('money', (o) => CENTS * (o.each as number));
	if (aim === 'money' || aim === 'waste') return of('wood', (o) => (o.length * o.width) / SQUARE ** 2);
	return of('number', () => 1);
}

/** The cost of a sum of money: cents. */
export const asCost = (money: number): number => Math.round(CENTS * money);
/** Money of a cost in cents. */
export const asMoney = (cost: number): number => cost / CENTS;
