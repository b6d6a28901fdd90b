import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { checkPlan } from '$core/checks/check-plan';
import type { FixedHolder, Plan } from '$core/plan/types';
import { fixedFactor } from '../../support/fixed-factor';
import { slack } from '../../support/limit-factors';
import { ready } from '../../support/linear-programme';
import { bodyOf, rackOf } from '../../support/peg-rack';
import { smallWall } from '../../support/small-wall';

beforeAll(ready);

const rack = rackOf(smallWall().holders[0]!);
const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

/** A board on studs at random with pegs anywhere on it, and its screws where somebody put them. */
const anyBoard: fc.Arbitrary<Plan> = fc
	.record({
		studs: fc.array(real(40, 400), { minLength: 1, maxLength: 4 }),
		x: real(0, 600),
		width: real(200, 1000),
		inset: real(0, 1),
		count: fc.integer({ min: 1, max: 4 }),
		projection: real(60, 250),
		mass: real(0.2, 30),
		onStuds: fc.array(fc.record({ stud: fc.nat(3), y: real(14, 286), off: real(-6, 6) }), {
			minLength: 1,
			maxLength: 6
		}),
		cladding: fc.constantFrom('none' as const, 'drywall' as const)
	})
	.map((r) => {
		const start = smallWall();
		let at = 60;
		const studs = r.studs.map((gap, i) => {
			at += i === 0 ? 0 : gap + 40;
			return { id: `s${i}`, x: at, width: 38.1, depth: 88.9, species: 'spf' as const };
		});
		const holder: FixedHolder = {
			id: 'h',
			name: 'Board',
			mount: {
				kind: 'fixed',
				x: r.x,
				y: 1200,
				screws: { size: '#10', length: 76.2 },
				places: r.onStuds.map(({ stud, y, off }) => ({ x: (studs[stud % studs.length]?.x ?? 0) + off - r.x, y }))
			},
			...bodyOf({
				...rack,
				face: { stock: 'ply-3/4', width: r.width, height: 300 },
				pegs: {
					...rack.pegs,
					projection: r.projection,
					spacing: { kind: 'pitch', count: r.count, inset: r.inset * r.width, pitch: 60 }
				},
				load: { ...rack.load, mass: r.mass }
			})
		};
		return {
			...start,
			wall: {
				...start.wall,
				width: 3000,
				studs,
				cladding: { kind: r.cladding, thickness: r.cladding === 'none' ? 0 : 12.7 }
			},
			rows: [],
			holders: [holder]
		};
	});

describe('no board screwed to a wall holds more than limit analysis', () => {
	it('whatever of its things is off', () => {
		let seen = 0;
		const most = { ratio: 0 };
		fc.assert(
			fc.property(anyBoard, fc.nat(), (plan, bits) => {
				const { holders, checks } = checkPlan(plan);
				const { placed } = holders.get('h')!;
				if (!('columns' in placed) || placed.columns.length === 0) return;
				const told = Math.min(
					...checks
						.filter((c) => c.id.startsWith('fixing:h:') && c.basis === 'published')
						.map((c) => c.margin ?? Infinity)
				);
				for (const some of [bits, -1, 0]) {
					const factor = fixedFactor(plan, placed, some);
					if (!Number.isFinite(told)) continue;
					seen++;
					if (some === -1 && factor > 1e-9) most.ratio = Math.max(most.ratio, told / factor);
					expect(told, `with ${some}`).toBeLessThanOrEqual(Math.max(0, factor) * slack + 1e-8);
				}
			}),
			{ numRuns: 1500, endOnFailure: true }
		);
		expect(seen).toBeGreaterThan(1000);
		// Not so far below it that it tells nothing: somewhere it is nearly what equilibrium allows.
		expect(most.ratio).toBeGreaterThan(0.6);
	});
});
