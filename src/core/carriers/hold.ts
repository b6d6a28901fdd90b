import type { AnySize } from '../materials/any-fastener';
import type { Vec2 } from '../solid/vector';
import type { Kilograms, Millimetres } from '../units/quantity';

/** What a rack may be held by: itself on the wall, the end of a row, the sheet behind one. */
export type HeldBy = 'own' | 'row-end' | 'row-top';

/** How a rack holds to what it stands on: data, each kind judged in a file of its own. In the rack's frame. */
export type Hold = PinHold | EndPinHold | RestHold;

/** One fastener driven into the wall, on which things hang. */
export interface PinHold {
	kind: 'pin';
	fastener: AnySize;
	/** All of it, and how much of that stands out of the surface. */
	length: Millimetres;
	out: Millimetres;
	at: Vec2;
}

/** One fastener in the end of a row's cleat, along the row. */
export interface EndPinHold {
	kind: 'in-end';
	end: 'left' | 'right';
	fastener: AnySize;
	length: Millimetres;
	out: Millimetres;
}

/** What stands on whatever is under it there. */
export interface RestHold {
	kind: 'rest';
	/** What that may carry, where somebody knows. */
	rated: Kilograms | null;
}
