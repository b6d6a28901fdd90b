import { CARRIERS } from '../carriers/registry';
import type { CarrierKind } from '../carriers/carrier';
import { RACKS } from '../racks/registry';

/** Every kind there is: what stands on a back, and what stands on the wall itself. */
export const ALL_KINDS: readonly CarrierKind[] = [...CARRIERS, ...RACKS];

const BY_KIND = new Map(ALL_KINDS.map((c) => [c.kind, c]));

/**
 * The kind of that name, of a carrier or a rack.
 * @throws RangeError when there is none
 * @example carrierKind('pegs').title // 'Pegs'
 */
export function carrierKind(kind: string): CarrierKind {
	const found = BY_KIND.get(kind);
	if (!found) throw new RangeError(`No such carrier: ${kind}`);
	return found;
}
