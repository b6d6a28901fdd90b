import { worthiest } from './knapsack';
import { costOf, roomOf, type Line, type LineProblem } from './line-problem';

/** Boards between two looks at the clock: of thousands of lengths one round takes seconds. */
const LOOK_AT_CLOCK = 8;

const at = (a: ArrayLike<number>, i: number): number => a[i] as number;

/**
 * Fills boards one after another with the pieces worth most, exactly; what ends in a badly filled board is worth
 * more the next time (sequential value correction).
 */
export class LineSearch {
	readonly #value: number[];

	constructor(
		private readonly problem: LineProblem,
		private readonly random: () => number
	) {
		this.#value = problem.items.map((i) => i.length ** 1.02);
	}

	/**
	 * The longest piece first into the first board with room; a board that is opened is the cheapest for its
	 * length.
	 */
	first(): Line[] | null {
		const { items, stocks, kerf } = this.problem;
		const free = stocks.map((s) => s.count);
		const order = items
			.flatMap((item, i) => Array.from({ length: item.count }, () => i))
			.sort((a, b) => (items[b]?.length ?? 0) - (items[a]?.length ?? 0));
		const lines: (Line & { room: number })[] = [];
		const cheapest = [...stocks.keys()].sort((a, b) => {
			const [p, q] = [stocks[a] as (typeof stocks)[number], stocks[b] as (typeof stocks)[number]];
			return p.cost / p.length - q.cost / q.length || q.length - p.length;
		});
		for (const i of order) {
			const size = (items[i]?.length ?? 0) + kerf;
			let line = lines.find((l) => l.room >= size);
			if (!line) {
				const stock = cheapest.find((s) => at(free, s) > 0 && roomOf(stocks[s] as { length: number }, kerf) >= size);
				if (stock === undefined) return null;
				free[stock] = at(free, stock) - 1;
				line = { stock, items: [], room: roomOf(stocks[stock] as { length: number }, kerf) };
				lines.push(line);
			}
			line.items.push(i);
			line.room -= size;
		}
		return lines.map(({ stock, items: all }) => ({ stock, items: all }));
	}

	/**
	 * All boards once more, by values that have learned. Null where the stock does not do, or a cost is passed.
	 * @param open asked now and then: is there still time for it?
	 */
	anew(within: number, open: () => boolean = () => true): Line[] | null {
		const { items, stocks } = this.problem;
		const noise = 0.1 * this.random();
		const value = this.#value.map((v) => v * (1 + noise * (this.random() - 0.5)));
		const left = items.map((i) => i.count);
		const free = stocks.map((s) => s.count);
		let rest = left.reduce((a, b) => a + b, 0);
		const lines: Line[] = [];
		while (rest > 0) {
			if (lines.length % LOOK_AT_CLOCK === LOOK_AT_CLOCK - 1 && !open()) return null;
			const next = this.#next(left, free, value, rest);
			if (!next) return null;
			lines.push(next);
			free[next.stock] = at(free, next.stock) - 1;
			for (const i of next.items) left[i] = at(left, i) - 1;
			rest -= next.items.length;
			if (costOf(this.problem, lines) > within + 1e-9) break;
		}
		this.#learn(lines, left);
		return rest === 0 ? lines : null;
	}

	/**
	 * What is owned first, the fullest of it; else what gives most for its cost, and at the end the cheapest that
	 * does.
	 */
	#next(left: readonly number[], free: readonly number[], value: readonly number[], rest: number): Line | null {
		const { items, stocks, kerf } = this.problem;
		let best: { line: Line; rank: number; all: boolean; cost: number } | null = null;
		for (const [stock, s] of stocks.entries()) {
			if (at(free, stock) <= 0) continue;
			const choices = items.map((item, i) => ({
				size: item.length + kerf,
				value: at(value, i),
				count: at(left, i)
			}));
			const { counts, value: worth } = worthiest(choices, roomOf(s, kerf));
			const taken = counts.flatMap((n, i) => Array.from({ length: n }, () => i));
			if (taken.length === 0) continue;
			const used = taken.reduce((sum, i) => sum + (items[i]?.length ?? 0) + kerf, 0);
			const rank = s.cost <= 0 ? 1e12 * (1 + used / roomOf(s, kerf)) : worth / s.cost;
			const all = taken.length === rest;
			const cheaper = best !== null && best.all && all && s.cost < best.cost;
			const better = best === null || (all && !best.all) || (all === best.all && rank > best.rank);
			if (better || cheaper) best = { line: { stock, items: taken }, rank, all, cost: s.cost };
		}
		return best?.line ?? null;
	}

	#learn(lines: readonly Line[], left: readonly number[]): void {
		const { items, stocks, kerf } = this.problem;
		const power = 1 + 0.15 * this.random();
		for (const line of lines) {
			const room = roomOf(stocks[line.stock] as { length: number }, kerf);
			const full = line.items.reduce((sum, i) => sum + (items[i]?.length ?? 0) + kerf, 0) / room;
			for (const i of line.items) {
				const keep = 0.5 + 0.3 * this.random();
				const worth = (items[i]?.length ?? 0) ** power / Math.max(0.3, full);
				this.#value[i] = keep * at(this.#value, i) + (1 - keep) * worth;
			}
		}
		for (const [i, n] of left.entries()) if (n > 0) this.#value[i] = at(this.#value, i) * 1.2;
	}
}
