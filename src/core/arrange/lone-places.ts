import { checkPlan, type Judged } from '../checks/check-plan';
import { RACKS } from '../racks/registry';
import type { Plan, Rack } from '../plan/types';
import type { Wanted } from '../carriers/carrier';
import { cutText } from '../form/whole-text';
import { firstRack, newRack } from './first-rack';

/** A thing held without a back, where it would be, and how it is judged there. */
export interface Lone {
	kind: string;
	title: string;
	rack: Rack;
	judged: Judged;
	/** So many of it find no place there. */
	over: number;
}

/**
 * Ways to hold a thing without a back: racks that fit it, each where it is in nothing's way and best held. One that
 * cannot be there is left out.
 * @example lonePlaces(plan, { thing, count: 1, widest: 1200, unit: 'mm' })[0]?.title // 'One screw or nail'
 */
export function lonePlaces(plan: Plan, asked: Wanted): Lone[] {
	return RACKS.flatMap((kind) => {
		const fitted = kind.fit?.(asked);
		if (!fitted?.ok) return [];
		const { params, load } = fitted.value;
		const name = cutText(asked.thing.name, 60);
		const rack = firstRack(plan, newRack(kind.kind, 'lone', name, asked.unit, { params, loads: [load] }));
		if (!rack) return [];
		const judged = checkPlan({ ...plan, holders: [...plan.holders, rack] }).holders.get(rack.id);
		if (!judged || judged.stop) return [];
		return [{ kind: kind.kind, title: kind.title, rack, judged, over: Math.max(0, asked.count - load.count) }];
	});
}
