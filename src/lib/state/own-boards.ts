import type { Board } from '$core/lumber/board';
import { ownId } from '$core/materials/own-stock';
import { stock } from '$core/materials/stocks';

/**
 * Boards and sheets of the shop that a part may be made of, to choose from: those of a wood that has figures.
 * @example ownBoards(shop.boards)[0]?.name // 'own red oak, 27 x 180'
 */
export function ownBoards(boards: readonly Board[]): { value: string; name: string }[] {
	const found = new Map<string, string>();
	for (const b of boards) {
		const id = ownId(b);
		if (id) found.set(id, `${stock(id).title}${b.offcut ? ', offcut' : ''}`);
	}
	return [...found].map(([value, name]) => ({ value, name }));
}
