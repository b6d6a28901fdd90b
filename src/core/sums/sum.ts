import { governingCheck, worstFirst, type Step, type SumLine, type Verdict } from '../verdict/check';
import { failsAt, finish } from '../verdict/fails-at';
import { byRemedy, type Effort } from '../verdict/effort';
import type { Drawing } from '../drawing/shapes';
import { problemsOf } from '../form/problems';
import { fail, ok, type Problem, type Result } from '../result';
import type { Phrase } from '../units/phrase';
import type { Quantity } from '../units/format-quantity';
import type { Kilograms, Millimetres } from '../units/quantity';
import { inputSchema, type InputFields, type Inputs, type InputsOf } from './inputs';

/** What one question comes to. */
export interface Answer {
	/** Judgements, for what can fail. */
	steps: readonly Step[];
	/** A sum that only comes to a figure. */
	lines: readonly SumLine[];
	/** Places to mark, from one end. */
	marks: readonly { label: string; positions: readonly number[] }[];
	/** What to mind. */
	notes: readonly Phrase[];
	drawing: Drawing;
}

/** A change of inputs that might make it hold. */
export interface Change<I = Inputs> {
	text: Phrase;
	inputs: Partial<I>;
	effort: Effort;
}

/** One question at a time, without a plan. */
export interface Sum<I extends Inputs = Inputs> {
	name: string;
	title: string;
	/** As one would ask it. */
	question: string;
	fields: InputFields;
	/** What the schema cannot say: one field against another. */
	cross?: (inputs: I) => Problem[];
	answer: (inputs: I) => Answer;
	/** The input that is the load: how much more of it there could be is then worked out. */
	load?: string;
	/** For a proof load: what it is to carry, and how high it hangs; null when there is none to plan. */
	proof?: (inputs: I) => { working: Kilograms; foot: Millimetres } | null;
	/** What might make it hold. */
	changes?: (inputs: I) => Change<I>[];
}

/** Ties a sum's inputs to its fields. */
export function defineSum<F extends InputFields>(sum: Omit<Sum<InputsOf<F>>, 'fields'> & { fields: F }): Sum {
	return sum as unknown as Sum;
}

/**
 * Reads a sum's inputs from outside: every field there, of its kind, within its bounds, and fitting the others.
 * @returns the inputs, or every problem with the name of its field
 * @example readInputs(shelf, { span: -1 }).ok // false
 */
export function readInputs(sum: Sum, value: unknown): Result<Inputs, Problem[]> {
	const problems = problemsOf(inputSchema(sum.fields), value);
	if (problems.length > 0) return fail(problems);
	const inputs = value as Inputs;
	const crossed = sum.cross?.(inputs) ?? [];
	return crossed.length > 0 ? fail(crossed) : ok(inputs);
}

/** The verdict of an answer; null when it is only a figure. */
export function answerVerdict(answer: Answer): { verdict: Verdict; step: Step } | null {
	const step = governingCheck(answer.steps);
	return step ? { verdict: step.verdict, step } : null;
}

/** Where it stops holding, and what gives way first. */
export interface Headroom {
	/** The load at a margin of 1. */
	most: Quantity;
	first: Step;
}

/** Less than this is no load to multiply. */
const NO_LOAD = 1e-6;

const DIM = { length: 'length', mass: 'mass', angle: 'angle', number: 'ratio', whole: 'count' } as const;

/**
 * How much of its load a sum's subject could take.
 * @example headroom(shelf, inputs)?.most // { value: 31.4, dim: 'mass' }
 */
export function headroom(sum: Sum, inputs: Inputs): Headroom | null {
	const field = sum.load === undefined ? undefined : sum.fields[sum.load];
	const load = sum.load === undefined ? undefined : inputs[sum.load];
	if (!field || !(field.kind in DIM) || typeof load !== 'number' || load < NO_LOAD) return null;
	const found = finish(failsAt((f) => sum.answer({ ...inputs, [sum.load as string]: load * f }).steps));
	return found
		? { most: { value: load * found.factor, dim: DIM[field.kind as keyof typeof DIM] }, first: found.first }
		: null;
}

/** A change with what it comes to. */
export interface Remedy {
	text: Phrase;
	effort: Effort;
	inputs: Inputs;
	after: Step;
}

/**
 * What would make it hold: each change tried by itself; those that hold first, least work first, then by margin.
 * @returns at most four; none when it holds already
 */
export function remedies(sum: Sum, inputs: Inputs): Remedy[] {
	const was = answerVerdict(sum.answer(inputs));
	if (!was || was.verdict === 'holds' || !sum.changes) return [];
	return sum
		.changes(inputs)
		.flatMap(({ text, inputs: change, effort }): Remedy[] => {
			const read = readInputs(sum, { ...inputs, ...change });
			const after = read.ok ? answerVerdict(sum.answer(read.value)) : null;
			if (!read.ok || !after || worstFirst(was.step, after.step) >= 0) return [];
			return [{ text, effort, inputs: read.value, after: after.step }];
		})
		.sort(byRemedy)
		.slice(0, 4);
}

/** An answer with the parts a sum leaves out. */
export function answerOf(parts: Partial<Answer> & Pick<Answer, 'drawing'>): Answer {
	return { steps: [], lines: [], marks: [], notes: [], ...parts };
}
