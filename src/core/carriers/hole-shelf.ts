import { lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf } from '../members/cantilever';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { circle, rectangle } from '../solid/outline';
import type { Feature } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Member,
	type Seat,
	type Wanted
} from './carrier';
import { loadOf } from './load-of';
import { boardField, PLATE_SCREWS, plateFaces, plateOn, SUPPORT, type Plate } from './plate';
import { spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn, mustNotPass } from './suits';
import { IN_ITS_HOLE } from './keeps';
import { findings } from './findings';
import { backFor, screwsAlong, shelfUp, spareFor } from './fitting';

const fields = {
	width: lengthField('Width', 30, 30_000, [400, inch(16)]),
	depth: lengthField('Shelf out', 20, 600, [80, inch(3.25)]),
	stock: boardField('Shelf'),
	spacing: spreadField(5),
	hole: lengthField('Hole', 2, 300, [22, inch(7 / 8)], { hint: 'Shank and slack' }),
	rows: wholeField('Rows, front to back', 1, 6, 1),
	rowPitch: lengthField('Rows apart', 5, 400, [45, inch(1.75)], { when: (v) => (v.rows as number) > 1 }),
	edge: lengthField('First row from the front edge', 3, 400, [28, inch(1.125)], { hint: 'To the middle of its holes' }),
	rise: lengthField('Each row behind higher by', 0, 300, [0, 0], {
		hint: '0 is flat; else a step a row',
		when: (v) => (v.rows as number) > 1
	}),
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Less wood than this round a hole breaks out. */
const LEAST_WOOD: Millimetres = 4;
/** So much of what stands in a hole is over it: head, cap, handle. */
const HEAD = 0.35;

/** One plate: all of a flat shelf, or a step of a stepped one. */
interface Step {
	top: Millimetres;
	depth: Millimetres;
	/** Rows bored through it, by their distance out; the first is its own. */
	rows: Millimetres[];
	own: number;
}

/** The lowest step first. Rows further back are bored through the steps below as well. */
function stepsOf(p: Params): Step[] {
	const out = (r: number) => p.depth - p.edge - r * p.rowPitch;
	const rows = Array.from({ length: p.rows }, (_, r) => r);
	if (p.rows === 1 || p.rise === 0) return [{ top: 0, depth: p.depth, rows: rows.map(out), own: p.rows }];
	return rows.map((r) => ({
		top: r * p.rise,
		depth: p.depth - r * p.rowPitch,
		rows: rows.slice(r).map(out),
		own: 1
	}));
}

function warningsOf(p: Params, c: CarrierContext, steps: readonly Step[], xs: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	const pitch = Math.min(
		xs.length > 1 ? Math.min(...xs.slice(1).map((x, i) => x - (xs[i] as number))) : Infinity,
		p.rows > 1 ? p.rowPitch : Infinity
	);
	const left = pitch - p.hole;
	if (left < LEAST_WOOD)
		say(
			'stop',
			'spacing',
			left <= 0
				? phrase('Holes of {h} meet: their centres are {d} apart', { h: mm(p.hole), d: mm(pitch) })
				: phrase('Only {w} of wood between holes: at least {m}', { w: mm(left), m: mm(LEAST_WOOD) })
		);
	const ends = Math.min(...xs, p.width - Math.max(...xs)) - p.hole / 2;
	if (ends < LEAST_WOOD)
		say('stop', 'width', phrase('A hole leaves {w} to the end of the shelf', { w: mm(Math.max(0, ends)) }));
	if (p.edge - p.hole / 2 < LEAST_WOOD)
		say('stop', 'edge', phrase('Holes leave {w} to the front edge', { w: mm(Math.max(0, p.edge - p.hole / 2)) }));
	const rear = Math.min(...steps.flatMap((s) => s.rows)) - p.hole / 2;
	if (rear < LEAST_WOOD)
		say(
			'stop',
			'depth',
			phrase('The row at the back leaves {w} to the face: a deeper shelf', { w: mm(Math.max(0, rear)) })
		);
	const [load] = c.loads;
	if (load && load.count > 0 && load.width > pitch)
		say('mind', 'spacing', phrase('Heads {w} wide meet: the holes are {p} apart', { w: mm(load.width), p: mm(pitch) }));
	if (stock(p.stock).kind === 'solid')
		say('mind', 'stock', phrase('Solid wood splits between holes in a row along its grain: ply does not'));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const xs = spacingPositions(p.width, p.spacing);
	const steps = stepsOf(p);
	const members: Member[] = [];
	const plates: Plate[] = [];
	const seats: Seat[] = [];
	steps.forEach((s, k) => {
		const bores = s.rows.flatMap((y) =>
			xs.map((x): Feature => ({
				kind: 'bore',
				at: [x, y],
				from: 'back',
				diameter: p.hole,
				depth: stock(p.stock).thickness,
				through: true,
				tilt: 0,
				toward: [0, 1],
				drawn: true
			}))
		);
		const plate = plateOn({
			id: `shelf-${k}`,
			name: 'shelf',
			x: 0,
			top: s.top,
			width: p.width,
			depth: s.depth,
			stock: p.stock,
			grain: 'along',
			outline: {
				outer: rectangle(p.width, s.depth),
				holes: s.rows.flatMap((y) => xs.map((x) => circle(x, y, p.hole)))
			},
			features: bores,
			support: k === 0 ? p.support : { kind: 'none' },
			openings: xs.map((x) => ({ from: x - p.hole / 2, to: x + p.hole / 2, near: Math.min(...s.rows) - p.hole / 2 })),
			screws: p.screws,
			host: c.host
		});
		const first = members.length;
		const root = cantileverOf({
			wide: c.loads[0]?.width ?? 0,
			name: 'shelf at its holes',
			width: Math.max(0.1, p.width - xs.length * p.hole),
			stock: p.stock,
			grain: 'across'
		});
		members.push(...plate.members, { data: root, instances: [facing('front', [0, s.top, 0])] });
		plates.push(plate);
		const rootAt = first + plate.members.length;
		const deep = c.loads[0]?.depth ?? 0;
		for (const y of s.rows.slice(0, s.own))
			for (const x of xs)
				seats.push({
					group: 0,
					at: [x, s.top, y - deep / 2],
					axis: [0, 0, 1],
					length: 0,
					takes: 1,
					kept: true,
					stance: { above: (c.loads[0]?.height ?? 0) * HEAD },
					carriedBy: [
						{ member: first, instance: 0, share: 1 },
						{ member: rootAt, instance: 0, share: 1 },
						...plate.bracketShares(first)
					]
				});
	});
	return {
		parts: plates.flatMap((pl) => pl.parts),
		host: [],
		joints: plates.flatMap((pl) => pl.joints),
		seats,
		members,
		faces: plateFaces({ x: 0, top: 0, width: p.width, depth: p.depth, stock: p.stock }, [
			{ member: 0, instance: 0, share: 1 }
		]).filter((f) => f.name !== 'underside'),
		retention: [IN_ITS_HOLE],
		taken: {
			left: 0,
			right: p.width,
			low: Math.min(...plates.map((pl) => pl.low)),
			high: Math.max(...steps.map((s) => s.top))
		},
		warnings: [...warningsOf(p, c, steps, xs), ...plates.flatMap((pl) => pl.warnings)]
	};
}

/** Holes for shanks: the shank decides the hole, the head how far apart. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip === 'slot') return fail('bars are flat: a round hole does not hold them');
	if (w.thing.grip !== 'hole') return fail('it has no round shank or body to stand in a hole');
	const { shank, head } = w.thing.dims;
	if (shank === undefined || head === undefined) return fail('its shank or the width of its head is not known');
	if (head <= shank + ROOM.slack) return fail('its head is no wider than the hole for its shank: it falls through');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = holeShelf.start(w.unit) as Params;
	const hole = shank + ROOM.slack;
	const pitch = Math.max(head, load.value.width) + ROOM.fingers;
	const columns = Math.max(1, Math.floor(w.widest / pitch) - 1);
	const spare = spareFor(w.count);
	const wanted = Math.max(1, w.count) + spare;
	const rows = Math.min(3, Math.ceil(wanted / columns));
	const across = Math.min(columns, Math.ceil(wanted / rows));
	const edge = Math.max(hole / 2 + 12, head / 2);
	const depth = edge + (rows - 1) * pitch + Math.max(hole / 2 + 12, head / 2 + ROOM.clear);
	const width = Math.max(40, (across + 1) * pitch);
	const height = backFor(depth);
	return ok({
		params: {
			...start,
			width,
			depth,
			hole,
			rows,
			rowPitch: pitch,
			edge,
			spacing: { kind: 'equal-gaps', count: across },
			support: {
				kind: 'gussets',
				count: Math.max(2, Math.ceil(width / 400)),
				height: Math.max(20, Math.round(depth * 0.8)),
				out: Math.max(20, Math.round(depth * 0.8))
			},
			screws: { ...start.screws, count: screwsAlong(width, 2) }
		},
		sums: [
			{ label: 'hole', sum: phrase('shank {s} + {a}', { s: mm(shank), a: mm(ROOM.slack) }), value: hole },
			{
				label: 'apart',
				sum: phrase('head {h} + {f}', { h: mm(Math.max(head, load.value.width)), f: mm(ROOM.fingers) }),
				value: pitch
			},
			{ label: 'wide', sum: phrase('{p} × {n} gaps', { p: mm(pitch), n: count(across + 1) }), value: width },
			{ label: 'deep', sum: phrase('{r} rows, {e} to the front', { r: count(rows), e: mm(edge) }), value: depth }
		],
		back: { width, height },
		y: shelfUp(height),
		load: { ...load.value, count: Math.min(w.count, across * rows) },
		seats: across * rows
	});
}

export const holeShelf = defineCarrier({
	kind: 'hole-shelf',
	title: 'Hole shelf',
	about: 'A shelf with round holes, flat or stepped: shanks, bodies and bottles stand in them by their heads.',
	fields,
	grips: ['hole'],
	on: ['front'],
	through: true,
	groups: () => ['in the holes'],
	effort: (p) => p.spacing.count * p.rows * 2,
	cross: (p) =>
		p.rows > 1 && p.depth - (p.rows - 1) * p.rowPitch < 10
			? [{ path: 'depth', message: `leaves no shelf behind ${p.rows} rows ${Math.round(p.rowPitch)} mm apart` }]
			: [],
	build,
	describe: (p) =>
		phrase(`${p.spacing.count * p.rows} ${p.spacing.count * p.rows === 1 ? 'hole' : 'holes'} of {h@tape}`, {
			h: mm(p.hole)
		}),
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('shank', dims.shank, p.hole, 'hole'),
		...mustNotPass('head', dims.head, p.hole, 'hole')
	],
	withSeats: (p, seats) => ({
		...p,
		spacing: { ...p.spacing, count: Math.max(1, Math.ceil(seats / p.rows)) }
	}),
	mirrored: mirroredSpread,
	watch: ['the wood between the holes: does it crack?', 'the joint of shelf and back: does it open?'],
	sums: (p) => [
		spacingSum(p.width, p.spacing),
		phrase('wood between holes: {p} - {h}', { p: mm(spacingPitch(p.width, p.spacing)), h: mm(p.hole) })
	]
});
