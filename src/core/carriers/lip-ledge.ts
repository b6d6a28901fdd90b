import { flagField, groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf } from '../members/cantilever';
import { fail, ok } from '../result';
import { facing, onEdge, upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Seat,
	type Wanted
} from './carrier';
import { CORDS, cordHoles, cordsFor, cordWarnings, overCords } from './cords';
import { loadOf } from './load-of';
import { boardField, PLATE_SCREWS, plateFaces, plateOn, SUPPORT } from './plate';
import { mustGoIn } from './suits';
import { findings } from './findings';
import { onLedge } from './on-ledge';
import { backFor, screwsAlong, shelfUp } from './fitting';

const fields = {
	width: lengthField('Width', 30, 30_000, [400, inch(16)]),
	depth: lengthField('Ledge out', 10, 600, [60, inch(2.5)]),
	stock: boardField('Ledge'),
	places: wholeField('Places side by side', 1, 200, 3),
	lip: orNull(groupField('Lip along the front', { height: lengthField('Above the ledge', 3, 200, [15, inch(5 / 8)]) })),
	ends: flagField('End stops', true),
	groove: orNull(
		groupField('Groove along the top', {
			width: lengthField('Width', 1, 100, [5, inch(3 / 16)]),
			deep: lengthField('Deep', 2, 60, [8, inch(5 / 16)]),
			from: lengthField('Middle from the face', 3, 580, [15, inch(5 / 8)])
		})
	),
	cords: CORDS,
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** What stops things at the ends stands so high. */
const STOP: Millimetres = 20;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const { thickness } = stock(p.stock);
	const g = p.groove;
	if (g) {
		if (g.deep > thickness - 4)
			say(
				'stop',
				'groove',
				phrase('A groove {d} deep leaves {l} of {t}: at least {m}', {
					d: mm(g.deep),
					l: mm(Math.max(0, thickness - g.deep)),
					t: mm(thickness),
					m: mm(4)
				})
			);
		if (g.from - g.width / 2 < 2 || g.from + g.width / 2 > p.depth - 2)
			say('stop', 'groove', phrase('The groove runs out of the ledge, which is {d} deep', { d: mm(p.depth) }));
	}
	onLedge(p, c.loads[0], say);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness } = stock(p.stock);
	const groove: Feature[] = p.groove
		? [
				{
					kind: 'pocket',
					name: 'groove',
					path: rectangle(p.width, p.groove.width, 0, p.groove.from - p.groove.width / 2),
					from: 'back',
					depth: p.groove.deep
				}
			]
		: [];
	const plate = plateOn({
		id: 'ledge',
		name: 'ledge',
		x: 0,
		top: 0,
		width: p.width,
		depth: p.depth,
		stock: p.stock,
		grain: 'along',
		outline: plain(rectangle(p.width, p.depth)),
		features: groove,
		support: p.support,
		screws: p.screws,
		host: c.host
	});
	const board = { kind: 'board', stock: p.stock } as const;
	const strips: Part[] = [
		...(p.lip
			? [
					{
						id: 'lip',
						name: 'lip',
						material: board,
						outline: plain(rectangle(p.width, thickness + p.lip.height)),
						thickness,
						pinned: true as const,
						grain: 'x' as const,
						features: [],
						stands: [upright([0, -thickness, p.depth])]
					}
				]
			: []),
		...(p.ends
			? [
					{
						id: 'end-stop',
						name: 'end stop',
						material: board,
						outline: plain(rectangle(p.depth, STOP)),
						thickness,
						pinned: true as const,
						grain: 'x' as const,
						features: [],
						stands: [onEdge([thickness, 0, 0]), onEdge([p.width, 0, 0])]
					}
				]
			: [])
	];
	const data = cantileverOf({
		wide: c.loads[0]?.width ?? 0,
		name: 'ledge at the face',
		width: p.width,
		stock: p.stock,
		grain: 'across'
	});
	const carriedBy = [
		{ member: 0, instance: 0, share: 1 },
		{ member: plate.members.length, instance: 0, share: 1 },
		...plate.bracketShares(0)
	];
	const clear = p.width - (p.ends ? 2 * thickness : 0);
	const left = p.ends ? thickness : 0;
	const xs = Array.from({ length: p.places }, (_, i) => left + (clear * (i + 0.5)) / p.places);
	const holes = cordHoles(p.cords, xs, 0, stock(c.host.stock).thickness);
	const on: Seat[] = xs.map((x) => ({
		group: 0,
		at: [x, 0, 0],
		axis: [0, 0, 1],
		length: p.depth,
		takes: 1,
		kept: false,
		stance: 'stands',
		carriedBy
	}));
	const inGroove: Seat[] = p.groove
		? [
				{
					group: 1,
					at: [p.width / 2, p.groove.deep > 0 ? -p.groove.deep : 0, p.groove.from - (c.loads[1]?.depth ?? 0) / 2],
					axis: [0, 0, 1],
					length: 0,
					takes: 1,
					kept: true,
					stance: 'stands',
					carriedBy
				}
			]
		: [];
	const stays = p.ends ? { by: 'the end stops' } : { open: 'it can slide off the end: end stops' };
	return {
		parts: [...plate.parts, ...strips],
		host: holes.host,
		joints: plate.joints,
		seats: [...on, ...inGroove],
		members: [...plate.members, { data, instances: [facing('front', [0, 0, 0])], own: true }],
		faces: plateFaces({ x: 0, top: 0, width: p.width, depth: p.depth, stock: p.stock }, carriedBy),
		cords: holes.cords,
		retention: [
			{
				forward: p.lip ? { by: 'the lip' } : { open: 'a knock slides it off: a lip' },
				sideways: stays,
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			},
			...(p.groove
				? [
						{
							forward: { by: 'the groove' },
							sideways: stays,
							up: { open: 'it lifts out, as it is meant to' },
							back: { by: 'the groove' }
						}
					]
				: [])
		],
		taken: { left: 0, right: p.width, low: plate.low, high: Math.max(p.lip?.height ?? 0, p.ends ? STOP : 0) },
		warnings: [...warningsOf(p, c), ...cordWarnings(p.cords, p.places), ...plate.warnings]
	};
}

