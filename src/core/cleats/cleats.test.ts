import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextStud } from '../survey/next-stud';
import { slipwayWall } from '../demo/slipway';
import { sayPhrase } from '../units/phrase';
import type { Row, Stud } from '../plan/types';
import { hookOutline, liftOff, profileOutline, ripInTwo } from './profile';
import { rowMarks } from './row-marks';
import { rowSegments } from './segments';
import { rowWarnings } from './row-warnings';

const stud = (x: number): Stud => ({ id: `s${x}`, x, width: 38, depth: 89, species: 'spf' });
const studs = [100, 500, 900, 1300, 1700].map(stud);

describe('ripping a board into two cleats', () => {
	it('gives back all of the board but what the blade took', () => {
		fc.assert(
			fc.property(fc.double({ min: 60, max: 400, noNaN: true }), fc.double({ min: 6, max: 40, noNaN: true }), fc.constantFrom(45 as const, 30 as const), fc.double({ min: 0, max: 5, noNaN: true }), (blank, thickness, bevel, kerf) => {
				const p = ripInTwo({ blank, thickness, bevel, kerf });
				// The two halves lie back to front: on each face one shows its high side and the other its low one.
				expect(p.back + p.front + p.lost).toBeCloseTo(blank, 9);
				expect(liftOff(p)).toBeCloseTo(thickness * Math.tan((bevel * Math.PI) / 180), 9);
			})
		);
	});

	it('has its high edge away from the wall', () => {
		const outline = profileOutline(ripInTwo({ blank: 100, thickness: 20, bevel: 45, kerf: 3 }));
		expect(outline[2]?.[0]).toBe(20);
		expect((outline[2]?.[1] ?? 0) - (outline[3]?.[1] ?? 0)).toBeCloseTo(20);
	});
});

describe('cleats and their screws', () => {
	it('puts a screw line at every stud a cleat crosses', () => {
		const [only] = rowSegments({ left: 50, right: 1350, joints: [] }, studs);
		expect(only?.fixings.map((f) => f.x)).toEqual([100, 500, 900, 1300]);
	});

	it('gives each cleat its own screws at a joint on a stud, in the middle of its lap', () => {
		const [a, b] = rowSegments({ left: 50, right: 1750, joints: [900] }, studs);
		expect(a?.fixings.at(-1)).toMatchObject({ x: 890.5, atEnd: true });
		expect(b?.fixings[0]).toMatchObject({ x: 909.5, atEnd: true });
	});

	it('counts no screw at a joint between studs', () => {
		const [a, b] = rowSegments({ left: 50, right: 1750, joints: [700] }, studs);
		expect(a?.fixings.map((f) => f.x)).toEqual([100, 500]);
		expect(b?.fixings.map((f) => f.x)).toEqual([900, 1300, 1700]);
	});

	it('marks pilots from each cleat\'s own left end', () => {
		expect(rowMarks(rowSegments({ left: 50, right: 1350, joints: [] }, studs))).toEqual([{ length: 1300, marks: [50, 450, 850, 1250] }]);
	});
});

describe('the hook', () => {
	it('is the cleat turned over: it rests on the slope, and is as large', () => {
		const p = ripInTwo({ blank: 130, thickness: 18, bevel: 30, kerf: 3.2 });
		const area = (corners: [number, number][]) => corners.reduce((sum, [x, y], i) => {
			const [nx, ny] = corners[(i + 1) % corners.length] as [number, number];
			return sum + (x * ny - nx * y) / 2;
		}, 0);
		const slope = [[0, p.back], [p.thickness, p.front]];
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
		return rowWarnings(plan, row, rowSegments(row, plan.wall.studs)).map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`).join('\n');
	};

	it('names a joint off a stud', () => expect(said({ joints: [1500] })).toMatch(/stop: The joint at 1500 mm is off a stud/));
	it('names the short end distance of a joint on a stud', () => expect(said({ joints: [1660] })).toMatch(/mind: The joint at 1660 mm leaves its screws 11.3 mm to the end of each cleat; 24.1 mm are needed/));
	it('names an obstruction the row runs over', () => expect(said({ y: 1500, left: 2900, right: 4500, joints: [] })).toMatch(/stop: The row runs over slip window/));
	it('names a screw too short for its duty', () => expect(said({ screws: { size: '#10', length: 50, perStud: 1 } })).toMatch(/stop: Screws of 50 mm enter the stud by 19.5 mm; under 29 mm/));
	it('names a screw that comes out behind its stud', () => expect(said({ screws: { size: '#10', length: 130, perStud: 1 } })).toMatch(/stop: Screws of 130 mm come out behind the stud at 40 mm, which is 95 mm deep/));
	it('names an end that hangs far past its last stud', () => expect(said({ left: 480, joints: [] })).toMatch(/mind: The left end stands 370 mm past its last stud/));
	it('names a cleat on one stud and on none', () => {
		expect(said({ left: 700, right: 1000, joints: [] })).toMatch(/stop: .* one stud only/);
		expect(said({ left: 900, right: 1200, joints: [] })).toMatch(/stop: .* crosses no stud/);
	});
	it('says when nothing was surveyed', () => {
		const plan = slipwayWall();
		plan.wall.studs = [];
		expect(said({}, plan)).toMatch(/No studs surveyed/);
	});
	it('names two screws that do not fit a low cleat', () => expect(said({ blank: 90, screws: { size: '#10', length: 80, perStud: 2 } })).toMatch(/stop: Two screws must stand 25.4 mm apart/));
	it('warns of solid wood, and not of ply', () => {
		expect(said({ stock: '1x4', blank: 88.9 })).toMatch(/Solid cleats split/);
		expect(said({})).not.toMatch(/Solid cleats split/);
	});
	it('warns of cables by an outlet', () => expect(said({})).toMatch(/Cables run up and down from bench outlet/));
});
