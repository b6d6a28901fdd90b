/**
 * A clock for a part of some work: it ends with the whole, and so many seconds from now at the latest.
 * @param secondsLeft of the whole
 * @example within(() => 10, 2)() // 2
 */
export function within(secondsLeft: () => number, most: number): () => number {
	const until = secondsLeft() - most;
	return () => Math.min(secondsLeft(), secondsLeft() - until);
}
