import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';
import { beamReactions, type LineLoad } from './continuous-beam';

/** A rod or arm on an upright: its height and what it turns the upright by. */
export interface Turn {
	at: Millimetres;
	couple: NewtonMillimetres;
}

/** A couple is drawn as two opposite forces this far apart. */
const PAIR = 10;

/**
 * Pull on each lag of a flexible upright, by the local couple: each rod's couple goes to the lag above it, over the distance to the lag below or to the
 * foot; a rod above the top lag pulls on that, over the distance to the next.
 * Statics of a timber too limber to share a couple further.
 * @param lags heights, ascending
 * @param foot height of the lower end
 * @returns pull of each lag, none eased by rods elsewhere; where lags stand close beside a long stretch the beam of `beamPulls` pulls more
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

/**
 * The fuller model: the upright as a continuous beam held at its lags, pressed on the wall where it is not pulled.
 * @param lags heights, ascending, at least two
 * @returns pull of each lag; negative presses on the wall
 * @throws RangeError with fewer than two lags
 * @example beamPulls([0, 1000], [{ at: 500, couple: 1000 }]) // [-1, 1]
 */
export function beamPulls(lags: readonly Millimetres[], turns: readonly Turn[]): Newtons[] {
	// The room pulls the upright out above the rod and pushes it in below; outward counts as the beam's load.
	const loads = turns.flatMap((t): LineLoad[] => {
		const force = t.couple / PAIR;
		return [{ from: t.at + PAIR / 2, to: t.at + PAIR / 2, total: force }, { from: t.at - PAIR / 2, to: t.at - PAIR / 2, total: -force }];
	});
	return beamReactions(lags, loads).reactions;
}
