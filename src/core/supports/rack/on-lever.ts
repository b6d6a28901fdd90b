import type { Fastener } from '../../materials/fastener';
import { standOff, type StandOff, type StandOffInput } from '../../mechanics/fasteners/stand-off';
import { holderWeights, type HolderWeights } from '../../places/in-place';
import type { RackPlaced } from '../../places/rack/place';
import { mm, moment, newtons, perLength, phrase } from '../../units/phrase';
import type { Newtons } from '../../units/quantity';
import type { StepParts, SumLine } from '../../verdict/check';

/** One fastener that something hangs on, out from what it is driven into. */
export interface OnLever extends StandOffInput {
	/** 'screw', 'nail'. */
	name: string;
	/** What it is in: 'stud', 'end of the row'. */
	main: string;
	/** Where, for the reason. */
	at: StepParts['reason'];
	weight: Newtons;
	/** How far out it hangs, and how that comes about. */
	lever: () => SumLine[];
	/** Duration, moisture, end grain, with their words. */
	factors: readonly { by: number; words: string }[];
	source: string;
}

/** What hangs on a screw: with nothing on it, it carries nothing, whatever it weighs itself. */
export function hungOn({ built }: RackPlaced): Pick<HolderWeights, 'total' | 'at' | 'standOff'> {
	const weights = holderWeights(built);
	return weights.things.length > 0 ? weights : { ...weights, total: 0 };
}

const inches = (n: number): string => String(Number(n.toFixed(4)));

/** How its sum is written by what gives way. */
const YIELDS: Record<StandOff['mode'], string> = {
	tips: '2 × {q} × (√(({e} + {l} / 2)² + {l}² / 4) - ({e} + {l} / 2)): it tips in its hole',
	bends: '{q} × (√({e}² + 2 × {M} / {q}) - {e}): it bends in the wood'
};

function bearing(f: Fastener, G: number): string {
	return f.D < 0.25 ? `16600 × ${G}^1.84` : `11200 × ${G}`;
}

/**
 * The step of a fastener on which something hangs: what it may carry so far out against what hangs there.
 * @example onLever({ ... }).capacity.value // N
 */
export function onLever(o: OnLever): StepParts {
	const s = standOff(o);
	const factor = o.factors.reduce((all, f) => all * f.by, 1);
	const holds = s.load * factor;
	return {
		title: o.name,
		reason: o.at,
		source: o.source,
		demand: newtons(o.weight),
		capacity: newtons(holds),
		lines: () => [
			...o.lever(),
			{
				label: `${o.main} bears`,
				sum: phrase(`${bearing(o.fastener, o.G)} × ${inches(o.fastener.Dr)}: in lb and in`),
				result: perLength(s.q),
				source: 'NDS 2018 Table 12.3.3',
				detail: true
			},
			{
				label: `${o.name} bends at`,
				sum: phrase(`${o.fastener.Fyb} × ${inches(o.fastener.Dr)}³ / 6: in lb and in`),
				result: moment(s.bends),
				source: 'NDS 2018 Appendix I, L',
				detail: true
			},
			{
				label: 'gives way at',
				sum: phrase(YIELDS[s.mode], { q: perLength(s.q), e: mm(o.out), l: mm(o.length), M: moment(s.bends) }),
				result: newtons(s.yields),
				source: 'Technical Report 12'
			},
			{
				label: 'holds across',
				sum: phrase(
					`{P} / ${inches(s.Rd)}${o.factors.map((f) => ` × ${f.by}`).join('')}: ${o.factors.map((f) => f.words).join(', ')}`,
					{
						P: newtons(s.yields)
					}
				),
				result: newtons(holds),
				source: 'NDS 2018 12.3, R_d of Table 12.3.1B'
			}
		]
	};
}
