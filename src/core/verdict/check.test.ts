import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { openFirst } from '../checks/check-plan';
import { phrase, ratio } from '../units/phrase';
import {
	governingCheck,
	marginOf,
	standingMargin,
	stepOf,
	verdictOf,
	verdictWords,
	worstFirst,
	type Check,
	type Step
} from './check';
import { base, fresh } from '../../../tests/support/demo-wall';

describe('verdicts', () => {
	it('are holds, close and does not hold at 1.25 and 1', () => {
		expect([1.25, 1.2499, 1, 0.999].map((m) => verdictOf(m))).toEqual(['holds', 'close', 'close', 'does-not-hold']);
	});

	it('are never made of what is not a number; nothing asked is another case', () => {
		expect([
			marginOf(0, 0),
			marginOf(5, 0),
			marginOf(Number.NaN, 1),
			marginOf(1, Number.NaN),
			marginOf(Infinity, 1),
			marginOf(Infinity, Infinity),
			marginOf(1, -1)
		]).toEqual([
			'unloaded',
			'unloaded',
			'not-a-number',
			'not-a-number',
			'not-a-number',
			'not-a-number',
			'not-a-number'
		]);
		expect(marginOf(5, Infinity)).toBe(0);
		expect(verdictOf('not-a-number')).toBe('cannot-be-judged');
		expect(verdictOf('unloaded')).toBe('unloaded');
		expect(verdictOf(Number.NaN)).toBe('cannot-be-judged');
		const step = (demand: number, capacity: number) =>
			stepOf({
				title: 's',
				reason: phrase('s'),
				source: '',
				demand: ratio(demand),
				capacity: ratio(capacity),
				lines: () => []
			});
		expect(step(Number.NaN, 1).verdict).toBe('cannot-be-judged');
		expect(governingCheck([step(1, 2), step(1, Number.NaN)])?.verdict).toBe('cannot-be-judged');
		fc.assert(
			fc.property(fc.double(), fc.double(), (c, d) => {
				const { verdict, margin } = step(d, c);
				if (verdict === 'holds') expect(margin).toBeGreaterThanOrEqual(1.25);
				if (verdict === 'close') expect(margin).toBeGreaterThanOrEqual(1);
			})
		);
	});

	it('by a second line are close at best, with both numbers', () => {
		const step = (first: number, second: number) =>
			stepOf({
				title: 's',
				reason: phrase('s'),
				source: '',
				demand: ratio(1),
				capacity: ratio(first),
				lines: () => [],
				second: { by: 'friction', demand: ratio(1), capacity: ratio(second), lines: () => [] }
			});
		const say = (s: Step) => verdictWords(s, (m) => m.toFixed(2));
		expect(say(step(0.74, 1.37))).toBe('Close by friction: 1.37; 0.74 without');
		expect(say(step(0.74, 0.9))).toBe('Does not hold: 0.74');
		expect(say(step(1.1, 3))).toBe('Close: 1.10');
		expect(step(2, 3).second).toBeUndefined();
		expect(step(0.5, Number.NaN)).toMatchObject({ verdict: 'does-not-hold' });
		expect(standingMargin(step(0.74, 1.37))).toBe(1.37);
	});

	it('are sorted worst first', () => {
		const open = openFirst(fresh(base).checks);
		open.slice(1).forEach((c, i) => expect(worstFirst(open[i] as Check, c)).toBeLessThanOrEqual(0));
	});
});
