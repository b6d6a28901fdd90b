import type { Fixing } from '../../cleats/segments';
import { stock } from '../../materials/stocks';
import { wood } from '../../materials/woods';
import type { Wall } from '../../plan/types';
import type { Quantity } from '../../units/format-quantity';
import { claddingDepth } from '../../survey/cladding-depth';
import { mm, moment, newtons, phrase, ratio, type Phrase } from '../../units/phrase';
import { N_PER_POUND } from '../../units/quantity';
import { marginLine, marginOf, verdictOf, type Check, type SumLine } from '../check';
import { combinedAllowable, type CombinedAllowable } from '../fasteners/combined';
import { screwCapacity, type ScrewCapacity, type ScrewJoint } from '../fasteners/screw-joint';
import type { LaidRow } from '../place';
import { DRYWALL_CRUSH, rollArm, rollPull, screwHeights } from '../statics/roll';
import type { Hung, StudShare } from './row-loads';
import { capacityLines } from './screw-lines';

/** Load that practice hangs on one deck screw through 3/4 ply into a stud. */
export const TRADE_RULE: number = 80 * N_PER_POUND;

interface Demand {
	pull: number;
	across: number;
	lines: () => SumLine[];
	stacked: boolean;
}

/** What hangs next to this stud, each with the sum of its roll. */
function hungLines(laid: LaidRow, hung: readonly Hung[]): SumLine[] {
	const arm = rollArm(laid.profile);
	return hung.map((h) => {
		const values = { W: newtons(h.weight), x: mm(h.standOff), arm: mm(arm) };
		const short = h.standOff <= arm;
		return {
			label: `roll by ${h.name}`,
			sum: phrase(short ? '{W} × {x}: its stand-off, less than front × tan b + t, {arm}' : '{W} × {arm}: front × tan b + t, less than its stand-off, {x}', values),
			result: moment(h.roll)
		};
	});
}

/** Heights of the screws that count. Two that do not stand far enough apart count as one, the upper. */
function countedHeights({ row, profile }: LaidRow): number[] {
	const { heights, fits } = screwHeights(profile, row.screws.size, row.screws.perStud);
	return fits ? heights : heights.slice(-1);
}

function demand(laid: LaidRow, wall: Wall, share: StudShare, hung: readonly Hung[]): Demand {
	const heights = countedHeights(laid);
	const n = heights.length;
	const pivot = wall.cladding.kind === 'drywall' ? DRYWALL_CRUSH : 0;
	const pulls = rollPull(share.roll, heights, pivot);
	const rollTop = Math.max(...pulls);
	const direct = share.pull / n;
	const pull = Math.max(rollTop, direct);
	const lifted = share.lift > share.down;
	const most = Math.max(share.down, share.lift);
	const across = most / n;
	const lines = (): SumLine[] => {
		const values: Record<string, Quantity> = { M: moment(share.roll), p: mm(pivot) };
		heights.forEach((y, i) => (values[`y${i + 1}`] = mm(y)));
		const found: SumLine[] = [
			{ label: 'by nearness', sum: phrase('each load shared by the studs on either side'), result: newtons(share.lever) },
			{
				label: lifted ? 'stud is lifted' : 'stud takes',
				sum: phrase('the cleat is one piece over all its studs; what eases this one taken off'),
				result: newtons(most),
				source: 'three-moment equations'
			},
			...hungLines(laid, hung),
			{ label: 'roll at this stud', sum: phrase('shared with the next studs by nearness'), result: moment(share.roll) },
			{
				label: n === 2 ? 'top screw pull' : 'screw pull',
				sum: n === 2 ? phrase('{M} × ({y2} - {p}) / (({y1} - {p})² + ({y2} - {p})²)', values) : phrase('{M} / ({y1} - {p})', values),
				result: newtons(rollTop)
			}
		];
		if (direct > rollTop) found.push({ label: 'pulled straight out', sum: phrase('{H} / {n}: holders bear below this row', { H: newtons(share.pull), n: String(n) }), result: newtons(direct) });
		found.push({ label: 'across each', sum: phrase('{R} / {n}', { R: newtons(most), n: String(n) }), result: newtons(across) });
		return found;
	};
	return { pull, across, lines, stacked: n === 2 };
}

