import { screw } from '../materials/screws';
import { isKnown, wood } from '../materials/woods';
import type { Blocking, BlockFixing, Stud, Wall } from '../plan/types';
import { studAt } from '../survey/supports';
import { mm, newtons, phrase } from '../units/phrase';
import type { Millimetres, Newtons } from '../units/quantity';
import { checkOf, failedStep, missingStep, type Check } from '../verdict/check';
import { jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import type { StudLoad } from '../mechanics/members/stud-bending';
import { capacityLines } from '../members/joint-lines';

/**
 * A block with everything that rows hang on it: its own screws judged, and what it hands on to the studs it touches.
 */
export interface BlockResult {
	check: Check;
	/** By stud id. */
	studLoads: Map<string, StudLoad[]>;
}

/** A gap between block and stud that a screw still closes. */
const TOUCHES: Millimetres = 4;

/**
 * The studs a block touches at its middle height, left and right.
 * @example touching(wall, block).length // 2, between two studs
 */
export function touching(wall: Pick<Wall, 'studs'>, b: Blocking): { stud: Stud; side: 'left' | 'right' }[] {
	const y = b.y + b.height / 2;
	return wall.studs.flatMap((stud): { stud: Stud; side: 'left' | 'right' }[] => {
		const x = studAt(stud, y);
		if (Math.abs(x + stud.width / 2 - b.x) <= TOUCHES) return [{ stud, side: 'left' }];
		if (Math.abs(x - stud.width / 2 - b.x - b.width) <= TOUCHES) return [{ stud, side: 'right' }];
		return [];
	});
}

/** Screws through a stud into the block's end grain, or through a block beside a stud into its side. */
function jointOf(b: Blocking, fixing: BlockFixing, stud: Stud, between: boolean, wet: boolean): Joint {
	const own = wood(b.species).G;
	const other = wood(stud.species).G;
	const fastener = screw(fixing.size);
	const common = { fastener, length: fixing.length, gap: 0, ...(wet ? { wet: true } : {}) };
	return between
		? { ...common, side: { thickness: stud.width, G: other }, main: { thickness: b.width, G: own }, endGrain: true }
		: { ...common, side: { thickness: b.width, G: own }, main: { thickness: stud.width, G: other } };
}

/** Share of a load at x that the stud on one side of a block takes. */
function shareAt(b: Blocking, x: Millimetres, side: 'left' | 'right', between: boolean): number {
	if (!between) return 1;
	const right = Math.min(1, Math.max(0, (x - b.x) / b.width));
	return side === 'right' ? right : 1 - right;
}

/** A load on a block's own screws at one stud: weight down, and pull out of the wall. */
function atStud(b: Blocking, loads: readonly StudLoad[], side: 'left' | 'right', between: boolean) {
	let [down, out] = [0, 0];
	for (const l of loads) {
		const share = shareAt(b, l.at ?? b.x + b.width / 2, side, between);
		down += l.force * share;
		// The roll pulls at the screw and presses below it: on the block it is a couple over its height, taken as a pull on
		// half its screws.
		out += ((l.pull ?? 0) + (2 * l.couple) / b.height) * share;
	}
	return { down, out };
}

/**
 * The screws of a block, under all rows on it. Nothing is taken for granted: a block of whose screws nobody said
 * anything is not judged, one that touches no stud holds nothing.
 */
export function blockResult(b: Blocking, wall: Wall, loads: readonly StudLoad[]): BlockResult {
	const id = `block:${b.id}`;
	const subject = { kind: 'block', id: b.id } as const;
	const at = { x: mm(b.x + b.width / 2) };
	const studs = touching(wall, b);
	const between = studs.length > 1;
	const studLoads = new Map<string, StudLoad[]>();
	for (const { stud, side } of studs) {
		studLoads.set(
			stud.id,
			loads.map((l) => {
				const share = shareAt(b, l.at ?? b.x, side, between);
				return { height: l.height, force: l.force * share, couple: l.couple * share };
			})
		);
	}
	const said = (check: Omit<Check, 'id' | 'subject'>): BlockResult => ({
		check: { ...check, id, subject } as Check,
		studLoads
	});
	const source = 'statics; NDS 2018 chapter 12, Technical Report 12';
	const first = studs[0];
	if (!first)
		return said(failedStep('blocking', phrase('block at {x@tape} touches no stud: nothing holds it', at), source));
	if (!b.fixing)
		return said(missingStep('blocking', phrase('block at {x@tape}: how is it fixed to its studs?', at), source));
	const { fixing } = b;
	if (!isKnown(b.species) || studs.some((s) => !isKnown(s.stud.species)))
		return said(
			missingStep('blocking', phrase('species of the block at {x@tape} or its studs is not known', at), source)
		);
	const each = studs.map(({ stud, side }) => ({
		side,
		...atStud(b, loads, side, between),
		joint: jointOf(b, fixing, stud, between, wall.wet === true)
	}));
	const demandOf = (e: { down: Newtons; out: Newtons }) => Math.hypot(e.down, e.out) / fixing.count;
	const worst = each.reduce((a, c) => (demandOf(c) > demandOf(a) ? c : a));
	const c = jointCapacity(worst.joint);
	const demand = demandOf(worst);
	return {
		studLoads,
		check: checkOf(id, subject, {
			title: 'blocking',
			reason: c.across
				? phrase(`block at {x@tape}: its screws at the ${worst.side} stud`, at)
				: phrase('block at {x@tape}: its screws are too short, {in} in and {need} needed', {
						...at,
						in: mm(c.penetration),
						need: mm(c.needed)
					}),
			source,
			demand: newtons(demand),
			capacity: newtons(c.lateral),
			lines: () => [
				{
					label: 'weight on it',
					sum: phrase(between ? 'of all rows on it, by the lever rule to this stud' : 'of all rows on it'),
					result: newtons(worst.down)
				},
				{
					label: 'pulled out',
					sum: phrase('pull, and the roll as a couple over half its height, {h}', { h: mm(b.height / 2) }),
					result: newtons(worst.out)
				},
				{
					label: 'across each',
					sum: phrase('√({V}² + {T}²) / {n}', {
						V: newtons(worst.down),
						T: newtons(worst.out),
						n: String(fixing.count)
					}),
					result: newtons(demand)
				},
				...capacityLines(
					worst.joint,
					c,
					between ? { side: 'stud', main: "block's end grain" } : { side: 'block', main: 'stud' }
				)
			]
		})
	};
}
