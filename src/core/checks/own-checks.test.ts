import { hungAt } from '../../../tests/support/in-place';
import { describe, expect, it } from 'vitest';
import { rackOf } from '../../../tests/support/peg-rack';
import { checkPlan } from './check-plan';
import { loadPath } from './load-path';
import { holderWeights } from '../places/in-place';
import type { Placed } from '../places/row/place';
import type { Plan } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { base, fresh, doing, holder, rack, at, find } from '../../../tests/support/demo-wall';

describe('the seat', () => {
	it('rests on the spacer, on the row below, or on its own cleat, whichever is lowest and there', () => {
		const bearing = (plan: Plan, id: string) => hungAt(checkPlan(plan), id).bearing;
		expect(bearing(base, 'h1')?.kind).toBe('spacer');
		expect(bearing(base, 'h3')?.kind).toBe('cleat-edge');
		const tall = doing(
			base,
			rack('h2', { spacer: false, face: { ...rackOf(holder('h2')).face, height: 520 } }),
			at('h4', 'r3', 2200)
		);
		expect(bearing(tall, 'h2')).toMatchObject({ kind: 'row-below', taken: false });
		const taken = doing(tall, at('h4', 'r3', 1500));
		expect(bearing(taken, 'h2')).toMatchObject({ kind: 'cleat-edge', taken: true });
	});

	it('is lost by a holder hung on the row below, and the reason says so', () => {
		const plan = doing(
			base,
			rack('h2', { spacer: false, face: { ...rackOf(holder('h2')).face, height: 520 } }),
			at('h4', 'r3', 1500)
		);
		expect(sayPhrase(find(fresh(plan), 'holder:h2:seat').reason, 'mm')).toMatch(/a holder below takes the bearing/);
	});

	it('with a lock strip is a question of strength', () => {
		const locked = fresh(doing(base, rack('h3', { lockStrip: true })));
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
			rack('h1', { pegs: { ...rackOf(holder('h1')).pegs, spacing: { kind: 'pitch', count: 3, inset, pitch: 80 } } })
		);
	const path = (plan: Plan) => loadPath(fresh(plan).holders.get('h1')?.placed as Placed, base.wall, 3.2);
	it('loads the studs at that end', () => {
		const [left, right] = [path(at(60)), path(at(1000 - 60 - 160))];
		const share = (p: ReturnType<typeof path>, x: number) => p?.screws.find((s) => s.at[0] === x)?.across ?? 0;
		expect(share(left, 430)).toBeGreaterThan(2 * share(left, 1245));
		expect(share(right, 1245)).toBeGreaterThan(2 * share(right, 430));
		// Nine clamps of 1.1 kg about 140 mm in, the rack's own m where its pegs pull it to: by hand
		// (9 x 1.1 x 140 + m x s) / (9 x 1.1 + m).
		const { self } = holderWeights((fresh(at(60)).holders.get('h1')?.placed as Placed).built);
		const own = self.weight / 9.80665;
		expect((left?.thing[0] ?? 0) - 250).toBeCloseTo((9.9 * 140 + own * self.x) / (9.9 + own), 6);
		// Six dowels of 25 about 140 mm in: a pound of 4.9 kg, some 50 mm to that side of the middle.
		expect(self.x).toBeGreaterThan(420);
		expect(self.x).toBeLessThan(490);
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
