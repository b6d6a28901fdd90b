import { By, Key, until } from 'selenium-webdriver';
import { send } from '../../scripts/lib/send.mjs';

/** Sorts and filters a table of so many things in a real browser, and gives the longest task. */
export async function benchTable(driver, url, count) {
	const { revision } = await (await fetch(`${url}/api/shops/main`)).json();
	const item = (i) => ({
		id: `b${i}`,
		name: `Thing ${(i * 7919) % count}`,
		group: `group ${i % 50}`,
		count: 1 + (i % 9),
		width: 20 + (i % 300),
		height: 100 + (i % 900),
		depth: 30,
		mass: 0.1 + ((i * 31) % 977) / 100,
		grip: 'slot',
		dims: { bar: 6, head: 40 },
		use: 'daily',
		where: `bench ${i % 12}`,
		notes: '',
		state: 'to-place',
		charger: false,
		cord: null,
		plugWidth: null,
		plugHeight: null,
		cover: false,
		carried: false,
		finish: '',
		hidden: false,
		typical: i % 3 ? [] : ['mass']
	});
	const changes = Array.from({ length: count }, (_, i) => ({ list: 'things', id: `b${i}`, item: item(i) }));
	const answer = await send(`${url}/api/shops/main`, 'PATCH', { revision, changes });
	if (!answer.ok) throw new Error(await answer.text());
	await driver.get(`${url}/shop/main`);
	await driver.wait(until.elementLocated(By.css('[role=grid] [role=gridcell]')), 30_000);
	// The write of all these things has come to rest by then: it is not what is measured.
	await driver.sleep(5000);
	await driver.executeScript(
		'window.tasks = []; new PerformanceObserver((l) => l.getEntries().forEach((e) => window.tasks.push(e.duration))).observe({ entryTypes: ["longtask"] });'
	);
	for (const head of ['Weight', 'Name', 'Group', 'Name']) {
		await driver
			.findElement(By.xpath(`//span[@role="columnheader"]/button[starts-with(normalize-space(), "${head}")]`))
			.click();
		await driver.sleep(250);
	}
	const find = await driver.findElement(By.css('input[aria-label="Find in the list"]'));
	for (const key of ['t', 'h', 'i', 'n', 'g', ' ', '4', '2', Key.BACK_SPACE, Key.BACK_SPACE]) {
		await find.sendKeys(key);
		await driver.sleep(120);
	}
	const tasks = await driver.executeScript('return window.tasks');
	return { longest: tasks.length === 0 ? 0 : Math.max(...tasks), over: tasks.length };
}
