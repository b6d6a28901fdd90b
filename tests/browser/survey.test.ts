import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import type { Plan } from '$core/plan/types';
import { useScreen } from '../support/running';
import { until } from '../support/server';

const kammer = useScreen();
const screen = () => kammer.screen;
const part = (title: string) => screen().part(title);
const wallOf = async (id: string) => (await screen().stored(id)).plan.wall;
/** What the server holds, once it is so. */
const stored = (id: string, is: (wall: Plan['wall']) => unknown, what: string) =>
	until(async () => {
		const wall = await wallOf(id);
		return is(wall) ? wall : false;
	}, what);
const choose = async (label: string, value: string) => {
	const field = await screen().field(label);
	await field.findElement(By.xpath(`./option[starts-with(normalize-space(), "${value}")]`)).click();
};
const file = async (label: string, name: string, content: string | Buffer) => {
	const path = join(kammer.downloads, name);
	writeFileSync(path, content);
	await screen()
		.driver.findElement(By.css(`input[aria-label="${label}"]`))
		.sendKeys(path);
};

/** A plan of a wall with studs proved at a pitch. */
function framed(): Plan {
	const plan = emptyWall('Framed');
	plan.wall.studs = Array.from({ length: 9 }, (_, i) => ({
		id: `s${i}`,
		x: 200 + i * 400,
		width: 45,
		depth: 95,
		species: 'c24',
		found: { how: 'pilot' }
	}));
	return plan;
}

