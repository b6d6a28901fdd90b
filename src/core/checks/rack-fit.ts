import { anyFastener } from '../materials/any-fastener';
import { spacingMinimums } from '../mechanics/fasteners/spacing-minimums';
import type { RackPlaced } from '../places/rack/place';
import type { Wall } from '../plan/types';
import { claddingDepth } from '../survey/cladding-depth';
import { surveyed } from '../survey/supports';
import { FAR_WORDS } from '../survey/row-fit';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Warning } from '../verdict/check';

type Say = (level: Warning['level'], message: Phrase) => void;

/** A screw in the wall: where it may go, what it enters, whether it comes out behind. */
function pinFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'pin') return;
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to drive it into'));
	for (const s of p.screws) if (s.fault) say(s.barred ? 'stop' : 'mind', s.fault);
	const [pin] = p.screws;
	const into = hold.length - hold.out - claddingDepth(wall.cladding);
	if (pin?.support && into > pin.support.depth)
		say(
			'stop',
			phrase(`Comes out behind what it enters, {d} deep${wall.far ? `, into ${FAR_WORDS[wall.far.kind]}` : ''}`, {
				d: mm(pin.support.depth)
			})
		);
}

/** A screw in the end of a board: wood beside it, and nothing else there. */
function endFit(p: RackPlaced, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'in-end' || !p.on) return;
	const { edge } = spacingMinimums(anyFastener(hold.fastener), { acrossGrain: true, drilled: true });
	const has = p.on.profile.thickness / 2;
	if (has < edge - 0.01)
		say(
			'mind',
			phrase('Stands {h} from the faces of the row; it needs {n}, or the end splits: a thinner one, drilled before', {
				h: mm(has),
				n: mm(edge)
			})
		);
}

/**
 * A rack against what it is driven into or stands on, beside what is said of every holder.
 * @example rackFit(placed, plan.wall, (level, message) => ...)
 */
export function rackFit(p: RackPlaced, wall: Wall, say: Say): void {
	pinFit(p, wall, say);
	endFit(p, say);
	if (p.built.hold?.kind === 'rest' && !p.under)
		say('stop', phrase('Nothing is under it there: no ledge, no head of a door or window, no sheet behind a row'));
}
