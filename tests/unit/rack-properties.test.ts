import { describe, expect, it } from 'vitest';
import { checkPlan } from '$core/checks/check-plan';
import { moreWalls } from '$core/demo/slipway-more';
import { carrierKind } from '$core/kinds/registry';
import { placesById } from '$core/places/any-place';
import { isRackMount } from '$core/plan/held';
import type { Holder, Plan } from '$core/plan/types';
import type { Check } from '$core/verdict/check';

/** What must be true of any rack, whatever its figures: on those of the lumber wall of the example, one by one. */
const wall = moreWalls().find((p) => p.name.includes('lumber'))!;
const racks = wall.holders.filter((h) => isRackMount(h.mount));
const only = (h: Holder): Plan => ({ ...wall, holders: [h] });
const judged = (plan: Plan) => checkPlan(plan).checks.filter((c) => c.basis === 'published' && c.margin !== null);

/** A leaning stack presses on its wall, and stands against a knock, by what it weighs: more of it is steadier. */
const STEADIER = /:(tips|knock|slides)/;

describe.each(racks.map((h) => [h.name, h] as const))('%s', (_, rack) => {
	it('is never better for more load', () => {
		const loaded = (by: number): Holder => ({
			...rack,
			carriers: rack.carriers.map((c) => ({
				...c,
				loads: c.loads.map((l) => ({ ...l, mass: l.mass === null ? null : l.mass * by }))
			}))
		});
		let before = new Map<string, Check>();
		for (const by of [0.4, 1, 1.7, 4]) {
			const now = new Map(judged(only(loaded(by))).map((c) => [c.id, c]));
			for (const [id, c] of now) {
				const was = before.get(id);
				if (!was || STEADIER.test(id)) continue;
				expect(c.margin, `${id} under ${by} times its load`).toBeLessThanOrEqual((was.margin as number) * (1 + 1e-9));
			}
			expect(now.size).toBeGreaterThan(0);
			before = now;
		}
	});

	it('is as good in a mirror', () => {
		const W = wall.wall.width;
		const { ceiling } = wall.wall;
		const mirrored: Plan['wall'] = {
			...wall.wall,
			studs: [...wall.wall.studs].reverse().map((s) => ({ ...s, x: W - s.x })),
			obstructions: [],
			...(ceiling
				? { ceiling: { ...ceiling, first: (((W - ceiling.first) % ceiling.pitch) + ceiling.pitch) % ceiling.pitch } }
				: {})
		};
		const { built } = placesById(only(rack)).get(rack.id)!;
		// Its leaves turn to the right: it has no mirror image of its own kind.
		if (built.hold?.kind === 'leaves') return;
		const { left, right } = built.carriers[0]!.taken;
		const carriers = rack.carriers.map((c) => {
			const other = carrierKind(c.kind).mirrored?.(c.params, c.loads, right - left);
			return other ? { ...c, params: other.params, loads: [...other.loads] } : c;
		});
		const mount = 'x' in rack.mount ? { ...rack.mount, x: W - rack.mount.x - (left + right) } : rack.mount;
		const rows = wall.rows.map((r) => ({ ...r, left: W - r.right, right: W - r.left }));
		const other: Holder = { ...rack, mount, carriers };
		const margins = (plan: Plan) =>
			judged(plan)
				.filter((c) => c.subject.kind === 'holder' || c.subject.kind === 'fixing')
				.map((c) => c.margin as number)
				.sort((a, b) => a - b);
		const [here, there] = [
			margins({ ...only(rack), wall: { ...wall.wall, obstructions: [] } }),
			margins({ ...only(other), wall: mirrored, rows })
		];
		expect(there).toHaveLength(here.length);
		there.forEach((m, i) => expect(m / here[i]!).toBeCloseTo(1, 6));
	});
});
