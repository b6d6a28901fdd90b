import Papa from 'papaparse';
import { beforeAll, describe, expect, it } from 'vitest';
import { cutPlan, type CutPlan } from '$core/cutting/cut-plan';
import { collectPieces } from '$core/cutting/pieces';
import { highsSolver } from '../../tests/support/highs';
import { billOf } from '$core/buying/bill';
import { buyingOf } from '$core/buying/buying-of';
import { slipwayWall } from '$core/demo/slipway';
import { slipwayShop } from '$core/demo/slipway-shop';
import { cheapestOf } from '$core/prices/packs';
import { checkReport } from './check-report';
import { mm, phrase } from '$core/units/phrase';
import { cutListCsv } from './cut-list-csv';

const plan = slipwayWall();
const buying = buyingOf(slipwayShop(), plan.cutting);
let cuts: CutPlan;
beforeAll(async () => {
	const solve = await highsSolver();
	const end = performance.now() + 2000;
	cuts = cutPlan(plan, { solve, buying, secondsLeft: () => (end - performance.now()) / 1000 });
});
const csv = (c: CutPlan, unit: 'mm' | 'inch') => cutListCsv(c, billOf(plan, c, buying), unit, 'EUR');
const rows = (text: string) => Papa.parse<Record<string, string>>(text, { header: true }).data;

describe('the cut list as CSV', () => {
	it('has a line for every piece, with its board and place', () => {
		const read = rows(csv(cuts, 'mm')).filter((r) => r.list === 'cut');
		expect(read).toHaveLength(collectPieces(plan).length);
		for (const r of read) {
			expect(Number(r['along (mm)'])).toBeGreaterThanOrEqual(0);
			expect(Number(r['across (mm)'])).toBeGreaterThanOrEqual(0);
			expect(Number(r['length (mm)'])).toBeGreaterThan(0);
		}
	});

	it('has one unit in a column, said in its head, and the same pieces in either', () => {
		const [mm, inch] = [rows(csv(cuts, 'mm')), rows(csv(cuts, 'inch'))];
		expect(Object.keys(inch[0] ?? {})).toEqual([
			'list',
			'what',
			'stock',
			'board',
			'along (in)',
			'across (in)',
			'length (in)',
			'width (in)',
			'count',
			'packs',
			'in a pack',
			'money (EUR)',
			'store',
			'for'
		]);
		inch.forEach((r, i) => expect(Number(r['length (in)']) * 25.4).toBeCloseTo(Number(mm[i]?.['length (mm)']), 0));
		for (const r of [...mm, ...inch])
			for (const [head, cell] of Object.entries(r)) if (/\((mm|in)\)/.test(head)) expect(cell).toMatch(/^[\d.]*$/);
	});

	it('takes what there is enough of, and does not buy it', () => {
		const bill = billOf(plan, cuts, buying);
		const { key } = bill.lines.find((l) => l.kind === 'screws')!;
		const had = { ...plan, cutting: { ...plan.cutting, have: [key] } };
		const screws = (text: string) => rows(text).filter((r) => r.what === 'screws');
		const before = screws(csv(cuts, 'mm'));
		const after = screws(cutListCsv(cuts, billOf(had, cuts, buying), 'mm', 'EUR'));
		expect(before.filter((r) => r.list === 'take')).toEqual([]);
		const [taken, ...more] = after.filter((r) => r.list === 'take');
		expect([taken?.packs, taken?.['money (EUR)'], more]).toEqual(['', '', []]);
		expect(after.filter((r) => r.list === 'buy')).toHaveLength(before.length - 1);
	});

	it('ends with what to buy: boards, screws by size, and the blocks beside joints', () => {
		const buy = rows(csv(cuts, 'mm')).filter((r) => r.list === 'buy');
		const screws = buy.filter((r) => r.what === 'screws');
		// 62 are needed; with some over 69, which is two packs of 50.
		expect(screws.map((r) => [r.stock, r['length (mm)'], r.count, r.packs, r['money (EUR)']])).toContainEqual([
			'#10',
			'80.0',
			'69',
			'2',
			'12.80'
		]);
		expect(buy.filter((r) => r.what === 'wood').reduce((n, r) => n + Number(r.count), 0)).toBe(
			cuts.groups.reduce((n, g) => n + g.buy, 0)
		);
	});

	it('has a row for every size of pack, which add up to what is needed and to the bill', () => {
		const bill = billOf(plan, cuts, buying);
		const line = bill.lines.find((l) => l.kind === 'screws' && l.count === 69)!;
		const box = (pack: number, of: number) => ({ ...line.packs!.lots[0]!.price, pack, price: of, store: 'Yard' });
		const packs = cheapestOf(
			[box(50, 5), box(20, 3)].map((price) => ({ price, each: price.price / price.pack })),
			69
		);
		const text = cutListCsv(cuts, { ...bill, lines: [{ ...line, packs }] }, 'mm', 'EUR');
		const buy = rows(text).filter((r) => r.list === 'buy');
		expect(buy.map((r) => [r.count, r.packs, r['in a pack'], r['money (EUR)'], r.store])).toEqual([
			['50', '1', '50', '5.00', 'Yard'],
			['19', '1', '20', '3.00', 'Yard']
		]);
	});

	it('names what fits no board', () => {
		const [group] = cuts.groups;
		if (!group) throw new Error('nothing to cut');
		const owner = { kind: 'row' as const, id: 'r', name: 'Long row' };
		const form = { kind: 'flat' as const, stock: 'ply-18' as const, width: 90, turn: false };
		const piece = { id: 'x', name: 'cleat', owner, length: 9000, form };
		const why = phrase('{l} long', { l: mm(9000) });
		const text = csv({ ...cuts, groups: [{ ...group, sheets: [], unfit: [{ piece, why }] }] }, 'mm');
		expect(
			rows(text)
				.filter((r) => r.list === 'cut')
				.map((r) => [r.board, r.for])
		).toEqual([['9000 mm long', 'Long row']]);
	});
});

describe('the check report', () => {
	it('is plain JSON with every verdict traced to a check with its sum', () => {
		const report = JSON.parse(JSON.stringify(checkReport(plan))) as ReturnType<typeof checkReport>;
		const byId = new Map(report.checks.map((c) => [c.id, c]));
		expect(byId.size).toBe(report.checks.length);
		for (const v of [...report.holders, ...report.rows, ...report.studs]) {
			const check = v.check === null ? undefined : byId.get(v.check);
			expect(v.stop ? 'cannot-be-built' : (check?.verdict ?? 'unloaded'), v.id).toBe(v.verdict);
			expect(check?.margin ?? null, v.id).toBe(v.margin);
			if (check) expect(check.lines.length, v.id).toBeGreaterThan(0);
		}
		expect(report.verdict.verdict).toBe('cannot-be-built');
		expect(report.holders.find((h) => h.id === 'h5')).toMatchObject({ verdict: 'close', second: { by: 'friction' } });
		// By thing: as safe as the worst holder it hangs on.
		expect(report.things.map((t) => [t.name, t.count, t.verdict])).toEqual(
			expect.arrayContaining([
				['spar clamp', 18, 'close'],
				['chain coil', 4, 'cannot-be-built'],
				['block plane', 2, 'holds']
			])
		);
		for (const t of report.things) expect(t.margin).toBe(byId.get(t.check)?.margin);
		expect(report.holders.map((h) => h.id)).toEqual(plan.holders.map((h) => h.id));
	});
});
