import { inRoot } from './paths.mjs';

const MARK = '?thread';

/** What a thread is made of, in one piece of text that runs by itself. */
async function bundled(file) {
	const { build } = await import('vite');
	const { output } = await build({
		configFile: false,
		logLevel: 'error',
		root: inRoot(),
		resolve: { alias: { $core: inRoot('src', 'core') } },
		ssr: { noExternal: true },
		build: { ssr: file, write: false, minify: true, rollupOptions: { output: { format: 'cjs' } } }
	});
	const [chunk] = output;
	return chunk;
}

/**
 * `import code from './cuts.thread.ts?thread'` gives the source of a worker thread with all that it imports, for
 * `new Worker(code, { eval: true })`: the server is built into one folder, and a thread of its own would be lost there.
 * @returns {import('vite').Plugin}
 */
export function threads() {
	return {
		name: 'threads',
		enforce: 'pre',
		async resolveId(id, importer) {
			if (!id.endsWith(MARK)) return null;
			const found = await this.resolve(id.slice(0, -MARK.length), importer);
			return found && `${found.id}${MARK}`;
		},
		async load(id) {
			if (!id.endsWith(MARK)) return null;
			const { code, moduleIds } = await bundled(id.slice(0, -MARK.length));
			for (const file of moduleIds) this.addWatchFile(file);
			return `export default ${JSON.stringify(code)}`;
		}
	};
}
