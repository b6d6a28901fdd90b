import { svelte } from '@sveltejs/vite-plugin-svelte';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const alias = {
	$core: at('./src/core'),
	$exchange: at('./src/exchange'),
	$workers: at('./src/workers'),
	$devices: at('./src/devices'),
	$lib: at('./src/lib')
};

/** Unit and reference tests run anywhere; server and browser tests need what scripts/test.mjs starts for them. */
export default defineConfig({
	resolve: { alias },
	test: {
		projects: [
			{
				plugins: [svelte()],
				resolve: { alias },
				test: { name: 'unit', testTimeout: 300_000, include: ['src/**/*.test.ts', 'tests/unit/**/*.test.ts'] }
			},
			{
				resolve: { alias },
				test: { name: 'reference', testTimeout: 300_000, include: ['tests/reference/**/*.test.ts'] }
			},
			{
				resolve: { alias },
				test: {
					name: 'server',
					include: ['tests/server/**/*.test.ts'],
					fileParallelism: false,
					testTimeout: 120_000,
					hookTimeout: 180_000
				}
			},
			{
				resolve: { alias },
				test: {
					name: 'browser',
					include: ['tests/browser/**/*.test.ts'],
					// Two at once: each waits for its browser most of the time.
					maxWorkers: 2,
					sequence: { groupOrder: 1 },
					testTimeout: 240_000,
					hookTimeout: 180_000
				}
			}
		]
	}
});
