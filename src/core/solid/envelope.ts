import { outOf } from './frame';
import { flatten } from './outline';
import type { Part } from './part';

/** The least box about solids, mm. */
export interface Envelope {
	x: [number, number];
	y: [number, number];
	z: [number, number];
}

const AXES = ['x', 'y', 'z'] as const;

/** Room that parts take. @example envelope(parts).z[1] // how far out they stand */
export function envelope(parts: readonly Part[]): Envelope {
	const box: Envelope = { x: [Infinity, -Infinity], y: [Infinity, -Infinity], z: [Infinity, -Infinity] };
	for (const part of parts) {
		const corners = flatten(part.outline.outer);
		for (const frame of part.stands) {
			for (const c of corners) {
				for (const z of [0, part.thickness]) {
					const p = outOf(frame, [c.x, c.y, z]);
					AXES.forEach((axis, i) => {
						const at = p[i] as number;
						box[axis] = [Math.min(box[axis][0], at), Math.max(box[axis][1], at)];
					});
				}
			}
		}
	}
	return box;
}
