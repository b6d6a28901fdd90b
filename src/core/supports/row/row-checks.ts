import { nth } from '../../nth';
import { segmentsOn } from '../../cleats/segments';
import { remembering } from '../../remembering';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed } from '../../survey/supports';
import { mm, phrase } from '../../units/phrase';
import type { Millimetres } from '../../units/quantity';
import type { Row, Wall } from '../../plan/types';
import type { Check } from '../../verdict/check';
import type { LaidRow } from '../../places/row/place';
import { turningEdge } from '../../mechanics/statics/turning-edge';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import { backerCheck } from './backer-check';
import { cleatChecks } from './cleat-check';
import { fixingChecks } from './fixing-check';
import { rowLineLoads, segmentLoads } from './row-loads';

/** All that is known of a loaded row. */
export interface RowResult {
	checks: Check[];
	/** What it gives to each stud or block, by its id. */
	studLoads: Map<string, StudLoad[]>;
	/** Published screw checks by the place of their stud, for a holder's load path. */
	fixings: Stretch[];
	/** Checks of the cleats themselves. */
	cleats: Stretch[];
}

/** A check and the stretch of the row whose loads decide it. */
export interface Stretch {
	from: number;
	to: number;
	check: Check;
}

function unfixed(row: Row, wall: Wall, from: number, to: number, studs: number): Check {
	const known = surveyed(wall);
	const at = { from: mm(from), to: mm(to) };
	const crosses = studs === 0 ? 'crosses no stud' : 'has one stud only and turns about its screw';
	return {
		id: `row:${row.id}:${Math.round(from)}:unfixed`,
		subject: { kind: 'row', id: row.id },
		title: 'fixing',
		margin: known ? 0 : null,
		load: null,
		verdict: known ? 'does-not-hold' : 'cannot-be-judged',
		basis: 'published',
		source: 'statics',
		reason: known
			? phrase(`cleat from {from@tape} to {to@tape} ${crosses}`, at)
			: phrase('no studs surveyed: survey the wall first'),
		lines: [],
		notes: []
	};
}

/** Checks of one row: its cleats and its screws at every stud. @example rowChecks(laid, plan.wall, 3.2).checks */
export const rowChecks = remembering((laid: LaidRow, wall: Wall, kerf: Millimetres): RowResult => {
	const { row, profile } = laid;
	const { below } = turningEdge(row, wall);
	const loads = rowLineLoads(laid, below);
	const result: RowResult = { checks: [], studLoads: new Map(), fixings: [], cleats: [] };
	const segments = segmentsOn(row, wall, kerf);
	segments.forEach((segment, at) => {
		if (segment.fixings.length < 2) {
			const loaded = loads.hooks.some((l) => l.to > segment.from && l.from < segment.to);
			if (loaded || segment.fixings.length === 0 || !surveyed(wall)) {
				const check = unfixed(row, wall, segment.from, segment.to, segment.fixings.length);
				result.checks.push(check);
				result.cleats.push({ from: segment.from, to: segment.to, check });
			}
			return;
		}
		const spread = segmentLoads(laid, loads, segment, at === segments.length - 1);
		for (const check of cleatChecks(laid, segment, spread)) {
			result.checks.push(check);
			result.cleats.push({ from: segment.from, to: segment.to, check });
		}
		const behind = backerCheck(laid, segment, spread);
		if (behind) {
			result.checks.push(behind);
			result.cleats.push({ from: segment.from, to: segment.to, check: behind });
		}
		segment.fixings.forEach((fixing, i) => {
			const share = nth(spread.shares, i);
			const before = segment.fixings[i - 1]?.x ?? segment.from;
			const after = segment.fixings[i + 1]?.x ?? segment.to;
			const hung = loads.rolls.map((r) => r.hung).filter(({ load }) => load.from < after && load.to > before);
			const checks = fixingChecks(laid, wall, share, { segment, at: i, hung, rolling: loads.rolling, own: spread.own });
			result.checks.push(...checks);
			for (const check of checks)
				if (check.basis === 'published') result.fixings.push({ from: before, to: after, check });
			const gap = claddingDepth(wall.cladding);
			const given: StudLoad = {
				height: row.y + profile.back / 2,
				force: Math.max(share.down, share.lift),
				couple: share.roll + share.down * (fixing.stud.depth / 2 + gap),
				pull: share.pull,
				at: fixing.x
			};
			result.studLoads.set(fixing.stud.id, [...(result.studLoads.get(fixing.stud.id) ?? []), given]);
		});
	});
	return result;
});
