import type { PlateHold } from '../../carriers/hold';
import { screw } from '../../materials/screws';
import type { StudLoad } from '../../mechanics/members/stud-bending';
import { nth } from '../../nth';
import { columnsOf } from '../../places/fixed/columns';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { surveyed } from '../../survey/supports';
import { phrase } from '../../units/phrase';
import { failedStep, missingStep } from '../../verdict/check';
import { givenBy } from '../fixed/given';
import { fixedLoads } from '../fixed/loads';
import { givesNothing, type HeldResult } from '../held-result';
import { screwChecks } from '../fixed/screw-check';

/**
 * Steel under a screw's head bears as hard as wood of this gravity would: 61,850 psi for thin gauges, by
 * 16,600 G^1.84. NDS 2018 Table 12N note, from memory. Thicker screws count less.
 */
const STEEL_AS_WOOD = 2.04;

/**
 * Something bought, screwed to the wall at its maker's places: its screws are ours to judge, the rest is its maker's
 * word. As a back that is screwed on: the whole rolls about its foot.
 * @example plateResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['screws', ...]
 */
export function plateResult(p: RackPlaced, hold: PlateHold, wall: Wall): HeldResult {
	const { id } = p.holder;
	const columns = columnsOf(p.screws);
	if (columns.length === 0) {
		const step = surveyed(wall)
			? failedStep('screws', phrase('none of its screws holds: nothing is behind them that takes one'), 'statics')
			: missingStep('screws', phrase('no studs surveyed: survey the wall first'), 'the survey');
		return givesNothing({ ...step, id: `holder:${id}:unheld`, subject: { kind: 'holder', id } });
	}
	const at = { holder: p.holder, built: p.built, left: p.left, foot: p.foot, columns };
	const loads = fixedLoads(at, wall);
	const gap = claddingDepth(wall.cladding);
	const studLoads = new Map<string, StudLoad[]>();
	const through = {
		fastener: screw(hold.screw),
		length: hold.length,
		side: { thickness: hold.thickness, G: STEEL_AS_WOOD }
	};
	const checks = columns.flatMap((column, i) => {
		const { id: stud } = column.support;
		const given = givenBy(column, nth(loads.columns, i), p.foot, gap);
		studLoads.set(stud, [...(studLoads.get(stud) ?? []), given]);
		return screwChecks(at, through, wall, loads, i);
	});
	return { checks, studLoads };
}
