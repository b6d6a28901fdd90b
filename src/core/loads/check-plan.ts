import { segmentsOn } from '../cleats/segments';
import { rowWarnings } from '../cleats/row-warnings';
import type { Blocking, Plan, Row, Stud, Wall } from '../plan/types';
import { governingCheck, worstFirst, type Check, type Verdict, type Warning } from './check';
import { blockResult, type BlockResult } from './checks/block-check';
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
	/** Undefined when nothing was checked, or nothing hangs there. */
	check: Check | undefined;
	/** What forbids it, whatever its margins are: then it cannot be built so. */
	stop?: Warning;
}

/**
 * A holder in its place, judged with the row and the screws that carry it. The same object while nothing about it
 * changes.
 */
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
	/** Weight that all rows give to a stud, a block, or a place of a wall without studs, by its id. */
	given(id: string): Newtons;
	readonly wall: Judged;
}

/** The verdict of some checks, under a stop that may forbid all of it. */
function judged(checks: readonly Check[], stop?: Warning): Judged {
	const check = governingCheck(checks);
	if (stop) return { verdict: 'cannot-be-built', check, stop };
	return { verdict: check?.verdict ?? 'unloaded', check };
}

/** What forbids a thing: the first stop about each row and each holder. */
interface Stops {
	rows: ReadonlyMap<string, Warning>;
	holders: ReadonlyMap<string, Warning>;
}

function stopsOf(warnings: readonly Warning[]): Stops {
	const rows = new Map<string, Warning>();
	const holders = new Map<string, Warning>();
	for (const w of warnings) {
		if (w.level !== 'stop') continue;
		const { subject } = w;
		if (subject.kind !== 'row' && subject.kind !== 'holder') continue;
		const into = subject.kind === 'row' ? rows : holders;
		if (!into.has(subject.id)) into.set(subject.id, w);
	}
	return { rows, holders };
}

/** A row's own checks, and those of the blocks it is screwed to. */
interface OnRow {
	result: RowResult;
	blocks: readonly Check[];
	stop: Warning | undefined;
}

const sameRow = (a: OnRow | undefined, b: OnRow | undefined) =>
	a === b ||
	(a !== undefined && b !== undefined && a.result === b.result && a.stop === b.stop && sameItems(a.blocks, b.blocks));
const sameItems = <T>(a: readonly T[], b: readonly T[]) => a.length === b.length && a.every((x, i) => x === b[i]);

const holderKnown = new WeakMap<
	Placed,
	{ row: OnRow; second: OnRow | undefined; stop: Warning | undefined; result: JudgedHolder }
>();

/**
 * A holder's own checks and those of the rows that it leans on: screws at the studs next to it and within it, blocks
 * there, and the cleats it hangs on; of the row below too, when its second hook rides there. A row that cannot be built
 * carries nothing.
 */
function judgeHolder(placed: Placed, row: OnRow, second: OnRow | undefined, stop: Warning | undefined): JudgedHolder {
	const before = holderKnown.get(placed);
	if (before && before.stop === stop && sameRow(before.row, row) && sameRow(before.second, second))
		return before.result;
	const path = [...holderChecks(placed)];
	const leans = ({ result, blocks }: OnRow) => {
		for (const stretches of [result.fixings, result.cleats]) {
			for (const s of stretches) {
				if (s.from >= placed.right || s.to <= placed.left) continue;
				path.push(s.check);
				const { subject } = s.check;
				const block = subject.kind === 'fixing' ? blocks.find((c) => c.id === `block:${subject.stud}`) : undefined;
				if (block && !path.includes(block)) path.push(block);
			}
		}
	};
	leans(row);
	if (second) leans(second);
	const result = { placed, path, ...judged(path, stop ?? row.stop ?? second?.stop) };
	holderKnown.set(placed, { row, second, stop, result });
	return result;
}

interface RowAndHolders extends JudgedRow {
	holders: readonly JudgedHolder[];
}
interface RowKnown {
	on: OnRow;
	seconds: readonly (OnRow | undefined)[];
	stops: readonly (Warning | undefined)[];
	judged: RowAndHolders;
}
const rowKnown = new WeakMap<LaidRow, RowKnown>();

function judgeRow(laid: LaidRow, on: OnRow, riding: ReadonlyMap<string, OnRow>, stops: Stops): RowAndHolders {
	const before = rowKnown.get(laid);
	const seconds = laid.riders.map((p) => riding.get(p.holder.id));
	const forbidden = laid.placed.map((p) => stops.holders.get(p.holder.id));
	if (
		before &&
		sameRow(before.on, on) &&
		sameItems(before.stops, forbidden) &&
		before.seconds.length === seconds.length &&
		seconds.every((s, i) => sameRow(s, before.seconds[i]))
	)
		return before.judged;
	const path = [...on.result.checks, ...on.blocks];
	const empty = laid.placed.length + laid.guests.length === 0;
	const row = {
		// With nothing on it a row holds nothing, however strong it is.
		...(empty && !on.stop ? { verdict: 'unloaded' as const, check: undefined } : judged(path, on.stop)),
		path,
		laid,
		holders: laid.placed.map((p, i) => judgeHolder(p, on, riding.get(p.holder.id), forbidden[i]))
	};
	rowKnown.set(laid, { on, seconds, stops: forbidden, judged: row });
	return row;
}

/** The worst of several verdicts: what decides the wall. */
function worstOf(all: Iterable<Judged>): Judged {
	const checks: Check[] = [];
	let stop: Warning | undefined;
	for (const j of all) {
		if (j.check) checks.push(j.check);
		stop ??= j.stop;
	}
	return judged(checks, stop);
}

