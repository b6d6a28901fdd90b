import type { Millimetres } from '../../units/quantity';

/** Amplification and response of shelves and cabinets fixed to a wall. ASCE 7-16 Table 13.5-1, from memory. */
const AMPLIFIED = 1;
const RESPONSE = 2.5;
/** Of an earthquake's strength so much is set against what wood and screws are allowed. ASCE 7-16 2.4.5. */
export const ALLOWED_SHARE = 0.7;

/** What an earthquake adds to a weight, as shares of it, set against what is allowed. */
export interface QuakeShares {
	/** Any way along or out from the wall. */
	sideways: number;
	/** Up or down at once with that. */
	upright: number;
	/** The sideways share before 0.7. */
	strength: number;
}

/**
 * What an earthquake pushes something on a wall with: 0.4 a_p S_DS / (R_p / I_p) (1 + 2 z / h), never under 0.3 S_DS
 * nor over 1.6 S_DS, I_p 1; and 0.2 S_DS up or down. Source: ASCE 7-16 13.3.1, from memory; local codes govern.
 * @param sds short-period design acceleration at the place, in g
 * @param z height where it is fixed
 * @param h of the building: the wall's own, which is cautious below others
 * @example quakeShares(1, 1500, 2500).strength // 0.352
 */
export function quakeShares(sds: number, z: Millimetres, h: Millimetres): QuakeShares {
	const up = Math.min(1, Math.max(0, z / h));
	const strength = Math.min(1.6 * sds, Math.max(0.3 * sds, ((0.4 * AMPLIFIED * sds) / RESPONSE) * (1 + 2 * up)));
	return { strength, sideways: ALLOWED_SHARE * strength, upright: ALLOWED_SHARE * 0.2 * sds };
}
