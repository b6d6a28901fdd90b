import { lengthField, lengthsField, variantsField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { BLOCK_SCREWS, screwedBlocks } from './blocks';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { IN_ITS_HOLE } from './keeps';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { aboutMiddle, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width', 30, 3000, [300, inch(12)]),
	stock: boardField('Board, on edge', ['44x94', '2x4']),
	high: lengthField('Front row high', 10, 300, [50, inch(2)]),
	rows: wholeField('Rows, front to back', 1, 8, 1),
	rise: lengthField('Each row behind higher by', 0, 200, [20, inch(0.75)], {
		when: (v) => (v.rows as number) > 1
	}),
	holes: variantsField('Holes', {
		alike: { spacing: spreadField(6), diameter: lengthField('Hole', 1, 60, [8.5, inch(3 / 8)]) },
		'by-size': {
			sizes: lengthsField('Holes, the smallest first', { min: 1, max: 60, least: 1, most: 40 }, [
				[3, 4, 5, 6, 8, 10],
				[1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 1 / 2].map(inch)
			])
		}
	}),
	deep: lengthField('Holes deep', 3, 250, [30, inch(1.25)]),
	screws: BLOCK_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Less wood than this beside a hole breaks out. */
const LEAST_WOOD: Millimetres = 4;
/** A bit's point goes deeper than the wall of its hole. */
const POINT: Millimetres = 3;

/** Screws from behind stand so far apart. */
const APART: Millimetres = 150;
/** Wood below the holes that a screw needs at least. */
const SCREWS: Millimetres = 10;
/** Wood below the holes, for the screws. */
const BELOW: Millimetres = 25;

/** A hole of a row: its middle along it, and how wide it is. */
interface Hole {
	x: Millimetres;
	wide: Millimetres;
}

/** Of one row. By size the wood between neighbours is the same everywhere, and at both ends. */
function holesOf(p: Params): Hole[] {
	const { holes } = p;
	if (holes.kind === 'alike') return spacingPositions(p.width, holes.spacing).map((x) => ({ x, wide: holes.diameter }));
	const web = webOf(p.width, holes.sizes);
	let at = 0;
	return holes.sizes.map((wide) => {
		const x = at + web + wide / 2;
		at = x + wide / 2;
		return { x, wide };
	});
}
const webOf = (width: Millimetres, sizes: readonly Millimetres[]): Millimetres =>
	(width - sizes.reduce((sum, d) => sum + d, 0)) / (sizes.length + 1);

/** Rows from the front: how high each is, and its front out from the face. */
function rowsOf(p: Params): { high: Millimetres; out: Millimetres }[] {
	const t = stock(p.stock).thickness;
	return Array.from({ length: p.rows }, (_, r) => ({
		high: p.high + r * (p.rows > 1 ? p.rise : 0),
		out: (p.rows - r) * t
	}));
}

function warningsOf(p: Params, c: CarrierContext, holes: readonly Hole[]): Found[] {
	const { found, say } = findings();
	const t = stock(p.stock).thickness;
	const widest = Math.max(...holes.map((h) => h.wide));
	if ((t - widest) / 2 < LEAST_WOOD)
		say(
			'stop',
			'holes',
			phrase('A hole of {h} leaves {w} on either side of a board of {t}', {
				h: mm(widest),
				w: mm(Math.max(0, (t - widest) / 2)),
				t: mm(t)
			})
		);
	const edges = [-Infinity, ...holes.map((h) => h.x + h.wide / 2)];
	const webs = holes.map((h, i) => h.x - h.wide / 2 - Math.max(0, edges[i] as number));
	const web = Math.min(...webs, p.width - (edges.at(-1) as number));
	if (web < LEAST_WOOD)
		say(
			'stop',
			'holes',
			phrase('Only {w} of wood beside a hole: at least {m}', { w: mm(Math.max(0, web)), m: mm(LEAST_WOOD) })
		);
	if (p.deep + POINT + SCREWS > p.high)
		say(
			'stop',
			'deep',
			phrase('Holes of {d} and their point leave no wood for the screws in a row {h} high: {m} is needed', {
				d: mm(p.deep),
				h: mm(p.high),
				m: mm(p.deep + POINT + SCREWS)
			})
		);
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	const apart = holes.slice(1).map((h, i) => h.x - (holes[i] as Hole).x);
	const least = Math.min(...apart, p.rows > 1 ? t : Infinity);
	if (load.width > least)
		say(
			'mind',
			'holes',
			phrase('What stands there is {w} wide, the holes {p} apart', { w: mm(load.width), p: mm(least) })
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const holes = holesOf(p);
	const rows = rowsOf(p);
	const t = stock(p.stock).thickness;
	const parts = rows.map(({ high, out }, r): Part => ({
		id: `row-${r + 1}`,
		name: 'drilled block',
		material: { kind: 'board', stock: p.stock },
		outline: plain(rectangle(p.width, high)),
		thickness: t,
		grain: 'x',
		// Its top edge runs back from the right.
		features: holes.map(({ x, wide }) => ({
			kind: 'bore',
			at: [p.width - x, t / 2],
			from: { edge: 2 },
			diameter: wide,
			depth: p.deep,
			through: false,
			tilt: 0,
			toward: [1, 0]
		})),
		stands: [upright([0, 0, out - t])]
	}));
	const rear = rows.at(-1) ?? { high: p.high, out: t };
	const held = screwedBlocks({
		name: 'drilled block',
		stock: p.stock,
		host: c.host.stock,
		length: p.width,
		out: p.rows * t,
		// Below the holes all of it is wood.
		up: Math.max(1, (rear.high - p.deep) / 2),
		places: [{ x: 0, y: 0 }],
		screwsAt: spacingPositions(p.width, {
			kind: 'end-margins',
			count: Math.max(2, Math.ceil(p.width / APART)),
			margin: Math.min(20, p.width / 4)
		}),
		screws: p.screws
	});
	const [load] = c.loads;
	return {
		parts,
		host: [],
		joints: [held.joint],
		seats: rows.flatMap(({ high, out }) =>
			holes.map(({ x }) => ({
				group: 0,
				at: [x, high, out - t / 2 - (load?.depth ?? 0) / 2] as const,
				axis: [0, 0, 1] as const,
				length: 0,
				takes: 1,
				kept: true,
				stance: { above: Math.max(0, (load?.height ?? 0) - p.deep) },
				carriedBy: [{ member: 0, instance: 0, share: 1 }]
			}))
		),
		members: [held.member],
		faces: [],
		retention: [IN_ITS_HOLE],
		taken: { left: 0, right: p.width, low: 0, high: rear.high },
		warnings: [...warningsOf(p, c, holes), ...held.warnings]
	};
}

const DEEP = 0.35;
const MOST_ROWS = 3;

/** A block of blind holes for straight shanks. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'bit') return fail('it has no shank to stand in a blind hole');
	const { shank, head } = w.thing.dims;
	if (shank === undefined || head === undefined) return fail('its shank or its widest part is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = drilledBlock.start(w.unit) as Params;
	const t = stock(start.stock).thickness;
	const hole = shank + ROOM.bit;
	if ((t - hole) / 2 < LEAST_WOOD) return fail('its shank is thicker than the edge of this board has room for');
	const wide = Math.max(head, known.value.width);
	const pitch = wide + ROOM.bits;
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const most = Math.max(1, Math.floor((w.widest - 2 * LEAST_WOOD) / pitch));
	const rows = Math.min(MOST_ROWS, Math.ceil(wanted / most));
	const across = Math.min(most, Math.ceil(wanted / rows));
	const width = Math.max(80, across * pitch + 2 * LEAST_WOOD);
	const deep = Math.min(60, Math.max(12, Math.round(known.value.height * DEEP)));
	const params: Params = {
		...start,
		width,
		rows,
		rise: 20,
		high: Math.max(40, deep + BELOW),
		holes: { kind: 'alike', spacing: aboutMiddle(width, across, pitch), diameter: hole },
		deep
	};
	const seats = rows * across;
	const tall = params.high + (rows - 1) * params.rise;
	return ok({
		params,
		sums: [
			{ label: 'hole', sum: phrase('shank {s} + {a}', { s: mm(shank), a: mm(ROOM.bit) }), value: hole },
			{ label: 'apart', sum: phrase('wide {h} + {f}', { h: mm(wide), f: mm(ROOM.bits) }), value: pitch },
			{ label: 'deep', sum: phrase(`high {h} × ${DEEP}`, { h: mm(known.value.height) }), value: deep }
		],
		back: { width, height: backFor(rows * t, tall + 110) },
		y: 10,
		load: { ...known.value, count: Math.min(w.count, seats) },
		seats
	});
}

export const drilledBlock = defineCarrier({
	kind: 'drilled-block',
	title: 'Drilled block',
	about: 'Boards on edge with blind holes in their tops, in one row or in steps: bits and small shanks by size.',
	fields,
	grips: ['bit'],
	on: ['front'],
	through: true,
	groups: () => ['in the holes'],
	effort: (p) => p.rows * holesOf(p).length * 2 + 2,
	build,
	describe: (p) => {
		const n = p.rows * holesOf(p).length;
		return phrase(`${n} blind ${n === 1 ? 'hole' : 'holes'}, {d@tape} deep`, { d: mm(p.deep) });
	},
	fit,
	suits: (p, { dims }) => mustGoIn('shank', dims.shank, Math.max(...holesOf(p).map((h) => h.wide)), 'widest hole'),
	withSeats: (p, seats) => {
		const each = Math.max(1, Math.ceil(seats / p.rows));
		return p.holes.kind === 'alike'
			? { ...p, holes: { ...p.holes, spacing: { ...p.holes.spacing, count: each } } }
			: { ...p, rows: Math.min(8, Math.max(1, Math.ceil(seats / p.holes.sizes.length))) };
	},
	// The smallest stays first: whoever reaches for one counts from the left.
	mirrored: (p, loads) => {
		const { holes } = p;
		if (holes.kind !== 'alike') return { params: p, loads };
		const { params } = mirroredSpread({ width: p.width, spacing: holes.spacing }, loads);
		return { params: { ...p, holes: { ...holes, spacing: params.spacing } }, loads };
	},
	watch: ['the block: does it turn about its screws?'],
	sums: (p) =>
		p.holes.kind === 'alike'
			? [spacingSum(p.width, p.holes.spacing)]
			: [
					phrase('({w} - all {n} holes) / {m} is {b} of wood beside each', {
						w: mm(p.width),
						n: count(p.holes.sizes.length),
						m: count(p.holes.sizes.length + 1),
						b: mm(webOf(p.width, p.holes.sizes))
					})
				]
});
