import { boardFigures, boardName, type Board } from '../lumber/board';
import { remembering } from '../remembering';
import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';
import type { Shop } from './types';

/**
 * A line of boards as a thing to be laid on arms: as long as the longest, as heavy as one of those, as wide and thick
 * as they are.
 * @example boardAsThing(board).grip // 'arms'
 */
export function boardAsThing(b: Board): Thing {
	const each = b.count > 0 ? boardFigures(b).most / b.count : null;
	return {
		...newThing(b.id, boardName(b)),
		group: 'lumber',
		count: b.count,
		width: Math.max(b.shortest, b.longest),
		height: b.thickness,
		depth: b.width,
		mass: each,
		grip: 'arms',
		dims: { shortest: Math.min(b.shortest, b.longest), longest: Math.max(b.shortest, b.longest) },
		where: b.where
	};
}

/**
 * A line of sheets as a thing to be stood on edge, on its longer side.
 * @example sheetAsThing(sheet).grip // 'edge'
 */
export function sheetAsThing(b: Board): Thing {
	const [long, high] = [Math.max(b.longest, b.width), Math.min(b.longest, b.width)];
	return {
		...boardAsThing(b),
		width: long,
		height: high,
		depth: b.thickness,
		grip: 'edge',
		dims: {}
	};
}

/**
 * All of a stock-take that wants a place on a wall: its things, its boards, which lie on racks, and its sheets, which
 * stand on edge. Offcuts are stock to cut from first, and stand in a bin. The same list while the shop stays as it is.
 * @example toHang(shop).filter((t) => t.grip === 'arms').length
 */
export const toHang = remembering((shop: Pick<Shop, 'things' | 'boards'>): Thing[] => [
	...shop.things,
	...shop.boards.filter((b) => b.form === 'board' && !b.offcut).map(boardAsThing),
	...shop.boards.filter((b) => b.form === 'sheet' && !b.offcut).map(sheetAsThing)
]);
