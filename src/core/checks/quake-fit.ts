import { onRow, type AnyPlaced } from '../places/any-place';
import type { Wall } from '../plan/types';
import { phrase, type Phrase } from '../units/phrase';

/**
 * What an earthquake asks for that no sum covers: lips, lock strips, braces, plugs that are approved for it.
 * @returns nothing where nobody asks for that
 * @example quakeFit(plan.wall, placed) // []
 */
export function quakeFit(wall: Pick<Wall, 'quake' | 'build'>, p: AnyPlaced): Phrase[] {
	if (!wall.quake) return [];
	const found: Phrase[] = [];
	if (onRow(p) && p.holder.mount.strips.lockStrip !== 'screwed')
		found.push(phrase('Earthquake: nothing keeps its hook down. A lock strip, screwed'));
	const open = p.built.carriers.flatMap((c) => {
		const loads = p.holder.carriers.find(({ id }) => id === c.id)?.loads ?? [];
		return c.retention.flatMap((r, i) => ('open' in r.forward && (loads[i]?.count ?? 0) > 0 ? [r.forward.open] : []));
	});
	for (const words of new Set(open)) found.push(phrase(`Earthquake: things come forward. ${words}`));
	if (p.built.hold?.kind === 'deck')
		found.push(
			phrase('Earthquake: hangers take no push. Brace it along the wall and out from it, by an engineer’s word')
		);
	if (wall.build?.kind === 'masonry')
		found.push(phrase('Earthquake: plugs are not judged for it. Their maker’s approval says which may be used'));
	return found;
}
