import { backOf, hung } from '../support/peg-rack';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { SCREWS } from '$core/materials/screws';
import { STOCKS } from '$core/materials/stocks';
import type { Plan } from '$core/plan/types';
import type { Shop } from '$core/shop/types';
import { bigWall } from '../bench/big-wall';
import { useScreen } from '../support/running';
import { until } from '../support/server';

const kammer = useScreen();

const holderOn = async (id: string, holder: string) => {
	const found = (await kammer.screen.stored(id)).plan.holders.find((h) => h.id === holder);
	return found && hung(found).mount;
};

describe('from a wall to a cut list', () => {
	it('opens the demo wall from the list', async () => {
		await kammer.screen.driver.get(kammer.url);
		await kammer.screen.click(By.partialLinkText('Slipway workshop'));
		await kammer.screen.ready();
		expect(await kammer.screen.driver.getTitle()).toBe('Slipway workshop, long wall · Kammer');
	});

	it('adds a row, drags a holder to it, reads the verdict change, undoes, reloads, redoes', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'rows');
		await kammer.screen.button('Add a row');
		await kammer.screen.says(/Row 6/);
		const row = (await until(
			async () => (await kammer.screen.stored(id)).plan.rows.find((r) => r.name === 'Row 6'),
			'the new row to be kept'
		)) as Plan['rows'][number];

		await kammer.screen.stage('Holds?');
		const start = await kammer.screen.middle('[data-holder=h6]');
		await kammer.screen.driver
			.actions({ async: true })
			.move({ x: Math.round(start.x), y: Math.round(start.y) })
			.click()
			.perform();
		await kammer.screen.says(
			/Cannot be built so: Screws of 45 mm[\s\S]*Does not hold: 0.00, screws at stud 2861 mm too short/
		);

		const target = await kammer.screen.middle(`[data-row="${row.id}"]`);
		const onRow = await kammer.screen.middle('[data-row=r5]');
		await kammer.screen.drag(start, { x: target.x - 150, y: start.y + target.y - onRow.y });
		await kammer.screen.kept();
		expect((await holderOn(id, 'h6'))?.row).toBe(row.id);
		const slip = await kammer.screen.says(/Anchor and chain\non Row 6/);
		expect(slip).not.toMatch(/too short: 14.5/);

		await kammer.screen.button('Undo');
		await kammer.screen.says(
			/Cannot be built so: Screws of 45 mm[\s\S]*Does not hold: 0.00, screws at stud 2861 mm too short/
		);
		await kammer.screen.kept();
		expect((await holderOn(id, 'h6'))?.row).toBe('r5');

		await kammer.screen.driver.navigate().refresh();
		await kammer.screen.ready();
		await kammer.screen.button('Redo');
		await kammer.screen.kept();
		expect((await holderOn(id, 'h6'))?.row).toBe(row.id);
		await kammer.screen.button('Undo');
		await kammer.screen.button('Undo');
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan).toEqual(slipwayWall());
	});

	it('takes advice by one press', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holds');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Paddles"]]'));
		await kammer.screen.says(/Does not hold: 0.34, seat, part-loaded/);
		await kammer.screen.click(By.xpath('//button[contains(., "with a spacer")]'));
		await kammer.screen.says(/(Holds|Close): 1.\d+/);
	});

	/** Cut for the fewest sheets, which is proven at once: for the least money it may be more than one, of less size. */
	const fewestSheets = () => {
		const plan = slipwayWall();
		return { ...plan, cutting: { ...plan.cutting, aim: 'sheets' as const } };
	};

	it('gives a cut list, drawn, and as a file', async () => {
		await kammer.screen.openWall(fewestSheets(), 'cut');
		await kammer.screen.says(
			/Before you cut: 2 holders do not hold[\s\S]*1 18 mm ply, 1220 mm x 2440 mm[\s\S]*69 wood screws, #10 x 80 mm[\s\S]*62 needed/
		);
		const boards = await kammer.screen.driver.findElements(By.css('.boards figure'));
		expect(boards.length).toBeGreaterThan(8);
		await until(
			async () =>
				(
					await kammer.screen.driver.findElements(
						By.xpath('//button[normalize-space()="Save cut list as CSV" and not(@disabled)]')
					)
				).length,
			'the work to be done'
		);
		await kammer.screen.button('Save cut list as CSV');
		const csv = readFileSync(await kammer.file(/\.csv$/), 'utf8');
		expect(csv.split('\r\n')[0]).toBe(
			'list,what,stock,board,along (mm),across (mm),length (mm),width (mm),count,packs,in a pack,money (EUR),store,for'
		);
		expect(csv).toMatch(/Top row/);
	});

	it('ticks pieces off at the saw, puts them down with what is left, and cuts one once more', async () => {
		await kammer.screen.openWall(fewestSheets(), 'cut');
		const boxes = By.css('.boards .switch + .group figure:nth-of-type(2) input[type=checkbox]');
		await until(async () => (await kammer.screen.driver.findElements(boxes)).length === 24, 'the sheet that is bought');
		for (const box of (await kammer.screen.driver.findElements(boxes)).slice(0, 2)) {
			await kammer.screen.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', box);
			await box.click();
		}
		await kammer.screen.button('2 of 24 cut: put down, keep what is left');
		await kammer.screen.says(/2 pieces are cut. 2 offcuts are in the stock-take now/, By.css('.boards'));
		// All that was bought is there now, without the strip they were cut from.
		await kammer.screen.says(/Nothing to buy: what is there is enough/, By.css('.boards'));
		await kammer.screen.says(/Cut already[\s\S]*Cut wrong: once more[\s\S]*Cut wrong: once more/);
		const before = (await kammer.screen.slip()).match(/Cut wrong/g)?.length;
		await kammer.screen.button('Cut wrong: once more');
		await until(
			async () => (await kammer.screen.slip()).match(/Cut wrong/g)?.length === (before ?? 0) - 1,
			'one to cut'
		);
		await kammer.screen.button('Undo');
		await kammer.screen.button('Undo');
		await until(async () => !/Cut already/.test(await kammer.screen.slip()), 'both to be undone');
		// The stock-take is undone with it: there is no sheet that nobody has cut.
		const lists = async () => (await (await fetch(`${kammer.url}/api/shops/main`)).json()) as { shop: Shop };
		await until(
			async () => (await lists()).shop.boards.every((b) => !(b.offcut && b.longest === 2440)),
			'the offcut to be gone'
		);
	});

	it('shows how far long cutting is, stops when asked and keeps the best so far', async () => {
		const plan = slipwayWall();
		const rack = plan.holders[3] as Plan['holders'][number];
		// Hundreds of lengths that all differ: more ways to cut than can be compared in a moment.
		plan.holders = Array.from({ length: 700 }, (_, i) => ({
			...rack,
			id: `n${i}`,
			back: { ...backOf(rack), width: 150 + i * 1.37 },
			carriers: rack.carriers.map((c) => ({
				...c,
				params: { ...c.params, width: 150 + i * 1.37, projection: 30 + i * 0.8 }
			}))
		}));
		await kammer.screen.openWall(plan, 'cut');
		await kammer.screen.says(/Looking for the best cuts: \d of \d kinds/);
		// There is nothing to keep before the first whole plan has come.
		await kammer.screen.click(By.xpath('//button[normalize-space()="Stop, keep the best so far" and not(@disabled)]'));
		await kammer.screen.says(/Stopped. This is the best found/);
		expect((await kammer.screen.driver.findElements(By.css('.boards figure'))).length).toBeGreaterThan(50);
		// What was stopped is a whole plan: sheets and dowels to buy, and not only what was being looked at.
		expect(await kammer.screen.slip()).toMatch(/To buy[\s\S]*\d+ 18 mm ply[\s\S]*\d+ hardwood dowel/);
	});

	it('exports a wall and imports it again', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.button('Export');
		const path = await kammer.file(/\.json$/);
		expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(slipwayWall());
		await kammer.screen.driver.get(kammer.url);
		await kammer.screen.driver.findElement(By.css('input[type=file]')).sendKeys(path);
		await kammer.screen.ready();
		const id = (await kammer.screen.driver.getCurrentUrl()).split('/')[4] as string;
		expect((await kammer.screen.stored(id)).plan).toEqual(slipwayWall());
	});

	it('refuses a hostile or broken file with the reason, and takes nothing', async () => {
		const before = await (await fetch(`${kammer.url}/api/plans`)).text();
		await kammer.screen.driver.get(kammer.url);
		for (const [name, text, why] of [
			['cut.json', JSON.stringify(slipwayWall()).slice(0, 400), /breaks off|not JSON/],
			['deep.json', `${'['.repeat(9999)}${']'.repeat(9999)}`, /nested more than 20/],
			['proto.json', '{"format":"kammer-plan","__proto__":{}}', /__proto__ is not a name/],
			['big.json', ' '.repeat(50 * 1024 * 1024), /larger than 8 MB/],
			[
				'zero.json',
				JSON.stringify({ ...slipwayWall(), wall: { ...slipwayWall().wall, width: 0 } }),
				/wall.width must be at least 200 mm/
			]
		] as const) {
			const path = join(kammer.downloads, name);
			writeFileSync(path, text);
			await kammer.screen.driver.findElement(By.css('input[type=file]')).sendKeys(path);
			await until(
				async () => why.test(await kammer.screen.driver.findElement(By.css('main')).getText()),
				`${name} to be refused with ${why}`
			);
		}
		expect(await (await fetch(`${kammer.url}/api/plans`)).text()).toBe(before);
	});

	it('goes from nothing to a wall with a rack', async () => {
		await kammer.screen.driver.get(kammer.url);
		await kammer.screen.button('Start a wall');
		await kammer.screen.ready();
		await kammer.screen.part('Studs');
		await kammer.screen.says(/No studs yet/);
		await kammer.screen.button('Lay out studs');
		await kammer.screen.stage('Rows');
		await kammer.screen.says(/A row is a cleat along the wall/);
		await kammer.screen.button('Add a row');
		await kammer.screen.stage('Holders');
		await kammer.screen.driver.actions().sendKeys(Key.ESCAPE).perform();
		await kammer.screen.button('Hang a peg rack');
		// Nobody has said what the studs are: nothing is judged on a guess.
		await kammer.screen.says(/Peg rack 1[\s\S]*Cannot be judged: species of/);
		await kammer.screen.stage('Holds?');
		await kammer.screen.click(By.xpath('//aside//button[contains(., "Count unknown studs as the softest")]'));
		await kammer.screen.says(/Peg rack 1[\s\S]*Holds: /);
		await kammer.screen.stage('Cut and buy');
		await kammer.screen.says(/To buy[\s\S]*sheet/);
	});
});

