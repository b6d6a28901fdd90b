import type { ISchema, Schema } from 'yup';
import { remembering } from '../remembering';

/**
 * Yes or no to a value by a Yup schema, some fifty times faster than Yup, which is asked only about what is wrong. Made
 * from the schema itself, once: there is no second set of rules. `parent` is the object a value stands in, which a lazy
 * schema may ask.
 */
export type Fits = (value: unknown, parent?: unknown) => boolean;

type AnySchema = ISchema<unknown>;
interface TestOptions {
	name?: string;
	params?: Record<string, unknown>;
	test: (value: unknown) => unknown;
}
/** What of Yup's schemas is read here. */
interface Inside {
	type: string;
	tests: { OPTIONS?: TestOptions }[];
	fields?: Record<string, AnySchema>;
	innerType?: AnySchema;
	spec: {
		optional?: boolean;
		nullable?: boolean;
		meta?: { shapes?: Schema[]; optional?: boolean; nullable?: boolean };
	};
	describe(): { oneOf?: unknown[] };
	resolve(options: { value: unknown; parent?: unknown }): AnySchema;
}
/** A schema as it is built: its parts are public in Yup, but not in one type. */
export const inside = (schema: AnySchema): Inside => schema as unknown as Inside;

export const isBag = (v: unknown): v is Record<string, unknown> =>
	typeof v === 'object' && v !== null && !Array.isArray(v);

const TYPES: Record<string, (v: unknown) => boolean> = {
	number: (v) => typeof v === 'number' && !Number.isNaN(v),
	string: (v) => typeof v === 'string',
	boolean: (v) => typeof v === 'boolean',
	object: isBag,
	array: Array.isArray
};

type Sized = number | string | unknown[];
const sizeOf = (v: Sized): number => (typeof v === 'number' ? v : v.length);
type Params = Record<string, number> & { regex?: RegExp };
/** Tests of Yup's own, which look for their bounds where only Yup has them. */
const OWN: Record<string, (params: Params) => (v: never) => boolean> = {
	min:
		({ min = 0 }) =>
		(v: Sized) =>
			sizeOf(v) >= min,
	max:
		({ max = 0 }) =>
		(v: Sized) =>
			sizeOf(v) <= max,
	integer: () => (v: number) => Number.isInteger(v),
	matches:
		({ regex }) =>
		(v: string) =>
			regex?.test(v) ?? true,
	required: () => (v: string) => v.length > 0,
	// Every object here is exact: its fields are counted below.
	noUnknown: () => () => true
};

/** The greatest number of entries of a list's schema. */
export const mostOf = (schema: AnySchema): number =>
	(inside(schema).tests.find((t) => t.OPTIONS?.name === 'max')?.OPTIONS?.params?.max as number | undefined) ?? Infinity;

function partsOf(schema: Inside): Fits {
	if (schema.type === 'array') {
		const of = schema.innerType;
		const each = of ? fitsOf(of) : () => true;
		return (v) => (v as unknown[]).every((one) => each(one, v));
	}
	if (schema.type !== 'object') return () => true;
	const fields = Object.entries(schema.fields ?? {}).map(([name, field]) => ({ name, fits: fitsOf(field) }));
	const names = new Set(fields.map((f) => f.name));
	return (v) => {
		const bag = v as Record<string, unknown>;
		return Object.keys(bag).every((key) => names.has(key)) && fields.every((f) => f.fits(bag[f.name], bag));
	};
}

function lazyFits({ spec: { meta }, resolve }: Inside, schema: Inside): Fits {
	const shapes = meta?.shapes;
	if (!shapes) return (v, parent) => fitsOf(resolve.call(schema, { value: v, parent }))(v, parent);
	const each = shapes.map(fitsOf);
	return (v) =>
		(meta.optional === true && v === undefined) ||
		(meta.nullable === true && v === null) ||
		each.some((fits) => fits(v));
}

/** What a schema asks of a value itself, whatever its fields or entries are. */
function own(at: Inside): Fits {
	const typed = TYPES[at.type] ?? (() => true);
	const tests = at.tests.map((t) => t.OPTIONS).filter((o): o is TestOptions => o !== undefined);
	const onAbsent = tests.filter((o) => o.name === 'there').map((o) => o.test);
	const checks = tests
		.filter((o) => o.name !== 'there')
		.map((o) => OWN[o.name ?? '']?.((o.params ?? {}) as Params) ?? o.test);
	const choices = at.describe().oneOf ?? [];
	const among = choices.length > 0 ? new Set(choices) : null;
	return (v) => {
		if (v === undefined) return at.spec.optional === true && onAbsent.every((test) => test(v));
		if (v === null) return at.spec.nullable === true;
		return typed(v) && (among?.has(v) ?? true) && checks.every((check) => check(v as never));
	};
}

interface Made {
	own: Fits;
	all: Fits;
}
const madeOf = remembering((schema: AnySchema): Made => {
	const at = inside(schema);
	const mine = at.type === 'lazy' ? lazyFits(at, at) : own(at);
	const parts = partsOf(at);
	const all: Fits =
		at.type === 'object' || at.type === 'array'
			? (v, parent) => mine(v, parent) && (v === undefined || v === null || parts(v))
			: mine;
	return { own: mine, all };
});

/**
 * The yes or no of a schema built by `fields.ts`: tests of its own there look at nothing but the value.
 * @example fitsOf(within(0, 10))(11) // false
 */
export const fitsOf = (schema: AnySchema): Fits => madeOf(schema).all;

/** The same of a value itself, without what is in it. @example ownFitsOf(list(within(0, 1), 2))(['x']) // true */
export const ownFitsOf = (schema: AnySchema): Fits => madeOf(schema).own;
