import { box, type Drawing, type Shape } from '../drawing/shapes';
import { roomBoxes } from '../holders/room-boxes';
import type { AnyPlaced } from '../places/any-place';
import { isRack } from '../plan/held';
import type { Wall } from '../plan/types';
import { remembering } from '../remembering';
import { facesOf, type ViewName } from '../solid/project';
import type { Solid } from '../solid/room';
import { joistMiddles } from '../survey/joists';
import { topAt } from '../survey/outline';
import { sweptBy } from '../survey/swept';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** Ways to look at the whole room beside the wall's front. */
export type RoomView = 'above' | 'below' | 'section';

/** What the room is drawn of: the wall, what stands on it, and which of that cannot be built so. */
export interface Room {
	wall: Wall;
	placed: readonly AnyPlaced[];
	/** Ids of holders that a stop forbids. */
	stopped: ReadonlySet<string>;
	/** Of whoever works here; null where nobody said. */
	stature: Millimetres | null;
}

/** Thickness that wall, floor and a slab are drawn with. */
const THICK: Millimetres = 80;
/** Room before the wall that is drawn at least. */
const LEAST: Millimetres = 900;
/** Of whoever looks up. */
const EYE: Millimetres = 1500;
const STEPS = 24;

/** Faces of a holder's parts from one side, the furthest first, in the holder's own frame. */
const facesFrom = (view: ViewName) =>
	remembering((p: AnyPlaced['built']) =>
		// What is driven into the wall is not seen.
		facesOf(
			p.parts.filter((part) => part.material.kind !== 'driven'),
			view
		).flatMap((f) => f.polygons.filter((points) => points.length > 2))
	);
const FACES = { above: facesFrom('above'), below: facesFrom('below'), side: facesFrom('side') } as const;

/** How far a solid reaches out from the wall. */
const depthOf = (s: Solid): Millimetres => (s.kind === 'box' ? s.z[1] : s.z + s.radius);

/** A solid on the floor plan: along the wall to the right, out from it down. */
function footprint(s: Solid, look: 'thing' | 'bent'): Shape {
	if (s.kind === 'box') {
		const points = [
			[s.x[0], -s.z[0]],
			[s.x[1], -s.z[0]],
			[s.x[1], -s.z[1]],
			[s.x[0], -s.z[1]],
			[s.x[0], -s.z[0]]
		] as const;
		return look === 'thing' ? { kind: 'polygon', points, look } : { kind: 'line', points, look };
	}
	const round = Array.from({ length: STEPS + 1 }, (_, i) => {
		const a = s.from + ((s.to - s.from) * i) / STEPS;
		return [s.x + s.radius * Math.cos(a), -(s.z + s.radius * Math.sin(a))] as const;
	});
	return { kind: 'line', points: [[s.x, -s.z], ...round, [s.x, -s.z]], look: 'bent' };
}

/** How deep the drawing goes: what stands out furthest, or what must stay free. */
function deepest({ wall, placed }: Room): Millimetres {
	const solids = wall.obstructions.flatMap((o) => {
		const { fixed, moving, clear } = sweptBy(o);
		return [...fixed, ...moving, ...clear].map(depthOf);
	});
	return Math.max(LEAST, wall.front?.depth ?? 0, ...solids, ...placed.map((p) => p.built.reach.out + 100));
}

/** The name of a rack, where a pencil would write it. */
function named(p: AnyPlaced, at: readonly [number, number]): Shape[] {
	return isRack(p.holder) && p.holder.name ? [{ kind: 'mark', at, label: phrase(p.holder.name) }] : [];
}

/** Room of what stands on its seats: after that of its parts. */
const thingsOn = ({ built }: AnyPlaced) =>
	roomBoxes(built).slice(built.parts.reduce((n, part) => n + part.stands.length, 0));

function onPlan(p: AnyPlaced, view: 'above' | 'below', stopped: boolean): Shape[] {
	const { reach } = p.built;
	const faces = FACES[view](p.built).map((points): Shape => ({
		kind: 'polygon',
		points: points.map(([x, y]) => [x + p.left, y] as const),
		look: 'ply'
	}));
	const things = thingsOn(p).map(({ box: b }) =>
		box(p.left + b.x[0], -b.z[1], b.x[1] - b.x[0], b.z[1] - b.z[0], 'thing')
	);
	return [
		// From below the wood of a deck hides what stands on it.
		...(view === 'above' ? [...faces, ...things] : [...things, ...faces]),
		...(stopped ? [box(p.left + reach.left, -reach.out, reach.right - reach.left, reach.out, 'clash')] : []),
		...named(p, [p.left + reach.right, -reach.out - 60])
	];
}

