import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import loadHighs from 'highs';
import { cutPlan } from '$core/cutting/cut-plan';
import { collectPieces } from '$core/cutting/pieces';
import { cutsAll, sawsTrue } from '../support/cut-checks';
import type { Solver } from '$core/cutting/solver';
import { adviceFor } from '$core/checks/advice';
import { finish } from '$core/verdict/fails-at';
import { byRow, byStud } from '$core/checks/by-place';
import { capacityOf } from '$core/checks/capacity';
import { checkPlan } from '$core/checks/check-plan';
import { verdictOf } from '$core/verdict/check';
import { loadPath } from '$core/checks/load-path';
import { applyCommand } from '$core/plan/commands';
import { surveyed } from '$core/survey/supports';
import { sayPhrase } from '$core/units/phrase';
import { anyPlan } from '../support/any-plan';

let solve: Solver;
beforeAll(async () => {
	const highs = await loadHighs();
	solve = (lp, options) => highs.solve(lp, options) as ReturnType<Solver>;
});

describe('any plan that is taken', () => {
	it('is checked: every margin a number of zero or more, every verdict one that its margin allows, every word said', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const result = checkPlan(plan);
				for (const c of result.checks) {
					expect(c.margin === null || (Number.isFinite(c.margin) && c.margin >= 0), `${c.id}: ${c.margin}`).toBe(true);
					if (c.margin !== null) expect(verdictOf(c.margin, c.second?.margin), c.id).toBe(c.verdict);
					if (c.load && !(c.load.demand.value > 0)) expect(['unloaded', 'cannot-be-judged'], c.id).toContain(c.verdict);
					for (const line of c.lines) {
						expect(Number.isNaN(line.result.value), `${c.id}, ${line.label}`).toBe(false);
						for (const unit of ['mm', 'inch'] as const)
							expect(sayPhrase(line.sum, unit)).not.toMatch(/NaN|undefined|\{\w+\}/);
					}
					for (const words of [c.reason, ...c.notes])
						expect(sayPhrase(words, 'mm')).not.toMatch(/NaN|undefined|\{\w+\}/);
				}
				for (const w of result.warnings) expect(sayPhrase(w.message, 'inch')).not.toMatch(/NaN|undefined|\{\w+\}/);
				for (const h of result.holders.values()) loadPath(h.placed, plan.wall, plan.cutting.kerf);
				if (!surveyed(plan.wall)) for (const h of result.holders.values()) expect(h.verdict).not.toBe('holds');
			}),
			{ numRuns: 400 }
		);
	});

	it('is advised on, and the advice can be taken', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				for (const h of plan.holders) {
					for (const a of finish(adviceFor(plan, { kind: 'holder', id: h.id }))) {
						const applied = applyCommand(plan, a.command);
						if (!applied.ok) throw new Error(JSON.stringify(applied.error));
						const after = checkPlan(structuredClone(applied.value.plan)).holders.get(h.id);
						expect(after?.check?.verdict).toBe(a.after.verdict);
						expect(after?.check?.margin).toBe(a.after.margin);
					}
				}
			}),
			{ numRuns: 40 }
		);
	});

	it('is asked how much more it could take, and how each stud and row stands', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const now = checkPlan(plan);
				for (const p of [...byStud(plan, now), ...byRow(plan, now)])
					expect(Number.isNaN(p.load) || Number.isNaN(p.capacity ?? 0)).toBe(false);
				for (const h of plan.holders.slice(0, 2)) {
					const most = finish(capacityOf(plan, { kind: 'holder', id: h.id }));
					if (most) expect(most.most.value).toBeGreaterThan(0);
				}
				for (const r of plan.rows.slice(0, 1)) finish(capacityOf(plan, { kind: 'row', id: r.id }));
			}),
			{ numRuns: 40 }
		);
	});

	it('is cut: every piece once, as it can be sawn, or named as what fits nothing', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const cuts = cutPlan(plan, { solve, secondsLeft: () => 0 });
				cutsAll(cuts, collectPieces(plan));
				for (const g of cuts.groups) sawsTrue(g, cuts.kerf);
			}),
			{ numRuns: 40 }
		);
	});
});
