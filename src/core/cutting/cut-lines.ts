import { blanksOf, byBlank, layBlank, type Blank } from './blanks';
import type { CutSheet } from './cut-sheet';
import { costsOf } from './aim';
import { cutAs, type CutGroup } from './cut-group';
import type { PieceGroup } from './groups';
import { fewestLines, type LineAnswer } from './lines/fewest-lines';
import { longestRest } from './large-rest';
import type { Line, LineProblem } from './lines/line-problem';
import type { Piece } from './pieces';
import { fitsOffer } from './fits';
import type { Offer } from './offers';
import { smallestOffer } from './smaller-stock';
import type { Working } from './working';

/** Pieces by length, in hundredths of a millimetre: what differs by less is cut at the same stop. */
export function byLength(pieces: readonly Piece[]): { length: number; pieces: Piece[] }[] {
	const lengths = new Map<number, Piece[]>();
	for (const p of pieces) {
		const key = Math.round(p.length * 100) / 100;
		lengths.set(key, [...(lengths.get(key) ?? []), p]);
	}
	return [...lengths].map(([length, all]) => ({ length, pieces: all }));
}

/** Pieces behind one another on one board, the longest first. */
function layLine(pieces: readonly Piece[], offer: CutGroup['offers'][number], kerf: number, stock: number): CutSheet {
	const sheet: CutSheet = { offer: stock, pieces: [], cuts: [], rests: [] };
	let at = 0;
	for (const piece of [...pieces].sort((a, b) => b.length - a.length)) {
		// A board is ripped to width after it is cut to length, or not at all.
		const width = piece.form.kind === 'flat' ? Math.min(piece.form.width, offer.width) : offer.width;
		sheet.pieces.push({ piece, x: at, y: 0, length: piece.length, width });
		const end = at + piece.length;
		if (offer.length - end > 1e-6) sheet.cuts.push({ across: true, at: end, from: 0, to: offer.width });
		if (offer.width - width > 0.01) {
			sheet.cuts.push({ across: false, at: width, from: at, to: end });
			const over = offer.width - width - kerf;
			if (over > 0) sheet.rests.push({ x: at, y: width + kerf, length: piece.length, width: over });
		}
		at = end + kerf;
	}
	if (offer.length - at > 1e-6) sheet.rests.push({ x: at, y: 0, length: offer.length - at, width: offer.width });
	return sheet;
}

/** Cleats of one board: the rip, then both halves to length. */
function layCleats(
	lanes: readonly (readonly Piece[])[],
	offer: CutGroup['offers'][number],
	kerf: number,
	stock: number
) {
	const form = lanes[0]?.[0]?.form;
	if (form?.kind !== 'cleat') throw new RangeError('Only cleats are ripped in two');
	const halves: [Piece[], Piece[]] = [[...(lanes[0] ?? [])], [...(lanes[1] ?? [])]];
	const blank = { length: offer.length, width: form.blank, bevel: form.bevel, halves };
	const trimmed = offer.width - form.blank > 0.01;
	const laid = layBlank(blank, 0, 0, kerf);
	const sheet: CutSheet = { offer: stock, pieces: laid.pieces, cuts: laid.cuts, rests: laid.rests };
	if (trimmed) {
		sheet.cuts.unshift({ across: false, at: form.blank, from: 0, to: offer.length });
		const over = offer.width - form.blank - kerf;
		if (over > 0) sheet.rests.push({ x: 0, y: form.blank + kerf, length: offer.length, width: over });
	}
	return sheet;
}

/** Lanes of a problem as the pieces themselves. */
function takePieces(
	lines: readonly Line[],
	lengths: readonly { pieces: Piece[] }[]
): { stock: number; pieces: Piece[] }[] {
	const left = lengths.map((l) => [...l.pieces]);
	return lines.map(({ stock, items }) => ({
		stock,
		pieces: items.map((i) => (left[i] as Piece[]).shift() as Piece)
	}));
}

