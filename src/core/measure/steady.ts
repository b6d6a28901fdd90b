/** How a run of readings stands. */
export type Steadiness =
	{ kind: 'settling' } | { kind: 'steady'; value: number; spread: number } | { kind: 'unsteady'; spread: number };

export interface SteadyRule {
	/** Readings that must agree. */
	window: number;
	/** How far apart they may be. */
	within: number;
	/** Readings after which it is said to be unsteady. */
	patience: number;
	/** What a reading is rounded to. */
	step: number;
}

/**
 * Has a noisy reading come to rest? The last few must lie within a band; their mean, rounded to what the instrument can
 * tell, is the value.
 * @example steadiness([2.31, 2.3, 2.3, 2.31], { window: 4, within: 0.02, patience: 60, step: 0.01 }) // steady, 2.31
 */
export function steadiness(readings: readonly number[], rule: SteadyRule): Steadiness {
	const last = readings.slice(-rule.window);
	const spread = last.length === 0 ? 0 : Math.max(...last) - Math.min(...last);
	if (last.length >= rule.window && spread <= rule.within) {
		const mean = last.reduce((a, b) => a + b, 0) / last.length;
		return { kind: 'steady', value: Number((Math.round(mean / rule.step) * rule.step).toFixed(6)), spread };
	}
	return readings.length >= rule.patience ? { kind: 'unsteady', spread } : { kind: 'settling' };
}
