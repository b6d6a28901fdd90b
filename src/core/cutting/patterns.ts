import type { BoardProblem, Budget } from './fewest-boards';
import { knapsack, programme, type Solver } from './solver';

/** How many of each item one board gives. */
export type Pattern = number[];

/**
 * All patterns that leave no room for one more wanted piece; null when there are more than `most`.
 */
export function enumeratePatterns(p: BoardProblem, most: number): Pattern[] | null {
	const order = p.items.map((_, i) => i).sort((a, b) => (p.items[b]?.length ?? 0) - (p.items[a]?.length ?? 0));
	const size = (i: number) => (p.items[i]?.length ?? 0) + p.kerf;
	const found: Pattern[] = [];
	const pattern: Pattern = p.items.map(() => 0);
	let steps = 0;
	const walk = (k: number, room: number): boolean => {
		if (++steps > most * 50 || found.length > most) return false;
		if (k === order.length) {
			const full = p.items.every((item, i) => (pattern[i] as number) >= item.count || size(i) > room + 1e-6);
			if (full) found.push([...pattern]);
			return true;
		}
		const i = order[k] as number;
		const can = Math.min(p.items[i]?.count ?? 0, Math.floor((room + 1e-6) / size(i)));
		for (let n = can; n >= 0; n--) {
			pattern[i] = n;
			if (!walk(k + 1, room - n * size(i))) return false;
		}
		pattern[i] = 0;
		return true;
	};
	return walk(0, p.board + p.kerf) && found.length <= most ? found : null;
}

/** Rounds of column generation before it is given up as too slow. */
const MOST_ROUNDS = 300;

/**
 * Column generation: patterns that matter, and the relaxation's value. `complete` says that no further pattern could
 * lower it, so that it is a bound.
 */
export function generatePatterns(
	p: BoardProblem,
	solve: Solver,
	budget: Budget
): { patterns: Pattern[]; relaxed: number; complete: boolean } {
	const patterns: Pattern[] = p.items.map((item, i) =>
		p.items.map((_, j) =>
			i === j ? Math.min(item.count, Math.floor((p.board + p.kerf + 1e-6) / (item.length + p.kerf))) : 0
		)
	);
	for (let round = 0; round < MOST_ROUNDS && budget.secondsLeft() > 0; round++) {
		const relaxed = programme(patterns, p, solve, false, budget);
		const next = knapsack(p, relaxed.duals, solve, budget);
		if (!next) break;
		if (next.value <= 1 + 1e-7) return { patterns, relaxed: relaxed.objective, complete: true };
		patterns.push(next.pattern);
	}
	return { patterns, relaxed: 0, complete: false };
}
