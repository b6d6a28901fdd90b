import type { SawCut } from './saw-cuts';

/** Cuts of one setting, made one after another before the saw is set anew. */
export interface SetUp {
	key: string;
	cuts: SawCut[];
}

/** Cuts in the order in which the fence is moved least, with what no order is below. */
export interface Order {
	setUps: SetUp[];
	/** The saw is set at least so often. */
	bound: number;
}

/** A turn before another's is worth more than any rank. */
const TURN = 1e8;

/** Other orders that are tried. */
const TRIES = 150;

/** What is too heavy comes first, slanted cuts last; then rips, the widest first; then crosscuts, the longest first. */
function rank({ setting, heavy }: SawCut): number {
	return (heavy ? 4e6 : 0) + (setting.bevel === 0 ? 2e6 : 0) + (setting.across ? 0 : 1e6) + setting.at;
}

/** What may be cut now, by setting. */
function openSettings(left: ReadonlySet<SawCut>): Map<string, SawCut[]> {
	const open = new Map<string, SawCut[]>();
	for (const cut of left) {
		if (cut.after && left.has(cut.after)) continue;
		const same = open.get(cut.key);
		if (same) same.push(cut);
		else open.set(cut.key, [cut]);
	}
	return open;
}

/** Makes all cuts of one setting that can be made, and those that these make possible. */
function makeAll(key: string, left: Set<SawCut>): SawCut[] {
	const made: SawCut[] = [];
	for (;;) {
		const now = openSettings(left).get(key);
		if (!now) return made;
		for (const cut of now) left.delete(cut);
		made.push(...now);
	}
}

/**
 * Whose turn it is: what is too heavy, settings of which nothing is left to be freed, then rips, then slants, then what
 * must be set again; metal when all wood is sawn.
 */
function turnOf({ setting, heavy, metal }: SawCut, whole: boolean): number {
	if (metal) return -1;
	if (heavy) return 9;
	if (setting.bevel !== 0) return 1;
	if (whole) return 3;
	return setting.across ? 0 : 2;
}

/**
 * One order: a setting of which nothing is left to be freed comes before one that must be set again later; else the one
 * that stands first by rank.
 * @param shaken by how many turns chance may bring a setting forward
 */
function oneOrder(cuts: readonly SawCut[], random: () => number, shaken: number): SetUp[] {
	const left = new Set(cuts);
	const setUps: SetUp[] = [];
	while (left.size > 0) {
		const waiting = new Map<string, number>();
		for (const cut of left) waiting.set(cut.key, (waiting.get(cut.key) ?? 0) + 1);
		let best: { key: string; worth: number } | null = null;
		for (const [key, some] of openSettings(left)) {
			const first = some[0] as SawCut;
			const turn = turnOf(first, some.length === waiting.get(key));
			const worth = (turn + shaken * random()) * TURN + rank(first);
			if (!best || worth > best.worth) best = { key, worth };
		}
		const { key } = best as { key: string };
		setUps.push({ key, cuts: makeAll(key, left) });
	}
	return setUps;
}

/**
 * The order of cuts that sets the saw least often: all of one setting together, as far as what they saw is free.
 * Slanted rips come as late as they can, wide rips before narrow ones, long pieces before short ones.
 * @param random between 0 and 1; the same ones give the same order
 * @example orderOf(sawCutsOf(group, 3.2), seeded(1)).setUps.length
 */
export function orderOf(cuts: readonly SawCut[], random: () => number): Order {
	const bound = new Set(cuts.map((c) => c.key)).size;
	let best = oneOrder(cuts, random, 0);
	for (let i = 0; i < TRIES && best.length > bound; i++) {
		const other = oneOrder(cuts, random, 4 * random());
		if (other.length < best.length) best = other;
	}
	return { setUps: best, bound };
}
