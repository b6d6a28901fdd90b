import fc from 'fast-check';
import loadGlpk from 'glpk.js/node';
import { beforeAll, describe, expect, it } from 'vitest';
import { fewestLines } from '$core/cutting/lines/fewest-lines';
import { seeded } from '$core/seeded';
import type { Solver } from '$core/cutting/solver';
import { highsSolver } from '../support/highs';

interface BoardProblem {
	items: { length: number; count: number }[];
	board: number;
	kerf: number;
}

type Glpk = Awaited<ReturnType<typeof loadGlpk>>;
let glpk: Glpk;
let solve: Solver;
beforeAll(async () => {
	glpk = await loadGlpk();
	solve = await highsSolver();
});

/**
 * The same question put another way to another solver (GLPK): piece i in board b or not, board b used or not
 * (Kantorovich's form), with no patterns at all.
 */
async function fewestByAssignment(p: BoardProblem, most: number): Promise<number> {
	const vars: string[] = [];
	const subjectTo: object[] = [];
	const boards = Array.from({ length: most }, (_, b) => b);
	p.items.forEach((item, i) => {
		subjectTo.push({
			name: `all${i}`,
			vars: boards.map((b) => ({ name: `n${i}_${b}`, coef: 1 })),
			bnds: { type: glpk.GLP_FX, lb: item.count, ub: item.count }
		});
		vars.push(...boards.map((b) => `n${i}_${b}`));
	});
	for (const b of boards) {
		const inBoard = p.items.map((item, i) => ({ name: `n${i}_${b}`, coef: item.length + p.kerf }));
		subjectTo.push({
			name: `room${b}`,
			vars: [...inBoard, { name: `y${b}`, coef: -(p.board + p.kerf) }],
			bnds: { type: glpk.GLP_UP, lb: 0, ub: 0 }
		});
		if (b > 0)
			subjectTo.push({
				name: `order${b}`,
				vars: [
					{ name: `y${b}`, coef: 1 },
					{ name: `y${b - 1}`, coef: -1 }
				],
				bnds: { type: glpk.GLP_UP, lb: 0, ub: 0 }
			});
	}
	const result = await glpk.solve(
		{
			name: 'boards',
			objective: { direction: glpk.GLP_MIN, name: 'boards', vars: boards.map((b) => ({ name: `y${b}`, coef: 1 })) },
			subjectTo,
			generals: vars,
			binaries: boards.map((b) => `y${b}`)
		} as unknown as Parameters<Glpk['solve']>[0],
		{ msglev: glpk.GLP_MSG_OFF, presol: true, tmlim: 20 }
	);
	expect(result.result.status).toBe(glpk.GLP_OPT);
	return Math.round(result.result.z);
}

describe('the fewest boards', () => {
	it('are the same by a second solver and another formulation', async () => {
		const problem = fc.record({
			items: fc.uniqueArray(
				fc.record({ length: fc.integer({ min: 250, max: 1200 }), count: fc.integer({ min: 1, max: 3 }) }),
				{
					minLength: 1,
					maxLength: 4,
					selector: (i) => i.length
				}
			),
			board: fc.constant(1250),
			kerf: fc.constantFrom(0, 3.2)
		});
		await fc.assert(
			fc.asyncProperty(problem, async (p) => {
				const stocks = [{ length: p.board, cost: 1, count: Infinity }];
				const problem = { items: p.items, stocks, kerf: p.kerf };
				const ours = fewestLines(problem, { solve, secondsLeft: () => 20, random: seeded(1) });
				expect(ours.proven).toBe(true);
				expect(await fewestByAssignment(p, ours.cost + 1)).toBe(ours.cost);
			}),
			{ numRuns: 20 }
		);
	}, 120_000);
});
