import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byRow } from './by-place';
import { checkPlan } from './check-plan';
import type { Holder, Plan } from '../plan/types';
import { governingCheck, verdictOf, type Check } from '../verdict/check';
import { base, fresh, doing, holder, at, load, find } from '../../../tests/support/demo-wall';
import { backOf, hung, withRack } from '../../../tests/support/peg-rack';

describe('verdicts of a plan', () => {
	it('of a row with nothing on it is that it carries nothing', () => {
		const empty = fresh({ ...base, holders: [] });
		for (const id of ['r1', 'r2', 'r3', 'r4'])
			expect(empty.rows.get(id)).toMatchObject({ verdict: 'unloaded', check: undefined });
		expect(byRow(base, empty).every((r) => r.capacity === null && r.margin === null)).toBe(true);
		expect(byRow(base, empty).find((r) => r.id === 'r1')?.verdict).toBe('unloaded');
	});

	it('of what a stop forbids is that it cannot be built so, for all that hangs on it, however strong it is', () => {
		const c = fresh(base);
		// Screws of 45 mm in the low row are too short: a stop.
		expect(c.rows.get('r5')).toMatchObject({ verdict: 'cannot-be-built' });
		expect(c.holders.get('h6')?.verdict).toBe('cannot-be-built');
		expect(byRow(base, c).find((r) => r.id === 'r5')).toMatchObject({ verdict: 'cannot-be-built', capacity: null });
		expect(c.wall.verdict).toBe('cannot-be-built');
		// Two racks in one place hold as well as before, and cannot be.
		const twice = fresh(doing(base, at('h4', 'r2', 300)));
		expect(twice.warnings.filter((w) => w.level === 'stop' && w.subject.kind === 'holder').length).toBeGreaterThan(0);
		for (const w of twice.warnings)
			if (w.level === 'stop' && w.subject.kind === 'holder')
				expect(twice.holders.get(w.subject.id)?.verdict).toBe('cannot-be-built');
	});

	it('come from the smallest published margin, never from the trade rule', () => {
		const check = (margin: number, basis: Check['basis']) => ({ margin, basis, verdict: verdictOf(margin) }) as Check;
		expect(governingCheck([check(2, 'published'), check(0.2, 'trade-rule'), check(1.1, 'published')])?.margin).toBe(
			1.1
		);
	});

	it('never get better when the same load grows', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.2, max: 3, noNaN: true }),
				fc.double({ min: 1.01, max: 3, noNaN: true }),
				(times, more) => {
					const [light, heavy] = [fresh(load(base, times)), fresh(load(base, times * more))];
					for (const c of light.checks) {
						// A seat gets better with weight close to the wall; strength never does.
						if (c.title.includes('seat') || c.margin === null) continue;
						expect(find(heavy, c.id).margin ?? Infinity, c.id).toBeLessThanOrEqual(c.margin * (1 + 1e-9));
					}
				}
			),
			{ numRuns: 60, examples: [[0.6112952980920051, 1.0100000000000036]] }
		);
	});

	it('of screws never get better when something else on the row is hung up or taken off', () => {
		const without = (id: string) => fresh({ ...base, holders: base.holders.filter((h) => h.id !== id) });
		const full = fresh(base);
		for (const { id } of base.holders) {
			for (const c of without(id).checks) {
				if (c.subject.kind !== 'fixing' || c.margin === null) continue;
				expect(find(full, c.id).margin ?? Infinity, `${c.id} without ${id}`).toBeLessThanOrEqual(c.margin * (1 + 1e-9));
			}
		}
	});
	it('count the lift of an overhang though the span beside it is loaded', () => {
		// One holder on the overhang right of 850, another between 430 and 850 which would press the first stud down again.
		const studs = [430, 850].map((x) => base.wall.studs.find((s) => s.x === x) as (typeof base.wall.studs)[number]);
		const at = (id: string, x: number, width: number): Holder => ({
			...holder(id),
			mount: { ...holder(id).mount, row: 'r2', x },
			back: { ...holder(id).back, width },
			carriers: withRack(holder(id), { face: { ...holder(id).back, width } }).carriers
		});
		const wall = (holders: Holder[]): Plan => ({
			...base,
			wall: { ...base.wall, studs },
			rows: [{ ...(base.rows[1] as (typeof base.rows)[number]), left: 400, right: 1650, joints: [] }],
			holders
		});
		const pull = (plan: Plan) =>
			fresh(plan)
				.checks.find((c) => c.id.startsWith('fixing:r2:s2:430:screws'))
				?.lines.find((l) => /^V: /.test(l.label));
		const alone = pull(wall([at('h1', 1040, 600)]));
		expect(alone?.label).toBe('V: stud is lifted');
		expect(pull(wall([at('h1', 1040, 600), at('h4', 550, 180)]))?.result.value).toBeCloseTo(
			alone?.result.value as number,
			6
		);
	});
	it('agree with a mirror image of the wall', () => {
		const W = base.wall.width;
		const mirrored: Plan = {
			...base,
			wall: {
				...base.wall,
				blocking: (base.wall.blocking ?? []).map((b) => ({ ...b, x: W - b.x - b.width })),
				studs: base.wall.studs.map((s) => ({ ...s, x: W - s.x })),
				obstructions: base.wall.obstructions.map((o) => ({ ...o, x: W - o.x - o.width }))
			},
			rows: base.rows.map((r) => ({ ...r, left: W - r.right, right: W - r.left, joints: r.joints.map((j) => W - j) })),
			holders: base.holders.map((h) => ({
				...h,
				mount: { ...hung(h).mount, x: W - hung(h).mount.x - backOf(h).width }
			}))
		};
		const [a, b] = [fresh(base), fresh(mirrored)];
		for (const [id, judged] of a.holders)
			expect(b.holders.get(id)?.check?.margin ?? null, id).toBeCloseTo(judged.check?.margin ?? Number.NaN, 6);
	});
});

