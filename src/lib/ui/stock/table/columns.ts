import type { Column } from '$core/table/column';
import type { LengthUnit } from '$core/units/parse-length';

/** Where few columns have room, what is counted and weighed comes right after the name. */
const NARROW = 520;
const FIRST = ['name', 'count', 'mass'];
/** Widths, px: of the box before a line, of columns that have their own, and of the rest by kind. */
export const PICK_WIDTH = 38;
const OWN_WIDTH: Readonly<Record<string, number>> = { name: 184, notes: 240, grip: 138 };
const NARROW_NAME = 150;
const WIDTH: Record<Column['kind'], number> = {
	text: 132,
	length: 92,
	mass: 88,
	whole: 64,
	number: 82,
	choice: 112,
	flag: 110
};
/** Inches take more room than millimetres. */
const INCHES = 16;

export const isNumber = ({ kind }: Column): boolean => kind !== 'text' && kind !== 'choice' && kind !== 'flag';

/** A column and the room it has. */
export interface Laid {
	column: Column;
	width: number;
}

/**
 * Columns as they stand in a table of some width, px.
 * @example layColumns(shown, 400, 'mm')[1].column.key // 'count'
 */
export function layColumns(shown: readonly Column[], across: number, unit: LengthUnit): Laid[] {
	const narrow = across < NARROW;
	const first = narrow ? FIRST.flatMap((key) => shown.filter((c) => c.key === key)) : [];
	const ordered = [...first, ...shown.filter((c) => !first.includes(c))];
	return ordered.map((column) => ({ column, width: widthOf(column, narrow, unit) }));
}

function widthOf({ key, kind }: Column, narrow: boolean, unit: LengthUnit): number {
	if (key === 'name' && narrow) return NARROW_NAME;
	return OWN_WIDTH[key] ?? WIDTH[kind] + (unit === 'inch' && kind === 'length' ? INCHES : 0);
}
