import type { ScrewSize } from '../materials/screws';
import type { SpeciesId } from '../materials/woods';
import type { Degrees, Kilograms, Millimetres } from '../units/quantity';

/**
 * The surveyed surface. Lengths in mm, x from its left end, y up from the floor at its left end (from the lower edge of
 * a surface that stands off the floor), z out into the room. What is optional was not surveyed, or is not there.
 */
export interface Wall {
	width: Millimetres;
	/** At the left end. */
	height: Millimetres;
	cladding: Cladding;
	studs: Stud[];
	obstructions: Obstruction[];
	/** Over 19 % moisture in use: outdoors or damp, not merely unheated. Absent: dry. */
	wet?: boolean;
	/** Earthquake country: short-period design acceleration S_DS, in g. Absent: none is asked for. */
	quake?: number;
	/** Absent: a wall. */
	surface?: Surface;
	/** Lower edge of a surface above the floor; a wall stands on it. */
	base?: Millimetres;
	shape?: WallShape;
	/** Absent: framed. */
	build?: Build;
	ledges?: Ledge[];
	/** Timber put in between studs, to screw to. */
	blocking?: Blocking[];
	/** Stretches with a greatest projection of their own. */
	zones?: Zone[];
	pilots?: Pilot[];
	corners?: { left: Corner; right: Corner };
	front?: Front;
	far?: FarSide;
	ceiling?: Ceiling;
	levels?: Levels;
	photo?: Photo;
	/** How each fact of the wall itself was found. */
	how?: Partial<Record<WallFact, How>>;
}

/** What cleats are also screwed to. */
export type Surface = 'wall' | 'cart-side' | 'bench-end' | 'cabinet' | 'door';

/** How a fact was found. Only a pilot hole proves a stud. */
export type How = 'guess' | 'tape' | 'meter' | 'scanner' | 'pilot' | 'screw-line' | 'pitch' | 'drawing' | 'photo';
export type WallFact = 'width' | 'height' | 'shape' | 'cladding' | 'build' | 'front' | 'far' | 'ceiling' | 'corners';

/** What is not a plain rectangle. */
export interface WallShape {
	/** Height at the right end, above the floor at the left end. */
	right: Millimetres;
	/** Top of a gable. */
	peak: { x: Millimetres; height: Millimetres } | null;
	/** The floor at the right end is so much higher than at the left; negative where it falls. */
	floorRise: Millimetres;
}

/** What the wall is made of, and so what a screw goes into. */
export type Build =
	| { kind: 'framed' }
	/** Boards or a solid panel: a screw holds anywhere, in its thickness alone. */
	| { kind: 'plank'; thickness: Millimetres; species: SpeciesId; first: Millimetres; pitch: Millimetres }
	/** A screw in a plug, at a pitch along every row. */
	| {
			kind: 'masonry';
			material: 'brick' | 'block' | 'concrete';
			thickness: Millimetres;
			first: Millimetres;
			pitch: Millimetres;
			plug: PlugChoice;
	  };

export interface PlugChoice {
	/** Of the hole. */
	diameter: Millimetres;
	/** Of the plug: the screw must reach its end. */
	length: Millimetres;
	/** The maker's recommended load for this wall, each; null while nobody has read it on the packet. */
	load: Kilograms | null;
}

export type CladdingKind = 'none' | 'drywall' | 'panel';
export interface Layer {
	kind: Exclude<CladdingKind, 'none'>;
	thickness: Millimetres;
}
/** What the screw crosses between cleat and stud. */
export interface Cladding {
	kind: CladdingKind;
	thickness: Millimetres;
	/** Older layers under it, from the room inwards. */
	under?: Layer[];
}

export interface Stud {
	id: string;
	/** Centre line; at the foot where it leans. */
	x: Millimetres;
	/** Face width, along the wall; of all plies together. */
	width: Millimetres;
	/** Into the wall. */
	depth: Millimetres;
	species: SpeciesId;
	/** Out of plumb, to the right, in mm a metre of height. */
	lean?: number;
	/** Two studs nailed together: a screw in the middle would go in between them. */
	plies?: 2;
	/** Put in for these rows: a remedy, not found. */
	added?: boolean;
	found?: Found;
}

/** How a stud was found, and how well. */
export interface Found {
	how: How;
	/** Chance that it is a stud, 0 to 1. */
	confidence?: number;
	/** Standard error of its centre. */
	error?: Millimetres;
	/** Marks its line goes through. */
	marks?: { x: Millimetres; y: Millimetres }[];
}

export type ObstructionKind =
	| 'window'
	| 'door'
	| 'outlet'
	| 'switch'
	| 'service-panel'
	| 'other'
	| 'pipe'
	| 'cable'
	| 'overhead-door'
	| 'rail'
	| 'opener'
	| 'radiator'
	| 'light'
	| 'car'
	| 'stairs'
	| 'bench'
	| 'machine';
