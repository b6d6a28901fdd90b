import type { Built } from '$core/holders/built';
import { remembering } from '$core/remembering';
import { facesOf, type Face } from '$core/solid/project';
import type { Vec2 } from '$core/solid/vector';
import { thingOnSeat } from './thing-on-seat';

/** A holder from the front as paths, y down: boards before its face, rods that stand out, and what hangs. */
export interface HolderPicture {
	/** From the back to the front. */
	boards: string[];
	rods: string;
	/** Outlines of what opens, before all of it. */
	doors: string;
	things: string;
}

const num = (x: number) => String(Math.round(x * 10) / 10);
const around = (points: readonly Vec2[]) =>
	`${points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${num(x)} ${num(-y)}`).join('')}z`;
const pathOf = (f: Face) => f.polygons.map(around).join('');

/**
 * A holder from the front, from its parts and its things. What is behind its face is not drawn.
 * @example holderPicture(placed.built).boards.length
 */
export const holderPicture = remembering((built: Built): HolderPicture => {
	const before = built.parts.filter((p) => p.stands.some((f) => f.at[2] > built.front - p.thickness - 1e-6));
	const round = new Set(built.parts.filter((p) => p.material.kind === 'dowel').map((p) => p.id));
	const faces = facesOf(
		before.filter((p) => p.id !== 'face' && p.material.kind !== 'cleat' && !p.door),
		'front'
	);
	const doors = facesOf(
		built.parts.filter((p) => p.door),
		'front'
	);
	return {
		boards: faces.filter((f) => !round.has(f.part)).map(pathOf),
		rods: faces
			.filter((f) => round.has(f.part))
			.map(pathOf)
			.join(''),
		doors: doors.map(pathOf).join(''),
		things: built.seats.map(thingOnSeat).join('')
	};
});
