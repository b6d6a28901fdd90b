/** What every worker may say besides its own: that it failed. */
interface Failed {
	kind: 'failed';
	message: string;
}

/**
 * Puts one question to a new worker, and gives the way to end it. What it says comes to `hear`; that it failed, or did
 * not start, to `fail`, and it is ended.
 * @param doing what it does, for when it does not start: 'cuts', 'reads files'
 * @example const stop = askWorker<ScanMessage>(new ScanWorker(), 'reads sweeps', { traces }, { hear, fail })
 */
export function askWorker<M extends { kind: string }>(
	worker: Worker,
	doing: string,
	question: unknown,
	{ hear, fail }: { hear: (message: Exclude<M, Failed>) => void; fail: (why: string) => void }
): () => void {
	const failed = (why: string) => {
		worker.terminate();
		fail(why);
	};
	worker.onmessage = ({ data }: MessageEvent<M | Failed>) => {
		if (data.kind === 'failed') failed((data as Failed).message);
		else hear(data as Exclude<M, Failed>);
	};
	worker.onerror = (event) => failed(event.message || `The worker that ${doing} did not start`);
	worker.postMessage(question);
	return () => worker.terminate();
}
