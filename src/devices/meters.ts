import type { SteadyRule } from '$core/measure/steady';
import { seeded } from '$core/seeded';
import { gauss } from './noise';

/** What a stand-in sends: a reading in mm or kg, or that it has none. */
export type Reading = { kind: 'value'; value: number } | { kind: 'out-of-range'; why: string };

/**
 * How the world behaves that the stand-in measures: a quiet hand, one that never keeps still, or a connection that
 * breaks.
 */
export type Manner = 'quiet' | 'restless' | 'breaks-off';
export const MANNERS: readonly Manner[] = ['quiet', 'restless', 'breaks-off'];

/** A simulated instrument. There is no real one behind it, and the screen says so. */
export interface Meter {
	name: string;
	title: string;
	dim: 'length' | 'mass';
	/** What it can measure, mm or kg. */
	min: number;
	max: number;
	/** Standard deviation of its noise, and of that of a restless hand. */
	noise: number;
	restless: number;
	/** How its first readings stray before it settles, and how fast that dies away, per reading. */
	sway: number;
	decay: number;
	rule: SteadyRule;
}

export const METERS: readonly Meter[] = [
	{
		name: 'hanging-scale',
		title: 'Hanging scale',
		dim: 'mass',
		min: 0.02,
		max: 150,
		noise: 0.004,
		restless: 0.12,
		sway: 0.35,
		decay: 0.82,
		rule: { window: 8, within: 0.02, patience: 70, step: 0.01 }
	},
	{
		name: 'distance-meter',
		title: 'Distance meter',
		dim: 'length',
		min: 50,
		max: 40_000,
		noise: 0.35,
		restless: 9,
		sway: 30,
		decay: 0.7,
		rule: { window: 8, within: 2, patience: 70, step: 1 }
	}
];

/** Readings before a broken connection breaks. */
const BREAKS_AFTER = 6;

/**
 * The readings of a stand-in, one after another without end: swaying at first, then noise about the truth.
 * @param truth what it measures, mm or kg
 * @param seed the same seed gives the same readings
 * @example [...take(readings(METERS[0], 2.3, 'quiet', 1), 3)]
 */
export function* readings(meter: Meter, truth: number, manner: Manner, seed: number): Generator<Reading> {
	const next = seeded(seed);
	const phase = next() * Math.PI;
	for (let i = 0; ; i++) {
		if (manner === 'breaks-off' && i >= BREAKS_AFTER) return;
		const sway = meter.sway * meter.decay ** i * Math.cos(i * 0.9 + phase) * Math.min(1, truth / meter.sway / 2);
		const value = truth + sway + gauss(next) * (manner === 'restless' ? meter.restless : meter.noise);
		if (truth > meter.max || value > meter.max) yield { kind: 'out-of-range', why: `over its range of ${meter.max}` };
		else if (truth < meter.min || value < 0) yield { kind: 'out-of-range', why: `under its range of ${meter.min}` };
		else yield { kind: 'value', value };
	}
}
