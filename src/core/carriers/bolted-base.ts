import { groupField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { boltedFootOf } from '../members/bolted-foot';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { circle, plain } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Vec2, Vec3 } from '../solid/vector';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Load,
	type Wanted
} from './carrier';
import { findings } from './findings';
import { loadOf, onBase, type OnBase } from './load-of';

const fields = {
	along: wholeField('Bolts in a row', 1, 4, 2),
	holes: groupField('Holes of its foot, centre to centre', {
		along: lengthField('Along', 30, 1000, [250, inch(10)], { hint: 'From the first to the last of a row' }),
		up: lengthField('Up', 30, 1000, [150, inch(6)])
	}),
	edge: lengthField('Foot beyond its holes', 0, 300, [25, inch(1)]),
	bolt: lengthField('Bolts', 4, 20, [8, inch(0.3125)]),
	sunk: groupField('Sunk in the back of the board', {
		wide: lengthField('Washer', 12, 60, [25, inch(1)], { hint: 'The recess takes one, and a socket over the head' }),
		depth: lengthField('Depth', 0, 30, [8, inch(0.3125)], { hint: 'Head and washer: the board lies flat on a bench' })
	})
};
type Params = ValuesOf<typeof fields>;

/** A recess is so much wider than the washer in it. */
const ROOM_FOR: Millimetres = 2;
/** Wood left under a washer, at the least. */
const LEFT: Millimetres = 6;
/** Lighter than this a thing is put on a shelf, and off it, by one hand. */
const HEAVY = 10;
/** Longer than this no foot is. */
const MOST: Millimetres = 1000;
/** Of a machine that nobody has measured the foot of, its bolts stand so far in from the edges. */
const IN: Millimetres = 25;

/** The foot of the machine on its board. */
const footOf = ({ along, holes, edge }: Params) => ({
	wide: (along === 1 ? 0 : holes.along) + 2 * edge,
	high: holes.up + 2 * edge
});

/** Bolts from the left end of the foot, about the middle of its height, lower row first. */
function boltsOf({ along, holes, edge }: Params): Vec2[] {
	const xs = Array.from({ length: along }, (_, i) => edge + (along === 1 ? 0 : (i / (along - 1)) * holes.along));
	return [-holes.up / 2, holes.up / 2].flatMap((y) => xs.map((x): Vec2 => [x, y]));
}

const leftUnder = (p: Params, { host }: CarrierContext): Millimetres =>
	Math.max(0, stock(host.stock).thickness - p.sunk.depth);

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const t = stock(c.host.stock).thickness;
	const left = leftUnder(p, c);
	if (left < LEFT)
		say(
			'stop',
			'sunk',
			phrase('Sunk {d} into {t}, its bolts have {l} left to hold to: a thicker board, or less deep', {
				d: mm(p.sunk.depth),
				t: mm(t),
				l: mm(left)
			})
		);
	else if (left < t / 2)
		say('mind', 'sunk', phrase('Sinking its bolts leaves {l} of {t}: less than half', { l: mm(left), t: mm(t) }));
	if (p.sunk.wide <= p.bolt + 2)
		say('stop', 'sunk', phrase('A washer of {w} is no wider than its bolt', { w: mm(p.sunk.wide) }));
	const between = Math.min(p.holes.up, ...(p.along > 1 ? [p.holes.along / (p.along - 1)] : []));
	if (between < p.sunk.wide + ROOM_FOR)
		say('stop', 'holes', phrase('The recesses of its bolts run into each other: {d} apart', { d: mm(between) }));
	const [load] = c.loads;
	if (load && load.count > 0 && (load.width > c.host.width || load.height > c.host.height))
		say('mind', 'holes', phrase('The machine is larger than its board: it reaches past its neighbours'));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const bolts = boltsOf(p);
	const { wide, high } = footOf(p);
	const t = stock(c.host.stock).thickness;
	const hole = (from: 'front' | 'back', at: Vec2, diameter: Millimetres, depth: Millimetres): Feature => ({
		kind: 'bore',
		at,
		from,
		diameter,
		depth: Math.min(depth, t),
		through: depth >= t,
		tilt: 0,
		toward: [0, 1]
	});
	const [load] = c.loads;
	const foot: Part = {
		id: 'bolt',
		name: 'bolt',
		material: { kind: 'bought', name: 'bolt with two washers and a lock nut', mass: 0.1, rated: null },
		outline: plain(circle(0, 0, p.bolt)),
		thickness: t - p.sunk.depth + 12,
		grain: 'none',
		features: [],
		stands: bolts.map(([x, y]) => facing('front', [x, y, p.sunk.depth - t]))
	};
	return {
		parts: [foot],
		host: bolts.flatMap((at) => [
			// As far as the recess: no wood is taken out twice.
			hole('front', at, p.bolt + 1, t - Math.min(p.sunk.depth, t)),
			...(p.sunk.depth > 0 ? [hole('back', at, p.sunk.wide + ROOM_FOR, p.sunk.depth)] : [])
		]),
		joints: [],
		bolts: bolts.map(([x, y]): Vec3 => [x, y, 0]),
		seats: [
			{
				group: 0,
				at: [wide / 2, 0, 0],
				axis: [0, 0, 1],
				length: 0,
				takes: 1,
				kept: true,
				fast: true,
				stance: { above: (load?.height ?? 0) / 2 },
				carriedBy: [{ member: 0, instance: 0, share: 1 }]
			}
		],
		members: [
			{
				data: boltedFootOf({
					name: 'machine',
					apart: p.holes.up,
					upper: p.along,
					all: bolts.length,
					bolt: p.bolt,
					washer: p.sunk.wide,
					stock: c.host.stock,
					left: leftUnder(p, c)
				}),
				instances: [facing('front', [wide / 2, -p.holes.up / 2, 0])]
			}
		],
		faces: [],
		retention: [
			{
				forward: { by: 'its bolts' },
				sideways: { by: 'its bolts' },
				up: { by: 'its bolts' },
				back: { by: 'the board' }
			}
		],
		taken: { left: 0, right: wide, low: -high / 2, high: high / 2 },
		warnings: warningsOf(p, c)
	};
}

