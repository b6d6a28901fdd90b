import { groupField, lengthField, lengthsField, orNull, variantsField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf } from '../members/cantilever';
import { fail, ok } from '../result';
import { facing, onEdge, upright } from '../solid/frame';
import { plain, polygon, rectangle, type Outline } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Vec2 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { boardBetween, clearBetween } from './between';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarriedBy,
	type CarrierContext,
	type Fitted,
	type Found,
	type Load,
	type Member,
	type Wanted
} from './carrier';
import { CORDS, cordHoles, cordsFor, cordWarnings } from './cords';
import { moreInEnds, moreInSides } from './changes';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf, onBase } from './load-of';
import { boardField } from './plate';
import { sideFaces, sidesField, sidesOn } from './sides';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 80, 6000, [500, inch(20)]),
	depth: lengthField('Bottom out', 20, 800, [150, inch(6)]),
	stock: boardField('Bottom and dividers'),
	bays: variantsField('Bays', {
		equal: { count: wholeField('How many', 1, 40, 4) },
		'by-width': {
			at: lengthsField('Middles of the dividers, from the left side', { min: 1, max: 6000, least: 1, most: 39 }, [
				[150, 300],
				[inch(6), inch(12)]
			])
		}
	}),
	high: lengthField('Dividers above the bottom', 5, 1000, [80, inch(3)]),
	lip: orNull(groupField('Lip along the front', { height: lengthField('Above the bottom', 3, 300, [25, inch(1)]) })),
	neck: orNull(
		groupField('Slots in the bottom', {
			width: lengthField('Width', 3, 300, [40, inch(1.5)], {
				hint: 'For a neck that hangs through: a drill, a nozzle'
			}),
			deep: lengthField('From the front edge', 5, 600, [90, inch(3.5)])
		})
	),
	cords: CORDS,
	sides: sidesField,
	ends: wholeField('Screws in each end of the bottom', 1, 12, 3)
};
type Params = ValuesOf<typeof fields>;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const sideOf = (p: Params): Millimetres => stock(p.sides.stock).thickness;

/** Clear room between two dividers, along, from the carrier's left end. */
interface Bay {
	from: Millimetres;
	to: Millimetres;
}
const middle = ({ from, to }: Bay): Millimetres => (from + to) / 2;
const clearOf = ({ from, to }: Bay): Millimetres => to - from;

/** From left to right; what is too narrow comes out with less than no room. */
function baysOf(p: Params): Bay[] {
	const [t, span, left] = [boardOf(p), clearBetween(p.width, p.sides.stock), sideOf(p)];
	if (p.bays.kind === 'equal') {
		const n = p.bays.count;
		const clear = (span - (n - 1) * t) / n;
		return Array.from({ length: n }, (_, i) => ({ from: left + i * (clear + t), to: left + i * (clear + t) + clear }));
	}
	const starts = [left, ...p.bays.at.map((x) => left + x + t / 2)];
	const ends = [...p.bays.at.map((x) => left + x - t / 2), left + span];
	return starts.map((from, i) => ({ from, to: ends[i] as Millimetres }));
}

/** Which of the loads a bay is for. */
const groupIn = (p: Params, bay: number) => (p.bays.kind === 'equal' ? 0 : bay);

const EMPTY: Load = { name: '', mass: null, width: 1, height: 1, depth: 1, count: 0 };

/** The narrowest and the shallowest that a bay may be: fingers go in. */
const LEAST_BAY: Millimetres = 10;
const LEAST_FINGER: Millimetres = 10;

