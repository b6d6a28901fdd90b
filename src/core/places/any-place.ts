import { isFixed, isRack, hangs } from '../plan/held';
import type { Holder, Plan } from '../plan/types';
import { liftOff } from '../cleats/profile';
import type { Built } from '../holders/built';
import type { Millimetres } from '../units/quantity';
import { buildFixed, placeFixed, type FixedPlaced } from './fixed/place';
import { builtRack, placeRacks, rowUnder, type RackPlaced } from './rack/place';
import { buildHung, placeHolders, type Placed } from './row/place';

/** A holder in its place, however it is held. */
export type AnyPlaced = Placed | FixedPlaced | RackPlaced;

/** Does it hang on a row? */
export const onRow = (p: AnyPlaced): p is Placed => 'row' in p;

/** Is its back screwed to the wall? */
export const screwedOn = (p: AnyPlaced): p is FixedPlaced => 'columns' in p;

/** Is it held as it is, without a back? */
export const standsByItself = (p: AnyPlaced): p is RackPlaced => 'on' in p;

/** Sheets that lean in a bay stand so far over its wood, and are lifted over its kerb. */
export function liftsOut({ built, foot, top }: AnyPlaced): Millimetres {
	const leans = built.hold?.kind === 'floor' ? built.hold.leans : null;
	const some = built.seats.some((s) => s.things.length > 0);
	return leans && some ? Math.max(0, foot + built.reach.high - top) + leans.rise : 0;
}

/** Room that it needs over its wood: to come off its row, or for what stands in it to come out. */
export const riseOff = (p: AnyPlaced): Millimetres => (onRow(p) ? liftOff(p.profile) : liftsOut(p));

/** All that is screwed to the wall, in the plan's order. */
export const fixedHolders = (plan: Plan): FixedPlaced[] =>
	plan.holders.filter(isFixed).map((h) => placeFixed(h, plan.wall));

/** Every holder in its place, by id, in the plan's order. @example placesById(plan).get('h1')?.foot */
export function placesById(plan: Plan): Map<string, AnyPlaced> {
	const all: AnyPlaced[] = [...placeHolders(plan).flatMap((l) => l.placed), ...fixedHolders(plan), ...placeRacks(plan)];
	const placed = new Map(all.map((p) => [p.holder.id, p]));
	return new Map(
		plan.holders.flatMap(({ id }) => {
			const found = placed.get(id);
			return found ? [[id, found] as const] : [];
		})
	);
}

/**
 * A holder built for what holds it, wherever it is; null where it hangs on a row that is not there.
 * @example builtOf(plan, holder)?.parts.length
 */
export function builtOf(plan: Pick<Plan, 'rows' | 'cutting' | 'wall'>, holder: Holder): Built | null {
	if (isFixed(holder)) return buildFixed(holder);
	if (isRack(holder)) return builtRack(holder, plan.wall, rowUnder(holder, plan));
	if (!hangs(holder)) return null;
	const row = plan.rows.find((r) => r.id === holder.mount.row);
	return row ? buildHung(holder, row, plan.cutting.kerf) : null;
}
