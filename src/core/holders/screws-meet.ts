import { carrierKind } from '../kinds/registry';
import type { Found } from '../carriers/carrier';
import { screwDiameter } from '../materials/screws';
import type { Behind, Hole } from '../mounts/held';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { standsOnBack, type BuiltCarrierAt } from './built';

/** Nearer than this they are counted as meeting. */
const CLEAR: Millimetres = 2;

/** Something that goes into the back at one place: a screw, or a hole. */
interface InBack {
	/** Whose it is: two of one owner are its own affair. */
	owner: string;
	name: string;
	x: Millimetres;
	y: Millimetres;
	diameter: Millimetres;
}

/**
 * Screws of a carrier that go through the back or into its front: those between its own boards stand before it.
 * @param front of the back, out from the surface
 */
export const screwsIntoBack = ({ joints }: Pick<BuiltCarrierAt, 'joints'>, front: Millimetres) =>
	joints.flatMap((j) => j.places.filter(([, , z]) => z <= front + 0.01).map((p) => [...p, j.size] as const));

const ofCarriers = (carriers: readonly BuiltCarrierAt[], front: Millimetres): InBack[] =>
	carriers.filter(standsOnBack).flatMap((c) =>
		screwsIntoBack(c, front).map(([x, y, , size]) => ({
			owner: c.id,
			name: `a screw of the ${carrierKind(c.kind).title.toLowerCase()}`,
			x,
			y,
			diameter: screwDiameter(size)
		}))
	);

/**
 * Screws of carriers go through the back, or into its front: they may not meet those of another carrier, of the hook,
 * into the wall, nor a hole that another carrier has bored.
 * @param holes of which carrier, in the back
 * @param front of the back, out from the surface
 * @returns one fault for each two owners
 * @example screwsMeet(built.carriers, mount.inBack, [], 18).length // 0
 */
export function screwsMeet(
	carriers: readonly BuiltCarrierAt[],
	{ name, size, places }: Behind['inBack'],
	holes: readonly (Hole & { carrier: string; kind: string })[],
	front: Millimetres
): Found[] {
	const own = ofCarriers(carriers, front);
	const bored = holes.map((h): InBack => ({
		owner: h.carrier,
		name: `a hole of the ${carrierKind(h.kind).title.toLowerCase()}`,
		x: h.x,
		y: h.y,
		diameter: h.diameter
	}));
	const holding = places.map(({ x, y }) => ({ owner: '', name, x, y, diameter: screwDiameter(size) }));
	const others = [...holding, ...bored];
	const told = new Set<string>();
	const found: Found[] = [];
	own.forEach((a, i) => {
		for (const b of [...own.slice(0, i), ...others]) {
			if (a.owner === b.owner || told.has(`${a.owner} ${b.name} ${b.owner}`)) continue;
			if (Math.hypot(a.x - b.x, a.y - b.y) >= (a.diameter + b.diameter) / 2 + CLEAR) continue;
			told.add(`${a.owner} ${b.name} ${b.owner}`);
			found.push({
				level: 'stop',
				field: `carriers.${a.owner}`,
				message: phrase(`At {x@tape} from the left, {y@tape} up, ${a.name} meets ${b.name}`, { x: mm(a.x), y: mm(a.y) })
			});
		}
	});
	return found;
}
