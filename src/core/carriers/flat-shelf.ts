import { groupField, lengthField, orNull, variantsField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import type { Thing } from '../things/types';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarriedBy,
	type CarrierContext,
	type Fitted,
	type Found,
	type Member,
	type OfferedFace,
	type ScrewJoint,
	type Wanted
} from './carrier';
import { boardBetween } from './between';
import { CORDS, cordHoles, cordsFor, cordWarnings, overCords } from './cords';
import { loadOf, onBase } from './load-of';
import { plainPlate } from './plain-plate';
import { boardField, PLATE_SCREWS, plateFaces, SUPPORT } from './plate';
import { pushedShare, sideFaces, SIDES, sidesOn } from './sides';
import { mustGoIn } from './suits';
import { findings } from './findings';
import { backFor, screwsAlong, shelfUp } from './fitting';

const fields = {
	width: lengthField('Width', 60, 30_000, [600, inch(24)]),
	depth: lengthField('Shelf out', 20, 800, [180, inch(7)]),
	stock: boardField('Shelf'),
	places: wholeField('Places side by side', 1, 200, 3),
	lip: orNull(groupField('Lip along the front', { height: lengthField('Above the shelf', 3, 200, [20, inch(0.75)]) })),
	cords: CORDS,
	held: variantsField('Held', {
		below: { support: SUPPORT, screws: PLATE_SCREWS },
		'between-sides': {
			...SIDES,
			up: lengthField('Shelf above their foot', 0, 1300, [40, inch(1.5)]),
			ends: wholeField('Screws in each end', 1, 12, 3)
		}
	})
};
type Params = ValuesOf<typeof fields>;
type Between = Extract<Params['held'], { kind: 'between-sides' }>;

/** What a shelf is, whichever way it is held. */
interface Held {
	parts: Part[];
	joints: ScrewJoint[];
	members: Member[];
	faces: OfferedFace[];
	/** What carries the nth thing, from the left. */
	carriedBy(n: number): CarriedBy[];
	/** Clear along it, from its left end. */
	clear: { from: Millimetres; to: Millimetres };
	top: Millimetres;
	low: Millimetres;
	high: Millimetres;
	warnings: readonly Found[];
}

function onSupports(
	p: Params,
	c: CarrierContext,
	{ support, screws }: Extract<Params['held'], { kind: 'below' }>
): Held {
	const { width, depth } = p;
	const plate = plainPlate({
		name: 'shelf',
		width,
		depth,
		stock: p.stock,
		support,
		screws,
		host: c.host,
		wide: c.loads[0]?.width ?? 0
	});
	return {
		...plate,
		faces: plateFaces({ x: 0, top: 0, width, depth, stock: p.stock }, plate.carriedBy),
		carriedBy: () => [...plate.carriedBy],
		clear: { from: 0, to: width },
		top: 0,
		high: 0
	};
}

