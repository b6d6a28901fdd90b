import type { Fastener } from '../materials/fastener';
import { count, mm, moment, newtons, perLength, phrase, ratio } from '../units/phrase';
import { MM_PER_INCH, type Millimetres } from '../units/quantity';
import type { SumLine } from '../verdict/check';
import type { YieldMode } from '../mechanics/fasteners/lateral';
import { LEAST_PENETRATION, type Joint, type JointCapacity } from '../mechanics/fasteners/joint';
import type { CombinedAllowable } from '../mechanics/fasteners/combined';
import { headPullThrough, withdrawalPerLength } from '../mechanics/fasteners/withdrawal';

/** The published equations are in inches and pounds, and so are their sums. */
const inches = (length: Millimetres) => String(Number((length / MM_PER_INCH).toFixed(4)));
const plain = (n: number) => String(Number(n.toFixed(4)));

/** What the members are called in a sum. */
export interface MemberWords {
	/** Under the head: 'cleat'. */
	side: string;
	/** With the thread: 'stud'. */
	main: string;
}
const ROW: MemberWords = { side: 'cleat', main: 'stud' };

const WITHDRAWAL: Record<Fastener['kind'], { sum: (G: number, D: string) => string; source: string }> = {
	'wood-screw': { sum: (G, D) => `2850 × ${G}² × ${D}`, source: 'NDS 2018 12.2-2' },
	lag: { sum: (G, D) => `1800 × ${G}^1.5 × ${D}^0.75`, source: 'NDS 2018 12.2-1' },
	nail: { sum: (G, D) => `1380 × ${G}^2.5 × ${D}`, source: 'NDS 2018 12.2-3' }
};

/** What a length of thread holds. */
export function threadLine(f: Fastener, G: number): SumLine {
	const { sum, source } = WITHDRAWAL[f.kind];
	return {
		label: 'a length of thread',
		sum: phrase(`${sum(G, plain(f.D))}: in lb and in`),
		result: perLength(withdrawalPerLength(f, G)),
		source,
		detail: true
	};
}

/** What the head holds. */
export function headLine(f: Fastener, thickness: Millimetres, G: number, duration: number): SumLine {
	const DH = plain(f.head);
	const thin = thickness / MM_PER_INCH <= 2.5 * f.head;
	const sum = thin ? `690 × π × ${DH} × ${G}² × ${inches(thickness)}` : `1725 × π × ${DH}² × ${G}²`;
	return {
		label: 'head holds',
		sum: phrase(`${sum} × ${duration}: in lb and in`),
		result: newtons(headPullThrough(f.head, thickness, G) * duration),
		source: 'NDS 2018 12.2.5'
	};
}

const ROOT = '(√(B² - 4 × A × C) - B) / (2 × A)';
/**
 * The yield equations with a gap; s is the side member, m the main one, l what bears in it, q what a length of that
 * bears.
 */
const YIELD: Record<YieldMode, string> = {
	Im: '{qm} × {lm}',
	Is: '{qs} × {ls}',
	II: `${ROOT}; A = 1 / (4 × {qs}) + 1 / (4 × {qm}), B = {ls} / 2 + {g} + {lm} / 2, C = -{qs} × {ls}² / 4 - {qm} × {lm}² / 4`,
	IIIm: `${ROOT}; A = 1 / (2 × {qs}) + 1 / (4 × {qm}), B = {g} + {lm} / 2, C = -{M} - {qm} × {lm}² / 4`,
	IIIs: `${ROOT}; A = 1 / (4 × {qs}) + 1 / (2 × {qm}), B = {ls} / 2 + {g}, C = -{qs} × {ls}² / 4 - {M}`,
	IV: `${ROOT}; A = 1 / (2 × {qs}) + 1 / (2 × {qm}), B = {g}, C = -2 × {M}`
};

/** Dowel bearing strength as its table's formula, in psi: by the direction of the grain from 1/4 in on. */
function bearingStrength(f: Fastener, G: number, toGrain: 0 | 90): string {
	if (f.D < 0.25) return `16600 × ${G}^1.84`;
	return toGrain === 0 ? `11200 × ${G}` : `6100 × ${G}^1.45 / √(${plain(f.D)})`;
}

/** What a length of fastener bears in wood, by the direction of its grain from 1/4 in on. */
function bearsLine(label: string, f: Fastener, G: number, toGrain: 0 | 90, q: number): SumLine {
	return {
		label,
		sum: phrase(`${bearingStrength(f, G, toGrain)} × ${plain(f.Dr)}: in lb and in`),
		result: perLength(q),
		source: 'NDS 2018 Table 12.3.3',
		detail: true
	};
}

