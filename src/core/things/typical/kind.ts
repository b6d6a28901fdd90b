import type { Kilograms, Millimetres } from '../../units/quantity';
import type { Dims } from '../grips/grip';
import type { GripKind } from '../grips/registry';

/** What one of a kind usually comes to. */
export interface TypicalSize {
	width: Millimetres;
	height: Millimetres;
	depth: Millimetres;
	mass: Kilograms;
	dims: Dims;
}

/** A generic kind of thing. Its sizes are our own estimates, to be replaced by measuring. */
export interface TypicalKind {
	name: string;
	group: string;
	/** Other names people give it. */
	words?: readonly string[];
	grip: GripKind;
	/** Sold by a length: usual ones, mm. The first is taken where none is said. */
	lengths?: readonly Millimetres[];
	size: (length: Millimetres) => TypicalSize;
}

/** A kind with one usual size: width, height, depth in mm, mass in kg. */
export function fixed(
	name: string,
	group: string,
	grip: GripKind,
	[width, height, depth, mass]: readonly [number, number, number, number],
	dims: Dims,
	words: readonly string[] = []
): TypicalKind {
	return { name, group, words, grip, size: () => ({ width, height, depth, mass, dims }) };
}

/** A kind sold by length, whose size and weight follow from it. */
export function byLength(
	name: string,
	group: string,
	grip: GripKind,
	lengths: readonly number[],
	size: TypicalKind['size'],
	words: readonly string[] = []
): TypicalKind {
	return { name, group, words, grip, lengths, size };
}
