import { box, type Point, type Shape } from '../drawing/shapes';
import { stepOf, type Step } from '../verdict/check';
import { allowedLine, capacityLines } from '../members/joint-lines';
import { combinedAllowable } from '../mechanics/fasteners/combined';
import { jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { worstSwing, type Leaf, type LeafAt } from '../mechanics/statics/leaf';
import { WOOD_CHOICES } from '../materials/bending';
import { screw, SCREW_LENGTHS, SCREWS, type ScrewSize } from '../materials/screws';
import { screwGravity, stock } from '../materials/stocks';
import { wood } from '../materials/woods';
import { angle, mm, moment, newtons, phrase } from '../units/phrase';
import { radians, weightOf } from '../units/quantity';
import { angleField, choiceField, lengthField, massField, wholeField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	load: massField('Leaf with what hangs on it', 0.1, 300, [14, 30]),
	reach: lengthField('Its middle from the hinge', 10, 2000, [300, 304.8]),
	hingeOut: lengthField('Hinge line from the wall', 0, 500, [45, 44.45]),
	hinge: lengthField('Hinge line from the first stud', -1500, 1500, [50, 50.8], {
		hint: 'To the right; closed, the leaf lies to the right of it'
	}),
	studs: lengthField('First stud to the second', 100, 3000, [400, 406.4]),
	height: lengthField('Top screws above where it bears', 50, 2500, [500, 508]),
	stop: angleField('Opens to', 10, 180, 150),
	thickness: lengthField('Board on the wall, thickness', 9, 80, [18, 19.05]),
	cladding: lengthField('Cladding', 0, 60, [12.5, 12.7]),
	species: choiceField('Wood of the studs', WOOD_CHOICES, ['c24', 'spf']),
	stud: lengthField('Studs, depth', 38, 300, [95, 88.9]),
	screw: choiceField(
		'Screws',
		SCREWS.map((s) => ({ value: s.size, name: s.size })),
		['5 mm', '#10']
	),
	length: lengthField('Screws, length', 20, 200, [80, 76.2]),
	perStud: wholeField('Screws at each stud', 2, 12, 3)
};
type I = InputsOf<typeof fields>;

const leafOf = (i: I): Leaf => ({
	weight: weightOf(i.load),
	reach: i.reach,
	hingeOut: i.hingeOut,
	hinge: i.hinge,
	studs: [0, i.studs]
});

function steps(i: I): Step[] {
	const timber = wood(i.species);
	const joint: Joint = {
		fastener: screw(i.screw as ScrewSize),
		length: i.length,
		side: { thickness: i.thickness, G: screwGravity(stock('ply-18')) },
		gap: i.cladding,
		main: { thickness: i.stud, G: timber.G }
	};
	const c = jointCapacity(joint);
	// The stud next to the hinge line takes the pull: its top screw alone, the others below it. A hinge line past the
	// studs pries on it.
	const past = Math.max(0, -i.hinge, i.hinge - i.studs);
	const pry = 1 + past / i.studs;
	const judge = (at: LeafAt) => {
		const pull = (at.pullOut / i.height) * pry;
		const most = Math.max(...at.down.map(Math.abs));
		const across = most / i.perStud;
		const both = combinedAllowable(c.axial, c.lateral, pull, across);
		return {
			...at,
			pull,
			most,
			across,
			both,
			used: both.allowed > 0 ? Math.hypot(pull, across) / both.allowed : Infinity
		};
	};
	const worst = judge(worstSwing(leafOf(i), i.stop, (at) => judge(at).used));
	const resultant = Math.hypot(worst.pull, worst.across);
	const lifted = Math.min(...worst.down) < 0;
	const values = {
		W: newtons(weightOf(i.load)),
		x: mm(i.hingeOut),
		r: mm(i.reach),
		a: angle(worst.angle),
		h: mm(i.height),
		s: mm(i.studs),
		o: mm(i.hinge)
	};
	return [
		stepOf({
			title: 'screws of the leaf',
			reason: c.across
				? phrase('top screw by the hinge, worst at {a} open', { a: angle(worst.angle) })
				: phrase('screws too short: {p} in the stud, {need} needed', { p: mm(c.penetration), need: mm(c.needed) }),
			source: 'statics swept over the whole swing; NDS 2018 chapter 12, Technical Report 12',
			demand: newtons(resultant),
			capacity: newtons(worst.both.allowed),
			lines: () => [
				{ label: 'pulls out', sum: phrase('{W} × ({x} + {r} × sin {a})', values), result: moment(worst.pullOut) },
				{
					label: 'top screw',
					sum: phrase(
						past > 0
							? '{M} / {h} × (1 + {p} / {s}): the hinge line stands past the studs'
							: '{M} / {h}: all at the hinge line',
						{
							...values,
							M: moment(worst.pullOut),
							p: mm(past)
						}
					),
					result: newtons(worst.pull)
				},
				{
					label: 'second stud',
					sum: phrase('{W} × ({o} + {r} × cos {a}) / {s}', values),
					result: newtons(worst.down[1])
				},
				{
					label: 'first stud',
					sum: phrase('{W} - {R}', { ...values, R: newtons(worst.down[1]) }),
					result: newtons(worst.down[0])
				},
				{
					label: 'across each',
					sum: phrase(`{V} / ${i.perStud}: the more loaded stud`, { V: newtons(worst.most) }),
					result: newtons(worst.across)
				},
				...capacityLines(joint, c, { side: 'board', main: 'stud' }),
				{
					label: 'both at once',
					sum: phrase('√({T}² + {V}²)', { T: newtons(worst.pull), V: newtons(worst.across) }),
					result: newtons(resultant)
				},
				allowedLine(c, worst.both)
			],
			notes: lifted
				? [
						phrase('At {a} the far stud is lifted by {u}', {
							a: angle(worst.angle),
							u: newtons(-Math.min(...worst.down))
						})
					]
				: []
		})
	];
}

function draw(i: I): Shape[] {
	const at = (deg: number): Point => [
		i.hinge + 2 * i.reach * Math.cos(radians(deg)),
		i.hingeOut + 2 * i.reach * Math.sin(radians(deg))
	];
	const arc = Array.from({ length: 31 }, (_, k) => at((i.stop * k) / 30));
	return [
		box(Math.min(0, i.hinge) - 200, -i.cladding - 60, Math.max(i.studs, i.hinge + 2 * i.reach) + 400, 60, 'wall'),
		...[0, i.studs].map((x) => box(x - 22, -i.cladding - i.stud, 44, i.stud, 'wood')),
		{ kind: 'line', points: [[i.hinge, i.hingeOut], at(0)], look: 'wood' },
		{ kind: 'line', points: [[i.hinge, i.hingeOut], at(i.stop)], look: 'wood' },
		{ kind: 'line', points: arc, look: 'bent' },
		{ kind: 'circle', at: [i.hinge, i.hingeOut], radius: 9, look: 'steel' },
		{
			kind: 'measure',
			from: [0, -i.cladding - i.stud],
			to: [i.studs, -i.cladding - i.stud],
			side: 'below',
			label: phrase('{s}', { s: mm(i.studs) })
		}
	];
}

export const leafSum = defineSum({
	name: 'leaf',
	title: 'Swinging leaf',
	question: 'Do the screws hold a leaf through its whole swing?',
	fields,
	cross: (i) =>
		i.length - i.thickness - i.cladding > i.stud + 0.05
			? [{ path: 'length', message: 'comes out behind the stud' }]
			: [],
	answer: (i) =>
		answerOf({
			drawing: { title: 'Leaf and its swing, seen from above', shapes: draw(i) },
			steps: [...speciesMissing(i.species, 'studs'), ...steps(i)],
			notes: [phrase("A child can hang on an open leaf. The hinge's own load is its maker's word")]
		}),
	load: 'load',
	proof: (i) => ({ working: i.load, foot: 0 }),
	changes(i) {
		const found: Change<I>[] = [];
		for (const length of SCREW_LENGTHS.filter((l) => l > i.length + 1 && l < i.thickness + i.cladding + i.stud).slice(
			0,
			2
		))
			found.push({ text: phrase('Screws {l} long', { l: mm(length) }), inputs: { length }, effort: 'screws' });
		if (screw(i.screw as ScrewSize).D < 0.24)
			found.push({ text: phrase('#14 screws'), inputs: { screw: '#14' }, effort: 'screws' });
		if (i.perStud < 6)
			found.push({
				text: phrase('{n} screws at each stud', { n: String(i.perStud * 2) }),
				inputs: { perStud: i.perStud * 2 },
				effort: 'screws'
			});
		found.push({
			text: phrase('A taller board: top screws {h} up', { h: mm(i.height * 1.5) }),
			inputs: { height: i.height * 1.5 },
			effort: 'a piece of wood'
		});
		found.push({ text: phrase('Hinge on the first stud'), inputs: { hinge: 0 }, effort: 'nothing to buy' });
		if (i.stop > 90)
			found.push({ text: phrase('Stop it at {a}', { a: angle(90) }), inputs: { stop: 90 }, effort: 'a piece of wood' });
		return found;
	}
});
