import { MM_PER_INCH, type Millimetres } from '../units/quantity';

/** Butt hinges as they are sold, by the length of their pin. */
export interface Hinge {
	size: '38' | '50' | '65' | '75';
	title: string;
	length: Millimetres;
	/** Of one leaf, from the pin. */
	leaf: Millimetres;
	/** The heaviest lid or flap that two of them are taken for, kg: common practice, for what lies when it is shut. */
	pair: number;
}

/** Sizes sold, common practice. Their screws come with them. */
export const HINGES: readonly Hinge[] = [
	{ size: '38', title: '38 mm (1 1/2 in)', length: 1.5 * MM_PER_INCH, leaf: 11, pair: 2 },
	{ size: '50', title: '50 mm (2 in)', length: 2 * MM_PER_INCH, leaf: 14, pair: 4 },
	{ size: '65', title: '65 mm (2 1/2 in)', length: 2.5 * MM_PER_INCH, leaf: 17, pair: 7 },
	{ size: '75', title: '75 mm (3 in)', length: 3 * MM_PER_INCH, leaf: 20, pair: 12 }
];

/** One by its size. @throws RangeError when there is none @example hinge('50').length // 50.8 */
export function hinge(size: string): Hinge {
	const found = HINGES.find((h) => h.size === size);
	if (!found) throw new RangeError(`No such hinge: ${size}`);
	return found;
}
