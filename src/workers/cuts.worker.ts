import loadHighs from 'highs';
import { cutPlan } from '$core/cutting/cut-plan';
import type { Solver } from '$core/cutting/solver';
import type { CutMessage, CutRequest } from './messages';

const post = (message: CutMessage) => self.postMessage(message);

self.onmessage = async ({ data }: MessageEvent<CutRequest>) => {
	try {
		const highs = await loadHighs({ locateFile: () => data.wasm });
		const solve: Solver = (lp, options) => highs.solve(lp, options) as ReturnType<Solver>;
		const end = performance.now() + data.seconds * 1000;
		const plan = cutPlan(data.plan, {
			solve,
			boards: data.boards,
			buying: data.buying,
			start: data.start,
			secondsLeft: () => (end - performance.now()) / 1000,
			onProgress: (progress) => post({ kind: 'progress', progress })
		});
		post({ kind: 'done', plan });
	} catch (error) {
		post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
	}
};
