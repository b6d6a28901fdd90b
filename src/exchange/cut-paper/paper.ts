import type { Bill, BillLine } from '$core/buying/bill';
import type { CutGroup } from '$core/cutting/cut-group';
import type { CutPlan } from '$core/cutting/cut-plan';
import type { CutSheet } from '$core/cutting/cut-sheet';
import type { Offer } from '$core/cutting/offers';
import { exact, flag, list, text, whole, within } from '$core/form/yup';
import { problemsOf } from '$core/form/problems';
import { hostile } from '$core/form/outside';
import type { DetailStep } from '$core/machining/details';
import { SAW_STEPS, type SawWork } from '$core/machining/steps';
import { sayMoney } from '$core/prices/money';
import { fail, ok, type Problem, type Result } from '$core/result';
import { capital } from '$core/words';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';
import type { Millimetres } from '$core/units/quantity';

/** A sheet, board or rod with what is cut from it, mm from its near left corner. */
export interface PaperSheet {
	title: string;
	length: Millimetres;
	width: Millimetres;
	pieces: { n: number; x: Millimetres; y: Millimetres; length: Millimetres; width: Millimetres; words: string }[];
	/** From one edge of what is sawn to the other; a slanted one is dashed. */
	cuts: { n: number; x1: number; y1: number; x2: number; y2: number; slanted: boolean }[];
}

/** A table on paper: what its columns are, its lines, and a sum or a caution under it. */
export interface PaperTable {
	title: string;
	heads: string[];
	rows: string[][];
	note: string;
}

/** A cut plan as it goes onto paper: figures of the sheets, what to buy, and the work at the saw. */
export interface CutPaper {
	title: string;
	sheets: PaperSheet[];
	tables: PaperTable[];
}

const CAUTION =
	'Guard and push stick, eyes, ears, dust; never a short piece on the saw. The instructions of the saw and local rules have the last word.';

/** One sheet as a figure. @example paperSheet(group, sheet, 1, 'mm').pieces.length */
export function paperSheet(group: CutGroup, sheet: CutSheet, number: number, unit: LengthUnit): PaperSheet {
	const { length, width, title, owned } = group.offers[sheet.offer] as Offer;
	const say = (l: Millimetres) => formatLength(l, unit);
	const from = owned ? `there already${owned.where ? `, ${owned.where}` : ''}` : 'bought';
	return {
		title: `${number}: ${title}, ${say(width)} x ${say(length)}, ${from}`,
		length,
		width,
		pieces: sheet.pieces.map(({ piece, x, y, length: l, width: w }, i) => ({
			n: i + 1,
			x,
			y,
			length: l,
			width: w,
			words: `${piece.owner.name} ${piece.name}, ${say(l)} x ${say(w)}`
		})),
		cuts: sheet.cuts.map(({ across, at, from: a, to, bevel }, i) => ({
			n: i + 1,
			...(across ? { x1: at, y1: a, x2: at, y2: to } : { x1: a, y1: at, x2: to, y2: at }),
			slanted: bevel !== undefined
		}))
	};
}

function buyTable(bill: Bill, unit: LengthUnit, currency: string): PaperTable {
	const money = (l: BillLine) => (l.packs ? sayMoney(l.packs.money, currency) : 'ask');
	const amount = (l: BillLine) =>
		l.kind === 'glue' || l.kind === 'finish' ? `${l.need.toFixed(2)} l` : String(l.count);
	const missing = bill.missing.length;
	return {
		title: 'To buy',
		heads: ['how many', 'what', 'packs', 'store', 'costs'],
		rows: bill.lines.map((l) => [
			amount(l),
			sayPhrase(l.title, unit),
			l.packs?.lots.map(({ packs, price }) => `${packs} of ${price.pack}`).join(' + ') ?? '',
			l.packs?.store ?? '',
			money(l)
		]),
		note: `Together ${sayMoney(bill.total, currency)}, tax in it${missing > 0 ? `; ${missing} without a price are not in it` : ''}.`
	};
}

type How = Pick<DetailStep, 'by' | 'instead' | 'cautions'>;

/** With what a step is made, what to do where that is not there, and what to mind. */
const howWords = ({ by, instead, cautions }: How, unit: LengthUnit): string =>
	[by.why, ...(instead ? [instead] : []), ...cautions].map((p) => sayPhrase(p, unit)).join('. ');

function sawTable({ steps }: SawWork, unit: LengthUnit): PaperTable {
	const where = (s: SawWork['steps'][number]) =>
		s.cuts.map((c) => `${sayPhrase(c.group.title, unit)} ${c.sheet}: cut ${c.cut}`).join('; ');
	return {
		title: 'Order of work at the saw',
		heads: ['no.', 'what', 'set', 'cuts', 'with'],
		rows: steps.map((s, i) => [
			String(i + 1),
			SAW_STEPS[s.kind],
			sayPhrase(s.setting, unit),
			where(s),
			howWords(s, unit)
		]),
		note: CAUTION
	};
}

function detailTable(details: readonly DetailStep[], unit: LengthUnit): PaperTable {
	return {
		title: 'In the parts',
		heads: ['no.', 'set', 'parts', 'with'],
		rows: details.map((d, i) => [
			String(i + 1),
			capital(sayPhrase(d.setting, unit)),
			d.parts.map((p) => `${p.owner} ${p.part}${p.times > 1 ? ` (${p.times})` : ''}`).join('; '),
			howWords(d, unit)
		]),
		note: CAUTION
	};
}

/**
 * A cut plan made ready for paper: every sheet as a figure, the bill, the work at the saw and in the parts.
 * @param of all that is worked out of the plan: its cuts, its bill, its work
 * @example cutPaper('Long wall', { cuts, bill, work, details }, 'mm', 'EUR').sheets.length
 */
export function cutPaper(
	title: string,
	of: { cuts: CutPlan; bill: Bill; work: SawWork; details: readonly DetailStep[] },
	unit: LengthUnit,
	currency: string
): CutPaper {
	const sheets = of.cuts.groups.flatMap((g) => g.sheets.map((s, i) => paperSheet(g, s, i + 1, unit)));
	const tables = [buyTable(of.bill, unit, currency), sawTable(of.work, unit), detailTable(of.details, unit)];
	return { title, sheets, tables: tables.filter((t) => t.rows.length > 0) };
}

const MOST_SHEETS = 500;
const MOST_ROWS = 2000;
const size = () => within(-1, 20_000);
const paperSchema = exact({
	title: text(200),
	sheets: list(
		exact({
			title: text(300),
			length: within(1, 20_000),
			width: within(1, 20_000),
			pieces: list(
				exact({ n: whole(1, 100_000), x: size(), y: size(), length: size(), width: size(), words: text(400) }),
				2000
			),
			cuts: list(exact({ n: whole(1, 100_000), x1: size(), y1: size(), x2: size(), y2: size(), slanted: flag() }), 4000)
		}),
		MOST_SHEETS
	),
	tables: list(
		exact({
			title: text(200),
			heads: list(text(60), 8),
			rows: list(list(text(4000), 8), MOST_ROWS),
			note: text(500)
		}),
		10
	)
});

/** Takes a request's body as a paper; the error is what is wrong, by field. */
export function readPaper(body: unknown): Result<CutPaper, Problem[]> {
	const bad = hostile(body);
	const problems = bad ? [bad] : problemsOf(paperSchema, body);
	return problems.length > 0 ? fail(problems) : ok(body as CutPaper);
}
