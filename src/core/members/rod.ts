import { ROD_MATERIALS } from '../materials/rods';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import { CD_BUMP } from '../mechanics/fasteners/joint';
import { DOWEL_FACTOR, rodStress } from '../mechanics/members/rod';
import { count, mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Degrees, Millimetres } from '../units/quantity';
import { GRAB } from '../verdict/grab';
import { defineMember, type MemberLoad } from './member';
import { rodSteps } from './rod-steps';

/** A dowel in a hole of a board, standing out. */
export interface RodData {
	kind: 'peg-rod';
	/** 'peg'. */
	name: string;
	diameter: Millimetres;
	embedded: Millimetres;
	tilt: Degrees;
	/** The board the hole is in. */
	board: StockId;
	/** How the seat's things come to it, in words. */
	share: string;
	/** Somebody could hang on it so far out. */
	projection: Millimetres;
}

/** Its data. */
export const rodOf = (data: Omit<RodData, 'kind'>): RodData => ({ kind: 'peg-rod', ...data });

/** Play of a dowel in the hole its own bit bored: a good fit, counted all the same. */
const PLAY: Millimetres = 0.2;

const turning = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

function steps(d: RodData, loads: readonly MemberLoad[]) {
	const V = loads.reduce((sum, l) => sum + l.weight, 0);
	if (V === 0) return [];
	const M = turning(loads);
	const bends = loads.reduce((sum, l) => sum + l.weight * l.z ** 2, 0);
	const board = stock(d.board);
	const judged = rodSteps({
		name: d.name,
		outer: d.diameter,
		wall: 0,
		material: { ...ROD_MATERIALS.birch, title: DOWEL.title },
		V,
		M,
		lines: () => [
			{
				label: `turns the ${d.name}`,
				sum: phrase(`{V} × {x}: {n} things, as far out as nothing keeps them from; ${d.share}`, {
					V: newtons(V),
					x: mm(M / V),
					n: count(loads.length)
				}),
				result: moment(M)
			}
		],
		embedded: d.embedded,
		hole: d.diameter + PLAY,
		tilt: d.tilt,
		bends: {
			value: bends / 2,
			sum: 'every {V} at its own place squared, {r}² in the mean, / 2',
			values: { V: newtons(V), r: mm(Math.sqrt(bends / V)) }
		},
		lipAllowed: board.FcPerp,
		lipLine: {
			label: 'allowed',
			sum: phrase(`bearing across the grain of {t} ${board.title}`, { t: mm(board.thickness) }),
			result: stress(board.FcPerp),
			source: board.source
		},
		lipSource: 'statics of a rigid rod in a hole; NDS 2018 Fc⊥',
		FcPerp: board.FcPerp
	});
	return [
		{ key: d.name, ...judged.bending },
		{ key: 'lip', ...judged.lip },
		{ key: 'tilt', ...judged.tilt, title: `tilt of the ${d.name}s` }
	];
}

export const rodMember = defineMember<RodData>({
	kind: 'peg-rod',
	measure: (_, loads) => turning(loads),
	steps,
	grab(d, at) {
		const M = GRAB * at.z;
		const fb = rodStress(M, d.diameter);
		const allowed = (DOWEL.mor / DOWEL_FACTOR) * CD_BUMP;
		return [
			{
				key: d.name,
				title: `grab: ${d.name}`,
				basis: 'grab',
				source: 'ASTM F2057 load; Wood Handbook',
				reason: phrase(`somebody hangs on a ${d.name}`),
				demand: stress(fb),
				capacity: stress(allowed),
				lines: () => [
					{
						label: `turns the ${d.name}`,
						sum: phrase('{G} × {L}: at its tip', { G: newtons(GRAB), L: mm(at.z) }),
						result: moment(M)
					},
					{
						label: 'bending',
						sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(d.diameter) }),
						result: stress(fb)
					},
					{
						label: 'allowed',
						sum: phrase(`{mor} / ${DOWEL_FACTOR} × ${CD_BUMP}`, { mor: stress(DOWEL.mor) }),
						result: stress(allowed)
					}
				]
			}
		];
	}
});
