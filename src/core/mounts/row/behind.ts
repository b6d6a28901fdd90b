import { liftOff } from '../../cleats/profile';
import type { Back } from '../../plan/types';
import { rectangle } from '../../solid/outline';
import type { Feature } from '../../solid/part';
import { hookScrews, hookWarnings, stripWarnings } from './hook';
import type { Behind, HeldByRow } from '../held';
import { stripsOf } from './strips';

/**
 * The bed of a hook that is let into the back, so that the foot lies flat: it takes the wall's cleat as well, with room
 * to rise off it, and a lock strip under that.
 */
function bed(back: Back, { profile, strips }: HeldByRow): Feature {
	const under = strips.lockStrip === 'none' ? profile.back : profile.front + profile.back;
	const low = Math.max(0, back.height - profile.front - under - liftOff(profile));
	const path = rectangle(back.width, back.height - low).map((v) => ({ ...v, y: v.y + low }));
	return { kind: 'pocket', name: 'bed of the hook', path, from: 'back', depth: profile.thickness };
}

/** What a back that hangs on a row has behind it. @example rowBehind(holder.back, held).rear // 18 */
export function rowBehind(back: Back, held: HeldByRow): Behind {
	const { strips, profile } = held;
	const screws = hookScrews(back, held);
	return {
		rear: strips.recessed ? 0 : profile.thickness,
		parts: stripsOf(back, held),
		features: strips.recessed ? [bed(back, held)] : [],
		hook: { from: 0, to: back.width },
		hookScrews: screws,
		inBack: { name: 'a screw of the hook', size: held.strips.hook.screws.size, places: screws },
		warnings: (holes) => [...stripWarnings(back, held), ...hookWarnings(back, held, screws, holes)]
	};
}
