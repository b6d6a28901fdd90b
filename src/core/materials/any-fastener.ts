import type { Fastener } from './fastener';
import { lag, type LagSize } from './lags';
import { nail, type NailSize } from './nails';
import { screw, type ScrewSize } from './screws';

/** A fastener of any sort by its size. */
export type AnySize =
	{ kind: 'screw'; size: ScrewSize } | { kind: 'nail'; size: NailSize } | { kind: 'lag'; size: LagSize };

/** The fastener of a size of any sort. @example anyFastener({ kind: 'nail', size: '8d' }).D // 0.131 */
export function anyFastener(of: AnySize): Fastener {
	switch (of.kind) {
		case 'screw':
			return screw(of.size);
		case 'nail':
			return nail(of.size);
		case 'lag':
			return lag(of.size);
	}
}
