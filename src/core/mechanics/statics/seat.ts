import { radians, type Degrees, type Millimetres, type Newtons } from '../../units/quantity';

/** Coefficient of friction of wood on wood, dry: shown, not relied on. */
export const FRICTION = 0.3;
/** The shape of a holder must hold it by this factor without friction. */
export const SEAT_FACTOR = 1.5;

export interface SeatInput {
	bevel: Degrees;
	/** Distance of the weight out from the wall face the cleat is mounted on. */
	standOff: Millimetres;
	/** Drop from the bevel's wall-side edge (s = 0) to the lower bearing. */
	drop: Millimetres;
}

/** Seat of a holder on its cleat, as factors against tipping out. */
export interface Seat {
	/** d0 tan b / x_g; Infinity when the weight hangs behind the wall face. */
	shape: number;
	/** The same with friction on the bevel. */
	friction: number;
	/** shape / 1.5. */
	margin: number;
}

/**
 * Will it stay seated? A frictionless bevel pulls the holder in with W tan b; the weight tips it out about the lower
 * bearing. Statics: seated while W x_g <= W d0 tan b. A weight behind the wall face seats whatever the drop; no drop
 * tips.
 * @example seat({ bevel: 45, standOff: 6 * 25.4, drop: 6.625 * 25.4 }).shape // 1.104
 */
export function seat({ bevel, standOff, drop }: SeatInput): Seat {
	if (standOff <= 0) return { shape: Infinity, friction: Infinity, margin: Infinity };
	if (drop <= 0) return { shape: 0, friction: 0, margin: 0 };
	const b = radians(bevel);
	const shape = (drop * Math.tan(b)) / standOff;
	const friction = (drop * Math.tan(b + Math.atan(FRICTION))) / standOff;
	return { shape, friction, margin: shape / SEAT_FACTOR };
}

/** One weight on a holder and how far it stands out. */
export interface OutWeight {
	weight: Newtons;
	standOff: Millimetres;
}

/** Sum of weights and the stand-off of their centre. An empty list has no weight and no stand-off. */
export function combine(weights: readonly OutWeight[]): OutWeight {
	const weight = weights.reduce((sum, w) => sum + w.weight, 0);
	if (weight === 0) return { weight: 0, standOff: 0 };
	return { weight, standOff: weights.reduce((sum, w) => sum + w.weight * w.standOff, 0) / weight };
}

/**
 * The worst part load: of all that may be left on a holder, what puts its centre furthest out, and so gives the least
 * margin. That is its own weight with the things from the furthest in, as long as each stands further out than the
 * centre of those before it.
 * @returns the weight and the stand-off of its centre, with how many things are left on
 * @example worstPart({ weight: 3, standOff: 2 }, [{ weight: 17, standOff: 4 }, { weight: 10, standOff: 10.6 }]) // 13
 * at 8.62, 1 left on
 */
export function worstPart(self: OutWeight, things: readonly OutWeight[]): OutWeight & { left: number } {
	let [weight, turn, left] = [self.weight, self.weight * self.standOff, 0];
	for (const t of [...things].sort((a, b) => b.standOff - a.standOff)) {
		if (weight > 0 && t.standOff <= turn / weight) break;
		weight += t.weight;
		turn += t.weight * t.standOff;
		left++;
	}
	return { weight, standOff: weight > 0 ? turn / weight : 0, left };
}

/**
 * Greatest outward tug that does not tip the holder: W (d0 tan b - x_g) / h, never below 0.
 * @param height of the tug above the lower bearing
 */
export function greatestTug(weight: Newtons, input: SeatInput, height: Millimetres): Newtons {
	return Math.max(0, (weight * (input.drop * Math.tan(radians(input.bevel)) - input.standOff)) / height);
}

/**
 * Uplift on a lock strip: H / tan b - W when positive, with H = W x_g / d0 pulling at the bevel. Of several weights
 * each counts that lifts: what would hold it down may be taken off; the holder itself, the first, stays.
 * @example lockStripUplift([{ weight: 100, standOff: 300 }], { bevel: 45, drop: 200 }) // 50
 */
export function lockStripUplift(
	[self, ...things]: readonly OutWeight[],
	{ bevel, drop }: Pick<SeatInput, 'bevel' | 'drop'>
): Newtons {
	if (drop <= 0) return Infinity;
	const lifts = (w: OutWeight) => w.weight * (w.standOff / drop / Math.tan(radians(bevel)) - 1);
	return Math.max(
		0,
		things.reduce((sum, t) => sum + Math.max(0, lifts(t)), self ? lifts(self) : 0)
	);
}

/**
 * Line load along a hook when the weight hangs off its middle: W/B (1 +- 6 f/B); beyond B/6 the light end lifts and the
 * heavy end takes 2 W / (3 (B/2 - f)).
 * @param off distance of the weight from the hook's middle
 * @returns the heavy end's load per length
 * @throws RangeError when the weight is beyond the hook's end
 */
export function heavyEnd(weight: Newtons, hook: Millimetres, off: Millimetres): number {
	const f = Math.abs(off);
	if (f >= hook / 2) throw new RangeError('The weight hangs beyond the hook');
	return f <= hook / 6 ? (weight / hook) * (1 + (6 * f) / hook) : (2 * weight) / (3 * (hook / 2 - f));
}
