import { BOARD_COLUMNS } from '../lumber/board';
import { CONSUMABLE_COLUMNS } from '../consumables/consumable';
import { ID_PATTERN } from '../form/fields';
import { problemsOf } from '../form/problems';
import type { Problem } from '../result';
import { isOptional, type Column } from '../table/column';
import { THING_COLUMNS } from '../things/columns';
import { TOOL_KINDS } from '../tools/kinds';
import { ITEM_SCHEMAS } from './schema';
import type { ShopList } from './types';

type Bag = Record<string, unknown>;
const isBag = (v: unknown): v is Bag => typeof v === 'object' && v !== null && !Array.isArray(v);

function fits(value: unknown, c: Column): boolean {
	if (value === null) return isOptional(c);
	switch (c.kind) {
		case 'text':
			return typeof value === 'string' && value.length <= c.max && !(c.needed && value.trim() === '');
		case 'flag':
			return typeof value === 'boolean';
		case 'choice':
			return c.choices.some((x) => x.value === value);
		default:
			return (
				typeof value === 'number' &&
				Number.isFinite(value) &&
				value >= c.min &&
				value <= c.max &&
				(c.kind !== 'whole' || Number.isInteger(value))
			);
	}
}

/** Plain columns by name, and those of `dims` and the like by bag. */
function shapeOf(columns: readonly Column[]) {
	const plain = new Map<string, Column>();
	const bags = new Map<string, Map<string, Column>>();
	for (const c of columns) {
		const [bag, name] = c.key.split('.') as [string, string?];
		if (name === undefined) plain.set(bag, c);
		else bags.set(bag, (bags.get(bag) ?? new Map()).set(name, c));
	}
	return { plain, bags };
}

function columnsFit(item: Bag, { plain, bags }: ReturnType<typeof shapeOf>, also: readonly string[]): boolean {
	if (typeof item.id !== 'string' || !ID_PATTERN.test(item.id)) return false;
	let seen = 1;
	for (const [key, c] of plain) {
		if (!(key in item) || !fits(item[key], c)) return false;
		seen++;
	}
	for (const [key, columns] of bags) {
		const bag = item[key];
		if (!isBag(bag)) return false;
		for (const [name, value] of Object.entries(bag)) {
			const c = columns.get(name);
			if (!c || value === null || !fits(value, c)) return false;
		}
		seen++;
	}
	return Object.keys(item).length === seen + also.length && also.every((k) => k in item);
}

const SHAPES = { things: shapeOf(THING_COLUMNS), boards: shapeOf(BOARD_COLUMNS), consumables: shapeOf(CONSUMABLE_COLUMNS) };
const KEYS = new Set(THING_COLUMNS.map((c) => c.key));

function toolFits(item: Bag): boolean {
	const kind = TOOL_KINDS.find((k) => k.id === item.kind);
	if (!kind || typeof item.id !== 'string' || !ID_PATTERN.test(item.id) || !isBag(item.limits) || Object.keys(item).length !== 5)
		return false;
	if (typeof item.name !== 'string' || item.name.length > 60 || typeof item.notes !== 'string' || item.notes.length > 400) return false;
	return Object.entries(item.limits).every(([key, value]) => {
		const limit = kind.limits.find((l) => l.key === key);
		const within = (v: unknown, min: number) => typeof v === 'number' && Number.isFinite(v) && v >= min && v <= (limit?.max ?? 0);
		if (!limit) return false;
		return limit.kind === 'lengths' ? Array.isArray(value) && value.length <= 200 && value.every((v) => within(v, 0.5)) : within(value, 0);
	});
}

/**
 * Is this item right? The same as its Yup schema says, two orders faster: a file brings ten thousand of them. What is not right is left
 * to the schema, which says why.
 */
export function isValidItem(list: ShopList, item: unknown): boolean {
	if (!isBag(item)) return false;
	switch (list) {
		case 'things':
			return (
				columnsFit(item, SHAPES.things, ['typical']) &&
				Array.isArray(item.typical) &&
				item.typical.length <= 60 &&
				item.typical.every((k) => KEYS.has(k as string))
			);
		case 'boards':
			return columnsFit(item, SHAPES.boards, []) && (item.shortest as number) <= (item.longest as number);
		case 'consumables':
			return columnsFit(item, SHAPES.consumables, []);
		case 'tools':
			return toolFits(item);
	}
}

/** What is wrong with an item, by field; nothing where it is right. */
export function itemProblems(list: ShopList, item: unknown): Problem[] {
	return isValidItem(list, item) ? [] : problemsOf(ITEM_SCHEMAS[list], item);
}
