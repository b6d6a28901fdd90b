import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, until } from 'selenium-webdriver';
import { send } from '../../scripts/lib/send.mjs';

const WATCH =
	'window.tasks = []; new PerformanceObserver((l) => l.getEntries().forEach((e) => window.tasks.push(e.duration))).observe({ entryTypes: ["longtask"] });';
const longest = async (driver) => Math.max(0, ...(await driver.executeScript('return window.tasks')));

/**
 * Ten sweeps of 2000 samples brought in and read, and a photograph of 12 megapixels straightened, in a real browser:
 * the longest task of each.
 */
export async function benchSurvey(driver, url, plan) {
	const folder = mkdtempSync(join(tmpdir(), 'kammer-bench-'));
	const made = await send(`${url}/api/plans`, 'POST', plan);
	const { id } = await made.json();
	const part = async (name) =>
		driver
			.findElement(By.xpath(`//nav[@aria-label="Parts of the survey"]//button[normalize-space()="${name}"]`))
			.click();
	const bump = (x, at) => 1 / (1 + Math.exp(-(x - at + 19) / 5)) - 1 / (1 + Math.exp(-(x - at - 19) / 5));
	const noise = (i) => (((i * 7919) % 101) / 101 - 0.5) * 0.1;
	const lines = Array.from({ length: 10 }, (_, t) =>
		Array.from({ length: 2000 }, (_, i) => {
			const x = i * 2.5;
			const d =
				0.3 +
				[200, 600, 1000, 1400, 1800, 2200, 2600, 3000, 3400, 3800, 4200, 4600].reduce(
					(sum, at) => sum + bump(x, at),
					0
				) +
				noise(i * 10 + t);
			return `${200 + t * 200},${x},${d.toFixed(3)},0,0`;
		}).join('\n')
	);
	writeFileSync(join(folder, 'sweeps.csv'), `height,x,density,metal,mains\n${lines.join('\n')}\n`);
	await driver.get(`${url}/walls/${id}/wall`);
	await driver.wait(until.elementLocated(By.css('svg[role=group]')), 30_000);
	await part('Studs');
	await driver.sleep(1500);
	await driver.executeScript(WATCH);
	await driver.findElement(By.css('input[aria-label="Sweeps file"]')).sendKeys(join(folder, 'sweeps.csv'));
	await driver.wait(until.elementLocated(By.xpath('//button[starts-with(normalize-space(), "Take ")]')), 30_000);
	await driver.sleep(500);
	const scan = await longest(driver);

	const picture = await driver.executeScript(
		'const c = document.createElement("canvas"); c.width = 4000; c.height = 3000; const x = c.getContext("2d"); for (let i = 0; i < 400; i++) { x.fillStyle = `hsl(${i} 60% 50%)`; x.fillRect((i % 20) * 200, Math.floor(i / 20) * 150, 190, 140); } return c.toDataURL("image/jpeg", 0.9).split(",")[1];'
	);
	writeFileSync(join(folder, 'wall.jpg'), Buffer.from(picture, 'base64'));
	await part('Photo');
	await driver.sleep(1000);
	await driver.executeScript(WATCH);
	await driver.findElement(By.css('input[aria-label="Photograph file"]')).sendKeys(join(folder, 'wall.jpg'));
	await (
		await driver.wait(until.elementLocated(By.xpath('//button[normalize-space()="Straighten it"]')), 30_000)
	).click();
	await driver.wait(until.elementLocated(By.xpath('//label[normalize-space()="Opacity"]')), 30_000);
	await driver.sleep(500);
	const photo = await longest(driver);
	rmSync(folder, { recursive: true, force: true });
	return { scan, photo };
}
