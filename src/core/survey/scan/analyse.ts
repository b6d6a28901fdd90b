import { joinHeights, joinLive, type FoundLive, type FoundPiece } from './join-heights';
import { pitchOf, type PitchFound } from './pitch';
import { readTrace, type TraceReading } from './read-trace';
import type { Trace } from './trace';

/** What all sweeps of a wall come to. */
export interface ScanFound {
	readings: TraceReading[];
	pieces: FoundPiece[];
	live: FoundLive[];
	pitch: PitchFound | null;
}

/**
 * Analyses the sweeps of a wall. Pauses after each, so that whoever runs it can tell how far it is, and stop.
 * @example finish(analyse(traces)).pieces.map((p) => p.x)
 */
export function* analyse(traces: readonly Trace[]): Generator<{ done: number; of: number }, ScanFound> {
	const readings: TraceReading[] = [];
	for (const trace of traces) {
		readings.push(readTrace(trace));
		yield { done: readings.length, of: traces.length };
	}
	const pieces = joinHeights(readings);
	return {
		readings,
		pieces,
		live: joinLive(readings),
		pitch: pitchOf(pieces.filter((p) => p.kind === 'stud').map((p) => p.x))
	};
}
