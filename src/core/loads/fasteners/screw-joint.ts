import { screw, THREAD_SHARE } from '../../materials/screws';
import type { ScrewChoice } from '../../plan/types';
import { MM_PER_INCH, type Millimetres, type Newtons, type NewtonsPerMillimetre } from '../../units/quantity';
import { lateral, type Lateral } from './lateral';
import { headPullThrough, withdrawalPerLength } from './withdrawal';

/** Load duration factor for storage: permanent. NDS 2018 Table 2.3.2. */
export const CD_STORAGE = 0.9;
/** Least penetration into the main member, in diameters, tip included; less counts for nothing. NDS 2018 12.1.5. */
export const LEAST_PENETRATION = 6;

export interface ScrewJoint {
	screw: ScrewChoice;
	/** The member under the head. */
	side: { thickness: Millimetres; G: number };
	/** Cladding: no strength, only distance. */
	gap: Millimetres;
	/** The member that takes the thread. */
	main: { thickness: Millimetres; G: number };
}

/** A joint's allowable loads with every step, so that a sum can show it. */
export interface ScrewCapacity {
	penetration: Millimetres;
	needed: Millimetres;
	thread: Millimetres;
	perLength: NewtonsPerMillimetre;
	withdrawal: Newtons;
	pullThrough: Newtons;
	/** The smaller of withdrawal and pull-through. */
	axial: Newtons;
	lateral: Newtons;
	/** How the lateral value comes about; null when the screw counts for nothing. */
	across: Lateral | null;
	/** Length that bears in the main member. */
	bearing: Millimetres;
	duration: number;
}

/**
 * Allowable axial and lateral load of one wood screw through a side member and a gap into side grain.
 * Bearing in the main member loses half the tip (2 D long) below 10 D, NDS 2018 12.3.5.3, from memory.
 * A screw that enters less than 6 D gets nothing.
 * @example
 * screwCapacity({ screw: { size: '#10', length: 63.5 }, side: { thickness: 19.05, G: 0.42 }, gap: 12.7, main: { thickness: 89, G: 0.42 } })
 */
export function screwCapacity(joint: ScrewJoint, duration = CD_STORAGE): ScrewCapacity {
	const D = screw(joint.screw.size).D * MM_PER_INCH;
	const penetration = Math.min(Math.max(0, joint.screw.length - joint.side.thickness - joint.gap), joint.main.thickness);
	const needed = LEAST_PENETRATION * D;
	const counts = penetration >= needed - 1e-9;
	const thread = Math.min(penetration, joint.screw.length * THREAD_SHARE);
	const perLength = withdrawalPerLength(joint.screw.size, joint.main.G);
	const withdrawal = counts ? perLength * thread * duration : 0;
	const pullThrough = headPullThrough(joint.screw.size, joint.side.thickness, joint.side.G) * duration;
	const bearing = penetration >= 10 * D ? penetration : penetration - D;
	const across = counts
		? lateral({
				size: joint.screw.size,
				side: joint.side.thickness,
				main: bearing,
				gap: joint.gap,
				sideG: joint.side.G,
				mainG: joint.main.G
			})
		: null;
	return {
		penetration,
		needed,
		thread,
		perLength,
		withdrawal,
		pullThrough,
		axial: Math.min(withdrawal, pullThrough),
		lateral: (across?.load ?? 0) * duration,
		across,
		bearing,
		duration
	};
}
