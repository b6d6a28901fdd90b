import { roomIn } from '../kinds/room';
import type { Carrier, Holder } from '../plan/types';

/** Carriers of a holder with more of a thing on them. */
export interface Filled {
	holder: string;
	carriers: Carrier[];
}

/**
 * Puts what is left of a thing onto spare places where some of it is already.
 * @param left of it that hang nowhere
 * @returns the holders that change, and how many found a place
 * @example onSpareSeats(plan.holders, 'bar-clamp', 3) // { filled: [...], placed: 2 }
 */
export function onSpareSeats(
	holders: readonly Holder[],
	thing: string,
	left: number
): { filled: Filled[]; placed: number } {
	const filled: Filled[] = [];
	let placed = 0;
	for (const holder of holders) {
		let changed = false;
		const carriers = holder.carriers.map((carrier): Carrier => {
			const room = roomIn(carrier);
			const loads = carrier.loads.map((load, group) => {
				const more = load.thing === thing ? Math.min(left - placed, (room[group] ?? 0) - load.count) : 0;
				if (more <= 0) return load;
				placed += more;
				changed = true;
				return { ...load, count: load.count + more };
			});
			return { ...carrier, loads };
		});
		if (changed) filled.push({ holder: holder.id, carriers });
	}
	return { filled, placed };
}
