import { nth } from '../nth';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import { bendingYield, type Fastener } from './fastener';
import { LAGS } from './lags';
import { nail, type NailSize } from './nails';
import { screw, type ScrewSize } from './screws';

/** A fastener of any sort by its size. */
export type AnySize = { kind: 'screw'; size: ScrewSize } | { kind: 'nail'; size: NailSize };

/** The fastener of a size of any sort. @example anyFastener({ kind: 'nail', size: '8d' }).D // 0.131 */
export function anyFastener(of: AnySize): Fastener {
	switch (of.kind) {
		case 'screw':
			return screw(of.size);
		case 'nail':
			return nail(of.size);
	}
}

/**
 * The thread of a screw hook: like a lag of its wire's size, or like a screw below 1/4 in. Its shank is plain where it
 * passes the face of the wood, so it bends and bears there with all of its wire.
 * @example screwHook(8).D // 0.315
 */
export function screwHook(wire: Millimetres): Fastener {
	const D = wire / MM_PER_INCH;
	return {
		...nth(LAGS, 0),
		title: 'screw hook',
		kind: D < 0.25 ? 'wood-screw' : 'lag',
		D,
		Dr: D,
		Fyb: bendingYield(D),
		tip: 0,
		source: 'its wire, threaded; Fyb: NDS 2018 Appendix I by diameter'
	};
}
