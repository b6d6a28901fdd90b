import { spacingMinimums } from '../mechanics/fasteners/spacing-minimums';
import { screwHeights, sheetScrewHeights, STACK_APART } from '../mechanics/statics/roll';
import { screw } from '../materials/screws';
import type { Row, Wall } from '../plan/types';
import { topAt } from '../survey/outline';
import { barredAt, type NoGo } from '../survey/safe-zones';
import { supportsAt, type Support } from '../survey/supports';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { CleatProfile } from './profile';

/**
 * Every screw of a row, in its one place. What it enters, what runs behind it, how far it stands from ends and edges,
 * whether it counts, where it is drawn, marked and bought: all of that is asked of the places made here, and of no
 * other.
 */

/** Why a screw counts for nothing. */
export type ScrewFault =
	/**
	 * Nearer than it may be: to the end of its cleat, an edge of it, an edge or end of what it enters, or to the next
	 * screw.
	 */
	| { kind: 'end' | 'edge' | 'side' | 'neighbour'; has: Millimetres; needs: Millimetres }
	/** In a pipe, where a cable may run, in an opening. */
	| { kind: 'barred'; zone: NoGo }
	| { kind: 'off-wall' };

/** One screw of a row. */
export interface RowScrew {
	x: Millimetres;
	/** Above the floor. */
	y: Millimetres;
	/** What it enters there. */
	support: Support;
	/** Absent: it counts. */
	fault?: ScrewFault;
}

/** A wood that a row's screws go through: a cleat, or its backer sheet. */
interface Board {
	from: Millimetres;
	to: Millimetres;
	low: Millimetres;
	high: Millimetres;
}

/** A shorter lap of a cleat on a stud takes no screw at all. */
const LEAST_LAP: Millimetres = 10;
const NOTHING = 1e-6;

/**
 * Heights of a row's screws above the floor: through its cleat, or spread over its sheet.
 * @example screwLines(row, profile) // [2186, 2220]
 */
export function screwLines(row: Pick<Row, 'y' | 'screws' | 'backer'>, profile: CleatProfile): Millimetres[] {
	const { backer } = row;
	if (!backer) return screwHeights(profile, row.screws.size, row.screws.perStud).heights.map((h) => row.y + h);
	const foot = row.y - backer.below;
	return sheetScrewHeights(backer.height, backer.perStud, {
		low: backer.below,
		high: backer.below + profile.front
	}).map((h) => foot + h);
}

/** Least distances of a row's screws. */
interface Least {
	/** To an end of cleat or sheet: its load crosses the grain. */
	end: Millimetres;
	edge: Millimetres;
	/** To an end of a block along its grain, loaded across it. */
	along: Millimetres;
	beside: Millimetres;
}

function leastOf(row: Pick<Row, 'screws'>): Least {
	const least = spacingMinimums(screw(row.screws.size), { acrossGrain: true, drilled: true });
	return { end: least.end, edge: least.edge, along: least.end, beside: least.across };
}

/** How near to its own sides a screw in a support may come; a wall that takes a screw anywhere has none. */
function sideOf({ member, block }: Support, least: Least): Millimetres {
	if (member === 'plank' || member === 'masonry') return 0;
	return block && block.width > block.height ? least.along : least.edge;
}

/**
 * Where the screw goes: the middle of what it enters, as far as the cleat's end leaves it; the middle of the lap where
 * nothing is left.
 */
function across(board: Board, s: Support, least: Least): Millimetres | null {
	const [left, right] = [s.x - s.width / 2, s.x + s.width / 2];
	const lap = { from: Math.max(board.from, left), to: Math.min(board.to, right) };
	if (lap.to - lap.from < LEAST_LAP) return null;
	const side = sideOf(s, least);
	const from = Math.max(board.from + least.end, left + side);
	const to = Math.min(board.to - least.end, right - side);
	if (from > to + NOTHING) return (lap.from + lap.to) / 2;
	return Math.min(Math.max(s.x, from), Math.max(from, to));
}

