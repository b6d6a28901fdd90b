import { holderFor } from '../holders/holder-for';
import { firstOf, offersFor } from '../holders/offers';
import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';
import type { LengthUnit } from '../units/parse-length';
import { patternOf, type Pattern } from './pattern';

/** What each pattern of the first set was made for: measures of our own, to be made to measure again. */
const MADE_FOR: readonly { name: string; note: string; count: number; of: Partial<Thing> }[] = [
	{
		name: 'Rack for bar clamps',
		note: 'Slots from the front edge: the bar decides the slot, the head how far apart.',
		count: 8,
		of: { mass: 1.3, width: 38, height: 480, depth: 70, grip: 'slot', dims: { bar: 7, head: 38 } }
	},
	{
		name: 'Grid for lying bottles',
		note: 'Body and slack decide the hole; a rim keeps them from sliding out.',
		count: 8,
		of: { mass: 0.8, width: 66, height: 205, depth: 66, grip: 'lying', dims: { shank: 66 } }
	},
	{
		name: 'Shelf for chisels',
		note: 'Holes by the shank, heads do not meet.',
		count: 6,
		of: { mass: 0.25, width: 32, height: 265, depth: 32, grip: 'hole', dims: { shank: 20, head: 32 } }
	},
	{
		name: 'Block for bits',
		note: 'Blind holes; the lead point stays in the wood.',
		count: 12,
		of: { mass: 0.04, width: 9, height: 110, depth: 9, grip: 'bit', dims: { shank: 8, head: 9 } }
	},
	{
		name: 'Cabinet for small bins',
		note: 'Bays as wide as a bin, doors that slide: dust stays out.',
		count: 12,
		of: {
			mass: 1.5,
			width: 98,
			height: 70,
			depth: 150,
			grip: 'shelf',
			cover: true,
			dims: { baseWidth: 98, baseDepth: 150 }
		}
	},
	{
		name: 'Rails for mallets',
		note: 'The gap takes the thickest handle and holds the narrowest head.',
		count: 3,
		of: {
			mass: 0.8,
			width: 120,
			height: 310,
			depth: 68,
			grip: 'rails',
			dims: { handle: 28, narrowHead: 60, head: 120 }
		}
	},
	{
		name: 'Rod for rolls of tape',
		note: 'Taken out of its open slots to change a roll.',
		count: 5,
		of: { mass: 0.3, width: 105, height: 105, depth: 48, grip: 'rod', dims: { bore: 70, across: 105, roll: 48 } }
	},
	{
		name: 'Bays for what charges',
		note: 'A hole for each plug, larger than the plug.',
		count: 3,
		of: {
			mass: 1.1,
			width: 88,
			height: 140,
			depth: 120,
			grip: 'bay',
			dims: { baseWidth: 88, baseDepth: 120 },
			charger: true,
			cord: 1200,
			plugWidth: 26,
			plugHeight: 42
		}
	},
	{
		name: 'Jars below a board',
		note: 'Lids screwed up from below; turned out with one hand.',
		count: 5,
		of: { mass: 0.6, width: 74, height: 110, depth: 74, grip: 'lid', dims: { lid: 70 } }
	},
	{
		name: 'Box with a handle',
		note: 'Lifted off whole and taken to where it is needed.',
		count: 1,
		of: { mass: 2.5, width: 240, height: 90, depth: 150, grip: 'loose', carried: true }
	}
];

/**
 * A first set of patterns, each as it comes out for the thing that it was made for, in the sizes of the user's shop.
 * @example firstSet('mm').map((p) => p.name)
 */
export function firstSet(unit: LengthUnit): Pattern[] {
	return MADE_FOR.flatMap(({ name, note, count, of }, i) => {
		const thing: Thing = { ...newThing(`own-${i}`, name), ...of };
		const asked = { thing, count, widest: 900, unit };
		const kind = firstOf(offersFor(asked, [], undefined, 3), thing);
		const made = kind.ok ? holderFor(kind.value, asked, `own-${i}`) : kind;
		return made.ok ? [{ ...patternOf(made.value.holder, `own-${i}`, name, unit), note }] : [];
	});
}
