/** A clock that is asked so often, whatever the machine does meanwhile: then time is up. */
export function countdown(times: number): () => number {
	let left = times;
	return () => left--;
}
