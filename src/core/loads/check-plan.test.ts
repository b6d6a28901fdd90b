import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { applyCommand, type Command } from '../plan/commands';
import type { Holder, Plan } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { adviceFor } from './advice';
import { finish } from './fails-at';
import { checkPlan, openFirst, type PlanChecks } from './check-plan';
import { phrase, ratio } from '../units/phrase';
import { byRow } from './by-place';
import {
	governingCheck,
	marginOf,
	standingMargin,
	stepOf,
	verdictOf,
	verdictWords,
	worstFirst,
	type Check,
	type Step
} from './check';
import { loadPath } from './load-path';
import { holderWeights, type Placed } from './place';

const base = slipwayWall();
const fresh = (plan: Plan): PlanChecks => checkPlan(structuredClone(plan));
const doing = (plan: Plan, ...commands: Command[]) =>
	commands.reduce((p, c) => {
		const applied = applyCommand(p, c);
		if (!applied.ok) throw new Error(JSON.stringify(applied.error));
		return applied.value.plan;
	}, plan);
const holder = (id: string, plan = base) => plan.holders.find((h) => h.id === id) as Holder;
const params = (id: string, change: Partial<Holder['params']>): Command => ({
	kind: 'change',
	list: 'holders',
	id,
	change: { params: { ...holder(id).params, ...change } }
});
const at = (id: string, row: string, x: number): Command => ({
	kind: 'change',
	list: 'holders',
	id,
	change: { mount: { kind: 'row', row, x } }
});
const load = (plan: Plan, times: number): Plan => ({
	...plan,
	holders: plan.holders.map((h) => ({
		...h,
		params: { ...h.params, load: { ...h.params.load, mass: h.params.load.mass * times } }
	}))
});
const find = (c: PlanChecks, id: string) => c.checks.find((x) => x.id === id) as Check;
const warned = (c: PlanChecks, id: string) =>
	c.warnings
		.filter((w) => w.subject.kind === 'holder' && w.subject.id === id)
		.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`);

describe('verdicts', () => {
	it('are holds, close and does not hold at 1.25 and 1', () => {
		expect([1.25, 1.2499, 1, 0.999].map((m) => verdictOf(m))).toEqual(['holds', 'close', 'close', 'does-not-hold']);
	});

	it('are never made of what is not a number; nothing asked is another case', () => {
		expect([
			marginOf(0, 0),
			marginOf(5, 0),
			marginOf(Number.NaN, 1),
			marginOf(1, Number.NaN),
			marginOf(Infinity, 1),
			marginOf(Infinity, Infinity),
			marginOf(1, -1)
		]).toEqual([
			'unloaded',
			'unloaded',
			'not-a-number',
			'not-a-number',
			'not-a-number',
			'not-a-number',
			'not-a-number'
		]);
		expect(marginOf(5, Infinity)).toBe(0);
		expect(verdictOf('not-a-number')).toBe('cannot-be-judged');
		expect(verdictOf('unloaded')).toBe('unloaded');
		expect(verdictOf(Number.NaN)).toBe('cannot-be-judged');
		const step = (demand: number, capacity: number) =>
			stepOf({
				title: 's',
				reason: phrase('s'),
				source: '',
				demand: ratio(demand),
				capacity: ratio(capacity),
				lines: () => []
			});
		expect(step(Number.NaN, 1).verdict).toBe('cannot-be-judged');
		expect(governingCheck([step(1, 2), step(1, Number.NaN)])?.verdict).toBe('cannot-be-judged');
		fc.assert(
			fc.property(fc.double(), fc.double(), (c, d) => {
				const { verdict, margin } = step(d, c);
				if (verdict === 'holds') expect(margin).toBeGreaterThanOrEqual(1.25);
				if (verdict === 'close') expect(margin).toBeGreaterThanOrEqual(1);
			})
		);
	});

	it('by a second line are close at best, with both numbers', () => {
		const step = (first: number, second: number) =>
			stepOf({
				title: 's',
				reason: phrase('s'),
				source: '',
				demand: ratio(1),
				capacity: ratio(first),
				lines: () => [],
				second: { by: 'friction', demand: ratio(1), capacity: ratio(second), lines: () => [] }
			});
		const say = (s: Step) => verdictWords(s, (m) => m.toFixed(2));
		expect(say(step(0.74, 1.37))).toBe('Close by friction: 1.37; 0.74 without');
		expect(say(step(0.74, 0.9))).toBe('Does not hold: 0.74');
		expect(say(step(1.1, 3))).toBe('Close: 1.10');
		expect(step(2, 3).second).toBeUndefined();
		expect(step(0.5, Number.NaN)).toMatchObject({ verdict: 'does-not-hold' });
		expect(standingMargin(step(0.74, 1.37))).toBe(1.37);
	});

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

	it('are sorted worst first', () => {
		const open = openFirst(fresh(base).checks);
		open.slice(1).forEach((c, i) => expect(worstFirst(open[i] as Check, c)).toBeLessThanOrEqual(0));
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
			{ numRuns: 12 }
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
			mount: { kind: 'row', row: 'r2', x },
			params: { ...holder(id).params, face: { ...holder(id).params.face, width } }
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
			holders: base.holders.map((h) => ({ ...h, mount: { ...h.mount, x: W - h.mount.x - h.params.face.width } }))
		};
		const [a, b] = [fresh(base), fresh(mirrored)];
		for (const [id, judged] of a.holders)
			expect(b.holders.get(id)?.check?.margin ?? null, id).toBeCloseTo(judged.check?.margin ?? Number.NaN, 6);
	});
});

describe('the seat', () => {
	it('rests on the spacer, on the row below, or on its own cleat, whichever is lowest and there', () => {
		const bearing = (plan: Plan, id: string) => checkPlan(plan).holders.get(id)?.placed.bearing;
		expect(bearing(base, 'h1')?.kind).toBe('spacer');
		expect(bearing(base, 'h3')?.kind).toBe('cleat-edge');
		const tall = doing(
			base,
			params('h2', { spacer: false, face: { ...holder('h2').params.face, height: 520 } }),
			at('h4', 'r3', 2200)
		);
		expect(bearing(tall, 'h2')).toMatchObject({ kind: 'row-below', taken: false });
		const taken = doing(tall, at('h4', 'r3', 1500));
		expect(bearing(taken, 'h2')).toMatchObject({ kind: 'cleat-edge', taken: true });
	});

	it('is lost by a holder hung on the row below, and the reason says so', () => {
		const plan = doing(
			base,
			params('h2', { spacer: false, face: { ...holder('h2').params.face, height: 520 } }),
			at('h4', 'r3', 1500)
		);
		expect(sayPhrase(find(fresh(plan), 'holder:h2:seat').reason, 'mm')).toMatch(/a holder below takes the bearing/);
	});

	it('with a lock strip is a question of strength', () => {
		const locked = fresh(doing(base, params('h3', { lockStrip: true })));
		expect(find(locked, 'holder:h3:lock').verdict).toBe('close');
		expect(find(fresh(base), 'holder:h3:seat').verdict).toBe('does-not-hold');
	});
});

describe('the screws', () => {
	it('that are too short count for nothing, and the reason gives both lengths', () => {
		const judged = fresh(base).holders.get('h6');
		expect(judged?.check?.verdict).toBe('does-not-hold');
		expect(sayPhrase(judged?.check?.reason ?? { text: '', values: {} }, 'mm')).toMatch(
			/too short: 14.5 mm in the stud, 25 mm needed/
		);
	});

	it('hold less over thicker cladding', () => {
		const thick = doing(base, { kind: 'set-wall', cladding: { kind: 'drywall', thickness: 25 } });
		expect(find(fresh(thick), 'fixing:r2:s3:850:screws').margin).toBeLessThan(
			find(fresh(base), 'fixing:r2:s3:850:screws').margin as number
		);
	});

	it('stand beside the trade rule, with the reasons they differ', () => {
		const rule = find(fresh(base), 'fixing:r2:s3:850:trade');
		expect(rule.basis).toBe('trade-rule');
		expect(rule.notes.map((n) => sayPhrase(n, 'mm')).join(' ')).toMatch(
			/12.5 mm of cladding.*roll of the row.*G is 0.40/
		);
	});

	it('gain by a second one', () => {
		const one = doing(base, {
			kind: 'change',
			list: 'rows',
			id: 'r2',
			change: { screws: { size: '#10', length: 80, perStud: 1 } }
		});
		expect(find(fresh(one), 'fixing:r2:s3:850:screws').margin).toBeLessThan(
			find(fresh(base), 'fixing:r2:s3:850:screws').margin as number
		);
	});

	it('gain nothing by a second one that has no room', () => {
		const low = (perStud: 1 | 2) =>
			fresh(
				doing(base, {
					kind: 'change',
					list: 'rows',
					id: 'r2',
					change: { blank: 100, screws: { size: '#10', length: 80, perStud } }
				})
			);
		const [one, two] = [find(low(1), 'fixing:r2:s3:850:screws'), find(low(2), 'fixing:r2:s3:850:screws')];
		expect(two.margin).toBeCloseTo(one.margin as number, 9);
		expect(two.notes.map((n) => n.text).join()).toMatch(/of its screws here count/);
	});
	it('cannot be judged without studs', () => {
		const bare = { ...base, wall: { ...base.wall, studs: [] } };
		expect(fresh(bare).holders.get('h1')?.verdict).toBe('cannot-be-judged');
	});

	it('are not judged in a stud whose species nobody said, but told as the softest', () => {
		const unknown = {
			...base,
			wall: { ...base.wall, studs: base.wall.studs.map((s) => ({ ...s, species: 'unknown' as const })) }
		};
		const check = find(fresh(unknown), 'fixing:r2:s3:850:screws');
		expect(check).toMatchObject({ verdict: 'cannot-be-judged', margin: null });
		expect(fresh(unknown).holders.get('h1')?.verdict).toBe('cannot-be-judged');
		const softest = doing(unknown, { kind: 'set-species', species: 'softest' });
		const told = check.notes[0]?.values.m as { value: number };
		expect(find(fresh(softest), 'fixing:r2:s3:850:screws').margin).toBeCloseTo(told.value, 9);
		expect(told.value).toBeLessThan(find(fresh(base), 'fixing:r2:s3:850:screws').margin as number);
	});

	it('of a cleat on one stud do not hold what hangs there', () => {
		const short = doing(
			base,
			{ kind: 'change', list: 'rows', id: 'r5', change: { left: 3050, right: 3690 } },
			at('h6', 'r5', 3050)
		);
		expect(fresh(short).rows.get('r5')?.check?.margin).toBe(0);
	});
});

describe('a rack whose things hang at one end', () => {
	const at = (inset: number) =>
		doing(
			base,
			params('h1', { pegs: { ...holder('h1').params.pegs, spacing: { kind: 'pitch', count: 3, inset, pitch: 80 } } })
		);
	const path = (plan: Plan) => loadPath(fresh(plan).holders.get('h1')?.placed as Placed, base.wall, 3.2);
	it('loads the studs at that end', () => {
		const [left, right] = [path(at(60)), path(at(1000 - 60 - 160))];
		const share = (p: ReturnType<typeof path>, x: number) => p?.screws.find((s) => s.at[0] === x)?.across ?? 0;
		expect(share(left, 430)).toBeGreaterThan(2 * share(left, 1245));
		expect(share(right, 1245)).toBeGreaterThan(2 * share(right, 430));
		// Nine clamps of 1.1 kg about 140 mm in, the rack's own 4.9 kg in its middle: by hand (9 x 1.1 x 140 + m x 500) /
		// (9 x 1.1 + m).
		const { self } = holderWeights(
			(fresh(at(60)).holders.get('h1')?.placed as Placed).built,
			(fresh(at(60)).holders.get('h1')?.placed as Placed).profile.thickness
		);
		const own = self.weight / 9.80665;
		expect((left?.thing[0] ?? 0) - 250).toBeCloseTo((9.9 * 140 + own * 500) / (9.9 + own), 6);
	});
	it('splits solid wood sooner there', () => {
		const solid = (plan: Plan) =>
			doing(plan, {
				kind: 'change',
				list: 'rows',
				id: 'r2',
				change: { stock: '2x4', blank: 88, screws: { size: '#8', length: 100, perStud: 1 } }
			});
		const split = (plan: Plan) => find(fresh(solid(plan)), 'row:r2:20:split').margin as number;
		expect(split(at(60))).toBeLessThan(split(at(420)));
	});
});
describe('places', () => {
	it('of two holders that overlap are refused', () => {
		expect(warned(fresh(doing(base, at('h2', 'r2', 1100))), 'h2').join()).toMatch(
			/stop: Stands in the same place as Spar clamp rack/
		);
	});

	it('of thousands in one heap are told once each', () => {
		const heap = { ...base, holders: Array.from({ length: 3000 }, (_, i) => ({ ...holder('h4'), id: `n${i}` })) };
		const clashes = checkPlan(heap).warnings.filter((w) => w.subject.kind === 'holder' && w.level === 'stop');
		expect(clashes).toHaveLength(2999);
	});
	it('over a window are refused', () => {
		// A row that was there before the window came.
		const plan = { ...base, rows: base.rows.map((r) => (r.id === 'r4' ? { ...r, y: 1900 } : r)) };
		expect(warned(fresh(doing(plan, at('h5', 'r4', 3700))), 'h5').join()).toMatch(/stop: Stands over slip window/);
	});

	it('past the end of a row do not hold', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r3', change: { right: 1800, joints: [] } });
		expect(fresh(plan).holders.get('h4')).toMatchObject({
			verdict: 'cannot-be-built',
			check: { margin: 0, verdict: 'does-not-hold' }
		});
		expect(warned(fresh(plan), 'h4').join()).toMatch(/stop: Its weight hangs past the end of its row/);
	});

	it('without headroom to lift off are minded', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r1', change: { y: 1985 } });
		expect(warned(fresh(plan), 'h1').join()).toMatch(
			/mind: Only 9.5 mm of headroom under the row above: it needs 18 mm/
		);
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

describe('advice and load path', () => {
	it('brings the margin it promises', () => {
		const advice = finish(adviceFor(base, { kind: 'holder', id: 'h3' }));
		expect(advice.length).toBeGreaterThan(0);
		for (const a of advice)
			expect(fresh(doing(base, a.command)).holders.get('h3')?.check?.margin).toBeCloseTo(a.after.margin as number, 9);
	});

	it('has none for what holds', () => expect(finish(adviceFor(base, { kind: 'holder', id: 'h4' }))).toEqual([]));

	it('leads from the things to the screws', () => {
		const c = checkPlan(base);
		const placed = c.holders.get('h1')?.placed as Placed;
		const path = loadPath(placed, base.wall, 3.2);
		[250, 1250].forEach((x, i) => expect(path?.hook[i]?.[0]).toBeCloseTo(x, 6));
		expect(path?.screws.map((s) => s.at[0])).toEqual(expect.arrayContaining([430, 850, 1245]));
		const weight = holderWeights(placed.built, placed.profile.thickness).total;
		const carried = path?.screws.reduce((sum, s) => sum + s.across, 0) ?? 0;
		expect(Math.abs(carried - weight) / weight).toBeLessThan(0.1);
	});

	it('is none for what hangs past the end of its row', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r3', change: { right: 1800, joints: [] } });
		expect(loadPath(fresh(plan).holders.get('h4')?.placed as Placed, plan.wall, 3.2)).toBeNull();
	});
});
