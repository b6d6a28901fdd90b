import type { PhotoPlace } from '$core/survey/photo/place-photo';
import type { ScanFound } from '$core/survey/scan/analyse';
import type { Trace } from '$core/survey/scan/trace';
import type { Decoded } from '$exchange/table-csv/decode';
import type { ReadOptions, TableRead } from '$exchange/table-csv/read';
import type { CutPlan, CutProgress } from '$core/cutting/cut-plan';
import type { Board } from '$core/lumber/board';
import type { Buying } from '$core/prices/ware';
import type { Plan } from '$core/plan/types';

/** What a page asks of the cutting worker. Stopping it is ending the worker: the best so far has been posted. */
export interface CutRequest {
	plan: Plan;
	/** What the shop has. */
	boards: readonly Board[];
	/** What can be bought at which price, and where. */
	buying: Buying;
	seconds: number;
	/** What was found before it was stopped: it goes on from there. */
	start?: CutPlan;
	/** Where the solver's WebAssembly is served. */
	wasm: string;
}

/** What a thread of the server is given. */
export interface CutTask extends Omit<CutRequest, 'wasm'> {
	/** Where it looks for packages from. */
	home: string;
}

export type CutMessage =
	{ kind: 'progress'; progress: CutProgress } | { kind: 'done'; plan: CutPlan } | { kind: 'failed'; message: string };

/** What a page asks of the worker that reads tables. Stopping it is ending the worker. */
export interface TableRequest {
	bytes: ArrayBuffer;
	options: Pick<ReadOptions, 'list' | 'unit' | 'matches' | 'headed'>;
}

export type TableMessage =
	| { kind: 'progress'; done: number; of: number }
	| { kind: 'done'; read: TableRead; encoding: Decoded['encoding'] }
	| { kind: 'failed'; message: string };

/** Sweeps to analyse, or a file of them to be read first. Stopping is ending the worker. */
export type ScanRequest = { kind: 'traces'; traces: readonly Trace[] } | { kind: 'file'; bytes: ArrayBuffer };

export type ScanMessage =
	| { kind: 'read'; traces: Trace[] }
	| { kind: 'progress'; done: number; of: number }
	| { kind: 'done'; found: ScanFound }
	| { kind: 'failed'; message: string };

/**
 * What a page asks of the worker that handles photographs: open a file, then straighten it. It keeps the picture in
 * between.
 */
export type PhotoRequest = { kind: 'open'; file: Blob } | { kind: 'straighten'; place: PhotoPlace };

export type PhotoMessage =
	| { kind: 'opened'; width: number; height: number; preview: ImageBitmap }
	| { kind: 'progress'; done: number; of: number }
	| { kind: 'done'; blob: Blob }
	| { kind: 'failed'; message: string };
