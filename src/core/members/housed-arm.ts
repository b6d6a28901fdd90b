import { CD_BUMP, CD_STORAGE } from '../mechanics/fasteners/joint';
import { lumberArmStresses } from '../mechanics/members/lumber-arm';
import { rectangle } from '../mechanics/members/rectangle';
import { mm, moment, newtons, phrase, ratio, stress } from '../units/phrase';
import type { Quantity } from '../units/format-quantity';
import type { Megapascals, Millimetres, NewtonMillimetres, Newtons } from '../units/quantity';
import { GRAB } from '../verdict/grab';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/** What a board of an arm takes. */
export interface ArmWood {
	title: string;
	source: string;
	Fb: Megapascals;
	Fv: Megapascals;
	FcPerp: Megapascals;
}

/** An arm housed half its thickness into each of two uprights that are glued face to face and hang by a notch. */
export interface HousedArmData {
	kind: 'housed-arm';
	/** E where somebody asks how it gives. */
	arm: ArmWood & { thickness: Millimetres; height: Millimetres; E?: Megapascals };
	upright: ArmWood & { thickness: Millimetres; depth: Millimetres };
	/** How deep the notch for the cleat is, and how high the wood over it. */
	notch: Millimetres;
	tip: Millimetres;
	/** How deep the arm is housed, where the notch is sawn through it too; absent: as deep as its uprights. */
	housed?: Millimetres;
}

/** Its data. */
export const housedArmOf = (data: Omit<HousedArmData, 'kind'>): HousedArmData => ({ kind: 'housed-arm', ...data });

/** Rolling shear across the grain is not to be relied on past a third. */
const SPLIT = 'NDS 2018 3.8.2: a third of Fv, not to be relied on';

const weightOf = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight, 0);
/** About the face of its uprights. */
const turnOf = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

const source = ({ title, source: from }: ArmWood) => `statics; NDS 2018 3.3, 3.4, 3.10; ${title}: ${from}`;

/**
 * The way of a load through an arm: bending, housing, notch, hook tip. The same of a rack on the wall and of a quick
 * sum.
 * @param M about the face of its uprights
 * @example housedArmSteps(data, 400, 60000)[0]?.title // 'arm'
 */
export function housedArmSteps(d: HousedArmData, weight: Newtons, M: NewtonMillimetres): MemberStep[] {
	// The same weight spread over so much of an arm turns it as this does.
	const length = weight > 0 ? (2 * M) / weight : 0;
	const s = lumberArmStresses({ ...d, weight, length });
	const W = newtons(weight);
	const Fb = d.arm.Fb * CD_STORAGE;
	const turn = { label: 'turns it', sum: phrase('what lies on it, about the face of its uprights'), result: moment(M) };
	const shearAcross = (d.arm.Fv * CD_STORAGE) / 3;
	return [
		{
			key: 'arm',
			title: 'arm',
			reason: phrase('the arm bends at its uprights'),
			source: source(d.arm),
			demand: stress(s.bending),
			capacity: stress(Fb),
			lines: () => [
				turn,
				{
					label: 'bending',
					sum: phrase('6 × {M} / ({t} × {h}²)', { M: moment(M), t: mm(d.arm.thickness), h: mm(d.arm.height) }),
					result: stress(s.bending)
				},
				{ label: 'allowed', sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(d.arm.Fb) }), result: stress(Fb) }
			]
		},
		{
			key: 'housing',
			title: 'housing',
			reason: phrase('the shoulders of the housing crush'),
			source: source(d.arm),
			demand: stress(s.housing),
			capacity: stress(d.arm.FcPerp),
			lines: () => [
				turn,
				{
					label: 'shoulders',
					sum: phrase('(4 × {W} × {l} + 6 × {M}) / {l}² / {t}', {
						W,
						l: mm(d.housed ?? d.upright.depth),
						M: moment(M),
						t: mm(d.arm.thickness)
					}),
					result: stress(s.housing)
				}
			],
			notes: [
				phrase(`Glue alone would have {m}: a second line, {g} of the {a} that wood takes across its grain`, {
					m: ratio(shearAcross / s.glue),
					g: stress(s.glue),
					a: stress(shearAcross)
				})
			]
		},
		...notchSteps(d, s, W)
	];
}

