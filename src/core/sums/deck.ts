import { box, type Shape } from '../drawing/shapes';
import { failedStep, missingStep, stepOf, type Step } from '../verdict/check';
import {
	boltStep,
	hangerLagHolds,
	hangerLagStep,
	joistStep,
	spreaderStep,
	strapStep,
	type CeilingRoom
} from '../members/hanging-steps';
import { allowedLine, capacityLines } from '../members/joint-lines';
import { combinedAllowable } from '../mechanics/fasteners/combined';
import { jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { deckShares, greatestShare, joistShare, shareWithOneLost } from '../mechanics/members/deck';
import { WOOD_CHOICES } from '../materials/bending';
import { lag, LAGS, type LagSize } from '../materials/lags';
import { STRAPS, strapOf } from '../materials/steel';
import { wood } from '../materials/woods';
import { mm, newtons, phrase } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { choiceField, lengthField, massField, numberField, wholeField } from '../form/field';
import type { InputsOf } from './inputs';
import { OVERHEAD } from '../verdict/proof-load';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	load: massField('Deck and all on it', 1, 3000, [120, 250]),
	centre: lengthField('Its middle, out from the wall', 10, 3000, [380, 381]),
	hangLine: lengthField('Hang line, out from the wall', 50, 3000, [760, 762]),
	hangers: wholeField('Hangers on the line', 1, 20, 4),
	ceiling: choiceField(
		'Above are',
		[
			{ value: 'none', name: 'Joists, attic without storage' },
			{ value: 'limited', name: 'Joists, attic with limited storage' },
			{ value: 'unknown', name: 'Joists, not known what for' },
			{ value: 'truss', name: 'Trusses' }
		],
		'limited'
	),
	share: numberField('Of that, free for this deck', 0, 1, 0.5, { hint: 'A ceiling carries something already: 0 to 1' }),
	joists: wholeField('Joists that carry the spreader', 1, 20, 4),
	span: lengthField('Joists, span', 500, 8000, [3600, 3657.6]),
	spacing: lengthField('Joists, apart', 200, 1000, [400, 406.4]),
	at: lengthField('Hang line from the end of a joist', 0, 8000, [760, 762]),
	species: choiceField('Wood', WOOD_CHOICES, ['c24', 'spf']),
	lag: choiceField(
		'Lags',
		LAGS.map((l) => ({ value: l.size, name: l.title })),
		['8 mm', '3/8']
	),
	hangerLag: lengthField('Hanger lag into the spreader', 10, 200, [38, 38.1], { hint: 'Length in the wood' }),
	spreader: lengthField('Spreader, thickness', 18, 150, [45, 38.1]),
	joistLag: lengthField('Spreader lags, length', 40, 300, [120, 127]),
	perJoist: wholeField('Lags into each joist', 1, 4, 2),
	ceilingBoard: lengthField('Ceiling board between', 0, 60, [12.5, 12.7]),
	joistDepth: lengthField('Joists, depth', 60, 400, [145, 139.7]),
	strap: choiceField(
		'Hanger strap',
		STRAPS.map((s) => ({ value: s.id, name: s.title })),
		['strap-30', 'strap-1']
	),
	strapHole: lengthField('Hole in it', 3, 25, [9, 9.525]),
	bolt: lengthField('Bolt into the deck', 4, 20, [8, 7.9375]),
	boltWood: lengthField('Wood it bears in', 15, 150, [45, 38.1]),
	ledger: lengthField('Ledger, thickness', 15, 100, [45, 38.1]),
	ledgerStuds: wholeField('Studs the ledger crosses', 1, 20, 4),
	ledgerLag: lengthField('Ledger lags, length', 40, 300, [120, 114.3], { hint: 'One at each stud' }),
	cladding: lengthField('Cladding of the wall', 0, 60, [12.5, 12.7]),
	stud: lengthField('Studs, depth', 38, 300, [95, 88.9])
};
type I = InputsOf<typeof fields>;

/** A share in a sum: figures enough to work it out again. */
const fixed = (share: number) => String(Number(share.toFixed(4)));

