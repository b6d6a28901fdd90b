import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import { bendingYield, type Fastener } from './fastener';

export type ScrewSize = '#6' | '#8' | '#9' | '#10' | '#12' | '#14' | '4 mm' | '4.5 mm' | '5 mm' | '6 mm';

/** A wood screw. Diameters in inches, as its tables are. */
export interface Screw extends Fastener {
	kind: 'wood-screw';
	size: ScrewSize;
}

const NDS = 'D, root: NDS 2018 Appendix L; Fyb: NDS 2018 Appendix I; head: ASME B18.6.1 maximum sharp';
const DIN = 'D, root, head: DIN 7997 wood screws; Fyb: NDS 2018 Appendix I by diameter';
const imperial = (size: ScrewSize, D: number, Dr: number, head: number): Screw => ({
	kind: 'wood-screw',
	size,
	title: `${size} wood screw`,
	D,
	Dr,
	head,
	tip: 0,
	Fyb: bendingYield(D),
	source: NDS
});
/** A metric screw by its diameters in mm. */
const metric = (size: ScrewSize, d: Millimetres, root: Millimetres, head: Millimetres): Screw => ({
	kind: 'wood-screw',
	size,
	title: `${size} wood screw`,
	D: d / MM_PER_INCH,
	Dr: root / MM_PER_INCH,
	head: head / MM_PER_INCH,
	tip: 0,
	Fyb: bendingYield(d / MM_PER_INCH),
	source: DIN
});

export const SCREWS: readonly Screw[] = [
	imperial('#6', 0.138, 0.113, 0.279),
	imperial('#8', 0.164, 0.131, 0.332),
	imperial('#9', 0.177, 0.142, 0.358),
	imperial('#10', 0.19, 0.152, 0.385),
	imperial('#12', 0.216, 0.171, 0.438),
	imperial('#14', 0.242, 0.196, 0.507),
	metric('4 mm', 4, 2.8, 7.5),
	metric('4.5 mm', 4.5, 3.2, 8.3),
	metric('5 mm', 5, 3.5, 9.2),
	metric('6 mm', 6, 4.2, 11)
];

/** Lengths a shop keeps, mm: what advice chooses from. */
export const SCREW_LENGTHS: readonly Millimetres[] = [0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4].map(
	(l) => l * MM_PER_INCH
);

/** Share of a wood screw's length that carries thread. NDS 2018 Appendix L, cut thread. */
export const THREAD_SHARE = 2 / 3;

/** The screw of this size. @throws RangeError when there is none. @example screw('#10').D // 0.19 */
export function screw(size: ScrewSize): Screw {
	const found = SCREWS.find((s) => s.size === size);
	if (!found) throw new RangeError(`No such screw: ${size}`);
	return found;
}

/** Nominal diameter in mm. */
export function screwDiameter(size: ScrewSize): Millimetres {
	return screw(size).D * MM_PER_INCH;
}
