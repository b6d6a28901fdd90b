import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyWall } from '$core/plan/empty-wall';
import { applyCommand } from '$core/plan/commands';
import type { Result } from '$core/result';
import { readDxf } from './dxf';
import { joinLines } from './join-lines';
import { partsOf, surveyFromParts } from './parts';
import type { Drawn, DrawnShape } from './shape';
import { readSvg } from './svg';

const value = <T, E>(r: Result<T, E>): T => {
	if (!r.ok) throw new Error(JSON.stringify(r.error));
	return r.value;
};
const dxf = (entities: string[], insunits: number | null = 4, blocks = '') =>
	[
		'0',
		'SECTION',
		'2',
		'HEADER',
		...(insunits === null ? [] : ['9', '$INSUNITS', '70', String(insunits)]),
		'0',
		'ENDSEC',
		...(blocks ? ['0', 'SECTION', '2', 'BLOCKS', blocks, '0', 'ENDSEC'] : []),
		'0',
		'SECTION',
		'2',
		'ENTITIES',
		...entities,
		'0',
		'ENDSEC',
		'0',
		'EOF',
		''
	].join('\n');
const line = (layer: string, x1: number, y1: number, x2: number, y2: number) =>
	['0', 'LINE', '8', layer, '10', x1, '20', y1, '11', x2, '21', y2].join('\n');
const rect = (layer: string, x: number, y: number, w: number, h: number) =>
	[
		'0',
		'LWPOLYLINE',
		'8',
		layer,
		'90',
		4,
		'70',
		1,
		'10',
		x,
		'20',
		y,
		'10',
		x + w,
		'20',
		y,
		'10',
		x + w,
		'20',
		y + h,
		'10',
		x,
		'20',
		y + h
	].join('\n');
let n = 0;
const newId = () => `n${n++}`;
const survey = (drawn: Drawn, unit = drawn.unit ?? 1) =>
	value(surveyFromParts(emptyWall('W').wall, value(partsOf(drawn, unit)), { depth: 89, species: 'spf' }, newId));

