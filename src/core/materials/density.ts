import { capital } from '../words';
import { PANEL_MATERIALS, type PanelKind } from './panels';

/** A wood as it is stored in boards: what a cubic metre weighs follows from its specific gravity and how wet it is. */
export interface Species {
	id: string;
	title: string;
	/** Oven-dry mass over the volume when green, as the tables give it. */
	Gb: number;
	source: string;
}

const FPL = 'Wood Handbook FPL-GTR-282 Table 5-3 (green)';
const IMPORTED = 'Wood Handbook FPL-GTR-282 Table 5-5 (green)';
const of = (id: string, title: string, Gb: number, source = FPL): Species => ({ id, title, Gb, source });

export const SPECIES: readonly Species[] = [
	of('spruce', 'Spruce', 0.37),
	of('pine', 'Pine, eastern white', 0.34),
	of('pine-southern', 'Pine, southern yellow (longleaf)', 0.54),
	of('fir-douglas', 'Douglas fir', 0.45),
	of('hemlock', 'Hemlock, western', 0.42),
	of('cedar-red', 'Cedar, western red', 0.31),
	of('larch', 'Larch, western', 0.48),
	of('ash', 'Ash, white', 0.55),
	of('oak-white', 'Oak, white', 0.6),
	of('oak-red', 'Oak, northern red', 0.56),
	of('maple', 'Maple, sugar', 0.56),
	of('beech', 'Beech', 0.56),
	of('birch', 'Birch, yellow', 0.55),
	of('cherry', 'Cherry, black', 0.47),
	of('walnut', 'Walnut, black', 0.51),
	of('poplar', 'Yellow poplar', 0.4),
	of('basswood', 'Basswood', 0.32),
	of('hickory', 'Hickory, shagbark', 0.64),
	of('elm', 'Elm, American', 0.46),
	of('alder', 'Alder, red', 0.37),
	of('cottonwood', 'Cottonwood', 0.37),
	of('teak', 'Teak', 0.55, IMPORTED),
	of('mahogany', 'Mahogany, true', 0.45, IMPORTED),
	of('iroko', 'Iroko', 0.54, IMPORTED)
];

/** Moisture above which the cell walls are full and wood swells no more, %. */
const FIBRE_SATURATION = 30;

/**
 * Specific gravity on the volume at a moisture content, from that on the green volume.
 * @param moisture %, 0 to 30 and more
 * @see Wood Handbook FPL-GTR-282, chapter 4: G_M = G_b / (1 - 0.265 a G_b), a = (30 - M) / 30
 * @example specificGravityAt(0.4, 12) // 0.427
 */
export function specificGravityAt(Gb: number, moisture: number): number {
	const a = Math.max(0, FIBRE_SATURATION - moisture) / FIBRE_SATURATION;
	return Gb / (1 - 0.265 * a * Gb);
}

/**
 * What a cubic metre weighs, kg, with its water in it.
 * @see Wood Handbook FPL-GTR-282, chapter 4: 1000 G_M (1 + M / 100)
 * @example densityAt(0.4, 12) // 478
 */
export function densityAt(Gb: number, moisture: number): number {
	return 1000 * specificGravityAt(Gb, moisture) * (1 + moisture / 100);
}

/** What boards and sheets are made of, to choose from. */
export const BOARD_MATERIALS: readonly { value: string; name: string }[] = [
	...SPECIES.map((s) => ({ value: s.id, name: s.title })),
	...(Object.keys(PANEL_MATERIALS) as PanelKind[]).map((k) => ({ value: k, name: capital(PANEL_MATERIALS[k].title) }))
];

/** Is this a sheet material? Its weight is that of the sheet as sold; moisture changes little. */
export const isPanel = (material: string): material is PanelKind => Object.hasOwn(PANEL_MATERIALS, material);

/**
 * Density of a board or sheet, kg/m3, and where it is from.
 * @param moisture %, of solid wood
 * @throws RangeError when the material is in no table
 */
export function densityOf(material: string, moisture: number): { density: number; source: string } {
	if (isPanel(material))
		return {
			density: PANEL_MATERIALS[material].density,
			source: 'panel as sold: stand-in within the range of Wood Handbook Table 12-1'
		};
	const species = SPECIES.find((s) => s.id === material);
	if (!species) throw new RangeError(`No such material: ${material}`);
	return { density: densityAt(species.Gb, moisture), source: species.source };
}
