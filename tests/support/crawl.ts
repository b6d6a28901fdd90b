import { expect } from 'vitest';
import type { Screen } from './screen';

/**
 * Presses everything there is on a page, as a new user would who is curious: each enabled control once, each field with something wrong and something
 * right, with the console open, and takes each change back.
 */

export interface Control {
	/** How to find it again. */
	index: number;
	words: string;
	kind: 'button' | 'tick' | 'choice' | 'field';
	/** What stands in a field. */
	value: string;
}

/** Everything that can be pressed or typed into, in and under the drawing, as it stands now. */
const CONTROLS = `
	const roots = [...document.querySelectorAll(arguments[0])];
	const all = roots.flatMap((r) => [...r.querySelectorAll('button, select, input, textarea, summary')]);
	window.__controls = all;
	return all.map((e, index) => {
		const label = e.labels?.[0]?.textContent ?? e.getAttribute('aria-label') ?? e.textContent ?? '';
		const seen = e.getClientRects().length > 0 && !e.disabled && !e.closest('[inert]') && getComputedStyle(e).visibility !== 'hidden';
		const kind = e.tagName === 'BUTTON' || e.tagName === 'SUMMARY' ? 'button' : e.type === 'checkbox' ? 'tick' : e.tagName === 'SELECT' ? 'choice' : e.type === 'file' ? 'file' : 'field';
		return seen && kind !== 'file' ? { index, words: label.trim().replace(/\\s+/g, ' ').slice(0, 60), kind, value: e.value ?? '' } : null;
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

/** Words that a page says only by a fault of ours. */
const NONSENSE = /\b(NaN|undefined|null|Infinity)\b|\[object /;

/** The places of a page that are pressed, and what is left out there. */
export interface Ground {
	/** Where the controls are, as a selector. */
	roots: string;
	/** Words of what is not pressed: it leaves the page, or its own tests press it. */
	leave: RegExp;
	/** Kept until done: what was pressed already. */
	done: Set<string>;
}

export class Crawl {
	constructor(private readonly screen: Screen) {}

	controls(roots: string): Promise<Control[]> {
		return this.screen.driver.executeScript<Control[]>(CONTROLS, roots);
	}

	use(c: Control, text = ''): Promise<boolean> {
		return this.screen.driver.executeScript<boolean>(USE, c.index, text);
	}

	/** A moment for the screen to answer. */
	settle(): Promise<void> {
		return this.screen.driver.executeAsyncScript(
			`const done = arguments[arguments.length - 1]; requestAnimationFrame(() => setTimeout(done, 15));`
		);
	}

	/** Takes back what can be taken back, at most so many steps. */
	async undo(most: number): Promise<void> {
		const step = `const b = [...document.querySelectorAll('header button')].find((x) => x.textContent.trim() === 'Undo'); if (!b || b.disabled) return false; b.click(); return true;`;
		for (let n = 0; n < most && (await this.screen.driver.executeScript<boolean>(step)); n++) await this.settle();
	}

	/** Nothing is logged, and the page says nothing that no user could read. */
	async sound(after: string): Promise<void> {
		expect(await this.screen.errors(), `logged ${after}`).toEqual([]);
		const words = await this.screen.driver.executeScript<string>('return document.body.innerText');
		expect(NONSENSE.exec(words)?.[0] ?? '', `said ${after}`).toBe('');
	}

	/**
	 * What can be pressed in a state of the screen and was not pressed in it before.
	 * @param reach brings the page to that state, again and again
	 * @param each after every press, with its number
	 * @returns how much was pressed
	 */
	async pressAll(
		{ roots, leave, done }: Ground,
		reach: () => Promise<void>,
		each: (n: number, words: string) => Promise<void>
	): Promise<number> {
		for (let pressed = 0; ; pressed++) {
			await reach();
			await this.settle();
			const next = (await this.controls(roots)).find((c) => !leave.test(c.words) && !done.has(`${c.kind} ${c.words}`));
			if (!next) return pressed;
			done.add(`${next.kind} ${next.words}`);
			if (next.kind === 'field') {
				// Something wrong, something that may be right, and what stood there: a figure that is refused stays as typed, so undo does not bring that back.
				for (const text of ['no such thing', '7', next.value]) {
					const again = (await this.controls(roots)).find((c) => c.kind === 'field' && c.words === next.words);
					if (again) await this.use(again, text);
					await this.settle();
					await this.sound(`after "${text}" in "${next.words}"`);
				}
			} else await this.use(next);
			await this.settle();
			await this.sound(`after ${next.kind} "${next.words}"`);
			await this.undo(12);
			await each(pressed + 1, next.words);
		}
	}
}
