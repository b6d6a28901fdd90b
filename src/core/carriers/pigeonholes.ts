import { groupField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { upright } from '../solid/frame';
import { circle, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Vec2 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { alike, boardBetween, clearBetween } from './between';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { moreInEnds, moreInSides } from './changes';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { sideFaces, SIDES, sidesOn } from './sides';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 80, 6000, [500, inch(20)]),
	depth: lengthField('Shelves out', 30, 800, [160, inch(6.5)]),
	stock: boardField('Shelves and front'),
	columns: wholeField('Holes side by side', 1, 40, 4),
	rows: wholeField('Rows', 1, 20, 2),
	hole: lengthField('Hole', 8, 400, [74, inch(3)], { hint: 'Body and slack' }),
	rowPitch: lengthField('Rows apart', 20, 500, [110, inch(4.5)], { hint: 'From shelf to shelf' }),
	lip: lengthField('Holes above their shelf by', 0, 60, [6, inch(0.25)], {
		hint: 'Rim that keeps what lies there from sliding out; 0 is flush'
	}),
	sides: groupField('Sides', { stock: SIDES.stock, screws: SIDES.screws, length: SIDES.length }),
	ends: wholeField('Screws in each end of a shelf', 1, 12, 3)
};
type Params = ValuesOf<typeof fields>;

/** Less wood than this beside a hole breaks out. */
const LEAST_WOOD: Millimetres = 4;
/** Less of a rim than this keeps nothing. */
const RIM: Millimetres = 3;

const boardOf = (p: Params) => stock(p.stock).thickness;
const spanOf = (p: Params) => clearBetween(p.width, p.sides.stock);
const pitchOf = (p: Params): Millimetres => spanOf(p) / p.columns;
/** Upper side of a row's shelf. */
const shelfAt = (p: Params, row: number): Millimetres => boardOf(p) + row * p.rowPitch;
const heightOf = (p: Params): Millimetres => p.rows * p.rowPitch + boardOf(p);
/** Middle of a hole, along and up the whole. */
const holeAt = (p: Params, row: number, column: number): Vec2 => [
	stock(p.sides.stock).thickness + pitchOf(p) * (column + 0.5),
	shelfAt(p, row) + p.lip + p.hole / 2
];
/** Out from the face to the front of the front. */
const outOf = (p: Params): Millimetres => p.depth + boardOf(p);

function everyHole<T>(p: Params, make: (row: number, column: number) => T): T[] {
	return Array.from({ length: p.rows * p.columns }, (_, i) => make(Math.floor(i / p.columns), i % p.columns));
}

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const web = pitchOf(p) - p.hole;
	if (web < LEAST_WOOD)
		say(
			'stop',
			'columns',
			web <= 0
				? phrase('Holes of {h} meet: their centres are {d} apart', { h: mm(p.hole), d: mm(pitchOf(p)) })
				: phrase('Only {w} of wood between holes: at least {m}', { w: mm(web), m: mm(LEAST_WOOD) })
		);
	const over = p.rowPitch - boardOf(p) - p.lip - p.hole;
	if (over < 0)
		say(
			'stop',
			'rowPitch',
			phrase('Holes of {h} above a rim of {l} run into the next shelf: {n} is needed from shelf to shelf', {
				h: mm(p.hole),
				l: mm(p.lip),
				n: mm(p.rowPitch - over)
			})
		);
	if (p.lip >= p.hole / 2)
		say('stop', 'lip', phrase('A rim of {l} is half a hole: nothing goes over it', { l: mm(p.lip) }));
	if (c.host.uprights)
		say('mind', 'depth', phrase('An open back: what drips runs down the wall, and nothing stops what lies there'));
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (Math.max(load.width, load.height) > p.hole)
		say(
			'stop',
			'hole',
			phrase('What lies there is {w} thick, its hole {h}', { w: mm(Math.max(load.width, load.height)), h: mm(p.hole) })
		);
	if (load.depth / 2 > outOf(p))
		say(
			'stop',
			'depth',
			phrase('What lies there is {l} long: its middle stands out past the front, {o}, and it tips out', {
				l: mm(load.depth),
				o: mm(outOf(p))
			})
		);
	return found;
}

