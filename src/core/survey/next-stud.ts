import { nth } from '../nth';
import type { Stud, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/** Where studs stand when nothing is known yet. */
const USUAL = { first: 200, width: 38, depth: 89, species: 'unknown' } as const;

/**
 * One more stud for a wall, like its last one: in the middle of the widest stretch without any.
 * @param id of the new stud
 * @example nextStud({ ...wall, width: 1000, studs: [] }, 's1').x // 200
 */
export function nextStud(wall: Wall, id: string): Stud {
	const last = wall.studs.at(-1);
	const { width, depth, species } = last ?? USUAL;
	return { id, x: last ? middleOfWidest(wall) : Math.min(USUAL.first, wall.width), width, depth, species };
}

function middleOfWidest({ width, studs }: Wall): Millimetres {
	const places = [0, ...studs.map((s) => s.x).sort((a, b) => a - b), width];
	const gaps = places.slice(1).map((to, i) => ({ middle: (to + nth(places, i)) / 2, size: to - nth(places, i) }));
	return gaps.reduce((widest, g) => (g.size > widest.size ? g : widest)).middle;
}
