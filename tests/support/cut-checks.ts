import { expect } from 'vitest';
import type { CutPlan } from '$core/cutting/cut-plan';
import type { CutGroup } from '$core/cutting/cut-group';
import type { Piece } from '$core/cutting/pieces';
import { lies, saw } from './saw';

/** How large a piece must be once it is cut; null of what is as wide as its stock. */
function widthWanted({ form }: Piece, kerf: number): number | null {
	if (form.kind === 'flat') return form.width;
	return form.kind === 'cleat' ? (form.blank - kerf) / 2 : null;
}

/** Every sheet of a group can be sawn as it is told, and gives its pieces and its rests and nothing else. */
export function sawsTrue(group: CutGroup, kerf: number): void {
	for (const sheet of group.sheets) {
		const offer = group.offers[sheet.offer]!;
		const bench = saw(offer, kerf, sheet.cuts);
		for (const laid of sheet.pieces) {
			expect(lies(bench, laid), laid.piece.id).toBe(true);
			const wide = widthWanted(laid.piece, kerf) ?? offer.width;
			const turned = Math.abs(laid.length - laid.piece.length) > 0.02;
			expect(turned ? laid.width : laid.length, laid.piece.id).toBeCloseTo(laid.piece.length, 1);
			expect(turned ? laid.length : laid.width, laid.piece.id).toBeCloseTo(wide, 1);
			if (turned) expect(laid.piece.form).toMatchObject({ turn: true });
		}
		for (const rest of sheet.rests) expect(lies(bench, rest)).toBe(true);
		expect(bench).toHaveLength(sheet.pieces.length + sheet.rests.length);
		// Area is kept: what is not on the bench went into the kerf of some cut.
		const left = bench.reduce((sum, p) => sum + p.length * p.width, 0);
		const dust = sheet.cuts.reduce((sum, c) => sum + (c.to - c.from) * kerf, 0);
		expect(left).toBeLessThanOrEqual(offer.length * offer.width + 1);
		expect(left + dust).toBeGreaterThanOrEqual(offer.length * offer.width - 1);
	}
}

/** Every piece wanted is cut once or named as not cut; no more of the shop's boards are taken than there are. */
export function cutsAll(plan: CutPlan, wanted: readonly Piece[]): void {
	const ids = plan.groups.flatMap((g) => [
		...g.sheets.flatMap((s) => s.pieces.map((p) => p.piece.id)),
		...g.unfit.map((u) => u.piece.id)
	]);
	ids.push(...plan.done.map((p) => p.id));
	expect([...ids].sort()).toEqual(wanted.map((p) => p.id).sort());
	for (const g of plan.groups) {
		for (const [i, offer] of g.offers.entries())
			expect(g.sheets.filter((s) => s.offer === i).length, offer.title).toBeLessThanOrEqual(offer.count);
		expect(g.sheets.filter((s) => g.offers[s.offer]!.owned === null)).toHaveLength(g.buy);
		expect(g.sheets.every((s) => s.pieces.length > 0)).toBe(true);
	}
}
