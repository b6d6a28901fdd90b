import type { LeavesHold } from '../../carriers/hold';
import { screw } from '../../materials/screws';
import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { CD_STORAGE } from '../../mechanics/fasteners/joint';
import { withdrawalPerLength } from '../../mechanics/fasteners/withdrawal';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import { beamReactions } from '../../mechanics/statics/continuous-beam';
import { DRYWALL_CRUSH } from '../../mechanics/statics/roll';
import { crushes } from '../../mechanics/statics/turning-edge';
import { threadLine } from '../../members/joint-lines';
import { nth } from '../../nth';
import { columnsOf, type Column } from '../../places/fixed/columns';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed } from '../../survey/supports';
import { angle, mm, newtons, phrase } from '../../units/phrase';
import { MM_PER_INCH, radians, weightOf, type Degrees, type Millimetres, type Newtons } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check } from '../../verdict/check';
import { givenBy } from '../fixed/given';
import type { FixedLoads } from '../fixed/loads';
import { screwChecks } from '../fixed/screw-check';
import { givesNothing, type HeldResult } from '../held-result';

/** One weight on one leaf, so far from its hinge. */
interface OnLeaf {
	/** Of the hinge line, along the wall. */
	hinge: Millimetres;
	weight: Newtons;
	reach: Millimetres;
	/** The leaf's own wood: it is never off. */
	own: boolean;
}

/** In the edge of plywood no value is published: half of the face's, as practice has it. */
const PLY_EDGE = 0.5;
/** The swing is looked at every so often, from closed to its stop. */
const STEP: Degrees = 10;

function weightsOn(p: RackPlaced, hold: LeavesHold): OnLeaf[] {
	return hold.xs.flatMap((along, group): OnLeaf[] => {
		const hinge = p.left + along;
		const things = p.built.seats
			.filter((s) => s.group === group && s.carrier === p.holder.carriers[0]?.id)
			.flatMap((s) => s.things)
			.map((t) => ({ hinge, weight: weightOf(t.mass), reach: t.at[2] - hold.out, own: false }));
		return [{ hinge, weight: weightOf(hold.own), reach: hold.long / 2, own: true }, ...things];
	});
}

/** Of several figures those that add, what is always there counted whichever way it goes. */
const adding = (all: readonly { value: number; own: boolean }[], sign: 1 | -1): number =>
	Math.max(
		0,
		all.reduce((sum, { value, own }) => sum + (own ? sign * value : Math.max(0, sign * value)), 0)
	);

/**
 * What the columns of screws take with all leaves turned by one angle from closed: each weight turns the board out by
 * its distance from the wall, all at its hinge line, and hangs where it is along the wall. Any thing may be off.
 */
function loadsAt(
	weights: readonly OnLeaf[],
	hold: LeavesHold,
	spine: { weight: Newtons; x: Millimetres },
	columns: readonly Column[],
	crush: Millimetres,
	turned: Degrees
): FixedLoads {
	const a = radians(turned);
	const xs = columns.map((c) => c.x);
	const share = (x: Millimetres): number[] =>
		xs.length < 2 ? [1] : beamReactions(xs, [{ from: x, to: x, total: 1 }]).reactions;
	const parts = [
		...weights.map((w) => ({
			own: w.own,
			weight: w.weight,
			at: w.hinge + w.reach * Math.cos(a),
			out: w.weight * (hold.out + w.reach * Math.sin(a)),
			hinge: w.hinge
		})),
		{ own: true, weight: spine.weight, at: spine.x, out: (spine.weight * hold.out) / 2, hinge: spine.x }
	];
	const of = (value: (part: (typeof parts)[number], column: number) => number, i: number, sign: 1 | -1) =>
		adding(
			parts.map((part) => ({ value: value(part, i), own: part.own })),
			sign
		);
	const total = parts.reduce((sum, p) => sum + p.weight, 0);
	const only = columns.length === 1 ? nth(xs, 0) : null;
	const sides = (sign: 1 | -1) => (only === null ? 0 : of((part) => part.weight * (part.at - only), 0, sign));
	return {
		columns: columns.map((_, i) => ({
			down: of((part) => part.weight * nth(share(part.at), i), i, 1),
			lift: of((part) => part.weight * nth(share(part.at), i), i, -1),
			by: only === null ? 'beam' : 'alone',
			roll: of((part) => part.out * nth(share(part.hinge), i), i, 1),
			turn: Math.max(sides(1), sides(-1))
		})),
		crush,
		bends: 0,
		lever: 0,
		total,
		roll: parts.reduce((sum, part) => sum + part.out, 0)
	};
}

