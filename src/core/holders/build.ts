import type { BuiltCarrier, CarriedBy, Found, Host, Load, OfferedFace } from '../carriers/carrier';
import { carrierKind } from '../carriers/registry';
import { stock } from '../materials/stocks';
import { nth } from '../nth';
import { hostOf } from '../plan/carrier-problems';
import type { Back, Carrier } from '../plan/types';
import { facing, outOf, turnOut, upright, within, type Frame } from '../solid/frame';
import type { Feature, Part } from '../solid/part';
import { envelope } from '../solid/envelope';
import { shifted } from '../solid/room';
import { add, times, type Vec2, type Vec3 } from '../solid/vector';
import { weigh } from '../solid/weigh';
import { phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Held, Hole } from '../mounts/held';
import { behind } from '../mounts/registry';
import { boredInto } from './bored-into';
import { betweenBattens, boardsOf, boardWarnings, uprightsOf } from './board';
import {
	standsOnBack,
	type Built,
	type BuiltCarrierAt,
	type BuiltMember,
	type BuiltSeat,
	type Reach,
	type Stood
} from './built';
import { placeWarnings } from './place-warnings';
import { screwsIntoBack, screwsMeet } from './screws-meet';

/** A carrier made, and where it stands. */
interface Made {
	carrier: Carrier;
	host: Host;
	/** Its own frame in the holder's. */
	frame: Frame;
	built: BuiltCarrier;
	/** What carries it: members of the holder, by their place in its list. None on the back itself. */
	carriedBy: readonly CarriedBy[];
	/** Place of its first member in the list of the holder. */
	first: number;
	/** The carrier on the back that carries it in the end. */
	root: string;
	/** Its parts in the holder's frame, with what others made in them. */
	parts: Part[];
}

/** Parts of a carrier in the holder's frame. */
const partsOf = (built: BuiltCarrier, frame: Frame): Part[] =>
	built.parts.map((p) => ({
		...p,
		stands: p.stands.map((f) => within(frame, f)),
		...(p.open ? { open: p.open.map((f) => within(frame, f)) } : {})
	}));

/** A feature made in a host's face, moved to where the carrier stands on it. */
function movedFeature(f: Feature, [x, y]: Vec2): Feature {
	if (f.kind === 'pocket') return { ...f, path: f.path.map((v) => ({ ...v, x: v.x + x, y: v.y + y })) };
	return { ...f, at: [f.at[0] + x, f.at[1] + y] };
}

/** The face that a carrier stands on, in the holder's frame. */
interface Ground extends Omit<Host, 'at'> {
	frame: Frame;
	carriedBy: readonly CarriedBy[];
}

function groundOf(offered: OfferedFace, on: Made): Ground {
	return {
		face: offered.face,
		width: offered.width,
		height: offered.height,
		stock: offered.stock,
		frame: within(on.frame, facing(offered.face, offered.at)),
		carriedBy: [
			...offered.carriedBy.map((c) => ({ ...c, member: c.member + on.first })),
			// What carries the carrier carries what stands on it.
			...on.carriedBy
		]
	};
}

/** Makes the carriers one after another: each stands on the back, or on a face of one before it. */
function makeAll(back: Back, carriers: readonly Carrier[], front: Millimetres) {
	const ground: Ground = {
		face: 'front',
		width: back.width,
		height: back.height,
		stock: back.stock,
		uprights: uprightsOf(back),
		frame: facing('front', [0, 0, front]),
		carriedBy: []
	};
	const made = new Map<string, Made>();
	const lost: Carrier[] = [];
	let first = 0;
	for (const carrier of carriers) {
		const hostId = hostOf(carrier.at);
		const on = hostId === null ? null : made.get(hostId);
		const name = carrier.at.on.split(':')[1];
		const offered = on?.built.faces.find((f) => f.name === name);
		const kind = carrierKind(carrier.kind);
		const takes = offered && !kind.through && kind.on.includes(offered.face);
		if (hostId !== null && (!on || !takes)) {
			lost.push(carrier);
			continue;
		}
		const here = on && offered ? groundOf(offered, on) : ground;
		const host: Host = { ...here, at: [carrier.at.x, carrier.at.y] };
		const frame = within(here.frame, upright([carrier.at.x, carrier.at.y, 0]));
		const built = kind.build(carrier.params, { host, loads: carrier.loads });
		if (on) on.parts = boredInto(on.parts, frame, built.host);
		const [root, parts] = [on?.root ?? carrier.id, partsOf(built, frame)];
		made.set(carrier.id, { carrier, host, frame, built, carriedBy: here.carriedBy, first, root, parts });
		first += built.members.length;
	}
	return { made: [...made.values()], lost };
}

