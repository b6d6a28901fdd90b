import type { ArmsHold } from '../../carriers/hold';
import type { OutWeight } from '../../mechanics/statics/seat';
import { weightOf, type Millimetres } from '../../units/quantity';
import type { RackPlaced } from './place';

/** What one arm on a row may have to carry; stand-offs from what its cleat is mounted on. */
export interface ArmLoad {
	/** Of its middle, along the wall. */
	x: Millimetres;
	own: OutWeight;
	/** Of every board across it, the most that this arm may have of that. */
	things: readonly OutWeight[];
}

/**
 * What each arm of a set may have to carry: of every board the most that it may have, whatever the others have then.
 * @example armLoads(placed, hold)[1]?.things.length // as many as there are boards
 */
export function armLoads(p: RackPlaced, hold: ArmsHold): ArmLoad[] {
	const base = p.on?.base ?? 0;
	return hold.xs.map((along, i): ArmLoad => {
		const things = p.built.seats.flatMap((s) => {
			const share = s.carriedBy.find((c) => c.instance === i)?.share ?? 0;
			if (share <= 0) return [];
			return s.things.map((t) => ({ weight: share * weightOf(t.mass), standOff: t.at[2] - base }));
		});
		return { x: p.left + along, own: { weight: weightOf(hold.own.mass), standOff: hold.own.out }, things };
	});
}
