import { refersTo } from '../mounts/registry';
import { hungOn } from '../plan/held';
import { applyPatches } from 'immer';
import { bodyOf, hung, rackOf as wordsOf } from '../../../tests/support/peg-rack';
import { checkPlan } from '../checks/check-plan';
import { applyCommand } from '../plan/commands';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { emptyWall } from '../plan/empty-wall';
import { tapeTicks } from '../drawing/tape-ticks';
import { sayPhrase } from '../units/phrase';
import { freePlace, nextRowHeight, rowEnds, widestClear } from './first-place';
import type { Holder } from '../plan/types';
import { bestPlace } from './best-place';
import { blockCommands, jointsFor } from './joints';
import { snapAlongRow, snapRowEnd, snapRowHeight } from './snap';

const row = { left: 0, right: 3000 };

describe('snapping', () => {
	it('puts a middle or an end on a stud', () => {
		const c = { studs: [700], row, neighbours: [], reach: 5 };
		expect(snapAlongRow(402, 600, c)).toMatchObject({ at: 400 });
		expect(snapAlongRow(697, 600, c)).toMatchObject({ at: 700 });
		expect(snapAlongRow(103, 600, c)).toMatchObject({ at: 100 });
		expect(snapAlongRow(350, 600, c)).toEqual({ at: 350, why: null });
	});

	it('evens the gaps on both sides, and repeats the last gap', () => {
		const between = snapAlongRow(1010, 200, {
			studs: [],
			row,
			neighbours: [
				{ left: 200, right: 500 },
				{ left: 1700, right: 2000 }
			],
			reach: 20
		});
		expect(between.at).toBe(1000);
		expect(between.why && sayPhrase(between.why, 'mm')).toBe('even gaps of 500 mm');
		expect(
			snapAlongRow(1104, 200, {
				studs: [],
				row,
				neighbours: [
					{ left: 200, right: 500 },
					{ left: 600, right: 1000 }
				],
				reach: 8
			}).at
		).toBe(1100);
	});

	it('repeats the pitch of the rows, and halves it', () => {
		expect(snapRowHeight(1003, [1300, 1600], 10).at).toBe(1000);
		expect(snapRowHeight(1452, [1300, 1600], 10).at).toBe(1450);
		expect(snapRowHeight(1895, [1300, 1600], 10).at).toBe(1900);
	});

	it('never moves a thing further than its reach', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 3000, noNaN: true }),
				fc.double({ min: 0, max: 30, noNaN: true }),
				fc.array(fc.integer({ min: 0, max: 3000 }), { maxLength: 6 }),
				(x, reach, studs) => {
					expect(Math.abs(snapAlongRow(x, 300, { studs, row, neighbours: [], reach }).at - x)).toBeLessThanOrEqual(
						reach + 1e-9
					);
					expect(Math.abs(snapRowEnd(x, studs, 3000, reach).at - x)).toBeLessThanOrEqual(reach + 1e-9);
				}
			)
		);
	});
});