describe('a thing whose weight nobody said', () => {
	it('beside another one at the same place leaves every figure a number', () => {
		const h = holder('h4');
		const carriers = h.carriers.map((c) => ({ ...c, loads: c.loads.map((l) => ({ ...l, mass: null })) }));
		const backer = { stock: 'ply-12', height: 260, below: 80, perStud: 3 } as const;
		const behind = { size: '#8', length: 28, pitch: 150 } as const;
		const rows = base.rows.map((r) => ({ ...r, backer: { ...backer, behind } }));
		const checks = fresh({ ...base, rows, holders: [{ ...h, carriers }] }).checks;
		for (const c of checks) for (const l of c.lines) expect(l.result.value, `${c.id}: ${l.label}`).not.toBeNaN();
	});

	const unknown: Plan = {
		...base,
		holders: base.holders.map((h) =>
			h.id === 'h4'
				? { ...h, carriers: h.carriers.map((c) => ({ ...c, loads: c.loads.map((l) => ({ ...l, mass: null })) })) }
				: h
		)
	};
	const checks = fresh(unknown);

	it('leaves its holder, its row and the studs under that unjudged, and says whose weight is missing', () => {
		expect(checks.holders.get('h4')).toMatchObject({ verdict: 'cannot-be-judged' });
		expect(checks.holders.get('h4')?.check?.reason).toMatchObject({ values: { name: 'block plane' } });
		expect(checks.rows.get('r3')?.verdict).toBe('cannot-be-judged');
		const under = [...checks.studs.values()].filter((s) => s.verdict === 'cannot-be-judged');
		expect(under.length).toBeGreaterThan(5);
	});

	it('leaves the other rows as they were', () => {
		const before = fresh(base);
		for (const id of ['r1', 'r2', 'r4']) expect(checks.rows.get(id)?.verdict).toBe(before.rows.get(id)?.verdict);
	});

	it('is nothing to judge where none of it hangs', () => {
		const none = {
			...unknown,
			holders: unknown.holders.map((h) => ({
				...h,
				carriers: h.carriers.map((c) => ({
					...c,
					loads: c.loads.map((l) => (l.mass === null ? { ...l, count: 0 } : l))
				}))
			}))
		};
		expect(fresh(none).holders.get('h4')?.verdict).not.toBe('cannot-be-judged');
	});
});

describe('checking again after one change', () => {
	it('does not work unchanged rows out again', () => {
		const before = checkPlan(base);
		const after = checkPlan(doing(base, at('h2', 'r2', 1500)));
		expect(find(after, 'fixing:r5:s8:2860:screws')).toBe(find(before, 'fixing:r5:s8:2860:screws'));
		expect(find(after, 'fixing:r2:s3:850:screws')).not.toBe(find(before, 'fixing:r2:s3:850:screws'));
	});
});
