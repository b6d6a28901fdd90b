import type { Ledge, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { covers, overlap, type Box } from './box';

/** What a board needs behind it where a ledge stands proud. */
export interface Packing {
	ledge: Ledge;
	/** Off the ledge, to bring the rest of the board out as far as the ledge. */
	thickness: Millimetres;
}

type Ledges = Pick<Wall, 'ledges' | 'width'>;

/** The stretch of wall a ledge takes. @example ledgeBox({ width: 4000 }, plate).right // 4000 */
export function ledgeBox(wall: Pick<Wall, 'width'>, l: Ledge): Box {
	const left = l.x ?? 0;
	return { left, right: l.width === undefined ? wall.width : left + l.width, low: l.y, high: l.y + l.height };
}

/**
 * How far the surface stands out at a height, over a stretch: on a ledge, by as much as that.
 * @example surfaceAt(wall, 2350, 0, 900) // 38
 */
export function surfaceAt(wall: Ledges, y: Millimetres, left: Millimetres, right: Millimetres): Millimetres {
	const here = { left, right, low: y - 1, high: y + 1 };
	return Math.max(0, ...(wall.ledges ?? []).filter((l) => overlap(ledgeBox(wall, l), here)).map((l) => l.out));
}

/**
 * Packing behind a board that lies partly on a ledge: as thick as the deepest ledge it covers, wherever else it is
 * fixed.
 * @returns null when it lies on the wall alone, or on one ledge alone
 * @example packingFor({ width: 4000, ledges: [plate] }, { left: 0, right: 100, low: 0, high: 2400 })?.thickness // 38
 */
export function packingFor(wall: Ledges, board: Box): Packing | null {
	const on = (wall.ledges ?? []).filter((l) => overlap(ledgeBox(wall, l), board));
	const ledge = on.reduce<Ledge | undefined>((most, l) => (!most || l.out > most.out ? l : most), undefined);
	if (!ledge || (on.length === 1 && covers(ledgeBox(wall, ledge), board))) return null;
	return { ledge, thickness: ledge.out };
}
