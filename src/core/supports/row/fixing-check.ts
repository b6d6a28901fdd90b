import { nth } from '../../nth';
import type { Fixing, Segment } from '../../cleats/segments';
import { screw } from '../../materials/screws';
import { screwGravity, stock } from '../../materials/stocks';
import { isKnown, wood } from '../../materials/woods';
import type { Wall } from '../../plan/types';
import type { Quantity } from '../../units/format-quantity';
import { claddingDepth } from '../../survey/cladding-depth';
import { count, mm, moment, newtons, phrase, ratio, stress, type Phrase } from '../../units/phrase';
import { checkOf, type Check, type SumLine } from '../../verdict/check';
import { combinedAllowable } from '../../mechanics/fasteners/combined';
import { CD_STORAGE, jointCapacity, type Joint, type JointCapacity } from '../../mechanics/fasteners/joint';
import type { LaidRow } from '../../places/row/place';
import { beamReactions } from '../../mechanics/statics/continuous-beam';
import { blockJointStress, rollArm, rollPull, type Rolling } from '../../mechanics/statics/roll';
import { turningEdge } from '../../mechanics/statics/turning-edge';
import { MEMBER, speciesUnknown, TRADE_RULE } from '../wall-screws';
import { shareOf, type Hung, type OwnWeight, type StudShare } from './row-loads';
import { allowedLine, capacityLines } from '../../members/joint-lines';
import { plugCheck } from '../plug-check';
import { quakeCheck, type ShakenJoint } from '../quake-check';
import { quakeAt, quakePulls } from '../quake-pulls';
import { quakeLever } from './quake-lever';

interface Demand {
	pull: number;
	across: number;
	/** All screws of the stud together, against the roll. */
	rollPull: number;
	lines: () => SumLine[];
	screws: number;
}

/** Where a fixing stands in its row: which cleat, which of its fixings, and what hangs by it. */
export interface FixingPlace {
	segment: Segment;
	at: number;
	hung: readonly Hung[];
	rolling: Rolling;
	own: OwnWeight;
}

function rollWords(h: Hung): string {
	if (h.load.locked) return '{W} × {x}: its lock strip holds it, so all of its stand-off';
	if (h.byStandOff) return '{W} × {x}: its stand-off, less than front × tan b + t, {arm}';
	return '{W} × {arm}: front × tan b + t, less than its stand-off, {x}';
}

/** What hangs by this stud: each with its share of weight here, where it lies, and the sum of its roll. */
function hungLines(laid: LaidRow, { segment, at, hung, rolling, own }: FixingPlace): SumLine[] {
	const arm = rollArm(laid.profile, rolling);
	const supports = segment.fixings.map((f) => f.x);
	const length = segment.to - segment.from;
	const wood = own.cleat + own.sheet;
	const self = nth(beamReactions(supports, [{ from: segment.from, to: segment.to, total: wood }]).reactions, at);
	const rows: SumLine[] = [
		{
			label: own.sheet > 0 ? 'cleat and sheet' : 'cleat itself',
			sum: phrase(own.sheet > 0 ? '({c} + {s}) over {l}: its share here' : '{c} over {l}: its share here', {
				c: newtons(own.cleat),
				s: newtons(own.sheet),
				l: mm(length)
			}),
			result: newtons(self)
		}
	];
	for (const h of hung) {
		const values = { W: newtons(h.weight), a: mm(h.load.from), b: mm(h.load.to), x: mm(h.standOff), arm: mm(arm) };
		const share = shareOf(h.load, segment, at);
		rows.push({
			label: `weight of ${h.name}`,
			sum: phrase('{W} about {a@tape} to {b@tape}, seat by seat: its share here', values),
			result: newtons(share)
		});
		rows.push({ label: `roll by ${h.name}`, sum: phrase(rollWords(h), values), result: moment(h.roll) });
	}
	return rows;
}

const PULL_WORDS = {
	plain: 'about its lower edge',
	block: 'about the foot of its twist block',
	backer: 'about the foot of its sheet'
} as const;

