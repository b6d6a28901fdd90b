import type { Segment } from '../../cleats/segments';
import { stock } from '../../materials/stocks';
import { angle, mm, moment, newtons, perLength, phrase, stress } from '../../units/phrase';
import { checkOf, type Check, type StepParts, type SumLine } from '../../verdict/check';
import { CD_STORAGE } from '../../mechanics/fasteners/joint';
import { beamShear, cleatSection, crossGrainStress, torsionShear } from '../../mechanics/members/cleat-section';
import type { LaidRow } from '../../places/row/place';
import type { SegmentLoads } from './row-loads';

const section = (value: number) => ({ value, dim: 'section' }) as const;

/**
 * The cleat as a beam between its studs: bending both ways at once, shear with torsion, and splitting of solid wood.
 */
export function cleatChecks(laid: LaidRow, segment: Segment, loads: SegmentLoads): Check[] {
	const { row, profile } = laid;
	const board = stock(row.stock);
	const s = cleatSection(profile);
	const Fb = board.Fb * CD_STORAGE;
	const Fv = board.Fv * CD_STORAGE;
	const down = loads.strong.value / s.strong;
	const out = loads.weak / s.weak;
	const shear = beamShear(loads.shear, s.area);
	const twist = torsionShear(loads.torque, profile.thickness, profile.back);
	const where = Math.round(segment.from);
	const check = (kind: string, parts: StepParts): Check =>
		checkOf(`row:${row.id}:${where}:${kind}`, { kind: 'row', id: row.id }, parts);
	const allowed = (f: number, F: number): SumLine => ({
		label: 'allowed',
		sum: phrase(`{f} × ${CD_STORAGE}`, { f: stress(f) }),
		result: stress(F)
	});
	const found = [
		check('bending', {
			title: 'cleat bending',
			source: `NDS 2018 3.3, 3.9; ${board.title}: ${board.source}`,
			reason: phrase('cleat bends near {x@tape}', { x: mm(loads.strong.at) }),
			demand: stress(down + out),
			capacity: stress(Fb),
			lines: () => [
				{
					label: 'bends down',
					sum: phrase('{M} / {S}', { M: moment(loads.strong.value), S: section(s.strong) }),
					result: stress(down)
				},
				{
					label: 'bends out',
					sum: phrase('{M} / {S}', { M: moment(loads.weak), S: section(s.weak) }),
					result: stress(out)
				},
				{
					label: 'together',
					sum: phrase('{a} + {b}', { a: stress(down), b: stress(out) }),
					result: stress(down + out)
				},
				allowed(board.Fb, Fb)
			]
		}),
		check('shear', {
			title: 'cleat shear and twist',
			source: `NDS 2018 3.4; torsion of a rectangle, Timoshenko; ${board.title}`,
			reason: phrase('cleat shears and twists between studs'),
			demand: stress(shear + twist),
			capacity: stress(Fv),
			lines: () => [
				{
					label: 'shear',
					sum: phrase('1.5 × {V} / ({t} × {y})', {
						V: newtons(loads.shear),
						t: mm(profile.thickness),
						y: mm(profile.back)
					}),
					result: stress(shear)
				},
				{
					label: 'twist',
					sum: phrase('{T} × (3 + 1.8 × {t} / {y}) / ({y} × {t}²)', {
						T: moment(loads.torque),
						t: mm(Math.min(profile.thickness, profile.back)),
						y: mm(Math.max(profile.thickness, profile.back))
					}),
					result: stress(twist)
				},
				{
					label: 'together',
					sum: phrase('{a} + {b}', { a: stress(shear), b: stress(twist) }),
					result: stress(shear + twist)
				},
				allowed(board.Fv, Fv)
			]
		})
	];
	if (board.kind === 'solid') {
		const top = Math.max(...segment.fixings.flatMap((f) => f.screws.map((w) => w.y))) - row.y;
		const across = crossGrainStress(loads.line, profile, top);
		found.push(
			check('split', {
				title: 'cleat splitting',
				source: 'NDS 2018 3.8.2: a third of Fv, not to be relied on',
				reason: phrase('solid cleat splits along its screws: ply does not'),
				demand: stress(across),
				capacity: stress(Fv / 3),
				lines: () => [
					{ label: 'line load', sum: phrase('at the heavy end of the heaviest hook'), result: perLength(loads.line) },
					{
						label: 'across the grain',
						sum: phrase('6 × {w} × ({t} / 2 + ({f} - {y}) × tan {b}) / {t}²', {
							w: perLength(loads.line),
							y: mm(top),
							t: mm(profile.thickness),
							f: mm(profile.front),
							b: angle(profile.bevel)
						}),
						result: stress(across)
					},
					{ label: 'allowed', sum: phrase('{F} / 3', { F: stress(Fv) }), result: stress(Fv / 3) }
				]
			})
		);
	}
	return found;
}
