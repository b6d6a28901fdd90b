import {
	choiceField,
	groupField,
	idField,
	lengthField,
	listField,
	named,
	orAbsent,
	orNothing,
	textField,
	variantsField,
	wholeField
} from '../form/field';
import { PEG_RACK } from '../holders/peg-rack/fields';
import { CLEAT_STOCKS, STOCKS, stock } from '../materials/stocks';
import { LIMITS, WALL_LIMITS } from './limits';
import { screwFields } from './screw-fields';
import { place, WALL } from './wall-fields';

const stocks = <T extends Parameters<typeof stock>[0]>(ids: readonly T[]) =>
	ids.map((value) => ({ value, name: stock(value).title }));
const PANELS = STOCKS.filter((s) => s.kind === 'ply').map((s) => s.id);

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

export const HOLDER = {
	id: idField(),
	name: textField('Name', 60),
	family: choiceField('Kind', named('peg-rack')),
	params: groupField('Peg rack', PEG_RACK),
	mount: variantsField('Held', {
		row: { row: idField('Row'), x: lengthField('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth) }
	})
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
	)
};

/** The whole document, version 1. */
export const PLAN = {
	format: choiceField('Format', named('kammer-plan')),
	version: choiceField('Version', named(1)),
	name: textField('Name', 120, { needed: true }),
	wall: groupField('Wall', WALL),
	rows: listField('Rows', groupField('Row', ROW), LIMITS.rows),
	holders: listField('Holders', groupField('Holder', HOLDER), LIMITS.holders),
	cutting: groupField('Cutting', CUTTING),
	stature: orAbsent(lengthField('Stature', 1000, 2300))
};
