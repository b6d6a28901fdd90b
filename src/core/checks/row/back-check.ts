import { hardestStrip, type Bent, type Strip } from '../../mechanics/statics/strip-bending';
import { hungBending, hungSections, type HungBack } from '../../mechanics/statics/upright-back';
import { backPulls } from '../../places/back-pulls';
import { dropOf, type Placed } from '../../places/row/place';
import { bentUpCheck } from '../../supports/back-up';
import { mm, moment, phrase } from '../../units/phrase';
import type { Check } from '../../verdict/check';

/** What sits on a peg acts at the edge of its hole: that counts as bored through. */
const AT_HOLE = 0.01;

/**
 * A back that hangs, bent between its hook and what its foot bears on, and below that: the hook holds its top, the foot
 * is pushed out, and what stands between pulls and pushes.
 * @returns nothing where it tips or is of battens, which is said elsewhere, or where nothing bends it
 */
export function hungBackChecks(p: Placed): Check[] {
	const drop = dropOf(p);
	if (!(drop > 0) || p.holder.back.made.kind === 'battens') return [];
	const { built } = p;
	const foot = p.bearing.y - p.foot;
	const back: HungBack = { foot, hook: foot + drop, middle: built.front - built.face.thickness / 2 };
	const pulls = backPulls(built);
	const { width } = built.face;
	let worst: { strip: Strip; y: number; sign: number } | null = null;
	for (const y of hungSections(pulls, back)) {
		const holes = built.holes.filter((h) => Math.abs(h.y - y) <= h.diameter / 2 + AT_HOLE);
		const bends = pulls.map((l): Bent => {
			const { pushed, below } = hungBending(l, back, y);
			return { ...l, M: pushed - below, pushed };
		});
		for (const sign of [1, -1]) {
			const oneWay = sign > 0 ? bends : bends.map((l) => ({ ...l, M: -l.M }));
			const strip = hardestStrip(oneWay, { width, spread: drop, holes });
			if (strip && (!worst || strip.M > worst.strip.M)) worst = { strip, y, sign };
		}
	}
	if (!worst) return [];
	const { strip, y, sign } = worst;
	const against = strip.pushed - sign * strip.M;
	const [more, less] = sign > 0 ? [strip.pushed, against] : [against, strip.pushed];
	return [
		bentUpCheck(
			p,
			strip,
			() => [
				{
					label: 'pushed at its foot',
					sum: phrase(
						'its strip of what is left on and of wood, holes out: {a} of {d}, where it bends most and its hook over its foot',
						{
							d: mm(drop),
							a: mm(Math.max(0, y - foot))
						}
					),
					result: moment(strip.pushed)
				},
				{
					label: 'stands below that',
					sum: phrase('turned out from the middle of the back by what of that is below'),
					result: moment(against)
				},
				{ label: 'bends it', sum: phrase('{a} - {b}', { a: moment(more), b: moment(less) }), result: moment(strip.M) }
			],
			'the back bends between its hook and its foot'
		)
	];
}
