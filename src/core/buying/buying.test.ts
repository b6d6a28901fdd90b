import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { sawsTrue } from '../../../tests/support/cut-checks';
import { highsSolver } from '../../../tests/support/highs';
import { cutPlan, type CutPlan } from '../cutting/cut-plan';
import type { Solver } from '../cutting/solver';
import { oarStoreWall, slipwayWall } from '../demo/slipway';
import { moreWalls } from '../demo/slipway-more';
import { slipwayShop } from '../demo/slipway-shop';
import type { Cutting, Plan } from '../plan/types';
import { newPrice, type Price, type Sold } from '../prices/price';
import { NO_PRICES, type Buying } from '../prices/ware';
import { builtOf } from '../places/any-place';
import { aboutMoney } from './about';
import { lineToAsk } from './ask';
import { billOf, type Bill } from './bill';
import { buyingOf } from './buying-of';
import { sharesOf } from './shares';
import { boxesOf, withSpares } from './spares';

let solve: Solver;
beforeAll(async () => {
	solve = await highsSolver();
});

let made = 0;
const price = (sold: Sold, figures: Partial<Price>): Price => ({
	...newPrice(`p${++made}`, sold),
	material: sold === 'sheet' ? 'ply' : null,
	...figures
});

function bought(plan: Plan, buying: Buying, cutting: Partial<Cutting> = {}) {
	const wall = { ...plan, cutting: { ...plan.cutting, ...cutting } };
	const end = performance.now() + 2000;
	const cuts = cutPlan(wall, { solve, secondsLeft: () => (end - performance.now()) / 1000, buying });
	return { wall, cuts, ...paidFor(wall, cuts, buying) };
}

function paidFor(wall: Plan, cuts: CutPlan, buying: Buying) {
	const bill = billOf(wall, cuts, buying);
	return { bill, shares: sharesOf(wall, cuts, bill) };
}

/** The oar store: one cleat of 1940, a face of 700 x 260, a hook and a spacer of 700, and six pegs of 168. */
const PRICES = [
	price('sheet', { thickness: 18, width: 1220, length: 2440, price: 60 }),
	price('sheet', { thickness: 18, width: 610, length: 2440, price: 35, taxed: false, store: 'yard' }),
	price('sheet', { thickness: 18, width: 610, length: 1220, price: 2 }),
	price('dowel', { width: 25, length: 1000, price: 4 }),
	price('dowel', { width: 25, length: 1200, price: 5 }),
	price('screw', { width: 5, length: 80, pack: 50, price: 10 }),
	price('screw', { width: 5, length: 80, pack: 5, price: 1.5 }),
	price('screw', { width: 0.164 * 25.4, length: 32, pack: 100, price: 4 }),
	price('plug', { width: 8, length: 50, pack: 10, price: 3 }),
	price('finish', { pack: 0.25, price: 9 }),
	price('finish', { pack: 1, price: 20 })
];
const BUYING: Buying = { prices: PRICES, tax: 20, store: '', currency: 'EUR' };
const FINISH = { finish: { coats: 2, spread: 10 } };
const money = (bill: Bill) => Object.fromEntries(bill.lines.map((l) => [l.key.split(' ')[0], l.packs?.money]));
const packs = (bill: Bill, kind: string) => bill.lines.find((l) => l.kind === kind)!.packs!;

