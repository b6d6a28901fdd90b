import { By, until as driverUntil } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { browser, Screen, type Browser } from '../support/screen';
import {
	alive,
	cleanUp,
	scratch,
	startKammer,
	startTestDatabase,
	until,
	type Database,
	type Running
} from '../support/server';
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
const names = async () =>
	((await (await fetch(`${kammer.url}/api/plans`)).json()) as { name: string }[]).map((p) => p.name);

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

/** Makes every page that is opened from now on one of a browser that lacks something; takes that back again. */
async function lacking(what: string): Promise<() => Promise<void>> {
	const chrome = screen.driver as unknown as {
		sendAndGetDevToolsCommand(name: string, parameters: object): Promise<{ identifier: string }>;
	};
	const { identifier } = await chrome.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
		source: what
	});
	let there = true;
	return async () => {
		if (there) await chrome.sendAndGetDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
		there = false;
	};
}
const NO_DATABASE = `Object.defineProperty(window, 'indexedDB', { get: () => undefined });`;
const DENIED = `IDBFactory.prototype.open = () => { throw new DOMException('denied', 'SecurityError'); };`;
const FULL = `IDBObjectStore.prototype.put = () => { throw new DOMException('no room', 'QuotaExceededError'); };`;
/** A page by name over plain http: no secure context. */
const PLAIN_HTTP = `Object.defineProperty(navigator, 'locks', { get: () => undefined }); Object.defineProperty(crypto, 'randomUUID', { get: () => undefined }); Object.defineProperty(crypto, 'subtle', { get: () => undefined });`;

describe('a browser that keeps nothing', () => {
	it.each([
		['without IndexedDB', NO_DATABASE, /kept on the server; this device cannot keep it/],
		['with IndexedDB denied', DENIED, /kept on the server; this device cannot keep it/],
		['with a full store', FULL, /kept on the server; this device has no room/],
		['by plain http', PLAIN_HTTP, /^kept$/],
		['by plain http without IndexedDB', PLAIN_HTTP + NO_DATABASE, /kept on the server/]
	])('%s: a wall and the stock-take reach the server, and the mark says who has it', async (_, lack, mark) => {
		const back = await lacking(lack);
		try {
			const id = await screen.openWall(slipwayWall(), 'wall');
			await rename('Kept all the same');
			await screen.kept(mark);
			expect((await screen.stored(id)).plan.name).toBe('Kept all the same');
			await screen.driver.navigate().refresh();
			await screen.ready();
			expect(await screen.driver.findElement(By.css('h1')).getText()).toBe('Kept all the same');

			await screen.driver.get(`${kammer.url}/shop/main?thing=oar`);
			const count = 3 + Math.floor(Math.random() * 1000);
			await screen.type('Count', String(count));
			await screen.kept(mark);
			const { shop } = (await (await fetch(`${kammer.url}/api/shops/main`)).json()) as {
				shop: { things: { id: string; count: number }[] };
			};
			expect(shop.things.find((t) => t.id === 'oar')?.count).toBe(count);
			expect(await screen.errors()).toEqual([]);
		} finally {
			await back();
		}
	});

	it('asks before the page goes away while the server is away too, and loses nothing once that is back', async () => {
		const back = await lacking(FULL);
		try {
			const id = await screen.openWall(slipwayWall(), 'wall');
			process.kill(database.pid, 'SIGKILL');
			await until(() => !alive(database.pid), 'the database to die');
			await rename('On this page only');
			await screen.kept(
				/^not kept: this device has no room to keep it; the server .* cannot be reached\. Leave this page open, or export it$/
			);
			// A link within Kammer is asked about by us.
			await screen.click(By.css('a.home'));
			const asked = await screen.driver.wait(driverUntil.alertIsPresent(), 5000);
			expect(await asked.getText()).toMatch(/neither on the server nor on this device/);
			await asked.dismiss();
			expect(new URL(await screen.driver.getCurrentUrl()).pathname).toMatch(`/walls/${id}`);
			database = await startTestDatabase(folder);
			await screen.kept(/kept on the server/);
			expect((await screen.stored(id)).plan.name).toBe('On this page only');
		} finally {
			await back();
		}
	});
});

describe('a fault of the server', () => {
	it('is said, kept on this device, and not tried again and again', async () => {
		const back = await lacking(
			`const real = window.fetch; window.__puts = 0; window.fetch = (at, init) => init?.method === 'PUT' ? (window.__puts++, Promise.resolve(new Response('{"title":"Something went wrong"}', { status: 500 }))) : real(at, init);`
		);
		try {
			const id = await screen.openWall(slipwayWall(), 'wall');
			await rename('Cannot be kept there');
			await screen.kept(/the server could not keep it \(Something went wrong\); kept on this device/);
			await new Promise((resolve) => setTimeout(resolve, 5000));
			expect(await screen.driver.executeScript('return window.__puts')).toBe(1);
			await screen.button('Try again');
			expect(await screen.driver.executeScript('return window.__puts')).toBe(2);
			await back();
			await screen.driver.navigate().refresh();
			await screen.ready();
			await screen.kept();
			expect((await screen.stored(id)).plan.name).toBe('Cannot be kept there');
		} finally {
			await back();
		}
	});
});
