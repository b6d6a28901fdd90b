import { onRow } from '../holders/empty-holder';
import { refersTo } from '../mounts/registry';
import type { ValuesOf } from '../form/field';
import { bodyOf, rackOf } from '../../../tests/support/peg-rack';
import { CUTTING, HOLDER, PLAN, ROW } from './plan-fields';
import { WALL } from './wall-fields';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { emptyWall } from '../plan/empty-wall';
import type { Problem, Result } from '../result';
import { applyCommand, type Applied, type Command } from './commands';
import { emptyHistory, redo, remember, undo } from './history';
import { LIMITS } from './limits';
import { MOST_BYTES } from '../form/outside';
import { readPlan, readPlanText } from './read';
import type { Cutting, Carrier, Holder, Plan, Row, Wall } from './types';
import { validatePlan } from './validate';

const plan = slipwayWall();
const did = (r: Result<Applied, Problem[]>) => {
	if (!r.ok) throw new Error(JSON.stringify(r.error));
	return r.value;
};
const paths = (r: Result<unknown, Problem[]>) => (r.ok ? [] : r.error.map((p) => p.path));
const changed = (edit: (p: Plan) => void): unknown => {
	const copy = structuredClone(plan);
	edit(copy);
	return copy;
};

/** What the pegs of the first holder are. */
const pegsOf = (p: Plan) => p.holders[0]!.carriers[0]!.params;

describe('commands', () => {
	it('leave the plan they were given as it was', () => {
		const before = JSON.stringify(plan);
		const next = did(applyCommand(plan, { kind: 'change', list: 'rows', id: 'r1', change: { y: 2000 } })).plan;
		expect(next.rows[0]?.y).toBe(2000);
		expect(JSON.stringify(plan)).toBe(before);
	});

	it('share what they did not touch', () => {
		const next = did(
			applyCommand(plan, { kind: 'change', list: 'holders', id: 'h1', change: { name: 'Clamps' } })
		).plan;
		expect(next.rows).toBe(plan.rows);
		expect(next.holders[1]).toBe(plan.holders[1]);
	});

	it("take a row's holders away with it", () => {
		expect(
			did(applyCommand(plan, { kind: 'remove', list: 'rows', id: 'r2' })).plan.holders.map(refersTo)
		).not.toContain('r2');
	});

	test.each<[string, Command, string]>([
		['a zero width', { kind: 'set-wall', width: 0 }, 'wall.width'],
		['a negative height', { kind: 'set-wall', height: -5 }, 'wall.height'],
		['an absurd width', { kind: 'set-wall', width: 1e7 }, 'wall.width'],
		['a wall narrower than its rows', { kind: 'set-wall', width: 2000 }, 'wall.studs[5].x'],
		['a row off the wall', { kind: 'change', list: 'rows', id: 'r1', change: { y: 2600 } }, 'rows[0].y'],
		['a row turned round', { kind: 'change', list: 'rows', id: 'r1', change: { right: 10 } }, 'rows[0].right'],
		['not a number', { kind: 'change', list: 'rows', id: 'r1', change: { y: Number.NaN } }, 'rows[0].y'],
		['an endless stud', { kind: 'change', list: 'studs', id: 's1', change: { x: Infinity } }, 'wall.studs[0].x'],
		[
			'a board too wide for its stock',
			{ kind: 'change', list: 'rows', id: 'r1', change: { stock: '1x4' } },
			'rows[0].blank'
		],
		['a row that is not there', { kind: 'remove', list: 'rows', id: 'r9' }, 'rows'],
		[
			'studs of no thickness',
			{ kind: 'lay-studs', layout: { first: 0, pitch: 400, width: 0, depth: 89, species: 'spf' } },
			'wall.studs[0].width'
		],
		[
			'studs wider than their pitch',
			{ kind: 'lay-studs', layout: { first: 0, pitch: 100, width: 150, depth: 89, species: 'spf' } },
			'wall.studs'
		],
		['a stud where another stands', { kind: 'change', list: 'studs', id: 's2', change: { x: 60 } }, 'wall.studs[1].x'],
		['an empty name', { kind: 'rename', name: '  ' }, 'name'],
		[
			'a holder on no row',
			{ kind: 'change', list: 'holders', id: 'h1', change: { mount: onRow('r9', 0, 'mm') } },
			'holders[0].mount.row'
		]
	])('refuse %s and name its field', (_, command, path) => {
		expect(paths(applyCommand(plan, command))).toContain(path);
	});

	it('refuse a holder wider than the wall', () => {
		const h = plan.holders[0];
		const wide = {
			...h,
			back: { ...h?.back, width: 6000 }
		} as Plan['holders'][number];
		const got = applyCommand(plan, { kind: 'change', list: 'holders', id: 'h1', change: { back: wide.back } });
		expect(got.ok ? '' : got.error[0]?.message).toMatch(/wider than the wall, which is 5200 mm/);
	});

	it('refuse more things than can be worked out, though no holder has too many', () => {
		const rack = plan.holders[0] as Plan['holders'][number];
		const full = {
			...rackOf(rack),
			pegs: { ...rackOf(rack).pegs, spacing: { kind: 'equal-gaps' as const, count: 200 } },
			load: { ...rackOf(rack).load, perSeat: 100 }
		};
		expect(paths(applyCommand(plan, { kind: 'change', list: 'holders', id: 'h1', change: bodyOf(full) }))).toEqual([
			'holders'
		]);
		expect(paths(validatePlan({ ...plan, holders: [{ ...rack, ...bodyOf(full) }] }))).toEqual(['holders']);
	});

	it('refuse more than a plan may hold, which the server would refuse to keep', () => {
		const wide = { ...emptyWall('Wide'), wall: { ...emptyWall('Wide').wall, width: 30_000 } };
		expect(
			paths(
				applyCommand(wide, {
					kind: 'lay-studs',
					layout: { first: 0, pitch: 100, width: 38, depth: 89, species: 'spf' }
				})
			)
		).toEqual(['wall.studs']);
		const rows = Array.from({ length: LIMITS.rows }, (_, i) => ({
			...(plan.rows[0] as Plan['rows'][number]),
			id: `r${i}`
		}));
		const full = { ...plan, rows, holders: [] };
		expect(validatePlan(full).ok).toBe(true);
		expect(
			paths(
				applyCommand(full, {
					kind: 'add',
					list: 'rows',
					item: { ...(rows[0] as (typeof rows)[number]), id: 'one-more' }
				})
			)
		).toEqual(['rows']);
	});

	it('lay studs out over an empty wall', () => {
		const next = did(
			applyCommand(emptyWall('New'), {
				kind: 'lay-studs',
				layout: { first: 200, pitch: 400, width: 38, depth: 89, species: 'spf' }
			})
		).plan;
		expect(next.wall.studs.map((s) => s.x)).toEqual([200, 600, 1000, 1400, 1800, 2200, 2600, 3000, 3400]);
	});
});

