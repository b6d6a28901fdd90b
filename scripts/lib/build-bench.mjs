import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { inRoot, STATE } from './paths.mjs';

/**
 * Builds parts of the bench, which are TypeScript, and tells where each can be imported from.
 * @param {string} name of the folder they are built into
 * @param {Record<string, string>} parts file names in tests/bench by what they are called
 * @returns {Promise<Record<string, string>>} addresses by the same names
 */
export async function buildBench(name, parts) {
	const { build } = await import('vite');
	const out = join(STATE, name);
	await build({
		configFile: false,
		logLevel: 'error',
		root: inRoot(),
		resolve: {
			alias: { $core: inRoot('src', 'core'), $exchange: inRoot('src', 'exchange'), $devices: inRoot('src', 'devices') }
		},
		build: {
			ssr: true,
			outDir: out,
			emptyOutDir: true,
			minify: false,
			rollupOptions: {
				input: Object.fromEntries(Object.entries(parts).map(([k, file]) => [k, inRoot('tests', 'bench', file)])),
				output: { entryFileNames: '[name].mjs' }
			}
		}
	});
	return Object.fromEntries(Object.keys(parts).map((k) => [k, pathToFileURL(join(out, `${k}.mjs`)).href]));
}
