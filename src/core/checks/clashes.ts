import { liftOff } from '../cleats/profile';
import { upsideDown } from './either-end';
import { quakeFit } from './quake-fit';
import { outgrown } from './tested';
import type { SeatHandling } from '../handling/seat-handling';
import { hangingHandling, LOAD_FROM, seatHandling } from '../handling/seat-handling';
import { standingAt } from '../handling/standing';
import type { Plan } from '../plan/types';
import { remembering } from '../remembering';
import { mass, mm, phrase, ratio, type Phrase } from '../units/phrase';
import type { Warning } from '../verdict/check';
import { cordFit } from './cord-fit';
import { holderFit } from './holder-fit';
import { sweepWarnings } from './sweep-fit';
import { floorAt, lowestTop } from '../survey/outline';
import { holderClashes } from './holder-clashes';
import type { AnyPlaced } from '../places/any-place';
import { fixedFit } from './fixed-fit';
import { rackFit } from './rack-fit';
import type { RackPlaced } from '../places/rack/place';
import type { FixedPlaced } from '../places/fixed/place';
import type { LaidRow, Placed } from '../places/row/place';
import { hookLoad } from '../places/row/hook-loads';
import { hookScrewPlaces } from '../places/row/hook-screws';

/** What of a plan a holder is held against. */
type Around = Pick<Plan, 'rows' | 'wall' | 'stature'>;

type Say = (level: Warning['level'], message: Phrase) => void;

function liftingPhrase(h: SeatHandling, name: string): Phrase {
	const at = { i: ratio(h.index), h: mm(h.height), name };
	if (!Number.isFinite(h.index)) return phrase('Lifting {name} to {h} is out of all limits', at);
	if (h.oneAt === null) return phrase('Lifting {name} to {h} has an index of {i}: over 1, get help', at);
	const over = 'Lifting {name} to {h} has an index of {i}: over 1. At {o@tape} it would be 1';
	return phrase(over, { ...at, o: mm(h.oneAt) });
}

/** What is too heavy for its height, or out of reach. */
function handlingWarnings(plan: Around, p: AnyPlaced): Phrase[] {
	const standing = standingAt(plan.wall, p, p.foot + p.built.seatHeight);
	const found: Phrase[] = [];
	const itself = hangingHandling(p);
	// A rack goes up piece by piece.
	if (p.holder.back && itself.index > 1 && itself.mass >= LOAD_FROM)
		found.push(
			phrase(
				'Weighs {m} empty: hung by one person at {h} its lifting index is {i}, over 1. Two people, or a prop below',
				{
					m: mass(itself.mass),
					h: mm(itself.height),
					i: ratio(itself.index)
				}
			)
		);
	const h = seatHandling(p, plan.stature, standing);
	if (!h) return found;
	const name = h.name || 'what hangs';
	if (h.index > 1 && h.mass >= LOAD_FROM) found.push(liftingPhrase(h, name));
	if (h.band === 'step')
		found.push(
			standing.keptOff > 0
				? phrase('Its seats, {h} up and {k} behind what stands before the wall, are out of flat-footed reach', {
						h: mm(h.top),
						k: mm(standing.keptOff)
					})
				: phrase('Its seats, {h} up, are out of flat-footed reach: step', { h: mm(h.top) })
		);
	return found;
}

/** Screws of its hooks that count for nothing; those of the second hook that meet a hole cannot be driven. */
function hookScrewWarnings(p: Placed, say: (level: Warning['level'], message: Phrase) => void): void {
	const faulty = hookScrewPlaces(p).filter((s) => s.fault);
	for (const s of faulty) {
		// What the first hook's screws meet is said where the rack itself is looked at.
		if (s.meets && s.hook === 'second hook') say('stop', s.fault as Phrase);
		else if (!s.meets) say('mind', s.fault as Phrase);
	}
}

/** What reaches past the ceiling; over the side of a cart or a bench there is none. */
function ceilingOver(wall: Plan['wall'], p: AnyPlaced, say: Say): void {
	if (wall.surface && wall.surface !== 'wall') return;
	const ceiling = lowestTop(wall, Math.max(0, p.left), Math.min(wall.width, p.right));
	const past = p.foot + p.built.reach.high - ceiling;
	if (past > 0.5) say('stop', phrase('It, or what stands on it, reaches {d} past the ceiling', { d: mm(past) }));
}

/** What is said of a holder however it is held: wall, floor, obstructions, handling, faults of its own build. */
function onWall(plan: Around, p: AnyPlaced, say: Say): void {
	if (p.left < 0 || p.right > plan.wall.width) say('stop', phrase('Stands out past the end of the wall'));
	const floor = Math.max(floorAt(plan.wall, p.left), floorAt(plan.wall, p.right));
	if (p.foot < floor) say('stop', phrase('Reaches below the floor'));
	else if (p.foot - p.built.hangsBelow < floor) say('mind', phrase('What hangs on it reaches the floor'));
	ceilingOver(plan.wall, p, say);
	holderFit(plan, p, say);
	cordFit(plan.wall, p, say);
	for (const m of handlingWarnings(plan, p)) say('mind', m);
	for (const m of quakeFit(plan.wall, p)) say('mind', m);
	const grown = outgrown(p.holder, p.foot - p.built.hangsBelow);
	if (grown) say('mind', grown);
	for (const w of p.built.warnings) say(w.level, w.message);
}