describe('first places', () => {
	it('starts a row three quarters up, then goes down by the pitch', () => {
		expect(nextRowHeight(emptyWall('x'))).toBe(1800);
		const two = { ...slipwayWall(), rows: slipwayWall().rows.slice(0, 2) };
		expect(nextRowHeight(two)).toBe(1850 - (2180 - 1850));
	});

	it('keeps a row clear of what is in the way', () => {
		const plan = slipwayWall();
		expect(widestClear(plan, 1500, 80)).toEqual({ left: 0, right: 3420 });
		const ends = rowEnds(plan, 1500, 80);
		expect(ends.right).toBeLessThanOrEqual(3420);
	});

	it('puts joints on studs, each cleat no longer than a board', () => {
		const plan = slipwayWall();
		const { joints, blocks } = jointsFor(
			plan,
			{ left: 20, right: 5180, y: 1800, stock: 'ply-18', bevel: 45, blank: 130 },
			2440
		);
		// On the right edge of a stud, where the block beside it begins.
		const edges = plan.wall.studs.map((s) => s.x + s.width / 2);
		expect(joints.every((j) => edges.includes(j))).toBe(true);
		expect(blocks.map((b) => b.x)).toEqual(joints);
		[20, ...joints, 5180]
			.slice(1)
			.forEach((x, i, all) => expect(x - (i === 0 ? 20 : (all[i - 1] as number))).toBeLessThanOrEqual(2440));
	});

	it('makes no warning of its own with the joints it lays: the blocks come with them', () => {
		const plan = { ...slipwayWall(), rows: [], holders: [] };
		plan.wall.blocking = [];
		for (const width of [38.1, 45]) {
			const wall = {
				...plan.wall,
				studs: plan.wall.studs.map((s) => ({ ...s, width, found: { how: 'pilot' as const } })),
				obstructions: []
			};
			const cleat = { left: 10, right: 3340, y: 1800, stock: 'ply-18', bevel: 45, blank: 130 } as const;
			const joints = jointsFor({ ...plan, wall }, cleat, 2440);
			const row = {
				id: 'n',
				name: 'Row',
				...cleat,
				screws: { size: '#10', length: 80, perStud: 2 },
				joints: joints.joints
			} as const;
			const applied = applyCommand(
				{ ...plan, wall },
				{
					kind: 'together',
					label: 'add row',
					commands: [
						...blockCommands({ ...plan, wall }, joints, () => 'nb'),
						{ kind: 'add', list: 'rows', item: { ...row, joints: [...row.joints] } }
					]
				}
			);
			if (!applied.ok) throw new Error(JSON.stringify(applied.error));
			const checks = checkPlan(applied.value.plan);
			expect(checks.warnings.map((w) => sayPhrase(w.message, 'mm'))).toEqual([]);
			expect(checks.checks.filter((c) => c.title === 'blocking').map((c) => c.verdict)).toEqual(['holds']);
			// Undone as one.
			expect(applyPatches(applied.value.plan, applied.value.inverse)).toEqual({ ...plan, wall });
		}
	});

	it('finds a free place on a row', () => {
		const plan = slipwayWall();
		const r2 = plan.rows[1]!;
		const x = freePlace(plan, r2, 400);
		for (const h of hungOn(plan, 'r2')) expect(x + 400 <= h.mount.x || x >= h.mount.x + h.back.width).toBe(true);
	});
});

describe('the tapes', () => {
	it('label what there is room for, and full metres in red', () => {
		const ticks = tapeTicks(0, 2000, 0.1, 'mm');
		expect(ticks.filter((t) => t.label).map((t) => t.label)).toEqual(['0', '500', '1000', '1500', '2000']);
		expect(ticks.filter((t) => t.red && t.label).map((t) => t.label)).toEqual(['1000', '2000']);
	});

	it('count feet and inches', () => {
		const labels = tapeTicks(0, 26 * 25.4, 2, 'inch').flatMap((t) => t.label ?? []);
		expect(labels.slice(10, 15)).toEqual(['10"', '11"', "1'", '1"', '2"']);
	});

	it('stay few at any scale', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.02, max: 20, noNaN: true }),
				fc.constantFrom('mm' as const, 'inch' as const),
				(k, unit) => {
					expect(tapeTicks(0, 1000 / k, k, unit).length).toBeLessThanOrEqual(1000 / 5 + 2);
				}
			)
		);
	});
});

describe('the best place for a new rack', () => {
	const rackOf = (width: number) => ({
		...hung(slipwayWall().holders[3]),
		id: 'new',
		name: 'New',
		...bodyOf({
			...wordsOf(slipwayWall().holders[3] as Holder),
			face: { stock: 'ply-18' as const, width, height: 200 }
		})
	});
	it('is never on a row that cannot be built, however free that is, while another has room', () => {
		const best = bestPlace(slipwayWall(), rackOf(180));
		// The low row's screws do not enter far enough.
		expect(best?.mount.row).not.toBe('r5');
		const crowded = slipwayWall();
		crowded.holders = crowded.holders.filter((h) => refersTo(h) !== 'r5');
		expect(bestPlace(crowded, rackOf(180))?.mount.row).not.toBe('r5');
	});

	it("is in nothing's way, with its middle on a stud or near, and never under what hangs down", () => {
		const plan = slipwayWall();
		const before = checkPlan(plan).warnings.length;
		for (const width of [180, 400, 600]) {
			const best = bestPlace(plan, rackOf(width));
			if (!best) throw new Error('no place');
			const checks = checkPlan({ ...plan, holders: [...plan.holders, best] });
			expect(checks.warnings.filter((w) => w.level === 'stop' && w.subject.kind === 'holder')).toEqual([]);
			expect(checks.warnings.length).toBe(before);
			expect(['holds', 'close']).toContain(checks.holders.get('new')?.verdict);
		}
	});
	it('is none where no row has room', () => expect(bestPlace(slipwayWall(), rackOf(3400))).toBeNull());
});
