import { lastOf, nth } from '../../nth';
import type { Millimetres } from '../../units/quantity';
import { beamReactions } from './continuous-beam';

/** Places along the arms that a board is tried at. */
const STEPS = 96;

/** What each arm takes of a board lying at one place, with these arms under it alone; null where it tips off them. */
function reactionsAt(arms: readonly Millimetres[], from: Millimetres, length: Millimetres): number[] | null {
	const under = arms.filter((x) => x >= from - 1e-9 && x <= from + length + 1e-9);
	const middle = from + length / 2;
	const [first, last] = [under[0], under.at(-1)];
	if (first === undefined || last === undefined || middle < first - 1e-9 || middle > last + 1e-9) return null;
	if (under.length === 1) return under.map(() => 1);
	return beamReactions(under, [{ from, to: from + length, total: 1 }]).reactions;
}

/** A board that reaches past all arms lies about their middle: so far off it, of its length, nobody sees. */
const OFF = 0.1;
/** A shorter one lies anywhere, with no more than so much of it past an arm. */
const PAST = 0.2;

/** Does a board lie there as somebody would lay it? */
function liesWell(arms: readonly Millimetres[], under: readonly Millimetres[], from: Millimetres, length: Millimetres) {
	const [first, last] = [nth(arms, 0), lastOf(arms)];
	if (length >= last - first)
		return under.length === arms.length && Math.abs(from + length / 2 - (first + last) / 2) <= OFF * length + 1e-9;
	return nth(under, 0) - from <= PAST * length + 1e-9 && from + length - lastOf(under) <= PAST * length + 1e-9;
}

/**
 * The most that each arm of a set may have to take of what lies across them, as a share of all of it: as a beam in one
 * piece over the arms, and with any one of them a little low, which then takes nothing. Longer boards lie about the
 * middle of the set, shorter ones anywhere along it where they are not laid to tip.
 * Statics; an arm an eighth of an inch low takes nothing, common practice.
 * @param arms their places, ascending
 * @param length of a board
 * @returns one for each arm, up to 1; 0 where no such board rests there
 * @example boardShares([16, 48, 80], 96) // [0.65, 1, 0.65]: with an end arm low, the middle one has all of it
 */
export function boardShares(arms: readonly Millimetres[], length: Millimetres): number[] {
	const most = arms.map(() => 0);
	const [first, last] = [arms[0], arms.at(-1)];
	if (first === undefined || last === undefined) return most;
	const [low, high] = [Math.min(first, (first + last) / 2) - length, last];
	const step = (high - low) / STEPS;
	const even = Array.from({ length: STEPS + 1 }, (_, i) => low + i * step);
	const middle = (first + last) / 2 - length / 2;
	const exact = [...arms.map((x) => x - length / 2), ...[-OFF, 0, OFF].map((o) => middle + o * length)];
	for (const from of [...even, ...exact]) {
		const under = arms.filter((x) => x >= from - 1e-9 && x <= from + length + 1e-9);
		if (under.length < 2 || !liesWell(arms, under, from, length)) continue;
		const low = under.length > 2 ? under : [];
		for (const among of [under, ...low.map((out) => under.filter((x) => x !== out))]) {
			reactionsAt(among, from, length)?.forEach((r, k) => {
				const i = arms.indexOf(nth(among, k));
				most[i] = Math.max(nth(most, i), r);
			});
		}
	}
	return most.map((s) => Math.min(1, s));
}
