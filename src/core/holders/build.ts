import type { Found } from '../carriers/carrier';
import { stock } from '../materials/stocks';
import type { Back, Carrier } from '../plan/types';
import { facing } from '../solid/frame';
import { weigh } from '../solid/weigh';
import type { Millimetres } from '../units/quantity';
import type { Held, Hole } from '../mounts/held';
import { behind } from '../mounts/registry';
import { assembled, carriersAt, lostWarnings, makeAll, movedFeature } from './assemble';
import { betweenBattens, boardsOf, boardWarnings, uprightsOf } from './board';
import { standsOnBack, type Built, type BuiltCarrierAt } from './built';
import { placeWarnings } from './place-warnings';
import { screwsIntoBack, screwsMeet } from './screws-meet';

/** Screws of carriers that go into the back, along it. */
const screwsAlong = (carriers: readonly BuiltCarrierAt[], front: Millimetres): Millimetres[] =>
	carriers.filter(standsOnBack).flatMap((c) => screwsIntoBack(c, front).map(([x]) => x));

/**
 * Makes a holder of its figures: parts where they stand, seats with what is on them, members with what they carry, its
 * own mass and centre, the room it takes, and what is wrong with it. The top of the hook is flush with the top of the
 * back; strips run along all of it.
 * @param held how: by a row's cleat, or by screws
 * @returns all of it in one frame; never throws on figures that the document's fields take
 * @example buildHolder(holder.back, holder.carriers, { kind: 'fixed', screws, places }).self.mass
 */
export function buildHolder(back: Back, carriers: readonly Carrier[], held: Held): Built {
	const board = stock(back.stock);
	const mount = behind(back, held);
	const { rear } = mount;
	const front = rear + board.thickness;
	const ground = {
		face: 'front' as const,
		width: back.width,
		height: back.height,
		stock: back.stock,
		uprights: uprightsOf(back),
		frame: facing('front', [0, 0, front]),
		carriedBy: []
	};
	const { made: all, lost } = makeAll(ground, carriers);
	const made = all.map((m) => ({ ...m, own: weigh(m.parts) }));
	const onBack = made.filter((m) => m.root === m.carrier.id);
	const features = onBack.flatMap((m) => m.built.host.map((f) => movedFeature(f, m.host.at)));
	const own = made.flatMap((m) => m.parts.map((p) => ({ ...p, id: `${m.carrier.id}-${p.id}`, carrier: m.carrier.id })));
	const parts = [...boardsOf(back, [...features, ...mount.features], rear), ...mount.parts, ...own];
	const bored = onBack.flatMap((m) =>
		m.built.host
			.map((f) => movedFeature(f, m.host.at))
			.flatMap((f): (Hole & { carrier: string; kind: string })[] =>
				f.kind === 'bore'
					? [
							{
								x: f.at[0],
								y: f.at[1],
								diameter: f.diameter,
								// Sunk from behind it is in the way of whatever comes from there, and of what comes from before it.
								depth: f.from === 'front' ? f.depth : board.thickness,
								carrier: m.carrier.id,
								kind: m.carrier.kind
							}
						]
					: []
			)
	);
	const holes: Hole[] = bored.map(({ x, y, diameter, depth }) => ({ x, y, diameter, depth }));
	const at = carriersAt(made);
	const warnings: Found[] = [
		...boardWarnings(back),
		...mount.warnings(holes),
		...lostWarnings(lost),
		...made.flatMap((m) => m.built.warnings),
		...placeWarnings(at, back, rear),
		...screwsMeet(at, mount.inBack, bored, front),
		...betweenBattens(
			back,
			screwsAlong(at, front),
			holes.map((h) => h.x)
		)
	];
	return {
		...assembled(made, at, {
			parts,
			face: { width: back.width, height: back.height, thickness: board.thickness },
			warnings
		}),
		holes,
		hookScrews: mount.hookScrews,
		hook: mount.hook,
		front
	};
}
