import type { Fastener } from '../../materials/fastener';
import { MM_PER_INCH, type Millimetres } from '../../units/quantity';

/** How near a fastener may stand to ends, edges and the next one. */
export interface SpacingMinimums {
	/** From the end, where the load pulls toward it. */
	end: Millimetres;
	/** From the edge the load pushes toward. */
	edge: Millimetres;
	/** To the next one along the grain. */
	along: Millimetres;
	/** To the next row across the grain. */
	across: Millimetres;
	source: string;
}

const TABLES = 'NDS 2018 Tables 12.5.1A to D, softwood';
const SMALL = 'NDS 2018 Commentary Table C12.1.5.7, wood side members';

/**
 * Least distances of a fastener in softwood, for full strength.
 * Source: NDS 2018 Tables 12.5.1A to D for 1/4 in and thicker; Commentary Table C12.1.5.7 for smaller ones.
 * @param fastener its diameter decides
 * @param o acrossGrain: the load crosses the grain of the member; drilled: it has a pilot hole
 * @example spacingMinimums(screw('#10'), { acrossGrain: true, drilled: true }).edge // 12.1, which is 2.5 D
 */
export function spacingMinimums(
	{ D: inches }: Pick<Fastener, 'D'>,
	o: { acrossGrain: boolean; drilled: boolean }
): SpacingMinimums {
	const D = inches * MM_PER_INCH;
	if (inches >= 0.25) {
		return {
			end: (o.acrossGrain ? 4 : 7) * D,
			edge: (o.acrossGrain ? 4 : 1.5) * D,
			along: (o.acrossGrain ? 3 : 4) * D,
			across: (o.acrossGrain ? 5 : 1.5) * D,
			source: TABLES
		};
	}
	const { drilled } = o;
	const along = drilled ? 10 : 15;
	const across = drilled ? 5 : 10;
	return {
		end: (o.acrossGrain ? across : along) * D,
		edge: 2.5 * D,
		along: (drilled ? 10 : 15) * D,
		across: (drilled ? 3 : 5) * D,
		source: SMALL
	};
}
