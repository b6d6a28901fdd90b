/** A file's text and the encoding it was read in. */
export interface Decoded {
	text: string;
	encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';
}

/**
 * Turns the bytes of a text file into text: by its byte-order mark, by the zero bytes of UTF-16 without one, as UTF-8
 * where that fits, else as the Western code page that spreadsheets still write.
 * @example decodeText(new Uint8Array([0xef, 0xbb, 0xbf, 0x41])) // { text: 'A', encoding: 'utf-8' }
 */
export function decodeText(bytes: Uint8Array): Decoded {
	const as = (encoding: Decoded['encoding'], skip = 0): Decoded => ({
		text: new TextDecoder(encoding).decode(bytes.subarray(skip)),
		encoding
	});
	if (bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf) return as('utf-8', 3);
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return as('utf-16le', 2);
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return as('utf-16be', 2);
	const some = bytes.subarray(0, 2000);
	const zeros = [0, 0] as [number, number];
	some.forEach((b, i) => {
		if (b === 0) zeros[(i % 2) as 0 | 1]++;
	});
	if (zeros[1] > some.length / 4) return as('utf-16le');
	if (zeros[0] > some.length / 4) return as('utf-16be');
	try {
		return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'utf-8' };
	} catch {
		return as('windows-1252');
	}
}
