import type { Cladding } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/**
 * What a screw crosses between cleat and stud: all layers.
 * @example claddingDepth({ kind: 'none', thickness: 12 }) // 0
 */
export function claddingDepth(cladding: Cladding): Millimetres {
	return (
		(cladding.kind === 'none' ? 0 : cladding.thickness) +
		(cladding.under ?? []).reduce((sum, l) => sum + l.thickness, 0)
	);
}
