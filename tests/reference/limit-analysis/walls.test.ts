import { onRow } from '$core/places/any-place';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { checkPlan, type PlanChecks } from '$core/checks/check-plan';
import { segmentsOn } from '$core/cleats/segments';
import { screw } from '$core/materials/screws';
import { holderWeights } from '$core/places/in-place';
import type { Plan } from '$core/plan/types';
import { anyWall } from '../../support/any-wall';
import { greatest, Programme, ready } from '../../support/linear-programme';
import { hookFactor, cleatFactor, left, seatFactor, slack, spacerTouches } from '../../support/limit-factors';

beforeAll(ready);

const tan = (bevel: number) => Math.tan((bevel * Math.PI) / 180);

/**
 * Every screw that counts is looked at again: in a stud at its own height, off every end and edge, in nothing that it
 * must not hit.
 */
function lookAtScrews(plan: Plan, checks: PlanChecks): number {
	let seen = 0;
	for (const { laid } of checks.rows.values()) {
		const { row, profile } = laid;
		const D = screw(row.screws.size).D * 25.4;
		for (const segment of segmentsOn(row, plan.wall, plan.cutting.kerf)) {
			for (const { x, y } of segment.fixings.flatMap((f) => f.screws)) {
				seen++;
				const inside = plan.wall.studs.some((s) => {
					const at = s.x + ((s.lean ?? 0) * y) / 1000;
					const [from, to] = s.plies ? [at - s.width / 2, at] : [at - s.width / 2, at + s.width / 2];
					return x - from >= 2.5 * D - 0.02 && to - x >= 2.5 * D - 0.02;
				});
				expect(inside, `screw at ${x}, ${y} is in no stud`).toBe(true);
				expect(Math.min(x - segment.from, segment.to - x)).toBeGreaterThanOrEqual(5 * D - 0.02);
				const low = row.backer ? row.y - row.backer.below : row.y;
				const high = row.backer ? low + row.backer.height : row.y + profile.back;
				expect(Math.min(y - low, high - y)).toBeGreaterThanOrEqual(2.5 * D - 0.02);
				expect(plan.wall.obstructions.some((o) => x > o.x && x < o.x + o.width && y > o.y && y < o.y + o.height)).toBe(
					false
				);
			}
		}
	}
	return seen;
}

describe('no check holds more than limit analysis', () => {
	it('of seats, hooks and screws of 2,000 random walls, with any of the things taken off', () => {
		const seen = { seats: 0, hooks: 0, cleats: 0, screws: 0, spacers: 0 };
		fc.assert(
			fc.property(anyWall, fc.nat(), (plan, bits) => {
				const checks = checkPlan(plan);
				seen.screws += lookAtScrews(plan, checks);
				for (const { placed: p } of checks.holders.values()) {
					if (!onRow(p)) continue;
					const own = (kind: string) => checks.checks.find((c) => c.id === `holder:${p.holder.id}:${kind}`);
					if (own('place')) continue;
					const { self, things } = holderWeights(p.built);
					if (p.bearing.kind === 'spacer') {
						seen.spacers++;
						expect(spacerTouches(plan, p, p.left + holderWeights(p.built).at), 'a spacer that touches nothing').toBe(
							true
						);
					}
					const told = Math.min(
						...['seat', 'part', 'lock'].map((k) => (k === 'lock' ? 1 : 1.5) * (own(k)?.margin ?? Infinity))
					);
					for (const some of [bits, -1, 0]) {
						const weights = [self, ...left(things, some)];
						if (Number.isFinite(told)) {
							seen.seats++;
							expect(told, 'seat').toBeLessThanOrEqual(seatFactor(p, weights) * slack);
						}
						const hook = own('hook');
						if (hook?.load && p.holder.mount.strips.lockStrip === 'none') {
							seen.hooks++;
							const W = weights.reduce((sum, w) => sum + w.weight, 0);
							const at = weights.reduce((sum, w) => sum + w.weight * w.x, 0) / W;
							const P =
								(W * (tan(p.profile.bevel) * ((p.profile.back + p.profile.front) / 2) + p.profile.thickness / 2)) /
								(p.profile.back / 2);
							const places = p.built.hookScrews.map((s) => s.x);
							expect(hook.margin ?? Infinity, 'hook').toBeLessThanOrEqual(
								hook.load.capacity.value * hookFactor(places, P, at, [0, p.built.face.width]) * slack
							);
						}
					}
				}
				for (const { laid } of checks.rows.values()) {
					const segments = segmentsOn(laid.row, plan.wall, plan.cutting.kerf);
					for (const segment of segments) {
						if (segment.fixings.length < 2) continue;
						const on = [...laid.placed, ...laid.guests].filter(
							(p) => !checks.checks.some((c) => c.id === `holder:${p.holder.id}:place`)
						);
						const margins =
							checks.rows
								.get(laid.row.id)
								?.path.filter(
									(c) =>
										c.title === 'screws' &&
										c.subject.kind === 'fixing' &&
										segment.fixings.some((f) => c.subject.kind === 'fixing' && Math.abs(f.x - c.subject.x) < 1e-9)
								)
								.map((c) => c.margin ?? 0) ?? [];
						const told = Math.min(1000, ...margins);
						// A holder that does not sit by itself is in no balance, whatever the screws; nor is one whose second hook
						// rides here, where it would not sit on this row alone.
						const sits = on.every((p) => {
							const { self, things } = holderWeights(p.built);
							return [bits, -1, 0].every((some) => seatFactor(p, [self, ...left(things, some)]) >= 1);
						});
						if (on.length === 0 || told === 0 || !sits) continue;
						for (const some of [bits, -1]) {
							seen.cleats++;
							expect(told, 'cleat').toBeLessThanOrEqual(cleatFactor(plan, laid, segment, on, some) * slack);
						}
					}
				}
			}),
			{ numRuns: 2000 }
		);
		for (const [what, n] of Object.entries(seen)) expect(n, what).toBeGreaterThan(500);
	}, 600_000);

	// Worked example: a hook 48 long, screws good for 100 each at 1.6 16.5 31.5 46.4, the load 11 from its end: no
	// equilibrium above 219 of the screws alone.
	it('gives the hook of the worked example as much as statics does', async () => {
		const { sharedAt } = await import('$core/mechanics/statics/line-share');
		expect(100 * sharedAt([1.6, 16.5, 31.5, 46.4], 11, [0, 48])).toBeCloseTo(219, 0);
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.integer({ min: 1, max: 999 }), { minLength: 1, maxLength: 8 }),
				fc.integer({ min: 0, max: 1000 }),
				(places, at) => {
					const told = sharedAt(places, at, [0, 1000]);
					const [first, last] = [Math.min(...places), Math.max(...places)];
					// Within its screws exactly what a programme without the face pressing finds; everywhere no more than with
					// it.
					if (at >= first && at <= last) {
						const lp = new Programme();
						const f = lp.variable(0, 1e9);
						const pulls = places.map((x) => [lp.variable(0, 1), x] as const);
						lp.zero([[f, 1], ...pulls.map(([n]) => [n, -1] as const)]);
						lp.zero([[f, at / 100], ...pulls.map(([n, x]) => [n, -x / 100] as const)]);
						expect(told).toBeCloseTo(greatest(lp, f), 6);
					}
					expect(told).toBeLessThanOrEqual(hookFactor(places, 1, at, [0, 1000]) * slack + 1e-9);
				}
			),
			{ numRuns: 300 }
		);
	});
});