/** Pieces of one width behind one another, one or two (cleats) abreast. */
export function cutLines(
	group: PieceGroup,
	fit: readonly Piece[],
	work: Working,
	onBetter: (g: CutGroup) => void
): CutGroup {
	const abreast = fit[0]?.form.kind === 'cleat' ? 2 : 1;
	const { kerf, currency } = work;
	const lengths = byLength(fit);
	const { each: costs, counted } = costsOf(group.offers, work.aim);
	const problem: LineProblem = {
		items: lengths.map(({ length, pieces }) => ({ length, count: pieces.length })),
		stocks: group.offers.map((o, i) => ({ length: o.length, cost: costs[i] as number, count: o.count * abreast })),
		kerf
	};
	/** One lane by itself may do with a shorter board; two abreast are of one. */
	const smallestOf = (lines: readonly Line[]): Line[] =>
		lines.map(({ stock, items }) => {
			if (abreast > 1) return { stock, items };
			const length = items.reduce((sum, i) => sum + (lengths[i]?.length ?? 0) + kerf, -kerf);
			const width = group.offers[stock]?.width ?? 0;
			return { stock: smallestOffer(group.offers, costs, stock, { length, width }), items };
		});
	const done = (answer: LineAnswer, lines: readonly Line[] = answer.lines): CutGroup => {
		const lanes = takePieces(smallestOf(lines), lengths);
		const sheets = group.offers.flatMap((offer, stock) => {
			const mine = lanes.filter((l) => l.stock === stock).map((l) => l.pieces);
			if (abreast === 1) return mine.map((pieces) => layLine(pieces, offer, kerf, stock));
			const boards: CutSheet[] = [];
			for (let i = 0; i < mine.length; i += 2) boards.push(layCleats(mine.slice(i, i + 2), offer, kerf, stock));
			return boards;
		});
		const cost = sheets.reduce((sum, s) => sum + (costs[s.offer] as number), 0);
		// A board gives two lanes: half as many boards as lanes, rounded up.
		const bound = Math.min(cost, abreast === 1 ? answer.bound : Math.ceil(answer.bound / 2 - 1e-9));
		const proven = cost <= bound + 1e-9;
		return cutAs({ ...group, pieces: [...fit] }, sheets, { cost, bound, proven, how: answer.how, counted, currency });
	};
	const { solve, secondsLeft, random } = work;
	const answer = fewestLines(problem, { solve, secondsLeft, random, onBetter: (a) => onBetter(done(a)) });
	const longer = work.aim === 'offcuts' ? longestRest(problem, answer.lines, abreast, work) : null;
	return done(answer, longer ?? answer.lines);
}

/**
 * Blanks for the cleats of a sheet: as few lanes as there can be, two and two, cut apart where that loses nothing; none
 * longer than what there is enough of, but for cleats that go onto nothing of that.
 */
export function cutBlanks(cleats: readonly Piece[], offers: readonly Offer[], work: Working) {
	const sold = offers.filter((o) => o.count === Infinity);
	const isSold = (p: Piece) => sold.some((o) => fitsOffer(p, o));
	const long = cleats.filter((p) => !isSold(p));
	return [...blanksFrom(cleats.filter(isSold), sold, work), ...blanksFrom(long, offers, work)];
}

/** Blanks as long as the longest offer that is wide enough for them. */
const blanksFrom = (cleats: readonly Piece[], offers: readonly Offer[], work: Working): Blank[] =>
	byBlank(cleats).flatMap(({ blank, bevel, pieces }) => {
		const lengths = byLength(pieces);
		const items = lengths.map((l) => ({ length: l.length, count: l.pieces.length }));
		const room = offers.filter((o) => pieces.some((p) => fitsOffer(p, o)));
		const stocks = [{ length: Math.max(...room.map((o) => o.length)), cost: 1, count: Infinity }];
		const answer = fewestLines({ items, stocks, kerf: work.kerf }, work);
		return blanksOf(
			takePieces(answer.lines, lengths).map((l) => l.pieces),
			blank,
			bevel,
			work.kerf
		);
	});
