import { bendingYield, type Fastener } from './fastener';

export type NailSize = '6d' | '8d' | '10d' | '16d';

/** A common wire nail. */
export interface Nail extends Fastener {
	kind: 'nail';
	size: NailSize;
	/** As bought, in. */
	length: number;
}

const nailOf = (size: NailSize, D: number, head: number, length: number): Nail => ({
	kind: 'nail',
	size,
	title: `${size} common nail`,
	D,
	Dr: D,
	head,
	tip: 0,
	length,
	Fyb: bendingYield(D),
	source: 'NDS 2018 Appendix L Table L4, common wire nails'
});

export const NAILS: readonly Nail[] = [
	nailOf('6d', 0.113, 0.266, 2),
	nailOf('8d', 0.131, 0.281, 2.5),
	nailOf('10d', 0.148, 0.312, 3),
	nailOf('16d', 0.162, 0.344, 3.5)
];

/** The nail of this size. @throws RangeError when there is none. @example nail('8d').D // 0.131 */
export function nail(size: NailSize): Nail {
	const found = NAILS.find((n) => n.size === size);
	if (!found) throw new RangeError(`No such nail: ${size}`);
	return found;
}
