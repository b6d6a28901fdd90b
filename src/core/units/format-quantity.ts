import { formatLength } from './format-length';
import type { LengthUnit } from './parse-length';
import { KG_PER_POUND, MM_PER_INCH, MPA_PER_PSI, N_PER_POUND } from './quantity';

/** What a shown number measures. Values are held in mm, N, N mm, N/mm, N/mm2, rad, kg, kg/m3, hours. */
export type Dimension =
	| 'length'
	| 'force'
	| 'moment'
	| 'force-per-length'
	| 'stress'
	| 'angle'
	| 'mass'
	| 'ratio'
	| 'count'
	| 'area'
	| 'section'
	| 'inertia'
	| 'area-load'
	| 'fine-length'
	| 'density'
	| 'hours';

export interface Quantity {
	value: number;
	dim: Dimension;
}

interface Style {
	unit: string;
	scale: number;
	decimals: number;
}

const MM: Record<Exclude<Dimension, 'length'>, Style> = {
	force: { unit: 'N', scale: 1, decimals: 0 },
	moment: { unit: 'Nm', scale: 1000, decimals: 2 },
	'force-per-length': { unit: 'N/mm', scale: 1, decimals: 2 },
	stress: { unit: 'N/mm²', scale: 1, decimals: 2 },
	angle: { unit: '°', scale: Math.PI / 180, decimals: 1 },
	mass: { unit: 'kg', scale: 1, decimals: 1 },
	ratio: { unit: '', scale: 1, decimals: 2 },
	count: { unit: '', scale: 1, decimals: 0 },
	area: { unit: 'mm²', scale: 1, decimals: 0 },
	section: { unit: 'mm³', scale: 1, decimals: 0 },
	inertia: { unit: 'mm⁴', scale: 1, decimals: 0 },
	'area-load': { unit: 'kN/m²', scale: 1e-3, decimals: 2 },
	'fine-length': { unit: 'mm', scale: 1, decimals: 2 },
	density: { unit: 'kg/m³', scale: 1, decimals: 0 },
	hours: { unit: 'h', scale: 1, decimals: 1 }
};
const INCH: Record<Exclude<Dimension, 'length'>, Style> = {
	...MM,
	force: { unit: 'lb', scale: N_PER_POUND, decimals: 1 },
	moment: { unit: 'lb in', scale: N_PER_POUND * MM_PER_INCH, decimals: 1 },
	'force-per-length': { unit: 'lb/in', scale: N_PER_POUND / MM_PER_INCH, decimals: 1 },
	stress: { unit: 'psi', scale: MPA_PER_PSI, decimals: 0 },
	mass: { unit: 'lb', scale: KG_PER_POUND, decimals: 1 },
	area: { unit: 'in²', scale: MM_PER_INCH ** 2, decimals: 3 },
	section: { unit: 'in³', scale: MM_PER_INCH ** 3, decimals: 3 },
	inertia: { unit: 'in⁴', scale: MM_PER_INCH ** 4, decimals: 3 },
	'area-load': { unit: 'psf', scale: MPA_PER_PSI / 144, decimals: 1 },
	'fine-length': { unit: 'in', scale: MM_PER_INCH, decimals: 3 },
	density: { unit: 'lb/ft³', scale: KG_PER_POUND / ((12 * MM_PER_INCH) / 1000) ** 3, decimals: 1 }
};

/**
 * Writes any quantity with its unit, in the user's system.
 * Lengths inside sums keep a decimal in mm and go to 1/32 in, so that a pencil sum comes out.
 * @example formatQuantity({ value: 190, dim: 'force' }, 'inch') // '42.7 lb'
 */
export function formatQuantity(q: Quantity, unit: LengthUnit): string {
	if (q.dim === 'length') {
		const whole = Math.abs(q.value - Math.round(q.value)) < 0.05;
		return formatLength(q.value, unit, { tick: 32, decimals: whole ? 0 : 1 });
	}
	if (q.value === Infinity) return 'no limit';
	if (!Number.isFinite(q.value)) return '?';
	const style = (unit === 'inch' ? INCH : MM)[q.dim];
	const scaled = q.value / style.scale;
	const decimals = Math.abs(scaled) >= 100 ? Math.min(style.decimals, 1) : style.decimals;
	const fixed = scaled.toFixed(decimals);
	const text = Number(fixed) === 0 ? fixed.replace('-', '') : fixed;
	if (style.unit === '') return text;
	return style.unit === '°' ? `${Number(text)}°` : `${text} ${style.unit}`;
}
