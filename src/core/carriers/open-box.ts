import { groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { hinge } from '../materials/hinges';
import { stock } from '../materials/stocks';
import { crossRodOf } from '../members/beam';
import { fail, ok } from '../result';
import { facing, flat, onEdge, upright } from '../solid/frame';
import { circle, plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mass, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { boardBetween, clearBetween } from './between';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Sweep,
	type Wanted
} from './carrier';
import { moreInSides } from './changes';
import { findings } from './findings';
import { backFor } from './fitting';
import { hingeFields, hingePart, hingesTake } from './hinge-leaf';
import { loadOf, onBase } from './load-of';
import { boardField } from './plate';
import { pushedShare, sideFaces, sidesField, sidesOn } from './sides';
import { spacingPositions } from './spacing';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 80, 3000, [400, inch(16)]),
	depth: lengthField('Sides out', 30, 800, [140, inch(5.5)]),
	stock: boardField('Bottom and front'),
	front: lengthField('Front above the bottom', 5, 600, [60, inch(2.5)], { hint: 'Low for a tray, high for a box' }),
	places: wholeField('Things in it', 1, 60, 3),
	handle: orNull(
		groupField('Handle, to carry it by', {
			diameter: lengthField('Diameter', 12, 60, [25, inch(1)]),
			below: lengthField('Middle below the sides’ top', 8, 200, [30, inch(1.25)])
		})
	),
	lid: orNull(groupField('Lid, on hinges at the back', hingeFields(6))),
	sides: sidesField,
	ends: wholeField('Screws in each end of the bottom', 1, 12, 3)
};
type Params = ValuesOf<typeof fields>;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const sideOf = (p: Params): Millimetres => stock(p.sides.stock).thickness;
/** Out to the front of the front. */
const outOf = (p: Params): Millimetres => p.depth + boardOf(p);
/** Room for four fingers between a handle and what is under it. */
const HAND: Millimetres = 35;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const span = p.width - 2 * sideOf(p);
	if (span < 20) say('stop', 'width', phrase('The sides leave {s} between them', { s: mm(Math.max(0, span)) }));
	if (p.front + boardOf(p) > p.sides.height + 0.01)
		say(
			'mind',
			'front',
			phrase('Its front, {f} high, is over sides of {s}', { f: mm(p.front + boardOf(p)), s: mm(p.sides.height) })
		);
	const [load] = c.loads;
	const { handle } = p;
	const under = handle ? p.sides.height - handle.below - handle.diameter / 2 - boardOf(p) : Infinity;
	if (handle && handle.below < handle.diameter / 2 + 4)
		say('stop', 'handle', phrase('The handle runs out of the sides: {b} below their top', { b: mm(handle.below) }));
	if (handle && under < HAND)
		say(
			'stop',
			'handle',
			phrase('{u} is under the handle: a hand needs {h}', { u: mm(Math.max(0, under)), h: mm(HAND) })
		);
	if (!load || load.count === 0) return found;
	if (load.depth > p.depth)
		say('mind', 'depth', phrase('What lies in it is {d} deep, the box {b}', { d: mm(load.depth), b: mm(p.depth) }));
	if (load.width * p.places > span)
		say('mind', 'places', phrase('{n} of {w} are wider than the box', { n: count(p.places), w: mm(load.width) }));
	if (handle && load.height + HAND > under)
		say(
			'mind',
			'handle',
			phrase('What lies in it, {h} high, leaves no room for a hand under the handle', { h: mm(load.height) })
		);
	return found;
}

/** A dowel between the sides, above the middle of the box. */
function handleOf(p: Params): Part[] {
	const { handle } = p;
	if (!handle) return [];
	return [
		{
			id: 'handle',
			name: 'handle',
			material: { kind: 'dowel', diameter: handle.diameter },
			outline: plain(circle(0, 0, handle.diameter)),
			thickness: p.width,
			grain: 'none',
			features: [],
			stands: [{ at: [0, p.sides.height - handle.below, p.depth / 2], x: [0, 1, 0], y: [0, 0, 1] }]
		}
	];
}

/** A hinge's leaves are so thick. */
const LEAF: Millimetres = 1.5;

const lidMass = (p: Params): number => (p.width * outOf(p) * boardOf(p) * stock(p.stock).density) / 1e9;

