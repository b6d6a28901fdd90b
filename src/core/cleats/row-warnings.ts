import { LEAST_PENETRATION } from '../mechanics/fasteners/joint';
import { screwHeights, STACK_APART } from '../mechanics/statics/roll';
import type { Warning } from '../verdict/check';
import { screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { rowProfile } from '../plan/profile';
import type { Build, OnWall, Row } from '../plan/types';
import { claddingDepth } from '../survey/cladding-depth';
import { lowestTop } from '../survey/outline';
import { FAR_WORDS, rowFitWarnings } from '../survey/row-fit';
import { surveyed } from '../survey/supports';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { faultPhrase } from './row-screws';
import type { Segment } from './segments';

type Say = (level: Warning['level'], message: Warning['message']) => void;

/** A cleat may stand out this far past its last stud, as a share of the first span, before it is worth a word. */
const OVERHANG_SHARE = 0.5;

function fixingWarnings(row: Row, segments: readonly Segment[], say: Say): void {
	for (const s of segments) {
		const [first, second] = s.fixings;
		const last = s.fixings.at(-1);
		if (!first || !last) {
			say(
				'stop',
				phrase('The cleat from {from@tape} to {to@tape} crosses no stud', { from: mm(s.from), to: mm(s.to) })
			);
			continue;
		}
		if (!second) {
			say(
				'stop',
				phrase('The cleat from {from@tape} to {to@tape} crosses one stud only: it turns about its screw', {
					from: mm(s.from),
					to: mm(s.to)
				})
			);
			continue;
		}
		const spans = s.fixings.slice(1).map((f, i) => f.x - (s.fixings[i] as typeof f).x);
		const ends = [
			{ name: 'left', out: first.x - s.from, span: spans[0] as number },
			{ name: 'right', out: s.to - last.x, span: spans.at(-1) as number }
		];
		for (const e of ends) {
			if (e.out > OVERHANG_SHARE * e.span) {
				say(
					'mind',
					phrase(`The ${e.name} end stands {out} past its last stud: a load there lifts the next stud in`, {
						out: mm(e.out)
					})
				);
			}
		}
	}
	for (const x of row.joints) {
		// Each cleat is held at its own side of the joint, by a screw that counts.
		const [before, after] = [segments.find((s) => s.to === x), segments.find((s) => s.from === x)];
		const screws = (s: Segment | undefined) => s?.fixings.flatMap((f) => f.screws) ?? [];
		const held = [screws(before), screws(after)].filter((side) =>
			side.some((s) => Math.abs(s.x - x) <= JOINT_REACH)
		).length;
		const missed = [...(before?.missed ?? []), ...(after?.missed ?? [])].some((s) => Math.abs(s.x - x) <= JOINT_REACH);
		if (held === 2) continue;
		if (held === 0 && !missed) say('stop', phrase('The joint at {x@tape} is off a stud', { x: mm(x) }));
		else
			say(
				'mind',
				phrase(
					'The joint at {x@tape} holds {n} of its two cleats: put a block beside the stud, and the joint where they meet',
					{
						x: mm(x),
						n: String(held)
					}
				)
			);
	}
}

/** Screws that are there to hold a joint stand no further from it. */
const JOINT_REACH: Millimetres = 60;

/** Every screw that counts for nothing, and why; one that would go where none may go is a stop by itself. */
function missedWarnings(segments: readonly Segment[], say: Say): void {
	for (const screw of segments.flatMap((s) => s.missed)) {
		if (screw.fault?.kind !== 'barred') say('mind', faultPhrase(screw));
	}
}

/** Screws into studs, blocking or boards: long enough, and not too long. */
function timberScrews({ wall }: OnWall, row: Row, into: number, segments: readonly Segment[], say: Say): void {
	const needed = LEAST_PENETRATION['wood-screw'] * screwDiameter(row.screws.size);
	if (into < needed) {
		say(
			'stop',
			phrase('Screws of {l} enter the stud by {in}; under {need} (6 diameters) counts for nothing', {
				l: mm(row.screws.length),
				in: mm(Math.max(0, into)),
				need: mm(needed)
			})
		);
	}
	const through = segments.flatMap((s) => s.fixings).find((f) => into > f.stud.depth);
	if (through) {
		const member = through.stud.member === 'plank' ? 'a board' : `the ${through.stud.member ?? 'stud'}`;
		const far = wall.far ? `, into ${FAR_WORDS[wall.far.kind]}` : '';
		say(
			'stop',
			phrase(`Screws of {l} come out behind ${member} at {x@tape}, which is {d} deep${far}`, {
				l: mm(row.screws.length),
				x: mm(through.x),
				d: mm(through.stud.depth)
			})
		);
	}
}

/** Screws into plugs: they must reach the plug's end, and the hole stay within the wall. */
function masonryScrews(
	row: Row,
	into: number,
	{ plug, thickness }: Extract<Build, { kind: 'masonry' }>,
	say: Say
): void {
	if (into < plug.length)
		say(
			'stop',
			phrase('Screws of {l} enter the wall by {in}: the plug is {p} long, and they must reach its end', {
				l: mm(row.screws.length),
				in: mm(Math.max(0, into)),
				p: mm(plug.length)
			})
		);
	if (into + plug.diameter > thickness)
		say(
			'stop',
			phrase('A hole for screws of {l} comes out behind the wall, {t} thick', {
				l: mm(row.screws.length),
				t: mm(thickness)
			})
		);
}

function screwWarnings(plan: OnWall, row: Row, segments: readonly Segment[], say: Say): void {
	const profile = rowProfile(row, plan.cutting.kerf);
	const { cladding } = plan.wall;
	const under = row.backer ? stock(row.backer.stock).thickness : profile.thickness;
	const into = row.screws.length - under - claddingDepth(cladding);
	const { build } = plan.wall;
	if (build?.kind === 'masonry') masonryScrews(row, into, build, say);
	else timberScrews(plan, row, into, segments, say);
	if (row.backer) return backerWarnings(plan, row, say);
	const stack = screwHeights(profile, row.screws.size, row.screws.perStud);
	if (!stack.fits) {
		say(
			row.screws.perStud === 2 ? 'stop' : 'mind',
			row.screws.perStud === 2
				? phrase(
						'Two screws must stand {apart} apart and 2.5 diameters from the edges: the wall side, {back} high, is too low',
						{
							apart: mm(STACK_APART),
							back: mm(profile.back)
						}
					)
				: phrase('The wall side, {back} high, leaves the screw less than 2.5 diameters of edge', {
						back: mm(profile.back)
					})
		);
	}
	if (row.y + profile.front > lowestTop(plan.wall, row.left, row.right))
		say('stop', phrase('The row reaches above the wall'));
	if (stock(row.stock).kind === 'solid') {
		say('mind', phrase('Solid cleats split along the grain at the screw line; ply does not'));
	}
}

/** What is wrong with a backer sheet and the screws that go into the cleat from behind it. */
function backerWarnings(plan: OnWall, row: Row, say: Say): void {
	if (!row.backer) return;
	const profile = rowProfile(row, plan.cutting.kerf);
	const sheet = stock(row.backer.stock);
	const both = sheet.thickness + profile.thickness;
	const { length } = row.backer.behind;
	if (length > both)
		say(
			'stop',
			phrase('Screws of {l} from behind poke out of the cleat: sheet and cleat together are {t}', {
				l: mm(length),
				t: mm(both)
			})
		);
	if (length <= sheet.thickness)
		say(
			'stop',
			phrase('Screws of {l} from behind do not reach through the sheet, {t}', { l: mm(length), t: mm(sheet.thickness) })
		);
	if (row.y - row.backer.below < 0) say('stop', phrase('The backer sheet reaches below the floor'));
	if (row.y - row.backer.below + row.backer.height > lowestTop(plan.wall, row.left, row.right))
		say('stop', phrase('The backer sheet reaches above the wall'));
}

/** What is wrong with a row as laid out, before any load: joints, ends, screws, obstructions. */
export function rowWarnings(plan: OnWall, row: Row, segments: readonly Segment[]): Warning[] {
	const found: Warning[] = [];
	const say: Say = (level, message) => found.push({ level, subject: { kind: 'row', id: row.id }, message });
	if (!surveyed(plan.wall)) say('mind', phrase('No studs surveyed: nothing to screw to'));
	else fixingWarnings(row, segments, say);
	missedWarnings(segments, say);
	screwWarnings(plan, row, segments, say);
	return [...found, ...rowFitWarnings(plan, row, segments)];
}
