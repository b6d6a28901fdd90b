import { BOARD_COLUMNS, BOARD_COMPUTED, boardFigures, type Board } from '$core/lumber/board';
import { CONSUMABLE_COLUMNS, CONSUMABLE_COMPUTED, supply, type Consumable } from '$core/consumables/consumable';
import { eachOf, PRICE_COLUMNS, PRICE_COMPUTED, type Price } from '$core/prices/price';
import { PLAIN_VIEW, viewOf, type Line, type View } from '$core/table/view';
import { cellOf, type CellValue, type Column } from '$core/table/column';
import { THING_COLUMNS, USUAL_THING_COLUMNS } from '$core/things/columns';
import { THING_COMPUTED, thingComputed } from '$core/things/computed';
import type { Thing } from '$core/things/types';
import type { OpenShop } from './open-shop.svelte';
import { recall, store } from './preferences.svelte';

/** Lists that are tables. Tools are ticked off instead. */
export type TableList = 'things' | 'boards' | 'consumables' | 'prices';
export type DeskTab = TableList | 'tools' | 'files';
export type TableItem = Thing | Board | Consumable | Price;

export const LIST_WORDS: Record<TableList, string> = {
	things: 'Things',
	boards: 'Lumber and sheets',
	consumables: 'Consumables',
	prices: 'Prices'
};

interface TableSpec {
	columns: readonly Column[];
	computed: readonly Column[];
	usual: readonly string[];
	/** What it can be grouped by. */
	groups: readonly string[];
}

/** What each list shows, and what it can show. */
export const TABLES: Record<TableList, TableSpec> = {
	things: {
		columns: THING_COLUMNS,
		computed: THING_COMPUTED,
		usual: [...USUAL_THING_COLUMNS, 'measured'],
		groups: ['group', 'where', 'grip', 'use', 'state', 'measured']
	},
	boards: {
		columns: BOARD_COLUMNS,
		computed: BOARD_COMPUTED,
		usual: [
			'name',
			'form',
			'material',
			'count',
			'thickness',
			'width',
			'shortest',
			'longest',
			'weight',
			'stack',
			'offcut',
			'where'
		],
		groups: ['material', 'form', 'where', 'quality', 'offcut']
	},
	consumables: {
		columns: CONSUMABLE_COLUMNS,
		computed: CONSUMABLE_COMPUTED,
		usual: ['name', 'group', 'count', 'unit', 'low', 'enough', 'stands', 'buy', 'where'],
		groups: ['group', 'where', 'stands']
	},
	prices: {
		columns: PRICE_COLUMNS,
		computed: PRICE_COMPUTED,
		usual: [
			'name',
			'sold',
			'material',
			'thickness',
			'width',
			'length',
			'pack',
			'per',
			'price',
			'each',
			'store',
			'date'
		],
		groups: ['sold', 'store', 'material', 'date']
	}
};

const boardComputed: Record<string, (b: Board) => CellValue> = {
	weight: (b) => boardFigures(b).most,
	stack: (b) => boardFigures(b).stack
};
const consumableComputed: Record<string, (c: Consumable) => CellValue> = {
	stands: (c) => supply(c).stands,
	buy: (c) => supply(c).buy
};

/** To a hundredth of a cent: a screw costs little. */
const rounded = (money: number | null) => money && Math.round(money * 1e4) / 1e4;

/** The figures of a list that are worked out; each list asks only those of its own items. */
function computedOf(list: TableList, shop: OpenShop): Record<string, (item: TableItem) => CellValue> {
	const tax = shop.shop.settings.tax ?? 0;
	const of = {
		things: thingComputed(shop.placed),
		boards: boardComputed,
		consumables: consumableComputed,
		prices: { each: (p: Price) => rounded(eachOf(p, tax)) }
	};
	return of[list] as Record<string, (item: TableItem) => CellValue>;
}

function recallColumns(list: TableList): readonly string[] {
	const known = new Set([...TABLES[list].columns, ...TABLES[list].computed].map((c) => c.key));
	const kept = (recall(`kammer-columns-${list}`) ?? '').split(' ').filter((k) => known.has(k));
	return kept.length > 0 ? kept : TABLES[list].usual;
}

/** What is on the desk of the stock-take: which list, how it is sorted and filtered, and what is picked in it. */
export class StockDesk {
	tab = $state<DeskTab>('things');
	/** The list that is shown, or was last. */
	list = $derived<TableList>(this.tab === 'tools' || this.tab === 'files' ? 'things' : this.tab);
	#views = $state.raw<Record<TableList, View>>({
		things: PLAIN_VIEW,
		boards: PLAIN_VIEW,
		consumables: PLAIN_VIEW,
		prices: PLAIN_VIEW
	});
	#columns = $state.raw<Record<TableList, readonly string[]>>({
		things: recallColumns('things'),
		boards: recallColumns('boards'),
		consumables: recallColumns('consumables'),
		prices: recallColumns('prices')
	});
	/** Ids of what is picked, in the shown list. */
	picked = $state.raw<ReadonlySet<string>>(new Set());

	shop = $state.raw() as OpenShop;

	constructor(shop: OpenShop) {
		this.shop = shop;
	}

	view = $derived(this.#views[this.list]);
	all = $derived([...TABLES[this.list].columns, ...TABLES[this.list].computed]);
	shown = $derived(this.all.filter((c) => this.#columns[this.list].includes(c.key)));
	computed = $derived(computedOf(this.list, this.shop));
	items = $derived(this.shop.shop[this.list] as readonly TableItem[]);
	lines = $derived(viewOf(this.items, this.all, this.view, { computed: this.computed }) as Line<TableItem>[]);
	shownItems = $derived(this.lines.flatMap((l) => (l.kind === 'item' ? [l.item] : [])));
	pickedItems = $derived(this.picked.size === 0 ? [] : this.items.filter((i) => this.picked.has(i.id)));

	valueOf(item: TableItem, column: Column): CellValue {
		const work = this.computed[column.key];
		return work ? work(item) : cellOf(item, column);
	}

	open(tab: DeskTab): void {
		this.tab = tab;
		this.picked = new Set();
	}

	look(change: Partial<View>): void {
		this.#views = { ...this.#views, [this.list]: { ...this.view, ...change } };
	}

	/** By one column, then the other way round, then not at all; with `also`, after those there are. */
	sortBy(key: string, also: boolean): void {
		const now = this.view.sort.find((s) => s.key === key);
		const rest = also ? this.view.sort.filter((s) => s.key !== key) : [];
		// Up, then down, then no more.
		if (now?.down) return this.look({ sort: rest });
		this.look({ sort: [...rest, { key, down: now !== undefined }] });
	}

	showColumn(key: string, on: boolean): void {
		const keys = on ? [...this.#columns[this.list], key] : this.#columns[this.list].filter((k) => k !== key);
		if (keys.length === 0) return;
		this.#columns = { ...this.#columns, [this.list]: keys };
		store(`kammer-columns-${this.list}`, keys.join(' '));
	}

	pick(ids: Iterable<string>): void {
		this.picked = new Set(ids);
	}
}
