import type { Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** A place on a drawing, mm; y goes up. */
export type Point = readonly [x: Millimetres, y: Millimetres];

/** What a shape is made of, which decides how it is drawn. */
export type Look = 'wood' | 'ply' | 'steel' | 'wall' | 'thing' | 'bent' | 'clash';

/** One piece of a neutral line drawing: every writer, on the screen or on paper, draws the same. */
export type Shape =
	| { kind: 'polygon'; points: readonly Point[]; look: Look }
	| { kind: 'circle'; at: Point; radius: Millimetres; look: Look }
	| { kind: 'line'; points: readonly Point[]; look: Look }
	/** A load, with what it is. */
	| { kind: 'arrow'; from: Point; to: Point; label?: Phrase }
	/** A dimension, drawn off to the side of the stretch it measures. */
	| { kind: 'measure'; from: Point; to: Point; side: 'above' | 'below' | 'left' | 'right'; label: Phrase }
	| { kind: 'mark'; at: Point; label: Phrase };

export interface Drawing {
	/** What it shows, for those who do not see it. */
	title: string;
	shapes: Shape[];
}

/** A rectangle by its lower left corner. @example box(0, 0, 10, 20, 'wood') */
export function box(x: Millimetres, y: Millimetres, width: Millimetres, height: Millimetres, look: Look): Shape {
	return {
		kind: 'polygon',
		points: [
			[x, y],
			[x + width, y],
			[x + width, y + height],
			[x, y + height]
		],
		look
	};
}
