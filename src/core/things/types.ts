import type { Kilograms, Millimetres } from '../units/quantity';
import type { DimName } from './grips/dims';
import type { GripKind } from './grips/registry';

export type Use = 'daily' | 'weekly' | 'monthly' | 'seldom';
export type ThingState = 'to-place' | 'on-wall' | 'not-to-keep';

/** One kind of thing that has to hang, and how many there are of it. It belongs to the shop, not to a wall. */
export interface Thing {
	id: string;
	name: string;
	group: string;
	count: number;
	/** The envelope of one, as it hangs; null until somebody has measured it. */
	width: Millimetres | null;
	height: Millimetres | null;
	depth: Millimetres | null;
	/** Of one. */
	mass: Kilograms | null;
	/** What carries it; null until somebody has said. */
	grip: GripKind | null;
	/** The dimensions its grip needs, and any that were measured for another. */
	dims: Partial<Record<DimName, Millimetres>>;
	use: Use | null;
	/** Where it is used: at the saw, by the door. */
	where: string;
	notes: string;
	/** What somebody has said of it; what hangs on a wall planned here counts besides. */
	state: ThingState;
	/** Needs an outlet while it hangs. */
	charger: boolean;
	cord: Millimetres | null;
	plugWidth: Millimetres | null;
	plugHeight: Millimetres | null;
	/** Wants a cover, a drawer or a door. */
	cover: boolean;
	/** Taken off whole and carried to where it is used, as a first-aid kit is. */
	carried: boolean;
	/** What its holder shall match. */
	finish: string;
	/** Its holder shall show no fixings. */
	hidden: boolean;
	/** Columns that hold what is typical for its kind, not what was measured. */
	typical: string[];
}
