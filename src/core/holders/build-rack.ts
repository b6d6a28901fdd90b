import type { Carrier } from '../plan/types';
import { facing } from '../solid/frame';
import { weigh } from '../solid/weigh';
import type { Millimetres } from '../units/quantity';
import { assembled, carriersAt, lostWarnings, makeAll } from './assemble';
import type { Built } from './built';

/** A rack asks nothing of what it stands on while it is made: what is there is looked up where it stands. */
const WALL = { face: 'front', width: 0, height: 0, stock: 'ply-18', carriedBy: [] } as const;

/**
 * Makes a rack of its figures, in the frame of what it stands on: x from its left end, y from its foot, z out from the
 * surface.
 * @param carriers the rack itself, and what stands on it
 * @param z how far out from the surface its own frame begins
 * @param over the underside of the joists above its foot; null where nobody has surveyed them
 * @example buildRack(holder.carriers, 0).hold?.kind
 */
export function buildRack(carriers: readonly Carrier[], z: Millimetres, over: Millimetres | null = null): Built {
	const placed = carriers.map((c, i) => (i === 0 ? { ...c, at: { ...c.at, x: 0, y: 0 } } : c));
	const { made: all, lost } = makeAll({ ...WALL, frame: facing('front', [0, 0, z]) }, placed, over);
	const made = all.map((m) => ({ ...m, own: weigh(m.parts) }));
	const [rack] = made;
	const at = carriersAt(made);
	const taken = rack?.built.taken ?? { right: 0, high: 0 };
	const hold = rack?.built.hold;
	return {
		...assembled(made, at, {
			parts: made.flatMap((m) => m.parts.map((p) => ({ ...p, id: `${m.carrier.id}-${p.id}`, carrier: m.carrier.id }))),
			face: { width: taken.right, height: taken.high, thickness: 0 },
			warnings: [...lostWarnings(lost), ...made.flatMap((m) => m.built.warnings)]
		}),
		holes: [],
		hookScrews: [],
		hook: { from: 0, to: 0 },
		front: z,
		...(hold ? { hold } : {})
	};
}
