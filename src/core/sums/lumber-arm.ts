import { box, type Shape } from '../drawing/shapes';
import { stepOf, type Step } from '../verdict/check';
import { housedArmGrab, housedArmOf, housedArmSteps } from '../members/housed-arm';
import { rectangle } from '../mechanics/members/rectangle';
import { dropFactor } from '../mechanics/statics/drop';
import { WOOD_CHOICES } from '../materials/bending';
import { wood } from '../materials/woods';
import { fine, mm, newtons, phrase, ratio } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { choiceField, lengthField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	species: choiceField('Wood', WOOD_CHOICES, ['c24', 'spf']),
	load: massField('Load on one arm', 0, 1000, [40, 90]),
	length: lengthField('Arm out of its uprights', 30, 1500, [300, 304.8]),
	armThickness: lengthField('Arm, thickness', 10, 100, [44, 38.1]),
	armHeight: lengthField('Arm, height', 20, 300, [94, 88.9]),
	uprightThickness: lengthField('Each upright, thickness', 10, 100, [22, 19.05], {
		hint: 'Two, glued face to face, the arm housed half into each'
	}),
	uprightDepth: lengthField('Uprights, out from the wall', 30, 300, [94, 88.9]),
	notch: lengthField('Notch for the cleat', 5, 150, [19, 19.05]),
	tip: lengthField('Wood over the cleat', 10, 300, [65, 63.5], {
		hint: 'Height of the hook tip, under the top of the uprights'
	}),
	drop: lengthField('Boards are laid down from', 0, 1000, [50, 50.8])
};
type I = InputsOf<typeof fields>;

function steps(i: I): Step[] {
	const { title, source, Fb, Fv, FcPerp } = wood(i.species);
	const of = { title, source, Fb, Fv, FcPerp };
	const data = housedArmOf({
		arm: { ...of, thickness: i.armThickness, height: i.armHeight },
		upright: { ...of, thickness: i.uprightThickness, depth: i.uprightDepth },
		notch: i.notch,
		tip: i.tip
	});
	const W = weightOf(i.load);
	// Spread along it: its middle is half way out.
	return [...housedArmSteps(data, W, (W * i.length) / 2), housedArmGrab(data, i.length)].map((step) => stepOf(step));
}

/** How much harder a board laid down presses: by the give of the arm's end. */
function dropNote(i: I) {
	const timber = wood(i.species);
	const give = (weightOf(i.load) * i.length ** 3) / (8 * timber.E * rectangle(i.armThickness, i.armHeight).inertia);
	return give > 0
		? [
				phrase(
					'Dropped from {h} it presses {n} times its weight on an arm that gives {d}, less by what the rack gives: lay boards down',
					{
						h: mm(i.drop),
						n: ratio(dropFactor(i.drop, give)),
						d: fine(give)
					}
				)
			]
		: [];
}

function draw(i: I): Shape[] {
	const d = i.uprightDepth;
	const high = i.armHeight + i.tip + 160;
	const y = 90;
	return [
		box(-30, -20, 30, high + 40, 'wall'),
		{
			kind: 'polygon',
			points: [
				[0, 0],
				[d, 0],
				[d, high],
				[0, high],
				[0, high - i.tip],
				[i.notch, high - i.tip - i.notch],
				[i.notch, high - i.tip - i.notch - 60],
				[0, high - i.tip - i.notch - 60]
			],
			look: 'wood'
		},
		{
			kind: 'polygon',
			points: [
				[0, high - i.tip - i.notch - 60],
				[i.notch, high - i.tip - i.notch - 60],
				[i.notch, high - i.tip - i.notch],
				[0, high - i.tip - 2 * i.notch]
			],
			look: 'ply'
		},
		box(0, y, d + i.length, i.armHeight, 'ply'),
		{
			kind: 'arrow',
			from: [d + i.length / 2, y + i.armHeight + 70],
			to: [d + i.length / 2, y + i.armHeight + 3],
			label: phrase('{W}', { W: newtons(weightOf(i.load)) })
		},
		{ kind: 'measure', from: [d, 0], to: [d + i.length, 0], side: 'below', label: phrase('{L}', { L: mm(i.length) }) },
		{ kind: 'measure', from: [0, 0], to: [d, 0], side: 'below', label: phrase('{d}', { d: mm(d) }) }
	];
}

export const lumberArmSum = defineSum({
	name: 'lumber-arm',
	title: 'Lumber arm on a cleat',
	question: 'What does a housed lumber arm carry?',
	fields,
	cross: (i) => {
		const found = [];
		if (i.notch >= i.uprightDepth) found.push({ path: 'notch', message: 'cuts the uprights through' });
		if (i.armThickness > 2 * i.uprightThickness)
			found.push({
				path: 'armThickness',
				message: 'is more than the two uprights together: it cannot be housed half into each'
			});
		return found;
	},
	answer(i) {
		const notes = [
			...dropNote(i),
			phrase(
				'Round the corners of arms at head height; the screws of the cleat and the seat are judged on the wall or in their own sums'
			)
		];
		if (i.tip < 25) notes.push(phrase('The tip should stand 25 mm (1 in) or more over the notch'));
		return answerOf({
			drawing: { title: 'Lumber arm on a cleat, seen from its side', shapes: draw(i) },
			steps: [...speciesMissing(i.species, 'arm'), ...steps(i)],
			notes
		});
	},
	load: 'load',
	proof: (i) => ({ working: i.load, foot: 0 }),
	changes(i) {
		const found: Change<I>[] = [
			{
				text: phrase('Arm {L} long', { L: mm(Math.round(i.length * 0.75)) }),
				inputs: { length: Math.round(i.length * 0.75) },
				effort: 'nothing to buy'
			},
			{
				text: phrase('Arms closer: two thirds of the load on each'),
				inputs: { load: (i.load * 2) / 3 },
				effort: 'a piece of wood'
			},
			{
				text: phrase('Arm {h} high', { h: mm(i.armHeight + 45) }),
				inputs: { armHeight: i.armHeight + 45 },
				effort: 'a piece of wood'
			},
			{
				text: phrase('Uprights {d} deep', { d: mm(i.uprightDepth + 45) }),
				inputs: { uprightDepth: i.uprightDepth + 45 },
				effort: 'a piece of wood'
			},
			{ text: phrase('Tip {h} high', { h: mm(i.tip + 30) }), inputs: { tip: i.tip + 30 }, effort: 'nothing to buy' },
			{
				text: phrase('Uprights {t} thick each', { t: mm(i.uprightThickness + 10) }),
				inputs: { uprightThickness: i.uprightThickness + 10 },
				effort: 'a piece of wood'
			}
		];
		return found;
	}
});
