import { By } from 'selenium-webdriver';
import { afterEach, describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import type { Plan } from '$core/plan/types';
import { Crawl } from '../support/crawl';
import { useScreen } from '../support/running';
import { until } from '../support/server';

/**
 * Presses everything: every enabled control of every stage and panel at least once, with the console open, and takes
 * each change back. Fields are given something wrong and something right. What goes somewhere else (links out, files,
 * other instruments) is left to its own tests.
 */
const kammer = useScreen();

/** Leave the page, open a file chooser, print, wait for instruments, or go on for a while (holders.test.ts). */
const ELSEWHERE =
	/^(place all|Export|Save|Print|Import|Make a sheet|Open|Bring|Read|Download|Use a|Survey sheet|Take up|Quick sums|Kammer|Undo|Redo|Dark|Light|inch|mm)/;

const ROOTS = 'aside, .strip, .nowhere, .switch';
const kept = async (id: string) => {
	await kammer.screen.driver.wait(
		async () =>
			/^kept$/.test(
				await kammer.screen.driver.executeScript<string>(
					`return document.querySelector('.keep')?.textContent.trim() ?? ''`
				)
			),
		20_000
	);
	return (await kammer.screen.stored(id)).plan;
};
const pick = (selector: string) =>
	kammer.screen.driver.executeScript(
		`document.querySelector('${selector}')?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
	);

/** The room in space is drawn anew for every change: once it was pressed, the rest goes on in the first view. */
const OUT_OF_SPACE = `
	const space = [...document.querySelectorAll('.switch [aria-pressed=true]')].find((b) => b.textContent.trim() === 'In space');
	space?.parentElement.querySelector('button').click();
`;

/** Every state of a stage: nothing picked, and one of each kind picked. */
const STAGES: { stage: string; picks: (string | null)[]; parts?: string[] }[] = [
	{
		stage: 'wall',
		picks: [null, '[data-stud]', '[data-obstruction]'],
		parts: ['Build', 'Studs', 'In the way', 'Room', 'Levels']
	},
	{ stage: 'rows', picks: [null, '[data-row]'] },
	{ stage: 'holders', picks: [null, '[data-holder]'] },
	{ stage: 'holds', picks: [null, '[data-holder]', '[data-row]'] },
	{ stage: 'cut', picks: [null] }
];

async function crawl(make: () => Plan, width: number): Promise<number> {
	await kammer.screen.size(width, 800);
	const at = new Crawl(kammer.screen);
	let pressed = 0;
	for (const { stage, picks, parts = [''] } of STAGES) {
		const plan = make();
		const id = await kammer.screen.openWall(plan, stage);
		const ground = { roots: ROOTS, leave: ELSEWHERE, done: new Set<string>() };
		for (const part of parts) {
			for (const selector of picks) {
				if (selector && part !== parts[0]) continue;
				const reach = async () => {
					await kammer.screen.driver
						.executeScript(
							`document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));`
						)
						.catch(() => undefined);
					if (!new URL(await kammer.screen.driver.getCurrentUrl()).pathname.endsWith(`/${id}/${stage}`))
						await kammer.screen.go(`/walls/${id}/${stage}`);
					await kammer.screen.driver.executeScript(OUT_OF_SPACE);
					if (part)
						await kammer.screen.driver.executeScript(
							`[...document.querySelectorAll('nav[aria-label="Parts of the survey"] button')].find((b) => b.textContent.trim() === '${part}')?.click()`
						);
					if (selector) await pick(selector);
				};
				pressed += await at.pressAll(ground, reach, async (n, words) => {
					if (n % 15 === 0) expect(await kept(id), `undo after "${words}"`).toEqual(plan);
				});
			}
		}
		await at.undo(200);
		expect(await kept(id), `undo on ${stage}`).toEqual(plan);
		await kammer.screen.mayLeave();
	}
	return pressed;
}

describe('every control', () => {
	afterEach(() => kammer.screen.size(1280, 800));

	it.each([
		['the long wall', slipwayWall, 1280, 150],
		['an empty wall', () => emptyWall('Empty'), 1280, 60],
		['the oar store on a phone', oarStoreWall, 390, 100]
	] as const)(
		'of %s does what it can, logs nothing, and is taken back by undo',
		async (_, make, width, least) => {
			expect(await crawl(make, width)).toBeGreaterThan(least);
		},
		600_000
	);

	it('that deletes does delete, and undo brings back what went', async () => {
		const plan = slipwayWall();
		const id = await kammer.screen.openWall(plan, 'rows');
		const gone = async (selector: string, words: RegExp, still: (p: Plan) => number) => {
			const before = still(plan);
			await pick(selector);
			await kammer.screen.click(By.xpath(`//aside//button[contains(., "${words.source}")]`));
			await until(async () => still((await kammer.screen.stored(id)).plan) === before - 1, `${words} to be done`);
			await kammer.screen.button('Undo');
			await until(async () => still((await kammer.screen.stored(id)).plan) === before, `${words} to be taken back`);
			expect(await kept(id)).toEqual(plan);
			expect(await kammer.screen.errors()).toEqual([]);
		};
		await gone('[data-row=r2]', /Delete row/, (p) => p.rows.length);
		await kammer.screen.stage('Holders');
		await gone('[data-holder=h2]', /Delete holder/, (p) => p.holders.length);
		await kammer.screen.stage('Wall');
		await gone('[data-stud]', /Delete stud/, (p) => p.wall.studs.length);
		await gone('[data-obstruction]', /Delete/, (p) => p.wall.obstructions.length);
	});
});
