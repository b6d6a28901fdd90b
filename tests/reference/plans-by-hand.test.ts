import { describe, expect, it } from 'vitest';
import type { Holder, PegRackParams, Row } from '$core/plan/types';
import { asked, ROW, smallWall } from '../support/small-wall';

/**
 * Whole plans, one odd thing at a time, worked with a pencil: plain statics of what hangs where, with none of Kammer's code. The wall is that of one-rack.test.ts.
 */
const g = 9.80665;
const t = (23 / 32) * 25.4;
const middle = (127 - 3.2 * Math.SQRT2) / 2;
const [back, front] = [middle - t / 2, middle + t / 2];
const D = 0.19 * 25.4;
const up = back - 2.5 * D;
const crush = 0.2 * 25.4;
const strip = (length: number) => (length * middle * t * 560 * g) / 1e9;
const cleat = strip(900);

/** The rack: face (SPF 455), strips of ply behind it (560), dowels (690), four seats of two things of 1.5 kg, out at 40 and 80 of its pegs. */
function rack(o: { strips?: number; height?: number; pegs?: number } = {}) {
	const { strips = 1, height = 180, pegs = 4 } = o;
	const parts = [
		{ w: (400 * height * 19.05 * 455 * g) / 1e9, out: t + 19.05 / 2 },
		{ w: strips * strip(400), out: t / 2 },
		{ w: (pegs * (Math.PI / 4) * 19.05 ** 2 * 100 * 690 * g) / 1e9, out: t + 19.05 + 50 },
		{ w: 6 * g, out: t + 19.05 + 40 },
		{ w: 6 * g, out: t + 19.05 + 80 }
	];
	const W = parts.reduce((sum, p) => sum + p.w, 0);
	const self = parts.slice(0, 3).reduce((sum, p) => sum + p.w, 0);
	return { W, self, seat: (W - self) / 4, out: parts.reduce((sum, p) => sum + p.w * p.out, 0) / W, things: parts.slice(3) };
}
const PEGS: PegRackParams['pegs'] = {
	diameter: 19.05,
	projection: 100,
	depth: 19.05,
	tilt: 0,
	height: 60,
	spacing: { kind: 'equal-gaps', count: 4 },
	pair: null
};
const THING = { name: 'thing', mass: 1.5, perSeat: 2, thickness: 40, width: 60, height: 200 };
const plain = rack();
const foot = (height: number) => 1500 + back + front - height;

