import { lastOf, nth } from '../nth';
import { rectangle } from '../mechanics/members/rectangle';
import { greatestDeflection } from '../mechanics/statics/beam-deflection';
import { continuousBeam, type LineLoad } from '../mechanics/statics/continuous-beam';
import type { BendingMaterial } from '../materials/bending';
import { fine, mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { MemberStep } from './member';

/** A board lying on supports: of a plan's shelf, or of a quick sum. */
export interface ShelfInput {
	/** Front to back, and thick. */
	depth: Millimetres;
	thickness: Millimetres;
	/** Ascending, from the board's left end, and how long the board is. */
	supports: readonly Millimetres[];
	length: Millimetres;
	/** Each support bears so much. */
	bearing: Millimetres;
	material: BendingMaterial;
	/** Loads that stand there together, in each case that has to be looked at. */
	cases: readonly (readonly LineLoad[])[];
	/** It may sag as much as still looks straight, or as a work shelf may. */
	limit: 'looks' | 'work';
	/** The load stays: creep counts. */
	lasting: boolean;
}

/** 0.02 in in a foot: common practice. */
const LOOKS_STRAIGHT = 0.02 / 12;
const FOR_WORK = 1 / 240;

const worst = <T>(all: readonly T[], by: (x: T) => number): T => all.reduce((a, b) => (by(b) > by(a) ? b : a));

/** The stretch that sags most for its span: each span, and an overhang as twice its length. */
function worstSag(i: ShelfInput, loads: readonly LineLoad[]) {
	const last = lastOf(i.supports);
	const first = nth(i.supports, 0);
	const stretches = i.supports
		.slice(1)
		.map((to, k) => ({ from: nth(i.supports, k), to, span: to - nth(i.supports, k) }));
	if (first > 0) stretches.push({ from: 0, to: first, span: 2 * first });
	if (i.length > last) stretches.push({ from: last, to: i.length, span: 2 * (i.length - last) });
	return stretches
		.map((s) => ({ ...s, ...greatestDeflection(i.supports, loads, s.from, s.to) }))
		.reduce((a, b) => (b.value / b.span > a.value / a.span ? b : a));
}

/**
 * The steps of a board on supports: sag, bending, shear, bearing. One place for quick sums and plans.
 * @example shelfSteps({ ...board, cases: [[{ from: 0, to: 600, total: 200 }]] }).map((s) => s.key)
 */
export function shelfSteps(i: ShelfInput): MemberStep[] {
	const m = i.material;
	const s = rectangle(i.depth, i.thickness);
	const beams = i.cases.map((loads) => continuousBeam(i.supports, loads));
	const { moment: bent } = worst(beams, (b) => b.moment.value);
	const { shear: sheared } = worst(beams, (b) => b.shear.value);
	const sag = worst(
		i.cases.map((loads) => worstSag(i, loads)),
		(s) => s.value / s.span
	);
	const atOnce = sag.value / (m.E * s.inertia);
	const creep = i.lasting ? m.creep : 1;
	const share = i.limit === 'looks' ? LOOKS_STRAIGHT : FOR_WORK;
	const most = Math.max(0, ...beams.flatMap((b) => b.reactions));
	const section = { value: s.modulus, dim: 'section' as const };
	const rows =
		i.supports.length === 2 ? 'on two supports' : `over ${i.supports.length} supports, the board in one piece`;
	return [
		{
			key: 'sag',
			title: 'sag',
			reason: phrase(`sags most at {x@tape}${i.limit === 'looks' ? '' : ', for work'}`, { x: mm(sag.at) }),
			source: `beam theory; creep: ${m.source}`,
			demand: fine(atOnce * creep),
			capacity: fine(sag.span * share),
			lines: () => [
				{
					label: 'stiff by',
					sum: phrase('{b} × {h}³ / 12', { b: mm(i.depth), h: mm(i.thickness) }),
					result: { value: s.inertia, dim: 'inertia' }
				},
				{
					label: 'sags at once',
					sum: phrase(
						`greatest deflection of a beam ${rows}: three-moment reactions, then Macaulay; over E {E} and that I`,
						{
							E: stress(m.E)
						}
					),
					result: fine(atOnce)
				},
				{ label: 'in the long run', sum: phrase(`{d} × ${creep}`, { d: fine(atOnce) }), result: fine(atOnce * creep) },
				{
					label: 'may sag',
					sum: phrase(
						i.limit === 'looks' ? '{L} × 0.02 / 12: looks straight, common practice' : '{L} / 240: for work',
						{
							L: mm(sag.span)
						}
					),
					result: fine(sag.span * share)
				}
			],
			// A sag that shows is no fall: what a work shelf may sag stands behind it.
			second:
				i.limit === 'looks'
					? {
							by: 'what a work shelf may sag',
							demand: fine(atOnce * creep),
							capacity: fine(sag.span * FOR_WORK),
							lines: () => [
								{ label: 'for work', sum: phrase('{L} / 240', { L: mm(sag.span) }), result: fine(sag.span * FOR_WORK) }
							]
						}
					: undefined
		},
		{
			key: 'bending',
			title: 'bending',
			reason: phrase('bends most near {x@tape}', { x: mm(bent.at) }),
			source: `NDS 2018 3.3; ${m.title}: ${m.source}`,
			demand: stress(bent.value / s.modulus),
			capacity: stress(m.Fb),
			lines: () => [
				{
					label: 'bends by',
					sum: phrase(`greatest moment of a beam ${rows}, by the three-moment equations`),
					result: moment(bent.value)
				},
				{ label: 'section', sum: phrase('{b} × {h}² / 6', { b: mm(i.depth), h: mm(i.thickness) }), result: section },
				{
					label: 'bending',
					sum: phrase('{M} / {S}', { M: moment(bent.value), S: section }),
					result: stress(bent.value / s.modulus)
				},
				{ label: 'allowed', sum: phrase(`{f} ${m.sum.factor}`, { f: stress(m.sum.strength) }), result: stress(m.Fb) }
			]
		},
		{
			key: 'shear',
			title: 'shear',
			reason: phrase('shears at a support'),
			source: `NDS 2018 3.4; ${m.title}: ${m.source}`,
			demand: stress((1.5 * sheared.value) / s.area),
			capacity: stress(m.Fv),
			lines: () => [
				{
					label: 'shear',
					sum: phrase('1.5 × {V} / ({b} × {h})', { V: newtons(sheared.value), b: mm(i.depth), h: mm(i.thickness) }),
					result: stress((1.5 * sheared.value) / s.area)
				},
				{ label: 'allowed', sum: phrase(`${m.title} in shear, its duration counted`), result: stress(m.Fv) }
			]
		},
		{
			key: 'bearing',
			title: 'bearing',
			reason: phrase('crushes at a support'),
			source: `NDS 2018 3.10.2; ${m.title}: ${m.source}`,
			demand: stress(most / (i.depth * i.bearing)),
			capacity: stress(m.FcPerp),
			lines: () => [
				{
					label: 'presses',
					sum: phrase('{R} / ({b} × {l})', { R: newtons(most), b: mm(i.depth), l: mm(i.bearing) }),
					result: stress(most / (i.depth * i.bearing))
				},
				{ label: 'allowed', sum: phrase(`bearing across ${m.title}`), result: stress(m.FcPerp) }
			]
		}
	];
}
