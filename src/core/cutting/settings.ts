import type { Millimetres } from '../units/quantity';
import type { Cut, CutSheet, Rest } from './cut-sheet';
import { goesThrough, parted } from './saw-through';

/** Where the fence or the stop stands for a cut, and how the blade leans. */
export interface Setting {
	/** A rip along the grain of the sheet, or a cut across it. */
	across: boolean;
	/** From the fence or the stop to the near side of the blade. */
	at: Millimetres;
	/** Degrees; 0 stands square. */
	bevel: number;
}

/** What differs by less is one setting: nobody sets a fence finer. */
const SAME = 0.1;

/** A cut with the setting it is made at. */
export interface SetCut {
	cut: Cut;
	setting: Setting;
	/** What is sawn, as it lies before this cut. */
	from: Rest;
}

/**
 * The setting of every cut of a sheet, in their order: what is sawn off at the left or near side of what has been cut
 * free so far.
 * @param size of the sheet, mm
 * @example setCuts(sheet, { length: 2440, width: 1220 }, 3.2)[0]?.setting.at
 */
export function setCuts(
	{ cuts }: Pick<CutSheet, 'cuts'>,
	{ length, width }: { length: Millimetres; width: Millimetres },
	kerf: Millimetres
): SetCut[] {
	let bench: Rest[] = [{ x: 0, y: 0, length, width }];
	return cuts.flatMap((cut) => {
		const from = bench.find((r) => goesThrough(r, cut));
		if (!from) return [];
		bench = bench.flatMap((r) => (r === from ? parted(r, cut, kerf) : [r]));
		const at = cut.across ? cut.at - from.x : cut.at - from.y;
		return [{ cut, from, setting: { across: cut.across, at: Math.round(at / SAME) * SAME, bevel: cut.bevel ?? 0 } }];
	});
}

/** Equal settings have equal keys. */
export const settingKey = ({ across, at, bevel }: Setting): string =>
	`${across ? 'across' : 'along'} ${at.toFixed(1)} ${bevel}`;

/** How often the saw must be set for these sheets, cuts of one setting all made together. */
export function settingsOf(
	sheets: readonly CutSheet[],
	offers: readonly { length: Millimetres; width: Millimetres }[],
	kerf: Millimetres
): number {
	const all = new Set<string>();
	for (const sheet of sheets) {
		const offer = offers[sheet.offer];
		if (offer) for (const { setting } of setCuts(sheet, offer, kerf)) all.add(settingKey(setting));
	}
	return all.size;
}
