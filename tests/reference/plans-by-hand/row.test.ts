import { hungAt } from '../../support/in-place';
import { describe, expect, it } from 'vitest';
import { holderWeights } from '$core/places/in-place';
import type { Row } from '$core/plan/types';
import {
	g,
	t,
	back,
	front,
	D,
	up,
	crush,
	cleat,
	rack,
	plain,
	foot,
	PEGS,
	strip,
	THING
} from '../../support/rack-by-hand';
import { asked, ROW, smallWall } from '../../support/small-wall';

/**
 * Whole plans with something odd about the row, worked with a pencil: tests/support/rack-by-hand.ts has the figures
 * they share.
 */
/** A block that fills the room between the two studs, nailed to both. */
const BETWEEN = {
	id: 'b',
	x: 119.05,
	y: 1300,
	width: 761.9,
	height: 350,
	depth: 88.9,
	species: 'spf' as const,
	fixing: { size: '#10' as const, length: 76.2, count: 4 }
};

describe('the row', () => {
	it("on a backer sheet stands out by it, weighs it, and turns about the sheet's foot", () => {
		const ts = (15 / 32) * 25.4;
		const backer = {
			stock: 'ply-1/2' as const,
			height: 300,
			below: 100,
			behind: { size: '#8' as const, length: 28, pitch: 100 },
			perStud: 3
		};
		const { line, check } = asked(smallWall({ row: { backer } }));
		const sheet = (900 * 300 * ts * 560 * g) / 1e9;
		expect(line('fixing:r:s0', 'V: stud takes')).toBeCloseTo((plain.W + cleat + sheet) / 2, 5);
		const hung = Math.min(plain.W * (plain.out + ts), plain.W * (front + 100 + t + ts));
		const M = hung / 2 + (cleat * (ts + t / 2) + (sheet * ts) / 2) / 2;
		expect(line('fixing:r:s0', 'M: roll at this stud')).toBeCloseTo(M, 4);
		// Screws 25 up and 25 down; the middle one would be behind the cleat, which reaches from 100 to 100 + front: it
		// goes 12 over or under it, whichever is nearer.
		const between = 150 < 100 + front / 2 || 100 + front + 12 > 275 ? 100 - 12 : 100 + front + 12;
		const ys = [25, between, 275].map((y) => y - crush);
		expect(line('fixing:r:s0', 'top screw pull')).toBeCloseTo(
			(M * 270) / ys.reduce((sum, y) => sum + y * y, 0) - (M * (crush - 5)) / ys.reduce((sum, y) => sum + y * y, 0),
			3
		);
		// The seat is as before: it stands out from the sheet as it did from the wall.
		expect(check('holder:h:seat').margin).toBeCloseTo(back / plain.out / 1.5, 6);
	});

	it('takes the worse of two ways to spread a roll: by what stands out, by what weighs', () => {
		// One peg near the left end with all the things: they stand far out, the board weighs in the middle.
		const one = { ...PEGS, spacing: { kind: 'pitch' as const, count: 1, inset: 60, pitch: 0 } };
		const plan = smallWall({ rack: { pegs: one, load: { ...THING, mass: 0.8 } } });
		const { line } = asked(plan);
		const { self, things } = holderWeights(hungAt(asked(plan).all, 'h').built);
		const weights = [self, ...things];
		const sum = (of: (w: (typeof weights)[number]) => number) => weights.reduce((all, w) => all + of(w), 0);
		const arm = front + t;
		const [free, capped] = [sum((w) => w.weight * w.standOff), sum((w) => w.weight * arm)];
		const M = Math.min(free, capped);
		// Studs at 100 and 900, the holder from 300: the right stud's share by the lever rule, either way.
		const right = (w: (typeof weights)[number]) => (300 + w.x - 100) / 800;
		const out = (sum((w) => w.weight * w.standOff * right(w)) * M) / free;
		const weighed = (sum((w) => w.weight * arm * right(w)) * M) / capped;
		expect(weighed).toBeGreaterThan(1.02 * out);
		expect(line('fixing:r:s1', 'M: roll at this stud')).toBeCloseTo(weighed + (cleat * t) / 2 / 2, 3);
		// The left one takes more by what stands out.
		expect(line('fixing:r:s0', 'M: roll at this stud')).toBeCloseTo(M - out + (cleat * t) / 2 / 2, 3);
	});

	it('on a sheet has no bearing on a row below without one, nor a spacer below the sheet', () => {
		const backer = {
			stock: 'ply-1/2' as const,
			height: 200,
			below: 60,
			behind: { size: '#8' as const, length: 28, pitch: 100 },
			perStud: 3
		};
		const face = { stock: '1x8' as const, width: 400, height: 350 };
		const bearing = (o: Parameters<typeof smallWall>[0]) => hungAt(asked(smallWall(o)).all, 'h').bearing;
		const below = { ...ROW, id: 'below', y: 1300 };
		expect(bearing({ rack: { face }, more: { rows: [below] } })).toMatchObject({ kind: 'row-below' });
		expect(bearing({ rack: { face }, row: { backer }, more: { rows: [below] } })).toMatchObject({ kind: 'cleat-edge' });
		expect(
			bearing({ rack: { face }, row: { backer }, more: { rows: [{ ...below, backer: { ...backer, below: 20 } }] } })
		).toMatchObject({
			kind: 'row-below'
		});
		expect(bearing({ rack: { face, spacer: true }, row: { backer } })).toMatchObject({
			kind: 'cleat-edge',
			lost: 'further-back'
		});
		expect(
			bearing({ rack: { face, spacer: true }, row: { backer: { ...backer, height: 500, below: 400 } } })
		).toMatchObject({
			kind: 'spacer'
		});
		expect(bearing({ rack: { face, secondHook: true }, row: { backer }, more: { rows: [below] } })?.kind).not.toBe(
			'second-hook'
		);
	});

	it('on a sheet says where the sheet has no place: over a window, past the floor, past the top', () => {
		const behind = { size: '#8' as const, length: 28, pitch: 100 };
		const window = (x: number) => ({
			id: 'w',
			kind: 'window' as const,
			name: 'window',
			x,
			y: 1200,
			width: 50,
			height: 100
		});
		const stops = (height: number, below: number, more: Partial<Row> = {}, x = 700) =>
			asked(
				smallWall({
					wall: { obstructions: [window(x)] },
					row: { backer: { stock: 'ply-1/2', height, below, behind, perStud: 3 }, ...more }
				})
			)
				.all.warnings.filter((w) => w.level === 'stop' && w.subject.kind === 'row')
				.map((w) => w.message.text);
		// The window's head is at 1300: a sheet that ends there clears it, one 10 longer does not, though its cleat is 200
		// above.
		expect(stops(400, 200)).toEqual([]);
		expect(stops(410, 210)).toEqual(['The row runs over {name}']);
		// Nor one that begins where the row ends.
		expect(stops(410, 210, {}, 950)).toEqual([]);
		expect(stops(410, 210, {}, 940)).toEqual(['The row runs over {name}']);
		// From 200 down to the floor, and 10 past it; up to the top at 2400, and 10 past it.
		expect(stops(400, 200, { y: 200 })).toEqual([]);
		expect(stops(410, 210, { y: 200 })).toEqual(['The backer sheet reaches below the floor']);
		expect(stops(300, 100, { y: 2200 })).toEqual([]);
		expect(stops(310, 100, { y: 2200 })).toEqual(['The backer sheet reaches above the wall']);
	});

	it('lends its sheet to a spacer above it as far as the sheet reaches, and the weight must stand within', () => {
		const backer = {
			stock: 'ply-1/2' as const,
			height: 300,
			below: 150,
			behind: { size: '#8' as const, length: 28, pitch: 100 },
			perStud: 3
		};
		// The foot is at 1500 + back + front - 350; the sheet of the row below reaches from 250 under that to 50 over it.
		// Both stand out by the same sheet.
		const at = foot(350);
		const own = { ...backer, height: 120, below: 20 };
		const bearing = (over: Partial<Row>) =>
			hungAt(
				asked(
					smallWall({
						rack: { spacer: true, face: { stock: '1x8', width: 400, height: 350 } },
						row: { backer: own },
						more: { rows: [{ ...ROW, id: 'below', y: at - 100, backer, ...over }] }
					})
				).all,
				'h'
			).bearing;
		expect(bearing({})).toMatchObject({ kind: 'spacer', y: at });
		// Up to the top of the last 15 of the foot, and not short of it.
		expect(bearing({ backer: { ...backer, height: 115, below: 0 } })).toMatchObject({ kind: 'spacer' });
		expect(bearing({ backer: { ...backer, height: 114, below: 0 } })).toMatchObject({ lost: 'further-back' });
		// The rack stands from 300 to 700 and its weight at 500: a sheet on one side of that holds nothing off.
		expect(bearing({ right: 520 })).toMatchObject({ kind: 'spacer' });
		expect(bearing({ right: 480 })).toMatchObject({ lost: 'further-back' });
		expect(bearing({ left: 480 })).toMatchObject({ kind: 'spacer' });
		expect(bearing({ left: 520 })).toMatchObject({ lost: 'further-back' });
	});

	it('on twist blocks turns about their foot', () => {
		const { line } = asked(smallWall({ row: { twistBlock: { height: 70, width: 90 } } }));
		const M = Math.min(plain.W * plain.out, plain.W * (front + 70 + t)) / 2 + (cleat * t) / 4;
		expect(line('fixing:r:s0', 'M: roll at this stud')).toBeCloseTo(M, 4);
		expect(line('fixing:r:s0', 'screw pull')).toBeCloseTo(M / (up + 70 - crush), 4);
	});

	it('turns a little higher on plasterboard, under a thin panel too, and not on a layer of no thickness', () => {
		const pull = (cladding: NonNullable<NonNullable<Parameters<typeof smallWall>[0]>['wall']>['cladding']) =>
			asked(smallWall({ wall: { cladding: cladding as never } })).line('fixing:r:s0', 'screw pull');
		const M = Math.min(plain.W * plain.out, plain.W * (front + t)) / 2 + (cleat * t) / 4;
		expect(pull({ kind: 'drywall', thickness: 12.7 })).toBeCloseTo(M / (up - crush), 4);
		expect(pull({ kind: 'panel', thickness: 4, under: [{ kind: 'drywall', thickness: 12.7 }] })).toBeCloseTo(
			M / (up - crush),
			4
		);
		expect(pull({ kind: 'panel', thickness: 12 })).toBeCloseTo(M / up, 4);
		expect(pull({ kind: 'drywall', thickness: 0, under: [{ kind: 'panel', thickness: 9 }] })).toBeCloseTo(M / up, 4);
	});

	it('past its last stud is lifted off the next one in', () => {
		// Rack from 520 to 920 on studs at 100 and 500: every weight past 500 lifts the first.
		const studs = [100, 500].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const { line } = asked(smallWall({ wall: { studs }, x: 520 }));
		const seats = [80, 160, 240, 320].map((x) => 520 + x);
		const lift = (plain.self * (720 - 500) + seats.reduce((sum, x) => sum + plain.seat * (x - 500), 0)) / 400;
		// The cleat's own weight, at 500, rests on the second stud alone.
		expect(line('fixing:r:s0', 'V: stud is lifted')).toBeCloseTo(lift, 5);
		expect(line('fixing:r:s1', 'V: stud takes')).toBeCloseTo(plain.W + lift + cleat, 5);
	});

	it('on two studs close together takes the worst of what may be left on: a seat on either side of them', () => {
		// Studs at 480 and 540 under the middle of the rack, 300 to 700: a seat left of 480 lifts the right one, and eases
		// nothing.
		const studs = [480, 540].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const { line } = asked(smallWall({ wall: { studs } }));
		const share = (x: number) => (540 - x) / 60;
		const seats = [380, 460, 540, 620];
		const presses =
			seats.filter((x) => share(x) > 0).reduce((sum, x) => sum + plain.seat * share(x), 0) + plain.self * share(500);
		expect(line('fixing:r:s0', 'V: stud takes')).toBeCloseTo(presses + cleat * share(500), 4);
	});

	it('is judged cleat by cleat at a joint, and the block there by its own screws', () => {
		const studs = [100, 500, 900].map((x, i) => ({
			id: `s${i}`,
			x,
			width: 38.1,
			depth: 88.9,
			species: 'spf' as const
		}));
		const at = 500 + 38.1 / 2;
		const block = {
			id: 'b',
			x: at,
			y: 1400,
			width: 38.1,
			height: 300,
			depth: 88.9,
			species: 'spf' as const,
			fixing: { size: '#8' as const, length: 63.5, count: 4 }
		};
		// Hung from 530 to 930: on the right cleat alone, held at the block 5 D past the joint and at 900.
		const plan = smallWall({ wall: { studs, blocking: [block] }, row: { joints: [at] }, x: 530 });
		const { line, check, all } = asked(plan);
		const x0 = at + 5 * D;
		const seats = [80, 160, 240, 320].map((x) => 530 + x);
		const length = 950 - at;
		const own = (strip(length) * (900 - (at + 950) / 2)) / (900 - x0);
		const V =
			(plain.self * (900 - 730) + seats.reduce((sum, x) => sum + plain.seat * Math.max(0, 900 - x), 0)) / (900 - x0) +
			own;
		expect(line('fixing:r:b', 'V: stud takes')).toBeCloseTo(V, 4);
		expect(line('block:b', 'weight on it')).toBeCloseTo(V, 4);
		// Its screws take it across; the roll as a couple over half of its height.
		const roll = line('fixing:r:b', 'M: roll at this stud');
		const couple = roll + V * (88.9 / 2 + 12.7);
		expect(line('block:b', 'across each')).toBeCloseTo(Math.hypot(V, couple / 150) / 4, 4);
		expect(all.holders.get('h')?.path).toContain(check('block:b'));
		// On a spacer the rack bears below the row: its hook pushes out by its weight times tan 45°, which the block's
		// screws hold too.
		const own2 = rack({ strips: 2 });
		const spaced = asked(
			smallWall({ wall: { studs, blocking: [block] }, row: { joints: [at] }, x: 530, rack: { spacer: true } })
		);
		const Vs = spaced.line('fixing:r:b', 'V: stud takes');
		const rolled = spaced.line('fixing:r:b', 'M: roll at this stud') + Vs * (88.9 / 2 + 12.7);
		expect(Vs - own).toBeCloseTo(
			(own2.self * (900 - 730) + seats.reduce((sum, x) => sum + own2.seat * Math.max(0, 900 - x), 0)) / (900 - x0),
			4
		);
		expect(spaced.line('block:b', 'pulled out')).toBeCloseTo(rolled / 150 + (Vs - own), 3);
		// So it does when it bears on the row below, or hangs on it too; not when its own cleat's edge is all it bears on.
		const below = { ...ROW, id: 'below', y: 1200, joints: [] };
		const face = { stock: 'ply-18' as const, width: 400, height: 425 };
		for (const more of [{}, { secondHook: true }]) {
			const low = asked(
				smallWall({
					wall: { studs, blocking: [block] },
					row: { joints: [at] },
					x: 530,
					rack: { face, ...more },
					more: { rows: [below] }
				})
			);
			const here = low.line('fixing:r:b', 'V: stud takes');
			const turned = low.line('fixing:r:b', 'M: roll at this stud') + here * (88.9 / 2 + 12.7);
			expect(low.line('block:b', 'pulled out')).toBeCloseTo(turned / 150 + (here - own), 3);
		}
		expect(line('block:b', 'pulled out')).toBeCloseTo(couple / 150, 4);
		// Nobody said how it is fixed: not judged, and neither is what hangs on it.
		const unsaid = asked(
			smallWall({
				wall: { studs, blocking: [{ ...block, fixing: undefined as never }] },
				row: { joints: [at] },
				x: 530
			})
		);
		expect(unsaid.check('block:b').verdict).toBe('cannot-be-judged');
		expect(unsaid.check('block:b').reason.text).toMatch(/how is it fixed/);
		expect(['cannot-be-judged', 'does-not-hold']).toContain(unsaid.all.holders.get('h')?.verdict);
		// One that touches no stud holds nothing.
		expect(
			asked(
				smallWall({ wall: { studs, blocking: [{ ...block, x: at + 30 }] }, row: { joints: [at] }, x: 530 })
			).all.checks.some((c) => c.id === 'block:b' && c.margin !== 0)
		).toBe(false);
	});

	it('on a block between studs is judged at the stud it stands nearer to', () => {
		const block = BETWEEN;
		// A row over one stud and a part of the block: screwed to the block nearer to that stud. Its mirror image is nearer
		// to the other.
		const left = asked(smallWall({ wall: { blocking: [block] }, row: { left: 50, right: 450 }, x: 50 }));
		const right = asked(smallWall({ wall: { blocking: [block] }, row: { left: 550, right: 950 }, x: 550 }));
		const place = left.check('fixing:r:b').subject as { x: number };
		expect((right.check('fixing:r:b').subject as { x: number }).x).toBeCloseTo(1000 - place.x, 6);
		expect(place.x).toBeLessThan(480);
		expect(left.check('block:b').reason.text).toMatch(/left stud/);
		expect(right.check('block:b').reason.text).toMatch(/right stud/);
		const V = left.line('fixing:r:b', 'V: stud takes');
		expect(left.line('block:b', 'weight on it')).toBeCloseTo(V * (1 - (place.x - block.x) / block.width), 4);
		expect(right.line('block:b', 'weight on it')).toBeCloseTo(left.line('block:b', 'weight on it'), 4);
		expect(left.all.given('b')).toBeCloseTo(V, 6);
	});

	it('on two rows of one block gives it both', () => {
		const block = BETWEEN;
		const below = { ...ROW, id: 'below', y: 1350 };
		const on = (rows: (typeof below)[]) => asked(smallWall({ wall: { blocking: [block] }, more: { rows } }));
		// Both rows are screwed to it at the same place, so of what either gives it carries the same share.
		const [one, both] = [on([]), on([below])];
		const [V, more] = [both.line('fixing:r:b', 'V: stud takes'), both.line('fixing:below:b', 'V: stud takes')];
		expect(more).toBeGreaterThan(0);
		expect(both.line('block:b', 'weight on it')).toBeCloseTo((one.line('block:b', 'weight on it') * (V + more)) / V, 6);
	});
});
