import type { Millimetres } from '../units/quantity';
import type { CutSheet, LaidPiece, Rest } from './cut-sheet';

/** Sums of lengths are not exact, mm. */
const NEAR = 0.02;

const holds = (r: Rest, { x, y, length, width }: LaidPiece): boolean =>
	x >= r.x - NEAR && y >= r.y - NEAR && x + length <= r.x + r.length + NEAR && y + width <= r.y + r.width + NEAR;

/** The two parts of a rectangle once a cut has gone through it; the far one is missing where the blade takes it all. */
function parted(r: Rest, { across, at }: CutSheet['cuts'][number], kerf: Millimetres): Rest[] {
	const near = across ? { ...r, length: at - r.x } : { ...r, width: at - r.y };
	const far = across
		? { ...r, x: at + kerf, length: r.x + r.length - at - kerf }
		: { ...r, y: at + kerf, width: r.y + r.width - at - kerf };
	return far.length > NEAR && far.width > NEAR ? [near, far] : [near];
}

const goesThrough = (r: Rest, { across, at, from, to }: CutSheet['cuts'][number]): boolean =>
	across
		? at > r.x + NEAR && at < r.x + r.length - NEAR / 4 && from >= r.y - NEAR && to <= r.y + r.width + NEAR
		: at > r.y + NEAR && at < r.y + r.width - NEAR / 4 && from >= r.x - NEAR && to <= r.x + r.length + NEAR;

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
