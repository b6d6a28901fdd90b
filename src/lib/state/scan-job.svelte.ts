import type { Pilot, Wall } from '$core/plan/types';
import { retrain, type Retrained } from '$core/survey/scan/retrain';
import type { ScanFound } from '$core/survey/scan/analyse';
import type { Trace } from '$core/survey/scan/trace';
import { tallest } from '$core/survey/outline';
import ScanWorker from '$workers/scan.worker?worker';
import type { ScanMessage, ScanRequest } from '$workers/messages';
import { askWorker } from './ask-worker';
import { whenIdle } from './when-idle';
import { keepHere, recallHere } from './here';

/** Between samples of a sweep, mm, and how few and many a sweep may have. */
const STEP = 2.5;
const LEAST_SAMPLES = 400;
const MOST_SAMPLES = 12_000;
/** Larger files are no sweeps of one wall. */
const MOST_BYTES = 40 * 1024 * 1024;
const NO_HOLES: readonly Pilot[] = [];

/**
 * A number that is always the same for the same wall: the simulated scanner stands before the same hidden wall each
 * time.
 */
const seedOf = (id: string) => [...id].reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0, 7) % 100_000;

/**
 * Studs that somebody has surveyed are what the stand-in finds; those laid out at a pitch are a guess, and the wall
 * behind them is another.
 */
function knownStuds(wall: Wall): string {
	const surveyed = wall.studs.filter((s) => !s.added && s.found?.how !== 'pitch' && s.found?.how !== 'guess');
	return surveyed.map((s) => `${s.x}:${s.width}:${s.lean ?? 0}`).join(',');
}

/**
 * Sweeps of a wall with the simulated scanner, and what they come to. They are kept on this device; the plan gets what
 * is taken of them.
 */
export class ScanJob {
	traces = $state.raw<readonly Trace[]>([]);
	/** The sweep under way, as far as it has come. */
	sweeping = $state.raw<Trace | null>(null);
	/** How much of it there is already, 0 to 1. */
	swept = $state(0);
	/** Heights still to be swept. */
	left = $state.raw<readonly number[]>([]);
	progress = $state.raw<{ done: number; of: number } | null>(null);
	found = $state.raw<ScanFound | null>(null);
	failure = $state('');
	#source: EventSource | null = null;
	#reading: (() => void) | null = null;
	#key: string;
	#seed: number;
	#proved: { found: ScanFound; pilots: readonly Pilot[]; says: Retrained } | null = null;
	/** What stands behind the wall stays the same from the first sweep on, whatever is taken into the plan. */
	#studs: string | null = null;

	constructor(id: string) {
		this.#key = `traces:${id}`;
		this.#seed = seedOf(id);
	}

