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
		for (let r = c + 1; r < n; r++)
			if (Math.abs((m[r] as number[])[c] as number) > Math.abs((m[p] as number[])[c] as number)) p = r;
		[m[c], m[p]] = [m[p] as number[], m[c] as number[]];
		const row = m[c] as number[];
		if (Math.abs(row[c] as number) < least) return null;
		for (let r = 0; r < n; r++) {
			if (r === c) continue;
			const other = m[r] as number[];
			const f = (other[c] as number) / (row[c] as number);
			for (let k = c; k <= n; k++) other[k] = (other[k] as number) - f * (row[k] as number);
		}
	}
	return m.map((row, i) => (row[n] as number) / (row[i] as number));
}
