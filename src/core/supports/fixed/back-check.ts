import { standsOnBack } from '../../holders/built';
import { screwsIntoBack } from '../../holders/screws-meet';
import { stock } from '../../materials/stocks';
import type { UprightLoad } from '../../mechanics/statics/upright-back';
import { hardestStrip } from '../../mechanics/statics/strip-bending';
import { backPulls } from '../../places/back-pulls';
import { bendsAcross } from '../../members/cantilever';
import type { Millimetres, NewtonMillimetres } from '../../units/quantity';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { checkOf, type Check } from '../../verdict/check';
import { bentUpCheck } from '../back-up';
import type { FixedLoads } from './loads';
import type { FixedPlaced } from '../../places/fixed/place';

/** Of the height of a back, so much bends with the pull along its top: a judgement. */
const BENDS_WITH = 0.5;

/** What pulls at a batten: from a carrier's lowest screw to what it turns about; null where none is screwed to it. */
function pullLever({ built }: FixedPlaced): { lever: Millimetres; highest: Millimetres } | null {
	const screwed = built.carriers.filter(standsOnBack).flatMap((c) => {
		const ys = screwsIntoBack(c, built.front).map(([, y]) => y);
		return ys.length > 0 ? [{ ys, low: c.taken.low }] : [];
	});
	if (screwed.length === 0) return null;
	return {
		lever: Math.max(1, Math.min(...screwed.map(({ ys, low }) => Math.min(...ys) - low))),
		highest: Math.max(...screwed.flatMap(({ ys }) => ys))
	};
}

/**
 * A batten between its screws: a carrier pulls it out of the wall anywhere between two of them, or above the highest.
 * The worst place counts, and never less than the couple itself.
 */
function battenChecks(p: FixedPlaced, loads: FixedLoads['columns'], width: Millimetres): Check[] {
	const { stock: board } = p.holder.back;
	const { thickness } = stock(board);
	const pulled = pullLever(p);
	const { allowed, sum } = bendsAcross(board, 'along');
	return p.columns.flatMap((column, i): Check[] => {
		const M = loads[i]?.roll ?? 0;
		if (!(M > 0)) return [];
		const ys = column.heights;
		const top = ys.at(-1) ?? 0;
		const gap = Math.max(top, ...ys.slice(1).map((y, k) => y - (ys[k] ?? 0)));
		const arm = pulled ? Math.max(gap / 4, pulled.highest - top) : 0;
		const bent = pulled ? Math.max(M, (M * arm) / pulled.lever) : M;
		const stressed = (6 * bent) / (width * thickness ** 2);
		return [
			checkOf(
				`holder:${p.holder.id}:batten-${i + 1}`,
				{ kind: 'holder', id: p.holder.id },
				{
					title: 'batten bends',
					reason: phrase('the batten at {x@tape} bends between its screws', { x: mm(column.x) }),
					source: 'statics: the pull at the worst place',
					demand: stress(stressed),
					capacity: stress(allowed),
					lines: () => [
						{ label: 'roll here', sum: phrase('its share of what stands on the back'), result: moment(M) },
						{
							label: 'bends it',
							sum:
								pulled && bent > M
									? phrase('{M} / {z} × {a}: pulled over {z}, a quarter of its free length or past its top screw', {
											M: moment(M),
											z: mm(pulled.lever),
											a: mm(arm)
										})
									: phrase('the couple itself'),
							result: moment(bent)
						},
						{
							label: 'bending',
							sum: phrase('6 × {M} / ({w} × {t}²)', { M: moment(bent), w: mm(width), t: mm(thickness) }),
							result: stress(stressed)
						},
						{ label: 'allowed', sum, result: stress(allowed) }
					]
				}
			)
		];
	});
}

/** Free height of a back between the wall's screws over each other, and where the highest is that all columns have. */
function freeHeight(columns: FixedPlaced['columns']): { gap: Millimetres; top: Millimetres } {
	const gaps = columns.map(({ heights }) =>
		Math.max(heights.at(-1) ?? 0, ...heights.slice(1).map((y, k) => y - (heights[k] ?? 0)))
	);
	return { gap: Math.max(0, ...gaps), top: Math.min(...columns.map(({ heights }) => heights.at(-1) ?? 0)) };
}

/**
 * How one load bends a fixed board up its height. What is screwed on pulls at its top half way between two of the
 * wall's screws over each other, or above the highest, and the wall takes what pushes. What is bored in turns it where
 * it is: some of that goes down to the foot, which presses on the wall, the rest up to the highest screw.
 */
function bentBy(l: UprightLoad, { gap, top }: ReturnType<typeof freeHeight>): NewtonMillimetres {
	const M = l.weight * Math.max(0, l.z);
	const up = l.top < top ? l.top / top : 1;
	const turned = M * Math.max(up, 1 - up);
	return l.top > l.low ? Math.max(turned, (M * Math.max(gap / 4, l.top - top)) / (l.top - l.low)) : turned;
}

function upChecks(p: FixedPlaced): Check[] {
	const free = freeHeight(p.columns);
	const { gap } = free;
	const bends = backPulls(p.built).map((l) => ({ ...l, M: bentBy(l, free) }));
	const { width, height } = p.built.face;
	const strip = hardestStrip(bends, { width, spread: height / 2, holes: p.built.holes });
	return strip
		? [
				bentUpCheck(
					p,
					strip,
					() => [
						{
							label: 'free between screws',
							sum: phrase('over each other; from the foot to the lowest counts as one'),
							result: mm(gap)
						},
						{ label: 'bends it', sum: phrase('all that is left on, each by its own lever'), result: moment(strip.M) }
					],
					'the back bends between its screws and above them'
				)
			]
		: [];
}

/** A fixed board between its columns and past them: the roll of what stands on it pulls its top out of the wall. */
function alongChecks(p: FixedPlaced, { bends, lever, roll }: FixedLoads): Check[] {
	const { stock: board, height } = p.holder.back;
	if (!(bends > 0) || !(lever > 0)) return [];
	const { thickness } = stock(board);
	const wide = height * BENDS_WITH;
	const M = bends / lever;
	const S = (wide * thickness ** 2) / 6;
	const { allowed, sum } = bendsAcross(board, 'along');
	return [
		checkOf(
			`holder:${p.holder.id}:back`,
			{ kind: 'holder', id: p.holder.id },
			{
				title: 'back bends',
				reason: phrase('the back bends between its screws'),
				source: 'statics; the part of the height that bends is a judgement',
				demand: stress(M / S),
				capacity: stress(allowed),
				lines: () => [
					{
						label: 'pulls its top',
						sum: phrase('{M} / {h}', { M: moment(roll), h: mm(lever) }),
						result: newtons(roll / lever)
					},
					{
						label: 'bends it',
						sum: phrase('as a beam over its screws, the worst of what may be off'),
						result: moment(M)
					},
					{
						label: 'bending',
						sum: phrase(`6 × {M} / ({w} × {t}²): {w} is ${BENDS_WITH} of its height`, {
							M: moment(M),
							w: mm(wide),
							t: mm(thickness)
						}),
						result: stress(M / S)
					},
					{ label: 'allowed', sum, result: stress(allowed) }
				]
			}
		)
	];
}

/**
 * How a fixed back bends: one board over its columns and up its height, battens each between its own screws. None where
 * nothing bends it.
 */
export function backChecks(p: FixedPlaced, loads: FixedLoads): Check[] {
	const { made } = p.holder.back;
	if (made.kind === 'battens') return battenChecks(p, loads.columns, made.width);
	return [...alongChecks(p, loads), ...upChecks(p)];
}
