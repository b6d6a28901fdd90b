import type { StepParts } from '../verdict/check';
import type { Millimetres, NewtonMillimetres, Newtons } from '../units/quantity';

/**
 * A weight on a member, at its place as the member sees it: along it and out from its root. Any of them may be taken
 * off, so that a kind counts only what adds.
 */
export interface MemberLoad {
	weight: Newtons;
	x: Millimetres;
	z: Millimetres;
	/** Wood of the holder itself: it is never off. */
	own?: true;
}

/** A judgement of a member, and what it is called among those of its holder. */
export interface MemberStep extends StepParts {
	/** 'peg', 'lip', 'joint': stays the same when the words change. */
	key: string;
}

/** Where somebody may hang on a member: out from its root, and along it. */
export interface GrabPoint {
	x: Millimetres;
	z: Millimetres;
}

/** Where something stands out from what holds it. */
export interface Root {
	/** Bending that it takes for a moment. */
	holds: NewtonMillimetres;
	/** E I of it as it stands out. */
	stiff: number;
	source: string;
}

/**
 * What bends, shears or pulls: its data, and how it is judged. One place for what stands on a wall and for the quick
 * sums, which make the same data of their inputs.
 */
export interface MemberKind<D> {
	kind: string;
	/** How hard loads are on one of several alike: the hardest is judged. Any measure that only grows. */
	measure(data: D, loads: readonly MemberLoad[]): number;
	/** Nothing where nothing loads it. */
	steps(data: D, loads: readonly MemberLoad[]): MemberStep[];
	/** Somebody hangs on it. */
	grab?(data: D, at: GrabPoint): MemberStep[];
	/** What it takes at its root for a moment, and how stiff it is: for what is laid down hard on it. */
	root?(data: D): Root | null;
	/** Somebody knocks against it sideways. */
	knock?(data: D, at: GrabPoint): MemberStep[];
}

/** What a member is made from, told by its kind. */
export interface MemberData {
	kind: string;
}

/** Ties a kind to its data. @example defineMember<RodData>({ kind: 'rod', measure, steps }) */
export const defineMember = <D extends MemberData>(kind: MemberKind<D> & { kind: D['kind'] }): MemberKind<never> =>
	kind;
