import { seeded } from '../seeded';
import { layBlank, twosOf, type Blank } from './blanks';
import { costsOf } from './aim';
import { cutAs, type CutGroup } from './cut-group';
import { cutBlanks } from './cut-lines';
import type { CutSheet } from './cut-sheet';
import type { PieceGroup } from './groups';
import type { Offer } from './offers';
import type { Piece } from './pieces';
import { fewestSheets, type SheetAnswer } from './sheets/fewest-sheets';
import { layBox, type Standing } from './sheets/lay-box';
import { HUNDREDTHS, toHundredths, type SheetPiece, type SheetProblem } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { largestRest } from './large-rest';
import { settingsOf } from './settings';
import { onSmaller, smallestOffer } from './smaller-stock';
import { cutInStrips } from './strips';
import { count, phrase } from '../units/phrase';
import type { Working } from './working';
import type { Millimetres } from '../units/quantity';

/** What lies on a sheet as one rectangle: a piece, or a blank that becomes cleats. */
type Item = SheetPiece & ({ pieces: Piece[]; blanks?: never } | { blanks: Blank[]; pieces?: never });

const NOT_IN_STRIPS = 'Not in strips, which do not hold every piece';

const key = (l: number, w: number, turn: boolean) => `${toHundredths(l)} ${toHundredths(w)} ${turn}`;

/** Rectangles of a group, equal ones together. */
export function rectanglesOf(flats: readonly Piece[], blanks: readonly Blank[]): Item[] {
	const found = new Map<string, Item>();
	for (const piece of flats) {
		if (piece.form.kind !== 'flat') continue;
		const { width, turn } = piece.form;
		const k = key(piece.length, width, turn);
		const item = found.get(k);
		if (item?.pieces) item.pieces.push(piece);
		else found.set(k, { length: piece.length, width, count: 0, turn, pieces: [piece] });
	}
	for (const blank of blanks) {
		const k = `blank ${key(blank.length, blank.width, false)} ${blank.bevel}`;
		const item = found.get(k);
		if (item?.blanks) item.blanks.push(blank);
		else found.set(k, { length: blank.length, width: blank.width, count: 0, turn: false, blanks: [blank] });
	}
	return [...found.values()].map((item) => ({ ...item, count: (item.pieces ?? item.blanks).length }));
}

/**
 * The same with every cleat by itself, as wide as its half of a blank: whatever can be cut in blanks can be cut so, and
 * so what this needs at least is a bound for the plan.
 */
export function relaxed(problem: SheetProblem, flats: readonly Piece[], cleats: readonly Piece[]): SheetProblem {
	const halves = new Map<string, SheetPiece>();
	for (const { length, form } of cleats) {
		if (form.kind !== 'cleat') continue;
		const width = (form.blank - problem.kerf) / 2;
		const k = key(length, width, false);
		halves.set(k, { length, width, turn: false, count: (halves.get(k)?.count ?? 0) + 1 });
	}
	return { ...problem, pieces: [...rectanglesOf(flats, []), ...halves.values()] };
}

/** What the first packing costs; Infinity where there is not stock enough. */
function quickCost(problem: SheetProblem, { solve }: Working): number {
	try {
		return fewestSheets(problem, { solve, random: seeded(1), secondsLeft: () => 0 }).packing.cost;
	} catch (error) {
		if (!(error instanceof RangeError)) throw error;
		return Infinity;
	}
}

/** Cleats in blanks as long as can be, which are ripped least often; two to a blank where those cost less at first. */
function cheaperOf(long: Item[], twos: Item[], stocks: SheetProblem['stocks'], work: Working): Item[] {
	if (!long.some((i) => i.blanks)) return long;
	const cost = (pieces: Item[]) => quickCost({ pieces, stocks, kerf: work.kerf }, work);
	return cost(twos) < cost(long) ? twos : long;
}

