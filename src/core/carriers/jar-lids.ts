import { groupField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { faceScrewsOf } from '../members/face-screws';
import { fail, ok } from '../result';
import { facing, flat } from '../solid/frame';
import { circle, plain } from '../solid/outline';
import type { Part } from '../solid/part';
import type { Vec3 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { findings } from './findings';
import { backFor, screwsAlong, shelfUp, spareFor } from './fitting';
import { loadOf } from './load-of';
import { plainPlate } from './plain-plate';
import { boardField, PLATE_SCREWS, plateFaces, SCREW_SIZE } from './plate';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width', 40, 3000, [500, inch(20)]),
	depth: lengthField('Board out', 30, 500, [110, inch(4.5)]),
	stock: boardField('Board'),
	count: wholeField('Jars', 1, 40, 5),
	lid: lengthField('Lid across', 15, 300, [70, inch(2.75)]),
	thick: lengthField('Lid thick, of its top', 0.2, 8, [0.8, inch(1 / 32)]),
	fixing: groupField('Screws in each lid', {
		size: SCREW_SIZE,
		length: lengthField('Length', 6, 60, [14, inch(0.5)]),
		count: wholeField('How many', 1, 8, 3)
	}),
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const pitchOf = (p: Params): Millimetres => p.width / p.count;
const along = (p: Params): Millimetres[] => Array.from({ length: p.count }, (_, i) => pitchOf(p) * (i + 0.5));
/** How high a lid's rim is, for the drawing. */
const RIM: Millimetres = 12;
/** A lid's screws stand so much of its radius from its middle. */
const RING = 0.5;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	if (p.fixing.length <= p.thick)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} do not reach through a lid of {t}', { l: mm(p.fixing.length), t: mm(p.thick) })
		);
	if (p.fixing.length - p.thick > boardOf(p) - 1)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} come out on top of a board of {t}', { l: mm(p.fixing.length), t: mm(boardOf(p)) })
		);
	if (pitchOf(p) < p.lid)
		say(
			'stop',
			'count',
			phrase('Lids {l} across, {p} apart, run into each other', { l: mm(p.lid), p: mm(pitchOf(p)) })
		);
	else if (pitchOf(p) < p.lid + ROOM.fingers)
		say(
			'mind',
			'count',
			phrase('{g} between two lids: a hand needs {f} to turn a jar', { g: mm(pitchOf(p) - p.lid), f: mm(ROOM.fingers) })
		);
	if (p.depth < p.lid + ROOM.clear)
		say(
			'mind',
			'depth',
			phrase('Lids {l} across under a board of {d}: jars touch the face', { l: mm(p.lid), d: mm(p.depth) })
		);
	const [load] = c.loads;
	if (load && load.count > 0 && load.width > pitchOf(p))
		say('mind', 'count', phrase('Jars are {w} wide, {p} apart', { w: mm(load.width), p: mm(pitchOf(p)) }));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const [load] = c.loads;
	const board = plainPlate({
		...p,
		name: 'jar board',
		support: { kind: 'none' },
		host: c.host,
		wide: load?.width ?? 0
	});
	const xs = along(p);
	const out = p.depth / 2;
	const lid: Part = {
		id: 'lid',
		name: 'lid',
		material: { kind: 'bought', name: 'jar with its lid', mass: null, rated: null },
		outline: plain(circle(0, 0, p.lid)),
		thickness: RIM,
		grain: 'none',
		features: [],
		stands: xs.map((x) => flat([x, -boardOf(p), out]))
	};
	const screws = faceScrewsOf({
		name: 'lid',
		heights: Array.from({ length: p.fixing.count }, () => 0),
		size: p.fixing.size,
		length: p.fixing.length,
		plate: p.thick,
		main: p.stock,
		straight: true
	});
	const at = board.members.length;
	const ring = (p.lid / 2) * RING;
	const places = xs.flatMap((x) =>
		Array.from({ length: p.fixing.count }, (_, i): Vec3 => {
			const turn = (2 * Math.PI * i) / p.fixing.count;
			return [x + ring * Math.sin(turn), -boardOf(p), out + ring * Math.cos(turn)];
		})
	);
	return {
		parts: [...board.parts, lid],
		host: [],
		joints: [
			...board.joints,
			{ name: 'lids, into the underside', size: p.fixing.size, length: p.fixing.length, glued: false, places }
		],
		seats: xs.map((x, instance) => ({
			group: 0,
			at: [x, -boardOf(p), out - (load?.depth ?? 0) / 2] as const,
			axis: [0, 0, 1] as const,
			length: 0,
			takes: 1,
			kept: true,
			stance: 'hangs' as const,
			carriedBy: [...board.carriedBy, { member: at, instance, share: 1 }]
		})),
		members: [
			...board.members,
			{ data: screws, instances: xs.map((x) => facing('front', [x, -boardOf(p), 0])), grab: { x: 0, z: out } }
		],
		faces: plateFaces({ x: 0, top: 0, width: p.width, depth: p.depth, stock: p.stock }, board.carriedBy).filter(
			(f) => f.name !== 'underside'
		),
		retention: [
			{
				forward: { by: 'the thread of its lid' },
				sideways: { by: 'the thread of its lid' },
				up: { by: 'the board' },
				back: { by: 'the thread of its lid' }
			}
		],
		taken: { left: 0, right: p.width, low: board.low - RIM, high: 0 },
		warnings: [...warningsOf(p, c), ...board.warnings]
	};
}

