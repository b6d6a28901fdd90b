import { buildHolder } from '../holders/build';
import type { CleatContext } from '../mounts/held';
import type { HungHolder } from '../plan/types';
import type { Phrase } from '../units/phrase';

/** What makes a holder impossible to build, on a row like that. */
export const stopsOf = ({ back, carriers, mount }: HungHolder, row: CleatContext): Phrase[] =>
	buildHolder(back, carriers, { kind: 'row', strips: mount.strips, ...row })
		.warnings.filter((w) => w.level === 'stop')
		.map((w) => w.message);

/**
 * The first stop of a changed holder that the one before it did not have; nothing where it is no worse.
 * @example newStop(before, after, row)?.text
 */
export function newStop(before: HungHolder, after: HungHolder, row: CleatContext): Phrase | undefined {
	const had = new Set(stopsOf(before, row).map((m) => m.text));
	return stopsOf(after, row).find((m) => !had.has(m.text));
}
