import type { LengthUnit } from '$core/units/parse-length';

/** There is a page; on the server, and in a test, there is none. */
const page = typeof document !== 'undefined';

type Theme = 'light' | 'dark';

/** What this device remembers under a key; null where storage is closed. */
export const recall = (key: string) => {
	try {
		return page ? localStorage.getItem(key) : null;
	} catch {
		return null;
	}
};
/** Remembers something on this device. */
export const store = (key: string, value: string) => {
	try {
		localStorage.setItem(key, value);
	} catch {
		// Storage may be closed; the choice then lasts as long as the page.
	}
};

/** What one person prefers on this device: the tape's unit and the light. Not part of any plan. */
class Preferences {
	unit = $state<LengthUnit>(recall('kammer-unit') === 'inch' ? 'inch' : 'mm');
	theme = $state<Theme>(page && document.documentElement.classList.contains('dark') ? 'dark' : 'light');

	setUnit(unit: LengthUnit): void {
		this.unit = unit;
		store('kammer-unit', unit);
	}

	setTheme(theme: Theme): void {
		this.theme = theme;
		document.documentElement.classList.toggle('dark', theme === 'dark');
		store('kammer-theme', theme);
	}
}

export const preferences = new Preferences();
