import { lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { boardOnSupports } from '../members/beam';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarriedBy,
	type CarrierContext,
	type Fitted,
	type Found,
	type Load,
	type ScrewJoint,
	type Wanted
} from './carrier';
import { moreInSides } from './changes';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { endJoint, endScrew, onBoth, pushedShare, sideFaces, sidesField, sidesOn } from './sides';
import { spacingPositions } from './spacing';
import { mustGoIn, mustNotPass } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 80, 6000, [500, inch(20)]),
	stock: boardField('Rails of'),
	high: lengthField('Rails, on edge', 15, 300, [45, inch(1.75)], { hint: 'How high each stands' }),
	gap: lengthField('Gap between them', 3, 400, [32, inch(1.25)], {
		hint: 'Wider than the thickest handle, narrower than the narrowest head'
	}),
	behind: lengthField('Face to the rear rail', 0, 500, [30, inch(1.25)], { hint: 'So that the widest head clears it' }),
	places: wholeField('Places', 1, 200, 6),
	sides: sidesField,
	ends: wholeField('Screws through a side into each rail', 1, 6, 2)
};
type Params = ValuesOf<typeof fields>;

/** How far a side stands past the front rail. */
const PAST: Millimetres = 10;

const railOf = (p: Params) => stock(p.stock).thickness;
/** Of the gap, out from the face. */
const centreOf = (p: Params): Millimetres => p.behind + railOf(p) + p.gap / 2;
const depthOf = (p: Params): Millimetres => p.behind + 2 * railOf(p) + p.gap + PAST;
const spanOf = (p: Params): Millimetres => Math.max(1, p.width - 2 * stock(p.sides.stock).thickness);

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const span = p.width - 2 * stock(p.sides.stock).thickness;
	if (span < 20) say('stop', 'width', phrase('The sides leave {s} between them', { s: mm(Math.max(0, span)) }));
	if (p.high > p.sides.height + 0.01)
		say(
			'stop',
			'high',
			phrase('Rails {r} high are higher than their sides: {h}', { r: mm(p.high), h: mm(p.sides.height) })
		);
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (load.depth <= p.gap)
		say('stop', 'gap', phrase('A head of {w} falls through a gap of {g}', { w: mm(load.depth), g: mm(p.gap) }));
	if (load.depth / 2 > centreOf(p))
		say(
			'mind',
			'behind',
			phrase('Half of a head, {r}, reaches the face: the gap is {o} out', { r: mm(load.depth / 2), o: mm(centreOf(p)) })
		);
	const many = Math.min(load.count, p.places);
	if (load.width * many > span)
		say(
			'mind',
			'places',
			phrase('{n} of {w} are wider than the {s} between the sides', { n: count(many), w: mm(load.width), s: mm(span) })
		);
	return found;
}

/** Either rail's middle, out from the face. */
const railsAt = (p: Params): [Millimetres, Millimetres] => [
	p.behind + railOf(p) / 2,
	p.behind + railOf(p) * 1.5 + p.gap
];

