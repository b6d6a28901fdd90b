import { withStrips } from '$core/plan/held';
import { hung } from '../../support/peg-rack';
import { hungAt } from '../../support/in-place';
import { describe, expect, it } from 'vitest';
import { type PegRack } from '../../support/peg-rack';

import { PEGS, THING, g, t, back, front, cleat, rack, foot } from '../../support/rack-by-hand';
import { asked, ROW, smallWall } from '../../support/small-wall';

/**
 * Whole plans with something odd about the holder, worked with a pencil: tests/support/rack-by-hand.ts has the figures
 * they share.
 */
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
		expect(hungAt(all, 'h').bearing).toMatchObject({ kind: 'spacer', y: foot(180) });
		expect(check('holder:h:seat').margin).toBeCloseTo((1500 + back - foot(180)) / r.out / 1.5, 6);
	});

	it('bears on no spacer over a window, past the end of the wall, or before the row below', () => {
		const bearing = (plan: ReturnType<typeof smallWall>) => hungAt(asked(plan).all, 'h').bearing;
		const window = { id: 'w', kind: 'window' as const, name: 'window', x: 280, y: 1350, width: 440, height: 120 };
		expect(bearing(smallWall({ rack: { spacer: true }, wall: { obstructions: [window] } }))).toMatchObject({
			kind: 'cleat-edge',
			lost: 'nothing-behind'
		});
		// Half of it over the window still bears: its weight stands at 500, and the wall is behind it on both sides of
		// that.
		expect(
			bearing(smallWall({ rack: { spacer: true }, wall: { obstructions: [{ ...window, x: 450, width: 100 }] } }))
		).toMatchObject({
			kind: 'spacer'
		});
		expect(bearing(smallWall({ rack: { spacer: true }, x: 700, row: { right: 1200 } }))).toMatchObject({
			kind: 'spacer'
		});
		expect(bearing(smallWall({ rack: { spacer: true }, x: 900, row: { right: 1400 } }))).toMatchObject({
			lost: 'nothing-behind'
		});
		const below = { ...ROW, id: 'below', y: foot(180) - 20 };
		expect(bearing(smallWall({ rack: { spacer: true }, more: { rows: [below] } }))).toMatchObject({
			lost: 'meets-row'
		});
	});

	it('on a second hook puts all of it on either row, and both hooks are judged', () => {
		const below = { ...ROW, id: 'below', y: 1300 };
		const face = { stock: '1x8' as const, width: 400, height: 350 };
		const r = rack({ strips: 2, height: 350 });
		const { check, line, all } = asked(smallWall({ rack: { secondHook: true, face }, more: { rows: [below] } }));
		expect(hungAt(all, 'h').bearing).toMatchObject({ kind: 'second-hook', y: 1300 + front });
		expect(check('holder:h:seat').margin).toBeCloseTo((1500 + back - 1300 - front) / r.out / 1.5, 6);
		for (const row of ['r', 'below'])
			expect(line(`fixing:${row}:s0`, 'V: stud takes')).toBeCloseTo((r.W + cleat) / 2, 6);
		expect(check('holder:h:hook-2').margin).toBeCloseTo(check('holder:h:hook').margin as number, 9);
	});

	it('bears on no stretch of the row below that another rack rides on; beside it, it does', () => {
		const face = { stock: 'ply-18' as const, width: 400, height: 425 };
		const below = { ...ROW, id: 'below', y: 1200, right: 1150 };
		const beside = (x: number) => {
			const plan = smallWall({ row: { right: 1150 }, rack: { face }, more: { rows: [below] } });
			const h = hung(plan.holders[0]);
			plan.holders.push({ ...h, id: 'rider', mount: { ...withStrips(h, { secondHook: true }), x } });
			return hungAt(asked(plan).all, 'h').bearing;
		};
		// The first stands from 300 to 700.
		expect(beside(500)).toMatchObject({ kind: 'cleat-edge', taken: true });
		expect(beside(700)).toMatchObject({ kind: 'row-below', y: 1200 + front });
	});

	it('is told at the studs on either side of it, and at no other', () => {
		const studs = [100, 300, 600, 900].map((x, i) => ({
			id: `s${i}`,
			x,
			width: 38.1,
			depth: 88.9,
			species: 'spf' as const
		}));
		const { check } = asked(
			smallWall({ wall: { studs }, x: 640, rack: { face: { stock: '1x8', width: 250, height: 180 } } })
		);
		const told = studs.map((s) => check(`fixing:r:${s.id}`).lines.some((l) => l.label === 'weight of Rack'));
		expect(told).toEqual([false, false, true, true]);
	});

	it('has screws of its second hook that meet a peg, and says so', () => {
		const below = { ...ROW, id: 'below', y: 1300 };
		const face = { stock: '1x8' as const, width: 400, height: 350 };
		// The second hook's screws stand half of its short side under its top: 1300 + back + front - back / 2; a peg there,
		// and one at a third of the way along where a screw is.
		const height = 1300 + back + front - back / 2 - foot(350);
		const pegs: PegRack['pegs'] = {
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
			'The screw of its {hook} at {x@tape} meets a hole in the face'
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
		const tug = check('holder:h:seat').notes.find((n) => n.text.startsWith('An outward pull'))?.values.f as {
			value: number;
		};
		expect(tug.value).toBeCloseTo((r.W * (drop - r.out)) / 60, 4);
		// At 30° it slides off sooner: tan 30° for 1.
		const flat = asked(
			smallWall({
				row: { bevel: 30 },
				rack: { spacer: true, face: { stock: 'ply-18', width: 400, height: 300 }, load: { ...THING, perSeat: 1 } }
			})
		);
		const [W, out, reach] = ['weight', 'stands out', 'reaches down'].map((l) => flat.line('holder:h:seat', l)) as [
			number,
			number,
			number
		];
		const pull = flat.check('holder:h:seat').notes.find((n) => n.text.startsWith('An outward pull'))?.values.f as {
			value: number;
		};
		expect(pull.value).toBeCloseTo((W * (reach * Math.tan(Math.PI / 6) - out)) / 60, 4);
	});

	it('that keeps its things past the end of its row does not hold, and says where', () => {
		const { check, all } = asked(smallWall({ x: 700 }));
		expect(check('holder:h:place')).toMatchObject({
			margin: 0,
			verdict: 'does-not-hold',
			subject: { kind: 'holder', id: 'h' }
		});
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
		// Worst with only what stands furthest out; the strip takes all of each thing's x / d - 1, and its own weight's,
		// which holds it down.
		const far = r.things[1] as { w: number; out: number };
		const near = r.things[0] as { w: number; out: number };
		const selfOut = (r.W * r.out - far.w * far.out - near.w * near.out) / r.self;
		const uplift = r.self * (selfOut / drop - 1) + near.w * (near.out / drop - 1) + far.w * (far.out / drop - 1);
		expect(check('holder:h:lock').second?.lines.find((l) => l.label === 'lifts the strip')?.result.value).toBeCloseTo(
			uplift,
			6
		);
		expect(check('holder:h:lock').margin).toBeCloseTo(
			drop / ((r.self * selfOut + far.w * far.out) / (r.self + far.w)),
			6
		);
		// Its hook is pulled by stand-off over drop, no longer by tan b.
		const ends = check('holder:h:hook').lines.find((l) => l.label === 'roll of the hook')?.result.value as number;
		const weight = check('holder:h:hook').lines.find((l) => l.label === 'worst left on')?.result.value as number;
		expect(ends).toBeCloseTo(weight * ((r.out / drop) * ((back + front) / 2) + t / 2), 4);
	});

	it('with its load at one end pulls the last hook screw by what balances there', () => {
		// One seat of two at 60 from the left; screws at 40, 200 and 360. By itself the rack is in the middle, but for its
		// one peg, less the wood bored out for it.
		const pegs: PegRack['pegs'] = {
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
		const peg = ((Math.PI / 4) * 19.05 ** 2 * (119.05 * 690 - 19.05 * 455) * g) / 1e9;
		const x = ((self - peg) * 200 + (peg + 3 * g) * 60) / W;
		const M = W * ((back + front) / 2 + t / 2);
		// The screw at 40 takes all it may, the one at 200 balances it about the load, the third is too far.
		const shared = 1 + (x - 40) / (200 - x);
		expect(shared).toBeLessThan(2);
		expect(asked(smallWall({ rack: { pegs } })).line('holder:h:hook', 'pull on one')).toBeCloseTo(
			M / (back / 2) / shared,
			4
		);
	});
});
