import { box, type Shape } from '../drawing/shapes';
import { hookOutline, profileOutline, type Bevel, type CleatProfile } from '../cleats/profile';
import { failedStep, missingStep, stepOf, type Step, type SumLine } from '../verdict/check';
import { cleatRoll, hookRoll, rollArm } from '../mechanics/statics/roll';
import { seatJudged } from '../members/seat-judged';
import { greatestTug, lockStripUplift, seat, SEAT_FACTOR, worstPart, type SeatInput } from '../mechanics/statics/seat';
import { mm, moment, newtons, phrase, ratio, type Phrase } from '../units/phrase';
import { radians, weightOf } from '../units/quantity';
import { choiceField, flagField, lengthField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';

const fields = {
	bevel: choiceField(
		'Bevel',
		[
			{ value: '45', name: '45°' },
			{ value: '30', name: '30°' },
			{ value: '0', name: 'None: a square ledge' }
		],
		'45'
	),
	thickness: lengthField('Cleat thickness', 6, 60, [18, 19.05]),
	back: lengthField('Cleat height, wall side', 15, 300, [55, 44.45]),
	drop: lengthField('Bears below the bevel by', 0, 3000, [180, 177.8], {
		hint: "From the bevel's wall side down to the lowest bearing"
	}),
	self: massField('The holder itself', 0, 200, [1.5, 3]),
	selfOut: lengthField('Its middle stands out', 0, 1500, [30, 31.75]),
	load: massField('What hangs', 0, 500, [12, 27]),
	out: lengthField('It stands out', 0, 1500, [90, 101.6]),
	lock: flagField('A lock strip over the hook'),
	tugAt: lengthField('A tug comes at', 1, 3000, [120, 127], { hint: 'Above the lowest bearing' })
};
type I = InputsOf<typeof fields>;

function centre(i: I) {
	const mass = i.self + i.load;
	return { weight: weightOf(mass), standOff: mass > 0 ? (i.self * i.selfOut + i.load * i.out) / mass : 0 };
}

function steps(i: I): Step[] {
	const all = centre(i);
	const input: SeatInput = { bevel: Number(i.bevel), standOff: all.standOff, drop: i.drop };
	const stands = {
		label: 'stands out',
		sum: phrase('({a} × {p} + {l} × {o}) / ({a} + {l})', {
			a: newtons(weightOf(i.self)),
			p: mm(i.selfOut),
			l: newtons(weightOf(i.load)),
			o: mm(i.out)
		}),
		result: mm(all.standOff)
	};
	if (all.standOff <= 0)
		return [
			stepOf({
				title: 'seat',
				reason: phrase('seated: nothing tips it'),
				source: 'statics',
				demand: ratio(0),
				capacity: ratio(1),
				lines: () => []
			})
		];
	const self = { weight: weightOf(i.self), standOff: i.selfOut };
	const things = [{ weight: weightOf(i.load), standOff: i.out }];
	const part = worstPart(self, things);
	if (i.lock && i.bevel !== '0') {
		if (i.drop <= 0)
			return [failedStep('seat, locked', phrase('nothing bears below: it turns out'), 'statics', [], [stands])];
		const uplift = lockStripUplift([self, ...things], { bevel: input.bevel, drop: i.drop });
		const worst = seat({ ...input, standOff: part.standOff });
		if (uplift > 0) {
			return [
				missingStep(
					'seat, locked',
					phrase('its lock strip takes {u} upward: what its screws hold is not known', { u: newtons(uplift) }),
					'statics',
					[
						phrase('Without the strip its margin is {m}; a screw of the strip is judged as one across', {
							m: ratio(worst.shape)
						})
					]
				)
			];
		}
		return [
			stepOf({
				title: 'seat, locked',
				reason: phrase('seated; the lock strip takes only bumps'),
				source: 'statics',
				demand: ratio(1),
				capacity: ratio(worst.shape),
				lines: () => [stands]
			})
		];
	}
	if (i.lock)
		return [
			missingStep('seat, locked', phrase('a square ledge with a strip: what its screws hold is not known'), 'statics')
		];
	const judged = (title: string, reason: Phrase, standOff: number, first: SumLine[]): Step => {
		const { sum, ...parts } = seatJudged({ ...input, standOff });
		return stepOf({ ...parts, title, reason, lines: () => [...first, ...sum] });
	};
	const reason =
		i.bevel === '0'
			? phrase('a square ledge stops a fall, not a pull-out')
			: phrase('reaches down {f} times its stand-off', { f: ratio(i.drop / all.standOff) });
	const full = judged('seat', reason, all.standOff, [stands]);
	return part.left === 0 && part.standOff > all.standOff + 1e-6
		? [full, judged('seat, part-loaded', phrase('empty: the holder itself stands furthest out'), part.standOff, [])]
		: [full];
}

function notes(i: I): Phrase[] {
	const b = Number(i.bevel);
	const all = centre(i);
	if (b === 0) return [phrase('A square edge holds nothing in: only friction, and what stands behind the wall face')];
	const profile: CleatProfile = {
		thickness: i.thickness,
		bevel: b as Bevel,
		back: i.back,
		front: i.back + i.thickness * Math.tan(radians(b))
	};
	const roll = cleatRoll(all.weight, all.standOff, profile);
	return [
		phrase('An outward tug of {f} takes it off', {
			f: newtons(greatestTug(all.weight, { bevel: b, standOff: all.standOff, drop: i.drop }, i.tugAt))
		}),
		phrase('It lifts off by rising {h}: leave that free above', { h: mm(profile.front - profile.back) }),
		phrase('It rolls its cleat by {M}: the least of stand-off, {x}, and front × tan b + t, {a}, times its weight', {
			M: moment(roll),
			x: mm(all.standOff),
			a: mm(rollArm(profile))
		}),
		phrase('Its hook is rolled by {M}', {
			M: moment(hookRoll(all.weight, Math.tan(radians(b)), (profile.back + profile.front) / 2, i.thickness))
		}),
		phrase('Hung on two rows, a spacing error of {e} puts all of it on one: each row must take all of it', { e: mm(1) })
	];
}

function draw(i: I): Shape[] {
	const b = Number(i.bevel) as Bevel;
	const profile: CleatProfile = {
		thickness: i.thickness,
		bevel: b,
		back: i.back,
		front: i.back + i.thickness * Math.tan(radians(b))
	};
	const top = profile.back + profile.front;
	const foot = i.back - i.drop;
	const face = 18;
	const all = centre(i);
	return [
		box(-30, Math.min(foot, 0) - 40, 30, top - Math.min(foot, 0) + 80, 'wall'),
		{ kind: 'polygon', points: profileOutline(profile), look: 'wood' },
		{ kind: 'polygon', points: hookOutline(profile), look: 'ply' },
		box(i.thickness, Math.min(foot, 0), face, top - Math.min(foot, 0), 'ply'),
		...(foot < 0 ? [box(0, foot, i.thickness, Math.min(18, -foot), 'wood')] : []),
		{
			kind: 'arrow',
			from: [Math.max(all.standOff, i.thickness + face + 8), i.back + 10],
			to: [Math.max(all.standOff, i.thickness + face + 8), i.back - 60],
			label: phrase('{w}', { w: newtons(all.weight) })
		},
		{
			kind: 'measure',
			from: [0, Math.min(foot, 0) - 30],
			to: [Math.max(1, all.standOff), Math.min(foot, 0) - 30],
			side: 'below',
			label: phrase('{x}', { x: mm(all.standOff) })
		},
		{ kind: 'measure', from: [-30, foot], to: [-30, i.back], side: 'left', label: phrase('{d}', { d: mm(i.drop) }) }
	];
}

export const seatSum = defineSum({
	name: 'seat',
	title: 'Seat of a cleat holder',
	question: 'Does a holder stay on its cleat?',
	fields,
	answer: (i) =>
		answerOf({
			drawing: { title: 'Holder on a cleat, seen from its end', shapes: draw(i) },
			steps: steps(i),
			notes: notes(i)
		}),
	load: 'load',
	changes(i) {
		const found: Change<I>[] = [];
		const need =
			Math.ceil((centre(i).standOff * SEAT_FACTOR * 1.25) / Math.tan(radians(Number(i.bevel) || 45)) / 10) * 10;
		if (i.bevel !== '0' && need > i.drop && need <= fields.drop.max)
			found.push({
				text: phrase('Face down to {d} below the bevel, with a spacer or on the next row', { d: mm(need) }),
				inputs: { drop: need },
				effort: 'a piece of wood'
			});
		if (i.bevel !== '45')
			found.push({ text: phrase('A 45° bevel'), inputs: { bevel: '45' }, effort: 'a piece of wood' });
		if (!i.lock && i.bevel !== '0')
			found.push({ text: phrase('A lock strip'), inputs: { lock: true }, effort: 'a piece of wood' });
		found.push({
			text: phrase('Let it stand {x} out', { x: mm(Math.round(i.out * 0.7)) }),
			inputs: { out: Math.round(i.out * 0.7) },
			effort: 'nothing to buy'
		});
		return found;
	}
});
