import type { Load } from '../carriers/carrier';
import { remembering } from '../remembering';
import { carrierKind } from './registry';

/** A board large enough for anything: how many seats there are does not depend on it. */
const ANYWHERE = { face: 'front', width: 30_000, height: 4000, stock: 'ply-18', at: [0, 2000] } as const;

const roomOf = remembering(
	(params: Record<string, unknown>, kind: string, loads: readonly Load[]): readonly number[] => {
		const { seats } = carrierKind(kind).build(params, { host: ANYWHERE, loads });
		const groups = carrierKind(kind).groups(params);
		return groups.map((_, g) => seats.reduce((n, s) => (s.group === g && !s.leans ? n + s.takes : n), 0));
	}
);
const NONE: readonly Load[] = [];

/**
 * How many things go on each group of a carrier's seats: of what lies on a rack, whose boards or bins say how many go
 * beside each other; of all else whatever that is.
 * @example roomIn({ kind: 'pegs', params, loads: [] }) // [18]
 */
export function roomIn(carrier: {
	kind: string;
	params: Record<string, unknown>;
	loads?: readonly Load[];
}): readonly number[] {
	const { kind, params, loads = NONE } = carrier;
	return roomOf(params, kind, carrierKind(kind).held ? loads : NONE);
}
