import type { Board } from '../lumber/board';
import { rod } from '../materials/rods';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import type { Cutting } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { boughtLength } from './bought-length';
import { offersOf, sectionsOf, type Offer } from './offers';
import type { Form, Piece } from './pieces';

/** Pieces that are cut from the same wood, and what there is to cut them from. */
export interface PieceGroup {
	key: string;
	title: Phrase;
	kind: 'sheet' | 'board' | 'dowel' | 'rod';
	offers: Offer[];
	pieces: Piece[];
	/** What its bought length may be said for; rods come as they are sold. */
	lengthsOf: (StockId | 'dowel')[];
}

const round = (offer: Pick<Offer, 'title' | 'length' | 'width'>): Offer => ({
	...offer,
	count: Infinity,
	owned: null,
	stock: null
});

function newGroup(form: Form, cutting: Cutting): PieceGroup {
	switch (form.kind) {
		case 'rod': {
			const { title, length, outer } = rod(form.rod);
			return {
				key: `rod ${form.rod}`,
				title: phrase(title),
				kind: 'rod',
				offers: [round({ title, length, width: outer })],
				pieces: [],
				lengthsOf: []
			};
		}
		case 'dowel': {
			const { diameter } = form;
			return {
				key: `dowel ${diameter}`,
				title: phrase(`${DOWEL.title}, {d} across`, { d: mm(diameter) }),
				kind: 'dowel',
				offers: [round({ title: DOWEL.title, length: boughtLength(cutting, 'dowel'), width: diameter })],
				pieces: [],
				lengthsOf: ['dowel']
			};
		}
		case 'flat':
		case 'cleat': {
			const s = stock(form.stock);
			const kind = s.kind === 'ply' ? 'sheet' : 'board';
			return { key: sectionsOf(form.stock), title: phrase(s.title), kind, offers: [], pieces: [], lengthsOf: [] };
		}
	}
}

/**
 * Pieces by what they are cut from: sheets of one kind; boards of one wood and thickness, in all the widths that pieces
 * ask for; rods and dowels of one size. What the shop has comes before what is bought.
 * @param boards lines of the shop's lumber and sheets
 * @example groupPieces(collectPieces(plan), plan.cutting, shop.boards)[0]?.offers
 */
export function groupPieces(pieces: readonly Piece[], cutting: Cutting, boards: readonly Board[]): PieceGroup[] {
	const groups = new Map<string, PieceGroup>();
	const stocks = new Map<string, Set<StockId>>();
	for (const piece of pieces) {
		const fresh = newGroup(piece.form, cutting);
		const group = groups.get(fresh.key) ?? fresh;
		groups.set(group.key, group);
		group.pieces.push(piece);
		if (piece.form.kind === 'flat' || piece.form.kind === 'cleat') {
			const asked = stocks.get(group.key) ?? new Set();
			stocks.set(group.key, asked.add(piece.form.stock));
		}
	}
	for (const [key, asked] of stocks) {
		const group = groups.get(key) as PieceGroup;
		const offers = [...asked].flatMap((id) => offersOf(id, cutting, boards));
		const seen = new Set<string>();
		group.offers = offers
			.filter((o) => {
				const id = o.owned ? `owned ${o.owned.id}` : `bought ${o.stock} ${o.length}`;
				return !seen.has(id) && seen.add(id);
			})
			.sort((a, b) => Number(b.owned !== null) - Number(a.owned !== null) || a.width - b.width);
		group.lengthsOf = [...asked].filter((id) => offers.some((o) => o.owned === null && o.stock === id));
		if (asked.size > 1) group.title = phrase([...asked].map((id) => stock(id).title).join(', '));
	}
	// What can be cut from the shop's own boards alone has the first pick of them.
	const bought = (g: PieceGroup) => Number(g.offers.some((o) => o.owned === null));
	return [...groups.values()].sort((a, b) => bought(a) - bought(b));
}
