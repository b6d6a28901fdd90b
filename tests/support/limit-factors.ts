import type { Segment } from '$core/cleats/segments';
import { jointCapacity } from '$core/mechanics/fasteners/joint';
import { screw } from '$core/materials/screws';
import { stock } from '$core/materials/stocks';
import { wood } from '$core/materials/woods';
import { holderWeights, type PlacedWeight } from '$core/places/in-place';
import type { LaidRow, Placed } from '$core/places/row/place';
import type { Plan } from '$core/plan/types';
import { Body, greatest, Programme } from './linear-programme';

/**
 * Limit analysis, an independent judge: of rigid bodies held by contacts that only push and fasteners of limited
 * strength, the largest factor on the loads for which any equilibrium at all exists, found by HiGHS as a linear
 * programme (lower bound theorem of plasticity). Whatever a check says, no plan holds more than that; with any of the
 * things taken off, too. Only strengths of single fasteners and places are taken from the project: the places are
 * looked at again here.
 */

export const G = 9.80665;
export const slack = 1 + 1e-5;

/** Any of the things may be off: bits of a number say which stay. */
export const left = (weights: readonly PlacedWeight[], bits: number) =>
	weights.filter((_, i) => (bits >> (i % 30)) & 1);

/**
 * What is really behind the foot of a holder, told without the project: does a spacer as thick as its cleat touch
 * anything on both sides of its weight?
 */
export function spacerTouches(plan: Plan, p: Placed, at: number): boolean {
	const { wall } = plan;
	const sheet = p.row.backer ? stock(p.row.backer.stock).thickness : 0;
	const touches = (x: number) => {
		if (x < 0 || x > wall.width) return false;
		if (wall.obstructions.some((o) => x > o.x && x < o.x + o.width && p.foot + 15 > o.y && p.foot < o.y + o.height))
			return false;
		const behind = Math.max(
			0,
			...plan.rows
				.filter(
					(r) =>
						r.backer &&
						x >= r.left &&
						x <= r.right &&
						p.foot >= r.y - r.backer.below - 0.5 &&
						p.foot + 15 <= r.y - r.backer.below + r.backer.height + 0.5
				)
				.map(() => 12)
		);
		return behind > sheet - 0.5;
	};
	const xs = Array.from({ length: 201 }, (_, i) => p.left + ((p.right - p.left) * i) / 200).filter(touches);
	return xs.some((x) => x <= at + 0.01 * (p.right - p.left)) && xs.some((x) => x >= at - 0.01 * (p.right - p.left));
}

/** The factor on all stand-offs at which a holder on its bevel, free to touch anywhere on it, still sits. */
export function seatFactor(p: Placed, weights: readonly PlacedWeight[]): number {
	const lp = new Programme();
	const f = lp.variable(0, 1e6);
	const one = lp.variable(1, 1);
	const body = new Body();
	const { back, front, thickness: t, bevel } = p.profile;
	const [sin, cos] = [Math.sin((bevel * Math.PI) / 180), Math.cos((bevel * Math.PI) / 180)];
	for (const [y, z] of [
		[p.row.y + back, 0],
		[p.row.y + front, t]
	] as const)
		body.force(lp.variable(0, Infinity), [0, y, z], [0, cos, -sin]);
	body.force(lp.variable(0, Infinity), [0, p.bearing.y, t], [0, 0, 1]);
	const W = weights.reduce((sum, w) => sum + w.weight, 0);
	const turn = weights.reduce((sum, w) => sum + w.weight * w.standOff, 0);
	// The weight at f times its stand-off: straight down at z 0, with a moment of f times its turn, as two forces up and
	// down one apart.
	body.force(one, [0, 0, 0], [0, -W, 0]);
	body.force(f, [0, 0, 0], [0, turn / 100, 0]);
	body.force(f, [0, 0, 100], [0, -turn / 100, 0]);
	body.balance(lp);
	return greatest(lp, f);
}

/**
 * The factor on a hook's roll at which screws of unit strength in a line, and the face that presses on it, are still in
 * balance.
 */
export function hookFactor(places: readonly number[], P: number, at: number, ends: readonly [number, number]): number {
	const lp = new Programme();
	const f = lp.variable(0, 1e9);
	const pulls = places.map((x) => [lp.variable(0, 1), x] as const);
	const presses = ends.map((x) => [lp.variable(0, Infinity), x] as const);
	lp.zero([[f, P], ...pulls.map(([n]) => [n, -1] as const), ...presses.map(([n]) => [n, 1] as const)]);
	lp.zero([
		[f, (P * at) / 100],
		...pulls.map(([n, x]) => [n, -x / 100] as const),
		...presses.map(([n, x]) => [n, x / 100] as const)
	]);
	return greatest(lp, f);
}

