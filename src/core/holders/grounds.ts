import { carrierKind } from '../kinds/registry';
import type { OfferedFace } from '../carriers/carrier';
import { hostOf, ON_BACK } from '../plan/carrier-problems';
import type { Carrier, Backed } from '../plan/types';

/** Faces that a carrier offers to others, whatever it stands on. */
export const facesOf = (
	carrier: Pick<Carrier, 'kind' | 'params' | 'loads'>,
	holder: Pick<Backed, 'back'>
): readonly OfferedFace[] =>
	carrierKind(carrier.kind).build(carrier.params, {
		host: {
			face: 'front',
			width: holder.back.width,
			height: holder.back.height,
			stock: holder.back.stock,
			at: [0, 0]
		},
		loads: carrier.loads
	}).faces;

/**
 * Where a carrier of a holder may stand: on the back, or on a fitting face of those before it.
 * @example groundsFor(holder, carrier) // [{ value: 'back', name: 'The back' }]
 */
export function groundsFor(
	holder: Pick<Backed, 'back' | 'carriers'>,
	carrier: Pick<Carrier, 'id' | 'kind'>
): { value: string; name: string }[] {
	const kind = carrierKind(carrier.kind);
	const own = holder.carriers.findIndex((c) => c.id === carrier.id);
	if (kind.through) return [{ value: ON_BACK, name: 'The back' }];
	const before = own < 0 ? holder.carriers : holder.carriers.slice(0, own);
	return [
		...(kind.on.includes('front') ? [{ value: ON_BACK, name: 'The back' }] : []),
		...before
			.filter((c) => hostOf(c.at) !== carrier.id)
			.flatMap((c) =>
				facesOf(c, holder)
					.filter((f) => kind.on.includes(f.face))
					.map((f) => ({ value: `${c.id}:${f.name}`, name: `${carrierKind(c.kind).title}: ${f.name}` }))
			)
	];
}
