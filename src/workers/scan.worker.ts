import { analyse } from '$core/survey/scan/analyse';
import type { Trace } from '$core/survey/scan/trace';
import { decodeText } from '$exchange/table-csv/decode';
import { readTracesCsv } from '$exchange/traces-csv';
import type { ScanMessage, ScanRequest } from './messages';

const post = (message: ScanMessage) => self.postMessage(message);

/** The sweeps themselves, or those of a file. */
function tracesOf(request: ScanRequest): readonly Trace[] {
	if (request.kind === 'traces') return request.traces;
	const read = readTracesCsv(decodeText(new Uint8Array(request.bytes)).text);
	if (!read.ok) throw new Error(read.error);
	post({ kind: 'read', traces: read.value });
	return read.value;
}

self.onmessage = ({ data }: MessageEvent<ScanRequest>) => {
	try {
		const work = analyse(tracesOf(data));
		for (let next = work.next(); ; next = work.next()) {
			if (next.done) return post({ kind: 'done', found: next.value });
			post({ kind: 'progress', ...next.value });
		}
	} catch (error) {
		post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
	}
};
