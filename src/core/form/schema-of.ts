import { array, type Schema } from 'yup';
import { DAY_WORDS, isDay } from './day';
import type { Field, Fields } from './field';
import { exact, flag, identifier, list, oneOf, oneOfOr, text, unionOf, whole, within } from './yup';

const UNIT = { length: 'mm', mass: 'kg', angle: 'degrees', number: '' } as const;

/** The unit that the values of a field are kept in; empty for what has none. */
export function unitOf(field: Field): string {
	if (field.kind === 'lengths') return 'mm';
	return field.kind in UNIT ? ('unit' in field && field.unit) || UNIT[field.kind as keyof typeof UNIT] : '';
}

function bare(f: Field): Schema {
	switch (f.kind) {
		case 'text':
			return f.day ? text(f.max).test('day', DAY_WORDS, (v) => v === undefined || isDay(v)) : text(f.max, f.needed);
		case 'id':
			return identifier();
		case 'choice': {
			if (f.also)
				return oneOfOr(
					f.choices.map((c) => String(c.value)),
					f.also.pattern
				);
			const values: (string | number | null)[] = f.choices.map((c) => c.value);
			return oneOf((nullable(f) ? [...values, null] : values) as (string | number)[]);
		}
		case 'flag':
			return flag();
		case 'whole':
			return whole(f.min, f.max);
		case 'lengths':
			return array(within(f.min, f.max))
				.strict()
				.typeError('must be a list')
				.required('is missing')
				.min(f.least, `must have at least ${f.least} entries`)
				.max(f.most, `must have at most ${f.most} entries`)
				.test('ascending', 'must ascend', (v) => !v || v.every((x, i) => i === 0 || x > (v[i - 1] ?? Infinity)));
		case 'group':
			return shapeOf(f.fields);
		case 'variants': {
			const shapes = Object.entries(f.shapes).map(([kind, fields]) => [kind, schemasOf(fields)] as const);
			return unionOf(Object.fromEntries(shapes), { optional: absent(f), nullable: nullable(f) });
		}
		case 'list':
			return list(schemaOf(f.of), f.most, f.least);
		default:
			return within(f.min, f.max, unitOf(f));
	}
}

const nullable = (f: Field) => f.missing === 'null' || f.missing === 'either';
const absent = (f: Field) => f.missing === 'absent' || f.missing === 'either';

/**
 * The Yup schema of one field's values: strict, in mm, kg and degrees.
 * @example schemaOf(lengthField('Span', 50, 4000)).isValidSync(40) // false
 */
export function schemaOf(field: Field): Schema {
	const told = bare(field).meta({ label: field.label, unit: unitOf(field), hint: field.hint } as never);
	if (field.missing === undefined || field.kind === 'variants') return told;
	const open = told.optional();
	if (field.missing === 'absent') return open;
	const empty = open.nullable();
	return field.missing === 'either' ? empty : empty.test('there', 'is missing', (v: unknown) => v !== undefined);
}

const schemasOf = (fields: Fields): Record<string, Schema> =>
	Object.fromEntries(Object.entries(fields).map(([name, f]) => [name, schemaOf(f)]));

/**
 * The Yup schema of an object of these fields: nothing missing, nothing unknown.
 * @example shapeOf(fields).isValidSync({})
 */
export const shapeOf = (fields: Fields) => exact(schemasOf(fields));
