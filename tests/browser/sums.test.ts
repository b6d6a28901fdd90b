import { By, Key } from 'selenium-webdriver';
import { beforeEach, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { useScreen } from '../support/running';
import { until } from '../support/server';

const kammer = useScreen();
beforeEach(async () => {
	await kammer.screen.driver.get(kammer.url);
	await kammer.screen.driver.executeScript("localStorage.setItem('kammer-unit', 'mm')");
});

const open = async (path: string) => {
	await kammer.screen.driver.get(kammer.url + path);
	await kammer.screen.shape('aside');
};
const value = async (label: string) => (await kammer.screen.field(label)).getAttribute('value');

describe('quick sums', () => {
	it('are found from the first page', async () => {
		await kammer.screen.click(By.linkText('Quick sums'));
		await kammer.screen.click(By.partialLinkText('Shelf sag'));
		await kammer.screen.shape('aside');
		await kammer.screen.says(/sags most at/);
	});

	it('answer as one types, keep what is wrong beside its field, and go back by undo', async () => {
		await open('/sums/shelf');
		await kammer.screen.type('Load spread along it', '90 kg');
		await kammer.screen.says(/Does not hold.*sags most/s);
		await kammer.screen.type('Thickness', '0');
		expect(await (await kammer.screen.field('Thickness')).getAttribute('aria-invalid')).toBe('true');
		expect(await value('Thickness')).toBe('0');
		// An answer beside it would be read as the answer to what stands there.
		expect(await kammer.screen.says(/Nothing is worked out.*Thickness/s)).not.toMatch(/sags most|Does not hold/);
		await kammer.screen.type('Thickness', 'thick');
		expect(await kammer.screen.says(/Nothing is worked out.*Thickness/s)).not.toMatch(/sags most/);
		await kammer.screen.type('Thickness', '36');
		await kammer.screen.says(/Holds/);
		await kammer.screen.button('Undo');
		await kammer.screen.says(/Does not hold/);
		expect(await kammer.screen.errors()).toEqual([]);
	});

	it('tell a field that does not fit another beside it, and work nothing out', async () => {
		await open('/sums/shelf');
		await kammer.screen.type('Length of the board', '400');
		expect(await kammer.screen.says(/Nothing is worked out/)).toMatch(/past the board, which is 400 mm long/);
		await kammer.screen.type('Supports, from the left end', '0, 400');
		await kammer.screen.says(/sags most at 200 mm/);
	});

	it('carry their inputs in the link, whatever the unit', async () => {
		await open('/sums/rod');
		await kammer.screen.type('Out of the face', '333');
		const link = await kammer.screen.driver.getCurrentUrl();
		expect(link).toMatch(/projection=333/);
		await kammer.screen.driver.executeScript("localStorage.setItem('kammer-unit', 'inch')");
		await kammer.screen.driver.get(link);
		await kammer.screen.shape('aside');
		expect(await value('Out of the face')).toBe('13 1/8"');
		await kammer.screen.driver.get(link.replace(/load=[^&]*/, 'load=much'));
		await kammer.screen.shape('main');
		await until(
			async () =>
				/load on the rod could not be read/.test(await kammer.screen.driver.findElement(By.css('main')).getText()),
			'the part of the link that could not be read'
		);
	});

	it('say what would make it hold, and do it by one press', async () => {
		await open('/sums/lumber-arm?tip=40');
		await kammer.screen.says(/Does not hold.*the tip splits/s);
		await kammer.screen.click(By.css('aside .remedies button'));
		await kammer.screen.says(/^(?!.*Does not hold).*Holds/s);
	});

	it('cannot judge a plug without its maker, and can with', async () => {
		await open('/sums/plug');
		await kammer.screen.says(/Cannot be judged: the plug maker's load is not known/);
		await kammer.screen.type("Plug maker's load, each", '40 kg');
		await kammer.screen.says(/Holds/);
		await kammer.screen.type("Plug maker's load, each", Key.BACK_SPACE);
		await kammer.screen.says(/Cannot be judged/);
	});

	it('plan a proof load', async () => {
		await open('/sums/deck');
		await kammer.screen.button('Plan a proof load');
		await kammer.screen.says(/240\.0 kg.*× 2.*over heads.*Nobody beneath/s);
	});

	it('say when there is no such sum', async () => {
		await kammer.screen.driver.get(`${kammer.url}/sums/nothing`);
		await until(
			async () => /no such sum/i.test(await kammer.screen.driver.findElement(By.css('body')).getText()),
			'no such sum'
		);
	});

	it('fit a phone', async () => {
		await kammer.screen.size(390, 844);
		for (const name of ['screw', 'shelf', 'deck']) {
			await open(`/sums/${name}`);
			expect(
				await kammer.screen.driver.executeScript('return document.documentElement.scrollWidth')
			).toBeLessThanOrEqual(390);
		}
		await kammer.screen.size(1280, 800);
	});
});

describe('will it hold, on the wall', () => {
	const pick = (selector: string) =>
		kammer.screen.driver.executeScript(
			`document.querySelector('${selector}').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
		);

	it('says how much more a holder could take and what would help, and does it', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holds');
		await pick('[data-holder=h1]');
		await kammer.screen.says(/It would stop holding at 2\d\.\d kg of things; 19\.8 kg hang there/);
		await kammer.screen.says(/What would make it hold/);
		const [first] = await kammer.screen.driver.findElements(By.css('aside .remedies button'));
		const promised = (await first!.getText()).match(/\d\.\d\d/)?.[0];
		await first!.click();
		await kammer.screen.says(new RegExp(`Holds: ${promised}`));
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan).not.toEqual(slipwayWall());
		await kammer.screen.button('Undo');
		await kammer.screen.says(/Close: 1\.11/);
	});

	it('writes margins at studs and rows, and charts load and capacity by both', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holds');
		const margins = async () =>
			kammer.screen.driver.executeScript<string[]>(
				"return [...document.querySelectorAll('svg.layer pattern')].length ? [...document.querySelectorAll('svg.layer text')].map((t) => t.textContent) : []"
			);
		expect(await margins()).toEqual(expect.arrayContaining(['0.00', 'stop', '1.11']));
		const chart = await kammer.screen.shape('section[aria-label="Load and capacity"]');
		await until(async () => (await chart.findElements(By.css('.chart svg path'))).length > 20, 'bars');
		expect(await chart.getAttribute('textContent')).toMatch(/Stud 850 mm: carries \d+ N, would carry \d+ N/);
		await kammer.screen.click(By.xpath('//button[normalize-space()="by row"]'));
		await until(
			async () =>
				/Row Second row: carries 278 N, would carry 30\d N/.test((await chart.getAttribute('textContent')) ?? ''),
			'rows'
		);
		expect(await kammer.screen.errors()).toEqual([]);
	});

	it('judges a dragged holder as it goes, and lists its steps anew when it is let go', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holds');
		const { driver } = kammer.screen;
		await pick('[data-holder=h2]');
		const list = async () =>
			(await driver.findElement(By.xpath('//aside//section[h3[contains(., "Every step")]]')).getText()).replace(
				/\s+/g,
				' '
			);
		await kammer.screen.says(/Every step of its load path.*screw at stud/s);
		await kammer.screen.says(/1420 mm to 1980 mm/);
		const before = await list();
		const at = await kammer.screen.middle('[data-holder=h2]');
		const hand = () => driver.actions({ async: true });
		await hand()
			.move({ x: Math.round(at.x), y: Math.round(at.y) })
			.press()
			.move({ x: Math.round(at.x) + 60, y: Math.round(at.y), duration: 60 })
			.move({ x: Math.round(at.x) + 140, y: Math.round(at.y), duration: 60 })
			.perform();
		expect(await kammer.screen.says(/Spokeshaves\non Second row, 2\d\d\d mm/)).not.toMatch(/1420 mm/);
		expect(await list()).toBe(before);
		await hand().release().perform();
		await until(
			async () => (await list()) !== before && /screw at stud/.test(await list()),
			'the steps of where it was let go'
		);
		await kammer.screen.button('Undo');
		await until(async () => (await list()) === before, 'the steps of where it hung');
	});

	it('rings what the check that is read is about', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holds');
		await pick('[data-holder=h1]');
		await kammer.screen.click(By.xpath('//aside//ul//button[contains(., "top screw at stud 850")]'));
		await kammer.screen.shape('svg.layer rect.pointed');
		await kammer.screen.says(/One step of it. All in all: Close: 1.11/);
	});

	it('cannot judge studs of a species nobody said, until somebody does', async () => {
		const plan = slipwayWall();
		await kammer.screen.openWall(
			{ ...plan, wall: { ...plan.wall, studs: plan.wall.studs.map((s) => ({ ...s, species: 'unknown' as const })) } },
			'holds'
		);
		await pick('[data-holder=h4]');
		await kammer.screen.says(/Cannot be judged: species of/);
		await kammer.screen.click(By.xpath('//aside//button[contains(., "Count unknown studs as the softest")]'));
		await kammer.screen.says(/Holds/);
	});

	it('keeps a twist block and a backer sheet of a row, and who reaches', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'rows');
		await pick('[data-row=r2]');
		const choose = async (label: string, text: string) => {
			const select = await kammer.screen.field(label);
			await kammer.screen.driver.executeScript(
				'const s = arguments[0]; s.selectedIndex = [...s.options].findIndex((o) => o.text === arguments[1]); s.dispatchEvent(new Event("change", { bubbles: true }));',
				select,
				text
			);
		};
		await choose('Held by', 'A twist block at every stud');
		await kammer.screen.type('Block, height', '80');
		await choose('Held by', 'A backer sheet, screwed from behind');
		await kammer.screen.type('One every', '75');
		await kammer.screen.stage('Wall');
		await kammer.screen.driver.findElement(By.css('body')).sendKeys('\uE00C');
		await kammer.screen.type('Your height', '1750');
		await kammer.screen.says(/Prime from wrist to eye, 849 mm to 1638 mm/);
		await kammer.screen.kept();
		const { plan } = await kammer.screen.stored(id);
		expect(plan.rows[1]).toMatchObject({ twistBlock: null, backer: { behind: { pitch: 75 } } });
		expect(plan.stature).toBe(1750);
	});
});
