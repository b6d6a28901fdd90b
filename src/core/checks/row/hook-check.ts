import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { screw } from '../../materials/screws';
import { angle, count, mm, moment, newtons, perLength, phrase, ratio, stress } from '../../units/phrase';
import { checkOf, failedStep, missingStep, type Check, type SumLine } from '../../verdict/check';
import { CD_STORAGE, threadIn } from '../../mechanics/fasteners/joint';
import { headPullThrough, withdrawalPerLength } from '../../mechanics/fasteners/withdrawal';
import { hookScrewPlaces, type HookScrewPlace } from '../../places/row/hook-screws';
import { holderWeights } from '../../places/in-place';
import type { Placed } from '../../places/row/place';
import { sharedAt } from '../../mechanics/statics/line-share';
import { woodAtHook } from '../../mounts/row/hook';
import { hookRoll } from '../../mechanics/statics/roll';
import { endLoads, hookLoad } from '../../places/row/hook-loads';
import { ACROSS_GRAIN } from '../../members/across-grain';
import { headLine, threadLine } from '../../members/joint-lines';

/** What one screw of a hook holds, pulled out of face or hook. */
function screwHolds(p: Placed) {
	const { hook } = p.holder.mount.strips;
	const board = stock(p.holder.back.stock);
	const wood = woodAtHook(p.holder.back, p.holder.mount.strips, p.profile);
	const cleat = stock(p.row.stock);
	const fastener = screw(hook.screws.size);
	const fromBack = hook.from === 'back';
	const first = fromBack ? p.profile.thickness : wood;
	const into = fromBack ? wood : p.profile.thickness;
	const held = fromBack ? board : cleat;
	const under = fromBack ? cleat : board;
	const thread = threadIn(fastener, hook.screws.length, first, into);
	const perMm = withdrawalPerLength(fastener, screwGravity(held));
	const withdrawal = perMm * thread * CD_STORAGE;
	const head = headPullThrough(fastener.head, first, screwGravity(under)) * CD_STORAGE;
	const lines = (): SumLine[] => [
		threadLine(fastener, screwGravity(held)),
		{
			label: 'thread holds',
			sum: phrase('{W} × {p} × {cd}', { W: perLength(perMm), p: mm(thread), cd: String(CD_STORAGE) }),
			result: newtons(withdrawal)
		},
		headLine(fastener, first, screwGravity(under), CD_STORAGE),
		{ label: 'the smaller', sum: phrase('of thread and head'), result: newtons(Math.min(withdrawal, head)) }
	];
	return { axial: Math.min(withdrawal, head), lines };
}

/**
 * The part load that pulls most on one screw: weight and place of it, how many screws' worth share it, and the pull on
 * the one that takes most.
 */
function worstEnd(p: Placed, screws: readonly HookScrewPlace[], roll: (weight: number) => number) {
	const { self, things } = holderWeights(p.built);
	const ends = [p.built.hook.from, p.built.hook.to] as const;
	const xs = screws.map((s) => s.x);
	let worst = { weight: 0, x: 0, shared: 0, each: -1 };
	for (const load of endLoads(self, things)) {
		const shared = sharedAt(xs, load.x, ends);
		const each = shared > 0 ? roll(load.weight) / (p.profile.back / 2) / shared : Infinity;
		if (each > worst.each) worst = { ...load, shared, each };
	}
	return worst;
}

