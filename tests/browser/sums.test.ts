import { By, Key } from 'selenium-webdriver';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { browser, Screen, type Browser } from '../support/screen';
import { cleanUp, scratch, startKammer, until, type Running } from '../support/server';

let kammer: Running;
let chromium: Browser;
let screen: Screen;
const folder = scratch();
beforeAll(async () => {
	kammer = await startKammer({ folder });
	chromium = await browser();
	screen = new Screen(chromium.driver, kammer.url);
});
afterAll(async () => {
	await chromium.close();
	await kammer.stop();
	cleanUp(folder);
});
beforeEach(async () => {
	await screen.driver.get(kammer.url);
	await screen.driver.executeScript("localStorage.setItem('kammer-unit', 'mm')");
});

const open = async (path: string) => {
	await screen.driver.get(kammer.url + path);
	await screen.shape('aside');
};
const value = async (label: string) => (await screen.field(label)).getAttribute('value');

describe('quick sums', () => {
	it('are found from the first page', async () => {
		await screen.click(By.linkText('Quick sums'));
		await screen.click(By.partialLinkText('Shelf sag'));
		await screen.says(/sags most at/);
	});

	it('answer as one types, keep what is wrong beside its field, and go back by undo', async () => {
		await open('/sums/shelf');
		await screen.type('Load spread along it', '90 kg');
		await screen.says(/Does not hold.*sags most/s);
		await screen.type('Thickness', '0');
		expect(await (await screen.field('Thickness')).getAttribute('aria-invalid')).toBe('true');
		expect(await value('Thickness')).toBe('0');
		await screen.says(/Does not hold.*sags most/s);
		await screen.type('Thickness', '36');
		await screen.says(/Holds/);
		await screen.button('Undo');
		await screen.says(/Does not hold/);
		expect(await screen.errors()).toEqual([]);
	});

	it('tell a field that does not fit another beside it, and work nothing out', async () => {
		await open('/sums/shelf');
		await screen.type('Length of the board', '400');
		expect(await screen.says(/Nothing is worked out/)).toMatch(/past the board, which is 400 mm long/);
		await screen.type('Supports, from the left end', '0, 400');
		await screen.says(/sags most at 200 mm/);
	});

	it('carry their inputs in the link, whatever the unit', async () => {
		await open('/sums/rod');
		await screen.type('Out of the face', '333');
		const link = await screen.driver.getCurrentUrl();
		expect(link).toMatch(/projection=333/);
		await screen.driver.executeScript("localStorage.setItem('kammer-unit', 'inch')");
		await screen.driver.get(link);
		await screen.shape('aside');
		expect(await value('Out of the face')).toBe('13 1/8"');
		await screen.driver.get(link.replace(/load=[^&]*/, 'load=much'));
		await until(async () => /load on the rod could not be read/.test(await screen.driver.findElement(By.css('main')).getText()), 'the part of the link that could not be read');
	});

	it('say what would make it hold, and do it by one press', async () => {
		await open('/sums/lumber-arm?tip=40');
		await screen.says(/Does not hold.*the tip splits/s);
		await screen.click(By.css('aside .remedies button'));
		await screen.says(/^(?!.*Does not hold).*Holds/s);
	});

	it('cannot judge a plug without its maker, and can with', async () => {
		await open('/sums/plug');
		await screen.says(/Cannot be judged: the plug maker's load is not known/);
		await screen.type("Plug maker's load, each", '40 kg');
		await screen.says(/Holds/);
		await screen.type("Plug maker's load, each", Key.BACK_SPACE);
		await screen.says(/Cannot be judged/);
	});

	it('plan a proof load', async () => {
		await open('/sums/deck');
		await screen.button('Plan a proof load');
		await screen.says(/240\.0 kg.*× 2.*over heads.*Nobody beneath/s);
	});

	it('say when there is no such sum', async () => {
		await screen.driver.get(`${kammer.url}/sums/nothing`);
		await until(async () => /no such sum/i.test(await screen.driver.findElement(By.css('body')).getText()), 'no such sum');
	});

	it('fit a phone', async () => {
		await screen.size(390, 844);
		for (const name of ['screw', 'shelf', 'deck']) {
			await open(`/sums/${name}`);
			expect(await screen.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(390);
		}
		await screen.size(1280, 800);
	});
});

describe('will it hold, on the wall', () => {
	const pick = (selector: string) => screen.driver.executeScript(`document.querySelector('${selector}').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`);

	it('says how much more a holder could take and what would help, and does it', async () => {
		const id = await screen.openWall(slipwayWall(), 'holds');
		await pick('[data-holder=h1]');
		await screen.says(/It would stop holding at 2\d\.\d kg of things; 19\.8 kg hang there/);
		await screen.says(/What would make it hold/);
		const [first] = await screen.driver.findElements(By.css('aside .remedies button'));
		const promised = (await first!.getText()).match(/\d\.\d\d/)?.[0];
		await first!.click();
		await screen.says(new RegExp(`Holds: ${promised}`));
		await screen.kept();
		expect((await screen.stored(id)).plan).not.toEqual(slipwayWall());
		await screen.button('Undo');
		await screen.says(/Close: 1\.15/);
	});

	it('writes margins at studs and rows, and charts load and capacity by both', async () => {
		await screen.openWall(slipwayWall(), 'holds');
		const margins = async () => screen.driver.executeScript<string[]>("return [...document.querySelectorAll('svg.layer pattern')].length ? [...document.querySelectorAll('svg.layer text')].map((t) => t.textContent) : []");
		expect(await margins()).toEqual(expect.arrayContaining(['1.65', '0.00', '1.15']));
		const chart = await screen.shape('section[aria-label="Load and capacity"]');
		await until(async () => (await chart.findElements(By.css('.chart svg path'))).length > 20, 'bars');
		expect(await chart.getAttribute('textContent')).toMatch(/Stud 850 mm: carries 115 N, would carry 190 N/);
		await screen.click(By.xpath('//button[normalize-space()="by row"]'));
		await until(async () => /Row Second row: carries 277 N, would carry 318 N/.test((await chart.getAttribute('textContent')) ?? ''), 'rows');
		expect(await screen.errors()).toEqual([]);
	});

	it('rings what the check that is read is about', async () => {
		await screen.openWall(slipwayWall(), 'holds');
		await pick('[data-holder=h1]');
		await screen.click(By.xpath('//aside//li//button[contains(., "top screw at stud 850")]'));
		await screen.shape('svg.layer rect.pointed');
		await screen.says(/One step of it. All in all: Close: 1.15/);
	});

	it('cannot judge studs of a species nobody said, until somebody does', async () => {
		const plan = slipwayWall();
		await screen.openWall({ ...plan, wall: { ...plan.wall, studs: plan.wall.studs.map((s) => ({ ...s, species: 'unknown' as const })) } }, 'holds');
		await pick('[data-holder=h4]');
		await screen.says(/Cannot be judged: species of stud/);
		await screen.click(By.xpath('//aside//button[contains(., "Count unknown studs as the softest")]'));
		await screen.says(/Holds/);
	});

	it('keeps a twist block and a backer sheet of a row, and who reaches', async () => {
		const id = await screen.openWall(slipwayWall(), 'rows');
		await pick('[data-row=r2]');
		const choose = async (label: string, text: string) => {
			const select = await screen.field(label);
			await screen.driver.executeScript('const s = arguments[0]; s.selectedIndex = [...s.options].findIndex((o) => o.text === arguments[1]); s.dispatchEvent(new Event("change", { bubbles: true }));', select, text);
		};
		await choose('Held by', 'A twist block at every stud');
		await screen.type('Block, height', '80');
		await choose('Held by', 'A backer sheet, screwed from behind');
		await screen.type('One every', '75');
		await screen.stage('Wall');
		await screen.driver.findElement(By.css('body')).sendKeys('\uE00C');
		await screen.type('Your height', '1750');
		await screen.says(/Prime from wrist to eye, 849 mm to 1638 mm/);
		await screen.kept();
		const { plan } = await screen.stored(id);
		expect(plan.rows[1]).toMatchObject({ twistBlock: null, backer: { behind: { pitch: 75 } } });
		expect(plan.stature).toBe(1750);
	});
});
