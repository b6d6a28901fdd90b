import { liftOff } from '../cleats/profile';
import type { Plan } from '../plan/types';
import { mm, phrase } from '../units/phrase';
import type { Warning } from './check';
import type { LaidRow, Placed } from './place';
import { contactOf } from './checks/row-loads';

interface Box {
	left: number;
	right: number;
	low: number;
	high: number;
}

const overlap = (a: Box, b: Box) => a.left < b.right - 0.5 && b.left < a.right - 0.5 && a.low < b.high - 0.5 && b.low < a.high - 0.5;

const faceBox = (p: Placed): Box => ({ left: p.left, right: p.right, low: p.foot, high: p.top });
const hangBox = (p: Placed): Box => ({
	left: p.left - p.built.beyondEnds, right: p.right + p.built.beyondEnds, low: p.foot - p.built.hangsBelow, high: p.foot
});

function holderPairs(placed: readonly Placed[], found: (a: Placed, b: Placed) => void): void {
	// A sweep from left to right: only holders whose stretch of wall is still open can meet the next one.
	const sorted = [...placed].sort((a, b) => a.left - a.built.beyondEnds - (b.left - b.built.beyondEnds));
	let open: Placed[] = [];
	for (const next of sorted) {
		const start = next.left - next.built.beyondEnds;
		open = open.filter((p) => p.right + p.built.beyondEnds > start);
		for (const p of open) found(p, next);
		open.push(next);
	}
}

function betweenHolders(placed: readonly Placed[], say: (p: Placed, level: Warning['level'], m: Warning['message']) => void): void {
	holderPairs(placed, (a, b) => {
		const [upper, lower] = a.top >= b.top ? [a, b] : [b, a];
		if (overlap(faceBox(a), faceBox(b))) {
			say(b, 'stop', phrase('Stands in the same place as {other}', { other: a.holder.name || 'another holder' }));
		} else if (overlap(hangBox(upper), faceBox(lower))) {
			say(upper, 'mind', phrase('What hangs on it covers {other}', { other: lower.holder.name || 'another holder' }));
		}
		const rise = liftOff(lower.profile);
		const between = upper.foot - lower.top;
		if (between >= 0 && between < rise && a.left < b.right && b.left < a.right) {
			say(lower, 'mind', phrase('Only {gap} of headroom under {other}: it needs {rise} to lift off', {
				gap: mm(between), rise: mm(rise), other: upper.holder.name || 'the holder above'
			}));
		}
	});
}

function withRowsAndWall(plan: Plan, laid: readonly LaidRow[], p: Placed, say: (p: Placed, level: Warning['level'], m: Warning['message']) => void): void {
	const rise = liftOff(p.profile);
	for (const above of laid) {
		if (above.row.y <= p.row.y || above.row.left >= p.right || above.row.right <= p.left) continue;
		const between = above.row.y - p.top;
		if (between < rise && above.row.y > p.row.y + p.profile.front) {
			say(p, 'mind', phrase('Only {gap} of headroom under the row above: it needs {rise} to lift off', { gap: mm(Math.max(0, between)), rise: mm(rise) }));
		}
	}
	if (p.left < 0 || p.right > plan.wall.width) say(p, 'stop', phrase('Stands out past the end of the wall'));
	if (p.foot < 0) say(p, 'stop', phrase('Reaches below the floor'));
	else if (p.foot - p.built.hangsBelow < 0) say(p, 'mind', phrase('What hangs on it reaches the floor'));
	if (p.top + rise > plan.wall.height) say(p, 'mind', phrase('No headroom under the ceiling to lift it off'));
	if (!contactOf(p, p.row)) say(p, 'stop', phrase('Its weight hangs past the end of its row'));
	else if (p.left < p.row.left || p.right > p.row.right) say(p, 'mind', phrase('Its hook stands out past the end of the row'));
	for (const o of plan.wall.obstructions) {
		const box: Box = { left: o.x, right: o.x + o.width, low: o.y, high: o.y + o.height };
		if (overlap(faceBox(p), box)) say(p, 'stop', phrase('Stands over {name}', { name: o.name || o.kind }));
		else if (p.built.hangsBelow > 0 && overlap(hangBox(p), box)) say(p, 'mind', phrase('What hangs on it covers {name}', { name: o.name || o.kind }));
	}
	for (const w of p.built.warnings) say(p, w.level, w.message);
}

/** Everything about the holders' places that is not a margin: clashes, headroom, obstructions, and faults of their own build. */
export function holderWarnings(plan: Plan, laid: readonly LaidRow[]): Warning[] {
	const found: Warning[] = [];
	const say = (p: Placed, level: Warning['level'], message: Warning['message']) =>
		found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
	const placed = laid.flatMap((l) => l.placed);
	betweenHolders(placed, say);
	for (const p of placed) withRowsAndWall(plan, laid, p, say);
	return found;
}
