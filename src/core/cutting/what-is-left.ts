import type { Millimetres } from '../units/quantity';
import type { CutSheet, LaidPiece, Rest } from './cut-sheet';
import { goesThrough, NEAR, parted } from './saw-through';

const holds = (r: Rest, { x, y, length, width }: LaidPiece): boolean =>
	x >= r.x - NEAR && y >= r.y - NEAR && x + length <= r.x + r.length + NEAR && y + width <= r.y + r.width + NEAR;

/**
 * What is left of a sheet when some of its pieces have been cut: only the cuts that free them have been made, so what
 * none of them touches is whole.
 * @param size of the sheet, mm
 * @param cut ids of the pieces that are cut
 * @example whatIsLeft(sheet, { length: 2440, width: 1220 }, 3.2, new Set()) // the whole sheet
 */
export function whatIsLeft(
	sheet: CutSheet,
	{ length, width }: { length: Millimetres; width: Millimetres },
	kerf: Millimetres,
	cut: ReadonlySet<string>
): Rest[] {
	const pieces = sheet.pieces.filter((p) => cut.has(p.piece.id));
	let bench: Rest[] = [{ x: 0, y: 0, length, width }];
	for (const c of sheet.cuts) {
		const through = bench.find((r) => goesThrough(r, c) && pieces.some((p) => holds(r, p)));
		if (through) bench = bench.flatMap((r) => (r === through ? parted(r, c, kerf) : [r]));
	}
	return bench.filter((r) => !pieces.some((p) => holds(r, p)));
}
