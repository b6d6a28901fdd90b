import {
	choiceField,
	flagField,
	groupField,
	idField,
	lengthField,
	lengthsField,
	listField,
	massField,
	numberField,
	named,
	orAbsent,
	orNothing,
	orNull,
	textField,
	variantsField,
	wholeField,
	type Fields
} from '../form/field';
import { boardField } from '../carriers/plate';
import { ALL_KINDS } from '../kinds/registry';
import { CLEAT_STOCKS, STOCKS, stock } from '../materials/stocks';
import { LIMITS, WALL_LIMITS } from './limits';
import { screwFields } from './screw-fields';
import { place, WALL } from './wall-fields';

const stocks = <T extends Parameters<typeof stock>[0]>(ids: readonly T[]) =>
	ids.map((value) => ({ value, name: stock(value).title }));
/** Sheets that a screw holds in by a published value. */
const PANELS = STOCKS.filter((s) => s.kind === 'ply' && s.G !== null).map((s) => s.id);

/** All cleats at one height. */
export const ROW = {
	id: idField(),
	name: textField('Name', 60),
	y: lengthField('Lower edge', 0, WALL_LIMITS.maxHeight),
	left: place('Left end'),
	right: place('Right end'),
	stock: choiceField('Cleat', stocks(CLEAT_STOCKS)),
	bevel: choiceField('Bevel', named(45, 30)),
	blank: lengthField('Board before the rip', 40, 400),
	screws: groupField('Screws', { ...screwFields, perStud: choiceField('In each stud', named(1, 2)) }),
	joints: listField('Joints', place('Joint'), LIMITS.joints),
	twistBlock: orNothing(
		groupField('Twist block', { height: lengthField('Height', 10, 400), width: lengthField('Width', 20, 600) })
	),
	backer: orNothing(
		groupField('Backer sheet', {
			stock: choiceField('Sheet', stocks(PANELS)),
			height: lengthField('Height', 60, 1220),
			below: lengthField('Below the cleat', 0, 1200),
			behind: groupField('Screws from behind', { ...screwFields, pitch: lengthField('Every', 20, 1000) }),
			perStud: wholeField('Screws in each stud', 2, 12)
		})
	)
};

/** What a group of seats carries. */
export const LOAD = {
	name: textField('Name of one', 60),
	thing: orAbsent(idField('Thing of the stock-take')),
	mass: orNull(massField('Weight of one', 0, 200)),
	width: lengthField('Width of one', 1, 5000, [80, 76.2]),
	height: lengthField('Height of one', 1, 5000, [250, 254]),
	depth: lengthField('Room one takes along its seat', 1, 5000, [40, 38.1]),
	count: wholeField('How many', 0, LIMITS.things, 1)
};

/** What carriers stand on. */
export const BACK = {
	stock: boardField('Board', ['ply-18', '1x8']),
	width: lengthField('Width', 40, WALL_LIMITS.maxWidth, [600, 609.6]),
	height: lengthField('Height', 30, 1300, [220, 184.15]),
	made: variantsField('Made of', {
		board: {},
		glued: { strips: wholeField('Strips edge to edge', 2, 12, 2) },
		battens: {
			width: lengthField('Width of one', 20, 300, [70, 63.5]),
			at: lengthsField('Their middles from the left', { min: 0, max: WALL_LIMITS.maxWidth, least: 1, most: 30 }, [
				[60, 540],
				[63.5, 546.1]
			])
		}
	})
};

/** Strips behind a back that hangs on a row. */
export const STRIPS = {
	hook: groupField('Hook', {
		screws: groupField('Screws', {
			size: { ...screwFields.size, start: { mm: '#8' as const, inch: '#8' as const } },
			length: lengthField('Length', 10, 200, [32, 31.75]),
			count: wholeField('How many', 1, 60, 4)
		}),
		from: choiceField('Driven from', named('back', 'front')),
		glued: flagField('Glued', true)
	}),
	recessed: flagField('Hook let into the back'),
	spacer: flagField('Spacer at the foot', true),
	eitherEnd: orAbsent(
		flagField('Hangs by either end', false, { hint: 'The spacer is a hook too, with as many screws' })
	),
	lockStrip: choiceField('Lock strip', named('none', 'loose', 'screwed')),
	secondHook: flagField('Second hook')
};

/** Screws straight into what is behind a back. */
export const FIXING = {
	screws: groupField('Screws', {
		size: { ...screwFields.size, start: { mm: '#10' as const, inch: '#10' as const } },
		length: lengthField('Length', 10, 200, [80, 76.2])
	}),
	places: listField(
		'Screws',
		groupField('Screw', {
			x: lengthField('From the left', 0, WALL_LIMITS.maxWidth),
			y: lengthField('Up', 0, 1300)
		}),
		LIMITS.screws
	)
};

