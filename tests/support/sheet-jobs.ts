import { seeded } from '$core/seeded';
import type { SheetProblem } from '$core/cutting/sheets/problem';

/** A sheet as it is sold, and a saw's kerf, mm. */
const SHEET = { length: 2440, width: 1220, cost: 1, count: Infinity };
const KERF = 3.2;

/**
 * A job of 10 to 120 different pieces, sides of 120 to 1,400 mm, six in ten free to turn, each of which fits a sheet.
 * @param seed the same job for the same seed
 */
export function randomSheetJob(seed: number): SheetProblem {
	const random = seeded(seed * 7919 + 13);
	const side = () => 120 + Math.floor(random() * 1281);
	const pieces: SheetProblem['pieces'][number][] = [];
	const many = 10 + Math.floor(random() * 111);
	while (pieces.length < many) {
		const [length, width, turn] = [side(), side(), random() < 0.6];
		const fits = width <= SHEET.width || (turn && length <= SHEET.width);
		if (fits) pieces.push({ length, width, count: 1, turn });
	}
	return { pieces, stocks: [SHEET], kerf: KERF };
}
