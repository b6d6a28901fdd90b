import { isKnown, wood } from '../materials/woods';
import type { Stud, Wall } from '../plan/types';
import { topAt } from '../survey/outline';
import { mm, moment, newtons, phrase, ratio, stress } from '../units/phrase';
import { checkOf, missingStep, type Check } from '../verdict/check';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { studBending, type StudLoad } from '../mechanics/members/stud-bending';

/** A stud under the weight and turning of every row on it. */
export function studCheck(stud: Stud, wall: Wall, loads: readonly StudLoad[]): Check {
	const timber = wood(stud.species);
	const b = studBending(loads, topAt(wall, stud.x), stud, timber, CD_STORAGE);
	const id = `stud:${stud.id}:bending`;
	const subject = { kind: 'stud', id: stud.id } as const;
	const source = `NDS 2018 3.9-3, 3.7.1; ${timber.title}: ${timber.source}`;
	const at = { x: mm(stud.x) };
	if (!isKnown(stud.species))
		return { ...missingStep('stud', phrase('species of stud {x@tape} is not known', at), source), id, subject };
	return checkOf(id, subject, {
		title: 'stud',
		demand: ratio(b.ratio),
		capacity: ratio(1),
		source,
		reason: phrase('stud {x@tape} bends', at),
		lines: () => [
			{ label: 'carries', sum: phrase('{n} rows on it', { n: String(loads.length) }), result: newtons(b.axial) },
			{
				label: 'bends',
				sum: phrase('turned by its rows, most at {y@tape} up', { y: mm(b.at) }),
				result: moment(b.moment)
			},
			{
				label: 'presses',
				sum: phrase('{P} / ({w} × {d}): allowed {F}', {
					P: newtons(b.axial),
					w: mm(stud.width),
					d: mm(stud.depth),
					F: stress(b.Fc)
				}),
				result: stress(b.fc)
			},
			{
				label: 'bending',
				sum: phrase('6 × {M} / ({w} × {d}²): allowed {F}', {
					M: moment(b.moment),
					w: mm(stud.width),
					d: mm(stud.depth),
					F: stress(b.Fb)
				}),
				result: stress(b.fb)
			},
			{
				label: 'together',
				sum: phrase('({fc} / {Fc})² + {fb} / ({Fb} × (1 - {fc} / {FE}))', {
					fc: stress(b.fc),
					Fc: stress(b.Fc),
					fb: stress(b.fb),
					Fb: stress(b.Fb),
					FE: stress(b.FcE)
				}),
				result: ratio(b.ratio)
			},
			{ label: 'may be', sum: phrase('1, by 3.9-3'), result: ratio(1) }
		],
		notes: [phrase("Counts this wall's rows only. A stud that also carries the roof needs an engineer's word")]
	});
}