/** Joists as they run, where they were surveyed; a slab is all of it. */
function joistsOnPlan({ wall }: Room, deep: Millimetres): Shape[] {
	const { ceiling } = wall;
	if (!ceiling || ceiling.kind === 'slab') return [];
	const middles = joistMiddles(ceiling, wall.width);
	const half = ceiling.width / 2;
	return ceiling.direction === 'across'
		? middles.map((x) => box(x - half, -deep, ceiling.width, deep, 'wall'))
		: middles.filter((z) => z < deep).map((z) => box(0, -z - half, wall.width, ceiling.width, 'wall'));
}

/**
 * The room seen from above, the wall at the top and the floor under all; or from below, as one sees it looking up, with
 * the joists behind all.
 * @example roomPlan(room, 'below').shapes.length
 */
export function roomPlan(room: Room, view: 'above' | 'below'): Drawing {
	const { wall, placed, stopped } = room;
	const deep = deepest(room);
	const swept = wall.obstructions.map(sweptBy);
	const low = (p: AnyPlaced) => p.foot + p.built.reach.low;
	// What is nearer to the eye is drawn over what is further.
	const over = view === 'above' ? placed : placed.filter((p) => low(p) >= EYE);
	const order = [...over].sort((a, b) => (view === 'above' ? a.top - b.top : low(b) - low(a)));
	// Looking up, what stands lower than the eye is beside whoever looks: where it is, and no more.
	const beside = view === 'above' ? [] : placed.filter((p) => low(p) < EYE);
	const front = wall.front;
	return {
		title:
			view === 'above' ? 'The room from above, the wall at the top' : 'The ceiling from below, the wall at the top',
		shapes: [
			box(0, 0, wall.width, THICK, 'wall'),
			...(view === 'below' ? joistsOnPlan(room, deep) : []),
			...swept.flatMap((s) => s.fixed.map((solid) => footprint(solid, 'thing'))),
			...swept.flatMap((s) => [...s.moving, ...s.clear].map((solid) => footprint(solid, 'bent'))),
			...(front && view === 'above'
				? [
						{
							kind: 'line' as const,
							points: [
								[0, front.walkway - front.depth],
								[wall.width, front.walkway - front.depth]
							] as const,
							look: 'bent' as const
						}
					]
				: []),
			...beside.map(({ left, built: { reach } }) =>
				footprint({ kind: 'box', x: [left + reach.left, left + reach.right], y: [0, 1], z: [0, reach.out] }, 'bent')
			),
			...order.flatMap((p) => onPlan(p, view, stopped.has(p.holder.id))),
			{
				kind: 'measure',
				from: [0, 0],
				to: [wall.width, 0],
				side: 'above',
				label: phrase('{w}', { w: mm(wall.width) })
			},
			{ kind: 'measure', from: [0, -deep], to: [0, 0], side: 'left', label: phrase('{d}', { d: mm(deep) }) }
		]
	};
}

/** Does a solid of the room stand over a place along the wall? */
function stands(s: Solid, x: Millimetres): boolean {
	return s.kind === 'box' ? s.x[0] <= x && x <= s.x[1] : Math.abs(x - s.x) <= s.radius;
}

/** A solid cut there: out from the wall to the right, up. */
function cut(s: Solid, look: 'thing' | 'bent'): Shape {
	const z = s.kind === 'box' ? s.z : ([s.z, s.z + s.radius] as const);
	const points = [
		[z[0], s.y[0]],
		[z[1], s.y[0]],
		[z[1], s.y[1]],
		[z[0], s.y[1]],
		[z[0], s.y[0]]
	] as const;
	return look === 'thing' ? { kind: 'polygon', points, look } : { kind: 'line', points, look };
}

