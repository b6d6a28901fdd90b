import { describe, expect, it } from 'vitest';
import { bodyOf, hung, rackOf } from '../../support/peg-rack';
import type { Holder } from '$core/plan/types';
import { g, t, back, front, D, up, cleat, plain } from '../../support/rack-by-hand';
import { asked, smallWall } from '../../support/small-wall';

/**
 * Whole plans with something odd about the wall, worked with a pencil: tests/support/rack-by-hand.ts has the figures
 * they share.
 */
describe('the wall', () => {
	it('of studs that lean is screwed where they stand at each screw', () => {
		const studs = [100, 900].map((x, i) => ({
			id: `s${i}`,
			x,
			width: 38.1,
			depth: 88.9,
			species: 'spf' as const,
			...(i === 0 ? { lean: 30 } : {})
		}));
		const x0 = 100 + (30 * (1500 + up)) / 1000;
		const { line } = asked(smallWall({ wall: { studs } }));
		expect(line('fixing:r:s0', 'V: stud takes')).toBeCloseTo(((plain.W + cleat) * (900 - 500)) / (900 - x0), 4);
	});

	it('of doubled studs is screwed in the middle of the left one', () => {
		const studs = [100, 900].map((x, i) => ({
			id: `s${i}`,
			x,
			width: 76.2,
			depth: 88.9,
			species: 'spf' as const,
			...(i === 0 ? { plies: 2 as const } : {})
		}));
		const x0 = 100 - 76.2 / 4;
		const { line } = asked(smallWall({ wall: { studs } }));
		expect(line('fixing:r:s0', 'V: stud takes')).toBeCloseTo(((plain.W + cleat) * 400) / (900 - x0), 4);
	});

	it("under a slope or a gable holds no screw above its top, and bends over the stud's own height", () => {
		const slope = asked(smallWall({ wall: { shape: { right: 700, peak: null, floorRise: 0 } } }));
		expect(slope.all.rows.get('r')?.verdict).toBe('cannot-be-built');
		expect(slope.check('row:r:50:unfixed').margin).toBe(0);
		// A gable 2400 at its ends and 3000 in the middle: the stud at 100 is 2400 + 600 x 100 / 500 = 2520 high.
		const gable = asked(smallWall({ wall: { shape: { right: 2400, peak: { x: 500, height: 3000 }, floorRise: 0 } } }));
		const V = (plain.W + cleat) / 2;
		const couple = Math.min(plain.W * plain.out, plain.W * (front + t)) / 2 + (cleat * t) / 4 + V * (88.9 / 2 + 12.7);
		const y = 1500 + back / 2;
		expect(gable.line('stud:s0', 'bends')).toBeCloseTo(Math.max((couple * y) / 2520, couple - (couple * y) / 2520), 3);
	});

	it('of boards holds at its pitch, in what the boards are thick', () => {
		const build = { kind: 'plank' as const, thickness: 40, species: 'spf' as const, first: 100, pitch: 400 };
		const { check, line } = asked(
			smallWall({
				wall: { build, cladding: { kind: 'none', thickness: 0 } },
				row: { screws: { size: '#10', length: 57, perStud: 1 } }
			})
		);
		expect(line('fixing:r:at1', 'in the boards')).toBeCloseTo(57 - t, 6);
		// Three of them: the rack in the middle over the middle one.
		expect(check('fixing:r:at2').margin).toBeLessThan(check('fixing:r:at1').margin as number);
	});

	it("of masonry holds by its plug maker's word: pull and weight at once", () => {
		const build = {
			kind: 'masonry' as const,
			material: 'brick' as const,
			thickness: 215,
			first: 100,
			pitch: 800,
			plug: { diameter: 8, length: 50, load: 30 }
		};
		const { check } = asked(smallWall({ wall: { build, cladding: { kind: 'none', thickness: 0 } } }));
		const M = Math.min(plain.W * plain.out, plain.W * (front + t)) / 2 + (cleat * t) / 4;
		const T = M / (back - 2.5 * D);
		expect(check('fixing:r:at1').margin).toBeCloseTo((30 * g) / Math.hypot(T, (plain.W + cleat) / 2), 4);
	});

	it('of masonry keeps its holes: as deep as the screw and a plug wide must stay within it', () => {
		const stops = (thickness: number) =>
			asked(
				smallWall({
					wall: {
						build: {
							kind: 'masonry',
							material: 'brick',
							thickness,
							first: 100,
							pitch: 800,
							plug: { diameter: 8, length: 50, load: 30 }
						},
						cladding: { kind: 'none', thickness: 0 }
					}
				})
			)
				.all.warnings.filter((w) => w.level === 'stop')
				.map((w) => w.message.text);
		// 76.2 less the cleat's 18.26 is 57.94 in the wall, and 8 more.
		const deep = 76.2 - t + 8;
		expect(stops(deep + 0.1)).toEqual([]);
		expect(stops(deep - 0.1)).toEqual(['A hole for screws of {l} comes out behind the wall, {t} thick']);
	});

	it('that is wet keeps 0.7 of its screws', () => {
		const [dry, wet] = [asked(smallWall()), asked(smallWall({ wall: { wet: true } }))];
		expect(wet.line('fixing:r:s0', 'holds across') / dry.line('fixing:r:s0', 'holds across')).toBeCloseTo(0.7, 9);
		expect(wet.line('fixing:r:s0', 'thread holds') / dry.line('fixing:r:s0', 'thread holds')).toBeCloseTo(0.7, 9);
	});

	it('says what a pencil needs at a stud: what hangs by it, its share, V and M', () => {
		const second: Holder = {
			id: 'k',
			name: 'Other',
			mount: { ...hung(smallWall().holders[0]).mount, row: 'r', x: 60 },
			...bodyOf({ ...rackOf(smallWall().holders[0] as Holder), face: { stock: '1x8', width: 200, height: 180 } })
		};
		const { check, line } = asked(smallWall({ more: { holders: [second] } }));
		const labels = check('fixing:r:s0').lines.map((l) => l.label);
		expect(labels).toEqual(
			expect.arrayContaining([
				'cleat itself',
				'weight of Rack',
				'roll by Rack',
				'weight of Other',
				'roll by Other',
				'V: stud takes',
				'M: roll at this stud'
			])
		);
		const parts = ['cleat itself', 'weight of Rack', 'weight of Other'].map((l) => line('fixing:r:s0', l));
		expect(parts.reduce((a, b) => a + b, 0)).toBeCloseTo(line('fixing:r:s0', 'V: stud takes'), 6);
	});
});
