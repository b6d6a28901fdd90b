import type { InPlace } from '../places/in-place';
import type { Holder, ProofTest } from '../plan/types';
import { remembering } from '../remembering';
import { mass, phrase, type Phrase } from '../units/phrase';
import type { Kilograms, Millimetres } from '../units/quantity';
import { proofFactor } from '../verdict/proof-load';
import { checkOf, type Check } from '../verdict/check';
import { massOf } from './capacity';

/** The last proof load of a holder; undefined where none was written down. @example lastTest(holder)?.held */
export const lastTest = ({ tests = [] }: Pick<Holder, 'tests'>): ProofTest | undefined =>
	tests.reduce<ProofTest | undefined>((last, t) => (last && last.day > t.day ? last : t), undefined);

/** Its lowest point above the floor. */
const lowest = (p: InPlace): Millimetres => p.foot - p.built.hangsBelow;

/**
 * What a proof load has shown: where something gave, it is trusted with no more than that over the factor of the test.
 * One that held raises nothing.
 * @returns nothing where none was written down, or the last one held
 */
export const testedChecks = remembering((p: InPlace): Check[] => {
	const last = lastTest(p.holder);
	if (!last || last.held) return [];
	const carries = massOf(p.holder);
	const factor = proofFactor(lowest(p));
	return [
		checkOf(
			`holder:${p.holder.id}:tested`,
			{ kind: 'holder', id: p.holder.id },
			{
				title: 'proof load',
				source: 'its own proof load, common practice',
				reason: phrase(`it gave under its proof load of ${last.day}: {m}`, { m: mass(last.load) }),
				demand: mass(carries),
				capacity: mass(last.load / factor),
				lines: () => [
					{ label: 'carries', sum: phrase('all that hangs on it'), result: mass(carries) },
					{
						label: 'trusted with',
						sum: phrase(`{m} / ${factor}: what it gave under, over the factor of the test`, { m: mass(last.load) }),
						result: mass(last.load / factor)
					}
				],
				notes: [phrase('Mend it, test it again, and write that down')]
			}
		)
	];
});

/**
 * It carries more than its last proof load was planned for.
 * @example outgrown(holder, 1200) // null
 */
export function outgrown(holder: Holder, foot: Millimetres): Phrase | null {
	const last = lastTest(holder);
	const carries = massOf(holder);
	const factor = proofFactor(foot);
	const needs: Kilograms = carries * factor;
	if (!last?.held || last.load >= needs - 1e-6) return null;
	return phrase(`Tested with {m} on ${last.day}; for the {c} it carries now that is to be {n}: test it again`, {
		m: mass(last.load),
		c: mass(carries),
		n: mass(needs)
	});
}
