import { nth } from '../nth';
import { cutText } from '../form/whole-text';
import type { Column } from '../table/column';
import { GROUP, NAME, NOTES, WHERE } from '../things/columns';

/** Something that is used up: tape, glue, screws, paper. */
export interface Consumable {
	id: string;
	name: string;
	group: string;
	count: number;
	/** What is counted: rolls, bottles, boxes. */
	unit: string;
	/** At this many or fewer it is time to buy. */
	low: number;
	/** Bought up to this many. */
	enough: number;
	where: string;
	notes: string;
}

const number = (key: string, label: string, words: readonly string[], hint = ''): Column => ({
	key,
	label,
	kind: 'number',
	min: 0,
	max: 100_000,
	words,
	hint
});

export const CONSUMABLE_COLUMNS: readonly Column[] = [
	NAME,
	GROUP,
	number('count', 'Count', ['qty', 'quantity', 'how many', 'stock']),
	{ key: 'unit', label: 'Of', kind: 'text', max: 20, words: ['unit', 'units'], hint: 'Rolls, bottles, boxes' },
	number('low', 'Low mark', ['low', 'minimum', 'min', 'reorder at'], 'At this many it is time to buy'),
	number('enough', 'Enough mark', ['enough', 'maximum', 'max', 'target'], 'Bought up to this many'),
	{ ...WHERE, label: 'Kept at' },
	NOTES
];

export const CONSUMABLE_COMPUTED: readonly Column[] = [
	{
		key: 'stands',
		label: 'Stands',
		kind: 'choice',
		choices: [
			{ value: 'out', name: 'out' },
			{ value: 'low', name: 'low' },
			{ value: 'enough', name: 'enough' },
			{ value: 'plenty', name: 'more than enough' }
		]
	},
	{ key: 'buy', label: 'Buy', kind: 'number', min: 0, max: 100_000 }
];

/**
 * Where a consumable stands, and how many to buy: nothing until it is down to its low mark, then up to the enough mark.
 * @example supply({ count: 1, low: 2, enough: 5 }) // { stands: 'low', buy: 4 }
 */
export function supply({ count, low, enough }: Pick<Consumable, 'count' | 'low' | 'enough'>): {
	stands: 'out' | 'low' | 'enough' | 'plenty';
	buy: number;
} {
	if (count <= low || count <= 0) {
		const stands = count <= 0 ? 'out' : 'low';
		return { stands, buy: count <= low ? Math.max(0, enough - count) : 0 };
	}
	return { stands: count > enough ? 'plenty' : 'enough', buy: 0 };
}

/**
 * Reads "3 rolls of tape": how many, and of what; one where no number is said.
 * @example readConsumable('2 masking tapes') // { count: 2, name: 'masking tapes' }
 */
export function readConsumable(text: string): { count: number; name: string } {
	const counted = /^\s*(\d+(?:[.,]\d+)?)\s*(?:x\s+)?(.+)$/.exec(text.trim());
	return {
		count: counted ? Number(nth(counted, 1).replace(',', '.')) : 1,
		name: cutText((counted?.[2] ?? text).trim(), 60)
	};
}

/** A consumable of which nothing is known but its name. */
export function newConsumable(id: string, name: string): Consumable {
	return { id, name, group: '', count: 1, unit: '', low: 1, enough: 3, where: '', notes: '' };
}
