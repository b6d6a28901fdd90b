import type { BoardProblem, Budget } from './fewest-boards';
import type { Pattern } from './patterns';

/** What the core asks of an integer solver: a programme in LP format in, columns and duals out. HiGHS fits as it is. */
export type Solver = (
	lp: string,
	options: { time_limit: number; output_flag: false }
) => {
	Status: string;
	ObjectiveValue: number;
	Columns: Record<string, { Primal?: number }>;
	Rows: { Name?: string; Dual?: number }[];
};

/** Terms are broken into short lines: LP format readers limit a line's length. */
function terms(all: string[]): string {
	const lines: string[] = [];
	for (let i = 0; i < all.length; i += 8) lines.push(all.slice(i, i + 8).join(' '));
	return lines.join('\n ');
}

const options = (budget: Budget) => ({ time_limit: Math.max(0.05, budget.secondsLeft()), output_flag: false }) as const;

/**
 * Fewest times to cut the given patterns so that every item is had: relaxed to fractions, or in whole boards.
 * @returns objective, times per pattern (whole boards only), duals per item (relaxed only)
 */
export function programme(patterns: Pattern[], p: BoardProblem, solve: Solver, whole: boolean, budget: Budget) {
	const rows = p.items.map((item, i) => {
		const used = patterns.flatMap((a, k) => ((a[i] as number) > 0 ? [`+ ${a[i]} x${k}`] : []));
		return ` c${i}: ${terms(used)} >= ${item.count}`;
	});
	const names = patterns.map((_, k) => `x${k}`);
	const lp = `Minimize\n obj: ${terms(names.map((n) => `+ ${n}`))}\nSubject To\n${rows.join('\n')}\n${whole ? `General\n ${terms(names)}\n` : ''}End\n`;
	const r = solve(lp, options(budget));
	const values = names.map((n) => r.Columns[n]?.Primal ?? Number.NaN);
	const got =
		values.every((v) => Number.isFinite(v)) &&
		p.items.every(
			(item, i) =>
				patterns.reduce((sum, a, k) => sum + (a[i] as number) * (values[k] as number), 0) >= item.count - 1e-6
		);
	return {
		optimal: r.Status === 'Optimal',
		objective: r.Status === 'Optimal' ? r.ObjectiveValue : 0,
		times: whole && got ? values.map(Math.round) : null,
		duals: p.items.map((_, i) => r.Rows.find((row) => row.Name === `c${i}`)?.Dual ?? r.Rows[i]?.Dual ?? 0)
	};
}

/** The pattern worth most at the given prices. Null when the solver ran out of time. */
export function knapsack(
	p: BoardProblem,
	prices: number[],
	solve: Solver,
	budget: Budget
): { pattern: Pattern; value: number } | null {
	const names = p.items.map((_, i) => `a${i}`);
	const value = terms(names.map((n, i) => `+ ${Math.max(0, prices[i] as number).toFixed(12)} ${n}`));
	const room = terms(names.map((n, i) => `+ ${((p.items[i]?.length ?? 0) + p.kerf).toFixed(6)} ${n}`));
	const bounds = p.items.map((item, i) => ` 0 <= a${i} <= ${item.count}`).join('\n');
	const lp = `Maximize\n obj: ${value}\nSubject To\n room: ${room} <= ${(p.board + p.kerf + 1e-6).toFixed(6)}\nBounds\n${bounds}\nGeneral\n ${terms(names)}\nEnd\n`;
	const r = solve(lp, options(budget));
	if (r.Status !== 'Optimal') return null;
	const pattern = names.map((n) => Math.round(r.Columns[n]?.Primal ?? 0));
	return { pattern, value: pattern.reduce((sum, a, i) => sum + a * (prices[i] as number), 0) };
}
