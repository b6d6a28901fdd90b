import { roomOf, type LineProblem, type LineStock } from './line-problem';

/** Steps of the walk for every pattern that may be found. */
const STEPS_EACH = 50;

/**
 * All ways to cut one board that leave no room for one more wanted piece; null when there are more than `most`.
 * @example listPatterns({ items: [{ length: 600, count: 2 }], stocks: [], kerf: 3 }, { length: 1000, cost: 1,
 * count: 1 }, 10) // [[1]]
 */
export function listPatterns(p: LineProblem, board: LineStock, most: number): number[][] | null {
	const length = (i: number) => p.items[i]?.length ?? 0;
	const order = p.items.map((_, i) => i).sort((a, b) => length(b) - length(a));
	const found: number[][] = [];
	const pattern = p.items.map(() => 0);
	let steps = 0;
	const walk = (k: number, room: number): boolean => {
		if (++steps > most * STEPS_EACH || found.length > most) return false;
		if (k === order.length) {
			const full = p.items.every((item, i) => (pattern[i] as number) >= item.count || length(i) + p.kerf > room);
			if (full && pattern.some((n) => n > 0)) found.push([...pattern]);
			return true;
		}
		const i = order[k] as number;
		const size = length(i) + p.kerf;
		const can = Math.min(p.items[i]?.count ?? 0, Math.floor(room / size));
		for (let n = can; n >= 0; n--) {
			pattern[i] = n;
			if (!walk(k + 1, room - n * size)) return false;
		}
		pattern[i] = 0;
		return true;
	};
	return walk(0, roomOf(board, p.kerf)) && found.length <= most ? found : null;
}
