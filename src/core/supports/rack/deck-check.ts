import type { DeckHold } from '../../carriers/hold';
import { lag } from '../../materials/lags';
import { noScrewsIn, screwGravity, stock } from '../../materials/stocks';
import { isKnown, wood } from '../../materials/woods';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, jointCapacity, type Joint } from '../../mechanics/fasteners/joint';
import { rectangle } from '../../mechanics/members/rectangle';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import {
	hangerLoadWithOneLost,
	hangerLoads,
	ledgerLoads,
	spreaderLoads,
	spreaderMoment,
	type DeckFrame
} from '../../mechanics/statics/deck-frame';
import {
	boltStep,
	hangerLagHolds,
	hangerLagStep,
	spreaderStep,
	strapOf,
	strapStep,
	type JoistForce
} from '../../members/hanging-steps';
import { allowedLine, capacityLines } from '../../members/joint-lines';
import { nth } from '../../nth';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { joistAt } from '../../survey/joists';
import { mm, moment, newtons, phrase, stress } from '../../units/phrase';
import { weightOf, type Newtons } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check, type StepParts, type SumLine } from '../../verdict/check';
import { givesNothing, type HeldResult } from '../held-result';
import { plugCheck } from '../plug-check';
import { MEMBER, speciesUnknown } from '../wall-screws';

/** The deck with what stands on it, as statics see it; distances out are from the face on the wall. */
export function deckFrameOf(p: RackPlaced, hold: DeckHold): DeckFrame {
	const seats = p.built.seats.filter((s) => s.carrier === p.holder.carriers[0]?.id);
	const load = seats[0]?.load;
	const depth = load?.depth ?? 0;
	const seen = new Set<string>();
	const places = seats.flatMap((s) => {
		const key = `${s.at[0]} ${s.at[2]}`;
		if (seen.has(key)) return [];
		seen.add(key);
		return [{ x: s.at[0], z: s.at[2] + depth / 2 }];
	});
	return {
		width: hold.width,
		hangLine: hold.hangLine,
		hangers: hold.hangers.at,
		own: { weight: weightOf(p.built.self.mass), z: p.built.self.at[2] },
		stacks: {
			places,
			weight: weightOf(load?.mass ?? 0),
			high: hold.layers,
			count: seats.reduce((n, s) => n + s.things.length, 0)
		}
	};
}

/** How what a hanger, a stud, a joist has comes about. */
const placing = (label: string, d: DeckFrame, result: Newtons, how: string): SumLine => ({
	label,
	sum: phrase(
		`{o} of wood and ${d.stacks.count} bins of {b} where they weigh most on it: ${how}, each bin by its place`,
		{ o: newtons(d.own.weight), b: newtons(d.stacks.weight) }
	),
	result: newtons(result)
});

function hangerChecks(d: DeckFrame, hold: DeckHold): StepParts[] {
	const loads = hangerLoads(d);
	const force = Math.max(...loads);
	const at = nth(hold.hangers.at, loads.indexOf(force));
	const G = screwGravity(stock(hold.spreader.stock));
	const pulled = {
		force,
		lines: () => [
			placing(
				'each hanger',
				d,
				force,
				'out from the wall by the lever rule, along the rail as a beam over its hangers'
			),
			{ label: 'the worst', sum: phrase('so far along the deck'), result: mm(at) }
		]
	};
	return [
		hangerLagStep(pulled, hold.hangers.lag, hold.hangers.into, G),
		strapStep(pulled, strapOf(hold.hangers.strap), hold.hangers.hole),
		boltStep(pulled, hold.hangers.bolt, hold.thickness, screwGravity(stock(hold.stock)))
	];
}

