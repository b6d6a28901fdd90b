import { carrierKind } from '../kinds/registry';
import type { AnyPlaced } from '../places/any-place';
import type { Carrier, Load, Rack } from '../plan/types';
import type { Kilograms, Millimetres } from '../units/quantity';

/** A level of a rack: which of its loads lies there, where that is, and what it comes to. */
export interface Level {
	/** Place in the list of its loads. */
	group: number;
	/** Above the floor. */
	up: Millimetres;
	/** Past the rack and all that lies there, along the wall. */
	right: Millimetres;
	/** Null while nobody knows it of something there. */
	mass: Kilograms | null;
	/** '4 × ash board'; empty where nothing lies there. */
	words: string;
}

const nothing: Load = { name: 'nothing', mass: 0, width: 100, height: 20, depth: 50, count: 0 };

/** As many loads as it has levels. */
function allLoads({ kind, params, loads }: Carrier): Load[] {
	const n = carrierKind(kind).groups(params).length;
	return Array.from({ length: n }, (_, i) => loads[i] ?? nothing);
}

/** The same rack with other things on its levels. */
function loaded(rack: Rack, of: (loads: readonly Load[]) => Load[]): Rack {
	const [first, ...others] = rack.carriers;
	return first ? { ...rack, carriers: [{ ...first, loads: of(allLoads(first)) }, ...others] } : rack;
}

/** The same rack with a level loaded so. @example withLoad(rack, 0, load).carriers[0].loads[0] === load */
export const withLoad = (rack: Rack, group: number, load: Load): Rack =>
	loaded(rack, (loads) => loads.map((l, i) => (i === group ? load : l)));

/**
 * What lies on two levels, each put on the other.
 * @example swapped(rack, 0, 2)
 */
export const swapped = (rack: Rack, a: number, b: number): Rack =>
	loaded(rack, (loads) => {
		const [one, other] = [loads[a], loads[b]];
		if (!one || !other) return [...loads];
		return loads.map((l, i) => {
			if (i === a) return other;
			return i === b ? one : l;
		});
	});

/**
 * Levels of a rack in its place, lowest first; those that nothing can lie on are left out.
 * @example levelsOf(placed)[0]?.mass // 24
 */
export function levelsOf({ holder, built, foot, left, right }: AnyPlaced): Level[] {
	const [first] = holder.carriers;
	if (!first) return [];
	return allLoads(first)
		.flatMap((load, group): Level[] => {
			const seats = built.seats.filter((s) => s.carrier === first.id && s.group === group);
			if (seats.length === 0) return [];
			return [
				{
					group,
					up: foot + Math.min(...seats.map((s) => s.at[1])),
					right: Math.max(right, left + built.reach.right),
					mass: load.count > 0 && load.mass === null ? null : (load.mass ?? 0) * load.count,
					words: load.count > 0 && load.mass !== 0 ? `${load.count} × ${load.name}` : ''
				}
			];
		})
		.sort((a, b) => a.up - b.up);
}
