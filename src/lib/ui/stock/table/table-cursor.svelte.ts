import { tick } from 'svelte';
import { withCell, type Column } from '$core/table/column';
import { bareUnits, readCell } from '$core/table/read-cell';
import { writeCell } from '$core/table/write-cell';
import { sayProblem } from '$lib/state/commit';
import { preferences } from '$lib/state/preferences.svelte';
import { TABLES, type StockDesk, type TableItem } from '$lib/state/stock-desk.svelte';

/** What the cursor asks of the box that the lines are shown in. */
export interface Sight {
	/** Brings a line into sight. */
	show(line: number): void;
	/** Lines that go on a page. */
	page(): number;
	focus(): void;
}

/** A cell that is written in. */
export interface Editing {
	id: string;
	key: string;
	text: string;
	/** It began with a key: what is typed goes on behind it. */
	begun: boolean;
}

const within = (value: number, most: number) => Math.min(Math.max(0, most), Math.max(0, value));

/** Where the keyboard is in a table: which cell, what is picked from where on, and the cell that is written in. */
export class TableCursor {
	#at = $state.raw({ row: 0, column: 0 });
	/** Where a range that is picked begins. */
	#anchor = 0;
	editing = $state.raw<Editing | null>(null);
	/** Why what was typed into the cell is not taken. */
	wrong = $state('');

	#desk = $state.raw() as StockDesk;
	#columns = $state.raw() as () => readonly Column[];
	#sight: Sight;

	constructor(desk: StockDesk, columns: () => readonly Column[], sight: Sight) {
		this.#desk = desk;
		this.#columns = columns;
		this.#sight = sight;
	}

