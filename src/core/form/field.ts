import { capital } from '../words';
import type { LengthUnit } from '../units/parse-length';
import { KG_PER_POUND } from '../units/quantity';

/**
 * One kit of fields for all that is asked: inputs of sums, columns of the stock-take, the plan's document. A field is
 * declared once; its schema (`schema-of.ts`), the JSON Schema, what a form starts with (`start-of.ts`), the form and
 * its bounds and hints follow from it.
 */

/** A value to start from, in the sizes of either kind of shop. */
export type Start<T> = Record<LengthUnit, T>;

/** How a value may be missing: null stands in its place, it is not there at all, or either. */
export type Missing = 'null' | 'absent' | 'either';

interface Common<T> {
	label: string;
	/** What it is good for, or how to measure it. */
	hint?: string;
	missing?: Missing;
	start?: Start<T>;
	/** Asked only when this says so; else its start value stands and does not matter. */
	when?: (values: Record<string, unknown>) => boolean;
}

/** A length in mm, a mass in kg, an angle in degrees, or a bare number. */
export interface NumberField extends Common<number | null> {
	kind: 'length' | 'mass' | 'angle' | 'number' | 'whole';
	min: number;
	max: number;
	/** What a bare number counts: `%`, `mm a metre`. */
	unit?: string;
}
export interface TextField extends Common<string> {
	kind: 'text';
	max: number;
	/** It may not be empty. */
	needed?: boolean;
	/** It is a day of the calendar, as 2026-11-28. */
	day?: boolean;
}
/** What others name this by. */
export interface IdField extends Common<string> {
	kind: 'id';
}
export interface ChoiceField<T extends string | number = string | number> extends Common<T | null> {
	kind: 'choice';
	choices: readonly Choice<T>[];
	/** What it takes beside them: words of this pattern, and what one of them is called. */
	also?: Also;
}
export interface Also {
	/** Which list such words may be picked from. */
	list: 'own-stock';
	pattern: string;
	name: (value: string) => string;
}
export interface Choice<T extends string | number> {
	value: T;
	name: string;
	/** Other words for it in somebody's file. */
	words?: readonly string[];
}
export interface FlagField extends Common<boolean> {
	kind: 'flag';
}
/** Lengths in a row, ascending, mm. */
export interface LengthsField extends Common<number[]> {
	kind: 'lengths';
	min: number;
	max: number;
	least: number;
	most: number;
}
/** Several fields that belong together. */
export interface GroupField<F extends Fields = Fields> extends Common<never> {
	kind: 'group';
	fields: F;
}
/** One of several groups, told by its `kind`. */
export interface VariantsField<S extends Record<string, Fields> = Record<string, Fields>> extends Common<never> {
	kind: 'variants';
	shapes: S;
}
/** As many of a kind as there are. */
export interface ListField<F = Field> extends Common<never> {
	kind: 'list';
	of: F;
	/** It starts with so many. */
	least: number;
	most: number;
}
export type Field =
	NumberField | TextField | IdField | ChoiceField | FlagField | LengthsField | GroupField | VariantsField | ListField;
export interface Fields {
	[name: string]: Field;
}

type Bare<F> = F extends { kind: 'choice'; choices: readonly { value: infer T }[] }
	? T
	: F extends { kind: 'flag' }
		? boolean
		: F extends { kind: 'text' | 'id' }
			? string
			: F extends { kind: 'lengths' }
				? number[]
				: F extends { kind: 'group'; fields: infer G }
					? ValuesOf<G>
					: F extends { kind: 'variants'; shapes: infer S }
						? { [K in keyof S]: { kind: K } & ValuesOf<S[K]> }[keyof S]
						: F extends { kind: 'list'; of: infer O }
							? ValueOf<O>[]
							: number;
type MayBeAbsent<F> = F extends { missing: 'absent' | 'either' } ? true : false;

/** What a field comes to once it is filled in. */
export type ValueOf<F> = Bare<F> | (F extends { missing: 'null' | 'either' } ? null : never);
/** What fields come to once they are filled in. */
export type ValuesOf<F> = {
	[K in keyof F as MayBeAbsent<F[K]> extends true ? never : K]: ValueOf<F[K]>;
} & { [K in keyof F as MayBeAbsent<F[K]> extends true ? K : never]?: ValueOf<F[K]> };

