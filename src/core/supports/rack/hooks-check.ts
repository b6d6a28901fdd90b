import type { HooksHold } from '../../carriers/hold';
import { screwHook } from '../../materials/any-fastener';
import { isKnown, wood } from '../../materials/woods';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, LEAST_PENETRATION, WET } from '../../mechanics/fasteners/joint';
import { standOff } from '../../mechanics/fasteners/stand-off';
import { withdrawalPerLength } from '../../mechanics/fasteners/withdrawal';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import { threadLine } from '../../members/joint-lines';
import { RATED_MISSING, RATED_NOTE, ratedStep, wireGrab, wireStep } from '../../members/screw-hook';
import { nth } from '../../nth';
import type { RackPlaced } from '../../places/rack/place';
import type { WallScrew } from '../../places/wall-screw';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed, type Support } from '../../survey/supports';
import { mm, moment, newtons, perLength, phrase } from '../../units/phrase';
import { MM_PER_INCH, weightOf, type Millimetres, type Newtons } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check } from '../../verdict/check';
import { GRAB_UNDER } from '../../verdict/grab';
import { MEMBER, speciesUnknown } from '../wall-screws';
import type { HeldResult } from '../held-result';

/** Of its height, so far below its hook the lower wheel of a bicycle leans on the wall: a judgement. */
const LEANS_AT = 0.55;

/** What hangs on one hook. */
interface Hung {
	weight: Newtons;
	/** Pull out of the wall: its middle is further out than the hook, and its lower wheel leans. */
	pull: Newtons;
	/** How far out its middle is, and how far below the hook it leans. */
	middle: Millimetres;
	below: Millimetres;
}

function hungOn(p: RackPlaced, i: number, out: Millimetres): Hung {
	const seat = p.built.seats[i];
	const things = seat?.things ?? [];
	const weight = things.reduce((sum, t) => sum + weightOf(t.mass), 0);
	const middle = weight > 0 ? things.reduce((sum, t) => sum + weightOf(t.mass) * t.at[2], 0) / weight : out;
	const below = Math.max(1, LEANS_AT * (seat?.load?.height ?? 0));
	return { weight, middle, below, pull: (weight * Math.max(0, middle - out)) / below };
}

/** A hook that nothing holds, or of which nobody knows what it is in. */
function loose(id: string, key: string, s: WallScrew, wall: Wall): Check {
	const step = surveyed(wall)
		? failedStep('thread', s.fault ?? phrase('nothing is behind a hook that holds it'), 'statics')
		: missingStep('thread', phrase('no studs surveyed: survey the wall first'), 'the survey');
	return { ...step, id: `${key}:unheld`, subject: { kind: 'holder', id } };
}

