import { DOWEL, stock } from '../../materials/stocks';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { weightOf } from '../../units/quantity';
import { marginLine, marginOf, verdictOf, type Check, type SumLine } from '../check';
import { DOWEL_FACTOR, lipBearing, rodStress } from '../members/peg';
import type { Placed } from '../place';

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
	const [bends, crushes] = [marginOf(allowed, fb), marginOf(board.FcPerp, lip)];
	const base = { subject: { kind: 'holder', id: p.holder.id } as const, basis: 'published' as const, notes: [] };
	const turnLine = (): SumLine => ({ label: 'turns the peg', sum: phrase(`{V} × {x}: ${share}`, { V: newtons(V), x: mm(M / V) }), result: moment(M) });
	return [
		{
			...base,
			id: `holder:${p.holder.id}:peg`,
			title: 'peg',
			margin: bends,
			verdict: verdictOf(bends),
			source: 'Wood Handbook FPL-GTR-282, modulus of rupture / 4',
			reason: phrase('peg: bending at the face'),
			get lines() {
				return [
					turnLine(),
					{ label: 'bending', sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(rod.diameter) }), result: stress(fb) },
					{ label: 'allowed', sum: phrase(`{mor} / ${DOWEL_FACTOR}: ${DOWEL.title}`, { mor: stress(DOWEL.mor) }), result: stress(allowed), source: 'Wood Handbook ch. 5' },
					marginLine(stress(allowed), stress(fb), bends)
				];
			}
		},
		{
			...base,
			id: `holder:${p.holder.id}:lip`,
			title: 'lip of the hole',
			margin: crushes,
			verdict: verdictOf(crushes),
			source: 'statics of a rigid rod in a hole; NDS 2018 Fc⊥',
			reason: phrase('lip of the peg hole: the face crushes'),
			get lines() {
				return [
					turnLine(),
					{
						label: 'lip pressure',
						sum: phrase('(4 × {V} × {l} + 6 × {M}) / {l}² / {d}', { V: newtons(V), M: moment(M), l: mm(rod.embedded), d: mm(rod.diameter) }),
						result: stress(lip)
					},
					{ label: 'allowed', sum: phrase(`bearing across the grain of {t} ${board.title}`, { t: mm(face.thickness) }), result: stress(board.FcPerp), source: board.source },
					marginLine(stress(board.FcPerp), stress(lip), crushes)
				];
			}
		}
	];
}
