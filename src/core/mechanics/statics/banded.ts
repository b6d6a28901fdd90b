/** A symmetric matrix with nothing further from its diagonal than its width, by rows: from the diagonal outward. */
export interface Banded {
	readonly size: number;
	readonly width: number;
	readonly rows: Float64Array[];
}

/** One with nothing in it. @example banded(200, 3).rows.length // 200 */
export const banded = (size: number, width: number): Banded => ({
	size,
	width,
	rows: Array.from({ length: size }, () => new Float64Array(width + 1))
});

/** Adds to a place and to its mirror image. @throws RangeError outside the band */
export function addTo({ rows, width }: Banded, i: number, j: number, value: number): void {
	const [low, high] = i < j ? [i, j] : [j, i];
	const row = rows[low];
	if (!row || high - low > width) throw new RangeError(`${i}, ${j} is outside the band`);
	row[high - low] = (row[high - low] as number) + value;
}

/**
 * Solves A x = b for a symmetric matrix whose pivots stay above nothing, as those of stiffness do; A is used up.
 * Method: L D L transposed within the band.
 * @throws RangeError where a pivot is nothing: it moves freely
 * @example solveBanded(A, [1, 0])
 */
export function solveBanded(A: Banded, b: readonly number[]): number[] {
	const { size, width, rows } = A;
	const x = [...b];
	for (let i = 0; i < size; i++) {
		const row = rows[i] as Float64Array;
		const pivot = row[0] as number;
		if (!(pivot > 0)) throw new RangeError('Nothing holds it');
		for (let k = 1; k <= width && i + k < size; k++) {
			const factor = (row[k] as number) / pivot;
			if (factor === 0) continue;
			const below = rows[i + k] as Float64Array;
			for (let j = k; j <= width; j++) below[j - k] = (below[j - k] as number) - factor * (row[j] as number);
			x[i + k] = (x[i + k] as number) - factor * (x[i] as number);
		}
	}
	for (let i = size - 1; i >= 0; i--) {
		const row = rows[i] as Float64Array;
		let sum = x[i] as number;
		for (let k = 1; k <= width && i + k < size; k++) sum -= (row[k] as number) * (x[i + k] as number);
		x[i] = sum / (row[0] as number);
	}
	return x;
}
