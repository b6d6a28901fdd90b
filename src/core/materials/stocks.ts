import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';
import { PANEL_MATERIALS, type PanelKind } from './panels';
import { readOwn, type OwnId } from './own-stock';
import { ROD_MATERIALS } from './rods';
import { wood, type SpeciesId } from './woods';

/** Ids of boards and sheets: documents name them, so none is ever changed or taken away. */
export type StockId = (typeof SIZES)[number][0] | (typeof SHEETS)[number][0] | OwnId;

/** A board or sheet as bought, in its real size, not its nominal one. */
export interface Stock {
	id: StockId;
	title: string;
	/** A sheet, or a board. */
	kind: 'ply' | 'solid';
	/** What a sheet is pressed of; null of a board. */
	panel: PanelKind | null;
	thickness: Millimetres;
	/** Width of the board; for ply, of the sheet it is ripped from. */
	width: Millimetres;
	/** Usual bought length. */
	length: Millimetres;
	/** For screws; null where no table gives one, and then nothing that a screw in it holds is judged. */
	G: number | null;
	Fb: Megapascals;
	Fv: Megapascals;
	FcPerp: Megapascals;
	density: number;
	/** Of a board; a sheet has none. */
	species: SpeciesId;
	source: string;
}

const inch = (n: number): Millimetres => n * MM_PER_INCH;

/** Boards by id: title, thickness and width as dressed or sawn, and what they are cut from. */
const SIZES = [
	['1x2', '1x2 SPF', inch(0.75), inch(1.5), 'spf'],
	['1x3', '1x3 SPF', inch(0.75), inch(2.5), 'spf'],
	['1x4', '1x4 SPF', inch(0.75), inch(3.5), 'spf'],
	['1x6', '1x6 SPF', inch(0.75), inch(5.5), 'spf'],
	['1x8', '1x8 SPF', inch(0.75), inch(7.25), 'spf'],
	['1x10', '1x10 SPF', inch(0.75), inch(9.25), 'spf'],
	['1x12', '1x12 SPF', inch(0.75), inch(11.25), 'spf'],
	['2x2', '2x2 SPF', inch(1.5), inch(1.5), 'spf'],
	['2x3', '2x3 SPF', inch(1.5), inch(2.5), 'spf'],
	['2x4', '2x4 SPF', inch(1.5), inch(3.5), 'spf'],
	['2x6', '2x6 SPF', inch(1.5), inch(5.5), 'spf'],
	['2x8', '2x8 SPF', inch(1.5), inch(7.25), 'spf'],
	['2x10', '2x10 SPF', inch(1.5), inch(9.25), 'spf'],
	['2x12', '2x12 SPF', inch(1.5), inch(11.25), 'spf'],
	['4x4', '4x4 SPF', inch(3.5), inch(3.5), 'spf'],
	['oak-3/4', '3/4 red oak', inch(0.75), inch(7.25), 'oak'],
	['oak-1', '1 in red oak', inch(1), inch(7.25), 'oak'],
	['oak-20', '20 mm red oak', 20, 180, 'oak'],
	['oak-27', '27 mm red oak', 27, 180, 'oak'],
	['18x44', '18 x 44 planed C16', 18, 44, 'c16'],
	['18x69', '18 x 69 planed C16', 18, 69, 'c16'],
	['18x94', '18 x 94 planed C16', 18, 94, 'c16'],
	['18x144', '18 x 144 planed C16', 18, 144, 'c16'],
	['18x194', '18 x 194 planed C16', 18, 194, 'c16'],
	['44x44', '44 x 44 planed C16', 44, 44, 'c16'],
	['44x69', '44 x 69 planed C16', 44, 69, 'c16'],
	['44x94', '44 x 94 planed C16', 44, 94, 'c16'],
	['44x144', '44 x 144 planed C16', 44, 144, 'c16'],
	['22x100-sawn', '22 x 100 sawn C16', 22, 100, 'c16-sawn'],
	['22x150-sawn', '22 x 150 sawn C16', 22, 150, 'c16-sawn'],
	['47x50-sawn', '47 x 50 sawn C16', 47, 50, 'c16-sawn'],
	['47x100-sawn', '47 x 100 sawn C16', 47, 100, 'c16-sawn'],
	['47x150-sawn', '47 x 150 sawn C16', 47, 150, 'c16-sawn']
] as const satisfies readonly (readonly [string, string, number, number, keyof typeof CUT_FROM])[];

