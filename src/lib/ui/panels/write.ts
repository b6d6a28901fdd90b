import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { KG_PER_POUND } from '$core/units/quantity';

/** A length as a field shows it: to 1/32 in, or a tenth of a millimetre where it is not whole. */
export function writeLength(mm: number, unit: LengthUnit): string {
	return formatLength(mm, unit, { tick: 32, decimals: Math.abs(mm - Math.round(mm)) < 0.05 ? 0 : 1 });
}

/** A mass as a field shows it: to a hundredth. */
export function writeMass(kg: number, unit: LengthUnit): string {
	const tidy = (n: number) => String(Math.round(n * 100) / 100);
	return unit === 'inch' ? `${tidy(kg / KG_PER_POUND)} lb` : `${tidy(kg)} kg`;
}
