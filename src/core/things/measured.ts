import { remembering } from '../remembering';
import { cellOf } from '../table/column';
import { MEASURED } from './columns';
import { gripOf } from './grips/registry';
import type { Thing } from './types';

/** Columns a thing should have measured: its envelope, its weight, its grip and what that grip needs. */
export function wanted(thing: Thing): string[] {
	return [
		...MEASURED,
		...(thing.grip === null ? [] : gripOf(thing.grip).needs.map((n) => `dims.${n}`)),
		...(thing.charger ? ['cord', 'plugWidth', 'plugHeight'] : [])
	];
}

/**
 * What is still to be measured of a thing: what is missing, and what is only typical for its kind. Nothing is asked of
 * what is not kept.
 * @example unmeasured({ ...thing, mass: null }).missing // ['mass']
 */
export const unmeasured = remembering((thing: Thing): { missing: string[]; typical: string[] } => {
	if (thing.state === 'not-to-keep') return { missing: [], typical: [] };
	const asked = wanted(thing);
	return {
		missing: asked.filter((key) => cellOf(thing, { key }) === null),
		typical: asked.filter((key) => thing.typical.includes(key))
	};
});

/** Has everything about it been measured? */
export function isMeasured(thing: Thing): boolean {
	const { missing, typical } = unmeasured(thing);
	return missing.length === 0 && typical.length === 0;
}
