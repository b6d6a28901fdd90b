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
	/** One hanger, with all there. */
	hanger: Newtons;
	/** A hanger whose neighbour has gone. */
	lost: Newtons;
}

/**
 * Ledger and hang line share by the lever rule; a line of hangers carries evenly. When one goes, the one beside it takes its half and, at the
 * end of the line, all of it.
 * @example deckShares({ weight: 1000, centre: 400, hangLine: 800, hangers: 4 }).hanger // 125
 */
export function deckShares({ weight, centre, hangLine, hangers }: Deck): DeckShares {
	const line = (weight * centre) / hangLine;
	const hanger = line / hangers;
	return { ledger: weight - line, line, hanger, lost: hangers > 1 ? 2 * hanger : Infinity };
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
