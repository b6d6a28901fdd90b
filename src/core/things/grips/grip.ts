import type { Drawing } from '../../drawing/shapes';
import type { Phrase } from '../../units/phrase';
import type { Millimetres } from '../../units/quantity';
import type { DimName } from './dims';

export type Dims = Partial<Record<DimName, Millimetres>>;

/** A figure of the holder that a grip decides, with its sum; or what stands against it. */
export type Decision = { label: string; sum: Phrase; value: Millimetres } | { label: string; fault: Phrase };

/** A way a thing is carried: what to measure, and what that decides. */
export interface Grip {
	title: string;
	/** In a word or two, for a table. */
	short: string;
	/** Other words for it in somebody's file or line. */
	words: readonly string[];
	/** What it looks like, in a sentence. */
	about: string;
	/** What to measure, in order: drawn as A, B, C. */
	needs: readonly DimName[];
	/** What of the holder follows. */
	decides: string;
	/** Figures of the holder, of those dimensions that are there. */
	figures(dims: Dims): Decision[];
	/** To scale where it is measured, else as such a thing usually looks; the letters stand for `needs`. */
	draw(dims: Dims): Drawing;
}
