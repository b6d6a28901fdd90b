import type { ArmsHold } from '../../carriers/hold';
import { combine } from '../../mechanics/statics/seat';
import { radians } from '../../units/quantity';
import { holderWeights } from '../in-place';
import { armLoads } from '../rack/arms';
import type { RackPlaced } from '../rack/place';
import { remembering } from '../../remembering';
import type { Millimetres, Newtons } from '../../units/quantity';
import type { HookLoad } from './hook-loads';
import { segmentsOn } from '../../cleats/segments';
import type { Wall } from '../../plan/types';

/** What a row carries beside its hooks: on a screw in its end, on the sheet behind it. */
export interface RowExtra {
	rack: RackPlaced;
	/** Its weight, and what that comes to on the row's line where it is past the end of it. */
	weight: Newtons;
	load: HookLoad;
	/** It rides on the bevel by a notch: that bounds what it rolls the row by, as a hook's does. */
	hooked?: true;
}

/** A weight so long along the row is one at a place. */
const SHORT: Millimetres = 1;
/** A row that ends on a stud still has a lever about its screws. */
const LEAST_LEVER: Millimetres = 25;

/**
 * What a rack puts on the row that it is on: one for each place; none where it is on none, or nothing is there.
 * @example rowExtras(placed, plan.wall, 3.2).length // 3, of three arms
 */
export const rowExtras = remembering((rack: RackPlaced, wall: Wall, kerf: Millimetres): readonly RowExtra[] => {
	const { hold } = rack.built;
	if (hold?.kind === 'arms') return armExtras(rack, hold);
	const one = rowExtra(rack, wall, kerf);
	return one ? [one] : [];
});

/** Each arm hooks over the row by itself, with the most that it may have of what lies across. */
function armExtras(rack: RackPlaced, hold: ArmsHold): RowExtra[] {
	const { on } = rack;
	if (!on) return [];
	const tan = Math.tan(radians(on.profile.bevel));
	return armLoads(rack, hold).flatMap((arm, i): RowExtra[] => {
		const all = combine([arm.own, ...arm.things]);
		const furthest = Math.max(0, arm.own.standOff, ...arm.things.map((t) => t.standOff));
		const lap = {
			from: Math.max(arm.x - hold.width / 2, on.row.left),
			to: Math.min(arm.x + hold.width / 2, on.row.right)
		};
		// Beside the cleat it hangs on nothing: that is said where it is placed.
		if (!(lap.to > lap.from)) return [];
		const part = { ...lap, total: all.weight, standOff: all.standOff };
		return [
			{
				rack,
				weight: all.weight,
				hooked: true,
				load: {
					...part,
					parts: [part],
					heaviest: all.weight / (lap.to - lap.from),
					furthest,
					bearsBelow: rack.feet[i] === null,
					outward: tan,
					locked: false,
					swingsOff: false
				}
			}
		];
	});
}

/**
 * What a rack by itself puts on the row that it is on; null where it is on none, or nothing is there.
 * Past the row's end it turns the cleat about the last screws as more weight at the end would: W (1 + e / a), a from
 * the last screws to the end, e from the end to the weight. Statics.
 */
function rowExtra(rack: RackPlaced, wall: Wall, kerf: Millimetres): RowExtra | null {
	const { on } = rack;
	if (!on) return null;
	const { row } = on;
	const { total, at, standOff } = holderWeights(rack.built);
	// What nobody weighed leaves its row unjudged: it is on it all the same.
	if (!(total > 0) && rack.built.unknown.length === 0) return null;
	const x = rack.left + at;
	const past = Math.max(0, row.left - x, x - row.right);
	const inside = Math.min(Math.max(x, row.left + SHORT), row.right - SHORT);
	const places = segmentsOn(row, wall, kerf).flatMap((s) => s.fixings.map((f) => f.x));
	const end = x < row.left ? row.left : row.right;
	const lever = Math.max(LEAST_LEVER, Math.min(...places.map((p) => Math.abs(end - p))));
	const line = total * (1 + (Number.isFinite(lever) ? past / lever : 0));
	// Mounted on the sheet, its cleat is so far out itself; on the sheet's top a weight is behind that.
	const out = Math.max(0, standOff - on.base);
	const part = { from: inside - SHORT / 2, to: inside + SHORT / 2, total: line, standOff: out };
	return {
		rack,
		weight: total,
		load: {
			...part,
			parts: [part],
			heaviest: 0,
			furthest: out,
			bearsBelow: false,
			outward: 0,
			locked: true,
			swingsOff: false
		}
	};
}
