import { checkPlan, type PlanChecks } from '$core/checks/check-plan';
import { slipwayWall } from '$core/demo/slipway';
import { applyCommand, type Command } from '$core/plan/commands';
import type { Plan } from '$core/plan/types';
import { sayPhrase } from '$core/units/phrase';
import type { Check } from '$core/verdict/check';
import { bodyOf, hung, rackOf, stripsOf, type PegRack } from './peg-rack';

/** The demo wall, to be changed by commands and asked for its checks. */
export const base = slipwayWall();

/** Checks of a copy, of which nothing was worked out before. */
export const fresh = (plan: Plan): PlanChecks => checkPlan(structuredClone(plan));

/** A plan after some commands, all of which must be taken. */
export const doing = (plan: Plan, ...commands: Command[]): Plan =>
	commands.reduce((p, c) => {
		const applied = applyCommand(p, c);
		if (!applied.ok) throw new Error(JSON.stringify(applied.error));
		return applied.value.plan;
	}, plan);

export const holder = (id: string, plan = base) => hung(plan.holders.find((h) => h.id === id));

/** Changes some of a rack's figures. */
export function rack(id: string, change: Partial<PegRack>, plan = base): Command {
	const now = holder(id, plan);
	const rack = { ...rackOf(now), ...change };
	const mount = { ...now.mount, strips: stripsOf(rack) };
	return { kind: 'change', list: 'holders', id, change: { mount, ...bodyOf(rack) } };
}

/** Hangs a holder elsewhere. */
export const at = (id: string, row: string, x: number, plan = base): Command => ({
	kind: 'change',
	list: 'holders',
	id,
	change: { mount: { ...holder(id, plan).mount, row, x } }
});

/** Every thing on the wall so many times as heavy. */
export const load = (plan: Plan, times: number): Plan => ({
	...plan,
	holders: plan.holders.map((h) => ({
		...h,
		...bodyOf({ ...rackOf(h), load: { ...rackOf(h).load, mass: rackOf(h).load.mass * times } })
	}))
});

export const find = (c: PlanChecks, id: string) => c.checks.find((x) => x.id === id) as Check;

/** What a thing of the wall is warned of. */
export const warned = (c: PlanChecks, id: string): string[] =>
	c.warnings
		.filter((w) => 'id' in w.subject && w.subject.id === id)
		.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`);
