import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { inRoot } from './lib/paths.mjs';
import { needModules } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

/**
 * npm run mutants [-- every] [-- offset]: puts small faults into every n-th line of what judges a wall, one at a time,
 * and sees which of them the tests notice. Works in place, so not while anything else uses the sources; results are
 * kept between runs. Ends with the share noticed, room by room, and those that nobody noticed. Not a part of npm test:
 * it takes its time.
 */
await needModules();
const [every = '12', offset = '0'] = process.argv.slice(2);
const ROOMS = [
	'mechanics',
	'verdict',
	'members',
	'carriers',
	'mounts',
	'holders',
	'places',
	'supports',
	'checks',
	'cleats'
].map((r) => `src/core/${r}`);
/** The wiring between plan and formula, where more is asked. */
const WIRING = /core\/(places|supports|checks)\/|cleats\/(row-screws|segments)/;

const filesIn = (folder) =>
	readdirSync(inRoot(folder), { withFileTypes: true }).flatMap((e) => {
		const at = join(folder, e.name);
		if (e.isDirectory()) return filesIn(at);
		return e.name.endsWith('.ts') && !e.name.endsWith('.test.ts') ? [at] : [];
	});

/** Every n-th line that is code and works something out: no comment, no import, no words of a sum. */
function linesOf(file) {
	const found = [];
	readFileSync(inRoot(file), 'utf8')
		.split('\n')
		.forEach((line, i) => {
			const text = line.trim();
			const code =
				text !== '' &&
				!/^(\/\*|\*|\/\/|import |export (interface|type)|\}|label:|source:|title:|reason:)/.test(text) &&
				!/phrase\(|sum:/.test(text) &&
				/[=<>+*/&|?!-]|return|Math/.test(text);
			if (code) found.push(i + 1);
		});
	return found;
}

let n = Number(offset);
const mutate = ROOMS.flatMap(filesIn).flatMap((file) =>
	linesOf(file).flatMap((line) => (n++ % Number(every) === 0 ? [`${file}:${line}-${line}`] : []))
);
const kept = inRoot('.kammer', 'mutants');
mkdirSync(kept, { recursive: true });
const config = join(kept, 'stryker.json');
writeFileSync(
	config,
	JSON.stringify(
		{
			testRunner: 'vitest',
			vitest: { configFile: 'vitest.mutants.config.ts' },
			plugins: ['@stryker-mutator/vitest-runner'],
			coverageAnalysis: 'perTest',
			inPlace: true,
			concurrency: 2,
			incremental: true,
			incrementalFile: join(kept, 'incremental.json'),
			reporters: ['json', 'clear-text'],
			jsonReporter: { fileName: join(kept, 'report.json') },
			clearTextReporter: { allowColor: false, reportTests: false, reportMutants: false },
			mutate,
			mutator: { excludedMutations: ['StringLiteral'] },
			timeoutMS: 20000,
			disableTypeChecks: false,
			tempDirName: join(relative(inRoot('.'), kept), 'tmp')
		},
		null,
		'\t'
	)
);
await run(inRoot('node_modules', '.bin', 'svelte-kit'), ['sync']);
// A run that ends early leaves none: an earlier one's figures are no answer.
rmSync(join(kept, 'report.json'), { force: true });
const code = await run(inRoot('node_modules', '.bin', 'stryker'), ['run', config]);
if (code !== 0) process.exit(code);

const { files } = JSON.parse(readFileSync(join(kept, 'report.json'), 'utf8'));
const tally = { wiring: [0, 0], rest: [0, 0] };
const survivors = [];
for (const [file, { mutants, source }] of Object.entries(files)) {
	for (const m of mutants) {
		if (!['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(m.status)) continue;
		const of = WIRING.test(file) ? tally.wiring : tally.rest;
		of[1]++;
		if (m.status === 'Killed' || m.status === 'Timeout') of[0]++;
		else
			survivors.push(
				`${file}:${m.location.start.line}  ${m.mutatorName}: ${source.split('\n')[m.location.start.line - 1].trim().slice(0, 110)}  ->  ${String(m.replacement).slice(0, 60)}`
			);
	}
}
const share = ([killed, all]) =>
	all === 0 ? 'none tried' : `${killed} of ${all}, ${((100 * killed) / all).toFixed(0)} %`;
console.log(`\nNoticed in checks, places and plans (aim 85 %): ${share(tally.wiring)}`);
console.log(`Noticed elsewhere in loads and cleats: ${share(tally.rest)}`);
console.log(`Noticed in all (aim 80 %): ${share([tally.wiring[0] + tally.rest[0], tally.wiring[1] + tally.rest[1]])}`);
console.log(`\nNot noticed:\n${survivors.sort().join('\n')}`);
