import type { Cut, CutSheet, LaidPiece } from '$core/cutting/cut-sheet';
import type { Millimetres } from '$core/units/quantity';

/** The longest of a group is drawn this wide, in units of the picture. */
export const WIDE = 1000;
/** A board or rod is drawn at least this high, so that it can be written on. */
const LEAST_HIGH = 46;
/** A line of writing is so high, and a letter so wide. */
const LINE = 12;
const LETTER = 7.2;

export interface DrawnRect {
	x: number;
	y: number;
	w: number;
	h: number;
}

/** A sheet as it lies on the floor: its grain along the picture, its near edge below. */
export interface DrawnSheet {
	wide: number;
	high: number;
	pieces: (DrawnRect & { n: number; laid: LaidPiece; words: string | null })[];
	rests: (DrawnRect & { words: string })[];
	cuts: { n: number; path: string; at: { x: number; y: number }; cut: Cut }[];
	grain: string;
}

/** Grain wanders a little, and differently in every board. */
function grainOf(wide: number, high: number, number: number): string {
	const lines = Math.max(3, Math.round(high / 11));
	return Array.from({ length: lines }, (_, i) => {
		const y = ((i + 0.6) * high) / lines;
		const a = (((number * 7 + i * 5) % 9) / 3 - 1.3) * 1.6;
		const to = (share: number, off: number) => `${(share * wide).toFixed(1)} ${(y + off).toFixed(1)}`;
		return `M${to(0, 0)}C${to(0.25, a)} ${to(0.4, -a)} ${to(0.62, a * 0.6)}S${to(0.88, -a * 0.5)} ${to(1, 0)}`;
	}).join('');
}

/**
 * A cut sheet as shapes to draw.
 * @param size of the sheet, and of the longest of its group, mm
 * @param number of the sheet: each has a grain of its own
 * @param say a size in words
 * @example drawSheet(sheet, { length: 2440, width: 1220, longest: 2440 }, 1, say).high // 500
 */
export function drawSheet(
	sheet: CutSheet,
	{ length, width, longest }: { length: Millimetres; width: Millimetres; longest: Millimetres },
	number: number,
	say: (size: { length: Millimetres; width: Millimetres }) => string
): DrawnSheet {
	const k = WIDE / longest;
	const wide = length * k;
	const high = Math.max(LEAST_HIGH, width * k);
	const up = high / width;
	const rect = (r: { x: number; y: number; length: number; width: number }): DrawnRect => ({
		x: r.x * k,
		y: high - (r.y + r.width) * up,
		w: r.length * k,
		h: r.width * up
	});
	/** The first that has room; nothing where none has. */
	const fitting = ({ w, h }: DrawnRect, ...words: string[]) =>
		h < LINE ? null : (words.find((t) => t.length * LETTER <= w - 8) ?? null);
	const pieces = sheet.pieces.map((laid, i) => {
		const r = rect(laid);
		const n = String(i + 1);
		const owner = `${laid.piece.owner.name} ${laid.piece.name}`;
		const room = fitting(r, `${n}  ${owner}, ${say(laid)}`, `${n}  ${say(laid)}`, n);
		return { ...r, n: i + 1, laid, words: room === null ? null : room.slice(n.length).trim() };
	});
	const rests = sheet.rests.map((rest) => {
		const r = rect(rest);
		return { ...r, words: fitting(r, `${say(rest)} left`) ?? '' };
	});
	const cuts = sheet.cuts.map((cut, i) => {
		const [from, to] = cut.across ? [high - cut.to * up, high - cut.from * up] : [cut.from * k, cut.to * k];
		const at = cut.across ? cut.at * k : high - cut.at * up;
		return {
			n: i + 1,
			cut,
			path: cut.across ? `M${at} ${from}V${to}` : `M${from} ${at}H${to}`,
			at: cut.across ? { x: at, y: to } : { x: from, y: at }
		};
	});
	return { wide, high, pieces, rests, cuts, grain: grainOf(wide, high, number) };
}
