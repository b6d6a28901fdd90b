import { groupField, lengthField, massField, orNull, wholeField, type ValuesOf } from '../form/field';
import { screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { ratedOf } from '../members/rated';
import { fail, ok } from '../result';
import { facing, onEdge } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import type { Vec3 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { GRAVITY, inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type ScrewJoint,
	type Seat,
	type Wanted
} from './carrier';
import { CORDS, cordHoles, cordsFor, cordWarnings, overCords } from './cords';
import { findings } from './findings';
import { backFor, screwsAlong, shelfUp, spareFor } from './fitting';
import { loadOf } from './load-of';
import { plainPlate } from './plain-plate';
import { boardField, PLATE_SCREWS, plateFaces, SCREW_SIZE, SUPPORT } from './plate';
import { mustGoIn, mustNotPass } from './suits';

/** A row of docks on one face of the board: the first so far along, then every pitch. */
const row = (label: string, count: number, first: readonly [number, number]) =>
	groupField(label, {
		count: wholeField('How many', 0, 40, count),
		first: lengthField('First at', 0, 6000, first, { hint: 'To its middle, from the left end' }),
		pitch: lengthField('Then every', 10, 1000, [100, inch(4)])
	});

const fields = {
	width: lengthField('Width', 60, 6000, [500, inch(20)]),
	depth: lengthField('Board out', 40, 800, [140, inch(5.5)]),
	stock: boardField('Board'),
	under: row('Docks under it', 4, [85, inch(3.25)]),
	over: row('Docks on top', 0, [100, inch(4)]),
	dock: groupField('Bought dock', {
		foot: lengthField('For a foot so wide', 5, 300, [52, inch(2)]),
		flange: lengthField('And so high', 1, 100, [10, inch(3 / 8)]),
		long: lengthField('Long, front to back', 10, 400, [90, inch(3.5)]),
		base: lengthField('Base thick', 0.5, 20, [4, inch(1 / 8)]),
		rated: orNull(massField('One carries, by its maker', 0, 100))
	}),
	fixing: groupField('Screws in each dock', {
		size: SCREW_SIZE,
		length: lengthField('Length', 6, 100, [16, inch(5 / 8)]),
		count: wholeField('How many', 1, 8, 2)
	}),
	cords: CORDS,
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

const UNDER = 0;
const OVER = 1;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
/** A dock's rails stand beside the foot, and hold it from above. */
const RAIL: Millimetres = 6;
const wideOf = (p: Params): Millimetres => p.dock.foot + 2 * RAIL;
const highOf = (p: Params): Millimetres => p.dock.base + p.dock.flange + RAIL / 2;

const along = ({ count: n, first, pitch }: Params['under']): Millimetres[] =>
	Array.from({ length: n }, (_, i) => first + i * pitch);

/** Its screws, one behind another along its middle, out from the face. */
const screwsOut = (p: Params): Millimetres[] =>
	Array.from({ length: p.fixing.count }, (_, i) => p.depth - p.dock.long * (1 - (i + 0.5) / p.fixing.count));

/** How near the screws of both faces come: only those that reach each other's level can meet. */
function meeting(p: Params): Millimetres | null {
	const each = p.fixing.length - p.dock.base;
	if (2 * each <= boardOf(p)) return null;
	const near = along(p.under).flatMap((a) => along(p.over).map((b) => Math.abs(a - b)));
	const least = Math.min(Infinity, ...near);
	return least < screwDiameter(p.fixing.size) + CLEAR ? least : null;
}
/** Wood between two screws that pass each other. */
const CLEAR: Millimetres = 3;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const each = p.fixing.length - p.dock.base;
	if (each <= 0)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} do not reach through a base of {b}', { l: mm(p.fixing.length), b: mm(p.dock.base) })
		);
	if (each >= boardOf(p) - 1)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} come out of the other face: {b} of base and {t} of board', {
				l: mm(p.fixing.length),
				b: mm(p.dock.base),
				t: mm(boardOf(p))
			})
		);
	const meets = meeting(p);
	if (meets !== null)
		say(
			'stop',
			'over',
			phrase('Screws from above and below meet: {d} apart, and {e} of each in {t} of board', {
				d: mm(meets),
				e: mm(each),
				t: mm(boardOf(p))
			})
		);
	if (p.dock.long > p.depth)
		say(
			'mind',
			'depth',
			phrase('Docks {l} long stand out past a board of {d}', { l: mm(p.dock.long), d: mm(p.depth) })
		);
	for (const [group, docks] of [p.under, p.over].entries()) {
		const field = group === UNDER ? 'under' : 'over';
		const at = along(docks);
		if (at.length > 1 && docks.pitch < wideOf(p))
			say(
				'stop',
				field,
				phrase('Docks {w} wide, {p} apart, run into each other', { w: mm(wideOf(p)), p: mm(docks.pitch) })
			);
		const last = at.at(-1);
		if (last !== undefined && (last + wideOf(p) / 2 > p.width || docks.first < wideOf(p) / 2))
			say('stop', field, phrase('A dock stands out past the end of its board'));
		const load = c.loads[group];
		if (load && load.count > 1 && docks.count > 1 && load.width > docks.pitch)
			say(
				'mind',
				field,
				phrase('What slides on is {w} wide, the docks {p} apart', { w: mm(load.width), p: mm(docks.pitch) })
			);
	}
	return [...found, ...cordWarnings(p.cords, Math.max(1, p.under.count))];
}

