import type { Millimetres, Newtons } from '../units/quantity';
import type { Check } from './check';
import type { LaidRow, Placed } from './place';

/** The way a holder's load takes to the studs, as places on the wall. */
export interface LoadPath {
	/** Middle of the things on the holder. */
	thing: [Millimetres, Millimetres];
	/** Ends of the hook on the row. */
	hook: [[Millimetres, Millimetres], [Millimetres, Millimetres]];
	/** Screws that take it, with the load across them. */
	screws: { at: [Millimetres, Millimetres]; across: Newtons; check: Check }[];
}

/**
 * Traces a holder's load: things, hook, row, screws.
 * @param path the holder's checks, from `checkPlan(...).paths`
 */
export function loadPath(laid: readonly LaidRow[], holderId: string, path: readonly Check[]): LoadPath | null {
	let placed: Placed | undefined;
	for (const l of laid) placed ??= l.placed.find((p) => p.holder.id === holderId);
	if (!placed) return null;
	const y = placed.row.y + placed.profile.back;
	const screws = path.flatMap((check) => {
		if (check.subject.kind !== 'fixing') return [];
		const across = check.lines[0]?.result.value ?? 0;
		return [{ at: [check.subject.x, y] as [number, number], across, check }];
	});
	return {
		thing: [(placed.left + placed.right) / 2, placed.foot + placed.holder.params.pegs.height],
		hook: [[Math.max(placed.left, placed.row.left), y], [Math.min(placed.right, placed.row.right), y]],
		screws
	};
}
