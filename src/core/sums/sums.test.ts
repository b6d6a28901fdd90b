import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { parseLength } from '../units/parse-length';
import { formatLength } from '../units/format-length';
import { sayPhrase } from '../units/phrase';
import { inputsArbitrary } from '../../../tests/support/any-inputs';
import { worstFirst } from '../verdict/check';
import { startInputs } from './inputs';
import { SUMS, sumByName } from './registry';
import { answerVerdict, headroom, readInputs, remedies, type Sum } from './sum';

const all = SUMS.map((sum) => [sum.name, sum] as const);

describe('every sum', () => {
	test.each(all)('%s starts with something it can answer, in either unit', (_, sum) => {
		for (const unit of ['mm', 'inch'] as const) {
			const read = readInputs(sum, startInputs(sum.fields, unit));
			expect(read.ok ? [] : read.error).toEqual([]);
			const answer = sum.answer(startInputs(sum.fields, unit));
			expect(answer.drawing.shapes.length).toBeGreaterThan(1);
			expect(answer.steps.length + answer.lines.length).toBeGreaterThan(0);
			for (const n of answer.notes) expect(sayPhrase(n, unit)).not.toMatch(/\{|NaN|undefined/);
		}
	});

	test.each(all)('%s draws nothing but numbers, whatever it is asked', (_, sum) => {
		fc.assert(
			fc.property(inputsArbitrary(sum), (inputs) => {
				const { drawing, steps } = sum.answer(inputs);
				expect(JSON.stringify(drawing)).not.toMatch(/null/);
				for (const s of steps) expect(Number.isNaN(s.margin)).toBe(false);
			}),
			{ numRuns: 60 }
		);
	});

	test.each(all.filter(([, s]) => s.load !== undefined))('%s never gets better by more load', (_, sum) => {
		const load = sum.load as string;
		fc.assert(
			fc.property(inputsArbitrary(sum), fc.double({ min: 1.01, max: 3, noNaN: true }), (inputs, more) => {
				const heavier = { ...inputs, [load]: (inputs[load] as number) * more };
				// A seat gets better with weight close to the wall.
				if (sum.name === 'seat' || !readInputs(sum, heavier).ok) return;
				const [light, heavy] = [sum.answer(inputs), sum.answer(heavier)];
				light.steps.forEach((s, i) => {
					const other = heavy.steps[i];
					if (s.margin === null || other?.margin === null || other === undefined) return;
					expect(other.margin, s.title).toBeLessThanOrEqual(s.margin * (1 + 1e-9));
				});
			}),
			{ numRuns: 60 }
		);
	});

	test.each(all.filter(([, s]) => s.load !== undefined))(
		'%s holds just below the load it says, and not just above',
		(_, sum) => {
			const load = sum.load as string;
			fc.assert(
				fc.property(inputsArbitrary(sum), (inputs) => {
					const most = headroom(sum, inputs);
					if (!most) return;
					const at = (f: number) => answerVerdict(sum.answer({ ...inputs, [load]: most.most.value * f }))?.verdict;
					expect(at(0.998)).not.toBe('does-not-hold');
					expect(at(1.002)).toBe('does-not-hold');
				}),
				{ numRuns: 25 }
			);
		}
	);

	test.each(all.filter(([, s]) => s.changes))('%s advises only what makes it better and can be taken', (_, sum) => {
		fc.assert(
			fc.property(inputsArbitrary(sum), (inputs) => {
				const was = answerVerdict(sum.answer(inputs));
				for (const r of remedies(sum, inputs)) {
					expect(readInputs(sum, r.inputs).ok).toBe(true);
					const after = answerVerdict(sum.answer(r.inputs));
					expect(after?.step.margin).toBe(r.after.margin);
					expect(worstFirst(was!.step, r.after)).toBeLessThan(0);
				}
			}),
			{ numRuns: 40 }
		);
	});
});

describe('units', () => {
	// A length written on the screen in either unit and read again is the same but for the tape's last tick: the verdict
	// must be the same as well.
	it('never change a verdict', () => {
		const shelf = sumByName('shelf') as Sum;
		const inches = fc.integer({ min: 8, max: 60 });
		fc.assert(
			fc.property(inches, inches, fc.double({ min: 1, max: 300, noNaN: true }), (span, depth, load) => {
				const typed = (text: string, unit: 'inch' | 'mm') => {
					const got = parseLength(text, unit);
					return got.ok ? got.value : Number.NaN;
				};
				const said = (mm: number, unit: 'inch' | 'mm') =>
					typed(formatLength(mm, unit, { tick: 32, decimals: 1 }), unit);
				const ask = (unit: 'inch' | 'mm') => {
					const length = said(span * 25.4, unit);
					return answerVerdict(
						shelf.answer({
							...startInputs(shelf.fields, 'inch'),
							supports: [0, length],
							length,
							pointAt: length / 2,
							depth: said(depth * 25.4, unit),
							load
						})
					);
				};
				const [a, b] = [ask('inch'), ask('mm')];
				expect((a?.step.margin ?? 0) / (b?.step.margin ?? 1)).toBeCloseTo(1, 2);
				if (
					Math.abs((a?.step.margin ?? 0) - 1) > 0.01 &&
					Math.abs((a?.step.margin ?? 0) - 1.25) > 0.01 &&
					Math.abs((a?.step.margin ?? 0) - 0.5) > 0.01
				)
					expect(a?.verdict).toBe(b?.verdict);
			})
		);
	});
});

describe('inputs from outside', () => {
	const wrong = (name: string, change: object) => {
		const read = readInputs(sumByName(name) as Sum, {
			...startInputs((sumByName(name) as Sum).fields, 'mm'),
			...change
		});
		return read.ok ? [] : read.error.map((p) => p.path);
	};
	test.each([
		['shelf', { thickness: 0 }, 'thickness'],
		['shelf', { load: -1 }, 'load'],
		['shelf', { depth: Number.POSITIVE_INFINITY }, 'depth'],
		['shelf', { depth: Number.NEGATIVE_INFINITY }, 'depth'],
		['shelf', { supports: [0, 300, 200] }, 'supports'],
		['shelf', { supports: [0] }, 'supports'],
		['shelf', { material: 'cheese' }, 'material'],
		['screw', { length: 250 }, 'length'],
		['rod', { hole: 10 }, 'hole'],
		['deck', { centre: 2000 }, 'centre'],
		['deck', { at: 5000 }, 'at'],
		['lumber-arm', { notch: 94 }, 'notch'],
		['upright', { arms: [5000] }, 'arms'],
		['spacing', { way: 'end-margins', margin: 400 }, 'margin'],
		['dividers', { count: 90 }, 'thickness'],
		['leaf', { length: 200 }, 'length']
	])('of %s, %j, are refused at the field', (name, change, path) =>
		expect([...new Set(wrong(name, change))]).toEqual([path])
	);

	it('may not leave anything out, nor bring anything along', () => {
		expect(wrong('rip', { kerf: undefined })).toEqual(['kerf']);
		expect(wrong('rip', { more: 1 })).toEqual(['']);
	});
});
