import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { Consumable } from '$core/consumables/consumable';
import { slipwayShop } from '$core/demo/slipway-shop';
import type { Board } from '$core/lumber/board';
import { newThing } from '$core/things/new-thing';
import { THING_COLUMNS } from '$core/things/columns';
import type { Thing } from '$core/things/types';
import { decodeText } from './decode';
import { headingUnit, matchColumns } from './match';
import { readTable, type ReadOptions } from './read';
import { tableCsv } from './write';

let n = 0;
const read = (text: string, more: Partial<ReadOptions> = {}) =>
	readTable(text, { list: 'things', unit: 'mm', newId: () => `n${n++}`, ...more });
const things = (text: string, more: Partial<ReadOptions> = {}) => read(text, more).items as Thing[];
const LB = 0.45359237;

describe('a corpus of tables as people keep them', () => {
	it('commas, quotes, and line breaks within quotes', () => {
		const [a, b] = things('Name,Notes,Qty\r\n"Plane, block","says ""keep dry""\nand does",2\r\nMallet,,1\r\n') as [
			Thing,
			Thing
		];
		expect(a).toMatchObject({ name: 'Plane, block', notes: 'says "keep dry"\nand does', count: 2 });
		expect(b).toMatchObject({ name: 'Mallet', notes: '', count: 1 });
	});

	it('semicolons and decimal commas', () => {
		const got = read('Article;Weight (kg);Height (cm)\nOar;2,1;195,5\n');
		expect(got.delimiter).toBe(';');
		expect(got.items[0]).toMatchObject({ name: 'Oar', mass: 2.1, height: 1955 });
	});

	it('tabs, and bars', () => {
		expect(things('tool\tcount\nAwl\t3')[0]).toMatchObject({ name: 'Awl', count: 3 });
		expect(things('tool|count|group\nAwl|3|hand tools')[0]).toMatchObject({
			name: 'Awl',
			count: 3,
			group: 'hand tools'
		});
	});

	it('inches with fractions, feet, and units in the cells among them', () => {
		const [a, b, c, d] = things(
			'item,width (in),height,weight_lb\nA,3 7/16,7\' 2 1/2",5\nB,3½,40 cm,12 oz\nC,1-1/2,87 mm,1 1/2\nD,0.75,2 ft,800 g'
		) as [Thing, Thing, Thing, Thing];
		expect([a.width, a.height, a.mass]).toEqual([
			3.4375 * 25.4,
			expect.closeTo(86.5 * 25.4, 6),
			expect.closeTo(5 * LB, 9)
		]);
		expect([b.width, b.height, b.mass]).toEqual([88.9, 400, expect.closeTo(0.75 * LB, 9)]);
		expect([c.width, c.height, c.mass]).toEqual([expect.closeTo(38.1, 9), 87, expect.closeTo(1.5 * LB, 9)]);
		expect([d.width, d.height, d.mass]).toEqual([expect.closeTo(19.05, 9), expect.closeTo(609.6, 9), 0.8]);
	});

	it('grams, ounces and metres by their headings', () => {
		expect(things('name,Weight [g],Cord length (m)\nCharger,700,1.5')[0]).toMatchObject({
			mass: expect.closeTo(0.7, 9),
			cord: 1500
		});
		expect(things('name,weight in ounces\nCharger,16')[0]?.mass).toBeCloseTo(LB, 9);
	});

	it('grips and their dimensions by the words people use', () => {
		expect(things('name,held by,bar thickness,head width\nClamp,Bar in slot,6 mm,45 mm')[0]).toMatchObject({
			grip: 'slot',
			dims: { bar: 6, head: 45 }
		});
	});

	it('empty lines, short lines and lines with too many cells', () => {
		const got = read('name,count\n\n,\nA\nB,2,extra,cells\n   ,  \n');
		expect((got.items as Thing[]).map((t) => [t.name, t.count])).toEqual([
			['A', 1],
			['B', 2]
		]);
	});

	it('no heading at all', () => {
		const got = read('Mallet,2\nAwl,1');
		expect(got.headed).toBe(false);
		expect((got.items as Thing[]).map((t) => t.name)).toEqual(['Mallet', 'Awl']);
	});

	it('nothing', () => expect(read('')).toMatchObject({ rows: 0, items: [] }));

	it('every bad cell is named, and its line counted; one without a name cannot be taken', () => {
		const got = read(
			'name,count,weight,grip,used\nA,two,heavy,slot,daily\n,3,1 kg,,\nC,1,1 kg,by magic,hourly\nD,1,"1,234 mm",,'
		);
		expect(got.bad.map((b) => [b.row, b.header, b.value])).toEqual([
			[2, 'count', 'two'],
			[2, 'weight', 'heavy'],
			[3, 'name', ''],
			[4, 'grip', 'by magic'],
			[4, 'used', 'hourly'],
			[5, 'weight', '1,234 mm']
		]);
		expect(got.bad.every((b) => b.why !== '')).toBe(true);
		expect([got.items.length, got.spoiled.length, got.without]).toEqual([3, 3, 1]);
	});

	it('twelve hundred and 1.2 are not mixed up: asked, not guessed', () => {
		expect(read('name,height (mm)\nA,"1,200"').bad[0]?.why).toMatch(/1200 or 1.2/);
		expect(read('name,height (mm)\nA,3 7/16').bad[0]?.why).toMatch(/inches\?/);
	});

	it('boards, with one length or two', () => {
		const [c, d] = read(
			'Wood,Thickness (mm),Width (mm),Shortest (m),Longest (m),Qty\nSpruce,28,65,3.6,4.8,2\nOak white,32,120,1,1,1',
			{
				list: 'boards'
			}
		).items as [Board, Board];
		expect(c).toMatchObject({ material: 'spruce', shortest: 3600, longest: 4800, count: 2 });
		expect(d).toMatchObject({ material: 'oak-white', shortest: 1000, longest: 1000 });
		expect(read('Wood,Thickness,Width,Length\nSpruce,28,65,2400', { list: 'boards' }).items[0]).toMatchObject({
			shortest: 2400,
			longest: 2400
		});
	});

	it('consumables', () =>
		expect(read('what;qty;unit;min;max\nMasking tape;2,5;rolls;1;4', { list: 'consumables' }).items[0]).toMatchObject({
			name: 'Masking tape',
			count: 2.5,
			unit: 'rolls',
			low: 1,
			enough: 4
		} satisfies Partial<Consumable>));
});

