import { box, type Shape } from '../drawing/shapes';
import { missingStep, stepOf, type Step } from '../verdict/check';
import { threadLine } from '../members/joint-lines';
import { RATED_MISSING, RATED_NOTE, ratedStep, wireGrab, wireStep } from '../members/screw-hook';
import { screwHook } from '../materials/any-fastener';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { withdrawalPerLength } from '../mechanics/fasteners/withdrawal';
import { WOOD_CHOICES } from '../materials/bending';
import { wood } from '../materials/woods';
import { mm, newtons, perLength, phrase } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { choiceField, lengthField, massField, orNull } from '../form/field';
import type { InputsOf } from './inputs';
import { OVERHEAD } from '../verdict/proof-load';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	load: massField('Load', 0, 200, [14, 35]),
	diameter: lengthField('Wire, diameter', 2, 25, [8, 7.9375]),
	throat: lengthField('Load from the middle of its shank', 1, 200, [40, 38.1]),
	way: choiceField(
		'It is screwed',
		[
			{ value: 'side', name: 'Into a wall: bent by its load' },
			{ value: 'up', name: 'Up into a joist: pulled out' }
		],
		'up'
	),
	thread: lengthField('Thread in the wood', 5, 200, [45, 44.45]),
	species: choiceField('Wood', WOOD_CHOICES, ['c24', 'spf']),
	maker: orNull(
		massField("Maker's load", 0.1, 500, undefined, {
			hint: 'On the packet. Left empty, the hook itself cannot be judged'
		})
	)
};
type I = InputsOf<typeof fields>;

function steps(i: I): Step[] {
	const timber = wood(i.species);
	const W = weightOf(i.load);
	const like = screwHook(i.diameter);
	const holds = withdrawalPerLength(like, timber.G) * i.thread * CD_STORAGE;
	const found: Step[] = [stepOf(wireStep(W, i.throat, i.diameter)), stepOf(wireGrab(i.throat, i.diameter))];
	if (i.way === 'up') {
		found.push(
			stepOf({
				title: 'thread',
				reason: phrase('the hook pulls out'),
				source: 'NDS 2018 12.2',
				demand: newtons(W),
				capacity: newtons(holds),
				lines: () => [
					threadLine(like, timber.G),
					{
						label: 'thread holds',
						sum: phrase(`{W} × {l} × ${CD_STORAGE}`, {
							W: perLength(withdrawalPerLength(like, timber.G)),
							l: mm(i.thread)
						}),
						result: newtons(holds)
					}
				]
			})
		);
	}
	found.push(
		i.maker === null
			? missingStep("maker's load", RATED_MISSING, 'the maker', [RATED_NOTE])
			: stepOf(ratedStep(i.load, i.maker))
	);
	return found;
}

function draw(i: I): Shape[] {
	const d = i.diameter;
	const r = i.throat;
	return [
		box(-80, 0, 160, Math.max(60, i.thread + 15), 'wood'),
		{
			kind: 'line',
			points: [
				[0, i.thread],
				[0, -40],
				...Array.from(
					{ length: 13 },
					(_, k) => [r - r * Math.cos((Math.PI * k) / 12), -40 - r * Math.sin((Math.PI * k) / 12)] as const
				)
			],
			look: 'steel'
		},
		{ kind: 'arrow', from: [r, -50 - r], to: [r, -120 - r], label: phrase('{W}', { W: newtons(weightOf(i.load)) }) },
		{ kind: 'measure', from: [0, -130 - r], to: [r, -130 - r], side: 'below', label: phrase('{e}', { e: mm(r) }) },
		{ kind: 'mark', at: [-d - 30, -25], label: phrase('{d} wire', { d: mm(d) }) }
	];
}

export const hookSum = defineSum({
	name: 'bicycle-hook',
	title: 'Bicycle or screw hook',
	question: 'Does a hook hold a bicycle?',
	fields,
	answer: (i) =>
		answerOf({
			drawing: { title: 'Screw hook with its load', shapes: draw(i) },
			steps: [...speciesMissing(i.species, 'wood'), ...steps(i)],
			notes: [phrase("Bicycles hang within children's reach, and above heads: the maker has the last word")]
		}),
	load: 'load',
	proof: (i) => ({ working: i.load, foot: i.way === 'up' ? OVERHEAD : 0 }),
	changes(i) {
		const found: Change<I>[] = [8, 10, 12]
			.filter((d) => d > i.diameter + 0.4)
			.map((d) => ({
				text: phrase('A hook of {d} wire', { d: mm(d) }),
				inputs: { diameter: d },
				effort: 'another part'
			}));
		if (i.way === 'up')
			found.push({
				text: phrase('{l} of thread in the wood', { l: mm(i.thread + 20) }),
				inputs: { thread: i.thread + 20 },
				effort: 'another part'
			});
		found.push({ text: phrase('Two hooks, half the load each'), inputs: { load: i.load / 2 }, effort: 'another part' });
		return found;
	}
});
