import type { Newtons } from '../../units/quantity';

export interface CombinedAllowable {
	allowed: Newtons;
	/** Equation 12.4-1, or one of the two loads by itself. */
	by: 'both' | 'across' | 'pull';
	/** Squares of the cosine and sine of the load's angle from the wood's face. */
	cos2: number;
	sin2: number;
}

/**
 * Allowable load of a screw pulled and pushed across at once, along the resultant:
 * Z_a = W Z / (W cos^2 a + Z sin^2 a), a measured from the wood's face. Source: NDS 2018 equation 12.4-1.
 * Where one allowable is more than twice the other, that equation lets a little of the better load raise the margin of
 * the worse one. A screw is not stronger for being loaded twice, so each load by itself is a limit as well.
 * @param axial allowable axial load W'
 * @param lateralLoad allowable lateral load Z'
 * @param pull demand along the screw
 * @param across demand across the screw
 * @returns the allowable along the resultant, and what sets it; 0 when an allowable that is asked for is 0
 * @example combinedAllowable(100, 100, 30, 40) // { allowed: 100, by: 'both', cos2: 0.64, sin2: 0.36 }
 */
export function combinedAllowable(
	axial: Newtons,
	lateralLoad: Newtons,
	pull: Newtons,
	across: Newtons
): CombinedAllowable {
	const resultant2 = pull * pull + across * across;
	if (resultant2 === 0) return { allowed: Math.min(axial, lateralLoad), by: 'both', cos2: 0, sin2: 0 };
	// One load alone never asks for the other's allowable: an end-grain screw has none in withdrawal, and 0/0 is no
	// figure.
	if (pull === 0) return { allowed: lateralLoad, by: 'across', cos2: 1, sin2: 0 };
	if (across === 0) return { allowed: axial, by: 'pull', cos2: 0, sin2: 1 };
	const cos2 = (across * across) / resultant2;
	const sin2 = (pull * pull) / resultant2;
	const none = axial === 0 || lateralLoad === 0;
	const candidates = [
		{ by: 'both', allowed: none ? 0 : (axial * lateralLoad) / (axial * cos2 + lateralLoad * sin2) },
		{ by: 'across', allowed: lateralLoad / Math.sqrt(cos2) },
		{ by: 'pull', allowed: axial / Math.sqrt(sin2) }
	] as const;
	const least = candidates.reduce((a, b) => (b.allowed < a.allowed ? b : a));
	return { ...least, cos2, sin2 };
}

/**
 * How much of a nail is used when it is pulled and pushed across at once: T / W' + V / Z', to be 1 or less.
 * Source: NDS 2018 equation 12.4-2.
 * @example nailUsed(100, 200, 50, 50) // 0.75
 */
export function nailUsed(axial: Newtons, lateralLoad: Newtons, pull: Newtons, across: Newtons): number {
	const part = (demand: number, allowed: number) => (demand === 0 ? 0 : demand / allowed);
	return part(pull, axial) + part(across, lateralLoad);
}
