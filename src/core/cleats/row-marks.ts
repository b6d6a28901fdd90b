import type { Segment } from './segments';
import type { Millimetres } from '../units/quantity';

/** Pilot marks on each cleat of a row, measured from that cleat's own left end, exact. */
export function rowMarks(segments: readonly Segment[]): { length: Millimetres; marks: Millimetres[] }[] {
	return segments.map((s) => ({ length: s.to - s.from, marks: s.fixings.map((f) => f.x - s.from) }));
}
