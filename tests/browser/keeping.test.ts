import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { browser, Screen, type Browser } from '../support/screen';
import { alive, cleanUp, scratch, startKammer, startTestDatabase, until, type Database, type Running } from '../support/server';
import { send } from '../../scripts/lib/send.mjs';

let database: Database;
let kammer: Running;
let chromium: Browser;
let screen: Screen;
const folder = scratch();
beforeAll(async () => {
	database = await startTestDatabase(folder);
	kammer = await startKammer({ database });
	chromium = await browser();
	screen = new Screen(chromium.driver, kammer.url);
});
afterAll(async () => {
	await chromium.close();
	await kammer.stop();
	await database.stop();
	cleanUp(folder);
});

const rename = async (name: string) => {
	await screen.stage('Wall');
	await screen.type('Name', name);
};
const names = async () => ((await (await fetch(`${kammer.url}/api/plans`)).json()) as { name: string }[]).map((p) => p.name);

describe('a wall changed in two places', () => {
	/** Both versions are on the screen, by name. */
	const offered = (id: string) =>
		until(async () => {
			const [dialog] = await screen.driver.findElements(By.css('dialog[open]'));
			const text = (await dialog?.getText()) ?? '';
			return text.includes(`Mine ${id}`) && text.includes(`Theirs ${id}`);
		}, 'both versions to be offered');
	const clash = async () => {
		const id = await screen.openWall(slipwayWall(), 'wall');
		const other = { ...slipwayWall(), name: `Theirs ${id}` };
		await send(`${kammer.url}/api/plans/${id}`, 'PUT', { revision: 1, plan: other });
		await rename(`Mine ${id}`);
		await offered(id);
		return id;
	};

	it('offers both versions; mine can stay, and theirs is a wall of its own', async () => {
		const id = await clash();
		await screen.button('Mine stays; copy theirs');
		await screen.kept();
		expect((await screen.stored(id)).plan.name).toBe(`Mine ${id}`);
		expect(await names()).toContain(`Theirs ${id} (other version)`);
	});

	it('offers both versions; theirs can stay, and mine is a wall of its own', async () => {
		const id = await clash();
		await screen.button('Theirs stays; copy mine');
		await screen.kept();
		expect((await screen.stored(id)).plan.name).toBe(`Theirs ${id}`);
		expect(await names()).toContain(`Mine ${id} (other version)`);
	});

	it('still offers both after a reload', async () => {
		const id = await clash();
		await screen.driver.navigate().refresh();
		await screen.ready();
		await offered(id);
		await screen.button('Theirs stays; copy mine');
		await screen.kept();
		expect(await names()).toContain(`Mine ${id} (other version)`);
	});
});

describe('a database that is down', () => {
	it('costs no work: the screen keeps it over a reload, says so, and saves when it is back', async () => {
		const id = await screen.openWall(slipwayWall(), 'wall');
		process.kill(database.pid, 'SIGKILL');
		await until(() => !alive(database.pid), 'the database to die');
		await rename('Written in the dark');
		await screen.kept(/kept on this device; the server or its database cannot be reached/);

		await screen.driver.navigate().refresh();
		await screen.ready();
		expect(await screen.driver.findElement(By.css('h1')).getText()).toBe('Written in the dark');
		await rename('And once more');
		await screen.kept(/kept on this device/);

		database = await startTestDatabase(folder);
		await screen.kept();
		expect((await screen.stored(id)).plan.name).toBe('And once more');
	});
});
