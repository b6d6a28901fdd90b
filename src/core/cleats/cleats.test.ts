import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextStud } from '../survey/next-stud';
import { slipwayWall } from '../demo/slipway';
import { sayPhrase } from '../units/phrase';
import type { Row, Stud, Wall } from '../plan/types';
import { hookOutline, liftOff, profileOutline, ripInTwo } from './profile';
import { rowMarks } from './row-marks';
import { segmentsOn } from './segments';
import { rowWarnings } from './row-warnings';

const stud = (x: number): Stud => ({ id: `s${x}`, x, width: 38, depth: 89, species: 'spf' });
const studs = [100, 500, 900, 1300, 1700].map(stud);

describe('ripping a board into two cleats', () => {
	it('gives back all of the board but what the blade took', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 60, max: 400, noNaN: true }),
				fc.double({ min: 6, max: 40, noNaN: true }),
				fc.constantFrom(45 as const, 30 as const),
				fc.double({ min: 0, max: 5, noNaN: true }),
				(blank, thickness, bevel, kerf) => {
					const p = ripInTwo({ blank, thickness, bevel, kerf });
					// The two halves lie back to front: on each face one shows its high side and the other its low one.
					expect(p.back + p.front + p.lost).toBeCloseTo(blank, 9);
					expect(liftOff(p)).toBeCloseTo(thickness * Math.tan((bevel * Math.PI) / 180), 9);
				}
			)
		);
	});

	it('has its high edge away from the wall', () => {
		const outline = profileOutline(ripInTwo({ blank: 100, thickness: 20, bevel: 45, kerf: 3 }));
		expect(outline[2]?.[0]).toBe(20);
		expect((outline[2]?.[1] ?? 0) - (outline[3]?.[1] ?? 0)).toBeCloseTo(20);
	});
});

/**
 * A plain row over those studs, 24.1 mm from an end and 12.1 mm from an edge for a #10: 5 and 2.5 diameters of 0.19 in.
 */
const bare: Wall = { width: 2000, height: 2400, cladding: { kind: 'none', thickness: 0 }, studs, obstructions: [] };
const plainRow = (change: Partial<Row>): Row => ({
	id: 'r',
	name: 'Row',
	y: 1500,
	left: 50,
	right: 1350,
	stock: 'ply-18',
	bevel: 45,
	blank: 130,
	screws: { size: '#10', length: 80, perStud: 1 },
	joints: [],
	...change
});
const lay = (change: Partial<Row>, wall: Partial<Wall> = {}) => segmentsOn(plainRow(change), { ...bare, ...wall }, 3.2);
const D = 0.19 * 25.4;

