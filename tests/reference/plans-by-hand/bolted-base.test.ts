import { describe, expect, it } from 'vitest';
import { seatHandling } from '$core/handling/seat-handling';
import { stock } from '$core/materials/stocks';
import type { HungHolder, Plan, Strips } from '$core/plan/types';
import { mountScrews } from '$core/mounts/registry';
import { sayPhrase } from '$core/units/phrase';
import { KG_PER_POUND, MM_PER_INCH, MPA_PER_PSI, N_PER_POUND } from '$core/units/quantity';
import { asked, smallWall } from '../../support/small-wall';

/**
 * A machine of 40 lb, 14 in high as it stands, on a board of two 2x12s glued, hung on a row of 3/4 ply; worked with a
 * pencil in inches and pounds. Four bolts of 5/16, 6 in apart up the board, sunk 3/8; washers of 1 in.
 */
const inch = (n: number) => n * MM_PER_INCH;
const lb = (n: number) => n / N_PER_POUND;
const params = {
	along: 2,
	holes: { along: inch(6), up: inch(6) },
	edge: inch(1),
	bolt: inch(0.3125),
	sunk: { wide: inch(1), depth: inch(0.375) }
};
/** Of its foot: 6 in and 1 in either side. */
const WIDE = inch(8);
const strips: Strips = {
	hook: { screws: { size: '#10', length: inch(2), count: 4 }, from: 'back', glued: true },
	recessed: false,
	spacer: true,
	eitherEnd: true,
	lockStrip: 'none',
	secondHook: false
};
interface Change {
	params?: object;
	strips?: Partial<Strips>;
	x?: number;
	y?: number;
	height?: number;
	mass?: number | null;
	kind?: string;
}
function planOf(change: Change = {}): Plan {
	const holder: HungHolder = {
		id: 'm',
		name: 'Machine',
		mount: { kind: 'row', row: 'r', x: 300, strips: { ...strips, ...change.strips } },
		back: { stock: '2x12', width: inch(11.25), height: change.height ?? inch(18), made: { kind: 'glued', strips: 2 } },
		carriers: [
			{
				id: 'c1',
				kind: change.kind ?? 'bolted-base',
				at: { on: 'back', x: (change.x ?? inch(5.625)) - WIDE / 2, y: change.y ?? inch(9) },
				params: { ...params, ...change.params },
				loads: [
					{
						name: 'machine',
						mass: change.mass === undefined ? 40 * KG_PER_POUND : change.mass,
						width: inch(8),
						height: inch(7),
						depth: inch(14),
						count: 1
					}
				]
			}
		]
	};
	return { ...smallWall({ row: { screws: { size: '#10', length: 76.2, perStud: 2 } } }), holders: [holder] };
}
const board = stock('2x12');

describe('a machine bolted to its board', () => {
	const { check, line, all } = asked(planOf());
	const T = (40 * 7) / 6 / 2; // lb: half its height out, over the bolts' six inches, two of them

	it('turns about its lower bolts and draws the upper ones', () => {
		expect(line('holder:m:machine-washer', 'turns it') / N_PER_POUND / MM_PER_INCH).toBeCloseTo(280, 6);
		expect(lb(line('holder:m:machine-washer', 'draws one bolt'))).toBeCloseTo(T, 6);
	});
	it('presses its washers into the wood', () => {
		// Ring of 1 in about a hole of 5/16 in and 1 mm; SPF across the grain 425 psi.
		const ring = (Math.PI / 4) * (1 - (0.3125 + 1 / 25.4) ** 2);
		const c = check('holder:m:machine-washer');
		expect(c.load!.demand.value / MPA_PER_PSI).toBeCloseTo(T / ring, 3);
		expect(c.load!.capacity.value / MPA_PER_PSI).toBeCloseTo(425, 6);
	});
	it('shears them out of what sinking leaves: 1 1/8 of 1 1/2 in', () => {
		const c = check('holder:m:machine-sunk');
		expect(c.load!.demand.value / MPA_PER_PSI).toBeCloseTo(T / (Math.PI * 1 * 1.125), 3);
		// SPF 135 psi in shear, NDS Supplement, times 0.9.
		expect(c.load!.capacity.value / MPA_PER_PSI).toBeCloseTo(135 * 0.9, 6);
		// Sunk to 0.45 in: two and a half times as much.
		const thin = asked(planOf({ params: { sunk: { wide: inch(1), depth: inch(1.5 - 0.45) } } }));
		expect(thin.check('holder:m:machine-sunk').load!.demand.value).toBeCloseTo(2.5 * c.load!.demand.value, 6);
	});
	it('bears on each bolt with a quarter of its weight', () => {
		const c = check('holder:m:machine-bolt');
		expect(lb(c.load!.demand.value)).toBeCloseTo(10, 6);
		// NDS 12.3.3: 6100 G^1.45 / sqrt D = 3102 psi; times D, what is left, 0.9; over 4 × 1.25.
		const Fe = (6100 * 0.42 ** 1.45) / Math.sqrt(0.3125);
		expect(lb(c.load!.capacity.value)).toBeCloseTo((Fe * 0.3125 * 1.125 * 0.9) / 5, 1);
	});
	it('stands out by half the height of the machine: what its seat must hold', () => {
		// Wood of the board, 1 1/2 x 11 1/4 x 18 in, its middle 3/4 in before a strip of 3/4; the strips are small.
		const { self } = all.holders.get('m')!.placed.built;
		const wood = self.mass / KG_PER_POUND;
		const out = (40 * (0.75 + 1.5 + 7) + wood * (self.at[2] / MM_PER_INCH)) / (40 + wood);
		const cleat = stock('ply-3/4').thickness / MM_PER_INCH;
		expect(line('holder:m:seat', 'stands out') / MM_PER_INCH).toBeCloseTo(out + ((cleat - 0.75) * 40) / (40 + wood), 6);
		expect(wood).toBeGreaterThan((board.density * 1.5 * 11.25 * 18 * MM_PER_INCH ** 3) / 1e9 / KG_PER_POUND);
	});
	it('is lifted with its board, hands at the middle of that', () => {
		const { placed } = all.holders.get('m')!;
		const h = seatHandling(placed, 1750)!;
		expect(h.mass).toBeCloseTo(40 * KG_PER_POUND + placed.built.self.mass, 6);
		expect(h.height).toBeCloseTo((placed.foot + placed.top) / 2, 6);
		// NIOSH from memory: hands 8 in and half its depth out.
		expect(h.out / MM_PER_INCH).toBeCloseTo(8 + placed.built.projection / MM_PER_INCH / 2, 6);
		expect(h.name).toBe('machine on its board');
		expect(h.index).toBeGreaterThan(1);
		expect(all.warnings.map((w) => sayPhrase(w.message, 'inch')).join()).toMatch(/Lifting machine on its board/);
	});
	it('bends its back less the further apart its bolts are', () => {
		const margin = (up: number) =>
			asked(planOf({ params: { holes: { along: inch(6), up: inch(up) } } })).check('holder:m:back-up').margin as number;
		expect(margin(8)).toBeGreaterThan(margin(5) * 1.02);
		expect(margin(5)).toBeGreaterThan(margin(2) * 1.02);
	});
	it('of nobody knows what weight is not judged', () =>
		expect(asked(planOf({ mass: null })).all.holders.get('m')?.verdict).toBe('cannot-be-judged'));
});

