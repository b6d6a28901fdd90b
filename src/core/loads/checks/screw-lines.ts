import { screw, type ScrewSize } from '../../materials/screws';
import { count, mm, moment, newtons, perLength, phrase } from '../../units/phrase';
import { MM_PER_INCH, type Millimetres } from '../../units/quantity';
import type { SumLine } from '../check';
import type { YieldMode } from '../fasteners/lateral';
import type { ScrewCapacity, ScrewJoint } from '../fasteners/screw-joint';
import { headPullThrough, withdrawalPerLength } from '../fasteners/withdrawal';

/** The published equations are in inches and pounds, and so are their sums. */
const inches = (length: Millimetres) => String(Number((length / MM_PER_INCH).toFixed(3)));

/** What a length of thread holds. */
export function threadLine(size: ScrewSize, G: number): SumLine {
	return { label: 'a length of thread', sum: phrase(`2850 × ${G}² × ${screw(size).D}: in lb and in`), result: perLength(withdrawalPerLength(size, G)), source: 'NDS 2018 12.2-2' };
}

/** What the head holds. */
export function headLine(size: ScrewSize, thickness: Millimetres, G: number, duration: number): SumLine {
	const DH = screw(size).head;
	const thin = thickness / MM_PER_INCH <= 2.5 * DH;
	const sum = thin ? `690 × π × ${DH} × ${G}² × ${inches(thickness)}` : `1725 × π × ${DH}² × ${G}²`;
	return { label: 'head holds', sum: phrase(`${sum} × ${duration}: in lb and in`), result: newtons(headPullThrough(size, thickness, G) * duration), source: 'NDS 2018 12.2.5' };
}

const ROOT = '(√(B² - 4 × A × C) - B) / (2 × A)';
/** The yield equations with a gap; s is the cleat, m the stud, l what bears in it, q what a length of that bears. */
const YIELD: Record<YieldMode, string> = {
	Im: '{qm} × {lm}',
	Is: '{qs} × {ls}',
	II: `${ROOT}; A = 1 / (4 × {qs}) + 1 / (4 × {qm}), B = {ls} / 2 + {g} + {lm} / 2, C = -{qs} × {ls}² / 4 - {qm} × {lm}² / 4`,
	IIIm: `${ROOT}; A = 1 / (2 × {qs}) + 1 / (4 × {qm}), B = {g} + {lm} / 2, C = -{M} - {qm} × {lm}² / 4`,
	IIIs: `${ROOT}; A = 1 / (4 × {qs}) + 1 / (2 × {qm}), B = {ls} / 2 + {g}, C = -{qs} × {ls}² / 4 - {M}`,
	IV: `${ROOT}; A = 1 / (2 × {qs}) + 1 / (2 × {qm}), B = {g}, C = -2 × {M}`
};

function acrossLines(joint: ScrewJoint, c: ScrewCapacity): SumLine[] {
	if (!c.across) return [];
	const { across } = c;
	const { Dr, Fyb } = screw(joint.screw.size);
	const values = { qm: perLength(across.qm), qs: perLength(across.qs), lm: mm(c.bearing), ls: mm(joint.side.thickness), g: mm(joint.gap), M: moment(across.bends) };
	return [
		{ label: 'stud bears', sum: phrase(`16600 × ${joint.main.G}^1.84 × ${Dr}: in lb and in`), result: perLength(across.qm), source: 'NDS 2018 Table 12.3.3' },
		{ label: 'cleat bears', sum: phrase(`16600 × ${joint.side.G}^1.84 × ${Dr}: in lb and in`), result: perLength(across.qs) },
		{ label: 'screw bends at', sum: phrase(`${Fyb} × ${Dr}³ / 6: in lb and in`), result: moment(across.bends), source: 'NDS 2018 Appendix I, L' },
		{ label: `yields, mode ${across.mode}`, sum: phrase(YIELD[across.mode], values), result: newtons(across.yields), source: 'Technical Report 12' },
		{
			label: 'holds across',
			sum: phrase('{P} / {KD} × {cd}', { P: newtons(across.yields), KD: String(Number(across.KD.toFixed(2))), cd: String(c.duration) }),
			result: newtons(c.lateral),
			source: 'NDS 2018 12.3, K_D of Table 12.3.1B'
		}
	];
}

/** A screw's capacity written out: how far it enters, what thread and head hold, what it holds across. */
export function capacityLines(joint: ScrewJoint, c: ScrewCapacity): SumLine[] {
	const { screw: chosen, side, gap, main } = joint;
	const cd = String(c.duration);
	const past = chosen.length - side.thickness - gap;
	const sum = past <= 0 ? '0: {l} does not reach through {t} and {g}' : past > main.thickness ? '{d}: all of the stud, for {l} goes through it' : '{l} - {t} - {g}';
	const entered: SumLine = {
		label: 'in the stud', sum: phrase(sum, { l: mm(chosen.length), t: mm(side.thickness), g: mm(gap), d: mm(main.thickness) }), result: mm(c.penetration)
	};
	if (!c.across) {
		return [entered, { label: 'holds', sum: phrase('less than {need}, {n} diameters: counts for nothing', { need: mm(c.needed), n: count(6) }), result: newtons(0), source: 'NDS 2018 12.1.5' }];
	}
	return [
		entered,
		threadLine(chosen.size, main.G),
		{ label: 'thread holds', sum: phrase('{W} × {p} × {cd}', { W: perLength(c.perLength), p: mm(c.thread), cd }), result: newtons(c.withdrawal) },
		headLine(chosen.size, side.thickness, side.G, c.duration),
		...acrossLines(joint, c)
	];
}
