import { type Load, type Seat } from '../../carriers/carrier';
import { nth } from '../../nth';
import { type Millimetres } from '../../units/quantity';

import { frameOf, gridOf, type DeckParams } from './fields';

/** How much of a bin one member may have: a stiff bin on two of them half, a sheet over several a quarter more. */
function onMember(wide: Millimetres, apart: Millimetres): number {
	return wide <= apart ? 1 : Math.max(0.5, (1.25 * apart) / wide);
}

/** Bins in rows and columns, layer on layer; each weighs on members, front rail and sheet. */
export function deckSeats(p: DeckParams, load: Load | undefined): Seat[] {
	const { members, top } = frameOf(p);
	const { columns, rows, px, pz, wide } = gridOf(p, load);
	const apart = members.length > 1 ? nth(members, 1) - nth(members, 0) : p.width;
	const share = onMember(wide, apart);
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
					carriedBy: [
						...members.flatMap((m, i) =>
							Math.abs(m - x) < (wide + apart) / 2 ? [{ member: 0, instance: i, share }] : []
						),
						{ member: 1, instance: 0, share: Math.min(1, z / p.depth) },
						{ member: 2, instance: r, share: 1 }
					]
				};
			})
		).flat()
	).flat();
}
