import { beforeAll, describe, expect, it } from 'vitest';
import { cutsAll, sawsTrue } from '../../../tests/support/cut-checks';
import { CUTTING, dowels, KERF, pieces, sheetPrice as sheet, workshop } from '../../../tests/support/to-cut';
import { buyingOf } from '../buying/buying-of';
import { slipwayWall } from '../demo/slipway';
import { moreWalls } from '../demo/slipway-more';
import { slipwayShop } from '../demo/slipway-shop';
import type { Price } from '../prices/price';
import { NO_PRICES } from '../prices/ware';
import { seeded } from '../seeded';
import { costsOf, type Aim } from './aim';
import { cutLines } from './cut-lines';
import { cutPlan, type CutPlan } from './cut-plan';
import { cutRectangles } from './cut-rectangles';
import { groupPieces } from './groups';
import { soldSize } from './offers';
import { collectPieces, type Piece } from './pieces';
import { settingsOf } from './settings';
import type { Solver } from './solver';

let work: Awaited<ReturnType<typeof workshop>>;
let solve: Solver;
beforeAll(async () => {
	work = await workshop();
	({ solve } = work('money', 0));
});
function cut(all: Piece[], aim: Aim, prices: Price[] = [], seconds = 3) {
	const [group] = groupPieces(all, CUTTING, { boards: [], buying: { ...NO_PRICES, prices } });
	const cutter = group!.kind === 'sheet' ? cutRectangles : cutLines;
	const got = cutter(group!, all, work(aim, seconds), () => undefined);
	sawsTrue(got, KERF);
	expect(got.sheets.flatMap((s) => s.pieces.map((p) => p.piece.id)).sort()).toEqual(all.map((p) => p.id).sort());
	return got;
}
const sizes = (got: ReturnType<typeof cut>) =>
	got.sheets.map((s) => `${got.offers[s.offer]!.width}x${got.offers[s.offer]!.length}`).sort();
const largest = (got: ReturnType<typeof cut>) =>
	Math.max(0, ...got.sheets.flatMap((s) => s.rests.map((r) => r.length * r.width)));

describe('fewest settings of the saw', () => {
	// Six of 400 x 300 fill one strip of 300 (2416 of 2440); four of 700 x 200 two strips of 200. Two fences, two stops.
	it('are one for every width and one for every length', () => {
		const got = cut([...pieces(6, 400, 300), ...pieces(4, 700, 200)], 'setups');
		expect(settingsOf(got.sheets, got.offers, KERF)).toBe(4);
		expect(got.sheets).toHaveLength(1);
	});
	it('turn what may turn to a width that is ripped already', () => {
		const got = cut([...pieces(3, 500, 240), ...pieces(4, 240, 800, true)], 'setups');
		expect(settingsOf(got.sheets, got.offers, KERF)).toBe(3);
	});
	it('are never more than those of the fewest sheets, and the sheets never fewer', () => {
		const all = collectPieces(moreWalls().find((w) => w.name.endsWith('store wall'))!).filter(
			(p) => p.form.kind === 'flat' && p.form.stock === 'ply-18'
		);
		const [few, set] = [cut(all, 'sheets'), cut(all, 'setups')];
		const different = (of: (p: Piece) => unknown) => new Set(all.map(of)).size;
		const most = different((p) => p.length) + different((p) => (p.form as { width: number }).width);
		expect(settingsOf(set.sheets, set.offers, KERF)).toBeLessThanOrEqual(most);
		expect(settingsOf(set.sheets, set.offers, KERF)).toBeLessThan(settingsOf(few.sheets, few.offers, KERF));
		expect(set.sheets.length).toBeGreaterThanOrEqual(few.sheets.length);
		expect(set.buy).toBe(set.sheets.length);
	});
});

