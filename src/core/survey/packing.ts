import type { Ledge, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/** What a board of some height needs behind it where a ledge stands proud. */
export interface Packing {
	ledge: Ledge;
	/** Off the ledge, to bring the rest of the board out as far as the ledge. */
	thickness: Millimetres;
}

const touching = (wall: Pick<Wall, 'ledges'>, low: Millimetres, high: Millimetres) => (wall.ledges ?? []).filter((l) => l.y < high - 0.5 && l.y + l.height > low + 0.5);

/** How far the surface stands out at a height: on a ledge, by as much as that. @example surfaceAt(wall, 2350) // 38 */
export function surfaceAt(wall: Pick<Wall, 'ledges'>, y: Millimetres): Millimetres {
	return Math.max(0, ...touching(wall, y - 1, y + 1).map((l) => l.out));
}

/**
 * Packing behind a board that lies partly on a ledge: as thick as the deepest ledge it covers, wherever else it is fixed.
 * @returns null when it lies on the wall alone, or on one ledge alone
 * @example packingFor({ ledges: [{ id: 'l', name: 'top plate', y: 2350, height: 90, out: 38 }] }, 0, 2400)?.thickness // 38
 */
export function packingFor(wall: Pick<Wall, 'ledges'>, low: Millimetres, high: Millimetres): Packing | null {
	const on = touching(wall, low, high);
	const ledge = on.reduce<Ledge | undefined>((most, l) => (!most || l.out > most.out ? l : most), undefined);
	if (!ledge) return null;
	const whole = on.length === 1 && ledge.y <= low + 0.5 && ledge.y + ledge.height >= high - 0.5;
	return whole ? null : { ledge, thickness: ledge.out };
}