describe('a DXF drawing', () => {
	it('of rectangles on named layers becomes a wall with studs, a door and an outlet', () => {
		const wall = survey(
			value(
				readDxf(
					dxf([
						rect('WALL', 100, 50, 4000, 2400),
						rect('STUDS', 500, 50, 38, 2400),
						rect('STUDS', 900, 50, 38, 2400),
						rect('DOORS', 2100, 50, 800, 2000),
						rect('OUTLET', 1500, 1050, 90, 120)
					])
				)
			)
		);
		expect(wall).toMatchObject({ width: 4000, height: 2400, how: { width: 'drawing', height: 'drawing' } });
		expect(wall.studs.map((s) => [s.x, s.width, s.found?.how])).toEqual([
			[419, 38, 'drawing'],
			[819, 38, 'drawing']
		]);
		expect(wall.obstructions.map((o) => [o.kind, o.x, o.y, o.width, o.height])).toEqual([
			['door', 2000, 0, 800, 2000],
			['outlet', 1400, 1000, 90, 120]
		]);
	});
	it('of single lines is joined end to end, in any order and direction', () => {
		const sides = [
			line('0', 0, 0, 4000, 0),
			line('0', 4000, 2400, 4000, 0),
			line('0', 0, 2400, 4000, 2400),
			line('0', 0, 2400, 0, 0)
		];
		expect(survey(value(readDxf(dxf(sides))))).toMatchObject({ width: 4000, height: 2400 });
	});
	it('is read in the unit it says, and asked about where it says none', () => {
		expect(survey(value(readDxf(dxf([rect('0', 0, 0, 160, 96)], 1))))).toMatchObject({ width: 4064, height: 2438.4 });
		expect(value(readDxf(dxf([rect('0', 0, 0, 4, 2.4)], null))).unit).toBeNull();
	});
	it('with a gable, a lower right end and a floor that rises has that shape', () => {
		const house = [
			'0',
			'LWPOLYLINE',
			'8',
			'wall',
			'90',
			5,
			'70',
			1,
			'10',
			0,
			'20',
			0,
			'10',
			4000,
			'20',
			80,
			'10',
			4000,
			'20',
			2000,
			'10',
			1500,
			'20',
			3100,
			'10',
			0,
			'20',
			2400
		].join('\n');
		const wall = survey(value(readDxf(dxf([house]))));
		expect(wall.height).toBeCloseTo(2400, 0);
		expect(wall.shape?.peak).toEqual({ x: 1500, height: 3100 });
		expect(wall.shape?.right).toBeCloseTo(2000, 0);
		expect(wall.shape?.floorRise).toBeCloseTo(80, 0);
	});
	it('goes into blocks, scaled and turned', () => {
		const blocks = [
			'0',
			'BLOCK',
			'8',
			'0',
			'2',
			'BOX',
			'70',
			'0',
			'10',
			'0',
			'20',
			'0',
			rect('outlet', 0, 0, 90, 120),
			'0',
			'ENDBLK'
		].join('\n');
		const insert = [
			'0',
			'INSERT',
			'8',
			'0',
			'2',
			'BOX',
			'10',
			'1000',
			'20',
			'900',
			'41',
			'2',
			'42',
			'1',
			'50',
			'90'
		].join('\n');
		const parts = value(partsOf(value(readDxf(dxf([rect('wall', 0, 0, 4000, 2400), insert], 4, blocks))), 1));
		// Twice as wide, then turned by a quarter: 120 wide, 180 high, to the left of where it was put.
		expect(parts[1]?.box.x).toBeCloseTo(880, 6);
		expect(parts[1]?.box.width).toBeCloseTo(120, 6);
		expect(parts[1]?.box.height).toBeCloseTo(180, 6);
	});
	it('with bulges and circles has their rounds', () => {
		const bulge = [
			'0',
			'LWPOLYLINE',
			'8',
			'pipe',
			'90',
			2,
			'70',
			1,
			'10',
			1000,
			'20',
			1000,
			'42',
			1,
			'10',
			1200,
			'20',
			1000,
			'42',
			1
		].join('\n');
		const circle = ['0', 'CIRCLE', '8', 'pipe', '10', 2000, '20', 1000, '40', 50].join('\n');
		const parts = value(partsOf(value(readDxf(dxf([rect('wall', 0, 0, 4000, 2400), bulge, circle]))), 1));
		// A bulge of 1 is half a round: both sides make a whole one of 200 across.
		expect(parts.find((p) => p.box.x > 990 && p.box.x < 1010)?.box.height).toBeCloseTo(200, 0);
		expect(parts.find((p) => p.box.x > 1900)?.box).toMatchObject({ x: 1950, y: expect.closeTo(950, 0) });
	});
	it.each([
		['nothing at all', '', /not a DXF/],
		['other text', 'hello\nworld', /not a DXF/],
		['one that breaks off', dxf([rect('wall', 0, 0, 4000, 2400)]).slice(0, 150), /damaged|breaks off|holds no/],
		['an empty one', dxf([]), /holds no lines/],
		['a number that is none', dxf([line('0', Number.NaN, 0, 1, 1)]), /holds no|damaged|No closed/]
	])('that is %s is refused', (_, text, why) => {
		const read = readDxf(text);
		const error = read.ok ? (partsOf(read.value, 1) as { error?: string }).error : read.error;
		expect(error).toMatch(why);
	});
	it('of empty blocks in blocks in blocks ends', () => {
		const insert = (name: string) => ['0', 'INSERT', '8', '0', '2', name, '10', '0', '20', '0'].join('\n');
		const block = (name: string, inner: string) =>
			[
				'0',
				'BLOCK',
				'8',
				'0',
				'2',
				name,
				'70',
				'0',
				'10',
				'0',
				'20',
				'0',
				...Array<string>(30).fill(insert(inner)),
				'0',
				'ENDBLK'
			].join('\n');
		expect(
			readDxf(dxf([insert('A'), rect('wall', 0, 0, 4000, 2400)], 4, `${block('A', 'B')}\n${block('B', 'A')}`))
		).toMatchObject({
			ok: false,
			error: expect.stringContaining('more than')
		});
	});
	it('never throws, however it is spoiled', () => {
		const good = dxf([rect('WALL', 0, 0, 4000, 2400), line('0', 0, 0, 1, 1)]);
		fc.assert(
			fc.property(fc.nat(good.length), fc.string({ maxLength: 20 }), fc.nat(40), (at, put, cut) => {
				const read = readDxf(good.slice(0, at) + put + good.slice(at + cut));
				if (read.ok) partsOf(read.value, 1);
			}),
			{ numRuns: 300 }
		);
	});
});

