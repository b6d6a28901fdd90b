import { MM_PER_INCH } from '../../units/quantity';
import type { LengthUnit } from '../../units/parse-length';
import type { PegRackParams } from '../../plan/types';
import { buildPegRack, pegRackTitle } from './build';

/** A plain first rack: five pegs, nothing too clever, in the sizes of the user's shop. */
function startPegRack(unit: LengthUnit): PegRackParams {
	const inch = unit === 'inch';
	return {
		face: {
			stock: inch ? '1x8' : 'ply-18',
			width: inch ? 24 * MM_PER_INCH : 600,
			height: inch ? 7.25 * MM_PER_INCH : 220
		},
		hook: { screws: { size: '#8', length: inch ? 1.25 * MM_PER_INCH : 32, count: 4 }, from: 'back', glued: true },
		spacer: true,
		lockStrip: false,
		pegs: {
			diameter: inch ? 0.75 * MM_PER_INCH : 20,
			projection: inch ? 3.25 * MM_PER_INCH : 85,
			depth: inch ? 0.75 * MM_PER_INCH : 18,
			tilt: 5,
			height: inch ? 3 * MM_PER_INCH : 80,
			spacing: { kind: 'equal-gaps', count: 5 },
			pair: null
		},
		load: {
			name: '',
			mass: 0.5,
			perSeat: 2,
			thickness: inch ? 1.5 * MM_PER_INCH : 40,
			width: inch ? 3 * MM_PER_INCH : 80,
			height: inch ? 10 * MM_PER_INCH : 250
		}
	};
}

export const pegRack = {
	kind: 'peg-rack',
	title: 'Peg rack',
	start: startPegRack,
	build: buildPegRack,
	describe: pegRackTitle,
	seats: (p: PegRackParams) => p.pegs.spacing.count
} as const;