function warningsOf(p: Params, c: CarrierContext, bays: readonly Bay[]): Found[] {
	const { found, say } = findings();
	const least = Math.min(...bays.map(clearOf));
	if (least < LEAST_BAY)
		say('stop', 'bays', phrase('A bay of {b} is left: {m} at least', { b: mm(Math.max(0, least)), m: mm(LEAST_BAY) }));
	if (p.high + boardOf(p) > p.sides.height + 0.01)
		say(
			'mind',
			'high',
			phrase('Dividers reach {d} up, their sides {s}', { d: mm(p.high + boardOf(p)), s: mm(p.sides.height) })
		);
	if (p.neck) {
		if (p.neck.deep > p.depth - 15)
			say(
				'stop',
				'neck',
				phrase('Slots {s} deep leave {l} of the bottom at the back: 15 mm at least', {
					s: mm(p.neck.deep),
					l: mm(Math.max(0, p.depth - p.neck.deep))
				})
			);
		const finger = Math.min(...fingersOf(p, bays));
		if (finger < LEAST_FINGER)
			say(
				'stop',
				'neck',
				phrase('Slots of {n} leave {f} of the bottom beside them: {m} at least', {
					n: mm(p.neck.width),
					f: mm(Math.max(0, finger)),
					m: mm(LEAST_FINGER)
				})
			);
		if (p.lip) say('stop', 'lip', phrase('A lip closes the slots'));
	}
	for (const [i, load] of c.loads.entries()) {
		if (load.count === 0) continue;
		const room = p.bays.kind === 'equal' ? least : clearOf(bays[i] ?? { from: 0, to: Infinity });
		if (load.width > room)
			say('stop', 'bays', phrase('What stands there is {w} wide, its bay {b}', { w: mm(load.width), b: mm(room) }));
		if (load.depth > p.depth)
			say(
				'mind',
				'depth',
				phrase('What stands there is {d} deep, the bottom {s}', { d: mm(load.depth), s: mm(p.depth) })
			);
	}
	return [...found, ...cordWarnings(p.cords, bays.length)];
}

/** The bottom with a slot in each bay, open to the front. */
function bottomOf(p: Params, bays: readonly Bay[]): { outline: Outline; features: Feature[] } {
	const span = clearBetween(p.width, p.sides.stock);
	const { neck } = p;
	if (!neck) return { outline: plain(rectangle(span, p.depth)), features: [] };
	const deep = Math.min(neck.deep, p.depth - 1);
	const at = bays.map((b) => middle(b) - sideOf(p));
	const notches = [...at].reverse().flatMap((x): Vec2[] => [
		[x + neck.width / 2, p.depth],
		[x + neck.width / 2, p.depth - deep],
		[x - neck.width / 2, p.depth - deep],
		[x - neck.width / 2, p.depth]
	]);
	return {
		outline: plain(polygon([[0, 0], [span, 0], [span, p.depth], ...notches, [0, p.depth]])),
		features: at.map((x) => ({
			kind: 'slot',
			at: [x, p.depth - deep],
			width: neck.width,
			depth: deep,
			round: false,
			drawn: true
		}))
	};
}

/** What of the bottom is left beside and between its slots. */
function fingersOf(p: Params, bays: readonly Bay[]): Millimetres[] {
	const width = p.neck?.width ?? 0;
	const at = bays.map((b) => middle(b) - sideOf(p));
	const span = clearBetween(p.width, p.sides.stock);
	const edges = [-width / 2, ...at, span + width / 2];
	return edges.slice(1).map((x, i) => x - (edges[i] as Millimetres) - width);
}

