import type { PegLoad, PegRackParams } from '../plan/types';
import { fail, ok, type Result } from '../result';
import type { Millimetres } from '../units/quantity';
import type { Thing } from './types';

/** What a holder must know of a thing, in the words of the field it is missing from. */
const NEEDED: readonly { word: string; of: (thing: Thing) => number | null }[] = [
	{ word: 'weight', of: (t) => t.mass },
	{ word: 'width', of: (t) => t.width },
	{ word: 'height', of: (t) => t.height },
	{ word: 'depth', of: (t) => t.dims.thickness ?? t.depth }
];

/** What is not known of a thing that a holder must know. @example missingFor(thing) // ['width', 'depth'] */
export const missingFor = (thing: Thing): string[] => NEEDED.filter((n) => n.of(thing) === null).map((n) => n.word);

/**
 * What a seat carries once it carries this thing: its name, weight and all its measures, and never one of the last
 * thing's.
 * @returns what is not known of it yet
 * @example hang(thing, holder.params.load)
 */
export function hang(thing: Thing, load: PegLoad): Result<PegLoad> {
	const missing = missingFor(thing);
	const { mass, width, height, depth, dims } = thing;
	const thickness = dims.thickness ?? depth;
	if (mass === null || width === null || height === null || thickness === null)
		return fail(
			`Its ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} not known: measure it in the stock-take first`
		);
	return ok({ ...load, thing: thing.id, name: thing.name.toLowerCase(), mass, width, height, thickness });
}

/** A holder that carries a thing, as many as there are left of it, and how many are over. */
export interface Hung {
	params: PegRackParams;
	over: number;
}

/**
 * Hangs as many of a thing as the stock-take has left to place: one of it takes one seat, however many the rack has.
 * @param left of it that hang nowhere else
 * @returns the rack with so many seats, and what is over; or what is not known of the thing
 * @example hangOn(thing, holder.params, 1) // one seat with one thing
 */
export function hangOn(thing: Thing, params: PegRackParams, left: number): Result<Hung> {
	const load = hang(thing, params.load);
	if (!load.ok) return load;
	const many = Math.max(1, left);
	const perSeat = Math.min(params.load.perSeat, many);
	const seats = Math.min(params.pegs.spacing.count, Math.ceil(many / perSeat));
	const next: PegRackParams = {
		...params,
		load: { ...load.value, perSeat },
		pegs: { ...params.pegs, spacing: { ...params.pegs.spacing, count: seats } }
	};
	return ok({ params: next, over: Math.max(0, many - seats * perSeat) });
}

/** Things stand at most so many behind each other on a peg of this much, mm. */
const LONGEST_STACK: Millimetres = 160;
/** Between neighbours. */
const AIR: Millimetres = 25;

/**
 * A rack made for a thing: as many seats as it needs, a pitch that leaves air beside its width, pegs as long as its
 * stack.
 * @param start a plain rack in the sizes of the user's shop
 * @param widest that a face may be
 * @example rackFor(thing, startPegRack('mm'), 4, 2400)
 */
export function rackFor(thing: Thing, start: PegRackParams, left: number, widest: Millimetres): Result<Hung> {
	const load = hang(thing, start.load);
	if (!load.ok) return load;
	const { width, thickness } = load.value;
	const many = Math.max(1, left);
	const pitch = Math.max(width + AIR, 3 * start.pegs.diameter);
	const most = Math.max(1, Math.floor(widest / pitch));
	const perSeat = Math.min(Math.max(1, Math.floor(LONGEST_STACK / thickness)), Math.ceil(many / most), many);
	const seats = Math.min(most, Math.ceil(many / perSeat));
	const face = { ...start.face, width: Math.max(120, Math.ceil((seats * pitch) / 10) * 10) };
	// A single thing hangs on one peg, in the middle.
	const spacing =
		seats === 1
			? { kind: 'equal-gaps' as const, count: 1 }
			: { kind: 'end-margins' as const, count: seats, margin: (face.width - (seats - 1) * pitch) / 2 };
	const projection = Math.max(40, Math.ceil((perSeat * thickness + 10) / 5) * 5);
	return ok({
		params: {
			...start,
			face,
			hook: { ...start.hook, screws: { ...start.hook.screws, count: Math.max(2, Math.ceil(face.width / 150)) } },
			pegs: { ...start.pegs, spacing, projection },
			load: { ...load.value, perSeat }
		},
		over: Math.max(0, many - seats * perSeat)
	});
}

/** The same load, no longer said to be a thing of the stock-take. */
export function unhang(load: PegLoad): PegLoad {
	const { thing: _, ...rest } = load;
	return rest;
}
