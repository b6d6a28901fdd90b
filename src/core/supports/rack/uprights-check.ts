import type { UprightsHold } from '../../carriers/hold';
import { bendingMaterial } from '../../materials/bending';
import { lag } from '../../materials/lags';
import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { isKnown, wood } from '../../materials/woods';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, jointCapacity, type Joint } from '../../mechanics/fasteners/joint';
import { rectangle } from '../../mechanics/members/rectangle';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import { crushing, drawing, pullsOfOne, type SoftUpright } from '../../mechanics/statics/soft-upright';
import type { Turn } from '../../mechanics/statics/upright';
import { uprightPulls } from '../../mechanics/statics/upright-pulls';
import { allowedLine, capacityLines } from '../../members/joint-lines';
import { nth } from '../../nth';
import type { RackPlaced } from '../../places/rack/place';
import type { WallScrew } from '../../places/wall-screw';
import type { Wall } from '../../plan/types';
import { remembering } from '../../remembering';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed, type Support } from '../../survey/supports';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { MM_PER_INCH, weightOf, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check, type SumLine } from '../../verdict/check';
import { plugCheck } from '../plug-check';
import { MEMBER, speciesUnknown } from '../wall-screws';
import type { HeldResult } from '../held-result';
import { shakenLags } from './uprights-quake';

/** What one arm of an upright gives to it. */
interface ArmLoad extends Turn {
	down: Newtons;
}

/** One upright with what is on it and the lags of it that count. */
interface Loaded {
	x: Millimetres;
	/** Along the rack, from the left. */
	at: number;
	arms: readonly ArmLoad[];
	/** Its own wood, half its depth out. */
	own: ArmLoad;
	held: readonly (WallScrew & { support: Support })[];
}

/** What lies on one level: its weight, and how far out its middle is, at the worst that nothing keeps it from. */
function levelLoad(p: RackPlaced, group: number): { weight: Newtons; out: Millimetres } {
	const things = p.built.seats
		.filter((s) => s.group === group && s.carrier === p.holder.carriers[0]?.id)
		.flatMap((s) => s.things);
	const weight = things.reduce((sum, t) => sum + weightOf(t.mass), 0);
	const turn = things.reduce((sum, t) => sum + weightOf(t.mass) * t.at[2], 0);
	return { weight, out: weight > 0 ? turn / weight : 0 };
}

function loadedUprights(p: RackPlaced, hold: UprightsHold): Loaded[] {
	const levels = hold.levels.map((_, j) => levelLoad(p, j));
	const n = hold.lags.at.length;
	const timber = (hold.thickness * hold.depth * hold.length * stock(hold.stock).density) / 1e9;
	const armOwn = weightOf(hold.own.mass);
	return hold.xs.map((along, at): Loaded => {
		const arms = hold.levels.map((y, j): ArmLoad => {
			const seat = p.built.seats.find((s) => s.group === j);
			const share = seat?.carriedBy.find((c) => c.instance === j * hold.xs.length + at)?.share ?? 0;
			const { weight, out } = nth(levels, j);
			// About the face that bears on the wall, or on its packing.
			const couple = share * weight * Math.max(0, out - hold.packing) + armOwn * (hold.depth + hold.own.out);
			return { at: y, couple, down: share * weight + armOwn };
		});
		const own = weightOf(timber);
		return {
			x: p.left + along,
			at,
			arms,
			own: { at: hold.length / 2, couple: (own * hold.depth) / 2, down: own },
			held: p.screws
				.slice(at * n, (at + 1) * n)
				.flatMap((s) => (s.support && !s.fault ? [{ ...s, support: s.support }] : []))
		};
	});
}

/** What the wood is taken for where nobody knows it: stiff, which asks more of a lag. */
const STIFF = 420;

/** The upright as a beam on what gives. Alike for all of a rack whose lags count alike. */
const softOf = remembering(
	(hold: UprightsHold, densest: number, into: Millimetres, lags: readonly Millimetres[]): SoftUpright => {
		const of = stock(hold.stock);
		const { E } = bendingMaterial(of.panel ?? of.species, 1);
		return {
			length: Math.max(hold.length, ...lags),
			bending: E * rectangle(hold.thickness, hold.depth).inertia,
			wall: crushing(E, hold.thickness, hold.depth),
			lag: drawing(densest, lag(hold.lags.size).D * MM_PER_INCH, Math.max(into, 1)),
			lags
		};
	}
);
const onesOf = remembering((u: SoftUpright, places: readonly Millimetres[]) => pullsOfOne(u, places));

