import type { Found, Load, Seat } from '../carriers/carrier';
import { lag, type LagSize } from '../materials/lags';
import { ROD_MATERIALS } from '../materials/rods';
import { boardShares } from '../mechanics/statics/boards-across';
import { lastOf, nth } from '../nth';
import { facing } from '../solid/frame';
import { circle, plain } from '../solid/outline';
import type { Part } from '../solid/part';
import { mm, phrase } from '../units/phrase';
import { alongStuds, apartOf } from './along-studs';
import { MM_PER_INCH, radians, type Degrees, type Millimetres } from '../units/quantity';

export type Say = (level: Found['level'], field: string, message: Found['message']) => void;

/** Arms or rods of uprights, with boards across them. */
export interface Across {
	/** 'rod', 'arm'. */
	word: string;
	/** Middles of the uprights along the rack, ascending. */
	at: readonly Millimetres[];
	/** Where boards lie on each level, lowest first, and how much of what is over them stands in their way. */
	tops: readonly Millimetres[];
	thick: Millimetres;
	/** Room along each, from the face of its upright. */
	out: Millimetres;
	face: Millimetres;
	tilt: Degrees;
	layers: number;
}

/** Boards lie so far clear of what is over them. */
const AIR: Millimetres = 30;

/** Places in ascending order. */
export const ascending = (xs: readonly Millimetres[]): Millimetres[] => [...xs].sort((a, b) => a - b);

/**
 * Boards of each level, layer on layer, as many side by side as there is room for; each arm is a member of its own, in
 * the order of levels and then uprights, with the most that it may have of them.
 * @example boardSeats(across, loads).length // levels times layers
 */
export function boardSeats(a: Across, loads: readonly Load[]): Seat[] {
	const t = radians(a.tilt);
	const middle = (nth(a.at, 0) + lastOf(a.at)) / 2;
	return a.tops.flatMap((y, group) => {
		const load = loads[group];
		const shares = boardShares(a.at, load?.width ?? lastOf(a.at) - nth(a.at, 0));
		return Array.from({ length: a.layers }, (_, layer): Seat => ({
			group,
			at: [middle, y + layer * (load?.height ?? 20), a.face],
			axis: [0, Math.sin(t), Math.cos(t)],
			length: a.out,
			takes: Math.max(1, Math.floor(a.out / (load?.depth ?? 100))),
			kept: false,
			stance: 'stands',
			carriedBy: shares.map((share, i) => ({ member: 0, instance: group * a.at.length + i, share }))
		}));
	});
}

/** Boards that do not lie there, or do not come out again. */
export function boardFindings(a: Across, loads: readonly Load[], say: Say): void {
	const apart = Math.max(...a.at.slice(1).map((x, i) => x - nth(a.at, i)));
	a.tops.forEach((y, i) => {
		const load = loads[i];
		if (!load || load.count === 0) return;
		const side = Math.max(1, Math.floor(a.out / load.depth));
		const high = Math.min(a.layers, Math.ceil(load.count / side)) * load.height;
		const over = a.tops[i + 1];
		if (over !== undefined && high + AIR > over - a.thick - y)
			say(
				'mind',
				'layers',
				phrase(`{h} of boards under the ${a.word} at {y@tape}, {b} of room: they do not come out over the tip`, {
					h: mm(high),
					y: mm(over),
					b: mm(over - a.thick - y)
				})
			);
		if (boardShares(a.at, load.width).every((s) => s === 0))
			say(
				'stop',
				`loads.${i}`,
				phrase(`Boards of {l} rest on one ${a.word} alone at {y@tape}: the uprights are {a} apart`, {
					l: mm(load.width),
					y: mm(y),
					a: mm(apart)
				})
			);
		if (load.depth > a.out)
			say(
				'stop',
				`loads.${i}`,
				phrase(`Boards {d} wide do not lie on ${a.word}s of {o}`, { d: mm(load.depth), o: mm(a.out) })
			);
	});
}

/** Lags of uprights, as far as they are in them: bought by their size. */
export function lagPart(
	{ size, length, at }: { size: LagSize; length: Millimetres; at: readonly Millimetres[] },
	xs: readonly Millimetres[],
	upright: { depth: Millimetres; back: Millimetres }
): Part {
	const screw = lag(size);
	const d = screw.D * MM_PER_INCH;
	return {
		id: 'lag',
		name: 'lag',
		material: {
			kind: 'driven',
			name: screw.title,
			length,
			mass: (ROD_MATERIALS.steel.density * Math.PI * (d / 2) ** 2 * length) / 1e9
		},
		outline: plain(circle(0, 0, d)),
		thickness: Math.min(upright.depth, length),
		grain: 'none',
		features: [],
		stands: xs.flatMap((x) => at.map((y) => facing('front', [x, y, upright.back])))
	};
}

/** What each level carries, in words. */
export const levelGroups = (levels: readonly Millimetres[]): string[] =>
	levels.map((_, i) => `on level ${i + 1}${i === 0 ? ', the lowest' : ''}`);

/** Uprights as in a mirror. */
export function mirroredUprights<P extends { at: Millimetres[] }>(p: P): P {
	const at = ascending(p.at);
	const wide = nth(at, 0) + lastOf(at);
	return { ...p, at: at.map((x) => wide - x).reverse() };
}

/** Uprights on studs: as far apart as they stood at most, over as much of the wall. */
export function uprightsOn<P extends { at: Millimetres[] }>(
	p: P,
	studs: readonly Millimetres[],
	thick: Millimetres
): P {
	const at = ascending(p.at);
	return { ...p, at: alongStuds(studs, lastOf(at) - nth(at, 0), apartOf(at)).map((x) => thick / 2 + x) };
}

/** What the fields of uprights and their levels cannot say: they stand apart, and on the rack. */
export function apartProblems(
	at: readonly Millimetres[],
	levels: readonly Millimetres[],
	least: { upright: Millimetres; level: Millimetres }
): { path: string; message: string }[] {
	const near = (xs: readonly Millimetres[], by: Millimetres) => xs.slice(1).some((x, i) => x - nth(xs, i) < by);
	return [
		...(nth(at, 0) < least.upright / 2 - 0.05
			? [{ path: 'at', message: `the first must be at least ${(least.upright / 2).toFixed(1)} mm in` }]
			: []),
		...(near(at, least.upright) ? [{ path: 'at', message: 'two stand in one place' }] : []),
		...(near(levels, least.level) ? [{ path: 'levels', message: 'two are in one place' }] : [])
	];
}
