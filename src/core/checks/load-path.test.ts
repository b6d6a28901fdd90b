import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { smallWall } from '../../../tests/support/small-wall';
import { newCarrier } from '../holders/new-carrier';
import { holderFor } from '../holders/holder-for';
import { screwedAt } from '../places/fixed/new-mount';
import type { Carrier, Plan } from '../plan/types';
import { checkPlan } from './check-plan';
import { loadPath } from './load-path';

/** A shelf that carries things, and pegs on top of it that carry a ring; hung, or screwed to the wall. */
function plan(fixed: boolean): Plan {
	const made = holderFor('flat-shelf', { thing: FITTING['flat-shelf']!, count: 2, widest: 500, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	const start = smallWall();
	const { holder } = made.value;
	const pegs: Carrier = {
		...newCarrier(holder, 'pegs', 'mm'),
		id: 'c2',
		at: { on: 'c1:top', x: 20, y: 40 },
		loads: [{ name: 'ring', mass: 1, width: 60, height: 20, depth: 20, count: 1 }]
	};
	const wide = { ...holder, back: { ...holder.back, width: 880 }, carriers: [...holder.carriers, pegs] };
	const mount = fixed
		? screwedAt(start.wall, { x: 60, y: 900 }, wide.back, 'mm')
		: { ...holder.mount, row: 'r', x: 60 };
	return { ...start, rows: fixed ? [] : start.rows, holders: [{ ...wide, mount }] };
}
const path = (p: Plan) => loadPath(checkPlan(p).holders.get('h')!.placed, p.wall, p.cutting.kerf)!;

describe('the way of a load', () => {
	it('goes from each thing by its carrier, and by what that stands on', () => {
		expect(path(plan(false)).carriers.map((c) => c.length)).toEqual([2, 3]);
		// What stands on a shelf ends where the shelf does.
		const [shelf, pegs] = path(plan(false)).carriers;
		expect(pegs?.at(-1)).toEqual(shelf?.at(-1));
	});
	it('goes by a hook to the row, or straight to the screws in the wall', () => {
		expect(path(plan(false)).hook).not.toBeNull();
		const fixed = path(plan(true));
		expect(fixed.hook).toBeNull();
		expect(fixed.screws.map((s) => s.at[0])).toEqual([100, 900]);
		const { built } = checkPlan(plan(true)).holders.get('h')!.placed;
		const all = built.self.mass + built.seats.flatMap((s) => s.things).reduce((m, t) => m + t.mass, 0);
		expect(fixed.screws.reduce((sum, s) => sum + s.across, 0)).toBeCloseTo(all * 9.80665, 6);
	});
});