/** Sheets by id: title, real thickness, and their kind. */
const SHEETS = [
	['ply-3/4', '3/4 ply (23/32)', inch(23 / 32), 'ply-inch'],
	['ply-18', '18 mm ply', 18, 'ply'],
	['ply-1/2', '1/2 ply (15/32)', inch(15 / 32), 'ply-inch'],
	['ply-12', '12 mm ply', 12, 'ply'],
	['ply-9', '9 mm ply', 9, 'ply'],
	['ply-1/4', '1/4 ply (7/32)', inch(7 / 32), 'ply-inch'],
	['ply-3/8', '3/8 ply (11/32)', inch(11 / 32), 'ply-inch'],
	['ply-5/8', '5/8 ply (19/32)', inch(19 / 32), 'ply-inch'],
	['ply-6', '6 mm ply', 6, 'ply'],
	['ply-15', '15 mm ply', 15, 'ply'],
	['ply-24', '24 mm ply', 24, 'ply'],
	['birch-ply-1/2', '1/2 birch ply (12 mm)', 12, 'birch-inch'],
	['birch-ply-3/4', '3/4 birch ply (18 mm)', 18, 'birch-inch'],
	['birch-ply-6', '6 mm birch ply', 6, 'birch'],
	['birch-ply-9', '9 mm birch ply', 9, 'birch'],
	['birch-ply-12', '12 mm birch ply', 12, 'birch'],
	['birch-ply-15', '15 mm birch ply', 15, 'birch'],
	['birch-ply-18', '18 mm birch ply', 18, 'birch'],
	['osb-7/16', '7/16 OSB', inch(7 / 16), 'osb-inch'],
	['osb-23/32', '3/4 OSB (23/32)', inch(23 / 32), 'osb-inch'],
	['osb-11', '11 mm OSB', 11, 'osb'],
	['osb-18', '18 mm OSB', 18, 'osb'],
	['mdf-1/2', '1/2 MDF', inch(1 / 2), 'mdf-inch'],
	['mdf-3/4', '3/4 MDF', inch(3 / 4), 'mdf-inch'],
	['mdf-12', '12 mm MDF', 12, 'mdf'],
	['mdf-18', '18 mm MDF', 18, 'mdf'],
	['mdf-22', '22 mm MDF', 22, 'mdf'],
	['particle-5/8', '5/8 particle board', inch(5 / 8), 'particle-inch'],
	['particle-3/4', '3/4 particle board', inch(3 / 4), 'particle-inch'],
	['particle-16', '16 mm particle board', 16, 'particle'],
	['particle-19', '19 mm particle board', 19, 'particle'],
	['melamine-3/4', '3/4 melamine board', inch(3 / 4), 'particle-inch'],
	['melamine-16', '16 mm melamine board', 16, 'particle'],
	['melamine-19', '19 mm melamine board', 19, 'particle'],
	['hardboard-1/4', '1/4 hardboard', inch(1 / 4), 'hard-inch'],
	['hardboard-3', '3 mm hardboard', 3, 'hard'],
	['hardboard-6', '6 mm hardboard', 6, 'hard']
] as const satisfies readonly (readonly [string, string, number, keyof typeof PRESSED])[];

const solidOf = (species: SpeciesId, length: Millimetres, section: string) => {
	const { G, Fb, Fv, FcPerp, density, source } = wood(species);
	return {
		kind: 'solid' as const,
		panel: null,
		species,
		G,
		Fb,
		Fv,
		FcPerp,
		density,
		length,
		source: `section: ${section}; ${source}`
	};
};
const CUT_FROM = {
	spf: solidOf('spf', inch(96), 'dressed dry sizes of PS 20'),
	oak: solidOf('red-oak', inch(96), 'thickness as it is called, surfaced; width: stand-in, sold at random'),
	c16: solidOf('c16', 2400, 'planed sizes commonly sold, EN 1313-1 less planing'),
	'c16-sawn': solidOf('c16', 2400, 'sawn sizes of EN 1313-1')
};

