import js from '@eslint/js';
import importX from 'eslint-plugin-import-x';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/**
 * The rooms and who may import whom: core imports only core and small maths packages; exchange imports core; workers,
 * lib and routes each build on those before. Nothing imports routes.
 */
const zones = [
	{
		target: './src/core',
		from: ['./src/lib', './src/routes', './src/exchange', './src/devices', './src/workers'],
		message: 'core imports only core.'
	},
	{
		target: './src/exchange',
		from: ['./src/lib', './src/routes', './src/workers'],
		message: 'exchange imports only core.'
	},
	{ target: './src/exchange', from: './src/devices', message: 'exchange imports only core.' },
	{
		target: './src/devices',
		from: ['./src/lib', './src/routes', './src/workers', './src/exchange'],
		message: 'devices import only core.'
	},
	{ target: './src/workers', from: ['./src/lib', './src/routes'], message: 'workers import core and exchange.' },
	{ target: './src/lib', from: './src/routes', message: 'nothing imports routes.' },
	{ target: './src/lib/ui', from: './src/lib/server', message: 'screens reach the server over its routes.' },
	{
		target: './src/lib/state',
		from: ['./src/lib/server', './src/lib/ui'],
		message: 'state knows no screen and no server.'
	},
	{ target: './src/lib/server', from: ['./src/lib/ui', './src/lib/state'], message: 'the server knows no screen.' }
];
/** Rooms of the core that what holds things is built up from, and what each may lean on: arrows run down only. */
const LEANS = {
	units: [],
	materials: ['units'],
	tools: ['units'],
	verdict: ['units'],
	form: ['units'],
	solid: ['units', 'materials', 'tools'],
	members: ['units', 'materials', 'mechanics', 'verdict'],
	carriers: ['units', 'materials', 'verdict', 'form', 'solid', 'members', 'things'],
	racks: ['units', 'materials', 'verdict', 'form', 'solid', 'mechanics', 'members', 'things', 'carriers'],
	kinds: ['things', 'carriers', 'racks']
};
const ALL_ROOMS = [
	...new Set([
		...Object.keys(LEANS),
		'mechanics',
		'things',
		'plan',
		'mounts',
		'holders',
		'places',
		'supports',
		'cleats',
		'survey',
		'checks',
		'cutting',
		'shop'
	]),
	'sums',
	'arrange',
	'handling',
	'table'
];
/** Rooms that read where everything stands on a wall. */
const ABOVE_PLACES = ['supports', 'checks', 'handling', 'arrange', 'cutting', 'sums'];
const rooms = Object.entries(LEANS).map(([room, may]) => ({
	target: `./src/core/${room}`,
	from: ALL_ROOMS.filter((r) => r !== room && !may.includes(r)).map((r) => `./src/core/${r}`),
	message: `${room} leans on ${may.join(', ') || 'nothing'} alone.`
}));
rooms.push(
	{
		target: './src/core/mechanics',
		from: ['members', 'carriers', 'mounts', 'holders', 'places', 'supports', 'survey', 'checks', 'solid'].map(
			(r) => `./src/core/${r}`
		),
		message: 'mechanics are formulas: they know no holder.'
	},
	{
		target: './src/core/mounts',
		from: ['holders', 'places', ...ABOVE_PLACES, 'survey'].map((r) => `./src/core/${r}`),
		message: 'a mount is told by the document and by what it adds to a back: it knows no wall.'
	},
	{
		target: './src/core/holders',
		from: ['places', ...ABOVE_PLACES, 'survey'].map((r) => `./src/core/${r}`),
		message: 'a holder knows neither its wall nor its verdict.'
	},
	{
		target: './src/core/survey',
		from: ['mounts', 'holders', 'places', ...ABOVE_PLACES].map((r) => `./src/core/${r}`),
		message: 'a wall is surveyed before anything hangs on it.'
	},
	{
		target: './src/core/places',
		from: ABOVE_PLACES.map((r) => `./src/core/${r}`),
		message: 'where a holder stands is worked out before anybody judges it.'
	},
	{
		target: './src/core/supports',
		from: ABOVE_PLACES.filter((r) => r !== 'supports').map((r) => `./src/core/${r}`),
		message: 'what holds up a wall judges reactions: it knows no holder by its carriers.'
	}
);
const inCore = [
	{
		regex:
			'^(svelte|@sveltejs|\\$app|\\$env|\\$lib|\\$devices|flowbite|drizzle-orm|mysql2|echarts|highs|idb-keyval|papaparse|node:)',
		message: 'core has no interface, no database, no clock: it takes what it needs as arguments.'
	}
];

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', '.kammer/', 'node_modules/', 'drizzle/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		plugins: { 'import-x': importX },
		settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
		rules: {
			'import-x/no-restricted-paths': ['error', { zones }],
			'import-x/no-cycle': ['error', { maxDepth: 8 }],
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			'no-undef': 'off',
			'no-irregular-whitespace': 'off',
			eqeqeq: 'error',
			'no-nested-ternary': 'error',
			// The formatter breaks code; this holds comments to the same width.
			'max-len': [
				'error',
				{ code: 120, tabWidth: 2, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }
			]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
		rules: { 'svelte/no-navigation-without-resolve': 'off', 'svelte/prefer-svelte-reactivity': 'off', 'max-len': 'off' }
	},
	{
		files: ['src/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'import-x/no-restricted-paths': ['error', { zones: [...zones, ...rooms] }],
			'no-restricted-imports': ['error', { patterns: inCore }],
			'no-restricted-globals': [
				'error',
				'window',
				'document',
				'fetch',
				'localStorage',
				'process',
				'performance',
				'setTimeout',
				'console'
			],
			'no-restricted-properties': ['error', { object: 'Date', property: 'now' }, { object: 'Math', property: 'random' }]
		}
	}
);
