import { deflateSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cleanPhoto } from './clean';

const bytes = (...parts: (number[] | Uint8Array | string)[]) =>
	new Uint8Array(Buffer.concat(parts.map((p) => (typeof p === 'string' ? Buffer.from(p, 'latin1') : Buffer.from(p)))));
const segment = (marker: number, body: Uint8Array | number[]) =>
	bytes([0xff, marker, ((body.length + 2) >> 8) & 255, (body.length + 2) & 255], body);
const frame = segment(0xc0, [8, 0, 30, 0, 40, 1, 1, 0x11, 0]);
const scan = bytes(segment(0xda, [1, 1, 0, 0, 63, 0]), [1, 2, 0xff, 0, 3, 0xff, 0xd0, 4]);
const jpeg = (...extra: Uint8Array[]) =>
	bytes(
		[0xff, 0xd8],
		segment(0xe0, [...Buffer.from('JFIF\0'), 1, 1, 0, 0, 1, 0, 1, 0, 0]),
		...extra,
		segment(0xdb, new Array<number>(65).fill(1)),
		frame,
		scan,
		scan,
		[0xff, 0xd9]
	);

const crc = (data: Uint8Array) =>
	data.reduce((c, b) => {
		let v = (c ^ b) >>> 0;
		for (let i = 0; i < 8; i++) v = v & 1 ? (0xedb88320 ^ (v >>> 1)) >>> 0 : v >>> 1;
		return v;
	}, 0xffffffff) ^ 0xffffffff;
const u32 = (n: number) => [(n >>> 24) & 255, (n >>> 16) & 255, (n >>> 8) & 255, n & 255];
const chunk = (name: string, body: Uint8Array | number[] = []) =>
	bytes(u32(body.length), name, body, u32(crc(bytes(name, body)) >>> 0));
const png = (...extra: Uint8Array[]) =>
	bytes(
		[0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
		chunk('IHDR', [...u32(3), ...u32(2), 8, 0, 0, 0, 0]),
		...extra,
		chunk('IDAT', deflateSync(Buffer.alloc(8))),
		chunk('IEND')
	);

describe('a photograph', () => {
	it('in JPEG loses place, camera and remarks, and keeps its picture', () => {
		const secret = 'GPS 51.5 N, taken by somebody';
		const dirty = jpeg(
			segment(0xe1, bytes('Exif\0\0', secret)),
			segment(0xed, bytes(secret)),
			segment(0xfe, bytes(secret)),
			segment(0xe2, bytes(secret))
		);
		const clean = cleanPhoto(dirty);
		if (!clean.ok) throw new Error(clean.error);
		expect(clean.value).toMatchObject({ type: 'image/jpeg', width: 40, height: 30 });
		expect(Buffer.from(clean.value.bytes).toString('latin1')).not.toContain('GPS');
		expect(Buffer.from(clean.value.bytes)).toEqual(Buffer.from(jpeg()));
	});
	it('in PNG loses texts and times', () => {
		const clean = cleanPhoto(
			png(
				chunk('tEXt', bytes('Author\0somebody')),
				chunk('eXIf', bytes('GPS')),
				chunk('tIME', [7, 0, 1, 1, 1, 1, 1]),
				chunk('iTXt', bytes('secret'))
			)
		);
		if (!clean.ok) throw new Error(clean.error);
		expect(clean.value).toMatchObject({ type: 'image/png', width: 3, height: 2 });
		expect(Buffer.from(clean.value.bytes)).toEqual(Buffer.from(png()));
	});
	it.each([
		['another file', bytes('GIF89a whatever'), /Only JPEG and PNG/],
		['nothing', new Uint8Array(), /Only JPEG and PNG/],
		['a JPEG that breaks off', jpeg().slice(0, 60), /breaks off/],
		['a JPEG without a picture', bytes([0xff, 0xd8, 0xff, 0xd9]), /no size/],
		['a PNG that breaks off', png().slice(0, 50), /breaks off/],
		[
			'a picture of absurd size',
			jpeg().map((b, i, all) => (all[i - 5] === 0xff && all[i - 4] === 0xc0 ? 255 : b)),
			/too large/
		]
	])('that is %s is refused', (_, file, why) =>
		expect(cleanPhoto(file)).toMatchObject({ ok: false, error: expect.stringMatching(why) })
	);
	it('however spoiled never makes it throw, or hang', () => {
		fc.assert(
			fc.property(fc.constantFrom(jpeg(), png()), fc.nat(300), fc.uint8Array({ maxLength: 12 }), (file, at, put) => {
				const copy = new Uint8Array(file);
				copy.set(put.subarray(0, Math.max(0, copy.length - at)), Math.min(at, copy.length));
				const clean = cleanPhoto(copy);
				if (clean.ok) expect(clean.value.bytes.length).toBeLessThanOrEqual(copy.length);
			}),
			{ numRuns: 500 }
		);
	});
});
