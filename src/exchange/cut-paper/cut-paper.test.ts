import { parseString } from 'dxf';
import { beforeAll, describe, expect, it } from 'vitest';
import { highsSolver } from '../../../tests/support/highs';
import { billOf } from '$core/buying/bill';
import { buyingOf } from '$core/buying/buying-of';
import { cutPlan, type CutPlan } from '$core/cutting/cut-plan';
import { slipwayWall } from '$core/demo/slipway';
import { slipwayShop } from '$core/demo/slipway-shop';
import { detailWork } from '$core/machining/details';
import { sawWork } from '$core/machining/steps';
import { readSvg } from '../drawing-in/svg';
import { sheetsDxf } from './dxf';
import { cutPaper, readPaper, type CutPaper } from './paper';
import { cutPaperPdf } from './pdf';
import { sheetsSvg } from './svg';

const plan = slipwayWall();
const shop = slipwayShop();
let paper: CutPaper;
let cuts: CutPlan;
beforeAll(async () => {
	const solve = await highsSolver();
	const buying = buyingOf(shop, plan.cutting);
	const end = performance.now() + 1000;
	cuts = cutPlan(plan, { solve, buying, secondsLeft: () => (end - performance.now()) / 1000 });
	const of = {
		cuts,
		bill: billOf(plan, cuts, buying),
		work: sawWork(cuts, shop.tools),
		details: detailWork(plan, shop.tools)
	};
	paper = cutPaper(plan.name, of, 'mm', 'EUR');
});

describe('a cut plan on paper', () => {
	it('has a figure for every board with every piece, and a line for all that is bought and done', () => {
		const sheets = cuts.groups.flatMap((g) => g.sheets);
		expect(paper.sheets.map((s) => s.pieces.length)).toEqual(sheets.map((s) => s.pieces.length));
		expect(paper.sheets.map((s) => s.cuts.length)).toEqual(sheets.map((s) => s.cuts.length));
		expect(paper.tables.map((t) => t.title)).toEqual(['To buy', 'Order of work at the saw', 'In the parts']);
		expect(paper.tables[0]!.note).toMatch(/^Together [\d. ]+ EUR, tax in it; 1 without a price/);
		expect(paper.tables[1]!.note).toMatch(/last word/);
	});
	it('is a PDF of several pages, with its letters in it', async () => {
		const pdf = Buffer.from(await cutPaperPdf(paper, 'mm')).toString('latin1');
		expect([pdf.startsWith('%PDF-1.'), pdf.trimEnd().endsWith('%%EOF')]).toEqual([true, true]);
		expect(pdf.match(/\/Type \/Page\b/g)!.length).toBeGreaterThan(3);
		expect(pdf).toContain('/FontFile');
	});
	it('is read back as it was made, and refused where it is none', () => {
		const read = (change: object) => readPaper(JSON.parse(JSON.stringify({ ...paper, ...change })));
		expect(read({}).ok).toBe(true);
		for (const wrong of [
			{ sheets: [{ title: 'x' }] },
			{ tables: [{ title: 'x', heads: [], rows: [[1]], note: '' }] },
			{ title: 'x'.repeat(201) },
			{ more: 1 }
		])
			expect(read(wrong).ok).toBe(false);
	});
});

describe('sheets as drawings', () => {
	/** Corners of a rectangle of that many pieces, by another reader. */
	const count = (layer: string) => parseString(sheetsDxf(paper.sheets)).entities.filter((e) => e.layer === layer);
	it('are DXF in millimetres that another reader takes, every kind in its layer', () => {
		const file = parseString(sheetsDxf(paper.sheets));
		expect(file.header?.insUnits).toBe(4);
		expect(count('SHEET')).toHaveLength(paper.sheets.length);
		expect(count('PIECES')).toHaveLength(paper.sheets.reduce((n, s) => n + s.pieces.length, 0));
		const lines = paper.sheets.flatMap((s) => s.cuts);
		expect(count('SLANTED')).toHaveLength(lines.filter((c) => c.slanted).length);
		expect(count('CUTS')).toHaveLength(lines.filter((c) => !c.slanted).length);
		// The first sheet lies at the origin, at full size.
		const [first] = count('SHEET');
		const [xs, ys] = [first!.vertices!.map((v) => v.x), first!.vertices!.map((v) => v.y)];
		expect([Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)]).toEqual([
			paper.sheets[0]!.length,
			paper.sheets[0]!.width
		]);
	});
	it('are SVG at full size, names made harmless, that our own reader of drawings takes', () => {
		const hurt = structuredClone(paper);
		hurt.sheets[0]!.pieces[0]!.words = '<script>&"x"';
		const svg = sheetsSvg('A & B', hurt.sheets);
		expect(svg).toContain('&lt;script&gt;&amp;&quot;x&quot;');
		expect(svg).not.toContain('<script>');
		const wide = Math.max(...paper.sheets.map((s) => s.length));
		expect(svg).toContain(`width="${wide}mm"`);
		expect(readSvg(svg).ok).toBe(true);
	});
});