const sheetOf = (
	panel: PanelKind,
	size: { width: Millimetres; length: Millimetres },
	of: Pick<Stock, 'G' | 'Fb' | 'Fv' | 'FcPerp' | 'density' | 'source'>
) => ({ kind: 'ply' as const, panel, species: 'unknown' as const, ...size, ...of });
const IMPERIAL = { width: inch(48), length: inch(96) };
const METRIC = { width: 1220, length: 2440 };
const PLY = {
	G: 0.42,
	Fb: 1000 * MPA_PER_PSI,
	Fv: 190 * MPA_PER_PSI,
	FcPerp: 360 * MPA_PER_PSI,
	density: 560,
	source:
		'G: NDS 2018 Table 12.3.3B, other grades; stresses on edge: stand-in below the panel design specification; size: PS 1 performance category'
};
/** Birch bears and weighs more; nothing it is counted for says so but its weight. */
const BIRCH = {
	...PLY,
	density: 680,
	source: `density: as sold; the rest as other ply, a stand-in below birch; ${PLY.source}`
};
const OSB = {
	G: 0.5,
	Fb: 600 * MPA_PER_PSI,
	Fv: 130 * MPA_PER_PSI,
	FcPerp: 360 * MPA_PER_PSI,
	density: 630,
	source: 'G: NDS 2018 Table 12.3.3B; stresses: stand-in; size: PS 2 performance category'
};
/** Pressed boards: screws in them have no published value; in bending a quarter of their rupture. */
function pressed(kind: PanelKind) {
	const { G, mor, Fv, FcPerp, density, source } = PANEL_MATERIALS[kind];
	return { G, Fb: mor / 4, Fv, FcPerp, density, source };
}
const PRESSED = {
	'ply-inch': sheetOf('ply', IMPERIAL, PLY),
	ply: sheetOf('ply', METRIC, PLY),
	'birch-inch': sheetOf('ply', IMPERIAL, BIRCH),
	birch: sheetOf('ply', METRIC, BIRCH),
	'osb-inch': sheetOf('osb', IMPERIAL, OSB),
	osb: sheetOf('osb', METRIC, OSB),
	'mdf-inch': sheetOf('mdf', IMPERIAL, pressed('mdf')),
	mdf: sheetOf('mdf', METRIC, pressed('mdf')),
	'particle-inch': sheetOf('particleboard', IMPERIAL, pressed('particleboard')),
	particle: sheetOf('particleboard', METRIC, pressed('particleboard')),
	'hard-inch': sheetOf('hardboard', IMPERIAL, pressed('hardboard')),
	hard: sheetOf('hardboard', METRIC, pressed('hardboard'))
};

/** Every board and sheet, in its real size. */
export const STOCKS: readonly Stock[] = [
	...SHEETS.map(([id, title, thickness, kind]): Stock => ({ ...PRESSED[kind], id, title, thickness })),
	...SIZES.map(([id, title, thickness, width, from]): Stock => ({ ...CUT_FROM[from], id, title, thickness, width }))
];
const BY_ID = new Map(STOCKS.map((s) => [s.id, s]));

/** Stocks that a wall cleat is ripped from. */
export const CLEAT_STOCKS: readonly StockId[] = ['ply-3/4', 'ply-1/2', 'ply-18', '1x4', '2x4', '18x94', '44x94'];

/** Boards and sheets that somebody has, once read. */
const OWN = new Map<string, Stock>();

/** A board of the shop's own, told by its id: what it is of, thickness, width, length. */
function ownStock(id: string): Stock | undefined {
	const known = OWN.get(id);
	if (known) return known;
	const own = readOwn(id);
	if (!own) return undefined;
	const { thickness, width, length } = own;
	const size = `${Number(thickness.toFixed(1))} x ${Number(width.toFixed(1))}`;
	const common = { id: id as OwnId, thickness, width };
	const made: Stock =
		own.form === 'board'
			? {
					...solidOf(own.of, length, 'as measured'),
					...common,
					title: `own ${wood(own.of).title.toLowerCase()}, ${size}`
				}
			: {
					...sheetOf(own.of, { width, length }, pressed(own.of)),
					...common,
					title: `own ${PANEL_MATERIALS[own.of].title}, ${size}`
				};
	OWN.set(id, made);
	return made;
}

/**
 * The stock with this id: one of the usual ones, or one of the shop's own.
 * @throws RangeError when the id is in no table
 * @example stock('1x4').width // 88.9
 */
export function stock(id: StockId): Stock {
	const found = BY_ID.get(id) ?? ownStock(id);
	if (!found) throw new RangeError(`No such stock: ${id}`);
	return found;
}

/** Of some boards, the first that no table gives a value for screws in; undefined where all have one. */
export const noScrewsIn = (...ids: readonly StockId[]): Stock | undefined => ids.map(stock).find((s) => s.G === null);

/** Its specific gravity, where a screw in it is to be counted. @throws RangeError where no table gives one */
export function screwGravity({ G, title }: Pick<Stock, 'G' | 'title'>): number {
	if (G === null) throw new RangeError(`No value is published for screws in ${title}`);
	return G;
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
