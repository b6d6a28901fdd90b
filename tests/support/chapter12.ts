import type { YieldInput } from '$core/mechanics/fasteners/lateral';

/** NDS 2018 equations 12.3-1 to 12.3-6 in their own form, without a gap: a second derivation to hold ours against. */
export function chapter12({ D, Fyb, Fem, Fes, lm, ls }: YieldInput) {
	const Re = Fem / Fes;
	const Rt = lm / ls;
	const k1 = (Math.sqrt(Re + 2 * Re ** 2 * (1 + Rt + Rt ** 2) + Rt ** 2 * Re ** 3) - Re * (1 + Rt)) / (1 + Re);
	const k2 = -1 + Math.sqrt(2 * (1 + Re) + (2 * Fyb * (1 + 2 * Re) * D ** 2) / (3 * Fem * lm ** 2));
	const k3 = -1 + Math.sqrt((2 * (1 + Re)) / Re + (2 * Fyb * (2 + Re) * D ** 2) / (3 * Fem * ls ** 2));
	return {
		Im: D * lm * Fem,
		Is: D * ls * Fes,
		II: k1 * D * ls * Fes,
		IIIm: (k2 * D * lm * Fem) / (1 + 2 * Re),
		IIIs: (k3 * D * ls * Fem) / (2 + Re),
		IV: D ** 2 * Math.sqrt((2 * Fem * Fyb) / (3 * (1 + Re)))
	};
}
