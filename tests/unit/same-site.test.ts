import { describe, expect, it } from 'vitest';
import { refusal } from '../../src/lib/server/same-site';

/**
 * Common practice against names pointed at this machine, and against requests that other pages make: see the module.
 */
const ask = (over: Partial<Parameters<typeof refusal>[0]>) =>
	refusal({ method: 'GET', host: '127.0.0.1:5180', origin: null, ...over })?.status ?? 200;

describe('Host', () => {
	it.each(['127.0.0.1:5180', '127.0.0.1', 'localhost:5180', 'LOCALHOST', '[::1]:5180', '127.8.9.1:80'])(
		'%s is this machine',
		(host) => expect(ask({ host })).toBe(200)
	);
	it.each([
		'kammer.example',
		'kammer.example:5180',
		'127.0.0.1.example',
		'localhost.example',
		'192.168.1.20:5180',
		'0.0.0.0:5180',
		'[::]:5180',
		'localhost@kammer.example',
		'127.0.0.1:5180:1',
		'',
		null
	])('%s is not', (host) => expect(ask({ host })).toBe(421));
	it('is also what ORIGIN says, with its port', () => {
		const ours = 'https://kammer.example:8443';
		expect(ask({ host: 'kammer.example:8443', ours })).toBe(200);
		expect(ask({ host: 'kammer.example', ours })).toBe(421);
		expect(ask({ host: 'other.example:8443', ours })).toBe(421);
	});
});

describe('Origin of what may change something', () => {
	const write = (origin: string | null, over = {}) => ask({ method: 'POST', origin, ...over });
	it('is that of the address asked, or ORIGIN', () => {
		expect(write('http://127.0.0.1:5180')).toBe(200);
		expect(write('http://localhost:5180', { host: 'localhost:5180' })).toBe(200);
		expect(write('https://kammer.example', { ours: 'https://kammer.example' })).toBe(200);
	});
	it.each([
		'http://127.0.0.1:5181',
		'http://localhost:5180',
		'http://kammer.example',
		'null',
		'file://',
		'nonsense',
		null
	])('is not %s', (origin) => expect(write(origin)).toBe(403));
	it.each(['PUT', 'PATCH', 'DELETE', 'POST', 'MADE-UP'])('is asked of %s', (method) =>
		expect(ask({ method })).toBe(403)
	);
	it.each(['GET', 'HEAD', 'OPTIONS'])('is not asked of %s', (method) =>
		expect(ask({ method, origin: 'http://kammer.example' })).toBe(200)
	);
});
