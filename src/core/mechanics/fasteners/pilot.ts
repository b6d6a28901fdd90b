import type { Fastener } from '../../materials/fastener';
import { MM_PER_INCH, type Millimetres } from '../../units/quantity';

/** Holes to bore before driving. */
export interface Pilot {
	/** For the thread, mm. */
	thread: Millimetres;
	/** For the plain shank, through the side member, mm. */
	shank: Millimetres;
	/** The table lets it be driven without, in wood this soft; near ends and edges one bores all the same. */
	mayBeLeftOut: boolean;
	source: string;
}

/** Lead hole of a lag's thread, in diameters: denser wood needs more room. */
function lagLead(G: number): number {
	if (G > 0.6) return 0.75;
	return G > 0.5 ? 0.675 : 0.55;
}

/**
 * Sizes of the lead and clearance holes.
 * Source: NDS 2018 12.1.4.2 (lags: shank its own diameter; thread 65 to 85 % of it above G 0.6, 60 to 75 % above 0.5,
 * else 40 to 70 %, middle of the range), 12.1.5 (wood screws: 90 % of the root above G 0.6, 70 % below), 12.1.6 (nails:
 * 90 % of D above G 0.6, else 75 %). From memory.
 * @param G specific gravity of the member that takes the thread
 * @example pilotFor(lag('3/8'), 0.42).thread // 5.2
 */
export function pilotFor(f: Fastener, G: number): Pilot {
	const D = f.D * MM_PER_INCH;
	const hard = G > 0.6;
	switch (f.kind) {
		case 'lag':
			return {
				thread: D * lagLead(G),
				shank: D,
				mayBeLeftOut: false,
				source: 'NDS 2018 12.1.4.2'
			};
		case 'wood-screw':
			return {
				thread: f.Dr * MM_PER_INCH * (hard ? 0.9 : 0.7),
				shank: D * (hard ? 1 : 7 / 8),
				mayBeLeftOut: G <= 0.5,
				source: 'NDS 2018 12.1.5'
			};
		case 'nail':
			return {
				thread: D * (hard ? 0.9 : 0.75),
				shank: D * (hard ? 0.9 : 0.75),
				mayBeLeftOut: G <= 0.6,
				source: 'NDS 2018 12.1.6'
			};
	}
}
