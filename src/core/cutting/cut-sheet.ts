import type { Millimetres } from '../units/quantity';
import type { Piece } from './pieces';

/** A piece where it lies on a sheet or board: x along its length from the left end, y across it from the near edge. */
export interface LaidPiece {
	piece: Piece;
	x: Millimetres;
	y: Millimetres;
	length: Millimetres;
	width: Millimetres;
}

/** One pass of the saw, right through what it cuts. Its kerf begins at `at` and goes on beyond. */
export interface Cut {
	/** Across the length, or along it. */
	across: boolean;
	at: Millimetres;
	from: Millimetres;
	to: Millimetres;
	/** The blade stands at this slant, degrees. */
	bevel?: number;
}

/** What no piece is cut from. */
export interface Rest {
	x: Millimetres;
	y: Millimetres;
	length: Millimetres;
	width: Millimetres;
}

/** One sheet, board or rod as it is cut. */
export interface CutSheet {
	/** Which of its group's offers it is. */
	offer: number;
	pieces: LaidPiece[];
	/** In the order they are made. */
	cuts: Cut[];
	rests: Rest[];
}
