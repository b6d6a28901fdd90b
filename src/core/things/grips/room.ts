/**
 * Room left around what hangs, mm: our own judgement, to be bettered by trying the fit in scrap. Grip dimensions never
 * scale with a design.
 */
export const ROOM = {
	/** Around a bar, a shank or a thickness, so that it goes in and out and does not rattle. */
	slack: 2,
	/** Around the shank of a bit in a blind hole: it shall not lean. */
	bit: 0.5,
	/** Between neighbours that are lifted by two finger tips. */
	bits: 8,
	/** Between neighbours, for fingers. */
	fingers: 14,
	/** Behind what could touch the wall or the face. */
	clear: 6,
	/** A board rests on its arms with at least this much beyond. */
	overhang: 100
} as const;
