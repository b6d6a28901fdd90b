import { array, lazy, mixed, object, type Schema } from 'yup';
import { BOARD_COLUMNS } from '../lumber/board';
import { CONSUMABLE_COLUMNS } from '../consumables/consumable';
import { identifier, oneOf, text, within } from '../form/fields';
import { cellSchema, type Column } from '../table/column';
import { THING_COLUMNS } from '../things/columns';
import { TOOL_KINDS } from '../tools/kinds';
import type { ShopList } from './types';

/** Greatest numbers of items in one shop: beyond any, and a bound on what a request can cost. */
export const SHOP_LIMITS: Record<ShopList, number> = { things: 20_000, boards: 5_000, consumables: 5_000, tools: 500 };

const unknownFields = ({ unknown }: { unknown: string }) => `has fields that mean nothing here: ${unknown}`;
const exact = (shape: Record<string, Schema>) =>
	object(shape).strict().typeError('must be an object').required('is missing').noUnknown(unknownFields);

/** Columns of `dims.bar` and the like become one object; there, what is not measured is left out. */
function fieldsOf(columns: readonly Column[]): Record<string, Schema> {
	const shape: Record<string, Schema> = { id: identifier() };
	const bags: Record<string, Record<string, Schema>> = {};
	for (const c of columns) {
		const [bag, name] = c.key.split('.') as [string, string?];
		if (name === undefined) shape[bag] = cellSchema(c);
		else (bags[bag] ??= {})[name] = c.kind === 'length' ? (within(c.min, c.max).optional() as Schema) : cellSchema(c);
	}
	for (const [bag, fields] of Object.entries(bags)) shape[bag] = exact(fields);
	return shape;
}

const KEYS = new Set(THING_COLUMNS.map((c) => c.key));
const limitsSchema = lazy((_, options: { parent?: { kind?: unknown } }) => {
	const kind = TOOL_KINDS.find((k) => k.id === options.parent?.kind);
	if (!kind) return mixed() as Schema;
	return exact(
		Object.fromEntries(
			kind.limits.map((l) => [
				l.key,
				l.kind === 'lengths'
					? (array(within(0.5, l.max))
							.strict()
							.typeError('must be a list')
							.nonNullable('must be a list')
							.optional()
							.max(200, 'must have at most 200 entries') as Schema)
					: (within(0, l.max, l.kind === 'angle' ? 'degrees' : 'mm').optional() as Schema)
			])
		)
	);
});

/** The schema of one item of each list. */
export const ITEM_SCHEMAS: Record<ShopList, Schema> = {
	things: exact({
		...fieldsOf(THING_COLUMNS),
		typical: array(text(40).test('column', 'is no column of a thing', (v) => v === undefined || KEYS.has(v)))
			.strict()
			.typeError('must be a list')
			.required('is missing')
			.max(60, 'must have at most 60 entries')
	}),
	boards: exact(fieldsOf(BOARD_COLUMNS)).test('lengths', 'shortest must not be longer than longest', (v) => {
		const b = v as unknown as { shortest?: unknown; longest?: unknown } | undefined;
		return typeof b?.shortest !== 'number' || typeof b.longest !== 'number' || b.shortest <= b.longest;
	}),
	consumables: exact(fieldsOf(CONSUMABLE_COLUMNS)),
	tools: exact({
		id: identifier(),
		kind: oneOf(TOOL_KINDS.map((k) => k.id)),
		name: text(60),
		limits: limitsSchema as unknown as Schema,
		notes: text(400)
	})
};

export const settingsSchema = exact({
	id: oneOf(['settings'] as const),
	name: text(120, true),
	keepLength: within(0, 12_000),
	keepWidth: within(0, 3_000)
});

const list = (name: ShopList) =>
	array(ITEM_SCHEMAS[name])
		.strict()
		.typeError('must be a list')
		.required('is missing')
		.max(SHOP_LIMITS[name], `must have at most ${SHOP_LIMITS[name]} entries`);

/** The whole shop, version 1. */
export const shopSchema = exact({
	format: oneOf(['kammer-shop'] as const),
	version: oneOf([1] as const),
	settings: settingsSchema,
	things: list('things'),
	boards: list('boards'),
	consumables: list('consumables'),
	tools: list('tools')
});
