import Papa from 'papaparse';
import type { TableListName, TableRow } from '$core/shop/duplicates';
import { cellOf, type Column } from '$core/table/column';
import { writeCell } from '$core/table/write-cell';
import type { LengthUnit } from '$core/units/parse-length';
import { KG_PER_POUND, MM_PER_INCH } from '$core/units/quantity';
import { CSV_LISTS } from './lists';

/** Enough places that what comes back is what went out, to a hundredth of a millimetre and a tenth of a gram. */
const number = (value: number, places: number) => String(Number(value.toFixed(places)));

function cell(item: TableRow, column: Column, unit: LengthUnit): string {
	const value = cellOf(item, column);
	if (value === null) return '';
	switch (column.kind) {
		case 'length':
			return unit === 'inch' ? number((value as number) / MM_PER_INCH, 4) : number(value as number, 2);
		case 'mass':
			return unit === 'inch' ? number((value as number) / KG_PER_POUND, 4) : number(value as number, 4);
		case 'number':
			return String(value);
		default:
			return writeCell(value, column, unit);
	}
}

function heading(column: Column, unit: LengthUnit): string {
	if (column.kind === 'length') return `${column.label} (${unit === 'inch' ? 'in' : 'mm'})`;
	return column.kind === 'mass' ? `${column.label} (${unit === 'inch' ? 'lb' : 'kg'})` : column.label;
}

/**
 * A list as CSV, with units in the headings; columns that are empty throughout are left out. A cell that a spreadsheet
 * would run as a formula gets an apostrophe before it, which `readTable` takes off again.
 * @example tableCsv('things', things, 'mm').split('\r\n')[0] // 'Name,Group,Count,...'
 */
export function tableCsv(list: TableListName, items: readonly TableRow[], unit: LengthUnit): string {
	const { columns } = CSV_LISTS[list];
	const shown = columns.filter((c, i) => i < 3 || items.some((item) => cell(item, c, unit) !== ''));
	const typical = items.some((i) => 'typical' in i && i.typical.length > 0);
	const fields = [...shown.map((c) => heading(c, unit)), ...(typical ? ['Typical'] : [])];
	const data = items.map((item) => [
		...shown.map((c) => cell(item, c, unit)),
		...(typical ? ['typical' in item ? item.typical.join(' ') : ''] : [])
	]);
	return Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: true });
}