/** Where the things of one seat stand, one behind another: at its far end, unless something keeps them back. */
function stood(seat: BuiltCarrier['seats'][number], frame: Frame, load: Load, n: number): Stood[] {
	const stack = n * load.depth;
	const last = seat.kept ? stack : Math.max(stack, seat.length);
	const at = outOf(frame, seat.at);
	const axis = turnOut(frame, seat.axis);
	return Array.from({ length: n }, (_, i) => ({
		mass: load.mass ?? 0,
		at: add(at, times(axis, last - (n - i - 0.5) * load.depth))
	}));
}

function seatsOf({ carrier, built, frame, first, carriedBy }: Made): BuiltSeat[] {
	const left = carrier.loads.map((l) => l.count);
	return built.seats.map((seat): BuiltSeat => {
		const load = seat.leans ?? carrier.loads[seat.group];
		const n = seat.leans ? 1 : Math.min(left[seat.group] ?? 0, seat.takes);
		if (!seat.leans) left[seat.group] = (left[seat.group] ?? 0) - n;
		return {
			...seat,
			carrier: carrier.id,
			at: outOf(frame, seat.at),
			axis: turnOut(frame, seat.axis),
			things: load && load.mass !== 0 ? stood(seat, frame, load, n) : [],
			load,
			carriedBy: [...seat.carriedBy.map((c) => ({ ...c, member: c.member + first })), ...carriedBy]
		};
	});
}

/** Members of all carriers, each with the parts whose weight counts on it. */
function membersOf(all: readonly (Made & { own: BuiltCarrierAt['own'] })[]): BuiltMember[] {
	const members = all.flatMap(({ carrier, built, frame }) =>
		built.members.map((m) => ({
			...m,
			carrier: carrier.id,
			instances: m.instances.map((f) => within(frame, f)),
			dead: [] as { instance: number; share: number; mass: number; at: Vec3 }[]
		}))
	);
	for (const { built, first, carriedBy, own } of all) {
		if (own.mass === 0) continue;
		built.members.forEach((m, i) => {
			// On each of those alike: whichever things weigh most on must carry the wood as well.
			if (m.own)
				m.instances.forEach((_, instance) => members[first + i]?.dead.push({ instance, share: Number(m.own), ...own }));
		});
		for (const c of carriedBy) members[c.member]?.dead.push({ instance: c.instance, share: c.share, ...own });
	}
	return members;
}

/** Room of everything, things too, where their mass is known or not. */
function reachOf(parts: readonly Part[], seats: readonly BuiltSeat[]): Reach {
	const box = envelope(parts);
	const reach: Reach = { left: box.x[0], right: box.x[1], low: box.y[0], high: box.y[1], out: box.z[1] };
	for (const seat of seats) {
		const { load, things, at, stance, axis } = seat;
		// What leans there for a while takes no room.
		if (!load || load.count === 0 || seat.leans) continue;
		const size = sizeOn(seat, load);
		reach.left = Math.min(reach.left, at[0] - size.wide / 2);
		reach.right = Math.max(reach.right, at[0] + size.wide / 2);
		const over = above(stance, load);
		reach.low = Math.min(reach.low, at[1] - (load.height - over));
		reach.high = Math.max(reach.high, at[1] + over);
		for (const t of things) reach.out = Math.max(reach.out, t.at[2] + (size.deep / 2) * Math.abs(axis[2]));
	}
	return reach;
}

/** How wide a thing is along the back on its seat, and how deep out from it. */
export const sizeOn = (
	seat: Pick<BuiltSeat, 'turned'>,
	load: Pick<Load, 'width' | 'depth'>
): { wide: Millimetres; deep: Millimetres } =>
	seat.turned ? { wide: load.depth, deep: load.width } : { wide: load.width, deep: load.depth };

