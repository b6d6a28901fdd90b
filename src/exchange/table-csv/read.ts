import Papa from 'papaparse';
import type { TableListName, TableRow } from '$core/shop/duplicates';
import { isValidItem } from '$core/shop/valid';
import { fillCell, type CellValue, type Column } from '$core/table/column';
import { readCell } from '$core/table/read-cell';
import type { Result } from '$core/result';
import type { LengthUnit } from '$core/units/parse-length';
import { CSV_LISTS } from './lists';
import { matchColumns, type Match } from './match';

/** One cell that makes no sense, by its place in the file. */
export interface BadCell {
	/** Line of the table, the heading being 1. */
	row: number;
	header: string;
	value: string;
	why: string;
}

export interface TableRead {
	delimiter: string;
	/** Whether the first line holds headings. */
	headed: boolean;
	matches: Match[];
	/** Lines as they would be taken, each with the line it stands in. */
	items: TableRow[];
	rows: number;
	/** Lines that cannot be taken even without their bad cells: no name, or no size. */
	without: number;
	/** Ids of items that had a bad cell. */
	spoiled: string[];
	bad: BadCell[];
	/** All bad cells, of which `bad` lists the first. */
	badCount: number;
}

export interface ReadOptions {
	list: TableListName;
	unit: LengthUnit;
	newId: () => string;
	/** As somebody has set it right; else it is worked out from the headings. */
	matches?: readonly Match[];
	headed?: boolean;
	onProgress?: (done: number, of: number) => void;
}

/** More bad cells than these are counted, not listed. */
const MOST_BAD = 500;
const SAY_EVERY = 500;
/** What a spreadsheet was kept from reading as a formula. */
const NEUTRALISED = /^'(?=[=+\-@\t\r])/;

/** Fills a fresh item from a line's cells. */
function readRow(
	cells: readonly string[],
	columns: readonly (ColumnAt | null)[],
	item: TableRow,
	bad: (at: ColumnAt, value: string, why: string) => void
): void {
	for (let i = 0; i < columns.length; i++) {
		const at = columns[i];
		if (!at) continue;
		const raw = (cells[i] ?? '').replace(NEUTRALISED, '');
		if (raw.trim() === '' && at.column?.kind !== 'flag') continue;
		if (!at.column) {
			if ('typical' in item) item.typical = raw.split(/[\s,]+/).filter((k) => at.keys.has(k));
			continue;
		}
		let got = at.known.get(raw);
		if (!got) {
			got = at.read(raw);
			// Columns repeat themselves: groups, places, lengths. Names seldom do.
			if (at.known.size < 5000) at.known.set(raw, got);
		}
		if (got.ok) fillCell(item, at.column, got.value);
		else bad(at, raw, got.error);
	}
}

interface ColumnAt {
	header: string;
	/** null: the list of what is typical. */
	column: Column | null;
	keys: ReadonlySet<string>;
	read: (raw: string) => Result<CellValue>;
	known: Map<string, Result<CellValue>>;
}

/**
 * Reads a table that somebody keeps in a file, whatever its delimiter and headings, into lines of a list. Nothing is
 * taken by this: what makes no sense is named cell by cell.
 * @param text of the file, decoded
 * @example readTable('name;weight\nMallet;0,7 kg', { list: 'things', unit: 'mm', newId }).items[0]
 */
export function readTable(text: string, options: ReadOptions): TableRead {
	const { list, unit, newId } = options;
	const { columns, fresh, needs } = CSV_LISTS[list];
	const { data, meta } = Papa.parse<string[]>(text, {
		skipEmptyLines: 'greedy',
		delimitersToGuess: [',', ';', '\t', '|', '\u001f']
	});
	const head = data[0] ?? [];
	const guessed = matchColumns(head, columns, unit);
	const headed = options.headed ?? guessed.some((m) => m.key !== null);
	const byPlace = () =>
		guessed.map(({ bare }, i): Match => ({ header: `Column ${i + 1}`, key: i === 0 ? 'name' : null, bare }));
	const matches = [...(options.matches ?? (headed ? guessed : byPlace()))];
	const keys = new Set(columns.map((c) => c.key));
	const at = matches.map((m): ColumnAt | null => {
		if (m.key === null) return null;
		const column = columns.find((c) => c.key === m.key) ?? null;
		return {
			header: m.header,
			column,
			keys,
			read: (raw) => (column ? readCell(raw, column, m.bare, unit) : { ok: true, value: null }),
			known: new Map()
		};
	});
	const lines = headed ? data.slice(1) : data;
	const read: TableRead = {
		delimiter: meta.delimiter,
		headed,
		matches,
		items: [],
		rows: lines.length,
		without: 0,
		spoiled: [],
		bad: [],
		badCount: 0
	};
	const say = (row: number, header: string, value: string, why: string) => {
		read.badCount++;
		if (read.bad.length < MOST_BAD) read.bad.push({ row, header, value: value.slice(0, 80), why });
	};
	const needed =
		at.find((a) => a?.column?.key === needs)?.header ?? columns.find((c) => c.key === needs)?.label ?? needs;
	lines.forEach((cells, i) => {
		const row = i + (headed ? 2 : 1);
		let spoiled = false;
		let item = fresh(newId(), unit === 'inch');
		readRow(cells, at, item, (a, value, why) => {
			spoiled = true;
			say(row, a.header, value, why);
		});
		if ('form' in item) item = settleLengths(item, at);
		if (isValidItem(list, item)) {
			read.items.push(item);
			if (spoiled) read.spoiled.push(item.id);
		} else {
			read.without++;
			if (!spoiled) say(row, needed, '', 'is empty');
		}
		if (i % SAY_EVERY === 0) options.onProgress?.(i, lines.length);
	});
	options.onProgress?.(lines.length, lines.length);
	return read;
}

/** A board whose file gives one length has that one. */
function settleLengths(item: Extract<TableRow, { form: unknown }>, at: readonly (ColumnAt | null)[]): TableRow {
	const has = (key: string) => at.some((a) => a?.column?.key === key);
	if (has('longest') && !has('shortest')) return { ...item, shortest: item.longest };
	return has('shortest') && !has('longest') ? { ...item, longest: item.shortest } : item;
}

/** What tells one layout of a file from another, to remember its matching by. */
export const layoutOf = (matches: readonly Match[]): string =>
	matches.map((m) => m.header.toLowerCase().trim()).join('|');
