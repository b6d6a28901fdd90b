import { lastOf, nth } from '$core/nth';
import Papa from 'papaparse';
import { fail, ok, type Result } from '$core/result';
import { placeOf, TRACE_LIMITS, type Trace } from '$core/survey/scan/trace';

const HEADINGS = ['height (mm)', 'x (mm)', 'density', 'metal', 'mains'] as const;

const plain = (n: number) => String(Math.round(n * 1000) / 1000);

/**
 * Recorded sweeps as CSV, a sample a line.
 * @example tracesCsv([trace]).split('\r\n')[0] // 'height (mm),x (mm),density,metal,mains'
 */
export function tracesCsv(traces: readonly Trace[]): string {
	const rows = traces.flatMap((t) =>
		t.density.map((d, i) => [t.y, placeOf(t, i), d, t.metal[i] ?? 0, t.mains[i] ?? 0].map(plain))
	);
	return Papa.unparse({ fields: [...HEADINGS], data: rows }, { newline: '\r\n' });
}

/** Steps of a recording differ by no more than this share of a step. */
const EVEN = 0.1;

interface Sample {
	x: number;
	density: number;
	metal: number;
	mains: number;
}

function traceOf(y: number, samples: Sample[]): Result<Trace> {
	samples.sort((a, b) => a.x - b.x);
	const [first, last] = [nth(samples, 0), lastOf(samples)];
	if (samples.length < TRACE_LIMITS.least)
		return fail(`The sweep at ${y} mm has ${samples.length} samples: at least ${TRACE_LIMITS.least} are needed`);
	if (samples.length > TRACE_LIMITS.most)
		return fail(`The sweep at ${y} mm has more than ${TRACE_LIMITS.most} samples`);
	const step = (last.x - first.x) / (samples.length - 1);
	if (!(step > 0)) return fail(`The sweep at ${y} mm does not move along the wall`);
	const off = samples.findIndex((s, i) => Math.abs(s.x - first.x - i * step) > EVEN * step + 0.002);
	if (off >= 0)
		return fail(
			`The sweep at ${y} mm is not evenly spaced: near ${plain(nth(samples, off).x)} mm a sample is missing or stands twice`
		);
	return ok({
		y,
		from: first.x,
		step,
		density: samples.map((s) => s.density),
		metal: samples.map((s) => s.metal),
		mains: samples.map((s) => s.mains)
	});
}

/** Which column each figure stands in, by its heading; metal and mains may be missing. */
function columns(
	heading: readonly string[]
): { y: number; x: number; density: number; metal: number; mains: number } | null {
	const find = (...words: string[]) =>
		heading.findIndex((h) => words.some((w) => h.trim().toLowerCase().startsWith(w)));
	const found = {
		y: find('height', 'y'),
		x: find('x', 'place'),
		density: find('density', 'signal'),
		metal: find('metal'),
		mains: find('mains', 'live')
	};
	return found.y < 0 || found.x < 0 || found.density < 0 ? null : found;
}

/**
 * Reads recorded sweeps: a sample a line, with a heading. Comma, semicolon or tab.
 * @returns what is wrong, with its line, when it cannot be used
 * @example readTracesCsv('nonsense').ok // false
 */
export function readTracesCsv(text: string): Result<Trace[]> {
	const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
	const [heading, ...lines] = data;
	const at = heading && columns(heading);
	if (!at)
		return fail('The file needs a heading with height, x and density, and may have metal and mains; lengths in mm');
	const by = new Map<number, Sample[]>();
	for (const [i, line] of lines.entries()) {
		const number = (column: number) =>
			column < 0 ? 0 : Number((line[column] ?? '').replace(',', '.').trim() || Number.NaN);
		const [y, x, density, metal, mains] = [at.y, at.x, at.density, at.metal, at.mains].map(number) as [
			number,
			number,
			number,
			number,
			number
		];
		if (![y, x, density, metal, mains].every(Number.isFinite))
			return fail(`Line ${i + 2} holds something that is not a number`);
		if (x < 0 || y < 0 || x > 30_000 || y > 6_000)
			return fail(`Line ${i + 2} is not on a wall: ${x} mm along, ${y} mm up`);
		const list = by.get(y) ?? [];
		list.push({ x, density, metal, mains });
		by.set(y, list);
		if (by.size > TRACE_LIMITS.traces) return fail(`The file holds more than ${TRACE_LIMITS.traces} sweeps`);
	}
	if (by.size === 0) return fail('The file holds no samples');
	const traces: Trace[] = [];
	for (const [y, samples] of [...by].sort((a, b) => a[0] - b[0])) {
		const trace = traceOf(y, samples);
		if (!trace.ok) return trace;
		traces.push(trace.value);
	}
	return ok(traces);
}
