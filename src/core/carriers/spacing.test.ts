import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Spacing } from './spacing';
import { tickSize } from '../units/format-length';
import { sayPhrase } from '../units/phrase';
import { spacingPitch, spacingPositions, spacingSum, tapeMarks } from './spacing';

const spacing = fc.oneof(
	fc.record({ kind: fc.constant('equal-gaps' as const), count: fc.integer({ min: 1, max: 40 }) }),
	fc.record({
		kind: fc.constant('pitch' as const),
		count: fc.integer({ min: 1, max: 40 }),
		inset: fc.double({ min: 0, max: 200, noNaN: true }),
		pitch: fc.double({ min: 1, max: 200, noNaN: true })
	}),
	fc.record({
		kind: fc.constant('end-margins' as const),
		count: fc.integer({ min: 1, max: 40 }),
		margin: fc.double({ min: 0, max: 100, noNaN: true })
	})
);

describe('even spacing', () => {
	it('keeps neighbours one pitch apart, whichever way', () => {
		fc.assert(
			fc.property(fc.double({ min: 300, max: 4000, noNaN: true }), spacing, (width, s: Spacing) => {
				const at = spacingPositions(width, s);
				expect(at).toHaveLength(s.count);
				at.slice(1).forEach((x, i) => expect(x - (at[i] as number)).toBeCloseTo(spacingPitch(width, s), 6));
			})
		);
	});

	it('never lets a mark drift: each is within half a tick of its exact place', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 300, max: 4000, noNaN: true }),
				spacing,
				fc.constantFrom('inch' as const, 'mm' as const),
				(width, s: Spacing, unit) => {
					const exact = spacingPositions(width, s);
					tapeMarks(exact, unit).forEach((m, i) =>
						expect(Math.abs(m - (exact[i] as number))).toBeLessThanOrEqual(tickSize(unit) / 2 + 1e-9)
					);
				}
			)
		);
	});

	it('puts a single one with end margins in the middle', () => {
		expect(spacingPositions(500, { kind: 'end-margins', count: 1, margin: 60 })).toEqual([250]);
	});

	it('writes its sum out', () => {
		expect(sayPhrase(spacingSum(546.1, { kind: 'equal-gaps', count: 5 }), 'mm')).toBe(
			'546.1 mm over 6 gaps is 91 mm each, centre to centre'
		);
	});
});
