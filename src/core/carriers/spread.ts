import { lengthField, variantsField, wholeField } from '../form/field';
import { MM_PER_INCH } from '../units/quantity';

/** Most seats a carrier may have. */
export const MOST_SEATS = 200;

/** How seats are spread over a width, in one of the trade's three ways. @example spreadField(1) // starts with one */
export function spreadField(start: number) {
	const count = wholeField('Seats', 1, MOST_SEATS, start);
	return variantsField('Spaced', {
		'equal-gaps': { count },
		pitch: {
			count,
			inset: lengthField('First at', 0, 10_000, [60, 2 * MM_PER_INCH]),
			pitch: lengthField('Then every', 0, 10_000, [100, 4 * MM_PER_INCH])
		},
		'end-margins': { count, margin: lengthField('Margin at each end', 0, 10_000, [60, 2 * MM_PER_INCH]) }
	});
}
