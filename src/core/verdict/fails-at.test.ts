import { describe, expect, it } from 'vitest';
import { phrase, ratio } from '../units/phrase';
import { stepOf } from './check';
import { failsAt, finish } from './fails-at';

const step = (margin: number, reason = 'screw') =>
	stepOf({
		title: 'step',
		reason: phrase(reason),
		demand: ratio(1),
		capacity: ratio(margin),
		source: 'statics',
		lines: () => []
	});

describe('where it stops holding', () => {
	it('is the margin itself for what goes as the load', () => {
		expect(finish(failsAt((f) => [step(2.6 / f)]))?.factor).toBeCloseTo(2.6, 3);
		expect(finish(failsAt((f) => [step(0.4 / f)]))?.factor).toBeCloseTo(0.4, 3);
	});
	it('is where the word changes: exactly 1, and not before', () => {
		const found = finish(failsAt((f) => [step(1.5 / (0.2 + 0.8 * f))]));
		expect(found?.factor).toBeCloseTo((1.5 - 0.2) / 0.8, 3);
		expect(step(1.5 / (0.2 + 0.8 * ((found?.factor ?? 0) + 0.001))).verdict).toBe('does-not-hold');
	});
	it('names the step that gives way first there, not the one that is worst now', () => {
		const at = (f: number) => [step(1.2, 'already there'), step(5 / f, 'grows')];
		expect(finish(failsAt(at))?.first.reason.text).toBe('grows');
	});
	it('is nowhere when nothing grows with the load, or nothing loads it', () => {
		expect(finish(failsAt(() => [step(4)]))).toBeNull();
		expect(finish(failsAt(() => []))).toBeNull();
	});
	it('is nowhere when it fails under next to nothing', () => expect(finish(failsAt(() => [step(0.9)]))).toBeNull());
});
