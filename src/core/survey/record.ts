import { nth } from '../nth';
import { isKnown } from '../materials/woods';
import type { How, Plan, Stud, Wall, WallFact } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { nameOf } from './names';
import { cablesMayRun } from './safe-zones';
import { surveyed } from './supports';

const RANK = { stop: 0, mind: 1 } as const;

/** How a fact was found, in words. */
export const HOW_WORDS: Record<How, string> = {
	guess: 'not measured yet',
	tape: 'measured',
	meter: 'distance meter',
	scanner: 'scanner',
	pilot: 'pilot hole',
	'screw-line': 'line of screws',
	pitch: 'laid out at a pitch',
	drawing: 'from a drawing',
	photo: 'from a photograph'
};

export const FACT_WORDS: Record<WallFact, string> = {
	width: 'Width',
	height: 'Height',
	shape: 'Slopes',
	cladding: 'Cladding',
	build: 'Build',
	front: 'Room in front',
	far: 'Far side',
	ceiling: 'Ceiling',
	corners: 'Corners'
};

/**
 * Where a stud's place comes from; those laid out by older plans say nothing, and are measured for all anybody knows.
 */
export const howFound = (s: Stud): How => s.found?.how ?? 'tape';

/** Only wood in a pilot hole proves a stud; a line of screws is as good. */
export const isProved = (s: Stud): boolean =>
	['pilot', 'screw-line', 'tape', 'meter'].includes(howFound(s)) || s.added === true;

/** A sighting that may well be no stud. */
export const isUnsure = (s: Stud): boolean =>
	!isProved(s) && s.found?.confidence !== undefined && s.found.confidence < 0.6;

/** Something the survey leaves open. `stop`: nothing should be screwed before it is settled. */
export interface OpenPoint {
	level: 'stop' | 'mind';
	about: Phrase;
	/** What to pick to settle it. */
	thing?: { kind: 'stud' | 'obstruction'; id: string };
	/** Which part of the survey it is in. */
	part: SurveyPart;
}

export type SurveyPart = 'wall' | 'studs' | 'in-the-way' | 'room' | 'levels' | 'photo' | 'files';

function studPoints(wall: Wall): OpenPoint[] {
	const found: OpenPoint[] = [];
	const guessed = wall.studs.filter((s) => !isProved(s));
	if (guessed.length > 0)
		found.push({
			level: 'mind',
			about: phrase(
				guessed.length === 1 ? 'One stud is not proved by a pilot hole' : '{n} studs are not proved by a pilot hole',
				{
					n: String(guessed.length)
				}
			),
			part: 'studs',
			thing: { kind: 'stud', id: nth(guessed, 0).id }
		});
	for (const s of guessed) {
		if (isUnsure(s))
			found.push({
				level: 'stop',
				about: phrase('The stud at {x@tape} is not sure: drill a pilot hole', { x: mm(s.x) }),
				part: 'studs',
				thing: { kind: 'stud', id: s.id }
			});
	}
	const unknown = wall.studs.filter((s) => !isKnown(s.species));
	if (unknown.length > 0)
		found.push({
			level: 'mind',
			about: phrase('The species of {n} studs is not known: what they hold cannot be judged', {
				n: String(unknown.length)
			}),
			part: 'studs'
		});
	return found;
}

/**
 * What a survey leaves open, the most pressing first: what nobody measured, studs nobody proved, cables nobody traced.
 * @example openPoints(plan).map((p) => sayPhrase(p.about, 'mm'))
 */
export function openPoints({ wall }: Pick<Plan, 'wall'>): OpenPoint[] {
	const found: OpenPoint[] = [];
	if (!surveyed(wall)) found.push({ level: 'stop', about: phrase('No studs yet: nothing to screw to'), part: 'studs' });
	found.push(...studPoints(wall));
	if (wall.build?.kind === 'masonry' && wall.build.plug.load === null)
		found.push({
			level: 'stop',
			about: phrase("The plug maker's load is not known: no row can be judged"),
			part: 'wall'
		});
	for (const o of wall.obstructions) {
		if (cablesMayRun(o))
			found.push({
				level: 'mind',
				about: phrase('Cables of {name} are not traced', { name: nameOf(o) }),
				part: 'in-the-way',
				thing: { kind: 'obstruction', id: o.id }
			});
		if (o.how === 'guess')
			found.push({
				level: 'mind',
				about: phrase('{name} is not measured', { name: nameOf(o) }),
				part: 'in-the-way',
				thing: { kind: 'obstruction', id: o.id }
			});
	}
	for (const [fact, how] of Object.entries(wall.how ?? {}) as [WallFact, How][]) {
		if (how === 'guess')
			found.push({
				level: 'mind',
				about: phrase('{f} not measured yet', { f: FACT_WORDS[fact] }),
				part: fact === 'front' || fact === 'far' || fact === 'ceiling' || fact === 'corners' ? 'room' : 'wall'
			});
	}
	if (!wall.far && surveyed(wall))
		found.push({ level: 'mind', about: phrase('Nobody said what is behind the wall'), part: 'room' });
	return found.sort((a, b) => RANK[a.level] - RANK[b.level]);
}
