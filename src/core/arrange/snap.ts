import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** Where a dragged thing comes to rest, and what it caught on. */
export interface Snapped {
	at: Millimetres;
	why: Phrase | null;
}

interface Candidate {
	at: Millimetres;
	why: Phrase;
}

function nearest(wanted: Millimetres, candidates: readonly Candidate[], reach: Millimetres): Snapped {
	let best: Snapped = { at: wanted, why: null };
	let least = reach;
	for (const c of candidates) {
		const off = Math.abs(c.at - wanted);
		if (off <= least) {
			least = off;
			best = { at: c.at, why: c.why };
		}
	}
	return best;
}

export interface Stretch {
	left: Millimetres;
	right: Millimetres;
}

/**
 * Snaps a holder along its row: its middle or an end to a stud, an end to the row's end, or to an even gap with its
 * neighbours.
 * @param left wanted left end
 * @param reach how near a candidate must be, mm
 * @returns the left end to use
 * @example snapAlongRow(402, 600, { studs: [700], row: { left: 0, right: 3000 }, neighbours: [], reach: 5 }).at // 400
 */
export function snapAlongRow(
	left: Millimetres,
	width: Millimetres,
	context: { studs: readonly Millimetres[]; row: Stretch; neighbours: readonly Stretch[]; reach: Millimetres }
): Snapped {
	const { studs, row, neighbours, reach } = context;
	const candidates: Candidate[] = [
		{ at: row.left, why: phrase('left end of the row') },
		{ at: row.right - width, why: phrase('right end of the row') }
	];
	for (const x of studs) {
		const at = { x: mm(x) };
		candidates.push(
			{ at: x - width / 2, why: phrase('middle on stud {x@tape}', at) },
			{ at: x, why: phrase('left end on stud {x@tape}', at) },
			{ at: x - width, why: phrase('right end on stud {x@tape}', at) }
		);
	}
	const middle = left + width / 2;
	const before = neighbours.filter((n) => (n.left + n.right) / 2 < middle).sort((a, b) => b.right - a.right);
	const after = neighbours.filter((n) => (n.left + n.right) / 2 >= middle).sort((a, b) => a.left - b.left);
	const [prev, prevPrev] = before;
	const [next, nextNext] = after;
	const even = (at: Millimetres, gap: Millimetres) =>
		candidates.push({ at, why: phrase('even gaps of {gap@tape}', { gap: mm(gap) }) });
	if (prev && next && next.left - prev.right > width)
		even((prev.right + next.left - width) / 2, (next.left - prev.right - width) / 2);
	if (prev && prevPrev && prev.left > prevPrev.right)
		even(prev.right + prev.left - prevPrev.right, prev.left - prevPrev.right);
	if (next && nextNext && nextNext.left > next.right)
		even(next.left - (nextNext.left - next.right) - width, nextNext.left - next.right);
	return nearest(left, candidates, reach);
}

/**
 * Snaps a row's height to an even pitch with the other rows: half way between two, or as far from the next as that is
 * from the one beyond.
 * @param others heights of the other rows
 * @example snapRowHeight(1003, [1300, 1600], 10).at // 1000
 */
export function snapRowHeight(y: Millimetres, others: readonly Millimetres[], reach: Millimetres): Snapped {
	const below = others.filter((o) => o < y).sort((a, b) => b - a);
	const above = others.filter((o) => o >= y).sort((a, b) => a - b);
	const candidates: Candidate[] = [];
	const even = (at: Millimetres, pitch: Millimetres) =>
		candidates.push({ at, why: phrase('even pitch of {p@tape}', { p: mm(pitch) }) });
	const [b1, b2] = below;
	const [a1, a2] = above;
	if (a1 !== undefined && b1 !== undefined) even((a1 + b1) / 2, (a1 - b1) / 2);
	if (a1 !== undefined && a2 !== undefined) even(a1 - (a2 - a1), a2 - a1);
	if (b1 !== undefined && b2 !== undefined) even(b1 + (b1 - b2), b1 - b2);
	return nearest(y, candidates, reach);
}

/** Snaps a row's end to the middle of a stud or the wall's end. */
export function snapRowEnd(
	x: Millimetres,
	studs: readonly Millimetres[],
	wallWidth: Millimetres,
	reach: Millimetres
): Snapped {
	return nearest(
		x,
		[
			...studs.map((s) => ({ at: s, why: phrase('stud {x@tape}', { x: mm(s) }) })),
			{ at: 0, why: phrase('left end of the wall') },
			{ at: wallWidth, why: phrase('right end of the wall') }
		],
		reach
	);
}
