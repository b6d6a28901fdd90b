import { readFileSync } from 'node:fs';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inRoot } from './lib/paths.mjs';
import { BROWSER_COMMANDS, DATABASE_COMMANDS, needBuild, needCommands, needModules } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

/**
 * npm test: prepares as npm start does, on throw-away data and free ports, then types, lint and every test; one line at
 * the end.
 */
needCommands([...DATABASE_COMMANDS, ...BROWSER_COMMANDS]);
await needModules();
needBuild();

const bin = (name) => inRoot('node_modules', '.bin', name);
const count = { passed: 0, failed: 0 };
const step = async (title, command, args) => {
	console.log(`\n${title}`);
	const code = await run(command, args);
	count[code === 0 ? 'passed' : 'failed']++;
};

await step('Types', bin('svelte-check'), ['--fail-on-warnings', '--output', 'human']);
await step('Format', bin('prettier'), ['--check', '--log-level', 'warn', '**/*.{ts,mjs,js,svelte,css}']);
await step('Lint', bin('eslint'), ['.', '--max-warnings', '0']);

console.log('\nUnit, reference, server and browser tests');
const folder = mkdtempSync(join(tmpdir(), 'kammer-results-'));
const results = join(folder, 'results.json');
const code = await run(bin('vitest'), [
	'run',
	'--reporter=default',
	'--reporter=json',
	`--outputFile.json=${results}`,
	...process.argv.slice(2)
]);
try {
	const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(results, 'utf8'));
	count.passed += numPassedTests;
	count.failed += numFailedTests;
	// A file that fails to load, or an error outside a test, has no failed test of its own.
	if (code !== 0 && numFailedTests === 0) count.failed += Math.max(1, numFailedTestSuites);
} catch {
	count.failed++;
}
rmSync(folder, { recursive: true, force: true });

console.log(`\n${count.passed} passed, ${count.failed} failed`);
process.exit(count.failed === 0 ? 0 : 1);
