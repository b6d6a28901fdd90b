import { standingMargin, type Step } from './check';

/** The most that is searched for, as a multiple of the load there is. */
const FURTHEST = 1000;
/** How near the factor is found, in proportion. */
const NEAR = 1e-4;
/** A load of next to nothing: what fails under that fails under any. */
const NEXT_TO_NOTHING = 1e-6;

/** Where it stops holding: the factor on its load, and what gives way first. */
export interface Failing<T extends Step> {
	factor: number;
	first: T;
}

/**
 * How much of a step is used before its word changes to "does not hold": of its second line, where that is what stands.
 */
function usedOf(s: Step): number {
	if (s.verdict === 'cannot-be-judged') return Infinity;
	const margin = standingMargin(s);
	if (margin === null) return 0;
	return margin > 0 ? 1 / margin : Infinity;
}

/** How much of the published steps is used, the worst of them; Infinity when one cannot be judged. */
function used<T extends Step>(steps: readonly T[]): { used: number; step: T | undefined } {
	let worst = { used: 0, step: undefined as T | undefined };
	for (const s of steps) {
		if (s.basis !== 'published') continue;
		const u = usedOf(s);
		if (u > worst.used) worst = { used: u, step: s };
	}
	return worst;
}

/**
 * The factor on a load at which the first step stops holding, closing in from both sides; a pause after every try, so
 * that it can be done in idle moments.
 * @param at the steps with the load times a factor; what is used of them grows with it
 * @returns null when something cannot be judged, when it fails under next to nothing, or when nothing limits it
 * @example finish(failsAt((f) => [{ ...step, margin: 2 / f }])) // { factor: 2, first: step }
 */
export function* failsAt<T extends Step>(at: (factor: number) => readonly T[]): Generator<void, Failing<T> | null> {
	let found = used(at(1));
	let [lo, hi] = [NEXT_TO_NOTHING, 1];
	let uLo = used(at(lo)).used;
	yield;
	if (uLo >= 1 || at(1).some((s) => s.verdict === 'cannot-be-judged' && s.basis === 'published')) return null;
	while (found.used < 1 && hi < FURTHEST) {
		[lo, uLo] = [hi, found.used];
		hi *= 2;
		found = used(at(hi));
		yield;
	}
	if (found.used < 1 || !found.step) return null;
	let uHi = found.used;
	// Margins of one load are of the form a / (b + c f): what is used goes along a line, or along the worst of several.
	// Where a step lets go all at once, as friction does, halving gets there: whenever the last try did not halve what
	// was left.
	let halved = true;
	for (let i = 0; i < 80 && hi - lo > NEAR * hi; i++) {
		const width = hi - lo;
		const aim =
			halved && Number.isFinite(uHi) && uHi > uLo ? lo + ((1 - uLo) / (uHi - uLo)) * (hi - lo) : (lo + hi) / 2;
		const mid = Math.min(hi - 0.1 * NEAR * hi, Math.max(lo + 0.1 * NEAR * hi, aim));
		const next = used(at(mid));
		yield;
		if (next.used >= 1) [hi, uHi, found] = [mid, next.used, next];
		else [lo, uLo] = [mid, next.used];
		halved = hi - lo < 0.6 * width;
	}
	return { factor: hi, first: found.step as T };
}

/** Runs something that pauses to its end, without pausing. @example finish(failsAt(at)) */
export function finish<T>(work: Generator<unknown, T>): T {
	for (;;) {
		const next = work.next();
		if (next.done) return next.value;
	}
}
