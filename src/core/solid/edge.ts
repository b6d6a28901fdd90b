import { nth } from '../nth';
import type { Millimetres } from '../units/quantity';
import type { Frame } from './frame';
import type { Outline, Vertex } from './outline';

/** Corners of an edge. @throws RangeError where the outline has no such edge */
function endsOf({ outer }: Outline, edge: number): { from: Vertex; to: Vertex } {
	return { from: nth(outer, edge), to: nth(outer, (edge + 1) % outer.length) };
}

/**
 * The face that an edge of an outline makes along a prism: its x along the edge from its first corner, its y up the
 * thickness, its z out of the wood.
 * @example edgeFrame(plain(rectangle(600, 90)), 2) // along the far long edge, from right to left
 */
export function edgeFrame(outline: Outline, edge: number): Frame {
	const { from, to } = endsOf(outline, edge);
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	return {
		at: [from.x, from.y, 0],
		x: length === 0 ? [1, 0, 0] : [(to.x - from.x) / length, (to.y - from.y) / length, 0],
		y: [0, 0, 1]
	};
}

/** How long a straight edge is. @example edgeLength(plain(rectangle(600, 90)), 0) // 600 */
export function edgeLength(outline: Outline, edge: number): Millimetres {
	const { from, to } = endsOf(outline, edge);
	return Math.hypot(to.x - from.x, to.y - from.y);
}
