import type { ChoiceField, FlagField, NumberField, TextField } from '../form/field';

/** What stands in a cell: text, a number in mm, kg or bare, a tick, or nothing yet. */
export type CellValue = string | number | boolean | null;

/** What a column may be: fields of the kit whose values fit into a cell. */
export type CellField = TextField | CellNumber | ChoiceField<string> | FlagField;
export type CellNumber = NumberField & { kind: Exclude<NumberField['kind'], 'angle'> };

/**
 * One figure of the items of a list: a field, and where it is found. From the columns alone come the schema, the table,
 * the form, and what is read from and written to files.
 */
export type Column<F extends CellField = CellField> = F & {
	/** Where the value stands in the item: `mass`, or `dims.bar`. */
	key: string;
	/** Other words for it at the head of somebody's file. */
	words?: readonly string[];
};

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

/** May this column stay empty? */
export const isOptional = (c: Column): boolean => c.missing === 'null';
