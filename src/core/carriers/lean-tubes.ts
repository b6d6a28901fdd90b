import { angleField, choiceField, groupField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { faceScrewsOf } from '../members/face-screws';
import { fail, ok } from '../result';
import { facing, type Frame } from '../solid/frame';
import { circle } from '../solid/outline';
import type { Part } from '../solid/part';
import type { Vec3 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { angle, count, mm, phrase } from '../units/phrase';
import { inch, radians, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { findings } from './findings';
import { backFor, screwsAlong, spareFor } from './fitting';
import { loadOf } from './load-of';
import { plainPlate } from './plain-plate';
import { boardField, PLATE_SCREWS, SCREW_SIZE } from './plate';
import { aboutMiddle, spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';

/** What tubes are of, and how heavy: PVC and aluminium as commonly given, card a stand-in. kg/m3 */
const MADE_OF = [
	{ value: 'plastic', name: 'Plastic', density: 1400 },
	{ value: 'card', name: 'Card', density: 700 },
	{ value: 'aluminium', name: 'Aluminium', density: 2700 }
] as const;

const fields = {
	width: lengthField('Floor wide', 30, 6000, [300, inch(12)]),
	spacing: spreadField(4),
	inside: lengthField('Tube, inside', 6, 300, [40, inch(1.5)]),
	wall: lengthField('Its wall', 0.5, 15, [3, inch(1 / 8)]),
	long: lengthField('Its length, in its middle', 30, 1500, [150, inch(6)]),
	of: choiceField('Of', MADE_OF, 'plastic'),
	lean: angleField('Leans to the right', 0, 45, 0),
	mouth: angleField('Mouth cut at', 0, 60, 45, { hint: 'Low side to the front; 0 is square' }),
	each: wholeField('How many stand in each', 1, 60, 1),
	fixing: groupField('Screws through the back of each', {
		size: SCREW_SIZE,
		length: lengthField('Length', 6, 100, [18, inch(0.75)]),
		count: wholeField('How many', 1, 8, 2)
	}),
	stock: boardField('Floor'),
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Screws stand so far from either end of a tube. */
const END: Millimetres = 20;
/** The floor stands out past the tubes. */
const PAST: Millimetres = 4;

const outerOf = (p: Params): Millimetres => p.inside + 2 * p.wall;
const depthOf = (p: Params): Millimetres => outerOf(p) + PAST;
/** Its lowest corner stands on the floor: its middle so much higher. */
const footOf = (p: Params): Millimetres => (outerOf(p) / 2) * Math.sin(radians(p.lean));
const massOf = (p: Params): number => {
	const { density } = MADE_OF.find((m) => m.value === p.of) ?? MADE_OF[0];
	return (Math.PI * (p.inside + p.wall) * p.wall * p.long * density) / 1e9;
};
/** From the foot of a tube along it. */
function screwsUp(p: Params): Millimetres[] {
	const end = Math.min(END, p.long / 4);
	return spacingPositions(p.long, { kind: 'end-margins', count: p.fixing.count, margin: end });
}

/** A tube stands on its axis, against the face. */
function tubeFrame(p: Params, x: Millimetres): Frame {
	const [sin, cos] = [Math.sin(radians(p.lean)), Math.cos(radians(p.lean))];
	return { at: [x, footOf(p), outerOf(p) / 2], x: [cos, -sin, 0], y: [0, 0, -1] };
}

function warningsOf(p: Params, c: CarrierContext, xs: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	const back = stock(c.host.stock).thickness;
	if (p.fixing.length <= p.wall)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} do not reach through a wall of {w}', { l: mm(p.fixing.length), w: mm(p.wall) })
		);
	if (p.fixing.length > p.wall + back - 1)
		say(
			'stop',
			'fixing',
			phrase('Screws of {l} come out behind: {w} of wall and {b} of back', {
				l: mm(p.fixing.length),
				w: mm(p.wall),
				b: mm(back)
			})
		);
	const pitch = spacingPitch(p.width, p.spacing);
	const along = outerOf(p) / Math.cos(radians(p.lean));
	if (p.spacing.count > 1 && pitch < along)
		say('stop', 'spacing', phrase('Tubes take {w} along, but are {p} apart', { w: mm(along), p: mm(pitch) }));
	if (Math.min(...xs) < along / 2 || Math.max(...xs) > p.width - along / 2)
		say('stop', 'width', phrase('A tube stands out past the end of its floor'));
	// The front of a mouth is lower by half of what the cut takes over the tube.
	const low = p.long - (outerOf(p) / 2) * Math.tan(radians(p.mouth));
	if (low < 10)
		say(
			'stop',
			'mouth',
			phrase('A mouth cut at {a} leaves {l} at the front', { a: angle(p.mouth), l: mm(Math.max(0, low)) })
		);
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (Math.min(load.width, load.depth) > p.inside)
		say(
			'stop',
			'inside',
			phrase('What stands there is {w} thick, the tube {i} inside', {
				w: mm(Math.min(load.width, load.depth)),
				i: mm(p.inside)
			})
		);
	if (load.height / 2 > low)
		say(
			'mind',
			'long',
			phrase('Its middle, {h} up, is over the front of the mouth, {l}: it topples out', {
				h: mm(load.height / 2),
				l: mm(low)
			})
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const xs = spacingPositions(p.width, p.spacing);
	const [load] = c.loads;
	const floor = plainPlate({
		name: 'floor',
		width: p.width,
		depth: depthOf(p),
		stock: p.stock,
		support: { kind: 'none' },
		screws: p.screws,
		host: c.host,
		wide: load?.width ?? 0
	});
	const outer = outerOf(p);
	const tube: Part = {
		id: 'tube',
		name: 'tube',
		material: { kind: 'bought', name: 'tube', mass: massOf(p), rated: null },
		outline: { outer: circle(0, 0, outer), holes: [circle(0, 0, p.inside)] },
		thickness: p.long,
		grain: 'none',
		features: [],
		stands: xs.map((x) => tubeFrame(p, x))
	};
	const [sin, cos] = [Math.sin(radians(p.lean)), Math.cos(radians(p.lean))];
	const up = screwsUp(p);
	const screws = faceScrewsOf({
		name: 'tube',
		heights: up.map((s) => s * cos),
		size: p.fixing.size,
		length: p.fixing.length,
		plate: p.wall,
		main: c.host.stock
	});
	const at = floor.members.length;
	// Half of what is in a tube leans over its middle.
	const middle: Millimetres = ((load?.height ?? 0) / 2) * sin;
	return {
		parts: [...floor.parts, tube],
		host: [],
		joints: [
			...floor.joints,
			{
				name: 'tubes, through their backs',
				size: p.fixing.size,
				length: p.fixing.length,
				glued: false,
				places: xs.flatMap((x) => up.map((s): Vec3 => [x + s * sin, footOf(p) + s * cos, p.wall]))
			}
		],
		seats: xs.flatMap((x, instance) =>
			Array.from({ length: p.each }, () => ({
				group: 0,
				at: [x + middle, 0, outer / 2 - (load?.depth ?? 0) / 2] as const,
				axis: [0, 0, 1] as const,
				length: 0,
				takes: 1,
				kept: true,
				stance: 'stands' as const,
				carriedBy: [...floor.carriedBy, { member: at, instance, share: 1 }]
			}))
		),
		members: [
			...floor.members,
			{ data: screws, instances: xs.map((x) => facing('front', [x, footOf(p), 0])), own: 1 / xs.length }
		],
		faces: [],
		retention: [
			{
				forward: { by: 'its tube' },
				sideways: { by: 'its tube' },
				up: { open: 'it lifts out, as it is meant to' },
				back: { by: 'its tube' }
			}
		],
		taken: {
			left: 0,
			right: Math.max(p.width, Math.max(...xs) + p.long * sin + outer / 2),
			low: floor.low,
			high: footOf(p) + p.long * cos + (outer / 2) * sin
		},
		warnings: [...warningsOf(p, c, xs), ...floor.warnings]
	};
}

/** Thinner things share a tube. */
const THIN: Millimetres = 16;
const SHARED: Millimetres = 45;
/** Round things in a round tube fill so much of it at most, and still come out. */
const FILLS = 0.5;
/** Of what stands in a tube so much is in it. */
const IN = 0.6;

/** Tubes for long thin things: the thickest part decides the tube, the height how long it is. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'cup') return fail('it does not stand in a tube');
	const { shank } = w.thing.dims;
	if (shank === undefined) return fail('the thickest part that goes in is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = leanTubes.start(w.unit) as Params;
	const shared = shank < THIN;
	const inside = shared ? SHARED : shank + ROOM.clear;
	const each = shared ? Math.max(1, Math.min(60, Math.floor(FILLS * (inside / shank) ** 2))) : 1;
	const outer = inside + 2 * start.wall;
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	// What is wider above than in its tube keeps its neighbour off.
	const pitch = Math.max(outer + 4, shared ? 0 : known.value.width + ROOM.fingers);
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const n = Math.min(most, Math.ceil(wanted / each));
	const width = Math.max(60, n * pitch + 4);
	const long = Math.max(50, Math.round(known.value.height * IN + (outer / 2) * Math.tan(radians(start.mouth))));
	const params: Params = {
		...start,
		width,
		inside,
		long,
		each,
		spacing: aboutMiddle(width, n, pitch),
		fixing: { ...start.fixing, count: Math.min(8, Math.max(2, Math.ceil(long / 150))) },
		screws: { ...start.screws, count: screwsAlong(width, 2) }
	};
	const board = stock(start.stock).thickness;
	const seats = n * each;
	return ok({
		params,
		sums: [
			{
				label: 'tube, inside',
				sum: shared
					? phrase('{e} of {s} share one', { e: count(each), s: mm(shank) })
					: phrase('{s} + {c}', { s: mm(shank), c: mm(ROOM.clear) }),
				value: inside
			},
			{
				label: 'long, in its middle',
				sum: phrase(`high {h} × ${IN} + half the mouth {m}`, {
					h: mm(known.value.height),
					m: mm((outer / 2) * Math.tan(radians(start.mouth)))
				}),
				value: long
			}
		],
		back: { width, height: backFor(depthOf(params), long + board + 110) },
		y: board + 10,
		load: {
			...known.value,
			width: Math.min(known.value.width, known.value.depth),
			depth: Math.min(known.value.width, known.value.depth),
			count: Math.min(w.count, seats)
		},
		seats
	});
}

export const leanTubes = defineCarrier({
	kind: 'lean-tubes',
	title: 'Tubes',
	about:
		'Tubes on a floor, screwed to the back, upright or leaning, mouths cut at a slant: pens, brushes, long drills.',
	fields,
	grips: ['cup'],
	on: ['front'],
	through: true,
	groups: () => ['in the tubes'],
	effort: (p) => p.spacing.count * (p.each + 2) + 4,
	cross: (p) =>
		p.spacing.count * p.each > 400 ? [{ path: 'each', message: 'makes more than 400 places in all the tubes' }] : [],
	build,
	describe: (p) =>
		phrase(`${p.spacing.count} ${p.spacing.count === 1 ? 'tube' : 'tubes'} of {i@tape} inside`, { i: mm(p.inside) }),
	fit,
	suits: (p, { dims }) => mustGoIn('thickest part', dims.shank, p.inside, 'tube'),
	withSeats: (p, seats) => ({ ...p, spacing: { ...p.spacing, count: Math.max(1, Math.ceil(seats / p.each)) } }),
	changes: (p) => [
		{
			text: phrase('Another screw in each tube'),
			params: { ...p, fixing: { ...p.fixing, count: Math.min(8, p.fixing.count + 1) } },
			effort: 'screws' as const
		}
	],
	mirrored: mirroredSpread,
	watch: ['the tubes: do their screws draw?', 'the joint of floor and back: does it open?'],
	sums: (p) => {
		const half = (outerOf(p) / 2) * Math.tan(radians(p.mouth));
		return [
			spacingSum(p.width, p.spacing),
			phrase('mouth at {a}: {l} at its back, {f} at its front', {
				a: angle(p.mouth),
				l: mm(p.long + half),
				f: mm(p.long - half)
			}),
			...(p.lean > 0 ? [phrase('foot cut at {a}, so that it stands', { a: angle(p.lean) })] : [])
		];
	}
});
