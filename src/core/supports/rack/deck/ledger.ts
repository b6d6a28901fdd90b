import type { DeckHold } from '../../../carriers/hold';
import { lag } from '../../../materials/lags';
import { screwGravity, stock } from '../../../materials/stocks';
import { isKnown, wood } from '../../../materials/woods';
import { combinedAllowable } from '../../../mechanics/fasteners/combined';
import { jointCapacity, type Joint } from '../../../mechanics/fasteners/joint';
import type { StudLoad } from '../../../mechanics/members/stud-bending';
import { ledgerLoads, type DeckFrame } from '../../../mechanics/statics/deck-frame';
import { allowedLine, capacityLines } from '../../../members/joint-lines';
import { nth } from '../../../nth';
import type { RackPlaced } from '../../../places/rack/place';
import type { Wall } from '../../../plan/types';
import { claddingDepth } from '../../../survey/cladding-depth';
import { mm, newtons, phrase } from '../../../units/phrase';
import { type Newtons } from '../../../units/quantity';
import { checkOf, failedStep, missingStep, type Check } from '../../../verdict/check';
import { plugCheck } from '../../plug-check';
import { MEMBER, speciesUnknown } from '../../wall-screws';
import type { WallScrew } from '../../../places/wall-screw';
import { surveyed, type Support } from '../../../survey/supports';
import type { Millimetres } from '../../../units/quantity';
import { placing } from './loads';

/** A lag of the ledger that counts, and what it has. */
interface HeldLag {
	screw: WallScrew & { support: Support };
	across: Newtons;
}

/** Every lag of the ledger that counts, with the most that it may have to take. */
function heldLags(p: RackPlaced, d: DeckFrame): HeldLag[] {
	const held = p.screws.flatMap((s) => (s.support && !s.fault ? [{ ...s, support: s.support }] : []));
	const loads = ledgerLoads(
		d,
		held.map((s) => s.x - p.left)
	);
	return held.map((screw, i) => ({ screw, across: Math.max(0, nth(loads, i)) }));
}

/** What the ledger gives to studs and blocks. */
function givenBy(lags: readonly HeldLag[], hold: DeckHold, gap: Millimetres): Map<string, StudLoad[]> {
	const studLoads = new Map<string, StudLoad[]>();
	for (const { screw: s, across } of lags) {
		const couple = across * (hold.thickness + gap + s.support.depth / 2);
		const given: StudLoad = { height: s.y, force: across, couple, at: s.x };
		studLoads.set(s.support.id, [...(studLoads.get(s.support.id) ?? []), given]);
	}
	return studLoads;
}

/** One lag of the ledger in what it really enters. */
function lagCheck(p: RackPlaced, hold: DeckHold, wall: Wall, d: DeckFrame, { screw: s, across }: HeldLag): Check {
	const { id } = p.holder;
	const gap = claddingDepth(wall.cladding);
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
		return plugCheck(`${key}:plug`, subject, { x: s.x }, wall.build.plug, { pull, across, lines });
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
	return isKnown(s.support.species) ? check : speciesUnknown(`${key}:ledger`, subject, member, where, check);
}

/**
 * Every lag of the ledger in what it enters, and what studs are given; one alone lets the deck turn about it.
 * @param judged some board has no value for screws: then nothing is judged, and the studs carry it all the same
 */
export function ledgerResult(p: RackPlaced, hold: DeckHold, wall: Wall, d: DeckFrame, judged: boolean) {
	const { id } = p.holder;
	const lags = heldLags(p, d);
	const studLoads = givenBy(lags, hold, claddingDepth(wall.cladding));
	const at = lags.map((l) => l.screw.x - p.left);
	if (!judged) return { checks: [], studLoads, at };
	if (lags.length >= 2) return { checks: lags.map((l) => lagCheck(p, hold, wall, d, l)), studLoads, at };
	const step = surveyed(wall)
		? failedStep(
				'ledger',
				phrase(
					lags.length === 0 ? 'no lag of the ledger holds' : 'one lag alone holds the ledger: the deck turns about it'
				),
				'the survey'
			)
		: missingStep('ledger', phrase('no studs surveyed: survey the wall first'), 'the survey');
	const check: Check = { ...step, id: `holder:${id}:ledger`, subject: { kind: 'holder', id } };
	return { checks: [check], studLoads, at };
}
