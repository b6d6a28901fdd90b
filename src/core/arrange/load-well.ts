import { carrierKind } from '../kinds/registry';
import { roomIn } from '../kinds/room';
import { loadOf } from '../carriers/load-of';
import { checkPlan, type PlanChecks } from '../checks/check-plan';
import type { Load, Plan, Rack } from '../plan/types';
import { placesById } from '../places/any-place';
import type { Thing } from '../things/types';
import { levelsOf, withLoad, type Level } from './levels';

/** Things that a rack may be loaded with, and how many of each are free for it. */
export interface Free {
	thing: Thing;
	count: number;
}

/** A rack loaded, and what found no place on it. */
export interface Loaded {
	rack: Rack;
	/** Level by level: what lies there, so many. */
	laid: readonly { level: string; name: string; count: number }[];
	left: readonly Free[];
}

/** Between hip and eye of a person of middle height: what is used most lies there. */
const REACH = { low: 750, high: 1600 } as const;
/** More lines than this are not looked at: a press is to be answered. */
const MOST = 24;

const often = ({ use }: Thing): boolean => use === 'daily' || use === 'weekly';
const massOf = (t: Thing): number => t.mass ?? 0;
/** Levels of it with nothing on them yet, where it stands. */
function levelsIn(plan: Plan, rack: Rack): Level[] {
	const placed = placesById({ ...plan, holders: [...plan.holders.filter((h) => h.id !== rack.id), rack] }).get(rack.id);
	return placed ? levelsOf(placed) : [];
}

/** Rows, studs and joists that do not hold. */
const failing = ({ rows, studs, joists }: PlanChecks): string[] =>
	[rows, studs, joists].flatMap((all) =>
		[...all].flatMap(([id, { verdict }]) => (verdict === 'does-not-hold' ? [id] : []))
	);

/** Is the rack held, with nothing that forbids it, and nothing else let down that held before? */
function holds(plan: Plan, rack: Rack, before: ReadonlySet<string>): boolean {
	const checks = checkPlan({
		...plan,
		holders: plan.holders.some((h) => h.id === rack.id)
			? plan.holders.map((h) => (h.id === rack.id ? rack : h))
			: [...plan.holders, rack]
	});
	const verdict = checks.holders.get(rack.id)?.verdict;
	return (verdict === 'holds' || verdict === 'unloaded') && failing(checks).every((id) => before.has(id));
}

/** The most of a thing that a level takes and is held with; 0 where not even one is. */
function mostOn(plan: Plan, rack: Rack, group: number, load: Load, before: ReadonlySet<string>): number {
	const [first] = withLoad(rack, group, load).carriers;
	const room = first ? (roomIn(first)[group] ?? 0) : 0;
	let [low, high] = [0, Math.min(load.count, room)];
	// What holds with some holds with fewer: the greatest is found by halving.
	while (low < high) {
		const middle = Math.ceil((low + high) / 2);
		if (holds(plan, withLoad(rack, group, { ...load, count: middle }), before)) low = middle;
		else high = middle - 1;
	}
	return low;
}

/**
 * A rack loaded anew as a practitioner would: what is used most between hip and eye, of all else the heaviest lowest;
 * one kind of thing on a level, so that like lies with like; no more on any level than it takes and is held with, rows,
 * studs and joists that others hang on too. What
 * lay on it before is free too, for whoever passes it.
 * @param free of the stock-take, what hangs nowhere else; things that its kind does not take are left
 * @returns null where its kind takes nothing of the stock-take
 * @example loadWell(plan, rack, free)?.laid
 */
export function loadWell(plan: Plan, rack: Rack, free: readonly Free[]): Loaded | null {
	const [first] = rack.carriers;
	const kind = first && carrierKind(first.kind);
	if (!first || !kind?.fit) return null;
	const { fit } = kind;
	const words = kind.groups(first.params);
	const fits = ({ thing, count }: Free) =>
		count > 0 && fit({ thing, count: 1, widest: plan.wall.width, unit: 'mm' }).ok && loadOf(thing, 1).ok;
	const wanted = free
		.filter(fits)
		.sort((a, b) => Number(often(b.thing)) - Number(often(a.thing)) || massOf(b.thing) - massOf(a.thing))
		.slice(0, MOST);
	let now: Rack = { ...rack, carriers: [{ ...first, loads: [] }, ...rack.carriers.slice(1)] };
	const levels = levelsIn(plan, now);
	const before = new Set(failing(checkPlan({ ...plan, holders: plan.holders.filter((h) => h.id !== rack.id) })));
	const taken = new Set<number>();
	const laid: Loaded['laid'][number][] = [];
	const left: Free[] = free.filter((f) => !fits(f));
	for (const { thing, count } of wanted) {
		let rest = count;
		const handy = (l: Level) => l.up >= REACH.low && l.up <= REACH.high;
		const order = often(thing) ? [...levels].sort((a, b) => Number(handy(b)) - Number(handy(a))) : levels;
		for (const level of order) {
			if (rest === 0) break;
			if (taken.has(level.group)) continue;
			const made = loadOf(thing, rest);
			if (!made.ok) break;
			const n = mostOn(plan, now, level.group, made.value, before);
			if (n === 0) continue;
			now = withLoad(now, level.group, { ...made.value, count: n });
			taken.add(level.group);
			laid.push({ level: words[level.group] ?? '', name: made.value.name, count: n });
			rest -= n;
		}
		if (rest > 0) left.push({ thing, count: rest });
	}
	return { rack: now, laid, left };
}
