import { segmentsOn } from '../cleats/segments';
import { rowWarnings } from '../cleats/row-warnings';
import type { Blocking, Ceiling, Cutting, Plan, Row, Stud, Wall } from '../plan/types';
import { remembering } from '../remembering';
import { governingCheck, worstFirst, type Check, type Verdict, type Warning } from '../verdict/check';
import { blockResult, type BlockResult } from '../supports/block-check';
import { holderChecks } from './row/holder-checks';
import { turnedPlans, worstTurned } from './either-end';
import { unknownLoads } from './unknown-loads';
import { rowChecks, type RowResult } from '../supports/row/row-checks';
import { joistCheck } from '../supports/joist-check';
import { studCheck } from '../supports/stud-check';
import { holderWarnings } from './clashes';
import type { JoistForce } from '../members/hanging-steps';
import type { StudLoad } from '../mechanics/members/stud-bending';
import type { Millimetres, Newtons } from '../units/quantity';
import { fixedHolders, type AnyPlaced } from '../places/any-place';
import { placeRacks, type RackPlaced } from '../places/rack/place';
import type { HeldResult } from '../supports/held-result';
import { rackResult } from './rack-checks';
import { fixedResult } from './fixed-checks';
import type { FixedPlaced } from '../places/fixed/place';
import { placeHolders, type LaidRow, type Placed } from '../places/row/place';

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
	placed: AnyPlaced;
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

/** A joist with the weight that hangs from it. */
export interface JudgedJoist extends Judged {
	load: Newtons;
}

/** Every check of a plan. */
export interface PlanChecks extends PlanParts {
	readonly wall: Judged;
}