describe('an SVG drawing', () => {
	it('in real lengths with transforms becomes a wall, its y turned up', () => {
		const svg =
			'<svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="240mm" viewBox="0 0 400 240"><g transform="scale(1)"><rect id="wall" width="400" height="240"/><g transform="translate(200 40)"><rect id="door" width="80" height="200"/></g><rect class="stud" x="38.1" width="3.8" height="240"/></g></svg>';
		const drawn = value(readSvg(svg));
		expect(drawn.unit).toBe(1);
		const wall = survey(drawn, 10);
		expect(wall).toMatchObject({ width: 4000, height: 2400 });
		expect(wall.obstructions.map((o) => [o.kind, o.x, o.y, o.width, o.height])).toEqual([['door', 2000, 0, 800, 2000]]);
		expect(wall.studs.map((s) => s.x)).toEqual([400]);
	});
	it('of paths, polygons, lines and rounds is flattened', () => {
		const svg =
			'<svg><path d="M0 0H4000V2400H0Z"/><polygon points="100,100 200,100 200,300"/><circle cx="1000" cy="1000" r="50"/><path d="M2000 1000c0-100 200-100 200 0z"/><line x1="500" y1="0" x2="500" y2="2400"/></svg>';
		const parts = value(partsOf(value(readSvg(svg)), 1));
		expect(parts).toHaveLength(5);
		expect(parts.map((p) => p.what)).toContain('stud');
		expect(parts.find((p) => p.box.x === 950)?.box.width).toBeCloseTo(100, 0);
		// A Bezier curve with handles 100 above its ends rises by three quarters of that.
		expect(parts.find((p) => p.box.x === 2000)?.box.height).toBeCloseTo(75, 0);
	});
	it('leaves out what is hidden or only defined', () =>
		expect(
			value(
				readSvg(
					'<svg><defs><rect width="9" height="9"/></defs><rect width="5" height="5" style="display:none"/><rect width="4000" height="2400"/><text>note</text></svg>'
				)
			)
		).toMatchObject({ shapes: [{ closed: true }], skipped: { text: 1 } }));
	it.each([
		['text', 'hello', /damaged|cannot|not an SVG/],
		['another document', '<html><body/></html>', /not an SVG/],
		['one that breaks off', '<svg><rect width="10"', /damaged|breaks off/],
		['empty', '<svg/>', /holds no lines/],
		[
			'an entity bomb',
			'<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg><text>&b;</text><rect width="1" height="1"/></svg>',
			/damaged|entity/
		],
		[
			'nested without end',
			`<svg>${'<g>'.repeat(500)}<rect width="1" height="1"/>${'</g>'.repeat(500)}</svg>`,
			/nested/
		],
		['too many shapes', `<svg>${'<rect width="1" height="1"/>'.repeat(5000)}</svg>`, /more than 4000/]
	])('that is %s is refused', (_, text, why) =>
		expect(readSvg(text)).toMatchObject({ ok: false, error: expect.stringMatching(why) })
	);
});

describe('what a drawing means', () => {
	const wall = (w: number, h: number): DrawnShape => ({
		name: '',
		closed: true,
		points: [
			{ x: 0, y: 0 },
			{ x: w, y: 0 },
			{ x: w, y: h },
			{ x: 0, y: h }
		]
	});
	it('is asked where its size is no wall', () =>
		expect(partsOf({ shapes: [wall(4, 2.4)], unit: null, skipped: {} }, 1)).toMatchObject({
			ok: false,
			error: expect.stringContaining('4 x 2 mm: no wall is')
		}));
	it('needs an outline', () =>
		expect(partsOf({ shapes: [{ ...wall(4000, 2400), closed: false }], unit: 1, skipped: {} }, 1)).toMatchObject({
			ok: false,
			error: expect.stringContaining('No closed shape')
		}));
	it('with studs that overlap is refused by the plan, with the stud named', () => {
		const made = survey({
			shapes: [
				wall(4000, 2400),
				...[500, 510].map((x): DrawnShape => ({
					name: 'stud',
					closed: true,
					points: [
						{ x, y: 0 },
						{ x: x + 38, y: 0 },
						{ x: x + 38, y: 2400 },
						{ x, y: 2400 }
					]
				}))
			],
			unit: 1,
			skipped: {}
		});
		expect(applyCommand(emptyWall('W'), { kind: 'set-survey', wall: made })).toMatchObject({
			ok: false,
			error: [{ path: 'wall.studs[0].x', message: expect.stringContaining('stands in the same place') }, {}]
		});
	});
	it('joins only ends that meet, and on one layer', () => {
		const a = {
			name: 'a',
			closed: false,
			points: [
				{ x: 0, y: 0 },
				{ x: 10, y: 0 }
			]
		};
		expect(
			joinLines([
				a,
				{
					...a,
					points: [
						{ x: 10, y: 0 },
						{ x: 10, y: 5 }
					]
				}
			])
		).toHaveLength(1);
		expect(
			joinLines([
				a,
				{
					...a,
					name: 'b',
					points: [
						{ x: 10, y: 0 },
						{ x: 10, y: 5 }
					]
				}
			])
		).toHaveLength(2);
		expect(
			joinLines([
				a,
				{
					...a,
					points: [
						{ x: 11, y: 0 },
						{ x: 10, y: 5 }
					]
				}
			])
		).toHaveLength(2);
	});
});