/** When one goes: told as a step of its own, since nobody stands under a deck that one screw keeps up. */
function lostCheck(d: DeckFrame, hold: DeckHold, key: string, subject: Check['subject']): Check {
	const lost = hangerLoadWithOneLost(d);
	const { holds, lines } = hangerLagHolds(
		hold.hangers.lag,
		hold.hangers.into,
		screwGravity(stock(hold.spreader.stock))
	);
	if (!Number.isFinite(lost))
		return {
			...failedStep(
				'one hanger lost',
				phrase(
					hold.hangers.at.length < 3
						? `${hold.hangers.at.length} hanger${hold.hangers.at.length === 1 ? '' : 's'}: when one goes, the deck falls`
						: 'when one hanger goes, the deck tips off those that are left'
				),
				'statics'
			),
			id: `${key}:one-lost`,
			subject
		};
	return checkOf(`${key}:one-lost`, subject, {
		title: 'one hanger lost',
		reason: phrase('a hanger goes: those left take all of it'),
		source: 'statics; NDS 2018 12.2-1',
		demand: newtons(lost),
		capacity: newtons(holds),
		lines: () => [
			{
				label: 'takes then',
				sum: phrase('the bins evenly over it, the one gone that matters most: as a beam over the others'),
				result: newtons(lost)
			},
			...lines()
		]
	});
}

/** Screws through rail or ledger into the end of a member: across only, and two thirds of that. */
function jointStep(d: DeckFrame, hold: DeckHold): StepParts {
	const of = stock(hold.stock);
	const G = screwGravity(of);
	const joint: Joint = {
		fastener: hold.joint.fastener,
		length: hold.joint.length,
		side: { thickness: hold.thickness, G },
		gap: 0,
		main: { thickness: 500, G },
		endGrain: true
	};
	const c = jointCapacity(joint);
	const stack = d.stacks.weight * Math.min(d.stacks.high, d.stacks.count);
	const rows = [...new Set(d.stacks.places.map((s) => s.z))].slice(0, d.stacks.count);
	// Bins narrower than members are apart: more than one of them on one; the sheet over several gives it a quarter more.
	const apart = hold.width / Math.max(1, hold.members - 1);
	const beside = Math.max(1, hold.wide > 0 ? (1.25 * apart) / hold.wide : 1);
	const end = Math.max(
		rows.reduce((sum, z) => sum + Math.min(1, z / hold.hangLine), 0),
		rows.reduce((sum, z) => sum + Math.max(0, 1 - z / hold.hangLine), 0)
	);
	const most = stack * beside * end + d.own.weight / hold.members / 2;
	const each = most / hold.joint.count;
	return {
		title: 'joints of the frame',
		reason: c.across
			? phrase('the screws of a member into its end grain')
			: phrase('joint screws too short: {p} in the member, {need} needed', {
					p: mm(c.penetration),
					need: mm(c.needed)
				}),
		source: 'NDS 2018 chapter 12, 12.5.2: end grain',
		demand: newtons(each),
		capacity: newtons(c.lateral),
		lines: () => [
			{
				label: 'end of a member',
				sum: phrase(
					`a stack of {s} in each of ${rows.length} rows × ${beside.toFixed(2)} side by side × ${end.toFixed(2)} to one end by the lever rule, and its wood`,
					{ s: newtons(stack) }
				),
				result: newtons(most)
			},
			{ label: 'each screw', sum: phrase(`{W} / ${hold.joint.count}`, { W: newtons(most) }), result: newtons(each) },
			...capacityLines(joint, c, { side: 'rail', main: 'member' })
		],
		notes: [phrase('Screws into end grain hold nothing pulled out: joist hangers or blocks are better')]
	};
}

/** The spreader bent between its joists, lying flat. */
function spreaderBends(d: DeckFrame, hold: DeckHold, xs: readonly number[]): StepParts {
	const of = stock(hold.spreader.stock);
	const M = spreaderMoment(d, xs);
	const S = rectangle(of.width, of.thickness).modulus;
	return {
		title: 'spreader',
		reason: phrase('the spreader bends between the joists'),
		source: `NDS 2018 3.3; ${of.source}`,
		demand: stress(M / S),
		capacity: stress(of.Fb * CD_STORAGE),
		lines: () => [
			{
				label: 'bends by',
				sum: phrase('each hanger at its worst, by the span between two joists that it hangs in'),
				result: moment(M)
			},
			{
				label: 'bending',
				sum: phrase('6 × {M} / ({b} × {t}²): it lies flat', { M: moment(M), b: mm(of.width), t: mm(of.thickness) }),
				result: stress(M / S)
			},
			{ label: 'allowed', sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(of.Fb) }), result: stress(of.Fb * CD_STORAGE) }
		]
	};
}

