import { seeded } from '$core/seeded';
import { fewestLines } from '$core/cutting/lines/fewest-lines';
import { fewestSheets } from '$core/cutting/sheets/fewest-sheets';
import { fewestByArcFlow } from '../support/arc-flow';
import { highsSolver } from '../support/highs';
import { packedSheets } from '../support/packers';
import { randomSheetJob } from '../support/sheet-jobs';

/** One job of boards: ours, whether it is proven, and what another solver and another programme say. */
export interface BoardJob {
	parts: number;
	ours: number;
	proven: boolean;
	exact: number | null;
	ms: number;
}

/** Steps that lengths with their kerf are whole numbers of, so that a programme without patterns stays small. */
const STEP = 20;
const KERF = 3.2;
const BOARD_STEPS = 122;

/** A job of up to 60 parts of 157 to 1,457 mm from boards of 2,437 mm. */
export async function boardJob(seed: number): Promise<BoardJob> {
	const solve = await highsSolver();
	const random = seeded(seed * 31 + 7);
	const parts = 5 + Math.floor(random() * 56);
	const sizes = Array.from({ length: parts }, () => 8 + Math.floor(random() * 66));
	const counts = new Map<number, number>();
	for (const s of sizes) counts.set(s, (counts.get(s) ?? 0) + 1);
	const items = [...counts].map(([size, count]) => ({ length: size * STEP - KERF, count }));
	const stocks = [{ length: BOARD_STEPS * STEP - KERF, cost: 1, count: Infinity }];
	const began = performance.now();
	const secondsLeft = () => 10 - (performance.now() - began) / 1000;
	const { cost, proven } = fewestLines({ items, stocks, kerf: KERF }, { solve, random: seeded(seed), secondsLeft });
	const ms = performance.now() - began;
	return { parts, ours: cost, proven, exact: await fewestByArcFlow(sizes, BOARD_STEPS, 60), ms };
}

/** One job of sheets: ours, with when there was a first answer and the last better one, and two packing libraries. */
export interface SheetJob {
	parts: number;
	ours: number;
	bound: number;
	proven: boolean;
	packers: number;
	firstMs: number;
	lastMs: number;
	ms: number;
}

export async function sheetJob(seed: number, seconds: number): Promise<SheetJob> {
	const solve = await highsSolver();
	const problem = randomSheetJob(seed);
	const began = performance.now();
	let [firstMs, lastMs] = [0, 0];
	const got = fewestSheets(problem, {
		solve,
		random: seeded(seed),
		secondsLeft: () => seconds - (performance.now() - began) / 1000,
		onBetter: () => {
			lastMs = performance.now() - began;
			firstMs ||= lastMs;
		}
	});
	const ms = performance.now() - began;
	const { packing, bound, proven } = got;
	const packers = packedSheets(problem);
	return {
		parts: problem.pieces.length,
		ours: packing.cost,
		bound,
		proven,
		packers,
		firstMs: firstMs || ms,
		lastMs,
		ms
	};
}

/** A whole plan at once for so many different parts, ms: the least of several runs. */
export function firstPlan(parts: number): number {
	const random = seeded(parts);
	const pieces = Array.from({ length: parts }, () => ({
		length: 120 + Math.floor(random() * 700),
		width: 120 + Math.floor(random() * 500),
		count: 1,
		turn: random() < 0.6
	}));
	const stocks = [{ length: 2440, width: 1220, cost: 1, count: Infinity }];
	let least = Infinity;
	for (let run = 0; run < 15; run++) {
		const began = performance.now();
		fewestSheets({ pieces, stocks, kerf: KERF }, { solve: null, random: seeded(1), secondsLeft: () => 0 });
		least = Math.min(least, performance.now() - began);
	}
	return least;
}
