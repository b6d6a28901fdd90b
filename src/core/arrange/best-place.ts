import { nth } from '../nth';
import { worstFirst, type Verdict } from '../verdict/check';
import { checkPlan } from '../checks/check-plan';
import { LOAD_FROM, seatHandling } from '../handling/seat-handling';
import type { AnyPlaced } from '../places/any-place';
import { hungOn } from '../plan/held';
import type { HungHolder, Plan, Row } from '../plan/types';
import { supportsAt } from '../survey/supports';
import type { Millimetres } from '../units/quantity';
import { suitHook } from './suit-hook';

/** Places tried in one row: more make a press wait. */
const MOST_A_ROW = 12;
/** Rows tried, the emptiest first. */
const MOST_ROWS = 6;
const GAP: Millimetres = 40;
/** Lifting indices nearer to each other than this are alike. */
const SAME_LIFT = 0.05;

/** Left ends worth trying on a row: after every holder there, at its ends, and with the middle on every stud. */
function leftEnds(plan: Plan, row: Row, width: Millimetres): Millimetres[] {
	const there = hungOn(plan, row.id);
	const studs = supportsAt(plan.wall, row.y).map((s) => s.x);
	const middles = studs.slice(1).map((x, i) => (x + nth(studs, i)) / 2);
	const ends = [
		row.left + GAP,
		...there.map((h) => h.mount.x + h.back.width + GAP),
		...[...studs, ...middles].map((x) => x - width / 2),
		row.right - GAP - width,
		...overOutlets(plan.wall, width)
	];
	const fits = ends.filter((x) => x >= row.left && x + width <= row.right);
	const free = fits.filter((x) => there.every((h) => x >= h.mount.x + h.back.width || x + width <= h.mount.x));
	return [...new Set(free.map((x) => Math.round(x)))].sort((a, b) => a - b).slice(0, MOST_A_ROW);
}

/** Left ends that put a middle over an outlet of the survey: what charges there is near its plug. */
export const overOutlets = ({ obstructions }: Plan['wall'], width: Millimetres): Millimetres[] =>
	obstructions.filter((o) => o.kind === 'outlet').map((o) => o.x + (o.width - width) / 2);

interface Tried {
	holder: HungHolder;
	/** New stops and new things to mind that it brings. */
	stops: number;
	minds: number;
	/** Lifting index of the hardest that hangs there, from 1: under it nobody minds. */
	lift: number;
	verdict: Verdict;
	margin: number | null;
}

function liftOf(placed: AnyPlaced, stature: Plan['stature']): number {
	const handling = seatHandling(placed, stature);
	return handling && handling.mass >= LOAD_FROM ? Math.max(1, handling.index) : 1;
}

/** A row that cannot be built carries nothing, however free it is; what does not hold is next to that. */
const better = (a: Tried, b: Tried): boolean => {
	const is = (verdict: Verdict) => Number(a.verdict === verdict) - Number(b.verdict === verdict);
	const built = is('cannot-be-built');
	if (built !== 0) return built < 0;
	if (a.stops !== b.stops) return a.stops < b.stops;
	const holds = is('does-not-hold');
	if (holds !== 0) return holds < 0;
	if (a.minds !== b.minds) return a.minds < b.minds;
	// What is too heavy for one wherever it hangs, hangs where that is least.
	if (Math.abs(a.lift - b.lift) > SAME_LIFT) return a.lift < b.lift;
	return worstFirst(a, b) > 0;
};

/**
 * The place where a new holder fits best: in no other's way, under nothing that hangs down, near studs that hold it;
 * tried on the whole plan.
 * @param holder with a face no wider than a row; its mount says nothing yet
 * @returns the holder hung there; null when no row has room
 * @example bestPlace(plan, holder)?.mount.row
 */
export function bestPlace(plan: Plan, holder: HungHolder): HungHolder | null {
	const width = holder.back.width;
	const taken = (r: Row) => hungOn(plan, r.id).reduce((sum, h) => sum + h.back.width, 0);
	const rows = [...plan.rows]
		.sort((a, b) => b.right - b.left - taken(b) - (a.right - a.left - taken(a)))
		.slice(0, MOST_ROWS);
	const now = checkPlan(plan).warnings;
	const count = (level: 'stop' | 'mind', all: typeof now) => all.filter((w) => w.level === level).length;
	let best: Tried | null = null;
	for (const row of rows) {
		const suited = suitHook(holder, row, plan.cutting.kerf);
		for (const x of leftEnds(plan, row, width)) {
			const hung: HungHolder = { ...suited, mount: { ...suited.mount, row: row.id, x } };
			const checks = checkPlan({ ...plan, holders: [...plan.holders, hung] });
			const judged = checks.holders.get(holder.id);
			if (!judged) continue;
			const tried: Tried = {
				holder: hung,
				stops: count('stop', checks.warnings) - count('stop', now),
				minds: count('mind', checks.warnings) - count('mind', now),
				lift: liftOf(judged.placed, plan.stature),
				verdict: judged.verdict,
				margin: judged.check?.margin ?? null
			};
			if (!best || better(tried, best)) best = tried;
		}
	}
	return best?.holder ?? null;
}