describe('a whole wall by hand', () => {
	it('takes what is cheapest for what is needed, in whole packs, tax in it', () => {
		const { bill, cuts } = bought(oarStoreWall(), BUYING, FINISH);
		// The quarter sheet is cheapest but shorter than the cleat; 35 without its tax of 20 % is 42, less than 60.
		const wood = bill.lines.filter((l) => l.kind === 'wood').map((l) => [l.packs!.lots[0]!.packs, l.packs!.money]);
		expect(wood).toEqual([
			[1, 42],
			// Six pegs and five kerfs are 1024: one rod of 1200 at 5, not two of 1000 at 4.
			[1, 5]
		]);
		for (const g of cuts.groups) sawsTrue(g, oarStoreWall().cutting.kerf);
		// 7 screws and 2 over: two packs of 5 at 1.50, not one of 50 at 10.
		expect(money(bill).screw).toBeCloseTo(4, 9);
		expect(money(bill).plugs).toBeCloseTo(3, 9);
		const five = bill.lines.find((l) => l.key === 'screw 5 mm 80.00')!;
		expect([five.need, five.count, five.packs!.lots.map((l) => l.packs)]).toEqual([7, 9, [2]]);
		expect(five.packs!.money).toBeCloseTo(3, 9);
		// 1.045 m2 in two coats, 10 m2 to the litre, is 0.209 l: one tin of 0.25.
		const oil = bill.lines.find((l) => l.kind === 'finish')!;
		const area = 2 * (700 * 260 + 700 * 18 + 260 * 18) + 2 * (1940 * 65 + 1940 * 18 + 65 * 18);
		const strips = 2 * 2 * (700 * 65 + 700 * 18 + 65 * 18);
		const pegs = 6 * (Math.PI * 25 * 168 + (2 * Math.PI * 25 ** 2) / 4);
		expect(oil.need).toBeCloseTo(((area + strips + pegs) / 1e6) * (2 / 10), 9);
		expect(packs(bill, 'finish').money).toBe(9);
		expect(bill.total).toBeCloseTo(42 + 5 + 3 + 4 + 3 + 9, 9);
		expect(bill.missing.map((l) => l.kind)).toEqual([]);
	});

	it('is paid for by whom it is for: wood by area, the rest by what is used', () => {
		const { bill, shares } = bought(oarStoreWall(), BUYING, FINISH);
		const [row, holder] = ['r1', 'h1'].map((id) => shares.owners.find((o) => o.owner.id === id)!);
		const half = (130 - 3.2) / 2;
		const [ofRow, ofHolder] = [1940 * half, 2 * 700 * half + 700 * 260];
		expect(row!.money).toBeCloseTo((42 * ofRow) / (ofRow + ofHolder) + 7 * 0.3, 6);
		expect(holder!.money).toBeCloseTo((42 * ofHolder) / (ofRow + ofHolder) + 5 + 6 * 0.04, 6);
		// Two screws of 0.30 and one more in the second pack; 94 of 0.04; three plugs: nobody's. So is the oil in the tin.
		const oil = bill.lines.find((l) => l.kind === 'finish')!;
		expect(shares.over).toBeCloseTo(3 * 0.3 + 94 * 0.04 + 3 * 0.3 + (0.25 - oil.need) * 36, 6);
		expect(shares.owners.find((o) => o.owner.id === 'wall')!.money).toBeCloseTo(7 * 0.3, 9);
	});

	it('names what has no price, and counts it as nothing, not as a guess', () => {
		const without = { ...BUYING, prices: PRICES.filter((p) => p.sold !== 'plug' && p.sold !== 'dowel') };
		const { bill, shares } = bought(oarStoreWall(), without);
		expect(bill.missing.map((l) => l.kind)).toEqual(['wood', 'plugs']);
		expect(bill.total).toBeCloseTo(42 + 3 + 4, 9);
		expect(shares.owners.filter((o) => o.missing).map((o) => o.owner.id)).toEqual(['h1', 'wall']);
	});

	// Of rods of 1000 two are needed, 4 each in a pack of three: the third is nobody's.
	it('counts what is left of a pack of wood as nobody’s', () => {
		const pairs = PRICES.filter((p) => p.sold !== 'dowel');
		const inThrees = [...pairs, price('dowel', { width: 25, length: 1000, price: 12, pack: 3 })];
		const { bill, shares } = bought(oarStoreWall(), { ...BUYING, prices: inThrees });
		const { shares: plain } = bought(oarStoreWall(), { ...BUYING, prices: pairs });
		expect(money(bill).wood).toBe(12);
		const holder = (s: typeof shares) => s.owners.find((o) => o.owner.id === 'h1')!.money;
		expect(holder(shares) - holder(plain)).toBeCloseTo(8, 9);
		expect(shares.over - plain.over).toBeCloseTo(4, 9);
	});

	it('leaves out what there is enough of, shows it, and says whose it is', () => {
		const { bill, shares } = bought(oarStoreWall(), BUYING, {
			...FINISH,
			have: ['plugs', 'finish', 'screw 5 mm 99.00']
		});
		expect(bill.have.map((l) => l.key).sort()).toEqual(['finish', 'plugs']);
		expect(bill.have.find((l) => l.key === 'plugs')!.need).toBe(7);
		expect(bill.lines.map((l) => l.kind)).not.toContain('plugs');
		// A screw of another length than was said is bought.
		expect(bill.total).toBeCloseTo(42 + 5 + 3 + 4, 9);
		expect(bill.missing).toEqual([]);
		const sum = shares.owners.reduce((all, o) => all + o.money + o.finish, shares.over);
		expect(sum).toBeCloseTo(bill.total, 9);
		for (const o of shares.owners)
			expect([o.owner.id, o.own, o.finish, o.missing]).toEqual([o.owner.id, true, 0, false]);
	});
	it('leaves out a dowel from the rack: boards and sheets are in the stock-take', () => {
		const { bill } = bought(oarStoreWall(), BUYING);
		const dowel = bill.lines.find((l) => l.ware.sold === 'dowel')!;
		const { bill: had, shares } = bought(oarStoreWall(), BUYING, { have: [dowel.key] });
		expect(had.total).toBeCloseTo(bill.total - 5, 9);
		expect(shares.owners.find((o) => o.owner.id === 'h1')!.own).toBe(true);
	});
	it('does not ask for the price of what there is enough of', () => {
		const without = { ...BUYING, prices: PRICES.filter((p) => p.sold !== 'plug') };
		expect(bought(oarStoreWall(), without).bill.missing.map((l) => l.kind)).toEqual(['plugs']);
		expect(bought(oarStoreWall(), without, { have: ['plugs'] }).bill.missing).toEqual([]);
	});

	it('buys at one store where that is said', () => {
		const { bill } = bought(oarStoreWall(), { ...BUYING, store: 'Yard' });
		expect(bill.lines.filter((l) => l.packs).map((l) => l.kind)).toEqual(['wood']);
		expect(bill.missing.map((l) => l.kind)).toEqual(['wood', 'screws', 'screws', 'plugs']);
	});
});

