import { screwDiameter } from '../materials/screws';
import { count, mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { BetweenInput } from './between';
import { boardOf, clearOf, sideOf, type Cabinet } from './cabinet-figures';
import type { CarrierContext, Found } from './carrier';
import { findings } from './findings';

/** Less than this of a side beside a housing breaks; and less of a housing carries nothing. */
const LEAST_LEFT: Millimetres = 4;
const LEAST_ROOM: Millimetres = 10;

/** What does not go into a level. */
export function levelWarnings(p: Cabinet, c: CarrierContext, inside: Millimetres): Found[] {
	const { found, say } = findings();
	p.levels.forEach((level, i) => {
		const name = `Level ${i + 1}`;
		const bay = clearOf(p, level);
		if (bay < LEAST_ROOM)
			say(
				'stop',
				'levels',
				phrase(`${name}: {n} bays leave {b} each`, { n: count(level.bays), b: mm(Math.max(0, bay)) })
			);
		const load = c.loads[p.own ? i : 0];
		if (!load || load.count === 0) return;
		if (load.width * level.each > bay)
			say(
				'stop',
				'levels',
				phrase(`${name}: {n} of {w} are wider than their bay, {b}`, {
					n: count(level.each),
					w: mm(load.width),
					b: mm(bay)
				})
			);
		if (load.height > level.high)
			say(
				'stop',
				'levels',
				phrase(`${name}: what stands there is {h} high, the level {c}`, { h: mm(load.height), c: mm(level.high) })
			);
		if (load.depth > inside)
			say(
				p.doors.kind === 'none' ? 'mind' : 'stop',
				'depth',
				phrase(`${name}: what stands there is {d} deep, and {i} is inside`, { d: mm(load.depth), i: mm(inside) })
			);
	});
	return found;
}

/** Housings against what they leave of the sides, and against the screws that stand in their back edges. */
export function housingWarnings(
	p: Cabinet,
	shelves: readonly BetweenInput[],
	screwsUp: readonly Millimetres[]
): Found[] {
	const { found, say } = findings();
	if (p.shelves.kind !== 'housings' || shelves.length === 0) return found;
	const { deep } = p.shelves;
	const left = sideOf(p) - deep;
	if (left < LEAST_LEFT)
		say(
			'stop',
			'shelves',
			phrase('Housings {d} deep leave {l} of the sides: {m} at least', {
				d: mm(deep),
				l: mm(Math.max(0, left)),
				m: mm(LEAST_LEFT)
			})
		);
	else if (deep > sideOf(p) / 2)
		say('mind', 'shelves', phrase('Housings {d} deep leave {l} of the sides', { d: mm(deep), l: mm(left) }));
	// Screws stand in the middle of a side's back edge.
	const radius = screwDiameter('#8') / 2;
	const meets = (y: Millimetres) =>
		shelves.some((s) => y > s.top - boardOf(p) - radius && y < s.top + radius) && deep > sideOf(p) / 2 - radius;
	if (screwsUp.some(meets))
		say('stop', 'shelves', phrase('A screw of a side comes out in a housing: shallower housings, or another number'));
	return found;
}
