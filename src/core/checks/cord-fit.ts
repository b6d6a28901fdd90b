import { guarded } from './guarded';
import { roomBoxes } from '../holders/room-boxes';
import type { AnyPlaced } from '../places/any-place';
import type { Obstruction, Wall } from '../plan/types';
import { boxesMeet, type Box3 } from '../solid/room';
import { nameOf } from '../survey/names';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** From where a cord leaves to an outlet, led square: along and up or down. */
const ledTo = (o: Obstruction, x: Millimetres, y: Millimetres): Millimetres =>
	Math.abs(o.x + o.width / 2 - x) + Math.abs(o.y + o.height / 2 - y);

/**
 * Cords that reach no outlet of the survey, led square from where they leave the back: the worst of them.
 * @example cordFit(wall, placed, (level, message) => ...)
 */
export function cordFit(wall: Wall, p: AnyPlaced, say: (level: 'mind', message: Phrase) => void): void {
	const { cords } = p.built;
	if (cords.length === 0) return;
	const outlets = wall.obstructions.filter((o) => o.kind === 'outlet');
	if (outlets.length === 0) {
		say('mind', phrase('Something charges here, and the survey has no outlet on this wall'));
		return;
	}
	let [worst, said]: [Millimetres, Phrase | null] = [0, null];
	for (const { at, length } of cords) {
		const [x, y] = [p.left + at[0], p.foot + at[1]];
		const nearest = outlets.reduce((a, b) => (ledTo(b, x, y) < ledTo(a, x, y) ? b : a));
		const away = ledTo(nearest, x, y) + at[2];
		if (away - length <= worst) continue;
		worst = away - length;
		said = phrase('Its cord of {c} does not reach {name}: {d} away, led square', {
			c: mm(length),
			name: nameOf(nearest),
			d: mm(away)
		});
	}
	if (said) say('mind', said);
	plugRoom(p, outlets, say);
}

/** A hand pulls a plug from below or from the side: so much is free about an outlet. */
const HAND: Millimetres = 60;
/** A plug and its cord stand out so far. */
const PLUG: Millimetres = 70;

/** Outlets that what charges here stands before, or comes too near to: their plugs must stay in reach. */
function plugRoom(p: AnyPlaced, outlets: readonly Obstruction[], say: (level: 'mind', message: Phrase) => void): void {
	if (p.built.guards.length > 0 && !outlets.some((o) => guarded(p, o)))
		say('mind', phrase('No outlet is between its cheeks: put it over one, the ledge above it'));
	for (const o of outlets) {
		if (guarded(p, o)) continue;
		const room: Box3 = {
			x: [o.x - p.left - HAND / 2, o.x + o.width - p.left + HAND / 2],
			y: [o.y - p.foot - HAND, o.y + o.height - p.foot + HAND],
			z: [0, PLUG]
		};
		const near = roomBoxes(p.built).filter(({ box }) => boxesMeet(box, room));
		if (near.length === 0) continue;
		const above = Math.min(...near.map(({ box }) => box.y[0])) + p.foot - (o.y + o.height);
		say(
			'mind',
			above > 0
				? phrase('Only {d} is left between it and {name}: a hand on the plug wants {h}', {
						d: mm(above),
						name: nameOf(o),
						h: mm(HAND)
					})
				: phrase('It takes the room of the plug in {name}: a hand wants {h} about it', { name: nameOf(o), h: mm(HAND) })
		);
	}
}