describe('offcuts as large as can be', () => {
	// Stacked across, three of 1200 x 400 take 1200 of the length: 1236.8 x 1220 is left whole. Behind one another they
	// take all of it, and no more than 813.6 of the width is left.
	it('are left beside what is put close together', () => {
		const got = cut(pieces(3, 1200, 400), 'offcuts');
		expect(got.sheets).toHaveLength(1);
		expect(largest(got)).toBeCloseTo((2440 - 1200 - KERF) * 1220, 0);
	});
	it.each([3, 4, 5, 6])('are no smaller than otherwise, on no more sheets: seed %i', (seed) => {
		const random = seeded(seed);
		const size = () => 120 + Math.floor(random() * 500);
		const all = Array.from({ length: 14 }, (_, i) =>
			pieces(1, size(), size(), random() < 0.6).map((p) => ({ ...p, id: `${i}` }))
		).flat();
		const [few, large] = [cut(all, 'sheets'), cut(all, 'offcuts', [], 8)];
		expect(large.buy).toBe(few.buy);
		expect(largest(large)).toBeGreaterThanOrEqual(largest(few) - 1);
	});
	it('of rods: 914.4 holds five of 168, and seven more go where most is left of the last', () => {
		const got = cut([...dowels(6, 168), ...dowels(1, 400)], 'offcuts');
		expect(got.sheets).toHaveLength(2);
		// All seven take 1008 + 400 + cuts; one rod holds 400 and three of 168 (913.6): three are on the other.
		const rests = got.sheets.flatMap((s) => s.rests.map((r) => r.length));
		expect(Math.max(...rests)).toBeCloseTo(914.4 - 3 * (168 + KERF), 1);
	});
});

describe('least money', () => {
	const full = sheet(1220, 2440, 60);
	const half = sheet(1220, 1220, 35);
	it.each([
		['a half sheet holds six', 6, ['1220x1220']],
		['nine are cheaper from one whole sheet than from two halves', 9, ['1220x2440']],
		['fifteen: one and a half', 15, ['1220x1220', '1220x2440']]
	])('%s', (_, n, want) => {
		// Each 600 x 400: three side by side across 1220, two behind one another in a half.
		const got = cut(pieces(n, 600, 400), 'money', [full, half]);
		expect(sizes(got)).toEqual(want);
	});
	it('is proven by hand: all mixes of whole and half sheets that hold so much area cost no less', () => {
		const got = cut(pieces(15, 600, 400), 'money', [full, half]);
		const takes = { full: 4 * 3, half: 2 * 3 };
		let least = Infinity;
		for (let f = 0; f <= 3; f++)
			for (let h = 0; h <= 5; h++) if (f * takes.full + h * takes.half >= 15) least = Math.min(least, 60 * f + 35 * h);
		expect(got.cost / 100).toBe(least);
	});
	it('is not reckoned where a price is missing: then the least wood is', () => {
		const offers = groupPieces(pieces(1, 2000, 400), CUTTING, {
			boards: [],
			buying: { ...NO_PRICES, prices: [sheet(1220, 2440, null), sheet(1220, 1220, 35)] }
		})[0]!.offers;
		expect(offers.map((o) => o.each)).toContain(null);
		expect(costsOf(offers, 'money').counted).toBe('wood');
	});
	it('leaves out what has no price where the rest does, and names it', () => {
		const [group] = groupPieces(pieces(2, 600, 400), CUTTING, {
			boards: [],
			buying: { ...NO_PRICES, prices: [sheet(1220, 2440, null), half] }
		});
		expect(group!.offers.map((o) => o.length)).toEqual([1220]);
		expect(group!.unpriced.map((o) => o.length)).toEqual([2440]);
	});
	it('falls back on the usual size for what fits nothing on the list', () => {
		const got = cut(pieces(1, 2000, 400), 'money', [half]);
		expect(sizes(got)).toEqual(['1220x2440']);
	});
});

