import { phrase, type Phrase } from '../units/phrase';
import type { Quantity } from '../units/format-quantity';

export type Verdict = 'holds' | 'close' | 'does-not-hold' | 'cannot-be-judged';
export type Basis = 'published' | 'trade-rule';

/** At or above this margin it holds; from 1 up to it, it is close. */
export const HOLDS_AT = 1.25;

/** One line of a worked sum: what it is, the sum with its numbers, what it comes to. */
export interface SumLine {
	label: string;
	sum: Phrase;
	result: Quantity;
	/** Publication and equation, where the line has one. */
	source?: string;
}

export type Subject =
	| { kind: 'holder'; id: string }
	| { kind: 'row'; id: string }
	| { kind: 'fixing'; row: string; stud: string; x: number }
	| { kind: 'stud'; id: string };

/** One step of a load path: demand against capacity, with the sum written out as data. */
export interface Check {
	id: string;
	subject: Subject;
	/** Names the step: 'seat', 'part-loaded seat', 'screws', ... */
	title: string;
	/** Capacity over demand; null when nothing loads it or it cannot be judged. */
	margin: number | null;
	verdict: Verdict;
	basis: Basis;
	source: string;
	/** Why, in a few words. */
	reason: Phrase;
	/** The sum. Written out when it is asked for: a wall has thousands, and a drag reads none of them. */
	readonly lines: readonly SumLine[];
	/** What else should be known, such as why the trade rule differs. */
	readonly notes: readonly Phrase[];
}

/** Something to put right that is not a margin. `stop` means the thing cannot be built or used so. */
export interface Warning {
	level: 'stop' | 'mind';
	subject: Subject;
	message: Phrase;
}

/** Capacity over demand; null when nothing is asked, or too little to divide by. @example marginOf(100, 80) // 1.25 */
export function marginOf(capacity: number, demand: number): number | null {
	const margin = capacity / demand;
	return demand > 0 && Number.isFinite(margin) ? margin : null;
}

/** The last line of a sum: what it can take over what it has to. */
export function marginLine(capacity: Quantity, demand: Quantity, margin: number | null): SumLine {
	return { label: 'margin', sum: phrase('{capacity} / {demand}', { capacity, demand }), result: { value: margin ?? Infinity, dim: 'ratio' } };
}

/** Verdict of a margin alone. @example verdictOf(1.1) // 'close' */
export function verdictOf(margin: number | null): Verdict {
	if (margin === null || margin >= HOLDS_AT) return 'holds';
	return margin >= 1 ? 'close' : 'does-not-hold';
}

const ORDER: Record<Verdict, number> = { 'does-not-hold': 0, 'cannot-be-judged': 1, close: 2, holds: 3 };

/** Sorts worst first: does not hold, cannot be judged, close, holds; then by margin. */
export function worstFirst(a: Pick<Check, 'verdict' | 'margin'>, b: Pick<Check, 'verdict' | 'margin'>): number {
	return ORDER[a.verdict] - ORDER[b.verdict] || (a.margin ?? Infinity) - (b.margin ?? Infinity) || 0;
}

/** The check that decides among those on published methods; undefined when there is none. */
export function governingCheck(checks: readonly Check[]): Check | undefined {
	return checks.reduce<Check | undefined>(
		(worst, c) => (c.basis === 'published' && (!worst || worstFirst(c, worst) < 0) ? c : worst),
		undefined
	);
}

/** Verdict in words. */
export const VERDICT_WORDS: Record<Verdict, string> = {
	holds: 'Holds',
	close: 'Close',
	'does-not-hold': 'Does not hold',
	'cannot-be-judged': 'Cannot be judged'
};
