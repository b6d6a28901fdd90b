import { ValidationError, type ISchema, type Schema } from 'yup';
import type { Problem } from '../result';
import { fitsOf, inside, isBag, mostOf, ownFitsOf } from './fits';

/** Problems reported at once: enough to mend a file, not a flood. */
export const MOST_PROBLEMS = 50;
/** Names that mean nothing are said up to so many, and no longer than that. */
const MOST_NAMES = 5;
const LONGEST_NAME = 40;

/** Why Yup refuses a value that is small, or not what its schema is about. */
function asYupSays(schema: ISchema<unknown>, value: unknown, path: string, parent: unknown): Problem[] {
	try {
		(schema as Schema).validateSync(value, { abortEarly: false, strict: true, ...({ parent } as object) });
		return [];
	} catch (error) {
		if (!(error instanceof ValidationError)) throw error;
		const all = error.inner.length > 0 ? error.inner : [error];
		return all.map((e) => ({ path: joined(path, e.path ?? ''), message: e.message }));
	}
}

const joined = (path: string, more: string): string =>
	path === '' || more === '' || more.startsWith('[') ? path + more : `${path}.${more}`;

function unknownProblems(bag: Record<string, unknown>, fields: Record<string, unknown>, path: string): Problem[] {
	const unknown = Object.keys(bag).filter((key) => !Object.hasOwn(fields, key));
	if (unknown.length === 0) return [];
	const said = unknown.slice(0, MOST_NAMES).map((name) => name.slice(0, LONGEST_NAME));
	const more = unknown.length > MOST_NAMES ? ` and ${unknown.length - MOST_NAMES} more` : '';
	return [{ path, message: `has fields that mean nothing here: ${said.join(', ')}${more}` }];
}

/**
 * What is wrong within a value, no more than `room`. A list that is too long is not looked into, and what is asked of a
 * whole only once its parts are right.
 */
function explain(schema: ISchema<unknown>, value: unknown, path: string, room: number, parent?: unknown): Problem[] {
	if (room <= 0) return [];
	const at = inside(schema);
	if (at.type === 'lazy') return explain(at.resolve({ value, parent }), value, path, room, parent);
	const found: Problem[] = [];
	if (at.type === 'object' && isBag(value)) {
		const fields = at.fields ?? {};
		for (const [name, field] of Object.entries(fields))
			found.push(...explain(field, value[name], joined(path, name), room - found.length, value));
		found.push(...unknownProblems(value, fields, path).slice(0, room - found.length));
	} else if (at.type === 'array' && Array.isArray(value) && at.innerType) {
		const [each, most] = [at.innerType, mostOf(schema)];
		if (value.length > most) return [{ path, message: `must have at most ${most} entries` }];
		const fits = fitsOf(each);
		value.forEach((v, i) => {
			if (!fits(v, value)) found.push(...explain(each, v, `${path}[${i}]`, room - found.length, value));
		});
	}
	return found.length > 0 || ownFitsOf(schema)(value, parent)
		? found
		: asYupSays(schema, value, path, parent).slice(0, room);
}

/**
 * Checks a value against one part of a schema. Paths are relative to that part. However large or strange the value, the
 * work is bounded by what the schema's lists may hold: lengths come before entries, and explaining ends with the
 * fiftieth problem.
 * @example problemsOf(within(0, 10), 11) // [{ path: '', message: 'must be at most 10 mm' }]
 */
export const problemsOf = (schema: ISchema<unknown>, value: unknown): Problem[] =>
	explain(schema, value, '', MOST_PROBLEMS);
