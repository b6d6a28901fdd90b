import type { Joint } from '../../mechanics/fasteners/joint';
import type { QuakeShares } from '../../mechanics/statics/earthquake';
import { nearestTwo } from '../../mechanics/statics/nearest-two';
import { nth } from '../../nth';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import type { Support } from '../../survey/supports';
import { mm, newtons, phrase, ratio } from '../../units/phrase';
import type { Millimetres, Newtons } from '../../units/quantity';
import type { Check } from '../../verdict/check';
import { quakeCheck } from '../quake-check';
import { quakeAt, type QuakeAsked } from '../quake-pulls';
import { MEMBER } from '../wall-screws';

/** A lag of an upright, and what it takes while nothing shakes. */
interface StillLag {
	s: { up: Millimetres; support: Support };
	joint: Joint;
	pull: Newtons;
	across: Newtons;
}

/** An upright: what hangs on it, by height. */
interface Shaken {
	x: Millimetres;
	arms: readonly { at: Millimetres; down: Newtons }[];
	own: { at: Millimetres; down: Newtons };
}

/** What one lag is asked for, pushed out from the wall and along it. */
function askedOf({ s, pull, across }: StillLag, push: Newtons, q: QuakeShares): QuakeAsked[] {
	const drawn = pull * (1 + q.upright);
	const weighs = across * (1 + q.upright);
	const values = { T: newtons(pull), Z: newtons(across), u: ratio(q.upright), H: newtons(push) };
	const pushed = {
		label: 'pushed with',
		sum: phrase('lag at {y@tape}: {k} of what every arm next to it has, by nearness; {k} is 0.7 of {s}', {
			y: mm(s.up),
			k: ratio(q.sideways),
			s: ratio(q.strength)
		}),
		result: newtons(push)
	};
	const line = (label: string, text: string, value: Newtons) => ({
		label,
		sum: phrase(text, values),
		result: newtons(value)
	});
	return [
		{
			pull: drawn + push,
			across: weighs,
			lines: () => [
				pushed,
				line('pull with it', '{T} × (1 + {u}) + {H}', drawn + push),
				line('across with it', '{Z} × (1 + {u})', weighs)
			]
		},
		{
			pull: drawn,
			across: Math.hypot(weighs, push),
			lines: () => [
				pushed,
				line('pull with it', '{T} × (1 + {u})', drawn),
				line('across with it', '√(({Z} × (1 + {u}))² + {H}²)', Math.hypot(weighs, push))
			]
		}
	];
}

/**
 * The lags of an upright while the earth shakes: each arm pushes on the two next to it, out from the wall or along it.
 * @param length of the upright
 * @returns the check of the one nearest to its limit; nothing where nobody asks for that
 */
export function shakenLags(
	p: RackPlaced,
	wall: Wall,
	u: Shaken,
	length: Millimetres,
	lags: readonly StillLag[]
): Check[] {
	const q = quakeAt(wall, p.foot + Math.max(length / 2, ...u.arms.map((a) => a.at)));
	if (!q) return [];
	const sorted = [...lags].sort((a, b) => a.s.up - b.s.up);
	const shares = [...u.arms, u.own].map((a) => ({
		push: a.down * q.sideways,
		of: nearestTwo(
			sorted.map((l) => l.s.up),
			a.at
		)
	}));
	const checks = sorted.map((lag, k) => {
		const { support } = lag.s;
		const push = shares.reduce((sum, a) => sum + a.push * nth(a.of, k), 0);
		const subject = { kind: 'fixing', of: { kind: 'holder', id: p.holder.id }, stud: support.id, x: u.x } as const;
		const main = MEMBER[support.member ?? 'stud'];
		const reason = phrase(`its lags at ${main} {x@tape}, while the earth shakes`, { x: mm(u.x) });
		const key = `fixing:${p.holder.id}:${support.id}:${Math.round(u.x)}:lags`;
		const joint = { joint: lag.joint, words: { side: 'upright', main }, reason };
		return quakeCheck(key, subject, joint, askedOf(lag, push, q));
	});
	return [checks.reduce((a, b) => ((b.margin ?? 0) < (a.margin ?? 0) ? b : a))];
}