/** The glue of a hook, turned by a roll off its middle. */
function glued(p: Placed, M: number, off: number) {
	const { back } = p.profile;
	const length = p.holder.back.width;
	const Fv = Math.min(stock(p.holder.back.stock).Fv, stock(p.row.stock).Fv);
	const heavy = 1 + (6 * Math.abs(off)) / length;
	const peel = (6 * M * heavy) / (length * back ** 2);
	const allowed = Fv * CD_STORAGE * ACROSS_GRAIN;
	return {
		by: 'glue',
		demand: stress(peel),
		capacity: stress(allowed),
		lines: (): SumLine[] => [
			{
				label: 'glue peels',
				sum: phrase('6 × {M} × {k} / ({l} × {h}²): {k} for {f} off its middle', {
					M: moment(M),
					k: ratio(heavy),
					l: mm(length),
					h: mm(back),
					f: mm(Math.abs(off))
				}),
				result: stress(peel),
				source: 'NDS 2018 3.8.2'
			},
			{ label: 'glue may', sum: phrase(`{F} × ${CD_STORAGE} / 3`, { F: stress(Fv) }), result: stress(allowed) }
		]
	};
}

function checkHook(p: Placed, which: HookScrewPlace['hook']): Check {
	const { strips } = p.holder.mount;
	const { profile } = p;
	const id = `holder:${p.holder.id}:${which === 'hook' ? 'hook' : 'hook-2'}`;
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const screws = hookScrewPlaces(p).filter((s) => s.hook === which && !s.fault);
	if (screws.length === 0)
		return {
			...failedStep(which, phrase(`${which}: none of its screws counts`), 'statics; NDS 2018 12.2'),
			id,
			subject
		};
	const bare = noScrewsIn(p.holder.back.stock, p.row.stock);
	if (bare)
		return {
			...missingStep(
				which,
				phrase(`${which}: no value is published for screws in ${bare.title}`),
				'the maker of the board'
			),
			id,
			subject
		};
	const outward = hookLoad(p)?.outward ?? 0;
	const bevelToTop = (profile.back + profile.front) / 2;
	const roll = (weight: number) => hookRoll(weight, outward, bevelToTop, profile.thickness);
	const worst = worstEnd(p, screws, roll);
	const M = roll(worst.weight);
	const { axial, lines } = screwHolds(p);
	const locked = hookLoad(p)?.locked === true;
	const values = {
		w: newtons(worst.weight),
		b: angle(profile.bevel),
		h: ratio(outward),
		k: mm(bevelToTop),
		t: mm(profile.thickness)
	};
	return checkOf(id, subject, {
		title: which,
		demand: newtons(worst.each),
		capacity: newtons(axial),
		second: strips.hook.glued ? glued(p, M, worst.x - p.built.face.width / 2) : undefined,
		source: 'statics; NDS 2018 12.2',
		reason: phrase(`${which}: its screws into the face`),
		lines: () => [
			{
				label: 'worst left on',
				sum: phrase('at {x} from its left end: what hangs further off taken off', { x: mm(worst.x) }),
				result: newtons(worst.weight)
			},
			{
				label: 'roll of the hook',
				sum: phrase(
					locked
						? '{w} × {h} × {k} + {w} × {t} / 2: {h} is stand-off over drop, kept on by the strip'
						: '{w} × tan {b} × {k} + {w} × {t} / 2',
					values
				),
				result: moment(M)
			},
			{
				label: 'shared by',
				sum: phrase('{n} screws of {all}: no more balance it where it is, none over its share', {
					n: ratio(worst.shared),
					all: count(screws.length)
				}),
				result: ratio(worst.shared)
			},
			{
				label: 'pull on one',
				sum: phrase('{M} / {y} / {n}', { M: moment(M), y: mm(profile.back / 2), n: ratio(worst.shared) }),
				result: newtons(worst.each)
			},
			...lines()
		],
		notes: strips.secondHook
			? [phrase('Either hook must carry all of it: the rows are never exactly {e} right', { e: mm(1) })]
			: []
	});
}

/**
 * The joints of a holder's hooks: the load rolls each about its top edge and pulls its screws out of the face. Screws
 * share by what equilibrium allows, with things taken off from either end. Glue is credited only as a second line.
 */
export function hookChecks(p: Placed): Check[] {
	return p.bearing.kind === 'second-hook'
		? [checkHook(p, 'hook'), checkHook(p, 'second hook')]
		: [checkHook(p, 'hook')];
}
