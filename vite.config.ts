import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';
import { threads } from './scripts/lib/thread-plugin.mjs';

export default defineConfig({
	plugins: [threads(), tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	// Fonts and the solver's WebAssembly stay files of their own: the security policy allows no data: fonts.
	build: { assetsInlineLimit: 0 }
});
