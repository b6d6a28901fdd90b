import { flushSync } from 'svelte';

/** Whether the page is laid out for paper just now, and when that was. */
class Paper {
	on = $state(false);
	at = $state(new Date());

	/** Follows the browser's own printing, by button or key. @returns what ends it */
	follow(): () => void {
		// The browser lays the page out right after this event: what depends on it is drawn before it ends.
		const begin = () => flushSync(() => ((this.on = true), (this.at = new Date())));
		const end = () => (this.on = false);
		addEventListener('beforeprint', begin);
		addEventListener('afterprint', end);
		return () => {
			removeEventListener('beforeprint', begin);
			removeEventListener('afterprint', end);
		};
	}
}

export const paper = new Paper();
