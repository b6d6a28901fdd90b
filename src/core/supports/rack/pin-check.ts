import { anyFastener } from '../../materials/any-fastener';
import { isKnown, wood } from '../../materials/woods';
import { bearingLength, CD_BUMP, CD_STORAGE, LEAST_PENETRATION, WET } from '../../mechanics/fasteners/joint';
import type { PinHold } from '../../carriers/hold';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed, type Support } from '../../survey/supports';
import { mm, newtons, phrase } from '../../units/phrase';
import { MM_PER_INCH } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check, type StepParts } from '../../verdict/check';
import { GRAB, GRAB_UNDER } from '../../verdict/grab';
import { MEMBER, speciesUnknown, TRADE_RULE } from '../wall-screws';
import { hungOn, onLever, type OnLever } from './on-lever';
import { givesNothing, type HeldResult } from '../held-result';

/** In words: what is driven in. */
const wordOf = ({ fastener }: PinHold): string => fastener.kind;

/** Nothing is behind it, or nobody knows what is. */
function notHeld(p: RackPlaced, hold: PinHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const [pin] = p.screws;
	const step = surveyed(wall)
		? failedStep(
				wordOf(hold),
				pin?.fault ?? phrase(`nothing is behind the ${wordOf(hold)} that holds it: plasterboard does not count`),
				'statics'
			)
		: missingStep(wordOf(hold), phrase('no studs surveyed: survey the wall first'), 'the survey');
	return givesNothing({ ...step, id: `holder:${id}:unheld`, subject: { kind: 'holder', id } });
}

/** Lever and length in the wood, and the sum behind them; what it holds there by how long it is loaded. */
function levered(p: RackPlaced, hold: PinHold, wall: Wall, support: Support) {
	const f = anyFastener(hold.fastener);
	const gap = claddingDepth(wall.cladding);
	const entered = Math.min(Math.max(0, hold.length - hold.out - gap), support.depth);
	const counts = entered >= LEAST_PENETRATION[f.kind] * f.D * MM_PER_INCH - 1e-9;
	const { total, standOff } = hungOn(p);
	const member = MEMBER[support.member ?? 'stud'];
	const on = (weight: number, out: number, duration: number, words: string): OnLever => ({
		name: wordOf(hold),
		main: member,
		at: phrase(`its ${wordOf(hold)} at ${member} {x@tape}`, { x: mm(p.screws[0]?.x ?? 0) }),
		fastener: f,
		length: bearingLength(f, entered, 0),
		G: wood(support.species).G,
		toGrain: support.member === 'blocking' || support.member === 'plank' ? 90 : 0,
		out: out + gap,
		weight,
		factors: [{ by: duration, words }, ...(wall.wet ? [{ by: WET.lateral, words: 'wet' }] : [])],
		source: `NDS 2018 chapter 12, TR12; G of the ${member}: ${wood(support.species).title}`,
		lever: () => [
			{
				label: `in the ${member}`,
				sum: phrase('{l} - {o} - {g}: all of it, what stands out, what lies between', {
					l: mm(hold.length),
					o: mm(hold.out),
					g: mm(gap)
				}),
				result: mm(entered)
			},
			{
				label: 'lever',
				sum: phrase('{o} out from the wall + {g} to the wood', { o: mm(out), g: mm(gap) }),
				result: mm(out + gap)
			}
		]
	});
	return { f, gap, entered, counts, total, standOff, member, on };
}

/**
 * One screw or nail in the wall with what hangs on it: by the published method on its lever, the trade rule and a grab
 * beside it.
 * @example pinResult(placed, hold, plan.wall).checks[0]?.margin
 */
export function pinResult(p: RackPlaced, hold: PinHold, wall: Wall): HeldResult {
	const [pin] = p.screws;
	if (!pin?.support || pin.fault) return notHeld(p, hold, wall);
	const { support } = pin;
	const { id } = p.holder;
	const subject = { kind: 'fixing', of: { kind: 'holder', id }, stud: support.id, x: pin.x } as const;
	const key = `fixing:${id}:${support.id}:${Math.round(pin.x)}`;
	const l = levered(p, hold, wall, support);
	const where = { x: mm(pin.x) };
	if (wall.build?.kind === 'masonry') {
		const step = missingStep(
			wordOf(hold),
			phrase('what a screw that stands out of a plug takes is not known'),
			'the plug maker',
			[phrase('{W} would hang {e} out from the wall', { W: newtons(l.total), e: mm(l.standOff) })]
		);
		return givesNothing({ ...step, id: `${key}:plug`, subject });
	}
	if (!l.counts) {
		const reason = phrase(
			`its ${wordOf(hold)} enters the ${l.member} by {in}: under {n} diameters counts for nothing`,
			{
				in: mm(l.entered),
				n: String(LEAST_PENETRATION[l.f.kind])
			}
		);
		return givesNothing({ ...failedStep(wordOf(hold), reason, 'NDS 2018 12.1'), id: `${key}:pin`, subject });
	}
	const judged = checkOf(`${key}:pin`, subject, onLever(l.on(l.total, l.standOff, CD_STORAGE, 'stored for good')));
	const checks: Check[] = [
		isKnown(support.species) ? judged : speciesUnknown(`${key}:pin`, subject, l.member, where, judged),
		checkOf(`${key}:trade`, subject, {
			title: 'trade rule',
			basis: 'trade-rule',
			source: 'common practice',
			reason: phrase('trade rule at stud {x@tape}', where),
			demand: newtons(l.total),
			capacity: newtons(TRADE_RULE),
			lines: () => [],
			notes: [phrase('The rule is for a screw flush in a cleat: here its load stands {e} out', { e: mm(l.standOff) })]
		})
	];
	if (pin.y <= GRAB_UNDER)
		checks.push(checkOf(`${key}:grab`, subject, grabbed(l.on(GRAB, hold.out, CD_BUMP, 'a moment'), wordOf(hold))));
	return {
		checks,
		studLoads: new Map([
			[
				support.id,
				[
					{
						height: pin.y,
						force: l.total,
						couple: l.total * (l.standOff + l.gap + support.depth / 2),
						at: pin.x
					}
				]
			]
		])
	};
}

/** Somebody hangs on its tip: told beside the verdict. */
const grabbed = (o: OnLever, word: string): StepParts => ({
	...onLever(o),
	title: 'grab',
	basis: 'grab',
	source: 'ASTM F2057 load; NDS 2018 chapter 12, TR12',
	reason: phrase(`somebody hangs on the ${word}`)
});
