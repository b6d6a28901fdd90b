import { DOWEL } from '../../materials/stocks';
import { mm, moment, newtons, phrase, ratio, stress } from '../../units/phrase';
import { checkOf, type Check } from '../check';
import { CD_BUMP } from '../fasteners/joint';
import { GRAB, GRAB_UNDER } from '../grab';
import { DOWEL_FACTOR, rodStress } from '../members/rod';
import { dropOf, type HolderWeights, type Placed } from '../place';
import { combine, seat } from '../statics/seat';

/**
 * Somebody hangs on the tip of a peg: told beside the verdict, which it does not decide. None for what hangs out of
 * reach. Load: ASTM F2057's 60 lb at the outermost point, from memory, with C_D 1.6.
 */
export function grabChecks(p: Placed, weights: HolderWeights): Check[] {
	const { pegs, lockStrip } = p.holder.params;
	if (p.foot + pegs.height > GRAB_UNDER) return [];
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const M = GRAB * pegs.projection;
	const fb = rodStress(M, p.built.rod.diameter);
	const allowed = (DOWEL.mor / DOWEL_FACTOR) * CD_BUMP;
	const peg = checkOf(`holder:${p.holder.id}:grab-peg`, subject, {
		title: 'grab: peg',
		basis: 'grab',
		source: 'ASTM F2057 load; Wood Handbook',
		reason: phrase('somebody hangs on a peg'),
		demand: stress(fb),
		capacity: stress(allowed),
		lines: () => [
			{
				label: 'turns the peg',
				sum: phrase('{G} × {L}: at its tip', { G: newtons(GRAB), L: mm(pegs.projection) }),
				result: moment(M)
			},
			{
				label: 'bending',
				sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(p.built.rod.diameter) }),
				result: stress(fb)
			},
			{
				label: 'allowed',
				sum: phrase(`{mor} / ${DOWEL_FACTOR} × ${CD_BUMP}`, { mor: stress(DOWEL.mor) }),
				result: stress(allowed)
			}
		]
	});
	if (lockStrip) return [peg];
	const front = p.profile.thickness + p.built.face.thickness;
	const all = combine([weights.self, ...weights.things, { weight: GRAB, standOff: front + pegs.projection }]);
	const drop = dropOf(p);
	const s = seat({ bevel: p.profile.bevel, standOff: all.standOff, drop });
	return [
		peg,
		checkOf(`holder:${p.holder.id}:grab-seat`, subject, {
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
		})
	];
}