describe('surveying a wall', () => {
	it('from nothing with the scanner: sweep, prove, take; then a door, and a row that refuses to cross it', async () => {
		const id = await screen().openWall(emptyWall('From nothing'), 'wall');
		await screen().type('Width', '4 m');
		await screen().type('Height', '2450');
		await stored(id, (w) => w.how?.width === 'tape' && w.height === 2450, 'the size to be measured');
		await part('Studs');
		await screen().button('Sweep the wall');
		await screen().says(/Sweeping at \d+ mm, \d heights left/);
		await screen().says(/Take \d+ studs/);
		const before = await screen().driver.findElements(By.css('[aria-label="Found in the wall"] li'));
		expect(before.length).toBeGreaterThan(4);
		await screen().click(By.xpath('(//button[normalize-space()="Drill"])[2]'));
		await screen().says(/pilot hole: wood/);
		await choose('Their species', 'C24');
		await screen().click(By.xpath('//button[starts-with(normalize-space(), "Take ")]'));
		await screen().says(/\d+ studs stand on the wall now/);
		const scanned = await stored(id, (w) => w.studs.length > 4, 'the studs to be taken');
		expect(scanned.studs.every((s) => s.found && (s.found.how === 'scanner' || s.found.how === 'pilot'))).toBe(true);
		expect(scanned.studs.filter((s) => s.found?.how === 'pilot')).toHaveLength(1);
		expect(scanned.pilots).toHaveLength(1);
		expect(scanned.studs.every((s) => s.species === 'c24')).toBe(true);

		await part('In the way');
		await screen().button('Add a door');
		await screen().says(/Not measured yet/);
		await screen().type('Left edge', '2600');
		const door = await stored(
			id,
			(w) => w.obstructions.some((o) => o.kind === 'door' && o.x === 2600 && o.how === 'tape'),
			'the door to be measured'
		);
		expect(door.obstructions.find((o) => o.kind === 'door')?.motion).toMatchObject({ kind: 'swing', angle: 90 });

		await screen().stage('Rows');
		await screen().button('Add a row');
		await screen().type('Lower edge, above the floor', '1200');
		await screen().type('Right end', '3000');
		await screen().says(/Would run over door: end it at 2600 mm/);
		// What was typed is still there, to be mended.
		expect(await (await screen().field('Right end')).getAttribute('value')).toBe('3000');
		await screen().type('Right end', '2580');
		await until(async () => (await screen().stored(id)).plan.rows[0]?.right === 2580, 'the row to end before the door');

		// Dragged by its end, it stops at the door.
		const row = (await screen().stored(id)).plan.rows[0];
		const end = await screen().driver.executeScript<{ x: number; y: number }>(
			'const b = [...document.querySelectorAll("rect.end")].at(-1).getBoundingClientRect(); return { x: b.x + b.width / 2, y: b.y + b.height / 2 };'
		);
		await screen().drag(end, { x: end.x + 220, y: end.y });
		await until(
			async () => (await screen().stored(id)).plan.rows.find((r) => r.id === row?.id)?.right === 2600,
			'the row to stop at the door'
		);
		expect(await screen().errors()).toEqual([]);
	});

	it('with the distance meter: a reading goes into the field that had the focus, and the record says so', async () => {
		const id = await screen().openWall(emptyWall('By meter'), 'wall');
		await screen().type('To what it points at', '4321');
		await screen().click(By.xpath('//label[normalize-space()="Width"]'));
		await screen().says(/A reading goes into: Width/);
		await screen().button('Measure');
		await screen().says(/432\d mm went into Width/);
		const wall = await stored(id, (w) => w.how?.width === 'meter', 'the reading to be kept');
		expect(Math.abs(wall.width - 4321)).toBeLessThanOrEqual(3);
		expect(wall.how?.height).toBe('guess');
		// Typed over it, it is a figure of the tape again.
		await screen().type('Width', '4320');
		await stored(id, (w) => w.width === 4320 && w.how?.width === 'tape', 'the typed width');
	});

	it('for square: one diagonal alone says nothing, both say how far out', async () => {
		const plan = framed();
		plan.wall.width = 4000;
		plan.wall.height = 3000;
		const id = await screen().openWall(plan, 'wall');
		await part('Levels');
		await screen().type('Lower left to upper right', '5000');
		await screen().says(/Measure the other diagonal too/);
		await stored(id, (w) => w.levels?.diagonals?.up === 5000 && w.levels.diagonals.down === undefined, 'one diagonal');
		// 3, 4 and 5: square.
		await screen().type('Upper left to lower right', '5000');
		await screen().says(/Left end plumb to the floor line; right end plumb to the floor line/);
	});

	it('by marks: an edge is half a stud off, two heights show a lean', async () => {
		const id = await screen().openWall(framed(), 'wall');
		await part('Studs');
		await screen().click(By.xpath('//ol//button[normalize-space()="600 mm"]'));
		await screen().type('Lower mark, from the left', '590');
		await screen().type('Upper mark, from the left', '596');
		await choose('They mark', 'its left edge');
		await screen().button('Stand it on these marks');
		const wall = await stored(id, (w) => w.studs.some((s) => s.lean), 'the stud to lean');
		expect(wall.studs.find((s) => s.lean)).toMatchObject({ x: 610.5, lean: 4, found: { how: 'tape' } });
		await screen().says(/Proved: measured/);
	});

	it("of brick asks for the plug maker's load, and judges by it", async () => {
		const plan = slipwayWall();
		const id = await screen().openWall(plan, 'wall');
		await choose('Build', 'Masonry, with plugs');
		await stored(id, (w) => w.build?.kind === 'masonry', 'the build to be masonry');
		await screen()
			.driver.findElement(By.xpath('//section[@aria-label="Still open"]//button[contains(., "plug maker")]'))
			.click();
		await screen().type("Its maker's load, each", '25 kg');
		await stored(id, (w) => w.build?.kind === 'masonry' && w.build.plug.load === 25, 'the load to be kept');
		await screen().stage('Holds?');
		await screen().click(By.xpath('//button[.//strong[text()="Paddles"]]'));
		await screen().says(/plug at \d+ mm/);
		await screen().stage('Cut and buy');
		await screen().says(/\d+ plugs for a hole of 8 mm, 50 mm long/);
	});

	it('shows a bad figure beside its field, and keeps what was typed', async () => {
		const bad = await screen().openWall(framed(), 'wall');
		await screen().type('Width', '100 mm');
		await screen().says(/Must be at least 200 mm/);
		expect(await (await screen().field('Width')).getAttribute('value')).toBe('100 mm');
		await screen().driver.findElement(By.css('[aria-label="Width was found by"]')).sendKeys('distance');
		await stored(bad, (w) => w.how?.width === 'meter', 'the record to say how');
		await screen().type('Width', '3 m');
		await screen().says(/Then the stud at 3400 mm is beyond the wall, which is 3000 mm wide/);
		await part('Levels');
		await screen().type('Upper left to lower right', '9 m');
		await screen().says(/does not go with this width and height/);
	});

	it('that is not framed at all, or has nothing behind it, says so and goes on', async () => {
		const id = await screen().openWall(emptyWall('Solid'), 'wall');
		await part('Studs');
		const flat = [
			'height,x,density',
			...[500, 1500].flatMap((y) =>
				Array.from({ length: 200 }, (_, i) => `${y},${i * 18},${(0.3 + ((i * 7919) % 13) / 400).toFixed(3)}`)
			)
		].join('\n');
		await file('Sweeps file', 'flat.csv', flat);
		await screen().says(/Nothing stands out in these sweeps: no studs, or solid behind/);
		await file('Sweeps file', 'bad.csv', 'nonsense');
		await screen().says(/bad.csv was not taken. The file needs a heading/);
		await screen().button('Export sweeps');
		expect(readFileSync(await kammer.file(/sweeps.*\.csv$/), 'utf8')).toMatch(
			/^height \(mm\),x \(mm\),density,metal,mains/
		);
		// Sweeps are kept on this device.
		await screen().driver.navigate().refresh();
		await screen().ready();
		await part('Studs');
		await screen().says(/Nothing stands out/);
		expect((await wallOf(id)).studs).toEqual([]);
	});
});

