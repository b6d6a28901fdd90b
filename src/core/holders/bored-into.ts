import { into, outOf, turnInto, turnOut, zOf, type Frame } from '../solid/frame';
import { boundsOf } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { dot, type Vec3 } from '../solid/vector';

type Bore = Extract<Feature, { kind: 'bore' }>;

const SAME = 0.01;

/** A bore in a face, as the board sees it whose face that is; null where it is in none, or enters its edge. */
function asSeenBy(part: Part, stand: Frame, face: Frame, bore: Bore): Bore | null {
	if (dot(zOf(stand), zOf(face)) ** 2 < 1 - 1e-9) return null;
	const [x, y, z] = into(stand, outOf(face, [bore.at[0], bore.at[1], 0]));
	const front = Math.abs(z - part.thickness) < SAME;
	if (!front && Math.abs(z) > SAME) return null;
	const box = boundsOf(part.outline.outer);
	if (x < box.left || x > box.right || y < box.low || y > box.high) return null;
	const leans: Vec3 = [bore.toward[0], bore.toward[1], 0];
	const [tx, ty] = turnInto(stand, turnOut(face, leans));
	return { ...bore, at: [x, y], toward: [tx, ty], from: front ? 'front' : 'back' };
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
 * Parts of a carrier with what another one that stands on one of its faces makes in that face. What enters an edge is
 * left out: an edge has no features.
 * @param face where the other one stands, with its own frame
 * @example boredInto(shelf, facing('top', [0, 80, 60]), pegs.host)
 */
export function boredInto(parts: readonly Part[], face: Frame, features: readonly Feature[]): Part[] {
	return features.reduce<Part[]>(
		(all, f) => {
			if (f.kind !== 'bore') return all;
			for (const part of all)
				for (const stand of part.stands) {
					const bore = asSeenBy(part, stand, face, f);
					if (bore) return all.flatMap((p) => (p === part ? bored(p, stand, bore, all.length) : [p]));
				}
			return all;
		},
		[...parts]
	);
}