describe('cleats and their screws', () => {
	it('puts a screw line at every stud a cleat crosses', () => {
		const [only] = lay({});
		expect(only?.fixings.map((f) => f.x)).toEqual([100, 500, 900, 1300]);
	});

	it('at a joint on a stud has no screw that counts: each stands 9.5 mm from its end', () => {
		const [a, b] = lay({ right: 1750, joints: [900] });
		expect(a?.fixings.map((f) => f.x)).toEqual([100, 500]);
		expect(b?.fixings.map((f) => f.x)).toEqual([1300, 1700]);
		expect(a?.missed).toMatchObject([{ x: 890.5, fault: { kind: 'end', has: 9.5, needs: expect.closeTo(5 * D, 6) } }]);
		expect(b?.missed).toMatchObject([{ x: 909.5, fault: { kind: 'end', has: 9.5 } }]);
	});

	it('needs 2.5 diameters to the upper and to the lower edge of a block', () => {
		// The screws of this row stand at one height; a block ends so much above or below that.
		const at = lay({})[0]!.fixings[0]!.screws[0]!.y;
		const inBlock = (y: number, height: number) => {
			const block = { id: 'b', x: 600, y, width: 200, height, depth: 89, species: 'spf' as const };
			const [only] = lay({}, { blocking: [block] });
			return [
				only?.fixings.some((f) => f.stud.id === 'b') ?? false,
				only?.missed.flatMap(({ fault }) => (fault?.kind === 'side' && 'has' in fault ? [fault.has] : [])) ?? []
			];
		};
		expect(inBlock(at - 100, 100 + 2.5 * D + 0.1)).toEqual([true, []]);
		expect(inBlock(at - 100, 100 + 2.5 * D - 0.1)).toEqual([false, [expect.closeTo(2.5 * D - 0.1, 6)]]);
		expect(inBlock(at - 2.5 * D - 0.1, 150)).toEqual([true, []]);
		expect(inBlock(at - 2.5 * D + 0.1, 150)).toEqual([false, [expect.closeTo(2.5 * D - 0.1, 6)]]);
	});

	it('at a joint between a stud and the block beside it has one for each', () => {
		// Stud from 881 to 919, block from there to 957: 38 mm of lap each; 24.1 off the end and 13.9 off the other side.
		const block = { id: 'b', x: 919, y: 1400, width: 38, height: 300, depth: 89, species: 'spf' as const };
		const [a, b] = lay({ right: 1750, joints: [919] }, { blocking: [block] });
		expect(a?.fixings.at(-1)?.x).toBeCloseTo(919 - 5 * D, 6);
		expect(b?.fixings[0]?.x).toBeCloseTo(919 + 5 * D, 6);
		expect([...(a?.missed ?? []), ...(b?.missed ?? [])]).toEqual([]);
	});

	it('counts no screw at a joint between studs', () => {
		const [a, b] = lay({ right: 1750, joints: [700] });
		expect(a?.fixings.map((f) => f.x)).toEqual([100, 500]);
		expect(b?.fixings.map((f) => f.x)).toEqual([900, 1300, 1700]);
	});

	it('counts for nothing where a cleat laps a stud by 10 mm, and takes no screw at less', () => {
		const [lapped] = lay({ left: 50, right: 1291 });
		expect(lapped?.fixings.map((f) => f.x)).toEqual([100, 500, 900]);
		expect(lapped?.missed).toMatchObject([{ x: 1286, fault: { kind: 'end', has: 5 } }]);
		const [less] = lay({ left: 50, right: 1290 });
		expect(less?.missed).toEqual([]);
	});

	it("moves off a stud's middle as far as the end of its cleat asks, and no nearer to the stud's edge than it may", () => {
		const [a] = lay({ right: 1320 });
		expect(a?.fixings.at(-1)?.x).toBeCloseTo(1320 - 5 * D, 6);
		// 12.1 mm off the stud's edge at 1281 is 1293.1: a cleat to 1317.2 has just room, one to 1317 has not.
		expect(lay({ right: 1281 + 7.5 * D + 0.1 })[0]?.missed).toEqual([]);
		expect(lay({ right: 1281 + 7.5 * D - 0.2 })[0]?.missed).toMatchObject([{ fault: { kind: 'end' } }]);
	});

	it('is looked up at its own height: two stacked screws in a stud that leans stand apart', () => {
		const leaning = studs.map((s) => ({ ...s, lean: 20 }));
		const [only] = lay({ screws: { size: '#10', length: 80, perStud: 2 } }, { studs: leaning });
		const screws = only?.fixings[0]?.screws ?? [];
		expect(screws).toHaveLength(2);
		for (const w of screws) expect(w.x).toBeCloseTo(100 + (20 * w.y) / 1000, 9);
		expect(screws[1]?.y ?? 0).toBeGreaterThan(screws[0]?.y ?? 0);
	});

	it('finds a pipe at one of its two heights, and a block at one of those of a sheet', () => {
		const two = { screws: { size: '#10', length: 80, perStud: 2 } as const };
		// Back of this cleat 53.7: screws 12.1 and 41.7 up. The pipe with its 25 mm reaches to 1512.
		const pipe = { id: 'p', kind: 'pipe' as const, name: 'pipe', x: 95, y: 1477, width: 10, height: 11, hidden: true };
		const [cleat] = lay(two, { obstructions: [pipe] });
		expect(cleat?.fixings[0]?.screws.map((w) => Math.round(w.y))).toEqual([1542]);
		expect(cleat?.missed).toMatchObject([{ x: 100, fault: { kind: 'barred' } }]);
		const backer = {
			stock: 'ply-12',
			height: 300,
			below: 100,
			behind: { size: '#8', length: 28, pitch: 150 },
			perStud: 3
		} as const;
		const block = { id: 'b', x: 600, y: 1640, width: 200, height: 90, depth: 89, species: 'spf' as const };
		const fixing = lay({ backer }, { blocking: [block] })[0]?.fixings.find((f) => f.stud.id === 'b');
		// The sheet reaches from 1400 to 1700; its screws at 1425, one beside the cleat, and at 1675, which alone is in the
		// block.
		expect(fixing?.screws.map((w) => w.y)).toEqual([1675]);
	});

	it('counts no second screw nearer beside the first than the minimum, and says how far it stands', () => {
		// A leaning stud and a narrow one beside it: the screws of both at 100 and 110. Side by side they need 3 diameters,
		// 14.5.
		const twins = [stud(100), { ...stud(110), id: 'near' }, stud(900)];
		const [only] = lay({}, { studs: twins });
		expect(only?.fixings.map((f) => f.x)).toEqual([100, 900]);
		expect(only?.missed).toMatchObject([
			{ x: 110, fault: { kind: 'neighbour', has: 10, needs: expect.closeTo(3 * D, 6) } }
		]);
		// Just far enough they both count.
		const apart = 3 * D + 0.1;
		expect(lay({}, { studs: [stud(100), { ...stud(100 + apart), id: 'near' }, stud(900)] })[0]?.missed).toEqual([]);
	});

	it('rests at one place on one support: a stud that leans past a block, by their screws', () => {
		const backer = {
			stock: 'ply-12',
			height: 300,
			below: 100,
			behind: { size: '#8', length: 28, pitch: 150 },
			perStud: 2
		} as const;
		// Screws 1425 and 1675 up: in the stud at 380 and 420, in the block at 400, which is the stud's middle too.
		const leaning = { ...stud(152), id: 'leans', lean: 160 };
		const block = { id: 'b', x: 385, y: 1640, width: 30, height: 90, depth: 89, species: 'spf' as const };
		const [only] = lay({ backer }, { studs: [leaning, stud(900)], blocking: [block] });
		expect(only?.fixings.map((f) => [f.stud.id, Math.round(f.x)])).toEqual([
			['leans', 400],
			[stud(900).id, 900]
		]);
		expect(only?.missed).toMatchObject([{ x: 400, y: 1675, fault: { kind: 'neighbour' } }]);
	});

	it("marks pilots from each cleat's own left end", () => {
		expect(rowMarks(lay({}))).toEqual([{ length: 1300, marks: [50, 450, 850, 1250] }]);
	});

	it('counts for nothing above a sloping top, past the wall and in an opening', () => {
		expect(lay({}, { shape: { right: 1000, peak: null, floorRise: 0 } })[0]?.fixings.map((f) => f.x)).toEqual([
			100, 500, 900
		]);
		const window = { id: 'w', kind: 'window' as const, name: 'w', x: 450, y: 1400, width: 100, height: 300 };
		expect(lay({}, { obstructions: [window] })[0]?.fixings.map((f) => f.x)).toEqual([100, 900, 1300]);
	});
});

