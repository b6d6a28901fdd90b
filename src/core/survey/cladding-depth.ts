import type { Cladding } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/** What a screw crosses between cleat and stud. @example claddingDepth({ kind: 'none', thickness: 12 }) // 0 */
export function claddingDepth(cladding: Cladding): Millimetres {
	return cladding.kind === 'none' ? 0 : cladding.thickness;
}
