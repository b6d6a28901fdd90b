import { claddingDepth } from '../survey/cladding-depth';
import { surveyed } from '../survey/supports';
import type { StudLoad } from '../mechanics/members/stud-bending';
import type { HeldResult } from '../supports/held-result';
import { nth } from '../nth';
import type { Wall } from '../plan/types';
import { remembering } from '../remembering';
import { phrase } from '../units/phrase';
import { failedStep, missingStep, type Check } from '../verdict/check';
import { memberGrabs } from './member-grabs';
import { testedChecks } from './tested';
import { unknownLoads } from './unknown-loads';
import { memberChecks } from './member-checks';
import { backChecks } from '../supports/fixed/back-check';
import { givenBy } from '../supports/fixed/given';
import { fixedLoads } from '../supports/fixed/loads';
import type { FixedPlaced } from '../places/fixed/place';
import { screwChecks, type Through } from '../supports/fixed/screw-check';
import { screw } from '../materials/screws';
import { noScrewsIn, screwGravity, stock } from '../materials/stocks';

/** None of its screws counts: nothing holds it, or nobody knows what is behind it. */
function unheld(p: FixedPlaced, wall: Wall): Check {
	const { id } = p.holder;
	const step = surveyed(wall)
		? failedStep('screws', phrase('none of its screws holds: nothing is behind them that takes one'), 'statics')
		: missingStep('screws', phrase('no studs surveyed: survey the wall first'), 'the survey');
	return { ...step, id: `holder:${id}:unheld`, subject: { kind: 'holder', id } };
}

/** Its screws go through its back. */
function throughOf({ holder: { back, mount } }: FixedPlaced): Through | { bare: string } {
	const bare = noScrewsIn(back.stock);
	if (bare) return { bare: bare.title };
	const held = stock(back.stock);
	return {
		fastener: screw(mount.screws.size),
		length: mount.screws.length,
		side: { thickness: held.thickness, G: screwGravity(held) }
	};
}

/**
 * Checks of a holder that is screwed to the wall: its screws at every stud they catch, its back, its members, a grab.
 * @example fixedResult(placed, plan.wall).checks.map((c) => c.title)
 */
export const fixedResult = remembering((p: FixedPlaced, wall: Wall): HeldResult => {
	const studLoads = new Map<string, StudLoad[]>();
	const own = [...unknownLoads(p), ...testedChecks(p), ...memberChecks(p), ...memberGrabs(p).checks];
	if (p.columns.length === 0) return { checks: [unheld(p, wall), ...own], studLoads };
	const loads = fixedLoads(p, wall);
	const gap = claddingDepth(wall.cladding);
	const screws = p.columns.flatMap((column, i) => {
		const { id: stud } = column.support;
		const given = givenBy(column, nth(loads.columns, i), p.foot, gap);
		studLoads.set(stud, [...(studLoads.get(stud) ?? []), given]);
		return screwChecks(p, throughOf(p), wall, loads, i);
	});
	return { checks: [...screws, ...backChecks(p, loads), ...own], studLoads };
});
