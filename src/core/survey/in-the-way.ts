import type { Obstruction, Wall } from '../plan/types';
import { meets, type Box3 } from '../solid/room';
import { sweptBy } from './swept';

/** An obstruction that something meets: as it stands, as it moves, or where it must be kept clear. */
export interface InTheWay {
	obstruction: Obstruction;
	how: 'stands' | 'moves' | 'clear';
}

/**
 * All obstructions a thing meets, each with the worst way it does.
 * @example inTheWay(wall, { x: [0, 900], y: [1000, 1100], z: [0, 18] }).map((w) => w.obstruction.name)
 */
export function inTheWay(wall: Pick<Wall, 'obstructions'>, box: Box3): InTheWay[] {
	return wall.obstructions.flatMap((obstruction): InTheWay[] => {
		const { fixed, moving, clear } = sweptBy(obstruction);
		const ways = [
			['stands', fixed],
			['moves', moving],
			['clear', clear]
		] as const;
		const [how] = ways.find(([, solids]) => solids.some((s) => meets(s, box))) ?? [];
		return how ? [{ obstruction, how }] : [];
	});
}