function faultOf(
	board: Board,
	wall: Wall,
	s: Support,
	x: Millimetres,
	y: Millimetres,
	least: Least
): ScrewFault | undefined {
	const zone = barredAt(wall, x, y);
	if (zone) return { kind: 'barred', zone };
	if (x < 0 || x > wall.width || y > topAt(wall, x)) return { kind: 'off-wall' };
	const short = (kind: 'end' | 'edge' | 'side', has: Millimetres, needs: Millimetres): ScrewFault | undefined =>
		has < needs - 0.01 ? { kind, has, needs } : undefined;
	const side = sideOf(s, least);
	return (
		short('end', Math.min(x - board.from, board.to - x), least.end) ??
		short('edge', Math.min(y - board.low, board.high - y), least.edge) ??
		(side > 0 ? short('side', s.width / 2 - Math.abs(x - s.x), side) : undefined) ??
		(s.block ? short('side', Math.min(y - s.block.y, s.block.y + s.block.height - y), least.edge) : undefined)
	);
}

/** Screws of one height: a second one too near beside a first counts for nothing. */
function line(board: Board, wall: Wall, y: Millimetres, least: Least): RowScrew[] {
	const found: RowScrew[] = [];
	const supports = [...supportsAt(wall, y)].sort((a, b) => a.x - b.x);
	let last = -Infinity;
	for (const support of supports) {
		const x = across(board, support, least);
		if (x === null) continue;
		const fault =
			faultOf(board, wall, support, x, y, least) ??
			(x - last < least.beside
				? { kind: 'neighbour' as const, has: Math.max(0, x - last), needs: least.beside }
				: undefined);
		if (!fault) last = x;
		found.push(fault ? { x, y, support, fault } : { x, y, support });
	}
	return found;
}

/**
 * All screws of one cleat of a row, each in its place: at every height where the row has a line of them, in every
 * support the cleat laps there. Of two that stand too near above each other the upper one counts: it has the longer
 * arm.
 * @param segment ends of the cleat
 * @example rowScrews(row, { from: 20, to: 1660 }, wall, profile).filter((s) => !s.fault).length
 */
export function rowScrews(
	row: Pick<Row, 'y' | 'screws' | 'backer'>,
	segment: { from: Millimetres; to: Millimetres },
	wall: Wall,
	profile: CleatProfile
): RowScrew[] {
	const { backer } = row;
	const low = backer ? row.y - backer.below : row.y;
	const board: Board = { ...segment, low, high: backer ? low + backer.height : row.y + profile.back };
	const least = leastOf(row);
	const heights = [...screwLines(row, profile)].sort((a, b) => b - a);
	let last = Infinity;
	return heights.flatMap((y) => {
		const screws = line(board, wall, y, least);
		const apart = last - y;
		if (apart < STACK_APART - 0.01)
			return screws.map((s) =>
				s.fault ? s : { ...s, fault: { kind: 'neighbour' as const, has: Math.max(0, apart), needs: STACK_APART } }
			);
		last = y;
		return screws;
	});
}

const NEAR = {
	end: 'the end of its cleat',
	edge: 'the edge of its cleat',
	side: 'the edge of what it enters',
	neighbour: 'the next screw'
} as const;

/** Why a screw counts for nothing, in words. */
export function faultPhrase({ x, y, fault }: RowScrew): Phrase {
	const at = { x: mm(x), y: mm(y) };
	if (!fault) return phrase('the screw at {x@tape}', at);
	switch (fault.kind) {
		case 'barred':
			return phrase('The screw at {x@tape}, {y@tape} up, has no place to go', at);
		case 'off-wall':
			return phrase('The screw at {x@tape}, {y@tape} up, is past the wall', at);
		default:
			return phrase(
				`The screw at {x@tape}, {y@tape} up, stands {h} from ${NEAR[fault.kind]}; it needs {n}, and counts for nothing`,
				{
					...at,
					h: mm(fault.has),
					n: mm(fault.needs)
				}
			);
	}
}
