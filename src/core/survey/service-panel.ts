import type { Obstruction } from '../plan/types';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';

/**
 * Working space before a service panel. NEC 110.26(A), from memory: 30 in or its own width, 36 in deep, 6 1/2 ft high.
 */
const LEAST = { width: 30 * MM_PER_INCH, depth: 36 * MM_PER_INCH, height: 78 * MM_PER_INCH } as const;

/** The part of the wall that working space takes, and how far into the room it goes. */
export interface WorkingSpace {
	left: Millimetres;
	right: Millimetres;
	low: Millimetres;
	high: Millimetres;
	depth: Millimetres;
}

/**
 * The space to be kept clear before a service panel, about its middle. It may stand to one side where local rules
 * allow; the middle is counted.
 * @example workingSpace({ x: 1000, y: 1200, width: 400, height: 600 }).left // 819
 */
export function workingSpace(panel: Pick<Obstruction, 'x' | 'y' | 'width' | 'height'>): WorkingSpace {
	const width = Math.max(LEAST.width, panel.width);
	const middle = panel.x + panel.width / 2;
	return {
		left: middle - width / 2,
		right: middle + width / 2,
		low: 0,
		high: Math.max(LEAST.height, panel.y + panel.height),
		depth: LEAST.depth
	};
}