describe('typing', () => {
	it('takes a length any way it is written', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'rows');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Third row"]]'));
		for (const [text, want] of [
			['4\' 6 1/2"', 54.5 * 25.4],
			['143 cm', 1430],
			['1.44 m', 1440],
			['55 ½ in', 55.5 * 25.4]
		] as const) {
			await kammer.screen.type('Lower edge, above the floor', text);
			await until(
				async () => Math.abs(((await kammer.screen.stored(id)).plan.rows[2]?.y ?? 0) - want) < 0.001,
				`${text} to be kept`
			);
		}
	});

	it('keeps what was typed wrongly, and says why beside it', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'rows');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Third row"]]'));
		for (const [text, why] of [
			['high', /Not understood: "high"/],
			['-20', /Must be at least 0 mm/],
			['99 m', /Must be at most 6000 mm/],
			['2599.9', null],
			['2700', /Is above the wall, which is 2600 mm high/]
		] as const) {
			await kammer.screen.type('Lower edge, above the floor', text);
			if (!why) continue;
			await kammer.screen.says(why);
			expect(await (await kammer.screen.field('Lower edge, above the floor')).getAttribute('value')).toBe(text);
		}
		await kammer.screen.kept();
		expect((await kammer.screen.stored(id)).plan.rows[2]?.y).toBe(2599.9);
	});

	it('switches everything to inches and back', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Spar clamp rack"]]'));
		await kammer.screen.button('inch');
		const slip = await kammer.screen.says(/39 3\/8" wide/);
		// A stock and a screw keep their names; everything measured is in inches and pounds.
		const names = [...STOCKS.map((x) => x.title), ...SCREWS.map((x) => x.size)];
		const measured = slip
			.split('\n')
			.filter((line) => !names.includes(line))
			.join('\n');
		expect(names.reduce((text, name) => text.replaceAll(name, ''), measured)).not.toMatch(/\d mm|\d kg/);
		await kammer.screen.button('mm');
		await kammer.screen.says(/1000 mm wide/);
	});
});

