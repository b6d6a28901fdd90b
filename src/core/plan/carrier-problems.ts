import { carrierKind } from '../carriers/registry';
import type { Problem } from '../result';
import type { Holder } from './types';

/** Name of the board itself among what a carrier may stand on. */
export const ON_BACK = 'back';

/** The carrier that a place on a face names; null for the back. @example hostOf({ on: 'c1:top' }) // 'c1' */
export const hostOf = (at: { on: string }): string | null => (at.on === ON_BACK ? null : (at.on.split(':')[0] ?? ''));

/**
 * What the fields of a holder's carriers cannot say: what they stand on must be there, once, and stand itself by the
 * end; their figures must fit each other; no more loads than groups.
 * @returns problems with paths within the holder
 */
export function carrierProblems({ carriers }: Pick<Holder, 'carriers'>): Problem[] {
	const found: Problem[] = [];
	const ids = new Set<string>();
	carriers.forEach((c, i) => {
		const say = (field: string, message: string) => found.push({ path: `carriers[${i}].${field}`, message });
		const kind = carrierKind(c.kind);
		const host = hostOf(c.at);
		// Only what was named before: so nothing stands on itself, however far round.
		if (host !== null && !ids.has(host)) say('at.on', `there is no "${c.at.on}" before it to stand on`);
		if (ids.has(c.id)) say('id', `"${c.id}" stands twice`);
		ids.add(c.id);
		const groups = kind.groups(c.params).length;
		if (c.loads.length > groups) say('loads', `has ${c.loads.length} entries; there are ${groups} groups of seats`);
		for (const { path, message } of kind.cross?.(c.params) ?? []) say(`params.${path}`, message);
	});
	return found;
}
