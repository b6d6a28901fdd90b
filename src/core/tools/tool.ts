import type { Degrees, Millimetres } from '../units/quantity';

/** A machine or tool of the shop, with what is known of its limits; a limit nobody has said is not there. */
export interface Tool {
	id: string;
	/** Of the generic list. */
	kind: string;
	/** What it is called here, when there are several. */
	name: string;
	limits: Record<string, Millimetres | Degrees | Millimetres[]>;
	notes: string;
}
