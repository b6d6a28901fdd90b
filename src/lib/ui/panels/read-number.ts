import { fail, ok, type Result } from '$core/result';

/**
 * A plain number as people type it, with a point or a comma, its unit after it or not.
 * @example readNumber("0,5 g", "g") // 0.5
 */
export function readNumber(text: string, unit = ''): Result<number> {
	const bare = text.trim().replace(unit, '').replace(',', '.').trim();
	const number = bare === '' ? Number.NaN : Number(bare);
	return Number.isFinite(number) ? ok(number) : fail(`Not a number: "${text.trim()}"`);
}
