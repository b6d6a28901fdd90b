import { angleField, groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { circle, plain, polygon, type Outline } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Frame } from '../solid/frame';
import { ROOM } from '../things/grips/room';
import { angle, count, mm, phrase } from '../units/phrase';
import { inch, radians, type Millimetres } from '../units/quantity';
import { alike, boardBetween, clearBetween, UPPER_SIDE } from './between';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarriedBy,
	type CarrierContext,
	type Fitted,
	type Found,
	type Keep,
	type Wanted
} from './carrier';
import { moreInEnds, moreInSides } from './changes';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { pushedShare, sideFaces, SIDES, sidesOn } from './sides';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both sides', 80, 6000, [500, inch(20)]),
	deep: lengthField('Shelf deep, along its slope', 40, 500, [110, inch(4.5)]),
	slope: angleField('Slope, down to the wall', 3, 45, 20, { hint: 'Its back edge is bevelled by as much' }),
	stock: boardField('Shelves'),
	shelves: wholeField('Shelves, one over the other', 1, 12, 2),
	pitch: lengthField('Shelf to shelf', 30, 800, [160, inch(6.5)]),
	places: wholeField('Places on each', 1, 60, 6),
	pins: orNull(
		groupField('A pin at each place', {
			diameter: lengthField('Diameter', 4, 40, [12, inch(1 / 2)], { hint: 'Goes through the bore of a spool' }),
			high: lengthField('Above the shelf', 5, 300, [40, inch(1.5)]),
			deep: lengthField('In the shelf', 3, 60, [12, inch(1 / 2)])
		})
	),
	sides: groupField('Sides', { stock: SIDES.stock, screws: SIDES.screws, length: SIDES.length }),
	ends: wholeField('Screws in each end of a shelf', 1, 12, 2)
};
type Params = ValuesOf<typeof fields>;

/** So much of a side stands over its highest shelf. */
const OVER: Millimetres = 10;
/** Less of a slope keeps no roll against the wall: a judgement. */
const KEEPS = 10;
/** A dowel is set in its hole with so much wood left below it. */
const LEFT: Millimetres = 3;

const sinOf = (p: Params) => Math.sin(radians(p.slope));
const cosOf = (p: Params) => Math.cos(radians(p.slope));
const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
/** A shelf's upper side at the face. */
const topAt = (p: Params, shelf: number): Millimetres => boardOf(p) / cosOf(p) + shelf * p.pitch;
const outOf = (p: Params): Millimetres => p.deep * cosOf(p);
const heightOf = (p: Params): Millimetres => topAt(p, p.shelves - 1) + p.deep * sinOf(p) + OVER;

/** A roll that touches slope and face: its lowest point over where the slope meets the face. */
const restsAt = (p: Params, across: Millimetres): Millimetres => (across / 2) * ((1 + sinOf(p)) / cosOf(p) - 1);
/** And how far along the slope it touches that. */
const touchesAt = (p: Params, across: Millimetres): Millimetres => (across / 2) * ((1 + sinOf(p)) / cosOf(p));

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const span = p.width - 2 * stock(p.sides.stock).thickness;
	if (span < 20) say('stop', 'width', phrase('The sides leave {s} between them', { s: mm(Math.max(0, span)) }));
	if (p.deep <= boardOf(p) * Math.tan(radians(p.slope)))
		say('stop', 'deep', phrase('Its bevel takes off all of a shelf {d} deep', { d: mm(p.deep) }));
	if (p.pins && p.pins.deep > boardOf(p) - LEFT)
		say(
			'stop',
			'pins',
			phrase('Pins {d} deep come out below a shelf of {t}: {m} at most', {
				d: mm(p.pins.deep),
				t: mm(boardOf(p)),
				m: mm(Math.max(0, boardOf(p) - LEFT))
			})
		);
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (!p.pins && touchesAt(p, load.depth) > p.deep)
		say(
			'stop',
			'deep',
			phrase('A roll {a} across would rest {t} along the slope, and the shelf is {d} deep: it falls off', {
				a: mm(load.depth),
				t: mm(touchesAt(p, load.depth)),
				d: mm(p.deep)
			})
		);
	const needs = load.height + (p.pins ? 0 : restsAt(p, load.depth)) + boardOf(p) / cosOf(p);
	if (p.shelves > 1 && needs > p.pitch)
		say('stop', 'pitch', phrase('What stands there needs {n} from shelf to shelf', { n: mm(needs) }));
	if (load.width * p.places > span)
		say(
			'mind',
			'places',
			phrase('{n} of {w} are wider than the {s} between the sides', {
				n: count(p.places),
				w: mm(load.width),
				s: mm(Math.max(0, span))
			})
		);
	return found;
}

