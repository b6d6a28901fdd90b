import { asCut } from '$core/cutting/already-cut';
import type { CutGroup } from '$core/cutting/cut-group';
import type { CutSheet } from '$core/cutting/cut-sheet';
import { offcutsOf } from '$core/cutting/offcuts';
import { whatIsLeft } from '$core/cutting/what-is-left';
import { itemChange } from '$core/shop/changes';
import type { Problem } from '$core/result';
import { newId } from './new-id';
import type { OpenPlan } from './open-plan.svelte';
import type { OpenShop } from './open-shop.svelte';

/** What to put down: which pieces of which sheet have been cut. */
export interface CutDown {
	group: CutGroup;
	sheet: CutSheet;
	ids: readonly string[];
}

/**
 * Puts pieces down as cut, so that they are cut no more; takes their sheet off the shop's list where it was its own,
 * and puts what is left and worth keeping onto it.
 * @returns what is wrong; nothing has changed then. And how many offcuts are kept
 */
export function putDownCut(
	open: OpenPlan,
	shop: OpenShop | null,
	{ group, sheet, ids }: CutDown
): { problems: Problem[]; kept: number } {
	const { kerf, cut = [] } = open.plan.cutting;
	const pieces = sheet.pieces.filter((p) => ids.includes(p.piece.id)).map((p) => p.piece);
	const fresh = new Set(pieces.map((p) => p.id));
	const now = [...cut.filter((c) => !fresh.has(c.id)), ...pieces.map(asCut)];
	// One press, and one undo for both.
	const key = `cut ${newId()}`;
	const problems = open.do({ kind: 'set-cutting', change: { cut: now } }, key);
	const offer = group.offers[sheet.offer];
	if (problems.length > 0 || !shop || !offer?.stock) return { problems, kept: 0 };
	const line = shop.shop.boards.find((b) => b.id === offer.owned?.id) ?? null;
	const left = whatIsLeft(sheet, offer, kerf, fresh);
	const offcuts = offcutsOf(left, offer.stock, line, shop.shop.settings, newId);
	const changes = offcuts.map((b) => itemChange('boards', null, b));
	if (line) {
		const fewer = line.count > 1 ? { ...line, count: line.count - 1 } : null;
		changes.push(itemChange('boards', line, fewer, shop.shop.boards.indexOf(line)));
	}
	const kept = offcuts.reduce((n, b) => n + b.count, 0);
	return { problems: shop.do('put down a cut sheet', changes, key), kept };
}
