import type { FixedPlaced } from '$core/places/fixed/place';
import { holderWeights } from '$core/places/in-place';
import { jointCapacity } from '$core/mechanics/fasteners/joint';
import { screw } from '$core/materials/screws';
import { stock } from '$core/materials/stocks';
import { wood } from '$core/materials/woods';
import type { Plan } from '$core/plan/types';
import { left } from './limit-factors';
import { greatest, Programme } from './linear-programme';

/** Sides of the polygon that stands for a screw's strength across, in every direction; around it, never within. */
const SIDES = 16;

/**
 * Limit analysis of a rigid board on a wall: its foot and its whole rear may press, each screw pulls as far as it can
 * and holds across in every direction. The largest factor on all that hangs there, with some of it off, for which any
 * equilibrium exists.
 * @param bits which of the things stay
 */
export function fixedFactor(plan: Plan, p: FixedPlaced, bits: number): number {
	const lp = new Programme();
	const f = lp.variable(0, 1e6);
	const forces: { name: string; at: readonly [number, number, number]; way: readonly [number, number, number] }[] = [];
	const force = (name: string, at: readonly [number, number, number], way: readonly [number, number, number]) =>
		forces.push({ name, at, way });
	const { self, things } = holderWeights(p.built);
	for (const w of [self, ...left(things, bits)]) force(f, [w.x, 0, w.standOff], [0, -w.weight, 0]);
	const { width, height, stock: board } = p.holder.back;
	const drywall = plan.wall.cladding.kind === 'drywall' && plan.wall.cladding.thickness > 0;
	const low = drywall ? 0.2 * 25.4 : 0;
	for (const x of [0, width / 2, width])
		for (const y of [low, height]) force(lp.variable(0, Infinity), [x, y, 0], [0, 0, 1]);
	const side = stock(board);
	for (const { x, up, support, fault } of p.screws) {
		if (fault || !support) continue;
		const c = jointCapacity({
			fastener: screw(p.holder.mount.screws.size),
			length: p.holder.mount.screws.length,
			side: { thickness: side.thickness, G: side.G ?? NaN },
			gap: plan.wall.cladding.thickness,
			main: { thickness: support.depth, G: wood(support.species).G }
		});
		const at = [x - p.left, up, 0] as const;
		force(lp.variable(0, c.axial), at, [0, 0, -1]);
		// A polygon with its corners outside the circle, as a sum of its edges' directions.
		const corner = c.lateral / Math.cos(Math.PI / SIDES);
		const shares = Array.from({ length: SIDES }, (_, i) => {
			const a = (2 * Math.PI * i) / SIDES;
			const share = lp.variable(0, 1);
			force(share, at, [corner * Math.cos(a), corner * Math.sin(a), 0]);
			return share;
		});
		const rest = lp.variable(0, 1);
		const one = lp.variable(1, 1);
		lp.zero([...[...shares, rest].map((n) => [n, 1] as const), [one, -1]]);
	}
	const sum = (of: (a: (typeof forces)[number]['at'], w: (typeof forces)[number]['way']) => number) =>
		lp.zero(forces.map(({ name, at, way }) => [name, of(at, way)] as const));
	sum((_, [x]) => x / 100);
	sum((_, [, y]) => y / 100);
	sum((_, [, , z]) => z / 100);
	sum(([, y, z], [, fy, fz]) => (y * fz - z * fy) / 1e4);
	sum(([x, , z], [fx, , fz]) => (z * fx - x * fz) / 1e4);
	sum(([x, y], [fx, fy]) => (x * fy - y * fx) / 1e4);
	return greatest(lp, f);
}
