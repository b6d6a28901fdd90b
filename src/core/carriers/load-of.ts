import type { Load } from './carrier';
import { fail, ok, type Result } from '../result';
import { cutText } from '../form/whole-text';
import type { Thing } from '../things/types';
import type { Millimetres } from '../units/quantity';

/** What a holder must know of a thing, in the words of the field it is missing from. */
const NEEDED: readonly { word: string; of: (thing: Thing) => number | null }[] = [
	{ word: 'weight', of: (t) => t.mass },
	{ word: 'width', of: (t) => t.width },
	{ word: 'height', of: (t) => t.height },
	{ word: 'depth', of: (t) => t.dims.thickness ?? t.depth }
];

/** What is not known of a thing that a holder must know. @example missingFor(thing) // ['width', 'depth'] */
export const missingFor = (thing: Thing): string[] => NEEDED.filter((n) => n.of(thing) === null).map((n) => n.word);

/**
 * What a seat carries once it carries this thing: its name, weight and all its measures.
 * @returns what is not known of it yet
 * @example loadOf(thing, 4)
 */
export function loadOf(thing: Thing, count: number): Result<Load> {
	const missing = missingFor(thing);
	const { mass, width, height, depth: deep, dims } = thing;
	const depth = dims.thickness ?? deep;
	if (mass === null || width === null || height === null || depth === null)
		return fail(
			`Its ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} not known: measure it in the stock-take first`
		);
	return ok({ name: cutText(thing.name.toLowerCase(), 60), thing: thing.id, mass, width, height, depth, count });
}

/** What a thing takes as it stands on its base: the measure that is left over is how high it stands. */
export interface OnBase {
	wide: Millimetres;
	deep: Millimetres;
	high: Millimetres;
}

/** Measures nearer to each other than this share are the same one. */
const SAME = 0.05;
const near = (a: Millimetres, b: Millimetres) => Math.abs(a - b) <= SAME * Math.max(a, b);

/**
 * How a thing stands on its base. A plane is measured as long as it is, and stands on that: of its three measures the
 * one that is neither width nor depth of its base is its height there.
 * @example onBase(load, { baseWidth: 74, baseDepth: 560 }).high // 150 of 74 x 560 x 150
 */
export function onBase(load: Pick<Load, 'width' | 'height' | 'depth'>, dims: Thing['dims']): OnBase {
	const wide = dims.baseWidth ?? load.width;
	const deep = dims.baseDepth ?? load.depth;
	const left = [load.height, load.width, load.depth];
	for (const side of [wide, deep]) {
		const at = left.findLastIndex((m) => near(m, side));
		if (at < 0) return { wide, deep, high: load.height };
		left.splice(at, 1);
	}
	return { wide, deep, high: left[0] ?? load.height };
}
