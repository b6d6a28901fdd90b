import type { ShelfData } from '../members/beam';
import type { LagSize } from '../materials/lags';
import type { Screw, ScrewSize } from '../materials/screws';
import type { StockId } from '../materials/stocks';
import type { AnySize } from '../materials/any-fastener';
import type { Vec2 } from '../solid/vector';
import type { Degrees, Kilograms, Millimetres } from '../units/quantity';

/** What a rack may be held by: itself on the wall, the end of a row, the sheet behind one. */
export type HeldBy = 'own' | 'row-end' | 'row-top' | 'row-hook';

/** How a rack holds to what it stands on: data, each kind judged in a file of its own. In the rack's frame. */
export type Hold =
	PinHold | EndPinHold | RestHold | UprightsHold | HooksHold | DeckHold | ArmsHold | PlateHold | FloorHold | LeavesHold;

/** One fastener driven into the wall, on which things hang. */
export interface PinHold {
	kind: 'pin';
	fastener: AnySize;
	/** All of it, and how much of that stands out of the surface. */
	length: Millimetres;
	out: Millimetres;
	at: Vec2;
}

/** One fastener in the end of a row's cleat, along the row. */
export interface EndPinHold {
	kind: 'in-end';
	end: 'left' | 'right';
	fastener: AnySize;
	length: Millimetres;
	out: Millimetres;
}

/** Uprights on studs, each with its lags, and arms or rods that stand out from them. */
export interface UprightsHold {
	kind: 'uprights';
	/** 'rod', 'arm': what stands out. */
	arm: string;
	/** Of each upright, its middle along the rack. */
	xs: readonly Millimetres[];
	length: Millimetres;
	/** Along the wall, and out from it. */
	thickness: Millimetres;
	depth: Millimetres;
	stock: StockId;
	/** Lags of each, up from its foot. */
	lags: { size: LagSize; length: Millimetres; at: readonly Millimetres[] };
	/** Behind each, where the wall stands further out elsewhere. */
	packing: Millimetres;
	/** Heights of the arms, lowest first: each level is a group of seats. */
	levels: readonly Millimetres[];
	/** Width of wood left beside what is bored or halved into an upright. */
	net: Millimetres;
	/** Each arm's own mass, and where its middle is, out from the face of the upright. */
	own: { mass: Kilograms; out: Millimetres };
}

/** Screw hooks in the wall, each with its own thread. */
export interface HooksHold {
	kind: 'hooks';
	/** Each, in the order of the seats. */
	at: readonly Vec2[];
	wire: Millimetres;
	/** Shank and thread, and how far out of the wall its load hangs. */
	length: Millimetres;
	out: Millimetres;
	rated: Kilograms | null;
}

/** Leaves on upright hinges, on a board that is screwed to the wall. */
export interface LeavesHold {
	kind: 'leaves';
	/** Hinge lines along the rack, and how far out from the wall they are. */
	xs: readonly Millimetres[];
	out: Millimetres;
	/** Of a leaf from its hinge, and how far it turns from closed, where it lies to the right. */
	long: Millimetres;
	stop: Degrees;
	/** Each leaf's own. */
	own: Kilograms;
	/** From the lower hinge to the upper. */
	apart: Millimetres;
	leaf: StockId;
	hinge: { screw: ScrewSize; length: Millimetres; count: number };
	spine: { stock: StockId; width: Millimetres; high: Millimetres };
	/** Through the board into the wall. */
	screw: ScrewSize;
	length: Millimetres;
	at: readonly Vec2[];
}

/** Screws of one board into another. */
export interface Screwed {
	screw: ScrewSize;
	length: Millimetres;
	count: number;
	/** What they go through. */
	stock: StockId;
}

/** What stands on the floor against the wall. */
export interface FloorHold {
	kind: 'floor';
	/** Sheets that lean on the wall in it: how far out the innermost stands, and what keeps them. */
	leans: {
		foot: Millimetres;
		base: StockId;
		posts: StockId;
		/** Over which they are lifted out. */
		rise: Millimetres;
		kerb: Screwed | null;
		bar: (Screwed & { up: Millimetres }) | null;
	} | null;
	/** Of its wood, above the floor and out from the wall. */
	top: Millimetres;
	out: Millimetres;
	/** Into the wall, near its top; null where it only stands. */
	screws: { screw: ScrewSize; length: Millimetres; stock: StockId; at: readonly Vec2[] } | null;
}

/** Something bought, screwed to the wall where its maker put holes. */
export interface PlateHold {
	kind: 'plate';
	screw: ScrewSize;
	length: Millimetres;
	/** Of the steel under their heads. */
	thickness: Millimetres;
	at: readonly Vec2[];
}

/** Arms that hang on a row by their notches, each by itself. */
export interface ArmsHold {
	kind: 'arms';
	/** Of each, its middle along the rack. */
	xs: readonly Millimetres[];
	/** Along the wall, and out from it, of the uprights of one. */
	width: Millimetres;
	depth: Millimetres;
	height: Millimetres;
	/** For the cleat: wood over it, how deep and how high it is at the back. */
	notch: { tip: Millimetres; depth: Millimetres; high: Millimetres };
	/** Over the row below; null where there is none. */
	lower: { from: Millimetres; to: Millimetres } | null;
	/** Out of the uprights. */
	out: Millimetres;
	/** Each arm's own wood, and where its middle is, out from what the cleat is on. */
	own: { mass: Kilograms; out: Millimetres };
}

/** A deck between a ledger on the wall and hangers from a spreader under the joists. */
export interface DeckHold {
	kind: 'deck';
	width: Millimetres;
	/** Out from the wall. */
	hangLine: Millimetres;
	/** Section of ledger, rail and members, which stand on edge. */
	stock: StockId;
	thickness: Millimetres;
	high: Millimetres;
	/** What bends: members at their middles along it, the front rail, the sheet under one row of bins. */
	frame: { member: ShelfData; rail: ShelfData; sheet: ShelfData; xs: readonly Millimetres[] };
	/** Of each joint of a member with ledger or rail. */
	joint: { fastener: Screw; length: Millimetres; count: number };
	/** Lags of the ledger at the middle of its height, along the deck. */
	ledger: { lag: LagSize; length: Millimetres; at: readonly Millimetres[] };
	hangers: {
		at: readonly Millimetres[];
		strap: string;
		hole: Millimetres;
		bolt: Millimetres;
		lag: LagSize;
		/** Of its lag, in the wood of the spreader. */
		into: Millimetres;
	};
	spreader: {
		stock: StockId;
		lag: LagSize;
		length: Millimetres;
		/** Along the deck, and how many at each place. */
		at: readonly Millimetres[];
		each: number;
		/** Ceiling board between it and the joists. */
		board: Millimetres;
	};
	/** Bins on each other, and how wide one is. */
	layers: number;
	wide: Millimetres;
	/** Underside of the joists above its foot; null where nobody has surveyed them. */
	over: Millimetres | null;
}

/** What stands on whatever is under it there. */
export interface RestHold {
	kind: 'rest';
	/** What that may carry, where somebody knows. */
	rated: Kilograms | null;
}
