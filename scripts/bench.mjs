import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { buildBench } from './lib/build-bench.mjs';
import { inRoot } from './lib/paths.mjs';
import { BROWSER_COMMANDS, DATABASE_COMMANDS, needBuild, needCommands, needModules } from './lib/prepare.mjs';
import { startKammer } from './lib/kammer.mjs';

/** npm run bench: ratios, since machines differ and are shared. Nothing here fails a build; read it. */
needCommands([...DATABASE_COMMANDS, ...BROWSER_COMMANDS]);
await needModules();
needBuild();

const built = await buildBench('bench', {
	checks: 'checks.ts',
	holders: 'one-holder.ts',
	wall: 'big-wall.ts',
	racks: 'rack-wall.ts',
	tables: 'tables.ts',
	surveys: 'surveys.ts'
});
const { benchChecks } = await import(built.checks);
const { benchHolders } = await import(built.holders);
const { rackWall } = await import(built.racks);
const { bigWall } = await import(built.wall);
setFlagsFromString('--expose-gc');
globalThis.gc = runInNewContext('gc');
const { benchTables } = await import(built.tables);
const { benchSurveys } = await import(built.surveys);
const lines = [...benchTables(), ...benchSurveys(), ...benchChecks(), ...benchHolders()];

const { firstPage } = await import('../tests/bench/first-page.mjs');
const page = firstPage(inRoot('.svelte-kit', 'output', 'client'));
const kb = (bytes) => `${Math.round(bytes / 1024)} KB`;
lines.push({
	what: `JavaScript of the first page, ${kb(page.first.bytes)} (${kb(page.first.packed)} packed), against a bare one's ${kb(page.bare.bytes)} (${kb(page.bare.packed)})`,
	value: page.first.bytes / page.bare.bytes,
	aim: '1.5 or less',
	met: page.first.bytes <= 1.5 * page.bare.bytes
});

const folder = mkdtempSync(join(tmpdir(), 'kammer-bench-'));
await (await startKammer({ folder })).stop();
const began = performance.now();
const second = await startKammer({ folder });
const seconds = (performance.now() - began) / 1000;
lines.push({
	what: 'second start with nothing changed, against 5 s',
	value: seconds / 5,
	aim: 'below 1',
	met: seconds < 5
});

const { openBrowser } = await import('./lib/browser.mjs');
const { benchTable } = await import('../tests/bench/table-screen.mjs');
const { benchSurvey } = await import('../tests/bench/survey-screen.mjs');
const { benchDragging } = await import('../tests/bench/dragging.mjs');
const { benchBodies } = await import('../tests/bench/bodies.mjs');
const bodies = await benchBodies(second, bigWall(1, 5000));
const { driver, close } = await openBrowser({});
const drags = [];
for (const stage of ['holders', 'holds'])
	drags.push({ stage, ...(await benchDragging(driver, second.url, bigWall(300, 12_000, true), stage)) });
const { benchSpace } = await import('../tests/bench/space.mjs');
const space = await benchSpace(driver, second.url, rackWall());
const survey = await benchSurvey(driver, second.url, { ...bigWall(1, 5000), rows: [], holders: [] });
const table = await benchTable(driver, second.url, 5000);
await close();
await second.stop();
rmSync(folder, { recursive: true, force: true });
/** A figure that has a limit: its share of that, and whether it keeps to it. */
const against = (most, value, what) => lines.push({ what, value: value / most, aim: '1 or less', met: value <= most });
against(200, bodies.ms, `longest that a refused body of up to 8 MB holds the server (${bodies.name}), against 200 ms`);
against(300, bodies.megabytes, 'memory the server grew by over all of them, against 300 MB');
against(50, table.longest, `longest task while sorting and filtering 5000 things, against 50 ms (${table.over} over)`);
against(50, survey.scan, 'longest task while ten sweeps are brought in and read, against 50 ms');
against(50, survey.photo, 'longest task while 12 megapixels are opened and straightened, against 50 ms');
against(
	1000 / 30,
	space.frame,
	`40 racks and 260 holders in space: nine in ten frames while it is turned, against 1/30 s (detail: ${space.detail})`
);
for (const drag of drags) {
	against(
		50,
		drag.longest,
		`${drag.stage}: longest task while dragging on 300 holders, against 50 ms (${drag.frames} frames)`
	);
	lines.push({
		what: `${drag.stage}: 95th percentile frame while dragging, against 50 ms`,
		value: drag.frame / 50,
		aim: 'no aim',
		met: true
	});
}

console.log('');
for (const l of lines)
	console.log(`${l.value.toFixed(3).padStart(9)}  ${l.what}  (aim: ${l.aim}${l.met ? '' : '; NOT MET'})`);
