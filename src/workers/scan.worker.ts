import { analyse } from '$core/survey/scan/analyse';
import type { ScanMessage, ScanRequest } from './messages';

const post = (message: ScanMessage) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<ScanRequest>) => {
	try {
		const work = analyse(data.traces);
		for (let next = work.next(); ; next = work.next()) {
			if (next.done) return post({ kind: 'done', found: next.value });
			post({ kind: 'progress', ...next.value });
		}
	} catch (error) {
		post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
	}
};
