import { rowProfile } from '../plan/profile';
import type { Plan } from '../plan/types';
import { openPoints } from '../survey/record';
import { outlineOf, tallest } from '../survey/outline';
import { surveyed } from '../survey/supports';
import type { Millimetres } from '../units/quantity';
import { phrase, type Phrase } from '../units/phrase';
import type { Verdict } from '../verdict/check';
import { checkPlan } from './check-plan';
import { tallyOf } from '../verdict/tally';

/** A stretch of wall, to be drawn small. */
interface Box {
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
}

/** A wall at a glance: its outline with what stands and hangs there, its verdict, and what is still open. */
export interface Glance {
	width: Millimetres;
	height: Millimetres;
	outline: { x: Millimetres; y: Millimetres }[];
	obstructions: Box[];
	rows: Box[];
	holders: (Box & { hangs: Millimetres; verdict: Verdict })[];
	/** Null while nothing hangs. */
	verdict: Verdict | null;
	/** In the order of work: what to do next comes first. */
	open: Phrase[];
}

function openOf(plan: Plan, stops: number, tally: Readonly<Record<Verdict, number>>): Phrase[] {
	const found: Phrase[] = [];
	const say = (n: number, one: string, many: string) => {
		if (n > 0) found.push(phrase(n === 1 ? one : many, { n: String(n) }));
	};
	if (!surveyed(plan.wall)) return [phrase('survey the wall: no studs yet')];
	say(openPoints(plan).length, 'one fact of the wall to measure', '{n} facts of the wall to measure');
	if (plan.rows.length === 0) return [...found, phrase('lay out a row')];
	if (plan.holders.length === 0) return [...found, phrase('hang a holder')];
	say(stops, 'one thing to put right before it is built', '{n} things to put right before it is built');
	say(tally['does-not-hold'], 'one holder does not hold', '{n} holders do not hold');
	say(tally['cannot-be-judged'], 'one holder cannot be judged', '{n} holders cannot be judged');
	say(tally.close, 'one holder is close', '{n} holders are close');
	return found;
}

/** Looks at a plan as one would from the door. @example glanceAt(plan).verdict // 'close' */
export function glanceAt(plan: Plan): Glance {
	const checks = checkPlan(plan);
	return {
		width: plan.wall.width,
		height: tallest(plan.wall),
		outline: outlineOf(plan.wall),
		obstructions: plan.wall.obstructions
			.filter((o) => !o.hidden && (o.near ?? 0) === 0)
			.map(({ x, y, width, height }) => ({ x, y, width, height })),
		rows: plan.rows.map((r) => ({
			x: r.left,
			y: r.y,
			width: r.right - r.left,
			height: rowProfile(r, plan.cutting.kerf).front
		})),
		holders: [...checks.holders.values()].map(({ placed: p, verdict }) => ({
			x: p.left,
			y: p.foot,
			width: p.right - p.left,
			height: p.top - p.foot,
			hangs: p.built.hangsBelow,
			verdict
		})),
		verdict: plan.holders.length > 0 ? checks.wall.verdict : null,
		open: openOf(plan, checks.warnings.filter((w) => w.level === 'stop').length, tallyOf(checks.holders.values()))
	};
}
