import type { PegRack } from './peg-rack';

/**
 * Whole plans, one odd thing at a time, worked with a pencil: plain statics of what hangs where, with none of Kammer's
 * code. The wall is that of one-rack.test.ts.
 */
export const g = 9.80665;
export const t = (23 / 32) * 25.4;
export const middle = (127 - 3.2 * Math.SQRT2) / 2;
export const [back, front] = [middle - t / 2, middle + t / 2];
export const D = 0.19 * 25.4;
export const up = back - 2.5 * D;
export const crush = 0.2 * 25.4;
export const strip = (length: number) => (length * middle * t * 560 * g) / 1e9;
export const cleat = strip(900);

/** Centre of a strip, out from the wall: higher at the wall than in front by its bevel, as a trapezium has it. */
export const stripOut = ((t / 3) * (front + 2 * back)) / (front + back);
/** A peg's, and its hole's. */
export const BORE = (Math.PI / 4) * 19.05 ** 2;

/**
 * The rack: face (SPF 455), strips of ply behind it (560), dowels (690), four seats of two things of 1.5 kg, out at 40
 * and 80 of its pegs.
 */
export function rack(o: { strips?: number; height?: number; pegs?: number } = {}) {
	const { strips = 1, height = 180, pegs = 4 } = o;
	const parts = [
		{ w: ((400 * height - pegs * BORE) * 19.05 * 455 * g) / 1e9, out: t + 19.05 / 2 },
		{ w: strips * strip(400), out: stripOut },
		{ w: (pegs * BORE * (100 + 19.05) * 690 * g) / 1e9, out: t + (100 + 19.05) / 2 },
		{ w: 6 * g, out: t + 19.05 + 40 },
		{ w: 6 * g, out: t + 19.05 + 80 }
	];
	const W = parts.reduce((sum, p) => sum + p.w, 0);
	const self = parts.slice(0, 3).reduce((sum, p) => sum + p.w, 0);
	return {
		W,
		self,
		seat: (W - self) / 4,
		out: parts.reduce((sum, p) => sum + p.w * p.out, 0) / W,
		things: parts.slice(3)
	};
}
export const PEGS: PegRack['pegs'] = {
	diameter: 19.05,
	projection: 100,
	depth: 19.05,
	tilt: 0,
	height: 60,
	spacing: { kind: 'equal-gaps', count: 4 },
	pair: null
};
export const THING = { name: 'thing', mass: 1.5, perSeat: 2, thickness: 40, width: 60, height: 200 };
export const plain = rack();
export const foot = (height: number) => 1500 + back + front - height;
