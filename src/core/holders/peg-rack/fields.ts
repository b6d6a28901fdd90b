import {
	angleField,
	choiceField,
	flagField,
	groupField,
	idField,
	lengthField,
	massField,
	named,
	orAbsent,
	orNull,
	textField,
	variantsField,
	wholeField
} from '../../form/field';
import { STOCKS } from '../../materials/stocks';
import { LIMITS, WALL_LIMITS } from '../../plan/limits';
import { screwFields } from '../../plan/screw-fields';

const count = wholeField('Seats', 1, LIMITS.seats);

/** How seats are spread over a width. */
const SPACING = variantsField('Spread', {
	'equal-gaps': { count },
	pitch: { count, inset: lengthField('First from the end', 0, 10_000), pitch: lengthField('Then every', 0, 10_000) },
	'end-margins': { count, margin: lengthField('End margins', 0, 10_000) }
});

/** What decides a peg rack. */
export const PEG_RACK = {
	face: groupField('Face', {
		stock: choiceField(
			'Stock',
			STOCKS.map(({ id: value, title: name }) => ({ value, name }))
		),
		width: lengthField('Width', 40, WALL_LIMITS.maxWidth),
		height: lengthField('Height', 30, 1300)
	}),
	hook: groupField('Hook', {
		screws: groupField('Screws', { ...screwFields, count: wholeField('How many', 1, 60) }),
		from: choiceField('Driven from', named('back', 'front')),
		glued: flagField('Glued')
	}),
	spacer: flagField('Spacer'),
	lockStrip: flagField('Lock strip'),
	secondHook: orAbsent(flagField('Second hook')),
	pegs: groupField('Pegs', {
		diameter: lengthField('Diameter', 5, 60),
		projection: lengthField('Out of the face', 10, 800),
		depth: lengthField('In the face', 5, 60),
		tilt: angleField('Tilt', 0, 30),
		height: lengthField('Above the foot', 0, 1300),
		spacing: SPACING,
		pair: orNull(groupField('Pair', { bar: lengthField('Bar', 1, 500), slack: lengthField('Slack', 0, 50) }))
	}),
	load: groupField('What hangs', {
		name: textField('Name', 60),
		thing: orAbsent(idField('Thing of the stock-take')),
		mass: massField('Weight of one', 0, 200),
		perSeat: wholeField('On each seat', 1, 100),
		thickness: lengthField('Along the peg', 1, 1000),
		width: lengthField('Width', 1, 5000),
		height: lengthField('Height', 1, 5000)
	})
};
