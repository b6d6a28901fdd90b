import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inRoot } from './lib/paths.mjs';
import { startKammer } from './lib/kammer.mjs';
import { send } from './lib/send.mjs';
import { BROWSER_COMMANDS, DATABASE_COMMANDS, needBuild, needCommands, needModules } from './lib/prepare.mjs';

/** npm run shots: one picture of each main view, from the demo wall on throw-away data, at 1280 x 800. */
needCommands([...DATABASE_COMMANDS, ...BROWSER_COMMANDS]);
await needModules();
needBuild();
const { openBrowser } = await import('./lib/browser.mjs');
const { By, until } = await import('selenium-webdriver');

/**
 * `pick` is what is picked on the wall before the picture is taken; `tab`, `steps` and `press` what is opened and
 * pressed, `on` the end of the wall's name, `scroll` what is brought into sight, `gone` a wall that is deleted before.
 */
const SHOTS = [
	{ name: 'walls' },
	{ name: 'stock', stage: 'stock', press: '[role=row] [role=gridcell]:nth-child(2)' },
	{ name: 'thing', path: '/shop/main?thing=oar', scroll: '.grips' },
	{
		name: 'lumber-dark',
		path: '/shop/main',
		tab: 'Lumber',
		press: '[role=row] [role=gridcell]:nth-child(2)',
		theme: 'dark',
		unit: 'inch'
	},
	{ name: 'prices', path: '/shop/main', tab: 'Prices', steps: ['Ask the stores'] },
	{ name: 'wall', stage: 'wall' },
	{
		name: 'scan',
		stage: 'wall',
		steps: ['Studs', 'Show where a screw may go', 'Sweep the wall'],
		scroll: '[aria-label="Found in the wall"]'
	},
	{
		name: 'swing-dark',
		stage: 'wall',
		on: 'oar store',
		pick: '[aria-label^="store door"]',
		scroll: '[role=img]',
		theme: 'dark'
	},
	{ name: 'rows', stage: 'rows', pick: '[data-row=r2]' },
	{ name: 'holders', stage: 'holders', pick: '[data-holder=h1]' },
	{ name: 'fitting-out', stage: 'holders', on: 'fitting-out wall' },
	{ name: 'cabinet', stage: 'holders', on: 'store wall', pick: '[data-holder=h1]', press: '.switch button' },
	{ name: 'rack', stage: 'holders', on: 'lumber wall', pick: '[data-holder=k1]' },
	{ name: 'holds', stage: 'holds', pick: '[data-holder=h3]' },
	{ name: 'holds-dark', stage: 'holds', pick: '[data-holder=h5]', theme: 'dark', unit: 'inch' },
	{ name: 'cut', stage: 'cut', scroll: '.boards figure:nth-of-type(2)' },
	{ name: 'sums', path: '/sums' },
	{ name: 'work-dark', stage: 'cut', press: '.boards .switch button:nth-child(2)', theme: 'dark' },
	// Last: what hung on that wall is to be placed again.
	{
		name: 'offers',
		stage: 'holders',
		gone: 'store wall',
		press: '.nowhere li:last-child .thing',
		scroll: '.offers'
	}
];

const folder = mkdtempSync(join(tmpdir(), 'kammer-shots-'));
const into = inRoot('docs', 'screenshots');
mkdirSync(into, { recursive: true });
const kammer = await startKammer({ folder });
const { driver, close } = await openBrowser({ width: 1280, height: 800 });
const walls = await (await fetch(`${kammer.url}/api/plans`)).json();
const wallNamed = (end) => walls.find((w) => w.name.endsWith(end)).id;

for (const {
	name,
	gone,
	stage,
	on = 'long wall',
	path = '/',
	pick,
	tab,
	steps = [],
	press,
	scroll,
	theme = 'light',
	unit = 'mm'
} of SHOTS) {
	if (gone) await send(`${kammer.url}/api/plans/${wallNamed(gone)}`, 'DELETE', undefined);
	await driver.get(kammer.url);
	await driver.executeScript(
		`localStorage.setItem('kammer-theme', '${theme}'); localStorage.setItem('kammer-unit', '${unit}');`
	);
	await driver.get(kammer.url + (stage ? `/walls/${wallNamed(on)}/${stage}` : path));
	if (stage) await driver.wait(until.elementLocated(By.css('[data-holder]')), 20_000);
	if (pick)
		await driver.executeScript(
			`document.querySelector('${pick}').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
		);
	if (tab)
		await driver
			.wait(until.elementLocated(By.xpath(`//button[@role="tab"][starts-with(normalize-space(), "${tab}")]`)), 20_000)
			.click();
	for (const words of steps) {
		const button = await driver.wait(
			until.elementLocated(
				By.xpath(`//aside//button[normalize-space()="${words}"] | //aside//label[normalize-space()="${words}"]`)
			),
			20_000
		);
		await driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', button);
		await button.click();
		await driver.sleep(400);
	}
	if (steps.includes('Sweep the wall'))
		await driver.wait(until.elementLocated(By.xpath('//button[starts-with(normalize-space(), "Take ")]')), 30_000);
	if (press) await driver.wait(until.elementLocated(By.css(press)), 20_000).click();
	if (scroll)
		await driver.executeScript(
			'arguments[0].scrollIntoView({ block: "start" })',
			await driver.wait(until.elementLocated(By.css(scroll)), 20_000)
		);
	if (stage === 'cut')
		await driver.wait(
			until.elementLocated(By.xpath('//button[normalize-space()="Save cut list as CSV" and not(@disabled)]')),
			60_000
		);
	await driver.executeScript('return document.fonts.ready.then(() => true)');
	// What comes in idle moments: the chart, and what would help.
	await driver.sleep(1500);
	writeFileSync(join(into, `${name}.png`), await driver.takeScreenshot(), 'base64');
	console.log(`docs/screenshots/${name}.png`);
}
await close();
await kammer.stop();
rmSync(folder, { recursive: true, force: true });
