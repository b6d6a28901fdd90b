import { carrierKind } from '../carriers/registry';
import type { Found } from '../carriers/carrier';
import { screwDiameter, type ScrewSize } from '../materials/screws';
import type { Held, Hole, HookScrew } from '../mounts/held';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { BuiltCarrierAt } from './built';

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

function ofCarriers(carriers: readonly BuiltCarrierAt[], rear: Millimetres): InBack[] {
	return carriers
		.filter((c) => c.onBack)
		.flatMap((c) =>
			c.joints.flatMap((j) =>
				j.places
					.filter(([, , z]) => Math.abs(z - rear) < 0.01)
					.map(([x, y]) => ({
						owner: c.id,
						name: `a screw of the ${carrierKind(c.kind).title.toLowerCase()}`,
						x,
						y,
						diameter: screwDiameter(j.size)
					}))
			)
		);
}

/** Those that hold the back: of its hook, or into the wall. */
function ofMount(held: Held, hookScrews: readonly HookScrew[]): InBack[] {
	const made = (name: string, size: ScrewSize, at: readonly { x: Millimetres; y: Millimetres }[]) =>
		at.map(({ x, y }) => ({ owner: '', name, x, y, diameter: screwDiameter(size) }));
	return held.kind === 'row'
		? made('a screw of the hook', held.strips.hook.screws.size, hookScrews)
		: made('a screw into the wall', held.screws.size, held.places);
}

/**
 * Screws of carriers go through the whole back: they may not meet those of another carrier, of the hook, into the wall,
 * nor a hole that another carrier has bored.
 * @param holes of which carrier, in the back
 * @returns one fault for each two owners
 * @example screwsMeet(built.carriers, held, built.hookScrews, [], 18).length // 0
 */
export function screwsMeet(
	carriers: readonly BuiltCarrierAt[],
	held: Held,
	hookScrews: readonly HookScrew[],
	holes: readonly (Hole & { carrier: string; kind: string })[],
	rear: Millimetres
): Found[] {
	const own = ofCarriers(carriers, rear);
	const bored = holes.map((h): InBack => ({
		owner: h.carrier,
		name: `a hole of the ${carrierKind(h.kind).title.toLowerCase()}`,
		x: h.x,
		y: h.y,
		diameter: h.diameter
	}));
	const others = [...ofMount(held, hookScrews), ...bored];
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
