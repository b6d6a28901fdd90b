import { stock } from '../../materials/stocks';
import { bendsAcross } from '../../members/cantilever';
import type { Millimetres } from '../../units/quantity';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { checkOf, type Check } from '../../verdict/check';
import type { FixedLoads } from './loads';
import type { FixedPlaced } from '../../places/fixed/place';

/** Of the height of a back, so much bends with the pull along its top: a judgement. */
const BENDS_WITH = 0.5;

/** What pulls at a batten: from a carrier's lowest screw to what it turns about; null where none is screwed to it. */
function pullLever({ built }: FixedPlaced): { lever: Millimetres; highest: Millimetres } | null {
	const screwed = built.carriers
		.filter((c) => c.onBack)
		.flatMap((c) => {
			const ys = c.joints.flatMap((j) => j.places).filter(([, , z]) => Math.abs(z) < 0.01);
			return ys.length > 0 ? [{ ys: ys.map(([, y]) => y), low: c.taken.low }] : [];
		});
	if (screwed.length === 0) return null;
	return {
		lever: Math.max(1, Math.min(...screwed.map(({ ys, low }) => Math.min(...ys) - low))),
		highest: Math.max(...screwed.flatMap(({ ys }) => ys))
	};
}

/**
 * A batten between its screws: a carrier pulls it out of the wall anywhere between two of them, or above the highest.
 * The worst place counts, and never less than the couple itself.
 */
function battenChecks(p: FixedPlaced, loads: FixedLoads['columns'], width: Millimetres): Check[] {
	const { stock: board } = p.holder.back;
	const { thickness } = stock(board);
	const pulled = pullLever(p);
	const { allowed, sum } = bendsAcross(board, 'along');
	return p.columns.flatMap((column, i): Check[] => {
		const M = loads[i]?.roll ?? 0;
		if (!(M > 0)) return [];
		const ys = column.heights;
		const top = ys.at(-1) ?? 0;
		const gap = Math.max(top, ...ys.slice(1).map((y, k) => y - (ys[k] ?? 0)));
		const arm = pulled ? Math.max(gap / 4, pulled.highest - top) : 0;
		const bent = pulled ? Math.max(M, (M * arm) / pulled.lever) : M;
		const stressed = (6 * bent) / (width * thickness ** 2);
		return [
			checkOf(
				`holder:${p.holder.id}:batten-${i + 1}`,
				{ kind: 'holder', id: p.holder.id },
				{
					title: 'batten bends',
					reason: phrase('the batten at {x@tape} bends between its screws', { x: mm(column.x) }),
					source: 'statics: the pull at the worst place',
					demand: stress(stressed),
					capacity: stress(allowed),
					lines: () => [
						{ label: 'roll here', sum: phrase('its share of what stands on the back'), result: moment(M) },
						{
							label: 'bends it',
							sum:
								pulled && bent > M
									? phrase('{M} / {z} × {a}: pulled over {z}, a quarter of its free length or past its top screw', {
											M: moment(M),
											z: mm(pulled.lever),
											a: mm(arm)
										})
									: phrase('the couple itself'),
							result: moment(bent)
						},
						{
							label: 'bending',
							sum: phrase('6 × {M} / ({w} × {t}²)', { M: moment(bent), w: mm(width), t: mm(thickness) }),
							result: stress(stressed)
						},
						{ label: 'allowed', sum: phrase(sum), result: stress(allowed) }
					]
				}
			)
		];
	});
}

/**
 * A fixed back between its columns and past them: the roll of what stands on it pulls its top out of the wall, and it
 * bends over its screws. None where nothing bends it.
 */
export function backCheck(p: FixedPlaced, { bends, lever, roll, columns }: FixedLoads): Check[] {
	const { stock: board, height, made } = p.holder.back;
	// Battens are not one board: each bends by itself, between its own screws.
	if (made.kind === 'battens') return battenChecks(p, columns, made.width);
	if (!(bends > 0) || !(lever > 0)) return [];
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
