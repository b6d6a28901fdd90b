import type { CutGroup } from '$core/cutting/cut-group';
import type { CutSheet } from '$core/cutting/cut-sheet';
import type { Offer } from '$core/cutting/offers';

/** What one of a group's boards is called, in the number there are. */
export function boardWord(kind: CutGroup['kind'], n: number): string {
	return n === 1 ? kind : `${kind}s`;
}

/** How many of each offer a group takes, those of the shop first; offers that are not taken are left out. */
export function takenOf(group: Pick<CutGroup, 'offers' | 'sheets'>): { offer: Offer; count: number }[] {
	const count = (i: number) => group.sheets.filter((s: CutSheet) => s.offer === i).length;
	return group.offers.map((offer, i) => ({ offer, count: count(i) })).filter((t) => t.count > 0);
}
