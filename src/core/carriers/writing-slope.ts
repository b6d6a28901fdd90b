import { angleField, lengthField, massField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { plain, polygon, rectangle, type Outline } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { angle, mm, phrase } from '../units/phrase';
import { inch, radians, type Millimetres } from '../units/quantity';
import { boardBetween, clearBetween } from './between';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Load,
	type Wanted
} from './carrier';
import { moreInEnds } from './changes';
import { findings } from './findings';
import { backFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { sideFaces, SIDES, sidesOn } from './sides';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 120, 3000, [500, inch(20)]),
	deep: lengthField('Slope deep', 80, 800, [320, inch(12.5)]),
	slope: angleField('Slope, down to you', 5, 60, 25),
	stock: boardField('Board'),
	lip: lengthField('Lip along its foot, above it', 3, 100, [15, inch(5 / 8)]),
	sides: lengthField('Sides below its front', 20, 300, [40, inch(1.5)]),
	side: SIDES.stock,
	screws: wholeField('Screws in each side, through the back', 2, 12, 3),
	length: SIDES.length,
	ends: wholeField('Screws in each end of the board', 1, 12, 3),
	leans: massField('An arm that leans on it', 0, 100, [10, 22], { hint: 'A forearm, and some of who writes' })
};
type Params = ValuesOf<typeof fields>;

const sinOf = (p: Params) => Math.sin(radians(p.slope));
const cosOf = (p: Params) => Math.cos(radians(p.slope));
const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
/** A forearm, as it lies there. */
const ARM: Load = { name: 'an arm that leans on it', mass: null, width: 80, height: 60, depth: 60, count: 1 };

/** The board's upper side where it meets the face: its front edge stands the sides' foot above 0. */
const topAt = (p: Params): Millimetres => p.sides + p.deep * sinOf(p) + boardOf(p) / cosOf(p);
const outOf = (p: Params): Millimetres => p.deep * cosOf(p) + boardOf(p) * sinOf(p);

