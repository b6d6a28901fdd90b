import { fail, ok, type Result } from '../result';
import { parseLength, type LengthUnit } from '../units/parse-length';
import type { Millimetres } from '../units/quantity';
import type { Board, OffcutRule } from './board';

/** A stretch of a board, from its left end. */
export interface Stretch {
	from: Millimetres;
	to: Millimetres;
}

/** A knot or a check is cut out by two saw cuts: less than this cannot be, mm. */
const LEAST = 4;

/**
 * Bad places as they are written down along a board: "600-650; 1800 to 1830". Each from one distance to another, from
 * the left end; those that touch are one.
 * @param length of the board, mm
 * @example readStretches('600-650; 10-30', 2400, 'mm') // [{ from: 10, to: 30 }, { from: 600, to: 650 }]
 */
export function readStretches(text: string, length: Millimetres, unit: LengthUnit): Result<Stretch[]> {
	const found: Stretch[] = [];
	for (const part of text.split(/;|,\s|\n/).map((p) => p.trim())) {
		if (part === '') continue;
		const ends = part.split(/\s+to\s+|\s*–\s*|\s+-\s+|(?<=\d)-(?=\d+(?:[.,]\d+)?\s*(?:mm|cm|m|in|")?$)/i);
		if (ends.length !== 2) return fail(`"${part}": say from where to where, as 600 to 650`);
		const [a, b] = ends.map((e) => parseLength(e, unit)) as [Result<number>, Result<number>];
		if (!a.ok) return a;
		if (!b.ok) return b;
		const [from, to] = [Math.min(a.value, b.value), Math.max(a.value, b.value)];
		if (from < 0 || to > length + 0.5) return fail(`"${part}" is not on the board`);
		const middle = (from + to) / 2;
		const half = Math.max(LEAST, to - from) / 2;
		found.push({ from: Math.max(0, middle - half), to: Math.min(length, middle + half) });
	}
	const inOrder = found.sort((p, q) => p.from - q.from);
	const merged: Stretch[] = [];
	for (const s of inOrder) {
		const last = merged.at(-1);
		if (last && s.from <= last.to) last.to = Math.max(last.to, s.to);
		else merged.push({ ...s });
	}
	return ok(merged);
}

/**
 * What is left between bad places: the saw cuts lie in the bad wood.
 * @example clearLengths(100, [{ from: 40, to: 60 }]).length // 2
 */
export function clearLengths(length: Millimetres, bad: readonly Stretch[]): Stretch[] {
	const found: Stretch[] = [];
	let at = 0;
	for (const { from, to } of [...bad, { from: length, to: length }]) {
		if (from - at > 1e-6) found.push({ from: at, to: from });
		at = Math.max(at, to);
	}
	return found;
}

/** Is a clear length worth keeping? Its width was worth keeping before. */
export const isLongEnough = ({ from, to }: Stretch, { keepLength }: Pick<OffcutRule, 'keepLength'>): boolean =>
	to - from >= keepLength;

/**
 * Cuts the bad places out of one board of a line.
 * @returns its clear lengths that are worth keeping, equal ones together; and the line without that board, null where
 * it was the last
 * @example cutOut(line, bad, shop.settings, newId).pieces
 */
export function cutOut(
	line: Board,
	bad: readonly Stretch[],
	rule: OffcutRule,
	newId: () => string
): { pieces: Board[]; left: Board | null } {
	const pieces = new Map<number, Board>();
	for (const { from, to } of clearLengths(line.shortest, bad)) {
		const length = Math.floor(to - from + 1e-6);
		if (!isLongEnough({ from, to }, rule)) continue;
		const same = pieces.get(length);
		if (same) same.count += 1;
		else pieces.set(length, { ...line, id: newId(), count: 1, shortest: length, longest: length, offcut: true });
	}
	const left = line.count > 1 ? { ...line, count: line.count - 1 } : null;
	return { pieces: [...pieces.values()], left };
}
