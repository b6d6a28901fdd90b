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
 * All of a stock-take that wants a place on a wall: its things, and its boards, which lie on racks. Sheets and offcuts
 * stand elsewhere. The same list while the shop stays as it is.
 * @example toHang(shop).filter((t) => t.grip === 'arms').length
 */
export const toHang = remembering((shop: Pick<Shop, 'things' | 'boards'>): Thing[] => [
	...shop.things,
	...shop.boards.filter((b) => b.form === 'board' && !b.offcut).map(boardAsThing)
]);
