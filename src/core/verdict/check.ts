import { phrase, type Phrase } from '../units/phrase';
import type { Quantity } from '../units/format-quantity';

/**
 * What is said of a step, a holder, a row, a wall. `unloaded` is not `holds`: nothing asks anything of it yet.
 * `cannot-be-built` is said of a thing that a stop forbids, whatever its margins are.
 */
export type Verdict = 'holds' | 'close' | 'does-not-hold' | 'cannot-be-judged' | 'cannot-be-built' | 'unloaded';
/** A published method decides; a trade rule stands beside it; a grab is told beside the verdict. */
export type Basis = 'published' | 'trade-rule' | 'grab';

/** At or above this margin it holds; from 1 up to it, it is close. */
const HOLDS_AT = 1.25;

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
	/** Screws of a row, or of a holder that is screwed to the wall, at one place. */
	| { kind: 'fixing'; of: { kind: 'row' | 'holder'; id: string }; stud: string; x: number }
	| { kind: 'stud'; id: string }
	| { kind: 'block'; id: string }
	| { kind: 'joist'; id: string };

/** What keeps a thing up where its first line does not: told with its own number, and never more than "close". */
export interface SecondLine {
	/** In a word: 'friction', 'glue', 'work' for a sag that shows but carries. */
	by: string;
	margin: number;
	lines: readonly SumLine[];
}

/** One judgement: demand against capacity, with the sum written out as data. */
export interface Step {
	/** Names the step: 'seat', 'part-loaded seat', 'screws', ... */
	title: string;
	/** Capacity over demand; null when nothing loads it, or it cannot be judged: the verdict says which. */
	margin: number | null;
	/** What it has to take and what it can, in the same measure; null where the margin is not of that kind. */
	load: { demand: Quantity; capacity: Quantity } | null;
	verdict: Verdict;
	/** Only where the first line is under 1. */
	second?: SecondLine;
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

/** Capacity over demand: a number, or why there is none. */
export type Margin = number | 'unloaded' | 'not-a-number';

/**
 * Capacity over demand. Nothing asked is `unloaded`; what is not a number (0/0, a capacity that was never worked out)
 * is said to be that, and is never a margin, and neither is a capacity without end. Where so little is asked that no
 * number holds the quotient, nothing is asked.
 * @example marginOf(100, 80) // 1.25
 */
export function marginOf(capacity: number, demand: number): Margin {
	if (Number.isNaN(capacity) || Number.isNaN(demand) || demand < 0) return 'not-a-number';
	if (demand === 0) return 'unloaded';
	if (demand === Infinity) return capacity === Infinity ? 'not-a-number' : 0;
	if (capacity === Infinity) return 'not-a-number';
	const margin = Math.max(0, capacity) / demand;
	return Number.isFinite(margin) ? margin : 'unloaded';
}

/** The last line of a sum: what it can take over what it has to. */
function marginLine(capacity: Quantity, demand: Quantity, margin: number | null): SumLine {
	return {
		label: 'margin',
		sum: phrase('{capacity} / {demand}', { capacity, demand }),
		result: { value: margin ?? Infinity, dim: 'ratio' }
	};
}

/** Verdict of a margin, and of the second line behind it. @example verdictOf(1.1) // 'close' */
export function verdictOf(margin: Margin, second?: number): Verdict {
	if (margin === 'unloaded') return 'unloaded';
	// Written so that whatever is not a number falls through to the last line.
	if (margin === 'not-a-number') return 'cannot-be-judged';
	if (margin >= HOLDS_AT) return 'holds';
	if (margin >= 1) return 'close';
	if (margin < 1) return second !== undefined && second >= 1 ? 'close' : 'does-not-hold';
	return 'cannot-be-judged';
}

const ORDER: Record<Verdict, number> = {
	'cannot-be-built': 0,
	'does-not-hold': 1,
	'cannot-be-judged': 2,
	close: 3,
	holds: 4,
	unloaded: 5
};

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
	/** A second line of defence, with a demand and a capacity of its own. */
	second?: { by: string; demand: Quantity; capacity: Quantity; lines: () => SumLine[] } | undefined;
}

