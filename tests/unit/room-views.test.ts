import { describe, expect, it } from 'vitest';
import { roomPlan, roomSection, type Room } from '$core/checks/room-views';
import { moreWalls } from '$core/demo/slipway-more';
import { slipwayWall } from '$core/demo/slipway';
import type { Drawing, Shape } from '$core/drawing/shapes';
import { placesById } from '$core/places/any-place';
import type { Plan } from '$core/plan/types';

const lumber = moreWalls().find((w) => w.name.includes('lumber'))!;
const roomOf = (plan: Plan, of: Partial<Room> = {}): Room => ({
	wall: plan.wall,
	placed: [...placesById(plan).values()],
	stopped: new Set(),
	stature: null,
	...of
});
type Polygon = Extract<Shape, { kind: 'polygon' }>;
const polygons = (d: Drawing, look: Polygon['look']) =>
	d.shapes.filter((s): s is Polygon => s.kind === 'polygon' && s.look === look);
const xs = (all: readonly Polygon[]) => all.flatMap((p) => p.points.map(([x]) => x));
const ys = (all: readonly Polygon[]) => all.flatMap((p) => p.points.map(([, y]) => y));
const deck = placesById(lumber).get('k5')!;
const deckOnly = roomOf(lumber, { placed: [deck] });

describe('the room from above and the ceiling from below', () => {
	// The deck of the example: 1660 along the wall from 1000, 800 out and a strap of 4 at its front.
	it.each(['above', 'below'] as const)('draws a deck where it is, from %s', (view) => {
		const wood = polygons(roomPlan(deckOnly, view), 'ply');
		expect(Math.min(...xs(wood))).toBeCloseTo(1000, 6);
		expect(Math.max(...xs(wood))).toBeCloseTo(2660, 6);
		// Its spreader lies about the hang line, half of 94 past 800.
		expect(Math.min(...ys(wood))).toBeCloseTo(-847, 6);
		expect(polygons(roomPlan(deckOnly, view), 'thing')).toHaveLength(4);
	});
	it('draws what is nearer to the eye over what is further', () => {
		const order = (view: 'above' | 'below') => {
			const { shapes } = roomPlan(deckOnly, view);
			const last = (look: Polygon['look']) => shapes.findLastIndex((s) => s.kind === 'polygon' && s.look === look);
			return last('thing') - last('ply');
		};
		// Bins stand on the deck: from above they hide it, from below it hides them.
		expect(order('above')).toBeGreaterThan(0);
		expect(order('below')).toBeLessThan(0);
	});
	it('has the joists behind all from below, each where it was surveyed', () => {
		const { shapes } = roomPlan(deckOnly, 'below');
		const joists = polygons({ title: '', shapes }, 'wall').slice(1);
		// Every 420 from 60 over 13,360: 32 of them, 45 wide.
		expect(joists).toHaveLength(32);
		expect(Math.min(...xs(joists))).toBeCloseTo(60 - 22.5, 6);
		expect(roomPlan(deckOnly, 'above').shapes.filter((s) => s.kind === 'polygon' && s.look === 'wall')).toHaveLength(1);
	});
	it('from below leaves to a dashed line what stands lower than the eye', () => {
		const all = roomOf(lumber);
		const drawn = (view: 'above' | 'below') => polygons(roomPlan(all, view), 'ply').length;
		expect(drawn('below')).toBeLessThan(drawn('above'));
		expect(drawn('below')).toBeGreaterThan(polygons(roomPlan(deckOnly, 'below'), 'ply').length - 1);
	});
	it('marks what cannot be built so in every view', () => {
		const stopped = { ...deckOnly, stopped: new Set(['k5']) };
		const clash = (d: Drawing) => d.shapes.filter((s) => s.kind === 'polygon' && s.look === 'clash').length;
		expect([roomPlan(stopped, 'above'), roomPlan(stopped, 'below'), roomSection(stopped, 1500)].map(clash)).toEqual([
			1, 1, 1
		]);
		expect(clash(roomPlan(deckOnly, 'above'))).toBe(0);
	});
	it('shows what sweeps on the floor plan', () => {
		const long = slipwayWall();
		const lines = roomPlan(roomOf(long), 'above').shapes.filter((s) => s.kind === 'line' && s.look === 'bent');
		expect(long.wall.obstructions.length).toBeGreaterThan(0);
		expect(lines.length).toBeGreaterThan(0);
	});
});

describe('the room cut across', () => {
	it('shows what stands there, and nothing that stands elsewhere', () => {
		const at = (x: number) => polygons(roomSection(roomOf(lumber), x), 'ply');
		expect(at(5100)).toHaveLength(0);
		// At 1500 the rod rack and the deck over it: wood from the rack's foot up to the joists.
		expect(Math.min(...ys(at(1500)))).toBeCloseTo(150, 6);
		expect(Math.max(...ys(at(1500)))).toBeCloseTo(2860, 6);
	});
	it('has floor, ceiling and whoever works there', () => {
		const { shapes } = roomSection(roomOf(lumber, { stature: 1800 }), 1500);
		const joist = polygons({ title: '', shapes }, 'wood');
		expect(Math.min(...ys(joist))).toBe(2860);
		const head = shapes.find((s) => s.kind === 'circle');
		expect(head?.kind === 'circle' && head.at[1] + head.radius).toBe(1800);
	});
});
