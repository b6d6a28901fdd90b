import { count, mm, phrase, type Phrase } from '../units/phrase';
import { roundToTape, type Tick } from '../units/format-length';
import type { LengthUnit } from '../units/parse-length';
import type { Millimetres } from '../units/quantity';

/** How n things are spread along a length. */
export type Spacing =
	| { kind: 'equal-gaps'; count: number }
	| { kind: 'pitch'; count: number; inset: Millimetres; pitch: Millimetres }
	| { kind: 'end-margins'; count: number; margin: Millimetres };

/**
 * Exact positions of n things along a length, from its left end, in one of the trade's three ways.
 * - equal-gaps: n + 1 equal spaces, W/(n+1)
 * - pitch: the first at an inset, then every pitch
 * - end-margins: the first and last a margin from the ends, n - 1 equal spaces
 * @example spacingPositions(14.75 * 25.4, { kind: 'equal-gaps', count: 6 })[0] // 53.5 mm, which is 2.107 in
 */
export function spacingPositions(width: Millimetres, spacing: Spacing): Millimetres[] {
	return Array.from({ length: spacing.count }, (_, i) => {
		switch (spacing.kind) {
			case 'equal-gaps':
				return (width * (i + 1)) / (spacing.count + 1);
			case 'pitch':
				return spacing.inset + i * spacing.pitch;
			case 'end-margins':
				return spacing.count === 1
					? width / 2
					: spacing.margin + (i * (width - 2 * spacing.margin)) / (spacing.count - 1);
		}
	});
}

/**
 * So many about the middle of a width, so far apart: how carriers made for a thing are spread.
 * @example aboutMiddle(400, 3, 100) // { kind: 'end-margins', count: 3, margin: 100 }
 */
export const aboutMiddle = (width: Millimetres, count: number, pitch: Millimetres): Spacing =>
	count === 1
		? { kind: 'equal-gaps', count }
		: { kind: 'end-margins', count, margin: (width - (count - 1) * pitch) / 2 };

/** Centre-to-centre distance of neighbours. */
export function spacingPitch(width: Millimetres, spacing: Spacing): Millimetres {
	switch (spacing.kind) {
		case 'equal-gaps':
			return width / (spacing.count + 1);
		case 'pitch':
			return spacing.pitch;
		case 'end-margins':
			return spacing.count === 1 ? 0 : (width - 2 * spacing.margin) / (spacing.count - 1);
	}
}

/** The sum behind the spacing, as one would write it on a scrap of board. */
export function spacingSum(width: Millimetres, spacing: Spacing): Phrase {
	const pitch = mm(spacingPitch(width, spacing));
	switch (spacing.kind) {
		case 'equal-gaps':
			return phrase('{w} over {n} gaps is {pitch} each, centre to centre', {
				w: mm(width),
				n: count(spacing.count + 1),
				pitch
			});
		case 'pitch':
			return phrase('first at {inset}, then every {pitch}, centre to centre', { inset: mm(spacing.inset), pitch });
		case 'end-margins':
			return spacing.count === 1
				? phrase('one, in the middle of {w}', { w: mm(width) })
				: phrase('({w} - 2 × {m}) over {n} spaces is {pitch} each, centre to centre', {
						w: mm(width),
						m: mm(spacing.margin),
						n: count(spacing.count - 1),
						pitch
					});
	}
}

/**
 * Marks to measure off from one end: each exact position rounded once to the tape, so that no error adds up.
 * @example tapeMarks([53.52, 107.04], 'inch', 16) // [53.975, 106.3625]
 */
export function tapeMarks(positions: readonly Millimetres[], unit: LengthUnit, tick: Tick = 16): Millimetres[] {
	return positions.map((p) => roundToTape(p, unit, tick));
}
