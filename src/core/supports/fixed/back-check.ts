import { stock } from '../../materials/stocks';
import { bendsAcross } from '../../members/cantilever';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { checkOf, type Check } from '../../verdict/check';
import type { FixedLoads } from './loads';
import type { FixedPlaced } from '../../places/fixed/place';

/** Of the height of a back, so much bends with the pull along its top: a judgement. */
const BENDS_WITH = 0.5;

/**
 * A fixed back between its columns and past them: the roll of what stands on it pulls its top out of the wall, and it
 * bends over its screws. None where nothing bends it.
 */
export function backCheck(p: FixedPlaced, { bends, lever, roll }: FixedLoads): Check[] {
	const { stock: board, height, made } = p.holder.back;
	// Battens are not one board: each stands on its own screws.
	if (made.kind === 'battens' || !(bends > 0) || !(lever > 0)) return [];
	const { thickness } = stock(board);
	const wide = height * BENDS_WITH;
	const M = bends / lever;
	const S = (wide * thickness ** 2) / 6;
	const { allowed, sum } = bendsAcross(board, 'along');
	return [
		checkOf(
			`holder:${p.holder.id}:back`,
			{ kind: 'holder', id: p.holder.id },
			{
				title: 'back bends',
				reason: phrase('the back bends between its screws'),
				source: 'statics; the part of the height that bends is a judgement',
				demand: stress(M / S),
				capacity: stress(allowed),
				lines: () => [
					{
						label: 'pulls its top',
						sum: phrase('{M} / {h}', { M: moment(roll), h: mm(lever) }),
						result: newtons(roll / lever)
					},
					{
						label: 'bends it',
						sum: phrase('as a beam over its screws, the worst of what may be off'),
						result: moment(M)
					},
					{
						label: 'bending',
						sum: phrase(`6 × {M} / ({w} × {t}²): {w} is ${BENDS_WITH} of its height`, {
							M: moment(M),
							w: mm(wide),
							t: mm(thickness)
						}),
						result: stress(M / S)
					},
					{ label: 'allowed', sum: phrase(sum), result: stress(allowed) }
				]
			}
		)
	];
}
