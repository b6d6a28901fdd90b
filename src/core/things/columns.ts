import type { ChoiceField, TextField } from '../form/field';
import type { CellNumber, Column } from '../table/column';
import { DIMS } from './grips/dims';
import { GRIP_KINDS, gripOf } from './grips/registry';

/** Where a thing's group, name and place come from: short, so that a label can carry them. */
export const NAME: Column<TextField> = {
	key: 'name',
	label: 'Name',
	kind: 'text',
	max: 60,
	needed: true,
	words: ['thing', 'item', 'tool', 'description', 'what', 'article']
};
export const GROUP: Column<TextField> = {
	key: 'group',
	label: 'Group',
	kind: 'text',
	max: 40,
	words: ['category', 'kind', 'type', 'class', 'section']
};
export const COUNT = {
	key: 'count',
	label: 'Count',
	kind: 'whole',
	min: 1,
	max: 10_000,
	words: ['qty', 'quantity', 'number', 'how many', 'pcs', 'pieces', 'no', 'amount']
} as const satisfies Column;
export const WHERE: Column<TextField> = {
	key: 'where',
	label: 'Used at',
	kind: 'text',
	max: 60,
	hint: 'At the saw, by the door, anywhere',
	words: ['where', 'where used', 'place', 'location', 'station']
};
export const NOTES: Column<TextField> = {
	key: 'notes',
	label: 'Notes',
	kind: 'text',
	max: 400,
	words: ['note', 'remarks', 'remark', 'comment', 'comments']
};

const size = (key: string, label: string, words: readonly string[], hint: string): Column<CellNumber> => ({
	key,
	label,
	kind: 'length',
	min: 1,
	max: 6_000,
	missing: 'null',
	words,
	hint
});
const state: Column<ChoiceField<string>> = {
	key: 'state',
	label: 'State',
	kind: 'choice',
	words: ['status'],
	choices: [
		{ value: 'to-place', name: 'to place', words: ['open', 'keep', 'place'] },
		{ value: 'on-wall', name: 'on the wall', words: ['hung', 'placed', 'done'] },
		{ value: 'not-to-keep', name: 'not to keep', words: ['sell', 'give away', 'scrap', 'discard'] }
	]
};

/** Every figure of a thing, in the order of a form. */
export const THING_COLUMNS: readonly Column[] = [
	NAME,
	GROUP,
	COUNT,
	size('width', 'Width', ['w', 'wide'], 'Of one, as it hangs'),
	size('height', 'Height', ['h', 'high', 'length', 'l', 'long', 'hangs'], 'Of one, as it hangs'),
	size('depth', 'Depth', ['d', 'deep', 'out'], 'Out from the wall, as it hangs'),
	{
		key: 'mass',
		label: 'Weight',
		kind: 'mass',
		min: 0.0005,
		max: 500,
		missing: 'null',
		words: ['mass', 'weight each', 'weight of one', 'wt'],
		hint: 'Of one'
	},
	{
		key: 'grip',
		label: 'Grip',
		kind: 'choice',
		missing: 'null',
		words: ['held by', 'hangs by'],
		choices: GRIP_KINDS.map((value) => ({
			value,
			name: gripOf(value).short,
			words: [gripOf(value).title, ...gripOf(value).words]
		}))
	},
	...Object.values(DIMS),
	{
		key: 'use',
		label: 'Used',
		kind: 'choice',
		missing: 'null',
		words: ['how often', 'frequency', 'use'],
		choices: [
			{ value: 'daily', name: 'daily', words: ['every day', 'often'] },
			{ value: 'weekly', name: 'weekly', words: ['every week'] },
			{ value: 'monthly', name: 'monthly', words: ['every month'] },
			{ value: 'seldom', name: 'seldom', words: ['rarely', 'yearly', 'rare'] }
		]
	},
	WHERE,
	state,
	{
		key: 'charger',
		label: 'Charges while it hangs',
		kind: 'flag',
		words: ['charger', 'power', 'needs power'],
		hint: 'Needs an outlet within its cord'
	},
	{
		key: 'cord',
		label: 'Cord',
		kind: 'length',
		min: 10,
		max: 20_000,
		missing: 'null',
		words: ['cord length', 'lead', 'cable'],
		hint: 'From the charger to its plug'
	},
	{
		key: 'plugWidth',
		label: 'Plug width',
		kind: 'length',
		min: 5,
		max: 200,
		missing: 'null',
		words: ['plug'],
		hint: 'The hole for the cord is larger than the plug'
	},
	{ key: 'plugHeight', label: 'Plug height', kind: 'length', min: 5, max: 200, missing: 'null' },
	{ key: 'cover', label: 'Wants a dust cover', kind: 'flag', words: ['dust cover', 'cover', 'dust'] },
	{
		key: 'carried',
		label: 'Carried off whole',
		kind: 'flag',
		words: ['carried', 'portable'],
		hint: 'The holder comes off with it, as for a first-aid kit'
	},
	{
		key: 'finish',
		label: 'Finish',
		kind: 'text',
		max: 60,
		words: ['looks', 'colour', 'color'],
		hint: 'What its holder shall match'
	},
	{ key: 'hidden', label: 'Hidden fixings', kind: 'flag', words: ['fixings hidden'] },
	NOTES
];

/** Columns a new table shows; the others can be asked for. */
export const USUAL_THING_COLUMNS: readonly string[] = [
	'name',
	'group',
	'count',
	'width',
	'height',
	'depth',
	'mass',
	'grip',
	'use',
	'where',
	'state'
];

/** What the wall cannot be planned without: the envelope, the weight and the grip. */
export const MEASURED: readonly string[] = ['width', 'height', 'depth', 'mass', 'grip'];