/** A ledge for flat things and small bases: as deep as they are, a lip in front, stops at the ends. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== null && grip !== 'groove' && grip !== 'shelf')
		return fail('it neither stands on a base nor lies in a groove');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const deep = grip === 'shelf' && dims.baseDepth !== undefined ? dims.baseDepth : load.value.depth;
	if (deep > 150) return fail(`it is too deep for a ledge`);
	const start = lipLedge.start(w.unit) as Params;
	const pitch = load.value.width + ROOM.fingers;
	const places = Math.max(1, Math.min(w.count, Math.floor((w.widest - 40) / pitch)));
	const width = Math.max(60, places * pitch + 40);
	const depth = Math.max(25, deep + 2 * ROOM.clear);
	const height = backFor(depth, 180);
	const charging = cordsFor(w.thing, Math.min(w.count, places));
	return ok({
		params: {
			...start,
			width,
			depth,
			places,
			lip: { height: w.unit === 'mm' ? 15 : inch(5 / 8) },
			cords: charging.cords,
			support:
				depth > 60
					? {
							kind: 'gussets',
							count: Math.max(2, Math.ceil(width / 400)),
							height: Math.round(depth * 0.8),
							out: Math.round(depth * 0.8)
						}
					: {
							kind: 'blocks',
							count: Math.max(2, Math.ceil(width / 400)),
							height: 40,
							out: Math.max(15, Math.round(depth * 0.7))
						},
			screws: { ...start.screws, count: screwsAlong(width, 2) }
		},
		sums: [
			...charging.sums,
			{ label: 'deep', sum: phrase('{d} + 2 × {c}', { d: mm(deep), c: mm(ROOM.clear) }), value: depth },
			{ label: 'apart', sum: phrase('wide {w} + {f}', { w: mm(load.value.width), f: mm(ROOM.fingers) }), value: pitch },
			{ label: 'wide', sum: phrase('{n} × {p} + {s}', { n: count(places), p: mm(pitch), s: mm(40) }), value: width }
		],
		back: { width, height: height + overCords(charging.cords) },
		y: shelfUp(height),
		load: { ...load.value, count: Math.min(w.count, places) },
		seats: places
	});
}

export const lipLedge = defineCarrier({
	kind: 'lip-ledge',
	title: 'Ledge',
	about: 'A narrow shelf with a lip, end stops, and a groove along its top: squares, planes, phones, boxes.',
	fields,
	grips: ['groove'],
	on: ['front'],
	through: true,
	groups: (p) => (p.groove ? ['on the ledge', 'in the groove'] : ['on the ledge']),
	effort: (p) => p.places,
	build,
	describe: (p) =>
		phrase(`ledge of ${p.places} ${p.places === 1 ? 'place' : 'places'}, {d@tape} out`, { d: mm(p.depth) }),
	fit,
	suits: (p, thing) => mustGoIn('depth', thing.dims.baseDepth ?? thing.dims.thickness ?? thing.depth, p.depth, 'ledge'),
	withSeats: (p, seats) => ({ ...p, places: Math.max(1, seats) }),
	watch: ['the joint of ledge and back: does it open?'],
	sums: (p) => [
		phrase('{w} over {n} places is {d} each', { w: mm(p.width), n: count(p.places), d: mm(p.width / p.places) })
	]
});