/** Spreader, its lags in the joists that are really over them, and what each joist is given. */
function overheadChecks(p: RackPlaced, hold: DeckHold, wall: Wall, d: DeckFrame) {
	const { id } = p.holder;
	const key = `holder:${id}`;
	const subject = { kind: 'holder', id } as const;
	const joistLoads = new Map<string, JoistForce[]>();
	const { ceiling } = wall;
	const said = (step: ReturnType<typeof missingStep>): { checks: Check[]; joistLoads: typeof joistLoads } => ({
		checks: [{ ...step, id: `${key}:ceiling`, subject }],
		joistLoads
	});
	if (!ceiling || hold.over === null)
		return said(missingStep('ceiling', phrase('no ceiling surveyed: what does it hang from?'), 'the survey'));
	if (ceiling.kind === 'slab')
		return said(
			missingStep('ceiling', phrase('a slab: its anchor maker says what hangs from it'), 'maker of the anchors')
		);
	const found = hold.spreader.at.flatMap((x) => {
		const joist = joistAt(wall, p.left + x, hold.hangLine);
		return joist ? [{ x, joist }] : [];
	});
	if (found.length === 0)
		return said(failedStep('spreader lags', phrase('no lag of the spreader is under a joist'), 'the survey'));
	const xs = found.map((f) => f.x);
	const forces = spreaderLoads(d, xs);
	found.forEach((f, i) => {
		const at = ceiling.direction === 'across' ? hold.hangLine : p.left + f.x;
		joistLoads.set(f.joist.id, [...(joistLoads.get(f.joist.id) ?? []), { force: nth(forces, i), at }]);
	});
	const worst = Math.max(...forces);
	const of = stock(hold.spreader.stock);
	const joist = wood(ceiling.species);
	const step = spreaderStep(
		{
			force: worst,
			lines: () => [placing('each joist', d, worst, 'through hangers and spreader, in one piece under its joists')]
		},
		{
			fastener: lag(hold.spreader.lag),
			length: hold.spreader.length,
			side: { thickness: of.thickness, G: screwGravity(of) },
			gap: hold.spreader.board,
			main: { thickness: ceiling.depth, G: joist.G }
		},
		hold.spreader.each
	);
	const lags = checkOf(`${key}:spreader-lags`, subject, step);
	return {
		checks: [
			isKnown(ceiling.species)
				? lags
				: {
						...missingStep('spreader lags', phrase('species of the joists is not known'), step.source),
						id: lags.id,
						subject
					},
			checkOf(`${key}:spreader`, subject, spreaderBends(d, hold, xs))
		],
		joistLoads
	};
}

