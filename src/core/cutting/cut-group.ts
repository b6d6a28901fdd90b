import type { Millimetres } from '../units/quantity';
import { count, mm, phrase, type Phrase } from '../units/phrase';
import type { CutSheet } from './cut-sheet';
import type { PieceGroup } from './groups';
import type { Offer } from './offers';
import type { Form, Piece } from './pieces';

/** Sheets, boards or rods of one kind, as they are cut. */
export interface CutGroup extends PieceGroup {
	sheets: CutSheet[];
	/** How many are bought. */
	buy: number;
	/** No plan buys fewer. */
	bound: number;
	proven: boolean;
	/** How that is known. */
	proof: Phrase;
	/** Pieces that no stock is large enough for, or of which there is not enough. */
	unfit: { piece: Piece; why: Phrase }[];
}

/** What a form takes across its stock; null of what is round. */
export function widthOf(form: Form): Millimetres | null {
	if (form.kind === 'flat') return form.width;
	return form.kind === 'cleat' ? form.blank : null;
}

/** Sizes that differ by less are the same: sums of lengths are not exact. */
const NEAR = 1e-6;

const hasRoom = (offer: Offer, length: Millimetres, width: Millimetres | null): boolean =>
	length <= offer.length + NEAR && (width === null || width <= offer.width + 0.01);

/** Can this piece be cut from this, one way round or the other? */
export function fitsOffer({ length, form }: Piece, offer: Offer): boolean {
	const width = widthOf(form);
	if (hasRoom(offer, length, width)) return true;
	return form.kind === 'flat' && form.turn && hasRoom(offer, form.width, length);
}

/** Less than this is no piece of wood, mm. */
const LEAST = 1;

/** How wide a piece is once it is cut; null of what is as wide as its stock. */
function widthCut(form: Form, kerf: Millimetres): Millimetres | null {
	return form.kind === 'cleat' ? (form.blank - kerf) / 2 : widthOf(form);
}

const tooSmall = ({ length, form }: Piece, kerf: Millimetres): boolean =>
	length < LEAST || (widthCut(form, kerf) ?? LEAST) < LEAST;

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

/**
 * What is to be least: how many are bought, where they are all alike; else how much wood. What is owned costs nothing.
 * @returns a cost for each offer, whole numbers
 */
export function costsOf(offers: readonly Offer[]): number[] {
	const bought = offers.filter((o) => o.owned === null);
	const [first] = bought;
	const alike = bought.every((o) => o.length === first?.length && o.width === first.width);
	return offers.map((o) => {
		if (o.owned) return 0;
		return alike ? 1 : Math.round((o.length * o.width) / 1e4);
	});
}

/** What is known of a plan's cost, and how. */
interface Known {
	cost: number;
	bound: number;
	proven: boolean;
	how: string;
}

/** A group as it is cut, with what is known of it. */
export function cutAs(group: PieceGroup, sheets: CutSheet[], known: Known): CutGroup {
	const buy = sheets.filter((s) => group.offers[s.offer]?.owned === null).length;
	const { bound, proven } = known;
	return { ...group, sheets, buy, bound, proven, proof: proofOf(group.offers, known), unfit: [] };
}

/** How the number to buy is known, in words. */
function proofOf(offers: readonly Offer[], known: Known): Phrase {
	const costs = costsOf(offers);
	const alike = costs.every((c) => c <= 1);
	if (known.cost === 0) return phrase('Nothing to buy: what is there is enough');
	if (!known.proven) {
		return alike
			? phrase('Not proven: {n} found; no plan buys fewer than {low}', {
					n: count(known.cost),
					low: count(known.bound)
				})
			: phrase('Not proven: no plan needs less than {share} of this wood', {
					share: `${Math.floor((100 * known.bound) / known.cost)} %`
				});
	}
	if (alike && known.cost === 1) return phrase('One is enough');
	const fewest = alike ? 'Fewest' : 'Least wood';
	switch (known.how) {
		case 'length':
			return phrase(`${fewest}: with the saw cuts between them the pieces are too long for less`);
		case 'area':
			return phrase(`${fewest}: with the saw cuts between them the pieces cover more than less would`);
		case 'integer programme':
			return phrase(`${fewest}: every way to cut them was compared`);
		default:
			return phrase(`${fewest}: no mix of cuts, even in parts, needs less`);
	}
}
