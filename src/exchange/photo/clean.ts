import { fail, ok, type Result } from '$core/result';

/** A photograph without what cameras write beside it. */
export interface CleanPhoto {
	type: 'image/jpeg' | 'image/png';
	bytes: Uint8Array;
	width: number;
	height: number;
}

/** Larger than a straightened wall ever is. */
export const MOST_PHOTO_BYTES = 8 * 1024 * 1024;
const MOST_SIDE = 20_000;

const word = (b: Uint8Array, at: number) => ((b[at] as number) << 8) | (b[at + 1] as number);
const long = (b: Uint8Array, at: number) =>
	(b[at] as number) * 2 ** 24 + (((b[at + 1] as number) << 16) | ((b[at + 2] as number) << 8) | (b[at + 3] as number));

function joined(parts: readonly Uint8Array[]): Uint8Array {
	const out = new Uint8Array(parts.reduce((n, p) => n + p.length, 0));
	let at = 0;
	for (const p of parts) {
		out.set(p, at);
		at += p.length;
	}
	return out;
}

/** Markers of a frame: where height and width stand. Not DHT (c4), JPG (c8), DAC (cc). */
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
/**
 * Tables, frames, scans, restarts, and the two application segments that colours need. Everything else is remarks,
 * places, times, makers.
 */
const keeps = (marker: number) =>
	(marker >= 0xc0 && marker <= 0xcf) || (marker >= 0xda && marker <= 0xdd) || marker === 0xe0 || marker === 0xee;

/** Source: ITU-T T.81, annex B, from memory. */
function cleanJpeg(b: Uint8Array): Result<CleanPhoto> {
	const parts = [b.subarray(0, 2)];
	let [width, height] = [0, 0];
	let at = 2;
	for (;;) {
		while (b[at] === 0xff && b[at + 1] === 0xff) at++;
		const marker = b[at + 1];
		if (b[at] !== 0xff || marker === undefined) return fail('The picture is damaged, or breaks off');
		if (marker === 0xd9) {
			parts.push(b.subarray(at, at + 2));
			break;
		}
		const length = at + 3 < b.length ? word(b, at + 2) : 0;
		let end = at + 2 + length;
		if (length < 2 || end > b.length) return fail('The picture is damaged, or breaks off');
		if (isFrame(marker)) [height, width] = [word(b, at + 5), word(b, at + 7)];
		if (marker === 0xda) {
			// What follows a scan's head is its data, up to the next marker that is neither stuffing nor a restart.
			while (
				end < b.length &&
				!(b[end] === 0xff && b[end + 1] !== 0 && !((b[end + 1] as number) >= 0xd0 && (b[end + 1] as number) <= 0xd7))
			)
				end++;
			if (end >= b.length) return fail('The picture is damaged, or breaks off');
		}
		if (keeps(marker)) parts.push(b.subarray(at, end));
		at = end;
	}
	return width > 0 && height > 0
		? ok({ type: 'image/jpeg', bytes: joined(parts), width, height })
		: fail('The picture is damaged: it has no size');
}

const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
/** Picture and colours; not texts, times, places. */
const CHUNKS = new Set(['IHDR', 'PLTE', 'IDAT', 'IEND', 'tRNS', 'gAMA', 'sRGB', 'cHRM']);

/** Source: Portable Network Graphics specification, W3C, chapter 5, from memory. */
function cleanPng(b: Uint8Array): Result<CleanPhoto> {
	const parts = [b.subarray(0, 8)];
	for (let at = 8; at + 12 <= b.length;) {
		const length = long(b, at);
		const name = String.fromCharCode(...b.subarray(at + 4, at + 8));
		const end = at + 12 + length;
		if (end > b.length) break;
		if (CHUNKS.has(name)) parts.push(b.subarray(at, end));
		if (name === 'IEND')
			return b.length >= 24
				? ok({ type: 'image/png', bytes: joined(parts), width: long(b, 16), height: long(b, 20) })
				: fail('The picture is damaged');
		at = end;
	}
	return fail('The picture is damaged, or breaks off');
}

/** The cleaner of the format that a file begins as. */
function cleanerOf(b: Uint8Array): (b: Uint8Array) => Result<CleanPhoto> {
	if (b[0] === 0xff && b[1] === 0xd8) return cleanJpeg;
	if (PNG.every((v, i) => b[i] === v)) return cleanPng;
	return () => fail('Only JPEG and PNG pictures are taken');
}

/**
 * A JPEG or PNG without its metadata: no place, time, camera, thumbnail or remark.
 * @returns what is wrong with a file that is neither, or breaks off
 * @example cleanPhoto(new Uint8Array([1, 2, 3])).ok // false
 */
export function cleanPhoto(bytes: Uint8Array): Result<CleanPhoto> {
	const read = cleanerOf(bytes)(bytes);
	if (!read.ok) return read;
	const { width, height } = read.value;
	return width > MOST_SIDE || height > MOST_SIDE || width < 1 || height < 1
		? fail(`The picture is ${width} x ${height} pixels: too large`)
		: read;
}
