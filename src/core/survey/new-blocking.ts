import type { Blocking, Plan } from '../plan/types';
import { tallest } from './outline';
import type { Millimetres } from '../units/quantity';

/** Narrower bays leave no room to work in, mm. */
const LEAST_BAY: Millimetres = 250;
const HEIGHT: Millimetres = 140;
/** Of the block under the row's lower edge, so that the row's screws go into its middle. */
const UNDER: Millimetres = 40;

/**
 * A block to begin with: in the first bay wide enough, behind the first row, of the studs' own timber.
 * @example newBlocking(plan, 'b1').height // 140
 */
export function newBlocking({ wall, rows }: Pick<Plan, 'wall' | 'rows'>, id: string): Blocking {
	const studs = [...wall.studs].sort((a, b) => a.x - b.x);
	const at = studs.findIndex((s, i) => (studs[i + 1]?.x ?? 0) - s.x > LEAST_BAY);
	const [a, b] = [studs[at], studs[at + 1]];
	const x = a ? a.x + a.width / 2 : Math.min(200, wall.width / 4);
	const width = a && b ? b.x - b.width / 2 - x : Math.min(360, wall.width / 2);
	const height = Math.min(HEIGHT, tallest(wall));
	const y = Math.max(0, Math.min(wall.height - height, (rows[0]?.y ?? 1200) - UNDER));
	return { id, x, y, width, height, depth: a?.depth ?? 89, species: a?.species ?? 'unknown' };
}
