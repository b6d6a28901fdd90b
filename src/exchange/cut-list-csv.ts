import Papa from 'papaparse';
import type { Bill, BillLine } from '$core/buying/bill';
import type { CutGroup } from '$core/cutting/cut-group';
import type { CutPlan } from '$core/cutting/cut-plan';
import { soldSize, type Offer } from '$core/cutting/offers';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';
import { MM_PER_INCH, type Millimetres } from '$core/units/quantity';

/** Lengths in a column are bare numbers of the unit in its head: mm to a tenth, inches to a thousandth. */
const writer = (unit: LengthUnit) => (length: Millimetres) =>
	unit === 'inch' ? (length / MM_PER_INCH).toFixed(3) : length.toFixed(1);

type Row = Record<string, string | number>;
type Write = (length: Millimetres) => string;

/** A line for every piece with the board it comes from and where it lies on it; or why it is not cut. */
function pieceRows({ sheets, offers, unfit, title }: CutGroup, unit: LengthUnit, length: Write): Row[] {
	const laid = sheets.flatMap((sheet, n) =>
		sheet.pieces.map(({ piece, x, y, length: l, width }) => ({
			list: 'cut',
			what: piece.name,
			stock: (offers[sheet.offer] as Offer).title,
			board: n + 1,
			along: length(x),
			across: length(y),
			length: length(l),
			width: length(width),
			count: 1,
			for: piece.owner.name
		}))
	);
	const not = unfit.map(({ piece, why }) => ({
		list: 'cut',
		what: piece.name,
		stock: sayPhrase(title, unit),
		board: sayPhrase(why, unit),
		length: length(piece.length),
		count: 1,
		for: piece.owner.name
	}));
	return [...laid, ...not];
}

/** Boards that are there already. */
function takeRows({ kind, sheets, offers }: CutGroup, length: Write): Row[] {
	return offers.flatMap((offer, i) => {
		const count = sheets.filter((s) => s.offer === i).length;
		if (count === 0 || !offer.owned) return [];
		const size = soldSize(offer);
		const [long, wide] = [length(size.length), length(size.width)];
		return [{ list: 'take', what: kind, stock: offer.title, length: long, width: wide, count, for: offer.owned.where }];
	});
}

const round = (n: number, places: number) => Number(n.toFixed(places));

/** One line of the bill: how many are needed. */
function needRow({ kind, ware, title, count }: BillLine, unit: LengthUnit, length: Write): Row {
	const long: Row = 'length' in ware && ware.length !== null ? { length: length(ware.length) } : {};
	const wide: Row = 'width' in ware ? { width: length(ware.width) } : {};
	const stock = ware.sold === 'screw' ? ware.size : sayPhrase(title, unit);
	return { list: 'buy', what: kind, stock, ...long, ...wide, count: round(count, 3) };
}

/** The same with its packs: a row for every size of pack, with as many of the needed as are taken from it. */
function buyRows(line: BillLine, unit: LengthUnit, length: Write): Row[] {
	const row = needRow(line, unit, length);
	if (!line.packs) return [row];
	let left = line.count;
	return line.packs.lots.map(({ price, packs, money }) => {
		const count = Math.min(left, packs * price.pack);
		left -= count;
		return { ...row, count: round(count, 3), packs, pack: price.pack, money: money.toFixed(2), store: price.store };
	});
}

/**
 * Everything to cut and to buy as one table: a line a piece with the board it comes from and where it lies on it, then
 * the boards there already to take, and all that is bought with its packs and what they cost. Every column has one
 * unit, said in its head. Spreadsheet formulas in names are made harmless.
 * @param currency what money is called
 * @example cutListCsv(cuts, bill, 'mm', 'EUR').split('\r\n')[0] // 'list,what,stock,board,along (mm),...'
 */
export function cutListCsv(cuts: CutPlan, bill: Bill, unit: LengthUnit, currency: string): string {
	const length = writer(unit);
	const u = unit === 'inch' ? 'in' : 'mm';
	const heads: Record<string, string> = {
		list: 'list',
		what: 'what',
		stock: 'stock',
		board: 'board',
		along: `along (${u})`,
		across: `across (${u})`,
		length: `length (${u})`,
		width: `width (${u})`,
		count: 'count',
		packs: 'packs',
		pack: 'in a pack',
		money: currency ? `money (${currency})` : 'money',
		store: 'store',
		for: 'for'
	};
	const rows = [
		...cuts.groups.flatMap((g) => pieceRows(g, unit, length)),
		...cuts.groups.flatMap((g) => takeRows(g, length)),
		...bill.have.map((l) => ({ ...needRow(l, unit, length), list: 'take' })),
		...bill.lines.flatMap((l) => buyRows(l, unit, length))
	];
	const keys = Object.keys(heads);
	return Papa.unparse(
		{ fields: Object.values(heads), data: rows.map((r: Row) => keys.map((k) => r[k] ?? '')) },
		{ newline: '\r\n', escapeFormulae: true }
	);
}
