import { nth } from '../../nth';
import { beamReactions, type LineLoad } from '../statics/continuous-beam';
import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/** A deck between a ledger on the wall and hangers under the ceiling. Distances out from the wall. */
export interface Deck {
	/** Of deck and all on it. */
	weight: Newtons;
	/** Of its middle. */
	centre: Millimetres;
	/** Of the hang line. */
	hangLine: Millimetres;
	hangers: number;
}

/** Who carries what. */
export interface DeckShares {
	ledger: Newtons;
	/** All hangers together. */
	line: Newtons;
	/** The most loaded hanger, with all there. */
	hanger: Newtons;
	/** The most loaded hanger when the one that matters most to it has gone; without end when the deck falls. */
	lost: Newtons;
}

/** Places from 0 to 1, evenly from end to end. */
const evenly = (n: number): number[] => Array.from({ length: n }, (_, i) => (n === 1 ? 0.5 : i / (n - 1)));
const SPREAD: LineLoad = { from: 0, to: 1, total: 1 };

/** Reactions of a beam on one or more supports; one alone takes all of what is about its middle, and nothing else. */
function reactionsOn(supports: readonly number[], loads: readonly LineLoad[]): number[] {
	if (supports.length > 1) return beamReactions(supports, loads).reactions;
	const total = loads.reduce((sum, l) => sum + l.total, 0);
	const turn = loads.reduce((sum, l) => sum + (l.total * (l.from + l.to)) / 2, 0);
	const [only] = supports;
	return [only !== undefined && Math.abs(turn / total - only) < 1e-9 ? total : Infinity];
}

/**
 * Greatest share of an even load that one of several supports takes, evenly apart from end to end under one piece: the
 * middle of three takes 0.625, not a third.
 * @example greatestShare(3) // 0.625
 */
export function greatestShare(supports: number): number {
	return Math.max(...reactionsOn(evenly(supports), [SPREAD]));
}

/**
 * Greatest share when any one of them has gone: of three, with an end one gone, the middle takes all of it. Infinity
 * when what is left falls.
 * @example shareWithOneLost(3) // 1
 */
export function shareWithOneLost(supports: number): number {
	const places = evenly(supports);
	return Math.max(
		...places.map((_, gone) => {
			const left = places.filter((__, i) => i !== gone);
			if (left.length === 0 || (left.length === 1 && left[0] !== 0.5)) return Infinity;
			const reactions = reactionsOn(left, [SPREAD]);
			// One that would be lifted does not hold the deck down: it tips.
			return Math.min(...reactions) < -1e-9 ? Infinity : Math.max(...reactions);
		})
	);
}

/**
 * Greatest share of a spreader's hangers that one joist takes: the spreader is one piece over its joists, hung from at
 * every hanger.
 * @example joistShare(2, 4) // 0.5
 */
export function joistShare(joists: number, hangers: number): number {
	const each = reactionsOn(evenly(hangers), [SPREAD]);
	const loads = evenly(hangers).map((x, i) => ({
		from: x,
		to: x,
		total: Number.isFinite(each[i]) ? nth(each, i) : 1
	}));
	return Math.max(...reactionsOn(evenly(joists), loads));
}

/**
 * Ledger and hang line share by the lever rule; along the line the deck is one piece over its hangers.
 * @example deckShares({ weight: 1000, centre: 400, hangLine: 800, hangers: 3 }).hanger // 312.5
 */
export function deckShares({ weight, centre, hangLine, hangers }: Deck): DeckShares {
	const line = (weight * centre) / hangLine;
	return { ledger: weight - line, line, hanger: line * greatestShare(hangers), lost: line * shareWithOneLost(hangers) };
}

/**
 * Moment that a hang line under a joist adds, for a joist on two ends: P a (L - a) / L.
 * @param at of the hang line from the joist's end
 * @example joistMoment(100, 1, 4) // 75
 */
export function joistMoment(force: Newtons, at: Millimetres, span: Millimetres): NewtonMillimetres {
	return (force * at * (span - at)) / span;
}

/** Design load of a ceiling, N/mm2: without storage 10 psf, limited storage 20 psf. IRC Table R301.5, from memory. */
export const CEILING_LIVE = { none: 10 * 47.88e-6, limited: 20 * 47.88e-6 } as const;

/**
 * Moment that an evenly spread design load would give the same joist: w s L^2 / 8.
 * @param live N/mm2
 * @param spacing of the joists
 * @example joistAllowance(4.788e-4, 400, 3000) // 215460
 */
export function joistAllowance(live: number, spacing: Millimetres, span: Millimetres): NewtonMillimetres {
	return (live * spacing * span ** 2) / 8;
}