function hangerSteps(i: I, shares: ReturnType<typeof deckShares>): Step[] {
	const timber = wood(i.species);
	const each = {
		label: 'each hanger',
		sum: phrase(`{W} × {x} / {h} × {k}: the deck in one piece over ${i.hangers} hangers`, {
			W: newtons(weightOf(i.load)),
			x: mm(i.centre),
			h: mm(i.hangLine),
			k: fixed(greatestShare(i.hangers))
		}),
		result: newtons(shares.hanger)
	};
	const pulled = { force: shares.hanger, lines: () => [each] };
	const { holds } = hangerLagHolds(i.lag as LagSize, i.hangerLag, timber.G);
	return [
		stepOf(hangerLagStep(pulled, i.lag as LagSize, i.hangerLag, timber.G)),
		stepOf(strapStep(pulled, strapOf(i.strap), i.strapHole)),
		stepOf(boltStep(pulled, i.bolt, i.boltWood, timber.G)),
		Number.isFinite(shares.lost)
			? stepOf({
					title: 'one hanger lost',
					reason: phrase('a hanger goes: those left take all of it'),
					source: 'statics',
					demand: newtons(shares.lost),
					capacity: newtons(holds),
					lines: () => [
						each,
						{
							label: 'takes then',
							sum: phrase('{R} × {k}: the worst one gone', {
								R: newtons(shares.line),
								k: fixed(shareWithOneLost(i.hangers))
							}),
							result: newtons(shares.lost)
						}
					]
				})
			: failedStep(
					'one hanger lost',
					phrase(
						i.hangers === 1
							? 'a single hanger: when it goes, the deck falls'
							: 'when one hanger goes, the deck tips off those that are left'
					),
					'statics',
					[],
					[each]
				)
	];
}

function joistSteps(i: I, shares: ReturnType<typeof deckShares>): Step[] {
	const timber = wood(i.species);
	const share = joistShare(i.joists, i.hangers);
	const force = shares.line * share;
	const perJoist = {
		label: 'each joist',
		sum: phrase(`{R} × {k}: the spreader in one piece under ${i.joists} joists`, {
			R: newtons(shares.line),
			k: fixed(share)
		}),
		result: newtons(force)
	};
	const spreader = stepOf(
		spreaderStep(
			{ force, lines: () => [perJoist] },
			{
				fastener: lag(i.lag as LagSize),
				length: i.joistLag,
				side: { thickness: i.spreader, G: timber.G },
				gap: i.ceilingBoard,
				main: { thickness: i.joistDepth, G: timber.G }
			},
			i.perJoist
		)
	);
	if (i.ceiling === 'truss')
		return [
			spreader,
			missingStep('joists', phrase("trusses: not without the maker's or an engineer's word"), 'truss maker')
		];
	if (i.ceiling === 'unknown')
		return [
			spreader,
			missingStep('joists', phrase('what the ceiling was made to carry is not known'), 'IRC Table R301.5', [
				phrase('A joist that also holds a roof in tension, is notched or is spliced needs an engineer')
			])
		];
	const room = { made: i.ceiling as CeilingRoom['made'], spacing: i.spacing, span: i.span, free: i.share };
	const step = joistStep([{ force, at: i.at }], room);
	return [spreader, stepOf({ ...step, lines: () => [perJoist, ...step.lines()] })];
}

function ledgerStep(i: I, shares: ReturnType<typeof deckShares>): Step {
	const timber = wood(i.species);
	const joint: Joint = {
		fastener: lag(i.lag as LagSize),
		length: i.ledgerLag,
		side: { thickness: i.ledger, G: timber.G },
		gap: i.cladding,
		main: { thickness: i.stud, G: timber.G }
	};
	const c = jointCapacity(joint);
	const share = greatestShare(i.ledgerStuds);
	const across = Math.max(0, shares.ledger) * share;
	const both = combinedAllowable(c.axial, c.lateral, 0, across);
	return stepOf({
		title: 'ledger',
		reason: c.across
			? phrase('ledger lags, across')
			: phrase('ledger lags too short: {p} in the stud, {need} needed', { p: mm(c.penetration), need: mm(c.needed) }),
		source: 'NDS 2018 chapter 12, Technical Report 12',
		demand: newtons(across),
		capacity: newtons(both.allowed),
		lines: () => [
			{
				label: 'ledger takes',
				sum: phrase('{W} × (1 - {x} / {h})', { W: newtons(weightOf(i.load)), x: mm(i.centre), h: mm(i.hangLine) }),
				result: newtons(shares.ledger)
			},
			{
				label: 'each stud',
				sum: phrase(`{R} × {k}: the ledger in one piece over ${i.ledgerStuds} studs`, {
					R: newtons(Math.max(0, shares.ledger)),
					k: fixed(share)
				}),
				result: newtons(across)
			},
			...capacityLines(joint, c, { side: 'ledger', main: 'stud' }),
			allowedLine(c, both)
		]
	});
}