describe('the holder', () => {
	it('of pairs gives each peg half of its seat', () => {
		const pegs = { ...PEGS, pair: { bar: 10, slack: 2 } };
		const M = (1.5 * g * (40 + 80)) / 2;
		expect(asked(smallWall({ rack: { pegs } })).line('holder:h:peg', 'turns the peg')).toBeCloseTo(M, 6);
		expect(asked(smallWall({ rack: { pegs } })).check('holder:h:peg').margin).toBeCloseTo(
			(16_600 * 0.00689475729) / 4 / ((32 * M) / (Math.PI * 19.05 ** 3)),
			4
		);
	});

	it('on a spacer bears at its foot, and weighs the spacer', () => {
		const r = rack({ strips: 2 });
		const { check, all } = asked(smallWall({ rack: { spacer: true } }));
		expect(all.holders.get('h')?.placed.bearing).toMatchObject({ kind: 'spacer', y: foot(180) });
		expect(check('holder:h:seat').margin).toBeCloseTo((1500 + back - foot(180)) / r.out / 1.5, 6);
	});

	it('bears on no spacer over a window, past the end of the wall, or before the row below', () => {
		const bearing = (plan: ReturnType<typeof smallWall>) => asked(plan).all.holders.get('h')?.placed.bearing;
		const window = { id: 'w', kind: 'window' as const, name: 'window', x: 280, y: 1350, width: 440, height: 120 };
		expect(bearing(smallWall({ rack: { spacer: true }, wall: { obstructions: [window] } }))).toMatchObject({
			kind: 'cleat-edge',
			lost: 'nothing-behind'
		});
		// Half of it over the window still bears: its weight stands at 500, and the wall is behind it on both sides of that.
		expect(bearing(smallWall({ rack: { spacer: true }, wall: { obstructions: [{ ...window, x: 450, width: 100 }] } }))).toMatchObject({
			kind: 'spacer'
		});
		expect(bearing(smallWall({ rack: { spacer: true }, x: 700, row: { right: 1200 } }))).toMatchObject({ kind: 'spacer' });
		expect(bearing(smallWall({ rack: { spacer: true }, x: 900, row: { right: 1400 } }))).toMatchObject({ lost: 'nothing-behind' });
		const below = { ...ROW, id: 'below', y: foot(180) - 20 };
		expect(bearing(smallWall({ rack: { spacer: true }, more: { rows: [below] } }))).toMatchObject({ lost: 'meets-row' });
	});

	it('on a second hook puts all of it on either row, and both hooks are judged', () => {
		const below = { ...ROW, id: 'below', y: 1300 };
		const face = { stock: '1x8' as const, width: 400, height: 350 };
		const r = rack({ strips: 2, height: 350 });
		const { check, line, all } = asked(smallWall({ rack: { secondHook: true, face }, more: { rows: [below] } }));
		expect(all.holders.get('h')?.placed.bearing).toMatchObject({ kind: 'second-hook', y: 1300 + front });
		expect(check('holder:h:seat').margin).toBeCloseTo((1500 + back - 1300 - front) / r.out / 1.5, 6);
		for (const row of ['r', 'below']) expect(line(`fixing:${row}:s0`, 'V: stud takes')).toBeCloseTo((r.W + cleat) / 2, 6);
		expect(check('holder:h:hook-2').margin).toBeCloseTo(check('holder:h:hook').margin as number, 9);
	});

	it('bears on no stretch of the row below that another rack rides on; beside it, it does', () => {
		const face = { stock: 'ply-18' as const, width: 400, height: 425 };
		const below = { ...ROW, id: 'below', y: 1200, right: 1150 };
		const beside = (x: number) => {
			const plan = smallWall({ row: { right: 1150 }, rack: { face }, more: { rows: [below] } });
			const h = plan.holders[0] as Holder;
			plan.holders.push({ ...h, id: 'rider', mount: { ...h.mount, x }, params: { ...h.params, secondHook: true } });
			return asked(plan).all.holders.get('h')?.placed.bearing;
		};
		// The first stands from 300 to 700.
		expect(beside(500)).toMatchObject({ kind: 'cleat-edge', taken: true });
		expect(beside(700)).toMatchObject({ kind: 'row-below', y: 1200 + front });
	});

	it('is told at the studs on either side of it, and at no other', () => {
		const studs = [100, 300, 600, 900].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const { check } = asked(smallWall({ wall: { studs }, x: 640, rack: { face: { stock: '1x8', width: 250, height: 180 } } }));
		const told = studs.map((s) => check(`fixing:r:${s.id}`).lines.some((l) => l.label === 'weight of Rack'));
		expect(told).toEqual([false, false, true, true]);
	});

	it('has screws of its second hook that meet a peg, and says so', () => {
		const below = { ...ROW, id: 'below', y: 1300 };
		const face = { stock: '1x8' as const, width: 400, height: 350 };
		// The second hook's screws stand half of its short side under its top: 1300 + back + front - back / 2; a peg there, and one at a third of the way along where a screw is.
		const height = 1300 + back + front - back / 2 - foot(350);
		const pegs: PegRackParams['pegs'] = {
			diameter: 19.05,
			projection: 100,
			depth: 19.05,
			tilt: 0,
			height,
			spacing: { kind: 'pitch', count: 1, inset: 200, pitch: 10 },
			pair: null
		};
		const { all } = asked(smallWall({ rack: { secondHook: true, face, pegs }, more: { rows: [below] } }));
		expect(all.warnings.filter((w) => w.level === 'stop').map((w) => w.message.text)).toContain(
			'The screw of its {hook} at {x@tape} meets a peg in the face'
		);
		expect(all.checks.some((c) => c.id === 'holder:h:hook-2')).toBe(true);
		expect(all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});

	it('writes out how far it stands out and reaches down, and what pull would tip it', () => {
		const r = rack({ strips: 2 });
		const { check, line } = asked(smallWall({ rack: { spacer: true } }));
		const drop = 1500 + back - foot(180);
		expect(line('holder:h:seat', 'weight')).toBeCloseTo(r.W, 6);
		expect(line('holder:h:seat', 'stands out')).toBeCloseTo(r.out, 6);
		expect(line('holder:h:seat', 'reaches down')).toBeCloseTo(drop, 6);
		expect(line('holder:h:seat', 'shape')).toBeCloseTo(drop / r.out, 6);
		expect(line('holder:h:part', 'reaches down')).toBeCloseTo(drop, 6);
		// Pegs 60 above the foot: about the foot, F × 60 + W × out = W × tan 45° × drop.
		const tug = check('holder:h:seat').notes.find((n) => n.text.startsWith('An outward pull'))?.values.f as { value: number };
		expect(tug.value).toBeCloseTo((r.W * (drop - r.out)) / 60, 4);
		// At 30° it slides off sooner: tan 30° for 1.
		const flat = asked(
			smallWall({
				row: { bevel: 30 },
				rack: { spacer: true, face: { stock: 'ply-18', width: 400, height: 300 }, load: { ...THING, perSeat: 1 } }
			})
		);
		const [W, out, reach] = ['weight', 'stands out', 'reaches down'].map((l) => flat.line('holder:h:seat', l)) as [number, number, number];
		const pull = flat.check('holder:h:seat').notes.find((n) => n.text.startsWith('An outward pull'))?.values.f as { value: number };
		expect(pull.value).toBeCloseTo((W * (reach * Math.tan(Math.PI / 6) - out)) / 60, 4);
	});

	it('that keeps its things past the end of its row does not hold, and says where', () => {
		const { check, all } = asked(smallWall({ x: 700 }));
		expect(check('holder:h:place')).toMatchObject({ margin: 0, verdict: 'does-not-hold', subject: { kind: 'holder', id: 'h' } });
		expect(check('holder:h:place').reason.text).toMatch(/past the end/);
		expect(all.holders.get('h')?.verdict).not.toBe('holds');
	});

	it('says how high a heavy thing would still be lifted well, or that there is no such height', () => {
		const lifting = (mass: number) =>
			asked(smallWall({ rack: { load: { name: 'vise', mass, perSeat: 1, thickness: 80, width: 60, height: 200 } } }))
				.all.warnings.filter((w) => w.message.text.startsWith('Lifting {name}'))
				.map((w) => w.message.text);
		expect(lifting(18)).toEqual([expect.stringMatching(/At \{o@tape\} it would be 1/)]);
		expect(lifting(60)).toEqual([expect.stringMatching(/get help/)]);
		expect(lifting(1.5)).toEqual([]);
	});

	it('on a lock strip at work rolls its cleat by all of its stand-off', () => {
		const r = rack({ strips: 2 });
		const drop = back;
		expect(r.out).toBeGreaterThan(drop);
		const { check, line } = asked(smallWall({ rack: { lockStrip: true } }));
		expect(line('fixing:r:s0', 'M: roll at this stud')).toBeCloseTo((r.W * r.out) / 2 + (cleat * t) / 4, 4);
		// Worst with only what stands furthest out; the strip takes all of each thing's x / d - 1, and its own weight's, which holds it down.
		const far = r.things[1] as { w: number; out: number };
		const near = r.things[0] as { w: number; out: number };
		const selfOut = (r.W * r.out - far.w * far.out - near.w * near.out) / r.self;
		const uplift = r.self * (selfOut / drop - 1) + near.w * (near.out / drop - 1) + far.w * (far.out / drop - 1);
		expect(check('holder:h:lock').second?.lines.find((l) => l.label === 'lifts the strip')?.result.value).toBeCloseTo(uplift, 6);
		expect(check('holder:h:lock').margin).toBeCloseTo(drop / ((r.self * selfOut + far.w * far.out) / (r.self + far.w)), 6);
		// Its hook is pulled by stand-off over drop, no longer by tan b.
		const ends = check('holder:h:hook').lines.find((l) => l.label === 'roll of the hook')?.result.value as number;
		const weight = check('holder:h:hook').lines.find((l) => l.label === 'worst left on')?.result.value as number;
		expect(ends).toBeCloseTo(weight * ((r.out / drop) * ((back + front) / 2) + t / 2), 4);
	});

	it('with its load at one end pulls the last hook screw by what balances there', () => {
		// One seat of two at 60 from the left; screws at 40, 200 and 360. By itself the rack is in the middle.
		const pegs: PegRackParams['pegs'] = {
			diameter: 19.05,
			projection: 100,
			depth: 19.05,
			tilt: 0,
			height: 60,
			spacing: { kind: 'pitch', count: 1, inset: 60, pitch: 10 },
			pair: null
		};
		const self = rack({ pegs: 1 }).self;
		const W = self + 3 * g;
		const x = (self * 200 + 3 * g * 60) / W;
		const M = W * ((back + front) / 2 + t / 2);
		// The screw at 40 takes all it may, the one at 200 balances it about the load, the third is too far.
		const shared = 1 + (x - 40) / (200 - x);
		expect(shared).toBeLessThan(2);
		expect(asked(smallWall({ rack: { pegs } })).line('holder:h:hook', 'pull on one')).toBeCloseTo(M / (back / 2) / shared, 4);
	});
});

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
		// Screws 25 up and 25 down; the middle one would be behind the cleat, which reaches from 100 to 100 + front: it goes 12 over or under it, whichever is nearer.
		const between = 150 < 100 + front / 2 || 100 + front + 12 > 275 ? 100 - 12 : 100 + front + 12;
		const ys = [25, between, 275].map((y) => y - crush);
		expect(line('fixing:r:s0', 'top screw pull')).toBeCloseTo(
			(M * 270) / ys.reduce((sum, y) => sum + y * y, 0) - (M * (crush - 5)) / ys.reduce((sum, y) => sum + y * y, 0),
			3
		);
		// The seat is as before: it stands out from the sheet as it did from the wall.
		expect(check('holder:h:seat').margin).toBeCloseTo(back / plain.out / 1.5, 6);
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
		const bearing = (o: Parameters<typeof smallWall>[0]) => asked(smallWall(o)).all.holders.get('h')?.placed.bearing;
		const below = { ...ROW, id: 'below', y: 1300 };
		expect(bearing({ rack: { face }, more: { rows: [below] } })).toMatchObject({ kind: 'row-below' });
		expect(bearing({ rack: { face }, row: { backer }, more: { rows: [below] } })).toMatchObject({ kind: 'cleat-edge' });
		expect(bearing({ rack: { face }, row: { backer }, more: { rows: [{ ...below, backer: { ...backer, below: 20 } }] } })).toMatchObject({
			kind: 'row-below'
		});
		expect(bearing({ rack: { face, spacer: true }, row: { backer } })).toMatchObject({ kind: 'cleat-edge', lost: 'further-back' });
		expect(bearing({ rack: { face, spacer: true }, row: { backer: { ...backer, height: 500, below: 400 } } })).toMatchObject({
			kind: 'spacer'
		});
		expect(bearing({ rack: { face, secondHook: true }, row: { backer }, more: { rows: [below] } })?.kind).not.toBe('second-hook');
	});

	it('on a sheet says where the sheet has no place: over a window, past the floor, past the top', () => {
		const behind = { size: '#8' as const, length: 28, pitch: 100 };
		const window = (x: number) => ({ id: 'w', kind: 'window' as const, name: 'window', x, y: 1200, width: 50, height: 100 });
		const stops = (height: number, below: number, more: Partial<Row> = {}, x = 700) =>
			asked(
				smallWall({
					wall: { obstructions: [window(x)] },
					row: { backer: { stock: 'ply-1/2', height, below, behind, perStud: 3 }, ...more }
				})
			)
				.all.warnings.filter((w) => w.level === 'stop' && w.subject.kind === 'row')
				.map((w) => w.message.text);
		// The window's head is at 1300: a sheet that ends there clears it, one 10 longer does not, though its cleat is 200 above.
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
		// The foot is at 1500 + back + front - 350; the sheet of the row below reaches from 250 under that to 50 over it. Both stand out by the same sheet.
		const at = foot(350);
		const own = { ...backer, height: 120, below: 20 };
		const bearing = (over: Partial<Row>) =>
			asked(
				smallWall({
					rack: { spacer: true, face: { stock: '1x8', width: 400, height: 350 } },
					row: { backer: own },
					more: { rows: [{ ...ROW, id: 'below', y: at - 100, backer, ...over }] }
				})
			).all.holders.get('h')?.placed.bearing;
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
		expect(pull({ kind: 'panel', thickness: 4, under: [{ kind: 'drywall', thickness: 12.7 }] })).toBeCloseTo(M / (up - crush), 4);
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
		// Studs at 480 and 540 under the middle of the rack, 300 to 700: a seat left of 480 lifts the right one, and eases nothing.
		const studs = [480, 540].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const { line } = asked(smallWall({ wall: { studs } }));
		const share = (x: number) => (540 - x) / 60;
		const seats = [380, 460, 540, 620];
		const presses = seats.filter((x) => share(x) > 0).reduce((sum, x) => sum + plain.seat * share(x), 0) + plain.self * share(500);
		expect(line('fixing:r:s0', 'V: stud takes')).toBeCloseTo(presses + cleat * share(500), 4);
	});

	it('is judged cleat by cleat at a joint, and the block there by its own screws', () => {
		const studs = [100, 500, 900].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
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
		const V = (plain.self * (900 - 730) + seats.reduce((sum, x) => sum + plain.seat * Math.max(0, 900 - x), 0)) / (900 - x0) + own;
		expect(line('fixing:r:b', 'V: stud takes')).toBeCloseTo(V, 4);
		expect(line('block:b', 'weight on it')).toBeCloseTo(V, 4);
		// Its screws take it across; the roll as a couple over half of its height.
		const roll = line('fixing:r:b', 'M: roll at this stud');
		const couple = roll + V * (88.9 / 2 + 12.7);
		expect(line('block:b', 'across each')).toBeCloseTo(Math.hypot(V, couple / 150) / 4, 4);
		expect(all.holders.get('h')?.path).toContain(check('block:b'));
		// On a spacer the rack bears below the row: its hook pushes out by its weight times tan 45°, which the block's screws hold too.
		const own2 = rack({ strips: 2 });
		const spaced = asked(smallWall({ wall: { studs, blocking: [block] }, row: { joints: [at] }, x: 530, rack: { spacer: true } }));
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
				smallWall({ wall: { studs, blocking: [block] }, row: { joints: [at] }, x: 530, rack: { face, ...more }, more: { rows: [below] } })
			);
			const here = low.line('fixing:r:b', 'V: stud takes');
			const turned = low.line('fixing:r:b', 'M: roll at this stud') + here * (88.9 / 2 + 12.7);
			expect(low.line('block:b', 'pulled out')).toBeCloseTo(turned / 150 + (here - own), 3);
		}
		expect(line('block:b', 'pulled out')).toBeCloseTo(couple / 150, 4);
		// Nobody said how it is fixed: not judged, and neither is what hangs on it.
		const unsaid = asked(
			smallWall({ wall: { studs, blocking: [{ ...block, fixing: undefined as never }] }, row: { joints: [at] }, x: 530 })
		);
		expect(unsaid.check('block:b').verdict).toBe('cannot-be-judged');
		expect(unsaid.check('block:b').reason.text).toMatch(/how is it fixed/);
		expect(['cannot-be-judged', 'does-not-hold']).toContain(unsaid.all.holders.get('h')?.verdict);
		// One that touches no stud holds nothing.
		expect(
			asked(smallWall({ wall: { studs, blocking: [{ ...block, x: at + 30 }] }, row: { joints: [at] }, x: 530 })).all.checks.some(
				(c) => c.id === 'block:b' && c.margin !== 0
			)
		).toBe(false);
	});

	it('on a block between studs is judged at the stud it stands nearer to', () => {
		const studs = [100, 900].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const block = {
			id: 'b',
			x: 119.05,
			y: 1300,
			width: 761.9,
			height: 350,
			depth: 88.9,
			species: 'spf' as const,
			fixing: { size: '#10' as const, length: 76.2, count: 4 }
		};
		// A row over one stud and a part of the block: screwed to the block nearer to that stud. Its mirror image is nearer to the other.
		const left = asked(smallWall({ wall: { studs, blocking: [block] }, row: { left: 50, right: 450 }, x: 50 }));
		const right = asked(smallWall({ wall: { studs, blocking: [block] }, row: { left: 550, right: 950 }, x: 550 }));
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
		const studs = [100, 900].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }));
		const block = {
			id: 'b',
			x: 119.05,
			y: 1300,
			width: 761.9,
			height: 350,
			depth: 88.9,
			species: 'spf' as const,
			fixing: { size: '#10' as const, length: 76.2, count: 4 }
		};
		const below = { ...ROW, id: 'below', y: 1350 };
		const on = (rows: (typeof below)[]) => asked(smallWall({ wall: { studs, blocking: [block] }, more: { rows } }));
		expect(on([below]).line('block:b', 'weight on it')).toBeGreaterThan(on([]).line('block:b', 'weight on it'));
	});
});

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
			smallWall({ wall: { build, cladding: { kind: 'none', thickness: 0 } }, row: { screws: { size: '#10', length: 57, perStud: 1 } } })
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
						build: { kind: 'masonry', material: 'brick', thickness, first: 100, pitch: 800, plug: { diameter: 8, length: 50, load: 30 } },
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
			family: 'peg-rack',
			mount: { kind: 'row', row: 'r', x: 60 },
			params: { ...(smallWall().holders[0] as Holder).params, face: { stock: '1x8', width: 200, height: 180 } }
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
