import { deckSum } from './deck';
import { fastenerSum } from './fastener';
import { hookSum } from './hook';
import { dividersSum, ripSum, spacingSumDef } from './layout';
import { leafSum } from './leaf';
import { liftingSum } from './lifting';
import { lumberArmSum } from './lumber-arm';
import { plugSum } from './plug';
import { rodSum } from './rod';
import { seatSum } from './seat';
import { shelfSum } from './shelf';
import type { Sum } from './sum';
import { uprightSum } from './upright';

/** Every question that can be asked by itself, in the order they are offered. A new one is a file and a line here. */
export const SUMS: readonly Sum[] = [
	fastenerSum,
	rodSum,
	shelfSum,
	seatSum,
	spacingSumDef,
	dividersSum,
	ripSum,
	liftingSum,
	lumberArmSum,
	uprightSum,
	leafSum,
	deckSum,
	hookSum,
	plugSum
];

/** The sum of this name; undefined when there is none. @example sumByName('shelf')?.title // 'Shelf sag' */
export function sumByName(name: string): Sum | undefined {
	return SUMS.find((s) => s.name === name);
}
