import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';
import { ROD_MATERIALS } from './rods';
import { wood } from './woods';

export type StockId =
	| 'ply-3/4'
	| 'ply-1/2'
	| 'ply-18'
	| 'ply-12'
	| 'ply-9'
	| '1x4'
	| '1x6'
	| '1x8'
	| '2x4'
	| '2x6'
	| '18x94'
	| '18x144'
	| '44x94';

/** A board or sheet as bought, in its real size, not its nominal one. */
export interface Stock {
	id: StockId;
	title: string;
	kind: 'ply' | 'solid';
	thickness: Millimetres;
	/** Width of the board; for ply, of the sheet it is ripped from. */
	width: Millimetres;
	/** Usual bought length. */
	length: Millimetres;
	G: number;
	Fb: Megapascals;
	Fv: Megapascals;
	FcPerp: Megapascals;
	density: number;
	source: string;
}

const inch = (n: number): Millimetres => n * MM_PER_INCH;
const PLY = {
	kind: 'ply' as const,
	G: 0.42,
	Fb: 1000 * MPA_PER_PSI,
	Fv: 190 * MPA_PER_PSI,
	FcPerp: 360 * MPA_PER_PSI,
	density: 560,
	source:
		'G: NDS 2018 Table 12.3.3B, other grades; stresses on edge: stand-in below the panel design specification; size: PS 1 performance category'
};
const spf = wood('spf');
const SOLID = {
	kind: 'solid' as const,
	G: spf.G,
	Fb: spf.Fb,
	Fv: spf.Fv,
	FcPerp: spf.FcPerp,
	density: spf.density,
	source: `section: dressed dry sizes of PS 20; ${spf.source}`
};

const c16 = wood('c16');
const PLANED = {
	kind: 'solid' as const,
	G: c16.G,
	Fb: c16.Fb,
	Fv: c16.Fv,
	FcPerp: c16.FcPerp,
	density: c16.density,
	source: `section: planed sizes commonly sold, EN 1313-1 less planing; ${c16.source}`
};

export const STOCKS: readonly Stock[] = [
	{ id: 'ply-3/4', title: '3/4 ply (23/32)', ...PLY, thickness: inch(23 / 32), width: inch(48), length: inch(96) },
	{ id: 'ply-18', title: '18 mm ply', ...PLY, thickness: 18, width: 1220, length: 2440 },
	{ id: 'ply-1/2', title: '1/2 ply (15/32)', ...PLY, thickness: inch(15 / 32), width: inch(48), length: inch(96) },
	{ id: 'ply-12', title: '12 mm ply', ...PLY, thickness: 12, width: 1220, length: 2440 },
	{ id: 'ply-9', title: '9 mm ply', ...PLY, thickness: 9, width: 1220, length: 2440 },
	{ id: '1x4', title: '1x4 SPF', ...SOLID, thickness: inch(0.75), width: inch(3.5), length: inch(96) },
	{ id: '1x6', title: '1x6 SPF', ...SOLID, thickness: inch(0.75), width: inch(5.5), length: inch(96) },
	{ id: '1x8', title: '1x8 SPF', ...SOLID, thickness: inch(0.75), width: inch(7.25), length: inch(96) },
	{ id: '2x4', title: '2x4 SPF', ...SOLID, thickness: inch(1.5), width: inch(3.5), length: inch(96) },
	{ id: '2x6', title: '2x6 SPF', ...SOLID, thickness: inch(1.5), width: inch(5.5), length: inch(96) },
	{ id: '18x94', title: '18 x 94 planed C16', ...PLANED, thickness: 18, width: 94, length: 2400 },
	{ id: '18x144', title: '18 x 144 planed C16', ...PLANED, thickness: 18, width: 144, length: 2400 },
	{ id: '44x94', title: '44 x 94 planed C16', ...PLANED, thickness: 44, width: 94, length: 2400 }
];

/** Stocks that a wall cleat is ripped from. */
export const CLEAT_STOCKS: readonly StockId[] = ['ply-3/4', 'ply-1/2', 'ply-18', '1x4', '2x4', '18x94', '44x94'];

/** The stock with this id. @throws RangeError when the id is in no table. @example stock('1x4').width // 88.9 */
export function stock(id: StockId): Stock {
	const found = STOCKS.find((s) => s.id === id);
	if (!found) throw new RangeError(`No such stock: ${id}`);
	return found;
}

/** Hardwood dowel for pegs. */
export const DOWEL = {
	title: 'hardwood dowel',
	mor: ROD_MATERIALS.birch.strength,
	E: ROD_MATERIALS.birch.E,
	density: ROD_MATERIALS.birch.density,
	source: ROD_MATERIALS.birch.source,
	length: inch(36)
};
