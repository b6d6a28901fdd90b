import type { Fitted, Wanted } from '../carriers/carrier';
import { carrierKind } from '../kinds/registry';
import { stock, type StockId } from '../materials/stocks';
import type { Millimetres } from '../units/quantity';
import { fail, ok, type Result } from '../result';
import { withStrips } from '../plan/held';
import type { HungHolder } from '../plan/types';
import { emptyHolder, startBack } from './empty-holder';

/** A holder made for a thing, what led to its figures, and how many of the thing found no seat. */
export interface MadeFor {
	holder: HungHolder;
	fitted: Fitted;
	over: number;
}

/** Hook screws stand about so far apart. */
const SCREW_PITCH = 150;

/** Screws of a hook so wide. @example hookScrewsFor(600) // 4 */
export const hookScrewsFor = (width: Millimetres): number => Math.max(2, Math.ceil(width / SCREW_PITCH));

/** The usual board, or a sheet where that is not so wide. */
function boardFor(height: Millimetres, unit: Wanted['unit']): StockId {
	const { stock: usual } = startBack(unit);
	if (stock(usual).width + 0.01 >= height) return usual;
	return unit === 'mm' ? 'ply-18' : 'ply-3/4';
}

/**
 * A back with one carrier made for a thing: as wide and as high as the carrier asks, with screws for its width.
 * @param asked the thing, how many, the widest it may be
 * @returns the holder, hung nowhere yet; or why this carrier cannot carry it
 * @example holderFor('pegs', { thing, count: 4, widest: 1200, unit: 'mm' }, 'h9')
 */
export function holderFor(kind: string, asked: Wanted, id: string): Result<MadeFor> {
	const fitted = carrierKind(kind).fit?.(asked) ?? fail('it is not made to measure');
	if (!fitted.ok) return fitted;
	const { params, back, x = 0, y, load } = fitted.value;
	const start = emptyHolder(id, '', asked.unit);
	const { hook } = start.mount.strips;
	const screws = { ...hook.screws, count: hookScrewsFor(back.width) };
	return ok({
		holder: {
			...start,
			mount: withStrips(start, { hook: { ...hook, screws } }),
			back: { ...start.back, ...back, stock: boardFor(back.height, asked.unit) },
			carriers: [{ id: 'c1', kind, at: { on: 'back', x, y }, params, loads: [load] }]
		},
		fitted: fitted.value,
		over: Math.max(0, asked.count - load.count)
	});
}
