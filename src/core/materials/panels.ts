import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';

export type PanelKind = 'ply' | 'osb' | 'mdf' | 'particleboard' | 'hardboard';

/** A kind of sheet: what it bears and how it creeps. */
export interface PanelMaterial {
	title: string;
	/** Specific gravity for fasteners; null where no table gives one. */
	G: number | null;
	E: Megapascals;
	/** Modulus of rupture, the low end of what is sold. */
	mor: Megapascals;
	/** Allowable shear through the thickness. */
	Fv: Megapascals;
	FcPerp: Megapascals;
	/** Deflection under a load that stays, as a multiple of that at once. */
	creep: number;
	density: number;
	source: string;
}

const HANDBOOK =
	'E, modulus of rupture: Wood Handbook FPL-GTR-282 Table 12-1, low end; creep: EN 1995-1-1 k_def, service class 1';
const SHEAR = 'shear, bearing: stand-in';

export const PANEL_MATERIALS: Record<PanelKind, PanelMaterial> = {
	ply: {
		title: 'plywood',
		G: 0.42,
		E: 6960,
		mor: 33.7,
		Fv: 190 * MPA_PER_PSI,
		FcPerp: 360 * MPA_PER_PSI,
		creep: 1.8,
		density: 560,
		source: `G: NDS 2018 Table 12.3.3B, other grades; ${HANDBOOK}; ${SHEAR}`
	},
	osb: {
		title: 'OSB',
		G: 0.5,
		E: 4410,
		mor: 21.8,
		Fv: 130 * MPA_PER_PSI,
		FcPerp: 360 * MPA_PER_PSI,
		creep: 2.5,
		density: 630,
		source: `G: NDS 2018 Table 12.3.3B; ${HANDBOOK}; ${SHEAR}`
	},
	mdf: {
		title: 'MDF',
		G: null,
		E: 2700,
		mor: 24,
		Fv: 0.6,
		FcPerp: 2,
		creep: 3.25,
		density: 740,
		source: `E, modulus of rupture: stand-in below Wood Handbook Table 12-1; creep: EN 1995-1-1 k_def, service class 1; ${SHEAR}`
	},
	particleboard: {
		title: 'particleboard',
		G: null,
		E: 2760,
		mor: 15.2,
		Fv: 0.5,
		FcPerp: 2,
		creep: 3.25,
		density: 680,
		source: `${HANDBOOK}; ${SHEAR}`
	},
	hardboard: {
		title: 'hardboard',
		G: null,
		E: 3100,
		mor: 31,
		Fv: 0.6,
		FcPerp: 2,
		creep: 3.25,
		density: 950,
		source: `${HANDBOOK}; ${SHEAR}`
	}
};

/** A sheet as bought, in its real thickness. */
export interface Panel {
	id: string;
	title: string;
	kind: PanelKind;
	thickness: Millimetres;
	source: string;
}

const PS = 'performance category of PS 1 and PS 2, thickness as often sold';
const EN = 'thickness as it is called, EN 315';
const panelOf = (kind: PanelKind, size: string, thickness: Millimetres, source: string): Panel => ({
	id: `${kind}-${size.split(' ')[0]}`,
	title: `${size} ${PANEL_MATERIALS[kind].title}`,
	kind,
	thickness,
	source
});
const inch = (n: number): Millimetres => n * MM_PER_INCH;

export const PANELS: readonly Panel[] = [
	panelOf('ply', '1/4 in', inch(7 / 32), PS),
	panelOf('ply', '1/2 in', inch(15 / 32), PS),
	panelOf('ply', '3/4 in', inch(23 / 32), PS),
	panelOf('osb', '7/16 in', inch(7 / 16), PS),
	panelOf('osb', '3/4 in', inch(23 / 32), PS),
	panelOf('mdf', '1/2 in', inch(1 / 2), PS),
	panelOf('mdf', '3/4 in', inch(3 / 4), PS),
	panelOf('particleboard', '3/4 in', inch(3 / 4), PS),
	...[6, 9, 12, 15, 18, 24].map((t) => panelOf('ply', `${t} mm`, t, EN)),
	...[11, 18].map((t) => panelOf('osb', `${t} mm`, t, EN)),
	...[12, 18, 22].map((t) => panelOf('mdf', `${t} mm`, t, EN))
];

/** Creep of dry solid wood under a load that stays: K_cr of NDS 2018 3.5.2 for seasoned lumber, from memory. */
export const SOLID_CREEP = 1.5;
