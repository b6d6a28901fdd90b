import { beforeAll, describe, expect, it } from 'vitest';
import { cutsAll, sawsTrue } from '../../../tests/support/cut-checks';
import { CUTTING, KERF, pieces, sheetPrice as sheet, workshop } from '../../../tests/support/to-cut';
import { moreWalls } from '../demo/slipway-more';
import { newBoard, type Board } from '../lumber/board';
import type { Price } from '../prices/price';
import { NO_PRICES } from '../prices/ware';
import { seeded } from '../seeded';
import { cutPlan } from './cut-plan';
import { cutRectangles } from './cut-rectangles';
import { groupPieces } from './groups';
import { NO_SUPPLY } from './offers';
import { collectPieces, type Piece } from './pieces';
import { settingsOf } from './settings';
import type { Solver } from './solver';

let work: Awaited<ReturnType<typeof workshop>>;
let solve: Solver;
beforeAll(async () => {
	work = await workshop();
	({ solve } = work('money', 0));
});

describe('sheets in strips', () => {
	const inStrips = (all: Piece[], prices: Price[] = [], boards: Board[] = [], seconds = 1.5) => {
		const [group] = groupPieces(all, CUTTING, { boards, buying: { ...NO_PRICES, prices } });
		const got = cutRectangles(group!, all, { ...work('money', seconds), inStrips: true }, () => undefined);
		sawsTrue(got, KERF);
		expect(got.sheets.flatMap((s) => s.pieces.map((p) => p.piece.id)).sort()).toEqual(all.map((p) => p.id).sort());
		return got;
	};
	const sizes = (got: ReturnType<typeof inStrips>) =>
		got.sheets.map((s) => `${got.offers[s.offer]!.width}x${got.offers[s.offer]!.length}`).sort();
	/** Every cut along the sheet goes through all of it, and no strip has two widths. */
	const twoStages = ({ sheets, offers }: ReturnType<typeof inStrips>) => {
		for (const { cuts, pieces: laid, offer } of sheets) {
			const rips = cuts.filter((c) => !c.across && !c.bevel);
			for (const c of rips) expect(c.to - c.from).toBeCloseTo(offers[offer]!.length, 6);
			const strips = new Map<string, Set<string>>();
			for (const p of laid) {
				const y = p.y.toFixed(2);
				strips.set(y, (strips.get(y) ?? new Set()).add(p.width.toFixed(2)));
			}
			for (const widths of strips.values()) expect(widths.size).toBe(1);
		}
	};
	// Three widths of 500, 300 and 200 are 1006.4 of 1220: a strip each, 4 x 600 (2409.6 of 2440) in the first.
	it('are ripped right through, then cut to length: by hand', () => {
		const got = inStrips([...pieces(4, 600, 500), ...pieces(2, 900, 300), ...pieces(3, 700, 200)]);
		twoStages(got);
		expect([got.sheets.length, got.proven, settingsOf(got.sheets, got.offers, KERF)]).toEqual([1, true, 6]);
	});
	// Freely, 1000 x 700 and beside it 1400 x 500 above 1400 x 700: one sheet. In strips 500 + 700 is 1203.2: both of
	// 700 behind one another are 2403.2: one sheet as well; one more of 400 x 100 has no strip left.
	it('take more than free cuts do, and the bound says so', () => {
		const all = [...pieces(1, 1000, 700), ...pieces(1, 1400, 700), ...pieces(1, 1400, 500), ...pieces(1, 400, 100)];
		const [group] = groupPieces(all, CUTTING, NO_SUPPLY);
		const [strips, free] = [inStrips(all), cutRectangles(group!, all, work('money', 3), () => undefined)];
		twoStages(strips);
		expect([strips.sheets.length, strips.bound, strips.proven]).toEqual([2, 1, false]);
		expect([free.sheets.length, free.proven]).toEqual([1, true]);
	});
	it('are of the length that costs least', () => {
		const prices = [sheet(1220, 2440, 60), sheet(1220, 1220, 35)];
		expect(sizes(inStrips(pieces(4, 600, 500), prices))).toEqual(['1220x1220']);
		expect(sizes(inStrips(pieces(8, 600, 500), prices))).toEqual(['1220x2440']);
	});

	const offcut = (length: number, width: number, count = 1): Board => ({
		...newBoard(`o${length}x${width}`, 'sheet', false),
		material: 'ply',
		thickness: 18,
		shortest: length,
		width,
		count,
		offcut: true
	});
	// Four of 600 x 500 to a strip, two strips to a sheet: the ninth takes a second sheet, or an offcut of 700 x 520.
	it('take an offcut that is shorter than the strips, where it saves a sheet', () => {
		const got = inStrips(pieces(9, 600, 500), [], [offcut(700, 520)]);
		twoStages(got);
		expect([got.buy, sizes(got)]).toEqual([1, ['1220x2440', '520x700']]);
		// As many as there are; nothing on what is too narrow, nor where no sheet is saved.
		expect(inStrips(pieces(11, 600, 500), [], [offcut(700, 520, 3)]).buy).toBe(1);
		expect(sizes(inStrips(pieces(9, 600, 500), [], [offcut(700, 480)]))).toEqual(['1220x2440', '1220x2440']);
		expect(sizes(inStrips(pieces(7, 600, 500), [], [offcut(700, 520)]))).toEqual(['1220x2440']);
	});
	// In 1000 x 400: 400 and 590 in a strip of 190 are 993.2 long, one of 980 x 200 above it makes 393.2 of it. What is
	// left is 480 x 200, from the cheap size.
	it('fill it with what is worth most, strips above one another', () => {
		const all = [...pieces(1, 400, 190), ...pieces(1, 590, 190), ...pieces(1, 980, 200), ...pieces(1, 480, 200)];
		const got = inStrips(all, [sheet(1220, 2440, 60), sheet(300, 500, 9)], [offcut(1000, 400)]);
		expect([got.cost, sizes(got)]).toEqual([900, ['300x500', '400x1000']]);
	});
	it('are never dearer for an offcut more, by jobs at random', () => {
		const random = seeded(11);
		const pick = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
		let saved = 0;
		for (let job = 0; job < 20; job++) {
			const all = Array.from({ length: pick(6, 14) }, (_, i) =>
				pieces(1, pick(200, 1300), pick(100, 600), random() < 0.5).map((p) => ({ ...p, id: `${i}` }))
			).flat();
			const offcuts = Array.from({ length: pick(1, 3) }, () => offcut(pick(600, 1500), pick(300, 900)));
			const prices = [sheet(1220, 2440, 60), sheet(1220, 1220, 35)];
			const [without, got] = [[], offcuts].map((own) => inStrips(all, prices, own, 0.3));
			twoStages(got!);
			expect(got!.cost, `job ${job}`).toBeLessThanOrEqual(without!.cost);
			expect(got!.bound, `job ${job}`).toBeLessThanOrEqual(got!.cost);
			if (got!.cost < without!.cost) saved++;
		}
		expect(saved).toBeGreaterThan(5);
	});
	it('are said in the plan, for sheets only, at every step', () => {
		const wall = moreWalls().find((w) => w.name.endsWith('store wall'))!;
		const end = performance.now() + 1500;
		const got = cutPlan(
			{ ...wall, cutting: { ...wall.cutting, stages: 'strips' } },
			{
				solve,
				secondsLeft: () => (end - performance.now()) / 1000,
				onProgress: ({ best }) => {
					cutsAll(best, collectPieces(wall));
					for (const g of best.groups) if (g.kind === 'sheet') twoStages(g);
				}
			}
		);
		for (const g of got.groups) sawsTrue(g, KERF);
	});
	it('are not, where a piece has no room in a strip', () => {
		// As wide as the whole sheet, and its grain across: it fits the sheet turned only.
		const odd = pieces(1, 1200, 2400, true);
		expect(inStrips(odd).sheets).toHaveLength(1);
		// Longer than what is bought; only a sheet of which there is one holds it, in a strip of its own.
		const long = pieces(1, 3000, 400);
		const one = inStrips(long, [], [offcut(3100, 1220)]);
		expect([one.buy, sizes(one), one.proof.text]).toEqual([0, ['1220x3100'], expect.not.stringMatching(/strips/)]);
		// Two strips of 450 fill that sheet better, and then it has no room: cut freely, as it was.
		const more = inStrips([...long, ...pieces(4, 1500, 450)], [], [offcut(3100, 1220)]);
		expect(more.sheets.flatMap((s) => s.pieces)).toHaveLength(5);
		expect(more.proof.text).toMatch(/^Not in strips/);
		expect(inStrips(odd).proof.text).not.toMatch(/strips/);
	});
});
