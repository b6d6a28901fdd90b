import { segmentsOn } from '../cleats/segments';
import { rowWarnings } from '../cleats/row-warnings';
import type { Plan, Row, Stud, Wall } from '../plan/types';
import { governingCheck, worstFirst, type Check, type Verdict, type Warning } from './check';
import { holderChecks } from './checks/holder-checks';
import { rowChecks, type RowResult } from './checks/row-checks';
import { studCheck } from './checks/stud-check';
import { holderWarnings } from './clashes';
import type { StudLoad } from './members/stud-bending';
import type { Newtons } from '../units/quantity';
import { placeHolders, type LaidRow, type Placed } from './place';

/** The verdict of a holder, row, stud or wall: the check that decides it. */
export interface Judged {
	verdict: Verdict;
	/** Undefined when nothing was checked. */
	check: Check | undefined;
}

/** A holder in its place, judged with the row and the screws that carry it. The same object while nothing about it changes. */
export interface JudgedHolder extends Judged {
	placed: Placed;
	/** Checks on its load path, its own first. */
	path: readonly Check[];
}

/** A row judged by its cleats and its screws at every stud. */
export interface JudgedRow extends Judged {
	path: readonly Check[];
	laid: LaidRow;
}

/** A stud with the weight that rows hang on it. */
export interface JudgedStud extends Judged {
	load: Newtons;
}

/** Every check of a plan. */
export interface PlanChecks {
	/** All of them, holder by holder and row by row. */
	readonly checks: readonly Check[];
	warnings: Warning[];
	/** Keyed by id, row by row. */
	holders: Map<string, JudgedHolder>;
	rows: Map<string, JudgedRow>;
	studs: Map<string, JudgedStud>;
	readonly wall: Judged;
}

const judged = (checks: readonly Check[]): Judged => {
	const check = governingCheck(checks);
	return { verdict: check?.verdict ?? 'holds', check };
};

interface Riding {
	guest: Placed;
	row: RowResult;
}
const holderKnown = new WeakMap<Placed, { row: RowResult; second: RowResult | undefined; result: JudgedHolder }>();

/**
 * A holder's own checks and those of the rows that it leans on: screws at the studs next to it and within it, and the cleats it
 * hangs on; of the row below too, when its second hook rides there.
 */
function judgeHolder(placed: Placed, row: RowResult, riding: Riding | undefined): JudgedHolder {
	const before = holderKnown.get(placed);
	if (before?.row === row && before.second === riding?.row) return before.result;
	const path = [...holderChecks(placed)];
	const leans = (on: RowResult) => {
		for (const stretches of [on.fixings, on.cleats]) {
			for (const s of stretches) if (s.from < placed.right && s.to > placed.left) path.push(s.check);
		}
	};
	leans(row);
	if (riding) leans(riding.row);
	const result = { placed, path, ...judged(path) };
	holderKnown.set(placed, { row, second: riding?.row, result });
	return result;
}

interface RowAndHolders extends JudgedRow {
	holders: readonly JudgedHolder[];
}
const rowKnown = new WeakMap<LaidRow, { result: RowResult; seconds: readonly (RowResult | undefined)[]; judged: RowAndHolders }>();

function judgeRow(laid: LaidRow, result: RowResult, riding: ReadonlyMap<string, Riding>): RowAndHolders {
	const before = rowKnown.get(laid);
	const seconds = laid.riders.map((p) => riding.get(p.holder.id)?.row);
	if (before?.result === result && before.seconds.length === seconds.length && seconds.every((s, i) => s === before.seconds[i])) return before.judged;
	const row = { ...judged(result.checks), path: result.checks, laid, holders: laid.placed.map((p) => judgeHolder(p, result, riding.get(p.holder.id))) };
	rowKnown.set(laid, { result, seconds, judged: row });
	return row;
}

