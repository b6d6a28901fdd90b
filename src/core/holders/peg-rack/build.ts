import { spacingMinimums } from '../../loads/fasteners/spacing-minimums';
import { screw } from '../../materials/screws';
import { DOWEL, stock } from '../../materials/stocks';
import type { PegRackParams } from '../../plan/types';
import { mm, phrase } from '../../units/phrase';
import { radians, type Degrees, type Millimetres } from '../../units/quantity';
import { spacingPositions } from '../spacing';
import type { BuiltHolder, Hole, HolderContext, HolderSeat, HookScrew, Part } from '../types';
import { pegRackWarnings } from './warnings';

/** Hook screws stand this far from the hook's ends. */
const HOOK_END = 40;

/** Distance between the two pegs of a pair, hole centre to hole centre: bar + slack + peg. */
export function pairPitch(pegs: PegRackParams['pegs']): number {
	return pegs.pair ? pegs.pair.bar + pegs.pair.slack + pegs.diameter : 0;
}

function hookScrews(params: PegRackParams, context: HolderContext): HookScrew[] {
	const { face, hook } = params;
	const { profile } = context;
	// Half way up the hook's short side, measured down from its top edge, which is flush with the face's top.
	const y = face.height - profile.back / 2;
	const { end } = spacingMinimums(screw(hook.screws.size), { acrossGrain: true, drilled: true });
	const margin = Math.min(HOOK_END, Math.max(face.width / 4, Math.min(end, face.width / 2)));
	const inFace = hook.from === 'back' ? hook.screws.length - profile.thickness : stock(face.stock).thickness;
	return spacingPositions(face.width, { kind: 'end-margins', count: hook.screws.count, margin }).map((x) => ({
		x,
		y,
		from: hook.from,
		inFace
	}));
}

function selfMass(params: PegRackParams, context: HolderContext, pegCount: number) {
	const board = stock(params.face.stock);
	const { profile } = context;
	const cleat = stock(context.stock);
	const volume = (a: number, b: number, c: number) => (a * b * c) / 1e9;
	const faceMass = volume(params.face.width, params.face.height, board.thickness) * board.density;
	const stripMass = volume(params.face.width, (profile.back + profile.front) / 2, profile.thickness) * cleat.density;
	const strips = 1 + (params.spacer ? 1 : 0) + (params.secondHook ? 1 : 0) + (params.lockStrip ? 1 : 0);
	const pegArea = (Math.PI * params.pegs.diameter ** 2) / 4;
	const pegMass = (pegCount * pegArea * params.pegs.projection * DOWEL.density) / 1e9;
	const out = Math.cos(radians(params.pegs.tilt));
	const front = profile.thickness + board.thickness;
	const mass = faceMass + strips * stripMass + pegMass;
	const turn =
		faceMass * (profile.thickness + board.thickness / 2) +
		(strips * stripMass * profile.thickness) / 2 +
		pegMass * (front + (out * params.pegs.projection) / 2);
	return { mass, out: turn / mass };
}

function pegRackParts(params: PegRackParams, context: HolderContext, pegCount: number): Part[] {
	const { face, pegs } = params;
	const strip = {
		kind: 'cleat',
		stock: context.stock,
		blank: context.blank,
		bevel: context.profile.bevel,
		length: face.width
	} as const;
	const parts: Part[] = [
		{ kind: 'board', name: 'face', stock: face.stock, width: face.height, length: face.width, count: 1 },
		{ ...strip, name: 'hook', count: 1 },
		{ kind: 'dowel', name: 'peg', diameter: pegs.diameter, length: pegs.depth + pegs.projection, count: pegCount }
	];
	if (params.secondHook) parts.push({ ...strip, name: 'second hook', count: 1 });
	if (params.spacer) parts.push({ ...strip, name: 'spacer', count: 1 });
	if (params.lockStrip) parts.push({ ...strip, name: 'lock strip', count: 1 });
	return parts;
}

/** Wood slides back on a peg by itself only where it is steeper than its friction, 0.3. */
const SLIDES_BACK = (Math.atan(0.3) * 180) / Math.PI;

/** Are things kept against the face, or may they stand anywhere along the peg? @example keptBack(5) // false */
export const keptBack = (tilt: Degrees): boolean => tilt >= SLIDES_BACK;

/**
 * Where the outermost side of a stack is counted: at the peg's tip, for nothing keeps it back, unless the peg is steep
 * or the stack longer.
 */
function farEnd(projection: Millimetres, stack: Millimetres, tilt: Degrees): Millimetres {
	return keptBack(tilt) ? stack : Math.max(stack, projection);
}

/**
 * Builds a peg rack: dowels in a solid face, single or in pairs, with a hook along its whole back, flush with its top.
 * The spacer, when there is one, is a piece of the same rip with its square edge down, flush with the foot.
 * @param params lengths in mm
 * @param context the row's cleat
 * @returns parts, holes, screws, seats, mass and warnings; never throws on numbers the schema allows
 */
export function buildPegRack(params: PegRackParams, context: HolderContext): BuiltHolder {
	const { face, pegs, load } = params;
	const board = stock(face.stock);
	const centres = spacingPositions(face.width, pegs.spacing);
	const half = pairPitch(pegs) / 2;
	const pegXs = pegs.pair ? centres.flatMap((x) => [x - half, x + half]) : centres;
	const depth = Math.min(pegs.depth, board.thickness);
	const holes: Hole[] = pegXs.map((x) => ({
		x,
		y: pegs.height,
		diameter: pegs.diameter,
		depth,
		tilt: pegs.tilt,
		through: pegs.depth >= board.thickness
	}));
	const level = Math.cos(radians(pegs.tilt));
	const last = farEnd(pegs.projection, load.perSeat * load.thickness, pegs.tilt);
	const things = Array.from({ length: load.mass > 0 ? load.perSeat : 0 }, (_, i) => ({
		mass: load.mass,
		out: (last - (load.perSeat - i - 0.5) * load.thickness) * level
	}));
	const seats: HolderSeat[] = centres.map((x) => ({ x, y: pegs.height, things }));
	const front = context.profile.thickness + board.thickness;
	const built: BuiltHolder = {
		parts: pegRackParts(params, context, pegXs.length),
		holes,
		hookScrews: hookScrews(params, context),
		seats,
		hook: { from: 0, to: face.width },
		self: selfMass(params, context, pegXs.length),
		face: { width: face.width, height: face.height, thickness: board.thickness },
		projection: front + Math.max(pegs.projection * level, load.perSeat * load.thickness * level),
		hangsBelow: Math.max(0, load.height - pegs.height),
		beyondEnds: Math.max(
			0,
			load.width / 2 - (centres[0] ?? 0),
			load.width / 2 - (face.width - (centres.at(-1) ?? face.width))
		),
		rod: { diameter: pegs.diameter, embedded: depth, perSeat: pegs.pair ? 2 : 1 },
		warnings: []
	};
	built.warnings = pegRackWarnings(params, context, built);
	return built;
}

/** What the rack is, in a line: six pegs, three pairs. */
export function pegRackTitle(params: PegRackParams) {
	const n = params.pegs.spacing.count;
	const [one, many] = params.pegs.pair ? ['pair of pegs', 'pairs of pegs'] : ['peg', 'pegs'];
	const word = n === 1 ? one : many;
	return phrase(`peg rack, {width@tape} wide, ${n} ${word}`, { width: mm(params.face.width) });
}
