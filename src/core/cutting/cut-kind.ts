import { phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { sortOut, type CutGroup } from './cut-group';
import { cutInPacks } from './cut-in-packs';
import { cutLines } from './cut-lines';
import { cutRectangles } from './cut-rectangles';
import { fitsOffer, widthOf } from './fits';
import { isBar, type PieceGroup } from './groups';
import type { Piece } from './pieces';
import type { Working } from './working';

const NOTHING = {
	sheets: [],
	buy: 0,
	cost: 0,
	bound: 0,
	proven: true,
	proof: phrase('Nothing to cut'),
	unfit: []
} satisfies Partial<CutGroup>;

/**
 * Do pieces lie one behind another only? Rods, straps and dowels do; boards do where no two pieces have room side by
 * side, and all cleats are of one blank.
 */
function inLines(group: PieceGroup, fit: readonly Piece[], kerf: Millimetres): boolean {
	const { kind, offers } = group;
	if (isBar(group)) return true;
	if (kind === 'sheet') return false;
	const widths = fit.map((p) => widthOf(p.form) ?? 0);
	const cleats = new Set(fit.map((p) => (p.form.kind === 'cleat' ? `${p.form.blank} ${p.form.bevel}` : 'flat')));
	const narrowest = Math.min(...widths);
	const widest = Math.max(...offers.map((o) => o.width));
	// Every piece goes onto every board, and none beside another.
	const anywhere = offers.every((o) => Math.max(...widths) <= o.width + 0.01);
	return cleats.size === 1 && anywhere && 2 * narrowest + kerf > widest;
}

const cutterOf = (group: PieceGroup, fit: readonly Piece[], { kerf }: Working) =>
	inLines(group, fit, kerf) ? cutLines : cutRectangles;

/**
 * Pieces of one kind of stock cut from what there is and what is sold, for the least that the work asks for. What goes
 * onto nothing, or of whose wood there is too little, is named, and the rest is cut.
 * @param onBetter is told of every better one on the way
 * @example cutKind(group, work, () => undefined).unfit
 */
export function cutKind(group: PieceGroup, work: Working, onBetter: (g: CutGroup) => void): CutGroup {
	const { fit, unfit } = sortOut(group, work.kerf);
	const whole = (g: CutGroup): CutGroup => ({ ...g, pieces: group.pieces, unfit: [...unfit, ...g.unfit] });
	if (fit.length === 0) return whole({ ...group, ...NOTHING });
	try {
		return whole(cutAll(group, fit, work, (g) => onBetter(whole(g))));
	} catch (error) {
		if (!(error instanceof RangeError)) throw error;
		return whole(cutWhatIsThere(group, fit, work));
	}
}

/** @throws RangeError when they do not all go onto what there is and what is sold */
const cutAll = (
	group: PieceGroup,
	fit: readonly Piece[],
	work: Working,
	onBetter: (g: CutGroup) => void = () => undefined
): CutGroup => cutInPacks(cutterOf(group, fit, work), group, fit, work, onBetter);

/**
 * There is too little of what only the shop has: what goes onto nothing that is sold is cut from it as far as it goes,
 * the rest of that is named, and then everything else is cut.
 */
function cutWhatIsThere(group: PieceGroup, fit: readonly Piece[], work: Working): CutGroup {
	const sold = group.offers.filter((o) => o.count === Infinity);
	const scarce = fit.filter((p) => !sold.some((o) => fitsOffer(p, o)));
	const first = asFarAsItGoes(group, scarce, work);
	if (scarce.length === fit.length) return first;
	const { unfit } = first;
	const named = new Set(unfit.map((u) => u.piece));
	const rest = fit.filter((p) => !named.has(p));
	try {
		return { ...cutAll(group, rest, work), unfit };
	} catch (error) {
		if (!(error instanceof RangeError)) throw error;
		return {
			...besides(
				first,
				group,
				fit.filter((p) => !scarce.includes(p)),
				work
			),
			unfit
		};
	}
}

/** Other pieces from what a first cut leaves. */
function besides(first: CutGroup, group: PieceGroup, fit: readonly Piece[], work: Working): CutGroup {
	const taken = (i: number) => first.sheets.filter((s) => s.offer === i).length;
	const offers = group.offers.map((o, i) => ({ ...o, count: o.count - taken(i) }));
	const got = cutAll({ ...group, offers }, fit, work);
	const proof = phrase('Not proven: what goes only onto what the shop has was cut from it first');
	return { ...got, offers: group.offers, sheets: [...first.sheets, ...got.sheets], bound: 0, proven: false, proof };
}

/**
 * Pieces from what the shop has, as many as go onto it, and the rest named. Boards that nobody has take what is too
 * much, as few of them as can be, and are left out again.
 */
function asFarAsItGoes(group: PieceGroup, fit: readonly Piece[], work: Working): CutGroup {
	const there = group.offers.filter((o) => o.count !== Infinity);
	const sizes = there.map((o) => ({ ...o, count: Infinity, owned: null }));
	const enough = { ...group, offers: [...group.offers, ...sizes] };
	const got = cutterOf(group, fit, work)(enough, fit, work, () => undefined);
	const real = (s: CutGroup['sheets'][number]) => s.offer < group.offers.length;
	const why = phrase('there is not enough of it in the stock-take');
	const unfit = got.sheets.filter((s) => !real(s)).flatMap((s) => s.pieces.map(({ piece }) => ({ piece, why })));
	return { ...group, ...NOTHING, sheets: got.sheets.filter(real), proof: phrase('All that is there is used'), unfit };
}
