import { fail, ok, type Result } from '../result';
import { parseLength, type LengthUnit } from './parse-length';
import type { Millimetres } from './quantity';

/** '300 to 1900 in 5': from the first to the last, so many in all. */
const EVEN = /^(.+?)\s+to\s+(.+?)\s+in\s+(\S+)$/i;
/** More than this is no row of marks. */
const MOST = 100;

/** Marks evenly between two, both of them among these. */
function evenly(first: Millimetres, last: Millimetres, count: string): Result<Millimetres[]> {
	const n = Number(count);
	if (!Number.isInteger(n) || n < 2 || n > MOST) return fail(`"in ${count}": a whole number from 2 to ${MOST}`);
	return ok(Array.from({ length: n }, (_, i) => first + (i * (last - first)) / (n - 1)));
}

function marksOf(part: string, unit: LengthUnit): Result<Millimetres[]> {
	const [, from, to, count] = EVEN.exec(part) ?? [];
	if (from === undefined || to === undefined || count === undefined) {
		const one = parseLength(part, unit);
		return one.ok ? ok([one.value]) : one;
	}
	const [first, last] = [parseLength(from, unit), parseLength(to, unit)];
	if (!first.ok) return first;
	return last.ok ? evenly(first.value, last.value, count) : last;
}

/**
 * Reads several lengths with commas or semicolons between; sorted, ascending. A comma counts as one between lengths
 * when a space follows. Even ones are said by the first, the last and how many.
 * @returns millimetres, or an error in plain words for the first that is not understood
 * @example parseLengths('4 1/2, 9', 'inch') // { ok: true, value: [114.3, 228.6] }
 * @example parseLengths('300 to 1900 in 5', 'mm') // { ok: true, value: [300, 700, 1100, 1500, 1900] }
 */
export function parseLengths(text: string, unit: LengthUnit): Result<Millimetres[]> {
	const found: Millimetres[] = [];
	for (const part of text
		.split(/[;\n]|,(?=\s)/)
		.map((p) => p.trim())
		.filter(Boolean)) {
		const got = marksOf(part, unit);
		if (!got.ok) return got;
		found.push(...got.value);
	}
	return ok(found.sort((a, b) => a - b));
}
