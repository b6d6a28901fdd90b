import type { Bevel } from '../cleats/profile';
import type { Load } from '../carriers/carrier';
import type { ScrewSize } from '../materials/screws';
import type { StockId } from '../materials/stocks';
import type { Kilograms, Millimetres } from '../units/quantity';
import type { Wall } from './wall';

export type * from './wall';
export type { Load };

/** The document everything is derived from. Lengths in mm, x from the wall's left end, y up from the floor. */
export interface Plan {
	format: 'kammer-plan';
	version: 2;
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

/** What carriers stand on. */
export interface Back {
	stock: StockId;
	width: Millimetres;
	height: Millimetres;
	made: Made;
}

/** One board; strips glued edge to edge; or uprights, by their middles from the left, with the wall open between. */
export type Made =
	{ kind: 'board' } | { kind: 'glued'; strips: number } | { kind: 'battens'; width: Millimetres; at: Millimetres[] };

/** Strips behind a back that hangs on a row, all of the same rip as the row's cleat. */
export interface Strips {
	hook: HookChoice;
	/** The hook is let into the back, whose foot lies flat on what the row is mounted on. */
	recessed: boolean;
	/** A strip behind the foot, as thick as the cleat, that bears on the wall. */
	spacer: boolean;
	/** The spacer is screwed on as the hook is: turned over, it hangs by that. */
	eitherEnd?: boolean;
	/** A strip under the wall cleat that keeps the hook from rising; loose ones take only bumps. */
	lockStrip: LockStrip;
	/** A second hook further down, on the next row that the back covers. */
	secondHook: boolean;
}
export type LockStrip = 'none' | 'loose' | 'screwed';

/** The hook along the top of a back, and the screws between them. */
export interface HookChoice {
	screws: ScrewChoice & { count: number };
	from: 'back' | 'front';
	glued: boolean;
}

/** What carries things, on a back or on a face that another carrier offers. */
export interface Carrier {
	id: string;
	/** A name in the registry of carriers. */
	kind: string;
	/** On `back`, or `<id of a carrier>:<name of its face>`; x from its left end, y up it. */
	at: { on: string; x: Millimetres; y: Millimetres };
	/** What its kind asks for. */
	params: Record<string, unknown>;
	/** One for each group of its seats. */
	loads: Load[];
}

/** A back with carriers, and how it is held; or a rack, which is held as it is and has no back. */
export interface Holder {
	id: string;
	name: string;
	note?: string;
	mount: Mount;
	/** Absent: a rack. The first of its carriers stands on the wall itself, the others on what that offers. */
	back?: Back;
	carriers: Carrier[];
	/** Proof loads that it was given, in the order they were written down. */
	tests?: ProofTest[];
}

/** A proof load as it went. */
export interface ProofTest {
	/** '2026-11-27'. */
	day: string;
	load: Kilograms;
	held: boolean;
	/** What moved. */
	note?: string;
}

/** How a holder is held. */
export type Mount = RowMount | FixedMount | RackMount;

/** How a rack is held: its own geometry says where its fasteners are. */
export type RackMount = OwnMount | RowEndMount | RowTopMount | RowHookMount;

/** Hung on a row with its left end at x. */
export interface RowMount {
	kind: 'row';
	row: string;
	x: Millimetres;
	strips: Strips;
}

/** Screwed straight to what is behind it: framing, boards or plugs. */
export interface FixedMount {
	kind: 'fixed';
	/** Of its left end. */
	x: Millimetres;
	/** Of its foot above the floor. */
	y: Millimetres;
	screws: ScrewChoice;
	/** Of each screw, from the back's left end and its foot. */
	places: { x: Millimetres; y: Millimetres }[];
}

/** By itself at a place of the wall. */
export interface OwnMount {
	kind: 'own';
	/** Of its left end. */
	x: Millimetres;
	/** Of its foot above the floor. */
	y: Millimetres;
}

/** On the end of a row's cleat: which end, its own figures say. */
export interface RowEndMount {
	kind: 'row-end';
	row: string;
}

/** On top of the sheet behind a row, with its left end at x. */
export interface RowTopMount {
	kind: 'row-top';
	row: string;
	x: Millimetres;
}

/** Hung on a row by notches of its own, with its left end at x. */
export interface RowHookMount {
	kind: 'row-hook';
	row: string;
	x: Millimetres;
}

/** A back with carriers on it. */
export type Backed = Holder & { back: Back };
/** A holder that hangs on a row. */
export type HungHolder = Backed & { mount: RowMount };
/** A holder that is screwed to the wall. */
export type FixedHolder = Backed & { mount: FixedMount };
/** What is held as it is. */
export type Rack = Holder & { mount: RackMount; back?: undefined };

/** A piece that was cut, in the size it had then. */
export interface CutPiece {
	id: string;
	length: Millimetres;
	width: Millimetres;
}

export interface Cutting {
	/** Width of the saw's cut. */
	kerf: Millimetres;
	/** Bought lengths that differ from the usual one. */
	lengths: { stock: StockId | 'dowel'; length: Millimetres }[];
	/** Pieces that are cut already, and are good. */
	cut?: CutPiece[];
	/** What is to be least. Absent: money. */
	aim?: 'money' | 'sheets' | 'waste' | 'setups' | 'offcuts';
	/** How sheets are cut. Absent: any way a saw goes right through. */
	stages?: 'any' | 'strips';
	/** Taken off each end and each edge of what is sold, sheets all round, boards at their ends. Absent: nothing. */
	trim?: { ends: Millimetres; edges: Millimetres };
	/** Bought at this store only. Absent or empty: wherever it costs least. */
	store?: string;
	/** Boards bought over, so many of each kind: not every one is straight. Absent: none. */
	over?: number;
	/** What the parts are finished with: coats, and how far a litre goes in square metres. Absent: none. */
	finish?: { coats: number; spread: number };
	/** Lines of the bill that there is enough of already, by their keys: rods, screws, plugs, parts, glue, finish. */
	have?: string[];
}
