import { liftOff } from '../../cleats/profile';
import { angle, mm, newtons, phrase, ratio, type Phrase } from '../../units/phrase';
import { radians } from '../../units/quantity';
import { checkOf, type Check, type SumLine } from '../check';
import type { HolderWeights, Placed } from '../place';
import { combine, FRICTION, greatestTug, lockStripUplift, partLoad, seat, SEAT_FACTOR, type OutWeight, type SeatInput } from '../statics/seat';

/** What a holder bears on, in words. */
export const BEARING_WORDS = {
	face: 'the foot of its face, on its own cleat',
	'cleat-edge': 'the lower edge of its own cleat',
	spacer: 'its spacer, at the foot',
	'row-below': 'the top of the row below',
	'second-hook': 'its second hook, on the row below'
} as const;

const SOURCE = 'statics of a body on a slope with one lower bearing';

function dropLines(p: Placed, drop: number): SumLine[] {
	return [
		{
			label: 'reaches down',
			sum: phrase('{top} - {low}: {what}', { top: mm(p.row.y + p.profile.back), low: mm(p.bearing.y), what: BEARING_WORDS[p.bearing.kind] }),
			result: mm(drop)
		}
	];
}

function shapeLines(input: SeatInput): SumLine[] {
	const s = seat(input);
	const values = { d: mm(input.drop), b: angle(input.bevel), x: mm(input.standOff) };
	return [
		{ label: 'shape', sum: phrase('{d} × tan {b} / {x}', values), result: ratio(s.shape) },
		{
			label: 'with friction',
			sum: phrase('{d} × tan({b} + {f}) / {x}', { ...values, f: angle((Math.atan(FRICTION) * 180) / Math.PI) }),
			result: ratio(s.friction)
		},
	];
}

function reasonOf(p: Placed, input: SeatInput, friction: boolean, what: string) {
	if (input.standOff <= 0) return phrase(`${what}: the weight hangs behind the wall face`);
	if (friction) return phrase(`${what}: friction keeps it on; a knock may not`);
	const factor = ratio(input.drop / input.standOff);
	const text = p.bearing.taken
		? `${what}: a holder below takes the bearing on its row away; it reaches down {f} times its stand-off`
		: `${what}: reaches down {f} times its stand-off`;
	return phrase(text, { f: factor });
}

function seatCheck(p: Placed, kind: 'seat' | 'part', load: OutWeight, drop: number, extra: () => SumLine[], notes: Phrase[] = []): Check {
	const input: SeatInput = { bevel: p.profile.bevel, standOff: load.standOff, drop };
	const s = seat(input);
	const title = kind === 'seat' ? 'seat' : 'seat, part-loaded';
	const byFriction = s.close && s.margin < 1;
	return checkOf(`holder:${p.holder.id}:${kind}`, { kind: 'holder', id: p.holder.id }, {
		title,
		demand: ratio(Number.isFinite(s.shape) ? SEAT_FACTOR : 0),
		capacity: ratio(s.shape),
		...(byFriction ? { verdict: 'close' as const } : {}),
		source: SOURCE,
		reason: reasonOf(p, input, byFriction, title),
		lines: () => [...extra(), ...dropLines(p, drop), ...shapeLines(input)],
		notes
	});
}

/** With a lock strip the seat is a question of strength: the strip takes the uplift. */
function lockedCheck(p: Placed, load: OutWeight, drop: number): Check {
	const input: SeatInput = { bevel: p.profile.bevel, standOff: load.standOff, drop };
	const uplift = lockStripUplift(load.weight, input);
	const stays = Number.isFinite(uplift);
	return {
		id: `holder:${p.holder.id}:lock`,
		subject: { kind: 'holder', id: p.holder.id },
		title: 'seat, locked',
		margin: stays ? null : 0,
		load: null,
		verdict: stays ? (uplift > 0 ? 'close' : 'holds') : 'does-not-hold',
		basis: 'published',
		source: SOURCE,
		reason: stays
			? phrase(uplift > 0 ? 'held on by its lock strip, which takes {u}' : 'seated; the lock strip takes only bumps', { u: newtons(uplift) })
			: phrase('nothing bears below the cleat: it turns out'),
		get lines() {
			return [
				...dropLines(p, drop),
				{ label: 'pulls out', sum: phrase('{w} × {x} / {d}', { w: newtons(load.weight), x: mm(load.standOff), d: mm(drop) }), result: newtons((load.weight * load.standOff) / drop) },
				{
					label: 'lifts the strip',
					sum: phrase(uplift > 0 ? '{h} / tan {b} - {w}' : '0: {h} / tan {b} is less than {w}', { h: newtons((load.weight * load.standOff) / drop), b: angle(p.profile.bevel), w: newtons(load.weight) }),
					result: newtons(uplift)
				}
			];
		},
		notes: [phrase('The strip must leave less slack than the lift-off height')]
	};
}

/**
 * Does the holder stay on its cleat: fully loaded, and in its worst part load.
 * A tug that would pull it off and the height to lift it off are given with it.
 */
export function seatChecks(p: Placed, weights: HolderWeights): Check[] {
	const full = combine([weights.self, ...weights.things]);
	const drop = p.row.y + p.profile.back - p.bearing.y;
	if (p.holder.params.lockStrip) return [lockedCheck(p, full, drop)];
	const input: SeatInput = { bevel: p.profile.bevel, standOff: full.standOff, drop };
	const tugAt = p.foot + p.holder.params.pegs.height - p.bearing.y;
	const weightLines = (): SumLine[] => [
		{ label: 'weight', sum: phrase('{n} things and the rack itself', { n: String(weights.things.length) }), result: newtons(full.weight) },
		{ label: 'stands out', sum: phrase('centre of all of it, from the wall face'), result: mm(full.standOff) }
	];
	const tug = tugAt > 0 ? greatestTug(full.weight, input, tugAt) : 0;
	const check = seatCheck(p, 'seat', full, drop, weightLines, [
		...(tug > 0 ? [phrase('An outward pull of {f} at the pegs tips it', { f: newtons(tug) })] : []),
		phrase('Lifts off by rising {h}', { h: mm(liftOff(p.profile)) }),
		...(p.bearing.kind === 'second-hook' ? [phrase('On two rows: a spacing error of {e} puts all of it on one, and leaves the other hook {left} of hold', { e: mm(1), left: mm(liftOff(p.profile) - 1) })] : [])
	]);
	const part = partLoad(weights.self, weights.things, drop * Math.tan(radians(p.profile.bevel)));
	if (part.weight === full.weight || part.weight === weights.self.weight) return [check];
	const partCheck = seatCheck(p, 'part', part, drop, () => [
		{ label: 'left on', sum: phrase('the rack and what stands further out than {r}', { r: mm(drop * Math.tan(radians(p.profile.bevel))) }), result: newtons(part.weight) },
		{ label: 'stands out', sum: phrase('centre of what is left'), result: mm(part.standOff) }
	]);
	return [check, partCheck];
}
