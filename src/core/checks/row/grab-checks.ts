import { combine, seat } from '../../mechanics/statics/seat';
import { mm, newtons, phrase, ratio } from '../../units/phrase';
import { checkOf, type Check } from '../../verdict/check';
import { memberGrabs } from '../member-grabs';
import { GRAB } from '../../verdict/grab';
import { dropOf, type Placed } from '../../places/row/place';
import type { HolderWeights } from '../../places/in-place';

/** Somebody hangs on a holder that hangs on a row: its members, and its seat: somebody may pull it off. */
export function grabChecks(p: Placed, weights: HolderWeights): Check[] {
	const { checks: found, out } = memberGrabs(p);
	const subject = { kind: 'holder', id: p.holder.id } as const;
	if (out === 0 || p.holder.mount.strips.lockStrip !== 'none') return found;
	const all = combine([weights.self, ...weights.things, { weight: GRAB, standOff: out }]);
	const drop = dropOf(p);
	const s = seat({ bevel: p.profile.bevel, standOff: all.standOff, drop });
	const onSeat = checkOf(`holder:${p.holder.id}:grab-seat`, subject, {
		title: 'grab: seat',
		basis: 'grab',
		source: 'statics; ASTM F2057 load',
		reason: phrase('somebody hangs on it: it comes off its row'),
		demand: ratio(1),
		capacity: ratio(s.shape),
		lines: () => [
			{
				label: 'stands out',
				sum: phrase('centre of all of it and {G} at a tip', { G: newtons(GRAB) }),
				result: mm(all.standOff)
			},
			{
				label: 'shape',
				sum: phrase('{d} × tan {b} / {x}', {
					d: mm(drop),
					b: { value: (p.profile.bevel * Math.PI) / 180, dim: 'angle' },
					x: mm(all.standOff)
				}),
				result: ratio(s.shape)
			},
			{ label: 'to be', sum: phrase('{f}: it just stays on', { f: ratio(1) }), result: ratio(1) }
		]
	});
	return [...found, onSeat];
}
