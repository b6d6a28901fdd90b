import type { Check } from '../verdict/check';
import { onRow, type AnyPlaced } from '../places/any-place';
import { dropOf, type Placed } from '../places/row/place';
import { holderWeights } from '../places/in-place';
import { isFixed } from '../plan/held';
import { combine } from '../mechanics/statics/seat';
import type { Plan, ScrewChoice } from '../plan/types';
import { claddingDepth } from '../survey/cladding-depth';
import { GRAVITY } from '../units/quantity';
import type { Inputs } from './inputs';

/** A quick sum with the figures of something on the wall, to be turned over by itself. */
export interface AsSum {
	/** Of the sum. */
	name: string;
	inputs: Inputs;
}

/** The seat of a holder, full. */
function seatSum(p: Placed): AsSum {
	const { self, things } = holderWeights(p.built);
	const load = combine(things);
	return {
		name: 'seat',
		inputs: {
			bevel: String(p.profile.bevel),
			thickness: p.profile.thickness,
			back: p.profile.back,
			drop: Math.max(0, dropOf(p)),
			self: self.weight / GRAVITY,
			selfOut: Math.max(0, self.standOff),
			load: load.weight / GRAVITY,
			out: Math.max(0, load.standOff),
			lock: p.holder.mount.strips.lockStrip !== 'none'
		}
	};
}

/** Screws of a row, or of a holder that is screwed to the wall. */
function screwsFor(plan: Plan, of: { kind: 'row' | 'holder'; id: string }): ScrewChoice | undefined {
	if (of.kind === 'row') return plan.rows.find((r) => r.id === of.id)?.screws;
	return plan.holders.filter(isFixed).find((h) => h.id === of.id)?.mount.screws;
}

/** One screw of a row or of a fixed holder, under what it takes at its worst. */
function screwSum(plan: Plan, check: Check): AsSum | null {
	if (check.subject.kind !== 'fixing' || check.title !== 'screws' || !check.load) return null;
	const { subject } = check;
	const screws = screwsFor(plan, subject.of);
	const figure = (label: RegExp) => check.lines.find((l) => label.test(l.label))?.result.value;
	const [T, V] = [
		Math.max(figure(/screw pull$|^pull on the worst$/) ?? 0, figure(/^pulled straight/) ?? 0),
		figure(/^across each/) ?? 0
	];
	const load = Math.hypot(T, V);
	if (!screws || !(load > 0)) return null;
	return {
		name: 'screw',
		inputs: {
			kind: 'wood-screw',
			screw: screws.size,
			length: screws.length,
			gap: claddingDepth(plan.wall.cladding),
			load: load / GRAVITY,
			angle: (Math.atan2(T, V) * 180) / Math.PI
		}
	};
}

/**
 * The quick sum that asks the same as a check of the wall, with its figures; null where none does.
 * @example sumFromCheck(plan, check, placed)?.name // 'seat'
 */
export function sumFromCheck(plan: Plan, check: Check, placed: AnyPlaced | undefined): AsSum | null {
	if (placed && onRow(placed) && check.title.startsWith('seat')) return seatSum(placed);
	return screwSum(plan, check);
}
