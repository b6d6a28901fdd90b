/** Normal noise of a standard deviation, from two even ones (Box and Muller). */
export function gauss(next: () => number): number {
	return Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
}
