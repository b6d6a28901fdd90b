import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';
import { beamDeflection } from './beam-deflection';
import { beamReactions, type LineLoad } from './continuous-beam';

/** A rod or arm on an upright: its height and what it turns the upright by. */
export interface Turn {
	at: Millimetres;
	couple: NewtonMillimetres;
}

/** A couple is drawn as two opposite forces this far apart. */
const PAIR = 10;

/**
 * Pull on each lag of a flexible upright, by the local couple: each rod's couple goes to the lag above it, over the
 * distance to the lag below or to the foot; a rod above the top lag pulls on that, over the distance to the next.
 * Statics of a timber too limber to share a couple further.
 * @param lags heights, ascending
 * @param foot height of the lower end
 * @returns pull of each lag, none eased by rods elsewhere; where lags stand close beside a long stretch the beam of
 * `beamPulls` pulls more
 * @example localPulls([100, 1100], [{ at: 600, couple: 50000 }], 0) // [0, 50]
 */
export function localPulls(lags: readonly Millimetres[], turns: readonly Turn[], foot: Millimetres): Newtons[] {
	const pulls = lags.map(() => 0);
	const last = lags.length - 1;
	for (const t of turns) {
		const above = lags.findIndex((y) => y >= t.at);
		const upper = above < 0 ? last : above;
		const below = upper === 0 ? foot : (lags[upper - 1] as number);
		const arm = (lags[upper] as number) - below;
		pulls[upper] = (pulls[upper] as number) + (arm > 0 ? t.couple / arm : Infinity);
	}
	return pulls;
}

/** The room pulls the upright out above the rod and pushes it in below; outward counts as the beam's load. */
function pairOf(t: Turn): LineLoad[] {
	const force = t.couple / PAIR;
	const at = (y: Millimetres, total: Newtons) => ({ from: y, to: y, total });
	return [at(t.at + PAIR / 2, force), at(t.at - PAIR / 2, -force)];
}

/** Reactions of places that hold, pull or press; by their height. */
function held(places: readonly Millimetres[], loads: readonly LineLoad[]): Map<Millimetres, Newtons> {
	const { reactions } = beamReactions(places, loads);
	return new Map(places.map((y, i) => [y, reactions[i] as Newtons]));
}

const ascending = (a: number, b: number) => a - b;
/** Press and deflection nearer to nothing than this are nothing, as a share of the greatest. */
const NOTHING = 1e-9;

/**
 * The fuller model: the upright as a beam held at its lags, which pull, and lying on the wall, which only presses: at
 * its ends and wherever a rod pushes it in. A wall that keeps the timber from bowing in beside a rod shortens the lever
 * of the next lag and pulls it harder. Statics with contact on one side, found by letting go what would pull and laying
 * on what would sink in.
 * @param lags heights, ascending, at least two
 * @param touches heights where it may press on the wall; the lags' own are always among them
 * @returns pull of each lag; negative presses on the wall
 * @throws RangeError with fewer than two lags
 * @example beamPulls([3, 36, 66, 93], [{ at: 90, couple: 534.4 }], [0, 6, 20, 34, 48.5, 62, 76, 90, 96]).at(-1) // 41
 */
export function beamPulls(
	lags: readonly Millimetres[],
	turns: readonly Turn[],
	touches: readonly Millimetres[] = []
): Newtons[] {
	if (lags.length < 2) throw new RangeError('An upright needs two lags');
	const loads = turns.flatMap(pairOf);
	// Right at a loaded rod the timber turns: it is no place to lean on.
	const free = touches.filter((y) => [...lags, ...turns.map((t) => t.at)].every((l) => Math.abs(l - y) > PAIR));
	const on = new Set<Millimetres>();
	const seen = new Set<string>();
	for (;;) {
		const places = [...lags, ...on].sort(ascending);
		const reactions = held(places, loads);
		const most = Math.max(...[...reactions.values()].map(Math.abs), 1e-12);
		const letGo = [...on].filter((y) => (reactions.get(y) as number) > NOTHING * most);
		const curve = beamDeflection(places, loads);
		const sunk = free
			.filter((y) => !on.has(y))
			.map((y) => ({ y, by: -curve(y) }))
			.sort((a, b) => b.by - a.by);
		const deepest = Math.max(...sunk.map((s) => Math.abs(s.by)), 0);
		// One change at a time, the deepest first; a set that was there before is as near as it comes.
		if (letGo.length > 0) letGo.forEach((y) => on.delete(y));
		else if (sunk[0] && sunk[0].by > NOTHING * deepest && sunk[0].by > 0) on.add(sunk[0].y);
		else return lags.map((y) => reactions.get(y) as number);
		const key = [...on].sort(ascending).join(' ');
		if (seen.has(key)) return lags.map((y) => reactions.get(y) as number);
		seen.add(key);
	}
}

/**
 * Pull of each lag under rods of which any may be empty: what every loaded rod by itself pulls, added up, and never
 * eased by another.
 * @example worstPulls([3, 36, 66, 93], [{ at: 90, couple: 534.4 }], [0, 96]).length // 4
 */
export function worstPulls(
	lags: readonly Millimetres[],
	turns: readonly Turn[],
	touches: readonly Millimetres[]
): Newtons[] {
	const each = turns.map((t) => beamPulls(lags, [t], touches));
	return lags.map((_, i) => each.reduce((sum, pulls) => sum + Math.max(0, pulls[i] as number), 0));
}
