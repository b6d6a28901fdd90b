import type { Megapascals } from '../units/quantity';
import { PANEL_MATERIALS, SOLID_CREEP, type PanelKind } from './panels';
import { isKnown, wood, WOODS, type SpeciesId } from './woods';

export type BendingId = SpeciesId | PanelKind;

/** What a board or sheet takes in bending under a load that stays. */
export interface BendingMaterial {
	title: string;
	/** Allowable under storage, duration counted. */
	Fb: Megapascals;
	Fv: Megapascals;
	FcPerp: Megapascals;
	E: Megapascals;
	creep: number;
	/** How the bending value comes about. */
	sum: { strength: Megapascals; factor: string };
	known: boolean;
	source: string;
}

/** Rupture of a panel is divided by this. */
const PANEL_FACTOR = 4;

const isPanel = (id: BendingId): id is PanelKind => Object.hasOwn(PANEL_MATERIALS, id);

/**
 * A board by its species or a sheet by its kind, for what bends under storage.
 * @param duration load duration factor C_D of solid wood; a sheet's value is its rupture over 4 and counts as lasting
 * @throws RangeError when the id is in no table
 * @example bendingMaterial('spf', 0.9).Fb // 5.43
 */
export function bendingMaterial(id: BendingId, duration: number): BendingMaterial {
	if (isPanel(id)) {
		const p = PANEL_MATERIALS[id];
		return {
			title: p.title,
			Fb: p.mor / PANEL_FACTOR,
			Fv: p.Fv,
			FcPerp: p.FcPerp,
			E: p.E,
			creep: p.creep,
			sum: { strength: p.mor, factor: `/ ${PANEL_FACTOR}` },
			known: true,
			source: p.source
		};
	}
	const w = wood(id);
	return {
		title: w.title,
		Fb: w.Fb * duration,
		Fv: w.Fv * duration,
		FcPerp: w.FcPerp,
		E: w.E,
		creep: SOLID_CREEP,
		sum: { strength: w.Fb, factor: `× ${duration}` },
		known: isKnown(id),
		source: w.source
	};
}

/** What a member may be made of, to choose from. */
export const BENDING_CHOICES: readonly { value: BendingId; name: string }[] = [
	...(Object.keys(PANEL_MATERIALS) as PanelKind[]).map((id) => ({ value: id, name: PANEL_MATERIALS[id].title })),
	...WOODS.map((w) => ({ value: w.id, name: w.title }))
];

/** Timber to choose from. */
export const WOOD_CHOICES: readonly { value: SpeciesId; name: string }[] = WOODS.map((w) => ({
	value: w.id,
	name: w.title
}));

/** What a screw may go through or into: specific gravity by name; null where no table gives one. */
export function gravityOf(id: BendingId): number | null {
	if (isPanel(id)) return PANEL_MATERIALS[id].G;
	return isKnown(id) ? wood(id).G : null;
}
