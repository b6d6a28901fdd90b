import { DOWEL, stock } from '../../materials/stocks';
import { ROD_MATERIALS } from '../../materials/rods';
import { count, mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { weightOf } from '../../units/quantity';
import { checkOf, type Check } from '../check';
import type { Placed } from '../place';
import { rodSteps } from './rod-steps';

/** Play of a dowel in the hole its own bit bored: a good fit, counted all the same. */
const PLAY = 0.2;

/** The most loaded seat's peg: what it carries, what turns it, and what bends its tip, times 2 E I. */
function mostLoaded(p: Placed) {
	const none = { V: 0, M: 0, bends: 0, things: 0 };
	return p.built.seats.reduce((most, s) => {
		const each = s.things.map((t) => ({ w: weightOf(t.mass) / p.built.rod.perSeat, out: t.out }));
		const M = each.reduce((sum, t) => sum + t.w * t.out, 0);
		if (!(M > most.M)) return most;
		return {
			V: each.reduce((sum, t) => sum + t.w, 0),
			M,
			bends: each.reduce((sum, t) => sum + t.w * t.out ** 2, 0),
			things: each.length
		};
	}, none);
}

/**
 * Bending of the most loaded peg at the face, the lip of its hole, the tilt left at its tip. None when nothing hangs.
 */
export function pegChecks(p: Placed): Check[] {
	const { rod, face } = p.built;
	const { V, M, bends, things } = mostLoaded(p);
	if (V === 0) return [];
	const board = stock(p.holder.params.face.stock);
	const share = rod.perSeat === 1 ? 'one peg carries the seat' : 'each of two pegs carries half the seat';
	const steps = rodSteps({
		name: 'peg',
		outer: rod.diameter,
		wall: 0,
		material: { ...ROD_MATERIALS.birch, title: DOWEL.title },
		V,
		M,
		lines: () => [
			{
				label: 'turns the peg',
				sum: phrase(`{V} × {x}: {n} things, as far out as nothing keeps them from; ${share}`, {
					V: newtons(V),
					x: mm(M / V),
					n: count(things)
				}),
				result: moment(M)
			}
		],
		embedded: rod.embedded,
		hole: rod.diameter + PLAY,
		tilt: p.holder.params.pegs.tilt,
		bends: {
			value: bends / 2,
			sum: 'every {V} at its own place squared, {r}² in the mean, / 2',
			values: { V: newtons(V), r: mm(Math.sqrt(bends / V)) }
		},
		lipAllowed: board.FcPerp,
		lipLine: {
			label: 'allowed',
			sum: phrase(`bearing across the grain of {t} ${board.title}`, { t: mm(face.thickness) }),
			result: stress(board.FcPerp),
			source: board.source
		},
		lipSource: 'statics of a rigid rod in a hole; NDS 2018 Fc⊥',
		FcPerp: board.FcPerp
	});
	const subject = { kind: 'holder', id: p.holder.id } as const;
	return [
		checkOf(`holder:${p.holder.id}:peg`, subject, steps.bending),
		checkOf(`holder:${p.holder.id}:lip`, subject, steps.lip),
		checkOf(`holder:${p.holder.id}:tilt`, subject, { ...steps.tilt, title: 'tilt of the pegs' })
	];
}