/** Every check of a plan, but for what they come to together. */
export interface PlanParts {
	/** All of them, holder by holder and row by row. */
	readonly checks: readonly Check[];
	warnings: Warning[];
	/** Keyed by id, row by row. */
	holders: Map<string, JudgedHolder>;
	rows: Map<string, JudgedRow>;
	studs: Map<string, JudgedStud>;
	/** Those that something hangs from, by their ids. */
	joists: Map<string, JudgedJoist>;
	/** Weight that all rows give to a stud, a block, or a place of a wall without studs, by its id. */
	given(id: string): Newtons;
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

const onRow = remembering((result: RowResult, blocks: readonly Check[], stop: Warning | undefined): OnRow => ({
	result,
	blocks,
	stop
}));

/**
 * A holder's own checks and those of the rows that it leans on: screws at the studs next to it and within it, blocks
 * there, and the cleats it hangs on; of the row below too, when its second hook rides there. A row that cannot be built
 * carries nothing.
 */
const judgeHolder = remembering(
	(
		placed: Placed,
		own: readonly Check[],
		row: OnRow,
		second: OnRow | undefined,
		stop: Warning | undefined
	): JudgedHolder => {
		const path = [...own, ...checksUnder(placed, row), ...(second ? checksUnder(placed, second) : [])];
		return { placed, path: [...new Set(path)], ...judged(path, stop ?? row.stop ?? second?.stop) };
	}
);

/** Checks of a row where a holder leans on it, each screw's with that of the block it is in. */
function checksUnder({ left, right }: Pick<Placed, 'left' | 'right'>, { result, blocks }: OnRow): Check[] {
	return [...result.fixings, ...result.cleats]
		.filter((s) => s.from < right && s.to > left)
		.flatMap(({ check }) => {
			const { subject } = check;
			const block = subject.kind === 'fixing' && blocks.find((c) => c.id === `block:${subject.stud}`);
			return block ? [check, block] : [check];
		});
}

/** What is screwed to the wall, a rack or not: its own checks, those of its blocks, and of the row that it is on. */
const judgeScrewed = remembering(
	(
		placed: FixedPlaced | RackPlaced,
		result: HeldResult,
		under: readonly Check[],
		row: OnRow | undefined,
		stop: Warning | undefined
	): JudgedHolder => {
		const path = [...new Set([...result.checks, ...under, ...(row ? checksUnder(nearEnd(placed, row), row) : [])])];
		return { placed, path, ...judged(path, stop ?? row?.stop) };
	}
);

/** The stretch of its row that a rack leans on: what is past the end leans on the end. */
function nearEnd({ left, right }: AnyPlaced, { result }: OnRow): { left: Millimetres; right: Millimetres } {
	const ends = [...result.cleats, ...result.fixings];
	const from = Math.min(...ends.map((s) => s.from));
	const to = Math.max(...ends.map((s) => s.to));
	return { left: Math.min(left, to - 1), right: Math.max(right, from + 1) };
}

/** What hangs on a row, its own and what rides there, whose weight nobody said. */
const unknownOn = remembering((laid: LaidRow): Check[] =>
	[...laid.placed, ...laid.guests, ...new Set(laid.extras.map((e) => e.rack))].flatMap(unknownLoads)
);

interface RowAndHolders extends JudgedRow {
	holders: readonly JudgedHolder[];
}

/**
 * A row and the holders on it.
 * @param own for each holder, the checks of it by itself
 * @param seconds for each holder, the row that its second hook rides on
 * @param stops for each holder, what forbids it
 */
const judgeRow = remembering(
	(
		laid: LaidRow,
		own: readonly (readonly Check[])[],
		on: OnRow,
		seconds: readonly (OnRow | undefined)[],
		stops: readonly (Warning | undefined)[]
	): RowAndHolders => {
		// What a row carries of unknown weight leaves the row itself unjudged.
		const path = [...on.result.checks, ...on.blocks, ...unknownOn(laid)];
		const empty = laid.placed.length + laid.guests.length + laid.extras.length === 0;
		return {
			// With nothing on it a row holds nothing, however strong it is.
			...(empty && !on.stop ? { verdict: 'unloaded' as const, check: undefined } : judged(path, on.stop)),
			path,
			laid,
			holders: laid.placed.map((p, i) => judgeHolder(p, own[i] ?? [], on, seconds[i], stops[i]))
		};
	}
);

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

/** What each row gives to one stud or block. */
type Given = readonly (readonly StudLoad[] | undefined)[];

/** A block under every row that is screwed to it; null where none is. */
const judgeBlock = remembering((block: Blocking, wall: Wall, given: Given): BlockResult | null => {
	const loads = given.flatMap((l) => l ?? []);
	return loads.length > 0 ? blockResult(block, wall, loads) : null;
});

/**
 * A stud under all its rows and blocks; null where none is screwed to it.
 * @param unknown what hangs on those rows with a weight that nobody said
 */
const judgeStud = remembering((stud: Stud, wall: Wall, given: Given, unknown: readonly Check[]): JudgedStud | null => {
	if (given.every((loads) => loads === undefined)) return null;
	const all = given.flatMap((loads) => loads ?? []);
	return { ...judged([studCheck(stud, wall, all), ...unknown]), load: all.reduce((sum, l) => sum + l.force, 0) };
});

/** What hangs from one joist, from each of what hangs there. */
type Hung = readonly (readonly JoistForce[] | undefined)[];

function judgeJoist(ceiling: Ceiling, id: string, hung: Hung, unknown: readonly Check[]): JudgedJoist {
	const forces = hung.flatMap((f) => f ?? []);
	return {
		...judged([joistCheck(id, ceiling, forces), ...unknown]),
		load: forces.reduce((sum, f) => sum + f.force, 0)
	};
}

/** Whatever gives loads to studs: rows, and blocks between them. */
type Giver = Pick<RowResult, 'studLoads'>;
const givenTo = (id: string, givers: readonly Giver[]): Given => givers.map((g) => g.studLoads.get(id));

const warningsOf = remembering((row: Row, wall: Wall, cutting: Cutting): Warning[] =>
	rowWarnings({ wall, cutting }, row, segmentsOn(row, wall, cutting.kerf))
);

/**
 * Checks a whole plan, with what may hang by either end each way up: the worse counts. Parts of a plan that are the
 * same objects as in an earlier call are not worked out again, so that moving one holder costs one row; the result is
 * the same either way.
 * @example checkPlan(plan).wall.verdict // 'close'
 */
export function checkPlan(plan: Plan): PlanChecks {
	const all = turnedPlans(plan).reduce(
		(worst, { plan: over, id }) => worstTurned(worst, checkOnce(over), id),
		checkOnce(plan)
	);
	return {
		get checks() {
			return all.checks;
		},
		warnings: all.warnings,
		holders: all.holders,
		rows: all.rows,
		studs: all.studs,
		joists: all.joists,
		given: all.given,
		get wall() {
			return worstOf([
				...all.holders.values(),
				...all.rows.values(),
				...[...all.studs.values()].filter((s) => s.load > 0)
			]);
		}
	};
}

/** Checks a plan as it hangs. */
function checkOnce(plan: Plan): PlanParts {
	const { wall } = plan;
	const laid = placeHolders(plan);
	const fixed = fixedHolders(plan);
	const racks = placeRacks(plan);
	const warnings = [
		...plan.rows.flatMap((r) => warningsOf(r, wall, plan.cutting)),
		...holderWarnings(plan, laid, fixed, racks)
	];
	const stops = stopsOf(warnings);
	const results = laid.map((l) => rowChecks(l, wall, plan.cutting.kerf));
	const screwed = fixed.map((p) => fixedResult(p, wall));
	const held = racks.map((p) => rackResult(p, wall));
	const direct: readonly Giver[] = screwed.length + held.length > 0 ? [...results, ...screwed, ...held] : results;
	const blocks = (wall.blocking ?? []).flatMap((b) => judgeBlock(b, wall, givenTo(b.id, direct)) ?? []);
	const under = blocks.map((b) => b.check);
	const blocksOf = ({ studLoads }: Giver) =>
		under.filter((c) => c.subject.kind === 'block' && studLoads.has(c.subject.id));
	const onRows = laid.map((l, i): OnRow => {
		const result = results[i] as RowResult;
		return onRow(result, blocksOf(result), stops.rows.get(l.row.id));
	});
	const riding = new Map<string, OnRow>();
	laid.forEach((l, i) => l.guests.forEach((guest) => riding.set(guest.holder.id, onRows[i] as OnRow)));
	const ownOf = laid.map((l) => l.placed.map((p) => holderChecks(p, wall.quake, wall.height)));
	const judgedRows = laid.map((l, i) =>
		judgeRow(
			l,
			ownOf[i] ?? [],
			onRows[i] as OnRow,
			l.placed.map((p) => riding.get(p.holder.id)),
			l.placed.map((p) => stops.holders.get(p.holder.id))
		)
	);
	const holders = new Map<string, JudgedHolder>();
	for (const row of judgedRows) for (const h of row.holders) holders.set(h.placed.holder.id, h);
	fixed.forEach((p, i) => {
		const result = screwed[i] as HeldResult;
		holders.set(p.holder.id, judgeScrewed(p, result, blocksOf(result), undefined, stops.holders.get(p.holder.id)));
	});
	const onRowOf = new Map(onRows.map((r, i) => [laid[i]?.row.id, r]));
	const joists = judgedJoists(wall, racks, held);
	racks.forEach((p, i) => {
		const result = held[i] as HeldResult;
		const row = onRowOf.get(p.on?.row.id);
		const over = [...(result.joistLoads?.keys() ?? [])].flatMap((id) => joists.get(id)?.check ?? []);
		const under = over.length > 0 ? [...blocksOf(result), ...over] : blocksOf(result);
		holders.set(p.holder.id, judgeScrewed(p, result, under, row, stops.holders.get(p.holder.id)));
	});
	const rows = new Map<string, JudgedRow>(judgedRows.map((r) => [r.laid.row.id, r]));
	const studs = new Map<string, JudgedStud>();
	const givers: readonly Giver[] = blocks.length > 0 ? [...direct, ...blocks] : direct;
	for (const stud of wall.studs) {
		const unknown = [
			...laid.flatMap((l, i) => ((results[i] as RowResult).studLoads.has(stud.id) ? unknownOn(l) : [])),
			...fixed.flatMap((p, i) => ((screwed[i] as HeldResult).studLoads.has(stud.id) ? unknownLoads(p) : [])),
			...racks.flatMap((p, i) => ((held[i] as HeldResult).studLoads.has(stud.id) ? unknownLoads(p) : []))
		];
		const found = judgeStud(stud, wall, givenTo(stud.id, givers), unknown);
		if (found) studs.set(stud.id, found);
	}
	// Worked out when asked for: a drag asks for verdicts of holders only.
	let all: Check[] | undefined;
	const gather = () => [
		...laid.flatMap((_, i) => [...(ownOf[i] ?? []).flat(), ...(results[i] as RowResult).checks]),
		...[...screwed, ...held].flatMap((r) => r.checks),
		...blocks.map((b) => b.check),
		...[...studs.values(), ...joists.values()].flatMap((s) => s.check ?? [])
	];
	return {
		get checks() {
			return (all ??= gather());
		},
		warnings,
		holders,
		rows,
		studs,
		joists,
		given: (id) => direct.reduce((sum, r) => sum + (r.studLoads.get(id) ?? []).reduce((s, l) => s + l.force, 0), 0)
	};
}

/** Every joist that something hangs from, under all of it. */
function judgedJoists(
	{ ceiling }: Wall,
	racks: readonly RackPlaced[],
	held: readonly HeldResult[]
): Map<string, JudgedJoist> {
	const hung = held.map((h) => h.joistLoads);
	const ids = new Set(hung.flatMap((loads) => [...(loads?.keys() ?? [])]));
	if (!ceiling) return new Map();
	return new Map(
		[...ids].map((id) => {
			const unknown = racks.flatMap((p, i) => (hung[i]?.has(id) ? unknownLoads(p) : []));
			return [
				id,
				judgeJoist(
					ceiling,
					id,
					hung.map((loads) => loads?.get(id)),
					unknown
				)
			];
		})
	);
}

/** Published checks, least margin first: what is open on a wall. */
export function openFirst(checks: readonly Check[]): Check[] {
	return checks.filter((c) => c.basis === 'published').sort(worstFirst);
}
