import { bendingMaterial } from '../materials/bending';
import { stock, type StockId } from '../materials/stocks';
import { CD_BUMP, CD_STORAGE } from '../mechanics/fasteners/joint';
import { lipBearing } from '../mechanics/members/rod';
import { rectangle } from '../mechanics/members/rectangle';
import { mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { GRAB } from '../verdict/grab';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/** An arm halved into an upright, standing out from it. */
export interface HalvedArmData {
	kind: 'halved-arm';
	stock: StockId;
	/** Along the wall, whole; in the joint half of it is left. */
	thickness: Millimetres;
	/** Up. */
	height: Millimetres;
	/** How deep it lies in the upright. */
	embedded: Millimetres;
}

/** Its data. */
export const halvedArmOf = (data: Omit<HalvedArmData, 'kind'>): HalvedArmData => ({ kind: 'halved-arm', ...data });

const shear = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight, 0);
const turning = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

function bending(d: HalvedArmData, M: number, duration: number): MemberStep {
	const board = stock(d.stock);
	const half = d.thickness / 2;
	const { modulus } = rectangle(half, d.height);
	return {
		key: 'arm',
		title: 'arm',
		reason: phrase('an arm breaks at its halving'),
		source: `NDS 2018 3.3; ${board.source}`,
		demand: stress(M / modulus),
		capacity: stress(board.Fb * duration),
		lines: () => [
			{ label: 'turns it', sum: phrase('what lies on it, about the face of the upright'), result: moment(M) },
			{
				label: 'bending',
				sum: phrase('6 × {M} / ({t} × {h}²): half of it is left in the joint', {
					M: moment(M),
					t: mm(half),
					h: mm(d.height)
				}),
				result: stress(M / modulus)
			},
			{
				label: 'allowed',
				sum: phrase(`{f} × ${duration}`, { f: stress(board.Fb) }),
				result: stress(board.Fb * duration)
			}
		]
	};
}

function notch(d: HalvedArmData, V: number, M: number): MemberStep {
	const board = stock(d.stock);
	const half = d.thickness / 2;
	const pressure = lipBearing(V, M, d.embedded, half);
	return {
		key: 'notch',
		title: 'notch',
		reason: phrase('an arm presses into its notch: the wood crushes'),
		source: 'statics of a rigid arm in its notch; NDS 2018 Fc⊥',
		demand: stress(pressure),
		capacity: stress(board.FcPerp),
		lines: () => [
			{
				label: 'presses',
				sum: phrase('(4 × {V} × {l} + 6 × {M}) / {l}² / {t}: over half of its thickness', {
					V: newtons(V),
					M: moment(M),
					l: mm(d.embedded),
					t: mm(half)
				}),
				result: stress(pressure)
			},
			{ label: 'allowed', sum: phrase(`bearing across the grain of ${board.title}`), result: stress(board.FcPerp) }
		]
	};
}

export const halvedArmMember = defineMember<HalvedArmData>({
	kind: 'halved-arm',
	measure: (_, loads) => turning(loads),
	steps(d, loads) {
		const [V, M] = [shear(loads), turning(loads)];
		return V === 0 ? [] : [bending(d, M, CD_STORAGE), notch(d, V, M)];
	},
	root(d) {
		const board = stock(d.stock);
		const { E } = bendingMaterial(board.panel ?? board.species, CD_BUMP);
		return {
			holds: board.Fb * CD_BUMP * rectangle(d.thickness / 2, d.height).modulus,
			stiff: E * rectangle(d.thickness, d.height).inertia,
			source: `NDS 2018 3.3; ${board.source}`
		};
	},
	grab: (d, at) => [
		{
			...bending(d, GRAB * at.z, CD_BUMP),
			title: 'grab: arm',
			basis: 'grab',
			source: 'ASTM F2057 load; NDS 2018 3.3',
			reason: phrase('somebody hangs on an arm')
		}
	]
});
