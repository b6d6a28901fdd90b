import { lazy, mixed, type Schema } from 'yup';
import { BOARD_COLUMNS } from '../lumber/board';
import { CONSUMABLE_COLUMNS } from '../consumables/consumable';
import { orAbsent } from '../form/field';
import { schemaOf } from '../form/schema-of';
import { exact, identifier, list, oneOf, text, within } from '../form/yup';
import { PRICE_COLUMNS } from '../prices/price';
import { patternSchema } from '../patterns/pattern';
import { MOST_PATTERNS } from '../patterns/read';
import type { Column } from '../table/column';
import { THING_COLUMNS } from '../things/columns';
import { TOOL_KINDS, type ToolLimit } from '../tools/kinds';
import type { ShopList } from './types';

/** Greatest numbers of items in one shop: beyond any, and a bound on what a request can cost. */
export const SHOP_LIMITS: Record<ShopList, number> = {
	things: 20_000,
	boards: 5_000,
	consumables: 5_000,
	tools: 500,
	patterns: MOST_PATTERNS,
	prices: 5_000
};

/** Columns of `dims.bar` and the like become one object; there, what is not measured is left out. */
function fieldsOf(columns: readonly Column[]): Record<string, Schema> {
	const shape: Record<string, Schema> = { id: identifier() };
	const bags: Record<string, Record<string, Schema>> = {};
	for (const c of columns) {
		const [bag, name] = c.key.split('.') as [string, string?];
		if (name === undefined) shape[bag] = schemaOf(c);
		else (bags[bag] ??= {})[name] = c.kind === 'length' ? schemaOf(orAbsent(c)) : schemaOf(c);
	}
	for (const [bag, fields] of Object.entries(bags)) shape[bag] = exact(fields);
	return shape;
}

const KEYS = new Set(THING_COLUMNS.map((c) => c.key));
const MOST_SIZES = 200;
const limitsSchema = lazy((_, options: { parent?: { kind?: unknown } }) => {
	const kind = TOOL_KINDS.find((k) => k.id === options.parent?.kind);
	if (!kind) return mixed() as Schema;
	return exact(Object.fromEntries(kind.limits.map((l) => [l.key, limitSchema(l).optional() as Schema])));
});
const limitSchema = (l: ToolLimit): Schema =>
	l.kind === 'lengths' ? list(within(0.5, l.max), MOST_SIZES) : within(0, l.max, l.kind === 'angle' ? 'degrees' : 'mm');

/** The schema of one item of each list. */
export const ITEM_SCHEMAS: Record<ShopList, Schema> = {
	things: exact({
		...fieldsOf(THING_COLUMNS),
		typical: list(
			text(40).test('column', 'is no column of a thing', (v) => v === undefined || KEYS.has(v)),
			60
		)
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
	}),
	patterns: patternSchema,
	prices: exact(fieldsOf(PRICE_COLUMNS))
};

export const settingsSchema = exact({
	id: oneOf(['settings'] as const),
	name: text(120, true),
	keepLength: within(0, 12_000),
	keepWidth: within(0, 3_000),
	currency: text(6).optional(),
	tax: within(0, 100, '%').optional()
});

const all = (name: ShopList) => list(ITEM_SCHEMAS[name], SHOP_LIMITS[name]);

/** The whole shop, version 1. */
export const shopSchema = exact({
	format: oneOf(['kammer-shop'] as const),
	version: oneOf([1] as const),
	settings: settingsSchema,
	things: all('things'),
	boards: all('boards'),
	consumables: all('consumables'),
	tools: all('tools'),
	patterns: all('patterns'),
	prices: all('prices')
});
