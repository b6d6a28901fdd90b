import { array, boolean, object, type ObjectSchema, type Schema } from 'yup';
import { oneOf, whole, within } from '../form/fields';
import type { LengthUnit } from '../units/parse-length';
import { KG_PER_POUND } from '../units/quantity';

/** A value to start from, in the sizes of either kind of shop. */
type Start<T> = Record<LengthUnit, T>;

interface Common<I> {
	label: string;
	hint?: string;
	/** Asked only when this says so; else its start value stands and does not matter. */
	when?: (inputs: I) => boolean;
}

/** A number: a length in mm, a mass in kg, an angle in degrees, or bare. */
export interface NumberSpec<I = Inputs> extends Common<I> {
	kind: 'length' | 'mass' | 'angle' | 'number' | 'whole';
	min: number;
	max: number;
	start: Start<number>;
}
/** A number that may be missing: then what leans on it cannot be judged. */
export interface OptionalSpec<I = Inputs> extends Common<I> {
	kind: 'optional-mass' | 'optional-length';
	min: number;
	max: number;
	start: Start<number | null>;
}
export interface ChoiceSpec<T extends string = string, I = Inputs> extends Common<I> {
	kind: 'choice';
	choices: readonly { value: T; name: string }[];
	start: Start<T>;
}
export interface FlagSpec<I = Inputs> extends Common<I> {
	kind: 'flag';
	start: Start<boolean>;
}
/** Lengths in a row, ascending. */
export interface LengthsSpec<I = Inputs> extends Common<I> {
	kind: 'lengths';
	min: number;
	max: number;
	least: number;
	most: number;
	start: Start<number[]>;
}
export type FieldSpec<I = Inputs> =
	NumberSpec<I> | OptionalSpec<I> | ChoiceSpec<string, I> | FlagSpec<I> | LengthsSpec<I>;
export type Fields = Record<string, FieldSpec>;

export type InputValue = number | string | boolean | null | number[];
export type Inputs = Record<string, InputValue>;

/** What a sum's fields come to once they are filled in. */
export type InputsOf<F extends Fields> = {
	[K in keyof F]: F[K] extends ChoiceSpec<infer T>
		? T
		: F[K] extends FlagSpec
			? boolean
			: F[K] extends LengthsSpec
				? number[]
				: F[K] extends OptionalSpec
					? number | null
					: number;
};

const both = <T>(mm: T, inch: T = mm): Start<T> => ({ mm, inch });

type NumberOptions = Partial<Pick<NumberSpec, 'hint' | 'when'>>;
const numberOf =
	(kind: NumberSpec['kind']) =>
	(
		label: string,
		min: number,
		max: number,
		start: readonly [mm: number, inch: number] | number,
		more: NumberOptions = {}
	): NumberSpec => ({
		kind,
		label,
		min,
		max,
		start: typeof start === 'number' ? both(start) : both(start[0], start[1]),
		...more
	});

/** A length between two bounds, mm. @example lengthField('Span', 50, 4000, [800, 812.8]) */
export const lengthField = numberOf('length');
/** A mass between two bounds, kg; its starts in kg and in pounds. @example massField('Load', 0, 500, [20, 45]) */
export const massField = (
	label: string,
	min: number,
	max: number,
	[kg, pounds]: readonly [kg: number, pounds: number],
	more: NumberOptions = {}
): NumberSpec => numberOf('mass')(label, min, max, [kg, pounds * KG_PER_POUND], more);
export const angleField = numberOf('angle');
export const numberField = numberOf('number');
export const wholeField = numberOf('whole');
export const optionalMass = (label: string, min: number, max: number, hint: string): OptionalSpec => ({
	kind: 'optional-mass',
	label,
	min,
	max,
	start: both(null),
	hint
});
export const optionalLength = (label: string, min: number, max: number, hint: string): OptionalSpec => ({
	kind: 'optional-length',
	label,
	min,
	max,
	start: both(null),
	hint
});
export const flagField = (label: string, start = false, more: NumberOptions = {}): FlagSpec => ({
	kind: 'flag',
	label,
	start: both(start),
	...more
});
export const lengthsField = (
	label: string,
	bounds: { min: number; max: number; least: number; most: number },
	start: readonly [mm: number[], inch: number[]],
	more: NumberOptions = {}
): LengthsSpec => ({
	kind: 'lengths',
	label,
	...bounds,
	start: both(start[0], start[1]),
	...more
});
export const choiceField = <T extends string>(
	label: string,
	choices: readonly { value: T; name: string }[],
	start: readonly [mm: T, inch: T] | T,
	more: NumberOptions = {}
): ChoiceSpec<T> => ({
	kind: 'choice',
	label,
	choices,
	start: typeof start === 'string' ? both(start) : both(start[0], start[1]),
	...more
});

const UNIT = { length: 'mm', mass: 'kg', angle: 'degrees', number: '', whole: '' } as const;

function schemaOf(f: FieldSpec): Schema {
	switch (f.kind) {
		case 'choice':
			return oneOf(f.choices.map((c) => c.value));
		case 'flag':
			return boolean().strict().typeError('must be true or false').required('is missing');
		case 'whole':
			return whole(f.min, f.max);
		case 'lengths':
			return array(within(f.min, f.max))
				.strict()
				.typeError('must be a list')
				.required('is missing')
				.min(f.least, `must have at least ${f.least} entries`)
				.max(f.most, `must have at most ${f.most} entries`)
				.test('ascending', 'must ascend', (v) => !v || v.every((x, i) => i === 0 || x > (v[i - 1] as number)));
		case 'optional-mass':
		case 'optional-length':
			return within(f.min, f.max, f.kind === 'optional-mass' ? 'kg' : 'mm')
				.nullable()
				.optional()
				.test('there', 'is missing', (v) => v !== undefined);
		default:
			return within(f.min, f.max, UNIT[f.kind]);
	}
}

/** The Yup schema of a sum's inputs: strict, nothing missing, nothing unknown. */
export function inputSchema(fields: Fields): ObjectSchema<Record<string, unknown>> {
	return object(Object.fromEntries(Object.entries(fields).map(([name, f]) => [name, schemaOf(f)])))
		.strict()
		.typeError('must be an object')
		.required('is missing')
		.noUnknown(
			({ unknown }: { unknown: string }) => `has fields that mean nothing here: ${unknown}`
		) as unknown as ObjectSchema<Record<string, unknown>>;
}

/** What a form shows before anybody typed. @example startInputs(fields, 'inch') */
export function startInputs(fields: Fields, unit: LengthUnit): Inputs {
	return Object.fromEntries(Object.entries(fields).map(([name, f]) => [name, structuredClone(f.start[unit])]));
}
