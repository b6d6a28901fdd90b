import type { CleatProfile } from '../cleats/profile';
import type { StockId } from '../materials/stocks';
import type { Phrase } from '../units/phrase';
import type { Degrees, Kilograms, Millimetres } from '../units/quantity';

/** What a holder must know of where it hangs. */
export interface HolderContext {
	/** Its row's cleat: the hook is the same piece turned over. */
	profile: CleatProfile;
	stock: StockId;
	/** Width of the board the row's cleats are ripped from. */
	blank: Millimetres;
}

/** A piece to cut. Cleat pieces come two to a rip; boards are taken in one dimension. */
export type Part = { name: string; length: Millimetres; count: number } & (
	| { kind: 'cleat'; stock: StockId; blank: Millimetres; bevel: Degrees }
	| { kind: 'board'; stock: StockId; width: Millimetres }
	| { kind: 'dowel'; diameter: Millimetres }
);

/** A hole in the face, from its front unless said. x from the face's left end, y from its foot. */
export interface Hole {
	x: Millimetres;
	y: Millimetres;
	diameter: Millimetres;
	depth: Millimetres;
	tilt: Degrees;
	through: boolean;
}

/** One screw between hook and face. x from the face's left end, y from its foot. */
export interface HookScrew {
	x: Millimetres;
	y: Millimetres;
	from: 'back' | 'front';
	/** How far it reaches into the face, from the side it enters; the whole face when driven from the front. */
	inFace: Millimetres;
}

/** A place for things, in a row out from the face. */
export interface HolderSeat {
	/** Middle, from the face's left end. */
	x: Millimetres;
	/** Of what carries it, from the foot. */
	y: Millimetres;
	/** Each thing's mass and how far its middle stands out from the front of the face. */
	things: { mass: Kilograms; out: Millimetres }[];
}

export interface BuiltHolder {
	parts: Part[];
	holes: Hole[];
	hookScrews: HookScrew[];
	seats: HolderSeat[];
	/** Hook along the face, from the face's left end. */
	hook: { from: Millimetres; to: Millimetres };
	/** Own mass and the distance of its centre out from the wall face. */
	self: { mass: Kilograms; out: Millimetres };
	face: { width: Millimetres; height: Millimetres; thickness: Millimetres };
	/** How far the holder with its things stands out from the wall face. */
	projection: Millimetres;
	/** What hangs below: lowest point of a hanging thing under the foot of the face, 0 when none. */
	hangsBelow: Millimetres;
	/** Furthest the things reach beyond the face's ends. */
	beyondEnds: Millimetres;
	/** Each peg's bending and the lip of its hole, for the load checks. */
	rod: { diameter: Millimetres; embedded: Millimetres; perSeat: number };
	warnings: { level: 'stop' | 'mind'; message: Phrase }[];
}
