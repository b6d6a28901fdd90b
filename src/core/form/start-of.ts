import type { LengthUnit } from '../units/parse-length';
import type { Field, Fields, ValueOf, ValuesOf } from './field';

function started(f: Field, unit: LengthUnit): unknown {
	if (f.start) return structuredClone(f.start[unit]);
	if (f.missing) return f.missing === 'absent' ? undefined : null;
	switch (f.kind) {
		case 'text':
		case 'id':
			return '';
		case 'choice':
			return f.choices[0]?.value;
		case 'flag':
			return false;
		case 'lengths':
			return [];
		case 'list':
			return Array.from({ length: f.least }, () => started(f.of, unit));
		case 'group':
			return startsOf(f.fields, unit);
		case 'variants': {
			const [first] = Object.entries(f.shapes);
			return first && { kind: first[0], ...startsOf(first[1], unit) };
		}
		default:
			return Math.min(f.max, Math.max(f.min, 0));
	}
}

/**
 * What a field holds before anybody typed: its start, nothing where it may be missing, else the least of its kind.
 * @example startOf(lengthField('Span', 50, 4000, [800, 812.8]), 'inch') // 812.8
 */
export const startOf = <F extends Field>(field: F, unit: LengthUnit): ValueOf<F> => started(field, unit) as ValueOf<F>;

/**
 * The same of several. What may be absent is left out.
 * @example startsOf({ wet: flagField('Wet') }, 'mm') // { wet: false }
 */
export function startsOf<F extends Fields>(fields: F, unit: LengthUnit): ValuesOf<F> {
	const all = Object.entries(fields).map(([name, f]) => [name, started(f, unit)] as const);
	return Object.fromEntries(all.filter(([, value]) => value !== undefined)) as ValuesOf<F>;
}