const blockKnown = new WeakMap<
	Blocking,
	{ wall: Wall; given: readonly (StudLoad[] | undefined)[]; result: BlockResult | null }
>();

/** A block under every row that is screwed to it; null where none is. */
function judgeBlock(block: Blocking, wall: Wall, rows: readonly RowResult[]): BlockResult | null {
	const given = rows.map((r) => r.studLoads.get(block.id));
	const before = blockKnown.get(block);
	if (before && before.wall === wall && sameItems(before.given, given)) return before.result;
	const loads = given.flatMap((l) => l ?? []);
	const result = loads.length > 0 ? blockResult(block, wall, loads) : null;
	blockKnown.set(block, { wall, given, result });
	return result;
}

/** Whatever gives loads to studs: rows, and blocks between them. */
type Giver = Pick<RowResult, 'studLoads'>;

interface StudKnown {
	wall: Wall;
	givers: readonly Giver[];
	/** What each of those gives to it. */
	given: readonly (StudLoad[] | undefined)[];
	judged: JudgedStud | null;
}
const studKnown = new WeakMap<Stud, StudKnown>();

/**
 * An unchanged row gives a stud the same loads as before: only changed rows are asked, and an untouched stud is not
 * checked again.
 */
function checkStud(stud: Stud, wall: Wall, givers: readonly Giver[]): JudgedStud | null {
	const before = studKnown.get(stud);
	if (before && before.wall === wall && before.givers.length === givers.length) {
		const changed = givers.some((r, i) => r !== before.givers[i] && r.studLoads.get(stud.id) !== before.given[i]);
		if (!changed) {
			before.givers = givers;
			return before.judged;
		}
	}
	const given = givers.map((r) => r.studLoads.get(stud.id));
	const all = given.flatMap((loads) => loads ?? []);
	const result = given.every((loads) => loads === undefined)
		? null
		: { ...judged([studCheck(stud, wall, all)]), load: all.reduce((sum, l) => sum + l.force, 0) };
	studKnown.set(stud, { wall, givers, given, judged: result });
	return result;
}

const rowWarned = new WeakMap<Row, { wall: Wall; kerf: number; warnings: Warning[] }>();

function warningsOf(plan: Plan, row: Row): Warning[] {
	const before = rowWarned.get(row);
	if (before && before.wall === plan.wall && before.kerf === plan.cutting.kerf) return before.warnings;
	const warnings = rowWarnings(plan, row, segmentsOn(row, plan.wall, plan.cutting.kerf));
	rowWarned.set(row, { wall: plan.wall, kerf: plan.cutting.kerf, warnings });
	return warnings;
}

/**
 * Checks a whole plan. Parts of a plan that are the same objects as in an earlier call are not worked out again, so
 * that moving one holder costs one row; the result is the same either way.
 * @example checkPlan(plan).wall.verdict // 'close'
 */
export function checkPlan(plan: Plan): PlanChecks {
	const { wall } = plan;
	const laid = placeHolders(plan);
	const warnings = [...plan.rows.flatMap((r) => warningsOf(plan, r)), ...holderWarnings(plan, laid)];
	const stops = stopsOf(warnings);
	const results = laid.map((l) => rowChecks(l, wall, plan.cutting.kerf));
	const blocks = (wall.blocking ?? []).flatMap((b) => judgeBlock(b, wall, results) ?? []);
	const onRows = laid.map((l, i): OnRow => {
		const result = results[i] as RowResult;
		return {
			result,
			blocks: blocks
				.map((b) => b.check)
				.filter((c) => c.subject.kind === 'block' && result.studLoads.has(c.subject.id)),
			stop: stops.rows.get(l.row.id)
		};
	});
	const riding = new Map<string, OnRow>();
	laid.forEach((l, i) => l.guests.forEach((guest) => riding.set(guest.holder.id, onRows[i] as OnRow)));
	const judgedRows = laid.map((l, i) => judgeRow(l, onRows[i] as OnRow, riding, stops));
	const holders = new Map<string, JudgedHolder>();
	for (const row of judgedRows) for (const h of row.holders) holders.set(h.placed.holder.id, h);
	const rows = new Map<string, JudgedRow>(judgedRows.map((r) => [r.laid.row.id, r]));
	const studs = new Map<string, JudgedStud>();
	const givers: readonly Giver[] = blocks.length > 0 ? [...results, ...blocks] : results;
	for (const stud of wall.studs) {
		const found = checkStud(stud, wall, givers);
		if (found) studs.set(stud.id, found);
	}
	// Worked out when asked for: a drag asks for verdicts of holders only.
	let all: Check[] | undefined;
	const gather = () => [
		...laid.flatMap((l, i) => [...l.placed.flatMap((p) => holderChecks(p)), ...(results[i] as RowResult).checks]),
		...blocks.map((b) => b.check),
		...[...studs.values()].flatMap((s) => s.check ?? [])
	];
	return {
		get checks() {
			return (all ??= gather());
		},
		warnings,
		holders,
		rows,
		studs,
		given: (id) => results.reduce((sum, r) => sum + (r.studLoads.get(id) ?? []).reduce((s, l) => s + l.force, 0), 0),
		get wall() {
			return worstOf([...holders.values(), ...rows.values(), ...[...studs.values()].filter((s) => s.load > 0)]);
		}
	};
}

/** Published checks, least margin first: what is open on a wall. */
export function openFirst(checks: readonly Check[]): Check[] {
	return checks.filter((c) => c.basis === 'published').sort(worstFirst);
}
