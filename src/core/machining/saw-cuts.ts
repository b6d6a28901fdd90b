import type { CutGroup } from '../cutting/cut-group';
import { metalOf } from '../cutting/groups';
import type { Rest } from '../cutting/cut-sheet';
import { setCuts, settingKey, type Setting } from '../cutting/settings';
import { LOAD_CONSTANT } from '../handling/lifting';
import { strapOf } from '../materials/steel';
import { stock, type StockId } from '../materials/stocks';
import type { Kilograms, Millimetres } from '../units/quantity';
import type { Offer } from '../cutting/offers';

/** One cut of one board, with what must be cut before it. */
export interface SawCut {
	/** Of its group, from 1, as it is drawn. */
	sheet: number;
	/** Of its sheet, from 1. */
	cut: number;
	group: CutGroup;
	setting: Setting;
	/** Equal ones are made together. Thicker boards and rods are set anew: the blade's height is part of it. */
	key: string;
	/** What is sawn, as it lies before this cut. */
	from: Rest;
	thickness: Millimetres;
	mass: Kilograms;
	/** A metal bar or tube, which no saw for wood may touch; null of wood. */
	metal: 'bar' | 'tube' | null;
	/** A sheet heavier than one person lifts: it is broken down where it lies, before any fence is set. */
	heavy: boolean;
	/** The cut that leaves what this one saws; null for a whole board. */
	after: SawCut | null;
}

/** How thick a group's boards are, and what a cubic metre weighs; rods as thick as they are wide. */
function bodyOf({ kind, pieces }: CutGroup, { stock: id, width }: Offer): { thickness: Millimetres; density: number } {
	const form = pieces[0]?.form;
	if (form?.kind === 'strap') return { thickness: strapOf(form.strap).thickness, density: 0 };
	if (kind === 'rod' || kind === 'dowel' || id === null) return { thickness: width, density: 0 };
	const { thickness, density } = stock(id as StockId);
	return { thickness, density };
}

const holds = (outer: Rest, inner: Rest): boolean =>
	inner.x >= outer.x - 0.05 &&
	inner.y >= outer.y - 0.05 &&
	inner.x + inner.length <= outer.x + outer.length + 0.05 &&
	inner.y + inner.width <= outer.y + outer.width + 0.05;

/**
 * Every cut of a cut plan's group, each with the one that frees what it saws.
 * @example sawCutsOf(group, 3.2)[0]?.after // null: a whole sheet
 */
export function sawCutsOf(group: CutGroup, kerf: Millimetres): SawCut[] {
	return group.sheets.flatMap((sheet, s) => {
		const offer = group.offers[sheet.offer] as Offer;
		const { thickness, density } = bodyOf(group, offer);
		const metal = metalOf(group);
		const made: SawCut[] = [];
		for (const { cut, setting, from } of setCuts(sheet, offer, kerf)) {
			const mass = (from.length * from.width * thickness * density) / 1e9;
			const heavy = group.kind === 'sheet' && mass > LOAD_CONSTANT;
			made.push({
				sheet: s + 1,
				cut: sheet.cuts.indexOf(cut) + 1,
				group,
				setting,
				key: `${heavy ? 'heavy ' : ''}${metal ? 'metal ' : ''}${thickness.toFixed(1)} ${settingKey(setting)}`,
				from,
				thickness,
				mass,
				metal,
				heavy,
				// The last that sawed what this lies in: its halves are cut no more but by those that follow.
				after: made.findLast((c) => holds(c.from, from)) ?? null
			});
		}
		return made;
	});
}
