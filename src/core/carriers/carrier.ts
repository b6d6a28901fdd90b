import type { Fields, ValuesOf } from '../form/field';
import { startsOf } from '../form/start-of';
import type { ScrewSize } from '../materials/screws';
import type { StockId } from '../materials/stocks';
import type { HeldBy, Hold } from './hold';
import type { GrabPoint, MemberData } from '../members/member';
import type { Problem } from '../result';
import type { FaceName, Frame } from '../solid/frame';
import type { Feature, Part } from '../solid/part';
import type { Box3, Solid } from '../solid/room';
import type { Vec2, Vec3 } from '../solid/vector';
import type { GripKind } from '../things/grips/registry';
import type { Thing } from '../things/types';
import type { LengthUnit } from '../units/parse-length';
import type { Phrase } from '../units/phrase';
import type { Kilograms, Millimetres } from '../units/quantity';
import type { Effort } from '../verdict/effort';

/** What a group of seats carries: so many alike. */
export interface Load {
	name: string;
	/** The thing of the shop's stock-take that these are. Absent: something that is not in it. */
	thing?: string;
	/** Of one; null while nobody knows it, and then nothing that leans on it is judged. */
	mass: Kilograms | null;
	/** Of one as it is carried, for the drawing and for clearance. */
	width: Millimetres;
	height: Millimetres;
	/** Room one takes along its seat. */
	depth: Millimetres;
	count: number;
}

/** What stops a thing from leaving its seat one way, or what would. */
export type Keep = { by: string } | { open: string };

/** What keeps the things of a group where they are, in each direction. */
export interface Retention {
	forward: Keep;
	sideways: Keep;
	up: Keep;
	back: Keep;
}

/** How a thing is at its seat: all of it below, all above, or so much of it above. */
export type Stance = 'hangs' | 'stands' | { above: Millimetres };

/** Which part of a member's kind carries a seat or a face, and how much of it. */
export interface CarriedBy {
	/** Place in the carrier's own list of members, and which of those alike. */
	member: number;
	instance: number;
	share: number;
}

/** A place for things. In the carrier's frame: x along, y up, z out from the face that it stands on. */
export interface Seat {
	/** Which of the carrier's loads belongs here. */
	group: number;
	/** Where what carries the things begins: they stand one behind another from here. */
	at: Vec3;
	/** The way they stand one behind another. */
	axis: Vec3;
	/** Room along it. */
	length: Millimetres;
	/** How many go here, one behind another. */
	takes: number;
	/** Something keeps them near where the seat begins; else they are counted at its far end. */
	kept: boolean;
	stance: Stance;
	/** It lies with its end toward whoever stands there. */
	endOn?: true;
	/** No thing, and never lifted here: what leans on it for a while, whoever writes there. */
	leans?: Load;
	/** It is bolted on, and is lifted with all of its holder. */
	fast?: true;
	/** On a rod along the back: what is called its depth lies along the back, and its width stands out from it. */
	turned?: true;
	carriedBy: readonly CarriedBy[];
}

/** A member of a carrier, and the places of all that are alike. */
export interface Member {
	data: MemberData;
	/** Roots, in the carrier's frame. */
	instances: readonly Frame[];
	/** The weight of the carrier's own parts counts on each of those alike too: all of it, or so much. */
	own?: boolean | number;
	/** Where somebody may hang on it. */
	grab?: GrabPoint;
}

/** Screws from one part of a carrier into another, or into what it stands on. */
export interface ScrewJoint {
	name: string;
	size: ScrewSize;
	length: Millimetres;
	/** Each, in the carrier's frame. */
	places: readonly Vec3[];
	glued: boolean;
}

/** A face that other carriers may stand on. */
export interface OfferedFace {
	name: string;
	face: FaceName;
	/** Its lower left corner, in the carrier's frame. */
	at: Vec3;
	width: Millimetres;
	/** Up the face, from front to back where it lies flat. */
	height: Millimetres;
	stock: StockId;
	/** What carries whatever stands there. */
	carriedBy: readonly CarriedBy[];
}

/** A cord that leaves a carrier through the back, and how far it reaches from there. */
export interface Cord {
	/** In the carrier's frame. */
	at: Vec3;
	length: Millimetres;
}

/** Something to put right. `stop` means it cannot be made or used so. */
export interface Found {
	level: 'stop' | 'mind';
	message: Phrase;
	/** The field it is about. */
	field?: string;
}

/** Room that a door, a flap or a lid goes through as it opens. */
export interface Sweep {
	/** 'left door'. */
	name: string;
	solids: readonly Solid[];
}

/** A carrier made of its figures, in its own frame. */
export interface BuiltCarrier {
	parts: readonly Part[];
	/** Made in what it stands on, in the plane of that face. */
	host: readonly Feature[];
	joints: readonly ScrewJoint[];
	/** Middles of bolts through what it stands on, in its own frame: what it pulls with, it pulls with there. */
	bolts?: readonly Vec3[];
	seats: readonly Seat[];
	members: readonly Member[];
	faces: readonly OfferedFace[];
	/** Cords of what charges here. */
	cords?: readonly Cord[];
	/** Room that it keeps free about an outlet, open from below, in its own frame: of those on the back alone. */
	guards?: readonly Box3[];
	/** Of a rack: how it holds to what it stands on. */
	hold?: Hold;
	/** What opens, in the carrier's frame: of those that stand on the back alone. */
	sweeps?: readonly Sweep[];
	/** One for each load. */
	retention: readonly Retention[];
	/** Along and up the face that it stands on: what others may not stand on. */
	taken: { left: Millimetres; right: Millimetres; low: Millimetres; high: Millimetres };
	warnings: readonly Found[];
}

