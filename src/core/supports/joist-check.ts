import type { JoistForce } from '../members/hanging-steps';
import { joistStep } from '../members/hanging-steps';
import type { Ceiling } from '../plan/types';
import { phrase } from '../units/phrase';
import { checkOf, missingStep, type Check } from '../verdict/check';

/** Of what a ceiling was made to carry, so much is taken as free where nobody says more. */
const FREE = 0.5;

/**
 * A joist under all that hangs from it.
 * @param id of the joist, by its order
 * @example joistCheck('joist-2', ceiling, [{ force: 400, at: 760 }]).title // 'joists'
 */
export function joistCheck(id: string, ceiling: Ceiling, forces: readonly JoistForce[]): Check {
	const subject = { kind: 'joist', id } as const;
	const key = `${id}:bending`;
	if (ceiling.kind === 'trusses')
		return {
			...missingStep('joists', phrase("trusses: not without the maker's or an engineer's word"), 'truss maker'),
			id: key,
			subject
		};
	if (ceiling.kind === 'slab')
		return {
			...missingStep('joists', phrase('what hangs from a slab is its anchor maker’s word'), 'anchor maker'),
			id: key,
			subject
		};
	if (ceiling.span === undefined || ceiling.attic === undefined)
		return {
			...missingStep(
				'joists',
				ceiling.span === undefined
					? phrase('the span of the joists is not known: survey the ceiling')
					: phrase('what the ceiling was made to carry is not known'),
				'IRC Table R301.5',
				[phrase('A joist that also holds a roof in tension, is notched or is spliced needs an engineer')]
			),
			id: key,
			subject
		};
	const within = forces.map((f) => ({ ...f, at: Math.min(Math.max(f.at, 0), ceiling.span as number) }));
	return checkOf(
		key,
		subject,
		joistStep(within, {
			made: ceiling.attic,
			spacing: ceiling.pitch,
			span: ceiling.span,
			free: ceiling.free ?? FREE
		})
	);
}
