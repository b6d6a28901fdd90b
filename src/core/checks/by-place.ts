import type { Plan } from '../plan/types';
import type { Millimetres, Newtons } from '../units/quantity';
import { governingCheck, standingMargin, type Check, type Verdict, type Warning } from '../verdict/check';
import type { PlanChecks } from './check-plan';
import { onRow } from '../places/any-place';
import { holderWeights } from '../places/in-place';

/** What one stud or row carries, and what it would carry before it stopped holding, all on it growing alike. */
export interface PlaceLoad {
	id: string;
	/** Of a stud along the wall, of a row above the floor. */
	at: Millimetres;
	name: string;
	load: Newtons;
	/** Load times the least margin; null when nothing loads or limits it, or it cannot be judged or built. */
	capacity: Newtons | null;
	margin: number | null;
	verdict: Verdict;
	check: Check | undefined;
	/** What forbids it. */
	stop?: Warning;
}

function entry(
	id: string,
	at: Millimetres,
	name: string,
	load: Newtons,
	checks: readonly Check[],
	stop?: Warning
): PlaceLoad {
	const check = governingCheck(checks);
	const margin = check ? standingMargin(check) : null;
	const told = stop || load === 0 || margin === null || check?.verdict === 'cannot-be-judged';
	const judged = load === 0 ? 'unloaded' : (check?.verdict ?? 'unloaded');
	const verdict = stop ? 'cannot-be-built' : judged;
	return {
		id,
		at,
		name,
		load,
		capacity: told ? null : load * margin,
		margin: load === 0 ? null : margin,
		verdict,
		check,
		...(stop ? { stop } : {})
	};
}

/** Screws of all rows, and of what is screwed to the wall, by what they go into. */
function fixingsById(checks: PlanChecks): Map<string, { x: Millimetres; checks: Check[] }> {
	const found = new Map<string, { x: Millimetres; checks: Check[] }>();
	const fixed = [...checks.holders.values()].filter((h) => !onRow(h.placed));
	for (const { path } of [...checks.rows.values(), ...fixed]) {
		for (const c of path) {
			if (c.subject.kind !== 'fixing') continue;
			const known = found.get(c.subject.stud);
			if (known) known.checks.push(c);
			else found.set(c.subject.stud, { x: c.subject.x, checks: [c] });
		}
	}
	return found;
}

/** What is screwed to at a place: studs first; blocks, boards' and plugs' places where a wall has no studs. */
const WORDS = { framed: 'stud', plank: 'screws', masonry: 'plugs' } as const;

/** What the chart by place calls a place on this wall. @example placeWord(plan) // 'stud' */
export const placeWord = (plan: Plan): string => WORDS[plan.wall.build?.kind ?? 'framed'];

/**
 * Everything that rows are screwed to and that carries something, left to right: a stud with its own check and the
 * screws of every row in it; a block, or the places of a wall without studs, with the screws there.
 * @example byStud(plan, checkPlan(plan))[0]?.load
 */
export function byStud(plan: Plan, checks: PlanChecks): PlaceLoad[] {
	const fixings = fixingsById(checks);
	const studs = new Set(plan.wall.studs.map((s) => s.id));
	const framed = plan.wall.studs.flatMap((s) => {
		const judged = checks.studs.get(s.id);
		const screws = fixings.get(s.id)?.checks ?? [];
		return judged || screws.length > 0
			? [entry(s.id, s.x, '', judged?.load ?? 0, [...(judged?.check ? [judged.check] : []), ...screws])]
			: [];
	});
	const others = [...fixings].flatMap(([id, at]) =>
		studs.has(id) ? [] : [entry(id, at.x, '', checks.given(id), at.checks)]
	);
	return [...framed, ...others].sort((a, b) => a.at - b.at);
}

/** Every row, top down: its cleats and all its screws. */
export function byRow(plan: Plan, checks: PlanChecks): PlaceLoad[] {
	return [...plan.rows]
		.sort((a, b) => b.y - a.y)
		.map((r) => {
			const row = checks.rows.get(r.id);
			const load = row
				? [...row.laid.placed, ...row.laid.guests].reduce((sum, p) => sum + holderWeights(p.built).total, 0)
				: 0;
			return entry(r.id, r.y, r.name, load, row?.path ?? [], row?.stop);
		});
}
