import type { Cladding, Row, Wall } from '../../plan/types';
import type { Millimetres } from '../../units/quantity';
import { DRYWALL_CRUSH } from './roll';

/** The line a row's cleat rolls about. */
export interface TurningEdge {
	/**
	 * How far below the cleat's lower edge the wood that rolls with it ends: its own edge, a twist block's foot, a
	 * backer's.
	 */
	below: Millimetres;
	/** Height above that end of the line it turns about: plasterboard crushes under it. */
	crush: Millimetres;
}

/**
 * Is there plasterboard of any thickness in the wall's skin, under whatever else? A thin panel over it does not keep it
 * from crushing.
 */
export function crushes({ kind, thickness, under = [] }: Cladding): boolean {
	return [...(kind === 'none' ? [] : [{ kind, thickness }]), ...under].some(
		(l) => l.kind === 'drywall' && l.thickness > 0
	);
}

/** Where a row turns out of the wall. @example turningEdge(row, wall).below // 0 for a plain cleat */
export function turningEdge(row: Pick<Row, 'twistBlock' | 'backer'>, wall: Pick<Wall, 'cladding'>): TurningEdge {
	const below = row.backer ? row.backer.below : (row.twistBlock?.height ?? 0);
	return { below, crush: crushes(wall.cladding) ? DRYWALL_CRUSH : 0 };
}
