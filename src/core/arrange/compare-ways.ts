import { checkPlan, type JudgedHolder } from '../checks/check-plan';
import { hoursFor } from '../holders/hours';
import type { Offer } from '../holders/offers';
import { applyCommand } from '../plan/commands';
import type { Plan } from '../plan/types';
import type { Phrase } from '../units/phrase';
import type { LengthUnit } from '../units/parse-length';
import type { Kilograms, Millimetres } from '../units/quantity';
import { bestPlace } from './best-place';
import { firstFixed } from './first-fixed';

/** One way to hold a thing, by what people compare. */
export interface Way {
	kind: string;
	title: string;
	width: Millimetres;
	/** Out from the wall. */
	out: Millimetres;
	/** Of the holder itself. */
	wood: Kilograms;
	minutes: number;
	hours: Phrase;
	seats: number;
	over: number;
	/** Where it fits best on this wall; or why it fits nowhere. */
	judged: JudgedHolder | null;
	nowhere: string;
}

/**
 * Ways to hold the same thing side by side, each judged where it would hang.
 * @example compareWays(plan, offers.slice(0, 3), 'mm').map((w) => w.judged?.check?.margin)
 */
export function compareWays(plan: Plan, offers: readonly Offer[], unit: LengthUnit): Way[] {
	return offers.map(({ kind, title, made, built }): Way => {
		const hours = hoursFor(made.holder, built);
		const common = {
			kind,
			title,
			width: built.face.width,
			out: built.reach.out,
			wood: built.self.mass,
			minutes: hours.minutes,
			hours: hours.sum,
			seats: made.fitted.seats,
			over: made.over
		};
		const none = (nowhere: string): Way => ({ ...common, judged: null, nowhere });
		const id = 'compared';
		const holder = { ...made.holder, id };
		const placed = plan.rows.length > 0 ? bestPlace(plan, holder) : firstFixed(plan, holder, unit);
		if (!placed) return none('no row has room for it');
		const added = applyCommand(plan, { kind: 'add', list: 'holders', item: placed });
		if (!added.ok) return none(added.error[0]?.message ?? 'it cannot be added');
		const judged = checkPlan(added.value.plan).holders.get(id);
		return judged ? { ...common, judged, nowhere: '' } : none('it stands nowhere');
	});
}
