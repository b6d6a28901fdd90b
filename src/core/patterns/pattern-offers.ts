import type { Wanted } from '../carriers/carrier';
import { offerOf, type Offers } from '../holders/offers';
import type { CleatContext } from '../mounts/held';
import type { Tool } from '../tools/tool';
import { patternForThing } from './for-thing';
import type { Pattern } from './pattern';

/**
 * The shop's own patterns, made again for a thing; and those that cannot be, with the reason.
 * @example patternOffers(asked, shop.patterns, shop.tools, row).offers[0]?.title
 */
export function patternOffers(
	asked: Wanted,
	patterns: readonly Pattern[],
	tools: readonly Tool[],
	row: CleatContext
): Offers {
	const found: Offers = { offers: [], refusals: [] };
	for (const pattern of patterns) {
		const made = patternForThing(pattern, asked, row, 'offer');
		if (made.ok) found.offers.push(offerOf(pattern.id, pattern.name, made.value, tools, row));
		else found.refusals.push({ kind: pattern.id, title: pattern.name, why: made.error });
	}
	return found;
}
