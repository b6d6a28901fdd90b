import type { PegLoad } from '../plan/types';
import { fail, ok, type Result } from '../result';
import type { Thing } from './types';

/**
 * What a holder carries once it carries this thing: its name, weight and measures go along; what is not measured stays as it was.
 * @returns what is wrong where its weight is not known: a holder cannot be judged without
 * @example hang(thing, holder.params.load)
 */
export function hang(thing: Thing, load: PegLoad): Result<PegLoad> {
	if (thing.mass === null) return fail('Weigh it first: a holder cannot be judged without');
	return ok({ ...load, thing: thing.id, name: thing.name.toLowerCase(), mass: thing.mass, width: thing.width ?? load.width, height: thing.height ?? load.height, thickness: thing.dims.thickness ?? thing.depth ?? load.thickness });
}

/** The same load, no longer said to be a thing of the stock-take. */
export function unhang(load: PegLoad): PegLoad {
	const { thing: _, ...rest } = load;
	return rest;
}
