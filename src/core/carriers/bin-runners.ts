import { groupField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { facing, onEdge } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import type { Vec3 } from '../solid/vector';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { moreInSides } from './changes';
import { findings } from './findings';
import { backFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { endJoint, endScrew, onBoth, sideFaces, SIDES, sidesOn } from './sides';
import { mustGoIn, mustNotPass } from './suits';

const fields = {
	gap: lengthField('Between the runners', 10, 1500, [190, inch(7.5)], { hint: 'Body under the rims, and slack' }),
	depth: lengthField('Sides out', 40, 800, [300, inch(12)]),
	runner: boardField('Runners of', ['44x44', '2x2']),
	high: lengthField('Runners high', 15, 100, [38, inch(1.5)]),
	levels: wholeField('Bins, one over the other', 1, 12, 2),
	pitch: lengthField('From bin to bin', 20, 600, [150, inch(6)]),
	sides: groupField('Sides', { stock: SIDES.stock, screws: SIDES.screws, length: SIDES.length }),
	screws: wholeField('Screws through a side into each runner', 1, 8, 2)
};
type Params = ValuesOf<typeof fields>;

/** So much of a side is over the highest runners. */
const OVER: Millimetres = 20;
/** Rims rest on so much of either runner, at least. */
const RESTS: Millimetres = 4;

const thickOf = (p: Params): Millimetres => stock(p.runner).thickness;
const sideOf = (p: Params): Millimetres => stock(p.sides.stock).thickness;
const widthOf = (p: Params): Millimetres => p.gap + 2 * thickOf(p) + 2 * sideOf(p);
const bayOf = (p: Params): Millimetres => p.gap + 2 * thickOf(p);
const heightOf = (p: Params): Millimetres => p.levels * p.pitch + OVER;
/** Top of a level's runners: what hangs there reaches down as far as to the next. */
const topAt = (p: Params, level: number): Millimetres => (level + 1) * p.pitch;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	if (p.high > p.pitch - 5)
		say(
			'stop',
			'pitch',
			phrase('Runners {h} high, {p} apart, leave no room between them', { h: mm(p.high), p: mm(p.pitch) })
		);
	if (stock(p.runner).width + 0.01 < p.high)
		say(
			'stop',
			'high',
			phrase('Runners {h} high of a board {w} wide', { h: mm(p.high), w: mm(stock(p.runner).width) })
		);
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (load.width > bayOf(p) - ROOM.slack)
		say('stop', 'gap', phrase('Over its rims it is {w} wide, the bay {b}', { w: mm(load.width), b: mm(bayOf(p)) }));
	if (load.width < p.gap + 2 * RESTS)
		say(
			'stop',
			'gap',
			phrase('Rims of {w} rest on nothing: {g} is between the runners', { w: mm(load.width), g: mm(p.gap) })
		);
	if (load.height > p.pitch - 5)
		say(
			'stop',
			'pitch',
			phrase('A bin {h} high does not pass the next, {p} below', { h: mm(load.height), p: mm(p.pitch) })
		);
	if (load.depth > p.depth)
		say('mind', 'depth', phrase('It stands out {o} past its runners', { o: mm(load.depth - p.depth) }));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const [width, height] = [widthOf(p), heightOf(p)];
	const [side, t] = [sideOf(p), thickOf(p)];
	const sides = sidesOn({ ...p.sides, width, depth: p.depth, height, host: c.host.stock });
	const levels = Array.from({ length: p.levels }, (_, i) => topAt(p, i));
	const runner: Part = {
		id: 'runner',
		name: 'runner',
		material: { kind: 'board', stock: p.runner },
		outline: plain(rectangle(p.depth, p.high)),
		thickness: t,
		grain: 'x',
		features: [],
		// On edge: the left one ends a board from its side, the right one at its own.
		stands: levels.flatMap((y) => [side + t, width - side].map((x) => onEdge([x, y - p.high, 0])))
	};
	const held = endJoint({ name: 'runner', stock: p.runner, side: p.sides.stock, screws: p.screws, high: p.high });
	const [load] = c.loads;
	return {
		parts: [...sides.parts, runner],
		host: [],
		joints: [
			...sides.joints,
			{
				name: 'runners, through the sides',
				...endScrew(p.sides.stock),
				glued: true,
				places: levels.flatMap((y) =>
					[0, width].flatMap((x) =>
						Array.from({ length: p.screws }, (_, i): Vec3 => [x, y - p.high / 2, (p.depth * (i + 1)) / (p.screws + 1)])
					)
				)
			}
		],
		seats: levels.map((y, level) => ({
			group: 0,
			at: [width / 2, y, 0] as const,
			axis: [0, 0, 1] as const,
			length: Math.max(p.depth, load?.depth ?? 0),
			takes: 1,
			kept: false,
			stance: { above: 0 },
			// A bin hangs on both of its runners; what is in it may lie on one side: two thirds of it on either.
			carriedBy: [
				...onBoth(0, LOPSIDED),
				...[0, 1].map((n) => ({ member: 1, instance: 2 * level + n, share: LOPSIDED }))
			]
		})),
		members: [
			sides.member,
			{
				data: held,
				instances: levels.flatMap((y) => [side, width - side].map((x) => facing('front', [x, y, 0]))),
				own: 1 / (2 * p.levels)
			}
		],
		faces: sideFaces(width, p.depth, { ...p.sides, height }),
		retention: [
			{
				forward: { open: 'it slides out, as it is meant to: a stop or a dip in the runner' },
				sideways: { by: 'the runners' },
				up: p.levels > 1 ? { by: 'the bin above, all but the highest' } : { open: 'it lifts off its runners' },
				back: { by: 'the face' }
			}
		],
		taken: { left: 0, right: width, low: 0, high: height },
		warnings: warningsOf(p, c)
	};
}
/** What lies in a bin lies to one side of it: a judgement. */
const LOPSIDED = 2 / 3;

/** Runners for bins: the body decides the gap, the rims the bay, the height how far apart. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'rim') return fail('it has no rims to hang by');
	const { underRim, rim, baseDepth } = w.thing.dims;
	if (underRim === undefined || rim === undefined || baseDepth === undefined)
		return fail('its body under the rims, its rims or its depth is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = binRunners.start(w.unit) as Params;
	const t = thickOf(start);
	const gap = underRim + 2 * ROOM.slack;
	if (rim < gap + 2 * RESTS) return fail('its rims are too narrow to rest on runners');
	if (rim + ROOM.slack > gap + 2 * t) return fail('its rims are wider than runners of this stock are thick');
	const levels = Math.max(1, Math.min(6, w.count));
	const pitch = Math.max(known.value.height + ROOM.fingers, start.high + ROOM.fingers);
	const params: Params = { ...start, gap, levels, pitch, depth: Math.max(60, baseDepth) };
	const width = widthOf(params);
	if (width > w.widest) return fail('it is wider than there is room');
	const high = heightOf(params);
	return ok({
		params: { ...params, sides: { ...start.sides, screws: Math.min(12, Math.max(2, Math.round(high / 90))) } },
		sums: [
			{
				label: 'between the runners',
				sum: phrase('body {b} + 2 × {s}', { b: mm(underRim), s: mm(ROOM.slack) }),
				value: gap
			},
			{
				label: 'from bin to bin',
				sum: phrase('high {h} + {f}', { h: mm(known.value.height), f: mm(ROOM.fingers) }),
				value: pitch
			}
		],
		back: { width, height: backFor(params.depth, high + 90) },
		y: 0,
		load: { ...known.value, width: rim, depth: baseDepth, count: Math.min(w.count, levels) },
		seats: levels
	});
}

export const binRunners = defineCarrier({
	kind: 'bin-runners',
	title: 'Runners for bins',
	about: 'Runners on two sides: plastic bins hang on them by their rims, one over the other, and slide out.',
	fields,
	grips: ['rim'],
	on: ['front'],
	through: true,
	groups: () => ['on the runners'],
	effort: (p) => 4 * p.levels + 4,
	build,
	describe: (p) =>
		phrase(`runners for ${p.levels} ${p.levels === 1 ? 'bin' : 'bins'}, {g@tape} apart`, { g: mm(p.gap) }),
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('body', dims.underRim, p.gap, 'gap'),
		...mustGoIn('rims', dims.rim, bayOf(p), 'bay'),
		...mustNotPass('rims', dims.rim, p.gap, 'gap')
	],
	withSeats: (p, seats) => ({ ...p, levels: Math.min(12, Math.max(1, seats)) }),
	changes: (p) => [
		{
			text: phrase('Another screw in each runner'),
			params: { ...p, screws: Math.min(8, p.screws + 1) },
			effort: 'screws' as const
		},
		moreInSides(p)
	],
	watch: ['the runners: do they turn on their screws?', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('bay {b}: {g} + 2 × {t}; over both sides {w}', {
			b: mm(bayOf(p)),
			g: mm(p.gap),
			t: mm(thickOf(p)),
			w: mm(widthOf(p))
		}),
		phrase('tops of the runners every {p}, the first {f} up, {n} of them', {
			p: mm(p.pitch),
			f: mm(p.pitch),
			n: count(p.levels)
		})
	]
});
