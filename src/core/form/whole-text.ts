/** Half of a character pair: no text, and no database keeps it. */
export const HALF = /\p{Surrogate}/u;
export const HALF_WORDS = 'has half a character in it: type that one again';

/**
 * The first characters of a text, at most `max` long as fields count them, and never half of one.
 * @example cutText('Gouge 🪵', 7) // 'Gouge '
 */
export function cutText(text: string, max: number): string {
	const cut = text.slice(0, max);
	// The first half of a pair whose second fell off.
	return /[\uD800-\uDBFF]$/.test(cut) ? cut.slice(0, -1) : cut;
}
