import type { StockId } from '../materials/stocks';
import type { Degrees, Kilograms, Millimetres, Newtons } from '../units/quantity';
import type { Frame } from './frame';
import type { Outline, Path } from './outline';
import type { Vec2 } from './vector';

/** What a part is made of, or bought as. */
export type Material =
	| { kind: 'board'; stock: StockId }
	/** A strip of the same rip as a wall cleat: its cross-section stands in the outline. */
	| { kind: 'cleat'; stock: StockId; blank: Millimetres; bevel: Degrees }
	/** A strip ripped at a slant to a width: its section stands in the outline, its length is the thickness. */
	| { kind: 'strip'; stock: StockId; width: Millimetres; bevel: Degrees }
	| { kind: 'dowel'; diameter: Millimetres }
	/** A bar or a tube as bought, by its id. */
	| { kind: 'rod'; rod: string }
	/** Flat iron, by its id: its width and length stand in the outline. */
	| { kind: 'strap'; strap: string }
	| { kind: 'bought'; name: string; mass: Kilograms | null; rated: Newtons | null }
	/** A screw, a nail, a lag that stands out: judged by its size, not by its maker. */
	| { kind: 'driven'; name: string; length: Millimetres; mass: Kilograms };

/** Which of the two faces of a prism: front is where its own z points. */
export type Side = 'front' | 'back';

/** Something made in a part. Those with `drawn` are in its outline already, and are told for the work they take. */
export type Feature =
	/**
	 * A round hole from a face, or from a straight edge of the outline; its axis leans by `tilt` toward a direction of
	 * the face, outward. On an edge places are along it from its first corner, and up the thickness.
	 */
	| {
			kind: 'bore';
			at: Vec2;
			from: Side | { edge: number };
			diameter: Millimetres;
			depth: Millimetres;
			through: boolean;
			tilt: Degrees;
			toward: Vec2;
			drawn?: true;
	  }
	/** A flat-bottomed recess of any shape: a groove, a housing, a hook's bed. */
	| { kind: 'pocket'; name: string; path: Path; from: Side; depth: Millimetres }
	/** Open to an edge, through the thickness. */
	| { kind: 'slot'; at: Vec2; width: Millimetres; depth: Millimetres; round: boolean; drawn: true };

/**
 * Something to make or buy: an outline times a thickness, along its own z from 0, with what is made in it, standing in
 * one or more places. x is its length, and its grain runs along it unless said.
 */
export interface Part {
	id: string;
	name: string;
	material: Material;
	outline: Outline;
	thickness: Millimetres;
	/** Glued up of so many strips along its grain. */
	strips?: number;
	/** Put on with glue, and with brads while that dries. */
	pinned?: true;
	grain: 'x' | 'y' | 'none';
	features: readonly Feature[];
	stands: readonly Frame[];
	/** It opens: from the front what is behind it is drawn, and it in dashes. */
	door?: true;
	/** A door, a flap: where each stands when it is open. It is weighed there, which asks more of what holds it. */
	open?: readonly Frame[];
}