/** Narrow at the foot, where nothing stands. */
function sideOutline(p: Params): Outline {
	const [out, high] = [outOf(p), heightOf(p)];
	return plain(
		polygon([
			[0, 0],
			[out * 0.5, 0],
			[out, Math.min(high * 0.5, p.deep * sinOf(p))],
			[out, high],
			[0, high]
		])
	);
}

/** Middles of the places, along. */
function placesOf(p: Params): Millimetres[] {
	const span = clearBetween(p.width, p.sides.stock);
	return Array.from({ length: p.places }, (_, i) => stock(p.sides.stock).thickness + (span * (i + 0.5)) / p.places);
}

/** A pin's foot on the slope: how far along that from the face. */
const pinAt = (p: Params): Millimetres => p.deep / 2;

/** Where pins are set, as the section of a shelf sees it: from its front back, and along it from its right end. */
function pinHoles(p: Params, xs: readonly Millimetres[]): Feature[] {
	const { pins } = p;
	if (!pins) return [];
	const right = stock(p.sides.stock).thickness + clearBetween(p.width, p.sides.stock);
	const upper = p.deep - boardOf(p) * Math.tan(radians(p.slope));
	return xs.map((x) => ({
		kind: 'bore',
		at: [upper - pinAt(p), right - x],
		from: { edge: UPPER_SIDE },
		diameter: pins.diameter,
		depth: pins.deep,
		through: false,
		tilt: 0,
		toward: [1, 0]
	}));
}

/** A pin stands square to its shelf. */
function pinFrame(p: Params, x: Millimetres, shelf: number, deep: Millimetres): Frame {
	const [sin, cos] = [sinOf(p), cosOf(p)];
	const y = topAt(p, shelf) + pinAt(p) * sin;
	const z = pinAt(p) * cos;
	return { at: [x, y - deep * cos, z + deep * sin], x: [1, 0, 0], y: [0, -sin, -cos] };
}

