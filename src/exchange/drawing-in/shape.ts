import type { Point } from '$core/survey/outline';

/** One shape of a drawing from outside, y upwards, in the drawing's own unit. */
export interface DrawnShape {
	/** Of its layer, label or id. */
	name: string;
	points: Point[];
	closed: boolean;
}

/** A drawing from outside. */
export interface Drawn {
	shapes: DrawnShape[];
	/** Millimetres to a unit of the drawing; null where the file does not say. */
	unit: number | null;
	/** Kinds of things in it that were left out, with their number. */
	skipped: Record<string, number>;
}

/** Bounds on what is read: no survey is larger. */
export const DRAWN_LIMITS = { bytes: 20 * 1024 * 1024, shapes: 4000, points: 400_000, depth: 60 } as const;

/**
 * Points on a round, ends included, turning from one angle to another.
 * @example arc({ x: 0, y: 0 }, 1, 0, Math.PI).length
 */
export function arc(at: Point, radius: number, from: number, to: number): Point[] {
	const n = Math.max(2, Math.ceil((Math.abs(to - from) / Math.PI) * 24));
	return Array.from({ length: n + 1 }, (_, i) => {
		const a = from + ((to - from) * i) / n;
		return { x: at.x + radius * Math.cos(a), y: at.y + radius * Math.sin(a) };
	});
}
