import type { LengthUnit } from '../units/parse-length';
import { MM_PER_INCH } from '../units/quantity';
import type { Plan } from './types';

/**
 * An empty wall to start from: a width, a height and plasterboard in the sizes of the user's shop, none of it measured,
 * no studs yet.
 */
export function emptyWall(name: string, unit: LengthUnit = 'mm'): Plan {
	const inch = unit === 'inch';
	return {
		format: 'kammer-plan',
		version: 2,
		name,
		wall: {
			width: inch ? 144 * MM_PER_INCH : 3600,
			height: inch ? 96 * MM_PER_INCH : 2400,
			cladding: { kind: 'drywall', thickness: inch ? 0.5 * MM_PER_INCH : 12.5 },
			studs: [],
			obstructions: [],
			how: { width: 'guess', height: 'guess', cladding: 'guess' }
		},
		rows: [],
		holders: [],
		cutting: { kerf: inch ? 0.125 * MM_PER_INCH : 3.2, lengths: [] }
	};
}
