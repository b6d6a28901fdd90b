import type { JoistForce } from '../members/hanging-steps';
import type { StudLoad } from '../mechanics/members/stud-bending';
import type { Check } from '../verdict/check';

/** What is held by the wall itself, judged by how it holds, and what it gives to studs and blocks, by id. */
export interface HeldResult {
	checks: readonly Check[];
	studLoads: Map<string, StudLoad[]>;
	/** What hangs from joists, by their ids, each by its place along the joist. */
	joistLoads?: Map<string, JoistForce[]>;
}

/** Nothing is given to any stud: a row takes it, or nothing holds it. */
export const givesNothing = (...checks: Check[]): HeldResult => ({ checks, studLoads: new Map() });
