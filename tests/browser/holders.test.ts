import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { useScreen } from '../support/running';
import type { Plan } from '$core/plan/types';
import { until } from '../support/server';

const kammer = useScreen();
const holdersOf = async (id: string) => (await kammer.screen.stored(id)).plan.holders;
const thing = (name: string) => By.xpath(`//section[@aria-label="Hangs nowhere yet"]//button[contains(., "${name}")]`);
const offer = (title: string) =>
	By.xpath(`//div[@class and contains(@class, "offers")]//button[.//strong[text()="${title}"]]`);
const view = (word: string) => By.xpath(`//div[@aria-label="How the holder is shown"]//button[text()="${word}"]`);

describe('the Holders stage', () => {
	it('takes clamps from the stock-take to a slotted shelf on the wall, and back by undo', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Planking clamp'));
		await kammer.screen.says(/What shall carry these\?/, By.css('[aria-label="Hangs nowhere yet"]'));
		await kammer.screen.click(offer('Slotted shelf'));
		await until(async () => (await holdersOf(id)).length === 7, 'the shelf to hang');
		const shelf = (await holdersOf(id)).at(-1)!;
		expect(shelf.carriers[0]).toMatchObject({ loads: [{ thing: 'plank-clamp' }] });
		// It is shown large, from its sides, with what it is made of.
		await kammer.screen.says(/Made of[\s\S]*shelf[\s\S]*Screws:/, By.css('.strip'));
		await kammer.screen.says(/Slotted shelf: what is in the slots[\s\S]*Forward/);
		await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(async () => (await holdersOf(id)).length === 6, 'it to be undone');
		await kammer.screen.says(/Planking clamp/, By.css('[aria-label="Hangs nowhere yet"]'));
	});

	it('gives what charges a hole for its plug, and says when its cord is too short', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Battery charger'));
		// Corner to corner 48 and 62 make 78.4, and slack.
		await kammer.screen.says(/hole for the plug: corner to corner 78\.4 mm \+ 2 mm/, By.css('.offers'));
		await kammer.screen.click(offer('Shelf'));
		await until(async () => (await holdersOf(id)).length === 7, 'the shelf to hang');
		const shelf = (await holdersOf(id)).at(-1)!;
		expect(shelf.carriers[0]!.params.cords).toMatchObject({ count: 2, cord: 1500, hole: 81 });
		await kammer.screen.says(/Charges here/);
		await kammer.screen.type('Cord', '100 mm');
		await kammer.screen.says(/Its cord of 100 mm does not reach/);
	});

	it('places all of a group as one step, says what nothing carries, and takes all back by one undo', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		const nowhere = By.css('[aria-label="Hangs nowhere yet"]');
		const all = (group: string) =>
			kammer.screen.click(By.xpath(`//section[@aria-label="Hangs nowhere yet"]//h3[contains(., "${group}")]/button`));
		await all('hand tools');
		await kammer.screen.says(/2 of 3 placed in 1 holder; not: Rivet sets \(nothing carries it yet\)/, nowhere);
		await all('finishes');
		await kammer.screen.says(/5 of 5 placed in 4 holders/, nowhere);
		await until(async () => (await holdersOf(id)).length === 11, 'all of them');
		await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(async () => (await holdersOf(id)).length === 7, 'all of it undone');
	});

	it('places the whole stock-take at once: alike together, what nobody weighed left out, one undo', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		const nowhere = By.css('[aria-label="Hangs nowhere yet"]');
		const before = await holdersOf(id);
		await kammer.screen.click(By.xpath('//section[@aria-label="Hangs nowhere yet"]//h2/button'));
		const said = await kammer.screen.says(/\d+ of \d+ placed in \d+ holders/, nowhere);
		const [, done, of, made] = /(\d+) of (\d+) placed in (\d+) holders/.exec(said)!.map(Number);
		expect(done).toBeGreaterThan(8);
		expect(done).toBeLessThanOrEqual(of!);
		expect(said).toMatch(/not: .*Rivet sets/);
		await until(async () => (await holdersOf(id)).length === before.length + made!, 'all of them to hang');
		const after = (await holdersOf(id)).slice(before.length);
		const hung = new Set(after.flatMap((h) => h.carriers.flatMap((c) => c.loads.map((l) => l.thing))));
		expect(hung.size).toBe(done);
		// Nothing is put where it could not be built: what stands in the way is said instead.
		expect(said).toMatch(/where it fits best: /);
		await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(async () => (await holdersOf(id)).length === before.length, 'all of it undone');
		expect(await holdersOf(id)).toEqual(before);
	});

	it('says why a carrier cannot carry a thing', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Bench chisel'));
		await kammer.screen.click(By.xpath('//summary[contains(., "others cannot: why")]'));
		const said = await kammer.screen.says(/Fork/, By.css('[aria-label="Hangs nowhere yet"]'));
		expect(said).toMatch(/Fork: it has no neck to sit in a fork/);
		expect(said).toMatch(/hole: shank [\d.]+ mm \+ 2 mm = [\d.]+ mm/);
	});

	it('puts a second carrier on a back, moves it by keys on the bench, and takes it off again', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Spar clamp rack"]]'));
		await kammer.screen.choose('Put something else on it', 'Ledge');
		await until(async () => (await holdersOf(id))[0]?.carriers.length === 2, 'a ledge on the same back');
		await kammer.screen.click(view('Bench'));
		const grip = await kammer.screen.driver.findElement(By.css('rect[aria-label^="Ledge"]'));
		await kammer.screen.driver.executeScript('arguments[0].focus()', grip);
		const before = (await holdersOf(id))[0]!.carriers[1]!.at;
		await grip.sendKeys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_RIGHT);
		await until(async () => {
			const at = (await holdersOf(id))[0]!.carriers[1]!.at;
			return at.y === before.y + 2 && at.x === before.x + 1;
		}, 'three nudges of a millimetre');
		await kammer.screen.button('Take off the ledge');
		await until(async () => (await holdersOf(id))[0]?.carriers.length === 1, 'the ledge to be gone');
	});

	it('drags a carrier on its back, and it catches on the middle', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Block planes"]]'));
		await kammer.screen.click(view('Bench'));
		const grip = await kammer.screen.driver.findElement(By.css('rect[aria-label^="Pegs"]'));
		const before = (await holdersOf(id))[3]!.carriers[0]!.at;
		await kammer.screen.driver
			.actions()
			.move({ origin: grip })
			.press()
			.move({ origin: grip, x: 12, y: -30 })
			.release()
			.perform();
		await until(async () => (await holdersOf(id))[3]!.carriers[0]!.at.y > before.y + 5, 'the pegs to stand higher');
		await kammer.screen.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await until(async () => (await holdersOf(id))[3]!.carriers[0]!.at.y === before.y, 'it to be undone');
	});

	it('keeps a wrong figure beside its field, and says why', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Planking clamp'));
		await kammer.screen.click(offer('Slotted shelf'));
		await until(async () => (await holdersOf(id)).length === 7, 'the shelf to hang');
		await kammer.screen.type('Slot', '0.5');
		await kammer.screen.says(/Must be at least 2 mm/);
		await kammer.screen.type('Slot', '199');
		await kammer.screen.says(/no finger is left/);
	});

	it('has a sheet to print for a holder: views, parts, marks from one end, what to mind', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Spar clamp rack"]]'));
		await kammer.screen.click(view('Bench'));
		await kammer.screen.click(By.linkText('Sheet to print'));
		const main = By.css('main');
		const said = await kammer.screen.says(/Spar clamp rack[\s\S]*Cut[\s\S]*Mark, from the left end/, main);
		expect(said).toMatch(/1 × face: 1000 mm × 300 mm, 18 mm ply/);
		// Six pairs over seven equal gaps of 1000: seats at every 142.86, rounded once each.
		expect(said.replace(/\u00a0/g, ' ')).toMatch(/Pegs, 90 mm up: 143 mm, 286 mm, 429 mm, 571 mm, 714 mm, 857 mm/);
		expect(said).toMatch(/load it to 35\.6 kg/);
		expect(await kammer.screen.driver.findElements(By.css('main svg'))).toHaveLength(3);
		await kammer.screen.driver.get(`${kammer.url}/walls/none/holder/h1`);
		await kammer.screen.says(/There is no such wall/, By.css('body'));
	});

	it('shows a holder in space, and goes back to its wall', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(By.xpath('//button[.//strong[text()="Spokeshaves"]]'));
		await kammer.screen.click(view('In space'));
		await until(
			async () => (await kammer.screen.driver.findElements(By.css('.space canvas, .space [role=alert]'))).length > 0,
			'a picture in space, or why there is none'
		);
		await kammer.screen.click(view('Wall'));
		await until(async () => (await kammer.screen.driver.findElements(By.css('[data-wall]'))).length > 0, 'the wall');
	});

	it('screws a board to the wall, puts it on battens, hangs it on a row instead, and undoes all', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.button('Screw one to the wall');
		await until(async () => (await holdersOf(id)).length === 7, 'a board on the wall');
		const made = (await holdersOf(id)).at(-1)!;
		if (made.mount.kind !== 'fixed') throw new Error('it hangs on a row');
		expect(made.mount.places.length).toBeGreaterThan(2);
		await kammer.screen.says(/In the stud at 430 mm/);
		await kammer.screen.button('Add a screw');
		await kammer.screen.says(/The screw at [\d ]+ mm, [\d ]+ mm up, (misses every stud|stands)/);
		await kammer.screen.button('Two at every stud');
		await until(async () => {
			const { mount } = (await holdersOf(id)).at(-1)!;
			return mount.kind === 'fixed' && mount.places.length === 4;
		}, 'two at each of two studs');
		await kammer.screen.button('Battens at the studs');
		await kammer.screen.says(/Cannot be built so: \d+ holes miss the battens/);
		await kammer.screen.choose('On the wall', 'Hung on a row');
		await kammer.screen.says(/Battens stand by themselves/);
		await until(async () => (await holdersOf(id)).at(-1)?.mount.kind === 'row', 'it to hang on a row');
		for (let i = 0; i < 5; i++) await kammer.screen.button('Undo');
		await until(async () => (await holdersOf(id)).length === 6, 'all of it undone');
	});

	it('judges a board on the side of a cart, whose boards are thin', async () => {
		const cart: Plan = {
			...slipwayWall(),
			name: 'Cart side',
			rows: [],
			holders: [],
			wall: {
				width: 900,
				height: 700,
				base: 150,
				surface: 'cart-side',
				build: { kind: 'plank', thickness: 18, species: 'spf', first: 100, pitch: 300 },
				cladding: { kind: 'none', thickness: 0 },
				studs: [],
				obstructions: []
			}
		};
		const id = await kammer.screen.openWall(cart, 'holders');
		await kammer.screen.button('Screw one to the wall');
		await until(async () => (await holdersOf(id)).length === 1, 'a board on the cart');
		// As long as 18 mm of board behind 18 mm of back let them be: 30, which is too little to count.
		await kammer.screen.says(/Screws of 30 mm enter by 12 mm; under 25 mm/);
		await kammer.screen.type('Length', '80');
		await kammer.screen.says(/Cannot be built so: Screws of 80 mm come out behind/);
		// Where there is no row, what is taken from the stock-take is screwed to the wall as well.
		await kammer.screen.click(thing('Planking clamp'));
		await kammer.screen.click(offer('Slotted shelf'));
		await until(async () => (await holdersOf(id)).length === 2, 'a shelf on the cart');
		expect((await holdersOf(id))[1]?.mount.kind).toBe('fixed');
	});
});