describe('undo', () => {
	const command = fc.oneof(
		fc.record({
			kind: fc.constant('change' as const),
			list: fc.constant('rows' as const),
			id: fc.constantFrom('r1', 'r2', 'r3'),
			change: fc.record({ y: fc.integer({ min: 0, max: 2400 }) })
		}),
		fc.record({
			kind: fc.constant('change' as const),
			list: fc.constant('holders' as const),
			id: fc.constantFrom('h1', 'h2'),
			change: fc.record({ name: fc.string({ maxLength: 20 }) })
		}),
		fc.record({
			kind: fc.constant('remove' as const),
			list: fc.constantFrom('rows' as const, 'holders' as const),
			id: fc.constantFrom('r4', 'r5', 'h3', 'h4')
		}),
		fc.record({
			kind: fc.constant('rename' as const),
			name: fc.string({ minLength: 1, maxLength: 30 }).filter((s) => s.trim() !== '')
		})
	);

	it('brings back every plan in turn, and redo every next one, also when history was written down and read', () => {
		fc.assert(
			fc.property(fc.array(command as fc.Arbitrary<Command>, { maxLength: 12 }), (commands) => {
				const seen = [plan];
				let now = plan;
				let history = emptyHistory();
				for (const c of commands) {
					const applied = applyCommand(now, c);
					if (!applied.ok || applied.value.patches.length === 0) continue;
					history = remember(history, applied.value);
					now = applied.value.plan;
					seen.push(now);
				}
				history = JSON.parse(JSON.stringify(history));
				for (let i = seen.length - 2; i >= 0; i--) {
					const back = undo(now, history);
					expect(back?.plan).toEqual(seen[i]);
					[now, history] = [back?.plan as Plan, back?.history ?? history];
				}
				expect(undo(now, history)).toBeNull();
				for (const want of seen.slice(1)) {
					const on = redo(now, history);
					expect(on?.plan).toEqual(want);
					[now, history] = [on?.plan as Plan, on?.history ?? history];
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('counts nudges in a row as one step', () => {
		let now = plan;
		let history = emptyHistory();
		for (let i = 1; i <= 10; i++) {
			const a = did(applyCommand(now, { kind: 'change', list: 'rows', id: 'r1', change: { y: 2180 + i } }));
			history = remember(history, a, 'nudge r1');
			now = a.plan;
		}
		expect(history.past).toHaveLength(1);
		expect(undo(now, history)?.plan).toEqual(plan);
	});
});

describe('reading a plan from outside', () => {
	it('takes its own export back', () => {
		const got = readPlanText(JSON.stringify(plan));
		expect(got.ok && got.value).toEqual(plan);
		expect(readPlanText(`\ufeff${JSON.stringify(plan)}`).ok).toBe(true);
	});

	test.each<[string, string, RegExp]>([
		['a truncated file', JSON.stringify(plan).slice(0, 700), /breaks off|not JSON/],
		['an empty file', '', /breaks off/],
		['a text', 'hello', /not JSON/],
		['another JSON', '[1, 2]', /not a Kammer plan/],
		['another format', '{"format":"other"}', /format must be "kammer-plan"/],
		['a newer version', '{"format":"kammer-plan","version":3}', /version 3; this Kammer reads up to version 2/],
		['deep nesting', `${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}`, /nested more than 20/],
		[
			'prototype keys',
			JSON.stringify(plan).replace('"rows":', '"__proto__":{"polluted":true},"rows":'),
			/not a name a document may use/
		],
		[
			'a constructor key',
			'{"format":"kammer-plan","constructor":{"prototype":{"x":1}}}',
			/not a name a document may use/
		],
		['a number too large for JSON', JSON.stringify(plan).replace('"width":5200', '"width":1e999'), /finite|at most/]
	])('refuses %s in plain words', (_, text, why) => {
		const got = readPlanText(text);
		expect(got.ok ? 'taken' : got.error.map((p) => p.message).join('; ')).toMatch(why);
		expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
	});

	it('refuses 50 MB unread', () => {
		const got = readPlanText('x'.repeat(50 * 1024 * 1024));
		expect(got.ok ? '' : got.error[0]?.message).toBe(
			`The file is larger than ${MOST_BYTES / 1024 / 1024} MB: no plan is`
		);
	});

	test.each<[string, (p: Plan) => void, string]>([
		['a stud twice', (p) => void p.wall.studs.push({ ...p.wall.studs[0]! }), 'wall.studs[14].id'],
		[
			'a species nobody knows',
			(p) => void Object.assign(p.wall.studs[2]!, { species: 'balsa' }),
			'wall.studs[2].species'
		],
		['a text for a number', (p) => void Object.assign(p.rows[1]!, { y: '1850' }), 'rows[1].y'],
		['a zero peg', (p) => void (pegsOf(p).diameter = 0), 'holders[0].carriers[0].params.diameter'],
		[
			'half a peg',
			(p) => void ((pegsOf(p).spacing as { count: number }).count = 2.5),
			'holders[0].carriers[0].params.spacing.count'
		],
		[
			'an unknown spacing',
			(p) => void Object.assign(pegsOf(p), { spacing: { kind: 'random', count: 3 } }),
			'holders[0].carriers[0].params.spacing.kind'
		],
		[
			'a spacing of an inherited name',
			(p) => void Object.assign(pegsOf(p), { spacing: { kind: 'toString', count: 3 } }),
			'holders[0].carriers[0].params.spacing.kind'
		],
		['a missing list', (p) => void delete (p as Partial<Plan>).rows, 'rows'],
		['a missing pair', (p) => void delete pegsOf(p).pair, 'holders[0].carriers[0].params.pair'],
		['a joint past the end', (p) => void (p.rows[0]!.joints = [9000]), 'rows[0].joints[0]'],
		['an obstruction past the end', (p) => void (p.wall.obstructions[0]!.width = 3000), 'wall.obstructions[0].width'],
		['a nameless format', (p) => void ((p as { format: string }).format = ''), 'format']
	])('names the field of %s', (_, edit, path) => {
		expect(paths(readPlan(changed(edit)))).toContain(path);
	});

	it('names a field that means nothing', () => {
		const got = validatePlan(changed((p) => Object.assign(p.wall, { colour: 'red' })));
		expect(got.ok ? '' : JSON.stringify(got.error)).toMatch(/colour/);
	});
});

describe('the fields of the document', () => {
	it('are those of its types: neither has what the other has not', () => {
		// The compiler is the judge: each way a value of the one must do for the other.
		const agree = <Asked, Typed>(typed: (v: Asked) => Typed, asked: (v: Typed) => Asked) => [typed, asked];
		const same = <T>(v: T): T => v;
		agree<ValuesOf<typeof ROW>, Row>(same, same);
		// What a carrier is made of is its kind's own word, and held by its kind.
		type Asked = ValuesOf<typeof HOLDER>;
		agree<Omit<Asked, 'carriers'>, Omit<Holder, 'carriers'>>(same, same);
		agree<Omit<Asked['carriers'][number], 'params'>, Omit<Carrier, 'params'>>(same, same);
		agree<ValuesOf<typeof CUTTING>, Cutting>(same, same);
		agree<ValuesOf<typeof WALL>, Wall>(same, same);
		agree<Omit<ValuesOf<typeof PLAN>, 'holders'>, Omit<Plan, 'holders'>>(same, same);
		expect(Object.keys(PLAN).sort()).toEqual([...Object.keys(plan), 'stature'].sort());
	});
});