/** As high as the board at the face, as high as its front edge there. */
function sideOutline(p: Params): Outline {
	return plain(
		polygon([
			[0, 0],
			[outOf(p), 0],
			[outOf(p), p.sides + boardOf(p) * cosOf(p)],
			[0, topAt(p)]
		])
	);
}

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const span = p.width - 2 * stock(p.side).thickness;
	if (span < 60) say('stop', 'width', phrase('The sides leave {s} between them', { s: mm(Math.max(0, span)) }));
	const [on] = c.loads;
	if (on && on.count > 0) {
		if (on.width > span)
			say(
				'mind',
				'width',
				phrase('What lies there is {w} wide, {s} is between the sides', { w: mm(on.width), s: mm(Math.max(0, span)) })
			);
		if (on.depth > p.deep)
			say('mind', 'deep', phrase('What lies there is {d} long, the slope {s}', { d: mm(on.depth), s: mm(p.deep) }));
	}
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const height = topAt(p);
	const out = outOf(p);
	const sides = sidesOn({
		stock: p.side,
		screws: p.screws,
		length: p.length,
		width: p.width,
		depth: out,
		height,
		host: c.host.stock,
		outline: sideOutline(p)
	});
	const board = boardBetween({
		id: 'slope',
		name: 'slope',
		stock: p.stock,
		side: p.side,
		width: p.width,
		depth: p.deep,
		top: height,
		slope: -p.slope,
		screws: p.ends,
		wide: Math.max(0, ...c.loads.map((l) => l.width)),
		first: 1
	});
	const t = boardOf(p);
	const left = stock(p.side).thickness;
	const lip: Part = {
		id: 'lip',
		name: 'lip',
		material: { kind: 'board', stock: p.stock },
		outline: plain(rectangle(clearBetween(p.width, p.side), t + p.lip)),
		thickness: t,
		pinned: true,
		grain: 'x',
		features: [],
		// Square to the slope, on its front edge: its foot flush with the board's lower side.
		stands: [
			{
				at: [left, p.sides, p.deep * cosOf(p)],
				x: [1, 0, 0],
				y: [0, cosOf(p), sinOf(p)]
			}
		]
	};
	const middle = p.width / 2;
	const [on] = c.loads;
	const halfway = (p.deep / 2) * cosOf(p);
	return {
		parts: [...sides.parts, board.part, lip],
		host: [],
		joints: [...sides.joints, ...board.joints],
		seats: [
			{
				group: 0,
				at: [middle, height - (p.deep / 2) * sinOf(p), halfway - (on?.depth ?? 0) / 2],
				axis: [0, 0, 1],
				length: 0,
				takes: 1,
				kept: true,
				stance: 'stands',
				carriedBy: board.carriedBy(0.5, 0.5)
			},
			{
				// An arm leans anywhere: at its front edge, over either side.
				group: 0,
				at: [middle, p.sides + t, 0],
				axis: [0, 0, 1],
				length: out + ARM.depth / 2,
				takes: 1,
				kept: false,
				stance: 'stands',
				leans: { ...ARM, mass: p.leans },
				carriedBy: board.carriedBy(1, 1)
			}
		],
		members: [sides.member, ...board.members],
		faces: sideFaces(p.width, out, { stock: p.side, height }),
		retention: [
			{
				forward: { by: 'the lip' },
				sideways: { by: 'the sides' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: height },
		warnings: warningsOf(p, c)
	};
}

/** A slope as large as what lies on it. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'desk') return fail('it is nothing that lies on a writing slope');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const wide = dims.baseWidth ?? known.value.width;
	const deep = dims.baseDepth ?? known.value.depth;
	const start = writingSlope.start(w.unit) as Params;
	const side = stock(start.side).thickness;
	const params: Params = {
		...start,
		width: Math.max(300, wide + 2 * ROOM.clear + 2 * side),
		deep: Math.min(800, Math.max(200, deep + ROOM.clear))
	};
	if (params.width > w.widest) return fail('it is wider than there is room');
	const tall = topAt(params);
	return ok({
		params: { ...params, screws: Math.min(12, Math.max(3, Math.round(tall / 50))) },
		sums: [
			{
				label: 'slope, wide',
				sum: phrase('{w} + 2 × {c} + both sides', { w: mm(wide), c: mm(ROOM.clear) }),
				value: params.width
			},
			{ label: 'slope, deep', sum: phrase('{d} + {c}', { d: mm(deep), c: mm(ROOM.clear) }), value: params.deep }
		],
		back: { width: params.width, height: backFor(outOf(params), tall + 110) },
		y: 0,
		load: { ...known.value, width: wide, depth: deep, count: 1 },
		seats: 1
	});
}

export const writingSlope = defineCarrier({
	kind: 'writing-slope',
	title: 'Writing slope',
	about: 'A board that slopes down to you between two sides, with a lip: a notebook, drawings, a cut list.',
	fields,
	grips: ['desk'],
	on: ['front'],
	through: true,
	groups: () => ['on the slope'],
	effort: () => 6,
	build,
	describe: (p) => phrase('writing slope of {a}, {d@tape} deep', { a: angle(p.slope), d: mm(p.deep) }),
	fit,
	suits: (p, thing) => [
		...mustGoIn('width', thing.dims.baseWidth ?? thing.width, clearBetween(p.width, p.side), 'slope'),
		...mustGoIn('length', thing.dims.baseDepth ?? thing.depth, p.deep, 'slope')
	],
	changes: (p) => [
		{
			text: phrase('Another screw in each side'),
			params: { ...p, screws: Math.min(12, p.screws + 1) },
			effort: 'screws' as const
		},
		moreInEnds(p, 'the board')
	],
	watch: ['its front edge under a leaning arm', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('saw tilt for the back edge: {a}, the slope itself', { a: angle(p.slope) }),
		phrase('stands out {o}, falls {r}', { o: mm(outOf(p)), r: mm(p.deep * sinOf(p)) })
	]
});
