import { lastOf } from '../nth';
import type { LengthUnit } from '../units/parse-length';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';

/** One line on a tape. */
export interface Tick {
	at: Millimetres;
	size: 'minor' | 'middle' | 'major';
	label?: string;
	/** Full metres or feet. */
	red: boolean;
}

/** Least room between neighbouring lines and between labels, px. */
const LINE_ROOM = 5;
const LABEL_ROOM = 46;

const FOOT = 12 * MM_PER_INCH;
const STEPS = {
	mm: [1, 5, 10, 50, 100, 500, 1000, 5000],
	inch: [MM_PER_INCH / 16, MM_PER_INCH / 4, MM_PER_INCH, 3 * MM_PER_INCH, FOOT, 5 * FOOT, 10 * FOOT]
};

const divides = (x: number, step: number) => Math.abs(x / step - Math.round(x / step)) < 1e-6;

function label(at: Millimetres, unit: LengthUnit): string {
	if (unit === 'mm') return String(Math.round(at));
	const inches = Math.round((at / MM_PER_INCH) * 16) / 16;
	if (divides(at, FOOT)) return `${Math.round(inches / 12)}'`;
	const feet = Math.floor(inches / 12);
	return feet === 0 ? `${inches}"` : `${inches - 12 * feet}"`;
}

/**
 * Lines of a tape measure between two places, as fine as the scale leaves room for.
 * @param pxPerMm scale of the drawing
 * @example tapeTicks(0, 1000, 0.1, 'mm').filter((t) => t.label).map((t) => t.label) // ['0', '500', '1000']
 */
export function tapeTicks(from: Millimetres, to: Millimetres, pxPerMm: number, unit: LengthUnit): Tick[] {
	const steps = STEPS[unit];
	const fine = steps.find((s) => s * pxPerMm >= LINE_ROOM) ?? lastOf(steps);
	const labelled = steps.find((s) => s * pxPerMm >= LABEL_ROOM) ?? lastOf(steps);
	const middle = steps[steps.indexOf(fine) + 1] ?? fine;
	const whole = unit === 'mm' ? 1000 : FOOT;
	const ticks: Tick[] = [];
	for (let i = Math.ceil(from / fine - 1e-9); i * fine <= to + 1e-6; i++) {
		const at = i * fine;
		const major = divides(at, labelled);
		const lesser = divides(at, middle) ? 'middle' : 'minor';
		const tick: Tick = {
			at,
			size: major ? 'major' : lesser,
			red: at !== 0 && divides(at, whole)
		};
		if (major) tick.label = label(at, unit);
		ticks.push(tick);
	}
	return ticks;
}
