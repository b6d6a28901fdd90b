import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/**
 * JavaScript that a browser loads for the first page before it can be used, and for a bare one of the same build: the
 * page that says something went wrong, which has a heading, a line and two buttons of the same kit.
 * @param client folder of the built client, with its manifest
 * @returns bytes of both, as they are and packed
 */
export function firstPage(client) {
	const manifest = JSON.parse(readFileSync(join(client, '.vite', 'manifest.json'), 'utf8'));
	const made = '.svelte-kit/generated/client-optimized';
	const frame = ['node_modules/@sveltejs/kit/src/runtime/client/entry.js', `${made}/app.js`, `${made}/nodes/0.js`];
	const withAll = (from) => {
		const seen = new Set();
		const open = [...from];
		while (open.length > 0) {
			const key = open.pop();
			if (seen.has(key)) continue;
			seen.add(key);
			open.push(...(manifest[key]?.imports ?? []));
		}
		return [...seen].map((key) => join(client, manifest[key].file));
	};
	const sizes = (files) => ({
		bytes: files.reduce((n, f) => n + statSync(f).size, 0),
		packed: files.reduce((n, f) => n + gzipSync(readFileSync(f)).length, 0)
	});
	// Node 1 is the error page, node 2 the first of the routes: `/`.
	return {
		first: sizes(withAll([...frame, `${made}/nodes/2.js`])),
		bare: sizes(withAll([...frame, `${made}/nodes/1.js`]))
	};
}
