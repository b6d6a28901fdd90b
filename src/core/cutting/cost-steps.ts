/**
 * What costs come in steps of, where all are whole numbers of it; 0 where they are not.
 * @example stepOf([400, 600, 0]) // 200
 */
export function stepOf(costs: readonly number[]): number {
	const real = costs.filter((c) => c > 0);
	if (real.length === 0 || !real.every(Number.isInteger)) return 0;
	return real.reduce((a, b) => {
		let [x, y] = [a, b];
		while (y > 0) [x, y] = [y, x % y];
		return x;
	});
}

/** A bound brought up to what costs can be at all. @example raisedTo(200, 410) // 600 */
export const raisedTo = (step: number, bound: number): number =>
	step > 0 ? step * Math.ceil(bound / step - 1e-6) : bound;
