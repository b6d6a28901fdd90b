import type { StudLoad } from '../../mechanics/members/stud-bending';
import type { Column } from '../../places/fixed/columns';
import type { Millimetres } from '../../units/quantity';
import type { ColumnLoad } from './loads';

/**
 * What a column of screws gives to the stud that it is in: the weight at the middle of its screws, and what turns the
 * stud with it.
 * @param foot of what is screwed on, above the floor
 * @param gap between that and the stud
 * @example givenBy(column, load, placed.foot, 12.5).force
 */
export function givenBy(
	{ support, heights, x }: Column,
	{ down, lift, roll }: Pick<ColumnLoad, 'down' | 'lift' | 'roll'>,
	foot: Millimetres,
	gap: Millimetres
): StudLoad {
	return {
		height: foot + heights.reduce((a, b) => a + b, 0) / heights.length,
		force: Math.max(down, lift),
		couple: roll + down * (support.depth / 2 + gap),
		at: x
	};
}
