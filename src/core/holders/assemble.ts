import type { BuiltCarrier, CarriedBy, Found, Host, Load, OfferedFace } from '../carriers/carrier';
import { carrierKind } from '../kinds/registry';
import { nth } from '../nth';
import { hostOf } from '../plan/carrier-problems';
import type { Carrier } from '../plan/types';
import { facing, outOf, turnOut, upright, within, type Frame } from '../solid/frame';
import type { Feature, Part } from '../solid/part';
import { envelope } from '../solid/envelope';
import { shifted, type Box3 } from '../solid/room';
import { add, times, type Vec2, type Vec3 } from '../solid/vector';
import { weigh } from '../solid/weigh';
import { phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { boredInto } from './bored-into';
import type { Built, BuiltCarrierAt, BuiltMember, BuiltSeat, Reach, Stood } from './built';

/** A carrier made, and where it stands. */
export interface Made {
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
export function movedFeature(f: Feature, [x, y]: Vec2): Feature {
	if (f.kind === 'pocket') return { ...f, path: f.path.map((v) => ({ ...v, x: v.x + x, y: v.y + y })) };
	return { ...f, at: [f.at[0] + x, f.at[1] + y] };
}

/** What a carrier stands on, the back, the wall or a face of another, in the holder's frame. */
export interface Ground extends Omit<Host, 'at'> {
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

/** Makes the carriers one after another: each stands on the ground, or on a face of one before it. */
export function makeAll(ground: Ground, carriers: readonly Carrier[], over?: Millimetres | null) {
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
		const built = kind.build(carrier.params, {
			host,
			loads: carrier.loads,
			...(over === undefined ? {} : { over })
		});
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

/** Room of no part. */
const NOTHING: Box3 = { x: [0, 0], y: [0, 0], z: [0, 0] };

/** Room of everything, things too, where their mass is known or not. */
function reachOf(parts: readonly Part[], seats: readonly BuiltSeat[]): Reach {
	// What stands on what is there has no part of its own.
	const box = parts.length > 0 ? envelope(parts) : NOTHING;
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

const RANK: Record<Found['level'], number> = { stop: 0, mind: 1 };

/** A box moved as a whole. */
const movedBox = ({ x, y, z }: Box3, by: Vec3): Box3 => ({
	x: [x[0] + by[0], x[1] + by[0]],
	y: [y[0] + by[1], y[1] + by[1]],
	z: [z[0] + by[2], z[1] + by[2]]
});

/** Carriers that stand on nothing any more. */
export const lostWarnings = (lost: readonly Carrier[]): Found[] =>
	lost.map((c) => ({
		level: 'stop',
		field: `carriers.${c.id}`,
		message: phrase(`${carrierKind(c.kind).title}: it cannot stand there, or what it stood on is gone`)
	}));

/** Where every carrier stands. */
export const carriersAt = (made: readonly (Made & { own: BuiltCarrierAt['own'] })[]): BuiltCarrierAt[] =>
	made.map((m) => ({
		id: m.carrier.id,
		kind: m.carrier.kind,
		frame: m.frame,
		root: m.root,
		own: m.own,
		taken: takenOn(m),
		retention: m.built.retention,
		joints: m.built.joints.map((j) => ({ ...j, places: j.places.map((p) => outOf(m.frame, p)) })),
		bolts: (m.built.bolts ?? []).map((p) => outOf(m.frame, p)),
		warnings: m.built.warnings
	}));

/** What is there whatever it hangs by. */
interface Frameless {
	/** Of the back and its mount, then those of the carriers. */
	parts: Built['parts'];
	/** How far the body goes that its things are told to hang out of. */
	face: Built['face'];
	/** Of all of it. */
	warnings: readonly Found[];
}

/** Built of carriers that were made, but for what a back and its mount add. */
export function assembled(
	made: readonly (Made & { own: BuiltCarrierAt['own'] })[],
	at: readonly BuiltCarrierAt[],
	{ parts, face, warnings }: Frameless
): Omit<Built, 'holes' | 'hookScrews' | 'hook' | 'front'> {
	const seats = made.flatMap(seatsOf);
	const reach = reachOf(parts, seats);
	const onBack = made.filter((m) => m.root === m.carrier.id);
	return {
		parts,
		carriers: at,
		cords: made.flatMap((m) => (m.built.cords ?? []).map((c) => ({ ...c, at: outOf(m.frame, c.at) }))),
		guards: onBack.flatMap((m) => (m.built.guards ?? []).map((b) => movedBox(b, m.frame.at))),
		sweeps: onBack.flatMap((m) =>
			(m.built.sweeps ?? []).map((s) => ({
				...s,
				carrier: m.carrier.id,
				solids: s.solids.map((solid) => shifted(solid, m.frame.at))
			}))
		),
		seats,
		members: membersOf(made),
		self: weigh(parts),
		face,
		reach,
		projection: reach.out,
		hangsBelow: Math.max(0, -reach.low),
		beyondEnds: Math.max(0, -reach.left, reach.right - face.width),
		seatHeight: seats.length > 0 ? Math.max(...seats.map((s) => s.at[1])) : face.height / 2,
		kept: seats.every((s) => s.kept),
		unknown: [
			...new Set(seats.flatMap((s) => (s.load && s.load.mass === null && s.load.count > 0 ? [s.load.name] : [])))
		],
		warnings: [...warnings].sort((a, b) => RANK[a.level] - RANK[b.level])
	};
}
