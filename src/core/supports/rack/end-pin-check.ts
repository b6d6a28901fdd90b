import { anyFastener } from '../../materials/any-fastener';
import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { bearingLength, CD_STORAGE, END_GRAIN, LEAST_PENETRATION, WET } from '../../mechanics/fasteners/joint';
import type { EndPinHold } from '../../carriers/hold';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { mm, phrase } from '../../units/phrase';
import { MM_PER_INCH } from '../../units/quantity';
import { checkOf, failedStep, missingStep } from '../../verdict/check';
import { hungOn, onLever } from './on-lever';
import { givesNothing, type HeldResult } from '../held-result';

/** In the edge of plywood no value is published: half of the face's, as practice has it. */
const PLY_EDGE = 0.5;

/**
 * One screw or nail in the end of a row's cleat, with what hangs on it. What it puts on the row, the row's own checks
 * count.
 * @example endPinResult(placed, hold, plan.wall).checks[0]?.title // 'screw'
 */
export function endPinResult(p: RackPlaced, hold: EndPinHold, wall: Wall): HeldResult {
	const { on, holder } = p;
	const { id } = holder;
	const subject = { kind: 'holder', id } as const;
	const key = `holder:${id}:end-pin`;
	const word = hold.fastener.kind;
	if (!on) return givesNothing({ ...failedStep(word, phrase('its row is not there'), 'the plan'), id: key, subject });
	const board = stock(on.row.stock);
	const bare = noScrewsIn(on.row.stock);
	if (bare)
		return givesNothing({
			...missingStep(
				word,
				phrase(`no value is published for screws in the edge of ${bare.title}`),
				'the maker of the board'
			),
			id: key,
			subject
		});
	const f = anyFastener(hold.fastener);
	const entered = Math.max(0, hold.length - hold.out);
	const needed = LEAST_PENETRATION[f.kind] * f.D * MM_PER_INCH;
	if (entered < needed - 1e-9)
		return givesNothing({
			...failedStep(
				word,
				phrase(`its ${word} enters by {in}; under {n} counts for nothing`, { in: mm(entered), n: mm(needed) }),
				'NDS 2018 12.1'
			),
			id: key,
			subject
		});
	const { total, at } = hungOn(p);
	const ply = board.kind === 'ply';
	const out = hold.end === 'left' ? p.built.face.width - at : at;
	const step = onLever({
		name: word,
		main: 'end of the row',
		at: phrase(`its ${word} in the end of {row}`, { row: on.row.name || 'the row' }),
		fastener: f,
		length: bearingLength(f, entered, 0),
		G: screwGravity(board),
		toGrain: 90,
		out,
		weight: total,
		factors: [
			{ by: CD_STORAGE, words: 'stored for good' },
			ply ? { by: PLY_EDGE, words: 'edge of plywood, by practice' } : { by: END_GRAIN.lateral, words: 'end grain' },
			...(wall.wet ? [{ by: WET.lateral, words: 'wet' }] : [])
		],
		source: 'NDS 2018 chapter 12, TR12',
		lever: () => [
			{
				label: 'in the row',
				sum: phrase('{l} - {o}: all of it, and what stands out', { l: mm(hold.length), o: mm(hold.out) }),
				result: mm(entered)
			},
			{ label: 'lever', sum: phrase('from the end of the row to what hangs'), result: mm(out) }
		]
	});
	return givesNothing(
		checkOf(key, subject, {
			...step,
			notes: ply
				? [
						phrase(
							'No value is published for the edge of plywood: half of its face is counted. Never where a fall hurts'
						)
					]
				: []
		})
	);
}
