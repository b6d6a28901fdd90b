import type { CutGroup } from '$core/cutting/cut-plan';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';

/** What one of a group's boards is called, in the number there are. */
export function boardWord(group: Pick<CutGroup, 'kind' | 'strip' | 'boards'>): string {
	const flat = group.strip === null ? 'board' : 'strip';
	const one = group.kind === 'dowel' || group.kind === 'rod' ? group.kind : flat;
	return group.boards.length === 1 ? one : `${one}s`;
}

/** How often each text stands in a list, in the order they first come. */
function tally(texts: readonly string[]): [string, number][] {
	const counts = new Map<string, number>();
	for (const t of texts) counts.set(t, (counts.get(t) ?? 0) + 1);
	return [...counts];
}

/**
 * Widths to rip from each sheet, with like sheets and like strips told once.
 * @param sheets widths of the strips on each sheet, mm
 * @example sayRips([[200, 200, 130], [200, 200, 130]], 'mm') // '2 sheets: 2 x 200 mm + 130 mm'
 */
export function sayRips(sheets: readonly (readonly number[])[], unit: LengthUnit): string {
	const times = (n: number, text: string) => (n === 1 ? text : `${n} x ${text}`);
	const each = sheets.map((widths) =>
		tally(widths.map((w) => formatLength(w, unit)))
			.map(([width, n]) => times(n, width))
			.join(' + ')
	);
	return tally(each)
		.map(([strips, n]) => (n === 1 ? strips : `${n} sheets: ${strips}`))
		.join(' | ');
}
