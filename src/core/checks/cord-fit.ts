import type { AnyPlaced } from '../places/any-place';
import type { Obstruction, Wall } from '../plan/types';
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
}
