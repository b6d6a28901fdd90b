import type { Built, BuiltMember, BuiltSeat } from '../holders/built';
import { rectangle } from '../mechanics/members/rectangle';
import { dropFactor, fallFor } from '../mechanics/statics/drop';
import { memberKind } from '../members/registry';
import type { Root } from '../members/member';
import { nth } from '../nth';
import type { InPlace } from '../places/in-place';
import { remembering } from '../remembering';
import { mm, moment, newtons, phrase, ratio } from '../units/phrase';
import type { Megapascals, Millimetres, NewtonMillimetres, Newtons } from '../units/quantity';
import { checkOf, type Check } from '../verdict/check';
import { loadOn, memberLoads } from './member-checks';

/** A board let go from a hand's thickness above where it comes to lie: a judgement. */
export const LET_GO: Millimetres = 50;
/** What lies there is taken for the stiffest wood: it gives least, and so presses most. Wood Handbook, from memory. */
const STIFFEST: Megapascals = 15_000;

/** A board on one arm: what it puts there, and how far that and the board itself give under it. */
interface Laid {
	name: string;
	weight: Newtons;
	out: Millimetres;
	/** Bending at the root by it, and by all else that lies there. */
	own: NewtonMillimetres;
	rest: NewtonMillimetres;
	/** Of the arm, and of the board between two of them. */
	arm: Millimetres;
	board: Millimetres;
	root: Root;
}

/** The shortest way from one arm to the next. */
function apart({ instances }: BuiltMember): Millimetres {
	const xs = [...new Set(instances.map((f) => Math.round(f.at[0])))].sort((a, b) => a - b);
	return xs.length < 2 ? 0 : Math.min(...xs.slice(1).map((x, i) => x - nth(xs, i)));
}

/** Every board on every arm of one kind that may be laid down hard. */
function laidOn(
	seats: readonly BuiltSeat[],
	m: BuiltMember,
	index: number,
	given: readonly NewtonMillimetres[]
): Laid[] {
	const root = memberKind(m.data.kind).root?.(m.data);
	if (!root) return [];
	const span = apart(m);
	return seats.flatMap((s) =>
		s.carriedBy.flatMap((c) => {
			const at = c.member === index ? m.instances[c.instance] : undefined;
			const { load } = s;
			// What one arm alone carries hangs there: nobody lays it across.
			if (!at || !load || !(c.share > 0) || s.carriedBy.filter((o) => o.member === index).length < 2) return [];
			return s.things.flatMap((t): Laid[] => {
				const { weight = 0, z = 0 } = loadOn(at, t.mass, t.at, c.share) ?? {};
				if (!(weight * z > 0)) return [];
				const own = weight * z;
				const { inertia } = rectangle(load.depth, load.height);
				const one = {
					name: load.name,
					weight,
					out: z,
					own,
					rest: Math.max(0, nth(given, c.instance) - own),
					arm: (weight * z ** 3) / (3 * root.stiff),
					board: (weight * span ** 3) / (120 * STIFFEST * inertia),
					root
				};
				return [one];
			});
		})
	);
}

const takes = (l: Laid): Millimetres => fallFor(Math.max(0, l.root.holds - l.rest) / l.own, l.arm + l.board);

/**
 * A board laid down hard on the arms of a rack: the fall that it takes, the rest lying there already. Told beside the
 * verdict, which it does not decide.
 * @returns one check, of the board that may fall least; none where nothing lies across arms
 * @example laidHard(placed)[0]?.margin
 */
export const laidHard = ({ built, holder }: Pick<InPlace, 'built' | 'holder'>): Check[] => checksOf(built, holder.id);

/** By what it is made of and carries: the same wherever it stands. */
const checksOf = remembering(({ seats, members }: Built, id: string): Check[] => {
	const given = memberLoads(seats, members).map((of) => of.map((ls) => ls.reduce((sum, l) => sum + l.weight * l.z, 0)));
	const all = members.flatMap((m, i) => laidOn(seats, m, i, nth(given, i)));
	if (all.length === 0) return [];
	const l = all.reduce((a, b) => (takes(b) < takes(a) ? b : a));
	const n = Math.max(0, l.root.holds - l.rest) / l.own;
	const give = l.arm + l.board;
	return [
		checkOf(
			`holder:${id}:laid-hard`,
			{ kind: 'holder', id },
			{
				title: 'laid down hard',
				basis: 'grab',
				source: `statics of a fall; ${l.root.source}`,
				reason: phrase('{name} let go {h} above it: lay it down by hand', { name: l.name || 'a board', h: mm(LET_GO) }),
				demand: mm(LET_GO),
				capacity: mm(fallFor(n, give)),
				lines: () => [
					{
						label: 'lies there',
						sum: phrase('{P} of it on one arm, {z} out; all else there bends that by {M}', {
							P: newtons(l.weight),
							z: mm(l.out),
							M: moment(l.rest)
						}),
						result: moment(l.own)
					},
					{
						label: 'may press',
						sum: phrase('({H} - {R}) / {O}: so many times its weight, for a moment', {
							H: moment(l.root.holds),
							R: moment(l.rest),
							O: moment(l.own)
						}),
						result: ratio(n)
					},
					{
						label: 'gives',
						sum: phrase('arm {a}, and the board between two arms {b}, of the stiffest wood', {
							a: mm(l.arm),
							b: mm(l.board)
						}),
						result: mm(give)
					},
					{
						label: 'takes a fall of',
						sum: phrase('{d} × (({n} - 1)² - 1) / 2', { d: mm(give), n: ratio(n) }),
						result: mm(fallFor(n, give))
					},
					{
						label: 'would press',
						sum: phrase('1 + √(1 + 2 × {h} / {d}): times its weight after {h}', { h: mm(LET_GO), d: mm(give) }),
						result: ratio(dropFactor(LET_GO, give))
					}
				]
			}
		)
	];
});