describe('files of a survey', () => {
	it('outline and studs come from a drawing, shown first, and can be undone', async () => {
		const id = await screen().openWall(emptyWall('Drawn'), 'wall');
		await part('Files');
		await file(
			'Drawing file',
			'wall.svg',
			'<svg width="480mm" height="250mm" viewBox="0 0 480 250"><rect id="wall" width="480" height="250"/><rect id="window" x="200" y="60" width="90" height="80"/><rect id="stud" x="38" width="4" height="250"/><rect id="stud" x="98" width="4" height="250"/></svg>'
		);
		await screen().says(/wall.svg: 4 shapes/);
		await screen().says(/480 x 250 mm: no wall is|wall, 480 mm x 250 mm|no wall is/);
		await choose('A unit of the drawing is', 'Centimetres');
		await screen().says(/window, 900 mm x 800 mm at 2000 mm, 1100 mm up/);
		expect((await wallOf(id)).studs).toEqual([]);
		await screen().button('Take it as the survey');
		await screen().says(/a wall of 4800 mm, 2 studs, 1 in the way/);
		await stored(id, (w) => w.width === 4800 && w.studs.length === 2, 'the drawing to be taken');
		await screen().button('Undo');
		await stored(id, (w) => w.width === 3600 && w.studs.length === 0, 'it to be undone');
		const line = (layer: string, x1: number, y1: number, x2: number, y2: number) =>
			['0', 'LINE', '8', layer, '10', x1, '20', y1, '11', x2, '21', y2].join('\n');
		const box = (layer: string, x: number, y: number, w: number, h: number) =>
			[
				line(layer, x, y, x + w, y),
				line(layer, x + w, y, x + w, y + h),
				line(layer, x + w, y + h, x, y + h),
				line(layer, x, y + h, x, y)
			].join('\n');
		await file(
			'Drawing file',
			'wall.dxf',
			[
				'0',
				'SECTION',
				'2',
				'HEADER',
				'9',
				'$INSUNITS',
				'70',
				'4',
				'0',
				'ENDSEC',
				'0',
				'SECTION',
				'2',
				'ENTITIES',
				box('wall', 0, 0, 3200, 2400),
				box('door', 900, 0, 760, 1980),
				'0',
				'ENDSEC',
				'0',
				'EOF',
				''
			].join('\n')
		);
		await screen().says(/wall.dxf: 2 shapes[\s\S]*door, 760 mm x 1980 mm at 900 mm/);
		await screen().button('Leave it');
		await file('Drawing file', 'bad.dxf', '0\nSECTION\n2\nENT');
		await screen().says(/bad.dxf was not taken. The drawing breaks off/);
	});

	it('go out as JSON, CSV and a sheet, and come in as JSON', async () => {
		const id = await screen().openWall(slipwayWall(), 'wall');
		await part('Files');
		await screen().button('Survey as JSON');
		const text = readFileSync(await kammer.file(/survey\.json$/), 'utf8');
		expect(JSON.parse(text)).toMatchObject({ format: 'kammer-survey', wall: { width: 5200 } });
		await screen().button('Studs and obstructions as CSV');
		expect(readFileSync(await kammer.file(/studs\.csv$/), 'utf8')).toMatch(/bench outlet/);
		await screen().button('Survey sheet as PDF');
		expect(
			readFileSync(await kammer.file(/sheet\.pdf$/))
				.subarray(0, 5)
				.toString()
		).toBe('%PDF-');
		const other = JSON.parse(text) as { wall: Plan['wall'] };
		other.wall.studs = other.wall.studs.slice(2);
		await file('Survey file', 'other.json', JSON.stringify(other));
		await screen().says(/stands here now. Undo takes it back/);
		await stored(id, (w) => w.studs.length === 12, 'the survey to be taken');
		await file('Survey file', 'broken.json', '{"format":');
		await screen().says(/broken.json was not taken/);
	});
});

