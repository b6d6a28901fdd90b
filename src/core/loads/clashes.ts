import { liftOff } from '../cleats/profile';
import { LOAD_FROM, seatHandling } from '../handling/seat-handling';
import { workingSpace } from '../handling/service-panel';
import type { Plan } from '../plan/types';
import { mm, phrase, ratio, type Phrase } from '../units/phrase';
import type { Warning } from './check';
import type { LaidRow, Placed } from './place';
import { hookLoad } from './checks/row-loads';

interface Box {
	left: number;
	right: number;
	low: number;
	high: number;
}

const overlap = (a: Box, b: Box) => a.left < b.right - 0.5 && b.left < a.right - 0.5 && a.low < b.high - 0.5 && b.low < a.high - 0.5;

/** The wall a holder takes: its face, what hangs below it, and both with the room above that lifting it off needs. */
interface Taken {
	placed: Placed;
	face: Box;
	hang: Box;
	all: Box;
}
const takenBy = new WeakMap<Placed, Taken>();

function taken(placed: Placed): Taken {
	const before = takenBy.get(placed);
	if (before) return before;
	const { left, right, foot, top, built } = placed;
	const face = { left, right, low: foot, high: top };
	const hang = { left: left - built.beyondEnds, right: right + built.beyondEnds, low: foot - built.hangsBelow, high: foot };
	const all = { left: hang.left, right: hang.right, low: hang.low, high: top + liftOff(placed.profile) };
	const made = { placed, face, hang, all };
	takenBy.set(placed, made);
	return made;
}

/**
 * Every two holders whose room overlaps, found in a sweep from left to right over those that are still open.
 * @param found says whether that is enough for the right one of the two: thousands in a heap need not all be compared
 */
function holderPairs(placed: readonly Placed[], found: (a: Taken, b: Taken) => boolean): void {
	const sorted = placed.map(taken).sort((a, b) => a.all.left - b.all.left);
	let open: Taken[] = [];
	for (const next of sorted) {
		if (open.some((t) => t.all.right <= next.all.left)) open = open.filter((t) => t.all.right > next.all.left);
		for (const t of open) {
			if (t.all.low < next.all.high && next.all.low < t.all.high && found(t, next)) break;
		}
		open.push(next);
	}
}

/** Clashes between holders. A holder names one other for each kind of clash: with that one mended, the next shows. */
function betweenHolders(placed: readonly Placed[], tell: (p: Placed, level: Warning['level'], m: Warning['message']) => void): void {
	const told = { place: new Set<Placed>(), cover: new Set<Placed>(), room: new Set<Placed>() };
	const say = (p: Placed, kind: keyof typeof told, level: Warning['level'], message: () => Warning['message']) => {
		if (told[kind].has(p)) return;
		told[kind].add(p);
		tell(p, level, message());
	};
	holderPairs(placed, (a, b) => {
		const [upper, lower] = a.placed.top >= b.placed.top ? [a, b] : [b, a];
		const { name } = lower.placed.holder;
		const samePlace = overlap(a.face, b.face);
		if (samePlace) {
			say(b.placed, 'place', 'stop', () => phrase('Stands in the same place as {other}', { other: a.placed.holder.name || 'another holder' }));
		} else if (overlap(upper.hang, lower.face)) {
			say(upper.placed, 'cover', 'mind', () => phrase('What hangs on it covers {other}', { other: name || 'another holder' }));
		}
		const rise = liftOff(lower.placed.profile);
		const between = upper.face.low - lower.face.high;
		if (between >= 0 && between < rise && a.face.left < b.face.right && b.face.left < a.face.right) {
			say(lower.placed, 'room', 'mind', () => phrase('Only {gap} of headroom under {other}: it needs {rise} to lift off', {
				gap: mm(between), rise: mm(rise), other: upper.placed.holder.name || 'the holder above'
			}));
		}
		return samePlace;
	});
}


