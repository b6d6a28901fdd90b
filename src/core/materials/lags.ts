import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import { bendingYield, type Fastener } from './fastener';

export type LagSize = '1/4' | '5/16' | '3/8' | '1/2' | '8 mm' | '10 mm';

/** A lag screw, with its hexagon head. */
export interface Lag extends Fastener {
	kind: 'lag';
	size: LagSize;
}

const NDS = 'D, root, tip: NDS 2018 Appendix L Table L2; head across flats: ASME B18.2.1';
const DIN = 'D, head: DIN 571, root: 0.7 of D, tip: stand-in; Fyb: NDS 2018 Appendix I by diameter';
const lagOf = (size: LagSize, D: number, Dr: number, head: number, tip: number, source: string): Lag => ({
	kind: 'lag',
	size,
	title: `${size}${size.endsWith('mm') ? '' : ' in'} lag`,
	D,
	Dr,
	head,
	tip,
	Fyb: bendingYield(D),
	source
});
const metric = (size: LagSize, d: Millimetres, head: Millimetres): Lag =>
	lagOf(size, d / MM_PER_INCH, (0.7 * d) / MM_PER_INCH, head / MM_PER_INCH, (0.6 * d) / MM_PER_INCH, DIN);

export const LAGS: readonly Lag[] = [
	lagOf('1/4', 0.25, 0.173, 7 / 16, 5 / 32, NDS),
	lagOf('5/16', 0.3125, 0.227, 1 / 2, 3 / 16, NDS),
	lagOf('3/8', 0.375, 0.265, 9 / 16, 7 / 32, NDS),
	lagOf('1/2', 0.5, 0.371, 3 / 4, 5 / 16, NDS),
	metric('8 mm', 8, 13),
	metric('10 mm', 10, 17)
];

/** The lag of this size. @throws RangeError when there is none. @example lag('1/4').Dr // 0.173 */
export function lag(size: LagSize): Lag {
	const found = LAGS.find((l) => l.size === size);
	if (!found) throw new RangeError(`No such lag: ${size}`);
	return found;
}

/**
 * Length of a lag's thread, tip included: half its length and half an inch, 6 in at most; short ones are threaded to a
 * quarter inch under the head. Source: NDS 2018 Appendix L Table L2, from memory.
 * @param length under the head, in
 * @example lagThread(6) // 3.5
 */
export function lagThread(length: number): number {
	return Math.min(6, Math.max(0, Math.min(length - 0.25, length / 2 + 0.5)));
}