describe('any wall of the demo', () => {
	const shop = slipwayShop();
	const walls = [slipwayWall(), ...moreWalls()].map((w) => [w.name, w] as const);

	it.each(walls)(
		'%s: shares and what is over add up to the bill, packs are enough and never one too many',
		(_, wall) => {
			const buying = buyingOf(shop, wall.cutting);
			const { bill, shares } = bought(wall, buying, { finish: { coats: 3, spread: 8 } });
			const shared = shares.owners.reduce((sum, o) => sum + o.money + o.finish, 0);
			expect(shared + shares.over).toBeCloseTo(bill.total, 6);
			expect(shares.over).toBeGreaterThanOrEqual(-1e-9);
			for (const l of bill.lines) {
				const parts = [...l.owners.values()].reduce((sum, o) => sum + o.share, 0);
				expect(parts, l.key).toBeCloseTo(l.kind === 'wood' ? 1 : l.need, 6);
				if (!l.packs) continue;
				const inThem = l.packs.lots.reduce((sum, { packs, price: p }) => sum + packs * p.pack, 0);
				expect(inThem, l.key).toBeGreaterThanOrEqual(l.count - 1e-6);
				for (const { price: p } of l.packs.lots) expect(inThem - p.pack, l.key).toBeLessThan(l.count);
			}
		}
	);
});

