import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { beforeEach, describe, expect, it } from 'vitest';
import { slipwayShop } from '$core/demo/slipway-shop';
import type { Shop } from '$core/shop/types';
import { newThing } from '$core/things/new-thing';
import { useScreen } from '../support/running';
import { until } from '../support/server';
import { send } from '../../scripts/lib/send.mjs';

const kammer = useScreen();

const stored = async () =>
	(await (await fetch(`${kammer.url}/api/shops/main`)).json()) as { revision: number; shop: Shop };
const named = async (name: string) => (await stored()).shop.things.filter((t) => t.name === name);
/** The first of the demo's things: as many as a roll of labels has room for. */
const SOME = slipwayShop().things.slice(0, 30);
/** Puts them back, whatever a test has left. */
async function fresh(things = SOME) {
	const { revision, shop } = await stored();
	const gone = shop.things
		.filter((t) => !things.some((k) => k.id === t.id))
		.map(({ id }) => ({ list: 'things', id, item: null }));
	const answer = await send(`${kammer.url}/api/shops/main`, 'PATCH', {
		revision,
		changes: [...gone, ...things.map((item) => ({ list: 'things', id: item.id, item }))]
	});
	expect(answer.status).toBe(200);
}
async function open(path = '/shop/main') {
	// What this browser kept of the test before is not wanted: it would be merged in.
	await kammer.screen.driver.get(`${kammer.url}/api/health`);
	await kammer.screen.driver.executeAsyncScript(
		'const done = arguments[0]; localStorage.clear(); sessionStorage.clear(); const r = indexedDB.deleteDatabase("keyval-store"); r.onsuccess = r.onerror = r.onblocked = () => done();'
	);
	await kammer.screen.driver.get(kammer.url + path);
	await kammer.screen.shape('[role=grid] [role=row] [role=gridcell]');
}
const entry = () => kammer.screen.shape('textarea');
const tab = (title: string) =>
	kammer.screen.click(By.xpath(`//button[@role="tab"][starts-with(normalize-space(), "${title}")]`));
const row = (name: string) => By.xpath(`//div[@role="row"][span[@role="gridcell"][normalize-space()="${name}"]]`);
/** An inch mark in a name must not end the xpath's string. */
const quoted = (name: string) => (name.includes('"') ? `'${name}'` : `"${name}"`);
const cell = (name: string, n: number) =>
	By.xpath(
		`//div[@role="row"][span[@role="gridcell"][normalize-space()=${quoted(name)}]]/span[@role="gridcell"][${n + 1}]`
	);
const seen = async (by: By) => (await kammer.screen.driver.findElements(by)).length > 0;
const text = async () => kammer.screen.driver.findElement(By.css('body')).getText();
const says = (words: RegExp) => until(async () => words.test(await text()), `${words} on the page`);
const value = async (label: string) => (await kammer.screen.field(label)).getAttribute('value');
const grid = () => kammer.screen.shape('[role=grid]');
const keys = async (...typed: string[]) => (await grid()).sendKeys(...typed);
/** Looks a thing up and picks it: far down the list its line is not built until it is in sight. */
async function pickThing(name: string) {
	const find = await kammer.screen.shape('input[aria-label="Find in the list"]');
	await find.sendKeys(Key.chord(Key.CONTROL, 'a'), name);
	await says(/lines? of \d+/);
	await kammer.screen.click(cell(name, 1));
}
async function put(file: string, content: string | Buffer, label = 'Table file') {
	const path = join(kammer.downloads, file);
	writeFileSync(path, content);
	await (await kammer.screen.shape(`input[aria-label="${label}"]`)).sendKeys(path);
}

beforeEach(async () => {
	await fresh();
});

