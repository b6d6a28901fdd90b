import { readFileSync } from 'node:fs';
import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { moreWalls } from '$core/demo/slipway-more';
import type { Cutting } from '$core/plan/types';
import type { Shop } from '$core/shop/types';
import { useScreen } from '../support/running';
import { until } from '../support/server';

const kammer = useScreen();

const shop = async () => ((await (await fetch(`${kammer.url}/api/shops/main`)).json()) as { shop: Shop }).shop;
const tab = (title: string) =>
	kammer.screen.click(By.xpath(`//button[@role="tab"][starts-with(normalize-space(), "${title}")]`));
/** The fewest sheets are proven at once: what is pressed is not waited for. */
const wall = (change: Partial<Cutting> = {}) => {
	const plan = slipwayWall();
	return { ...plan, cutting: { ...plan.cutting, aim: 'sheets' as const, ...change } };
};
async function openPrices() {
	await kammer.screen.driver.get(`${kammer.url}/shop/main`);
	await kammer.screen.shape('[role=grid] [role=row] [role=gridcell]');
	await tab('Prices');
}
const DOWEL = 'hardwood dowel, 12 mm across, 1000 mm long';
const about = By.css('.boards .about');

describe('the price list', () => {
	it('takes a price, refuses nonsense beside its field, and undoes', async () => {
		await openPrices();
		await kammer.screen.says(/34 prices of hardware store in town, timber yard/);
		await kammer.screen.button('Add a price');
		await kammer.screen.type('Price', '-4');
		await kammer.screen.type('Asked on', '2026-02-30');
		await kammer.screen.says(/Must be at least 0[\s\S]*Must be a day, as 2026-11-28/);
		await kammer.screen.type('Price', '12,50');
		await kammer.screen.says(/one, tax in it[\s\S]*12.50 EUR/);
		await kammer.screen.kept();
		await kammer.screen.button('Undo');
		await kammer.screen.button('Undo');
		await kammer.screen.says(/34 prices/);
		await kammer.screen.kept();
	});

	it('is asked again of the stores: what has moved, what nobody answers, taken and undone in one step', async () => {
		await openPrices();
		const before = (await shop()).prices;
		await kammer.screen.button('Ask the stores');
		await kammer.screen.says(/\d+ moved, \d+ as they were/);
		await kammer.screen.click(
			By.xpath('//aside//button[starts-with(normalize-space(), "Take ") and not(contains(., "nothing"))]')
		);
		await kammer.screen.says(/prices are of today. Undo takes them back/);
		await until(async () => JSON.stringify((await shop()).prices) !== JSON.stringify(before), 'new prices to be kept');
		await kammer.screen.button('Undo');
		await until(async () => JSON.stringify((await shop()).prices) === JSON.stringify(before), 'the old prices');
	});
});

