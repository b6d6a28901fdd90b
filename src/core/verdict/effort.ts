import { worstFirst, type Step } from './check';

/** Work that a change takes: least first. */
export const EFFORTS = ['nothing to buy', 'screws', 'a piece of wood', 'another part'] as const;
export type Effort = (typeof EFFORTS)[number];

interface Outcome {
	effort: Effort;
	after: Pick<Step, 'verdict' | 'margin'>;
}

/**
 * Orders remedies: what holds before what does not; among those that hold the least work first; then the larger margin.
 */
export function byRemedy(a: Outcome, b: Outcome): number {
	const holds = (x: Outcome) => (x.after.verdict === 'holds' ? 0 : 1);
	const work = holds(a) === 0 && holds(b) === 0 ? EFFORTS.indexOf(a.effort) - EFFORTS.indexOf(b.effort) : 0;
	return holds(a) - holds(b) || work || worstFirst(b.after, a.after);
}