/** What is too heavy for its height, or out of reach. */
function handlingWarnings(plan: Plan, p: Placed): Phrase[] {
	const h = seatHandling(p, plan.stature);
	if (!h) return [];
	const name = p.holder.params.load.name || 'what hangs';
	const found: Phrase[] = [];
	if (h.index > 1 && h.mass >= LOAD_FROM) {
		const at = { i: ratio(h.index), h: mm(h.height), name };
		found.push(
			!Number.isFinite(h.index)
				? phrase('Lifting {name} to {h} is out of all limits', at)
				: h.oneAt === null
					? phrase('Lifting {name} to {h} has an index of {i}: over 1, get help', at)
					: phrase('Lifting {name} to {h} has an index of {i}: over 1. At {o@tape} it would be 1', { ...at, o: mm(h.oneAt) })
		);
	}
	if (h.band === 'step') found.push(phrase('Its seats, {h} up, are out of flat-footed reach: step', { h: mm(h.height) }));
	return found;
}

/** A holder against rows, wall and obstructions, and faults of its own build. */
function withRowsAndWall(plan: Plan, p: Placed): Warning[] {
	const found: Warning[] = [];
	const say = (level: Warning['level'], message: Warning['message']) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
	const rise = liftOff(p.profile);
	const { face, hang } = taken(p);
	for (const above of plan.rows) {
		if (above.y <= p.row.y || above.left >= p.right || above.right <= p.left) continue;
		const between = above.y - p.top;
		if (between < rise && above.y > p.row.y + p.profile.front) {
			say('mind', phrase('Only {gap} of headroom under the row above: it needs {rise} to lift off', { gap: mm(Math.max(0, between)), rise: mm(rise) }));
		}
	}
	if (p.left < 0 || p.right > plan.wall.width) say('stop', phrase('Stands out past the end of the wall'));
	if (p.foot < 0) say('stop', phrase('Reaches below the floor'));
	else if (p.foot - p.built.hangsBelow < 0) say('mind', phrase('What hangs on it reaches the floor'));
	if (p.top + rise > plan.wall.height) say('mind', phrase('No headroom under the ceiling to lift it off'));
	if (!hookLoad(p)) say('stop', phrase('Its weight hangs past the end of its row'));
	else if (p.left < p.row.left || p.right > p.row.right) say('mind', phrase('Its hook stands out past the end of the row'));
	for (const o of plan.wall.obstructions) {
		const box: Box = { left: o.x, right: o.x + o.width, low: o.y, high: o.y + o.height };
		if (overlap(face, box)) say('stop', phrase('Stands over {name}', { name: o.name || o.kind }));
		else if (p.built.hangsBelow > 0 && overlap(hang, box)) say('mind', phrase('What hangs on it covers {name}', { name: o.name || o.kind }));
		if (o.kind === 'service-panel' && overlap({ ...face, low: hang.low }, workingSpace(o))) {
			say('stop', phrase('Stands in the working space of {name}: kept clear, and not for storage. Local rules govern', { name: o.name || 'the service panel' }));
		}
	}
	if (p.holder.params.secondHook && p.bearing.kind !== 'second-hook') say('stop', phrase('No row below for its second hook: the face must cover one of the same stock and bevel, under all of its width'));
	for (const m of handlingWarnings(plan, p)) say('mind', m);
	for (const w of p.built.warnings) say(w.level, w.message);
	return found;
}

const known = new WeakMap<LaidRow, { rows: Plan['rows']; wall: Plan['wall']; stature: Plan['stature']; found: Warning[] }>();

/** The same for all holders of a row. A row on which nothing has changed is not looked at again. */
function onRow(plan: Plan, laid: LaidRow): Warning[] {
	const before = known.get(laid);
	if (before && before.rows === plan.rows && before.wall === plan.wall && before.stature === plan.stature) return before.found;
	const found = laid.placed.flatMap((p) => withRowsAndWall(plan, p));
	known.set(laid, { rows: plan.rows, wall: plan.wall, stature: plan.stature, found });
	return found;
}

/** Everything about the holders' places that is not a margin: clashes, headroom, obstructions, and faults of their own build. */
export function holderWarnings(plan: Plan, laid: readonly LaidRow[]): Warning[] {
	const found: Warning[] = [];
	const placed = laid.flatMap((l) => l.placed);
	betweenHolders(placed, (p, level, message) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message }));
	return [...found, ...laid.flatMap((l) => onRow(plan, l))];
}
