import type { Segment } from '../../cleats/segments';
import { screw, THREAD_SHARE } from '../../materials/screws';
import { screwGravity, stock } from '../../materials/stocks';
import { mm, moment, newtons, perLength, phrase } from '../../units/phrase';
import { MM_PER_INCH, type Millimetres } from '../../units/quantity';
import { checkOf, type Check } from '../../verdict/check';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, LEAST_PENETRATION } from '../../mechanics/fasteners/joint';
import { lateral } from '../../mechanics/fasteners/lateral';
import { headPullThrough, withdrawalPerLength } from '../../mechanics/fasteners/withdrawal';
import type { LaidRow } from '../../places/row/place';
import { headLine, threadLine } from '../../members/joint-lines';
import type { SegmentLoads } from './row-loads';

/** The first screw from behind stands this far from the cleat's end. */
const behindEnd = (pitch: Millimetres): Millimetres => Math.min(40, pitch / 2);

/**
 * A cleat on a backer sheet: its screws from behind, one line at mid height of its wall side, under the heaviest
 * stretch of hook. They are pulled by the roll of the cleat about its own lower edge and pushed across by the weight. A
 * cleat is seldom thick enough for 6 diameters: no published value then covers the push across, so the equations'
 * figure for what is in can make it "close", no better.
 * @returns null for a row without a backer, or one that nothing hangs on
 */
export function backerCheck(laid: LaidRow, segment: Segment, loads: SegmentLoads): Check | null {
	const { row, profile } = laid;
	const { backer } = row;
	if (!backer || loads.line === 0) return null;
	const f = screw(backer.behind.size);
	const sheet = stock(backer.stock);
	const cleat = stock(row.stock);
	const arm = loads.arm;
	const up = profile.back / 2;
	// By nearness each takes a pitch of the cleat; the last one what stands out past it as well.
	const { pitch } = backer.behind;
	const reach = Math.max(pitch, (pitch + behindEnd(pitch)) ** 2 / (2 * pitch));
	const share = loads.line * reach;
	const pull = (share * arm) / up;
	const inside = Math.min(Math.max(0, backer.behind.length - sheet.thickness), profile.thickness);
	const thread = Math.min(inside, backer.behind.length * THREAD_SHARE);
	const perMm = withdrawalPerLength(f, screwGravity(cleat));
	const withdrawal = perMm * thread * CD_STORAGE;
	const head = headPullThrough(f.head, sheet.thickness, screwGravity(sheet)) * CD_STORAGE;
	const axial = Math.min(withdrawal, head);
	const across =
		inside > 0
			? lateral({
					fastener: f,
					side: { length: sheet.thickness, G: screwGravity(sheet), toGrain: 90 },
					main: { length: inside, G: screwGravity(cleat), toGrain: 90 },
					gap: 0
				}).load * CD_STORAGE
			: 0;
	const both = combinedAllowable(axial, across, pull, share);
	const resultant = Math.hypot(pull, share);
	const needed = LEAST_PENETRATION['wood-screw'] * f.D * MM_PER_INCH;
	const short = inside < needed;
	const holding = short ? { demand: newtons(resultant), capacity: newtons(both.allowed) } : undefined;
	return checkOf(
		`row:${row.id}:${Math.round(segment.from)}:backer`,
		{ kind: 'row', id: row.id },
		{
			title: 'cleat to its sheet',
			reason:
				short && both.allowed >= resultant
					? phrase('screws from behind: {p} in the cleat, {n} would be 6 diameters', { p: mm(inside), n: mm(needed) })
					: phrase('screws from behind into the cleat'),
			source: 'statics; NDS 2018 chapter 12, Technical Report 12',
			demand: newtons(resultant),
			// Under 6 diameters a screw counts for nothing; what the equations give for what is in is a second line.
			capacity: newtons(short ? 0 : both.allowed),
			second: holding && {
				by: 'what is in',
				...holding,
				lines: () => [
					{
						label: 'by the equations',
						sum: phrase('along the way it is loaded, for the {p} that is in', { p: mm(inside) }),
						result: newtons(both.allowed)
					}
				]
			},
			lines: () => [
				{
					label: 'each takes',
					sum: phrase('{w} × {s}: the heaviest stretch of hook, by the last screw', {
						w: perLength(loads.line),
						s: mm(reach)
					}),
					result: newtons(share)
				},
				{ label: 'rolls', sum: phrase('{V} × {a}', { V: newtons(share), a: mm(arm) }), result: moment(share * arm) },
				{
					label: 'pull',
					sum: phrase('{M} / {y}: half way up the wall side', { M: moment(share * arm), y: mm(up) }),
					result: newtons(pull)
				},
				threadLine(f, screwGravity(cleat)),
				{
					label: 'thread holds',
					sum: phrase(`{W} × {p} × ${CD_STORAGE}`, { W: perLength(perMm), p: mm(thread) }),
					result: newtons(withdrawal)
				},
				headLine(f, sheet.thickness, screwGravity(sheet), CD_STORAGE),
				{ label: 'holds', sum: phrase('across, by the yield equations for what is in'), result: newtons(across) },
				{
					label: 'both at once',
					sum: phrase('√({T}² + {V}²)', { T: newtons(pull), V: newtons(share) }),
					result: newtons(resultant)
				},
				{
					label: 'counts',
					sum: short
						? phrase('0: {p} in the cleat, less than 6 diameters, {n}', { p: mm(inside), n: mm(needed) })
						: phrase('along the way it is loaded, 12.4-1'),
					result: newtons(short ? 0 : both.allowed)
				}
			],
			notes: short ? [phrase('Glue the cleat to the sheet as well, and bore for every screw')] : []
		}
	);
}
