import { MPA_PER_PSI, type Megapascals } from '../units/quantity';

export type SpeciesId =
	| 'df-l'
	| 'southern-pine'
	| 'hem-fir'
	| 'spf'
	| 'western-cedars'
	| 'spf-south'
	| 'red-oak'
	| 'c16'
	| 'c24'
	| 'softest'
	| 'unknown';

/** A structural timber with allowable stresses at normal duration and dry service. */
export interface Wood {
	id: SpeciesId;
	title: string;
	/** Specific gravity, oven-dry. */
	G: number;
	Fb: Megapascals;
	Fv: Megapascals;
	FcPerp: Megapascals;
	Fc: Megapascals;
	E: Megapascals;
	Emin: Megapascals;
	/** kg/m3, as built in, about 12 to 15 % moisture. */
	density: number;
	source: string;
}

const psi = (Fb: number, Fv: number, FcPerp: number, Fc: number, E: number, Emin: number) => ({
	Fb: Fb * MPA_PER_PSI,
	Fv: Fv * MPA_PER_PSI,
	FcPerp: FcPerp * MPA_PER_PSI,
	Fc: Fc * MPA_PER_PSI,
	E: E * MPA_PER_PSI,
	Emin: Emin * MPA_PER_PSI
});
const NDS = 'G: NDS 2018 Table 12.3.3A; stresses No. 2: NDS Supplement 2018 Table 4A (southern pine 4B)';
const BS = 'G: from the EN 338 mean density; permissible stresses: BS 5268-2 Table 8';

/** What framing is counted as when somebody decides to count it as the softest there is. */
const SOFTEST = {
	G: 0.36,
	...psi(675, 135, 335, 725, 1.0e6, 0.37e6),
	density: 390,
	source:
		'stand-in: G 0.36 (the lowest of Table 12.3.3A in common framing) and stresses at or below the softest framing timber'
};

export const WOODS: readonly Wood[] = [
	{
		id: 'df-l',
		title: 'Douglas fir-larch',
		G: 0.5,
		...psi(900, 180, 625, 1350, 1.6e6, 0.58e6),
		density: 540,
		source: NDS
	},
	{
		id: 'southern-pine',
		title: 'Southern pine',
		G: 0.55,
		...psi(1100, 175, 565, 1450, 1.4e6, 0.51e6),
		density: 590,
		source: NDS
	},
	{ id: 'hem-fir', title: 'Hem-fir', G: 0.43, ...psi(850, 150, 405, 1300, 1.3e6, 0.47e6), density: 465, source: NDS },
	{
		id: 'spf',
		title: 'Spruce-pine-fir',
		G: 0.42,
		...psi(875, 135, 425, 1150, 1.4e6, 0.51e6),
		density: 455,
		source: NDS
	},
	{
		id: 'western-cedars',
		title: 'Western cedars',
		G: 0.36,
		...psi(700, 155, 425, 1000, 1.0e6, 0.37e6),
		density: 390,
		source: NDS
	},
	{
		id: 'spf-south',
		title: 'Spruce-pine-fir, south',
		G: 0.36,
		...psi(775, 135, 335, 1000, 1.1e6, 0.4e6),
		density: 400,
		source: NDS
	},
	{ id: 'red-oak', title: 'Red oak', G: 0.67, ...psi(800, 170, 820, 625, 1.2e6, 0.44e6), density: 700, source: NDS },
	{
		id: 'c16',
		title: 'C16 softwood',
		G: 0.35,
		Fb: 5.3,
		Fv: 0.67,
		FcPerp: 2.2,
		Fc: 6.8,
		E: 8800,
		Emin: 5800,
		density: 370,
		source: BS
	},
	{
		id: 'c24',
		title: 'C24 softwood',
		G: 0.4,
		Fb: 7.5,
		Fv: 0.71,
		FcPerp: 2.4,
		Fc: 7.9,
		E: 10800,
		Emin: 7200,
		density: 420,
		source: BS
	},
	{ id: 'softest', title: 'Softest, G 0.36', ...SOFTEST },
	{ id: 'unknown', title: 'Not known', ...SOFTEST }
];

/**
 * Is the species somebody's word, or a gap in what is known? A gap is not filled in silently: what leans on it cannot
 * be judged.
 * @example isKnown('unknown') // false
 */
export function isKnown(id: SpeciesId): boolean {
	return id !== 'unknown';
}

/** The wood with this id. @throws RangeError when the id is in no table. @example wood('spf').G // 0.42 */
export function wood(id: SpeciesId): Wood {
	const found = WOODS.find((w) => w.id === id);
	if (!found) throw new RangeError(`No such species: ${id}`);
	return found;
}
