import type { Fastener } from '../../materials/fastener';
import { lagThread } from '../../materials/lags';
import { THREAD_SHARE } from '../../materials/screws';
import { MM_PER_INCH, type Millimetres, type Newtons, type NewtonsPerMillimetre } from '../../units/quantity';
import { lateral, type Lateral } from './lateral';
import { headPullThrough, withdrawalPerLength } from './withdrawal';

/** Load duration factor for storage: permanent. NDS 2018 Table 2.3.2. */
export const CD_STORAGE = 0.9;
/** For a bump, a tug or a grab: wind and earthquake, ten minutes. NDS 2018 Table 2.3.2. */
export const CD_BUMP = 1.6;
/**
 * Least penetration into the main member, in diameters; less counts for nothing. NDS 2018 12.1: screws and nails with
 * their tip, lags without.
 */
export const LEAST_PENETRATION: Record<Fastener['kind'], number> = { 'wood-screw': 6, nail: 6, lag: 4 };

/** Wet service: over 19 % moisture in use. NDS 2018 Table 11.3.3; nails pulled out lose far more. */
export const WET = { withdrawal: { 'wood-screw': 0.7, lag: 0.7, nail: 0.25 }, lateral: 0.7 } as const;
/** Into end grain. NDS 2018 12.5.2: screws and nails none in withdrawal, lags 0.75; lateral 0.67. */
export const END_GRAIN = { withdrawal: { 'wood-screw': 0, lag: 0.75, nail: 0 }, lateral: 0.67 } as const;

/** One fastener through a side member and whatever lies between into a main member. */
export interface Joint {
	fastener: Fastener;
	length: Millimetres;
	/** The member under the head. */
	side: { thickness: Millimetres; G: number };
	/** Cladding: no strength, only distance. */
	gap: Millimetres;
	/** The member that takes the thread. */
	main: { thickness: Millimetres; G: number };
	/** Between the load and the grain of the side member. A cleat's load crosses its grain: 90 unless said. */
	sideToGrain?: 0 | 90;
	/** The same of the main member. Weight goes along the grain of a stud: 0 unless said. */
	mainToGrain?: 0 | 90;
	/** The thread stands in end grain. */
	endGrain?: boolean;
	/** Over 19 % moisture in use. */
	wet?: boolean;
}

/** A joint's allowable loads with every step, so that a sum can show it. */
export interface JointCapacity {
	/** In the main member, without the tip of a lag. */
	penetration: Millimetres;
	needed: Millimetres;
	/** Length that holds in withdrawal. */
	thread: Millimetres;
	perLength: NewtonsPerMillimetre;
	withdrawal: Newtons;
	pullThrough: Newtons;
	/** The smaller of withdrawal and pull-through. */
	axial: Newtons;
	lateral: Newtons;
	/** How the lateral value comes about; null when the fastener counts for nothing. */
	across: Lateral | null;
	/** Length that bears in the main member. */
	bearing: Millimetres;
	duration: number;
	/** Moisture and end grain, on withdrawal and on the lateral value. */
	factors: { withdrawal: number; lateral: number };
}

/** Length of thread a fastener has, mm; a nail holds by all of its shank. */
function threadOf(f: Fastener, length: Millimetres): Millimetres {
	if (f.kind === 'nail') return length;
	return f.kind === 'lag' ? (lagThread(length / MM_PER_INCH) - f.tip) * MM_PER_INCH : length * THREAD_SHARE;
}

/**
 * Length of thread of a fastener in what it enters, mm: where its point comes out behind, what is left of the thread
 * stands nearer the head.
 * @param before what it passes first
 * @param within how thick that is which it enters
 * @example threadIn(screw('#8'), 50.8, 18.3, 89) // 32.5, of 33.9 that carry thread
 */
export function threadIn(f: Fastener, length: Millimetres, before: Millimetres, within: Millimetres): Millimetres {
	const past = Math.max(0, length - before);
	return Math.max(0, Math.min(past, within, threadOf(f, length) - Math.max(0, past - within)));
}

/**
 * Length that bears in the main member: half the tip is lost below 10 D. NDS 2018 12.3.5.3, from memory.
 * @param penetration without the tip of a lag
 * @param tipInside how much of that tip is in it
 * @example bearingLength(screw('#10'), 60, 0) // 60
 */
export function bearingLength(f: Fastener, penetration: Millimetres, tipInside: Millimetres): Millimetres {
	const D = f.D * MM_PER_INCH;
	if (f.kind === 'lag') return penetration + tipInside / 2;
	return penetration >= 10 * D ? penetration : penetration - D;
}

/**
 * Allowable axial and lateral load of one fastener through a side member and a gap into wood.
 * Bearing in the main member loses half the tip (2 D long, of a lag its own) below 10 D, NDS 2018 12.3.5.3, from
 * memory. One that does not enter far enough gets nothing.
 * @param duration load duration factor C_D
 * @example
 * jointCapacity({ fastener: screw('#10'), length: 63.5, side: { thickness: 19.05, G: 0.42 }, gap: 12.7, main: {
 * thickness: 89, G: 0.42 } })
 */
export function jointCapacity(joint: Joint, duration = CD_STORAGE): JointCapacity {
	const { fastener: f, side, main, gap } = joint;
	const D = f.D * MM_PER_INCH;
	const tip = f.tip * MM_PER_INCH;
	const past = Math.min(Math.max(0, joint.length - side.thickness - gap), main.thickness);
	// The tip of a lag that comes out behind has given its place to thread.
	const tipInside = joint.length - side.thickness - gap <= main.thickness ? tip : 0;
	const penetration = Math.max(0, past - tipInside);
	const needed = LEAST_PENETRATION[f.kind] * D;
	const counts = penetration >= needed - 1e-9;
	const factors = {
		withdrawal: (joint.wet ? WET.withdrawal[f.kind] : 1) * (joint.endGrain ? END_GRAIN.withdrawal[f.kind] : 1),
		lateral: (joint.wet ? WET.lateral : 1) * (joint.endGrain ? END_GRAIN.lateral : 1)
	};
	const thread = Math.min(penetration, threadIn(f, joint.length, side.thickness + gap, main.thickness));
	const perLength = withdrawalPerLength(f, main.G);
	const withdrawal = counts ? perLength * thread * duration * factors.withdrawal : 0;
	const pullThrough = headPullThrough(f.head, side.thickness, side.G) * duration;
	const bearing = bearingLength(f, penetration, tipInside);
	const across = counts
		? lateral({
				fastener: f,
				side: { length: side.thickness, G: side.G, toGrain: joint.sideToGrain ?? 90 },
				main: { length: bearing, G: main.G, toGrain: joint.mainToGrain ?? 0 },
				gap
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
		lateral: (across?.load ?? 0) * duration * factors.lateral,
		across,
		bearing,
		duration,
		factors
	};
}
