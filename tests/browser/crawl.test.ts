import { By } from 'selenium-webdriver';
import { afterEach, describe, expect, it } from 'vitest';
import { emptyWall, oarStoreWall, slipwayWall } from '$core/demo/slipway';
import type { Plan } from '$core/plan/types';
import { useScreen } from '../support/running';
import { until } from '../support/server';

/**
 * Presses everything: every enabled control of every stage and panel at least once, with the console open, and takes each change back. Fields are given
 * something wrong and something right. What goes somewhere else (links out, files, other instruments) is left to its own tests.
 */
const kammer = useScreen();

/** Leave the page, open a file chooser, print, or wait for instruments. */
const ELSEWHERE =
	/^(Export|Save|Print|Import|Make a sheet|Open|Delete for good|Bring|Read|Download|Use a|Survey sheet|Take up|Quick sums|Kammer|Undo|Redo|Dark|Light|inch|mm)/;

interface Control {
	/** How to find it again. */
	index: number;
	words: string;
	kind: 'button' | 'tick' | 'choice' | 'field';
}

/** Everything that can be pressed or typed into, in and under the drawing, as it stands now. */
const CONTROLS = `
	const roots = [...document.querySelectorAll('aside, .strip')];
	const all = roots.flatMap((r) => [...r.querySelectorAll('button, select, input, textarea, summary')]);
	window.__controls = all;
	return all.map((e, index) => {
		const label = e.labels?.[0]?.textContent ?? e.getAttribute('aria-label') ?? e.textContent ?? '';
		const seen = e.getClientRects().length > 0 && !e.disabled && !e.closest('[inert]') && getComputedStyle(e).visibility !== 'hidden';
		const kind = e.tagName === 'BUTTON' || e.tagName === 'SUMMARY' ? 'button' : e.type === 'checkbox' ? 'tick' : e.tagName === 'SELECT' ? 'choice' : e.type === 'file' ? 'file' : 'field';
		return seen && kind !== 'file' ? { index, words: label.trim().replace(/\\s+/g, ' ').slice(0, 60), kind } : null;
	}).filter((c) => c !== null);
`;

/** Presses or changes one control, as a hand would, but without waiting for a pointer. */
const USE = `
	const [index, text] = arguments;
	const e = window.__controls[index];
	if (!e?.isConnected) return false;
	if (e.tagName === 'SELECT') {
		e.selectedIndex = (e.selectedIndex + 1) % e.options.length;
		e.dispatchEvent(new Event('change', { bubbles: true }));
	} else if (e.tagName === 'BUTTON' || e.tagName === 'SUMMARY' || e.type === 'checkbox') e.click();
	else {
		e.focus();
		e.value = text;
		e.dispatchEvent(new Event('input', { bubbles: true }));
		e.dispatchEvent(new Event('change', { bubbles: true }));
		e.blur();
	}
	return true;
`;

const controls = () => kammer.screen.driver.executeScript<Control[]>(CONTROLS);
const use = (c: Control, text = '') => kammer.screen.driver.executeScript<boolean>(USE, c.index, text);
const undos = () =>
	kammer.screen.driver.executeScript<boolean>(
		`const b = [...document.querySelectorAll('header button')].find((x) => x.textContent.trim() === 'Undo'); if (!b || b.disabled) return false; b.click(); return true;`
	);
const kept = async (id: string) => {
	await kammer.screen.driver.wait(
		async () =>
			/^kept$/.test(await kammer.screen.driver.executeScript<string>(`return document.querySelector('.keep')?.textContent.trim() ?? ''`)),
		20_000
	);
	return (await kammer.screen.stored(id)).plan;
};
/** A moment for the screen to answer. */
const settle = () =>
	kammer.screen.driver.executeAsyncScript(
		`const done = arguments[arguments.length - 1]; requestAnimationFrame(() => setTimeout(done, 15));`
	);
const pick = (selector: string) =>
	kammer.screen.driver.executeScript(
		`document.querySelector('${selector}')?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
	);

/** What to press in a state of the screen: everything whose words were not pressed there before. */
async function pressAll(id: string, plan: Plan, reach: () => Promise<void>, done: Set<string>): Promise<number> {
	let pressed = 0;
	for (;;) {
		await reach();
		await settle();
		const next = (await controls()).find((c) => !ELSEWHERE.test(c.words) && !done.has(`${c.kind} ${c.words}`));
		if (!next) return pressed;
		done.add(`${next.kind} ${next.words}`);
		if (next.kind === 'field') {
			await use(next, 'no such thing');
			await settle();
			const again = (await controls()).find((c) => c.kind === 'field' && c.words === next.words);
			if (again) await use(again, '7');
		} else await use(next);
		pressed++;
		await settle();
		for (let n = 0; n < 12 && (await undos()); n++) await settle();
		const errors = await kammer.screen.errors();
		expect(errors, `after ${next.kind} "${next.words}"`).toEqual([]);
		if (pressed % 15 === 0) expect(await kept(id), `undo after "${next.words}"`).toEqual(plan);
	}
}

/** Every state of a stage: nothing picked, and one of each kind picked. */
const STAGES: { stage: string; picks: (string | null)[]; parts?: string[] }[] = [
	{ stage: 'wall', picks: [null, '[data-stud]', '[data-obstruction]'], parts: ['Build', 'Studs', 'In the way', 'Room', 'Levels'] },
	{ stage: 'rows', picks: [null, '[data-row]'] },
	{ stage: 'holders', picks: [null, '[data-holder]'] },
	{ stage: 'holds', picks: [null, '[data-holder]', '[data-row]'] },
	{ stage: 'cut', picks: [null] }
];

async function crawl(make: () => Plan, width: number): Promise<number> {
	await kammer.screen.size(width, 800);
	let pressed = 0;
	for (const { stage, picks, parts = [''] } of STAGES) {
		const plan = make();
		const id = await kammer.screen.openWall(plan, stage);
		const done = new Set<string>();
		for (const part of parts) {
			for (const selector of picks) {
				if (selector && part !== parts[0]) continue;
				const reach = async () => {
					await kammer.screen.driver
						.executeScript(`document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));`)
						.catch(() => undefined);
					if (!new URL(await kammer.screen.driver.getCurrentUrl()).pathname.endsWith(`/${id}/${stage}`))
						await kammer.screen.go(`/walls/${id}/${stage}`);
					if (part)
						await kammer.screen.driver.executeScript(
							`[...document.querySelectorAll('nav[aria-label="Parts of the survey"] button')].find((b) => b.textContent.trim() === '${part}')?.click()`
						);
					if (selector) await pick(selector);
				};
				pressed += await pressAll(id, plan, reach, done);
			}
		}
		for (let n = 0; n < 200 && (await undos()); n++) await settle();
		expect(await kept(id), `undo on ${stage}`).toEqual(plan);
	}
	return pressed;
}

describe('every control', () => {
	afterEach(() => kammer.screen.size(1280, 800));

	it.each([
		['the long wall', slipwayWall, 1280, 150],
		['the oar store', oarStoreWall, 1280, 100],
		['an empty wall', () => emptyWall('Empty'), 1280, 60],
		['the long wall on a phone', slipwayWall, 390, 150]
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
