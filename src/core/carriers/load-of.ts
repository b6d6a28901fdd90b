import type { Load } from './carrier';
import { fail, ok, type Result } from '../result';
import { cutText } from '../form/whole-text';
import type { Thing } from '../things/types';

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