function ceilingCut({ ceiling, ...wall }: Wall, x: Millimetres, deep: Millimetres): Shape[] {
	if (!ceiling) return [box(0, topAt({ ...wall }, x), deep, 1, 'wall')];
	if (ceiling.kind === 'slab') return [box(0, ceiling.height, deep, THICK, 'wall')];
	if (ceiling.direction === 'across') return [box(0, ceiling.height, deep, ceiling.depth, 'wood')];
	return joistMiddles(ceiling, wall.width)
		.filter((z) => z < deep)
		.map((z) => box(z - ceiling.width / 2, ceiling.height, ceiling.width, ceiling.depth, 'wood'));
}

/** Whoever stands there, to see how high it is. */
function person(stature: Millimetres, z: Millimetres): Shape[] {
	const head = stature * 0.065;
	const neck = stature - 2 * head;
	return [
		{ kind: 'circle', at: [z, stature - head], radius: head, look: 'bent' },
		{
			kind: 'line',
			points: [
				[z - stature * 0.06, 0],
				[z, stature * 0.47],
				[z, neck],
				[z, stature * 0.47],
				[z + stature * 0.06, 0]
			],
			look: 'bent'
		},
		{
			kind: 'line',
			points: [
				[z - stature * 0.12, stature * 0.45],
				[z, stature * 0.8],
				[z + stature * 0.12, stature * 0.45]
			],
			look: 'bent'
		}
	];
}

/**
 * The room cut across the wall at a place along it, seen from its left end: floor, ceiling, what stands or sweeps
 * there, and every holder that is cut.
 * @param x along the wall
 * @example roomSection(room, 1200).shapes.length
 */
export function roomSection(room: Room, x: Millimetres): Drawing {
	const { wall, placed, stopped } = room;
	const deep = deepest(room);
	const top = Math.max(topAt(wall, x), wall.ceiling?.height ?? 0);
	const there = placed.filter((p) => p.left + p.built.reach.left <= x && x <= p.left + p.built.reach.right);
	const out = Math.max(0, ...there.map((p) => p.built.reach.out));
	const front = wall.front;
	const swept = wall.obstructions.map(sweptBy);
	const at = (all: readonly Solid[], look: 'thing' | 'bent') =>
		all.filter((s) => stands(s, x)).map((s) => cut(s, look));
	return {
		title: 'The room cut across the wall, seen from its left end',
		shapes: [
			box(-THICK, 0, THICK, top, 'wall'),
			box(-THICK, -THICK, deep + THICK, THICK, 'wall'),
			...ceilingCut(wall, x, deep),
			...swept.flatMap((s) => at(s.fixed, 'thing')),
			...swept.flatMap((s) => at([...s.moving, ...s.clear], 'bent')),
			...there.flatMap((p): Shape[] => {
				const { reach } = p.built;
				const things = thingsOn(p);
				return [
					...FACES.side(p.built).map((points): Shape => ({
						kind: 'polygon',
						points: points.map(([z, y]) => [z, y + p.foot] as const),
						look: 'ply'
					})),
					...things.map(({ box: b }) => box(b.z[0], p.foot + b.y[0], b.z[1] - b.z[0], b.y[1] - b.y[0], 'thing')),
					...(stopped.has(p.holder.id) ? [box(0, p.foot + reach.low, reach.out, reach.high - reach.low, 'clash')] : [])
				];
			}),
			...(room.stature === null ? [] : person(room.stature, Math.min(deep - 200, out + 350))),
			...(front
				? [
						{
							kind: 'line' as const,
							points: [
								[0, front.headHeight],
								[front.depth, front.headHeight]
							] as const,
							look: 'bent' as const
						},
						{
							kind: 'measure' as const,
							from: [front.depth - front.walkway, 0] as const,
							to: [front.depth, 0] as const,
							side: 'below' as const,
							label: phrase('{w} to walk', { w: mm(front.walkway) })
						}
					]
				: []),
			...(out > 0
				? [
						{
							kind: 'measure' as const,
							from: [0, top] as const,
							to: [out, top] as const,
							side: 'above' as const,
							label: phrase('{o} out', { o: mm(out) })
						}
					]
				: []),
			{ kind: 'measure', from: [-THICK, 0], to: [-THICK, top], side: 'left', label: phrase('{h}', { h: mm(top) }) }
		]
	};
}