/** What a carrier stands on: the back, or a face that another one offers. */
export interface Host {
	face: FaceName;
	width: Millimetres;
	height: Millimetres;
	stock: StockId;
	/** Middles of its battens along it; absent where it is closed. */
	uprights?: readonly Millimetres[] | undefined;
	/** Where the carrier's own frame is on it. */
	at: Vec2;
}

export interface CarrierContext {
	host: Host;
	loads: readonly Load[];
	/** Of what hangs from above: the underside of the joists over its foot; null where nobody has surveyed them. */
	over?: Millimetres | null;
}

/** What somebody wants carried: things of the stock-take alike in grip, how many, and the room there is. */
export interface Wanted {
	thing: Thing;
	count: number;
	/** Widest that it may be. */
	widest: Millimetres;
	unit: LengthUnit;
}

/** A carrier made for a thing. */
export interface Fitted<P = Record<string, unknown>> {
	params: P;
	/** How the figures come about. */
	sums: readonly { label: string; sum: Phrase; value: Millimetres }[];
	/** Above the foot of a back so high. */
	back: { width: Millimetres; height: Millimetres };
	/** From the left end of that; absent: at it. */
	x?: Millimetres;
	y: Millimetres;
	load: Load;
	/** Seats, spare ones too. */
	seats: number;
	/** Of several meant for its grip a practitioner would take this one, for a thing of its measures. */
	apt?: boolean;
}

/** A change of figures that might make it hold. */
export interface CarrierChange<P> {
	text: Phrase;
	params: P;
	loads?: readonly Load[];
	effort: Effort;
}

/** A kind made of other stuff. */
export interface Other<P> {
	title: string;
	params: P;
	pieces: number;
	length: Millimetres;
	sold: Millimetres;
	/** It is what there is. */
	now: boolean;
}

/** A kind of carrier, declared once. */
export interface CarrierKind<P = Record<string, unknown>> {
	kind: string;
	title: string;
	about: string;
	fields: Fields;
	/** Grips that a practitioner would give to it first. */
	grips: readonly GripKind[];
	/** Faces it may stand on. */
	on: readonly FaceName[];
	/** It is a rack: it stands on the wall itself, in one of these ways, and on no back. */
	held?: readonly HeldBy[];
	/** Of a rack: the place that people measure to, from its left end and its foot. Absent: those. */
	mark?(params: P): { name: string; at: Vec2 };
	/** Of a rack: it hangs from the joists too, and is built for how high they are. */
	fromAbove?: true;
	/**
	 * Of a rack: with its fasteners on what is behind it, by places along the wall from its mark, ascending from
	 * 0. Of what hangs from above from its left end, on the joists over it too.
	 */
	onStuds?(params: P, studs: readonly Millimetres[], joists: readonly Millimetres[]): P;
	/** Its screws come through the board from behind: it stands on the back alone. */
	through?: true;
	/**
	 * What it carries stays on upside down, so its holder may hang by either end: how wide it is. It looks the same
	 * turned half round about the middle of that, at the height of its frame. Absent: all would fall out.
	 */
	turns?(params: P): Millimetres;
	/** What each of its loads is for, in words; as many as it has groups of seats. */
	groups(params: P): readonly string[];
	/** Seats and parts in all: a bound on the work that a plan may ask for. */
	effort(params: P): number;
	/** What the fields cannot say: one against another. Paths within the figures. */
	cross?(params: P): Problem[];
	/** Never throws on figures that the fields take. */
	build(params: P, context: CarrierContext): BuiltCarrier;
	start(unit: LengthUnit): P;
	/** In a line: six pegs. */
	describe(params: P): Phrase;
	/** Made for a thing; or why it cannot carry it. */
	fit?(wanted: Wanted): { ok: true; value: Fitted<P> } | { ok: false; error: string };
	/** What of a thing no longer goes with its figures, and by how much; nothing where it fits, or is not known. */
	suits?(params: P, thing: Thing): Phrase[];
	/** So many seats for it; the rest of its figures stay. */
	withSeats?(params: P, seats: number): P;
	/** As in a mirror, on a back so wide; absent where it looks the same there. */
	mirrored?(params: P, loads: readonly Load[], width: Millimetres): { params: P; loads: readonly Load[] };
	/** The same of other stuff as it is sold, to compare: how long a piece is, how many, and how long it is sold. */
	others?(params: P): Other<P>[];
	changes?(params: P, loads: readonly Load[]): CarrierChange<P>[];
	/** Places to watch under a proof load. */
	watch: readonly string[];
	/** Sums that lead to its figures, for those who mark out. */
	sums?(params: P): readonly Phrase[];
}

/**
 * Ties a kind to its fields: its figures are what they say, and start as they start.
 * @example defineCarrier({ kind: 'ledge', fields, build(params, context) { ... } })
 */
export function defineCarrier<F extends Fields>(
	kind: Omit<CarrierKind<ValuesOf<F>>, 'fields' | 'start'> & { fields: F }
): CarrierKind {
	const whole: CarrierKind<ValuesOf<F>> = { ...kind, start: (unit) => startsOf(kind.fields, unit) };
	// Everything is called with figures that its own fields have taken.
	return whole as unknown as CarrierKind;
}
