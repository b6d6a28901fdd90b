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

/** How far it must rise to come off the wall: nothing for what is unscrewed. */
export const riseOff = (p: AnyPlaced): Millimetres => (onRow(p) ? liftOff(p.profile) : 0);

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
