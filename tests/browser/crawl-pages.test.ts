import { By } from 'selenium-webdriver';
import { afterEach, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { SUMS } from '$core/sums/registry';
import { Crawl } from '../support/crawl';
import { useScreen } from '../support/running';

/** What crawl.test.ts does to a wall's stages, done to the rest: the stock-take, the quick sums and the first page. */
const kammer = useScreen();

/** Leave the page, open a file chooser, print, or wait for instruments. */
const ELSEWHERE = /^(Export|Save|Print|Import|Bring|Open|Undo|Redo|Dark|Light|inch|mm|Copy link)|file/i;

type Lists = Record<string, { id: string }[]>;
const inOrder = (shop: Lists) =>
	Object.fromEntries(
		Object.entries(shop).map(([list, all]) => [
			list,
			Array.isArray(all) ? [...all].sort((a, b) => (a.id < b.id ? -1 : 1)) : all
		])
	);
/** What the server has of the stock-take, once all of it is kept. */
async function stock(): Promise<Lists> {
	await kammer.screen.shape('.keep');
	await kammer.screen.kept();
	const { shop } = (await (await fetch(`${kammer.url}/api/shops/main`)).json()) as { shop: Lists };
	return inOrder(shop);
}
const press = (words: string) =>
	kammer.screen.driver.executeScript(
		`[...document.querySelectorAll('button, summary')].find((b) => b.textContent.trim().startsWith(arguments[0]))?.click()`,
		words
	);

/** The tabs of the stock-take, and in each a line picked or none. */
async function crawlStock(path: string, width: number): Promise<number> {
	await kammer.screen.size(width, 800);
	const at = new Crawl(kammer.screen);
	const before = await (async () => {
		await kammer.screen.driver.get(kammer.url + path);
		return stock();
	})();
	const tabs = await kammer.screen.driver.executeScript<string[]>(
		`return [...document.querySelectorAll('[role=tab]')].map((t) => t.firstChild.textContent.trim())`
	);
	expect(tabs.length).toBeGreaterThan(3);
	let pressed = 0;
	for (const tab of tabs) {
		const ground = { roots: 'aside, .strip', leave: ELSEWHERE, done: new Set(tabs.map((t) => `button ${t}`)) };
		for (const line of [false, true]) {
			const reach = async () => {
				await press('Seen');
				await press(tab);
				await at.settle();
				await kammer.screen.driver.executeScript(
					`document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }))`
				);
				if (line)
					await kammer.screen.driver.executeScript(
						`document.querySelector('[role=row][aria-rowindex="2"] [role=gridcell], [role=rowheader]')?.click()`
					);
			};
			pressed += await at.pressAll(ground, reach, async () => undefined);
		}
		await at.undo(200);
		expect(await stock(), `undo of "${tab}"`).toEqual(before);
	}
	return pressed;
}

describe('every control of the stock-take', () => {
	afterEach(() => kammer.screen.size(1280, 800));

	it.each([
		['its own page', () => Promise.resolve('/shop/main'), 1280],
		[
			'the stage of a wall on a phone',
			async () => `/walls/${await kammer.screen.openWall(slipwayWall(), 'stock')}/stock`,
			390
		]
	] as const)(
		'on %s does what it can, logs nothing, and is taken back by undo',
		async (_, path, width) => {
			expect(await crawlStock(await path(), width)).toBeGreaterThan(60);
		},
		600_000
	);
});

describe('every control of the quick sums', () => {
	it.each(SUMS.map((s) => [s.name] as const))(
		'%s answers or says why not, logs nothing, and goes back',
		async (name) => {
			const at = new Crawl(kammer.screen);
			const path = `/sums/${name}`;
			await kammer.screen.driver.get(kammer.url + path);
			// The first page of a browser takes its time.
			await kammer.screen.says(/\w/);
			// The verdict; which step is read below it is not a change.
			const answer = async () => (await kammer.screen.driver.findElement(By.css('aside')).getText()).split('\n')[1];
			const before = await answer();
			const ground = { roots: 'main, aside', leave: ELSEWHERE, done: new Set<string>() };
			expect(
				await at.pressAll(
					ground,
					async () => undefined,
					async (_, words) => {
						await at.undo(50);
						expect(await answer(), `undo after "${words}"`).toBe(before);
					}
				)
			).toBeGreaterThan(2);
		},
		120_000
	);
});

describe('every control of the first page', () => {
	it('does what it can and logs nothing: by itself, with a workshop begun, and where something is about to be deleted', async () => {
		const at = new Crawl(kammer.screen);
		let pressed = 0;
		for (const opening of ['', 'Another workshop', 'Delete', 'Remove the example', 'Trash']) {
			// Importing opens a file chooser; the rest stays within the page or comes back to it.
			const ground = { roots: 'body', leave: /^(Import|Dark|Light|inch|mm|Plan file)/, done: new Set<string>() };
			const reach = async () => {
				await kammer.screen.driver.get(`${kammer.url}/`);
				if (opening) await press(opening);
			};
			pressed += await at.pressAll(ground, reach, async () => undefined);
		}
		expect(pressed).toBeGreaterThan(12);
	}, 300_000);
});
