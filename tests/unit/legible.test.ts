import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/**
 * What is drawn and written can be told from what it stands on, in the light and in the dark.
 * Source: WCAG 2.2, relative luminance and contrast ratio; 1.4.3 asks 4.5 of words, 1.4.11 asks 3 of lines one must
 * see.
 */
const css = readFileSync('src/app.css', 'utf8');
const coloursOf = (block: string) =>
	Object.fromEntries([...block.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map(([, name, hex]) => [name, hex]));
const light = coloursOf(/:root \{([^}]*)\}/.exec(css)?.[1] ?? '');
const dark = { ...light, ...coloursOf(/\.dark \{([^}]*)\}/.exec(css)?.[1] ?? '') };

function luminance(hex: string): number {
	const part = (at: number) => {
		const c = parseInt(hex.slice(at, at + 2), 16) / 255;
		return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
	};
	return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5);
}
function contrast(a: string, b: string): number {
	const [low, high] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
	return (high + 0.05) / (low + 0.05);
}

const WORDS: [string, string[]][] = [
	['ink', ['paper', 'sheet', 'wall', 'pine', 'ply']],
	['pencil', ['paper', 'sheet', 'wall']],
	['tape-ink', ['tape']],
	['tape-red', ['tape']],
	['reading', ['tape']],
	...['holds', 'close', 'does-not-hold', 'cannot-be-judged', 'cannot-be-built', 'unloaded'].map(
		(v): [string, string[]] => [v, ['paper', 'sheet']]
	)
];
const LINES: [string, string[]][] = [
	['stud-line', ['wall', 'stud']],
	['pine-edge', ['wall']],
	['ply-edge', ['wall', 'paper']],
	['cut-line', ['pine', 'ply']],
	// A ring about what has the keyboard: on the wall, on paper, about wood.
	['chalk', ['paper', 'sheet', 'wall', 'stud']]
];

describe.each([
	['light', light],
	['dark', dark]
])('in the %s', (_, colours) => {
	it('contrast is what the standard says of black on white and of one grey', () => {
		expect(contrast('#000000', '#ffffff')).toBe(21);
		// #767676 on white: 4.54, the grey that just passes, from memory.
		expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
	});
	it.each(WORDS)('words of %s can be read', (name, grounds) => {
		for (const ground of grounds)
			expect(
				contrast(colours[name] as string, colours[ground] as string),
				`${name} on ${ground}`
			).toBeGreaterThanOrEqual(4.5);
	});
	it.each(LINES)('lines of %s can be seen', (name, grounds) => {
		for (const ground of grounds)
			expect(
				contrast(colours[name] as string, colours[ground] as string),
				`${name} on ${ground}`
			).toBeGreaterThanOrEqual(3);
	});
});
