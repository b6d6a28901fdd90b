import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { useScreen } from '../support/running';
import { until } from '../support/server';

/** What the wall says where there is little room: words on the drawing, a phone, a sheet of paper. */
const kammer = useScreen();
/** As it would be printed, or as it is on the screen again. */
const media = (kind: 'print' | '') =>
	(kammer.screen.driver as unknown as { sendDevToolsCommand(c: string, p: object): Promise<void> }).sendDevToolsCommand(
		'Emulation.setEmulatedMedia',
		{ media: kind }
	);
const ask = <T>(script: string) => kammer.screen.driver.executeScript<T>(script);

/** Words, vials and tapes as they stand on the screen. */
const BOXES = `
	const of = (e) => { const b = e.getBoundingClientRect(); return { words: e.textContent, left: b.left, right: b.right, top: b.top, bottom: b.bottom }; };
	const layers = [...document.querySelectorAll('svg.layer')];
	return {
		words: layers.flatMap((l) => [...l.querySelectorAll(':scope > text')]).map(of),
		tapes: [...document.querySelectorAll('.tape > rect:first-of-type')].map(of),
	};
`;
interface Box {
	words: string;
	left: number;
	right: number;
	top: number;
	bottom: number;
}
const meet = (a: Box, b: Box) =>
	a.left < b.right - 1 && b.left < a.right - 1 && a.top < b.bottom - 4 && b.top < a.bottom - 4;

describe('words on the wall', () => {
	it('never stand on each other nor on the tapes, at any zoom, with a load path and all margins shown', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holds');
		await ask(
			`document.querySelector('[data-holder=h3]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
		);
		for (const zoom of ['', 'Zoom in', 'Zoom in', 'Zoom out', 'Zoom out', 'Zoom out']) {
			if (zoom) await kammer.screen.click(By.css(`button[aria-label="${zoom}"]`));
			const seen = await until(async () => {
				const now = await ask<{ words: Box[]; tapes: Box[] }>(BOXES);
				return now.words.length > 4 ? now : false;
			}, 'words on the wall');
			const pairs = seen.words.flatMap((a, i) =>
				[...seen.words.slice(i + 1), ...seen.tapes]
					.filter((b) => meet(a, b))
					.map((b) => `${a.words} on ${b.words || 'a tape'}`)
			);
			expect(pairs).toEqual([]);
		}
		const { words } = await ask<{ words: Box[] }>(BOXES);
		expect(words.map((w) => w.words)).toContain('Top row');
	});
});

describe('on paper', () => {
	it('nothing is picked, nothing is a field, and the date and the whole wall stand there', async () => {
		await kammer.screen.openWall(slipwayWall(), 'rows');
		await ask(
			`document.querySelector('[data-row=r2]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))`
		);
		await until(
			async () => (await ask<number>(`return document.querySelectorAll('[aria-pressed=true][data-row]').length`)) === 1,
			'the row to be picked'
		);
		await kammer.screen.click(By.css('button[aria-label="Zoom in"]'));
		await ask(`window.dispatchEvent(new Event('beforeprint'))`);
		await media('print');
		const paper = await ask<{
			picked: number;
			fields: number;
			words: string;
			wall: { left: number; right: number };
			frame: { left: number; right: number };
		}>(`
			const box = (e) => { const b = e.getBoundingClientRect(); return { left: b.left, right: b.right }; };
			return {
				picked: document.querySelectorAll('.drawing [aria-pressed=true], .drawing .throw').length,
				fields: [...document.querySelectorAll('input, select, textarea, .field')].filter((e) => e.getClientRects().length > 0).length,
				words: document.querySelector('.on-paper').textContent,
				wall: box(document.querySelector('[data-wall]')),
				frame: box(document.querySelector('.drawing svg'))
			};
		`);
		await media('');
		await ask(`window.dispatchEvent(new Event('afterprint'))`);
		expect(paper).toMatchObject({ picked: 0, fields: 0 });
		expect(paper.words).toContain(slipwayWall().name);
		expect(paper.words).toContain(String(new Date().getFullYear()));
		expect(paper.wall.left).toBeGreaterThan(paper.frame.left);
		expect(paper.wall.right).toBeLessThan(paper.frame.right);
		// Afterwards it is picked again.
		await until(
			async () => (await ask<number>(`return document.querySelectorAll('[aria-pressed=true][data-row]').length`)) === 1,
			'the row to be picked again'
		);
	});
});