	row = $derived(within(this.#at.row, this.#desk.lines.length - 1));
	column = $derived(within(this.#at.column, this.#columns().length - 1));

	/** What stands in a cell. */
	said(item: TableItem, column: Column): string {
		return writeCell(this.#desk.valueOf(item, column), column, preferences.unit);
	}

	/** What was picked elsewhere, brought into sight. */
	follow(id: string): void {
		const line = this.#desk.lines.findIndex((l) => l.kind === 'item' && l.item.id === id);
		if (line < 0 || line === this.row) return;
		this.#at = { row: line, column: this.column };
		this.#sight.show(line);
	}

	#go(to: number, extend: boolean): void {
		const next = within(to, this.#desk.lines.length - 1);
		if (!extend) this.#anchor = next;
		this.#at = { row: next, column: this.column };
		this.#pickRange(extend ? this.#anchor : next, next);
		this.#sight.show(next);
	}

	#pickRange(a: number, b: number): void {
		const lines = this.#desk.lines.slice(Math.min(a, b), Math.max(a, b) + 1);
		this.#desk.pick(lines.flatMap((l) => (l.kind === 'item' ? [l.item.id] : [])));
	}

	toggle(item: TableItem): void {
		const next = new Set(this.#desk.picked);
		if (!next.delete(item.id)) next.add(item.id);
		this.#desk.pick(next);
	}

	/** A cell is pressed: it alone, with Shift all from the last one to here, with Ctrl one more. */
	pressed(event: MouseEvent, line: number, item: TableItem, column: number): void {
		this.#at = { row: line, column };
		if (event.shiftKey) this.#pickRange(this.#anchor, line);
		else {
			this.#anchor = line;
			if (event.ctrlKey || event.metaKey) this.toggle(item);
			else this.#desk.pick([item.id]);
		}
		this.#sight.focus();
	}

	/** Begins to write into a cell, with a first letter or what stands there; a tick is turned over. */
	edit(item: TableItem, column: Column, letter?: string): void {
		if (!TABLES[this.#desk.list].columns.some((c) => c.key === column.key)) return;
		if (column.kind === 'flag') {
			this.#commit(item, column, this.#desk.valueOf(item, column) ? 'no' : 'yes');
			return;
		}
		const begun = letter !== undefined;
		this.editing = { id: item.id, key: column.key, text: letter ?? this.said(item, column), begun };
		this.wrong = '';
	}

	#commit(item: TableItem, column: Column, text: string): boolean {
		const { unit } = preferences;
		const got = readCell(text, column, bareUnits(unit), unit);
		if (!got.ok) {
			this.wrong = got.error;
			return false;
		}
		const measured = <T extends TableItem>(i: T): T =>
			'typical' in i ? { ...i, typical: i.typical.filter((k) => k !== column.key) } : i;
		const label = `change ${column.label.toLowerCase()}`;
		const set = (i: TableItem) => withCell(measured(i), column, got.value);
		const [problem] = this.#desk.shop.change(this.#desk.list, [item.id], set, label);
		this.wrong = problem ? sayProblem(problem, unit) : '';
		return !problem;
	}

	/** Ends writing: takes what was typed or leaves it, and goes on to another cell. */
	endEdit(take: boolean, step?: { rows: number; columns: number }): void {
		const { editing } = this;
		if (!editing) return;
		const item = this.#desk.items.find((i) => i.id === editing.id);
		const column = this.#columns().find((c) => c.key === editing.key);
		const changed = item && column && editing.text !== this.said(item, column);
		if (take && changed && !this.#commit(item, column, editing.text)) return;
		this.editing = null;
		this.wrong = '';
		if (!step) return;
		this.#at = {
			row: within(this.row + step.rows, this.#desk.lines.length - 1),
			column: within(this.column + step.columns, this.#columns().length - 1)
		};
		const line = this.#desk.lines[this.#at.row];
		if (line?.kind === 'item') this.#desk.pick([line.item.id]);
		this.#sight.show(this.#at.row);
		this.#sight.focus();
	}

	/** Keys while a cell is written in. */
	editKeyed = (event: KeyboardEvent): void => {
		event.stopPropagation();
		if (event.key === 'Enter') this.endEdit(true, { rows: 1, columns: 0 });
		else if (event.key === 'Tab') {
			event.preventDefault();
			this.endEdit(true, { rows: 0, columns: event.shiftKey ? -1 : 1 });
		} else if (event.key === 'Escape') this.endEdit(false, { rows: 0, columns: 0 });
	};

	/** Keys while the table has the focus. */
	keyed = (event: KeyboardEvent): void => {
		const command = event.ctrlKey || event.metaKey;
		if (this.#moved(event, command) || this.#picked(event, command) || this.#written(event, command))
			event.preventDefault();
	};

	#moved({ key, shiftKey }: KeyboardEvent, command: boolean): boolean {
		const page = this.#sight.page();
		const rows: Record<string, number> = { ArrowDown: 1, ArrowUp: -1, PageDown: page, PageUp: -page };
		const columns: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity };
		const [down, right] = [rows[key], columns[key]];
		if (down !== undefined) this.#go(this.row + down, shiftKey);
		else if (command && (key === 'Home' || key === 'End')) this.#go(key === 'Home' ? 0 : Infinity, shiftKey);
		else if (right === undefined) return false;
		else this.#at = { row: this.row, column: within(this.column + right, this.#columns().length - 1) };
		return true;
	}

	#picked({ key }: KeyboardEvent, command: boolean): boolean {
		const desk = this.#desk;
		const line = desk.lines[this.row];
		if (command && key.toLowerCase() === 'a') desk.pick(desk.shownItems.map((i) => i.id));
		else if (key === ' ' && line?.kind === 'item') this.toggle(line.item);
		else if (key === 'Delete' && desk.picked.size > 0) {
			desk.shop.remove(desk.list, desk.picked, desk.picked.size === 1 ? 'delete' : `delete ${desk.picked.size}`);
			desk.pick([]);
		} else return false;
		return true;
	}

	#written({ key, altKey }: KeyboardEvent, command: boolean): boolean {
		const line = this.#desk.lines[this.row];
		const column = this.#columns()[this.column];
		if (line?.kind !== 'item' || !column || command || altKey) return false;
		if (key === 'Enter' || key === 'F2') this.edit(line.item, column);
		else if (key.length === 1) this.edit(line.item, column, key);
		else return false;
		return true;
	}
}

/** Puts the keyboard into a cell that begins to be written in. */
export function writeHere(input: HTMLInputElement, begun: boolean): void {
	void tick().then(() => {
		input.focus();
		if (!begun) input.select();
	});
}
