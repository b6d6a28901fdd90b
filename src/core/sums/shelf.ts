import { nth } from '../nth';
import { box, type Point, type Shape } from '../drawing/shapes';
import { stepOf } from '../verdict/check';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { beamDeflection, greatestDeflection } from '../mechanics/statics/beam-deflection';
import type { LineLoad } from '../mechanics/statics/continuous-beam';
import { shelfSteps } from '../members/shelf-steps';
import { bendingMaterial, BENDING_CHOICES } from '../materials/bending';
import { PANEL_MATERIALS, type PanelKind } from '../materials/panels';
import { mass, mm, phrase } from '../units/phrase';
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
			steps: [
				...speciesMissing(i.material, 'shelf'),
				...shelfSteps({ ...i, material: bendingMaterial(i.material, CD_STORAGE), cases: cases(i) }).map(stepOf)
			]
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
