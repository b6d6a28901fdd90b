/** Longest an idle moment is waited for, ms. */
const LONGEST_WAIT = 250;

/**
 * Does something in the next idle moment, or soon where the browser does not know of idle moments.
 * @returns stops it from being done
 */
export function whenIdle(work: () => void): () => void {
	if ('requestIdleCallback' in window) {
		const wait = requestIdleCallback(work, { timeout: LONGEST_WAIT });
		return () => cancelIdleCallback(wait);
	}
	const wait = setTimeout(work, 20);
	return () => clearTimeout(wait);
}