/** The rails and base of a dock, as one bought piece: its end is a rectangle with the room for the foot open. */
function dockParts(p: Params): Part[] {
	const [wide, high] = [wideOf(p), highOf(p)];
	const z = p.depth - p.dock.long;
	const part = (id: string, docks: Params['under'], low: Millimetres): Part[] =>
		docks.count === 0
			? []
			: [
					{
						id,
						name: 'dock',
						material: {
							kind: 'bought',
							name: 'dock',
							mass: null,
							rated: p.dock.rated === null ? null : p.dock.rated * GRAVITY
						},
						outline: plain(rectangle(p.dock.long, high)),
						thickness: wide,
						grain: 'none',
						features: [],
						stands: along(docks).map((x) => onEdge([x + wide / 2, low, z]))
					}
				];
	return [...part('dock-under', p.under, -boardOf(p) - high), ...part('dock-over', p.over, 0)];
}

function fixings(p: Params): ScrewJoint[] {
	const joint = (name: string, docks: Params['under'], y: Millimetres): ScrewJoint[] =>
		docks.count === 0
			? []
			: [
					{
						name,
						size: p.fixing.size,
						length: p.fixing.length,
						glued: false,
						places: along(docks).flatMap((x) => screwsOut(p).map((z): Vec3 => [x, y, z]))
					}
				];
	return [...joint('docks, into the underside', p.under, -boardOf(p)), ...joint('docks, into the top', p.over, 0)];
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const wide = Math.max(0, ...c.loads.map((l) => l.width));
	// What slides on below takes all the room under the board.
	const half = Math.max(wideOf(p), c.loads[UNDER]?.width ?? 0) / 2;
	const openings = along(p.under).map((x) => ({ from: x - half, to: x + half, near: 0 }));
	const board = plainPlate({ ...p, name: 'dock board', host: c.host, wide, openings });
	const rated = ratedOf({ name: 'dock', rated: p.dock.rated === null ? null : p.dock.rated * GRAVITY });
	const places = [...along(p.under), ...along(p.over)];
	const at = board.members.length;
	const middle = p.depth - p.dock.long / 2;
	const seat = (group: number, x: Millimetres, instance: number): Seat => ({
		group,
		at: [x, group === UNDER ? -boardOf(p) - p.dock.base : p.dock.base, middle - (c.loads[group]?.depth ?? 0) / 2],
		axis: [0, 0, 1],
		length: 0,
		takes: 1,
		kept: true,
		stance: group === UNDER ? 'hangs' : 'stands',
		carriedBy: [...board.carriedBy, { member: at, instance, share: 1 }]
	});
	const holes = cordHoles(
		p.cords,
		along(p.under).length > 0 ? along(p.under) : [p.width / 2],
		0,
		stock(c.host.stock).thickness
	);
	const slides = {
		forward: { open: 'it slides off to the front, as it is meant to: its own catch, or a board that tilts back' },
		sideways: { by: 'its rails' },
		up: { by: 'its rails' },
		back: { by: 'the face' }
	};
	return {
		parts: [...board.parts, ...dockParts(p)],
		host: holes.host,
		joints: [...board.joints, ...fixings(p)],
		seats: [
			...along(p.under).map((x, i) => seat(UNDER, x, i)),
			...along(p.over).map((x, i) => seat(OVER, x, p.under.count + i))
		],
		members: [...board.members, { data: rated, instances: places.map((x) => facing('front', [x, 0, 0])) }],
		faces: plateFaces({ x: 0, top: 0, width: p.width, depth: p.depth, stock: p.stock }, board.carriedBy),
		cords: holes.cords,
		retention: [slides, slides],
		taken: {
			left: 0,
			right: p.width,
			low: Math.min(board.low, p.under.count > 0 ? -boardOf(p) - highOf(p) : 0),
			high: p.over.count > 0 ? highOf(p) : 0
		},
		warnings: [...warningsOf(p, c), ...board.warnings]
	};
}

