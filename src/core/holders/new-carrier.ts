import { carrierKind } from '../kinds/registry';
import { boundOf } from '../form/bound-of';
import { ON_BACK } from '../plan/carrier-problems';
import type { Carrier, Backed } from '../plan/types';
import type { LengthUnit } from '../units/parse-length';
import { groundsFor } from './grounds';

/** The first free name. @example nextCarrierId([{ id: 'c1' }]) // 'c2' */
export function nextCarrierId(carriers: readonly { id: string }[]): string {
	for (let n = 1; ; n++) if (!carriers.some((c) => c.id === `c${n}`)) return `c${n}`;
}

/** So far up its back one begins. */
const UP = 0.4;

/**
 * A carrier of a kind as it starts, no wider than the back, where it may stand: nothing on it yet.
 * @example newCarrier(holder, 'pegs', 'mm').at.on // 'back'
 */
export function newCarrier(holder: Pick<Backed, 'back' | 'carriers'>, kind: string, unit: LengthUnit): Carrier {
	const { back } = holder;
	const asked = carrierKind(kind);
	const params = asked.start(unit);
	const { width } = asked.fields;
	if (width?.kind === 'length' && typeof params.width === 'number')
		params.width = boundOf(width, Math.min(params.width, back.width));
	const id = nextCarrierId(holder.carriers);
	const [ground] = groundsFor(holder, { id, kind });
	const host = { face: 'front', width: back.width, height: back.height, stock: back.stock, at: [0, 0] } as const;
	const { taken } = asked.build(params, { host, loads: [] });
	const wide = typeof params.width === 'number' ? params.width : taken.right;
	// Less than half way up, or as low as it must stand to end below the top.
	const y = Math.max(0, Math.min(back.height * UP, back.height - taken.high));
	return {
		id,
		kind,
		at: { on: ground?.value ?? ON_BACK, x: Math.max(0, (back.width - wide) / 2), y: Math.round(y) },
		params,
		loads: []
	};
}
