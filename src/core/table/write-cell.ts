import { formatLength } from '../units/format-length';
import type { LengthUnit } from '../units/parse-length';
import { KG_PER_POUND } from '../units/quantity';
import type { CellValue, Column } from './column';

/** A length as a field shows it: to 1/32 in, or a tenth of a millimetre where it is not whole. */
export function writeLength(mm: number, unit: LengthUnit): string {
	return formatLength(mm, unit, { tick: 32, decimals: Math.abs(mm - Math.round(mm)) < 0.05 ? 0 : 1 });
}

/**
 * A mass as a field shows it: to a hundredth; of little things to two figures, so that a drill bit does not weigh
 * nothing.
 */
export function writeMass(kg: number, unit: LengthUnit): string {
	const value = unit === 'inch' ? kg / KG_PER_POUND : kg;
	const rounded = Math.abs(value) < 0.1 ? Number(value.toPrecision(2)) : Math.round(value * 100) / 100;
	return `${rounded} ${unit === 'inch' ? 'lb' : 'kg'}`;
}

/**
 * Writes a value as a table, a field or a file shows it: with its unit, lengths to 1/32 in or a tenth of a millimetre.
 * `readCell` takes it back.
 * @example writeCell(87.3125, lengthColumn, 'inch') // '3 7/16"'
 */
export function writeCell(value: CellValue, column: Column, unit: LengthUnit): string {
	if (value === null || value === undefined) return '';
	switch (column.kind) {
		case 'length':
			return writeLength(value as number, unit);
		case 'mass':
			return writeMass(value as number, unit);
		case 'whole':
		case 'number':
			return column.unit ? `${value} ${column.unit}` : String(value);
		case 'choice':
			return column.choices.find((c) => c.value === value)?.name ?? String(value);
		case 'flag':
			return value ? 'yes' : '';
		case 'text':
			return String(value);
	}
}
