import { bendingMaterial } from '../materials/bending';
import { stock, type StockId } from '../materials/stocks';
import { CD_BUMP, CD_STORAGE } from '../mechanics/fasteners/joint';
import { rectangle } from '../mechanics/members/rectangle';
import { mm, moment, newtons, phrase, stress, type Phrase } from '../units/phrase';
import type { Megapascals, Millimetres, NewtonMillimetres } from '../units/quantity';
import { GRAB } from '../verdict/grab';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/** A flat piece of a board that stands out and bends at its root: a finger between slots, a prong, a whole plate. */
export interface CantileverData {
	kind: 'cantilever';
	/** 'finger', 'prong', 'shelf at the face'. */
	name: string;
	/** Of the section at its root. */
	width: Millimetres;
	/**
	 * Room that one thing takes along a long plate: one by itself bends no more of it than that and as far again to
	 * either side as it stands out. Null for what is no wider than what it carries.
	 */
	wide: Millimetres | null;
	stock: StockId;
	/** The way it stands out against the grain of the board. */
	grain: 'along' | 'across';
}

/** Its data. */
export const cantileverOf = (data: Omit<CantileverData, 'kind'>): CantileverData => ({ kind: 'cantilever', ...data });

/** Ply across the grain of its faces: a stand-in, half of the stronger way. */
const PLY_WEAK = 0.5;

/** Bending stress that the board may be given that way, and how it comes about; 0 where nobody relies on it. */
export function bendsAcross(id: StockId, grain: CantileverData['grain']): { allowed: Megapascals; sum: Phrase } {
	const s = stock(id);
	if (s.panel !== null) {
		const { Fb, title, sum } = bendingMaterial(s.panel, CD_STORAGE);
		const values = { R: stress(sum.strength) };
		return grain === 'along'
			? { allowed: Fb, sum: phrase(`{R} ${sum.factor}: rupture of ${title}`, values) }
			: {
					allowed: Fb * PLY_WEAK,
					sum: phrase(`{R} ${sum.factor} × ${PLY_WEAK}: rupture of ${title}, its weaker way a stand-in`, values)
				};
	}
	return grain === 'along'
		? { allowed: s.Fb * CD_STORAGE, sum: phrase(`{F} × ${CD_STORAGE}: Fb`, { F: stress(s.Fb) }) }
		: { allowed: 0, sum: phrase('solid wood bent across its grain splits: nothing is relied on') };
}

const turning = (loads: readonly MemberLoad[]): NewtonMillimetres =>
	loads.reduce((sum, l) => sum + l.weight * Math.max(0, l.z), 0);

/** Bending moment and the width of plate that takes it: of all together, or of the thing that bends its own most. */
function worstBent(d: CantileverData, loads: readonly MemberLoad[]) {
	const all = { M: turning(loads), V: loads.reduce((sum, l) => sum + l.weight, 0), width: d.width };
	const { wide } = d;
	if (wide === null) return all;
	return loads
		.map((l) => ({
			M: l.weight * Math.max(0, l.z),
			V: l.weight,
			width: Math.min(d.width, wide + 2 * Math.max(0, l.z))
		}))
		.reduce((worst, one) => (one.M * worst.width > worst.M * one.width ? one : worst), all);
}

function step(
	d: CantileverData,
	M: NewtonMillimetres,
	width: Millimetres,
	said: string,
	values: object,
	factor: number
): MemberStep {
	const { thickness, title, source } = stock(d.stock);
	const S = { value: rectangle(width, thickness).modulus, dim: 'section' } as const;
	const { allowed, sum } = bendsAcross(d.stock, d.grain);
	return {
		key: d.name.replaceAll(' ', '-'),
		title: d.name,
		source: `statics; ${title}: ${source}`,
		reason:
			allowed === 0
				? phrase(`${d.name}: solid wood bent across its grain; use ply, or turn the grain`)
				: phrase(`the ${d.name} bends at its root`),
		demand: stress(M / S.value),
		capacity: stress(allowed * factor),
		lines: () => [
			{ label: 'bends by', sum: phrase(said, values as never), result: moment(M) },
			{ label: 'section', sum: phrase('{w} × {t}² / 6', { w: mm(width), t: mm(thickness) }), result: S },
			{ label: 'bending', sum: phrase('{M} / {S}', { M: moment(M), S }), result: stress(M / S.value) },
			{ label: 'allowed', sum, result: stress(allowed) },
			...(factor === 1
				? []
				: [
						{
							label: 'for a bump',
							sum: phrase(`{F} × ${factor}`, { F: stress(allowed) }),
							result: stress(allowed * factor)
						}
					])
		]
	};
}

export const cantileverMember = defineMember<CantileverData>({
	kind: 'cantilever',
	measure: (_, loads) => turning(loads),
	steps(d, loads) {
		const { M, V, width } = worstBent(d, loads);
		if (M === 0) return [];
		return [step(d, M, width, '{V} at {a} from its root', { V: newtons(V), a: mm(M / V) }, 1)];
	},
	grab(d, at) {
		const M = GRAB * at.z;
		const grabbed = step(
			d,
			M,
			d.width,
			'{G} × {a}: somebody hangs on its end',
			{ G: newtons(GRAB), a: mm(at.z) },
			CD_BUMP
		);
		return [
			{
				...grabbed,
				title: `grab: ${d.name}`,
				basis: 'grab',
				source: 'ASTM F2057 load',
				reason: phrase(`somebody hangs on the ${d.name}`)
			}
		];
	}
});
