import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { moreWalls } from '$core/demo/slipway-more';
import { useScreen } from '../support/running';
import { until } from '../support/server';

/** A wall of racks, pressed in a browser: levels change places, stuff is compared, tests written down, earthquakes. */
const kammer = useScreen();
const wall = () => moreWalls().find((p) => p.name.includes('lumber'))!;
const rack = async (id: string, of: string) => (await kammer.screen.stored(id)).plan.holders.find((h) => h.id === of)!;
const pick = (of: string) =>
	kammer.screen.driver.executeScript(
		`document.querySelector('[data-holder=${of}]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
	);
const names = async (id: string) => (await rack(id, 'k1')).carriers[0]!.loads.map((l) => `${l.count} ${l.name}`);
const undone = async (id: string) => {
	await kammer.screen.button('Undo');
	await until(async () => JSON.stringify((await kammer.screen.stored(id)).plan) === JSON.stringify(wall()), 'undone');
};

describe('levels of a rack', () => {
	it('change places by a drag of their tags and by arrow keys', async () => {
		const id = await kammer.screen.openWall(wall(), 'holders');
		const before = await names(id);
		await pick('k1');
		await until(
			async () => (await kammer.screen.driver.findElements(By.css('[data-level]'))).length === 5,
			'five tags'
		);
		const at = (group: number) => kammer.screen.middle(`[data-level="${group}"] rect`);
		await kammer.screen.drag(await at(0), await at(3));
		await until(async () => (await names(id))[0] === before[3], 'the two to change places');
		expect((await names(id))[3]).toBe(before[0]);
		await undone(id);
		await kammer.screen.driver.executeScript(`document.querySelector('[data-level="0"]').focus()`);
		await kammer.screen.driver.actions().sendKeys(Key.ARROW_UP).perform();
		await until(async () => (await names(id))[0] === before[1], 'the lowest to go up by one');
		await undone(id);
		expect(await kammer.screen.errors()).toEqual([]);
	});
});

describe('a rack', () => {
	it('is compared with itself of other stuff, and made of that', async () => {
		const id = await kammer.screen.openWall(wall(), 'holders');
		await pick('k1');
		await kammer.screen.button('Compare what it may be made of');
		await kammer.screen.says(/3\/4 in steel conduit, now[\s\S]*1 in steel conduit/);
		const price = await kammer.screen.shape('[aria-label="Price of one length of 1 in steel conduit"]');
		await price.sendKeys('cheap');
		await kammer.screen.says(/no price/);
		await price.clear();
		// Thirty rods, six from a length of 10 ft: five lengths.
		await price.sendKeys('12,40');
		await kammer.screen.says(/62\.00/);
		await kammer.screen.click(By.css('[aria-label="Take 1 in steel conduit"]'));
		await until(async () => (await rack(id, 'k1')).carriers[0]!.params.rod === 'emt-1', 'it of thicker rods');
		await kammer.screen.says(/The rack has changed since/);
		await undone(id);
		expect(await kammer.screen.errors()).toEqual([]);
	});

	it('under which something gave in its proof load is trusted with less, until that is taken out', async () => {
		const id = await kammer.screen.openWall(wall(), 'holds');
		await pick('k2');
		await kammer.screen.says(/None yet/);
		await kammer.screen.type('Day', 'yesterday');
		await kammer.screen.says(/A day as year-month-day/);
		await kammer.screen.type('Day', '2026-11-20');
		await kammer.screen.type('On it', '20 kg');
		await kammer.screen.choose('How it ended', 'Something gave');
		await kammer.screen.button('Write it down');
		await kammer.screen.says(/it gave under its proof load of 2026-11-20/);
		await until(async () => (await rack(id, 'k2')).tests?.length === 1, 'it kept');
		expect((await rack(id, 'k2')).tests).toEqual([{ day: '2026-11-20', load: 20, held: false }]);
		await kammer.screen.click(By.css('[aria-label="Delete 2026-11-20"]'));
		await until(async () => (await rack(id, 'k2')).tests === undefined, 'it taken out');
		expect(await kammer.screen.errors()).toEqual([]);
	});

	it('is asked to stand an earthquake where somebody says so', async () => {
		const id = await kammer.screen.openWall(wall(), 'wall');
		await kammer.screen.type('Earthquake country: S_DS, in g', 'strong');
		await kammer.screen.says(/Not a number/);
		await kammer.screen.type('Earthquake country: S_DS, in g', '0,8');
		await until(async () => (await kammer.screen.stored(id)).plan.wall.quake === 0.8, 'it kept');
		await kammer.screen.stage('Holds?');
		await pick('k1');
		await kammer.screen.says(/while the earth shakes/);
		await undone(id);
		expect(await kammer.screen.errors()).toEqual([]);
	});
});