/** Fingers beside the slots carry what hangs in them: half of it each. */
function fingerMembers(p: Params, bays: readonly Bay[]): Member[] {
	const { neck } = p;
	if (!neck) return [];
	const root = p.depth - neck.deep;
	const widths = fingersOf(p, bays);
	const top = boardOf(p);
	const lefts = [sideOf(p), ...bays.map((b) => middle(b) + neck.width / 2)];
	return widths.map((width, i) => ({
		data: cantileverOf({
			name: i === 0 || i === widths.length - 1 ? 'end finger' : 'finger',
			width: Math.max(0.1, width),
			wide: null,
			stock: p.stock,
			grain: 'across'
		}),
		instances: [facing('front', [(lefts[i] as Millimetres) + width / 2, top, root])]
	}));
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const bays = baysOf(p);
	const [board, left, span] = [boardOf(p), sideOf(p), clearBetween(p.width, p.sides.stock)];
	const sides = sidesOn({ ...p.sides, width: p.width, depth: p.depth, host: c.host.stock });
	const widest = Math.max(0, ...c.loads.map((l) => l.width));
	const bottom = boardBetween({
		id: 'bottom',
		name: 'bottom',
		stock: p.stock,
		side: p.sides.stock,
		width: p.width,
		depth: p.depth,
		// Over its slots only what is behind them runs through.
		...(p.neck ? { bends: Math.max(1, p.depth - p.neck.deep) } : {}),
		top: board,
		screws: p.ends,
		wide: widest,
		first: 1,
		...bottomOf(p, bays)
	});
	const dividers: Part[] =
		bays.length > 1
			? [
					{
						id: 'divider',
						name: 'divider',
						material: { kind: 'board', stock: p.stock },
						outline: plain(rectangle(p.depth, p.high)),
						thickness: board,
						pinned: true,
						grain: 'y',
						features: [],
						// On edge a board stands to the left of its place.
						stands: bays.slice(1).map((b) => onEdge([b.from, board, 0]))
					}
				]
			: [];
	const lip: Part[] = p.lip
		? [
				{
					id: 'lip',
					name: 'lip',
					material: { kind: 'board', stock: p.stock },
					outline: plain(rectangle(p.width, board + p.lip.height)),
					thickness: board,
					pinned: true,
					grain: 'x',
					features: [],
					stands: [upright([0, 0, p.depth])]
				}
			]
		: [];
	const fingers = fingerMembers(p, bays);
	const carriedBy = (bay: Bay, i: number): CarriedBy[] => {
		// It stands anywhere in its bay: each side takes it as if it were pushed to its end of that.
		const half = Math.min(clearOf(bay), c.loads[groupIn(p, i)]?.width ?? 0) / 2;
		const toLeft = 1 - (bay.from + half - left) / span;
		const toRight = (bay.to - half - left) / span;
		const at = 1 + bottom.members.length + i;
		return [
			...bottom.carriedBy(toLeft, toRight),
			...(p.neck ? [at, at + 1].map((member): CarriedBy => ({ member, instance: 0, share: 0.5 })) : [])
		];
	};
	const holes = cordHoles(p.cords, bays.map(middle), board, stock(c.host.stock).thickness);
	const groups = p.bays.kind === 'equal' ? 1 : bays.length;
	return {
		parts: [...sides.parts, bottom.part, ...dividers, ...lip],
		host: holes.host,
		joints: [...sides.joints, ...bottom.joints],
		seats: bays.map((bay, i) => ({
			group: groupIn(p, i),
			at: [middle(bay), board, 0] as const,
			axis: [0, 0, 1] as const,
			length: p.depth,
			takes: 1,
			kept: false,
			stance: 'stands' as const,
			carriedBy: carriedBy(bay, i)
		})),
		members: [sides.member, ...bottom.members, ...fingers],
		faces: sideFaces(p.width, p.depth, p.sides),
		cords: holes.cords,
		retention: Array.from({ length: groups }, () => ({
			forward: p.lip ? { by: 'the lip' } : { open: 'a knock can push it off: a lip' },
			sideways: { by: 'the dividers' },
			up: { open: 'it lifts out, as it is meant to' },
			back: { by: 'the face' }
		})),
		taken: { left: 0, right: p.width, low: 0, high: Math.max(p.sides.height, board + p.high) },
		warnings: warningsOf(p, c, bays)
	};
}

/** A longer bottom sags between its sides under a full load. */
const WIDEST: Millimetres = 600;
/** Dividers reach up so much of what stands between them. */
const REACHES_UP = 0.4;