/** The worst of several verdicts: what decides the wall. */
function worstOf(all: Iterable<Judged>): Judged {
	const checks: Check[] = [];
	for (const j of all) if (j.check) checks.push(j.check);
	return judged(checks);
}

interface StudKnown {
	wall: Wall;
	rows: readonly RowResult[];
	/** What each of those rows gives to it. */
	given: readonly (StudLoad[] | undefined)[];
	judged: JudgedStud | null;
}
const studKnown = new WeakMap<Stud, StudKnown>();

/** An unchanged row gives a stud the same loads as before: only changed rows are asked, and an untouched stud is not checked again. */
function checkStud(stud: Stud, wall: Wall, rows: readonly RowResult[]): JudgedStud | null {
	const before = studKnown.get(stud);
	if (before && before.wall === wall && before.rows.length === rows.length) {
		const changed = rows.some((r, i) => r !== before.rows[i] && r.studLoads.get(stud.id) !== before.given[i]);
		if (!changed) {
			before.rows = rows;
			return before.judged;
		}
	}
	const given = rows.map((r) => r.studLoads.get(stud.id));
	const all = given.flatMap((loads) => loads ?? []);
	const result = given.every((loads) => loads === undefined) ? null : { ...judged([studCheck(stud, wall, all)]), load: all.reduce((sum, l) => sum + l.force, 0) };
	studKnown.set(stud, { wall, rows, given, judged: result });
	return result;
}

const rowWarned = new WeakMap<Row, { wall: Wall; kerf: number; warnings: Warning[] }>();

function warningsOf(plan: Plan, row: Row): Warning[] {
	const before = rowWarned.get(row);
	if (before && before.wall === plan.wall && before.kerf === plan.cutting.kerf) return before.warnings;
	const warnings = rowWarnings(plan, row, segmentsOn(row, plan.wall));
	rowWarned.set(row, { wall: plan.wall, kerf: plan.cutting.kerf, warnings });
	return warnings;
}

/**
 * Checks a whole plan. Parts of a plan that are the same objects as in an earlier call are not worked out again, so that
 * moving one holder costs one row; the result is the same either way.
 * @example checkPlan(plan).wall.verdict // 'close'
 */
export function checkPlan(plan: Plan): PlanChecks {
	const laid = placeHolders(plan);
	const results = laid.map((l) => rowChecks(l, plan.wall));
	const riding = new Map<string, Riding>();
	laid.forEach((l, i) => l.guests.forEach((guest) => riding.set(guest.holder.id, { guest, row: results[i] as RowResult })));
	const judgedRows = laid.map((l, i) => judgeRow(l, results[i] as RowResult, riding));
	const holders = new Map<string, JudgedHolder>();
	for (const row of judgedRows) for (const h of row.holders) holders.set(h.placed.holder.id, h);
	const rows = new Map<string, JudgedRow>(judgedRows.map((r, i) => [(laid[i] as LaidRow).row.id, r]));
	const studs = new Map<string, JudgedStud>();
	for (const stud of plan.wall.studs) {
		const found = checkStud(stud, plan.wall, results);
		if (found) studs.set(stud.id, found);
	}
	// Worked out when asked for: a drag asks for verdicts of holders only.
	let all: Check[] | undefined;
	const gather = () => [
		...laid.flatMap((l, i) => [...l.placed.flatMap((p) => holderChecks(p)), ...(results[i] as RowResult).checks]),
		...[...studs.values()].flatMap((s) => s.check ?? [])
	];
	return {
		get checks() {
			return (all ??= gather());
		},
		warnings: [...plan.rows.flatMap((r) => warningsOf(plan, r)), ...holderWarnings(plan, laid)],
		holders,
		rows,
		studs,
		get wall() {
			return worstOf([...holders.values(), ...rows.values(), ...studs.values()]);
		}
	};
}

/** Published checks, least margin first: what is open on a wall. */
export function openFirst(checks: readonly Check[]): Check[] {
	return checks.filter((c) => c.basis === 'published').sort(worstFirst);
}
