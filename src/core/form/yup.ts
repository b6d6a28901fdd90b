import { HALF_WORDS } from './whole-text';
import {
	array,
	boolean,
	lazy,
	mixed,
	number,
	object,
	string,
	type NumberSchema,
	type Schema,
	type StringSchema
} from 'yup';

/** Field builders shared by every schema of documents: strict types, plain messages. */

/** A finite number between two bounds, in the unit named. */
export function within(min: number, max: number, unit = 'mm'): NumberSchema<number> {
	const u = unit === '' ? '' : ` ${unit}`;
	return number()
		.strict()
		.typeError('must be a number')
		.required('is missing')
		.test('finite', 'must be a finite number', (v) => v === undefined || v === null || Number.isFinite(v))
		.min(min, `must be at least ${min}${u}`)
		.max(max, `must be at most ${max}${u}`);
}

/** A whole number between two bounds. */
export function whole(min: number, max: number): NumberSchema<number> {
	return within(min, max, '').integer('must be a whole number');
}

/** A text of at most `max` characters; empty is allowed unless `needed`. */
export function text(max: number, needed = false): StringSchema<string> {
	const base = string()
		.strict()
		.typeError('must be text')
		.max(max, `must be at most ${max} characters`)
		.test('whole', HALF_WORDS, (v) => typeof v !== 'string' || v.isWellFormed())
		.defined('is missing')
		.nonNullable('must be text');
	return needed ? base.test('named', 'must not be empty', (v) => v === undefined || v.trim() !== '') : base;
}

/** What an id looks like. */
export const ID_PATTERN = /^[A-Za-z0-9_-]{1,40}$/;

/** Ids are short and plain, so that they can stand in addresses and element ids. */
export function identifier(): StringSchema<string> {
	return string()
		.strict()
		.typeError('must be text')
		.required('is missing')
		.matches(ID_PATTERN, 'must be 1 to 40 letters, digits, - or _');
}

/** One of a fixed list. */
export function oneOf<T extends string | number>(values: readonly T[]) {
	return mixed<T>()
		.required('is missing')
		.oneOf([...values], `must be one of: ${values.join(', ')}`);
}

/** One of some words, or any that a pattern takes. */
export const oneOfOr = (values: readonly string[], pattern: string): StringSchema<string> =>
	string()
		.strict()
		.typeError('must be text')
		.required('is missing')
		.matches(
			new RegExp(`^(?:${values.map((v) => v.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|')}|${pattern})$`),
			`must be one of: ${values.join(', ')}; or a board of one's own`
		);

export const flag = () => boolean().strict().typeError('must be true or false').required('is missing');

/** An object of these fields and no others. */
export const exact = <T extends Record<string, Schema>>(shape: T) =>
	object(shape)
		.strict()
		.typeError('must be an object')
		.required('is missing')
		.noUnknown(({ unknown }: { unknown: string }) => `has fields that mean nothing here: ${unknown}`);

export const list = <T extends Schema>(of: T, max: number, least = 0) => {
	const bounded = array(of)
		.strict()
		.typeError('must be a list')
		.required('is missing')
		.max(max, `must have at most ${max} entries`);
	return least > 0 ? bounded.min(least, `must have at least ${least} entries`) : bounded;
};

/**
 * One of several shapes, told by its `kind`. `meta.shapes` gives them to whoever describes the schema.
 * @param optional it may be absent; `nullable`, null
 * @example unionOf({ peg: { diameter: within(5, 60) }, none: {} })
 */
export function unionOf(
	shapes: Record<string, Record<string, Schema>>,
	{ optional = false, nullable = false } = {}
): Schema {
	const made = new Map(
		Object.entries(shapes).map(([kind, fields]) => [kind, exact({ kind: oneOf([kind]), ...fields })])
	);
	const wrong = exact({ kind: oneOf([...made.keys()]) });
	const absent = mixed().notRequired();
	const choose = (value: unknown) => {
		if ((optional && value === undefined) || (nullable && value === null)) return absent;
		const kind = (value as { kind?: unknown } | null | undefined)?.kind;
		return (typeof kind === 'string' ? made.get(kind) : undefined) ?? wrong;
	};
	return lazy(choose as never).meta({ shapes: [...made.values()], optional, nullable } as never) as unknown as Schema;
}