/** The factor on everything that hangs on one cleat at which its screws can still be in balance. */
export function cleatFactor(
	plan: Plan,
	laid: LaidRow,
	segment: Segment,
	placed: readonly Placed[],
	bits: number
): number {
	const { row, profile } = laid;
	const lp = new Programme();
	const f = lp.variable(0, 2000);
	const cleat = new Body();
	const { back, front, thickness: t, bevel } = profile;
	const base = row.backer ? stock(row.backer.stock).thickness : 0;
	const [sin, cos] = [Math.sin((bevel * Math.PI) / 180), Math.cos((bevel * Math.PI) / 180)];
	for (const p of placed) {
		const lap = [Math.max(p.left, row.left), Math.min(p.right, row.right)] as const;
		const { self, things } = holderWeights(p.built);
		const body = new Body();
		for (const w of [self, ...left(things, bits)])
			body.force(f, [p.left + w.x, 0, base + w.standOff], [0, -w.weight, 0]);
		// On the bevel, at the ends of its lap with this cleat and with the rest of the row; only what rests on this cleat
		// loads it.
		const cuts = [
			...new Set([
				lap[0],
				Math.min(Math.max(segment.from, lap[0]), lap[1]),
				Math.min(Math.max(segment.to, lap[0]), lap[1]),
				lap[1]
			])
		];
		for (const x of cuts) {
			for (const here of [true, false]) {
				const on = here ? x >= segment.from && x <= segment.to : x <= segment.from || x >= segment.to;
				if (!on) continue;
				for (const [y, z] of [
					[row.y + back, base],
					[row.y + front, base + t]
				] as const) {
					const N = lp.variable(0, Infinity);
					body.force(N, [x, y, z], [0, cos, -sin]);
					if (here) cleat.force(N, [x, y, z], [0, -cos, sin]);
				}
			}
			// Lower bearing: on its own cleat it presses that, elsewhere the wall.
			const R = lp.variable(0, Infinity);
			body.force(R, [x, p.bearing.y, base + t], [0, 0, 1]);
			const own =
				p.bearing.kind === 'face' ||
				p.bearing.kind === 'cleat-edge' ||
				(row.backer && p.bearing.kind === 'spacer' && p.foot >= row.y - row.backer.below);
			if (own && x >= segment.from && x <= segment.to) cleat.force(R, [x, p.bearing.y, base + t], [0, 0, -1]);
			// One that sits with something to spare presses on the front of the cleat higher up as well, and its hook's back
			// on what the cleat is mounted on.
			const F = lp.variable(0, Infinity);
			body.force(F, [x, row.y + front, base + t], [0, 0, 1]);
			if (x >= segment.from && x <= segment.to) cleat.force(F, [x, row.y + front, base + t], [0, 0, -1]);
			const B = lp.variable(0, Infinity);
			body.force(B, [x, row.y + back + front, base], [0, 0, 1]);
			if (row.backer && back + front <= row.backer.height - row.backer.below && x >= segment.from && x <= segment.to)
				cleat.force(B, [x, row.y + back + front, base], [0, 0, -1]);
			if (p.holder.mount.strips.lockStrip !== 'none') {
				const U = lp.variable(0, Infinity);
				body.force(U, [x, row.y, base], [0, -1, 0]);
				if (x >= segment.from && x <= segment.to) cleat.force(U, [x, row.y, base], [0, 1, 0]);
			}
		}
		body.balance(lp);
	}
	const length = segment.to - segment.from;
	const area = (t * (back + front)) / 2;
	cleat.force(
		f,
		[(segment.from + segment.to) / 2, 0, base + t / 2],
		[0, (-area * length * stock(row.stock).density * G) / 1e9, 0]
	);
	if (row.backer)
		cleat.force(
			f,
			[(segment.from + segment.to) / 2, 0, base / 2],
			[0, (-row.backer.height * base * length * stock(row.backer.stock).density * G) / 1e9, 0]
		);
	const low = row.backer ? row.y - row.backer.below : row.y - (row.twistBlock?.height ?? 0);
	const high = row.backer ? low + row.backer.height : row.y + back;
	for (const x of [segment.from, segment.to, ...segment.fixings.map((s) => s.x)])
		for (const y of [low, row.y, high]) cleat.force(lp.variable(0, Infinity), [x, y, 0], [0, 0, 1]);
	const side = row.backer ? stock(row.backer.stock) : stock(row.stock);
	const c = jointCapacity({
		fastener: screw(row.screws.size),
		length: row.screws.length,
		side: { thickness: side.thickness, G: side.G ?? NaN },
		gap: plan.wall.cladding.thickness,
		main: { thickness: 95, G: wood('c24').G }
	});
	for (const s of segment.fixings.flatMap((fixing) => fixing.screws)) {
		cleat.force(lp.variable(0, c.axial), [s.x, s.y, 0], [0, 0, -1]);
		cleat.force(lp.variable(-c.lateral, c.lateral), [s.x, s.y, 0], [0, 1, 0]);
	}
	cleat.balance(lp);
	return greatest(lp, f);
}
