import { rackResult } from './rack-checks';
import { segmentsOn } from '../cleats/segments';
import type { BuiltCarrierAt } from '../holders/built';
import { hostOf } from '../plan/carrier-problems';
import type { Row, Wall } from '../plan/types';
import type { RackPlaced } from '../places/rack/place';
import type { Millimetres, Newtons } from '../units/quantity';
import { rowExtras } from '../places/row/extras';
import { hookLoad, type HookLoad } from '../places/row/hook-loads';
import { shareOf } from '../supports/row/row-loads';
import { onRow, screwedOn, type AnyPlaced } from '../places/any-place';
import { fixedLoads } from '../supports/fixed/loads';
import type { FixedPlaced } from '../places/fixed/place';
import { holderWeights } from '../places/in-place';
import type { Placed } from '../places/row/place';

type Point = [Millimetres, Millimetres];

/** The way a holder's load takes to the studs, as places on the wall. */
export interface LoadPath {
	/** From the middle of each carrier's things by the carrier itself, and by what that stands on, to the back. */
	carriers: Point[][];
	/** Where all of it hangs, along the back. */
	thing: Point;
	/** Ends of the hook on the row; null where it is screwed straight to the wall. */
	hook: [[Millimetres, Millimetres], [Millimetres, Millimetres]] | null;
	/** Screws that take it, with this holder's share across them; negative where it lifts. */
	screws: { at: [Millimetres, Millimetres]; across: Newtons }[];
}

/** Studs that take less than this share of a holder's weight would only clutter the drawing. */
const WORTH_DRAWING = 0.06;

/**
 * Traces a holder's load: things, hook, row, screws. The shares of its screws add up to its weight, but for those too
 * small to draw.
 * @returns null when it does not hang on its row, or the row has nothing to screw to there
 * @example loadPath(placed, plan.wall)?.screws.map((s) => s.across)
 */
export function loadPath(placed: AnyPlaced, wall: Wall, kerf: Millimetres): LoadPath | null {
	if (onRow(placed)) return hungPath(placed, wall, kerf);
	return screwedOn(placed) ? fixedPath(placed, wall) : rackPath(placed, wall, kerf);
}

/** To what it is driven into; along its row where it is on one. */
function rackPath(placed: RackPlaced, wall: Wall, kerf: Millimetres): LoadPath | null {
	const common = { carriers: [], thing: thingsAt(placed), hook: null };
	const extras = rowExtras(placed, wall, kerf);
	if (extras.length > 0) {
		// Several arms share a stud: what each gives it, together.
		const places = new Map<number, LoadPath['screws'][number]>();
		for (const s of extras.flatMap((e) => rowScrews(e.load, placed.on?.row, wall, kerf)))
			places.set(s.at[0], { ...s, across: s.across + (places.get(s.at[0])?.across ?? 0) });
		return { ...common, screws: [...places.values()] };
	}
	// Over each other in one stud they are one place: the highest of them, with the most that the stud may have.
	const { studLoads } = rackResult(placed, wall);
	const tops = new Map<string, LoadPath['screws'][number]>();
	for (const { support, fault, x, y } of placed.screws) {
		if (!support || fault) continue;
		const before = tops.get(support.id);
		const across = (studLoads.get(support.id) ?? []).reduce((sum, l) => sum + l.force, 0);
		if (!before || y > before.at[1]) tops.set(support.id, { at: [x, y], across });
	}
	return tops.size > 0 ? { ...common, screws: [...tops.values()] } : null;
}

/** What the screws of a row take of one load on it. */
function rowScrews(load: HookLoad, row: Row | undefined, wall: Wall, kerf: Millimetres): LoadPath['screws'] {
	if (!row) return [];
	return segmentsOn(row, wall, kerf)
		.flatMap((segment) =>
			segment.fixings.length < 2
				? []
				: segment.fixings.map((f, i) => ({
						at: [f.x, f.screws.at(-1)?.y ?? row.y] as [number, number],
						across: shareOf(load, segment, i)
					}))
		)
		.filter((s) => Math.abs(s.across) > WORTH_DRAWING * load.total);
}

/** Straight from the things to the screws in the wall. */
function fixedPath(placed: FixedPlaced, wall: Wall): LoadPath | null {
	if (placed.columns.length === 0) return null;
	const { columns } = fixedLoads(placed, wall);
	return {
		carriers: throughCarriers(placed),
		thing: thingsAt(placed),
		hook: null,
		screws: placed.columns.map((c, i) => ({
			at: [c.x, placed.foot + Math.max(...c.heights)],
			across: columns[i]?.down ?? 0
		}))
	};
}

const thingsAt = (p: AnyPlaced): [Millimetres, Millimetres] => [
	p.left + holderWeights(p.built).at,
	p.foot + p.built.seatHeight
];

/** The middle of what a carrier takes of the back. */
function middleOf(p: AnyPlaced, { taken }: BuiltCarrierAt): Point {
	return [p.left + (taken.left + taken.right) / 2, p.foot + (taken.low + taken.high) / 2];
}

/** Of each carrier that something hangs on: its things, itself, and whatever it stands on in turn. */
function throughCarriers(p: AnyPlaced): Point[][] {
	const { carriers, seats } = p.built;
	const byId = new Map(carriers.map((c) => [c.id, c]));
	const standsOn = new Map(p.holder.carriers.map((c) => [c.id, hostOf(c.at)]));
	return carriers.flatMap((c): Point[][] => {
		const things = seats.filter((s) => s.carrier === c.id).flatMap((s) => s.things);
		const mass = things.reduce((sum, t) => sum + t.mass, 0);
		if (!(mass > 0)) return [];
		const mean = (axis: 0 | 1) => things.reduce((sum, t) => sum + t.mass * t.at[axis], 0) / mass;
		const chain: Point[] = [[p.left + mean(0), p.foot + mean(1)]];
		for (let id: string | null | undefined = c.id; id; id = standsOn.get(id)) {
			const on = byId.get(id);
			if (on) chain.push(middleOf(p, on));
		}
		return [chain];
	});
}

function hungPath(placed: Placed, wall: Wall, kerf: Millimetres): LoadPath | null {
	const { row, profile } = placed;
	const load = hookLoad(placed);
	if (!load) return null;
	const y = row.y + profile.back;
	return {
		carriers: throughCarriers(placed),
		thing: thingsAt(placed),
		hook: [
			[load.from, y],
			[load.to, y]
		],
		screws: rowScrews(load, row, wall, kerf)
	};
}
