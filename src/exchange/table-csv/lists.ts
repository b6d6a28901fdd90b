import { BOARD_COLUMNS, newBoard } from '$core/lumber/board';
import { CONSUMABLE_COLUMNS, newConsumable } from '$core/consumables/consumable';
import { newPrice, PRICE_COLUMNS } from '$core/prices/price';
import type { TableListName, TableRow } from '$core/shop/duplicates';
import type { Column } from '$core/table/column';
import { THING_COLUMNS } from '$core/things/columns';
import { newThing } from '$core/things/new-thing';

/** Columns of a list as files name them, and an item with nothing filled in. */
export const CSV_LISTS: Record<
	TableListName,
	{ columns: readonly Column[]; fresh: (id: string, inch: boolean) => TableRow; needs: string }
> = {
	things: { columns: THING_COLUMNS, fresh: (id) => newThing(id, ''), needs: 'name' },
	boards: { columns: BOARD_COLUMNS, fresh: (id, inch) => newBoard(id, 'board', inch), needs: 'thickness' },
	consumables: { columns: CONSUMABLE_COLUMNS, fresh: (id) => newConsumable(id, ''), needs: 'name' },
	prices: { columns: PRICE_COLUMNS, fresh: (id) => newPrice(id, 'part'), needs: 'price' }
};
