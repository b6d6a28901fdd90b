import type { Verdict } from '$core/verdict/check';

/** Where the bubble stands from the vial's middle; none when nothing can be judged, or nothing hangs. */
const BUBBLE: Record<Verdict, number | null> = {
	holds: 0,
	close: 6.5,
	'does-not-hold': 12,
	'cannot-be-judged': null,
	'cannot-be-built': 12,
	unloaded: null
};

/** Size of a vial with its line, px. */
export const VIAL = { width: 36, height: 14 };

/** Glass and lines of a vial about its middle, as a path. @param s its size, 1 is whole */
export function vialGlass(x: number, y: number, s = 1): string {
	return `M${x - 11 * s} ${y - 6 * s}h${22 * s}a${6 * s} ${6 * s} 0 0 1 0 ${12 * s}h${-22 * s}a${6 * s} ${6 * s} 0 0 1 0 ${-12 * s}zM${x - 5 * s} ${y - 5.5 * s}v${11 * s}M${x + 5 * s} ${y - 5.5 * s}v${11 * s}`;
}

/** Its bubble, as a path; empty when nothing can be judged. */
export function vialBubble(verdict: Verdict, x: number, y: number, s = 1): string {
	const at = BUBBLE[verdict];
	return at === null
		? ''
		: `M${x + (at - 4) * s} ${y}a${4 * s} ${4 * s} 0 1 0 ${8 * s} 0a${4 * s} ${4 * s} 0 1 0 ${-8 * s} 0z`;
}

/** What cannot be built is struck through. */
export function vialStroke(verdict: Verdict, x: number, y: number, s = 1): string {
	return verdict === 'cannot-be-built' ? `M${x - 17 * s} ${y + 8 * s}L${x + 17 * s} ${y - 8 * s}` : '';
}
