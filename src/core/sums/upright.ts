import { lastOf, nth } from '../nth';
import { box, type Shape } from '../drawing/shapes';
import { stepOf, type Step } from '../verdict/check';
import { allowedLine, capacityLines } from '../members/joint-lines';
import { combinedAllowable } from '../mechanics/fasteners/combined';
import { CD_STORAGE, jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { rectangle } from '../mechanics/members/rectangle';
import { crushing, drawing } from '../mechanics/statics/soft-upright';
import type { Turn } from '../mechanics/statics/upright';
import { uprightPulls } from '../mechanics/statics/upright-pulls';
import { WOOD_CHOICES } from '../materials/bending';
import { lag, LAGS, type LagSize } from '../materials/lags';
import { wood } from '../materials/woods';
import { mm, moment, newtons, phrase, stress } from '../units/phrase';
import { MM_PER_INCH, weightOf } from '../units/quantity';
import { choiceField, lengthField, lengthsField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	species: choiceField('Wood of upright and stud', WOOD_CHOICES, ['c24', 'spf']),
	thickness: lengthField('Upright, along the wall', 20, 150, [45, 38.1]),
	depth: lengthField('Upright, out from the wall', 20, 250, [94, 88.9]),
	foot: lengthField('Its foot stands at', 0, 3000, [0, 0]),
	length: lengthField('Its length', 200, 4000, [2300, 2438.4]),
	lags: lengthsField('Lags, up from the floor', { min: 0, max: 6000, least: 2, most: 12 }, [
		[80, 900, 1700, 2220],
		[101.6, 863.6, 1625.6, 2336.8]
	]),
	lag: choiceField(
		'Lag',
		LAGS.map((l) => ({ value: l.size, name: l.title })),
		['10 mm', '3/8']
	),
	lagLength: lengthField('Lag, length', 40, 300, [180, 177.8]),
	cladding: lengthField('Cladding', 0, 60, [12.5, 12.7]),
	stud: lengthField('Stud, depth', 40, 300, [95, 88.9]),
	arms: lengthsField('Rods or arms, up from the floor', { min: 0, max: 6000, least: 1, most: 30 }, [
		[500, 950, 1400, 1850],
		[508, 965.2, 1422.4, 1879.6]
	]),
	load: massField('Load on each', 0, 500, [30, 60]),
	reach: lengthField('Its middle stands out', 10, 1500, [180, 177.8], { hint: 'From the face of the upright' })
};
type I = InputsOf<typeof fields>;

function steps(i: I): Step[] {
	const timber = wood(i.species);
	// About the face that bears on the wall: the upright's depth counts whole.
	const couple = weightOf(i.load) * (i.reach + i.depth);
	const turns: Turn[] = i.arms.map((at) => ({ at, couple }));
	const up = i.lags.map((y) => y - i.foot);
	const { inertia, modulus: section } = rectangle(i.thickness, i.depth);
	const {
		bound,
		stiff,
		soft,
		most: pulls
	} = uprightPulls(
		{
			length: Math.max(i.length, ...up),
			bending: timber.E * inertia,
			wall: crushing(timber.E, i.thickness, i.depth),
			lag: drawing(
				timber.density,
				lag(i.lag as LagSize).D * MM_PER_INCH,
				Math.max(1, i.lagLength - i.depth - i.cladding)
			),
			lags: up
		},
		turns.map((t) => ({ ...t, at: t.at - i.foot }))
	);
	const across = (weightOf(i.load) * i.arms.length) / i.lags.length;
	const worst = pulls.reduce((best, t, k) => (t > nth(pulls, best) ? k : best), 0);
	const pull = nth(pulls, worst);
	const at = nth(i.lags, worst);
	const joint: Joint = {
		fastener: lag(i.lag as LagSize),
		length: i.lagLength,
		side: { thickness: i.depth, G: timber.G },
		gap: i.cladding,
		main: { thickness: i.stud, G: timber.G },
		sideToGrain: 0,
		mainToGrain: 0
	};
	const c = jointCapacity(joint);
	const both = combinedAllowable(c.axial, c.lateral, pull, across);
	const resultant = Math.hypot(pull, across);
	// Between lags the couples bend it; the most that one of them gives is itself.
	const Fb = timber.Fb * CD_STORAGE;
	const below = worst === 0 ? i.foot : nth(i.lags, worst - 1);
	const several = couple > 0 ? Math.round((nth(bound, worst) * (at - below)) / couple) : 0;
	return [
		stepOf({
			title: 'lag',
			reason: c.across
				? phrase('lag at {y@tape} up', { y: mm(at) })
				: phrase('lags too short: {p} in the stud, {need} needed', { p: mm(c.penetration), need: mm(c.needed) }),
			source: 'statics; NDS 2018 chapter 12, Technical Report 12',
			demand: newtons(resultant),
			capacity: newtons(both.allowed),
			lines: () => [
				{
					label: 'each turns it',
					sum: phrase('{W} × ({r} + {d})', { W: newtons(weightOf(i.load)), r: mm(i.reach), d: mm(i.depth) }),
					result: moment(couple)
				},
				{
					label: 'pull, bounded',
					sum: phrase(`${several} × {C} / ({y} - {z}): to the next lag or the foot`, {
						C: moment(couple),
						y: mm(at),
						z: mm(below)
					}),
					result: newtons(nth(bound, worst))
				},
				{
					label: 'as a beam',
					sum: phrase('held at its lags, pressing on a stiff wall at its ends and arms; each arm by itself, added up'),
					result: newtons(nth(stiff, worst))
				},
				{
					label: 'wall and lags give',
					sum: phrase(
						'as a beam on wood that crushes a little anywhere, by lags that draw a little. The greatest of the three counts'
					),
					result: newtons(nth(soft, worst))
				},
				{
					label: 'across each',
					sum: phrase(`${i.arms.length} × {W} / ${i.lags.length}`, { W: newtons(weightOf(i.load)) }),
					result: newtons(across)
				},
				...capacityLines(joint, c, { side: 'upright', main: 'stud' }),
				{
					label: 'both at once',
					sum: phrase('√({T}² + {V}²)', { T: newtons(pull), V: newtons(across) }),
					result: newtons(resultant)
				},
				allowedLine(c, both)
			]
		}),
		stepOf({
			title: 'upright',
			reason: phrase('the upright bends at an arm'),
			source: `NDS 2018 3.3; ${timber.title}: ${timber.source}`,
			demand: stress(couple / section),
			capacity: stress(Fb),
			lines: () => [
				{
					label: 'bending',
					sum: phrase('6 × {M} / ({t} × {d}²): all of one couple on one side', {
						M: moment(couple),
						t: mm(i.thickness),
						d: mm(i.depth)
					}),
					result: stress(couple / section)
				},
				{ label: 'allowed', sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(timber.Fb) }), result: stress(Fb) }
			]
		})
	];
}

