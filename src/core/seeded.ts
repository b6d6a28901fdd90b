/**
 * Numbers between 0 and 1 that look random and are the same every time: a search with them gives the same answer
 * for the same question (the mulberry32 generator).
 * @example seeded(1)() // 0.6270739405881613
 */
export function seeded(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) | 0;
		let t = Math.imul(state ^ (state >>> 15), 1 | state);
		t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
		return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
	};
}
