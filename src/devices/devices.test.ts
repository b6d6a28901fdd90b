import { describe, expect, it } from 'vitest';
import { METERS, readings, type Manner, type Meter } from './meters';
import { printing } from './label-printer';
import { steadiness } from '$core/measure/steady';

/** Reads until it is steady, or patience ends. */
function measure(meter: Meter, truth: number, manner: Manner, seed: number) {
	const seen: number[] = [];
	for (const r of readings(meter, truth, manner, seed)) {
		if (r.kind === 'out-of-range') return r;
		seen.push(r.value);
		const found = steadiness(seen, meter.rule);
		if (found.kind !== 'settling') return { ...found, after: seen.length };
	}
	return { kind: 'lost' as const, after: seen.length };
}

describe.each(METERS.map((m) => [m.title, m] as const))('%s', (_, meter) => {
	const truths = meter.dim === 'mass' ? [0.05, 0.31, 2.3, 14, 120] : [60, 145, 620, 2440, 12_000];

	it('comes to rest near the truth, over many seeds', () => {
		for (const truth of truths) {
			for (let seed = 1; seed <= 40; seed++) {
				const got = measure(meter, truth, 'quiet', seed);
				expect(got.kind, `${truth}, seed ${seed}`).toBe('steady');
				if (got.kind !== 'steady') continue;
				expect(Math.abs(got.value - truth)).toBeLessThanOrEqual(meter.rule.within / 2 + meter.rule.step);
				expect(Math.abs(got.value / meter.rule.step - Math.round(got.value / meter.rule.step))).toBeLessThan(1e-6);
			}
		}
	});

	it('is not taken at its word while it sways', () => {
		// The first readings stray by far more than the band.
		const first = measure(meter, truths[2] as number, 'quiet', 7);
		expect(first.kind === 'steady' && first.after).toBeGreaterThan(meter.rule.window);
	});

	it('is called unsteady in a restless hand, and lost when the line breaks', () => {
		for (let seed = 1; seed <= 20; seed++)
			expect(measure(meter, truths[2] as number, 'restless', seed).kind).toBe('unsteady');
		expect(measure(meter, truths[2] as number, 'breaks-off', 1)).toEqual({ kind: 'lost', after: 6 });
	});

	it('says when it is out of its range', () => {
		expect(measure(meter, meter.max * 1.2, 'quiet', 1)).toMatchObject({
			kind: 'out-of-range',
			why: expect.stringContaining('over')
		});
		expect(measure(meter, meter.min / 2, 'quiet', 1)).toMatchObject({
			kind: 'out-of-range',
			why: expect.stringContaining('under')
		});
	});

	it('gives the same readings for the same seed, and others for another', () => {
		const some = (seed: number) =>
			[...Array(5)].map(
				(
					(it) => () =>
						it.next().value
				)(readings(meter, truths[2] as number, 'quiet', seed))
			);
		expect(some(3)).toEqual(some(3));
		expect(some(3)).not.toEqual(some(4));
	});
});

describe('the simulated label printer', () => {
	it('prints them all, or stops where the roll ends', () => {
		expect([...printing(2, 5)]).toEqual([
			{ kind: 'printed', label: 0, of: 2, left: 4 },
			{ kind: 'printed', label: 1, of: 2, left: 3 },
			{ kind: 'done', printed: 2 }
		]);
		expect([...printing(3, 1)].at(-1)).toMatchObject({ kind: 'stopped', printed: 1, of: 3 });
	});
});
