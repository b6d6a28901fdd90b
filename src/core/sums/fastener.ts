import { box, type Shape } from '../drawing/shapes';
import { combinedAllowable, nailUsed } from '../mechanics/fasteners/combined';
import { CD_BUMP, CD_STORAGE, jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { pilotFor } from '../mechanics/fasteners/pilot';
import { spacingMinimums } from '../mechanics/fasteners/spacing-minimums';
import { TRADE_RULE } from '../supports/wall-screws';
import { allowedLine, capacityLines } from '../members/joint-lines';
import { missingStep, stepOf, type Step } from '../verdict/check';
import { BENDING_CHOICES, gravityOf } from '../materials/bending';
import type { Fastener } from '../materials/fastener';
import { lag, LAGS, type LagSize } from '../materials/lags';
import { nail, NAILS, type NailSize } from '../materials/nails';
import { screw, SCREW_LENGTHS, SCREWS, type ScrewSize } from '../materials/screws';
import { angle, mm, newtons, phrase, ratio, type Phrase } from '../units/phrase';
import { radians, weightOf } from '../units/quantity';
import { angleField, choiceField, flagField, lengthField, massField, orNull } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';

/** From 1/4 in on the direction of the grain counts. */
const GRAIN = [
	{ value: 'across', name: 'Crosses it' },
	{ value: 'along', name: 'Goes along it' }
] as const;

const fields = {
	kind: choiceField(
		'Fastener',
		[
			{ value: 'wood-screw', name: 'Wood screw' },
			{ value: 'lag', name: 'Lag screw' },
			{ value: 'nail', name: 'Nail, smooth' }
		],
		'wood-screw'
	),
	screw: choiceField(
		'Size',
		SCREWS.map((s) => ({ value: s.size, name: s.size })),
		['5 mm', '#10'],
		{ when: (i) => i.kind === 'wood-screw' }
	),
	lag: choiceField(
		'Size',
		LAGS.map((s) => ({ value: s.size, name: s.title })),
		['8 mm', '3/8'],
		{ when: (i) => i.kind === 'lag' }
	),
	nail: choiceField(
		'Size',
		NAILS.map((s) => ({ value: s.size, name: s.title })),
		'16d',
		{ when: (i) => i.kind === 'nail' }
	),
	length: lengthField('Length', 10, 300, [80, 76.2]),
	through: lengthField('Through, thickness', 1, 150, [18, 19.05], { hint: 'What lies under the head' }),
	throughWood: choiceField('Through, kind', BENDING_CHOICES, ['ply', 'ply']),
	gap: lengthField('Cladding between', 0, 60, [12.5, 12.7], { hint: 'Counts as a gap' }),
	into: lengthField('Into, thickness', 10, 400, [95, 88.9]),
	intoWood: choiceField('Into, kind', BENDING_CHOICES, ['c24', 'spf']),
	load: massField('Load', 0, 2000, [18, 40]),
	angle: angleField('Pulled', 0, 90, 45, { hint: '0 straight across, 90 straight out' }),
	duration: choiceField(
		'Load lasts',
		[
			{ value: 'storage', name: 'Always: storage' },
			{ value: 'usual', name: 'Ten years in all' },
			{ value: 'bump', name: 'A bump or a grab' }
		],
		'storage'
	),
	end: orNull(
		lengthField('From the end of what it goes through', 1, 3000, undefined, { hint: 'Left empty, it is only told' })
	),
	edge: orNull(lengthField('From its edge', 1, 1000, undefined, { hint: 'Left empty, it is only told' })),
	sideGrain: choiceField('The load, to the grain outside', GRAIN, 'across', { when: (i) => i.kind === 'lag' }),
	mainGrain: choiceField('The load, to the grain inside', GRAIN, 'along', { when: (i) => i.kind === 'lag' }),
	endGrain: flagField('Into end grain'),
	wet: flagField('Wet in use')
};
type I = InputsOf<typeof fields>;

const DURATION: Record<string, number> = { storage: CD_STORAGE, usual: 1, bump: CD_BUMP };
function chosen(i: I): Fastener {
	if (i.kind === 'lag') return lag(i.lag as LagSize);
	return i.kind === 'nail' ? nail(i.nail as NailSize) : screw(i.screw as ScrewSize);
}

function loadedHow(across: number, pull: number): string {
	if (across === 0) return 'pulled out';
	return pull === 0 ? 'across' : 'pulled and pushed at once';
}

function judge(i: I, joint: Joint): Step {
	const duration = DURATION[i.duration] as number;
	const c = jointCapacity(joint, duration);
	const W = weightOf(i.load);
	const [pull, across] = [W * Math.sin(radians(i.angle)), W * Math.cos(radians(i.angle))].map((v) =>
		v < 1e-9 * W ? 0 : v
	) as [number, number];
	const lines = () => [
		{ label: 'pulled out', sum: phrase('{W} × sin {a}', { W: newtons(W), a: angle(i.angle) }), result: newtons(pull) },
		{
			label: 'pushed across',
			sum: phrase('{W} × cos {a}', { W: newtons(W), a: angle(i.angle) }),
			result: newtons(across)
		},
		...capacityLines(joint, c, { side: 'side', main: 'wood' })
	];
	const short = !c.across;
	const title = joint.fastener.title;
	const reason = short
		? phrase(`${title} too short: {p} in, {need} needed`, { p: mm(c.penetration), need: mm(c.needed) })
		: phrase(`${title}, ${loadedHow(across, pull)}`);
	const source = 'NDS 2018 chapter 12, Technical Report 12';
	if (i.kind === 'nail') {
		const used = short ? Infinity : nailUsed(c.axial, c.lateral, pull, across);
		return stepOf({
			title: 'nail',
			reason,
			source,
			demand: ratio(used),
			capacity: ratio(1),
			...(short ? { verdict: 'does-not-hold' as const } : {}),
			lines: () => [
				...lines(),
				{
					label: 'both at once',
					sum: phrase(
						short
							? '0: the nail counts for nothing'
							: [pull > 0 ? '{T} / {W}' : '', across > 0 ? '{V} / {Z}' : ''].filter(Boolean).join(' + ') ||
									'0: no load',
						{ T: newtons(pull), W: newtons(c.axial), V: newtons(across), Z: newtons(c.lateral) }
					),
					result: ratio(used),
					source: 'NDS 2018 12.4-2'
				}
			]
		});
	}
	const both = combinedAllowable(c.axial, c.lateral, pull, across);
	return stepOf({
		title: 'screw',
		reason,
		source,
		demand: newtons(W),
		capacity: newtons(both.allowed),
		lines: () => [...lines(), allowedLine(c, both)]
	});
}

/** Practice's rule beside the published method, with the reasons they part. */
function tradeRule(i: I, G: number): Step {
	const notes: Phrase[] = [phrase('It is for a 2 1/2 in deck screw through 3/4 in ply into a stud')];
	if (i.gap > 0) notes.push(phrase('It does not count {g} of cladding', { g: mm(i.gap) }));
	if (i.angle > 0) notes.push(phrase('It does not ask how much of the load pulls the screw out'));
	if (G < 0.5) notes.push(phrase('It does not ask for the species: here G is {G}', { G: ratio(G) }));
	return stepOf({
		title: 'trade rule',
		basis: 'trade-rule',
		reason: phrase('trade rule, {r} a screw', { r: newtons(TRADE_RULE) }),
		source: 'common practice',
		demand: newtons(weightOf(i.load)),
		capacity: newtons(TRADE_RULE),
		lines: () => [],
		notes
	});
}

/** Bore, edge and end distances, to be read beside the strength. */
function workshopNotes(i: I, f: Fastener, G: number): Phrase[] {
	const pilot = pilotFor(f, G);
	const least = spacingMinimums(f, { acrossGrain: true, drilled: true });
	return [
		phrase(
			pilot.mayBeLeftOut
				? 'Pilot {p} for the thread, {s} for the shank; in wood this soft it may be left out away from ends and edges'
				: 'Pilot {p} for the thread, {s} for the shank',
			{ p: mm(pilot.thread), s: mm(pilot.shank) }
		),
		...(i.end !== null && i.end < least.end
			? [phrase('Too near the end: {e}, and {n} are needed for its full strength', { e: mm(i.end), n: mm(least.end) })]
			: []),
		...(i.edge !== null && i.edge < least.edge
			? [
					phrase('Too near the edge: {e}, and {n} are needed for its full strength', {
						e: mm(i.edge),
						n: mm(least.edge)
					})
				]
			: []),
		phrase('Keep {end} from the end, {edge} from the edge, {along} apart along the grain', {
			end: mm(least.end),
			edge: mm(least.edge),
			along: mm(least.along)
		}),
		phrase("A structural or deck screw's own maker's data beat these")
	];
}

function draw(i: I, f: Fastener): Shape[] {
	const d = Math.max(4, f.D * 25.4);
	const h = 90;
	const face = i.through + i.gap;
	return [
		box(-i.through, 0, i.through, h, i.throughWood === 'ply' ? 'ply' : 'wood'),
		...(i.gap > 0 ? [box(0, 0, i.gap, h, 'wall')] : []),
		box(i.gap, 0, i.into, h, 'wood'),
		box(-i.through, h / 2 - d / 2, i.length, d, 'steel'),
		box(-i.through - 2, h / 2 - f.head * 12.7, 2.5, f.head * 25.4, 'steel'),
		{ kind: 'measure', from: [-i.through, 0], to: [0, 0], side: 'below', label: phrase('{t}', { t: mm(i.through) }) },
		{
			kind: 'measure',
			from: [i.gap, 0],
			to: [Math.max(i.gap, i.length - i.through), 0],
			side: 'below',
			label: phrase('{t} in', { t: mm(Math.max(0, i.length - face)) })
		},
		{
			kind: 'arrow',
			from: [-i.through - 6, h / 2],
			to: [-i.through - 6 - 40 * Math.sin(radians(i.angle)), h / 2 - 40 * Math.cos(radians(i.angle))],
			label: phrase('{W}', { W: newtons(weightOf(i.load)) })
		}
	];
}

export const fastenerSum = defineSum({
	name: 'screw',
	title: 'Screw, lag or nail into wood',
	question: 'How much does one screw hold?',
	fields,
	cross: (i) => {
		const past = i.length - i.through - i.gap - i.into;
		return past > 0.05
			? [
					{
						path: 'length',
						message: `comes out behind by ${past.toFixed(0)} mm: it is longer than what it goes through`
					}
				]
			: [];
	},
	answer(i) {
		const f = chosen(i);
		const drawing = { title: `${f.title} through ${i.throughWood} into ${i.intoWood}`, shapes: draw(i, f) };
		const side = gravityOf(i.throughWood);
		const main = gravityOf(i.intoWood);
		if (side === null || main === null) {
			const what = main === null ? 'what it goes into' : 'what it goes through';
			return answerOf({
				drawing,
				steps: [
					missingStep('species', phrase(`no specific gravity for ${what}`), 'NDS 2018 Table 12.3.3', [
						phrase(
							'Find the species, or choose "Softest, G 0.36". MDF and particleboard are in no table: ask the maker of the screw'
						)
					])
				]
			});
		}
		const joint: Joint = {
			fastener: f,
			length: i.length,
			side: { thickness: i.through, G: side },
			gap: i.gap,
			main: { thickness: i.into, G: main },
			sideToGrain: i.sideGrain === 'along' ? 0 : 90,
			mainToGrain: i.mainGrain === 'along' ? 0 : 90,
			endGrain: i.endGrain,
			wet: i.wet
		};
		return answerOf({
			drawing,
			steps: i.kind === 'wood-screw' ? [judge(i, joint), tradeRule(i, main)] : [judge(i, joint)],
			notes: workshopNotes(i, f, main)
		});
	},
	load: 'load',
	changes(i) {
		const found: Change<I>[] = [];
		const longer = SCREW_LENGTHS.filter((l) => l > i.length + 1 && l < i.through + i.gap + i.into).slice(0, 2);
		for (const length of longer)
			found.push({ text: phrase('{l} long', { l: mm(length) }), inputs: { length }, effort: 'screws' });
		if (i.kind === 'wood-screw') {
			for (const size of ['#10', '#12', '#14'] as const)
				if (screw(size).D > screw(i.screw as ScrewSize).D)
					found.push({ text: phrase(`A ${size} screw`), inputs: { screw: size }, effort: 'screws' });
		}
		if (i.kind !== 'lag')
			found.push({ text: phrase('A 1/4 in lag'), inputs: { kind: 'lag', lag: '1/4' }, effort: 'screws' });
		if (i.endGrain)
			found.push({ text: phrase('Into side grain'), inputs: { endGrain: false }, effort: 'nothing to buy' });
		if (i.gap > 0)
			found.push({ text: phrase('Cut the cladding away behind it'), inputs: { gap: 0 }, effort: 'nothing to buy' });
		found.push({ text: phrase('Two of them, half the load each'), inputs: { load: i.load / 2 }, effort: 'screws' });
		return found;
	}
});