/** The thread of one hook in its stud: tipped or bent by what hangs so far out, and drawn by what leans. */
function threadCheck(hold: HooksHold, wall: Wall, s: WallScrew & { support: Support }, h: Hung, id: string): Check {
	const { support } = s;
	const f = screwHook(hold.wire);
	const gap = claddingDepth(wall.cladding);
	const entered = Math.min(Math.max(0, hold.length - hold.out - gap), support.depth);
	const subject = { kind: 'fixing', of: { kind: 'holder', id }, stud: support.id, x: s.x } as const;
	const key = `fixing:${id}:${support.id}:${Math.round(s.x)}:thread`;
	const member = MEMBER[support.member ?? 'stud'];
	const where = { x: mm(s.x) };
	if (wall.build?.kind === 'masonry')
		return {
			...missingStep('thread', phrase('what a hook that stands out of a plug takes is not known'), 'the plug maker'),
			id: key,
			subject
		};
	const needed = LEAST_PENETRATION[f.kind] * f.D * MM_PER_INCH;
	if (entered < needed - 1e-9)
		return {
			...failedStep(
				'thread',
				phrase(`a hook enters the ${member} by {in}; under {n} counts for nothing`, { in: mm(entered), n: mm(needed) }),
				'NDS 2018 12.1'
			),
			id: key,
			subject
		};
	const { G } = wood(support.species);
	const factor = CD_STORAGE * (wall.wet ? WET.lateral : 1);
	const lever = hold.out + gap;
	const o = standOff({ fastener: f, length: entered, G, toGrain: support.member ? 90 : 0, out: lever });
	const perMm = withdrawalPerLength(f, G);
	const [Z, W] = [o.load * factor, perMm * entered * factor];
	const both = combinedAllowable(W, Z, h.pull, h.weight);
	const resultant = Math.hypot(h.pull, h.weight);
	const judged = checkOf(key, subject, {
		title: 'thread',
		source: `NDS 2018 chapter 12, TR12; G of the ${member}: ${wood(support.species).title}`,
		reason: phrase(`the thread of a hook at ${member} {x@tape}`, where),
		demand: newtons(resultant),
		capacity: newtons(both.allowed),
		lines: () => [
			{
				label: `in the ${member}`,
				sum: phrase('{l} - {o} - {g}', { l: mm(hold.length), o: mm(hold.out), g: mm(gap) }),
				result: mm(entered)
			},
			{ label: 'weight', sum: phrase('{e} out from the wood', { e: mm(lever) }), result: newtons(h.weight) },
			{
				label: 'pulls',
				sum: phrase('{W} × ({m} - {o}) / {h}: its middle hangs further out, its lower wheel leans', {
					W: newtons(h.weight),
					m: mm(h.middle),
					o: mm(hold.out),
					h: mm(h.below)
				}),
				result: newtons(h.pull)
			},
			{
				label: 'across',
				sum: phrase(`{P} / ${Number(o.Rd.toFixed(4))} × ${Number(factor.toFixed(4))}: it ${o.mode} at {P}`, {
					P: newtons(o.yields)
				}),
				result: newtons(Z),
				source: 'Technical Report 12'
			},
			{ label: 'bends at', sum: phrase('by the yield of its steel'), result: moment(o.bends), detail: true as const },
			threadLine(f, G),
			{
				label: 'thread holds',
				sum: phrase(`{w} × {t} × ${Number(factor.toFixed(4))}`, { w: perLength(perMm), t: mm(entered) }),
				result: newtons(W)
			},
			{ label: 'allowed so', sum: phrase('both at once'), result: newtons(both.allowed), source: 'NDS 2018 12.4-1' }
		]
	});
	return isKnown(support.species) ? judged : speciesUnknown(key, subject, member, where, judged);
}

/**
 * Screw hooks in the wall: wire, thread and maker's load of each; a grab beside.
 * @example hooksResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['hook', 'thread', "maker's load", ...]
 */
export function hooksResult(p: RackPlaced, hold: HooksHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const studLoads = new Map<string, StudLoad[]>();
	const gap = claddingDepth(wall.cladding);
	const checks = p.screws.flatMap((s, i): Check[] => {
		const h = hungOn(p, i, hold.out);
		const key = `holder:${id}:hook-${i + 1}`;
		const { support } = s;
		if (!support || s.fault) return [loose(id, key, s, wall)];
		const given: StudLoad = {
			height: s.y,
			force: h.weight,
			couple: h.weight * (hold.out + gap + support.depth / 2),
			pull: h.pull,
			at: s.x
		};
		studLoads.set(support.id, [...(studLoads.get(support.id) ?? []), given]);
		const load = nth(p.built.seats, i).things.reduce((sum, t) => sum + t.mass, 0);
		return [
			checkOf(`${key}:wire`, subject, wireStep(h.weight, hold.out + gap, hold.wire)),
			threadCheck(hold, wall, { ...s, support }, h, id),
			hold.rated === null
				? { ...missingStep("maker's load", RATED_MISSING, 'the maker', [RATED_NOTE]), id: `${key}:rated`, subject }
				: checkOf(`${key}:rated`, subject, ratedStep(load, hold.rated)),
			...(s.y <= GRAB_UNDER ? [checkOf(`${key}:grab`, subject, wireGrab(hold.out + gap, hold.wire))] : [])
		];
	});
	return { checks, studLoads };
}