/** What keeps a roll from walking off the front. */
function keptForward(p: Params): Keep {
	if (p.pins) return { by: 'its pin' };
	return p.slope >= KEEPS
		? { by: 'the slope' }
		: { open: `so little of a slope keeps no roll back: ${KEEPS}° at least` };
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const [height, out] = [heightOf(p), outOf(p)];
	const xs = placesOf(p);
	const [load] = c.loads;
	const sides = sidesOn({
		...p.sides,
		width: p.width,
		depth: out,
		height,
		host: c.host.stock,
		outline: sideOutline(p)
	});
	const shelves = Array.from({ length: p.shelves }, (_, i) =>
		boardBetween({
			id: 'shelf',
			name: 'shelf',
			stock: p.stock,
			side: p.sides.stock,
			width: p.width,
			depth: p.deep,
			top: topAt(p, i),
			slope: p.slope,
			screws: p.ends,
			wide: load?.width ?? 0,
			first: 1 + 2 * i,
			own: 1 / p.shelves,
			features: pinHoles(p, xs)
		})
	);
	const { pins } = p;
	const dowels: Part[] = pins
		? [
				{
					id: 'pin',
					name: 'pin',
					material: { kind: 'dowel', diameter: pins.diameter },
					outline: plain(circle(0, 0, pins.diameter)),
					thickness: pins.high + pins.deep,
					grain: 'none',
					features: [],
					stands: shelves.flatMap((_, i) => xs.map((x) => pinFrame(p, x, i, pins.deep)))
				}
			]
		: [];
	const span = clearBetween(p.width, p.sides.stock);
	const left = stock(p.sides.stock).thickness;
	const carriedBy = (i: number, n: number): CarriedBy[] => {
		// On pins things stay where they are; rolls slide along, as if all were pushed to either side.
		const right = ((xs[n] ?? left) - left) / span;
		const pushed = pushedShare(n, load?.width ?? 0, span);
		return shelves[i]?.carriedBy(p.pins ? 1 - right : pushed, p.pins ? right : pushed) ?? [];
	};
	const deep = load?.depth ?? 0;
	const seatOut = pins ? pinAt(p) * cosOf(p) - deep / 2 : 0;
	const seatUp = pins ? pinAt(p) * sinOf(p) : restsAt(p, deep);
	return {
		parts: [...sides.parts, ...alike(shelves), ...dowels],
		host: [],
		joints: [...sides.joints, ...shelves.flatMap((s) => s.joints)],
		seats: shelves.flatMap((_, i) =>
			xs.map((x, n) => ({
				group: 0,
				at: [x, topAt(p, i) + seatUp, seatOut] as const,
				axis: [0, 0, 1] as const,
				length: 0,
				takes: 1,
				kept: true,
				stance: 'stands' as const,
				carriedBy: carriedBy(i, n)
			}))
		),
		members: [sides.member, ...shelves.flatMap((s) => s.members)],
		faces: sideFaces(p.width, out, { ...p.sides, height }),
		retention: [
			{
				forward: keptForward(p),
				sideways: pins ? { by: 'its pin' } : { by: 'the sides' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: pins ? 'its pin' : 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: height },
		warnings: warningsOf(p, c)
	};
}

/** Beyond where a roll touches the slope. */
const BEYOND: Millimetres = 15;
const MOST_SHELVES = 4;

/** Shelves for rolls on their rims: the outside decides how deep and how far apart, the width how many. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'slope' && grip !== 'rod') return fail('it is not a roll that stands on its rim');
	const { across, roll } = dims;
	if (across === undefined || roll === undefined) return fail('its outside or its width is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = slopingShelf.start(w.unit) as Params;
	const each = roll + ROOM.slack;
	const side = stock(start.sides.stock).thickness;
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const most = Math.max(1, Math.min(60, Math.floor((Math.min(w.widest, 900) - 2 * side) / each)));
	const shelves = Math.min(MOST_SHELVES, Math.ceil(wanted / most));
	const places = Math.min(most, Math.ceil(wanted / shelves));
	const deep = Math.max(40, Math.ceil(touchesAt(start, across) + BEYOND));
	const pitch = Math.ceil(across + restsAt(start, across) + boardOf(start) / cosOf(start) + ROOM.fingers);
	const width = Math.max(80, places * each + 2 * side);
	const params: Params = { ...start, width, deep, shelves, pitch, places };
	const high = heightOf(params);
	const seats = shelves * places;
	// A roll may stand out past the front edge of its shelf.
	const out = Math.max(outOf(params), across);
	return ok({
		params: { ...params, sides: { ...start.sides, screws: Math.min(12, Math.max(2, Math.round(high / 70))) } },
		sums: [
			{
				label: 'shelf deep',
				sum: phrase('half of {a} × (1 + sin {s}) / cos {s} + {b}', {
					a: mm(across),
					s: angle(start.slope),
					b: mm(BEYOND)
				}),
				value: deep
			},
			{ label: 'along, each', sum: phrase('wide {w} + {s}', { w: mm(roll), s: mm(ROOM.slack) }), value: each },
			{
				label: 'shelf to shelf',
				sum: phrase('across {a} + {r} that it rests up the slope + shelf + {f}', {
					a: mm(across),
					r: mm(restsAt(start, across)),
					f: mm(ROOM.fingers)
				}),
				value: pitch
			}
		],
		back: { width, height: backFor(out, high + 100) },
		y: 0,
		load: { ...known.value, width: roll, height: across, depth: across, count: Math.min(w.count, seats) },
		seats
	});
}

export const slopingShelf = defineCarrier({
	kind: 'sloping-shelf',
	title: 'Sloping shelves',
	about: 'Shelves that slope down to the wall between two sides: rolls stand on their rims, spools on pins.',
	fields,
	grips: ['slope'],
	on: ['front'],
	through: true,
	groups: () => ['on the slope'],
	effort: (p) => p.shelves * (2 * p.places + 3),
	build,
	describe: (p) =>
		phrase(`${p.shelves * p.places} ${p.shelves * p.places === 1 ? 'place' : 'places'} on a slope of {a}`, {
			a: angle(p.slope)
		}),
	fit,
	suits: (p, { dims }) => [
		...(p.pins || dims.across === undefined
			? []
			: mustGoIn('touch on the slope', touchesAt(p, dims.across), p.deep, 'shelf')),
		...(p.pins && dims.bore !== undefined ? mustGoIn('pin', p.pins.diameter, dims.bore, 'bore') : [])
	],
	withSeats: (p, seats) => ({ ...p, places: Math.min(60, Math.max(1, Math.ceil(seats / p.shelves))) }),
	changes: (p) => [moreInSides(p), moreInEnds(p, 'a shelf')],
	watch: ['the middle of the shelves: do they sag?', 'the sides: do they pull off the back?'],
	sums: (p) => [
		phrase('saw tilt for the back edge: {a}, the slope itself', { a: angle(p.slope) }),
		phrase('stands out {d} × cos {a} = {o}, rises {r}', {
			d: mm(p.deep),
			a: angle(p.slope),
			o: mm(outOf(p)),
			r: mm(p.deep * sinOf(p))
		})
	]
});
