import { cpus } from 'node:os';
import { Worker, isMainThread, parentPort, workerData } from 'node:worker_threads';
import { buildBench } from './lib/build-bench.mjs';
import { needModules } from './lib/prepare.mjs';

/**
 * npm run bench:cutting: 200 jobs of boards and 200 of sheets, with what other solvers and packing libraries make of
 * them. It takes a quarter of an hour, and is therefore no part of npm run bench. `JOBS=20` for fewer, `EACH=1` for a
 * line a job, `SECONDS=10` for the time a job of sheets may take.
 */
const JOBS = Number(process.env.JOBS ?? 200);
const SECONDS = Number(process.env.SECONDS ?? 10);

/** One of several threads: takes jobs as they are given, and tells of each. */
async function work() {
	const { boardJob, sheetJob } = await import(workerData.cutting);
	parentPort.on('message', async ({ kind, seed }) => {
		const job = kind === 'boards' ? await boardJob(seed) : await sheetJob(seed, SECONDS);
		parentPort.postMessage({ kind, seed, ...job });
	});
}

/** All jobs of a kind, two or more at a time. */
async function all(kind, workers) {
	const done = [];
	let next = 1;
	await Promise.all(
		workers.map(
			(worker) =>
				new Promise((resolve, reject) => {
					const give = () => (next > JOBS ? resolve() : worker.postMessage({ kind, seed: next++ }));
					worker.removeAllListeners('message');
					worker.on('message', (job) => {
						done.push(job);
						if (process.env.EACH) console.log(JSON.stringify(job));
						give();
					});
					worker.once('error', reject);
					give();
				})
		)
	);
	return done;
}

async function main() {
	await needModules();
	const { cutting } = await buildBench('bench-cutting', { cutting: 'cutting.ts' });
	const { firstPlan } = await import(cutting);
	const workers = cpus().map(() => new Worker(new URL(import.meta.url), { workerData: { cutting } }));
	const boards = await all('boards', workers);
	const sheets = await all('sheets', workers);
	for (const w of workers) await w.terminate();

	const share = (list, is) => list.filter(is).length / Math.max(1, list.length);
	const large = sheets.filter((j) => j.packers >= 5);
	const lines = [
		{ what: 'boards: jobs proven fewest', value: share(boards, (j) => j.proven), aim: '1', met: (v) => v === 1 },
		{
			what: 'boards: jobs equal to an exact programme by another solver, of those it finished',
			value: share(
				boards.filter((j) => j.exact !== null),
				(j) => j.ours === j.exact
			),
			aim: '1',
			met: (v) => v === 1
		},
		{
			what: 'sheets: jobs with more than the better packing library, unless cutting right through is proven to need it',
			value: share(sheets, (j) => j.ours > j.packers && !j.proven),
			aim: '0',
			met: (v) => v === 0
		},
		{
			what: 'sheets: jobs of five sheets or more with fewer than it',
			value: share(large, (j) => j.ours < j.packers),
			aim: '0.15 or more',
			met: (v) => v >= 0.15
		},
		{
			what: 'sheets: jobs proven fewest',
			value: share(sheets, (j) => j.proven),
			aim: '0.7 or more',
			met: (v) => v >= 0.7
		},
		{
			what: 'first whole plan of 120 parts, against 100 ms',
			value: firstPlan(120) / 100,
			aim: '1 or less',
			met: (v) => v <= 1
		},
		{
			what: 'longest job of sheets, against 10 s',
			value: Math.max(...sheets.map((j) => j.ms)) / 10_000,
			aim: 'about 1',
			met: (v) => v <= 1.1
		},
		{
			what: 'first plan a part, 600 parts against 60',
			value: firstPlan(600) / 600 / (firstPlan(60) / 60),
			aim: '1 or less',
			met: (v) => v <= 1
		}
	];
	for (const { what, value, aim, met } of lines)
		console.log(`${value.toFixed(3).padStart(9)}  ${what}  (aim: ${aim}${met(value) ? '' : '; NOT MET'})`);
	const gaps = sheets.filter((j) => !j.proven);
	const needs = sheets.filter((j) => j.proven && j.ours > j.packers).length;
	console.log(`           ${needs} of the jobs proven to need a sheet more than what need not be cut through`);
	console.log(`           ${boards.length} jobs of boards, ${sheets.length} of sheets; of those not proven`);
	console.log(`           ${gaps.filter((j) => j.ours - j.bound === 1).length} are one sheet from their bound`);
}

if (isMainThread) await main();
else await work();