	/** Takes up what this device kept. */
	async load(): Promise<void> {
		const kept = await recallHere<{ traces: Trace[]; studs: string | null }>(this.#key);
		if (!kept?.traces.length || this.traces.length > 0) return;
		this.#studs = kept.studs;
		this.#set(kept.traces);
	}

	#world(wall: Wall): URLSearchParams {
		this.#studs ??= knownStuds(wall);
		return new URLSearchParams({
			width: String(wall.width),
			height: String(tallest(wall)),
			seed: String(this.#seed),
			...(this.#studs ? { studs: this.#studs } : {})
		});
	}

	/** Sweeps the wall at these heights, one after another; one that was swept before is swept anew. */
	sweep(wall: Wall, heights: readonly number[], noise: number): void {
		this.stop();
		this.failure = '';
		this.left = heights;
		this.#next(wall, noise);
	}

	#next(wall: Wall, noise: number): void {
		const [y, ...rest] = this.left;
		if (y === undefined) return;
		const query = this.#world(wall);
		query.set('y', String(y));
		query.set('noise', String(noise));
		query.set('samples', String(Math.min(MOST_SAMPLES, Math.max(LEAST_SAMPLES, Math.round(wall.width / STEP)))));
		this.swept = 0;
		let trace: Trace | null = null;
		const source = new EventSource(`/api/devices/stud-scanner/sweeps?${query}`);
		this.#source = source;
		source.onmessage = ({ data }: MessageEvent<string>) => {
			const part = JSON.parse(data) as Trace & { of: number };
			trace = trace
				? {
						...trace,
						density: [...trace.density, ...part.density],
						metal: [...trace.metal, ...part.metal],
						mains: [...trace.mains, ...part.mains]
					}
				: { y: part.y, from: part.from, step: part.step, density: part.density, metal: part.metal, mains: part.mains };
			this.sweeping = trace;
			this.swept = trace.density.length / part.of;
			if (trace.density.length < part.of) return;
			source.close();
			this.sweeping = null;
			this.left = rest;
			this.#set([...this.traces.filter((t) => t.y !== y), trace]);
			this.#next(wall, noise);
		};
		source.onerror = () => {
			source.close();
			this.sweeping = null;
			this.left = [];
			this.failure = 'The scanner cannot be reached. What was swept before is kept.';
		};
	}

	/**
	 * Recorded sweeps from a file, in place of what there is: read aside, since it may hold hundreds of thousands of
	 * samples.
	 */
	async bring(file: File): Promise<void> {
		this.stop();
		this.failure = '';
		if (file.size > MOST_BYTES) {
			this.failure = `${file.name} is larger than ${MOST_BYTES / 1024 / 1024} MB`;
			return;
		}
		const bytes = await file.arrayBuffer();
		this.#ask({ kind: 'file', bytes }, 1, (why) => `${file.name} was not taken. ${why}.`);
	}

	#set(traces: readonly Trace[]): void {
		this.#put(traces);
		if (this.traces.length === 0) this.found = null;
		else if (this.left.length === 0) this.#analyse();
	}

	#put(traces: readonly Trace[]): void {
		this.traces = [...traces].sort((a, b) => a.y - b.y);
		// Copying tens of thousands of samples takes a moment of its own.
		whenIdle(() => void keepHere(this.#key, { traces: this.traces, studs: this.#studs }));
	}

	#analyse(): void {
		this.#ask({ kind: 'traces', traces: this.traces }, this.traces.length, (why) => why);
	}

	#ask(request: ScanRequest, of: number, failed: (why: string) => string): void {
		this.#end();
		this.progress = { done: 0, of };
		this.#reading = askWorker<ScanMessage>(new ScanWorker(), 'reads sweeps', request, {
			hear: (message) => {
				switch (message.kind) {
					case 'read':
						this.found = null;
						this.#put(message.traces);
						return;
					case 'progress':
						this.progress = { done: message.done, of: message.of };
						return;
					case 'done':
						this.found = message.found;
						this.#end();
				}
			},
			fail: (why) => {
				this.failure = failed(why);
				this.#end();
			}
		});
	}

	#end(): void {
		this.#reading?.();
		this.#reading = null;
		this.progress = null;
	}

	/** What was found, after pilot holes. The drawing and the slip both ask: the last answer is kept. */
	proved(pilots: readonly Pilot[] = NO_HOLES): Retrained | null {
		const { found } = this;
		if (!found) return null;
		if (this.#proved?.found !== found || this.#proved.pilots !== pilots)
			this.#proved = { found, pilots, says: retrain(found.pieces, pilots) };
		return this.#proved.says;
	}

	/** Drills into the simulated wall; null when it cannot be reached. */
	async drill(wall: Wall, x: number, y: number): Promise<Pilot['hit'] | null> {
		const query = this.#world(wall);
		query.set('x', String(x));
		query.set('y', String(y));
		try {
			const response = await fetch(`/api/devices/stud-scanner/pilots?${query}`);
			return response.ok ? ((await response.json()) as { hit: Pilot['hit'] }).hit : null;
		} catch {
			return null;
		}
	}

	/** Ends what is under way; whole sweeps stay, and are read. */
	stop(): void {
		const under = this.left.length > 0;
		this.#source?.close();
		this.#source = null;
		this.sweeping = null;
		this.left = [];
		this.#end();
		if (under && this.traces.length > 0) this.#analyse();
	}

	/** Lets go of all sweeps. */
	clear(): void {
		this.stop();
		this.#studs = null;
		this.#set([]);
	}

	/** Of a page that goes away. */
	leave(): void {
		this.#source?.close();
		this.#end();
	}
}
