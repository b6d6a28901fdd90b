import type { CutPiece } from '../plan/types';
import { rod } from '../materials/rods';
import { strapOf } from '../materials/steel';
import type { Millimetres } from '../units/quantity';
import type { Form, Piece } from './pieces';

/** A piece that was cut to another size than it has now fits no more: sizes this near are the same, mm. */
const NEAR = 0.5;

/** How wide a piece is told to be: across its grain, or through it. */
function across(form: Form): Millimetres {
	switch (form.kind) {
		case 'flat':
			return form.width;
		case 'cleat':
			return form.blank;
		case 'dowel':
			return form.diameter;
		case 'rod':
			return rod(form.rod).outer;
		case 'strap':
			return strapOf(form.strap).width;
	}
}

/** A piece as it is put down once it is cut. @example asCut(piece) // { id: 'h1-face-1', length: 1000, width: 300 } */
export const asCut = ({ id, length, form }: Piece): CutPiece => ({ id, length, width: across(form) });

/**
 * Pieces still to cut, those that are cut, and what was cut and fits nothing any more: its part was changed or taken
 * away since.
 * @example sortCut(collectPieces(plan), plan.cutting.cut).todo
 */
export function sortCut(
	pieces: readonly Piece[],
	cut: readonly CutPiece[] = []
): { todo: Piece[]; done: Piece[]; useless: CutPiece[] } {
	const was = new Map(cut.map((c) => [c.id, c]));
	const [todo, done]: [Piece[], Piece[]] = [[], []];
	for (const piece of pieces) {
		const then = was.get(piece.id);
		const now = asCut(piece);
		const fits = then && Math.abs(then.length - now.length) <= NEAR && Math.abs(then.width - now.width) <= NEAR;
		(fits ? done : todo).push(piece);
		if (fits) was.delete(piece.id);
	}
	return { todo, done, useless: [...was.values()] };
}
