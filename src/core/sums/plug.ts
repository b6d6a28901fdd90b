import { box, type Shape } from '../drawing/shapes';
import { missingStep, stepOf, type Step } from '../verdict/check';
import { PLUGS } from '../materials/plugs';
import { mm, newtons, phrase } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { choiceField, lengthField, massField, orNull, wholeField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';

const fields = {
	plug: choiceField(
		'Plug',
		PLUGS.map((p) => ({ value: p.id as string, name: `${p.title}, screw ${p.screws[0]} to ${p.screws[1]} mm` })),
		'8'
	),
	wall: choiceField(
		'Wall',
		[
			{ value: 'brick', name: 'Solid brick' },
			{ value: 'concrete', name: 'Concrete' },
			{ value: 'block', name: 'Hollow or aerated block' },
			{ value: 'plaster', name: 'Plasterboard alone' }
		],
		'brick'
	),
	count: wholeField('Plugs', 1, 40, 4, { hint: 'Half of them in the top line' }),
	load: massField('Load', 0, 1000, [20, 45]),
	out: lengthField('It stands out', 0, 1500, [120, 127]),
	height: lengthField('Top plugs above where it bears', 20, 2500, [200, 203.2]),
	maker: orNull(
		massField("Plug maker's load, each", 0.1, 1000, undefined, {
			hint: 'For this wall, on the packet. Without it the plug cannot be judged'
		})
	)
};
type I = InputsOf<typeof fields>;

function judge(i: I): Step {
	const W = weightOf(i.load);
	const top = Math.max(1, Math.floor(i.count / 2));
	const pull = (W * i.out) / i.height / top;
	const across = W / i.count;
	const resultant = Math.hypot(pull, across);
	const lines = () => [
		{
			label: 'pulled out',
			sum: phrase(`{W} × {x} / {h} / ${top}: the top line`, { W: newtons(W), x: mm(i.out), h: mm(i.height) }),
			result: newtons(pull)
		},
		{ label: 'across each', sum: phrase(`{W} / ${i.count}`, { W: newtons(W) }), result: newtons(across) },
		{
			label: 'together',
			sum: phrase('√({T}² + {V}²)', { T: newtons(pull), V: newtons(across) }),
			result: newtons(resultant)
		}
	];
	if (i.wall === 'plaster')
		return {
			...missingStep('plug', phrase("plasterboard alone: light things only, by the anchor maker's word"), 'the maker'),
			lines: lines()
		};
	if (i.maker === null)
		return {
			...missingStep('plug', phrase("the plug maker's load is not known"), 'the maker', [
				phrase('There is no general value for a plug: wall, hole and screw decide. Each would have to hold {r}', {
					r: newtons(resultant)
				})
			]),
			lines: lines()
		};
	return stepOf({
		title: 'plug',
		reason: phrase('the most loaded plug'),
		source: "the plug maker's recommended load",
		demand: newtons(resultant),
		capacity: newtons(weightOf(i.maker)),
		lines
	});
}

const draw = (i: I): Shape[] => [
	box(-100, -60, 100, i.height + 160, 'wall'),
	box(0, -20, 18, i.height + 60, 'ply'),
	box(-50, i.height - 4, 72, 8, 'steel'),
	box(-50, 20, 72, 8, 'steel'),
	{
		kind: 'arrow',
		from: [Math.max(30, i.out), i.height],
		to: [Math.max(30, i.out), i.height - 90],
		label: phrase('{W}', { W: newtons(weightOf(i.load)) })
	},
	{
		kind: 'measure',
		from: [0, -30],
		to: [Math.max(30, i.out), -30],
		side: 'below',
		label: phrase('{x}', { x: mm(i.out) })
	}
];

export const plugSum = defineSum({
	name: 'plug',
	title: 'Plug in masonry',
	question: 'Do plugs hold it on a solid wall?',
	fields,
	answer: (i) =>
		answerOf({ drawing: { title: 'Board on a solid wall, seen from its end', shapes: draw(i) }, steps: [judge(i)] }),
	load: 'load',
	proof: (i) => ({ working: i.load, foot: 0 }),
	changes(i) {
		const found: Change<I>[] = [
			{ text: phrase('{n} plugs', { n: String(i.count * 2) }), inputs: { count: i.count * 2 }, effort: 'screws' },
			{
				text: phrase('Top plugs {h} up', { h: mm(i.height * 1.5) }),
				inputs: { height: i.height * 1.5 },
				effort: 'a piece of wood'
			}
		];
		return found;
	}
});
