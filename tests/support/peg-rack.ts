import type { Spacing } from '$core/carriers/spacing';
import { hangs } from '$core/plan/held';
import type { Back, Backed, Holder, HungHolder, Strips } from '$core/plan/types';

/** A rack of pegs in the few words that plans worked by hand need: one carrier, every seat full. */
export interface PegRack {
	face: Pick<Back, 'stock' | 'width' | 'height'>;
	hook: Strips['hook'];
	spacer: boolean;
	lockStrip: boolean;
	secondHook?: boolean;
	pegs: {
		diameter: number;
		projection: number;
		depth: number;
		tilt: number;
		/** Of the holes above the foot. */
		height: number;
		spacing: Spacing;
		pair: { bar: number; slack: number } | null;
	};
	load: {
		name: string;
		thing?: string;
		mass: number;
		perSeat: number;
		thickness: number;
		width: number;
		height: number;
	};
}

/** Such a rack as a holder of the plan. @example pegRack('h', 'Rack', 'r', 300, RACK).carriers.length // 1 */
export function pegRack(id: string, name: string, row: string, x: number, rack: PegRack): HungHolder {
	return { id, name, mount: { kind: 'row', row, x, strips: stripsOf(rack) }, ...bodyOf(rack) };
}

/** Its strips. */
export const stripsOf = ({ hook, spacer, lockStrip, secondHook }: PegRack): Strips => ({
	hook,
	recessed: false,
	spacer,
	lockStrip: lockStrip ? 'screwed' : 'none',
	secondHook: secondHook ?? false
});

/** Its back and its carrier. */
export function bodyOf({ face, pegs, load }: PegRack): Pick<Backed, 'back' | 'carriers'> {
	const { height, ...rest } = pegs;
	const { perSeat, thickness, ...thing } = load;
	return {
		back: { ...face, made: { kind: 'board' } },
		carriers: [
			{
				id: 'c1',
				kind: 'pegs',
				at: { on: 'back', x: 0, y: height },
				params: { ...rest, width: face.width, step: 0, stack: perSeat },
				loads: [{ ...thing, depth: thickness, count: perSeat * pegs.spacing.count }]
			}
		]
	};
}

/** The same holder, read back in those words. */
export function rackOf(h: Holder): PegRack {
	const { back, carriers } = h;
	const { hook, spacer, lockStrip, secondHook } = hung(h).mount.strips;
	const [c] = carriers;
	if (!c) throw new Error('no carrier');
	const {
		width: _,
		step: __,
		stack,
		...pegs
	} = c.params as unknown as Omit<PegRack['pegs'], 'height'> & {
		width: number;
		step: number;
		stack: number;
	};
	const { depth, count: ___, ...load } = c.loads[0]!;
	return {
		face: backOf({ back }),
		hook,
		spacer,
		lockStrip: lockStrip === 'screwed',
		secondHook,
		pegs: { ...pegs, height: c.at.y },
		load: { ...load, mass: load.mass ?? 0, perSeat: stack, thickness: depth }
	};
}

/** A holder with some of its rack otherwise. @example withRack(holder, { spacer: false }) */
export function withRack(h: Holder, change: Partial<PegRack>): HungHolder {
	const rack = { ...rackOf(h), ...change };
	return { ...h, mount: { ...hung(h).mount, strips: stripsOf(rack) }, ...bodyOf(rack) };
}

/** The back of a holder that is known to have one. */
export function backOf({ back }: Pick<Holder, 'back'>): Back {
	if (!back) throw new Error('a rack has no back');
	return back;
}

/** A holder that is known to have a back. */
export const backed = (h: Holder): Backed => ({ ...h, back: backOf(h) });

/** A holder that is known to hang on a row. */
export function hung(h: Holder | undefined): HungHolder {
	if (!h || !hangs(h)) throw new Error('it hangs on no row');
	return h;
}
