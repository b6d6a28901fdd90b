import type { SpeciesId } from '../materials/woods';
import type { Stud } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { pitched } from './pitched';

export interface StudLayout {
	/** Centre of the first stud. */
	first: Millimetres;
	/** Centre to centre. */
	pitch: Millimetres;
	width: Millimetres;
	depth: Millimetres;
	species: SpeciesId;
}

/**
 * Studs at an even pitch along a wall, from the first centre as far as the wall goes.
 * @example layStuds(1000, { first: 0, pitch: 400, width: 38, depth: 89, species: 'spf' }).map((s) => s.x) // [0, 400,
 * 800]
 */
export function layStuds(wallWidth: Millimetres, layout: StudLayout): Stud[] {
	const { first, pitch, width, depth, species } = layout;
	if (!(pitch >= width) || !(first >= 0)) return [];
	return pitched(first, pitch, wallWidth).map((x, i) => ({
		id: `s${i + 1}`,
		x,
		width,
		depth,
		species,
		found: { how: 'pitch' }
	}));
}
