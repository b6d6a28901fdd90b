import { lastOf, nth } from '../nth';
import { box, type Point, type Shape } from '../drawing/shapes';
import { stepOf, type Step } from '../loads/check';
import { CD_STORAGE } from '../loads/fasteners/joint';
import { rectangle } from '../loads/members/rectangle';
import { beamDeflection, greatestDeflection } from '../loads/statics/beam-deflection';
import { continuousBeam, type LineLoad } from '../loads/statics/continuous-beam';
import { bendingMaterial, BENDING_CHOICES } from '../materials/bending';
import { PANEL_MATERIALS, type PanelKind } from '../materials/panels';
import { fine, mass, mm, moment, newtons, phrase, stress } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { choiceField, flagField, lengthField, lengthsField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	material: choiceField('Made of', BENDING_CHOICES, ['ply', 'ply']),
	depth: lengthField('Front to back', 20, 1500, [300, 304.8]),
	thickness: lengthField('Thickness', 3, 150, [18, 18.256]),
	supports: lengthsField(
		'Supports, from the left end',
		{ min: 0, max: 12_000, least: 2, most: 12 },
		[
			[0, 600],
			[0, 609.6]
		],
		{ hint: 'Two is a plain shelf; more, and it runs through' }
	),
	length: lengthField('Length of the board', 50, 12_000, [600, 609.6]),
	bearing: lengthField('Each support bears', 3, 200, [18, 19.05]),
	load: massField('Load spread along it', 0, 5000, [20, 45]),
	point: massField('One heavy thing', 0, 2000, [0, 0]),
	pointAt: lengthField('It stands at', 0, 12_000, [300, 304.8], { when: (i) => (i.point as number) > 0 }),
	limit: choiceField(
		'It may sag',
		[
			{ value: 'looks', name: '0.02 in a foot: looks straight' },
			{ value: 'work', name: 'Span over 240: for work' }
		],
		'looks'
	),
	lasting: flagField('The load stays: count creep', true)
};
type I = InputsOf<typeof fields>;

/** 0.02 in in a foot: common practice. */
const LOOKS_STRAIGHT = 0.02 / 12;
const FOR_WORK = 1 / 240;

const loadsOf = (i: I): LineLoad[] => [
	...(i.load > 0 ? [{ from: 0, to: i.length, total: weightOf(i.load) }] : []),
	...(i.point > 0 ? [{ from: i.pointAt, to: i.pointAt, total: weightOf(i.point) }] : [])
];

/**
 * All of it, and each load by itself: what stands on an overhang would ease the span beside it, and may be taken off.
 */
function cases(i: I): LineLoad[][] {
	const all = loadsOf(i);
	return all.length > 1 ? [all, ...all.map((l) => [l])] : [all];
}

const worst = <T>(all: readonly T[], by: (x: T) => number): T => all.reduce((a, b) => (by(b) > by(a) ? b : a));

/** The stretch that sags most for its span: each span, and an overhang as twice its length. */
function worstSag(i: I, loads: readonly LineLoad[]) {
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

function steps(i: I): Step[] {
	const m = bendingMaterial(i.material, CD_STORAGE);
	const s = rectangle(i.depth, i.thickness);
	const beams = cases(i).map((loads) => continuousBeam(i.supports, loads));
	const { moment: bent } = worst(beams, (b) => b.moment.value);
	const { shear: sheared } = worst(beams, (b) => b.shear.value);
	const sag = worst(
		cases(i).map((loads) => worstSag(i, loads)),
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
		stepOf({
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
		}),
		stepOf({
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
		}),
		stepOf({
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
		}),
		stepOf({
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
		})
	];
}

/** A load too small to bend anything that could be drawn, times E I. */
const NO_BEND = 1e-6;

function draw(i: I): Shape[] {
	const loads = loadsOf(i);
	const h = i.length;
	const curve = beamDeflection(i.supports, loads);
	const worst = greatestDeflection(i.supports, loads, 0, i.length).value;
	const k = worst > NO_BEND ? (0.08 * h) / worst : 0;
	const bent = Array.from({ length: 61 }, (_, n): Point => [
		(h * n) / 60,
		-curve((h * n) / 60) * k - i.thickness * 0.5
	]);
	const size = 0.05 * h;
	return [
		box(0, 0, i.length, Math.max(i.thickness, h * 0.012), Object.hasOwn(PANEL_MATERIALS, i.material) ? 'ply' : 'wood'),
		...i.supports.map((x): Shape => ({
			kind: 'polygon',
			points: [
				[x, 0],
				[x - size / 2, -size],
				[x + size / 2, -size]
			],
			look: 'wall'
		})),
		{ kind: 'line', points: bent, look: 'bent' },
		...(i.point > 0
			? [
					{
						kind: 'arrow',
						from: [i.pointAt, 0.22 * h],
						to: [i.pointAt, 0.03 * h],
						label: phrase('{m}', { m: mass(i.point) })
					} satisfies Shape
				]
			: []),
		...i.supports.slice(1).map((x, n): Shape => ({
			kind: 'measure',
			from: [nth(i.supports, n), -0.1 * h],
			to: [x, -0.1 * h],
			side: 'below',
			label: phrase('{L}', { L: mm(x - nth(i.supports, n)) })
		}))
	];
}

export const shelfSum = defineSum({
	name: 'shelf',
	title: 'Shelf sag',
	question: 'Does a shelf sag, and does it hold?',
	fields,
	cross: (i) => {
		const found = [];
		if ((i.supports.at(-1) ?? 0) > i.length + 0.05)
			found.push({
				path: 'supports',
				message: `the last stands past the board, which is ${i.length.toFixed(0)} mm long`
			});
		if (i.point > 0 && i.pointAt > i.length)
			found.push({ path: 'pointAt', message: `is past the board, which is ${i.length.toFixed(0)} mm long` });
		return found;
	},
	answer(i) {
		return answerOf({
			drawing: { title: `Shelf on ${i.supports.length} supports, its sag drawn large`, shapes: draw(i) },
			steps: [...speciesMissing(i.material, 'shelf'), ...steps(i)]
		});
	},
	load: 'load',
	proof: (i) => ({ working: i.load + i.point, foot: 0 }),
	changes(i) {
		const found: Change<I>[] = [];
		const thicker = [18, 24, 36, 44].filter((t) => t > i.thickness + 1).slice(0, 2);
		for (const t of thicker)
			found.push({ text: phrase('{t} thick', { t: mm(t) }), inputs: { thickness: t }, effort: 'another part' });
		const middles = i.supports.flatMap((x, k) => (k === 0 ? [x] : [(nth(i.supports, k - 1) + x) / 2, x]));
		if (middles.length <= fields.supports.most)
			found.push({
				text: phrase('A support in the middle of each span'),
				inputs: { supports: middles },
				effort: 'a piece of wood'
			});
		const overhang = i.length * 0.22;
		if (i.supports.length === 2)
			found.push({
				text: phrase('Supports in from the ends, at {x@tape}', { x: mm(overhang) }),
				inputs: { supports: [overhang, i.length - overhang] },
				effort: 'nothing to buy'
			});
		if (Object.hasOwn(PANEL_MATERIALS, i.material) && (i.material as PanelKind) !== 'ply')
			found.push({ text: phrase('Plywood'), inputs: { material: 'ply' }, effort: 'another part' });
		if (i.limit === 'looks')
			found.push({
				text: phrase('Let it sag as a work shelf may'),
				inputs: { limit: 'work' },
				effort: 'nothing to buy'
			});
		return found;
	}
});