/** For what is heavy and stands on a base: bolted to a board that is hung with it, taken down and used with it. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims, mass } = w.thing;
	if (grip !== null && grip !== 'shelf') return fail('it does not stand on a base');
	if (mass !== null && mass < HEAVY) return fail(`under ${HEAVY} kg it is put on a shelf and taken off it`);
	const load = loadOf(w.thing, 1);
	if (!load.ok) return load;
	const stands = onBase(load.value, dims);
	if (stands.wide > Math.min(w.widest, MOST)) return fail('it is too wide for the room there');
	if (stands.deep > MOST) return fail('its base is too deep to hang');
	const start = boltedBase.start(w.unit) as Params;
	const holes = { along: Math.max(30, stands.wide - 2 * IN), up: Math.max(30, stands.deep - 2 * IN) };
	const height = Math.max(stands.deep + 2 * ROUND, Math.ceil((1.7 * stands.high) / 2 / 10) * 10 + ROUND);
	const hung = onEdge(load.value, stands);
	const width = Math.max(stands.wide + ROUND, hung.width);
	return ok({
		params: { ...start, holes, edge: IN },
		sums: [
			{
				label: 'holes',
				sum: phrase('{w} - 2 × {i}: measure its own before drilling', { w: mm(stands.wide), i: mm(IN) }),
				value: holes.along
			},
			{
				label: 'stands out',
				sum: phrase('half of {h}, hung on edge', { h: mm(stands.high) }),
				value: stands.high / 2
			}
		],
		back: { width, height },
		x: (width - footOf({ ...start, holes, edge: IN }).wide) / 2,
		y: height / 2,
		load: { ...load.value, ...hung, count: 1 },
		seats: 1
	});
}

/** What a machine takes along and up its board, which may be more than its foot, and how far it stands out of it. */
function onEdge({ width, height, depth }: Load, stands: OnBase): Pick<Load, 'width' | 'height' | 'depth'> {
	const rest = [width, height, depth].sort((a, b) => b - a);
	rest.splice(Math.max(0, rest.indexOf(stands.high)), 1);
	const [long = stands.wide, short = stands.deep] = rest;
	return { width: Math.max(stands.wide, long), height: Math.max(stands.deep, short), depth: stands.high };
}

/** Board beyond a machine: for the hook's strips, and for hands. */
const ROUND: Millimetres = 120;

export const boltedBase = defineCarrier({
	kind: 'bolted-base',
	title: 'Machine on its board',
	about: 'A machine bolted to a thick board that hangs flat on the wall, and stands on a bench with it.',
	fields,
	grips: [],
	on: ['front'],
	through: true,
	turns: (p) => footOf(p).wide,
	groups: () => ['bolted on'],
	effort: (p) => 4 + 2 * p.along,
	cross: ({ bolt, sunk }) =>
		sunk.wide > bolt ? [] : [{ path: 'sunk.wide', message: 'wider than the bolt that it is on' }],
	build,
	describe: (p) => phrase('{n} bolts of {d}', { n: count(2 * p.along), d: mm(p.bolt) }),
	fit,
	changes: (p) => [
		{
			text: phrase('Washers {w} wide', { w: mm(Math.min(60, Math.round(p.sunk.wide * 1.5))) }),
			params: { ...p, sunk: { ...p.sunk, wide: Math.min(60, Math.round(p.sunk.wide * 1.5)) } },
			effort: 'nothing to buy' as const
		},
		{
			text: phrase('Sunk {d}', { d: mm(Math.round(p.sunk.depth / 2)) }),
			params: { ...p, sunk: { ...p.sunk, depth: Math.round(p.sunk.depth / 2) } },
			effort: 'nothing to buy' as const
		}
	],
	watch: ['the recesses of its upper bolts: does a washer sink in?', 'the hook: does it open at the top?']
});
