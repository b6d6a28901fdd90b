import { remembering } from '../remembering';
import { carrierKind } from './registry';

/** A board large enough for anything: how many seats there are does not depend on it. */
const ANYWHERE = { face: 'front', width: 30_000, height: 4000, stock: 'ply-18', at: [0, 2000] } as const;

const roomOf = remembering((params: Record<string, unknown>, kind: string): readonly number[] => {
	const { seats } = carrierKind(kind).build(params, { host: ANYWHERE, loads: [] });
	const groups = carrierKind(kind).groups(params);
	return groups.map((_, g) => seats.reduce((n, s) => (s.group === g && !s.leans ? n + s.takes : n), 0));
});

/**
 * How many things go on each group of a carrier's seats.
 * @example roomIn({ kind: 'pegs', params }) // [18]
 */
export const roomIn = (carrier: { kind: string; params: Record<string, unknown> }): readonly number[] =>
	roomOf(carrier.params, carrier.kind);
