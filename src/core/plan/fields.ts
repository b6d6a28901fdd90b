import { mixed, number, string, type NumberSchema, type StringSchema } from 'yup';

/** Field builders shared by every part of the plan's schema: strict types, plain messages. */

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
	const base = string().strict().typeError('must be text').max(max, `must be at most ${max} characters`).defined('is missing').nonNullable('must be text');
	return needed ? base.test('named', 'must not be empty', (v) => v === undefined || v.trim() !== '') : base;
}

/** What an id looks like. */
export const ID_PATTERN = /^[A-Za-z0-9_-]{1,40}$/;

/** Ids are short and plain, so that they can stand in addresses and element ids. */
export function identifier(): StringSchema<string> {
	return string().strict().typeError('must be text').required('is missing').matches(ID_PATTERN, 'must be 1 to 40 letters, digits, - or _');
}

/** One of a fixed list. */
export function oneOf<T extends string | number>(values: readonly T[]) {
	return mixed<T>()
		.required('is missing')
		.oneOf([...values], `must be one of: ${values.join(', ')}`);
}