describe('boards over', () => {
	it('are of the longest of each kind of board that is bought, and of nothing else; nobody pays for them', () => {
		const shop = slipwayShop();
		const wall = moreWalls().find((w) => w.name.endsWith('lumber wall'))!;
		const buying = buyingOf(shop, wall.cutting);
		const plain = bought(wall, buying);
		// The same cuts: found anew on a busy machine they may be others, which cost the same.
		const over = paidFor({ ...wall, cutting: { ...wall.cutting, over: 2 } }, plain.cuts, buying);
		const more = over.bill.lines.filter((l, i) => l.count !== plain.bill.lines[i]!.count);
		const kinds = plain.cuts.groups.filter((g) => g.kind === 'board' && g.buy > 0);
		expect(kinds.length).toBeGreaterThan(0);
		expect(more).toHaveLength(kinds.length);
		for (const g of kinds) {
			const mine = over.bill.lines.filter((l) => l.key.startsWith(`wood ${g.key} `));
			const [line, ...others] = mine.filter((l) => l.count > l.need);
			expect([line!.count - line!.need, others]).toEqual([2, []]);
			const long = (l: typeof line) => (l!.ware as { length: number }).length;
			expect(long(line)).toBe(Math.max(...mine.map(long)));
		}
		const paid = ({ shares }: ReturnType<typeof paidFor>) => shares.owners.reduce((sum, o) => sum + o.money, 0);
		expect(paid(over)).toBeCloseTo(paid(plain), 6);
		const extra = more.reduce((sum, l) => sum + 2 * l.packs!.each, 0);
		expect(over.bill.total - plain.bill.total).toBeCloseTo(extra, 6);
	});
});

describe('a missing price', () => {
	it('is asked for in the line that is there without it, or in a new one with its size', () => {
		const empty = price('dowel', { width: 25, length: 1000 });
		const { bill } = bought(oarStoreWall(), { ...NO_PRICES, prices: [empty] });
		const asked = bill.missing.map((l) => lineToAsk(l, { ...NO_PRICES, prices: [empty] }, 'new'));
		expect(asked.map((a) => [a.line.sold, a.there, a.line.pack])).toEqual([
			['sheet', false, 1],
			['dowel', true, 1],
			['screw', false, 50],
			['screw', false, 50],
			['plug', false, 50]
		]);
		// Once it is said, it is no longer missing, and the plan takes it.
		const prices = asked.map(({ line }, i) => ({ ...line, id: `n${i}`, price: 7 }));
		expect(bought(oarStoreWall(), { ...NO_PRICES, prices }).bill.missing).toEqual([]);
	});
});

describe('spares', () => {
	it.each([
		[1, 3],
		[7, 9],
		[20, 22],
		[21, 24],
		[62, 69]
	])('%i: %i with some over', (n, want) => expect(withSpares(n)).toBe(want));
	it('come in boxes that hold them', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 5000 }), (n) => {
				const { boxes, of } = boxesOf(n);
				expect(boxes * of).toBeGreaterThanOrEqual(n);
				expect((boxes - 1) * of).toBeLessThan(n);
			})
		);
	});
});

describe('about what a holder costs', () => {
	it('is its wood by size, its pegs by length and its screws one by one, by hand', () => {
		const wall = oarStoreWall();
		const [holder] = wall.holders;
		const built = builtOf(wall, holder!)!;
		const { money: got, missing } = aboutMoney(holder!, built, BUYING);
		// The quarter sheet is the cheapest for its area: 2 for 610 x 1220. Pegs by the rod of 1000 at 4.
		const wood = ((700 * 260 + 2 * 700 * 65) * 2) / (610 * 1220);
		expect(got).toBeCloseTo(wood + (6 * 168 * 4) / 1000 + 6 * 0.04, 9);
		expect(missing).toBe(0);
		expect(aboutMoney(holder!, built, NO_PRICES)).toMatchObject({ money: 0 });
		expect(aboutMoney(holder!, built, NO_PRICES).missing).toBeGreaterThan(3);
	});
	it('is not reckoned by what its parts are too long or too wide for', () => {
		const wall = oarStoreWall();
		const [holder] = wall.holders;
		const built = builtOf(wall, holder!)!;
		// A strip of 100 x 2440 for next to nothing: the face is 260 wide, the hook and the spacer 65.
		const strip = price('sheet', { thickness: 18, width: 100, length: 2440, price: 0.01 });
		const full = price('sheet', { thickness: 18, width: 1220, length: 2440, price: 60 });
		const got = aboutMoney(holder!, built, { ...NO_PRICES, prices: [strip, full] });
		const face = (60 * 700 * 260) / (1220 * 2440);
		expect(got.money).toBeCloseTo(face + (0.01 * 2 * 700 * 65) / (100 * 2440), 9);
	});
});
