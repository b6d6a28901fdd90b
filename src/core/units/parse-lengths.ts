import { fail, ok, type Result } from '../result';
import { parseLength, type LengthUnit } from './parse-length';
import type { Millimetres } from './quantity';

/**
 * Reads several lengths with commas or semicolons between; sorted, ascending. A comma counts as one between lengths
 * when a space follows.
 * @returns millimetres, or an error in plain words for the first that is not understood
 * @example parseLengths('4 1/2, 9', 'inch') // { ok: true, value: [114.3, 228.6] }
 */
export function parseLengths(text: string, unit: LengthUnit): Result<Millimetres[]> {
	const found: Millimetres[] = [];
	for (const part of text
		.split(/[;\n]|,(?=\s)/)
		.map((p) => p.trim())
		.filter(Boolean)) {
		const got = parseLength(part, unit);
		if (!got.ok) return fail(got.error);
		found.push(got.value);
	}
	return ok(found.sort((a, b) => a - b));
}
