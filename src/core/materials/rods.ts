import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';

/** What a rod is made of, and the bending stress it may be given. */
export interface RodMaterial {
	title: string;
	/** Yield strength of a metal, modulus of rupture of a wood. */
	strength: Megapascals;
	/** What it is divided by: 1.67 on yield, 4 on the rupture of wood. */
	factor: 1.67 | 4;
	E: Megapascals;
	density: number;
	source: string;
}

const ksi = (n: number): Megapascals => n * 1000 * MPA_PER_PSI;
const DOWEL_WOOD = 'Wood Handbook FPL-GTR-282 Table 5-3, at 12 % moisture';

export const ROD_MATERIALS = {
	birch: { title: 'birch dowel', strength: ksi(16.6), factor: 4, E: ksi(2010), density: 690, source: DOWEL_WOOD },
	oak: { title: 'red oak dowel', strength: ksi(14.3), factor: 4, E: ksi(1820), density: 700, source: DOWEL_WOOD },
	poplar: { title: 'poplar dowel', strength: ksi(10.1), factor: 4, E: ksi(1580), density: 460, source: DOWEL_WOOD },
	conduit: {
		title: 'mild steel conduit',
		strength: ksi(30),
		factor: 1.67,
		E: ksi(29_000),
		density: 7850,
		source: 'yield 30 ksi: stand-in, conduit is sold without one; E: common to all steel'
	},
	steel: {
		title: 'mild steel',
		strength: ksi(36),
		factor: 1.67,
		E: ksi(29_000),
		density: 7850,
		source: 'yield of ASTM A36, 36 ksi'
	},
	aluminium: {
		title: 'aluminium 6063-T5',
		strength: ksi(16),
		factor: 1.67,
		E: ksi(10_000),
		density: 2700,
		source: 'yield of 6063-T5, 16 ksi, Aluminum Design Manual'
	}
} as const satisfies Record<string, RodMaterial>;
export type RodMaterialId = keyof typeof ROD_MATERIALS;

/** Metal is judged by its yield, wood by its rupture. @example isMetal('conduit') // true */
export const isMetal = (id: RodMaterialId): boolean => ROD_MATERIALS[id].factor === 1.67;

/** A round bar or tube as bought. A wall of 0 is solid. */
export interface Rod {
	id: string;
	title: string;
	material: RodMaterialId;
	outer: Millimetres;
	wall: Millimetres;
	/** As it is usually sold. */
	length: Millimetres;
	source: string;
}

const inch = (n: number): Millimetres => n * MM_PER_INCH;
const EMT = 'outside diameter and wall of electrical metallic tubing by trade size, ANSI C80.3';
const AS_SAID = 'size as it is called';
const conduit = (size: string, outer: number, wall: number): Rod => ({
	id: `emt-${size}`,
	title: `${size} in steel conduit`,
	material: 'conduit',
	outer: inch(outer),
	wall: inch(wall),
	length: inch(120),
	source: EMT
});
/** Usual lengths of rods: common practice. */
const soldAs = (material: RodMaterialId, size: string): Millimetres => {
	const metal = ROD_MATERIALS[material].factor === 1.67;
	if (size.endsWith('mm')) return metal ? 2000 : 1000;
	return inch(metal ? 72 : 36);
};
const solid = (
	material: RodMaterialId,
	word: string,
	id: string,
	sizes: readonly (readonly [string, Millimetres])[]
): Rod[] =>
	sizes.map(([size, outer]) => ({
		id: `${id}-${size.replace(/ (in|mm)$/, '')}`,
		title: `${size} ${word}`,
		material,
		outer,
		wall: 0,
		length: soldAs(material, size),
		source: AS_SAID
	}));
const IN = (...sizes: string[]) =>
	sizes.map(
		(s) => [`${s} in`, inch(s.includes('/') ? Number(s.split('/')[0]) / Number(s.split('/')[1]) : Number(s))] as const
	);
const MM = (...sizes: number[]) => sizes.map((s) => [`${s} mm`, s] as const);

export const RODS: readonly Rod[] = [
	...solid('birch', 'birch dowel', 'birch', [...IN('1/2', '5/8', '3/4', '1'), ...MM(12, 16, 20, 25)]),
	...solid('oak', 'red oak dowel', 'oak', IN('3/4', '1')),
	...solid('poplar', 'poplar dowel', 'poplar', IN('3/4', '1')),
	conduit('1/2', 0.706, 0.042),
	conduit('3/4', 0.922, 0.049),
	conduit('1', 1.163, 0.057),
	conduit('1 1/4', 1.51, 0.065),
	...solid('steel', 'steel rod', 'steel', [...IN('1/4', '5/16', '3/8', '1/2', '5/8', '3/4'), ...MM(8, 10, 12, 16)]),
	...solid('aluminium', 'aluminium rod', 'aluminium', [...IN('1/2', '3/4'), ...MM(12, 16, 20)]),
	{
		id: 'aluminium-tube-3/4',
		title: '3/4 in aluminium tube, 1/8 wall',
		material: 'aluminium',
		outer: inch(0.75),
		wall: inch(0.125),
		length: inch(96),
		source: AS_SAID
	},
	{
		id: 'aluminium-tube-25',
		title: '25 mm aluminium tube, 2 wall',
		material: 'aluminium',
		outer: 25,
		wall: 2,
		length: 2500,
		source: AS_SAID
	}
];

/** The rod with this id. @throws RangeError when there is none. @example rod('emt-3/4').outer // 23.4188 */
export function rod(id: string): Rod {
	const found = RODS.find((r) => r.id === id);
	if (!found) throw new RangeError(`No such rod: ${id}`);
	return found;
}

/**
 * Bending stress a rod's material may be given.
 * @example allowedRodStress(ROD_MATERIALS.steel) // 148.6, which is 21.6 ksi
 */
export const allowedRodStress = ({ strength, factor }: { strength: Megapascals; factor: number }): Megapascals =>
	strength / factor;
