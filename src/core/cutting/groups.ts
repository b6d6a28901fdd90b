import { isMetal, rod } from '../materials/rods';
import { readOwn } from '../materials/own-stock';
import { strapOf } from '../materials/steel';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import type { Cutting } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { boughtLength } from './bought-length';
import { fitsOffer } from './fits';
import { offersOf, barOffers, sectionsOf, usualOffer, type Offer, type Supply } from './offers';
import type { Form, Piece } from './pieces';

/** Pieces that are cut from the same wood, and what there is to cut them from. */
export interface PieceGroup {
	key: string;
	title: Phrase;
	kind: 'sheet' | 'board' | 'dowel' | 'rod' | 'strap';
	offers: Offer[];
	/** What could be bought as well, had it a price. */
	unpriced: Offer[];
	pieces: Piece[];
	/** What its bought length may be said for; rods come as they are sold. */
	lengthsOf: (StockId | 'dowel')[];
}

function newGroup(form: Form, cutting: Cutting, { buying }: Supply): PieceGroup {
	const empty = { offers: [], unpriced: [], pieces: [], lengthsOf: [] };
	switch (form.kind) {
		case 'rod': {
			const { title, length, outer } = rod(form.rod);
			const ware = { sold: 'rod', rod: form.rod } as const;
			const offers = barOffers(title, outer, length, () => ware, buying);
			return { ...empty, key: `rod ${form.rod}`, title: phrase(title), kind: 'rod', offers };
		}
		case 'strap': {
			const { title, length, width } = strapOf(form.strap);
			const ware = { sold: 'strap', strap: form.strap } as const;
			const offers = barOffers(title, width, length, () => ware, buying);
			return { ...empty, key: `strap ${form.strap}`, title: phrase(title), kind: 'strap', offers };
		}
		case 'dowel': {
			const { diameter } = form;
			const ware = (length: number) => ({ sold: 'dowel', diameter, length }) as const;
			const offers = barOffers(DOWEL.title, diameter, boughtLength(cutting, 'dowel'), ware, buying);
			const title = phrase(`${DOWEL.title}, {d} across`, { d: mm(diameter) });
			const lengthsOf = offers.some((o) => o.price) ? [] : ['dowel' as const];
			return { ...empty, key: `dowel ${diameter}`, title, kind: 'dowel', offers, lengthsOf };
		}
		case 'flat':
		case 'cleat': {
			const s = stock(form.stock);
			const kind = s.kind === 'ply' ? 'sheet' : 'board';
			return { ...empty, key: sectionsOf(form.stock), title: phrase(s.title), kind };
		}
	}
}

/** Two offers are the same thing to buy, or the same line of the shop. */
function idOf({ owned, price, stock: id, length }: Offer): string {
	if (owned) return `owned ${owned.id}`;
	return price ? `price ${price.id}` : `usual ${id} ${length}`;
}

function once(offers: readonly Offer[]): Offer[] {
	const seen = new Set<string>();
	return offers.filter((o) => !seen.has(idOf(o)) && seen.add(idOf(o)));
}

const fitsSome = (piece: Piece, offers: readonly Offer[]) => offers.some((o) => fitsOffer(piece, o));

/** What boards and sheets of a group can be cut from, and what it lacks a price for. */
function supplyGroup(group: PieceGroup, asked: ReadonlySet<StockId>, cutting: Cutting, supply: Supply): void {
	const all = once([...asked].flatMap((id) => offersOf(id, cutting, supply)));
	// What the list sells is too small for some piece: it may come in its usual size all the same, where that is larger.
	const lacking = group.pieces.filter((p) => !fitsSome(p, all));
	const usual = [...asked].filter((id) => !readOwn(id)).map((id) => usualOffer(id, cutting));
	all.push(...usual.filter((o) => lacking.some((p) => fitsOffer(p, o))));
	const known = all.filter((o) => o.owned || o.each !== null);
	const bought = known.filter((o) => o.owned === null);
	const unknown = all.filter((o) => !known.includes(o));
	// Where what has a price does for every piece that can be bought at all, the rest is no guess anybody needs.
	const enough = bought.length > 0 && group.pieces.every((p) => fitsSome(p, bought) || !fitsSome(p, unknown));
	group.offers = once(enough ? known : all).sort(
		(a, b) => Number(b.owned !== null) - Number(a.owned !== null) || a.width - b.width
	);
	group.unpriced = enough ? unknown : [];
	group.lengthsOf = [...asked].filter((id) => all.some((o) => o.ware && o.price === null && o.stock === id));
	if (asked.size > 1) group.title = phrase([...asked].map((id) => stock(id).title).join(', '));
}

/**
 * Pieces by what they are cut from: sheets of one kind; boards of one wood and thickness, in all the widths that pieces
 * ask for; rods, straps and dowels of one size. What the shop has comes before what is bought.
 * @param supply what the shop has, and what can be bought
 * @example groupPieces(collectPieces(plan), plan.cutting, NO_SUPPLY)[0]?.offers
 */
export function groupPieces(pieces: readonly Piece[], cutting: Cutting, supply: Supply): PieceGroup[] {
	const groups = new Map<string, PieceGroup>();
	const stocks = new Map<string, Set<StockId>>();
	for (const piece of pieces) {
		const fresh = newGroup(piece.form, cutting, supply);
		const group = groups.get(fresh.key) ?? fresh;
		groups.set(group.key, group);
		group.pieces.push(piece);
		if (piece.form.kind === 'flat' || piece.form.kind === 'cleat') {
			const asked = stocks.get(group.key) ?? new Set();
			stocks.set(group.key, asked.add(piece.form.stock));
		}
	}
	for (const [key, asked] of stocks) supplyGroup(groups.get(key) as PieceGroup, asked, cutting, supply);
	// What can be cut from the shop's own boards alone has the first pick of them.
	const bought = (g: PieceGroup) => Number(g.offers.some((o) => o.owned === null));
	return [...groups.values()].sort((a, b) => bought(a) - bought(b));
}

/** Whether a kind is sold by its length alone: its pieces lie one behind another. */
export const isBar = ({ kind }: Pick<PieceGroup, 'kind'>): boolean =>
	kind === 'rod' || kind === 'dowel' || kind === 'strap';

/** What metal a group is of, as it is sawn; null of wood. @example metalOf(group) // 'tube' */
export function metalOf({ pieces }: Pick<PieceGroup, 'pieces'>): 'bar' | 'tube' | null {
	const form = pieces[0]?.form;
	if (form?.kind === 'strap') return 'bar';
	if (form?.kind !== 'rod') return null;
	const { material, wall } = rod(form.rod);
	if (!isMetal(material)) return null;
	return wall > 0 ? 'tube' : 'bar';
}
