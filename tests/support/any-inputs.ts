import fc from 'fast-check';
import { startOf } from '$core/form/start-of';
import { startInputs, type Inputs, type InputSpec, type InputValue } from '$core/sums/inputs';
import { readInputs, type Sum } from '$core/sums/sum';

/**
 * Any number of a range that has all its digits: one below 1e-9 may be denormal, and no sum of such comes out the same
 * twice.
 */
const sized = (min: number, max: number) =>
	fc.double({ min, max, noNaN: true }).map((v) => (Math.abs(v) < 1e-9 && min <= 0 ? 0 : v));

/** Ends of a range as often as what lies between, and often what a form starts with: that is where sums make sense. */
function valueOf(field: InputSpec): fc.Arbitrary<InputValue> {
	const start = fc.constantFrom<InputValue>(startOf(field, 'mm'), startOf(field, 'inch'));
	switch (field.kind) {
		case 'choice':
			return fc.constantFrom(...field.choices.map((c) => c.value));
		case 'flag':
			return fc.boolean();
		case 'whole':
			return fc.oneof(start, fc.integer({ min: field.min, max: field.max }));
		case 'lengths':
			return fc.oneof(
				start,
				fc
					.uniqueArray(fc.integer({ min: field.min, max: field.max }), {
						minLength: field.least,
						maxLength: field.most
					})
					.map((all) => all.sort((a, b) => a - b))
			);
		default:
			return fc.oneof(start, fc.constantFrom(field.min, field.max), sized(field.min, field.max));
	}
}

/** Any inputs a sum takes. */
export function inputsArbitrary(sum: Sum): fc.Arbitrary<Inputs> {
	return (
		fc
			.record(Object.fromEntries(Object.entries(sum.fields).map(([name, f]) => [name, valueOf(f)])))
			// Far from the start fields seldom fit each other: some of them are taken back.
			.chain((wild) =>
				fc.tuple(fc.constant(wild), fc.subarray(Object.keys(wild)), fc.constantFrom('mm' as const, 'inch' as const))
			)
			.map(
				([wild, kept, unit]) =>
					({
						...startInputs(sum.fields, unit),
						...Object.fromEntries(kept.map((n) => [n, wild[n] as InputValue]))
					}) as Inputs
			)
			.filter((inputs) => readInputs(sum, inputs).ok)
	);
}
