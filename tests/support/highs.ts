import loadHighs from 'highs';
import type { Solver } from '$core/cutting/solver';

/** HiGHS as the core asks for it. */
export async function highsSolver(): Promise<Solver> {
	const highs = await loadHighs();
	return (lp, options) => highs.solve(lp, options) as ReturnType<Solver>;
}