const at = {
	on: textField('Stands on', 80),
	x: lengthField('From the left', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
	y: lengthField('Up', -2000, 2000)
};
const loads = listField('What it carries', groupField('Load', LOAD), LIMITS.loads);
const carrierFields = (title: string, params: Fields) => ({
	id: idField(),
	at: groupField('Place', at),
	params: groupField(title, params),
	loads
});
const CARRIER_SHAPES: Record<string, ReturnType<typeof carrierFields>> = Object.fromEntries(
	ALL_KINDS.map((c) => [c.kind, carrierFields(c.title, c.fields)])
);

/** A proof load, written down. */
export const PROOF_TEST = {
	day: textField('Day', 10, { needed: true }),
	load: massField('Load', 0.1, 5000),
	held: flagField('Held'),
	note: orAbsent(textField('What moved', 300))
};

export const HOLDER = {
	id: idField(),
	name: textField('Name', 60),
	note: orAbsent(textField('Note', 500)),
	mount: variantsField('Held', {
		row: {
			row: idField('Row'),
			x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
			strips: groupField('Strips', STRIPS)
		},
		fixed: {
			x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
			y: lengthField('Foot', -WALL_LIMITS.maxHeight, WALL_LIMITS.maxHeight),
			...FIXING
		},
		own: {
			x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
			y: lengthField('Foot', -WALL_LIMITS.maxHeight, WALL_LIMITS.maxHeight)
		},
		'row-end': { row: idField('Row') },
		'row-top': {
			row: idField('Row'),
			x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth)
		},
		'row-hook': {
			row: idField('Row'),
			x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth)
		}
	}),
	back: orAbsent(groupField('Back', BACK)),
	carriers: listField('Carriers', variantsField('Carrier', CARRIER_SHAPES), LIMITS.carriers),
	tests: orAbsent(listField('Proof loads', groupField('Proof load', PROOF_TEST), LIMITS.tests))
};

export const CUTTING = {
	kerf: lengthField('Kerf', 0, 10),
	lengths: listField(
		'Bought lengths',
		groupField('Bought length', {
			stock: choiceField('Stock', [...stocks(STOCKS.map((s) => s.id)), { value: 'dowel' as const, name: 'Dowel' }]),
			length: lengthField('Length', 200, 12_000)
		}),
		20
	),
	cut: orAbsent(
		listField(
			'Cut already',
			groupField('Piece', {
				id: textField('Piece', 160, { needed: true }),
				length: lengthField('Length', 0, 12_000),
				width: lengthField('Width', 0, 3_000)
			}),
			20_000
		)
	),
	aim: orAbsent(
		choiceField('Least of', [
			{ value: 'money' as const, name: 'Least money' },
			{ value: 'sheets' as const, name: 'Fewest boards and sheets' },
			{ value: 'waste' as const, name: 'Least wood' },
			{ value: 'setups' as const, name: 'Fewest settings of the saw' },
			{ value: 'offcuts' as const, name: 'Offcuts as large as can be' }
		])
	),
	stages: orAbsent(
		choiceField('Sheets are cut', [
			{ value: 'any' as const, name: 'Any way a saw goes right through' },
			{ value: 'strips' as const, name: 'Strips, then to length (panel saw, store)' }
		])
	),
	trim: orAbsent(
		groupField('Trimmed off', { ends: lengthField('Each end', 0, 200), edges: lengthField('Each edge', 0, 50) })
	),
	store: orAbsent(textField('Bought at', 40)),
	over: orAbsent(wholeField('Boards over, of each kind', 0, 10, undefined)),
	finish: orAbsent(
		groupField('Finish', {
			coats: wholeField('Coats', 1, 10, undefined),
			spread: numberField('A litre goes', 0.5, 100, undefined, { unit: 'm²' })
		})
	),
	have: orAbsent(listField('There already', textField('Line of the bill', 1000, { needed: true }), 500))
};

/** The whole document. */
export const PLAN = {
	format: choiceField('Format', named('kammer-plan')),
	version: choiceField('Version', named(2)),
	name: textField('Name', 120, { needed: true }),
	wall: groupField('Wall', WALL),
	rows: listField('Rows', groupField('Row', ROW), LIMITS.rows),
	holders: listField('Holders', groupField('Holder', HOLDER), LIMITS.holders),
	cutting: groupField('Cutting', CUTTING),
	stature: orAbsent(lengthField('Stature', 1000, 2300))
};
