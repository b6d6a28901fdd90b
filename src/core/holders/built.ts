import type { Cord, Found, Load, Member, Retention, ScrewJoint, Seat, Sweep } from '../carriers/carrier';
import type { Hole, HookScrew } from '../mounts/held';
import type { Hold } from '../carriers/hold';
import type { Frame } from '../solid/frame';
import type { Part } from '../solid/part';
import type { Box3 } from '../solid/room';
import type { Vec3 } from '../solid/vector';
import type { Kilograms, Millimetres } from '../units/quantity';

/** One thing on a seat: its mass, and where its middle is. */
export interface Stood {
	mass: Kilograms;
	at: Vec3;
}

/** A seat of a holder in the holder's frame, with what stands on it. */
export interface BuiltSeat extends Omit<Seat, 'carriedBy'> {
	carrier: string;
	things: readonly Stood[];
	load: Load | undefined;
	/** Members of the holder, by their place in its list: those of the carrier, and of whatever carries that. */
	carriedBy: readonly { member: number; instance: number; share: number }[];
}

/** What is on a seat for whoever looks at it; null where nothing is, or what is there only leans on it for a while. */
export const thingOn = (seat: BuiltSeat): Load | null =>
	seat.load && seat.things.length > 0 && !seat.leans ? seat.load : null;

/** A member of a holder, its roots in the holder's frame. */
export interface BuiltMember extends Member {
	carrier: string;
	/** Weights of parts that count on it, beside what stands on its seats. */
	dead: readonly { instance: number; share: number; mass: Kilograms; at: Vec3 }[];
}

/** Room that a holder and its things take, from its left end, its foot, and the surface it is on. */
export interface Reach {
	left: Millimetres;
	right: Millimetres;
	low: Millimetres;
	high: Millimetres;
	out: Millimetres;
}

/** A carrier of a holder, where it stands. */
export interface BuiltCarrierAt {
	id: string;
	kind: string;
	frame: Frame;
	/** The one on the back that carries it in the end: itself, where it stands there. */
	root: string;
	/** Its own wood and where its centre is. */
	own: { mass: Kilograms; at: Vec3 };
	/** Along and up the back. */
	taken: { left: Millimetres; right: Millimetres; low: Millimetres; high: Millimetres };
	retention: readonly Retention[];
	joints: readonly ScrewJoint[];
	/** Middles of its bolts through what it stands on. */
	bolts: readonly Vec3[];
	warnings: readonly Found[];
}

/** Does a carrier stand on the back itself, not on another's face? */
export const standsOnBack = ({ id, root }: Pick<BuiltCarrierAt, 'id' | 'root'>): boolean => root === id;

/**
 * A holder made of its figures, in one frame: x from its left end, y from its foot, z out from the surface that it
 * is mounted on. Everything downstream reads this, and never asks what kind of carrier it came from.
 */
export interface Built {
	/** Each with the carrier it is of; none for the back and its strips. */
	parts: readonly (Part & { carrier?: string })[];
	carriers: readonly BuiltCarrierAt[];
	/** Bores in the back. */
	holes: readonly Hole[];
	hookScrews: readonly HookScrew[];
	/** Cords of what charges on it. */
	cords: readonly Cord[];
	/** Room that is kept free about an outlet, open from below. */
	guards: readonly Box3[];
	/** Room that its doors go through. */
	sweeps: readonly (Sweep & { carrier: string })[];
	seats: readonly BuiltSeat[];
	members: readonly BuiltMember[];
	/** Hook along the back, from its left end; nothing where nothing hooks. */
	hook: { from: Millimetres; to: Millimetres };
	/** Own mass and where its centre is. */
	self: { mass: Kilograms; at: Vec3 };
	face: { width: Millimetres; height: Millimetres; thickness: Millimetres };
	/** Of the front of the back. */
	front: Millimetres;
	reach: Reach;
	/** How far the holder with its things stands out from the surface its cleat is on. */
	projection: Millimetres;
	/** What hangs below: lowest point of a thing under the foot of the back, 0 when none. */
	hangsBelow: Millimetres;
	/** Furthest the things reach beyond the ends of the back. */
	beyondEnds: Millimetres;
	/** Of the highest seat; where a hand pulls. */
	seatHeight: Millimetres;
	/** Of a rack: how it holds. */
	hold?: Hold;
	/** Every seat keeps its things near its root. */
	kept: boolean;
	/** Things whose mass nobody knows. */
	unknown: readonly string[];
	warnings: readonly Found[];
}
