import type { Millimetres } from '../units/quantity';
import { best, word, type Answer } from './can';
import type { Tool } from './tool';

/**
 * Can a metal bar or tube be cut to length? By what is made for metal only: the teeth of a saw for wood catch in it.
 * @param across through it, mm: the diameter of a round one, the thickness of a flat one
 * @example canCutMetal({ across: 23.4, tube: true }, tools).can
 */
export function canCutMetal({ across, tube }: { across: Millimetres; tube: boolean }, tools: readonly Tool[]): Answer {
	const words = (kind: string, key: string, what: string) =>
		tools.filter((t) => t.kind === kind).map((t) => word(t, [{ key, need: across, what }]));
	return best(
		[
			...(tube ? words('tube-cutter', 'across', 'largest tube') : []),
			...words('hacksaw', 'depth', 'blade to frame'),
			...words('angle-grinder', 'depth', 'depth')
		],
		'nothing to cut metal with'
	);
}
