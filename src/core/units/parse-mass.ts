import { nth } from '../nth';
import { fail, ok, type Result } from '../result';
import type { LengthUnit } from './parse-length';
import { KG_PER_POUND, type Kilograms } from './quantity';

const MASS =
	/^(?:(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\/(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))\s*(kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?)?\.?$/i;
/** 3 lb 4 oz. */
const POUNDS_AND_OUNCES = /^(\d+)\s*(?:lbs?|pounds?)\.?\s*(?:,|and)?\s*(\d+(?:[.,]\d*)?)\s*(?:oz|ounces?)\.?$/i;
const KG_PER: Record<string, number> = { k: 1, g: 0.001, l: KG_PER_POUND, p: KG_PER_POUND, o: KG_PER_POUND / 16 };

/**
 * Reads a weight (`2.4 kg`, `5 lb`, `3 1/2 lb`, `3 lb 4 oz`, `12 oz`, `800 g`); a bare number is kg, or lb when the
 * tape is in inches.
 * @returns kilograms, or an error in plain words
 * @example parseMass('5 lb', 'mm') // { ok: true, value: 2.26796185 }
 */
export function parseMass(text: string, unit: LengthUnit): Result<Kilograms> {
	const trimmed = text.trim();
	if (trimmed === '') return fail('Type a weight, for example 2.4 kg or 5 lb');
	const both = POUNDS_AND_OUNCES.exec(trimmed);
	if (both) {
		const ounces = Number(nth(both, 2).replace(',', '.'));
		if (ounces >= 16) return fail(`"${trimmed}": ${both[2]} oz is a pound or more. Write it in pounds`);
		return ok((Number(both[1]) + ounces / 16) * KG_PER_POUND);
	}
	const m = MASS.exec(trimmed);
	if (!m) return fail(`Not understood: "${trimmed}". Write it like 2.4 kg, 800 g, 5 lb or 12 oz`);
	const [, whole = '0', over, under, decimal] = m;
	if (under !== undefined && Number(under) === 0) return fail(`"${trimmed}" divides by zero`);
	const value =
		under === undefined ? Number((decimal as string).replace(',', '.')) : Number(whole) + Number(over) / Number(under);
	const letter = (m[5] ?? (unit === 'inch' ? 'lb' : 'kg')).toLowerCase().charAt(0);
	return ok(value * (KG_PER[letter] as number));
}