describe('a wall in the making', () => {
	it('refuses a stud where another stands, beside the field', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'wall');
		await kammer.screen.part('Studs');
		await kammer.screen.button('430 mm');
		await kammer.screen.type('Centre, from the left end', '50 mm');
		await kammer.screen.says(/Stands in the same place as the stud at 40 mm/);
		await kammer.screen.type('Centre, from the left end', '45 cm');
		await until(async () => (await kammer.screen.stored(id)).plan.wall.studs[1]?.x === 450, 'the stud to move');
	});

	it('warns of a row that runs over a new window, and takes the window back', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'wall');
		await kammer.screen.part('In the way');
		await kammer.screen.button('Add a window');
		await kammer.screen.says(/Lower edge, above the floor/);
		await until(
			async () => (await kammer.screen.stored(id)).plan.wall.obstructions.length === 4,
			'the window to be kept'
		);
		await kammer.screen.stage('Rows');
		await kammer.screen.driver.actions().sendKeys(Key.ESCAPE).perform();
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Second row"]]'));
		await kammer.screen.says(/Stop The row runs over window/);
		await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(
			async () => (await kammer.screen.stored(id)).plan.wall.obstructions.length === 3,
			'the window to be gone'
		);
		expect(await kammer.screen.slip()).not.toMatch(/runs over window/);
	});

	it('is deleted only when asked twice, and can be brought back', async () => {
		await kammer.screen.openWall({ ...slipwayWall(), name: 'Short-lived' }, 'wall');
		await kammer.screen.driver.get(kammer.url);
		const names = async () =>
			((await (await fetch(`${kammer.url}/api/plans`)).json()) as { name: string }[]).map((w) => w.name);
		await kammer.screen.click(By.xpath('//button[@aria-label="Delete Short-lived"]'));
		await kammer.screen.button('Keep');
		expect(await names()).toContain('Short-lived');
		await kammer.screen.click(By.xpath('//button[@aria-label="Delete Short-lived"]'));
		await kammer.screen.button('Into the trash');
		await until(async () => !(await names()).includes('Short-lived'), 'the wall to be gone');
		await kammer.screen.click(By.xpath('//button[starts-with(normalize-space(.), "Trash")]'));
		await kammer.screen.click(By.css('button[aria-label="Bring back Short-lived"]'));
		await until(async () => (await names()).includes('Short-lived'), 'the wall to be back');
		await kammer.screen.click(By.xpath('//button[@aria-label="Delete Short-lived"]'));
		await kammer.screen.button('Into the trash');
		await until(async () => !(await names()).includes('Short-lived'), 'the wall to be gone again');
	});

	it('zooms by keys and buttons, and shows all again', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		const width = async () =>
			kammer.screen.driver.executeScript<number>(
				'return document.querySelector("[data-holder=h1] rect").getBoundingClientRect().width'
			);
		const before = await width();
		await kammer.screen.click(By.css('[aria-label="Zoom in"]'));
		await until(async () => (await width()) > before * 1.3, 'a larger wall');
		await kammer.screen.driver.executeScript('document.querySelector("svg[role=group]").focus()');
		await kammer.screen.driver.actions().sendKeys('0').perform();
		await until(async () => Math.abs((await width()) - before) < 0.5, 'the whole wall');
	});

	it('with three hundred holders is drawn, and its list is not', async () => {
		await kammer.screen.openWall(bigWall(300, 12_000), 'holders');
		await kammer.screen.says(/Show all 300/);
		expect(await kammer.screen.driver.findElements(By.css('[data-holder]'))).toHaveLength(300);
		expect(await kammer.screen.driver.findElements(By.css('aside .cards li'))).toHaveLength(40);
		await kammer.screen.button('Show all 300');
		expect(await kammer.screen.driver.findElements(By.css('aside .cards li'))).toHaveLength(300);
	});
});

