import { stock, type StockId } from '../materials/stocks';
import type { Feature, Part } from '../solid/part';
import type { Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Found, Sweep } from './carrier';

/** A box that doors close, in its carrier's frame: its lower left corner at 0. */
export interface Opening {
	width: Millimetres;
	height: Millimetres;
	depth: Millimetres;
	/** Of top and bottom, and of the sides. */
	stock: StockId;
	side: StockId;
}

/**
 * Clear between top and bottom, and between the sides; where that begins, along and up.
 * @example clearOf({ width: 600, height: 400, depth: 200, stock: 'ply-18', side: 'ply-18' }).wide // 564
 */
export function clearOf(o: Opening): { high: Millimetres; wide: Millimetres; left: Millimetres; low: Millimetres } {
	const [left, low] = [stock(o.side).thickness, stock(o.stock).thickness];
	return { high: o.height - 2 * low, wide: o.width - 2 * left, left, low };
}

/** What doors add to a box. */
export interface DoorsMade {
	parts: Part[];
	/** Made in the upper side of the bottom, and in the underside of the top. */
	grooves: { bottom: Feature[]; top: Feature[] };
	/** Doors that stand on the bottom: how much of them one of its ends takes when all are slid to it. */
	onBottom: number | null;
	sweeps: Sweep[];
	/** Of the depth, so much is theirs. */
	takes: Millimetres;
	/** How far before the box somebody may hang on one that stands open. */
	pulledAt: Millimetres;
	warnings: Found[];
	sums: Phrase[];
	/** How dust is kept out, in words. */
	dust: string;
}

/** An open box. */
export const NO_DOORS: DoorsMade = {
	parts: [],
	grooves: { bottom: [], top: [] },
	onBottom: null,
	sweeps: [],
	takes: 0,
	pulledAt: 0,
	warnings: [],
	sums: [],
	dust: 'open: dust gets in'
};

/** Between a box and a door on hinges: both leaves of them, not let in. */
export const HINGE_GAP: Millimetres = 3;