describe('encodings', () => {
	const text = 'name,notes\nHängezange,½" Öse\n';
	const utf16 = (big: boolean, mark: boolean) => {
		const body = (mark ? '\ufeff' : '') + text;
		return Uint8Array.from(
			[...body].flatMap((c) =>
				big ? [c.charCodeAt(0) >> 8, c.charCodeAt(0) & 255] : [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]
			)
		);
	};
	it.each([
		['UTF-8', new TextEncoder().encode(text), 'utf-8'],
		['UTF-8 with a byte-order mark', new TextEncoder().encode(`\ufeff${text}`), 'utf-8'],
		['UTF-16, little end first', utf16(false, true), 'utf-16le'],
		['UTF-16, big end first', utf16(true, true), 'utf-16be'],
		['UTF-16 without a mark', utf16(false, false), 'utf-16le'],
		['the Western code page', Uint8Array.from([...text].map((c) => c.charCodeAt(0))), 'windows-1252']
	])('%s', (_, bytes, encoding) => {
		const got = decodeText(bytes);
		expect(got.encoding).toBe(encoding);
		expect(things(got.text)[0]).toMatchObject({ name: 'Hängezange', notes: '½" Öse' });
	});
});

describe('headings', () => {
	it.each([
		['Weight (lb)', 'weight', 'lb'],
		['width_mm', 'width', 'mm'],
		['Height in inches', 'height', 'inches'],
		['Height in in', 'height', 'in'],
		['CordLength [m]', 'cord length', 'm'],
		['Bar', 'bar', null],
		['In', 'in', null],
		['Used at', 'used at', null],
		['Depth "', 'depth', '"']
	])('%s', (header, word, unit) => expect(headingUnit(header)).toEqual({ word, unit }));

	it('are each taken once, and what means nothing is left out', () => {
		expect(matchColumns(['Item', 'Name', 'Price', 'W', 'H', 'D', 'Wt'], THING_COLUMNS, 'mm').map((m) => m.key)).toEqual(
			['name', null, null, 'width', 'height', 'depth', 'mass']
		);
	});

	it('can be set right by hand', () => {
		const text = 'a,b\n5,Mallet';
		const matches = matchColumns(['a', 'b'], THING_COLUMNS, 'mm').map((m, i) => ({
			...m,
			key: i === 0 ? 'count' : 'name'
		}));
		expect(things(text, { matches, headed: true })[0]).toMatchObject({ name: 'Mallet', count: 5 });
	});
});

describe('a table that is written', () => {
	it('comes back as it went out, of the whole demo shop, in either unit', () => {
		const shop = slipwayShop();
		for (const unit of ['mm', 'inch'] as const) {
			for (const list of ['things', 'boards', 'consumables'] as const) {
				const got = read(tableCsv(list, shop[list], unit), { list, unit });
				expect(got.bad).toEqual([]);
				got.items.forEach((item, i) => {
					const was = { ...shop[list][i]!, id: item.id };
					// A hundredth of a millimetre, and a tenth of a gram.
					const near = (v: unknown): unknown => {
						if (typeof v === 'number') return expect.closeTo(v, 2);
						if (!v || typeof v !== 'object' || Array.isArray(v)) return v;
						return Object.fromEntries(Object.entries(v).map(([k, x]) => [k, near(x)]));
					};
					expect(item).toEqual(near(was));
				});
			}
		}
	});

	it('holds no formula a spreadsheet would run, and brings it back as it was', () => {
		const hostile = ["=cmd|'/C calc'!A0", '+1+1', '-2+3', '@SUM(A1)', '\t=1', '=HYPERLINK("http://x","y")'];
		const csv = tableCsv(
			'things',
			hostile.map((name, i) => ({ ...newThing(`t${i}`, name), notes: name, where: name.slice(0, 50) })),
			'mm'
		);
		const cells = Papa.parse<string[]>(csv).data.slice(1).flat();
		for (const cell of cells) expect(/^[=+\-@\t\r]/.test(cell), cell).toBe(false);
		expect(things(csv).map((t) => t.name)).toEqual(hostile.map((h) => h.trim()));
	});

	it('takes any text there is', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc
						.string({ minLength: 1, maxLength: 40 })
						.map((s) => s.replace(/\0/g, ' ').trim())
						.filter((s) => s !== '' && !/^'[=+\-@]/.test(s)),
					{ minLength: 1, maxLength: 5 }
				),
				(names) => {
					const csv = tableCsv(
						'things',
						names.map((name, i) => newThing(`t${i}`, name)),
						'mm'
					);
					expect(things(csv).map((t) => t.name)).toEqual(names);
				}
			),
			{ numRuns: 200 }
		);
	});
});