describe('taking stock', () => {
	it('types a line, sees it as it was understood, takes it, undoes, redoes, reloads', async () => {
		await open();
		await (await entry()).sendKeys('6 bar clamps 24in 3.5lb bar 1/4');
		await until(
			async () =>
				(await kammer.screen.driver.findElements(By.css('input[aria-label="Count of Bar clamp 24\\""]'))).length === 1,
			'the reading'
		);
		expect(
			await kammer.screen.driver
				.findElement(By.css('input[aria-label="Count of Bar clamp 24\\""]'))
				.getAttribute('value')
		).toBe('6');
		await (await entry()).sendKeys(Key.ENTER);
		const [made] = await until(
			async () => ((await named('Bar clamp 24"')).length ? named('Bar clamp 24"') : false),
			'the clamp to be kept'
		);
		expect(made).toMatchObject({ count: 6, group: 'clamps', grip: 'slot', dims: { bar: expect.closeTo(6.35, 6) } });
		await kammer.screen.kept();
		// Nothing stays picked: what is typed next changes nothing that was taken.
		expect(await kammer.screen.slip()).not.toMatch(/Typical for its kind/);
		await pickThing('Bar clamp 24"');
		await kammer.screen.says(/Bar clamp 24"\nTypical for its kind, not measured: width, height, depth, head/);
		await kammer.screen.button('Undo');
		await until(async () => (await named('Bar clamp 24"')).length === 0, 'the clamp to be gone');
		await kammer.screen.button('Redo');
		await kammer.screen.kept();
		await kammer.screen.driver.navigate().refresh();
		await kammer.screen.shape('[role=grid] [role=row] [role=gridcell]');
		await kammer.screen.button('Undo');
		await until(async () => (await named('Bar clamp 24"')).length === 0, 'the clamp to be gone after a reload');
	});

	it('takes nothing that makes no sense, keeps what was typed, and lets it be mended', async () => {
		await open();
		await (await entry()).sendKeys('2 gizmos 24', Key.ENTER);
		await says(/24: of what\?/);
		expect(await (await entry()).getAttribute('value')).toBe('2 gizmos 24');
		await (await entry()).sendKeys(' in');
		const mass = await kammer.screen.shape('input[aria-label="Weight of Gizmo"]');
		await mass.sendKeys('heavy', Key.TAB);
		await says(/Not understood: "heavy"/);
		await (
			await kammer.screen.shape('input[aria-label="Weight of Gizmo"]')
		).sendKeys(Key.chord(Key.CONTROL, 'a'), '300 g', Key.TAB);
		await kammer.screen.button('Take');
		const [made] = await until(async () => ((await named('Gizmo')).length ? named('Gizmo') : false), 'the gizmo');
		expect(made).toMatchObject({ count: 2, mass: expect.closeTo(0.3, 9), height: expect.closeTo(609.6, 6) });
	});

	it('takes several lines at once, and adds to what is owned already', async () => {
		await open();
		await (await entry()).sendKeys('3 mallets', Key.chord(Key.SHIFT, Key.ENTER), '2 awls 90mm 60g');
		await says(/You own 3 of these/);
		await kammer.screen.button('Add 3 to them');
		await until(async () => (await named('Mallet'))[0]?.count === 6, 'six mallets');
		await kammer.screen.button('Take');
		await until(async () => (await named('Awl'))[0]?.count === 2, 'two awls');
	});

	it('changes several at once as one step', async () => {
		await open();
		await kammer.screen.click(cell('Oar', 1));
		await kammer.screen.driver
			.actions()
			.keyDown(Key.CONTROL)
			.click(await kammer.screen.driver.findElement(cell('Paddle', 1)))
			.keyUp(Key.CONTROL)
			.perform();
		await kammer.screen.says(/2 things/);
		expect(await (await kammer.screen.field('Weight')).getAttribute('placeholder')).toBe('various');
		await kammer.screen.type('Weight', '1.5 kg');
		await kammer.screen.type('Used at', 'boat store');
		await until(
			async () =>
				['Oar', 'Paddle'].every(async (n) => (await named(n))[0]?.mass === 1.5) &&
				(await named('Oar'))[0]?.where === 'boat store',
			'both to change'
		);
		expect([(await named('Oar'))[0]?.mass, (await named('Paddle'))[0]?.mass]).toEqual([1.5, 1.5]);
		await kammer.screen.button('Undo');
		await kammer.screen.button('Undo');
		await until(
			async () => (await named('Oar'))[0]?.mass === 2.1 && (await named('Paddle'))[0]?.mass === 0.9,
			'both to be as they were'
		);
	});

	it('edits in the table by keyboard alone, and says beside the cell what is wrong', async () => {
		await open();
		await keys(Key.HOME, Key.ARROW_DOWN, Key.ARROW_UP, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
		await keys('2');
		await kammer.screen.driver.switchTo().activeElement().sendKeys('x');
		await kammer.screen.driver.switchTo().activeElement().sendKeys('y', Key.ENTER);
		await says(/Not a number: "2xy"/);
		await kammer.screen.driver.switchTo().activeElement().sendKeys(Key.chord(Key.CONTROL, 'a'), '20', Key.ENTER);
		await until(async () => (await named('Spar clamp'))[0]?.count === 20, 'twenty');
		await keys(Key.DELETE);
		await until(async () => (await named('Planking clamp')).length === 0, 'the next line to be deleted');
		await keys(Key.chord(Key.CONTROL, 'z'), Key.chord(Key.CONTROL, 'z'));
		await until(
			async () => (await named('Planking clamp')).length === 1 && (await named('Spar clamp'))[0]?.count === 18,
			'both to be back'
		);
	});

	it('sorts, filters, groups and shows other columns, and remembers those', async () => {
		await open();
		const first = async () =>
			(
				await kammer.screen.driver.findElements(By.css('[role=row][aria-selected] [role=gridcell]:nth-child(2)'))
			)[0]?.getText();
		await kammer.screen.click(
			By.xpath('//span[@role="columnheader"]/button[starts-with(normalize-space(), "Weight")]')
		);
		await kammer.screen.click(
			By.xpath('//span[@role="columnheader"]/button[starts-with(normalize-space(), "Weight")]')
		);
		await until(async () => (await first()) === 'Bicycle', 'the heaviest first');
		await kammer.screen.driver.findElement(By.css('input[aria-label="Find in the list"]')).sendKeys('paint corner');
		await says(/4 lines of 30/);
		await kammer.screen.driver.findElement(By.css('select[aria-label="Grouped by"]')).sendKeys('by group');
		await says(/finishes 3/);
		await kammer.screen.button('Columns');
		await kammer.screen.click(By.xpath('//fieldset//label[normalize-space()="Cord"]'));
		expect(await seen(By.xpath('//span[@role="columnheader"]/button[normalize-space()="Cord"]'))).toBe(true);
		await kammer.screen.driver.navigate().refresh();
		await kammer.screen.shape('[role=grid] [role=row]');
		expect(await seen(By.xpath('//span[@role="columnheader"]/button[normalize-space()="Cord"]'))).toBe(true);
	});

	it('carries thousands of lines, of which only those in sight are built', async () => {
		await fresh([
			...SOME,
			...Array.from({ length: 5000 }, (_, i) => ({
				...newThing(`b${i}`, `Bit ${String(i).padStart(4, '0')}`),
				group: `box ${i % 40}`,
				mass: 0.01 + i / 1e5
			}))
		]);
		await open();
		await says(/5030 lines/);
		expect((await kammer.screen.driver.findElements(By.css('[role=row]'))).length).toBeLessThan(80);
		await keys(Key.chord(Key.CONTROL, Key.END));
		await until(() => seen(row('Bit 4999')), 'the last line');
		await kammer.screen.driver.findElement(By.css('input[aria-label="Find in the list"]')).sendKeys('bit 0042');
		await until(() => seen(row('Bit 0042')), 'the one that was looked for');
		await says(/1 line of 5030/);
	});
});

describe('files', () => {
	it('shows how a table is understood, names each bad cell, takes nothing until told, merges, and is undone in one step', async () => {
		await open();
		await tab('Files');
		await put('tools.csv', '\ufeffTool;Qty;Weight (lb);Size\nOars;2;5;"a;b"\nScrub plane;1;3,5;\nBroken;two;1;\n');
		await says(/3 lines, utf-8, semicolon between cells/);
		await says(/line 4, Qty "two": Not a number: "two"/);
		await says(/Take 2 lines/);
		expect((await named('Scrub plane')).length).toBe(0);
		// Left out is a column too: it can be set.
		await kammer.screen.driver.findElement(By.css('select[aria-label="Size is"]')).sendKeys('Notes');
		await until(async () => (await text()).includes('a;b'), 'the notes in the preview');
		await kammer.screen.click(By.xpath('//label[contains(., "Take lines with a bad cell too")]/input'));
		await says(/Take 3 lines/);
		await fresh();
		await kammer.screen.button('Take 3 lines');
		await until(async () => (await named('Broken'))[0]?.count === 1, 'the spoiled line, without its bad cell');
		expect((await named('Scrub plane'))[0]).toMatchObject({ mass: expect.closeTo(3.5 * 0.45359237, 6) });
		await kammer.screen.button('Undo');
		await until(
			async () => (await named('Scrub plane')).length === 0 && (await named('Broken')).length === 0,
			'all of it to be gone'
		);
		// The same headings again: matched as they were set.
		await put('tools2.csv', 'Tool;Qty;Weight (lb);Size\nOar;2;5;kept\n');
		await says(/Matched as you set it/);
	});

	it('merges duplicates on request', async () => {
		await open();
		await tab('Files');
		await put('oars.csv', 'name,group,count\noars,Oars and paddles,4\n');
		await says(/Merge duplicates: 1 line is here already/);
		await kammer.screen.click(By.xpath('//label[contains(., "Merge duplicates")]/input'));
		await kammer.screen.button('Take 1 line');
		await until(async () => (await named('Oar'))[0]?.count === 10, 'ten oars');
		expect((await named('oars')).length).toBe(0);
	});

	it('saves tables and the whole stock-take, and takes the latter back', async () => {
		await open();
		await tab('Files');
		await kammer.screen.button('Save things as CSV');
		const csv = await kammer.file(/things\.csv$/);
		expect(readFileSync(csv, 'utf8').split('\r\n')[0]).toMatch(/^\ufeffName,Group,Count,Width \(mm\)/);
		await kammer.screen.button('Save as JSON');
		const json = await kammer.file(/stock-take\.json$/);
		const whole = JSON.parse(readFileSync(json, 'utf8')) as Shop;
		await put('other.json', JSON.stringify({ ...whole, things: [newThing('z', 'Zither')] }), 'Stock-take file');
		await says(/other.json: Slipway workshop, 1 things/);
		await kammer.screen.button('Put in place of what is here');
		await until(async () => (await stored()).shop.things.length === 1, 'one thing alone');
		await kammer.screen.button('Undo');
		await until(async () => (await stored()).shop.things.length === 30, 'all things back');
		await put('bad.json', '{"format":"kammer-shop","version":1}', 'Stock-take file');
		await says(/Nothing was taken/);
	});
});

describe('on the wall', () => {
	it('shows where a thing hangs, lets it hang on another holder, and a label leads there', async () => {
		const [wall] = (await (await fetch(`${kammer.url}/api/plans`)).json()) as { id: string }[];
		await open(`/walls/${wall!.id}/stock`);
		await pickThing('Spar clamp');
		await kammer.screen.says(/18 hanging of 18/);
		expect(await kammer.screen.driver.findElement(By.css('[data-holder=h1]')).getAttribute('class')).toBeTruthy();
		await pickThing('Caulking iron');
		await kammer.screen.says(/Hangs on no holder yet/);
		await (await kammer.screen.field('Or hang it on this holder')).sendKeys('Block planes');
		await kammer.screen.says(/2 hanging of 7; 5 to place/);
		await until(
			async () =>
				(await kammer.screen.stored(wall!.id)).plan.holders.find((h) => h.id === 'h4')?.carriers[0]?.loads[0]?.thing ===
				'caulking-iron',
			'the wall to say so'
		);
		await kammer.screen.driver.get(`${kammer.url}/t/caulking-iron`);
		await kammer.screen.ready();
		await kammer.screen.says(/Caulking iron[\s\S]*2 hanging of 7/);
		expect(await kammer.screen.driver.getCurrentUrl()).toContain(
			`/walls/${wall!.id}/stock?thing=caulking-iron&holder=h4`
		);
	});
});

describe('the stand-ins', () => {
	it('read a weight into the field that had the focus, and say when they cannot', async () => {
		await open();
		await pickThing('Rivet sets');
		const field = await kammer.screen.field('Weight');
		await field.click();
		await kammer.screen.says(/A reading goes into: Weight/);
		await kammer.screen.type('On the hook', '2.30 kg');
		await kammer.screen.button('Weigh');
		await kammer.screen.says(/2.3 kg went into Weight/);
		const got = (await until(async () => (await named('Rivet sets'))[0]?.mass, 'the weight')) as number;
		expect(Math.abs(got - 2.3)).toBeLessThan(0.021);
		expect(await value('Weight')).toMatch(/^2\.\d+ kg$/);

		await kammer.screen.type('On the hook', '170 kg');
		await kammer.screen.button('Weigh');
		await kammer.screen.says(/out of range[\s\S]*Over its range of 150/);
		await kammer.screen.type('On the hook', '2 kg');
		await (await kammer.screen.field('It is held')).sendKeys('at the end');
		await kammer.screen.button('Weigh');
		await kammer.screen.says(/The connection was lost. Nothing was taken/);
		await (await kammer.screen.field('It is held')).sendKeys('by a restless');
		await kammer.screen.button('Weigh');
		await kammer.screen.says(/It does not come to rest/);
		expect((await named('Rivet sets'))[0]?.mass).toBe(got);
	});

	it('print labels, stop where the roll ends, and go on with a new one; the sheet is a PDF', async () => {
		await open();
		await keys(Key.chord(Key.CONTROL, 'a'));
		await kammer.screen.says(/30 labels/);
		await kammer.screen.button('Save label sheet as PDF');
		const pdf = await kammer.file(/^labels\.pdf$/);
		expect(readFileSync(pdf).subarray(0, 4).toString()).toBe('%PDF');
		await kammer.screen.button('Print on the simulated printer');
		await kammer.screen.says(/Simulated label printer: 30 of 30, done. 10 left/);
		await kammer.screen.button('Print on the simulated printer');
		await kammer.screen.says(/10 of 30, The roll is empty/);
		await kammer.screen.button('New roll');
		await kammer.screen.says(/30 of 30, done/);
	});
});

describe('what else is owned', () => {
	it('boards have a weight and a stack, and one end follows the other', async () => {
		await open();
		await tab('Lumber');
		await kammer.screen.button('Add boards');
		await kammer.screen.says(/weight/);
		await kammer.screen.type('Count', '10');
		await kammer.screen.type('Thickness', '20 mm');
		await kammer.screen.says(/10 × 20 mm/);
		await kammer.screen.type('Longest', '900 mm');
		await until(async () => (await value('Shortest')) === '900 mm', 'the shortest to follow');
		// A knot is cut out of one of them: what is clear on either side of it is two lines more.
		await kammer.screen.type('Bad from and to', '880 to 950');
		await kammer.screen.says(/"880 to 950" is not on the board/);
		await kammer.screen.type('Bad from and to', '400 to 440');
		await kammer.screen.says(/400 mm clear, from 0 mm[^]*460 mm clear, from 440 mm/);
		await kammer.screen.button('Cut them out of one of these');
		const lengths = async () =>
			(await stored()).shop.boards.filter((b) => b.thickness === 20).map((b) => [b.count, b.longest]);
		await until(async () => JSON.stringify(await lengths()) === '[[9,900],[1,400],[1,460]]', 'the clear lengths');
		await kammer.screen.button('Undo');
		await until(async () => JSON.stringify(await lengths()) === '[[10,900]]', 'the whole board again');
	});

	it('"you own five of these" before one more is added', async () => {
		await open();
		await tab('Consumables');
		// The line of the list before goes with it: wait for this one's own.
		await says(/Add one that is used up/);
		await (await entry()).sendKeys('2 masking tapes');
		await says(/You own 5 of these \(Masking tape\)/);
		await kammer.screen.button('Add 2 to them');
		await until(
			async () => (await stored()).shop.consumables.find((c) => c.name === 'Masking tape')?.count === 7,
			'seven'
		);
	});

	it('tools are ticked off, and what they cannot do is said', async () => {
		await open();
		await tab('Tools');
		await kammer.screen.says(/It can be made: drill press/);
		await kammer.screen.type('Depth', '80 mm');
		await kammer.screen.says(/It cannot be made: drill press: travel 60 mm, needs 80 mm/);
		await kammer.screen.click(By.xpath('//label[normalize-space()="Brace"]'));
		await kammer.screen.says(/It can be made: brace/);
		await kammer.screen.button('Undo');
		await kammer.screen.says(/It cannot be made/);
	});

	it('no errors, nothing from elsewhere', async () => {
		expect(await kammer.screen.errors()).toEqual([]);
		expect(await kammer.screen.origins()).toEqual([kammer.url]);
	});
});
