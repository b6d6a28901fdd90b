import { describe, expect, it } from 'vitest';
import { asked, ROW, smallWall } from '../../../tests/support/small-wall';
import type { Plan } from '../plan/types';
import { byRow, byStud } from './by-place';

const rows = (plan: Plan) => byRow(plan, asked(plan).all);
const studs = (plan: Plan) => byStud(plan, asked(plan).all);

describe('load and capacity by place', () => {
	it('is the load there and that times its margin', () => {
		for (const p of studs(smallWall())) {
			expect(p.load).toBeGreaterThan(0);
			expect(p.capacity).toBeCloseTo(p.load * (p.margin as number), 9);
		}
	});
	it('tells no capacity of a row that nothing hangs on', () => {
		const plan = smallWall({ more: { rows: [{ ...ROW, id: 'empty', y: 900 }] } });
		expect(rows(plan).find((r) => r.id === 'empty')).toMatchObject({
			load: 0,
			capacity: null,
			margin: null,
			verdict: 'unloaded'
		});
	});
	it('tells none where something cannot be judged', () => {
		const plan = smallWall();
		plan.wall.studs[0] = { ...(plan.wall.studs[0] as (typeof plan.wall.studs)[number]), species: 'unknown' };
		expect(studs(plan)[0]).toMatchObject({ capacity: null, verdict: 'cannot-be-judged' });
	});
	it('tells none of a row that cannot be built, however well its screws would hold', () => {
		const outlet = { id: 'o', kind: 'window' as const, name: 'window', x: 400, y: 1400, width: 200, height: 300 };
		const row = rows(smallWall({ wall: { obstructions: [outlet] } }))[0];
		expect(row).toMatchObject({ capacity: null, verdict: 'cannot-be-built' });
		expect(row?.stop).toBeDefined();
		expect(row?.load).toBeGreaterThan(0);
	});
});