/** Bays for things that stand side by side: each as wide as one and room about it. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== null && grip !== 'bay' && grip !== 'shelf') return fail('it does not stand on a base');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const { wide, deep, high: stands } = onBase(known.value, dims);
	const start = dividedBays.start(w.unit) as Params;
	const [board, side] = [stock(start.stock).thickness, stock(start.sides.stock).thickness];
	const clear = wide + 2 * ROOM.clear;
	const most = Math.max(1, Math.floor((Math.min(w.widest, WIDEST) - 2 * side + board) / (clear + board)));
	const n = Math.min(40, most, Math.max(1, w.count) + spareFor(w.count));
	const width = Math.max(80, n * clear + (n - 1) * board + 2 * side);
	const depth = Math.max(40, deep + ROOM.clear);
	const high = Math.max(30, Math.round(stands * REACHES_UP));
	// The sides turn about their feet: as high as what they carry stands out, or the dividers.
	const tall = Math.max(high + board, Math.round(depth * 0.8), 60);
	const charging = cordsFor(w.thing, Math.min(w.count, n));
	return ok({
		params: {
			...start,
			width,
			depth,
			bays: { kind: 'equal', count: n },
			high,
			lip: { height: w.unit === 'mm' ? 20 : inch(0.75) },
			cords: charging.cords,
			sides: { ...start.sides, height: tall, screws: Math.min(12, Math.max(2, Math.round(tall / 60))) }
		},
		sums: [
			...charging.sums,
			{ label: 'bay, clear', sum: phrase('wide {w} + 2 × {c}', { w: mm(wide), c: mm(ROOM.clear) }), value: clear },
			{
				label: 'wide',
				sum: phrase('{n} × {b} + {d} × {t} + 2 × {s}', {
					n: count(n),
					b: mm(clear),
					d: count(n - 1),
					t: mm(board),
					s: mm(side)
				}),
				value: width
			},
			{ label: 'deep', sum: phrase('{d} + {c}', { d: mm(deep), c: mm(ROOM.clear) }), value: depth }
		],
		back: { width, height: backFor(depth, tall + 100) },
		y: 0,
		load: { ...known.value, width: wide, depth: deep, height: stands, count: Math.min(w.count, n) },
		seats: n
	});
}

export const dividedBays = defineCarrier({
	kind: 'divided-bays',
	title: 'Bays between dividers',
	about: 'A bottom between two sides with dividers on it: what stands there has a bay of its own, or hangs by a neck.',
	fields,
	grips: ['bay'],
	on: ['front'],
	through: true,
	groups: (p) => (p.bays.kind === 'equal' ? ['in the bays'] : baysOf(p).map((_, i) => `in bay ${i + 1}`)),
	effort: (p) => 3 * (p.bays.kind === 'equal' ? p.bays.count : p.bays.at.length + 1) + 4,
	build,
	describe: (p) => {
		const n = baysOf(p).length;
		return phrase(`${n} ${n === 1 ? 'bay' : 'bays'}, {d@tape} out`, { d: mm(p.depth) });
	},
	fit,
	suits: (p, thing) => [
		...mustGoIn('width', thing.dims.baseWidth ?? thing.width, Math.max(...baysOf(p).map(clearOf)), 'widest bay'),
		...mustGoIn('depth', thing.dims.baseDepth ?? thing.depth, p.depth, 'bottom')
	],
	withSeats: (p, seats) => ({ ...p, bays: { kind: 'equal' as const, count: Math.min(40, Math.max(1, seats)) } }),
	changes: (p) => [moreInSides(p), moreInEnds(p, 'the bottom')],
	mirrored: (p, loads) => {
		if (p.bays.kind === 'equal') return { params: p, loads };
		const span = clearBetween(p.width, p.sides.stock);
		const at = p.bays.at.map((x) => span - x).reverse();
		// A load each bay, from the other end; those that are not said are none.
		const all = baysOf(p).map((_, i) => loads[i] ?? EMPTY);
		return { params: { ...p, bays: { kind: 'by-width' as const, at } }, loads: all.reverse() };
	},
	watch: ['the middle of the bottom: does it sag?', 'the sides: do they pull off the back?'],
	sums: (p) => {
		const bays = baysOf(p);
		const t = boardOf(p);
		return p.bays.kind === 'equal'
			? [
					phrase('({w} - {n} × {t}) / {m} is {b} clear each', {
						w: mm(clearBetween(p.width, p.sides.stock)),
						n: count(bays.length - 1),
						t: mm(t),
						m: count(bays.length),
						b: mm(clearOf(bays[0] as Bay))
					})
				]
			: bays.map((b, i) => phrase(`bay ${i + 1}: {b} clear`, { b: mm(clearOf(b)) }));
	}
});