/** It may be null: nobody has said, or there is none. @example orNull(massField('Maker’s load', 0, 500)) */
export const orNull = <F extends Field>(field: F): F & { missing: 'null' } => ({ ...field, missing: 'null' });
/** It may be left out, which means what older documents meant. @example orAbsent(flagField('Wet')) */
export const orAbsent = <F extends Field>(field: F): F & { missing: 'absent' } => ({ ...field, missing: 'absent' });
/** It may be left out or null. */
export const orNothing = <F extends Field>(field: F): F & { missing: 'either' } => ({ ...field, missing: 'either' });

const both = <T>(mm: T, inch: T = mm): Start<T> => ({ mm, inch });

/** What most fields leave to their kind. */
export type More = Partial<Pick<NumberField, 'hint' | 'when' | 'unit'>>;
const numberOf =
	(kind: NumberField['kind']) =>
	(
		label: string,
		min: number,
		max: number,
		start?: readonly [mm: number, inch: number] | number,
		more: More = {}
	): NumberField => ({
		kind,
		label,
		min,
		max,
		...(start === undefined ? {} : { start: typeof start === 'number' ? both(start) : both(start[0], start[1]) }),
		...more
	});

/** A length between two bounds, mm. @example lengthField('Span', 50, 4000, [800, 812.8]) */
export const lengthField = numberOf('length');
export const angleField = numberOf('angle');
export const numberField = numberOf('number');
export const wholeField = numberOf('whole');
const kilograms = numberOf('mass');
/** A mass between two bounds, kg; its starts in kg and in pounds. @example massField('Load', 0, 500, [20, 45]) */
export function massField(
	label: string,
	min: number,
	max: number,
	start?: readonly [kg: number, pounds: number],
	more: More = {}
): NumberField {
	return kilograms(label, min, max, start && [start[0], start[1] * KG_PER_POUND], more);
}

export const textField = (label: string, max: number, more: Pick<TextField, 'needed'> = {}): TextField => ({
	kind: 'text',
	label,
	max,
	...more
});
export const idField = (label = 'Id'): IdField => ({ kind: 'id', label });
export const flagField = (label: string, start = false, more: Pick<More, 'hint' | 'when'> = {}): FlagField => ({
	kind: 'flag',
	label,
	start: both(start),
	...more
});
/** One of a list; `start` is the first where none is named. @example choiceField('Grain', GRAIN, 'along') */
export const choiceField = <T extends string | number>(
	label: string,
	choices: readonly Choice<T>[],
	start?: readonly [mm: T, inch: T] | T,
	more: Pick<More, 'hint' | 'when'> & { also?: Also } = {}
): ChoiceField<T> => ({
	kind: 'choice',
	label,
	choices,
	...(start === undefined ? {} : { start: isPair(start) ? both(start[0], start[1]) : both(start) }),
	...more
});
const isPair = <T>(start: readonly [T, T] | T): start is readonly [T, T] => Array.isArray(start);

/** Choices that are named by their own words. @example choiceField('Hinge', named('left', 'right')) */
export const named = <T extends string | number>(...values: readonly T[]): Choice<T>[] =>
	values.map((value) => ({ value, name: capital(String(value).replaceAll('-', ' ')) }));

export const lengthsField = (
	label: string,
	bounds: { min: number; max: number; least: number; most: number },
	start?: readonly [mm: number[], inch: number[]],
	more: Pick<More, 'hint' | 'when'> = {}
): LengthsField => ({
	kind: 'lengths',
	label,
	...bounds,
	...(start ? { start: both(start[0], start[1]) } : {}),
	...more
});

export const groupField = <F extends Fields>(label: string, fields: F): GroupField<F> => ({
	kind: 'group',
	label,
	fields
});
export const variantsField = <S extends Record<string, Fields>>(label: string, shapes: S): VariantsField<S> => ({
	kind: 'variants',
	label,
	shapes
});
export const listField = <F extends Field>(label: string, of: F, most: number, least = 0): ListField<F> => ({
	kind: 'list',
	label,
	of,
	least,
	most
});