/** A holder that is screwed to the wall. */
const ofFixed = remembering(
	(p: FixedPlaced, rows: Plan['rows'], wall: Plan['wall'], kerf: number, stature: Plan['stature']): Warning[] => {
		const found: Warning[] = [];
		const say: Say = (level, message) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
		onWall({ rows, wall, ...(stature === undefined ? {} : { stature }) }, p, say);
		fixedFit(p, rows, wall, kerf, say);
		return found;
	}
);

/** A rack that is held as it is. */
const ofRack = remembering(
	(p: RackPlaced, rows: Plan['rows'], wall: Plan['wall'], kerf: number, stature: Plan['stature']): Warning[] => {
		const found: Warning[] = [];
		const say: Say = (level, message) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
		onWall({ rows, wall, ...(stature === undefined ? {} : { stature }) }, p, say);
		rackFit(p, rows, wall, kerf, say);
		return found;
	}
);

/** A holder on a row against rows and wall. */
function withRowsAndWall(plan: Around, p: Placed): Warning[] {
	const found: Warning[] = [];
	const say: Say = (level, message) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
	for (const m of upsideDown(p.holder)) say('stop', m);
	const rise = liftOff(p.profile);
	for (const above of plan.rows) {
		if (above.y <= p.row.y || above.left >= p.right || above.right <= p.left) continue;
		const between = above.y - p.top;
		if (between < rise && above.y > p.row.y + p.profile.front) {
			say(
				'mind',
				phrase('Only {gap} of headroom under the row above: it needs {rise} to lift off', {
					gap: mm(Math.max(0, between)),
					rise: mm(rise)
				})
			);
		}
	}
	onWall(plan, p, say);
	if (p.top + rise > lowestTop(plan.wall, p.left, p.right))
		say('mind', phrase('No headroom under the ceiling to lift it off'));
	if (!hookLoad(p)) say('stop', phrase('Its weight hangs past the end of its row'));
	else if (p.left < p.row.left || p.right > p.row.right)
		say('mind', phrase('Its hook stands out past the end of the row'));
	if (p.holder.mount.strips.secondHook && p.bearing.kind !== 'second-hook')
		say(
			'stop',
			phrase(
				'No row below for its second hook: the face must cover one of the same stock and bevel, under all of its width'
			)
		);
	hookScrewWarnings(p, say);
	if (p.bearing.lost === 'meets-row')
		say('stop', phrase('Its spacer meets the row below: leave it off, or hang the holder higher'));
	else if (p.bearing.lost)
		say(
			'mind',
			phrase(
				p.bearing.lost === 'nothing-behind'
					? 'Nothing is behind its spacer: it bears on nothing there'
					: 'What is behind its spacer lies further back than its cleat: pack it, or it bears on nothing'
			)
		);
	return found;
}

const ofHolder = remembering((p: Placed, rows: Plan['rows'], wall: Plan['wall'], stature: Plan['stature']): Warning[] =>
	withRowsAndWall({ rows, wall, ...(stature === undefined ? {} : { stature }) }, p)
);

/** The same for all holders of a row. */
const ofRow = remembering(
	(laid: LaidRow, rows: Plan['rows'], wall: Plan['wall'], stature: Plan['stature']): Warning[] =>
		laid.placed.flatMap((p) => ofHolder(p, rows, wall, stature))
);

/**
 * Everything about the holders' places that is not a margin: clashes, headroom, obstructions, and faults of their own
 * build.
 */
export function holderWarnings(
	plan: Plan,
	laid: readonly LaidRow[],
	fixed: readonly FixedPlaced[],
	racks: readonly RackPlaced[]
): Warning[] {
	const { rows, wall, stature, cutting } = plan;
	return [
		...holderClashes([...laid, ...[fixed, racks].filter((g) => g.length > 0).map(screwedGroup)]),
		...laid.flatMap((l) => ofRow(l, rows, wall, stature)),
		...fixed.flatMap((p) => ofFixed(p, rows, wall, cutting.kerf, stature)),
		...racks.flatMap((p) => ofRack(p, rows, wall, cutting.kerf, stature)),
		...sweepWarnings(wall, [...laid.flatMap((l) => l.placed), ...fixed, ...racks])
	];
}

/** The same object for the same holders, so that they are compared with a row once. */
const screwedGroup = remembering((placed: readonly AnyPlaced[]) => ({ placed }));
