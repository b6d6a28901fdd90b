import { By, Key } from 'selenium-webdriver';
import { afterEach, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import type { Plan } from '$core/plan/types';
import { useScreen } from '../support/running';
import { until } from '../support/server';

/** What is drawn can be told apart on the screen. Colours are held to their contrast in tests/unit/legible.test.ts. */
const kammer = useScreen();
const ask = <T>(script: string) => kammer.screen.driver.executeScript<T>(script);
const masonry = (material: 'brick' | 'block'): Plan => {
	const plan = emptyWall('Masonry');
	const plug = { diameter: 8, length: 50, load: 25 };
	return {
		...plan,
		wall: {
			...plan.wall,
			studs: [],
			build: { kind: 'masonry', material, thickness: 215, first: 100, pitch: 400, plug }
		}
	};
};

describe('the wall on the screen', () => {
	afterEach(() => ask(`localStorage.clear()`));

	it.each([
		['brick', 4],
		['block', 12]
	] as const)('shows %s in courses that the eye can part', async (material, least) => {
		await kammer.screen.openWall(masonry(material), 'wall');
		const courses = await until(
			async () =>
				(await ask<{ high: number; stroke: string; filled: number } | null>(`
				const pattern = document.querySelector('#courses');
				if (!pattern) return null;
				const k = document.querySelector('[data-wall]').getScreenCTM().a;
				return {
					high: (Number(pattern.getAttribute('height')) / 2) * k,
					stroke: getComputedStyle(pattern.querySelector('path')).stroke,
					filled: [...document.querySelectorAll('path')].filter((p) => p.getAttribute('fill') === 'url(#courses)').length
				};`)) ?? false,
			'courses'
		);
		expect(courses.high).toBeGreaterThan(least);
		expect(courses.stroke).toMatch(/^rgb/);
		expect(courses.filled).toBe(1);
	});

	it('rings what has the keyboard by as many pixels at any zoom', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		const ring = () =>
			ask<number>(`
				const e = document.querySelector('[data-holder=h2]');
				e.focus();
				const s = getComputedStyle(e);
				return s.outlineStyle === 'none' ? 0 : parseFloat(s.outlineWidth) * e.getScreenCTM().a;`);
		await kammer.screen.driver.findElement(By.css('svg[role=group]')).sendKeys(Key.TAB);
		for (const zoom of ['', 'Zoom in', 'Zoom in', 'Zoom in']) {
			if (zoom) await kammer.screen.click(By.css(`button[aria-label="${zoom}"]`));
			// Back to the keyboard, so that the ring is asked for.
			await kammer.screen.driver.findElement(By.css('svg[role=group]')).sendKeys(Key.TAB);
			const wide = await until(ring, 'a ring');
			expect(wide).toBeGreaterThan(2);
			expect(wide).toBeLessThan(4.5);
		}
	});

	it('is swept at round heights of the tape in hand', async () => {
		await kammer.screen.openWall(slipwayWall(), 'wall');
		await kammer.screen.part('Studs');
		const heights = async () => (await (await kammer.screen.field('Sweep at heights')).getAttribute('value')) ?? '';
		expect((await heights()).split(',').map((h) => Number(/^\s*(\d+)/.exec(h)?.[1] ?? 1) % 50)).toEqual([0, 0, 0, 0]);
		await kammer.screen.driver.findElement(By.xpath('//header//button[normalize-space()="inch"]')).click();
		await until(async () => /"/.test(await heights()), 'inches');
		expect((await heights()).split(',').map((h) => Number(/^\s*(\d+)"$/.exec(h)?.[1] ?? 1) % 2)).toEqual([0, 0, 0, 0]);
	});
});
