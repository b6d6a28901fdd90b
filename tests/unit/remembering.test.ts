import { hangs, isRack, withStrips } from '$core/plan/held';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { checkPlan } from '$core/checks/check-plan';
import { placeHolders } from '$core/places/row/place';
import type { Holder, Plan, Row } from '$core/plan/types';
import { remembering } from '$core/remembering';
import { anyPlan } from '../support/any-plan';

describe('remembering', () => {
	const counted = () => {
		let worked = 0;
		const answer = remembering((about: { n: number }, ...leaning: unknown[]) => {
			worked++;
			return { about, leaning };
		});
		return { answer, worked: () => worked };
	};
	const about = { n: 1 };

	it('works out once what leans on the same objects, figures and words', () => {
		const { answer, worked } = counted();
		const wall = {};
		expect(answer(about, wall, 3.2, 'mm', undefined)).toBe(answer(about, wall, 3.2, 'mm', undefined));
		expect(answer(about, wall, Number.NaN)).toBe(answer(about, wall, Number.NaN));
		expect(worked()).toBe(2);
	});

	it('takes a list of the same items for the same, and no other', () => {
		const { answer, worked } = counted();
		const [a, b] = [{}, {}];
		expect(answer(about, [a, b])).toBe(answer(about, [a, b]));
		expect(worked()).toBe(1);
		for (const other of [[b, a], [a], [a, b, b], [a, {}], []]) {
			answer(about, [a, b]);
			expect(answer(about, other).leaning[0]).toBe(other);
		}
	});

	it('looks no further into a list than its items', () => {
		const { answer } = counted();
		expect(answer(about, [[1]])).not.toBe(answer(about, [[1]]));
	});

	it('works out again for another object, a like one too, and for whatever else is not the same', () => {
		const { answer } = counted();
		const first = answer(about, 1);
		expect(answer({ n: 1 }, 1)).not.toBe(first);
		expect(answer(about, 1)).toBe(first);
		for (const other of [[2], ['1'], [0, 1], [1, undefined], [{}], [null], []]) {
			expect(answer(about, ...other)).not.toBe(first);
			expect(answer(about, ...other).leaning).toEqual(other);
		}
	});

	it('remembers that the answer was null', () => {
		let worked = 0;
		const none = remembering((_: object) => (worked++, null));
		none(about);
		none(about);
		expect(worked).toBe(1);
	});
});

/** All that a check says, whoever asks: margins, sums as data, paths, warnings, places, what each stud is given. */
function told(plan: Plan) {
	const { checks, warnings, holders, rows, studs, wall, given } = checkPlan(plan);
	const ids = [...plan.wall.studs, ...(plan.wall.blocking ?? [])].map((s) => s.id);
	return { checks, warnings, holders, rows, studs, wall, given: ids.map(given), laid: placeHolders(plan) };
}

/** One change to a plan, which shares all the rest with the plan before. */
type Step = (plan: Plan, before: readonly Plan[]) => Plan;

/** The list with another item in a place; without one, the place goes. */
function replaced<T>(list: readonly T[], at: number, ...by: readonly T[]): T[] {
	return list.flatMap((x, i) => (i === at % list.length ? by : [x]));
}
const item = <T>(list: readonly T[], at: number): T | undefined => list[at % Math.max(1, list.length)];
const changedHolder = (plan: Plan, at: number, change: (h: Holder) => Holder): Plan => {
	const holder = item(plan.holders, at);
	return holder ? { ...plan, holders: replaced(plan.holders, at, change(holder)) } : plan;
};
const changedRow = (plan: Plan, at: number, change: (r: Row) => Row): Plan => {
	const row = item(plan.rows, at);
	return row ? { ...plan, rows: replaced(plan.rows, at, change(row)) } : plan;
};

/** Steps that take parts of other plans: whatever a plan may be made of comes into one that was checked before. */
function steps(others: readonly Plan[]): fc.Arbitrary<Step> {
	const from = fc.constantFrom(...others);
	const at = fc.nat(7);
	return fc.oneof(
		fc.tuple(at, fc.nat(7), fc.integer({ min: -100, max: 3000 })).map(
			([i, on, x]): Step =>
				(p) =>
					changedHolder(p, i, (h) => ({
						...h,
						mount: { ...h.mount, ...(hangs(h) ? { row: item(p.rows, on)?.id ?? 'none' } : {}), x }
					}))
		),
		fc
			.tuple(at, from, fc.constantFrom<'back' | 'carriers' | 'mount'>('back', 'carriers', 'mount'))
			.map(([i, other, key]): Step => (p) => {
				const holder = item(other.holders, i);
				if (!holder) return p;
				// A rack has no back, and a back no rack's carrier: one becomes the other whole.
				return changedHolder(p, i, (h) =>
					isRack(h) || isRack(holder) ? { ...holder, id: h.id } : { ...h, [key]: holder[key] }
				);
			}),
		fc.tuple(at, fc.constantFrom<'loose' | 'screwed' | 'none'>('loose', 'screwed', 'none')).map(
			([i, lockStrip]): Step =>
				(p) =>
					changedHolder(p, i, (h) => (hangs(h) ? { ...h, mount: withStrips(h, { lockStrip }) } : h))
		),
		fc.tuple(at, fc.constantFrom<'spacer' | 'secondHook' | 'recessed'>('spacer', 'secondHook', 'recessed')).map(
			([i, key]): Step =>
				(p) =>
					changedHolder(p, i, (h) => (hangs(h) ? { ...h, mount: withStrips(h, { [key]: !h.mount.strips[key] }) } : h))
		),
		at.map((i): Step => (p) => ({ ...p, holders: replaced(p.holders, i) })),
		fc.tuple(at, fc.integer({ min: 0, max: 2300 })).map(
			([i, y]): Step =>
				(p) =>
					changedRow(p, i, (r) => ({ ...r, y }))
		),
		fc
			.tuple(
				at,
				from,
				fc.constantFrom<keyof Row>('stock', 'bevel', 'blank', 'screws', 'joints', 'twistBlock', 'backer')
			)
			.map(([i, other, key]): Step => (p) => {
				const taken = item(other.rows, i);
				return taken ? changedRow(p, i, (r) => ({ ...r, [key]: taken[key] })) : p;
			}),
		from.map(({ wall }): Step => (p) => ({ ...p, wall })),
		from.map(({ wall }): Step => (p) => ({ ...p, wall: { ...p.wall, obstructions: wall.obstructions } })),
		from.map(({ cutting }): Step => (p) => ({ ...p, cutting })),
		fc.integer({ min: 1000, max: 2300 }).map((stature): Step => (p) => ({ ...p, stature })),
		fc.nat(9).map(
			(back): Step =>
				(p, before) =>
					before[back] ?? p
		)
	);
}

describe('a plan of which parts were checked before', () => {
	it('is told as a fresh one is: every check, sum, path, warning and place', () => {
		const runs = fc.tuple(anyPlan, anyPlan).chain(([one, two]) =>
			fc.record({
				start: fc.constantFrom(slipwayWall(), one),
				taken: fc.array(steps([one, two, slipwayWall()]), { minLength: 1, maxLength: 8 })
			})
		);
		fc.assert(
			fc.property(runs, ({ start, taken }) => {
				const before = [start];
				checkPlan(start);
				for (const step of taken) {
					const plan = step(before.at(-1) as Plan, before);
					expect(told(plan)).toEqual(told(structuredClone(plan)));
					before.push(plan);
				}
			}),
			{ numRuns: 120 }
		);
	});
});
