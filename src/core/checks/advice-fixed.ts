import { SCREW_LENGTHS, screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { onStuds, PAST } from '../places/fixed/new-mount';
import type { FixedHolder, FixedMount, Plan } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Effort } from '../verdict/effort';
import type { Candidate } from './advice';

/**
 * What might help a holder that is screwed to the wall: longer and thicker screws, two at every stud behind it, its
 * middle on a stud, so wide that it catches two, or a higher back.
 */
export function fixedCandidates(plan: Plan, holder: FixedHolder): Candidate[] {
	const { mount, back } = holder;
	const found: Candidate[] = [];
	const say = (text: Phrase, effort: Effort, next: Pick<FixedHolder, 'mount'> & Partial<Pick<FixedHolder, 'back'>>) =>
		found.push({
			text,
			effort,
			command: { kind: 'change', list: 'holders', id: holder.id, change: next }
		});
	for (const length of SCREW_LENGTHS.filter((l) => l > mount.screws.length + 1 && l >= 45).slice(0, 3))
		say(phrase('{l@tape} screws', { l: mm(length) }), 'screws', {
			mount: { ...mount, screws: { ...mount.screws, length } }
		});
	if (screwDiameter(mount.screws.size) < screwDiameter('#14'))
		say(phrase('#14 screws'), 'screws', { mount: { ...mount, screws: { ...mount.screws, size: '#14' } } });
	const placed = (at: FixedMount, b = back): FixedMount => ({
		...at,
		places: onStuds(plan.wall, at, b, at.screws.size)
	});
	say(phrase('Two screws at every stud behind it'), 'screws', { mount: placed(mount) });
	const middle = mount.x + back.width / 2;
	const studs = plan.wall.studs.map((s) => s.x).sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle));
	const [near, next] = studs;
	if (near !== undefined)
		say(phrase('Middle on stud {x@tape}, two screws there', { x: mm(near) }), 'nothing to buy', {
			mount: placed({ ...mount, x: near - back.width / 2 })
		});
	if (near !== undefined && next !== undefined) {
		const [left, right] = [Math.min(near, next), Math.max(near, next)];
		const width = Math.max(back.width, right - left + 2 * PAST);
		const wide = { ...back, width };
		say(
			phrase('{w@tape} wide, on the studs at {a@tape} and {b@tape}', { w: mm(width), a: mm(left), b: mm(right) }),
			'a piece of wood',
			{
				back: wide,
				mount: placed({ ...mount, x: (left + right) / 2 - width / 2 }, wide)
			}
		);
	}
	const height = Math.min(stock(back.stock).width, Math.round((back.height * 1.4) / 10) * 10);
	if (height > back.height) {
		// Up: what stands on it stays where it is above the foot, and the screws go with the top.
		const tall = { ...back, height };
		say(phrase('Back {h@tape} high, two screws at every stud', { h: mm(height) }), 'a piece of wood', {
			back: tall,
			mount: placed(mount, tall)
		});
	}
	return found;
}
