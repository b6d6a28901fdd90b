import { checkPlan, type JudgedHolder } from '../checks/check-plan';
import { carrierKind } from '../kinds/registry';
import type { Carrier, Plan, Rack } from '../plan/types';

/** A rack made of other stuff: what it takes, and whether it holds then. */
export interface Stuff {
	title: string;
	carriers: Carrier[];
	/** Lengths as sold that its pieces are cut from; null where one is too short for a piece. */
	lengths: number | null;
	judged: JudgedHolder | undefined;
	/** It is what there is. */
	now: boolean;
}

/** How many lengths so many pieces take, each cut with a kerf; null where a length is too short. */
function lengthsFor(pieces: number, length: number, sold: number, kerf: number): number | null {
	const each = Math.floor((sold + kerf) / (length + kerf));
	return each > 0 ? Math.ceil(pieces / each) : null;
}

/**
 * A rack of every other stuff that it can be made of, each judged where it stands, one after another as they are asked
 * for.
 * @example [...compareStuff(plan, rack)].find((s) => s.now)?.lengths // 4
 */
export function* compareStuff(plan: Plan, rack: Rack): Generator<Stuff> {
	const [first, ...rest] = rack.carriers;
	if (!first) return;
	for (const { title, params, pieces, length, sold, now } of carrierKind(first.kind).others?.(first.params) ?? []) {
		const carriers = [{ ...first, params }, ...rest];
		const holders = plan.holders.map((h) => (h.id === rack.id ? { ...rack, carriers } : h));
		const judged = checkPlan({ ...plan, holders }).holders.get(rack.id);
		yield {
			title,
			carriers,
			lengths: lengthsFor(pieces, length, sold, plan.cutting.kerf),
			judged,
			now
		};
	}
}
