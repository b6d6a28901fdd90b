import { rowSegments } from '../cleats/segments';
import { rowWarnings } from '../cleats/row-warnings';
import type { Plan, Row, Stud, Wall } from '../plan/types';
import { governingCheck, worstFirst, type Check, type Verdict, type Warning } from './check';
import { holderChecks } from './checks/holder-checks';
import { rowChecks, type RowResult } from './checks/row-checks';
import { studCheck } from './checks/stud-check';
import { holderWarnings } from './clashes';
import type { StudLoad } from './members/stud-bending';
import { placeHolders, type LaidRow, type Placed } from './place';

/** The verdict of a holder, row, stud or wall: the check that decides it. */
export interface Judged {
	verdict: Verdict;
	/** Undefined when nothing was checked. */
	check: Check | undefined;
}

/** Every check of a plan. */
export interface PlanChecks {
	checks: Check[];
	warnings: Warning[];
	/** Keyed by id; a holder's verdict takes in the row and the screws that carry it. */
	holders: Map<string, Judged>;
	rows: Map<string, Judged>;
	studs: Map<string, Judged>;
	wall: Judged;
	/** Where everything stands. */
	laid: LaidRow[];
	/** Checks on the load path of each holder, its own first. */
	paths: Map<string, Check[]>;
}

const judged = (checks: readonly Check[]): Judged => {
	const check = governingCheck(checks);
	return { verdict: check?.verdict ?? 'holds', check };
};

interface HolderResult {
	own: Check[];
	row: RowResult;
	path: Check[];
	judged: Judged;
}
const holderKnown = new WeakMap<Placed, HolderResult>();

/**
 * A holder's own checks and those of the row that it leans on: screws at the studs next to it and within it, and the cleats it
 * hangs on.
 */
function judgeHolder(p: Placed, row: RowResult): HolderResult {
	const own = holderChecks(p);
	const before = holderKnown.get(p);
	if (before && before.own === own && before.row === row) return before;
	const path = [...own];
	for (const stretches of [row.fixings, row.cleats]) {
		for (const s of stretches) if (s.from < p.right && s.to > p.left) path.push(s.check);
	}
	const result = { own, row, path, judged: judged(path) };
	holderKnown.set(p, result);
	return result;
}

const rowKnown = new WeakMap<RowResult, Judged>();

function judgeRow(row: RowResult): Judged {
	const before = rowKnown.get(row) ?? judged(row.checks);
	rowKnown.set(row, before);
	return before;
}

/** The worst of several verdicts: what decides the wall. */
function worstOf(all: Iterable<Judged>): Judged {
	const checks: Check[] = [];
	for (const j of all) if (j.check) checks.push(j.check);
	return judged(checks);
}

const studKnown = new WeakMap<Stud, { wall: Wall; loads: readonly StudLoad[][]; check: Check }>();

/** Stud loads come from unchanged rows as the same arrays, so that an untouched stud is not checked again. */
function checkStud(stud: Stud, wall: Wall, rows: readonly RowResult[]): Check | null {
	const loads = rows.flatMap((r) => {
		const given = r.studLoads.get(stud.id);
		return given ? [given] : [];
	});
	if (loads.length === 0) return null;
	const before = studKnown.get(stud);
	if (before && before.wall === wall && before.loads.length === loads.length && loads.every((l, i) => l === before.loads[i])) return before.check;
	const check = studCheck(stud, wall, loads.flat());
	studKnown.set(stud, { wall, loads, check });
	return check;
}

const rowWarned = new WeakMap<Row, { wall: Wall; kerf: number; warnings: Warning[] }>();

function warningsOf(plan: Plan, row: Row): Warning[] {
	const before = rowWarned.get(row);
	if (before && before.wall === plan.wall && before.kerf === plan.cutting.kerf) return before.warnings;
	const warnings = rowWarnings(plan, row, rowSegments(row, plan.wall.studs));
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
	const rowResults = laid.map((l) => rowChecks(l, plan.wall, plan.cutting.kerf));
	const studPairs = plan.wall.studs.flatMap((s) => {
		const check = checkStud(s, plan.wall, rowResults);
		return check ? [{ stud: s, check }] : [];
	});
	const holders = new Map<string, Judged>();
	const paths = new Map<string, Check[]>();
	const rows = new Map<string, Judged>();
	const checks: Check[] = [];
	laid.forEach((l, i) => {
		const result = rowResults[i] as RowResult;
		for (const p of l.placed) {
			const { own, path, judged: verdict } = judgeHolder(p, result);
			for (const c of own) checks.push(c);
			holders.set(p.holder.id, verdict);
			paths.set(p.holder.id, path);
		}
		rows.set(l.row.id, judgeRow(result));
		for (const c of result.checks) checks.push(c);
	});
	const studs = new Map(studPairs.map(({ stud, check }) => [stud.id, judged([check])]));
	for (const { check } of studPairs) checks.push(check);
	return {
		checks,
		warnings: [...plan.rows.flatMap((r) => warningsOf(plan, r)), ...holderWarnings(plan, laid)],
		holders,
		rows,
		studs,
		wall: worstOf([...holders.values(), ...rows.values(), ...studs.values()]),
		laid,
		paths
	};
}

/** Published checks, least margin first, each subject once: what is open on a wall. */
export function openFirst(checks: readonly Check[]): Check[] {
	return checks.filter((c) => c.basis === 'published').sort(worstFirst);
}