/** Jars by their lids: the lid decides how far apart and how deep the board is. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'lid') return fail('it is no jar with a lid');
	const { lid } = w.thing.dims;
	if (lid === undefined) return fail('the width of its lid is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = jarLids.start(w.unit) as Params;
	const wide = Math.max(lid, known.value.width);
	const pitch = wide + ROOM.fingers;
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const n = Math.min(40, most, Math.max(1, w.count) + spareFor(w.count));
	const width = n * pitch;
	const depth = wide + 2 * ROOM.clear;
	const height = backFor(depth, 200);
	return ok({
		params: {
			...start,
			width,
			depth,
			count: n,
			lid,
			screws: { ...start.screws, count: screwsAlong(width, 3) }
		},
		sums: [
			{ label: 'apart', sum: phrase('lid or jar {w} + {f}', { w: mm(wide), f: mm(ROOM.fingers) }), value: pitch },
			{ label: 'board out', sum: phrase('{w} + 2 × {c}', { w: mm(wide), c: mm(ROOM.clear) }), value: depth }
		],
		back: { width, height },
		y: shelfUp(height),
		load: { ...known.value, count: Math.min(w.count, n) },
		seats: n
	});
}

export const jarLids = defineCarrier({
	kind: 'jar-lids',
	title: 'Jars under a board',
	about: 'Lids screwed under a board: jars of screws and nails are turned out of them with one hand.',
	fields,
	grips: ['lid'],
	on: ['front'],
	through: true,
	groups: () => ['in the lids'],
	effort: (p) => 3 * p.count + 4,
	build,
	describe: (p) => phrase(`${p.count} ${p.count === 1 ? 'jar' : 'jars'} with lids of {l@tape}`, { l: mm(p.lid) }),
	fit,
	suits: (p, { dims }) => mustGoIn('lid', dims.lid, p.lid, 'lid that is there'),
	withSeats: (p, seats) => ({ ...p, count: Math.min(40, Math.max(1, seats)) }),
	changes: (p) => [
		{
			text: phrase('Another screw in each lid'),
			params: { ...p, fixing: { ...p.fixing, count: Math.min(8, p.fixing.count + 1) } },
			effort: 'screws' as const
		}
	],
	watch: ['the lids: do their screws draw?', 'the joint of board and back: does it open?'],
	sums: (p) => [phrase('{w} over {n} jars is {p} each', { w: mm(p.width), n: count(p.count), p: mm(pitchOf(p)) })]
});