/** Pull on each lag that counts, by the greatest of three models, and what goes across each. */
function lagLoads(u: Loaded, hold: UprightsHold, wall: Wall) {
	const turns = [...u.arms, u.own].filter((t) => t.couple > 0).sort((a, b) => a.at - b.at);
	const heights = u.held.map((s) => s.up);
	const into = hold.lags.length - hold.depth - hold.packing - claddingDepth(wall.cladding);
	const densest =
		wall.build?.kind === 'masonry' ? STIFF : Math.max(...u.held.map((s) => wood(s.support.species).density));
	const soft = softOf(hold, densest, into, heights);
	const ones = onesOf(
		soft,
		turns.map((t) => t.at)
	);
	const pulls = uprightPulls(soft, turns, ones);
	const down = u.own.down + u.arms.reduce((sum, a) => sum + a.down, 0);
	return { ...pulls, down, across: down / u.held.length };
}

function jointAt(hold: UprightsHold, wall: Wall, support: Support): Joint {
	return {
		fastener: lag(hold.lags.size),
		length: hold.lags.length,
		side: { thickness: hold.depth, G: screwGravity(stock(hold.stock)) },
		gap: claddingDepth(wall.cladding) + hold.packing,
		main: { thickness: support.depth, G: wood(support.species).G },
		sideToGrain: 0,
		mainToGrain: support.member === 'blocking' || support.member === 'plank' ? 90 : 0,
		...(wall.wet ? { wet: true } : {})
	};
}

/** The lag of an upright that is nearest to its limit; while the earth shakes too. */
function lagCheck(p: RackPlaced, hold: UprightsHold, wall: Wall, u: Loaded): Check[] {
	const { id } = p.holder;
	const loads = lagLoads(u, hold, wall);
	const judged = u.held.map((s, k) => {
		const joint = jointAt(hold, wall, s.support);
		const capacity = jointCapacity(joint, CD_STORAGE);
		const pull = nth(loads.most, k);
		const both = combinedAllowable(capacity.axial, capacity.lateral, pull, loads.across);
		const resultant = Math.hypot(pull, loads.across);
		const strain = both.allowed > 0 ? resultant / both.allowed : resultant * Number.MAX_SAFE_INTEGER;
		return { s, k, joint, capacity, pull, both, resultant, strain };
	});
	const worst = judged.reduce((a, b) => (b.strain > a.strain ? b : a));
	const { s, k, joint, capacity, pull, both, resultant } = worst;
	const { support } = s;
	const subject = { kind: 'fixing', of: { kind: 'holder', id }, stud: support.id, x: u.x } as const;
	const key = `fixing:${id}:${support.id}:${Math.round(u.x)}`;
	const member = MEMBER[support.member ?? 'stud'];
	const lines = (): SumLine[] => [
		{
			label: 'arms turn it',
			sum: phrase(`each ${hold.arm}'s load by how far it is out from what the upright bears on, and the upright's own`),
			result: moment([...u.arms, u.own].reduce((sum, t) => sum + t.couple, 0))
		},
		{
			label: 'pull, bounded',
			sum: phrase('lag at {y@tape}: each couple next to it over the distance to the next lag or the foot', {
				y: mm(s.up)
			}),
			result: newtons(nth(loads.bound, k))
		},
		{
			label: 'as a beam',
			sum: phrase('held at its lags, pressing on a stiff wall at its ends and arms; each arm by itself, added up'),
			result: newtons(nth(loads.stiff, k))
		},
		{
			label: 'wall and lags give',
			sum: phrase(
				'as a beam on wood that crushes a little anywhere, by lags that draw a little. The greatest of the three counts'
			),
			result: newtons(nth(loads.soft, k))
		},
		{
			label: 'across each',
			sum: phrase(`{V} / ${u.held.length}: what this upright may have of every level, and its own wood`, {
				V: newtons(loads.down)
			}),
			result: newtons(loads.across)
		}
	];
	if (wall.build?.kind === 'masonry')
		return [plugCheck(`${key}:plug`, subject, { x: u.x }, wall.build.plug, { pull, across: loads.across, lines })];
	const where = { x: mm(u.x) };
	const check = checkOf(`${key}:lags`, subject, {
		title: 'lags',
		source: `statics; NDS 2018 chapter 12, TR12; G of the ${member}: ${wood(support.species).title}`,
		demand: newtons(resultant),
		capacity: newtons(both.allowed),
		reason:
			capacity.lateral === 0
				? phrase(`lags at ${member} {x@tape} too short: {in} in, {need} needed`, {
						...where,
						in: mm(capacity.penetration),
						need: mm(capacity.needed)
					})
				: phrase(`its lags at ${member} {x@tape}`, where),
		lines: () => [
			...lines(),
			...capacityLines(joint, capacity, { side: 'upright', main: member }),
			{
				label: 'both at once',
				sum: phrase('√({T}² + {V}²)', { T: newtons(pull), V: newtons(loads.across) }),
				result: newtons(resultant)
			},
			allowedLine(capacity, both)
		]
	});
	if (!isKnown(support.species)) return [speciesUnknown(`${key}:lags`, subject, member, where, check)];
	return [
		check,
		...shakenLags(
			p,
			wall,
			u,
			hold.length,
			judged.map((j) => ({ ...j, across: loads.across }))
		)
	];
}