function draw(i: I): Shape[] {
	const out = Math.max(i.hangLine, 2 * i.centre) + 60;
	const drop = 700;
	return [
		box(-60, -250, 60, drop + 400, 'wall'),
		box(-60, drop + i.spreader, out + 200, i.ceilingBoard + 1, 'wall'),
		box(-60, drop + i.spreader + i.ceilingBoard, out + 200, i.joistDepth, 'wood'),
		box(i.hangLine - 45, drop, 90, i.spreader, 'wood'),
		box(0, -90, i.ledger, 90, 'wood'),
		box(0, 0, out, 40, 'ply'),
		box(i.hangLine - 8, 0, 16, drop, 'steel'),
		{
			kind: 'arrow',
			from: [i.centre, 330],
			to: [i.centre, 45],
			label: phrase('{W}', { W: newtons(weightOf(i.load)) })
		},
		{
			kind: 'measure',
			from: [0, -100],
			to: [i.hangLine, -100],
			side: 'below',
			label: phrase('{h}', { h: mm(i.hangLine) })
		}
	];
}

export const deckSum = defineSum({
	name: 'deck',
	title: 'Overhead deck',
	question: 'Does a deck under the ceiling hold?',
	fields,
	cross: (i) => {
		const found = [];
		if (i.at > i.span) found.push({ path: 'at', message: 'is past the other end of the joist' });
		if (i.hangerLag > i.spreader + 0.05) found.push({ path: 'hangerLag', message: 'comes out of the spreader' });
		if (i.joistLag - i.spreader - i.ceilingBoard > i.joistDepth)
			found.push({ path: 'joistLag', message: 'comes out above the joist' });
		if (i.ledgerLag - i.ledger - i.cladding > i.stud)
			found.push({ path: 'ledgerLag', message: 'comes out behind the stud' });
		const strap = STRAPS.find((s) => s.id === i.strap);
		if (strap && i.strapHole >= strap.width)
			found.push({ path: 'strapHole', message: `cuts the strap through: it is ${strap.width.toFixed(0)} mm wide` });
		if (i.centre > i.hangLine)
			found.push({ path: 'centre', message: 'stands out past the hang line: the wall side would lift' });
		return found;
	},
	answer(i) {
		const shares = deckShares({ weight: weightOf(i.load), centre: i.centre, hangLine: i.hangLine, hangers: i.hangers });
		return answerOf({
			drawing: { title: 'Deck between ledger and hangers, seen from its end', shapes: draw(i) },
			steps: [
				...speciesMissing(i.species, 'joists'),
				...hangerSteps(i, shares),
				...joistSteps(i, shares),
				ledgerStep(i, shares)
			],
			notes: [phrase('Nobody stands beneath while it is loaded; proof load it to twice its working load')]
		});
	},
	load: 'load',
	proof: (i) => ({ working: i.load, foot: OVERHEAD }),
	changes(i) {
		const found: Change<I>[] = [
			{
				text: phrase('{n} hangers', { n: String(i.hangers + 2) }),
				inputs: { hangers: i.hangers + 2 },
				effort: 'another part'
			},
			{
				text: phrase('Spreader over {n} joists', { n: String(i.joists + 2) }),
				inputs: { joists: i.joists + 2 },
				effort: 'a piece of wood'
			},
			{
				text: phrase('Hang line at {a} from the end of the joists', { a: mm(i.at / 2) }),
				inputs: { at: i.at / 2 },
				effort: 'nothing to buy'
			},
			{
				text: phrase('A ledger over {n} studs', { n: String(i.ledgerStuds + 2) }),
				inputs: { ledgerStuds: i.ledgerStuds + 2 },
				effort: 'a piece of wood'
			}
		];
		if (i.hangerLag + 12 <= i.spreader)
			found.push({
				text: phrase('Hanger lags {l} into the spreader', { l: mm(i.hangerLag + 12) }),
				inputs: { hangerLag: i.hangerLag + 12 },
				effort: 'screws'
			});
		const bigger = LAGS.find((l) => l.D > lag(i.lag as LagSize).D + 0.01);
		if (bigger) found.push({ text: phrase(`${bigger.title}s`), inputs: { lag: bigger.size }, effort: 'screws' });
		if (i.perJoist < 4)
			found.push({
				text: phrase('{n} lags into each joist', { n: String(i.perJoist + 1) }),
				inputs: { perJoist: i.perJoist + 1 },
				effort: 'screws'
			});
		return found;
	}
});
