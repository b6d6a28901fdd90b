import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter({ out: process.env.KAMMER_BUILD ?? 'build' }),
		alias: { $core: 'src/core', $exchange: 'src/exchange', $workers: 'src/workers', $devices: 'src/devices' },
		// Scripts carry a hash made at build time; HiGHS is WebAssembly, hence wasm-unsafe-eval.
		// Style attributes place things on the drawing; style elements stay limited to our own files.
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self', 'wasm-unsafe-eval'],
				'style-src': ['self'],
				'style-src-attr': ['unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		}
	}
};
