import loadHighs from 'highs';
import type { Solver } from '$core/cutting/solver';

let loading: Promise<Solver> | undefined;

/** HiGHS, loaded once. */
export function solver(): Promise<Solver> {
	loading ??= loadHighs().then((highs) => (lp, options) => highs.solve(lp, options) as ReturnType<Solver>);
	return loading;
}
