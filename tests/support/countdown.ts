/**
 * A clock that is the same on any machine: every time it is asked a hundredth of a second has gone.
 * @param seconds until time is up
 */
export function countdown(seconds: number): () => number {
	let left = seconds;
	return () => (left -= 0.01);
}