function acrossLines(joint: Joint, c: JointCapacity, words: MemberWords): SumLine[] {
	if (!c.across) return [];
	const { across } = c;
	const { fastener: f } = joint;
	const values = {
		qm: perLength(across.qm),
		qs: perLength(across.qs),
		lm: mm(c.bearing),
		ls: mm(joint.side.thickness),
		g: mm(joint.gap),
		M: moment(across.bends)
	};
	const factor = c.factors.lateral === 1 ? '' : ' × {k}';
	return [
		bearsLine(`${words.main} bears`, f, joint.main.G, joint.mainToGrain ?? 0, across.qm),
		bearsLine(`${words.side} bears`, f, joint.side.G, joint.sideToGrain ?? 90, across.qs),
		{
			label: `${f.kind === 'nail' ? 'nail' : 'screw'} bends at`,
			sum: phrase(`${f.Fyb} × ${plain(f.Dr)}³ / 6: in lb and in`),
			result: moment(across.bends),
			source: 'NDS 2018 Appendix I, L',
			detail: true
		},
		{
			label: `yields, mode ${across.mode}`,
			sum: phrase(YIELD[across.mode], values),
			result: newtons(across.yields),
			source: 'Technical Report 12',
			detail: true
		},
		{
			label: 'holds across',
			sum: phrase(`{P} / {Rd} × {cd}${factor}`, {
				P: newtons(across.yields),
				Rd: plain(across.Rd),
				cd: String(c.duration),
				k: plain(c.factors.lateral)
			}),
			result: newtons(c.lateral),
			source: 'NDS 2018 12.3, R_d of Table 12.3.1B'
		}
	];
}

/** How far the fastener enters, as a sum or as the reason that it does not. */
function enteredSum({ fastener, length, side, gap, main }: Joint, c: JointCapacity, words: MemberWords): string {
	const past = length - side.thickness - gap;
	if (past <= 0) return '0: {l} does not reach through {t} and {g}';
	if (past > main.thickness) return `{d}: all of the ${words.main}, for {l} goes through it`;
	if (c.penetration === 0) return '0: only the tip of {e} is in';
	return `{l} - {t} - {g}${fastener.tip > 0 ? ' - {e}' : ''}`;
}

/** A joint's capacity written out: how far the fastener enters, what thread and head hold, what it holds across. */
export function capacityLines(joint: Joint, c: JointCapacity, words: MemberWords = ROW): SumLine[] {
	const { fastener: f, side, gap, main } = joint;
	const values = {
		l: mm(joint.length),
		t: mm(side.thickness),
		g: mm(gap),
		d: mm(main.thickness),
		e: mm(f.tip * MM_PER_INCH)
	};
	const entered: SumLine = {
		label: `in the ${words.main}`,
		sum: phrase(enteredSum(joint, c, words), values),
		result: mm(c.penetration)
	};
	if (!c.across) {
		return [
			entered,
			{
				label: 'holds',
				sum: phrase('less than {need}, {n} diameters: counts for nothing', {
					need: mm(c.needed),
					n: count(LEAST_PENETRATION[f.kind])
				}),
				result: newtons(0),
				source: 'NDS 2018 12.1'
			}
		];
	}
	const factor = c.factors.withdrawal === 1 ? '' : ' × {k}';
	return [
		entered,
		threadLine(f, main.G),
		{
			label: 'thread holds',
			sum: phrase(`{W} × {p} × {cd}${factor}`, {
				W: perLength(c.perLength),
				p: mm(c.thread),
				cd: String(c.duration),
				k: plain(c.factors.withdrawal)
			}),
			result: newtons(c.withdrawal)
		},
		headLine(f, side.thickness, side.G, c.duration),
		...acrossLines(joint, c, words)
	];
}

/** What a fastener may carry along the way it is loaded, with cos² and sin² of that way in numbers. */
export function allowedLine(c: JointCapacity, both: CombinedAllowable): SumLine {
	const values = { W: newtons(c.axial), Z: newtons(c.lateral), c: ratio(both.cos2), s: ratio(both.sin2) };
	const sums: Record<CombinedAllowable['by'], string> = {
		both: '{W} × {Z} / ({W} × {c} + {Z} × {s})',
		across: both.sin2 === 0 ? '{Z}: across alone' : '{Z} / √{c}: no better than across by itself',
		pull: both.cos2 === 0 ? '{W}: pulled alone' : '{W} / √{s}: no better than pulled by itself'
	};
	const loaded = both.allowed > 0 ? sums[both.by] : '0: the screw counts for nothing';
	return {
		label: 'allowed so',
		sum: phrase(both.cos2 + both.sin2 === 0 ? 'the smaller of the two: nothing loads it' : loaded, values),
		result: newtons(both.allowed),
		source: 'NDS 2018 12.4-1'
	};
}
