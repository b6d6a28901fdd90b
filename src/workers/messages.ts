import type { CutPlan, CutProgress } from '$core/cutting/cut-plan';
import type { Plan } from '$core/plan/types';

/** What a page asks of the cutting worker. Stopping it is ending the worker: the best so far has been posted. */
export interface CutRequest {
	plan: Plan;
	seconds: number;
	/** Where the solver's WebAssembly is served. */
	wasm: string;
}

export type CutMessage = { kind: 'progress'; progress: CutProgress } | { kind: 'done'; plan: CutPlan } | { kind: 'failed'; message: string };
