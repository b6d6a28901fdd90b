import type { Solver } from './solver';

/** A way to cut one board or sheet: how many of each piece it gives, what it costs, and of which stock it is. */
export interface Column {
	gives: readonly number[];
	cost: number;
	stock: number;
}

/** How many of each piece are wanted, and how many of each stock there are. */
export interface Wanted {
	counts: readonly number[];
	stocks: readonly number[];
}

export interface Covered {
	/** It is the least, not merely the best found in time. */
	optimal: boolean;
	cost: number;
	/** How often each column is cut: fractions unless whole numbers were asked for. Null where none was found. */
	times: number[] | null;
	/** What one more of each piece would cost (relaxed only). */
	duals: number[];
	/** What one more of each stock would save (relaxed only); 0 where there is no end of it. */
	saves: number[];
}

/** Terms are broken into short lines: readers of the LP format limit a line's length. */
function terms(all: string[]): string {
	const lines: string[] = [];
	for (let i = 0; i < all.length; i += 8) lines.push(all.slice(i, i + 8).join(' '));
	return lines.join('\n ');
}

/**
 * The least cost at which columns give every piece as often as it is wanted, within the stock there is: relaxed to
 * fractions of a board, or in whole ones.
 * @example cover([{ gives: [2], cost: 1, stock: 0 }], { counts: [3], stocks: [Infinity] }, solve, true, 5).cost // 2
 */
export function cover(
	columns: readonly Column[],
	{ counts, stocks }: Wanted,
	solve: Solver,
	whole: boolean,
	seconds: number
): Covered {
	const rows: string[][] = counts.map(() => []);
	const limits: string[][] = stocks.map(() => []);
	columns.forEach(({ gives, stock }, k) => {
		gives.forEach((n, i) => {
			if (n > 0) rows[i]?.push(`+ ${n} x${k}`);
		});
		limits[stock]?.push(`+ x${k}`);
	});
	const names = columns.map((_, k) => `x${k}`);
	const subject = [
		...rows.map((row, i) => ` c${i}: ${row.length > 0 ? terms(row) : '0 x0'} >= ${counts[i]}`),
		...limits.flatMap((row, s) => {
			const most = stocks[s] as number;
			return row.length > 0 && Number.isFinite(most) ? [` s${s}: ${terms(row)} <= ${most}`] : [];
		})
	];
	const objective = terms(columns.map(({ cost }, k) => `+ ${cost} x${k}`));
	const general = whole ? `General\n ${terms(names)}\n` : '';
	const lp = `Minimize\n obj: ${objective}\nSubject To\n${subject.join('\n')}\n${general}End\n`;
	const r = solve(lp, { time_limit: Math.max(0.05, seconds), output_flag: false });
	const values = names.map((name) => r.Columns[name]?.Primal ?? Number.NaN);
	const had = counts.map((_, i) =>
		columns.reduce((sum, c, k) => sum + (c.gives[i] as number) * (values[k] as number), 0)
	);
	const feasible = values.every(Number.isFinite) && had.every((n, i) => n >= (counts[i] as number) - 1e-6);
	const dualOf = new Map(r.Rows.map((row) => [row.Name, row.Dual ?? 0]));
	return {
		optimal: r.Status === 'Optimal',
		cost: r.Status === 'Optimal' ? r.ObjectiveValue : 0,
		times: feasible ? values.map((v) => (whole ? Math.round(v) : v)) : null,
		duals: counts.map((_, i) => Math.max(0, dualOf.get(`c${i}`) ?? r.Rows[i]?.Dual ?? 0)),
		saves: stocks.map((_, s) => Math.max(0, -(dualOf.get(`s${s}`) ?? 0)))
	};
}
