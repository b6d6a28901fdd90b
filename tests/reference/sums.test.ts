import { backOf, hung } from '../support/peg-rack';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { checkPlan } from '$core/checks/check-plan';
import type { Check, SumLine } from '$core/verdict/check';
import type { Holder, Plan } from '$core/plan/types';
import { SUMS } from '$core/sums/registry';
import { inputsArbitrary } from '../support/any-inputs';
import { workOut } from '../support/work-out';

/** Lines that say in words where their figure comes from; the rest must be sums. */
const IN_WORDS = new Set([
	'by nearness',
	'stud takes',
	'V: stud takes',
	'V: stud is lifted',
	'M: roll at this stud',
	'weight',
	'left on',
	'worst left on',
	'carries',
	'line load',
	'holds',
	'foot presses',
	'tilted up',
	'sags at once',
	'bends by',
	'as a beam',
	'the smaller',
	'cleat itself',
	'cleat and sheet',
	'shared by',
	'counts',
	'to be',
	'may be',
	'plug holds',
	'lifts the strip',
	'strip holds',
	'weight on it',
	'pulled out of the wall',
	'turns the peg',
	'bends',
	'by the equations'
]);
/** Nothing in it to reckon with but words. */
const inWords = ({ label, sum }: SumLine) =>
	IN_WORDS.has(label) ||
	label.startsWith('weight of ') ||
	!/[×/√+]|^\d|^\{\w+\}( -|$|:)/.test(sum.text.split(': ')[0] as string);

/**
 * Walls that bring every kind of line onto the paper: solid cleats, lock strips, overhangs, bare studs, glue, every
 * screw.
 */
function walls(): Plan[] {
	const base = slipwayWall();
	const holders = (change: (h: Holder) => void) =>
		base.holders.map((h) => {
			const copy = structuredClone(h);
			change(copy);
			return copy;
		});
	return [
		base,
		{
			...base,
			holders: holders((h) => (hung(h).mount.strips.lockStrip = 'screwed')),
			rows: base.rows.map((r) => ({ ...r, screws: { ...r.screws, length: 80 } })),
			wall: { ...base.wall, cladding: { kind: 'none', thickness: 0 } }
		},
		{
			...base,
			rows: base.rows.map((r) => ({ ...r, stock: '2x4', blank: 88, screws: { size: '#14', length: 100, perStud: 1 } }))
		},
		{ ...base, rows: base.rows.map((r) => ({ ...r, screws: { size: '#12', length: 150, perStud: 1 } })) },
		{
			...base,
			rows: base.rows.map((r) => ({
				...r,
				stock: '1x4',
				blank: 85,
				bevel: 30,
				screws: { size: '#6', length: 60, perStud: 2 }
			})),
			wall: { ...base.wall, studs: base.wall.studs.filter((_, i) => i % 3 === 1) }
		},
		{
			...base,
			rows: base.rows.map((r) => ({ ...r, twistBlock: { height: 70, width: 90 } })),
			wall: { ...base.wall, wet: true }
		},
		{
			...base,
			rows: base.rows.map((r) => ({
				...r,
				backer: { stock: 'ply-12', height: 260, below: 80, behind: { size: '#8', length: 28, pitch: 150 }, perStud: 3 }
			})),
			holders: holders((h) => {
				hung(h).mount.strips.secondHook = true;
				backOf(h).height = 480;
			})
		},
		{
			...base,
			holders: holders((h) => Object.assign(hung(h).mount.strips.hook, { from: 'front', glued: false })),
			wall: { ...base.wall, cladding: { kind: 'panel', thickness: 40 } }
		}
	];
}

const checks = walls().flatMap((w): readonly Check[] => checkPlan(w).checks);
const lines = checks.flatMap((c) => c.lines.map((line) => ({ line, id: c.id })));

describe('the written sums', () => {
	it('come to the results beside them', () => {
		let worked = 0;
		for (const { line, id } of lines) {
			if (inWords(line)) continue;
			const got = workOut(line);
			const want = line.result.value;
			if (want === Infinity) continue;
			expect(Math.abs(got - want), `${id}, ${line.label}: ${line.sum.text} is ${got}, not ${want}`).toBeLessThanOrEqual(
				2e-3 * Math.abs(want) + 1e-9
			);
			worked++;
		}
		expect(worked).toBeGreaterThan(2000);
	});

	it('were looked at in every yield mode that walls come to, and with every kind of check', () => {
		expect(
			[...new Set(lines.map(({ line }) => line.label).filter((l) => l.startsWith('yields')))].length
		).toBeGreaterThanOrEqual(2);
		expect([...new Set(checks.map((c) => c.title))].sort()).toEqual(
			[
				'back bends up its height',
				'cleat bending',
				'cleat shear and twist',
				'cleat splitting',
				'cleat to its sheet',
				'fixing',
				'grab: peg',
				'grab: seat',
				'hook',
				'lip of the hole',
				'peg',
				'screws',
				'seat',
				'seat, locked',
				'seat, part-loaded',
				'stud',
				'blocking',
				'second hook',
				'tilt of the pegs',
				'trade rule',
				'twist block'
			].sort()
		);
	});

	it('end with the margin that decides', () => {
		for (const c of checks) {
			const last = c.lines.at(-1);
			if (c.margin === null || c.load === null) continue;
			expect(last?.label, c.id).toBe('margin');
			expect(last?.result.value, c.id).toBeCloseTo(c.margin, 9);
		}
	});

	it('have their demand and their capacity as results of named lines, and so has every second line', () => {
		const named = (all: readonly SumLine[], q: { value: number; dim: string }) =>
			all.some((l) => l.result.dim === q.dim && Math.abs(l.result.value - q.value) <= 1e-9 * Math.abs(q.value) + 1e-12);
		for (const c of checks) {
			if (!c.load) continue;
			expect(named(c.lines.slice(0, -1), c.load.demand), `${c.id}: demand ${c.load.demand.value} is in no line`).toBe(
				true
			);
			expect(
				named(c.lines.slice(0, -1), c.load.capacity),
				`${c.id}: capacity ${c.load.capacity.value} is in no line`
			).toBe(true);
			expect((c.second?.lines.length ?? 2) > 1, `${c.id}: its second line has no sum`).toBe(true);
		}
		expect(checks.filter((c) => c.second).length).toBeGreaterThan(5);
	});
});

describe('the quick sums', () => {
	test.each(SUMS.map((sum) => [sum.name, sum] as const))(
		'%s: any inputs are answered, and every written sum comes to the result beside it',
		(_, sum) => {
			let worked = 0;
			fc.assert(
				fc.property(inputsArbitrary(sum), (inputs) => {
					const answer = sum.answer(inputs);
					for (const line of [...answer.lines, ...answer.steps.flatMap((s) => s.lines)]) {
						if (inWords(line) || !Number.isFinite(line.result.value)) continue;
						const got = workOut(line);
						expect(
							Math.abs(got - line.result.value),
							`${line.label}: ${line.sum.text} ${JSON.stringify(line.sum.values)} is ${got}, not ${line.result.value}`
						).toBeLessThanOrEqual(3e-3 * Math.abs(line.result.value) + 1e-6);
						worked++;
					}
					for (const s of answer.steps) if (s.load) expect(s.lines.at(-1)?.label).toBe('margin');
				}),
				{ numRuns: 150 }
			);
			expect(worked).toBeGreaterThan(60);
		}
	);
});