/** The front, with its holes; it covers the ends of the sides. */
function frontOf(p: Params): Part {
	const at = everyHole(p, (row, column) => holeAt(p, row, column));
	return {
		id: 'front',
		name: 'front',
		material: { kind: 'board', stock: p.stock },
		outline: {
			outer: rectangle(p.width, heightOf(p)),
			holes: at.map(([x, y]) => circle(x, y, p.hole))
		},
		thickness: boardOf(p),
		pinned: true,
		grain: 'x',
		features: at.map((place): Feature => ({
			kind: 'bore',
			at: place,
			from: 'front',
			diameter: p.hole,
			depth: boardOf(p),
			through: true,
			tilt: 0,
			toward: [0, 1],
			drawn: true
		})),
		stands: [upright([0, 0, p.depth])]
	};
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const height = heightOf(p);
	const sides = sidesOn({ ...p.sides, width: p.width, depth: p.depth, height, host: c.host.stock });
	const [load] = c.loads;
	const shelves = Array.from({ length: p.rows }, (_, row) =>
		boardBetween({
			id: 'shelf',
			name: 'shelf',
			stock: p.stock,
			side: p.sides.stock,
			width: p.width,
			depth: p.depth,
			top: shelfAt(p, row),
			screws: p.ends,
			wide: load?.width ?? 0,
			first: 1 + 2 * row,
			own: 1 / p.rows
		})
	);
	const left = stock(p.sides.stock).thickness;
	return {
		parts: [...sides.parts, ...alike(shelves), frontOf(p)],
		host: [],
		joints: [...sides.joints, ...shelves.flatMap((s) => s.joints)],
		seats: everyHole(p, (row, column) => {
			const [x] = holeAt(p, row, column);
			const right = (x - left) / spanOf(p);
			return {
				group: 0,
				at: [x, shelfAt(p, row), 0] as const,
				axis: [0, 0, 1] as const,
				length: outOf(p),
				takes: 1,
				kept: false,
				endOn: true as const,
				stance: 'stands' as const,
				carriedBy: shelves[row]?.carriedBy(1 - right, right) ?? []
			};
		}),
		members: [sides.member, ...shelves.flatMap((s) => s.members)],
		faces: sideFaces(p.width, p.depth, { ...p.sides, height }),
		retention: [
			{
				forward: p.lip >= RIM ? { by: 'the rim of its hole' } : { open: 'it can slide out: holes above their shelf' },
				sideways: { by: 'its hole' },
				up: { by: 'its hole' },
				back: c.host.uprights ? { open: 'the wall, between the battens: a back of one board' } : { by: 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: height },
		warnings: warningsOf(p, c)
	};
}

/** So much of what lies there is on its shelf, so that it does not tip out. */
const ON_SHELF = 0.7;
/** Shelves no shorter: less than this is a rim, not a shelf. */
const LEAST_DEPTH: Millimetres = 60;
const MOST_ROWS = 5;

/** A grid for round bodies: the body decides the hole, its length how deep, the count how many. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'lying') return fail('it is not a round body that lies in a hole');
	const body = w.thing.dims.shank;
	if (body === undefined) return fail('the thickest part of its body is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const long = Math.max(known.value.height, known.value.width);
	const start = pigeonholes.start(w.unit) as Params;
	const board = stock(start.stock).thickness;
	const side = stock(start.sides.stock).thickness;
	const hole = body + ROOM.slack;
	const pitch = body + ROOM.fingers;
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const widest = Math.max(1, Math.floor((w.widest - 2 * side) / pitch));
	// About as wide as high reads well and stands steady; as many rows as that takes.
	const columns = Math.min(widest, Math.max(1, Math.ceil(Math.sqrt(wanted))), wanted);
	const rows = Math.min(MOST_ROWS, Math.ceil(wanted / columns));
	const across = Math.min(widest, Math.ceil(wanted / rows));
	const rowPitch = board + start.lip + hole + ROOM.clear;
	const depth = Math.max(LEAST_DEPTH, Math.ceil(long * ON_SHELF));
	const width = Math.max(80, across * pitch + 2 * side);
	const params: Params = {
		...start,
		width,
		depth,
		columns: across,
		rows,
		hole,
		rowPitch,
		sides: { ...start.sides, screws: Math.min(12, Math.max(2, Math.ceil((rows * rowPitch) / 120))) }
	};
	const height = backFor(outOf(params), heightOf(params) + 100);
	const seats = across * rows;
	return ok({
		params,
		sums: [
			{ label: 'hole', sum: phrase('body {b} + {s}', { b: mm(body), s: mm(ROOM.slack) }), value: hole },
			{ label: 'apart', sum: phrase('body {b} + {f}', { b: mm(body), f: mm(ROOM.fingers) }), value: pitch },
			{
				label: 'rows apart',
				sum: phrase('shelf {t} + rim {l} + hole {h} + {c}', {
					t: mm(board),
					l: mm(start.lip),
					h: mm(hole),
					c: mm(ROOM.clear)
				}),
				value: rowPitch
			},
			{ label: 'shelf', sum: phrase(`long {l} × ${ON_SHELF}`, { l: mm(long) }), value: depth }
		],
		back: { width, height },
		y: 0,
		load: { ...known.value, width: body, height: body, depth: long, count: Math.min(w.count, seats) },
		seats
	});
}

export const pigeonholes = defineCarrier({
	kind: 'pigeonholes',
	title: 'Pigeonholes',
	about: 'A front with a grid of holes and a shelf behind each row: bottles, tubes and rolls lie in them.',
	fields,
	grips: ['lying'],
	on: ['front'],
	through: true,
	groups: () => ['in the holes'],
	effort: (p) => 2 * p.rows * p.columns + p.rows,
	build,
	describe: (p) => {
		const n = p.rows * p.columns;
		return phrase(`${n} ${n === 1 ? 'pigeonhole' : 'pigeonholes'} of {h@tape}`, { h: mm(p.hole) });
	},
	fit,
	suits: (p, { dims, height }) => [
		...mustGoIn('body', dims.shank, p.hole, 'hole'),
		...mustGoIn('half length', height === null ? null : height / 2, outOf(p), 'shelf')
	],
	withSeats: (p, seats) => ({ ...p, rows: Math.min(20, Math.max(1, Math.ceil(seats / p.columns))) }),
	changes: (p) => [moreInSides(p), moreInEnds(p, 'a shelf')],
	watch: ['the shelves: do they sag?', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('{w} between the sides over {n} holes is {d} each', {
			w: mm(spanOf(p)),
			n: count(p.columns),
			d: mm(pitchOf(p))
		}),
		phrase('wood between holes: {p} - {h}', { p: mm(pitchOf(p)), h: mm(p.hole) })
	]
});
