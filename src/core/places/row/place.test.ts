import fc from 'fast-check';
import { hung, rackOf, withRack } from '../../../../tests/support/peg-rack';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../../demo/slipway';
import { applyCommand, type Command } from '../../plan/commands';
import type { Holder, Plan } from '../../plan/types';
import { checkPlan } from '../../checks/check-plan';
import { onRow, placesById } from '../any-place';
import { placeHolders } from './place';

const applied = (plan: Plan, command: Command): Plan => {
	const done = applyCommand(plan, command);
	if (!done.ok) throw new Error(JSON.stringify(done.error));
	return done.value.plan;
};
const hang = (id: string, row: string, x: number): Command => ({
	kind: 'change',
	list: 'holders',
	id,
	change: { mount: { ...hung(tall().holders.find((h) => h.id === id)).mount, row, x } }
});
const raise = (id: string, y: number): Command => ({ kind: 'change', list: 'rows', id, change: { y } });

/** Faces long enough to look for a row below them, without spacers; the first with a second hook. */
const tall = (): Plan => {
	const plan = slipwayWall();
	const stretched = (h: Holder, i: number): Holder =>
		withRack(h, {
			spacer: false,
			secondHook: i === 0,
			face: { ...rackOf(h).face, height: 545 },
			pegs: { ...rackOf(h).pegs, height: 335 }
		});
	return { ...plan, holders: plan.holders.map(stretched) };
};
const placed = (plan: Plan, id: string) => {
	const p = placesById(plan).get(id);
	return p && onRow(p) ? p : undefined;
};
const bearings = (plan: Plan) =>
	[...placesById(plan)].map(([id, p]) => [id, p.left, p.foot, ...(onRow(p) ? [p.row.id, p.bearing] : [])]);
const guests = (plan: Plan) =>
	placeHolders(plan).map((l) => [l.row.id, l.guests.map((g) => [g.holder.id, g.left, g.foot])]);

describe('places that are remembered', () => {
	it('are those of a fresh look, whatever was moved, undone and moved again', () => {
		const step = fc.oneof(
			fc.record({
				kind: fc.constant('hang' as const),
				id: fc.constantFrom('h1', 'h2', 'h3', 'h4'),
				row: fc.constantFrom('r1', 'r2', 'r3'),
				x: fc.integer({ min: 100, max: 2200 })
			}),
			fc.record({
				kind: fc.constant('raise' as const),
				row: fc.constantFrom('r2', 'r3'),
				y: fc.integer({ min: 1380, max: 1700 })
			}),
			fc.record({ kind: fc.constant('back' as const), to: fc.nat(12) })
		);
		fc.assert(
			fc.property(fc.array(step, { minLength: 2, maxLength: 12 }), (steps) => {
				// Undo brings the very same objects back: what was remembered of them then need not be true now.
				const seen: Plan[] = [tall()];
				let now = seen[0] as Plan;
				for (const s of steps) {
					if (s.kind === 'back') now = seen[s.to % seen.length] as Plan;
					else seen.push((now = applied(now, s.kind === 'hang' ? hang(s.id, s.row, s.x) : raise(s.row, s.y))));
					const copy = structuredClone(now);
					expect(bearings(now)).toEqual(bearings(copy));
					expect(guests(now)).toEqual(guests(copy));
				}
				const end = checkPlan(now);
				const anew = checkPlan(structuredClone(now));
				expect([...end.studs].map(([id, s]) => [id, s.load, s.verdict])).toEqual(
					[...anew.studs].map(([id, s]) => [id, s.load, s.verdict])
				);
			}),
			{ numRuns: 60 }
		);
	});

	it('of a second hook follow its own row and the one below, when either changes', () => {
		const start = tall();
		const changes: Command[] = [
			raise('r3', 1445),
			{ kind: 'change', list: 'rows', id: 'r3', change: { stock: 'ply-1/2' } },
			{ kind: 'change', list: 'rows', id: 'r2', change: { stock: 'ply-1/2' } },
			raise('r2', 1855)
		];
		const riders = (plan: Plan) => placeHolders(plan).flatMap((l) => l.guests);
		expect(riders(start).length).toBeGreaterThan(0);
		for (const change of changes) {
			riders(start);
			const now = applied(start, change);
			expect(riders(now)).toEqual(riders(structuredClone(now)));
		}
	});

	it('come back to what hangs below now, not to what hung there before', () => {
		const start = applied(applied(tall(), hang('h2', 'r2', 1500)), hang('h4', 'r3', 100));
		const free = placed(start, 'h2')?.bearing;
		const away = applied(start, hang('h2', 'r1', 1500));
		placesById(away);
		// The same holder again, as undo gives it back, over a row that is taken meanwhile.
		const taken = applied(away, hang('h4', 'r3', 1500));
		placesById(taken);
		const back: Plan = {
			...taken,
			holders: taken.holders.map((h) => (h.id === 'h2' ? (start.holders.find((x) => x.id === 'h2') as Holder) : h))
		};
		expect(free).toMatchObject({ kind: 'row-below', taken: false });
		expect(placed(back, 'h2')?.bearing).toMatchObject({ kind: 'cleat-edge', taken: true });
	});

	it('are the same objects while nothing about them changes', () => {
		const plan = tall();
		const before = placesById(plan);
		const after = placesById(applied(plan, hang('h2', 'r2', 1502)));
		expect(after.get('h1')).toBe(before.get('h1'));
		expect(after.get('h2')).not.toBe(before.get('h2'));
	});
});