describe('hung by either end', () => {
	const told = (plan: Plan) => asked(plan).all.warnings.map((w) => w.message.text);
	it('in its middle is the same, and judged once', () => {
		const { all } = asked(planOf());
		expect(all.checks.some((c) => c.reason.text.includes('other end'))).toBe(false);
	});
	it('off its middle the end that bends it more counts', () => {
		// Low on the board it stands near the foot; turned over it pulls right under the hook.
		const one = asked(planOf({ y: inch(6), strips: { eitherEnd: false } })).check('holder:m:back-up');
		const other = asked(planOf({ y: inch(12), strips: { eitherEnd: false } })).check('holder:m:back-up');
		const both = asked(planOf({ y: inch(6) })).check('holder:m:back-up');
		const least = Math.min(one.margin as number, other.margin as number);
		expect(one.margin).not.toBeCloseTo(other.margin as number, 3);
		expect(both.margin).toBeCloseTo(least, 9);
		expect(asked(planOf({ y: inch(12) })).check('holder:m:back-up').margin).toBeCloseTo(least, 9);
	});
	it('off to one side either stud may have the more of it', () => {
		const at = (x: number, eitherEnd: boolean) => asked(planOf({ x, strips: { eitherEnd } })).all;
		const near = (x: number) => at(x, false).rows.get('r')!.check!.margin as number;
		const [left, right] = [near(inch(4.5)), near(inch(6.75))];
		expect(left).not.toBeCloseTo(right, 3);
		expect(at(inch(4.5), true).rows.get('r')!.check!.margin).toBeCloseTo(Math.min(left, right), 6);
		expect(at(inch(6.75), true).rows.get('r')!.check!.margin).toBeCloseTo(Math.min(left, right), 6);
	});
	it('takes screws for two hooks', () => {
		const screws = (eitherEnd: boolean) => mountScrews(planOf({ strips: { eitherEnd } }).holders[0]!.mount)[0]?.count;
		expect([screws(false), screws(true)]).toEqual([4, 8]);
	});
	it('asks for a spacer, whose screws meet no bolt', () => {
		expect(told(planOf({ strips: { spacer: false } })).join()).toMatch(/by either end it needs a spacer/);
		// Bolts where the lower hook's screws are; the upper one has none near it.
		const low = planOf({
			y: inch(4),
			height: inch(18),
			params: { holes: { along: inch(7.8), up: inch(5) }, edge: inch(0.1) }
		});
		expect(told(low).join()).toMatch(/Hung by its other end: {n} of the hook screws meet a hole/);
		// Screws that end long before a bolt's recess does meet it all the same: both come from behind.
		const short = planOf({
			y: inch(4),
			params: { holes: { along: inch(7.8), up: inch(5) }, edge: inch(0.1), bolt: 4 },
			strips: { hook: { ...strips.hook, screws: { size: '#10', length: inch(1), count: 4 } } }
		});
		expect(told(short).join()).toMatch(/Hung by its other end: {n} of the hook screws meet a hole/);
	});
	it('does not with what would fall out', () =>
		expect(
			told({
				...planOf(),
				holders: planOf().holders.map((h) => ({
					...h,
					carriers: [
						{ ...(smallWall().holders[0]!.carriers[0] as (typeof h.carriers)[0]), at: { on: 'back', x: 20, y: 200 } }
					]
				}))
			}).join()
		).toMatch(/hung by its other end it drops what it holds/));
});

describe('bolts that cannot be', () => {
	const stop = (change: object) =>
		asked(planOf({ params: change }))
			.all.warnings.filter((w) => w.level === 'stop')
			.map((w) => w.message.text)
			.join();
	it.each([
		[{ sunk: { wide: inch(1), depth: inch(1.3) } }, /have {l} left to hold to/],
		[{ sunk: { wide: inch(0.36), depth: 5 } }, /no wider than its bolt/],
		[{ holes: { along: inch(0.8), up: inch(6) } }, /recesses of its bolts run into each other/]
	])('%o are named', (change, words) => expect(stop(change)).toMatch(words));
});
