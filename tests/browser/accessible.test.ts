import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { By } from 'selenium-webdriver';
import { describe, expect, test } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { SUMS } from '$core/sums/registry';
import { useScreen } from '../support/running';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

const kammer = useScreen();

const found = async () => {
	await kammer.screen.driver.executeScript(axe);
	const violations = await kammer.screen.driver.executeAsyncScript<
		{ id: string; nodes: { html: string; failureSummary: string }[] }[]
	>('const done = arguments[0]; axe.run({ resultTypes: ["violations"] }).then((r) => done(r.violations));');
	return violations.map(
		(v) =>
			`${v.id}: ${v.nodes
				.map((n) => `${n.html.slice(0, 160)} ${n.failureSummary.slice(0, 200)}`)
				.join(' | ')
				.slice(0, 700)}`
	);
};
const PARTS = ['Build', 'Studs', 'In the way', 'Room', 'Levels', 'Photo', 'Files'];
const light = async (theme: string) => {
	await kammer.screen.driver.get(kammer.url);
	await kammer.screen.driver.executeScript(`localStorage.setItem('kammer-theme', '${theme}')`);
};

describe.each(['light', 'dark'])('axe-core finds nothing, %s', (theme) => {
	test.each(['stock', 'wall', 'rows', 'holders', 'holds', 'cut'])('on %s', async (stage) => {
		await light(theme);
		await kammer.screen.openWall(slipwayWall(), stage);
		if (stage === 'cut') await kammer.screen.says(/To buy/);
		expect(await found()).toEqual([]);
		await kammer.screen.driver.executeScript(
			`document.querySelector('${stage === 'rows' ? '[data-row=r2]' : '[data-holder=h3]'}').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
		);
		expect(await found()).toEqual([]);
	});

	test('on every part of the survey', async () => {
		await light(theme);
		const plan = slipwayWall();
		plan.wall.ceiling = {
			kind: 'trusses',
			direction: 'across',
			first: 200,
			pitch: 600,
			width: 45,
			depth: 195,
			height: 2600,
			species: 'unknown'
		};
		plan.wall.zones = [{ id: 'z', name: 'by the door', x: 0, y: 0, width: 900, height: 2000, most: 300 }];
		plan.wall.blocking = [{ id: 'b', x: 500, y: 1000, width: 300, height: 140, depth: 95, species: 'c24' }];
		plan.wall.pilots = [{ id: 'p', x: 430, y: 900, hit: 'wood' }];
		plan.wall.levels = { line: 1000, diagonals: { up: 5830, down: 5800 } };
		await kammer.screen.openWall(plan, 'wall');
		for (const part of PARTS) {
			await kammer.screen.part(part);
			if (part === 'Studs') {
				await kammer.screen.button('Sweep the wall');
				await kammer.screen.says(/Take \d+ studs/);
			}
			expect(await found(), part).toEqual([]);
		}
		for (const thing of ['Stud at', 'slip window']) {
			await kammer.screen.driver.executeScript(
				`document.querySelector('[aria-label^="${thing}"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
			);
			await kammer.screen.driver.sleep(800);
			expect(await found(), thing).toEqual([]);
		}
	});

	test('on the stock-take', async () => {
		await light(theme);
		await kammer.screen.driver.get(`${kammer.url}/shop/main`);
		await kammer.screen.click(By.xpath('//div[@role="row"]/span[@role="gridcell"][2]'));
		for (const tab of ['Things', 'Lumber', 'Consumables', 'Tools', 'Files']) {
			await kammer.screen.click(By.xpath(`//button[@role="tab"][starts-with(normalize-space(), "${tab}")]`));
			// What comes in idle moments.
			await kammer.screen.driver.sleep(800);
			expect(await found(), tab).toEqual([]);
		}
	});

	test('on the quick sums', async () => {
		await light(theme);
		for (const path of ['/sums', ...SUMS.map((x) => `/sums/${x.name}`), '/sums/shelf?length=400']) {
			await kammer.screen.driver.get(kammer.url + path);
			await kammer.screen.shape(path === '/sums' ? 'main li' : 'aside');
			expect(await found(), path).toEqual([]);
		}
	});

	test('on the list of walls and an empty wall', async () => {
		await light(theme);
		await kammer.screen.driver.get(kammer.url);
		expect(await found()).toEqual([]);
		await kammer.screen.openWall(emptyWall('Empty'), 'holders');
		expect(await found()).toEqual([]);
	});
});

test('nothing is wider than a phone', async () => {
	await kammer.screen.size(390, 844);
	await kammer.screen.openWall(
		{
			...slipwayWall(),
			name: 'A very long name for a wall that nobody would ever write but somebody surely does, over and over'
		},
		'wall'
	);
	for (const title of ['Stock-take', 'Wall', 'Rows', 'Holders', 'Holds?', 'Cut and buy']) {
		await kammer.screen.stage(title);
		const wide = await kammer.screen.driver.executeScript<number>('return document.documentElement.scrollWidth');
		expect(wide, title).toBeLessThanOrEqual(390);
	}
	await kammer.screen.stage('Wall');
	for (const part of PARTS) {
		await kammer.screen.part(part);
		expect(
			await kammer.screen.driver.executeScript<number>('return document.documentElement.scrollWidth'),
			part
		).toBeLessThanOrEqual(390);
	}
	await kammer.screen.size(1280, 800);
});
