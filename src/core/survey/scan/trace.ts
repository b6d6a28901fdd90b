import type { Millimetres } from '../../units/quantity';

/**
 * One sweep of a scanner along the wall at one height. All channels have the same number of samples, the first at
 * `from`, each `step` on.
 */
export interface Trace {
	y: Millimetres;
	from: Millimetres;
	step: Millimetres;
	/** What lies behind the cladding; a stud behind ordinary cladding lifts it by about 1. */
	density: readonly number[];
	/** 0 without metal, about 1 over a pipe. */
	metal: readonly number[];
	/** 0 without mains, about 1 over a live cable. */
	mains: readonly number[];
}

/** Fewest samples that make a trace, and the most that are taken. */
export const TRACE_LIMITS = { least: 40, most: 40_000, traces: 60 } as const;

/** Place of a sample. @example placeOf({ from: 100, step: 2.5 }, 4) // 110 */
export const placeOf = ({ from, step }: Pick<Trace, 'from' | 'step'>, i: number): Millimetres => from + i * step;
