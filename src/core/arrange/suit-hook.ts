import { rowProfile } from '../plan/profile';
import { withStrips } from '../plan/held';
import type { HungHolder, Row } from '../plan/types';
import { stock } from '../materials/stocks';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import type { LengthUnit } from '../units/parse-length';

/** Left over their points, so that none shows. */
const POINT: Millimetres = 3;
/** Screws are sold in steps of so much. */
const STEP: Record<LengthUnit, Millimetres> = { mm: 5, inch: MM_PER_INCH / 4 };

/**
 * A new holder with hook screws that suit the row it is to hang on, where those it has do not reach, or poke out: the
 * strips behind it are of the same rip as the row's cleat, and that may be thicker than usual.
 * @example suitHook(holder, row, 3.2).mount.strips.hook.screws.length // 55 on a row 44 thick
 */
export function suitHook(holder: HungHolder, row: Row, kerf: number): HungHolder {
	const { hook, recessed } = holder.mount.strips;
	if (recessed) return holder;
	const [strip, board] = [rowProfile(row, kerf).thickness, stock(holder.back.stock).thickness];
	const first = hook.from === 'back' ? strip : board;
	const { length } = hook.screws;
	// At least a third of what takes the point is gone into.
	const reaches = length >= first + (strip + board - first) / 3;
	if (reaches && length <= strip + board - POINT) return holder;
	const step = STEP[Number.isInteger(length) ? 'mm' : 'inch'];
	const suited = Math.floor((strip + board - POINT) / step) * step;
	return { ...holder, mount: withStrips(holder, { hook: { ...hook, screws: { ...hook.screws, length: suited } } }) };
}
