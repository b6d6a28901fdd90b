import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { applyCommand } from '$core/plan/commands';
import { readSurvey, surveyJson } from './json';
import { surveyListCsv } from './list-csv';
import { surveySheetPdf } from './sheet-pdf';
import { sheetTables, SURVEY_CAUTIONS } from './sheet-lines';

describe('a survey as JSON', () => {
	it('comes back as it went', () => {
		const read = readSurvey(surveyJson(slipwayWall()));
		expect(read).toMatchObject({ ok: true, value: { name: 'Slipway workshop, long wall', wall: slipwayWall().wall } });
	});
	it('of a whole plan gives its wall', () =>
		expect(readSurvey(JSON.stringify(slipwayWall()))).toMatchObject({ ok: true, value: { wall: { width: 5200 } } }));
	it.each([
		['no JSON', '{"format":', /breaks off/],
		['another format', '{"format":"x","version":1}', /not a Kammer survey/],
		['a later version', '{"format":"kammer-survey","version":2}', /version 2/],
		['hostile keys', '{"format":"kammer-survey","version":1,"wall":{"__proto__":{}}}', /not a name/],
		['nothing', '', /not JSON/],
		['a list', '[]', /not a Kammer survey/]
	])('that is %s is refused', (_, text, why) => {
		const read = readSurvey(text);
		expect(read.ok ? '' : read.error.map((p) => p.message).join()).toMatch(why);
	});
	it('with a wrong figure names its field', () => {
		const text = surveyJson({
			name: 'W',
			wall: { ...slipwayWall().wall, studs: [{ id: 's', x: -5, width: 38, depth: 89, species: 'spf' }] }
		});
		expect(readSurvey(text)).toMatchObject({
			ok: false,
			error: [{ path: 'wall.studs[0].x', message: 'must be at least 0 mm' }]
		});
	});
	it('that the rows here do not fit is not taken', () => {
		const read = readSurvey(surveyJson(emptyWall('Small')));
		if (!read.ok) throw new Error('not read');
		expect(applyCommand(slipwayWall(), { kind: 'set-survey', wall: read.value.wall })).toMatchObject({ ok: false });
	});
});

describe('studs and obstructions as CSV', () => {
	const plan = slipwayWall();
	it('is read back by papaparse, a line for each, left to right', () => {
		const { data } = Papa.parse<Record<string, string>>(surveyListCsv(plan, 'mm'), { header: true });
		expect(data).toHaveLength(plan.wall.studs.length + plan.wall.obstructions.length);
		expect(data[0]).toMatchObject({ what: 'stud', centre: '40 mm', left: '18 mm', right: '63 mm', depth: '95 mm' });
		expect(data.find((r) => r.name === 'bench outlet')).toMatchObject({ left: '1010 mm', 'from the floor': '1000 mm' });
	});
	it('is in inches for those who measure so', () => expect(surveyListCsv(plan, 'inch')).toContain('1 9/16""'));
	it('gives a spreadsheet no formulas', () => {
		const evil = {
			wall: {
				...plan.wall,
				studs: [],
				obstructions: [{ id: 'o', kind: 'other' as const, name: '=cmd()', x: 0, y: 0, width: 100, height: 100 }]
			}
		};
		expect(Papa.parse<string[]>(surveyListCsv(evil, 'mm')).data[1]?.[1]).toBe("'=cmd()");
	});
});

describe('the survey sheet', () => {
	it('leaves blank what nobody measured, and says what is known', () => {
		const [wall, studs] = sheetTables(emptyWall('New'), 'mm');
		expect(wall?.rows[0]).toEqual(['Width', '', 'measure']);
		expect(studs?.rows.every((r) => r.slice(1).every((c) => c === ''))).toBe(true);
		const [known, some] = sheetTables(slipwayWall(), 'mm');
		expect(known?.rows[0]).toEqual(['Width', '5200 mm', 'measured']);
		expect(some?.rows[0]?.slice(0, 3)).toEqual(['1', '40 mm', '40 mm']);
	});
	it('writes the facts as the record does, with how each was found', () => {
		const { wall: brick } = oarStoreWall();
		const rows = new Map(
			sheetTables({ ...oarStoreWall(), wall: { ...brick, how: { ...brick.how, shape: 'meter' } } }, 'mm')[0]?.rows.map(
				([what, ...rest]) => [what, rest]
			)
		);
		expect(rows.get('Made of')).toEqual(['brick 215 mm', 'measured']);
		expect(rows.get('Plugs, hole x length')).toEqual(['8 mm x 50 mm', '']);
		expect(rows.get("The plug maker's load in this wall, each")).toEqual(['25.0 kg', 'on the packet']);
		expect(rows.get('Cladding, all layers')).toEqual(['none', 'measured']);
		expect(rows.get('Height, right end')).toEqual(['2050 mm', 'distance meter']);
		expect(rows.get('At the corners')).toEqual(['', 'a wall, open, or an outer corner']);
		const guessed = sheetTables(
			{ ...oarStoreWall(), wall: { ...brick, how: { ...brick.how, build: 'guess' } } },
			'mm'
		)[0]?.rows;
		expect(guessed?.find((r) => r[0] === 'Made of')).toEqual(['Made of', '', 'measure']);
	});
	it('asks for studs only where a wall has any, and leaves blank a load nobody read', () => {
		expect(sheetTables(slipwayWall(), 'mm').map((t) => t.title)).toEqual(['The wall', 'Studs', 'In the way']);
		expect(sheetTables(oarStoreWall(), 'mm').map((t) => t.title)).toEqual(['The wall', 'In the way']);
		const { wall: brick } = oarStoreWall();
		if (brick.build?.kind !== 'masonry') throw new Error('the oar store is of brick');
		const unread = {
			...oarStoreWall(),
			wall: { ...brick, build: { ...brick.build, plug: { ...brick.build.plug, load: null } } }
		};
		expect(sheetTables(unread, 'mm')[0]?.rows).toContainEqual([
			"The plug maker's load in this wall, each",
			'',
			'on the packet'
		]);
	});
	it('is a PDF of one or more pages, in either unit, also of a wall with long names', async () => {
		const long = slipwayWall();
		long.name = 'A very long name of a wall that goes on '.repeat(3).slice(0, 120);
		long.wall.obstructions = Array.from({ length: 60 }, (_, i) => ({
			id: `x${i}`,
			kind: 'other',
			name: `ŁÓŹ thing ${i} with a name that is too long for any cell`.slice(0, 60),
			x: i * 50,
			y: 0,
			width: 40,
			height: 40
		}));
		for (const [plan, unit, most] of [
			[slipwayWall(), 'mm', 3],
			[long, 'inch', 6]
		] as const) {
			const pdf = Buffer.from(await surveySheetPdf(plan, unit)).toString('latin1');
			expect(pdf.slice(0, 5)).toBe('%PDF-');
			const pages = pdf.match(/\/Type \/Page\b/g)?.length ?? 0;
			expect(pages).toBeGreaterThanOrEqual(1);
			expect(pages).toBeLessThanOrEqual(most);
		}
	});
	it('cautions', () =>
		expect(SURVEY_CAUTIONS.join(' ')).toMatch(/Never drill blind[\s\S]*paint may hold lead[\s\S]*ladder/i));
});
