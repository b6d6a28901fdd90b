import { liftOff } from '../../cleats/profile';
import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { screw } from '../../materials/screws';
import { angle, count, mm, newtons, phrase, ratio, type Phrase } from '../../units/phrase';
import { checkOf, failedStep, type Check, type StepParts, type SumLine } from '../../verdict/check';
import { CD_STORAGE } from '../../mechanics/fasteners/joint';
import { lateral } from '../../mechanics/fasteners/lateral';
import { dropOf, type Placed } from '../../places/row/place';
import type { HolderWeights } from '../../places/in-place';
import { seatJudged, SEAT_SOURCE } from '../../members/seat-judged';
import {
	greatestTug,
	lockStripUplift,
	seat,
	worstPart,
	type OutWeight,
	type SeatInput
} from '../../mechanics/statics/seat';

/** What a holder bears on, in words. */
export const BEARING_WORDS = {
	face: 'the foot of its face, on its own cleat',
	foot: 'its foot, flat on the wall',
	'cleat-edge': 'the lower edge of its own cleat',
	spacer: 'its spacer, at the foot',
	'row-below': 'the top of the row below',
	'second-hook': 'its second hook, on the row below'
} as const;

/** Why a spacer does not bear, in words. */
const LOST_WORDS = {
	'nothing-behind': 'nothing is behind its spacer',
	'further-back': 'what is behind its spacer lies further back than its cleat',
	'meets-row': 'its spacer meets the row below'
} as const;

function dropLine(p: Placed): SumLine {
	return {
		label: 'reaches down',
		sum: phrase('{top} - {low}: {what}', {
			top: mm(p.row.y + p.profile.back),
			low: mm(p.bearing.y),
			what: BEARING_WORDS[p.bearing.kind]
		}),
		result: mm(dropOf(p))
	};
}

function reasonOf(p: Placed, input: SeatInput, what: string): Phrase {
	const factor = { f: ratio(input.drop / input.standOff) };
	if (p.bearing.lost)
		return phrase(`${what}: ${LOST_WORDS[p.bearing.lost]}; it reaches down {f} times its stand-off`, factor);
	if (p.bearing.taken)
		return phrase(
			`${what}: a holder below takes the bearing on its row away; it reaches down {f} times its stand-off`,
			factor
		);
	return phrase(`${what}: reaches down {f} times its stand-off`, factor);
}

/** A holder whose weight hangs behind what its cleat is mounted on sits, however short it is. */
function sits(id: string, p: Placed, title: string): Check {
	return {
		id,
		subject: { kind: 'holder', id: p.holder.id },
		title,
		margin: null,
		load: null,
		verdict: 'holds',
		basis: 'published',
		source: SEAT_SOURCE,
		reason: phrase(`${title}: the weight hangs behind the face of its cleat`),
		lines: [],
		notes: []
	};
}

function seatCheck(
	p: Placed,
	kind: 'seat' | 'part',
	load: OutWeight,
	extra: () => SumLine[],
	notes: Phrase[] = []
): Check {
	const input: SeatInput = { bevel: p.profile.bevel, standOff: load.standOff, drop: dropOf(p) };
	const id = `holder:${p.holder.id}:${kind}`;
	const title = kind === 'seat' ? 'seat' : 'seat, part-loaded';
	if (input.standOff <= 0) return sits(id, p, title);
	const { sum, ...judged } = seatJudged(input);
	return checkOf(
		id,
		{ kind: 'holder', id: p.holder.id },
		{ ...judged, title, reason: reasonOf(p, input, title), lines: () => [...extra(), dropLine(p), ...sum], notes }
	);
}

/**
 * What the lock strip's own screws hold across, all together: as many as the hook's, through the strip into the face.
 */
export function stripHolds(p: Placed, uplift: number): StepParts['second'] {
	const { hook } = p.holder.mount.strips;
	const board = stock(p.holder.back.stock);
	const strip = stock(p.row.stock);
	const { size, length, count: n } = hook.screws;
	// Nobody has a figure for its screws: then they are no second line.
	if (noScrewsIn(p.row.stock, p.holder.back.stock)) return undefined;
	const inside = Math.min(Math.max(0, length - strip.thickness), board.thickness);
	const sides = {
		side: { length: strip.thickness, G: screwGravity(strip), toGrain: 90 as const },
		main: { length: inside, G: screwGravity(board), toGrain: 90 as const }
	};
	const each = inside > 0 ? lateral({ fastener: screw(size), ...sides, gap: 0 }).load * CD_STORAGE : 0;
	return {
		by: 'its lock strip',
		demand: newtons(uplift),
		capacity: newtons(each * n),
		lines: () => [
			{
				label: 'lifts the strip',
				sum: phrase('what stands further out than the drop × tan {b}, less what it weighs', {
					b: angle(p.profile.bevel)
				}),
				result: newtons(uplift)
			},
			{
				label: 'strip holds',
				sum: phrase('{n} screws × {z} across: yield equations for the {l} that is in', {
					n: count(n),
					z: newtons(each),
					l: mm(inside)
				}),
				result: newtons(each * n),
				source: 'Technical Report 12'
			}
		]
	};
}

