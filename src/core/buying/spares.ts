/** Over what is counted: some strip, some fall behind the bench. Our own judgement. */
const OVER = 0.1;
const LEAST_OVER = 2;

/** Screws come in boxes of these: common practice. */
const BOXES = [50, 100] as const;

/** So many with some over. @example withSpares(62) // 69 */
export const withSpares = (count: number): number => count + Math.max(LEAST_OVER, Math.ceil(count * OVER));

/**
 * Boxes of screws as they usually come, where the price list names none: one of 50, or as many of 100.
 * @example boxesOf(69) // { boxes: 1, of: 100 }
 */
export function boxesOf(count: number): { boxes: number; of: number } {
	const [small, large] = BOXES;
	return count <= small ? { boxes: 1, of: small } : { boxes: Math.ceil(count / large), of: large };
}
