import { roomIn } from '../kinds/room';
import { refersTo } from '../mounts/registry';
import type { Carrier, Holder, Plan } from '../plan/types';
import type { Kilograms } from '../units/quantity';
import { governingCheck, type Check } from '../verdict/check';
import { massOf, pathOf, type Asked } from './capacity';
import { checkPlan } from './check-plan';

/** A holder or row with every place taken: what its things would weigh, and what would decide then. */
export interface Filled {
	mass: Kilograms;
	check: Check;
}

/** Places of a carrier taken by more of what it carries; where nothing is, or nobody knows what it weighs, none. */
function fill(c: Carrier): Carrier {
	const room = roomIn(c);
	return {
		...c,
		loads: c.loads.map((l, i) =>
			l.count > 0 && l.mass !== null ? { ...l, count: Math.max(l.count, room[i] ?? 0) } : l
		)
	};
}

/**
 * What decides once every place is taken by more of the same. Any thing may be off, so that is the worst of all ways to
 * put what there is on other places too: where it holds so, it holds whichever places things take.
 * @returns null where no place is spare, or nothing hangs there
 * @example filledUp(plan, { kind: 'holder', id: 'h1' })?.check.verdict // 'close'
 */
export function filledUp(plan: Plan, asked: Asked): Filled | null {
	const about = (h: Holder) => (asked.kind === 'holder' ? h.id : refersTo(h)) === asked.id;
	const full = (h: Holder): Holder => ({ ...h, carriers: h.carriers.map(fill) });
	const before = plan.holders.filter(about);
	const after = before.map(full);
	const mass = (all: readonly Holder[]) => all.reduce((sum, h) => sum + massOf(h), 0);
	if (mass(after) <= mass(before)) return null;
	const now: Plan = { ...plan, holders: plan.holders.map((h) => (about(h) ? full(h) : h)) };
	const check = governingCheck(pathOf(checkPlan(now), asked));
	return check ? { mass: mass(after), check } : null;
}
