import { box, type Shape } from '../drawing/shapes';
import { stepOf } from '../verdict/check';
import { BODY, REACH_WORDS, reachBand } from '../handling/reach';
import { liftLimit, LOAD_CONSTANT, type Coupling, type LiftLimit } from '../handling/lifting';
import { mass, mm, phrase, ratio } from '../units/phrase';
import { angleField, choiceField, lengthField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';

const fields = {
	load: massField('Weight to lift', 0, 200, [10, 22]),
	fromOut: lengthField('Lifted from: hands out', 0, 1500, [300, 304.8], { hint: 'From the middle of the ankles' }),
	fromHeight: lengthField('Lifted from: hands up', 0, 2500, [750, 762]),
	toOut: lengthField('Set down at: hands out', 0, 1500, [320, 320.675]),
	toHeight: lengthField('Set down at: hands up', 0, 2500, [1400, 1397]),
	twist: angleField('Turn of the body', 0, 180, 0),
	coupling: choiceField(
		'Held by',
		[
			{ value: 'good', name: 'Handles' },
			{ value: 'fair', name: 'A fair grip' },
			{ value: 'poor', name: 'A poor grip' }
		],
		'fair'
	),
	stature: lengthField('Your height', 1000, 2300, [1750, 1752.6])
};
type I = InputsOf<typeof fields>;

function limitLines(l: LiftLimit, where: string) {
	const values = {
		LC: mass(LOAD_CONSTANT),
		H: ratio(l.HM),
		V: ratio(l.VM),
		D: ratio(l.DM),
		A: ratio(l.AM),
		C: ratio(l.CM)
	};
	return { label: where, sum: phrase('{LC} × {H} × {V} × {D} × {A} × {C}', values), result: mass(l.limit) };
}

export const liftingSum = defineSum({
	name: 'lifting',
	title: 'Lifting limit',
	question: 'May one person lift it there?',
	fields,
	answer(i) {
		const travel = Math.abs(i.toHeight - i.fromHeight);
		const lift = (out: number, height: number) =>
			liftLimit({ out, height, travel, twist: i.twist, coupling: i.coupling as Coupling, frequency: 1 });
		const [from, to] = [lift(i.fromOut, i.fromHeight), lift(i.toOut, i.toHeight)];
		const least = from.limit <= to.limit ? from : to;
		const where = least === from ? 'where it is lifted from' : 'where it is set down';
		const step = stepOf({
			title: 'lifting',
			reason:
				least.limit === 0
					? phrase(`out of all limits ${where}`)
					: phrase(`lifting index {i}, ${where}`, { i: ratio(i.load / least.limit) }),
			source: 'NIOSH revised lifting equation, 1991',
			demand: mass(i.load),
			capacity: mass(least.limit),
			lines: () => [
				limitLines(from, 'limit at the start'),
				limitLines(to, 'limit at the end'),
				{
					label: 'lifting index',
					sum: phrase(least.limit > 0 ? '{m} / {l}' : '{m} over nothing', { m: mass(i.load), l: mass(least.limit) }),
					result: ratio(least.limit > 0 ? i.load / least.limit : Infinity)
				}
			],
			notes: [
				phrase(
					'Factors in turn: hands out, hands up, travel, turn, grip. For a healthy adult now and then; over 1 more people are hurt: get help, or lift in parts'
				)
			]
		});
		return answerOf({
			drawing: { title: 'A person and the two heights', shapes: draw(i) },
			steps: [step],
			notes: [
				phrase(`Set down at {h}: ${REACH_WORDS[reachBand(i.toHeight, Math.max(0, i.toOut - 200), i.stature)]}`, {
					h: mm(i.toHeight)
				})
			]
		});
	},
	load: 'load',
	changes(i) {
		const found: Change<I>[] = [];
		if (i.toHeight > 1100)
			found.push({
				text: phrase('Set it down at {h}', { h: mm(1000) }),
				inputs: { toHeight: 1000 },
				effort: 'nothing to buy'
			});
		if (i.toOut > 300)
			found.push({
				text: phrase('Stand closer: hands {x} out', { x: mm(260) }),
				inputs: { toOut: 260 },
				effort: 'nothing to buy'
			});
		if (i.fromHeight < 600)
			found.push({
				text: phrase('Lift it from a bench at {h}', { h: mm(762) }),
				inputs: { fromHeight: 762 },
				effort: 'nothing to buy'
			});
		if (i.twist > 0)
			found.push({ text: phrase('Step round instead of turning'), inputs: { twist: 0 }, effort: 'nothing to buy' });
		if (i.coupling === 'poor')
			found.push({ text: phrase('Give it handles'), inputs: { coupling: 'good' }, effort: 'a piece of wood' });
		found.push({ text: phrase('Carry half at a time'), inputs: { load: i.load / 2 }, effort: 'nothing to buy' });
		return found;
	}
});

function draw(i: I): Shape[] {
	const s = i.stature;
	const top = Math.max(s, i.toHeight, i.fromHeight) + 100;
	const far = Math.max(i.toOut, i.fromOut) + 220;
	return [
		{
			kind: 'line',
			points: [
				[-300, 0],
				[far, 0]
			],
			look: 'wall'
		},
		box(far - 20, 0, 20, top, 'wall'),
		{ kind: 'circle', at: [0, s * 0.94], radius: s * 0.06, look: 'bent' },
		{
			kind: 'line',
			points: [
				[0, s * 0.88],
				[0, s * 0.52]
			],
			look: 'bent'
		},
		{
			kind: 'line',
			points: [
				[-s * 0.06, 0],
				[0, s * 0.52],
				[s * 0.06, 0]
			],
			look: 'bent'
		},
		{
			kind: 'line',
			points: [
				[0, s * BODY.shoulder],
				[Math.max(40, i.toOut), i.toHeight]
			],
			look: 'bent'
		},
		box(Math.max(40, i.toOut) - 90, i.toHeight, 180, 130, 'thing'),
		box(Math.max(40, i.fromOut) - 90, i.fromHeight, 180, 130, 'wall'),
		{
			kind: 'measure',
			from: [far, 0],
			to: [far, i.toHeight],
			side: 'right',
			label: phrase('{h}', { h: mm(i.toHeight) })
		},
		{
			kind: 'measure',
			from: [0, 0],
			to: [Math.max(1, i.toOut), 0],
			side: 'below',
			label: phrase('{x}', { x: mm(i.toOut) })
		}
	];
}