describe('fewest sheets', () => {
	it('takes the smallest that will do: a half sheet is as few as a whole one', () => {
		const prices = [sheet(1220, 2440, 60), sheet(1220, 1220, 35)];
		expect(sizes(cut(pieces(3, 600, 400), 'sheets', prices))).toEqual(['1220x1220']);
		expect(sizes(cut(pieces(9, 600, 400), 'sheets', prices))).toEqual(['1220x2440']);
	});
});

describe('trimmed edges', () => {
	it('are no wood: what fits a sheet only to its edge goes onto two', () => {
		const all = pieces(2, 2440, 600);
		const trimmed = { ...CUTTING, trim: { ends: 0, edges: 5 } };
		const [group] = groupPieces(all, trimmed, { boards: [], buying: NO_PRICES });
		const [offer] = group!.offers;
		expect([offer!.width, soldSize(offer!).width]).toEqual([1210, 1220]);
		const got = cutRectangles(group!, all, work('money', 1), () => undefined);
		expect([cut(all, 'money').buy, got.buy]).toEqual([1, 1]);
		const wider = pieces(2, 2440, 606);
		const [again] = groupPieces(wider, trimmed, { boards: [], buying: NO_PRICES });
		expect(cutRectangles(again!, wider, work('money', 1), () => undefined).buy).toBe(2);
		expect(cut(wider, 'money').buy).toBe(1);
	});
});

it('a piece that is too large for anything does not turn least money into least wood', () => {
	const prices = [sheet(1220, 2440, 60), sheet(1220, 1220, 40)];
	const all = [...pieces(1, 3000, 300), ...pieces(4, 600, 300)];
	const [group] = groupPieces(all, CUTTING, { boards: [], buying: { ...NO_PRICES, prices } });
	expect(group!.offers.map((o) => o.each)).toEqual([60, 40]);
	expect(costsOf(group!.offers, 'money').counted).toBe('money');
});

describe('a whole wall', () => {
	it.each(['money', 'sheets', 'waste', 'setups', 'offcuts'] as const)(
		'is cut whole for %s, after every step',
		(aim) => {
			const plan = slipwayWall();
			const wall = { ...plan, cutting: { ...plan.cutting, aim, trim: { ends: 5, edges: 3 } } };
			const shop = slipwayShop();
			const end = performance.now() + 1500;
			const got = cutPlan(wall, {
				solve,
				secondsLeft: () => (end - performance.now()) / 1000,
				boards: shop.boards,
				buying: buyingOf(shop, wall.cutting),
				onProgress: ({ best }) => cutsAll(best, collectPieces(wall))
			});
			cutsAll(got, collectPieces(wall));
			for (const g of got.groups) sawsTrue(g, KERF);
		}
	);
});

describe('going on', () => {
	it('begins with what was found: nothing is worse, and what is proven is not looked for again', () => {
		const wall = slipwayWall();
		const buying = buyingOf(slipwayShop(), wall.cutting);
		const steps: number[] = [];
		const run = (seconds: number, start?: CutPlan) => {
			const end = performance.now() + seconds * 1000;
			return cutPlan(wall, {
				solve,
				buying,
				start,
				secondsLeft: () => (end - performance.now()) / 1000,
				onProgress: ({ best }) => steps.push(best.groups.reduce((sum, g) => sum + g.cost, 0))
			});
		};
		const first = run(0.6);
		steps.length = 0;
		const more = run(0.6, first);
		cutsAll(more, collectPieces(wall));
		const cost = (p: CutPlan) => p.groups.reduce((sum, g) => sum + g.cost, 0);
		expect(Math.max(...steps)).toBeLessThanOrEqual(cost(first));
		for (const [i, g] of first.groups.entries()) if (g.proven) expect(more.groups[i]).toBe(g);
	});
	it('begins anew where the plan is another', () => {
		const wall = slipwayWall();
		const end = performance.now() + 300;
		const options = { solve, secondsLeft: () => (end - performance.now()) / 1000 };
		const other = { ...wall, holders: wall.holders.slice(1) };
		cutsAll(cutPlan(other, { ...options, start: cutPlan(wall, options) }), collectPieces(other));
	});
});
