import { stock } from '../materials/stocks';
import { bentUp } from '../members/across-grain';
import type { Strip } from '../mechanics/statics/strip-bending';
import type { InPlace } from '../places/in-place';
import type { Backed } from '../plan/types';
import { mm, moment, phrase, stress } from '../units/phrase';
import { checkOf, type Check, type SumLine } from '../verdict/check';

/**
 * The check of a back in bending up its height, across the grain of its faces, by its hardest bent strip.
 * @param bends how the moment comes about, in the words of its mount
 */
export function bentUpCheck(
	{ holder }: Pick<InPlace<Backed>, 'holder'>,
	strip: Strip,
	bends: () => SumLine[],
	reason: string
): Check {
	const { thickness } = stock(holder.back.stock);
	const { allowed, sum, source } = bentUp(holder.back.stock);
	const values = { M: moment(strip.M), w: mm(strip.wide), t: mm(thickness) };
	const bending = (6 * strip.M) / (strip.wide * thickness ** 2);
	return checkOf(
		`holder:${holder.id}:back-up`,
		{ kind: 'holder', id: holder.id },
		{
			title: 'back bends up its height',
			reason: phrase(reason),
			source: `${source}; how far beside it a board helps is a judgement`,
			demand: stress(bending),
			capacity: stress(allowed),
			lines: () => [
				...bends(),
				{
					label: 'bending',
					sum: phrase('6 × {M} / ({w} × {t}²): a strip so wide helps', values),
					result: stress(bending)
				},
				{ label: 'allowed', sum, result: stress(allowed) }
			]
		}
	);
}
