import { nth } from './nth';

/**
 * Solves a small square system of linear equations by elimination with the largest pivot.
 * @param rows each equation's factors and then its right side; they are not changed
 * @param least pivots smaller than this decide nothing
 * @returns null when the equations do not decide
 * @example solveLinear([[2, 0, 4], [0, 1, 3]]) // [2, 3]
 */
export function solveLinear(rows: readonly (readonly number[])[], least = 1e-12): number[] | null {
	const m = rows.map((row) => [...row]);
	const n = m.length;
	for (let c = 0; c < n; c++) {
		let p = c;
		for (let r = c + 1; r < n; r++) if (Math.abs(nth(nth(m, r), c)) > Math.abs(nth(nth(m, p), c))) p = r;
		[m[c], m[p]] = [nth(m, p), nth(m, c)];
		const row = nth(m, c);
		if (Math.abs(nth(row, c)) < least) return null;
		for (let r = 0; r < n; r++) {
			if (r === c) continue;
			const other = nth(m, r);
			const f = nth(other, c) / nth(row, c);
			for (let k = c; k <= n; k++) other[k] = nth(other, k) - f * nth(row, k);
		}
	}
	return m.map((row, i) => nth(row, n) / nth(row, i));
}
