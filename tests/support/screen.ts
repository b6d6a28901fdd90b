import { By, Key, until as driverUntil, type WebDriver, type WebElement } from 'selenium-webdriver';
import { openBrowser } from '../../scripts/lib/browser.mjs';
import type { Plan } from '$core/plan/types';
import { until } from './server';
import { send } from '../../scripts/lib/send.mjs';

export interface Browser {
	driver: WebDriver;
	close(): Promise<void>;
}

export const browser = (options: { width?: number; height?: number; downloads?: string } = {}): Promise<Browser> =>
	openBrowser(options) as Promise<Browser>;

/** The real screen, told in the words of its users. */
export class Screen {
	constructor(
		readonly driver: WebDriver,
		readonly url: string
	) {}

	/** Makes a wall of a plan through the server and opens it. */
	async openWall(plan: Plan, stage: string): Promise<string> {
		const response = await send(`${this.url}/api/plans`, 'POST', plan);
		if (!response.ok) throw new Error(`The plan was refused: ${await response.text()}`);
		const { id } = (await response.json()) as { id: string };
		await this.go(`/walls/${id}/${stage}`);
		return id;
	}

	async go(path: string): Promise<void> {
		await this.driver.get(this.url + path);
		await this.ready();
	}

	/** Waits until the page would let itself be left without asking: all that was done is kept, the shop's too. */
	async mayLeave(): Promise<void> {
		await until(
			() =>
				this.driver.executeScript<boolean>(
					`return window.dispatchEvent(new Event('beforeunload', { cancelable: true }))`
				),
			'all of it to be kept'
		);
	}

	async ready(): Promise<void> {
		await this.driver.wait(driverUntil.elementLocated(By.css('svg[role=group]')), 20_000);
	}

	async stage(title: string): Promise<void> {
		await this.click(By.xpath(`//nav//b[text()="${title}"]`));
	}

	/** A part of the survey, on the stage of the wall. */
	async part(title: string): Promise<void> {
		await this.click(By.xpath(`//nav[@aria-label="Parts of the survey"]//button[normalize-space()="${title}"]`));
	}

	async click(by: By): Promise<void> {
		// What comes in idle moments may move it between looking and pressing: a hand presses again, and so does this.
		for (let left = 3; ; left--) {
			const element = await this.driver.wait(driverUntil.elementLocated(by), 10_000);
			await this.driver.executeScript('arguments[0].scrollIntoView({block:"center"})', element);
			try {
				return await element.click();
			} catch (e) {
				const moved = e instanceof Error && e.name === 'ElementClickInterceptedError';
				if (!moved || left === 0) throw e;
			}
		}
	}

	button(text: string): Promise<void> {
		return this.click(By.xpath(`//button[normalize-space()="${text}"]`));
	}

	async slip(where: By = By.css('aside')): Promise<string> {
		return this.driver.findElement(where).getText();
	}

	/** Waits for words on the slip, or in another part of the page. */
	async says(words: RegExp, where?: By): Promise<string> {
		const said = () => this.slip(where).catch(() => '');
		return until(
			async () => {
				const text = await said();
				return words.test(text) ? text : false;
			},
			`${words} on the slip, which says: ${(await said()).slice(0, 600)}`
		);
	}

	async kept(words = /^kept$/): Promise<void> {
		await until(
			async () => words.test(await this.driver.findElement(By.css('.keep')).getText()),
			`the saved mark to say ${words}`
		);
	}

	/** The field with this label. */
	async field(label: string): Promise<WebElement> {
		const found = await this.driver.wait(
			driverUntil.elementLocated(By.xpath(`//label[normalize-space()="${label}"]`)),
			10_000
		);
		return this.driver.findElement(By.id((await found.getAttribute('for')) ?? ''));
	}

	/** Takes one of a list by its words. */
	async choose(label: string, name: string): Promise<void> {
		const field = await this.field(label);
		await this.driver.executeScript('arguments[0].scrollIntoView({block:"center"})', field);
		await field.findElement(By.xpath(`.//option[normalize-space(.)="${name}"]`)).click();
	}

	async type(label: string, text: string): Promise<void> {
		const field = await this.field(label);
		await this.driver.executeScript('arguments[0].scrollIntoView({block:"center"})', field);
		await field.click();
		await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.TAB);
	}

	shape(selector: string): Promise<WebElement> {
		return this.driver.wait(driverUntil.elementLocated(By.css(selector)), 10_000) as Promise<WebElement>;
	}

	/** Middle of a thing on the drawing, in page pixels. */
	async middle(selector: string): Promise<{ x: number; y: number }> {
		const element = await this.shape(selector);
		return this.driver.executeScript(
			'const b = (arguments[0].querySelector("rect") ?? arguments[0]).getBoundingClientRect(); return { x: b.x + b.width / 2, y: b.y + b.height / 2 };',
			element
		);
	}

	/** Drags from one page place to another with the pointer, in steps as a hand would. */
	async drag(from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
		const actions = this.driver.actions({ async: true, bridge: true } as never);
		let chain = actions.move({ x: Math.round(from.x), y: Math.round(from.y) }).press();
		for (let i = 1; i <= 6; i++) {
			chain = chain.move({
				x: Math.round(from.x + ((to.x - from.x) * i) / 6),
				y: Math.round(from.y + ((to.y - from.y) * i) / 6),
				duration: 30
			});
		}
		await chain.pause(80).release().perform();
	}

	/** Makes the page this large, as a phone or a desk would show it. */
	async size(width: number, height: number): Promise<void> {
		const chrome = this.driver as WebDriver & { sendDevToolsCommand(name: string, parameters: object): Promise<void> };
		await chrome.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
			width,
			height,
			deviceScaleFactor: 1,
			mobile: width < 700
		});
	}

	/** What the server holds of a wall. */
	async stored(id: string): Promise<{ plan: Plan; revision: number }> {
		return (await fetch(`${this.url}/api/plans/${id}`)).json() as Promise<{ plan: Plan; revision: number }>;
	}

	/** Errors the page logged. Answers of 4xx and 5xx that a test provokes are not counted. */
	async errors(): Promise<string[]> {
		const logs = await this.driver.manage().logs().get('browser');
		return logs
			.filter((l) => l.level.name === 'SEVERE' && !/status of (4|5)\d\d|net::ERR/.test(l.message))
			.map((l) => l.message);
	}

	/** Every address the page has loaded from. */
	async origins(): Promise<string[]> {
		return this.driver.executeScript(
			'return [...new Set(performance.getEntriesByType("resource").map((e) => new URL(e.name).origin))]'
		);
	}
}