/** Pieces that lie side by side on sheets or wide boards, by cuts that go right through. */
export function cutRectangles(
	group: PieceGroup,
	fit: readonly Piece[],
	work: Working,
	onBetter: (g: CutGroup) => void
): CutGroup {
	const { kerf, currency } = work;
	const flats = fit.filter((p) => p.form.kind === 'flat');
	const cleats = fit.filter((p) => p.form.kind === 'cleat');
	const { each: costs, counted } = costsOf(group.offers, work.aim);
	const stocks = group.offers.map((o, i) => ({
		length: o.length,
		width: o.width,
		cost: costs[i] as number,
		count: o.count
	}));
	const blanks = cutBlanks(cleats, group.offers, { ...work, secondsLeft: () => Math.min(2, work.secondsLeft()) });
	const items = cheaperOf(rectanglesOf(flats, blanks), rectanglesOf(flats, twosOf(cleats, kerf)), stocks, work);
	const problem: SheetProblem = { pieces: items, stocks, kerf };
	const lay = (filled: readonly FilledSheet[], inStrips = false) => {
		const sheets = filled.map(({ stock, box }) => {
			const taken = { length: box.l / HUNDREDTHS, width: box.w / HUNDREDTHS };
			return { stock: smallestOffer(group.offers, costs, stock, taken), box };
		});
		return layRectangles(sheets, items, group.offers, kerf, inStrips);
	};
	const wantsStrips = work.inStrips && group.kind === 'sheet';
	const done = (answer: SheetAnswer, filled: readonly FilledSheet[] = answer.packing.sheets): CutGroup => {
		const { bound, proven, how, packing } = answer;
		const unmet = wantsStrips ? { unmet: NOT_IN_STRIPS } : {};
		const known = { cost: packing.cost, bound, proven, how, counted, currency, ...unmet };
		return cutAs({ ...group, pieces: [...fit] }, lay(filled), known);
	};
	const bounding = cleats.length > 0 ? relaxed(problem, flats, cleats) : problem;
	const { solve, secondsLeft, random, aim } = work;
	const strips = wantsStrips ? cutInStrips(problem, work) : null;
	if (strips) {
		const sheets = lay(strips, true);
		const cost = sheets.reduce((sum, s) => sum + (costs[s.offer] as number), 0);
		// Whatever is cut in strips could be cut freely: what that needs at least is a bound.
		const { bound, how } = fewestSheets(problem, { solve, secondsLeft, random, bounding });
		const known = { cost, bound: Math.min(cost, bound), proven: cost <= bound + 1e-9, how, counted, currency };
		return cutAs({ ...group, pieces: [...fit] }, sheets, known);
	}
	const onFound = (a: SheetAnswer) => onBetter(done(a));
	const answer = fewestSheets(problem, { solve, secondsLeft, random, bounding, onBetter: onFound });
	const small = counted === 'number' ? onSmaller(problem, answer.packing.sheets, group.offers, work) : undefined;
	const fewest = done(answer, small);
	if (aim === 'setups') {
		const filled = cutInStrips(problem, work);
		return fewerSettings(fewest, filled && lay(filled, true), kerf);
	}
	const larger = aim === 'offcuts' ? largestRest(problem, answer.packing.sheets, work) : null;
	return larger ? done(answer, larger) : fewest;
}

/** Cut in strips where that sets the saw less often; else, and where it cannot be, as it was. */
function fewerSettings(fewest: CutGroup, strips: CutSheet[] | null, kerf: Millimetres): CutGroup {
	const before = settingsOf(fewest.sheets, fewest.offers, kerf);
	const after = strips ? settingsOf(strips, fewest.offers, kerf) : Infinity;
	if (!strips || after >= before) {
		const why = strips ? 'strips would take no fewer' : 'strips do not hold every piece';
		return { ...fewest, proven: false, proof: phrase(`{n} settings of the saw: ${why}`, { n: count(before) }) };
	}
	const buy = strips.filter((s) => fewest.offers[s.offer]?.owned === null).length;
	const proof = phrase('{n} settings of the saw, in strips; the fewest to buy is {m}, with {k} settings', {
		n: count(after),
		m: count(fewest.buy),
		k: count(before)
	});
	return { ...fewest, sheets: strips, buy, proven: false, proof };
}

/** Filled sheets with every piece in its place, and every cut in order. */
export function layRectangles(
	sheets: readonly FilledSheet[],
	items: readonly Item[],
	offers: readonly Offer[],
	kerf: Millimetres,
	inStrips = false
): CutSheet[] {
	const pieces = items.map((i) => [...(i.pieces ?? [])]);
	const blanks = items.map((i) => [...(i.blanks ?? [])]);
	const standing = (item: number, { x, y, turned }: { x: number; y: number; turned: boolean }): Standing => {
		const blank = blanks[item]?.shift();
		if (blank) return layBlank(blank, x, y, kerf);
		const piece = pieces[item]?.shift() as Piece;
		const width = piece.form.kind === 'flat' ? piece.form.width : 0;
		const [along, across] = turned ? [width, piece.length] : [piece.length, width];
		return { pieces: [{ piece, x, y, length: along, width: across }], cuts: [], rests: [] };
	};
	return sheets.map(({ stock, box }) => {
		const { length, width } = offers[stock] as Offer;
		const laid = layBox(box, toHundredths(length), toHundredths(width), toHundredths(kerf), standing, inStrips);
		return { offer: stock, pieces: laid.pieces, cuts: laid.cuts, rests: laid.rests };
	});
}
