import { MILD_STEEL } from '../materials/steel';
import { rodStress } from '../mechanics/members/rod';
import { mass, mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Kilograms, Millimetres, Newtons } from '../units/quantity';
import type { StepParts } from '../verdict/check';
import { GRAB } from '../verdict/grab';

/**
 * The wire of a hook, bent by its load: of a plan's rack, or of a quick sum.
 * @param out from the middle of its shank, or from the wood it stands in, to the load
 * @example wireStep(178, 44, 7.9).capacity.value // 148.6
 */
export function wireStep(W: Newtons, out: Millimetres, wire: Millimetres): StepParts {
	const M = W * out;
	const bent = rodStress(M, wire);
	return {
		title: 'hook',
		reason: phrase('the hook bends open'),
		source: 'statics; ASTM A36 yield / 1.67',
		demand: stress(bent),
		capacity: stress(MILD_STEEL.allowed),
		lines: () => [
			{ label: 'bends by', sum: phrase('{W} × {e}', { W: newtons(W), e: mm(out) }), result: moment(M) },
			{
				label: 'bending',
				sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(wire) }),
				result: stress(bent)
			},
			{
				label: 'allowed',
				sum: phrase('{y} / 1.67', { y: stress(MILD_STEEL.yield) }),
				result: stress(MILD_STEEL.allowed)
			}
		]
	};
}

/** Somebody hangs on it: told beside the verdict. */
export function wireGrab(out: Millimetres, wire: Millimetres): StepParts {
	const bent = rodStress(GRAB * out, wire);
	return {
		title: 'grab',
		basis: 'grab',
		reason: phrase('somebody hangs on it'),
		source: 'statics',
		demand: stress(bent),
		capacity: stress(MILD_STEEL.allowed),
		lines: () => [
			{
				label: 'bending',
				sum: phrase('32 × {G} × {e} / (π × {d}³)', { G: newtons(GRAB), e: mm(out), d: mm(wire) }),
				result: stress(bent)
			}
		]
	};
}

/** By what its maker says that one carries. */
export const ratedStep = (load: Kilograms, rated: Kilograms): StepParts => ({
	title: "maker's load",
	reason: phrase("by its maker's load"),
	source: 'the maker',
	demand: mass(load),
	capacity: mass(rated),
	lines: () => []
});

/** Why a hook nobody rated is not judged. */
export const RATED_MISSING = phrase("the hook maker's load is not known");
export const RATED_NOTE = phrase(
	"What is worked out here is its wire and its thread, taken as mild steel; weld, coating and plate are its maker's word"
);
