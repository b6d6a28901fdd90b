import type { Millimetres } from '../units/quantity';
import { count, mm, phrase, type Phrase } from '../units/phrase';
import { sayMoney } from '../prices/money';
import { asMoney, type Counted } from './aim';
import type { CutSheet } from './cut-sheet';
import { fitsOffer, NEAR, widthOf } from './fits';
import type { PieceGroup } from './groups';
import type { Offer } from './offers';
import type { Form, Piece } from './pieces';

/** Sheets, boards or rods of one kind, as they are cut. */
export interface CutGroup extends PieceGroup {
	sheets: CutSheet[];
	/** How many are bought. */
	buy: number;
	/** What it costs in what is to be least. */
	cost: number;
	/** No plan buys fewer. */
	bound: number;
	proven: boolean;
	/** How that is known, after what is unmet. */
	proof: Phrase;
	/** What was asked for and cannot be had. */
	unmet?: string;
	/** Pieces that no stock is large enough for, or of which there is not enough. */
	unfit: { piece: Piece; why: Phrase }[];
}

/** Less than this is no piece of wood, mm. */
const SLIVER = 1;

/** How wide a piece is once it is cut; null of what is as wide as its stock. @example widthCut(piece.form, 3.2) */
export function widthCut(form: Form, kerf: Millimetres): Millimetres | null {
	return form.kind === 'cleat' ? (form.blank - kerf) / 2 : widthOf(form);
}

const tooSmall = ({ length, form }: Piece, kerf: Millimetres): boolean =>
	length < SLIVER || (widthCut(form, kerf) ?? SLIVER) < SLIVER;

/** Why a piece fits nothing there is. */
function whyUnfit(piece: Piece, offers: readonly Offer[], kerf: Millimetres): Phrase {
	if (tooSmall(piece, kerf)) return phrase('nothing of it is left to cut');
	const width = widthOf(piece.form);
	const longest = Math.max(...offers.map((o) => o.length));
	const widest = Math.max(...offers.map((o) => o.width));
	if (offers.length === 0) return phrase('none of it is in the stock-take');
	if (width !== null && width > widest + 0.01)
		return phrase('{w} wide, the widest there is is {most}', { w: mm(width), most: mm(widest) });
	if (piece.length > longest + NEAR)
		return phrase('{l} long, the longest there is is {most}', { l: mm(piece.length), most: mm(longest) });
	return phrase('its grain would run across, and it may not turn');
}

/** Pieces that something there is has room for, and those that nothing has. */
export function sortOut({ pieces, offers }: PieceGroup, kerf: Millimetres): { fit: Piece[]; unfit: CutGroup['unfit'] } {
	const fit: Piece[] = [];
	const unfit: CutGroup['unfit'] = [];
	for (const piece of pieces) {
		if (!tooSmall(piece, kerf) && offers.some((o) => fitsOffer(piece, o))) fit.push(piece);
		else unfit.push({ piece, why: whyUnfit(piece, offers, kerf) });
	}
	return { fit, unfit };
}

/** What is known of a plan's cost, and how. */
interface Known {
	cost: number;
	bound: number;
	proven: boolean;
	how: string;
	counted: Counted;
	/** What money is called. */
	currency: string;
	/** What was asked for and cannot be had. */
	unmet?: string;
}

/** A group as it is cut, with what is known of it. */
export function cutAs(group: PieceGroup, sheets: CutSheet[], known: Known): CutGroup {
	const buy = sheets.filter((s) => group.offers[s.offer]?.owned === null).length;
	const { cost, bound, proven, unmet } = known;
	const got = { ...group, sheets, buy, cost, bound, proven, unfit: [], ...(unmet ? { unmet } : {}) };
	return { ...got, proof: afterUnmet(got, proofOf(known)) };
}

/** How something is known, with what is unmet before it. @example afterUnmet({ unmet: 'Not in strips' }, proof).text */
export const afterUnmet = ({ unmet }: Pick<CutGroup, 'unmet'>, proof: Phrase): Phrase =>
	unmet ? phrase(`${unmet}. ${proof.text}`, proof.values) : proof;

const LEAST: Record<Counted, string> = { number: 'Fewest', money: 'Least money', wood: 'Least wood' };

/** How far a plan that is not proven may be from the best. */
function unproven({ cost, bound, counted, currency }: Known): Phrase {
	switch (counted) {
		case 'number':
			return phrase('Not proven: {n} found; no plan buys fewer than {low}', { n: count(cost), low: count(bound) });
		case 'money':
			return phrase('Not proven: {n} found; no plan costs less than {low}', {
				n: sayMoney(asMoney(cost), currency),
				low: sayMoney(asMoney(bound), currency)
			});
		case 'wood':
			return phrase('Not proven: no plan needs less than {share} of this wood', {
				share: `${Math.floor((100 * bound) / cost)} %`
			});
	}
}

/** How what is bought is known, in words. */
function proofOf(known: Known): Phrase {
	const { counted } = known;
	if (known.cost === 0) return phrase('Nothing to buy: what is there is enough');
	if (!known.proven) return unproven(known);
	if (counted === 'number' && known.cost === 1) return phrase('One is enough');
	const least = LEAST[counted];
	switch (known.how) {
		case 'length':
			return phrase(`${least}: with the saw cuts between them the pieces are too long for less`);
		case 'area':
			return phrase(`${least}: with the saw cuts between them the pieces cover more than less would`);
		case 'integer programme':
			return phrase(`${least}: every way to cut them was compared`);
		default:
			return phrase(`${least}: no mix of cuts, even in parts, needs less`);
	}
}