/** The ledger at its worst stud, and what every stud is given. */
function ledgerChecks(p: RackPlaced, hold: DeckHold, wall: Wall, d: DeckFrame) {
	const { id } = p.holder;
	const studLoads = new Map<string, StudLoad[]>();
	const held = p.screws.flatMap((s) => (s.support && !s.fault ? [{ ...s, support: s.support }] : []));
	if (held.length === 0) {
		const step = failedStep('ledger', phrase('no lag of the ledger holds'), 'the survey');
		return { checks: [{ ...step, id: `holder:${id}:ledger`, subject: { kind: 'holder', id } as const }], studLoads };
	}
	const gap = claddingDepth(wall.cladding);
	const loads = ledgerLoads(
		d,
		held.map((s) => s.x - p.left)
	).map((v) => Math.max(0, v));
	held.forEach((s, i) => {
		const force = nth(loads, i);
		const given: StudLoad = {
			height: s.y,
			force,
			couple: force * (hold.thickness + gap + s.support.depth / 2),
			at: s.x
		};
		studLoads.set(s.support.id, [...(studLoads.get(s.support.id) ?? []), given]);
	});
	const across = Math.max(...loads);
	const s = nth(held, loads.indexOf(across));
	// Members end on its front: that turns it about its lower edge, half its height under the lag.
	const pull = (across * hold.thickness) / (hold.high / 2);
	const subject = { kind: 'fixing', of: { kind: 'holder', id }, stud: s.support.id, x: s.x } as const;
	const key = `fixing:${id}:${s.support.id}:${Math.round(s.x)}`;
	const member = MEMBER[s.support.member ?? 'stud'];
	const of = stock(hold.stock);
	const joint: Joint = {
		fastener: lag(hold.ledger.lag),
		length: hold.ledger.length,
		side: { thickness: hold.thickness, G: screwGravity(of) },
		gap,
		main: { thickness: s.support.depth, G: wood(s.support.species).G },
		mainToGrain: s.support.member === 'blocking' || s.support.member === 'plank' ? 90 : 0,
		...(wall.wet ? { wet: true } : {})
	};
	const lines = () => [
		placing('each stud', d, across, 'out from the wall by the lever rule, along the ledger as a beam over its lags'),
		{
			label: 'turned',
			sum: phrase('{V} × {t} / ({h} / 2): members end on its front, it bears at its foot', {
				V: newtons(across),
				t: mm(hold.thickness),
				h: mm(hold.high)
			}),
			result: newtons(pull)
		}
	];
	if (wall.build?.kind === 'masonry')
		return {
			checks: [plugCheck(`${key}:plug`, subject, { x: s.x }, wall.build.plug, { pull, across, lines })],
			studLoads
		};
	const c = jointCapacity(joint);
	const both = combinedAllowable(c.axial, c.lateral, pull, across);
	const resultant = Math.hypot(pull, across);
	const where = { x: mm(s.x) };
	const check = checkOf(`${key}:ledger`, subject, {
		title: 'ledger',
		reason:
			c.lateral === 0
				? phrase(`ledger lags at ${member} {x@tape} too short: {in} in, {need} needed`, {
						...where,
						in: mm(c.penetration),
						need: mm(c.needed)
					})
				: phrase(`the ledger's lag at ${member} {x@tape}`, where),
		source: `statics; NDS 2018 chapter 12, TR12; G of the ${member}: ${wood(s.support.species).title}`,
		demand: newtons(resultant),
		capacity: newtons(both.allowed),
		lines: () => [...lines(), ...capacityLines(joint, c, { side: 'ledger', main: member }), allowedLine(c, both)]
	});
	return {
		checks: [isKnown(s.support.species) ? check : speciesUnknown(`${key}:ledger`, subject, member, where, check)],
		studLoads
	};
}

/**
 * A deck over heads: its ledger, frame, hangers, spreader, each with the bins where they weigh most on it, and what its
 * studs and joists are given. One hanger gone is a step of its own.
 * @example deckResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['ledger', 'hanger lag', ...]
 */
export function deckResult(p: RackPlaced, hold: DeckHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const bare = noScrewsIn(hold.stock, hold.spreader.stock);
	if (bare)
		return givesNothing({
			...missingStep('deck', phrase(`no value is published for screws in ${bare.title}`), 'the maker of the board'),
			id: `holder:${id}:deck`,
			subject
		});
	const d = deckFrameOf(p, hold);
	const ledger = ledgerChecks(p, hold, wall, d);
	const overhead = overheadChecks(p, hold, wall, d);
	const frame = [...hangerChecks(d, hold), jointStep(d, hold)].map((step) =>
		checkOf(`holder:${id}:${step.title.replaceAll(' ', '-')}`, subject, step)
	);
	return {
		checks: [...ledger.checks, ...frame, lostCheck(d, hold, `holder:${id}`, subject), ...overhead.checks],
		studLoads: ledger.studLoads,
		joistLoads: overhead.joistLoads
	};
}