/** A board over all of it, and hinges on the face behind it. */
function lidOf(p: Params): Part[] {
	if (!p.lid) return [];
	const { length } = hinge(p.lid.hinge);
	const top = p.sides.height + boardOf(p);
	return [
		{
			id: 'lid',
			name: 'lid',
			material: { kind: 'board', stock: p.stock },
			outline: plain(rectangle(p.width, outOf(p))),
			thickness: boardOf(p),
			grain: 'x',
			features: [],
			stands: [flat([0, top, 0])]
		},
		hingePart(
			p.lid.hinge,
			LEAF,
			hingesAt(p).map((x) => onEdge([x + length / 2, top, 0]))
		)
	];
}
const hingesAt = (p: Params): Millimetres[] =>
	p.lid
		? spacingPositions(p.width, { kind: 'end-margins', count: p.lid.count, margin: Math.min(80, p.width / 4) })
		: [];

/** It turns up to the face: a box about the quarter round it goes through. */
function lidSweep(p: Params): Sweep[] {
	if (!p.lid) return [];
	const top = p.sides.height + boardOf(p);
	return [{ name: 'lid', solids: [{ kind: 'box', x: [0, p.width], y: [top, top + outOf(p)], z: [0, outOf(p)] }] }];
}

/** A lid, and what is in its way. */
function lidWarnings(p: Params): Found[] {
	const { found, say } = findings();
	if (!p.lid) return found;
	const { length } = hinge(p.lid.hinge);
	if (p.handle) say('stop', 'lid', phrase('A lid closes over the handle'));
	if (p.lid.count * length > p.width)
		say('stop', 'lid', phrase('{n} hinges of {l} are wider than the box', { n: count(p.lid.count), l: mm(length) }));
	if (lidMass(p) > hingesTake(p.lid))
		say(
			'mind',
			'lid',
			phrase('The lid weighs {m}, more than these hinges are taken for: larger ones, or more', {
				m: mass(lidMass(p))
			})
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { handle } = p;
	const [board, left] = [boardOf(p), sideOf(p)];
	const [load] = c.loads;
	const span = clearBetween(p.width, p.sides.stock);
	const up = handle ? p.sides.height - handle.below : 0;
	const sides = sidesOn({
		...p.sides,
		width: p.width,
		depth: p.depth,
		host: c.host.stock,
		...(handle
			? {
					outline: {
						outer: rectangle(p.depth, p.sides.height),
						holes: [circle(p.depth / 2, up, handle.diameter)]
					},
					features: [
						{
							kind: 'bore' as const,
							at: [p.depth / 2, up] as const,
							from: 'front' as const,
							diameter: handle.diameter,
							depth: left,
							through: true,
							tilt: 0,
							toward: [0, 1] as const,
							drawn: true as const
						}
					]
				}
			: {})
	});
	const bottom = boardBetween({
		id: 'bottom',
		name: 'bottom',
		stock: p.stock,
		side: p.sides.stock,
		width: p.width,
		depth: p.depth,
		top: board,
		screws: p.ends,
		wide: load?.width ?? 0,
		first: 1
	});
	const front: Part = {
		id: 'front',
		name: 'front',
		material: { kind: 'board', stock: p.stock },
		outline: plain(rectangle(p.width, board + p.front)),
		thickness: board,
		pinned: true,
		grain: 'x',
		features: [],
		stands: [upright([0, 0, p.depth])]
	};
	const lifted = handle
		? [
				{
					data: crossRodOf({ diameter: handle.diameter, span, side: p.sides.stock, seated: left, lifted: true }),
					instances: [facing('front', [left, up, 0])],
					own: true
				}
			]
		: [];
	const at = 1 + bottom.members.length;
	return {
		parts: [...sides.parts, bottom.part, front, ...handleOf(p), ...lidOf(p)],
		host: [],
		joints: [...sides.joints, ...bottom.joints],
		seats: Array.from({ length: p.places }, (_, i) => {
			const pushed = pushedShare(i, load?.width ?? 0, span);
			return {
				group: 0,
				at: [left + (span * (i + 0.5)) / p.places, board, 0] as const,
				axis: [0, 0, 1] as const,
				length: p.depth,
				takes: 1,
				kept: false,
				stance: 'stands' as const,
				carriedBy: [...bottom.carriedBy(pushed, pushed), ...(handle ? [{ member: at, instance: 0, share: 1 }] : [])]
			};
		}),
		members: [sides.member, ...bottom.members, ...lifted],
		faces: sideFaces(p.width, p.depth, p.sides),
		sweeps: lidSweep(p),
		retention: [
			{
				forward: { by: 'the front' },
				sideways: { by: 'the sides' },
				up: p.lid ? { by: 'the lid, shut' } : { open: 'it lifts out, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: p.sides.height + (p.lid ? boardOf(p) : 0) },
		warnings: [...warningsOf(p, c), ...lidWarnings(p)]
	};
}

/** A longer bottom sags between its sides under a full load. */
const WIDEST: Millimetres = 600;
/** A front keeps back so much of what lies behind it. */
const KEEPS = 0.5;

/** A box for what lies loose; one that is carried gets a handle. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims, carried, cover } = w.thing;
	if (grip !== null && grip !== 'loose' && grip !== 'shelf') return fail('it neither lies loose nor stands on a base');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const { wide, deep, high: stands } = onBase(known.value, dims);
	const start = openBox.start(w.unit) as Params;
	const side = sideOf(start);
	const board = boardOf(start);
	const pitch = wide + ROOM.clear;
	const most = Math.max(1, Math.floor((Math.min(w.widest, WIDEST) - 2 * side) / pitch));
	const places = Math.max(1, Math.min(60, most, w.count));
	const width = Math.max(80, places * pitch + 2 * side);
	const depth = Math.max(40, deep + 2 * ROOM.clear);
	const front = Math.max(15, Math.round(stands * KEEPS));
	const below = start.handle === null ? 30 : start.handle.below;
	const diameter = start.handle === null ? 25 : start.handle.diameter;
	const handle = carried ? { diameter, below } : null;
	// What wants a cover gets a lid, unless it is carried by a handle.
	const lid = cover && !carried ? { hinge: '50' as const, count: 2 } : null;
	// A hand goes between what lies there and the handle.
	const high = Math.max(
		front + board,
		Math.round(depth * 0.8),
		60,
		handle ? board + stands + 2 * HAND + diameter / 2 + below : 0
	);
	return ok({
		params: {
			...start,
			width,
			depth,
			front,
			places,
			handle,
			lid,
			sides: { ...start.sides, height: Math.ceil(high), screws: Math.min(12, Math.max(2, Math.round(high / 60))) }
		},
		sums: [
			{ label: 'wide, each', sum: phrase('{w} + {c}', { w: mm(wide), c: mm(ROOM.clear) }), value: pitch },
			{ label: 'deep, inside', sum: phrase('{d} + 2 × {c}', { d: mm(deep), c: mm(ROOM.clear) }), value: depth },
			{ label: 'front', sum: phrase(`high {h} × ${KEEPS}`, { h: mm(stands) }), value: front }
		],
		back: { width, height: backFor(depth + board, high + (lid ? board : 0) + 100) },
		y: 0,
		load: { ...known.value, width: wide, depth: deep, height: stands, count: Math.min(w.count, places) },
		seats: places
	});
}

function lidOrHandle({ handle, lid }: Params): string {
	if (handle) return ' with a handle,';
	return lid ? ' with a lid,' : '';
}

export const openBox = defineCarrier({
	kind: 'open-box',
	title: 'Box or tray',
	about: 'A bottom, two sides and a front: what lies loose, and with a handle what is taken to where it is needed.',
	fields,
	grips: ['loose'],
	on: ['front'],
	through: true,
	groups: () => ['in the box'],
	effort: (p) => 2 * p.places + 6,
	build,
	describe: (p) =>
		phrase(`${p.front < 40 ? 'tray' : 'box'}{h} of {w@tape} × {d@tape}`, {
			h: lidOrHandle(p),
			w: mm(p.width),
			d: mm(outOf(p))
		}),
	fit,
	suits: (p, thing) => [
		...mustGoIn('width', thing.dims.baseWidth ?? thing.width, clearBetween(p.width, p.sides.stock), 'box'),
		...mustGoIn('depth', thing.dims.baseDepth ?? thing.depth, p.depth, 'box')
	],
	withSeats: (p, seats) => ({ ...p, places: Math.min(60, Math.max(1, seats)) }),
	changes: (p) => [
		moreInSides(p),
		...(p.handle
			? [
					{
						text: phrase('A handle {d@tape} thick', { d: mm(Math.min(60, p.handle.diameter * 1.25)) }),
						params: { ...p, handle: { ...p.handle, diameter: Math.min(60, p.handle.diameter * 1.25) } },
						effort: 'another part' as const
					}
				]
			: [])
	],
	watch: ['the middle of the bottom: does it sag?', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('{w} between the sides over {n} things is {d} each', {
			w: mm(clearBetween(p.width, p.sides.stock)),
			n: count(p.places),
			d: mm(clearBetween(p.width, p.sides.stock) / p.places)
		})
	]
});