/** The outer gussets stand so far from the ends of a board: as plates set them. */
const ENDS: Millimetres = 30;
/** Air between a gusset and what hangs beside it. */
const BESIDE: Millimetres = 3;
/** Docks under a board for tools on their feet: the foot decides the dock, the widest part how far apart. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'dock') return fail('it has no foot that slides on a dock');
	const { foot, flange, head } = w.thing.dims;
	if (foot === undefined || flange === undefined) return fail('the width or the height of its foot is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = toolDock.start(w.unit) as Params;
	const dock = { ...start.dock, foot: foot + ROOM.slack / 2, flange: flange + ROOM.slack / 2 };
	const wide = Math.max(head ?? 0, known.value.width, foot + 2 * RAIL);
	const board = stock(start.stock).thickness;
	// A gusset goes between any two.
	const pitch = wide + Math.max(ROOM.fingers, board + 2 * BESIDE);
	const most = Math.max(1, Math.floor((w.widest - 2 * ENDS) / pitch));
	const n = Math.min(39, most, Math.max(1, w.count) + spareFor(w.count));
	const width = Math.max(120, n * pitch + 2 * ENDS);
	const margin = (width - n * pitch) / 2;
	// Half of a tool behind the middle of its dock must clear the face.
	const depth = Math.max(start.depth, dock.long / 2 + known.value.depth / 2 + ROOM.clear);
	const height = backFor(depth, 240);
	const low = Math.max(20, Math.min(Math.round(depth * 0.8), height - 130));
	const charging = cordsFor(w.thing, 1);
	return ok({
		params: {
			...start,
			width,
			depth,
			dock,
			under: { count: n, first: margin + pitch / 2, pitch },
			cords: charging.cords,
			support: {
				kind: 'gussets',
				count: Math.max(2, Math.ceil(width / 350) + 1),
				height: low,
				out: Math.max(20, Math.round(depth * 0.8))
			},
			screws: { size: '#8', length: w.unit === 'mm' ? 50 : inch(2), count: screwsAlong(width, 3), glued: true }
		},
		sums: [
			...charging.sums,
			{
				label: 'between the rails',
				sum: phrase('foot {f} + {s}', { f: mm(foot), s: mm(ROOM.slack / 2) }),
				value: dock.foot
			},
			{ label: 'apart', sum: phrase('wide {w} + {f}', { w: mm(wide), f: mm(ROOM.fingers) }), value: pitch },
			{
				label: 'board out',
				sum: phrase('half a dock {l} + half of it {d} + {c}, or more', {
					l: mm(dock.long / 2),
					d: mm(known.value.depth / 2),
					c: mm(ROOM.clear)
				}),
				value: depth
			}
		],
		back: { width, height: height + overCords(charging.cords) },
		y: shelfUp(height),
		load: { ...known.value, count: Math.min(w.count, n) },
		seats: n
	});
}

export const toolDock = defineCarrier({
	kind: 'tool-dock',
	title: 'Docks',
	about: 'Bought docks under a board, on top of it, or both: cordless tools and batteries slide on by their feet.',
	fields,
	grips: ['dock'],
	on: ['front'],
	through: true,
	groups: () => ['under the board', 'on top'],
	effort: (p) => 3 * (p.under.count + p.over.count) + 6,
	build,
	describe: (p) => {
		const n = p.under.count + p.over.count;
		return phrase(`${n} ${n === 1 ? 'dock' : 'docks'} for a foot of {f@tape}`, { f: mm(p.dock.foot) });
	},
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('foot', dims.foot, p.dock.foot, 'dock'),
		...mustGoIn('foot’s height', dims.flange, p.dock.flange, 'dock'),
		...mustNotPass('foot', dims.foot, p.dock.foot - 2 * RAIL, 'opening of the rails')
	],
	withSeats: (p, seats) => ({ ...p, under: { ...p.under, count: Math.min(40, Math.max(1, seats)) } }),
	mirrored: (p, loads) => {
		const turned = (row: Params['under']) => ({
			...row,
			first: Math.max(0, p.width - row.first - Math.max(0, row.count - 1) * row.pitch)
		});
		return { params: { ...p, under: turned(p.under), over: turned(p.over) }, loads };
	},
	watch: ['the docks: do their rails spread?', 'the joint of board and back: does it open?'],
	sums: (p) => [
		phrase('under it the first at {f}, then every {p}, {n} of them', {
			f: mm(p.under.first),
			p: mm(p.under.pitch),
			n: count(p.under.count)
		}),
		...(p.over.count > 0
			? [
					phrase('on top the first at {f}, then every {p}, {n} of them', {
						f: mm(p.over.first),
						p: mm(p.over.pitch),
						n: count(p.over.count)
					})
				]
			: [])
	]
});
