import { boolean, type Schema } from 'yup';
import { oneOf, text, whole, within } from '../form/fields';

/** What stands in a cell: text, a number in mm, kg or bare, a tick, or nothing yet. */
export type CellValue = string | number | boolean | null;

interface Common {
	/** Where the value stands in the item: `mass`, or `dims.bar`. */
	key: string;
	title: string;
	/** Other words for it at the head of somebody's file. */
	words?: readonly string[];
	/** What it is good for, or how to measure it. */
	hint?: string;
}
export interface TextColumn extends Common {
	kind: 'text';
	max: number;
	needed?: boolean;
}
/** A measure: mm or kg. */
export interface MeasureColumn extends Common {
	kind: 'length' | 'mass';
	min: number;
	max: number;
	/** May stay empty until somebody has measured it. */
	optional?: boolean;
}
export interface NumberColumn extends Common {
	kind: 'whole' | 'number';
	min: number;
	max: number;
	/** What the number counts, where it is not plain: `%`. */
	unit?: string;
}
export interface ChoiceColumn extends Common {
	kind: 'choice';
	choices: readonly { value: string; name: string; words?: readonly string[] }[];
	optional?: boolean;
}
export interface FlagColumn extends Common {
	kind: 'flag';
}
/**
 * One figure of the items of a list. From the columns alone come the schema, the table, the form, and what is read from
 * and written to files.
 */
export type Column = TextColumn | MeasureColumn | NumberColumn | ChoiceColumn | FlagColumn;

type Bag = Record<string, unknown>;

/**
 * The value a column has in an item; null where there is none.
 * @example cellOf({ dims: { bar: 6 } }, column('dims.bar')) // 6
 */
export function cellOf(item: object, { key }: Pick<Column, 'key'>): CellValue {
	const dot = key.indexOf('.');
	if (dot < 0) return ((item as Bag)[key] ?? null) as CellValue;
	return (((item as Bag)[key.slice(0, dot)] as Bag | undefined)?.[key.slice(dot + 1)] ?? null) as CellValue;
}

/** The item with another value in a column; the item itself is not changed. An empty one of `dims` is left out. */
export function withCell<T extends object>(item: T, { key }: Pick<Column, 'key'>, value: CellValue): T {
	const dot = key.indexOf('.');
	if (dot < 0) return { ...item, [key]: value };
	const [bag, name] = [key.slice(0, dot), key.slice(dot + 1)];
	const inner: Bag = { ...((item as Bag)[bag] as Bag), [name]: value };
	if (value === null) delete inner[name];
	return { ...item, [bag]: inner };
}

/**
 * Sets a value in an item that nobody else has yet: one that is being read from a file. Nothing is done for an empty
 * one.
 */
export function fillCell(item: object, { key }: Pick<Column, 'key'>, value: CellValue): void {
	if (value === null) return;
	const dot = key.indexOf('.');
	if (dot < 0) (item as Bag)[key] = value;
	else ((item as Bag)[key.slice(0, dot)] as Bag)[key.slice(dot + 1)] = value;
}

const UNIT = { length: 'mm', mass: 'kg' } as const;

/** The Yup schema of one column's values: strict, in mm and kg. */
export function cellSchema(column: Column): Schema {
	switch (column.kind) {
		case 'text':
			return text(column.max, column.needed);
		case 'length':
		case 'mass': {
			const measure = within(column.min, column.max, UNIT[column.kind]);
			return column.optional
				? (measure
						.nullable()
						.optional()
						.test('there', 'is missing', (v) => v !== undefined) as Schema)
				: measure;
		}
		case 'whole':
			return whole(column.min, column.max);
		case 'number':
			return within(column.min, column.max, column.unit ?? '');
		case 'choice': {
			const choice = oneOf(column.choices.map((c) => c.value));
			return column.optional
				? (oneOf([...column.choices.map((c) => c.value), null as unknown as string])
						.nullable()
						.optional()
						.test('there', 'is missing', (v) => v !== undefined) as Schema)
				: choice;
		}
		case 'flag':
			return boolean().strict().typeError('must be true or false').required('is missing');
	}
}

/** May this column stay empty? */
export const isOptional = (c: Column): boolean =>
	(c.kind === 'length' || c.kind === 'mass' || c.kind === 'choice') && c.optional === true;
