import type { Wall } from '$core/plan/types';
import { tallest } from '$core/survey/outline';

/** The wall on the screen: a scale and the place of the wall's lower left corner. */
export interface View {
	/** px per mm */
	k: number;
	/** px of x = 0 */
	x: number;
	/** px of y = 0, the floor */
	y: number;
}

/** Width of the tapes, px. */
export const TAPE = 30;
const ROOM = 18;
/** Under the floor, for the zoom buttons. */
const BELOW = 38;

/** The view that shows the whole wall between the tapes. */
export function fitView(width: number, height: number, survey: Pick<Wall, 'width' | 'height' | 'shape'>): View {
	const wall = { width: survey.width, height: tallest(survey) };
	const room = { w: Math.max(40, width - TAPE - 2 * ROOM), h: Math.max(40, height - TAPE - ROOM - BELOW) };
	const k = Math.min(room.w / wall.width, room.h / wall.height);
	return {
		k,
		x: TAPE + ROOM + (room.w - wall.width * k) / 2,
		y: height - TAPE - BELOW - (room.h - wall.height * k) / 2
	};
}

/** A drawing at this scale, px per mm, has vials at their whole size. */
const WHOLE_AT = 0.14;

/** Vials shrink with the drawing, down to where a bubble can still be told. */
export const vialSize = (view: View): number => Math.min(1, Math.max(0.5, view.k / WHOLE_AT));

/** Where a holder's vial stands on the screen: over the middle of its top. */
export function vialPlace(view: View, p: { left: number; right: number; top: number }): [number, number] {
	return [view.x + ((p.left + p.right) / 2) * view.k, view.y - p.top * view.k - 11 * vialSize(view)];
}
