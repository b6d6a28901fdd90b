import type { Newtons } from '../../units/quantity';

/**
 * Allowable load of a screw pulled and pushed across at once, along the resultant:
 * Z_a = W Z / (W cos^2 a + Z sin^2 a), a measured from the wood's face. Source: NDS 2018 equation 12.4-1.
 * @param axial allowable axial load W'
 * @param lateralLoad allowable lateral load Z'
 * @param pull demand along the screw
 * @param across demand across the screw
 * @returns 0 when an allowable that is asked for is 0
 * @example combinedAllowable(100, 100, 30, 40) // 100
 */
export function combinedAllowable(axial: Newtons, lateralLoad: Newtons, pull: Newtons, across: Newtons): Newtons {
	const resultant2 = pull * pull + across * across;
	if (resultant2 === 0) return Math.min(axial, lateralLoad);
	const cos2 = (across * across) / resultant2;
	const sin2 = (pull * pull) / resultant2;
	const below = axial * cos2 + lateralLoad * sin2;
	if ((axial === 0 && sin2 > 0) || (lateralLoad === 0 && cos2 > 0) || below === 0) return 0;
	return (axial * lateralLoad) / below;
}
