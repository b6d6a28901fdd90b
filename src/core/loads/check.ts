import { phrase, type Phrase } from '../units/phrase';
import type { Quantity } from '../units/format-quantity';

export type Verdict = 'holds' | 'close' | 'does-not-hold' | 'cannot-be-judged';
/** A published method decides; a trade rule stands beside it; a grab is told beside the verdict. */
export type Basis = 'published' | 'trade-rule' | 'grab';

/** At or above this margin it holds; from 1 up to it, it is close. */
export const HOLDS_AT = 1.25;

/** One line of a worked sum: what it is, the sum with its numbers, what it comes to. */
export interface SumLine {
	label: string;
	sum: Phrase;
	result: Quantity;
	/** Publication and equation, where the line has one. */
	source?: string;
	/** A step on the way to the next figure, folded away until somebody asks. */
	detail?: true;
}

export type Subject =
	| { kind: 'holder'; id: string }
	| { kind: 'row'; id: string }
	| { kind: 'fixing'; row: string; stud: string; x: number }
	| { kind: 'stud'; id: string };

/** One judgement: demand against capacity, with the sum written out as data. */
export interface Step {
	/** Names the step: 'seat', 'part-loaded seat', 'screws', ... */
	title: string;
	/** Capacity over demand; null when nothing loads it or it cannot be judged. */
	margin: number | null;
	/** What it has to take and what it can, in the same measure; null where the margin is not of that kind. */
	load: { demand: Quantity; capacity: Quantity } | null;
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

/** A step of a plan's load path. */
export interface Check extends Step {
	id: string;
	subject: Subject;
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

/** What a step is made of; its margin, verdict and last line follow. */
export interface StepParts {
	title: string;
	reason: Phrase;
	source: string;
	demand: Quantity;
	capacity: Quantity;
	/** The sum on the way to both; the margin's own line is put under it. */
	lines: () => SumLine[];
	/** What else should be known; as a function when it takes work to say. */
	notes?: readonly Phrase[] | (() => readonly Phrase[]);
	basis?: Basis;
	/** Said in place of the margin's own verdict. */
	verdict?: Verdict;
}

/** A step with its sum kept as work to be done. One class and one shape: a wall has thousands, made anew in every drag. */
class WorkedStep implements Step {
	readonly title: string;
	readonly margin: number | null;
	readonly load: Step['load'];
	readonly verdict: Verdict;
	readonly basis: Basis;
	readonly source: string;
	readonly reason: Phrase;
	readonly #lines: StepParts['lines'];
	readonly #notes: StepParts['notes'];

	constructor(parts: StepParts) {
		this.title = parts.title;
		this.margin = marginOf(parts.capacity.value, parts.demand.value);
		this.load = { demand: parts.demand, capacity: parts.capacity };
		this.verdict = parts.verdict ?? verdictOf(this.margin);
		this.basis = parts.basis ?? 'published';
		this.source = parts.source;
		this.reason = parts.reason;
		this.#lines = parts.lines;
		this.#notes = parts.notes;
	}

	get lines(): readonly SumLine[] {
		const { demand, capacity } = this.load as NonNullable<Step['load']>;
		return [...this.#lines(), marginLine(capacity, demand, this.margin)];
	}

	get notes(): readonly Phrase[] {
		return typeof this.#notes === 'function' ? this.#notes() : (this.#notes ?? []);
	}

	/** For files and answers: with the sum written out. */
	toJSON(): Step {
		return { ...this, lines: this.lines, notes: this.notes };
	}
}

class WorkedCheck extends WorkedStep implements Check {
	constructor(
		readonly id: string,
		readonly subject: Subject,
		parts: StepParts
	) {
		super(parts);
	}
}

/**
 * A step from what it has to take and what it can.
 * @example stepOf({ title: 'hook', reason: phrase('the hook bends'), source: 'statics', demand: stress(100), capacity: stress(150), lines: () => [] }).margin // 1.5
 */
export function stepOf(parts: StepParts): Step {
	return new WorkedStep(parts);
}

/** A step of a plan's load path. Its sum is still written out only when asked for. */
export function checkOf(id: string, subject: Subject, parts: StepParts): Check {
	return new WorkedCheck(id, subject, parts);
}

/** A step that something missing keeps from being judged. @example missingStep('plug', phrase('the plug maker\'s load is not known'), 'the maker') */
export function missingStep(title: string, reason: Phrase, source: string, notes: readonly Phrase[] = []): Step {
	return { title, margin: null, load: null, verdict: 'cannot-be-judged', basis: 'published', source, reason, lines: [], notes };
}

/** Sorts worst first: does not hold, cannot be judged, close, holds; then by margin. */
export function worstFirst(a: Pick<Check, 'verdict' | 'margin'>, b: Pick<Check, 'verdict' | 'margin'>): number {
	return ORDER[a.verdict] - ORDER[b.verdict] || (a.margin ?? Infinity) - (b.margin ?? Infinity) || 0;
}

/** The check that decides among those on published methods; undefined when there is none. */
export function governingCheck<T extends Step>(checks: readonly T[]): T | undefined {
	return checks.reduce<T | undefined>(
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
