import { boardMaterial } from '../materials/own-stock';
import { stock, type StockId } from '../materials/stocks';
import { newBoard, worthKeeping, type Board, type OffcutRule } from '../lumber/board';
import type { Rest } from './cut-sheet';

/** Sheets may be used either way round, boards along their grain. */
function isWorth(rest: Rest, form: Board['form'], rule: OffcutRule): boolean {
	const kept = (longest: number, width: number) => worthKeeping({ longest, width }, rule);
	return kept(rest.length, rest.width) || (form === 'sheet' && kept(rest.width, rest.length));
}

/**
 * Lines for the shop's lumber of what is left and worth keeping, equal pieces together.
 * @param of the stock it is of
 * @param from the line it was taken from, where it was the shop's own
 * @param newId a fresh id each time
 * @example offcutsOf(rests, 'ply-18', null, shop.settings, newId)
 */
export function offcutsOf(
	rests: readonly Rest[],
	of: StockId,
	from: Board | null,
	rule: OffcutRule,
	newId: () => string
): Board[] {
	const { kind, thickness, species, panel } = stock(of);
	const form = kind === 'ply' ? 'sheet' : 'board';
	const { material, quality } = boardMaterial(panel ?? species);
	const start = from ?? { ...newBoard('', form, false), name: '', material, quality, thickness };
	const lines = new Map<string, Board>();
	for (const rest of rests) {
		if (!isWorth(rest, form, rule)) continue;
		// Down to the millimetre: nobody measures an offcut finer, and more than there is must not be counted on.
		const [length, width] = [Math.floor(rest.length + 1e-6), Math.floor(rest.width + 1e-6)];
		const key = `${length} ${width}`;
		const line = lines.get(key);
		if (line) line.count += 1;
		else
			lines.set(key, {
				...start,
				id: newId(),
				form,
				count: 1,
				width,
				shortest: length,
				longest: length,
				offcut: true
			});
	}
	return [...lines.values()];
}
