import { carrierKind } from '../kinds/registry';
import type { Problem } from '../result';
import { isRackMount } from './held';
import type { Carrier, Holder } from './types';

/** Name of the board itself among what a carrier may stand on. */
export const ON_BACK = 'back';

/** Name of the wall itself, on which the first carrier of a rack stands. */
export const ON_WALL = 'wall';

/**
 * The carrier that a place on a face names; null for the back or the wall.
 * @example hostOf({ on: 'c1:top' }) // 'c1'
 */
export const hostOf = (at: { on: string }): string | null =>
	at.on === ON_BACK || at.on === ON_WALL ? null : (at.on.split(':')[0] ?? '');

type Say = (path: string, message: string) => void;

/** No rack stands on a back. */
function noRack(carriers: readonly Carrier[], say: Say): void {
	carriers.forEach((c, i) => {
		if (carrierKind(c.kind).held || c.at.on === ON_WALL)
			say(`carriers[${i}].kind`, 'stands on the wall itself, not on a back');
	});
}

/** A rack is one thing on the wall, made for the way it is held; what has a back has none of those. */
function onWhat({ carriers, mount, back }: Pick<Holder, 'carriers' | 'mount' | 'back'>, say: Say): void {
	if (!isRackMount(mount)) {
		if (!back) say('back', 'is needed: only a rack has none');
		noRack(carriers, say);
		return;
	}
	if (back) say('back', 'is not there: a rack is held as it is');
	const [first, ...others] = carriers;
	if (!first) return say('carriers', 'has 0 entries; at least 1 is needed');
	if (first.at.on !== ON_WALL) say('carriers[0].at.on', 'must be the wall');
	if (!carrierKind(first.kind).held?.includes(mount.kind)) say('mount.kind', 'is no way to hold it');
	others.forEach((c, i) => {
		if (carrierKind(c.kind).held || hostOf(c.at) === null)
			say(`carriers[${i + 1}].at.on`, 'must be what the rack offers');
	});
}

/**
 * What the fields of a holder's carriers cannot say: what they stand on must be there, once, and stand itself by the
 * end; their figures must fit each other; no more loads than groups.
 * @returns problems with paths within the holder
 */
export function carrierProblems(holder: Pick<Holder, 'carriers' | 'mount' | 'back'>): Problem[] {
	const found: Problem[] = [];
	onWhat(holder, (path, message) => found.push({ path, message }));
	return [...found, ...among(holder.carriers)];
}

/** The same of carriers on a back that hangs nowhere yet. @example onBackProblems(pattern) */
export function onBackProblems({ carriers }: Pick<Holder, 'carriers'>): Problem[] {
	const found: Problem[] = [];
	noRack(carriers, (path, message) => found.push({ path, message }));
	return [...found, ...among(carriers)];
}

/** What they stand on, how many loads they have, and their figures against each other. */
function among(carriers: readonly Carrier[]): Problem[] {
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
