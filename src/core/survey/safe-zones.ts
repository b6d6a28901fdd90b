import { remembering } from '../remembering';
import type { Obstruction, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import type { Box } from './box';
import { floorAt, tallest, topAt } from './outline';
import { supportsAt, type Support } from './supports';

/**
 * A screw in a stud keeps this far from its faces. NDS 2018 Table C12.1.5.7: 2.5 diameters with a hole drilled first;
 * of a #10, 12 mm.
 */
export const EDGE: Millimetres = 12;
/** Cables leave a box up and down, and not always from its middle. */
const CABLE_SIDE: Millimetres = 50;
/** About a cable, or a pipe, that was found in the wall. */
const FOUND_SIDE: Millimetres = 25;

/** A stretch of wall in which no screw goes. */
export interface NoGo extends Box {
	/** What is there: where a cable may run, what was found, or no wall at all. */
	kind: 'may-run' | 'found' | 'opening';
	obstruction: Obstruction;
}

const OPENINGS = new Set<Obstruction['kind']>(['window', 'door', 'overhead-door']);
const ELECTRIC = new Set<Obstruction['kind']>(['outlet', 'switch', 'service-panel', 'light']);

/** Has it cables at all? @example isElectric({ kind: 'outlet' }) // true */
export const isElectric = (o: Pick<Obstruction, 'kind'>): boolean => ELECTRIC.has(o.kind);

/** Has it cables that may run up and down the wall from it, as far as anybody knows? */
export const cablesMayRun = (o: Obstruction): boolean => isElectric(o) && !o.traced && (o.near ?? 0) === 0;

/**
 * Where no screw goes: above and below everything electric until its cables were traced, about what was found in the
 * wall, and in openings.
 * @example noGo(wall).map((z) => z.obstruction.name)
 */
export const noGo = remembering((wall: Wall): readonly NoGo[] =>
	wall.obstructions.flatMap((obstruction): NoGo[] => {
		const { x, y, width, height } = obstruction;
		if (cablesMayRun(obstruction))
			return [
				{
					left: x - CABLE_SIDE,
					right: x + width + CABLE_SIDE,
					low: 0,
					high: Number.POSITIVE_INFINITY,
					kind: 'may-run',
					obstruction
				}
			];
		if (obstruction.hidden || obstruction.kind === 'cable')
			return [
				{
					left: x - FOUND_SIDE,
					right: x + width + FOUND_SIDE,
					low: y - FOUND_SIDE,
					high: y + height + FOUND_SIDE,
					kind: 'found',
					obstruction
				}
			];
		if (OPENINGS.has(obstruction.kind))
			return [{ left: x, right: x + width, low: y, high: y + height, kind: 'opening', obstruction }];
		return [];
	})
);

/** A stretch along the wall where a screw may go at a height, and what it goes into. */
export interface SafeStretch {
	from: Millimetres;
	to: Millimetres;
	support: Support;
}

/**
 * Where a screw may go at a height: in solid framing, away from its edges by more than the centre is uncertain, and out
 * of every no-go stretch.
 * @example safeAt(wall, 1850) // [{ from: 834, to: 866, support }, ...]
 */
export function safeAt(wall: Wall, y: Millimetres): SafeStretch[] {
	const barred = noGo(wall).filter((z) => y > z.low && y < z.high);
	return supportsAt(wall, y).flatMap((support): SafeStretch[] => {
		const keep = Math.min(support.width / 2, EDGE + (support.found?.error ?? 0));
		let free = [{ from: support.x - support.width / 2 + keep, to: support.x + support.width / 2 - keep }];
		for (const z of barred) {
			free = free.flatMap((s) =>
				[
					{ from: s.from, to: Math.min(s.to, z.left) },
					{ from: Math.max(s.from, z.right), to: s.to }
				].filter((p) => p.to >= p.from)
			);
		}
		return free.map((s) => ({ ...s, support }));
	});
}

/** Why no screw goes into this place; null when one may. @example barredAt(wall, 1010, 1400)?.obstruction.name */
export function barredAt(wall: Wall, x: Millimetres, y: Millimetres): NoGo | null {
	return noGo(wall).find((z) => x > z.left && x < z.right && y > z.low && y < z.high) ?? null;
}

/** Heights looked at, mm apart: fine enough to draw. */
const STEP: Millimetres = 40;

/**
 * Where a screw may go, from the floor to the top, as boxes to be drawn: what is the same at several heights is one.
 */
export const safeStrips = remembering((wall: Wall): readonly Box[] => {
	const done: Box[] = [];
	let open: Box[] = [];
	for (let y = STEP / 2; y < tallest(wall); y += STEP) {
		const here = safeAt(wall, y).filter((s) => y < topAt(wall, (s.from + s.to) / 2) && y > floorAt(wall, s.from));
		const next: Box[] = [];
		for (const s of here) {
			const same = open.find(
				(o) => Math.abs(o.left - s.from) < 0.2 && Math.abs(o.right - s.to) < 0.2 && !next.includes(o)
			);
			if (same) same.high = y + STEP / 2;
			next.push(same ?? { left: s.from, right: s.to, low: y - STEP / 2, high: y + STEP / 2 });
		}
		done.push(...open.filter((o) => !next.includes(o)));
		open = next;
	}
	return [...done, ...open];
});