describe('a photograph of the wall', () => {
	/** A JPEG made by the page itself, with a remark written into it as cameras do. */
	async function photo(): Promise<Buffer> {
		const url = await screen().driver.executeScript<string>(
			'const c = document.createElement("canvas"); c.width = 1200; c.height = 800; const x = c.getContext("2d"); x.fillStyle = "#ccc"; x.fillRect(0, 0, 1200, 800); x.fillStyle = "#700"; x.fillRect(400, 300, 200, 200); return c.toDataURL("image/jpeg", 0.9);'
		);
		const jpeg = Buffer.from(url.split(',')[1] as string, 'base64');
		const remark = Buffer.from('GPS secret');
		return Buffer.concat([
			jpeg.subarray(0, 2),
			Buffer.from([0xff, 0xfe, 0, remark.length + 2]),
			remark,
			jpeg.subarray(2)
		]);
	}

	it('is straightened behind the drawing, without its remarks, and measured on', async () => {
		const id = await screen().openWall(framed(), 'wall');
		await part('Photo');
		await file('Photograph file', 'wall.jpg', await photo());
		await screen().says(/Put the four points on things whose place you know/);
		// By keys as well as by hand.
		const point = await screen().driver.findElement(By.css('button[aria-label^="Point 3, upper right"]'));
		await point.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
		expect(await point.getAttribute('aria-label')).toMatch(/90 % along|91 % along/);
		await choose('What you know of them', 'Their distances');
		await screen().type('1 to 3, corner to corner', '9 m');
		await screen().says(/do not make a triangle/);
		await choose('What you know of them', 'Their places on the wall');
		await screen().button('Straighten it');
		await screen().says(/Opacity/);
		const wall = await stored(id, (w) => w.photo, 'the photograph to be kept');
		expect(wall.photo).toMatchObject({ x: 0, y: 0, width: 3600, height: 2400, opacity: 0.6 });
		const kept = Buffer.from(await (await fetch(`${kammer.url}/api/photos/${wall.photo?.id}`)).arrayBuffer());
		expect(kept.toString('latin1')).not.toContain('GPS');
		await until(
			async () => (await screen().driver.findElements(By.css('svg image'))).length === 1,
			'the photograph behind the drawing'
		);
		await screen().type('Opacity', '30');
		await stored(id, (w) => w.photo?.opacity === 0.3, 'the opacity to be kept');
		await screen().type('To, along', '1300');
		await screen().type('From, along', '1000');
		await screen().type('To, up', '1400');
		await screen().says(/= 500 mm/);
		await screen().button('Add what lies between as in the way');
		await stored(
			id,
			(w) => w.obstructions.some((o) => o.how === 'photo' && o.width === 300 && o.height === 400),
			'the stretch to be added'
		);
		expect(await screen().errors()).toEqual([]);
	});

	it('that is none is refused, and nothing is lost', async () => {
		const id = await screen().openWall(framed(), 'wall');
		await part('Photo');
		await file('Photograph file', 'broken.jpg', 'not a picture');
		await screen().says(/cannot be read: it is damaged, or neither JPEG nor PNG/);
		await file('Photograph file', 'notes.txt', 'text');
		await screen().says(/notes.txt is neither JPEG nor PNG/);
		expect((await wallOf(id)).photo).toBeUndefined();
	});
});
