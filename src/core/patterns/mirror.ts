import { carrierKind } from '../kinds/registry';
import { hostOf } from '../plan/carrier-problems';
import { isFixed } from '../plan/held';
import type { Back, Carrier, Backed } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import type { FaceName } from '../solid/frame';

const OTHER: Record<string, string> = { left: 'right', right: 'left' };

/** Where a place on a face is seen in a mirror. */
const otherSide = (on: string): string => {
	const [id, face] = on.split(':');
	return face === undefined ? on : `${id}:${OTHER[face] ?? face}`;
};

/** How wide the face is that a carrier stands on, and which way it looks. */
function hostFace(c: Carrier, carriers: readonly Carrier[], back: Back): { width: Millimetres; face: FaceName } {
	const id = hostOf(c.at);
	const host = carriers.find((o) => o.id === id);
	if (!host) return { width: back.width, face: 'front' };
	const below = hostFace(host, carriers, back);
	const offered = built(host, below.width, below.face).faces.find((f) => f.name === c.at.on.split(':')[1]);
	return offered ? { width: offered.width, face: offered.face } : { width: back.width, face: 'front' };
}

const built = (c: Pick<Carrier, 'kind' | 'params' | 'loads' | 'at'>, width: Millimetres, face: FaceName) =>
	carrierKind(c.kind).build(c.params, {
		host: { face, width, height: 1300, stock: 'ply-18', at: [c.at.x, c.at.y] },
		loads: c.loads
	});

function mirroredCarrier(c: Carrier, carriers: readonly Carrier[], back: Back): Carrier {
	const { width, face } = hostFace(c, carriers, back);
	const was = built(c, width, face).taken;
	const turned = carrierKind(c.kind).mirrored?.(c.params, c.loads, width) ?? { params: c.params, loads: c.loads };
	const now = { ...c, params: turned.params, loads: [...turned.loads] };
	const { left } = built(now, width, face).taken;
	return { ...now, at: { on: otherSide(c.at.on), x: width - (c.at.x + was.right) - left, y: c.at.y } };
}

/**
 * A holder as in a mirror: left is right. It stays where it hangs.
 * @example mirrorHolder(mirrorHolder(holder)) // as it was
 */
export function mirrorHolder(holder: Backed): Backed {
	const { back, carriers } = holder;
	const { made, width } = back;
	const mirrored: Back =
		made.kind === 'battens' ? { ...back, made: { ...made, at: made.at.map((x) => width - x).reverse() } } : back;
	const turned = { ...holder, back: mirrored, carriers: carriers.map((c) => mirroredCarrier(c, carriers, back)) };
	if (!isFixed(holder)) return turned;
	const { mount } = holder;
	return { ...turned, mount: { ...mount, places: mount.places.map((p) => ({ ...p, x: width - p.x })) } };
}
