import type { Homography } from './homography';

/** Pixels row by row from the upper left, four bytes each: red, green, blue, opacity. */
export interface Picture {
	width: number;
	height: number;
	data: Uint8ClampedArray;
}

/** Rows between two words on how far it is. */
const ROWS = 64;

/**
 * Draws a straightened picture: every pixel of it is looked up in the other and mixed from the four nearest there.
 * Outside it is left clear.
 * @param back map from pixels of the new picture to pixels of the old
 * @returns pauses every 64 rows with how far it is
 * @example finish(straighten(photo, back, { width: 1600, height: 800 })).width // 1600
 */
export function* straighten(
	photo: Picture,
	back: Homography,
	size: { width: number; height: number }
): Generator<{ done: number; of: number }, Picture> {
	const out: Picture = { ...size, data: new Uint8ClampedArray(size.width * size.height * 4) };
	const { data, width, height } = photo;
	const [a, b, c, d, e, f, g, h, i] = back;
	let to = 0;
	for (let y = 0; y < size.height; y++) {
		for (let x = 0; x < size.width; x++, to += 4) {
			const [px, py] = [x + 0.5, y + 0.5];
			const w = g * px + h * py + i;
			const sx = (a * px + b * py + c) / w - 0.5;
			const sy = (d * px + e * py + f) / w - 0.5;
			if (!(w !== 0) || sx < 0 || sy < 0 || sx > width - 1 || sy > height - 1) continue;
			const x0 = Math.min(width - 2, sx | 0);
			const y0 = Math.min(height - 2, sy | 0);
			const [fx, fy] = [sx - x0, sy - y0];
			const at = (y0 * width + x0) * 4;
			const below = at + width * 4;
			for (let k = 0; k < 4; k++) {
				const top = (data[at + k] as number) * (1 - fx) + (data[at + 4 + k] as number) * fx;
				const bottom = (data[below + k] as number) * (1 - fx) + (data[below + 4 + k] as number) * fx;
				out.data[to + k] = top * (1 - fy) + bottom * fy;
			}
		}
		if ((y + 1) % ROWS === 0) yield { done: y + 1, of: size.height };
	}
	return out;
}
