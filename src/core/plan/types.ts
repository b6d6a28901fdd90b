import type { Bevel } from '../cleats/profile';
import type { ScrewSize } from '../materials/screws';
import type { StockId } from '../materials/stocks';
import type { Degrees, Kilograms, Millimetres } from '../units/quantity';
import type { Wall } from './wall';

export type * from './wall';

/** The document everything is derived from. Lengths in mm, x from the wall's left end, y up from the floor. */
export interface Plan {
	format: 'kammer-plan';
	version: 1;
	name: string;
	wall: Wall;
	rows: Row[];
	holders: Holder[];
	cutting: Cutting;
	/** Of whoever reaches for things here. Absent: not said, and no reach is worked out. */
	stature?: Millimetres;
}

/** What of a plan a row by itself is held against. */
export type OnWall = Pick<Plan, 'wall' | 'cutting'>;

export interface ScrewChoice {
	size: ScrewSize;
	length: Millimetres;
}

/** All cleats at one height. */
export interface Row {
	id: string;
	name: string;
	/** Lower edge of the cleat above the floor. */
	y: Millimetres;
	left: Millimetres;
	right: Millimetres;
	stock: StockId;
	bevel: Bevel;
	/** Width of the board before it is ripped in two. */
	blank: Millimetres;
	screws: ScrewChoice & { perStud: 1 | 2 };
	/** Where one cleat ends and the next begins. */
	joints: Millimetres[];
	/**
	 * An offcut glued and screwed to the cleat's lower edge at every stud, against the wall, so that it rolls about the
	 * block's foot.
	 */
	twistBlock?: { height: Millimetres; width: Millimetres } | null;
	/** The row is screwed from behind to a sheet, and the sheet to the studs with the row's screws. */
	backer?: Backer | null;
}

/** A strip of backer sheet that serves one row. */
export interface Backer {
	stock: StockId;
	/** Of the strip. */
	height: Millimetres;
	/** Of the strip under the cleat's lower edge. */
	below: Millimetres;
	/** Through the sheet from behind into the cleat, one line at mid height. */
	behind: ScrewChoice & { pitch: Millimetres };
	/** Through the sheet into each stud, spread over its height. */
	perStud: number;
}

export type Spacing =
	| { kind: 'equal-gaps'; count: number }
	| { kind: 'pitch'; count: number; inset: Millimetres; pitch: Millimetres }
	| { kind: 'end-margins'; count: number; margin: Millimetres };

/** What hangs on a seat: `perSeat` alike, one behind the other along the peg. */
export interface PegLoad {
	name: string;
	/** The thing of the shop's stock-take that these are. Absent: something that is not in it. */
	thing?: string;
	/** Of one thing. */
	mass: Kilograms;
	perSeat: number;
	/** Room one takes along the peg. */
	thickness: Millimetres;
	/** Of one thing as it hangs, for the drawing and for clearance. */
	width: Millimetres;
	height: Millimetres;
}

export interface PegRackParams {
	face: { stock: StockId; width: Millimetres; height: Millimetres };
	hook: { screws: ScrewChoice & { count: number }; from: 'back' | 'front'; glued: boolean };
	/** A strip behind the foot, as thick as the cleat, that bears on the wall. */
	spacer: boolean;
	lockStrip: boolean;
	/** A second hook further down, on the next row that the face covers. */
	secondHook?: boolean;
	pegs: {
		diameter: Millimetres;
		/** Out of the face. */
		projection: Millimetres;
		/** In the face; as deep as the face is thick means through. */
		depth: Millimetres;
		/** Up from level. */
		tilt: Degrees;
		/** Hole centre above the foot of the face. */
		height: Millimetres;
		spacing: Spacing;
		/** Two pegs a seat with a bar between them. */
		pair: null | { bar: Millimetres; slack: Millimetres };
	};
	load: PegLoad;
}

export interface Holder {
	id: string;
	name: string;
	family: 'peg-rack';
	params: PegRackParams;
	/** Hung on a row with its left end at x. */
	mount: { kind: 'row'; row: string; x: Millimetres };
}

export interface Cutting {
	/** Width of the saw's cut. */
	kerf: Millimetres;
	/** Bought lengths that differ from the usual one. */
	lengths: { stock: StockId | 'dowel'; length: Millimetres }[];
}
