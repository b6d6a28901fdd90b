import { onRow } from '$core/places/any-place';
import type { PlanChecks } from '$core/checks/check-plan';
import type { Placed } from '$core/places/row/place';
import { ripInTwo } from '$core/cleats/profile';
import { startStrips } from '$core/holders/empty-holder';
import type { HeldByRow } from '$core/mounts/held';
import type { Holder } from '$core/plan/types';

/** The usual cleat, and the usual strips on it. */
export const HELD: HeldByRow = {
	kind: 'row',
	strips: startStrips('mm'),
	profile: ripInTwo({ blank: 130, thickness: 18, bevel: 45, kerf: 3.2 }),
	stock: 'ply-18',
	blank: 130
};

/** The same cleat with a holder's own strips. */
export const heldBy = ({ mount }: Pick<Holder, 'mount'>): HeldByRow =>
	mount.kind === 'row' ? { ...HELD, strips: mount.strips } : HELD;

/** Where a holder hangs, that is known to hang on a row. */
export function hungAt(checks: Pick<PlanChecks, 'holders'>, id: string): Placed {
	const placed = checks.holders.get(id)?.placed;
	if (!placed || !onRow(placed)) throw new Error(`${id} hangs on no row`);
	return placed;
}