describe('the keyboard alone', () => {
	it('picks, nudges, moves to another row, deletes and undoes', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		const rack = await kammer.screen.shape('[data-holder=h2]');
		await kammer.screen.driver.executeScript('arguments[0].focus()', rack);
		await rack.sendKeys(Key.ENTER);
		await kammer.screen.says(/Spokeshaves/);
		await rack.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
		await until(async () => (await holderOn(id, 'h2'))?.x === 1423, 'three nudges of a millimetre');
		await (await kammer.screen.shape('[data-holder=h2]')).sendKeys(Key.ARROW_DOWN);
		await until(async () => (await holderOn(id, 'h2'))?.row === 'r3', 'the row below');
		await (await kammer.screen.shape('[data-holder=h2]')).sendKeys(Key.DELETE);
		await until(async () => (await kammer.screen.stored(id)).plan.holders.length === 5, 'the holder to go');
		for (let i = 0; i < 3; i++)
			await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(async () => (await holderOn(id, 'h2'))?.x === 1420, 'all of it undone');
		expect((await kammer.screen.stored(id)).plan).toEqual(slipwayWall());
	});
});

describe('the drawing', () => {
	it('snaps a dragged row end to a stud, and Escape lets a drag go', async () => {
		const id = await kammer.screen.openWall(emptyWallWithStuds(), 'rows');
		await kammer.screen.button('Add a row');
		await kammer.screen.kept();
		const [row] = (await kammer.screen.stored(id)).plan.rows;
		const end = await kammer.screen.middle('.end:last-of-type');
		const k = await kammer.screen.driver.executeScript<number>(
			'return document.querySelector("[data-wall]").getBoundingClientRect().width / 3600'
		);
		await kammer.screen.drag(end, { x: end.x - ((row?.right ?? 0) - 2600 - 6) * k, y: end.y });
		await until(
			async () => (await kammer.screen.stored(id)).plan.rows[0]?.right === 2600,
			'the end on the stud at 2600'
		);

		const from = await kammer.screen.middle('[data-row]');
		// One device after the other: the key comes while the pointer is down.
		const actions = kammer.screen.driver.actions();
		await actions
			.move({ x: Math.round(from.x), y: Math.round(from.y) })
			.press()
			.move({ x: Math.round(from.x), y: Math.round(from.y) + 60 })
			.sendKeys(Key.ESCAPE)
			.release()
			.perform();
		await new Promise((resolve) => setTimeout(resolve, 900));
		expect((await kammer.screen.stored(id)).plan.rows[0]?.y).toBe(row?.y);
	});

	it('asks no other machine for anything and logs no error', async () => {
		await kammer.screen.openWall(slipwayWall(), 'cut');
		await kammer.screen.says(/To buy/);
		expect(await kammer.screen.origins()).toEqual([new URL(kammer.url).origin]);
		expect(await kammer.screen.errors()).toEqual([]);
	});
});

function emptyWallWithStuds(): Plan {
	const plan = emptyWall('Studs only');
	plan.wall.studs = [200, 600, 1000, 1400, 1800, 2200, 2600, 3000, 3400].map((x, i) => ({
		id: `s${i}`,
		x,
		width: 38,
		depth: 89,
		species: 'spf'
	}));
	return plan;
}
