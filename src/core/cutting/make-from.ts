import type { Board } from '../lumber/board';
import type { Cutting } from '../plan/types';
import { phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { twosOf } from './blanks';
import { sortOut, type CutGroup } from './cut-group';
import { layRectangles, rectanglesOf } from './cut-rectangles';
import { groupPieces } from './groups';
import { matchesStock, NO_SUPPLY, type Offer } from './offers';
import type { Piece } from './pieces';
import { CellFill } from './sheets/cell-fill';
import { kindsOf, toHundredths } from './sheets/problem';

/** What one piece of wood gives: how it is cut, and what is finished by it. */
export interface Made {
	group: CutGroup;
	/** Rows and holders of which nothing of this wood is left to cut then. */
	finished: Piece['owner'][];
}

/** Cells along a single board, and boxes kept: there is one to fill, and time to look closely. */
const CELLS = 150;
const KEEP = 8;

/**
 * As much as one board or offcut of the shop gives of what is still to cut: the most area. Cleats come in twos, ripped
 * from one blank: one by itself would waste the other half.
 * @param line of the shop's lumber
 * @returns null where nothing to cut is of its wood and thickness, or small enough
 * @example makeFrom(offcut, sortCut(collectPieces(plan), plan.cutting.cut).todo, plan.cutting)?.group.sheets[0]
 */
export function makeFrom(line: Board, todo: readonly Piece[], cutting: Cutting): Made | null {
	const all = todo.filter(({ form }) => 'stock' in form && matchesStock(line, form.stock));
	const [start] = groupPieces(all, cutting, NO_SUPPLY);
	const form = all[0]?.form;
	if (!start || !form || !('stock' in form)) return null;
	const { id, where, offcut, shortest: length, width } = line;
	const offer: Offer = {
		title: start.offers[0]?.title ?? '',
		length,
		width,
		trim: { ends: 0, edges: 0 },
		count: 1,
		owned: { id, where, offcut },
		stock: form.stock,
		ware: null,
		price: null,
		each: null,
		lines: []
	};
	const group = { ...start, offers: [offer], pieces: all };
	const { fit } = sortOut(group, cutting.kerf);
	const sheet = fillOne(fit, offer, cutting.kerf);
	if (!sheet) return null;
	const used = new Set(sheet.pieces.map((p) => p.piece.id));
	const open = new Set(all.filter((p) => !used.has(p.id)).map((p) => p.owner.id));
	const owners = new Map(sheet.pieces.map((p) => [p.piece.owner.id, p.piece.owner]));
	return {
		group: { ...group, sheets: [sheet], buy: 0, cost: 0, bound: 0, proven: true, proof: phrase(''), unfit: [] },
		finished: [...owners.values()].filter((o) => !open.has(o.id))
	};
}

function fillOne(fit: readonly Piece[], offer: Offer, kerf: Millimetres) {
	const flats = fit.filter(({ form }) => form.kind === 'flat');
	const items = rectanglesOf(
		flats,
		twosOf(fit, kerf).filter((b) => b.halves[1].length > 0)
	);
	const kinds = kindsOf({ pieces: items, stocks: [], kerf });
	const cells = new CellFill(kinds, toHundredths(offer.length), toHundredths(offer.width), CELLS, KEEP);
	const { box } = cells.fill(kinds.count.slice(), kinds.area);
	return box ? layRectangles([{ stock: 0, box }], items, [offer], kerf)[0] : undefined;
}
