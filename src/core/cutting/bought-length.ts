import { DOWEL, stock, type StockId } from '../materials/stocks';
import type { Cutting } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/**
 * How long a stock is bought: as said on the plan, else as it usually comes.
 * @example boughtLength(plan.cutting, '2x4') // 2438.4
 */
export function boughtLength(cutting: Pick<Cutting, 'lengths'>, id: StockId | 'dowel'): Millimetres {
	return cutting.lengths.find((l) => l.stock === id)?.length ?? (id === 'dowel' ? DOWEL.length : stock(id).length);
}