/** How much of a thing is over its seat. */
export function above(stance: BuiltSeat['stance'], load: Pick<Load, 'height'>): Millimetres {
	if (stance === 'hangs') return 0;
	return stance === 'stands' ? load.height : Math.min(stance.above, load.height);
}

/** The room along and up the back that a carrier takes. */
function takenOn(m: Made): BuiltCarrierAt['taken'] {
	const { taken } = m.built;
	const corners = [outOf(m.frame, [taken.left, taken.low, 0]), outOf(m.frame, [taken.right, taken.high, 0])];
	const [a, b] = [nth(corners, 0), nth(corners, 1)];
	return {
		left: Math.min(a[0], b[0]),
		right: Math.max(a[0], b[0]),
		low: Math.min(a[1], b[1]),
		high: Math.max(a[1], b[1])
	};
}

/** Screws of carriers that go into the back, along it. */
const screwsAlong = (carriers: readonly BuiltCarrierAt[], front: Millimetres): Millimetres[] =>
	carriers.filter(standsOnBack).flatMap((c) => screwsIntoBack(c, front).map(([x]) => x));

const RANK: Record<Found['level'], number> = { stop: 0, mind: 1 };

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
	const { made: all, lost } = makeAll(back, carriers, front);
	const made = all.map((m) => ({ ...m, own: weigh(m.parts) }));
	const onBack = made.filter((m) => m.root === m.carrier.id);
	const features = onBack.flatMap((m) => m.built.host.map((f) => movedFeature(f, m.host.at)));
	const own = made.flatMap((m) => m.parts.map((p) => ({ ...p, id: `${m.carrier.id}-${p.id}`, carrier: m.carrier.id })));
	const parts = [...boardsOf(back, [...features, ...mount.features], rear), ...mount.parts, ...own];
	const seats = made.flatMap(seatsOf);
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
								depth: f.depth,
								carrier: m.carrier.id,
								kind: m.carrier.kind
							}
						]
					: []
			)
	);
	const holes: Hole[] = bored.map(({ x, y, diameter, depth }) => ({ x, y, diameter, depth }));
	const at = made.map((m): BuiltCarrierAt => ({
		id: m.carrier.id,
		kind: m.carrier.kind,
		frame: m.frame,
		root: m.root,
		own: m.own,
		taken: takenOn(m),
		retention: m.built.retention,
		joints: m.built.joints.map((j) => ({ ...j, places: j.places.map((p) => outOf(m.frame, p)) })),
		warnings: m.built.warnings
	}));
	const reach = reachOf(parts, seats);
	const warnings: Found[] = [
		...boardWarnings(back),
		...mount.warnings(holes),
		...lost.map((c): Found => ({
			level: 'stop',
			field: `carriers.${c.id}`,
			message: phrase(`${carrierKind(c.kind).title}: it cannot stand there, or what it stood on is gone`)
		})),
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
		parts,
		carriers: at,
		holes,
		hookScrews: mount.hookScrews,
		cords: made.flatMap((m) => (m.built.cords ?? []).map((c) => ({ ...c, at: outOf(m.frame, c.at) }))),
		sweeps: onBack.flatMap((m) =>
			(m.built.sweeps ?? []).map((s) => ({
				...s,
				carrier: m.carrier.id,
				solids: s.solids.map((solid) => shifted(solid, m.frame.at))
			}))
		),
		seats,
		members: membersOf(made),
		hook: mount.hook,
		self: weigh(parts),
		face: { width: back.width, height: back.height, thickness: board.thickness },
		front,
		reach,
		projection: reach.out,
		hangsBelow: Math.max(0, -reach.low),
		beyondEnds: Math.max(0, -reach.left, reach.right - back.width),
		seatHeight: seats.length > 0 ? Math.max(...seats.map((s) => s.at[1])) : back.height / 2,
		kept: seats.every((s) => s.kept),
		unknown: [
			...new Set(seats.flatMap((s) => (s.load && s.load.mass === null && s.load.count > 0 ? [s.load.name] : [])))
		],
		warnings: warnings.sort((a, b) => RANK[a.level] - RANK[b.level])
	};
}
