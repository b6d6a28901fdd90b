import { allowedRodStress, rod, ROD_MATERIALS, type RodMaterial } from '../materials/rods';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import { CD_BUMP } from '../mechanics/fasteners/joint';
import { dowelBearing } from '../mechanics/fasteners/lateral';
import { DOWEL_FACTOR, roundSection } from '../mechanics/members/rod';
import { count, mm, moment, newtons, phrase, stress } from '../units/phrase';
import { MM_PER_INCH, MPA_PER_PSI, type Degrees, type Megapascals, type Millimetres } from '../units/quantity';
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
	/** A bar or a tube by its id; absent a dowel. */
	of?: string;
	/** Bored so wide; absent as its own bit bores. */
	hole?: Millimetres;
	/** It stands in the edge of an upright and bears along its grain; absent across. */
	along?: true;
	/** How the seat's things come to it, in words. */
	share: string;
	/** Somebody could hang on it so far out. */
	projection: Millimetres;
}

/** Its data. */
export const rodOf = (data: Omit<RodData, 'kind'>): RodData => ({ kind: 'peg-rod', ...data });

/** Play of a dowel in the hole its own bit bored: a good fit, counted all the same. */
const PLAY: Millimetres = 0.2;

/** What it is made of. */
function madeOf(d: RodData): { wall: Millimetres; material: RodMaterial } {
	if (d.of === undefined) return { wall: 0, material: { ...ROD_MATERIALS.birch, title: DOWEL.title } };
	const bar = rod(d.of);
	return { wall: bar.wall, material: ROD_MATERIALS[bar.material] };
}

/** What the edge of an upright bears along its grain, a quarter of its dowel bearing; null where it bears across. */
function alongGrain(d: RodData): Megapascals | null {
	const { G } = stock(d.board);
	if (!d.along || G === null) return null;
	return (dowelBearing(G, Math.max(LARGE, d.diameter / MM_PER_INCH), 0) * MPA_PER_PSI) / 4;
}
/** From here on the grain's direction counts, in. NDS 2018 Table 12.3.3. */
const LARGE = 0.25;

const turning = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

function steps(d: RodData, loads: readonly MemberLoad[]) {
	const V = loads.reduce((sum, l) => sum + l.weight, 0);
	if (V === 0) return [];
	const M = turning(loads);
	const bends = loads.reduce((sum, l) => sum + l.weight * l.z ** 2, 0);
	const board = stock(d.board);
	const { wall, material } = madeOf(d);
	const along = alongGrain(d);
	const judged = rodSteps({
		name: d.name,
		outer: d.diameter,
		wall,
		material,
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
		hole: d.hole ?? d.diameter + PLAY,
		tilt: d.tilt,
		bends: {
			value: bends / 2,
			sum: 'every {V} at its own place squared, {r}² in the mean, / 2',
			values: { V: newtons(V), r: mm(Math.sqrt(bends / V)) }
		},
		lipAllowed: along ?? board.FcPerp,
		lipLine:
			along === null
				? {
						label: 'allowed',
						sum: phrase(`bearing across the grain of {t} ${board.title}`, { t: mm(board.thickness) }),
						result: stress(board.FcPerp),
						source: board.source
					}
				: {
						label: 'allowed',
						sum: phrase(`11200 × ${board.G} / 4: in lb and in, along the grain of ${board.title}`),
						result: stress(along)
					},
		lipSource:
			along === null
				? 'statics of a rigid rod in a hole; NDS 2018 Fc⊥'
				: 'statics of a rigid rod in a hole; NDS 2018 Table 12.3.3',
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
	root(d) {
		const { wall, material } = madeOf(d);
		const { modulus, inertia } = roundSection(d.diameter, wall);
		const moment = material.factor === DOWEL_FACTOR ? CD_BUMP : 1;
		return {
			holds: allowedRodStress(material) * modulus * moment,
			stiff: material.E * inertia,
			source: `${material.title}: ${material.source}`
		};
	},
	grab(d, at) {
		const M = GRAB * at.z;
		const { wall, material } = madeOf(d);
		const wooden = material.factor === DOWEL_FACTOR;
		const fb = M / roundSection(d.diameter, wall).modulus;
		const allowed = allowedRodStress(material) * (wooden ? CD_BUMP : 1);
		return [
			{
				key: d.name,
				title: `grab: ${d.name}`,
				basis: 'grab',
				source: wooden ? 'ASTM F2057 load; Wood Handbook' : `ASTM F2057 load; ${material.source}`,
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
						sum:
							wall > 0
								? phrase('32 × {M} × {d} / (π × ({d}^4 - {i}^4))', {
										M: moment(M),
										d: mm(d.diameter),
										i: mm(d.diameter - 2 * wall)
									})
								: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(d.diameter) }),
						result: stress(fb)
					},
					{
						label: 'allowed',
						sum: phrase(`{f} / ${material.factor}${wooden ? ` × ${CD_BUMP}` : ''}`, { f: stress(material.strength) }),
						result: stress(allowed)
					}
				]
			}
		];
	}
});
