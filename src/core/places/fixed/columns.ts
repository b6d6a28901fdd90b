import type { Support } from '../../survey/supports';
import type { Millimetres } from '../../units/quantity';
import type { WallScrew } from '../wall-screw';

/** Screws over each other in one stud, or at one place of a wall that takes them anywhere. */
export interface Column {
	support: Support;
	/** Of its screws, along the wall. */
	x: Millimetres;
	/** Of each screw that counts, above the foot of the back, lowest first. */
	heights: readonly Millimetres[];
}

/** Screws nearer beside each other than this stand over each other in a wall that takes them anywhere. */
const ONE_PLACE: Millimetres = 40;

/** Two supports nearer beside each other than this are at one place. */
const ONE_LINE: Millimetres = 1;

/**
 * Screws that count, by what they enter, left to right.
 * @example columnsOf(screws)[0]?.heights
 */
export function columnsOf(screws: readonly WallScrew[]): Column[] {
	const found: { support: Support; screws: WallScrew[] }[] = [];
	for (const s of [...screws].sort((a, b) => a.x - b.x)) {
		if (!s.support || s.fault) continue;
		const { support } = s;
		const solid = support.member === 'plank' || support.member === 'masonry';
		// Both plies of a doubled stud are one stud; a wall that takes screws anywhere has places.
		const here = found.find((c) =>
			solid
				? s.x - (c.screws[0]?.x ?? 0) < ONE_PLACE
				: c.support.id === support.id && c.support.member === support.member
		);
		if (here) here.screws.push(s);
		else found.push({ support, screws: [s] });
	}
	const columns = found
		.map(({ support, screws: all }) => ({
			support,
			x: all.reduce((sum, s) => sum + s.x, 0) / all.length,
			heights: all.map((s) => s.up).sort((a, b) => a - b)
		}))
		.sort((a, b) => a.x - b.x);
	return apart(columns);
}

/** A back cannot rest on two things at one place along it: of a stud that leans past a block, that with more screws. */
function apart(columns: readonly Column[]): Column[] {
	const kept: Column[] = [];
	for (const c of columns) {
		const before = kept.at(-1);
		if (!before || c.x - before.x >= ONE_LINE) kept.push(c);
		else if (c.heights.length > before.heights.length) kept[kept.length - 1] = c;
	}
	return kept;
}
