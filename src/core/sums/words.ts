import type { Step } from '../verdict/check';
import { missingStep } from '../verdict/check';
import { phrase } from '../units/phrase';
import type { BendingId } from '../materials/bending';
import { bendingMaterial } from '../materials/bending';

/** A step in place of every other, when the species is not known: counted as the softest only if somebody says so. */
export function speciesMissing(id: BendingId, where: string): Step[] {
	return bendingMaterial(id, 1).known
		? []
		: [
				missingStep('species', phrase(`species of the ${where} is not known`), 'NDS 2018 Table 12.3.3A', [
					phrase('Choose "Softest, G 0.36" to count it as the softest framing there is')
				])
			];
}
