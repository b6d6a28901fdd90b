import type { DeckHold } from '../../../carriers/hold';
import { lag } from '../../../materials/lags';
import { screwGravity, stock } from '../../../materials/stocks';
import { isKnown, wood } from '../../../materials/woods';
import { CD_STORAGE } from '../../../mechanics/fasteners/joint';
import { rectangle } from '../../../mechanics/members/rectangle';
import { spreaderLoads, spreaderMoment, type DeckFrame } from '../../../mechanics/statics/deck-frame';
import { spreaderStep, type JoistForce } from '../../../members/hanging-steps';
import { nth } from '../../../nth';
import type { RackPlaced } from '../../../places/rack/place';
import type { Wall } from '../../../plan/types';
import { joistAt } from '../../../survey/joists';
import { mm, moment, phrase, stress } from '../../../units/phrase';
import { checkOf, failedStep, missingStep, type Check, type StepParts } from '../../../verdict/check';
import { spacingMinimums } from '../../../mechanics/fasteners/spacing-minimums';
import { placing } from './loads';

/** The spreader bent between its joists, lying flat. */
function spreaderBends(d: DeckFrame, hold: DeckHold, xs: readonly number[]): StepParts {
	const of = stock(hold.spreader.stock);
	const M = spreaderMoment(d, xs);
	const S = rectangle(of.width, of.thickness).modulus;
	return {
		title: 'spreader',
		reason: phrase('the spreader bends between the joists'),
		source: `NDS 2018 3.3; ${of.source}`,
		demand: stress(M / S),
		capacity: stress(of.Fb * CD_STORAGE),
		lines: () => [
			{
				label: 'bends by',
				sum: phrase('each hanger at its worst, by the span between two joists that it hangs in'),
				result: moment(M)
			},
			{
				label: 'bending',
				sum: phrase('6 × {M} / ({b} × {t}²): it lies flat', { M: moment(M), b: mm(of.width), t: mm(of.thickness) }),
				result: stress(M / S)
			},
			{ label: 'allowed', sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(of.Fb) }), result: stress(of.Fb * CD_STORAGE) }
		]
	};
}

/** Spreader, its lags in the joists that are really over them, and what each joist is given. */
export function overheadChecks(p: RackPlaced, hold: DeckHold, wall: Wall, d: DeckFrame) {
	const { id } = p.holder;
	const key = `holder:${id}`;
	const subject = { kind: 'holder', id } as const;
	const joistLoads = new Map<string, JoistForce[]>();
	const { ceiling } = wall;
	const said = (step: ReturnType<typeof missingStep>): { checks: Check[]; joistLoads: typeof joistLoads } => ({
		checks: [{ ...step, id: `${key}:ceiling`, subject }],
		joistLoads
	});
	if (!ceiling || hold.over === null)
		return said(missingStep('ceiling', phrase('no ceiling surveyed: what does it hang from?'), 'the survey'));
	if (ceiling.kind === 'slab')
		return said(
			missingStep('ceiling', phrase('a slab: its anchor maker says what hangs from it'), 'maker of the anchors')
		);
	const { edge } = spacingMinimums(lag(hold.spreader.lag), { acrossGrain: false, drilled: true });
	const found = hold.spreader.at.flatMap((x) => {
		const joist = joistAt(wall, p.left + x, hold.hangLine);
		// Too near to a side of its joist a lag splits it, and counts for nothing.
		return joist && ceiling.width / 2 - joist.off >= edge - 0.01 ? [{ x, joist }] : [];
	});
	if (found.length < 2)
		return said(
			failedStep(
				'spreader lags',
				phrase(
					found.length === 0
						? 'no lag of the spreader is well under a joist'
						: 'the spreader is held at one place alone: it turns about it'
				),
				'the survey'
			)
		);
	const xs = found.map((f) => f.x);
	const forces = spreaderLoads(d, xs);
	found.forEach((f, i) => {
		const at = ceiling.direction === 'across' ? hold.hangLine : p.left + f.x;
		joistLoads.set(f.joist.id, [...(joistLoads.get(f.joist.id) ?? []), { force: nth(forces, i), at }]);
	});
	const worst = Math.max(...forces);
	const of = stock(hold.spreader.stock);
	const joist = wood(ceiling.species);
	const step = spreaderStep(
		{
			force: worst,
			lines: () => [placing('each joist', d, worst, 'through hangers and spreader, in one piece under its joists')]
		},
		{
			fastener: lag(hold.spreader.lag),
			length: hold.spreader.length,
			side: { thickness: of.thickness, G: screwGravity(of) },
			gap: hold.spreader.board,
			main: { thickness: ceiling.depth, G: joist.G }
		},
		hold.spreader.each
	);
	const lags = checkOf(`${key}:spreader-lags`, subject, step);
	return {
		checks: [
			isKnown(ceiling.species)
				? lags
				: {
						...missingStep('spreader lags', phrase('species of the joists is not known'), step.source),
						id: lags.id,
						subject
					},
			checkOf(`${key}:spreader`, subject, spreaderBends(d, hold, xs))
		],
		joistLoads
	};
}
