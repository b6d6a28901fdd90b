import { memberKind } from '../members/registry';
import { combine, seat } from '../mechanics/statics/seat';
import { outOf } from '../solid/frame';
import { mm, newtons, phrase, ratio } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { checkOf, type Check } from '../verdict/check';
import { GRAB, GRAB_UNDER } from '../verdict/grab';
import { dropOf, type HolderWeights, type Placed, type InPlace } from './place';

/**
 * Somebody hangs on the outermost point of a holder: told beside the verdict, which it does not decide. None for what
 * is out of reach. Load: ASTM F2057's 60 lb at the outermost point, from memory, with C_D 1.6.
 * @returns a check of every member that can be hung on, and how far out from the wall the furthest point of them is
 */
export function memberGrabs(p: InPlace): { checks: Check[]; out: Millimetres } {
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const checks: Check[] = [];
	let out = 0;
	for (const m of p.built.members) {
		const { grab } = m;
		if (!grab) continue;
		const low = m.instances.filter((f) => p.foot + f.at[1] <= GRAB_UNDER);
		if (low.length === 0) continue;
		for (const f of low) out = Math.max(out, outOf(f, [grab.x, 0, grab.z])[2]);
		for (const { key, ...step } of memberKind(m.data.kind).grab?.(m.data, grab) ?? [])
			checks.push(checkOf(`holder:${p.holder.id}:grab-${key}:${m.carrier}`, subject, step));
	}
	return { checks, out };
}

/** The same of a holder that hangs on a row, with its seat: somebody may pull it off. */
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
