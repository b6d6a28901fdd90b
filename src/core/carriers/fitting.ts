import type { Millimetres } from '../units/quantity';

/**
 * Figures of a back that carriers made for a thing share: our own judgement, so that what is offered holds without
 * another look. A bevel of 45 degrees keeps a holder on while it reaches down 1.5 times as far as its load stands out.
 */

/** A back reaches down so many times as far as what it carries. */
const REACHES = 1.7;
/** Cleat and board stand before the face. */
const BEFORE: Millimetres = 40;

/** Height of a back for what stands so far out from its face. @example backFor(60) // 200 */
export const backFor = (out: Millimetres, least: Millimetres = 200): Millimetres =>
	Math.max(least, Math.ceil((REACHES * (BEFORE + out)) / 10) * 10);

/** Top of a shelf on a back so high: under its hook. @example shelfUp(220) // 125 */
export const shelfUp = (height: Millimetres): Millimetres => height - 95;

/** Seats for growth: one for every six, none for a few. @example spareFor(24) // 4 */
export const spareFor = (count: number): number => (count >= 6 ? Math.ceil(count / 6) : 0);

/** Screws along a plate so wide. @example screwsAlong(600, 2) // 4 */
export const screwsAlong = (width: Millimetres, least: number): number => Math.max(least, Math.ceil(width / 150));
