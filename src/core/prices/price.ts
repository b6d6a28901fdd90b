import { BOARD_MATERIALS } from '../materials/density';
import { ROD_MATERIALS, type RodMaterialId } from '../materials/rods';
import type { Column } from '../table/column';
import { NAME, NOTES } from '../things/columns';
import type { Millimetres } from '../units/quantity';
import { capital } from '../words';

/** What a line of the price list sells. */
export type Sold = 'sheet' | 'board' | 'dowel' | 'rod' | 'strap' | 'screw' | 'plug' | 'glue' | 'finish' | 'part';

/** One thing as a store sells it, and what it costs there. */
export interface Price {
	id: string;
	/** Of a bought part, what plans call it; else only what it is called here. */
	name: string;
	sold: Sold;
	/** A wood, a kind of sheet, or what a rod is of; null for what has none. */
	material: string | null;
	/** Of a sheet or board; of a tube, its wall. */
	thickness: Millimetres | null;
	/** Of a sheet or board; across a dowel, rod or screw. */
	width: Millimetres | null;
	length: Millimetres | null;
	/** Pieces in one pack; of glue and finish, litres in a tin. */
	pack: number;
	/** What the price is of. */
	per: 'pack' | 'piece' | 'metre' | 'square-metre';
	/** Null: nobody has asked yet. */
	price: number | null;
	/** The price has its tax in it. */
	taxed: boolean;
	store: string;
	/** The day it was asked, as 2026-11-28; empty where nobody wrote it down. */
	date: string;
	notes: string;
}

const size = (key: string, label: string, words: readonly string[], max: number, hint = ''): Column => ({
	key,
	label,
	kind: 'length',
	min: 0.1,
	max,
	missing: 'null',
	words,
	hint
});

/** What may be sold, by name. */
export const SOLD: readonly { value: Sold; name: string; words?: readonly string[] }[] = [
	{ value: 'sheet', name: 'sheet', words: ['panel'] },
	{ value: 'board', name: 'board', words: ['lumber', 'timber'] },
	{ value: 'dowel', name: 'dowel' },
	{ value: 'rod', name: 'rod or tube', words: ['rod', 'tube', 'conduit', 'pipe'] },
	{ value: 'strap', name: 'strap', words: ['flat iron', 'flat bar'] },
	{ value: 'screw', name: 'screws', words: ['screw'] },
	{ value: 'plug', name: 'plugs', words: ['plug', 'wall plug'] },
	{ value: 'glue', name: 'glue' },
	{ value: 'finish', name: 'finish', words: ['oil', 'varnish', 'paint', 'lacquer'] },
	{ value: 'part', name: 'bought part', words: ['part', 'hardware'] }
];

/** What a rod is of, as the list says it: birch is a board too. */
export const rodMaterial = (id: RodMaterialId): string => `rod-${id}`;

const MATERIALS = [
	...BOARD_MATERIALS,
	...(Object.keys(ROD_MATERIALS) as RodMaterialId[]).map((id) => ({
		value: rodMaterial(id),
		name: capital(ROD_MATERIALS[id].title)
	}))
];

/** Every figure of a price, in the order of a form. */
export const PRICE_COLUMNS: readonly Column[] = [
	{ ...NAME, needed: false, hint: 'Nothing to say but of bought parts: it is named by its size' },
	{ key: 'sold', label: 'Sold as', kind: 'choice', choices: SOLD, words: ['what', 'kind'] },
	{
		key: 'material',
		label: 'Of',
		kind: 'choice',
		choices: MATERIALS,
		missing: 'null',
		words: ['material', 'wood', 'species']
	},
	size('thickness', 'Thickness', ['t', 'thick', 'wall'], 300, 'Of a tube, its wall'),
	size('width', 'Width or across', ['w', 'wide', 'width', 'diameter', 'across'], 2600),
	size('length', 'Length', ['l', 'long'], 12_000),
	{ key: 'price', label: 'Price', kind: 'number', min: 0, max: 1e6, missing: 'null', words: ['cost', 'money'] },
	{
		key: 'per',
		label: 'Price of',
		kind: 'choice',
		choices: [
			{ value: 'pack', name: 'a pack', words: ['pack', 'tin', 'box'] },
			{ value: 'piece', name: 'a piece', words: ['piece', 'each', 'one'] },
			{ value: 'metre', name: 'a metre', words: ['metre', 'meter', 'm'] },
			{ value: 'square-metre', name: 'a square metre', words: ['m2', 'sqm', 'square meter'] }
		],
		words: ['per', 'unit']
	},
	{
		key: 'pack',
		label: 'In a pack',
		kind: 'number',
		min: 0.01,
		max: 100_000,
		words: ['pack', 'pack size', 'pieces'],
		hint: 'Pieces; of glue and finish, litres'
	},
	{ key: 'taxed', label: 'Tax in it', kind: 'flag', words: ['tax', 'with tax', 'incl tax'] },
	{ key: 'store', label: 'Store', kind: 'text', max: 40, words: ['shop', 'from', 'seller', 'supplier'] },
	{ key: 'date', label: 'Asked on', kind: 'text', max: 10, day: true, words: ['date', 'as of'], hint: 'As 2026-11-28' },
	NOTES
];

/** What is worked out of a price. */
export const PRICE_COMPUTED: readonly Column[] = [
	{ key: 'each', label: 'One, tax in it', kind: 'number', min: 0, max: 1e9 }
];

/** How much one piece is of what the price is said for; null where its size is missing. */
function shareOf({ per, pack, length, width }: Price): number | null {
	switch (per) {
		case 'pack':
			return 1 / pack;
		case 'piece':
			return 1;
		case 'metre':
			return length === null ? null : length / 1000;
		case 'square-metre':
			return length === null || width === null ? null : (length * width) / 1e6;
	}
}

/**
 * What one piece (of glue and finish, one litre) costs with its tax; null where it is not known. A price of nothing is
 * no price: what costs nothing is in the stock-take.
 * @param tax share that is put on prices without it, %
 * @example eachOf({ ...price, price: 12, per: 'pack', pack: 100, taxed: false }, 20) // 0.144
 */
export function eachOf(price: Price, tax: number): number | null {
	const share = shareOf(price);
	if (price.price === null || !(price.price > 0) || share === null) return null;
	return price.price * share * (price.taxed ? 1 : 1 + tax / 100);
}

/** What is sold mostly is of this. */
const MATERIAL: Partial<Record<Sold, string>> = {
	sheet: 'ply',
	board: 'spruce',
	rod: rodMaterial('steel'),
	strap: rodMaterial('steel')
};

/** A price of which nothing is known but what is sold. */
export const newPrice = (id: string, sold: Sold): Price => ({
	id,
	name: '',
	sold,
	material: MATERIAL[sold] ?? null,
	thickness: null,
	width: null,
	length: null,
	pack: 1,
	per: 'pack',
	price: null,
	taxed: true,
	store: '',
	date: '',
	notes: ''
});

const nameOf = (choices: readonly { value: string; name: string }[], value: string) =>
	choices.find((c) => c.value === value)?.name ?? value;

/** Its own name, or that of what it is of: "Plywood". @example priceName(newPrice('a', 'glue')) // 'Glue' */
export function priceName({ name, sold, material }: Pick<Price, 'name' | 'sold' | 'material'>): string {
	if (name) return name;
	return capital(material ? nameOf(MATERIALS, material) : nameOf(SOLD, sold));
}
