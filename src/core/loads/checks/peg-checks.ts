import { DOWEL, stock } from '../../materials/stocks';
import { angle, fine, mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { radians, weightOf } from '../../units/quantity';
import { checkOf, HOLDS_AT, type Check, type SumLine } from '../check';
import { backBearing, DOWEL_FACTOR, lipBearing, rodStress, rodTip, roundSection } from '../members/rod';
import type { Placed } from '../place';

/** Play of a dowel in the hole its own bit bored: a good fit, counted all the same. */
const PLAY = 0.2;

/** Bending of the most loaded peg at the face, and the lip of its hole. None when nothing hangs. */
export function pegChecks(p: Placed): Check[] {
	const { rod, seats, face } = p.built;
	const most = seats.reduce((m, s) => {
		const weight = s.things.reduce((sum, t) => sum + weightOf(t.mass), 0);
		const turn = s.things.reduce((sum, t) => sum + weightOf(t.mass) * t.out, 0);
		return turn > m.turn ? { weight, turn } : m;
	}, { weight: 0, turn: 0 });
	if (most.weight === 0) return [];
	const V = most.weight / rod.perSeat;
	const M = most.turn / rod.perSeat;
	const share = rod.perSeat === 1 ? 'one peg carries the seat' : 'each of two pegs carries half the seat';
	const fb = rodStress(M, rod.diameter);
	const allowed = DOWEL.mor / DOWEL_FACTOR;
	const board = stock(p.holder.params.face.stock);
	const lip = lipBearing(V, M, rod.embedded, rod.diameter);
	const back = backBearing(V, M, rod.embedded, rod.diameter);
	const { projection, tilt } = p.holder.params.pegs;
	const EI = DOWEL.E * roundSection(rod.diameter, 0).inertia;
	const tip = rodTip({ weight: V, projection, embedded: rod.embedded, outer: rod.diameter, hole: rod.diameter + PLAY, EI, lip, back, allowed: board.FcPerp });
	const lost = tip.slope.play + tip.slope.bending + tip.slope.root;
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const turnLine = (): SumLine => ({ label: 'turns the peg', sum: phrase(`{V} × {x}: ${share}`, { V: newtons(V), x: mm(M / V) }), result: moment(M) });
	const turned = (value: number) => ({ value, dim: 'angle' }) as const;
	return [
		checkOf(`holder:${p.holder.id}:peg`, subject, {
			title: 'peg',
			demand: stress(fb),
			capacity: stress(allowed),
			source: 'Wood Handbook FPL-GTR-282, modulus of rupture / 4',
			reason: phrase('peg: bending at the face'),
			lines: () => [
				turnLine(),
				{ label: 'bending', sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(rod.diameter) }), result: stress(fb) },
				{ label: 'allowed', sum: phrase(`{mor} / ${DOWEL_FACTOR}: ${DOWEL.title}`, { mor: stress(DOWEL.mor) }), result: stress(allowed), source: 'Wood Handbook ch. 5' }
			]
		}),
		checkOf(`holder:${p.holder.id}:lip`, subject, {
			title: 'lip of the hole',
			demand: stress(lip),
			capacity: stress(board.FcPerp),
			source: 'statics of a rigid rod in a hole; NDS 2018 Fc⊥',
			reason: phrase('lip of the peg hole: the face crushes'),
			lines: () => [
				turnLine(),
				{
					label: 'lip pressure',
					sum: phrase('(4 × {V} × {l} + 6 × {M}) / {l}² / {d}', { V: newtons(V), M: moment(M), l: mm(rod.embedded), d: mm(rod.diameter) }),
					result: stress(lip)
				},
				{ label: 'allowed', sum: phrase(`bearing across the grain of {t} ${board.title}`, { t: mm(face.thickness) }), result: stress(board.FcPerp), source: board.source }
			]
		}),
		checkOf(`holder:${p.holder.id}:tilt`, subject, {
			title: 'tilt of the pegs',
			demand: turned(lost),
			capacity: turned(radians(tilt)),
			// A peg that droops lets go of what hangs on it; it does not break. Never worse than close by itself.
			...(lost * HOLDS_AT > radians(tilt) ? { verdict: 'close' as const } : {}),
			source: 'beam tables; NDS 2018 4.2.6 for the root',
			reason: lost >= radians(tilt) ? phrase('pegs droop under their load: things walk off') : phrase('tilt left at the tip of the pegs'),
			lines: () => [
				turnLine(),
				{ label: 'play', sum: phrase('{p} / {l}: a good fit', { p: fine(PLAY), l: mm(rod.embedded) }), result: turned(tip.slope.play) },
				{ label: 'bends', sum: phrase('{V} × {L}² / (6 × {E} × {I})', { V: newtons(V), L: mm(projection), E: stress(DOWEL.E), I: { value: roundSection(rod.diameter, 0).inertia, dim: 'inertia' } }), result: turned(tip.slope.bending) },
				{ label: 'root gives', sum: phrase('{c} × ({q} + {b}) / {F} / {l}: lip and back pressed in', { c: fine(1.016), q: stress(lip), b: stress(back), F: stress(board.FcPerp), l: mm(rod.embedded) }), result: turned(tip.slope.root) },
				{ label: 'lost', sum: phrase('{a} + {b} + {c}', { a: turned(tip.slope.play), b: turned(tip.slope.bending), c: turned(tip.slope.root) }), result: turned(lost) },
				{ label: 'tilted up', sum: phrase('{t} as bored', { t: angle(tilt) }), result: angle(tilt) }
			],
			notes: [phrase('The tip drops {d} under its load', { d: fine(tip.bending + tip.play + tip.root) })]
		})
	];
}
