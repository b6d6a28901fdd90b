import { withStrips } from '$core/plan/held';
import type { Carrier, Load, Plan } from '$core/plan/types';
import { hung } from './peg-rack';
import { smallWall } from './small-wall';

/** Plans with a few carriers on one back, ply throughout, 560 kg/m3: for those that are worked with a pencil. */
const PLY = 560;
/** Of ply, of its volume in mm3. */
export const kg = (mm3: number) => (mm3 * PLY) / 1e9;
/** What hangs, unless said. */
export const THING: Load = { name: 'thing', mass: 2, width: 40, height: 200, depth: 30, count: 3 };
export const SCREWS = { size: '#8', length: 50.8, count: 4, glued: false };

/** The wall of one-rack.test.ts with one holder `h` on its row: a back 400 wide and these carriers on it. */
export function planOf(height: number, carriers: Carrier[]): Plan {
	const start = smallWall();
	const h = hung(start.holders[0]);
	return {
		...start,
		holders: [
			{
				...h,
				mount: withStrips(h, { hook: { ...h.mount.strips.hook, screws: { size: '#8', length: 30, count: 3 } } }),
				back: { stock: 'ply-3/4', width: 400, height, made: { kind: 'board' } },
				carriers
			}
		]
	};
}
