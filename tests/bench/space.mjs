import { By, until } from 'selenium-webdriver';
import { send } from '../../scripts/lib/send.mjs';

/**
 * Turns a whole wall in space to and fro in a real browser: frames while it is dragged, once detail was dropped where
 * it fell behind.
 * @returns frames a second in the second half of the drag, and what detail is left
 */
export async function benchSpace(driver, url, plan) {
	const made = await send(`${url}/api/plans`, 'POST', plan);
	const { id } = await made.json();
	await driver.get(`${url}/walls/${id}/holders`);
	await driver.wait(until.elementLocated(By.xpath('//button[normalize-space()="In space"]')), 30_000).click();
	const canvas = await driver.wait(until.elementLocated(By.css('canvas')), 30_000);
	await driver.sleep(3000);
	await driver.executeScript(`
		window.frames = [];
		let last = performance.now();
		const tick = (now) => { window.frames.push(now - last); last = now; requestAnimationFrame(tick); };
		requestAnimationFrame(tick);`);
	const actions = driver.actions({ async: true }).move({ origin: canvas }).press();
	for (let i = 0; i < 160; i++)
		actions.move({
			origin: canvas,
			x: Math.round(60 * Math.sin(i / 6)),
			y: Math.round(20 * Math.sin(i / 9)),
			duration: 16
		});
	await actions.perform();
	const { frames, detail } = await driver.executeScript(
		`return { frames: window.frames, detail: document.querySelector('[data-detail]')?.dataset.detail ?? 'all' }`
	);
	await driver.actions({ async: true }).release().perform();
	const late = frames.slice(Math.floor(frames.length / 2)).sort((a, b) => a - b);
	return { frame: late[Math.floor(late.length * 0.9)] ?? Infinity, detail };
}