export interface Obstruction {
	id: string;
	kind: ObstructionKind;
	name: string;
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
	/** Room between it and the wall; 0 where it stands against it. */
	near?: Millimetres;
	/** How far it stands out from the wall. */
	out?: Millimetres;
	/** In the wall, behind its cladding. */
	hidden?: boolean;
	motion?: Motion | null;
	/** Its cables were traced with the power off, and run elsewhere. */
	traced?: boolean;
	/** An outlet: length of cord that may be plugged in here. */
	cord?: Millimetres;
	how?: How;
}

/** How a thing moves, and so the room it sweeps. */
export type Motion =
	/** Leaves on upright hinges; two meet in the middle. `away` swings out of this room. */
	| { kind: 'swing'; hinge: 'left' | 'right' | 'both'; angle: Degrees; into: 'room' | 'away' }
	/** Up and back on rails: how far its rails run above its head, and how far out into the room it travels. */
	| { kind: 'overhead'; rise: Millimetres; travel: Millimetres }
	/**
	 * A car beside the wall: its nose, the hinge of its front door from there, the length of its doors, how many on this
	 * side, how far they open.
	 */
	| { kind: 'car-doors'; nose: 'left' | 'right'; hinge: Millimetres; leaf: Millimetres; doors: 1 | 2; angle: Degrees }
	/** Room to be kept clear above it, such as head room over stairs. */
	| { kind: 'clear-above'; height: Millimetres };

/** A top plate, base, beam or pier that stands proud of the wall. */
export interface Ledge {
	id: string;
	name: string;
	/** Where it begins and how far it runs; absent: over the whole width. */
	x?: Millimetres;
	width?: Millimetres;
	y: Millimetres;
	height: Millimetres;
	out: Millimetres;
}

export interface Blocking {
	id: string;
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
	/** Into the wall. */
	depth: Millimetres;
	species: SpeciesId;
	/** The screws that hold it at each stud it touches. Absent: nobody said, and what hangs on it cannot be judged. */
	fixing?: BlockFixing;
}

/** Screws of a block: through a stud into its end, or through its side into a stud beside it. */
export interface BlockFixing {
	size: ScrewSize;
	length: Millimetres;
	/** At each stud it touches. */
	count: number;
}

/** A stretch of wall where things may stand out only so far. */
export interface Zone {
	id: string;
	name: string;
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
	/** Greatest projection. */
	most: Millimetres;
}

/** A small hole drilled to know. */
export interface Pilot {
	id: string;
	x: Millimetres;
	y: Millimetres;
	hit: 'wood' | 'nothing';
}

/** What stands at an end of the wall. */
export interface Corner {
	kind: 'wall' | 'open' | 'outside';
	/** What is on the neighbouring wall takes so much of this one. */
	taken: Millimetres;
	note: string;
}

/** What is before the wall. */
export interface Front {
	/** Clear depth to what stands opposite, or to the edge of what must stay free. */
	depth: Millimetres;
	/** Least walkway to be kept in it. */
	walkway: Millimetres;
	/** Above this, things may hang over the walkway. */
	headHeight: Millimetres;
}

export interface FarSide {
	kind: 'room' | 'stair' | 'outdoors' | 'neighbour' | 'same';
	/** Somebody can get at it, to fix from behind or to put in blocking. */
	access: boolean;
	note: string;
}

export interface Ceiling {
	kind: 'joists' | 'trusses' | 'slab';
	/** Which way they run, seen from this wall. */
	direction: 'across' | 'along';
	/** Of the first one: from the left end where they run across, out from the wall where they run along. */
	first: Millimetres;
	pitch: Millimetres;
	width: Millimetres;
	depth: Millimetres;
	/** Of their lower edge above the floor. */
	height: Millimetres;
	species: SpeciesId;
	/** Of a joist between what it lies on. Absent: nobody said, and nothing that hangs from it is judged. */
	span?: Millimetres;
	/** What the space above was made for. Absent: nobody said. */
	attic?: 'none' | 'limited';
	/** Of what it was made to carry, the share that nothing takes yet, 0 to 1. Absent: a half. */
	free?: number;
}

export interface Levels {
	/** Height of the reference line. */
	line?: Millimetres;
	/**
	 * Corner to corner: `up` from the lower left, `down` from the upper left. Both together say whether the wall is
	 * square.
	 */
	diagonals?: { up?: Millimetres; down?: Millimetres };
}

/** A photograph behind the drawing, straightened to the wall. */
export interface Photo {
	/** Of its stored picture. */
	id: string;
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
	/** 0 to 1. */
	opacity: number;
}
