import type { ChoiceColumn, Column, MeasureColumn, TextColumn } from '../table/column';
import { DIMS } from './grips/dims';
import { GRIP_KINDS, gripOf } from './grips/registry';

/** Where a thing's group, name and place come from: short, so that a label can carry them. */
export const NAME: TextColumn = {
	key: 'name',
	title: 'Name',
	kind: 'text',
	max: 60,
	needed: true,
	words: ['thing', 'item', 'tool', 'description', 'what', 'article']
};
export const GROUP: TextColumn = {
	key: 'group',
	title: 'Group',
	kind: 'text',
	max: 40,
	words: ['category', 'kind', 'type', 'class', 'section']
};
export const COUNT = {
	key: 'count',
	title: 'Count',
	kind: 'whole',
	min: 1,
	max: 10_000,
	words: ['qty', 'quantity', 'number', 'how many', 'pcs', 'pieces', 'no', 'amount']
} as const satisfies Column;
export const WHERE: TextColumn = {
	key: 'where',
	title: 'Used at',
	kind: 'text',
	max: 60,
	hint: 'At the saw, by the door, anywhere',
	words: ['where', 'where used', 'place', 'location', 'station']
};
export const NOTES: TextColumn = {
	key: 'notes',
	title: 'Notes',
	kind: 'text',
	max: 400,
	words: ['note', 'remarks', 'remark', 'comment', 'comments']
};

const size = (key: string, title: string, words: readonly string[], hint: string): MeasureColumn => ({
	key,
	title,
	kind: 'length',
	min: 1,
	max: 6_000,
	optional: true,
	words,
	hint
});
const state: ChoiceColumn = {
	key: 'state',
	title: 'State',
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
		title: 'Weight',
		kind: 'mass',
		min: 0.0005,
		max: 500,
		optional: true,
		words: ['mass', 'weight each', 'weight of one', 'wt'],
		hint: 'Of one'
	},
	{
		key: 'grip',
		title: 'Grip',
		kind: 'choice',
		optional: true,
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
		title: 'Used',
		kind: 'choice',
		optional: true,
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
		title: 'Charges while it hangs',
		kind: 'flag',
		words: ['charger', 'power', 'needs power'],
		hint: 'Needs an outlet within its cord'
	},
	{
		key: 'cord',
		title: 'Cord',
		kind: 'length',
		min: 10,
		max: 20_000,
		optional: true,
		words: ['cord length', 'lead', 'cable'],
		hint: 'From the charger to its plug'
	},
	{
		key: 'plugWidth',
		title: 'Plug width',
		kind: 'length',
		min: 5,
		max: 200,
		optional: true,
		words: ['plug'],
		hint: 'The hole for the cord is larger than the plug'
	},
	{ key: 'plugHeight', title: 'Plug height', kind: 'length', min: 5, max: 200, optional: true },
	{ key: 'cover', title: 'Wants a dust cover', kind: 'flag', words: ['dust cover', 'cover', 'dust'] },
	{
		key: 'carried',
		title: 'Carried off whole',
		kind: 'flag',
		words: ['carried', 'portable'],
		hint: 'The holder comes off with it, as for a first-aid kit'
	},
	{
		key: 'finish',
		title: 'Finish',
		kind: 'text',
		max: 60,
		words: ['looks', 'colour', 'color'],
		hint: 'What its holder shall match'
	},
	{ key: 'hidden', title: 'Hidden fixings', kind: 'flag', words: ['fixings hidden'] },
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
