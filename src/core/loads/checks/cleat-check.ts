import type { Segment } from '../../cleats/segments';
import { stock } from '../../materials/stocks';
import { angle, mm, moment, newtons, perLength, phrase, ratio, stress } from '../../units/phrase';
import { checkOf, type Check, type SumLine } from '../check';
import { CD_STORAGE } from '../fasteners/joint';
import { beamShear, cleatSection, crossGrainStress, torsionShear } from '../members/cleat-section';
import type { LaidRow } from '../place';
import type { SegmentLoads } from './row-loads';

const section = (value: number) => ({ value, dim: 'section' }) as const;

/** The cleat as a beam between its studs: bending both ways at once, shear with torsion, and splitting of solid wood. */
export function cleatChecks(laid: LaidRow, segment: Segment, loads: SegmentLoads): Check[] {
	const { row, profile } = laid;
	const board = stock(row.stock);
	const s = cleatSection(profile);
	const Fb = board.Fb * CD_STORAGE;
	const Fv = board.Fv * CD_STORAGE;
	const down = loads.strong.value / s.strong;
	const out = loads.weak / s.weak;
	const bending = (down + out) / Fb;
	const shear = beamShear(loads.shear, s.area);
	const twist = torsionShear(loads.torque, profile.thickness, profile.back);
	const sheared = (shear + twist) / Fv;
	const where = Math.round(segment.from);
	const check = (kind: string, title: string, used: number, rest: Pick<Check, 'source' | 'reason'>, lines: () => SumLine[]): Check =>
		checkOf(`row:${row.id}:${where}:${kind}`, { kind: 'row', id: row.id }, { ...rest, title, demand: ratio(used), capacity: ratio(1), lines });
	const found = [
		check('bending', 'cleat bending', bending, {
			source: `NDS 2018 3.3, 3.9; ${board.title}: ${board.source}`,
			reason: phrase('cleat bends near {x@tape}', { x: mm(loads.strong.at) })
		}, () => [
			{ label: 'bends down', sum: phrase('{M} / {S}', { M: moment(loads.strong.value), S: section(s.strong) }), result: stress(down) },
			{ label: 'bends out', sum: phrase('{M} / {S}', { M: moment(loads.weak), S: section(s.weak) }), result: stress(out) },
			{ label: 'together', sum: phrase('({a} + {b}) / {F}', { a: stress(down), b: stress(out), F: stress(Fb) }), result: ratio(bending) }
		]),
		check('shear', 'cleat shear and twist', sheared, {
			source: `NDS 2018 3.4; torsion of a rectangle, Timoshenko; ${board.title}`,
			reason: phrase('cleat shears and twists between studs')
		}, () => [
			{ label: 'shear', sum: phrase('1.5 × {V} / ({t} × {y})', { V: newtons(loads.shear), t: mm(profile.thickness), y: mm(profile.back) }), result: stress(shear) },
			{ label: 'twist', sum: phrase('{T} × (3 + 1.8 × {t} / {y}) / ({y} × {t}²)', { T: moment(loads.torque), t: mm(Math.min(profile.thickness, profile.back)), y: mm(Math.max(profile.thickness, profile.back)) }), result: stress(twist) },
			{ label: 'together', sum: phrase('({a} + {b}) / {F}', { a: stress(shear), b: stress(twist), F: stress(Fv) }), result: ratio(sheared) }
		])
	];
	if (board.kind === 'solid') {
		const top = Math.max(...segment.fixings.flatMap((f) => f.screws.map((s) => s.y))) - row.y;

		const across = crossGrainStress(loads.line, profile, top);
		found.push(
			check('split', 'cleat splitting', (3 * across) / Fv, {
				source: 'NDS 2018 3.8.2: a third of Fv, not to be relied on',
				reason: phrase('solid cleat splits along its screws: ply does not')
			}, () => [
				{ label: 'line load', sum: phrase('at the heavy end of the heaviest hook'), result: perLength(loads.line) },
				{ label: 'across the grain', sum: phrase('6 × {w} × ({t} / 2 + ({f} - {y}) × tan {b}) / {t}²', { w: perLength(loads.line), y: mm(top), t: mm(profile.thickness), f: mm(profile.front), b: angle(profile.bevel) }), result: stress(across) },
				{ label: 'allowed', sum: phrase('{F} / 3', { F: stress(Fv) }), result: stress(Fv / 3) },
				{ label: 'together', sum: phrase('{s} / {a}', { s: stress(across), a: stress(Fv / 3) }), result: ratio((3 * across) / Fv) }
			])
		);
	}
	return found;
}
