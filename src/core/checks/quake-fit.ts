import type { Hold } from '../carriers/hold';
import { onRow, type AnyPlaced } from '../places/any-place';
import type { Wall } from '../plan/types';
import { phrase, type Phrase } from '../units/phrase';

/** By how a rack is held: what is not judged, and what keeps it all the same. */
const ASKS: Partial<Record<Hold['kind'], string>> = {
	deck: 'hangers take no push. Brace it along the wall and out from it, by an engineer’s word',
	arms: 'nothing keeps a notch down on its cleat. A block under the cleat, screwed behind each arm',
	hooks: 'what hangs swings, and off. A strap round each, or a keeper',
	floor: 'what leans or stands in it comes out. A bar across, screwed',
	leaves: 'leaves swing open. A latch on each',
	rest: 'nothing keeps it where it stands. Screw it down',
	pin: 'what hangs swings, and off. A keeper, or a longer screw'
};

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
	const asks = p.built.hold && ASKS[p.built.hold.kind];
	if (asks) found.push(phrase(`Earthquake: ${asks}`));
	if (wall.build?.kind === 'masonry')
		found.push(phrase('Earthquake: plugs are not judged for it. Their maker’s approval says which may be used'));
	return found;
}
