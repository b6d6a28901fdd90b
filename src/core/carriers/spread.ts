import { lengthField, variantsField, wholeField } from '../form/field';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import type { Load } from './carrier';
import type { Spacing } from './spacing';

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

/**
 * Seats in a mirror, over the same width: those that are stepped off from one end begin at the other. For `mirrored` of
 * a kind that spreads its seats and is the same at both ends otherwise.
 * @example mirrored: mirroredSpread
 */
export function mirroredSpread<P extends { width: Millimetres; spacing: Spacing }>(
	p: P,
	loads: readonly Load[]
): { params: P; loads: readonly Load[] } {
	return { params: { ...p, spacing: mirroredSpacing(p.spacing, p.width) }, loads };
}

const mirroredSpacing = (s: Spacing, width: Millimetres): Spacing =>
	s.kind === 'pitch' ? { ...s, inset: Math.max(0, width - s.inset - (s.count - 1) * s.pitch) } : s;
