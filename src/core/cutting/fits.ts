import type { Millimetres } from '../units/quantity';
import type { Offer } from './offers';
import type { Form, Piece } from './pieces';

/** What a form takes across its stock; null of what is round. */
export function widthOf(form: Form): Millimetres | null {
	if (form.kind === 'flat') return form.width;
	return form.kind === 'cleat' ? form.blank : null;
}

/** Sizes that differ by less are the same: sums of lengths are not exact. */
export const NEAR = 1e-6;

const hasRoom = (offer: Offer, length: Millimetres, width: Millimetres | null): boolean =>
	length <= offer.length + NEAR && (width === null || width <= offer.width + 0.01);

/** Can this piece be cut from this, one way round or the other? @example fitsOffer(piece, offer) */
export function fitsOffer({ length, form }: Piece, offer: Offer): boolean {
	const width = widthOf(form);
	if (hasRoom(offer, length, width)) return true;
	return form.kind === 'flat' && form.turn && hasRoom(offer, form.width, length);
}
