import { enumeratePatterns, generatePatterns, type Pattern } from './patterns';
import { programme, type Solver } from './solver';

export interface BoardProblem {
	/** Different lengths wanted, each with how many of it. */
	items: { length: number; count: number }[];
	board: number;
	kerf: number;
}

export interface BoardAnswer {
	/** Each board as indices into `items`. */
	boards: number[][];
	/** No cutting plan needs fewer than this. */
	bound: number;
	/** The bound is reached: no plan is better. */
	proven: boolean;
	how: 'length' | 'relaxation' | 'integer programme' | 'bound only';
}

export interface Budget {
	/** Seconds the solver may still take; 0 or less stops it at the best so far. */
	secondsLeft: () => number;
	/** Told each time the answer gets better. */
	onBetter?: (answer: BoardAnswer) => void;
}

/** Patterns up to this number are listed in full, which makes the integer programme exact. */
const MOST_PATTERNS = 4000;

/** Room a piece takes of a board: each cut but the last costs a kerf, so the board counts one kerf longer. */
const fits = (used: number, p: BoardProblem) => used <= p.board + p.kerf + 1e-6;

/** First fit, longest first: quick, and often already the fewest. */
export function firstFit(p: BoardProblem): number[][] {
	const order = p.items
		.flatMap((item, i) => Array.from({ length: item.count }, () => i))
		.sort((a, b) => (p.items[b]?.length ?? 0) - (p.items[a]?.length ?? 0));
	const boards: { used: number; items: number[] }[] = [];
	for (const i of order) {
		const size = (p.items[i]?.length ?? 0) + p.kerf;
		const open = boards.find((b) => fits(b.used + size, p));
		if (open) {
			open.used += size;
			open.items.push(i);
		} else boards.push({ used: size, items: [i] });
	}
	return boards.map((b) => b.items);
}

/** Boards from patterns and how often each is cut; pieces beyond what is wanted are left out. */
function boardsOf(patterns: Pattern[], times: number[], p: BoardProblem): number[][] {
	const left = p.items.map((i) => i.count);
	const boards: number[][] = [];
	patterns.forEach((pattern, k) => {
		for (let n = 0; n < (times[k] as number); n++) {
			const board = pattern.flatMap((a, i) => {
				const take = Math.min(a, left[i] as number);
				left[i] = (left[i] as number) - take;
				return Array.from({ length: take }, () => i);
			});
			if (board.length > 0) boards.push(board);
		}
	});
	return boards;
}

/**
 * Fewest boards of one length for pieces of given lengths, with a kerf between pieces, and proof of it where it can be
 * had. Method: cutting-stock patterns (Gilmore and Gomory 1961). The relaxation gives a bound; an integer programme
 * over all patterns is exact; where there are too many patterns, columns are generated and the bound is stated.
 * @param problem lengths in mm; every item fits a board by itself
 * @throws RangeError when an item is longer than a board
 * @example fewestBoards({ items: [{ length: 1200, count: 2 }], board: 2440, kerf: 3 }, solve, { secondsLeft: () => 5
 * }).boards.length // 1
 */
export function fewestBoards(p: BoardProblem, solve: Solver, budget: Budget): BoardAnswer {
	if (p.items.some((i) => i.length > p.board + 1e-6)) throw new RangeError('A piece is longer than a board');
	let best = firstFit(p);
	const total = p.items.reduce((sum, i) => sum + i.count * (i.length + p.kerf), 0);
	let bound = Math.ceil(total / (p.board + p.kerf) - 1e-9);
	const answer = (how: BoardAnswer['how']): BoardAnswer => ({ boards: best, bound, proven: best.length <= bound, how });
	if (best.length <= bound) return answer('length');
	budget.onBetter?.(answer('bound only'));
	if (budget.secondsLeft() <= 0) return answer('bound only');

	const listed = enumeratePatterns(p, MOST_PATTERNS);
	const { patterns, relaxed, complete } = listed
		? { patterns: listed, relaxed: programme(listed, p, solve, false, budget).objective, complete: true }
		: generatePatterns(p, solve, budget);
	if (complete) bound = Math.max(bound, Math.ceil(relaxed - 1e-6));
	if (best.length <= bound) return answer('relaxation');
	if (budget.secondsLeft() <= 0) return answer('bound only');

	const whole = programme(patterns, p, solve, true, budget);
	if (whole.times) {
		const boards = boardsOf(patterns, whole.times, p);
		if (boards.length < best.length) best = boards;
	}
	if (listed && whole.optimal) bound = Math.max(bound, best.length);
	return answer(best.length <= bound ? 'integer programme' : 'bound only');
}