/** The most that bends an upright between two lags: one couple whole on one side, or half of all that are there. */
function bends(u: Loaded): NewtonMillimetres {
	const marks = [-Infinity, ...u.held.map((s) => s.up), Infinity];
	const within = marks
		.slice(1)
		.map((to, i) => u.arms.filter((a) => a.at > nth(marks, i) && a.at <= to).map((a) => a.couple));
	return Math.max(0, ...within.map((cs) => Math.max(0, ...cs, cs.reduce((a, b) => a + b, 0) / 2)));
}

function timberCheck(p: RackPlaced, hold: UprightsHold, u: Loaded): Check {
	const { id } = p.holder;
	const board = stock(hold.stock);
	const M = bends(u);
	const { modulus } = rectangle(hold.net, hold.depth);
	const allowed = board.Fb * CD_STORAGE;
	return checkOf(
		`holder:${id}:upright-${u.at + 1}`,
		{ kind: 'holder', id },
		{
			title: 'upright',
			reason: phrase(`the upright at {x@tape} bends at a ${hold.arm}`, { x: mm(u.x) }),
			source: `NDS 2018 3.3; ${board.source}`,
			demand: stress(M / modulus),
			capacity: stress(allowed),
			lines: () => [
				{
					label: 'bends by',
					sum: phrase('one couple whole on one side of it, or half of all between two lags'),
					result: moment(M)
				},
				{
					label: 'bending',
					sum: phrase('6 × {M} / ({n} × {d}²): what is left beside the hole', {
						M: moment(M),
						n: mm(hold.net),
						d: mm(hold.depth)
					}),
					result: stress(M / modulus)
				},
				{ label: 'allowed', sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(board.Fb) }), result: stress(allowed) }
			]
		}
	);
}

/** An upright that nothing holds, or that one lag alone does. */
function loose(p: RackPlaced, u: Loaded, wall: Wall): Check {
	const { id } = p.holder;
	const where = { x: mm(u.x) };
	const step = surveyed(wall)
		? failedStep(
				'lags',
				phrase(
					u.held.length === 0
						? 'no lag of the upright at {x@tape} holds'
						: 'one lag alone holds the upright at {x@tape}: it turns about it',
					where
				),
				'statics'
			)
		: missingStep('lags', phrase('no studs surveyed: survey the wall first'), 'the survey');
	return { ...step, id: `holder:${id}:upright-${u.at + 1}-held`, subject: { kind: 'holder', id } };
}

function notKnown(p: RackPlaced, title: string): Check {
	const { id } = p.holder;
	const step = missingStep('lags', phrase(`no value is published for screws in ${title}`), 'the maker of the board');
	return { ...step, id: `holder:${id}:lags`, subject: { kind: 'holder', id } };
}

/**
 * Uprights on their studs: each with its lags and its own wood, under the most that it may have of every level.
 * @example uprightsResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['lags', 'upright', ...]
 */
export function uprightsResult(p: RackPlaced, hold: UprightsHold, wall: Wall): HeldResult {
	const studLoads = new Map<string, StudLoad[]>();
	const gap = claddingDepth(wall.cladding) + hold.packing;
	const bare = noScrewsIn(hold.stock);
	const checks = loadedUprights(p, hold).flatMap((u): Check[] => {
		const [first] = u.held;
		if (!first || u.held.length < 2) return [loose(p, u, wall)];
		for (const a of [...u.arms, u.own]) {
			// Each is taken by the lag nearest to it.
			const by = u.held.reduce((x, y) => (Math.abs(y.up - a.at) < Math.abs(x.up - a.at) ? y : x));
			const given: StudLoad = {
				height: p.foot + by.up,
				force: a.down,
				couple: a.couple + a.down * (by.support.depth / 2 + gap),
				at: u.x
			};
			studLoads.set(by.support.id, [...(studLoads.get(by.support.id) ?? []), given]);
		}
		// Where no table knows screws in it nothing that they hold is judged; its studs carry it all the same.
		return bare ? [] : [...lagCheck(p, hold, wall, u), timberCheck(p, hold, u)];
	});
	return { checks: bare ? [...checks, notKnown(p, bare.title)] : checks, studLoads };
}
