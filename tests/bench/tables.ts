import Papa from 'papaparse';
import { readTable } from '$exchange/table-csv/read';
import type { Line } from './checks';

const ROWS = 10_000;

/** A file as somebody keeps one: names, groups, figures in a few units. */
function bigTable(): string {
	const lines = Array.from(
		{ length: ROWS },
		(_, i) =>
			`"Thing ${i}",group ${i % 60},${1 + (i % 9)},${20 + (i % 300)} mm,${(i % 40) + 1} 7/16",${(0.2 + (i % 90) / 10).toFixed(2)},bench ${i % 12},"kept dry, mostly"`
	);
	return `name,group,count,width,height (in),weight (kg),used at,notes\n${lines.join('\n')}\n`;
}

/**
 * Import of a large table, as a ratio to only taking it apart; both in turn, since a shared machine is now fast, now
 * slow.
 */
export function benchTables(): Line[] {
	const text = bigTable();
	let [apart, whole] = [Infinity, Infinity];
	let n = 0;
	for (let round = 0; round < 12; round++) {
		let start = performance.now();
		Papa.parse(text, { skipEmptyLines: 'greedy' });
		apart = Math.min(apart, performance.now() - start);
		start = performance.now();
		const read = readTable(text, { list: 'things', unit: 'mm', newId: () => `n${n++}` });
		whole = Math.min(whole, performance.now() - start);
		if (read.items.length !== ROWS || read.badCount > 0)
			throw new Error(`${read.items.length} items, ${read.badCount} bad cells`);
	}
	return [
		{
			what: `read and check a table of ${ROWS} lines, against papaparse taking the same apart`,
			value: whole / apart,
			aim: '10 or less',
			met: whole / apart <= 10
		}
	];
}
