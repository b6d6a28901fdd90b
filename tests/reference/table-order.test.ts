import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { Column } from '$core/table/column';
import { PLAIN_VIEW, viewOf } from '$core/table/view';
import { newThing } from '$core/things/new-thing';
import { decodeText } from '$exchange/table-csv/decode';
import { tableCsv } from '$exchange/table-csv/write';

const NAME: Column = { key: 'name', label: 'Name', kind: 'text', max: 60 };
const SIZE: Column = { key: 'size', label: 'Size', kind: 'number', min: -1e9, max: 1e9 };

describe('the order of a table', () => {
	// The Unicode collation that browsers ship, with numbers by their size: words of letters, digits and spaces come out
	// in the same order.
	it('is that of the Unicode collation, numbers by their size', () => {
		const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
		const word = fc
			.array(fc.constantFrom('a', 'B', 'b', 'é', 'z', '1', '2', '10', '007'), { minLength: 1, maxLength: 5 })
			.map((c) => c.join(''));
		fc.assert(
			fc.property(fc.array(word, { maxLength: 30 }), (names) => {
				const items = names.map((name, id) => ({ id: String(id), name }));
				const sorted = viewOf(items, [NAME], { ...PLAIN_VIEW, sort: [{ key: 'name', down: false }] }).flatMap((l) =>
					l.kind === 'item' ? [l.item.name] : []
				);
				for (const [i, name] of sorted.slice(1).entries())
					expect(collator.compare(sorted[i] as string, name), `${sorted[i]} before ${name}`).toBeLessThanOrEqual(0);
			}),
			{ numRuns: 300 }
		);
	});

	// Array.prototype.sort of the language is stable and compares numbers as it is told.
	it("of numbers is the language's own, either way, with nothing last", () => {
		fc.assert(
			fc.property(
				fc.array(fc.option(fc.integer({ min: -50, max: 50 }), { freq: 4 }), { maxLength: 40 }),
				fc.boolean(),
				(sizes, down) => {
					const items = sizes.map((size, id) => ({ id, size }));
					const want = [...items].sort((a, b) => {
						if (a.size === b.size) return 0;
						if (a.size === null) return 1;
						if (b.size === null) return -1;
						return down ? b.size - a.size : a.size - b.size;
					});
					expect(
						viewOf(items, [SIZE], { ...PLAIN_VIEW, sort: [{ key: 'size', down }] }).map(
							(l) => l.kind === 'item' && l.item.id
						)
					).toEqual(want.map((i) => i.id));
				}
			)
		);
	});

	it('does not change what is in it, whatever is asked', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ name: fc.constantFrom('a', 'b', 'c'), size: fc.integer() }), { maxLength: 20 }),
				fc.boolean(),
				(rows, down) => {
					const items = rows.map((r, id) => ({ ...r, id: String(id) }));
					const lines = viewOf(items, [NAME, SIZE], { ...PLAIN_VIEW, group: 'name', sort: [{ key: 'size', down }] });
					expect(lines.flatMap((l) => (l.kind === 'item' ? [l.item.id] : [])).sort()).toEqual(
						items.map((i) => i.id).sort()
					);
					// Each heading counts what stands under it.
					lines.forEach((l, i) => {
						if (l.kind !== 'group') return;
						const next = lines.findIndex((o, k) => k > i && o.kind === 'group');
						expect((next < 0 ? lines.length : next) - i - 1).toBe(l.count);
					});
				}
			)
		);
	});
});

describe('files', () => {
	// TextEncoder of the platform and Buffer of Node write what is read here.
	it('are read as they were written, in each encoding', () => {
		// Plain letters first, as in any heading, and one after each odd letter: "ß½" of the Western code page is a letter
		// of UTF-8 as well, and nothing in the file tells which was meant.
		const text = fc
			.array(fc.constantFrom('a', ' ', ',', 'äa', 'ße', '½ ', '"', '\n'), { maxLength: 60 })
			.map((s) => `name,notes,where\n${s.join('')}`);
		fc.assert(
			fc.property(text, (s) => {
				expect(decodeText(new TextEncoder().encode(s)).text).toBe(s);
				expect(decodeText(new Uint8Array(Buffer.from(`\ufeff${s}`, 'utf16le'))).text).toBe(s);
				expect(decodeText(new Uint8Array(Buffer.from(s, 'utf16le'))).text).toBe(s);
				expect(decodeText(new Uint8Array(Buffer.from(`\ufeff${s}`, 'utf16le').swap16())).text).toBe(s);
				const western = decodeText(new Uint8Array(Buffer.from(s, 'latin1')));
				if (/[äß½]/.test(s)) expect(western.text).toBe(s);
			})
		);
	});

	// RFC 4180: papaparse reads back cell by cell what was given to it.
	it('hold a cell for every column in every line', () => {
		fc.assert(
			fc.property(fc.array(fc.string({ minLength: 1, maxLength: 30 }), { minLength: 1, maxLength: 6 }), (names) => {
				const { data } = Papa.parse<string[]>(
					tableCsv(
						'things',
						names.map((n, i) => ({ ...newThing(`t${i}`, n), notes: n })),
						'inch'
					)
				);
				expect(data).toHaveLength(names.length + 1);
				expect(new Set(data.map((line) => line.length)).size).toBe(1);
			})
		);
	});
});
