import fc from 'fast-check';
import type { Field, Fields } from '$core/form/field';

/** Ends of a range as often as what lies between: that is where faults are. */
const between = (min: number, max: number) =>
	fc.oneof(fc.constantFrom(min, max), fc.double({ min, max, noNaN: true, noDefaultInfinity: true }));

/** Any value that a field takes, its bounds as often as what lies between. @example anyValue(flagField('Wet')) */
export function anyValue(f: Field): fc.Arbitrary<unknown> {
	const bare = bareValue(f);
	if (!f.missing) return bare;
	const none = f.missing === 'absent' ? undefined : null;
	return fc.oneof(bare, fc.constant(none));
}

function bareValue(f: Field): fc.Arbitrary<unknown> {
	switch (f.kind) {
		case 'text':
			return fc.constantFrom('', 'clamp');
		case 'id':
			return fc.constantFrom('a', 'b');
		case 'choice':
			return fc.constantFrom(...f.choices.map((c) => c.value));
		case 'flag':
			return fc.boolean();
		case 'whole':
			return fc.oneof(fc.constantFrom(f.min, f.max), fc.integer({ min: f.min, max: Math.min(f.max, f.min + 12) }));
		case 'lengths':
			return fc.constant([f.min, f.max]);
		case 'group':
			return anyValues(f.fields);
		case 'variants':
			return fc.oneof(
				...Object.entries(f.shapes).map(([kind, fields]) => anyValues(fields).map((v) => ({ kind, ...v })))
			);
		case 'list':
			return fc.array(anyValue(f.of), { minLength: f.least, maxLength: Math.max(f.least, Math.min(3, f.most)) });
		default:
			return between(f.min, f.max);
	}
}

/** Any values that fields take. What may be absent is left out as often as not. */
export const anyValues = (fields: Fields): fc.Arbitrary<Record<string, unknown>> =>
	fc
		.record(Object.fromEntries(Object.entries(fields).map(([name, f]) => [name, anyValue(f)])))
		.map((all) => Object.fromEntries(Object.entries(all).filter(([, v]) => v !== undefined)));
