import type { Millimetres } from '../../units/quantity';
import { fitBump } from './fit-bump';
import { baseline, median, noiseOf, smooth } from './signal';
import { placeOf, type Trace } from './trace';

/** Something behind the wall, seen at one height. */
export interface Sighting {
	kind: 'wood' | 'pipe';
	y: Millimetres;
	left: Millimetres;
	centre: Millimetres;
	right: Millimetres;
	/** Standard error of the centre. */
	error: Millimetres;
	/** Height over the bare wall, over the noise. */
	clear: number;
	/** Height over that of the usual stud on this trace. */
	strength: number;
	/**
	 * The one edge that was seen, where the trace begins or ends in the middle of it; the centre is then worked out from
	 * the usual width.
	 */
	only: 'left' | 'right' | null;
}

/** A stretch with mains in it. */
export interface LiveStretch {
	y: Millimetres;
	left: Millimetres;
	right: Millimetres;
}

export interface TraceReading {
	y: Millimetres;
	sightings: Sighting[];
	live: LiveStretch[];
	/** Standard deviation of the noise, as a share of the usual stud. */
	noise: number;
}

/** Spread of the window that such an instrument sees through, mm. */
const WINDOW: Millimetres = 9;
/** Averaged over this before anything is looked for, mm: less than an edge is wide. */
const SOFTEN: Millimetres = 7;
/** The bare wall is looked for within this, to either side: more than the widest post. */
const BARE: Millimetres = 320;
/** Of a stud's height: what is lower is plaster, glue or damp, not framing. */
const LEAST_STRENGTH = 0.45;
/**
 * Where not even the usual lift comes to this, on the instrument's own scale, there is no framing to compare with: glue
 * alone, or solid behind.
 */
const WEAKEST = 0.4;
/** Over the noise of the softened trace. */
const LEAST_CLEAR = 6;
/** A pipe is narrow, and most of it metal. */
const PIPE = { widest: 34, metal: 0.4 } as const;
/** Narrower things are cables and battens for plaster; wider ones a panel's edge. */
const WOOD = { narrowest: 26, widest: 210 } as const;
const LIVE = 0.5;

interface Region {
	from: number;
	to: number;
}

/** Stretches above a level, with short dips closed. */
function regionsOver(values: ArrayLike<number>, level: number, dip: number): Region[] {
	const found: Region[] = [];
	for (let i = 0; i < values.length; i++) {
		if ((values[i] as number) <= level) continue;
		const last = found.at(-1);
		if (last && i - last.to <= dip) last.to = i;
		else found.push({ from: i, to: i });
	}
	return found;
}

const mean = (values: readonly number[], { from, to }: Region) =>
	values.slice(from, to + 1).reduce((a, b) => a + b, 0) / (to - from + 1);

interface Seen {
	region: Region;
	left: number;
	right: number;
	height: number;
	error: number;
	metal: number;
	only: Sighting['only'];
}

/** The usual height of a stud: the median over stretches that are as wide as one. Null when there are none. */
function usualHeight(lifted: Float64Array, regions: readonly Region[], step: number): number | null {
	const heights = regions
		.filter((r) => (r.to - r.from) * step >= WOOD.narrowest - 8)
		.map((r) => median(lifted.subarray(r.from, r.to + 1)));
	return heights.length === 0 ? null : median(heights);
}

const OTHER = { left: 'right', right: 'left' } as const;

/** Which edge of a stretch the sweep saw, where it began or ended within it; null when it saw both. */
function edgeInSight(region: Region, trace: Trace): Sighting['only'] {
	if (region.from <= 1) return 'right';
	return region.to >= trace.density.length - 2 ? 'left' : null;
}

/** Edges of one stretch, fitted to the samples about it. */
function look(trace: Trace, lifted: Float64Array, region: Region, noise: number, usual: number): Seen | null {
	const { step } = trace;
	const around = Math.round((3 * WINDOW) / step);
	const from = Math.max(0, region.from - around);
	const to = Math.min(trace.density.length - 1, region.to + around);
	const only = edgeInSight(region, trace);
	const x = Array.from({ length: to - from + 1 }, (_, i) => placeOf(trace, from + i));
	const guess = { left: placeOf(trace, region.from), right: placeOf(trace, region.to), height: usual, base: 0 };
	if (only === 'right') guess.left -= 4 * WINDOW;
	if (only === 'left') guess.right += 4 * WINDOW;
	const fit = fitBump({ x, v: lifted.subarray(from, to + 1) }, guess, WINDOW, noise, only && OTHER[only]);
	if (!fit || fit.height <= 0) return null;
	return {
		region,
		left: fit.left,
		right: fit.right,
		height: fit.height,
		error: fit.error,
		metal: mean(trace.metal, region),
		only
	};
}

/**
 * Reads one trace: takes off the drift, finds what stands out of the noise, fits both edges of each, and tells wood
 * from pipes and live stretches.
 * @example readTrace(trace).sightings.map((s) => s.centre)
 */
export function readTrace(trace: Trace): TraceReading {
	const { step, y } = trace;
	const raw = Float64Array.from(trace.density);
	const noise = Math.max(noiseOf(raw), 1e-6);
	const soft = smooth(raw, SOFTEN / step);
	const base = baseline(soft, Math.round(BARE / step));
	const lifted = raw.map((v, i) => v - (base[i] as number));
	const softLifted = soft.map((v, i) => v - (base[i] as number));
	// White noise averaged over a Gaussian of s samples is less by the root of 2 s √π.
	const softNoise = noise / Math.sqrt((2 * SOFTEN * Math.sqrt(Math.PI)) / step);
	const dip = Math.round(6 / step);
	const live = regionsOver(smooth(trace.mains, SOFTEN / step), LIVE, Math.round(30 / step)).map((r) => ({
		y,
		left: placeOf(trace, r.from),
		right: placeOf(trace, r.to)
	}));
	const usual = usualHeight(softLifted, regionsOver(softLifted, LEAST_CLEAR * softNoise, dip), step);
	if (usual === null || usual < WEAKEST) return { y, sightings: [], live, noise: Number.NaN };
	const level = Math.max(LEAST_CLEAR * softNoise, LEAST_STRENGTH * usual);
	const seen = regionsOver(softLifted, level, dip).flatMap((r) => look(trace, lifted, r, noise, usual) ?? []);
	const whole = seen.filter((s) => !s.only && s.right - s.left >= WOOD.narrowest && s.right - s.left <= 60);
	const width = whole.length > 0 ? median(whole.map((s) => s.right - s.left)) : 40;
	const sightings = seen.flatMap((s): Sighting[] => {
		const left = s.only === 'right' ? s.right - width : s.left;
		const right = s.only === 'left' ? s.left + width : s.right;
		const pipe = right - left <= PIPE.widest && s.metal >= PIPE.metal;
		const fits = right - left >= WOOD.narrowest && right - left <= WOOD.widest && s.height >= LEAST_STRENGTH * usual;
		if (!pipe && !fits) return [];
		return [
			{
				kind: pipe ? 'pipe' : 'wood',
				y,
				left,
				centre: (left + right) / 2,
				right,
				error: s.error,
				clear: s.height / softNoise,
				strength: s.height / usual,
				only: s.only
			}
		];
	});
	return { y, sightings, live, noise: noise / usual };
}
