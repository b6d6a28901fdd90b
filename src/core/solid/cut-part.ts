import type { StockId } from '../materials/stocks';
import { boundsOf } from './outline';
import type { Part } from './part';
import type { Degrees, Millimetres } from '../units/quantity';

/** A piece to cut. Cleat pieces come two to a rip; boards are taken in one dimension. */
export type CutPart = { name: string; length: Millimetres; count: number } & (
	| { kind: 'cleat'; stock: StockId; blank: Millimetres; bevel: Degrees }
	| { kind: 'board'; stock: StockId; width: Millimetres }
	| { kind: 'dowel'; diameter: Millimetres }
	| { kind: 'rod'; rod: string }
	| { kind: 'strap'; strap: string }
);

/**
 * What is cut for a part: its length along the grain, and how wide a strip it takes. Null for what is bought whole.
 * @example cutOf(face) // { kind: 'board', name: 'face', stock: 'ply-18', width: 300, length: 1000, count: 1 }
 */
export function cutOf({ name, material, outline, thickness, strips = 1, grain, stands }: Part): CutPart | null {
	const count = stands.length;
	switch (material.kind) {
		case 'board': {
			const { left, right, low, high } = boundsOf(outline.outer);
			const [along, across] = grain === 'y' ? [high - low, right - left] : [right - left, high - low];
			const all = count * strips;
			const each = strips === 1 ? name : `strip of the ${name}`;
			return { kind: 'board', name: each, stock: material.stock, width: across / strips, length: along, count: all };
		}
		case 'cleat': {
			const { stock, blank, bevel } = material;
			return { kind: 'cleat', name, stock, blank, bevel, length: thickness, count };
		}
		case 'strip':
			return { kind: 'board', name, stock: material.stock, width: material.width, length: thickness, count };
		case 'dowel':
			return { kind: 'dowel', name, diameter: material.diameter, length: thickness, count };
		case 'rod':
			return { kind: 'rod', name, rod: material.rod, length: thickness, count };
		case 'strap': {
			const { low, high } = boundsOf(outline.outer);
			return { kind: 'strap', name, strap: material.strap, length: high - low, count };
		}
		case 'bought':
		case 'driven':
			return null;
	}
}
