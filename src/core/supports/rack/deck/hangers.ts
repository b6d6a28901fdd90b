import type { DeckHold } from '../../../carriers/hold';
import { screwGravity, stock } from '../../../materials/stocks';
import { hangerLoadWithOneLost, hangerLoads, type DeckFrame } from '../../../mechanics/statics/deck-frame';
import { strapOf } from '../../../materials/steel';
import { boltStep, hangerLagHolds, hangerLagStep, strapStep } from '../../../members/hanging-steps';
import { nth } from '../../../nth';
import { mm, newtons, phrase } from '../../../units/phrase';
import { checkOf, failedStep, type Check, type StepParts } from '../../../verdict/check';
import { placing } from './loads';

/** Lag, strap and bolt of the worst hanger. */
export function hangerSteps(d: DeckFrame, hold: DeckHold): StepParts[] {
	const loads = hangerLoads(d);
	const force = Math.max(...loads);
	const at = nth(hold.hangers.at, loads.indexOf(force));
	const G = screwGravity(stock(hold.spreader.stock));
	const pulled = {
		force,
		lines: () => [
			placing(
				'each hanger',
				d,
				force,
				'out from the wall by the lever rule, along the rail as a beam over its hangers'
			),
			{ label: 'the worst', sum: phrase('so far along the deck'), result: mm(at) }
		]
	};
	return [
		hangerLagStep(pulled, hold.hangers.lag, hold.hangers.into, G),
		strapStep(pulled, strapOf(hold.hangers.strap), hold.hangers.hole),
		boltStep(pulled, hold.hangers.bolt, hold.thickness, screwGravity(stock(hold.stock)))
	];
}

/** When one goes: told as a step of its own, since nobody stands under a deck that one screw keeps up. */
export function lostCheck(d: DeckFrame, hold: DeckHold, key: string, subject: Check['subject']): Check {
	const lost = hangerLoadWithOneLost(d);
	const { holds, lines } = hangerLagHolds(
		hold.hangers.lag,
		hold.hangers.into,
		screwGravity(stock(hold.spreader.stock))
	);
	if (!Number.isFinite(lost))
		return {
			...failedStep(
				'one hanger lost',
				phrase(
					hold.hangers.at.length < 3
						? `${hold.hangers.at.length} hanger${hold.hangers.at.length === 1 ? '' : 's'}: when one goes, the deck falls`
						: 'when one hanger goes, the deck tips off those that are left'
				),
				'statics'
			),
			id: `${key}:one-lost`,
			subject
		};
	return checkOf(`${key}:one-lost`, subject, {
		title: 'one hanger lost',
		reason: phrase('a hanger goes: those left take all of it'),
		source: 'statics; NDS 2018 12.2-1',
		demand: newtons(lost),
		capacity: newtons(holds),
		lines: () => [
			{
				label: 'takes then',
				sum: phrase('the bins evenly over it, the one gone that matters most: as a beam over the others'),
				result: newtons(lost)
			},
			...lines()
		]
	});
}