function draw(i: I): Shape[] {
	const top = i.foot + i.length;
	return [
		box(-i.stud - i.cladding, Math.min(0, i.foot) - 50, i.stud, top + 100, 'wood'),
		...(i.cladding > 0 ? [box(-i.cladding, Math.min(0, i.foot) - 50, i.cladding, top + 100, 'wall')] : []),
		box(0, i.foot, i.depth, i.length, 'ply'),
		...i.lags.map((y) => box(i.depth - i.lagLength, y - 8, i.lagLength + 10, 16, 'steel')),
		...i.arms.flatMap((y): Shape[] => [box(i.depth, y - 12, 2 * i.reach, 24, 'wood')]),
		{
			kind: 'arrow',
			from: [i.depth + i.reach, lastOf(i.arms) + 190],
			to: [i.depth + i.reach, lastOf(i.arms) + 18],
			label: phrase('{W} each', { W: newtons(weightOf(i.load)) })
		},
		{
			kind: 'measure',
			from: [i.depth, i.foot],
			to: [i.depth + i.reach, i.foot],
			side: 'below',
			label: phrase('{r}', { r: mm(i.reach) })
		}
	];
}

export const uprightSum = defineSum({
	name: 'upright',
	title: 'Rack upright on lags',
	question: 'Do the lags hold a rack upright?',
	fields,
	cross: (i) => {
		const found = [];
		const top = i.foot + i.length;
		if (nth(i.lags, 0) < i.foot || lastOf(i.lags) > top)
			found.push({ path: 'lags', message: `must lie on the upright, ${i.foot.toFixed(0)} to ${top.toFixed(0)} mm` });
		if (nth(i.arms, 0) < i.foot || lastOf(i.arms) > top)
			found.push({ path: 'arms', message: `must lie on the upright, ${i.foot.toFixed(0)} to ${top.toFixed(0)} mm` });
		if (i.lags[0] === i.foot)
			found.push({ path: 'lags', message: 'the lowest stands at the very foot: nothing is left under it' });
		if (i.lagLength - i.depth - i.cladding > i.stud + 0.05)
			found.push({ path: 'lagLength', message: 'comes out behind the stud' });
		return found;
	},
	answer: (i) =>
		answerOf({
			drawing: { title: 'Upright on a stud with its lags and arms, seen from its side', shapes: draw(i) },
			steps: [...speciesMissing(i.species, 'stud'), ...steps(i)],
			notes: [
				phrase(
					'Its pencil line is its edge, half its thickness off the middle of the stud: a lag beside the stud counts for nothing'
				)
			]
		}),
	load: 'load',
	proof: (i) => ({ working: i.load * i.arms.length, foot: 0 }),
	changes(i) {
		const found: Change<I>[] = [];
		const middles = i.lags.flatMap((y, k) => (k === 0 ? [y] : [(nth(i.lags, k - 1) + y) / 2, y]));
		const bigger = LAGS.find((l) => l.D > lag(i.lag as LagSize).D + 0.01);
		const most = i.depth + i.cladding + i.stud - 5;
		if (bigger) found.push({ text: phrase(`${bigger.title}s`), inputs: { lag: bigger.size }, effort: 'screws' });
		if (i.lagLength + 25 <= most)
			found.push({
				text: phrase('Lags {l} long', { l: mm(i.lagLength + 25) }),
				inputs: { lagLength: i.lagLength + 25 },
				effort: 'screws'
			});
		if (middles.length <= fields.lags.most)
			found.push({ text: phrase('A lag between each two'), inputs: { lags: middles }, effort: 'screws' });
		const beside = i.arms.map((y) => y + 40).filter((y) => y < i.foot + i.length);
		if (beside.length > 1)
			found.push({
				text: phrase('A lag just above every arm, and one at the foot'),
				inputs: { lags: [i.foot + 60, ...beside.filter((y) => y > i.foot + 100)] },
				effort: 'screws'
			});
		found.push({
			text: phrase('Arms {r} out to their middle', { r: mm(Math.round(i.reach * 0.7)) }),
			inputs: { reach: Math.round(i.reach * 0.7) },
			effort: 'nothing to buy'
		});
		return found;
	}
});