/**
 * A step with its sum kept as work to be done. One class and one shape: a wall has thousands, made anew in every drag.
 */
class WorkedStep implements Step {
	readonly title: string;
	readonly margin: number | null;
	readonly load: Step['load'];
	readonly verdict: Verdict;
	readonly second?: SecondLine;
	readonly basis: Basis;
	readonly source: string;
	readonly reason: Phrase;
	readonly #lines: StepParts['lines'];
	readonly #notes: StepParts['notes'];

	constructor(parts: StepParts) {
		const margin = marginOf(parts.capacity.value, parts.demand.value);
		const second = secondLine(margin, parts.second);
		this.title = parts.title;
		this.margin = typeof margin === 'number' ? margin : null;
		this.load = { demand: parts.demand, capacity: parts.capacity };
		this.verdict = verdictOf(margin, second?.margin);
		if (second) this.second = second;
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

/** The second line, where the first is under 1 and the second is a number. */
function secondLine(first: Margin, parts: StepParts['second']): SecondLine | undefined {
	if (!parts || typeof first !== 'number' || first >= 1) return undefined;
	const margin = marginOf(parts.capacity.value, parts.demand.value);
	if (typeof margin !== 'number') return undefined;
	return {
		by: parts.by,
		margin,
		get lines() {
			return [...parts.lines(), marginLine(parts.capacity, parts.demand, margin)];
		}
	};
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
 * @example stepOf({ title: 'hook', reason: phrase('the hook bends'), source: 'statics', demand: stress(100), capacity:
 * stress(150), lines: () => [] }).margin // 1.5
 */
export function stepOf(parts: StepParts): Step {
	return new WorkedStep(parts);
}

/** A step of a plan's load path. Its sum is still written out only when asked for. */
export function checkOf(id: string, subject: Subject, parts: StepParts): Check {
	return new WorkedCheck(id, subject, parts);
}

/**
 * A step that something missing keeps from being judged.
 * @example missingStep('plug', phrase('the plug maker\'s load is not known'), 'the maker')
 */
export function missingStep(title: string, reason: Phrase, source: string, notes: readonly Phrase[] = []): Step {
	return {
		title,
		margin: null,
		load: null,
		verdict: 'cannot-be-judged',
		basis: 'published',
		source,
		reason,
		lines: [],
		notes
	};
}

/**
 * A step with nothing there that could carry: no screw counts, nothing bears.
 * @example failedStep('place', phrase('hangs past the end of its row'), 'statics').margin // 0
 */
export function failedStep(
	title: string,
	reason: Phrase,
	source: string,
	notes: readonly Phrase[] = [],
	lines: readonly SumLine[] = []
): Step {
	return { title, margin: 0, load: null, verdict: 'does-not-hold', basis: 'published', source, reason, lines, notes };
}

/** The number at which the word changes to "does not hold": the first line's, or the second's where that is larger. */
export function standingMargin(step: Pick<Step, 'margin' | 'second'>): number | null {
	return step.margin === null ? null : Math.max(step.margin, step.second?.margin ?? 0);
}

/**
 * Sorts worst first: cannot be built, does not hold, cannot be judged, close, holds, carries nothing; then by margin.
 */
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
	'cannot-be-judged': 'Cannot be judged',
	'cannot-be-built': 'Cannot be built so',
	unloaded: 'Carries nothing'
};

/**
 * Verdict with its number: "Close: 1.09", "Close by friction: 1.37; 0.74 without", "Carries nothing".
 * @param say writes a margin
 */
export function verdictWords(
	step: Pick<Step, 'verdict' | 'margin' | 'second'>,
	say: (margin: number) => string
): string {
	const word = VERDICT_WORDS[step.verdict];
	if (step.margin === null || step.verdict === 'cannot-be-built') return word;
	if (step.verdict === 'close' && step.second && step.margin < 1)
		return `${word} by ${step.second.by}: ${say(step.second.margin)}; ${say(step.margin)} without`;
	return `${word}: ${say(step.margin)}`;
}
