import type { CutPlan } from '../cutting/cut-plan';
import type { Owner } from '../cutting/screws';
import type { Plan } from '../plan/types';
import { thingsOn } from '../shop/places';
import type { Bill, BillLine } from './bill';

/** What one row or holder costs. */
export interface Share {
	owner: Owner;
	/** Wood, screws, small parts and glue, as far as their prices are known. */
	money: number;
	finish: number;
	/** Some of what it needs has no price. */
	missing: boolean;
	/** Some of what it needs is there already, and costs nothing. */
	own: boolean;
	/** So many things hang on it; 0 where it does not say. */
	things: number;
}

/** What a wall costs, and who of it. */
export interface Shares {
	owners: Share[];
	/** Boards, screws and the like that are left in their packs, or bought over: nobody's. */
	over: number;
}

/** What one share of a line costs: wood by its share of all that is cut, the rest by what one costs. */
function costOf({ kind, need, packs }: BillLine, share: number): number {
	if (!packs) return 0;
	return (kind === 'wood' ? share * need : share) * packs.each;
}

/**
 * Who costs how much: a board is paid for by what is cut from it, by area and with its waste; screws, glue and finish
 * by what is used. What is left in packs is nobody's, so that shares and what is over add up to the bill.
 * @example sharesOf(plan, cuts, bill).owners[0]?.money
 */
export function sharesOf(plan: Plan, cuts: CutPlan, bill: Bill): Shares {
	const found = new Map<string, Share>();
	const counts = new Map<string, number>();
	for (const { holder, count } of thingsOn(plan)) counts.set(holder, (counts.get(holder) ?? 0) + count);
	const of = (owner: Owner): Share => {
		const there = found.get(owner.id);
		if (there) return there;
		const share = { owner, money: 0, finish: 0, missing: false, own: false, things: counts.get(owner.id) ?? 0 };
		found.set(owner.id, share);
		return share;
	};
	for (const owner of ownersOf(plan)) of(owner);
	let given = 0;
	for (const line of bill.lines) {
		for (const { owner, share } of line.owners.values()) {
			const cost = costOf(line, share);
			given += cost;
			const mine = of(owner);
			mine[line.kind === 'finish' ? 'finish' : 'money'] += cost;
			mine.missing ||= line.packs === null;
		}
	}
	for (const g of cuts.groups)
		for (const s of g.sheets)
			if (g.offers[s.offer]?.owned) for (const { piece } of s.pieces) of(piece.owner).own = true;
	for (const line of bill.have) for (const { owner } of line.owners.values()) of(owner).own = true;
	return { owners: [...found.values()], over: bill.total - given };
}

const ownersOf = (plan: Plan): Owner[] => [
	...plan.rows.map(({ id, name }) => ({ kind: 'row' as const, id, name })),
	...plan.holders.map(({ id, name }) => ({ kind: 'holder' as const, id, name }))
];