function endsOf(p: Params): ScrewJoint {
	const heights = spacingPositions(p.high, { kind: 'equal-gaps', count: p.ends });
	return {
		name: 'rails, through the sides',
		...endScrew(p.sides.stock),
		glued: true,
		places: [0, p.width].flatMap((x) =>
			railsAt(p).flatMap((z) => heights.map((y): [number, number, number] => [x, p.sides.height - p.high + y, z]))
		)
	};
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const side = stock(p.sides.stock).thickness;
	const span = spanOf(p);
	const depth = depthOf(p);
	const sides = sidesOn({
		width: p.width,
		depth,
		height: p.sides.height,
		stock: p.sides.stock,
		screws: p.sides.screws,
		length: p.sides.length,
		host: c.host.stock
	});
	const foot = p.sides.height - p.high;
	const rails: Part = {
		id: 'rail',
		name: 'rail',
		material: { kind: 'board', stock: p.stock },
		outline: plain(rectangle(span, p.high)),
		thickness: railOf(p),
		grain: 'x',
		features: [],
		stands: [p.behind, p.behind + railOf(p) + p.gap].map((z) => ({ at: [side, foot, z], x: [1, 0, 0], y: [0, 1, 0] }))
	};
	const [load] = c.loads;
	const beam = boardOnSupports({
		name: 'rail',
		stock: p.stock,
		depth: railOf(p),
		onEdge: p.high,
		supports: [0, span],
		length: span,
		bearing: side,
		wide: load?.width ?? 0
	});
	const end = endJoint({ name: 'rail end', stock: p.stock, side: p.sides.stock, screws: p.ends, high: p.high });
	// Half of a head lies on either rail; things slide, so that each end takes them as if all were pushed to it.
	const carriedBy = (n: number): CarriedBy[] => {
		const pushed = pushedShare(n, load?.width ?? 0, span);
		return [
			...[0, 1].map((instance) => ({ member: 1, instance, share: 0.5 })),
			...[0, 1, 2, 3].map((instance) => ({ member: 2, instance, share: pushed / 2 })),
			...onBoth(0, pushed)
		];
	};
	const [rear, front] = railsAt(p);
	const centre = centreOf(p);
	const deep = load?.depth ?? 0;
	return {
		parts: [...sides.parts, rails],
		host: [],
		joints: [...sides.joints, endsOf(p)],
		seats: Array.from({ length: p.places }, (_, i) => ({
			group: 0,
			at: [side + (span * (i + 0.5)) / p.places, p.sides.height, centre - deep / 2] as const,
			axis: [0, 0, 1] as const,
			length: 0,
			takes: 1,
			kept: true,
			stance: { above: (load?.height ?? 0) * HEAD },
			carriedBy: carriedBy(i)
		})),
		members: [
			sides.member,
			{
				data: beam,
				instances: [rear, front].map((z) => facing('front', [side, p.sides.height, z])),
				own: true,
				grab: { x: span / 2, z: 0 }
			},
			{
				data: end,
				// Of their own wood each of four ends takes its part.
				own: 0.25,
				instances: [side, p.width - side].flatMap((x) =>
					[rear, front].map((z) => facing('front', [x, p.sides.height, z]))
				)
			}
		],
		faces: sideFaces(p.width, depth, p.sides),
		retention: [
			{
				forward: { by: 'the front rail' },
				sideways: { open: 'it slides along the rails: spacers between them' },
				up: { open: 'it lifts out, as it is meant to' },
				back: { by: 'the rear rail' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: p.sides.height },
		warnings: warningsOf(p, c)
	};
}
/** So much of what hangs between rails stands above them: its head. */
const HEAD = 0.15;

/** A head lies across the gap: along the rails it takes its thinner side. */
const across = (load: Load, head: Millimetres): Load => ({
	...load,
	width: Math.min(load.width, load.depth),
	depth: Math.max(head, load.width, load.depth)
});

/** Rails for handles: the handle and the narrowest head decide the gap, the widest head how far out. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'rails') return fail('it has no handle with a head to lie on two rails');
	const { handle, narrowHead, head } = w.thing.dims;
	if (handle === undefined || narrowHead === undefined || head === undefined)
		return fail('its handle, or its narrowest or widest head, is not known');
	if (narrowHead <= handle + ROOM.slack)
		return fail('its head is no wider than a gap for its handle: it falls through');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const load = across(known.value, head);
	const start = twoRails.start(w.unit) as Params;
	const gap = handle + Math.min(ROOM.slack, (narrowHead - handle) / 2);
	const rail = stock(start.stock).thickness;
	const side = stock(start.sides.stock).thickness;
	const behind = Math.max(0, load.depth / 2 + ROOM.clear - gap / 2 - rail);
	const pitch = load.width + ROOM.fingers;
	const most = Math.max(1, Math.floor((w.widest - 2 * side) / pitch));
	const places = Math.min(most, w.count + spareFor(w.count));
	const width = Math.max(100, places * pitch + 2 * side);
	const params: Params = { ...start, width, gap, behind, places };
	const out = depthOf(params);
	// Wide rails bend more, and their sides turn about feet further down.
	const high = Math.ceil(Math.max(start.high, width / 16) / 5) * 5;
	const tall = Math.ceil(Math.max(high + 20, out * 0.8) / 5) * 5;
	const height = backFor(out, tall + 100);
	return ok({
		params: { ...params, high, sides: { ...start.sides, height: tall, screws: Math.max(2, Math.round(tall / 50)) } },
		sums: [
			{ label: 'gap', sum: phrase('handle {h} + {s}', { h: mm(handle), s: mm(gap - handle) }), value: gap },
			{
				label: 'gap out from the face',
				sum: phrase('head {w} / 2 + {c}, or the rear rail and half a gap', { w: mm(load.depth), c: mm(ROOM.clear) }),
				value: centreOf(params)
			},
			{ label: 'apart', sum: phrase('wide {w} + {f}', { w: mm(load.width), f: mm(ROOM.fingers) }), value: pitch }
		],
		back: { width, height },
		y: 20,
		load: { ...load, count: Math.min(w.count, places) },
		seats: places
	});
}

export const twoRails = defineCarrier({
	kind: 'two-rails',
	title: 'Rails',
	about: 'Two rails between sides: hammers, mallets and axes hang by their heads, the handles in the gap.',
	fields,
	grips: ['rails'],
	on: ['front'],
	through: true,
	groups: () => ['between the rails'],
	effort: (p) => p.places + 4,
	build,
	describe: (p) =>
		phrase(`rails of ${p.places} ${p.places === 1 ? 'place' : 'places'}, gap {g@tape}`, { g: mm(p.gap) }),
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('handle', dims.handle, p.gap, 'gap'),
		...mustNotPass('narrowest head', dims.narrowHead, p.gap, 'gap'),
		...mustGoIn(
			'half of its widest head',
			dims.head === undefined ? null : dims.head / 2,
			centreOf(p),
			'room to the face'
		)
	],
	withSeats: (p, seats) => ({ ...p, places: Math.max(1, seats) }),
	changes: (p) => [
		{
			text: phrase('Rails {h@tape} high', { h: mm(Math.round(p.high * 1.4)) }),
			params: {
				...p,
				high: Math.round(p.high * 1.4),
				sides: { ...p.sides, height: Math.max(p.sides.height, Math.round(p.high * 1.4) + 10) }
			},
			effort: 'another part' as const
		},
		moreInSides(p)
	],
	watch: ['the middle of the rails: do they spread or sag?', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('rear rail {b}, gap {g}, front rail {f} out', {
			b: mm(p.behind),
			g: mm(p.behind + railOf(p)),
			f: mm(p.behind + railOf(p) + p.gap)
		})
	]
});
