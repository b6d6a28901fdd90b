import type { DeckHold } from '../../carriers/hold';
import { noScrewsIn } from '../../materials/stocks';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { phrase } from '../../units/phrase';
import { checkOf, missingStep } from '../../verdict/check';
import { type HeldResult } from '../held-result';
import { frameSteps, jointStep } from './deck/frame';
import { hangerSteps, lostCheck } from './deck/hangers';
import { ledgerResult } from './deck/ledger';
import { deckFrameOf } from './deck/loads';
import { overheadChecks } from './deck/spreader';

/**
 * A deck over heads: its ledger, frame, hangers, spreader, each with the bins where they weigh most on it, and what its
 * studs and joists are given. One hanger gone is a step of its own.
 * @example deckResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['ledger', 'hanger lag', ...]
 */
export function deckResult(p: RackPlaced, hold: DeckHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const bare = noScrewsIn(hold.stock, hold.spreader.stock);
	const d = deckFrameOf(p, hold);
	const ledger = ledgerResult(p, hold, wall, d, !bare);
	if (bare)
		return {
			checks: [
				{
					...missingStep('deck', phrase(`no value is published for screws in ${bare.title}`), 'the maker of the board'),
					id: `holder:${id}:deck`,
					subject
				}
			],
			studLoads: ledger.studLoads
		};
	const overhead = overheadChecks(p, hold, wall, d);
	const steps = [...hangerSteps(d, hold), jointStep(d, hold), ...frameSteps(d, hold, ledger.at)];
	return {
		checks: [
			...ledger.checks,
			...steps.map((step) =>
				checkOf(`holder:${id}:${step.title.replace(':', '').replaceAll(' ', '-')}`, subject, step)
			),
			lostCheck(d, hold, `holder:${id}`, subject),
			...overhead.checks
		],
		studLoads: ledger.studLoads,
		joistLoads: overhead.joistLoads
	};
}
