import type { Wall } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Box } from './box';

/** How far out things may stand over a stretch, and why. */
export interface Projection {
	most: Millimetres;
	why: Phrase;
}

/**
 * The greatest projection allowed over a stretch of wall: the least of what its zones say and, below head height, what
 * the walkway leaves.
 * @returns null when nothing limits it
 * @example mostProjection({ front: { depth: 1300, walkway: 900, headHeight: 2000 } }, stretch)?.most // 400
 */
export function mostProjection({ front, zones }: Pick<Wall, 'front' | 'zones'>, s: Box): Projection | null {
	const found: Projection[] = (zones ?? [])
		.filter((z) => z.x < s.right && z.x + z.width > s.left && z.y < s.high && z.y + z.height > s.low)
		.map((z) => ({ most: z.most, why: phrase('{name}: {m} at most', { name: z.name || 'this zone', m: mm(z.most) }) }));
	if (front && s.low < front.headHeight) {
		const most = Math.max(0, front.depth - front.walkway);
		found.push({
			most,
			why: phrase('{d} before the wall - {w} of walkway = {m}', {
				d: mm(front.depth),
				w: mm(front.walkway),
				m: mm(most)
			})
		});
	}
	return found.reduce<Projection | null>((least, p) => (!least || p.most < least.most ? p : least), null);
}