describe('the hook', () => {
	it('is the cleat turned over: it rests on the slope, and is as large', () => {
		const p = ripInTwo({ blank: 130, thickness: 18, bevel: 30, kerf: 3.2 });
		const area = (corners: [number, number][]) =>
			corners.reduce((sum, [x, y], i) => {
				const [nx, ny] = corners[(i + 1) % corners.length] as [number, number];
				return sum + (x * ny - nx * y) / 2;
			}, 0);
		const slope = [
			[0, p.back],
			[p.thickness, p.front]
		];
		expect(hookOutline(p).slice(0, 2)).toEqual(slope);
		expect(profileOutline(p)).toEqual(expect.arrayContaining(slope));
		expect(area(hookOutline(p))).toBeCloseTo(area(profileOutline(p)), 9);
	});
});

describe('one more stud', () => {
	it('stands in the widest gap, like the last one', () => {
		const { wall } = slipwayWall();
		expect(nextStud(wall, 'new')).toEqual({ id: 'new', x: 3075, width: 45, depth: 95, species: 'c24' });
		expect(nextStud({ ...wall, studs: [] }, 'new')).toMatchObject({ x: 200, species: 'unknown' });
	});
});

describe('what is wrong with a row as laid out', () => {
	const said = (change: Partial<Row>, plan = slipwayWall()) => {
		const row = { ...(plan.rows[2] as Row), ...change };
		return rowWarnings(plan, row, segmentsOn(row, plan.wall, plan.cutting.kerf))
			.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`)
			.join('\n');
	};

	it('names a joint off a stud', () =>
		expect(said({ joints: [1450] })).toMatch(/stop: The joint at 1450 mm is off a stud/));
	it('names the short end distance of a joint on a stud, and the block that gives it room', () => {
		const plan = slipwayWall();
		plan.wall.blocking = [];
		expect(said({ joints: [1660] }, plan)).toMatch(
			/mind: The joint at 1660 mm holds 0 of its two cleats: put a block beside the stud/
		);
		expect(said({ joints: [1660] }, plan)).toMatch(
			/mind: The screw at 1649 mm, 1482 mm up, stands 11.3 mm from the end of its cleat; it needs 24.1 mm, and counts for nothing/
		);
		expect(said({})).not.toMatch(/joint|counts for nothing/);
	});
	it('names an obstruction the row runs over', () =>
		expect(said({ y: 1500, left: 2900, right: 4500, joints: [] })).toMatch(/stop: The row runs over slip window/));
	it('names a screw too short for its duty', () =>
		expect(said({ screws: { size: '#10', length: 50, perStud: 1 } })).toMatch(
			/stop: Screws of 50 mm enter the stud by 19.5 mm; under 29 mm/
		));
	it('names a screw that comes out behind its stud', () =>
		expect(said({ screws: { size: '#10', length: 130, perStud: 1 } })).toMatch(
			/stop: Screws of 130 mm come out behind the stud at 44 mm, which is 95 mm deep/
		));
	it('names an end that hangs far past its last stud', () =>
		expect(said({ left: 480, joints: [] })).toMatch(/mind: The left end stands 370 mm past its last stud/));
	it('names a cleat on one stud and on none', () => {
		expect(said({ left: 700, right: 1000, joints: [] })).toMatch(/stop: .* one stud only/);
		expect(said({ left: 900, right: 1200, joints: [] })).toMatch(/stop: .* crosses no stud/);
	});
	it('says when nothing was surveyed', () => {
		const plan = slipwayWall();
		plan.wall.studs = [];
		expect(said({}, plan)).toMatch(/No studs surveyed/);
	});
	it('names two screws that do not fit a low cleat', () =>
		expect(said({ blank: 90, screws: { size: '#10', length: 80, perStud: 2 } })).toMatch(
			/stop: Two screws must stand 25.4 mm apart/
		));
	it('warns of solid wood, and not of ply', () => {
		expect(said({ stock: '1x4', blank: 88.9 })).toMatch(/Solid cleats split/);
		expect(said({})).not.toMatch(/Solid cleats split/);
	});
	it('warns of cables by an outlet', () => expect(said({})).toMatch(/Cables run up and down from bench outlet/));
});
