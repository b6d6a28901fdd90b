import { MM_PER_INCH, N_PER_POUND, type Millimetres, type Newtons } from '../units/quantity';

/**
 * What a person who hangs on something puts on its outermost point: 60 lb, as in furniture tip-over rules (ASTM F2057),
 * from memory.
 */
export const GRAB: Newtons = 60 * N_PER_POUND;
/** A knock in passing: 15 lb sideways at the outermost point. Common practice. */
export const KNOCK: Newtons = 15 * N_PER_POUND;
/** One hand that takes something out, pulling: 10 lb. Common practice. */
export const HAND: Newtons = 10 * N_PER_POUND;
/** Anything lower than this can be hung from: 7 ft. */
export const GRAB_UNDER: Millimetres = 84 * MM_PER_INCH;