describe('what a wall costs', () => {
	it('is told store by store; a missing price is asked for in place, kept, and undone', async () => {
		await kammer.screen.openWall(wall(), 'cut');
		await kammer.screen.says(
			/Timber yard[\s\S]*69.60 EUR[\s\S]*Hardware store in town[\s\S]*No price known[\s\S]*12 mm across/
		);
		await kammer.screen.says(/Together, without 1 of no known price/);
		await kammer.screen.type(DOWEL, 'dear');
		await kammer.screen.says(/Not a number: "dear"/);
		await kammer.screen.type(DOWEL, '0');
		await kammer.screen.says(/A price is more than nothing/);
		await kammer.screen.type(DOWEL, '1,90');
		const slip = await kammer.screen.says(/Together\n[\d. ]+ EUR/);
		expect(slip).not.toMatch(/No price known/);
		await until(async () => (await shop()).prices.some((p) => p.sold === 'dowel' && p.price === 1.9), 'the price');
		await kammer.screen.says(/12 mm across, 1000 mm long: its price is in the list now/);
		await kammer.screen.button('Take it back');
		await kammer.screen.says(/No price known/);
	});

	it('leaves out what there is enough of, until it is bought after all', async () => {
		const id = await kammer.screen.openWall(wall(), 'cut');
		await kammer.screen.says(/To buy[^]*wood screws, #8/);
		await kammer.screen.click(By.css('[aria-label^="I have it: wood screws, #8"]'));
		await kammer.screen.says(/There already[^]*wood screws, #8.*\nyours, costs nothing[^]*To buy/);
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting.have).toEqual([expect.stringMatching(/^screw #8 /)]);
		await kammer.screen.click(By.css('[aria-label^="Buy it after all: wood screws, #8"]'));
		await kammer.screen.says(/To buy[^]*wood screws, #8/);
		await kammer.screen.button('Undo');
		await kammer.screen.says(/wood screws, #8.*\nyours, costs nothing/);
		await kammer.screen.button('Undo');
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting).not.toHaveProperty('have');
	});

	it('is told with and without a finish, for each holder and each thing held', async () => {
		const id = await kammer.screen.openWall(wall(), 'cut');
		await kammer.screen.says(/Spar clamp rack\n[\d.]+ EUR [\d.]+ EUR/);
		await kammer.screen.click(By.xpath('//label[normalize-space()="Parts get a finish"]'));
		await kammer.screen.says(/With finish[\s\S]*Spar clamp rack\n[\d.]+ EUR [\d.]+ EUR [\d.]+ EUR/);
		await kammer.screen.type('Coats', '0');
		await kammer.screen.says(/Must be at least 1/);
		await kammer.screen.type('Coats', '3');
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting.finish?.coats).toBe(3);
		await kammer.screen.button('Undo');
		await kammer.screen.button('Undo');
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting).not.toHaveProperty('finish');
	});

	it('has boards over where they are wanted, and not after an undo', async () => {
		const lumber = moreWalls().find((w) => w.name.endsWith('lumber wall'))!;
		const id = await kammer.screen.openWall({ ...lumber, cutting: { ...lumber.cutting, aim: 'sheets' } }, 'cut');
		await kammer.screen.says(/To buy/);
		const field = 'Boards over, of each kind';
		for (const [wrong, why] of [
			['-1', /Must be at least 0/],
			['1.5', /Must be a whole number/],
			['some', /Not a number: "some"/]
		] as const) {
			await kammer.screen.type(field, wrong);
			await kammer.screen.says(why);
		}
		await kammer.screen.type(field, '2');
		await kammer.screen.says(/(\d+) 44 x \d+ planed C16[\s\S]*\d+ needed, the rest over[\s\S]*Over, and left in packs/);
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting.over).toBe(2);
		await kammer.screen.button('Undo');
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting).not.toHaveProperty('over');
	});

	it('follows what counts, where it is bought, and what is trimmed off', async () => {
		const id = await kammer.screen.openWall(wall(), 'cut');
		await kammer.screen.says(/To buy/);
		await kammer.screen.choose('What counts', 'Fewest settings of the saw');
		await kammer.screen.says(/\d+ settings of the saw/);
		await kammer.screen.choose('What counts', 'Fewest boards and sheets');
		await kammer.screen.choose('Sheets are cut', 'Strips, then to length (panel saw, store)');
		await kammer.screen.choose('Bought at', 'timber yard');
		await kammer.screen.says(/Together, without \d+ of no known price/);
		await kammer.screen.type('Trimmed off each end', '10 mm');
		await until(
			async () => /first 10 mm off each end, then this is left/.test(await kammer.screen.slip(By.css('.boards'))),
			'the trim beside the sheet'
		);
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.cutting).toMatchObject({
			aim: 'sheets',
			stages: 'strips',
			store: 'timber yard',
			trim: { ends: 10, edges: 0 }
		});
	});
});

describe('the order of work', () => {
	it('stands beside the boards, and says what the tools of the shop cannot do', async () => {
		await kammer.screen.openWall(wall(), 'cut');
		await kammer.screen.says(/Save cut list as CSV/);
		await kammer.screen.button('Order of work');
		await kammer.screen.says(/The saw is set \d+ times/, about);
		const work = await kammer.screen.slip(By.css('.boards'));
		expect(work).toMatch(/Break down[\s\S]*no circular saw[\s\S]*Have the store make these cuts/);
		expect(work).toMatch(/Slanted rip\s*Blade at 45°[\s\S]*push stick/);
		expect(work).toMatch(/In the parts[\s\S]*Holes of 25 mm/);
		await kammer.screen.button('Boards');
		await kammer.screen.shape('.boards figure');
	});

	it('goes onto paper and into drawings, and a label leads to its piece', async () => {
		const id = await kammer.screen.openWall(wall(), 'cut');
		const button = (words: string) => By.xpath(`//aside//button[normalize-space()="${words}" and not(@disabled)]`);
		await until(async () => (await kammer.screen.driver.findElements(button('PDF'))).length, 'the work to be done');
		for (const [words, name, begins] of [
			['PDF', /plan\.pdf$/, '%PDF'],
			['SVG', /sheets\.svg$/, '<svg'],
			['DXF', /sheets\.dxf$/, '0\nSECTION']
		] as const) {
			await kammer.screen.click(button(words));
			const text = readFileSync(await kammer.file(name), 'latin1')
				.replaceAll('\r\n', '\n')
				.trimStart();
			expect(text.startsWith(begins), words).toBe(true);
		}
		await kammer.screen.go(`/walls/${id}/cut?piece=h1-face-1`);
		await kammer.screen.shape('.boards .piece.picked');
		expect(await kammer.screen.errors()).toEqual([]);
	});
});
