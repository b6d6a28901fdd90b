import { beforeEach, describe, expect, it, vi } from 'vitest';
import { slipwayShop } from '$core/demo/slipway-shop';
import { THING_COLUMNS } from '$core/things/columns';
import { OpenShop } from '$lib/state/open-shop.svelte';
import { StockDesk } from '$lib/state/stock-desk.svelte';
import { ThingsEntry } from '../entry/things-entry.svelte';
import { layColumns } from './columns';
import { TableCursor } from './table-cursor.svelte';

const columns = (...keys: string[]) => keys.flatMap((key) => THING_COLUMNS.filter((c) => c.key === key));
const [name, count, charger] = columns('name', 'count', 'charger') as [never, never, never];

let desk: StockDesk;
beforeEach(() => {
	// Nothing is kept: only what is on the desk matters.
	vi.stubGlobal('fetch', async () => new Response('{}', { status: 503 }));
	desk = new StockDesk(new OpenShop({ id: 'main', revision: 1, shop: slipwayShop(), updatedAt: '' }, null, null));
});
const things = () => desk.shop.shop.things;
const picked = () => [...desk.picked].map((id) => things().findIndex((t) => t.id === id));

describe('columns of the table', () => {
	const keysOf = (across: number) =>
		layColumns(columns('name', 'group', 'count', 'mass'), across, 'mm').map((l) => l.column.key);

	it('stand in their order where there is room, with what is counted and weighed first where there is not', () => {
		expect(keysOf(800)).toEqual(['name', 'group', 'count', 'mass']);
		expect(keysOf(400)).toEqual(['name', 'count', 'mass', 'group']);
	});

	it('give inches more room than millimetres', () => {
		const width = (unit: 'mm' | 'inch') => layColumns(columns('width'), 800, unit)[0]?.width ?? 0;
		expect(width('inch')).toBeGreaterThan(width('mm'));
	});
});

describe('the keyboard in the table', () => {
	const shown: number[] = [];
	let cursor: TableCursor;
	beforeEach(() => {
		shown.length = 0;
		cursor = new TableCursor(desk, () => columns('name', 'count', 'charger'), {
			show: (line) => shown.push(line),
			page: () => 10,
			focus: () => undefined
		});
	});
	const press = (key: string, more: Partial<KeyboardEvent> = {}) => {
		let taken = false;
		cursor.keyed({ key, ...more, preventDefault: () => (taken = true) } as KeyboardEvent);
		return taken;
	};

	it('goes about, picks what it stands on, and brings it into sight', () => {
		press('ArrowDown');
		press('PageDown');
		expect([cursor.row, picked(), shown]).toEqual([11, [11], [1, 11]]);
		press('ArrowUp');
		press('ArrowUp', { shiftKey: true });
		press('ArrowUp', { shiftKey: true });
		expect([cursor.row, picked()]).toEqual([8, [8, 9, 10]]);
	});

	it('stops at every edge', () => {
		press('ArrowUp');
		press('ArrowLeft');
		expect([cursor.row, cursor.column]).toEqual([0, 0]);
		press('End', { ctrlKey: true });
		press('ArrowDown');
		press('End');
		press('ArrowRight');
		expect([cursor.row, cursor.column]).toEqual([things().length - 1, 2]);
		press('Home', { ctrlKey: true });
		press('Home');
		expect([cursor.row, cursor.column]).toEqual([0, 0]);
	});

	it('writes: a key begins anew, Enter goes on with what stands there; what makes no sense stays to be mended', () => {
		const before = things()[0]!;
		press('ArrowRight');
		press('7');
		expect(cursor.editing).toMatchObject({ text: '7', begun: true });
		cursor.endEdit(true, { rows: 1, columns: 0 });
		expect([things()[0]?.count, cursor.row, cursor.editing]).toEqual([7, 1, null]);
		press('ArrowUp');
		press('Enter');
		expect(cursor.editing).toMatchObject({ text: '7', begun: false });
		cursor.editing = { ...cursor.editing!, text: 'many' };
		cursor.endEdit(true);
		expect([cursor.editing?.text, cursor.wrong]).toEqual(['many', expect.stringMatching(/Not a number/)]);
		cursor.endEdit(false);
		expect([things()[0]?.count, cursor.wrong]).toEqual([7, '']);
		desk.shop.undo();
		expect(things()[0]).toEqual(before);
	});

	it('turns a tick over, and leaves alone what is worked out', () => {
		const thing = things()[0]!;
		cursor.edit(thing, charger);
		expect([things()[0]?.charger, cursor.editing]).toEqual([!thing.charger, null]);
		cursor.edit(thing, { ...(name as object), key: 'measured' } as never);
		expect(cursor.editing).toBeNull();
	});

	it('picks all, deletes what is picked, and leaves to others what it does not know', () => {
		const all = things().length;
		expect(press('a', { ctrlKey: true })).toBe(true);
		expect(desk.picked.size).toBe(all);
		desk.pick([things()[2]!.id]);
		press('Delete');
		expect([things().length, desk.picked.size]).toEqual([all - 1, 0]);
		expect([press('z', { ctrlKey: true }), press('Tab'), press('Delete')]).toEqual([false, false, false]);
	});

	it('goes to what was picked elsewhere', () => {
		cursor.follow(things()[5]!.id);
		cursor.follow('nobody');
		expect([cursor.row, shown]).toEqual([5, [5]]);
	});
});

describe('typing things in', () => {
	it('keeps what was mended while more is typed, and takes it with its place in the stock', () => {
		const entry = new ThingsEntry(desk);
		entry.text = '3 mallets\n\n2 gizmos';
		expect(entry.lines).toHaveLength(2);
		entry.correct(entry.reads[1]!, count, '4');
		entry.correct(entry.reads[0]!, count, 'lots');
		expect([entry.ready, entry.wrongIn(entry.reads[0]!, count)]).toEqual([
			false,
			expect.stringMatching(/Not a number/)
		]);
		entry.correct(entry.reads[0]!, count, '5');
		entry.text += '\n1 awl';
		expect([entry.ready, entry.reads.map((r) => r.thing.count)]).toEqual([true, [5, 4, 1]]);
		const before = things().length;
		expect(entry.take()).toBe(true);
		expect([things().length, entry.text]).toEqual([before + 3, '']);
		desk.shop.undo();
		expect(things().length).toBe(before);
	});

	it('adds to what is owned already, and keeps the other lines', () => {
		const entry = new ThingsEntry(desk);
		const owned = things()[0]!;
		entry.text = `2 ${owned.name}\n1 gizmo`;
		const [first] = entry.reads;
		expect(entry.owned(first!)?.id).toBe(owned.id);
		entry.addTo(first!, owned);
		expect([things()[0]?.count, entry.text]).toEqual([owned.count + 2, '1 gizmo']);
	});
});
