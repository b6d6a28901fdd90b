import { MM_PER_INCH, type Millimetres } from './quantity';
import type { LengthUnit } from './parse-length';

/** What a tape can show: the finest inch fraction, or a millimetre step. */
export type Tick = 16 | 32;

/** The tape's step in millimetres: 1/16 in, 1/32 in or 1 mm. @example tickSize('inch', 16) // 1.5875 */
export function tickSize(unit: LengthUnit, tick: Tick = 16): Millimetres {
	return unit === 'inch' ? MM_PER_INCH / tick : 1;
}

/** Rounds a length to the tape, once. @example roundToTape(91.02, 'inch', 16) // 90.4875 (3 9/16 in) */
export function roundToTape(mm: Millimetres, unit: LengthUnit, tick: Tick = 16): Millimetres {
	const step = tickSize(unit, tick);
	return Math.round(mm / step) * step;
}

function inchText(mm: Millimetres, tick: Tick, feet: boolean): string {
	const sign = mm < 0 ? '-' : '';
	let parts = Math.round((Math.abs(mm) / MM_PER_INCH) * tick);
	let text = '';
	if (feet && parts >= 12 * tick) {
		text = `${Math.floor(parts / (12 * tick))}' `;
		parts %= 12 * tick;
	}
	const whole = Math.floor(parts / tick);
	let num = parts % tick;
	let den: number = tick;
	while (num > 0 && num % 2 === 0) {
		num /= 2;
		den /= 2;
	}
	const fraction = num === 0 ? '' : `${num}/${den}`;
	const inches = fraction === '' || whole !== 0 ? `${whole} ${fraction}`.trim() : fraction;
	return parts === 0 && text === '' ? '0"' : `${sign}${text}${inches}"`;
}

/**
 * Writes a length for the tape: to 1/16 or 1/32 in with the fraction reduced, or to whole millimetres.
 * @param decimals places after the point in mm (default 0)
 * @example formatLength(87.3125, 'inch') // '3 7/16"'
 * @example formatLength(87.3125, 'mm') // '87 mm'
 */
export function formatLength(
	mm: Millimetres,
	unit: LengthUnit,
	options: { tick?: Tick; feet?: boolean; decimals?: number } = {}
): string {
	if (!Number.isFinite(mm)) return 'no length';
	if (unit === 'inch') return inchText(mm, options.tick ?? 16, options.feet ?? false);
	const text = mm.toFixed(options.decimals ?? 0);
	return `${/^-0(\.0*)?$/.test(text) ? text.slice(1) : text} mm`;
}
