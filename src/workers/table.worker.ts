import { customAlphabet } from 'nanoid';
import { decodeText } from '$exchange/table-csv/decode';
import { readTable } from '$exchange/table-csv/read';
import type { TableMessage, TableRequest } from './messages';

const post = (message: TableMessage) => self.postMessage(message);
const newId = customAlphabet('23456789abcdefghjkmnpqrstuvwxyz', 12);

self.onmessage = ({ data }: MessageEvent<TableRequest>) => {
	try {
		const { text, encoding } = decodeText(new Uint8Array(data.bytes));
		const read = readTable(text, {
			...data.options,
			newId,
			onProgress: (done, of) => post({ kind: 'progress', done, of })
		});
		post({ kind: 'done', read, encoding });
	} catch (error) {
		post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
	}
};
