import type { Millimetres } from '../units/quantity';
import { boardMaterial } from './own-stock';
import { stock, type StockId } from './stocks';

/** Thicknesses this near are the same board: wood moves, and sheets come in a real and a called size. */
const SAME_THICKNESS = 0.3;

/** Is it as thick as this stock? */
export const asThick = (thickness: Millimetres, id: StockId): boolean =>
	Math.abs(thickness - stock(id).thickness) <= SAME_THICKNESS;

/**
 * Is a line of boards or sheets of the same wood as this stock, and as thick? A wood of a strength class only where the
 * line says that class: what nobody has graded may be weaker.
 * @param says whether the line says this class
 * @example sameWood({ material: 'ply', thickness: 18 }, 'ply-18', () => false) // true
 */
export function sameWood(
	line: { material: string; thickness: Millimetres },
	id: StockId,
	says: (quality: string) => boolean
): boolean {
	const { species, panel } = stock(id);
	const { material, quality } = boardMaterial(panel ?? species);
	return asThick(line.thickness, id) && line.material === material && (quality === '' || says(quality));
}
