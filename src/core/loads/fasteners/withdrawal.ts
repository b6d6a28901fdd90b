import { screw, type ScrewSize } from '../../materials/screws';
import { MM_PER_INCH, N_PER_POUND, type Millimetres, type Newtons, type NewtonsPerMillimetre } from '../../units/quantity';

/**
 * Reference withdrawal value of a wood screw in side grain, per length of thread: W = 2850 G^2 D, lb/in.
 * Source: NDS 2018 equation 12.2-2.
 * @param G specific gravity of the member that holds the thread
 * @example withdrawalPerLength('#10', 0.5) // 23.7 N/mm, which is 135 lb/in
 */
export function withdrawalPerLength(size: ScrewSize, G: number): NewtonsPerMillimetre {
	return (2850 * G * G * screw(size).D * N_PER_POUND) / MM_PER_INCH;
}

/**
 * Reference pull-through value of a screw head.
 * Source: NDS 2018 12.2.5: 690 pi D_H G^2 t up to t = 2.5 D_H, else 1725 pi D_H^2 G^2, lb.
 * @param thickness of the member under the head, mm
 * @param G its specific gravity
 * @example headPullThrough('#10', 19.05, 0.42) // 491 N, which is 110 lb
 */
export function headPullThrough(size: ScrewSize, thickness: Millimetres, G: number): Newtons {
	const DH = screw(size).head;
	const t = thickness / MM_PER_INCH;
	const pounds = t <= 2.5 * DH ? 690 * Math.PI * DH * G * G * t : 1725 * Math.PI * DH * DH * G * G;
	return pounds * N_PER_POUND;
}
