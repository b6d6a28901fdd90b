import { isKnown, wood } from '../../materials/woods';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, jointCapacity, type Joint } from '../../mechanics/fasteners/joint';
import { rollPull } from '../../mechanics/statics/roll';
import { sideways } from '../../mechanics/statics/sideways';
import { nth } from '../../nth';
import type { Built } from '../../holders/built';
import { centreUp } from '../../places/in-place';
import type { Holder, Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { count, mm, moment, newtons, phrase } from '../../units/phrase';
import type { Quantity } from '../../units/format-quantity';
import type { Millimetres, Newtons } from '../../units/quantity';
import { checkOf, missingStep, type Check, type SumLine } from '../../verdict/check';
import { quakeCheck } from '../quake-check';
import { quakeAt, quakePulls } from '../quake-pulls';
import { MEMBER, speciesUnknown, TRADE_RULE } from '../wall-screws';
import { allowedLine, capacityLines } from '../../members/joint-lines';
import { plugCheck } from '../plug-check';
import type { ColumnLoad, FixedLoads } from './loads';
import type { Column } from '../../places/fixed/columns';

/** What the screw of a column that is worst off takes. */
interface Asked {
	pull: Newtons;
	across: Newtons;
	lines: () => SumLine[];
}

const SHARED = {
	alone: 'all of it: this is the only place that holds it',
	beam: 'the back is one piece over its screws; whatever eases these is off',
	rigid: 'the back turns as one stiff piece; whatever eases these is off'
} as const;

/** How much of a screw is used by a pull and what goes across it. */
type Strain = (pull: Newtons, across: Newtons) => number;

function askedOf({ heights }: Column, load: ColumnLoad, { crush, total, roll }: FixedLoads, strain: Strain): Asked {
	const n = heights.length;
	const weight = Math.max(load.down, load.lift);
	const pulls = rollPull(load.roll, heights, crush);
	const sides = sideways(load.turn, heights);
	const each = heights.map((y, i) => {
		const [pull, side] = [nth(pulls, i), nth(sides, i)];
		const across = Math.hypot(weight / n, side);
		return { y, pull, side, across, strain: strain(pull, across) };
	});
	// Not the one that is asked for most but the one nearest to its limit: one strong in pull may be weak across.
	const worst = each.reduce((a, b) => (b.strain >= a.strain ? b : a));
	const values: Record<string, Quantity> = { M: moment(load.roll), p: mm(crush), C: moment(load.turn) };
	values.y = mm(worst.y);
	heights.forEach((y, i) => (values[`y${i + 1}`] = mm(y)));
	const squares = heights.map((_, i) => `({y${i + 1}} - {p})²`).join(' + ');
	const { side } = worst;
	const lines = (): SumLine[] => [
		{ label: 'weight', sum: phrase('of the holder and all on it'), result: newtons(total) },
		{
			label: load.lift > load.down ? 'V: lifted here' : 'V: taken here',
			sum: phrase(SHARED[load.by]),
			result: newtons(weight)
		},
		{
			label: 'roll',
			sum: phrase('each weight by how far it stands out from the wall, about the foot of the back'),
			result: moment(roll)
		},
		{ label: 'M: roll here', sum: phrase('shared as the weight is'), result: moment(load.roll) },
		{
			label: n > 1 ? 'pull on the worst' : 'screw pull',
			sum: n > 1 ? phrase(`{M} × ({y} - {p}) / (${squares})`, values) : phrase('{M} / ({y1} - {p})', values),
			result: newtons(worst.pull)
		},
		...(load.turn > 0
			? [
					{
						label: 'C: turns it',
						sum: phrase('what stands to one side of this stud, by how far'),
						result: moment(load.turn)
					},
					{
						label: 'sideways',
						sum: Number.isFinite(side)
							? phrase('{C} × its distance from the middle of the {n} screws / the sum of their squares', {
									...values,
									n: count(n)
								})
							: phrase('one screw, or all at one height: it turns about it'),
						result: newtons(side)
					}
				]
			: []),
		{
			label: 'across each',
			sum:
				load.turn > 0
					? phrase('√(({V} / {n})² + {H}²)', { V: newtons(weight), n: count(n), H: newtons(side) })
					: phrase('{V} / {n}', { V: newtons(weight), n: count(n) }),
			result: newtons(worst.across)
		}
	];
	return { ...worst, lines };
}

/** What its screws are, and what they go through. */
export type Through = Pick<Joint, 'fastener' | 'length' | 'side'>;

const jointAt = (through: Through, wall: Wall, { support }: Column): Joint => ({
	...through,
	gap: claddingDepth(wall.cladding),
	main: { thickness: support.depth, G: wood(support.species).G },
	...(wall.wet ? { wet: true } : {})
});

/** What is screwed to the wall, and where its foot is above the floor. */
export interface Screwed {
	holder: Pick<Holder, 'id'>;
	columns: readonly Column[];
	built: Built;
	foot: Millimetres;
}

/** One column of screws while the earth shakes; nothing where nobody asks for that. */
function shaken(
	id: string,
	subject: Check['subject'],
	p: Screwed,
	wall: Wall,
	loads: FixedLoads,
	at: number,
	joint: Joint
): Check[] {
	const up = centreUp(p.built);
	const q = quakeAt(wall, p.foot + up);
	if (!q) return [];
	const column = nth(p.columns, at);
	const { down, roll, turn, by } = nth(loads.columns, at);
	const alone = by === 'alone' ? turn : null;
	const asked = quakePulls(
		{ heights: column.heights, crush: loads.crush, down, roll, pull: 0, at: up, times: 1, turn: alone },
		q
	);
	const member = MEMBER[column.support.member ?? 'stud'];
	const reason = phrase(`its screws at ${member} {x@tape}, while the earth shakes`, { x: mm(column.x) });
	return [quakeCheck(id, subject, { joint, words: { side: 'back', main: member }, reason }, asked)];
}

/**
 * The screws of what is screwed to the wall at one of its columns: the published method, and the trade rule beside it;
 * the maker's word for a plug.
 * @param through what they go through; the board that no table gives a value for
 * @param at which column
 * @example screwChecks(placed, through, wall, loads, 0)[0]?.margin
 */
export function screwChecks(
	p: Screwed,
	through: Through | { bare: string },
	wall: Wall,
	loads: FixedLoads,
	at: number
): Check[] {
	const column = nth(p.columns, at);
	const load = nth(loads.columns, at);
	const { support } = column;
	const { id: holder } = p.holder;
	const subject = { kind: 'fixing', of: { kind: 'holder', id: holder }, stud: support.id, x: column.x } as const;
	const id = `fixing:${holder}:${support.id}:${Math.round(column.x)}`;
	if (wall.build?.kind === 'masonry') {
		const asked = askedOf(column, load, loads, Math.hypot);
		return [plugCheck(`${id}:plug`, subject, column, wall.build.plug, asked)];
	}
	if ('bare' in through)
		return [
			{
				...missingStep(
					'screws',
					phrase(`no value is published for screws through ${through.bare}`),
					'the maker of the board'
				),
				id: `${id}:screws`,
				subject
			}
		];
	const joint = jointAt(through, wall, column);
	const capacity = jointCapacity(joint, CD_STORAGE);
	// What turns about its screw asks for more than any number: no way along it to look up.
	const allowed = (pull: Newtons, across: Newtons) =>
		Number.isFinite(across + pull)
			? combinedAllowable(capacity.axial, capacity.lateral, pull, across)
			: combinedAllowable(capacity.axial, capacity.lateral, 0, 1);
	const asked = askedOf(column, load, loads, (pull, across) => {
		const can = allowed(pull, across).allowed;
		const wants = Math.hypot(pull, across);
		return can > 0 ? wants / can : wants * Number.MAX_SAFE_INTEGER;
	});
	const both = allowed(asked.pull, asked.across);
	const resultant = Math.hypot(asked.pull, asked.across);
	const member = MEMBER[support.member ?? 'stud'];
	const where = { x: mm(column.x) };
	const judged = checkOf(`${id}:screws`, subject, {
		title: 'screws',
		source: `NDS 2018 chapter 12, TR12; G of the ${member}: ${wood(support.species).title}`,
		demand: newtons(resultant),
		capacity: newtons(both.allowed),
		reason:
			capacity.lateral === 0
				? phrase(`screws at ${member} {x@tape} too short: {in} in the ${member}, {need} needed`, {
						...where,
						in: mm(capacity.penetration),
						need: mm(capacity.needed)
					})
				: phrase(`its ${column.heights.length > 1 ? 'screws' : 'screw'} at ${member} {x@tape}`, where),
		lines: () => [
			...asked.lines(),
			...capacityLines(joint, capacity, { side: 'back', main: member }),
			{
				label: 'both at once',
				sum: phrase('√({T}² + {V}²)', { T: newtons(asked.pull), V: newtons(asked.across) }),
				result: newtons(resultant)
			},
			allowedLine(capacity, both)
		],
		notes:
			p.columns.length === 1 && wall.build?.kind !== 'plank'
				? [phrase('It catches one stud: what stands to a side of it turns it')]
				: []
	});
	const published = isKnown(support.species) ? judged : speciesUnknown(`${id}:screws`, subject, member, where, judged);
	const rule = TRADE_RULE * column.heights.length;
	return [
		published,
		checkOf(`${id}:trade`, subject, {
			title: 'trade rule',
			basis: 'trade-rule',
			source: 'common practice',
			reason: phrase('trade rule at stud {x@tape}', where),
			demand: newtons(load.down),
			capacity: newtons(rule),
			lines: () => [
				{ label: 'taken here', sum: phrase('as by the published method'), result: newtons(load.down) },
				{
					label: 'rule',
					sum: phrase('{each} × {n}: that much a screw', {
						each: newtons(TRADE_RULE),
						n: count(column.heights.length)
					}),
					result: newtons(rule)
				}
			]
		}),
		...(isKnown(support.species) ? shaken(id, subject, p, wall, loads, at, joint) : [])
	];
}
