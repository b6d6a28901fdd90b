import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';

/**
 * Yield of mild steel strap and angle, and what it may be given. ASTM A36, from memory; factor 1.67 of AISC 360 (ASD),
 * from memory.
 */
export const MILD_STEEL: { yield: Megapascals; allowed: Megapascals } = {
	yield: 36_000 * MPA_PER_PSI,
	allowed: (36_000 * MPA_PER_PSI) / 1.67
};

/** Flat iron with holes. */
export interface Strap {
	id: string;
	title: string;
	width: Millimetres;
	thickness: Millimetres;
	/** As it is usually sold; common practice. */
	length: Millimetres;
	source: string;
}

const inch = (n: number): Millimetres => n * MM_PER_INCH;
const AS_SAID = 'size as it is called';

export const STRAPS: readonly Strap[] = [
	{
		id: 'strap-3/4',
		title: '3/4 x 1/8 in strap',
		width: inch(0.75),
		thickness: inch(0.125),
		length: inch(72),
		source: AS_SAID
	},
	{
		id: 'strap-1',
		title: '1 x 1/8 in strap',
		width: inch(1),
		thickness: inch(0.125),
		length: inch(72),
		source: AS_SAID
	},
	{ id: 'strap-20', title: '20 x 3 mm strap', width: 20, thickness: 3, length: 2000, source: AS_SAID },
	{ id: 'strap-30', title: '30 x 4 mm strap', width: 30, thickness: 4, length: 2000, source: AS_SAID }
];

/** Flat iron by its id. @throws RangeError when there is none @example strapOf('strap-1').width // 25.4 */
export function strapOf(id: string): Strap {
	const found = STRAPS.find((s) => s.id === id);
	if (!found) throw new RangeError(`No such strap: ${id}`);
	return found;
}
