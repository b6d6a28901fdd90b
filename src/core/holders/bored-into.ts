import { edgeFrame, edgeLength } from '../solid/edge';
import { into, outOf, turnInto, turnOut, within, zOf, type Frame } from '../solid/frame';
import { boundsOf } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { dot, type Vec3 } from '../solid/vector';

type Bore = Extract<Feature, { kind: 'bore' }>;

const SAME = 0.01;

/** A bore as one of a part's own faces sees it: its place and the way it leans, on a face whose frame is given. */
function onFace(own: Frame, face: Frame, bore: Bore): { at: Vec3; toward: Vec3 } {
	const at = into(own, outOf(face, [bore.at[0], bore.at[1], 0]));
	return { at, toward: turnInto(own, turnOut(face, [bore.toward[0], bore.toward[1], 0])) };
}

/** In the front or the back of a board; null where it enters neither. */
function inFace(part: Part, stand: Frame, face: Frame, bore: Bore): Bore | null {
	if (dot(zOf(stand), zOf(face)) ** 2 < 1 - 1e-9) return null;
	const { at, toward } = onFace(stand, face, bore);
	const [x, y, z] = at;
	const front = Math.abs(z - part.thickness) < SAME;
	if (!front && Math.abs(z) > SAME) return null;
	const box = boundsOf(part.outline.outer);
	if (x < box.left || x > box.right || y < box.low || y > box.high) return null;
	return { ...bore, at: [x, y], toward: [toward[0], toward[1]], from: front ? 'front' : 'back' };
}

/** In a straight edge of a board; null where it enters none. */
function inEdge(part: Part, stand: Frame, face: Frame, bore: Bore): Bore | null {
	if (Math.abs(dot(zOf(stand), zOf(face))) > 1e-6) return null;
	for (let edge = 0; edge < part.outline.outer.length; edge++) {
		if (part.outline.outer[edge]?.bulge) continue;
		const own = within(stand, edgeFrame(part.outline, edge));
		if (dot(zOf(own), zOf(face)) < 1 - 1e-9) continue;
		const { at, toward } = onFace(own, face, bore);
		const [x, y, z] = at;
		const on = x >= 0 && x <= edgeLength(part.outline, edge) && y >= 0 && y <= part.thickness;
		if (on && Math.abs(z) < SAME) return { ...bore, at: [x, y], toward: [toward[0], toward[1]], from: { edge } };
	}
	return null;
}

/** One of those alike that is bored by itself is a part of its own. @param nth tells it from others so split off */
function bored(part: Part, stand: Frame, bore: Bore, nth: number): Part[] {
	const one: Part = { ...part, features: [...part.features, bore], stands: [stand] };
	const rest = part.stands.filter((s) => s !== stand);
	return rest.length === 0
		? [one]
		: [
				{ ...part, stands: rest },
				{ ...one, id: `${part.id}-${nth}` }
			];
}

/**
 * Parts of a carrier with what another one that stands on one of its faces makes there: in a board's face, or its edge.
 * @param face where the other one stands, with its own frame
 * @example boredInto(shelf, facing('top', [0, 80, 60]), pegs.host)
 */
export function boredInto(parts: readonly Part[], face: Frame, features: readonly Feature[]): Part[] {
	return features.reduce<Part[]>(
		(all, f) => {
			if (f.kind !== 'bore') return all;
			for (const part of all)
				for (const stand of part.stands) {
					const bore = inFace(part, stand, face, f) ?? inEdge(part, stand, face, f);
					if (bore) return all.flatMap((p) => (p === part ? bored(p, stand, bore, all.length) : [p]));
				}
			return all;
		},
		[...parts]
	);
}
