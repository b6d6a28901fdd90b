import type { Problem } from '$core/result';
import { cellOf, withCell, type CellValue, type Column } from '$core/table/column';
import { bareUnits, readCell } from '$core/table/read-cell';
import { writeCell } from '$core/table/write-cell';
import { ownedLike } from '$core/things/alike';
import { readLine, type LineRead } from '$core/things/read-line';
import type { Thing } from '$core/things/types';
import type { TypicalKind } from '$core/things/typical/kind';
import { formatLength } from '$core/units/format-length';
import { sayProblem } from '$lib/state/commit';
import { newId } from '$lib/state/new-id';
import { preferences } from '$lib/state/preferences.svelte';
import type { StockDesk } from '$lib/state/stock-desk.svelte';

/** A typed line as it was understood, with what was mended in it. */
export interface Reading extends LineRead {
	/** The line and its place, so that a correction stays with it. */
	key: string;
}

/** So many lines are read at once; more come in as a file. */
export const MOST_LINES = 200;

/** New things by typing, a line each: what was typed, how it was understood, and what was mended in that. */
export class ThingsEntry {
	text = $state('');
	error = $state('');
	#mended = $state.raw<Record<string, Record<string, CellValue>>>({});
	#wrong = $state.raw<Record<string, string>>({});
	/** Ids of the lines by their place: the same while somebody types. */
	#ids: string[] = [];
	#desk = $state.raw() as StockDesk;

	constructor(desk: StockDesk) {
		this.#desk = desk;
	}

	lines = $derived(this.text.split(/\r?\n/).filter((l) => l.trim() !== ''));
	reads = $derived(this.lines.slice(0, MOST_LINES).map((line, i) => this.#read(line, i)));
	/** Lines that were not understood stand on top. */
	shown = $derived([...this.reads].sort((a, b) => Number(b.faults.length > 0) - Number(a.faults.length > 0)));
	#faulty = $derived(this.reads.some((r) => r.faults.length > 0) || Object.values(this.#wrong).some(Boolean));
	ready = $derived(this.reads.length > 0 && !this.#faulty && this.lines.length <= MOST_LINES);

	#read(line: string, i: number): Reading {
		const key = `${i} ${line}`;
		const read = readLine(line, preferences.unit, (this.#ids[i] ??= newId()));
		let { thing } = read;
		for (const [cell, value] of Object.entries(this.#mended[key] ?? {}))
			thing = { ...withCell(thing, { key: cell }, value), typical: thing.typical.filter((k) => k !== cell) };
		return { ...read, thing, key };
	}

	said(r: Reading, column: Column): string {
		return writeCell(cellOf(r.thing, column), column, preferences.unit);
	}
	/** What is wrong with a correction. */
	wrongIn(r: Reading, column: Column): string {
		return this.#wrong[`${r.key} ${column.key}`] ?? '';
	}

	correct(r: Reading, column: Column, typed: string): void {
		const { unit } = preferences;
		const got = readCell(typed, column, bareUnits(unit), unit);
		this.#wrong = { ...this.#wrong, [`${r.key} ${column.key}`]: got.ok ? '' : got.error };
		if (got.ok) this.#mended = { ...this.#mended, [r.key]: { ...this.#mended[r.key], [column.key]: got.value } };
	}

	owned(r: Reading): Thing | undefined {
		return ownedLike(this.#desk.shop.shop.things, r.thing.name);
	}

	clear(): void {
		this.text = '';
		this.error = '';
		this.#mended = {};
		this.#wrong = {};
		this.#ids = [];
	}

	#failed(problems: readonly Problem[]): boolean {
		this.error = problems[0] ? sayProblem(problems[0], preferences.unit) : '';
		return problems.length > 0;
	}

	/** Takes all lines. They stay unpicked: the next word in the slip would change them. */
	take(): boolean {
		if (!this.ready) return false;
		const things = this.reads.map((r) => r.thing);
		const label = things.length === 1 ? `add ${things[0]?.name}` : `add ${things.length} things`;
		if (this.#failed(this.#desk.shop.add('things', things, label))) return false;
		this.clear();
		this.#desk.pick([]);
		return true;
	}

	/** Adds to what is owned already instead of a second line of the same. */
	addTo(r: Reading, found: Thing): void {
		const more = (t: Thing) => ({ ...t, count: t.count + r.thing.count });
		const label = `add ${r.thing.count} to ${found.name}`;
		if (this.#failed(this.#desk.shop.change('things', [found.id], more, label))) return;
		this.text = this.lines.filter((l, i) => `${i} ${l}` !== r.key).join('\n');
		this.#desk.pick([found.id]);
	}

	/** One more line, of a typical kind. */
	startWith(kind: TypicalKind): void {
		const before = this.text.trim() === '' ? '' : `${this.text.trimEnd()}\n`;
		const [length] = kind.lengths ?? [];
		const size = length === undefined ? '' : ` ${formatLength(length, preferences.unit).replace(' mm', 'mm')}`;
		this.text = `${before}1 ${kind.name}${size}`;
	}
}
