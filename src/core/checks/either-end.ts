import { carrierKind } from '../kinds/registry';
import { hangs } from '../plan/held';
import type { Holder, HungHolder, Plan } from '../plan/types';
import { remembering } from '../remembering';
import { phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { worstFirst, type Check, type Warning } from '../verdict/check';
import type { Judged, JudgedHolder, JudgedRow, JudgedStud, PlanParts } from './check-plan';

/** Nearer than this to where it was a carrier has not moved. */
const SAME: Millimetres = 0.01;

const byEitherEnd = (holder: Holder): holder is HungHolder => hangs(holder) && holder.mount.strips.eitherEnd === true;

/** A holder hung by its other end: its carriers turned half round in the plane of its back. */
const turnedHolder = remembering((holder: HungHolder): HungHolder => {
	const { width, height } = holder.back;
	return {
		...holder,
		carriers: holder.carriers.map((c) => {
			const wide = carrierKind(c.kind).turns?.(c.params) ?? 0;
			return { ...c, at: { ...c.at, x: width - c.at.x - wide, y: height - c.at.y } };
		})
	};
});

/** It looks as it did: nothing about it is judged anew. */
const alike = (a: HungHolder, b: HungHolder) =>
	a.carriers.every(({ at }, i) => {
		const other = b.carriers[i]?.at;
		return other !== undefined && Math.hypot(at.x - other.x, at.y - other.y) < SAME;
	});

/**
 * The plan once more for each holder that may hang by its other end, with that turned over.
 * @example turnedPlans(plan).length // 0 where every one hangs one way up
 */
export function turnedPlans(plan: Plan): { plan: Plan; id: string }[] {
	return plan.holders.filter(byEitherEnd).flatMap((holder) => {
		const over = turnedHolder(holder);
		if (alike(holder, over)) return [];
		return [{ plan: { ...plan, holders: plan.holders.map((h) => (h === holder ? over : h)) }, id: holder.id }];
	});
}

/** What would fall out of a holder turned over. @example upsideDown(holder) // [] of a machine on its board */
export function upsideDown(holder: Holder): Phrase[] {
	if (!byEitherEnd(holder)) return [];
	return holder.carriers
		.map((c) => carrierKind(c.kind))
		.filter((kind) => !kind.turns)
		.map(({ title }) => phrase(`${title}: hung by its other end it drops what it holds`));
}

/** A check as it comes out turned over, where that is worse. */
const worseCheck = remembering((a: Check, b: Check): Check => {
	if (a === b || worstFirst(b, a) >= 0) return a;
	return {
		...b,
		lines: b.lines,
		notes: b.notes,
		reason: { ...b.reason, text: `hung by its other end: ${b.reason.text}` }
	};
});

/** All of a path, each check as it is worst. */
function worsePath(a: readonly Check[], b: readonly Check[]): Check[] {
	const turned = new Map(b.map((c) => [c.id, c]));
	const here = new Set(a.map((c) => c.id));
	const more = b.filter((c) => !here.has(c.id));
	const both = a.map((c) => {
		const other = turned.get(c.id);
		return other ? worseCheck(c, other) : c;
	});
	return [...both, ...more];
}

/** Of two verdicts the worse, with whatever else the first has. */
const worse = remembering(<J extends Judged>(a: J, b: Judged): J => {
	if (a.stop) return a;
	if (b.stop) return { ...a, verdict: b.verdict, check: b.check, stop: b.stop };
	if (!b.check || (a.check && worseCheck(a.check, b.check) === a.check)) return a;
	return { ...a, verdict: b.verdict, check: a.check ? worseCheck(a.check, b.check) : b.check };
}) as <J extends Judged>(a: J, b: Judged) => J;

const worseOn = remembering((a: JudgedHolder | JudgedRow, b: JudgedHolder | JudgedRow) => ({
	...worse(a, b),
	path: worsePath(a.path, b.path)
})) as <J extends JudgedHolder | JudgedRow>(a: J, b: J) => J;

/** Every one of some, as it is worst. */
function merged<J extends Judged>(a: Map<string, J>, b: Map<string, J>, of: (a: J, b: J) => J): Map<string, J> {
	return new Map(
		[...a].map(([id, one]) => {
			const other = b.get(id);
			return [id, other && other !== one ? of(one, other) : one];
		})
	);
}

/** What is found of it turned over that was not found before. */
function moreWarnings(a: readonly Warning[], b: readonly Warning[], id: string): Warning[] {
	const said = new Set(a.map((w) => JSON.stringify(w)));
	return b
		.filter((w) => w.subject.kind === 'holder' && w.subject.id === id && !said.has(JSON.stringify(w)))
		.map((w) => ({ ...w, message: { ...w.message, text: `Hung by its other end: ${w.message.text}` } }));
}

/**
 * All checks of a plan, each as it is worst with one holder as it hangs or turned over.
 * @param id of the one that is turned over in the second
 */
export function worstTurned(a: PlanParts, b: PlanParts, id: string): PlanParts {
	return {
		get checks() {
			return worsePath(a.checks, b.checks);
		},
		warnings: [...a.warnings, ...moreWarnings(a.warnings, b.warnings, id)],
		holders: merged(a.holders, b.holders, worseOn),
		rows: merged(a.rows, b.rows, worseOn),
		studs: merged(a.studs, b.studs, (x, y): JudgedStud => worse(x, y)),
		joists: a.joists,
		given: a.given
	};
}