describe('a list on paper', () => {
	// A piece drawn on its board is as long as it is: its name stands whole in the list of parts.
	it.each(['holders', 'cut'])('of %s has its names whole, however long', async (stage) => {
		const long = 'Rack for the long reach clamps that nobody finds in time';
		const plan = slipwayWall();
		plan.holders = plan.holders.map((h, i) => ({ ...h, name: `${long} ${i}` }));
		await kammer.screen.openWall(plan, stage);
		await until(
			async () => (await ask<string>('return document.querySelector(".strip").innerText')).includes(`${long} 1`),
			'the list'
		);
		await ask(`window.dispatchEvent(new Event('beforeprint'))`);
		await media('print');
		const cut = await ask<string[]>(`
			return [...document.querySelectorAll('main *, .strip *')].filter((e) => {
				const s = getComputedStyle(e);
				return e.getClientRects().length > 0 && e.textContent.trim() !== '' && s.overflowX === 'hidden' && (e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 1) && e.clientWidth > 1 && !e.closest('.lanes');
			}).map((e) => e.className + ': ' + e.textContent.trim().slice(0, 40));`);
		const said = await ask<string>('return document.body.innerText');
		await media('');
		await ask(`window.dispatchEvent(new Event('afterprint'))`);
		expect(cut).toEqual([]);
		expect(said).toContain(`${long} 1`);
	});
});

describe('on a phone', () => {
	it.each(['/', '/sums'])('the bar of %s is one line, and nothing runs past the edge', async (path) => {
		await kammer.screen.size(390, 844);
		await kammer.screen.driver.get(kammer.url + path);
		await kammer.screen.shape('header .tools button');
		expect(await ask<number>(`return document.querySelector('header').getBoundingClientRect().height`)).toBeLessThan(
			60
		);
		expect(await ask<number>('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(
			await ask<number>('return window.innerWidth')
		);
		await kammer.screen.size(1280, 800);
	});

	it('says in full what is not kept', async () => {
		await kammer.screen.size(390, 844);
		const chrome = kammer.screen.driver as unknown as {
			sendAndGetDevToolsCommand(name: string, parameters: object): Promise<{ identifier: string }>;
		};
		const source = `const real = window.fetch; window.fetch = (at, init) => init?.method === 'PUT' ? Promise.resolve(new Response('{}', { status: 500 })) : real(at, init);`;
		const { identifier } = await chrome.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source });
		await kammer.screen.openWall(slipwayWall(), 'wall');
		await chrome.sendAndGetDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
		await kammer.screen.type('Name', 'Not kept there');
		await kammer.screen.kept(/could not keep it/);
		const mark = await ask<{ cut: boolean; right: number }>(
			`const e = document.querySelector('.keep'); return { cut: e.scrollWidth > e.clientWidth + 1, right: e.getBoundingClientRect().right };`
		);
		expect(mark.cut).toBe(false);
		expect(mark.right).toBeLessThanOrEqual(390);
		await kammer.screen.size(1280, 800);
	});

	it('has a bar of one line, a band that shows where one is, and a table that counts and weighs', async () => {
		await kammer.screen.size(390, 844);
		await kammer.screen.openWall(slipwayWall(), 'cut');
		const box = (css: string) =>
			ask<{ left: number; right: number; height: number }>(
				`const b = document.querySelector('${css}').getBoundingClientRect(); return { left: b.left, right: b.right, height: b.height };`
			);
		const wide = await ask<number>('return window.innerWidth');
		expect((await box('.top header')).height).toBeLessThan(60);
		await until(async () => (await box('[data-stage=cut]')).right <= wide + 1, 'the band to show Cut and buy');
		await kammer.screen.button('More');
		await kammer.screen.click(By.xpath('//header//button[normalize-space()="inch"]'));
		await kammer.screen.click(By.xpath('//header//button[normalize-space()="mm"]'));
		// It goes away by a press elsewhere: it must not lie over the band.
		const rest = () => ask<number>(`return document.querySelector('header .rest').getClientRects().length`);
		expect(await rest()).toBe(1);
		await kammer.screen.click(By.css('aside h2'));
		expect(await rest()).toBe(0);
		await kammer.screen.stage('Stock-take');
		const heads = await until(async () => {
			const found = await ask<{ words: string; right: number }[]>(
				`return [...document.querySelectorAll('[role=columnheader]')].map((e) => ({ words: e.textContent.trim(), right: e.getBoundingClientRect().right }))`
			);
			return found.length > 3 ? found : false;
		}, 'the table');
		for (const word of ['Count', 'Weight'])
			expect(heads.find((h) => h.words.startsWith(word))?.right).toBeLessThanOrEqual(wide);
		expect(await ask<number>('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(wide);
		await kammer.screen.size(1280, 800);
	});
});
