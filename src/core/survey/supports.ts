import { remembering } from '../remembering';
import type { Blocking, Build, Stud, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { pitched } from './pitched';

/** What a screw can go into at one height: a stud, or what serves as one there. */
export interface Support extends Stud {
	/** Absent: a stud. */
	member?: 'blocking' | 'plank' | 'masonry';
	/** The block itself, where it is one. */
	block?: Blocking;
}

/** Centre of a stud at a height. @example studAt({ x: 800, lean: 10, ... }, 2000) // 820 */
export function studAt(stud: Pick<Stud, 'x' | 'lean'>, y: Millimetres): Millimetres {
	return stud.x + ((stud.lean ?? 0) * y) / 1000;
}

/** Where a screw goes into a stud: its middle, or the middle of the left ply of two. */
const screwLine = (stud: Stud, y: Millimetres) => studAt(stud, y) - (stud.plies === 2 ? stud.width / 4 : 0);

/** A row's screws go a cleat's half height or so above its lower edge; a stud leans less than that matters. */
function standing(stud: Stud, y: Millimetres): Support {
	return stud.lean || stud.plies
		? { ...stud, x: screwLine(stud, y), ...(stud.plies ? { width: stud.width / 2 } : {}) }
		: stud;
}

const blockAt = (b: Blocking): Support => ({
	id: b.id,
	x: b.x + b.width / 2,
	width: b.width,
	depth: b.depth,
	species: b.species,
	member: 'blocking',
	block: b
});

/** Screw lines along a wall that takes a screw anywhere. */
function gridOf(build: Exclude<Build, { kind: 'framed' }>, width: Millimetres): Support[] {
	const like =
		build.kind === 'plank'
			? { width: 80, depth: build.thickness, species: build.species, member: 'plank' as const }
			: { width: 80, depth: build.thickness, species: 'unknown' as const, member: 'masonry' as const };
	return pitched(build.first, build.pitch, width).map((x, i) => ({ id: `at${i + 1}`, x, ...like }));
}

/** The ply of a doubled stud that a place along the wall is in; the stud itself where it is one. */
function plyAt(stud: Stud, x: Millimetres, y: Millimetres): Support {
	const centre = studAt(stud, y);
	if (stud.plies !== 2) return { ...stud, x: centre };
	return { ...stud, x: centre + ((x < centre ? -1 : 1) * stud.width) / 4, width: stud.width / 2 };
}

/** A solid wall takes a screw anywhere: what it is at one place. */
function solidAt(build: Exclude<Build, { kind: 'framed' }>, x: Millimetres): Support {
	const [like] = gridOf({ ...build, first: 0, pitch: 1e9 }, 1);
	return { ...(like as Support), id: `at-${Math.round(x)}`, x };
}

/**
 * What a screw at one place goes into: the stud, the ply of a doubled one, the block there, or the wall itself; null
 * where there is nothing behind.
 * @example supportUnder(wall, 815, 1200)?.id // 's2'
 */
export function supportUnder(wall: Wall, x: Millimetres, y: Millimetres): Support | null {
	const build = wall.build ?? { kind: 'framed' };
	if (build.kind !== 'framed') return solidAt(build, x);
	const stud = wall.studs.find((s) => Math.abs(studAt(s, y) - x) <= s.width / 2);
	if (stud) return plyAt(stud, x, y);
	const block = (wall.blocking ?? []).find((b) => x >= b.x && x <= b.x + b.width && y > b.y && y < b.y + b.height);
	return block ? blockAt(block) : null;
}

const memory = remembering((wall: Wall) => ({ wall, at: new Map<string, readonly Support[]>() }));
/** Heights that a drag may go through before the first are forgotten. */
const MOST_HEIGHTS = 400;

/**
 * Everything a screw can go into at a height: studs where they stand there, blocking, or the screw lines of a solid
 * wall. The same list for the same wall and height.
 * @param y of the screws
 * @example supportsAt(wall, 1850).map((s) => s.x)
 */
export function supportsAt(wall: Wall, y: Millimetres): readonly Support[] {
	const { at } = memory(wall);
	const build = wall.build ?? { kind: 'framed' };
	if (build.kind !== 'framed') {
		const known = at.get('grid') ?? gridOf(build, wall.width);
		at.set('grid', known);
		return known;
	}
	const plain = !wall.blocking?.length && !wall.studs.some((s) => s.lean || s.plies);
	if (plain) return wall.studs;
	const key = y.toFixed(1);
	const known = at.get(key);
	if (known) return known;
	if (at.size > MOST_HEIGHTS) at.clear();
	const found = [
		...wall.studs.map((s) => standing(s, y)),
		...(wall.blocking ?? []).filter((b) => y > b.y && y < b.y + b.height).map(blockAt)
	];
	at.set(key, found);
	return found;
}

/** Is there anything at all to screw to, at any height? */
export function surveyed(wall: Wall): boolean {
	return wall.studs.length > 0 || (wall.build !== undefined && wall.build.kind !== 'framed');
}
