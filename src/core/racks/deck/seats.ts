import { type Load, type Seat } from '../../carriers/carrier';

import { frameOf, gridOf, type DeckParams } from './fields';

/** Bins in rows and columns, layer on layer. What they weigh on is judged with the deck's hold. */
export function deckSeats(p: DeckParams, load: Load | undefined): Seat[] {
	const { top } = frameOf(p);
	const { columns, rows, px, pz } = gridOf(p, load);
	return Array.from({ length: p.layers }, (_, layer) =>
		Array.from({ length: rows }, (__, r) =>
			Array.from({ length: columns }, (___, c): Seat => {
				const [x, z] = [(c + 0.5) * px, (r + 0.5) * pz];
				return {
					group: 0,
					at: [x, top + layer * (load?.height ?? 0), z - (load?.depth ?? 0) / 2],
					axis: [0, 0, 1],
					length: load?.depth ?? 0,
					takes: 1,
					kept: true,
					stance: 'stands',
					carriedBy: []
				};
			})
		).flat()
	).flat();
}