function demand(laid: LaidRow, wall: Wall, share: StudShare, place: FixingPlace): Demand {
	const { row } = laid;
	const { below, crush } = turningEdge(row, wall);
	const fixing = nth(place.segment.fixings, place.at);
	// Above the line that the row turns about: each screw where it really is.
	const heights = fixing.screws.map((s) => s.y - (row.y - below));
	const n = heights.length;
	const pulls = rollPull(share.roll, heights, crush);
	const rollTop = Math.max(...pulls);
	const direct = share.pull / n;
	const pull = Math.max(rollTop, direct);
	const lifted = share.lift > share.down;
	const most = Math.max(share.down, share.lift);
	const across = most / n;
	const lines = (): SumLine[] => {
		const values: Record<string, Quantity> = { M: moment(share.roll), p: mm(crush) };
		heights.forEach((y, i) => (values[`y${i + 1}`] = mm(y)));
		const squares = heights.map((_, i) => `({y${i + 1}} - {p})²`).join(' + ');
		const bare = row.twistBlock ? PULL_WORDS.block : PULL_WORDS.plain;
		const about = row.backer ? PULL_WORDS.backer : bare;
		const found: SumLine[] = [
			...hungLines(laid, place),
			{
				label: 'by nearness',
				sum: phrase('each load shared by the studs on either side'),
				result: newtons(share.lever)
			},
			{
				label: lifted ? 'V: stud is lifted' : 'V: stud takes',
				sum: phrase('the cleat is one piece over all its studs; every seat that eases this one empty'),
				result: newtons(most),
				source: 'three-moment equations'
			},
			{
				label: 'M: roll at this stud',
				sum: phrase(
					`all of it, by what stands out or what weighs, whichever is more here, shared by nearness, ${about}`
				),
				result: moment(share.roll)
			},
			{
				label: n > 1 ? 'top screw pull' : 'screw pull',
				sum: n > 1 ? phrase(`{M} × ({y${n}} - {p}) / (${squares})`, values) : phrase('{M} / ({y1} - {p})', values),
				result: newtons(rollTop)
			}
		];
		if (direct > rollTop)
			found.push({
				label: 'pulled straight out',
				sum: phrase('{H} / {n}: holders bear below this row', { H: newtons(share.pull), n: String(n) }),
				result: newtons(direct)
			});
		found.push({
			label: 'across each',
			sum: phrase('{R} / {n}', { R: newtons(most), n: String(n) }),
			result: newtons(across)
		});
		return found;
	};
	return { pull, across, rollPull: pulls.reduce((a, b) => a + b, 0), lines, screws: n };
}

/** Why practice's figure and the published one part company here. */
function tradeNotes(gap: number, d: Demand, capacity: JointCapacity, joint: Joint): Phrase[] {
	const notes: Phrase[] = [];
	if (gap > 0 && capacity.lateral > 0) {
		notes.push(
			phrase(
				'It does not count the {g} of cladding between row and stud: without it each screw would hold {z} across, not {zg}',
				{
					g: mm(gap),
					z: newtons(jointCapacity({ ...joint, gap: 0 }).lateral),
					zg: newtons(capacity.lateral)
				}
			)
		);
	}
	if (d.pull > 0)
		notes.push(phrase('It does not count the roll of the row, which pulls {T} on a screw', { T: newtons(d.pull) }));
	if (joint.main.G < 0.5)
		notes.push(phrase('It does not ask for the species: here G is {G}', { G: ratio(joint.main.G) }));
	if (joint.wet) notes.push(phrase('It does not ask for moisture: wet in use, a screw keeps 0.7'));
	if (capacity.lateral === 0) notes.push(phrase('It takes for granted that the screw is long enough'));
	return notes;
}

/** The glued joint of a twist block: the second thing that must hold where one stands. */
function blockCheck(
	laid: LaidRow,
	wall: Wall,
	d: Demand,
	id: string,
	subject: Check['subject'],
	at: { x: Quantity }
): Check | null {
	const block = laid.row.twistBlock;
	if (!block || laid.row.backer) return null;
	const { crush } = turningEdge(laid.row, wall);
	const t = laid.profile.thickness;
	const arm = Math.max(0, block.height - crush);
	const bent = blockJointStress(d.rollPull, arm, { width: block.width, thickness: t });
	const allowed = (stock(laid.row.stock).Fv * CD_STORAGE) / 3;
	return checkOf(`${id}:block`, subject, {
		title: 'twist block',
		reason: phrase('twist block at stud {x@tape}: its joint to the cleat', at),
		source: 'statics; NDS 2018 3.8.2: a third of Fv',
		demand: stress(bent),
		capacity: stress(allowed),
		lines: () => [
			{ label: 'foot presses', sum: phrase('as much as the screws pull'), result: newtons(d.rollPull) },
			{
				label: 'bends the joint',
				sum: phrase('6 × {C} × {h} / ({b} × {t}²)', {
					C: newtons(d.rollPull),
					h: mm(arm),
					b: mm(block.width),
					t: mm(t)
				}),
				result: stress(bent)
			},
			{
				label: 'allowed',
				sum: phrase(`{F} × ${CD_STORAGE} / 3`, { F: stress(stock(laid.row.stock).Fv) }),
				result: stress(allowed)
			}
		],
		notes: [phrase('Glued and screwed to the cleat: a dry joint does nothing')]
	});
}

