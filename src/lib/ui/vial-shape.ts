import type { Verdict } from '$core/loads/check';

/** Where the bubble stands from the vial's middle; none when nothing can be judged. */
const BUBBLE: Record<Verdict, number | null> = { holds: 0, close: 6.5, 'does-not-hold': 12, 'cannot-be-judged': null, 'cannot-be-built': 12, unloaded: null };

/** Size of a vial with its line, px. */
export const VIAL = { width: 36, height: 14 };

/** Glass and lines of a vial about its middle, as a path. */
export function vialGlass(x: number, y: number): string {
	return `M${x - 11} ${y - 6}h22a6 6 0 0 1 0 12h-22a6 6 0 0 1 0 -12zM${x - 5} ${y - 5.5}v11M${x + 5} ${y - 5.5}v11`;
}

/** Its bubble, as a path; empty when nothing can be judged. */
export function vialBubble(verdict: Verdict, x: number, y: number): string {
	const at = BUBBLE[verdict];
	return at === null ? '' : `M${x + at - 4} ${y}a4 4 0 1 0 8 0a4 4 0 1 0 -8 0z`;
}
