import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { checkPlan } from '$core/loads/check-plan';
import type { Check, SumLine } from '$core/loads/check';
import type { Holder, Plan } from '$core/plan/types';
import { MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';

/** Lines that say in words where their figure comes from; the rest must be sums. */
const IN_WORDS = new Set(['by nearness', 'stud takes', 'stud is lifted', 'roll at this stud', 'weight', 'stands out', 'left on', 'carries', 'bends', 'line load', 'holds']);

/** From inches and pounds, which published equations are in, to what is held inside. */
const FROM_INCH: Record<string, number> = { force: N_PER_POUND, 'force-per-length': N_PER_POUND / MM_PER_INCH, moment: N_PER_POUND * MM_PER_INCH };

/** Works a written sum out, as one would with a pencil: nothing but the numbers and signs that stand in it. */
function workOut(line: SumLine): number {
	const [sum, remark = ''] = line.sum.text.split(': ') as [string, string?];
	const [main, ...named] = sum.split('; ') as [string, ...string[]];
	const plain = (text: string) =>
		text
			.replace(/\{(\w+)(@tape)?\}/g, (_, name: string) => {
				const value = line.sum.values[name];
				return `(${typeof value === 'string' ? value : (value?.value ?? Number.NaN)})`;
			})
			.replaceAll('×', '*').replaceAll('²', '**2').replaceAll('³', '**3').replaceAll('^', '**').replaceAll('π', 'Math.PI')
			.replace(/tan\s*\(/g, 'Math.tan(').replace(/√\(/g, 'Math.sqrt(');
	const names = (named[0] ?? '').split(', ').filter(Boolean).map((n) => n.split(' = ') as [string, string]);
	const body = `${names.map(([n, value]) => `const ${n} = ${plain(value).replace(/^-/, '-1*')};`).join('')} return ${plain(main)};`;
	const value = new Function(body)() as number;
	return remark === 'in lb and in' ? value * (FROM_INCH[line.result.dim] as number) : value;
}

/** Walls that bring every kind of line onto the paper: solid cleats, lock strips, overhangs, bare studs, glue, every screw. */
function walls(): Plan[] {
	const base = slipwayWall();
	const holders = (change: (h: Holder) => void) => base.holders.map((h) => {
		const copy = structuredClone(h);
		change(copy);
		return copy;
	});
	return [
		base,
		{ ...base, holders: holders((h) => (h.params.lockStrip = true)), wall: { ...base.wall, cladding: { kind: 'none', thickness: 0 } } },
		{ ...base, rows: base.rows.map((r) => ({ ...r, stock: '2x4', blank: 88, screws: { size: '#14', length: 100, perStud: 1 } })) },
		{ ...base, rows: base.rows.map((r) => ({ ...r, screws: { size: '#12', length: 150, perStud: 1 } })) },
		{ ...base, rows: base.rows.map((r) => ({ ...r, stock: '1x4', blank: 85, bevel: 30, screws: { size: '#6', length: 60, perStud: 2 } })), wall: { ...base.wall, studs: base.wall.studs.filter((_, i) => i % 3 === 1) } },
		{ ...base, holders: holders((h) => (h.params.hook = { ...h.params.hook, from: 'front', glued: false })), wall: { ...base.wall, cladding: { kind: 'panel', thickness: 40 } } }
	];
}

const checks = walls().flatMap((w): readonly Check[] => checkPlan(w).checks);
const lines = checks.flatMap((c) => c.lines.map((line) => ({ line, id: c.id })));

describe('the written sums', () => {
	it('come to the results beside them', () => {
		let worked = 0;
		for (const { line, id } of lines) {
			if (IN_WORDS.has(line.label) || (line.label === 'allowed' && line.sum.text.startsWith('bearing'))) continue;
			const got = workOut(line);
			const want = line.result.value;
			if (want === Infinity) continue;
			expect(Math.abs(got - want), `${id}, ${line.label}: ${line.sum.text} is ${got}, not ${want}`).toBeLessThanOrEqual(2e-3 * Math.abs(want) + 1e-9);
			worked++;
		}
		expect(worked).toBeGreaterThan(2000);
	});

	it('were looked at in every yield mode that walls come to, and with every kind of check', () => {
		expect([...new Set(lines.map(({ line }) => line.label).filter((l) => l.startsWith('yields')))].length).toBeGreaterThanOrEqual(2);
		expect([...new Set(checks.map((c) => c.title))].sort()).toEqual(
			['cleat bending', 'cleat shear and twist', 'cleat splitting', 'hook', 'lip of the hole', 'peg', 'screws', 'seat', 'seat, locked', 'seat, part-loaded', 'stud', 'trade rule'].sort()
		);
	});

	it('end with the margin that decides', () => {
		for (const c of checks) {
			const last = c.lines.at(-1);
			if (c.margin === null || c.title === 'seat, locked') continue;
			expect(last?.label, c.id).toBe('margin');
			expect(last?.result.value, c.id).toBeCloseTo(c.margin, 9);
		}
	});
});
