import { rowBoxes } from '../cleats/row-box';
import type { Segment } from '../cleats/segments';
import type { Warning } from '../verdict/check';
import { rowProfile } from '../plan/profile';
import type { FarSide, OnWall, Row } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { inTheWay } from './in-the-way';
import { nameOf } from './names';
import { floorAt } from './outline';
import { packingFor } from './packing';
import { isProved, isUnsure } from './record';
import { cablesMayRun, EDGE } from './safe-zones';

type Say = (level: Warning['level'], message: Phrase) => void;

/** What a screw that comes through would come out into, in words. */
export const FAR_WORDS: Record<FarSide['kind'], string> = {
	room: 'the room behind',
	stair: 'the stair behind',
	outdoors: 'the open, where it rusts',
	neighbour: "the neighbour's side",
	same: 'this room again'
};

/** A row against what stands, moves or must stay clear before the wall. */
function obstacles(plan: OnWall, row: Row, say: Say): void {
	const told = new Set<string>();
	for (const { obstruction: o, how } of rowBoxes(row, plan.cutting.kerf).flatMap((box) => inTheWay(plan.wall, box))) {
		if (told.has(o.id)) continue;
		told.add(o.id);
		const name = nameOf(o);
		if (how === 'stands') say('stop', phrase('The row runs over {name}', { name }));
		else if (how === 'moves') say('stop', phrase('{name} would hit the row as it moves', { name }));
		else if (o.kind === 'service-panel')
			say('mind', phrase('The row runs through the working space of {name}: hang nothing there', { name }));
		else say('mind', phrase('The row runs through room that {name} needs clear', { name }));
	}
	for (const o of plan.wall.obstructions) {
		if (cablesMayRun(o) && o.x < row.right && o.x + o.width > row.left) {
			say(
				'mind',
				phrase('Cables run up and down from {name}: power off and trace them before you drill near {x@tape}', {
					name: nameOf(o),
					x: mm(o.x + o.width / 2)
				})
			);
		}
	}
}

/** Screws of a row where a cable may run, or something was found in the wall. */
function screws(segments: readonly Segment[], say: Say): void {
	const told = new Set<string>();
	for (const { x, fault } of segments.flatMap((s) => s.missed)) {
		if (fault?.kind !== 'barred') continue;
		const barred = fault.zone;
		const name = nameOf(barred.obstruction);
		// Two screws above each other are told once.
		const key = `${barred.obstruction.id} ${Math.round(x)}`;
		if (told.has(key)) continue;
		told.add(key);
		if (barred.kind === 'opening')
			say('stop', phrase('The screw at {x@tape} would go into {name}', { x: mm(x), name }));
		else
			say(
				'stop',
				barred.kind === 'found'
					? phrase('The screw at {x@tape} would go into {name} in the wall', { x: mm(x), name })
					: phrase(
							'The screw at {x@tape} goes in where cables of {name} may run: trace them with the power off, and say so there',
							{
								x: mm(x),
								name
							}
						)
			);
	}
}

/** Screws of a row in studs that nobody proved, or whose centre is not known well enough to keep off their edges. */
function framing(segments: readonly Segment[], say: Say): void {
	const studs = [
		...new Map(
			segments.flatMap((s) => s.fixings.flatMap(({ stud }) => (stud.member ? [] : [[stud.id, stud] as const])))
		).values()
	];
	const unsure = studs.filter(isUnsure);
	const unproved = studs.filter((s) => !isProved(s) && !isUnsure(s));
	for (const s of unsure)
		say('stop', phrase('There may be no stud at {x@tape}: drill a pilot hole before its screw', { x: mm(s.x) }));
	const [first] = unproved;
	if (first && unproved.length === 1)
		say('mind', phrase('The stud at {x@tape} is not proved: drill a pilot hole before its screw', { x: mm(first.x) }));
	else if (first)
		say(
			'mind',
			phrase('{n} of its studs are not proved: drill a pilot hole at each before its screw', {
				n: String(unproved.length)
			})
		);
	for (const s of studs) {
		const error = s.found?.error ?? 0;
		if (error > 0 && s.width / 2 - error < EDGE)
			say(
				'mind',
				phrase(
					'The screw at {x@tape} may come nearer than {e} to an edge of its stud: the centre is known to {u} only',
					{
						x: mm(s.x),
						e: mm(EDGE),
						u: mm(error)
					}
				)
			);
	}
}

/** A ledge behind a row, a corner that is taken, a floor that rises under it. */
function surface(plan: OnWall, row: Row, say: Say): void {
	const { wall } = plan;
	const { front } = rowProfile(row, plan.cutting.kerf);
	const packing = packingFor(wall, { left: row.left, right: row.right, low: row.y, high: row.y + front });
	if (packing)
		say(
			'stop',
			phrase('The row lies partly on {name}, {out} proud: pack the rest out by {out}, or move it', {
				name: packing.ledge.name || 'a ledge',
				out: mm(packing.thickness)
			})
		);
	const { corners } = wall;
	if (corners && corners.left.taken > row.left + 0.5)
		say('mind', phrase('The row begins in the {d} that the left corner takes', { d: mm(corners.left.taken) }));
	if (corners && wall.width - corners.right.taken < row.right - 0.5)
		say('mind', phrase('The row ends in the {d} that the right corner takes', { d: mm(corners.right.taken) }));
	const floor = Math.max(floorAt(wall, row.left), floorAt(wall, row.right));
	if (row.y < floor) say('stop', phrase('The row reaches below the floor'));
}

/** A row against everything that was surveyed but its fixing: what moves, cables, ledges, corners. */
export function rowFitWarnings(plan: OnWall, row: Row, segments: readonly Segment[]): Warning[] {
	const found: Warning[] = [];
	const say: Say = (level, message) => found.push({ level, subject: { kind: 'row', id: row.id }, message });
	obstacles(plan, row, say);
	screws(segments, say);
	framing(segments, say);
	surface(plan, row, say);
	return found;
}
