import { expect } from 'vitest';
import type { Screen } from './screen';

/**
 * Presses everything there is on a page, as a new user would who is curious: each enabled control once, each field with
 * something wrong and something right, with the console open, and takes each change back.
 */

export interface Control {
	words: string;
	kind: 'button' | 'tick' | 'choice' | 'field';
	/** What stands in a field. */
	value: string;
}

/**
 * What stands in the page for all scripts below: which controls there are, how a hand uses one, and a moment for the
 * screen to answer.
 */
const IN_PAGE = `
	const wordsOf = (e) => (e.labels?.[0]?.textContent ?? e.getAttribute('aria-label') ?? e.textContent ?? '').trim().replace(/\\s+/g, ' ').slice(0, 60);
	const kindOf = (e) => e.tagName === 'BUTTON' || e.tagName === 'SUMMARY' ? 'button' : e.type === 'checkbox' ? 'tick' : e.tagName === 'SELECT' ? 'choice' : e.type === 'file' ? 'file' : 'field';
	const seen = (e) => e.getClientRects().length > 0 && !e.disabled && !e.closest('[inert]') && getComputedStyle(e).visibility !== 'hidden' && kindOf(e) !== 'file';
	const all = (roots) => [...document.querySelectorAll(roots)].flatMap((r) => [...r.querySelectorAll('button, select, input, textarea, summary')]).filter(seen);
	const settle = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 15)));
	const use = (e, text) => {
		if (e.tagName === 'SELECT') {
			e.selectedIndex = (e.selectedIndex + 1) % e.options.length;
			e.dispatchEvent(new Event('change', { bubbles: true }));
		} else if (text === null) e.click();
		else {
			e.focus();
			e.value = text;
			e.dispatchEvent(new Event('input', { bubbles: true }));
			e.dispatchEvent(new Event('change', { bubbles: true }));
			e.blur();
		}
	};
`;

/** Everything that can be pressed or typed into, in some places of the page, as it stands now. */
const CONTROLS = `${IN_PAGE}
	return all(arguments[0]).map((e) => ({ words: wordsOf(e), kind: kindOf(e), value: e.value ?? '' }));
`;

/** Uses the control of these words: presses it, or types each text into it. Gives what the page says then. */
const USE = `${IN_PAGE}
	const [roots, words, kind, texts, done] = arguments;
	(async () => {
		const said = [];
		for (const text of texts) {
			const e = all(roots).find((x) => kindOf(x) === kind && wordsOf(x) === words);
			if (e) use(e, text);
			await settle();
			said.push(document.body.innerText);
		}
		done(said.join('\\n'));
	})();
`;

/** Takes back what can be taken back, at most so many steps. */
const UNDO = `${IN_PAGE}
	const [most, done] = arguments;
	(async () => {
		for (let n = 0; n < most; n++) {
			const b = [...document.querySelectorAll('header button')].find((x) => x.textContent.trim() === 'Undo');
			if (!b || b.disabled) break;
			b.click();
			await new Promise((next) => setTimeout(next));
		}
		await settle();
		done();
	})();
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

	/** Runs what waits for the screen; nothing comes back where the page was left meanwhile. */
	private async waiting(script: string, ...given: unknown[]): Promise<string> {
		try {
			return (await this.screen.driver.executeAsyncScript<string | null>(script, ...given)) ?? '';
		} catch (error) {
			if (error instanceof Error && /unloaded|navigat|aborted/i.test(error.message)) return '';
			throw error;
		}
	}

	/** What the page says after a control was used. */
	private use(roots: string, c: Control): Promise<string> {
		// Something wrong, something that may be right, and what stood there: a figure that is refused stays as typed, so
		// undo does not bring that back.
		return this.waiting(USE, roots, c.words, c.kind, c.kind === 'field' ? ['no such thing', '7', c.value] : [null]);
	}

	/** A moment for the screen to answer. */
	async settle(): Promise<void> {
		await this.waiting(`${IN_PAGE} settle().then(arguments[arguments.length - 1]);`);
	}

	/** Takes back what can be taken back, at most so many steps. */
	async undo(most: number): Promise<void> {
		await this.waiting(UNDO, most);
	}

	/**
	 * What can be pressed in a state of the screen and was not pressed in it before. Nothing may be logged then, and
	 * nothing said that no user could read.
	 * @param reach brings the page to that state, again and again
	 * @param each after every press, with its number
	 * @returns how much was pressed
	 */
	async pressAll(
		{ roots, leave, done }: Ground,
		reach: () => Promise<void>,
		each: (n: number, words: string) => Promise<void>
	): Promise<number> {
		const look = async () =>
			(await this.controls(roots)).find((c) => !leave.test(c.words) && !done.has(`${c.kind} ${c.words}`));
		const afresh = async () => {
			await reach();
			await this.settle();
			return look();
		};
		// A button may lead somewhere else; what is typed, ticked or chosen is taken back where it stands.
		let mayBeAway = true;
		for (let pressed = 0; ; pressed++) {
			const next: Control | undefined = (mayBeAway ? null : await look()) ?? (await afresh());
			if (!next) return pressed;
			mayBeAway = next.kind === 'button';
			done.add(`${next.kind} ${next.words}`);
			const said = await this.use(roots, next);
			expect(await this.screen.errors(), `logged after ${next.kind} "${next.words}"`).toEqual([]);
			expect(NONSENSE.exec(said)?.[0] ?? '', `said after ${next.kind} "${next.words}"`).toBe('');
			await this.undo(12);
			await each(pressed + 1, next.words);
		}
	}
}
