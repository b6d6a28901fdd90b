import { screwDiameter, screw } from '../../materials/screws';
import { remembering } from '../../remembering';
import { screwMeetsHole, woodAtHook } from '../../mounts/row/hook';
import { mm, phrase, type Phrase } from '../../units/phrase';
import type { Millimetres } from '../../units/quantity';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Placed } from './place';

/** One screw between a hook and the face, in its one place. */
export interface HookScrewPlace {
	hook: 'hook' | 'second hook';
	/** From the face's left end. */
	x: Millimetres;
	/** Above the foot of the face. */
	y: Millimetres;
	/** Why it counts for nothing; absent where it counts. */
	fault?: Phrase;
	/** It meets a hole in the face: cannot be driven. */
	meets?: true;
}

function placeOn(p: Placed, hook: HookScrewPlace['hook'], y: Millimetres): HookScrewPlace[] {
	const { built, holder } = p;
	const { size } = holder.mount.strips.hook.screws;
	const least = spacingMinimums(screw(size), { acrossGrain: true, drilled: true });
	const edge = p.profile.back / 2;
	const wood = woodAtHook(holder.back, holder.mount.strips, p.profile);
	return built.hookScrews.map((s): HookScrewPlace => {
		const place = { hook, x: s.x, y };
		const at = { x: mm(s.x), hook };
		if (built.holes.some((h) => screwMeetsHole({ ...s, y }, screwDiameter(size), h, wood))) {
			return {
				...place,
				meets: true,
				fault: phrase('The screw of its {hook} at {x@tape} meets a hole in the face', at)
			};
		}
		const end = Math.min(s.x - built.hook.from, built.hook.to - s.x);
		if (end < least.end - 0.01)
			return {
				...place,
				fault: phrase(
					'The screw of its {hook} at {x@tape} stands {e} from the end; it needs {n}, and counts for nothing',
					{
						...at,
						e: mm(end),
						n: mm(least.end)
					}
				)
			};
		if (edge < least.edge - 0.01)
			return {
				...place,
				fault: phrase(
					'The screw of its {hook} at {x@tape} stands {e} from an edge; it needs {n}, and counts for nothing',
					{
						...at,
						e: mm(edge),
						n: mm(least.edge)
					}
				)
			};
		return place;
	});
}

/**
 * Every screw between a holder's hooks and its face, where it really is: half way up each hook's short side. The second
 * hook's height follows from the row it rides on. The same list for the same place.
 * @example hookScrewPlaces(placed).filter((s) => !s.fault).length
 */
export const hookScrewPlaces = remembering((p: Placed): readonly HookScrewPlace[] => {
	const { back } = p.profile;
	const first = placeOn(p, 'hook', p.built.face.height - back / 2);
	if (p.bearing.kind !== 'second-hook') return first;
	// The lower bearing is the front edge of that row's cleat; the hook stands on it.
	const secondTop = p.bearing.y + back - p.foot;
	return [...first, ...placeOn(p, 'second hook', secondTop - back / 2)];
});
