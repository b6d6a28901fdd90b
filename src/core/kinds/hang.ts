import type { Result } from '../result';
import { fail, ok } from '../result';
import type { Thing } from '../things/types';
import type { Load } from '../carriers/carrier';
import { loadOf } from '../carriers/load-of';
import { roomIn } from './room';

/** What of a carrier says what it carries. */
interface Carries {
	kind: string;
	params: Record<string, unknown>;
	loads: readonly Load[];
}

/** A carrier's loads with a thing in one of its groups, and how many of it found no seat. */
export interface Hung {
	loads: Load[];
	over: number;
}

/**
 * Puts as many of a thing on a group of seats as there are left of it.
 * @param left of it that hang nowhere else
 * @returns the loads of the carrier, and what is over; or what is not known of the thing
 * @example hangOn(carrier, 0, thing, 1) // one seat taken
 */
export function hangOn(carrier: Carries, group: number, thing: Thing, left: number): Result<Hung> {
	const many = Math.max(1, left);
	const load = loadOf(thing, many);
	if (!load.ok) return load;
	const loads = [...carrier.loads];
	// Groups before it that carry nothing yet keep their places.
	while (loads.length < group) loads.push({ ...load.value, name: '', count: 0, thing: undefined } as Load);
	loads[group] = load.value;
	// On a rack the thing itself says how many go beside each other.
	const room = roomIn({ ...carrier, loads })[group];
	if (room === undefined) return fail('There are no such seats');
	loads[group] = { ...load.value, count: Math.min(many, room) };
	return ok({ loads: loads.map(bare), over: Math.max(0, many - room) });
}

/** Without a thing that is not there. */
function bare(load: Load): Load {
	if (load.thing !== undefined) return load;
	const { thing: _, ...rest } = load;
	return rest;
}

/** The same load, no longer said to be a thing of the stock-take. */
export function unhang(load: Load): Load {
	const { thing: _, ...rest } = load;
	return rest;
}