/**
 * With a lock strip the shape alone need not hold it by 1.5; where it does not hold it at all, the strip takes the
 * uplift.
 */
function lockedCheck(p: Placed, weights: HolderWeights): Check {
	const drop = dropOf(p);
	const id = `holder:${p.holder.id}:lock`;
	const subject = { kind: 'holder', id: p.holder.id } as const;
	if (drop <= 0)
		return {
			...failedStep('seat, locked', phrase('nothing bears below the cleat: it turns out'), SEAT_SOURCE),
			id,
			subject
		};
	const worst = worstPart(weights.self, weights.things);
	if (worst.standOff <= 0) return sits(id, p, 'seat, locked');
	const s = seat({ bevel: p.profile.bevel, standOff: worst.standOff, drop });
	const uplift = lockStripUplift([weights.self, ...weights.things], { bevel: p.profile.bevel, drop });
	return checkOf(id, subject, {
		title: 'seat, locked',
		demand: ratio(1),
		capacity: ratio(s.shape),
		second: p.holder.mount.strips.lockStrip === 'screwed' ? stripHolds(p, uplift) : undefined,
		source: SEAT_SOURCE,
		reason:
			uplift > 0
				? phrase(
						p.holder.mount.strips.lockStrip === 'screwed'
							? 'held on by its lock strip, which takes {u}'
							: 'its lock strip is loose and takes none of the {u} that lift it',
						{ u: newtons(uplift) }
					)
				: phrase('seated; the lock strip takes only bumps'),
		lines: () => [
			leftOn(p, weights, worst),
			dropLine(p),
			{
				label: 'shape',
				sum: phrase('{d} × tan {b} / {x}', { d: mm(drop), b: angle(p.profile.bevel), x: mm(worst.standOff) }),
				result: ratio(s.shape)
			},
			{
				label: 'to be',
				sum: phrase('{f}: the strip keeps it from being knocked off', { f: ratio(1) }),
				result: ratio(1)
			}
		],
		notes: [phrase('The strip must leave less slack than the lift-off height')]
	});
}

/** Where things are counted: at the far end of their room unless something keeps them back. */
function whereThingsStand(p: Placed): string {
	return p.built.kept ? 'kept back where they are' : 'at the far end of their seats where nothing keeps them back';
}

function leftOn(p: Placed, weights: HolderWeights, part: OutWeight & { left: number }): SumLine {
	return {
		label: 'left on',
		sum: phrase(`the holder and {n} of {all} things, those that stand furthest out, ${whereThingsStand(p)}`, {
			n: count(part.left),
			all: count(weights.things.length)
		}),
		result: newtons(part.weight)
	};
}

/**
 * Does the holder stay on its cleat: fully loaded, and in its worst part load.
 * A tug that would pull it off and the height to lift it off are given with it.
 */
export function seatChecks(p: Placed, weights: HolderWeights): Check[] {
	if (p.holder.mount.strips.lockStrip !== 'none') return [lockedCheck(p, weights)];
	const drop = dropOf(p);
	const full: OutWeight = { weight: weights.total, standOff: weights.standOff };
	const input: SeatInput = { bevel: p.profile.bevel, standOff: full.standOff, drop };
	const tugAt = p.foot + p.built.seatHeight - p.bearing.y;
	const weightLines = (): SumLine[] => [
		{
			label: 'weight',
			sum: phrase('{n} things and the holder itself', { n: String(weights.things.length) }),
			result: newtons(full.weight)
		},
		{
			label: 'stands out',
			sum: phrase(`centre of all of it from the face of what its cleat is on; things ${whereThingsStand(p)}`),
			result: mm(full.standOff)
		}
	];
	const tug = tugAt > 0 ? greatestTug(full.weight, input, tugAt) : 0;
	const check = seatCheck(p, 'seat', full, weightLines, [
		...(tug > 0 ? [phrase('An outward pull of {f} at its highest seat tips it', { f: newtons(tug) })] : []),
		phrase('Lifts off by rising {h}', { h: mm(liftOff(p.profile)) }),
		...(p.bearing.kind === 'second-hook'
			? [
					phrase(
						'On two rows: a spacing error of {e} puts all of it on one, and leaves the other hook {left} of hold',
						{
							e: mm(1),
							left: mm(liftOff(p.profile) - 1)
						}
					)
				]
			: [])
	]);
	const part = worstPart(weights.self, weights.things);
	if (part.left === weights.things.length) return [check];
	const partCheck = seatCheck(p, 'part', part, () => [
		leftOn(p, weights, part),
		{ label: 'stands out', sum: phrase('centre of what is left'), result: mm(part.standOff) }
	]);
	return [check, partCheck];
}
