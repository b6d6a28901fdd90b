import { DRYWALL_CRUSH } from '../../mechanics/statics/roll';
import { beamReactions, type LineLoad } from '../../mechanics/statics/continuous-beam';
import { worstPattern } from '../../mechanics/statics/pattern-loads';
import { rigidShares } from '../../mechanics/statics/rigid-shares';
import { crushes } from '../../mechanics/statics/turning-edge';
import type { Wall } from '../../plan/types';
import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';
import { holderWeights, type PlacedWeight } from '../../places/in-place';
import type { Column } from '../../places/fixed/columns';
import type { Built } from '../../holders/built';

/** What is screwed to the wall, as far as its loads go. */
export interface OnColumns {
	built: Built;
	left: Millimetres;
	columns: readonly Column[];
}

/** What the screws of one column take. Any thing may be off: each figure counts only what adds to it. */
export interface ColumnLoad {
	/** Across its screws, down and up. */
	down: Newtons;
	lift: Newtons;
	/** Which of the two ways to share the weight asked more of it. */
	by: 'beam' | 'rigid' | 'alone';
	/** Roll out of the wall. */
	roll: NewtonMillimetres;
	/** The weight stands to a side of the only column: it turns the back about it. */
	turn: NewtonMillimetres;
}

/** Loads of a fixed back on its columns. */
export interface FixedLoads {
	columns: ColumnLoad[];
	/** Height above the foot that it turns about: plasterboard crushes. */
	crush: Millimetres;
	/** Bending of the back between its columns, and past them, by what pulls its top out of the wall. */
	bends: NewtonMillimetres;
	/** From what it turns about to the highest screw that counts: the pull's lever. */
	lever: Millimetres;
	total: Newtons;
	roll: NewtonMillimetres;
}

const pointAt = (x: Millimetres, total: number): LineLoad => ({ from: x, to: x, total });

/** Down and up on each column of a board that turns as one piece. */
function asRigid(p: OnColumns, self: PlacedWeight, things: readonly PlacedWeight[]) {
	const places = p.columns.map((c) => ({ x: c.x, n: c.heights.length }));
	const own = rigidShares(places, p.left + self.x).map((s) => s * self.weight);
	const each = things.map((t) => rigidShares(places, p.left + t.x).map((s) => s * t.weight));
	const most = (sign: 1 | -1) =>
		own.map((o, i) =>
			Math.max(
				0,
				each.reduce((sum, e) => sum + Math.max(0, sign * (e[i] as number)), sign * o)
			)
		);
	return { down: most(1), lift: most(-1) };
}

/** What stands on one side of a place, by its arm; the greater of the two sides, what is always there counted. */
function sided(self: PlacedWeight, things: readonly PlacedWeight[], at: Millimetres, of: (w: PlacedWeight) => number) {
	const most = (sign: 1 | -1) =>
		things.reduce((sum, t) => sum + Math.max(0, sign * (t.x - at)) * of(t), sign * (self.x - at) * of(self));
	return Math.max(0, most(1), most(-1));
}

/** What one column alone takes: all of it, and what turns the back about it. */
function alone(p: OnColumns, self: PlacedWeight, things: readonly PlacedWeight[], rollOf: (w: PlacedWeight) => number) {
	const [column] = p.columns;
	if (!column) return { columns: [], bends: 0 };
	const at = column.x - p.left;
	const weights = [self, ...things];
	const load: ColumnLoad = {
		down: weights.reduce((sum, w) => sum + w.weight, 0),
		lift: 0,
		by: 'alone',
		roll: weights.reduce((sum, w) => sum + rollOf(w), 0),
		turn: sided(self, things, at, (w) => w.weight)
	};
	return { columns: [load], bends: sided(self, things, at, rollOf) };
}

/**
 * What the screws of a fixed back take, and how it bends between them. Weight is shared as by a beam over its columns
 * and as by a stiff board, whichever asks more of a column; roll pulls the top of the back as a beam over them.
 * @example fixedLoads(placed, plan.wall).columns[0]?.down
 */
export function fixedLoads(p: OnColumns, wall: Pick<Wall, 'cladding'>): FixedLoads {
	const { self, things, total } = holderWeights(p.built);
	const rollOf = (w: PlacedWeight) => w.weight * Math.max(0, w.standOff);
	const crush = crushes(wall.cladding) ? DRYWALL_CRUSH : 0;
	const tops = p.columns.map((c) => c.heights.at(-1) ?? 0);
	const lever = tops.length > 0 ? Math.max(0, Math.min(...tops) - crush) : 0;
	const common = { crush, lever, total, roll: [self, ...things].reduce((sum, w) => sum + rollOf(w), 0) };
	if (p.columns.length < 2) return { ...common, ...alone(p, self, things, rollOf) };
	const xs = p.columns.map((c) => c.x);
	const pattern = (of: (w: PlacedWeight) => number) =>
		worstPattern(
			xs,
			pointAt(p.left + self.x, of(self)),
			things.map((t) => pointAt(p.left + t.x, of(t))),
			(load) => beamReactions(xs, [load])
		);
	const weight = pattern((w) => w.weight);
	const rolls = pattern(rollOf);
	const rigid = asRigid(p, self, things);
	return {
		...common,
		bends: rolls.moment.value,
		columns: xs.map((_, i): ColumnLoad => {
			const [beam, stiff] = [weight.down[i] as number, rigid.down[i] as number];
			return {
				down: Math.max(beam, stiff),
				lift: Math.max(weight.lift[i] as number, rigid.lift[i] as number),
				by: stiff > beam + 1e-9 ? 'rigid' : 'beam',
				roll: rolls.down[i] as number,
				turn: 0
			};
		})
	};
}
