import { nth } from '../nth';
import { hungOn } from '../plan/held';
import type { Plan, Row } from '../plan/types';
import { inTheWay } from '../survey/in-the-way';
import { alongWall, meets, type Box3 } from '../solid/room';
import { supportsAt } from '../survey/supports';
import { sweptBy } from '../survey/swept';
import type { Millimetres } from '../units/quantity';

/** As far out as a cleat stands, mm. */
const CLEAT = 38;
/** Highest row a first layout starts with, and the usual pitch below it. */
const FIRST_ROW_SHARE = 0.75;
const PITCH = 400;

/**
 * A height for one more row: below the lowest by the wall's usual pitch, else above the highest, else half way in the
 * widest gap.
 * @example nextRowHeight({ ...plan, rows: [] }) // three quarters up the wall
 */
export function nextRowHeight(plan: Plan): Millimetres {
	const ys = plan.rows.map((r) => r.y).sort((a, b) => a - b);
	const [low] = ys;
	const high = ys.at(-1);
	if (low === undefined || high === undefined) return Math.round(plan.wall.height * FIRST_ROW_SHARE);
	const second = ys[1];
	const pitch = second === undefined ? PITCH : Math.max(150, second - low);
	if (low - pitch > 300) return low - pitch;
	if (high + pitch + 150 < plan.wall.height) return high + pitch;
	const gaps = ys.slice(1).map((y, i) => ({ at: (y + nth(ys, i)) / 2, size: y - nth(ys, i) }));
	return gaps.sort((a, b) => b.size - a.size)[0]?.at ?? Math.max(0, low / 2);
}

/** Stretch of wall at a height that no obstruction crosses: the widest one. */
export function widestClear(
	plan: Plan,
	y: Millimetres,
	height: Millimetres
): { left: Millimetres; right: Millimetres } {
	const { wall } = plan;
	const across: Box3 = { x: [0, wall.width], y: [y, y + height], z: [0, CLEAT] };
	const blocks = inTheWay(wall, across)
		.flatMap(({ obstruction: o, how }) =>
			how === 'clear' ? [] : [...sweptBy(o).fixed, ...sweptBy(o).moving].filter((s) => meets(s, across)).map(alongWall)
		)
		.sort((a, b) => a[0] - b[0]);
	const end = wall.width - (wall.corners?.right.taken ?? 0);
	let at = wall.corners?.left.taken ?? 0;
	let best = { left: at, right: at };
	for (const [from, to] of [...blocks, [end, end] as const]) {
		if (Math.min(from, end) - at > best.right - best.left) best = { left: at, right: Math.min(from, end) };
		at = Math.max(at, to);
	}
	return best;
}

/** Ends for a new row: the widest clear stretch, from stud to stud with a little past the last ones. */
export function rowEnds(plan: Plan, y: Millimetres, height: Millimetres): { left: Millimetres; right: Millimetres } {
	const past = 50;
	const clear = widestClear(plan, y, height);
	const on = supportsAt(plan.wall, y)
		.map((s) => s.x)
		.filter((x) => x >= clear.left && x <= clear.right);
	if (on.length < 2) return clear;
	return { left: Math.max(clear.left, Math.min(...on) - past), right: Math.min(clear.right, Math.max(...on) + past) };
}

/** First free place on a row for a holder so wide, from the left; the row's left end when there is none. */
export function freePlace(plan: Plan, row: Row, width: Millimetres): Millimetres {
	const gap = 40;
	const taken = hungOn(plan, row.id)
		.map((h) => ({ left: h.mount.x, right: h.mount.x + h.back.width }))
		.sort((a, b) => a.left - b.left);
	let at = row.left + gap;
	for (const t of taken) {
		if (t.left - at >= width + gap) return at;
		at = Math.max(at, t.right + gap);
	}
	return at + width <= row.right ? at : row.left;
}