/** Stresses of one arm, and the weight on it. */
type Stressed = ReturnType<typeof lumberArmStresses>;

function notchSteps(d: HousedArmData, s: Stressed, W: Quantity): MemberStep[] {
	const Fv = d.upright.Fv * CD_STORAGE;
	const both = 2 * d.upright.thickness;
	return [
		{
			key: 'notch',
			title: 'notch',
			reason: phrase('the uprights bend where the notch leaves {d}', { d: mm(d.upright.depth - d.notch) }),
			source: source(d.upright),
			demand: stress(s.notched),
			capacity: stress(d.upright.Fb * CD_STORAGE),
			lines: () => [
				{
					label: 'stands out',
					sum: phrase('{d} + {e}: the middle of what lies on it, from their face', {
						d: mm(d.upright.depth),
						e: mm(s.standOff - d.upright.depth)
					}),
					result: mm(s.standOff)
				},
				{
					label: 'bending',
					sum: phrase('6 × {W} × {x} / ({b} × ({d} - {n})²)', {
						W,
						x: mm(s.standOff),
						b: mm(both),
						d: mm(d.upright.depth),
						n: mm(d.notch)
					}),
					result: stress(s.notched)
				}
			]
		},
		{
			key: 'tip',
			title: 'hook tip',
			reason: phrase('the tip over the cleat shears off'),
			source: source(d.upright),
			demand: stress(s.tipShear),
			capacity: stress(Fv),
			lines: () => [
				{
					label: 'shear',
					sum: phrase('1.5 × {W} / ({h} × {b})', { W, h: mm(d.tip), b: mm(both) }),
					result: stress(s.tipShear)
				}
			]
		},
		{
			key: 'tip-splits',
			title: 'hook tip splitting',
			reason: phrase('the tip splits off at its root'),
			source: SPLIT,
			demand: stress(s.tipSplit),
			capacity: stress(Fv / 3),
			lines: () => [
				{
					label: 'across the grain',
					sum: phrase('6 × {W} × {n} / 2 / ({b} × {h}²)', { W, n: mm(d.notch), b: mm(both), h: mm(d.tip) }),
					result: stress(s.tipSplit)
				}
			]
		}
	];
}

/** Somebody hangs on it, so far out from its uprights. */
export function housedArmGrab(d: HousedArmData, out: Millimetres): MemberStep {
	const M = GRAB * out;
	const fb = M / rectangle(d.arm.thickness, d.arm.height).modulus;
	return {
		key: 'arm',
		title: 'grab: arm',
		basis: 'grab',
		reason: phrase('somebody hangs on its end'),
		source: source(d.arm),
		demand: stress(fb),
		capacity: stress(d.arm.Fb * CD_BUMP),
		lines: () => [
			{
				label: 'bending',
				sum: phrase('6 × {G} × {L} / ({t} × {h}²)', {
					G: newtons(GRAB),
					L: mm(out),
					t: mm(d.arm.thickness),
					h: mm(d.arm.height)
				}),
				result: stress(fb)
			}
		]
	};
}

export const housedArmMember = defineMember<HousedArmData>({
	kind: 'housed-arm',
	measure: (_, loads) => turnOf(loads) + weightOf(loads),
	steps: (d, loads) => (weightOf(loads) === 0 ? [] : housedArmSteps(d, weightOf(loads), turnOf(loads))),
	root(d) {
		const { E, Fb, thickness, height } = d.arm;
		if (E === undefined) return null;
		const { modulus, inertia } = rectangle(thickness, height);
		return { holds: Fb * CD_BUMP * modulus, stiff: E * inertia, source: source(d.arm) };
	},
	grab: (d, at) => [housedArmGrab(d, at.z)]
});
