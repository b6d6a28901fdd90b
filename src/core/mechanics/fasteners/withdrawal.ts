import type { Fastener } from '../../materials/fastener';
import {
	MM_PER_INCH,
	N_PER_POUND,
	type Millimetres,
	type Newtons,
	type NewtonsPerMillimetre
} from '../../units/quantity';

/**
 * Reference withdrawal value in side grain by length of thread (of shank, for a nail), lb/in as published.
 * Source: NDS 2018 equations 12.2-1 (lag, 1800 G^1.5 D^0.75), 12.2-2 (wood screw, 2850 G^2 D), 12.2-3 (smooth nail,
 * 1380 G^2.5 D).
 */
const PUBLISHED: Record<Fastener['kind'], (G: number, D: number) => number> = {
	lag: (G, D) => 1800 * G ** 1.5 * D ** 0.75,
	'wood-screw': (G, D) => 2850 * G * G * D,
	nail: (G, D) => 1380 * G ** 2.5 * D
};

/**
 * Reference withdrawal value by length that holds.
 * Source: NDS 2018 12.2.
 * @param G specific gravity of the member that holds the thread
 * @example withdrawalPerLength(screw('#10'), 0.5) // 23.7 N/mm, which is 135 lb/in
 */
export function withdrawalPerLength(fastener: Fastener, G: number): NewtonsPerMillimetre {
	return (PUBLISHED[fastener.kind](G, fastener.D) * N_PER_POUND) / MM_PER_INCH;
}

/**
 * Reference pull-through value of a head.
 * Source: NDS 2018 12.2.5: 690 pi D_H G^2 t up to t = 2.5 D_H, else 1725 pi D_H^2 G^2, lb.
 * @param head diameter of head or washer, in
 * @param thickness of the member under the head, mm
 * @param G its specific gravity
 * @example headPullThrough(0.385, 19.05, 0.42) // 491 N, which is 110 lb
 */
export function headPullThrough(head: number, thickness: Millimetres, G: number): Newtons {
	const t = thickness / MM_PER_INCH;
	const pounds = t <= 2.5 * head ? 690 * Math.PI * head * G * G * t : 1725 * Math.PI * head * head * G * G;
	return pounds * N_PER_POUND;
}