/** The hinge of the leaf that pulls most: its screws in the leaf's edge. */
function hingeCheck(p: RackPlaced, hold: LeavesHold, weights: readonly OnLeaf[]): Check {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const key = `holder:${id}:hinge`;
	const bare = noScrewsIn(hold.leaf);
	if (bare)
		return {
			...missingStep('hinge', phrase(`no value is published for screws in ${bare.title}`), 'the maker of the board'),
			id: key,
			subject
		};
	const turning = hold.xs.map((along) => {
		const here = weights.filter((w) => w.hinge === p.left + along);
		return here.reduce((sum, w) => sum + w.weight * w.reach, 0);
	});
	const most = Math.max(...turning);
	const of = stock(hold.leaf);
	const f = screw(hold.hinge.screw);
	const G = screwGravity(of);
	const perMm = withdrawalPerLength(f, G);
	const half = of.kind === 'ply' ? PLY_EDGE : 1;
	const thread = Math.max(0, Math.min(hold.hinge.length * (2 / 3), hold.hinge.length - f.D * MM_PER_INCH));
	const each = perMm * thread * CD_STORAGE * half;
	const pull = most / hold.apart;
	return checkOf(key, subject, {
		title: 'hinge',
		source: 'statics; NDS 2018 12.2-2',
		reason: phrase('the screws of the upper hinge draw out of the leaf'),
		demand: newtons(pull),
		capacity: newtons(each * hold.hinge.count),
		lines: () => [
			{
				label: 'upper hinge',
				sum: phrase('each weight on the leaf by how far it is from its hinge, over {z} between the hinges', {
					z: mm(hold.apart)
				}),
				result: newtons(pull)
			},
			threadLine(f, G),
			{
				label: 'screws hold',
				sum: phrase(
					`${hold.hinge.count} × {l} of thread × ${CD_STORAGE}${half < 1 ? ' × 0.5: edge of plywood, by practice' : ''}`,
					{ l: mm(thread) }
				),
				result: newtons(each * hold.hinge.count)
			}
		],
		notes: [phrase("The hinge's own load is its maker's word. A child can hang on an open leaf")]
	});
}

/**
 * Leaves that swing on a board screwed to the wall: its screws at every stud through the whole swing, and the hinges.
 * @example leavesResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['hinge', 'screws', ...]
 */
export function leavesResult(p: RackPlaced, hold: LeavesHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const weights = weightsOn(p, hold);
	const hinge = hingeCheck(p, hold, weights);
	const columns = columnsOf(p.screws);
	if (columns.length === 0) {
		const step = surveyed(wall)
			? failedStep('screws', phrase('none of its screws holds: nothing is behind them that takes one'), 'statics')
			: missingStep('screws', phrase('no studs surveyed: survey the wall first'), 'the survey');
		return givesNothing(hinge, { ...step, id: `holder:${id}:unheld`, subject: { kind: 'holder', id } });
	}
	const of = stock(hold.spine.stock);
	const bare = noScrewsIn(hold.spine.stock);
	const through = bare
		? { bare: bare.title }
		: {
				fastener: screw(hold.screw),
				length: hold.length,
				side: { thickness: of.thickness, G: screwGravity(of) }
			};
	const spine = {
		weight: weightOf((of.thickness * hold.spine.width * hold.spine.high * of.density) / 1e9),
		x: p.left + hold.spine.width / 2
	};
	const crush = crushes(wall.cladding) ? DRYWALL_CRUSH : 0;
	const at = { holder: p.holder, built: p.built, foot: p.foot, columns };
	const angles = [...Array.from({ length: Math.ceil(hold.stop / STEP) }, (_, i) => i * STEP), hold.stop];
	const swing = angles.map((turned) => ({
		turned,
		loads: loadsAt(weights, hold, spine, columns, crush, turned)
	}));
	const gap = claddingDepth(wall.cladding);
	const studLoads = new Map<string, StudLoad[]>();
	const checks = columns.flatMap((column, i): Check[] => {
		const most = (value: (loads: FixedLoads) => number) => Math.max(...swing.map((s) => value(s.loads)));
		const { id: stud } = column.support;
		const worstOf = {
			down: most((l) => Math.max(nth(l.columns, i).down, nth(l.columns, i).lift)),
			lift: 0,
			roll: most((l) => nth(l.columns, i).roll)
		};
		studLoads.set(stud, [...(studLoads.get(stud) ?? []), givenBy(column, worstOf, p.foot, gap)]);
		const judged = swing.map((s) => ({ ...s, checks: screwChecks(at, through, wall, s.loads, i) }));
		// Each is worst at a turn of its own.
		return nth(judged, 0).checks.map((_, k) => {
			const marginOf = (one: (typeof judged)[number]) => one.checks[k]?.margin ?? Infinity;
			const worst = judged.reduce((a, b) => (marginOf(b) < marginOf(a) ? b : a));
			const c = nth(worst.checks, k);
			return {
				...c,
				lines: c.lines,
				notes: [...c.notes, phrase('Worst with all leaves turned by {a} from closed', { a: angle(worst.turned) })]
			};
		});
	});
	return { checks: [hinge, ...checks], studLoads };
}
