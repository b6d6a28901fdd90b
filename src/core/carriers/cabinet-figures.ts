import { flagField, groupField, lengthField, listField, variantsField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { inch, type Millimetres } from '../units/quantity';
import { clearBetween } from './between';
import { DOORS } from './doors';
import type { DoorsMade, Opening } from './opening';
import { boardField } from './plate';
import { SIDES } from './sides';

export const MOST_LEVELS = 12;
const LEVEL = groupField('Level', {
	high: lengthField('Clear height', 20, 1000, [160, inch(6.5)]),
	bays: wholeField('Bays between dividers', 1, 20, 2),
	each: wholeField('Things side by side in a bay', 1, 20, 1)
});

export const CABINET = {
	width: lengthField('Width, over both sides', 100, 3000, [600, inch(24)]),
	depth: lengthField('Sides out', 40, 800, [220, inch(9)]),
	stock: boardField('Top, bottom and shelves'),
	levels: listField('Levels, from the bottom up', LEVEL, MOST_LEVELS, 1),
	own: flagField('Each level for a thing of its own'),
	shelves: variantsField('Shelves held by', {
		housings: { deep: lengthField('Housings deep', 2, 30, [6, inch(0.25)]) },
		screws: { count: wholeField('Screws in each end', 1, 12, 3) }
	}),
	doors: DOORS,
	sides: groupField('Sides', {
		stock: SIDES.stock,
		screws: wholeField('Screws in each, through the back', 2, 12, 4),
		length: SIDES.length
	}),
	ends: wholeField('Screws in each end of top and bottom', 1, 12, 3)
};
export type Cabinet = ValuesOf<typeof CABINET>;
export type Level = Cabinet['levels'][number];

export const boardOf = (p: Cabinet): Millimetres => stock(p.stock).thickness;
export const sideOf = (p: Cabinet): Millimetres => stock(p.sides.stock).thickness;
/** Upper side of the floor that a level stands on. */
export const floorAt = (p: Cabinet, level: number): Millimetres =>
	p.levels.slice(0, level).reduce((y, l) => y + l.high + boardOf(p), boardOf(p));
export const heightOf = (p: Cabinet): Millimetres => floorAt(p, p.levels.length);
export const spanOf = (p: Cabinet): Millimetres => clearBetween(p.width, p.sides.stock);
/** Clear between two dividers. */
export const clearOf = (p: Cabinet, { bays }: Level): Millimetres => (spanOf(p) - (bays - 1) * boardOf(p)) / bays;
export const openingOf = (p: Cabinet): Opening => ({
	width: p.width,
	height: heightOf(p),
	depth: p.depth,
	stock: p.stock,
	side: p.sides.stock
});
/** What stands inside stays clear of doors that slide by so much. */
export const BEHIND_DOORS: Millimetres = 2;
export const insideOf = (p: Cabinet, doors: DoorsMade): Millimetres =>
	Math.max(1, p.depth - (doors.takes > 0 ? doors.takes + BEHIND_DOORS : 0));