function betweenSides(p: Params, c: CarrierContext, held: Between): Held {
	const sides = sidesOn({ ...held, width: p.width, depth: p.depth, host: c.host.stock });
	const t = stock(held.stock).thickness;
	const board = stock(p.stock).thickness;
	const top = held.up + board;
	const wide = c.loads[0]?.width ?? 0;
	const shelf = boardBetween({
		id: 'shelf',
		name: 'shelf',
		stock: p.stock,
		side: held.stock,
		width: p.width,
		depth: p.depth,
		top,
		screws: held.ends,
		wide,
		first: 1
	});
	const { span } = shelf;
	return {
		parts: [...sides.parts, shelf.part],
		joints: [...sides.joints, ...shelf.joints],
		members: [sides.member, ...shelf.members],
		faces: [
			...plateFaces({ x: t, top, width: span, depth: p.depth, stock: p.stock }, shelf.carriedBy(1, 1)),
			...sideFaces(p.width, p.depth, held)
		],
		// Things stand anywhere along it: each side takes them as if all were pushed to it.
		carriedBy: (n) => {
			const share = pushedShare(n, wide, span);
			return shelf.carriedBy(share, share);
		},
		clear: { from: t, to: p.width - t },
		top,
		low: 0,
		high: held.height,
		warnings:
			held.up + board > held.height
				? [
						{
							level: 'stop',
							field: 'held',
							message: phrase('The shelf, {u} up, is over sides {h} high', { u: mm(held.up), h: mm(held.height) })
						}
					]
				: []
	};
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const h = p.held.kind === 'below' ? onSupports(p, c, p.held) : betweenSides(p, c, p.held);
	const { thickness } = stock(p.stock);
	const lip: Part[] = p.lip
		? [
				{
					id: 'lip',
					name: 'lip',
					material: { kind: 'board', stock: p.stock },
					outline: plain(rectangle(Math.max(1, h.clear.to - h.clear.from), thickness + p.lip.height)),
					thickness,
					pinned: true,
					grain: 'x',
					features: [],
					stands: [upright([h.clear.from, h.top - thickness, p.depth])]
				}
			]
		: [];
	const clear = h.clear.to - h.clear.from;
	const [load] = c.loads;
	const { found, say } = findings();
	if (clear < 20) say('stop', 'width', phrase('The sides leave {c} between them', { c: mm(Math.max(0, clear)) }));
	if (load && load.count > 0) {
		if (load.depth > p.depth)
			say(
				'mind',
				'depth',
				phrase('What stands there is {d} deep, the shelf {s}', { d: mm(load.depth), s: mm(p.depth) })
			);
		if (load.width * p.places > clear)
			say('mind', 'places', phrase('{n} of {w} are wider than the shelf', { n: count(p.places), w: mm(load.width) }));
	}
	const between = p.held.kind === 'between-sides';
	const xs = Array.from({ length: p.places }, (_, i) => h.clear.from + (clear * (i + 0.5)) / p.places);
	const holes = cordHoles(p.cords, xs, h.top, stock(c.host.stock).thickness);
	return {
		parts: [...h.parts, ...lip],
		host: holes.host,
		joints: h.joints,
		seats: xs.map((x, i) => {
			return {
				group: 0,
				at: [x, h.top, 0] as const,
				axis: [0, 0, 1] as const,
				length: p.depth,
				takes: 1,
				kept: false,
				stance: 'stands' as const,
				carriedBy: h.carriedBy(i)
			};
		}),
		members: h.members,
		faces: h.faces,
		cords: holes.cords,
		retention: [
			{
				forward: p.lip ? { by: 'the lip' } : { open: 'a knock can push it off: a lip' },
				sideways: between ? { by: 'the sides' } : { open: 'it can slide off the end: sides, or end stops' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: h.low, high: Math.max(h.high, h.top + (p.lip?.height ?? 0)) },
		warnings: [...found, ...cordWarnings(p.cords, p.places), ...h.warnings]
	};
}

/** Of its base what may lie out from the wall at least; null where nobody measured it. */
function shallower({ dims, width, depth }: Thing): Millimetres | null {
	const [w, d] = [dims.baseWidth ?? width, dims.baseDepth ?? depth];
	return w !== null && d !== null && d > ALONG * w ? w : d;
}

/** So many times as long as wide. */
const ALONG = 2;

/** A shelf for what stands on a base: as deep as it is, as wide as all of them. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== null && grip !== 'shelf') return fail('it does not stand on a base');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = flatShelf.start(w.unit) as Params;
	const stands = onBase(load.value, dims);
	const base = [stands.wide, stands.deep] as const;
	// What is much longer than wide lies along the wall: it stands out less.
	const along = base[1] > ALONG * base[0] && base[1] + ROOM.fingers <= w.widest;
	const [wide, deep] = along ? [base[1], base[0]] : base;
	const pitch = wide + ROOM.fingers;
	const places = Math.max(1, Math.min(w.count, Math.floor(w.widest / pitch)));
	const width = Math.max(80, places * pitch);
	const depth = Math.max(40, deep + 2 * ROOM.clear);
	const height = backFor(depth);
	const low = Math.min(Math.round(depth * 0.8), height - 130);
	const charging = cordsFor(w.thing, Math.min(w.count, places));
	return ok({
		params: {
			...start,
			width,
			depth,
			places,
			lip: { height: w.unit === 'mm' ? 20 : inch(0.75) },
			cords: charging.cords,
			held: {
				kind: 'below',
				support: {
					kind: 'gussets',
					count: Math.max(2, Math.ceil(width / 350) + 1),
					height: Math.max(20, low),
					out: Math.max(20, Math.round(depth * 0.8))
				},
				screws: {
					size: '#8',
					length: w.unit === 'mm' ? 50 : inch(2),
					count: screwsAlong(width, 3),
					glued: true
				}
			}
		},
		sums: [
			...charging.sums,
			{ label: 'deep', sum: phrase('{d} + 2 × {c}', { d: mm(deep), c: mm(ROOM.clear) }), value: depth },
			{ label: 'apart', sum: phrase('wide {w} + {f}', { w: mm(wide), f: mm(ROOM.fingers) }), value: pitch },
			{ label: 'wide', sum: phrase('{n} × {p}', { n: count(places), p: mm(pitch) }), value: width }
		],
		back: { width, height: height + overCords(charging.cords) },
		y: shelfUp(height),
		load: { ...load.value, width: wide, depth: deep, height: stands.high, count: Math.min(w.count, places) },
		seats: places
	});
}

export const flatShelf = defineCarrier({
	kind: 'flat-shelf',
	title: 'Shelf',
	about: 'A shelf on gussets, blocks or brackets, or between two sides: bins, cans, anything with a base.',
	fields,
	grips: ['shelf'],
	on: ['front'],
	through: true,
	groups: () => ['on the shelf'],
	effort: (p) => p.places + 4,
	build,
	describe: (p) =>
		phrase(`shelf of ${p.places} ${p.places === 1 ? 'place' : 'places'}, {d@tape} out`, { d: mm(p.depth) }),
	fit,
	suits: (p, thing) => mustGoIn('depth', shallower(thing), p.depth, 'shelf'),
	withSeats: (p, seats) => ({ ...p, places: Math.max(1, seats) }),
	watch: ['the middle of the shelf: does it sag?', 'the joint of shelf and back: does it open?'],
	sums: (p) => [
		phrase('{w} over {n} places is {d} each', { w: mm(p.width), n: count(p.places), d: mm(p.width / p.places) })
	]
});