/** The screws of one cleat, or of its backer sheet, at one stud: the published method, and the trade rule beside it. */
export function fixingChecks(laid: LaidRow, wall: Wall, share: StudShare, place: FixingPlace): Check[] {
	const { row, profile } = laid;
	const fixing = nth(place.segment.fixings, place.at);
	const subject = {
		kind: 'fixing',
		of: { kind: 'row', id: row.id },
		stud: fixing.stud.id,
		x: fixing.x
	} as const;
	const id = `fixing:${row.id}:${fixing.stud.id}:${Math.round(fixing.x)}`;
	const d = demand(laid, wall, share, place);
	if (wall.build?.kind === 'masonry') return [plugCheck(`${id}:plug`, subject, fixing, wall.build.plug, d)];
	const timber = wood(fixing.stud.species);
	const gap = claddingDepth(wall.cladding);
	const held = stock(row.backer ? row.backer.stock : row.stock);
	const joint: Joint = {
		fastener: screw(row.screws.size),
		length: row.screws.length,
		side: { thickness: row.backer ? held.thickness : profile.thickness, G: screwGravity(held) },
		gap,
		main: { thickness: fixing.stud.depth, G: timber.G },
		...(wall.wet ? { wet: true } : {})
	};
	const capacity = jointCapacity(joint);
	const resultant = Math.hypot(d.pull, d.across);
	const both = combinedAllowable(capacity.axial, capacity.lateral, d.pull, d.across);
	const at = { x: mm(fixing.x) };
	const member = MEMBER[fixing.stud.member ?? 'stud'];
	const words = row.backer ? { side: 'sheet', main: member } : { side: 'cleat', main: member };
	const judged = checkOf(`${id}:screws`, subject, {
		title: 'screws',
		source: `NDS 2018 chapter 12, TR12; G of the ${member}: ${timber.title}`,
		demand: newtons(resultant),
		capacity: newtons(both.allowed),
		reason:
			capacity.lateral === 0
				? phrase(`screws at ${member} {x@tape} too short: {in} in the ${member}, {need} needed`, {
						...at,
						in: mm(capacity.penetration),
						need: mm(capacity.needed)
					})
				: phrase(`${d.screws > 1 ? 'top screw' : 'screw'} at ${member} {x@tape}`, at),
		lines: () => [
			...d.lines(),
			...capacityLines(joint, capacity, words),
			{
				label: 'both at once',
				sum: phrase('√({T}² + {V}²)', { T: newtons(d.pull), V: newtons(d.across) }),
				result: newtons(resultant)
			},
			allowedLine(capacity, both)
		],
		notes:
			d.screws < (row.backer?.perStud ?? row.screws.perStud)
				? [phrase('{n} of its screws here count: the row says why the rest do not', { n: count(d.screws) })]
				: []
	});
	const published = isKnown(fixing.stud.species) ? judged : speciesUnknown(`${id}:screws`, subject, member, at, judged);
	const ruleLoad = TRADE_RULE * d.screws;
	const rule = checkOf(`${id}:trade`, subject, {
		title: 'trade rule',
		basis: 'trade-rule',
		source: 'common practice',
		reason: phrase('trade rule at stud {x@tape}', at),
		demand: newtons(share.down),
		capacity: newtons(ruleLoad),
		lines: () => [
			{ label: 'stud takes', sum: phrase('as by the published method'), result: newtons(share.down) },
			{
				label: 'rule',
				sum: phrase('{each} × {n}: that much a screw', { each: newtons(TRADE_RULE), n: String(d.screws) }),
				result: newtons(ruleLoad)
			}
		],
		notes: () => tradeNotes(gap, d, capacity, joint)
	});
	const block = blockCheck(laid, wall, d, id, subject, at);
	const quake = isKnown(fixing.stud.species) ? shaken(id, subject, laid, wall, share, fixing, joint, words) : [];
	return block ? [published, rule, block, ...quake] : [published, rule, ...quake];
}

/** Screws of a row at one stud while the earth shakes; nothing where nobody asks for that. */
function shaken(
	id: string,
	subject: Check['subject'],
	laid: LaidRow,
	wall: Wall,
	share: StudShare,
	fixing: Fixing,
	joint: Joint,
	words: ShakenJoint['words']
): Check[] {
	const { row, profile } = laid;
	const q = quakeAt(wall, row.y);
	if (!q) return [];
	const { below, crush } = turningEdge(row, wall);
	const asked = quakePulls(
		{
			heights: fixing.screws.map((s) => s.y - (row.y - below)),
			crush,
			down: share.down,
			roll: share.roll,
			pull: share.pull,
			// Hooks push at the bevel, as high as the cleat is.
			at: profile.front + below,
			times: quakeLever(laid),
			turn: null
		},
		q
	);
	const reason = phrase(`screws at ${words.main} {x@tape}, while the earth shakes`, { x: mm(fixing.x) });
	return [quakeCheck(id, subject, { joint, words, reason }, asked)];
}