/** What the screw may carry along the way it is loaded, with cos² and sin² of that way in numbers. */
function allowedLine(c: ScrewCapacity, both: CombinedAllowable): SumLine {
	const values = { W: newtons(c.axial), Z: newtons(c.lateral), c: ratio(both.cos2), s: ratio(both.sin2) };
	const sums: Record<CombinedAllowable['by'], string> = {
		both: '{W} × {Z} / ({W} × {c} + {Z} × {s})',
		across: '{Z} / √{c}: no better than across by itself',
		pull: '{W} / √{s}: no better than pulled by itself'
	};
	return { label: 'allowed so', sum: phrase(both.allowed > 0 ? sums[both.by] : '0: the screw counts for nothing', values), result: newtons(both.allowed), source: 'NDS 2018 12.4-1' };
}

/** Why practice's figure and the published one part company here. */
function tradeNotes(gap: number, d: Demand, capacity: ScrewCapacity, joint: ScrewJoint): Phrase[] {
	const notes: Phrase[] = [];
	if (gap > 0 && capacity.lateral > 0) {
		notes.push(phrase('It does not count the {g} of cladding between row and stud: without it each screw would hold {z} across, not {zg}', {
			g: mm(gap), z: newtons(screwCapacity({ ...joint, gap: 0 }).lateral), zg: newtons(capacity.lateral)
		}));
	}
	if (d.pull > 0) notes.push(phrase('It does not count the roll of the row, which pulls {T} on a screw', { T: newtons(d.pull) }));
	if (joint.main.G < 0.5) notes.push(phrase('It does not ask for the species: here G is {G}', { G: ratio(joint.main.G) }));
	if (capacity.lateral === 0) notes.push(phrase('It takes for granted that the screw is long enough'));
	return notes;
}

/** The screws of one cleat at one stud: the published method, and the trade rule beside it. */
export function fixingChecks(laid: LaidRow, wall: Wall, fixing: Fixing, share: StudShare, hung: readonly Hung[]): Check[] {
	const { row, profile } = laid;
	const timber = wood(fixing.stud.species);
	const gap = claddingDepth(wall.cladding);
	const board = stock(row.stock);
	const joint: ScrewJoint = {
		screw: row.screws,
		side: { thickness: profile.thickness, G: board.G },
		gap,
		main: { thickness: fixing.stud.depth, G: timber.G }
	};
	const capacity = screwCapacity(joint);
	const d = demand(laid, wall, share, hung);
	const resultant = Math.hypot(d.pull, d.across);
	const both = combinedAllowable(capacity.axial, capacity.lateral, d.pull, d.across);
	const { allowed } = both;
	const counted = countedHeights(laid).length;
	const margin = marginOf(allowed, resultant);
	const subject = { kind: 'fixing', row: row.id, stud: fixing.stud.id, x: fixing.x } as const;
	const id = `fixing:${row.id}:${fixing.stud.id}:${Math.round(fixing.x)}`;
	const at = { x: mm(fixing.x) };
	const published: Check = {
		id: `${id}:screws`,
		subject,
		title: 'screws',
		margin,
		verdict: verdictOf(margin),
		basis: 'published',
		source: 'NDS 2018 chapter 12, TR12; G of the stud: ' + timber.title,
		reason:
			capacity.lateral === 0
				? phrase('screws at stud {x@tape} too short: {in} in the stud, {need} needed', { ...at, in: mm(capacity.penetration), need: mm(capacity.needed) })
				: phrase(d.stacked ? 'top screw at stud {x@tape}' : 'screw at stud {x@tape}', at),
		get lines() {
			return [
				...d.lines(),
				...capacityLines(joint, capacity),
				{ label: 'both at once', sum: phrase('√({T}² + {V}²)', { T: newtons(d.pull), V: newtons(d.across) }), result: newtons(resultant) },
				allowedLine(capacity, both),
				marginLine(newtons(allowed), newtons(resultant), margin)
			];
		},
		notes: [
			...(fixing.stud.species === 'unknown' ? [phrase('Species not known: counted as the softest, G 0.36')] : []),
			...(counted < row.screws.perStud ? [phrase('Two screws have no room on this cleat: one is counted')] : [])
		]
	};
	const ruleLoad = TRADE_RULE * counted;
	const tradeMargin = marginOf(ruleLoad, share.down);
	const rule: Check = {
		id: `${id}:trade`,
		subject,
		title: 'trade rule',
		margin: tradeMargin,
		verdict: verdictOf(tradeMargin),
		basis: 'trade-rule',
		source: 'common practice',
		reason: phrase('trade rule at stud {x@tape}', at),
		get lines() {
			return [
				{ label: 'rule', sum: phrase('{each} × {n}: that much a screw', { each: newtons(TRADE_RULE), n: String(counted) }), result: newtons(ruleLoad) },
				marginLine(newtons(ruleLoad), newtons(share.down), tradeMargin)
			];
		},
		get notes() {
			return tradeNotes(gap, d, capacity, joint);
		}
	};
	return [published, rule];
}
