import { By, until } from 'selenium-webdriver';
import { send } from '../../scripts/lib/send.mjs';

/**
 * Drags one rack to and fro on a wall of 300 in a real browser, on one stage of the work, and gives the longest task
 * and the frames.
 */
export async function benchDragging(driver, url, plan, stage = 'holders') {
	const made = await send(`${url}/api/plans`, 'POST', plan);
	const { id } = await made.json();
	await driver.get(`${url}/walls/${id}/${stage}`);
	await driver.wait(until.elementLocated(By.css('[data-holder=h150]')), 30_000);
	await driver.sleep(1500);
	const at = await driver.executeScript(
		'const b = document.querySelector("[data-holder=h150] rect").getBoundingClientRect(); return { x: Math.round(b.x + b.width / 2), y: Math.round(b.y + b.height / 2) };'
	);
	await driver.executeScript(`
		window.tasks = [];
		window.frames = [];
		new PerformanceObserver((list) => list.getEntries().forEach((e) => window.tasks.push(e.duration))).observe({ entryTypes: ['longtask'] });
		let last = performance.now();
		const tick = (now) => { window.frames.push(now - last); last = now; requestAnimationFrame(tick); };
		requestAnimationFrame(tick);`);
	const actions = driver.actions({ async: true }).move(at).press();
	for (let i = 0; i < 60; i++)
		actions.move({
			x: at.x + Math.round(40 * Math.sin(i / 5)),
			y: at.y + Math.round(60 * Math.sin(i / 9)),
			duration: 16
		});
	await actions.perform();
	const tasks = await driver.executeScript('return window.tasks');
	const frames = await driver.executeScript('return window.frames');
	await driver.actions({ async: true }).release().perform();
	frames.sort((a, b) => a - b);
	return {
		longest: tasks.length === 0 ? 0 : Math.max(...tasks),
		over: tasks.length,
		frame: frames[Math.floor(frames.length * 0.95)] ?? 0,
		frames: frames.length
	};
}
