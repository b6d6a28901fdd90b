import { flagField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { crossRodOf } from '../members/beam';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { circle, plain, rectangle, type Outline, type Path } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { loadOf } from './load-of';
import { onBoth, sideFaces, sidesField, sidesOn } from './sides';
import { mustGoIn } from './suits';
import { moreInSides } from './changes';
import { findings } from './findings';
import { backFor } from './fitting';

const fields = {
	width: lengthField('Width, over both sides', 60, 6000, [400, inch(16)]),
	diameter: lengthField('Rod', 5, 60, [20, inch(0.75)]),
	out: lengthField('Rod from the face', 10, 600, [70, inch(2.75)], { hint: 'To its middle' }),
	up: lengthField('Rod above the foot of the sides', 5, 1300, [80, inch(3.25)]),
	sides: sidesField,
	open: flagField('Open slots: it lifts out', true),
	keeper: flagField('Keepers over the slots', true),
	takes: wholeField('Things side by side', 1, 200, 5)
};
type Params = ValuesOf<typeof fields>;

/** Wood round the rod in a side. */
const LEAST_WOOD: Millimetres = 8;

/** A side with a hole for the rod, or a slot down to it from the top. */
function sideOutline(p: Params): Outline {
	const depth = depthOf(p);
	const { height } = p.sides;
	const r = p.diameter / 2;
	if (!p.open) return { outer: rectangle(depth, height), holes: [circle(p.out, p.up, p.diameter)] };
	const outer: Path = [
		{ x: 0, y: 0 },
		{ x: depth, y: 0 },
		{ x: depth, y: height },
		{ x: p.out + r, y: height },
		{ x: p.out + r, y: p.up, bulge: -1 },
		{ x: p.out - r, y: p.up },
		{ x: p.out - r, y: height },
		{ x: 0, y: height }
	];
	return plain(outer);
}
const depthOf = (p: Params) => p.out + p.diameter / 2 + LEAST_WOOD * 2;

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const { thickness } = stock(p.sides.stock);
	const span = p.width - 2 * thickness;
	if (span < 20) say('stop', 'width', phrase('The sides leave {s} between them', { s: mm(Math.max(0, span)) }));
	const above = p.sides.height - p.up - p.diameter / 2;
	if (above < (p.open ? 3 : LEAST_WOOD) || p.up - p.diameter / 2 < LEAST_WOOD)
		say('stop', 'up', phrase('The rod, {u} up, runs out of sides {h} high', { u: mm(p.up), h: mm(p.sides.height) }));
	if (p.out - p.diameter / 2 < 2) say('stop', 'out', phrase('The rod touches the face'));
	if (p.open && !p.keeper)
		say('mind', 'keeper', phrase('In open slots a bump lifts the rod out: keepers over the slots, or holes'));
	const [load] = c.loads;
	if (load && load.count > 0) {
		const each = load.depth;
		if (each * Math.min(load.count, p.takes) > span)
			say(
				'mind',
				'takes',
				phrase('{n} of {w} are wider than the {s} between the sides', {
					n: count(Math.min(load.count, p.takes)),
					w: mm(each),
					s: mm(span)
				})
			);
		if (load.width / 2 > p.out)
			say(
				'mind',
				'out',
				phrase('Half of a roll, {r}, reaches the face: the rod stands {o} out', { r: mm(load.width / 2), o: mm(p.out) })
			);
	}
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness } = stock(p.sides.stock);
	const span = Math.max(1, p.width - 2 * thickness);
	const sides = sidesOn({
		width: p.width,
		depth: depthOf(p),
		height: p.sides.height,
		stock: p.sides.stock,
		screws: p.sides.screws,
		length: p.sides.length,
		host: c.host.stock,
		outline: sideOutline(p),
		features: p.open
			? [
					{
						kind: 'slot',
						at: [p.out, p.sides.height],
						width: p.diameter,
						depth: Math.max(1, p.sides.height - p.up),
						round: true,
						drawn: true
					}
				]
			: [
					{
						kind: 'bore',
						at: [p.out, p.up],
						from: 'front',
						diameter: p.diameter,
						depth: thickness,
						through: true,
						tilt: 0,
						toward: [0, 1],
						drawn: true
					}
				]
	});
	const rod: Part = {
		id: 'rod',
		name: 'rod',
		material: { kind: 'dowel', diameter: p.diameter },
		outline: plain(circle(0, 0, p.diameter)),
		thickness: p.width,
		grain: 'none',
		features: [],
		// Along x: its own z runs from left to right.
		stands: [{ at: [0, p.up, p.out], x: [0, 1, 0], y: [0, 0, 1] }]
	};
	const keepers: Part[] =
		p.open && p.keeper
			? [
					{
						id: 'keeper',
						name: 'keeper',
						material: { kind: 'board', stock: p.sides.stock },
						outline: plain(rectangle(p.diameter + 30, 15)),
						thickness: 6,
						pinned: true,
						grain: 'x',
						features: [],
						stands: [thickness + 6, p.width - thickness].map((x) => ({
							at: [x, p.sides.height - 15, p.out - p.diameter / 2 - 15],
							x: [0, 0, 1],
							y: [0, 1, 0]
						}))
					}
				]
			: [];
	const data = crossRodOf({ diameter: p.diameter, span, side: p.sides.stock, seated: thickness });
	const [load] = c.loads;
	const n = Math.min(load?.count ?? 0, p.takes);
	const each = load?.depth ?? 0;
	// One seat a thing, side by side about the middle: where they are pushed to is looked at by the rod's own sums.
	const first = p.width / 2 - (each * (Math.max(1, n) - 1)) / 2;
	return {
		parts: [...sides.parts, rod, ...keepers],
		host: [],
		joints: sides.joints,
		seats: Array.from({ length: p.takes }, (_, i) => {
			const x = Math.min(p.width - thickness, Math.max(thickness, first + i * each));
			return {
				group: 0,
				at: [x, p.up, p.out - each / 2],
				axis: [0, 0, 1] as const,
				length: 0,
				takes: 1,
				kept: true,
				stance: { above: (load?.height ?? 0) / 2 },
				turned: true as const,
				// They slide: all of them may be pushed to either side.
				carriedBy: [{ member: 1, instance: 0, share: 1 }, ...onBoth(0)]
			};
		}),
		members: [
			sides.member,
			{
				data,
				instances: [facing('front', [thickness, p.up, 0])],
				own: false,
				grab: { x: span / 2, z: p.out + p.diameter / 2 }
			}
		],
		faces: sideFaces(p.width, depthOf(p), p.sides),
		retention: [
			{
				forward: { by: 'the rod through it' },
				sideways: { by: 'the sides' },
				up:
					p.open && !p.keeper
						? { open: 'a bump lifts rod and rolls out: keepers' }
						: { by: p.open ? 'the keepers' : 'the holes' },
				back: { by: 'the rod through it' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: p.sides.height },
		warnings: warningsOf(p, c)
	};
}

/** Dowels as they are sold. */
const DOWELS = { mm: [10, 12, 16, 20, 25], inch: [0.375, 0.5, 0.625, 0.75, 1].map(inch) };

/** A rod for rolls: the bore decides the rod, the outside how far out, the width how many. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'rod' && grip !== 'trigger') return fail('it has no bore or trigger for a rod');
	const bore = grip === 'rod' ? dims.bore : dims.neck;
	const across = dims.across;
	const wide = grip === 'rod' ? dims.roll : dims.head;
	if (bore === undefined || across === undefined || wide === undefined)
		return fail('its bore, outside or width is not known');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const diameter = DOWELS[w.unit].filter((d) => d <= bore - ROOM.slack).at(-1);
	if (diameter === undefined) return fail('its bore is smaller than the thinnest rod and its slack');
	const start = sideRod.start(w.unit) as Params;
	const each = wide + ROOM.slack;
	const { thickness } = stock(start.sides.stock);
	const takes = Math.max(1, Math.min(w.count, Math.floor((Math.min(w.widest, 900) - 2 * thickness) / each)));
	const width = Math.max(80, takes * each + 2 * thickness + 10);
	const out = across / 2 + ROOM.clear;
	const up = Math.max(40, out * 0.9);
	const high = up + diameter / 2 + 25;
	const height = backFor(out, Math.max(200, Math.ceil(high) + 90));
	return ok({
		params: {
			...start,
			width,
			diameter,
			out,
			up,
			takes,
			sides: { ...start.sides, height: high, screws: Math.max(2, Math.round(high / 60)) }
		},
		sums: [
			{
				label: 'rod, at most',
				sum: phrase('bore {b} - {s}', { b: mm(bore), s: mm(ROOM.slack) }),
				value: bore - ROOM.slack
			},
			{ label: 'rod from the face', sum: phrase('{a} / 2 + {c}', { a: mm(across), c: mm(ROOM.clear) }), value: out },
			{
				label: 'between the sides',
				sum: phrase('{n} × ({w} + {s})', { n: count(takes), w: mm(wide), s: mm(ROOM.slack) }),
				value: takes * each
			}
		],
		back: { width, height },
		y: 20,
		load: { ...load.value, width: across, height: load.value.height, depth: each, count: Math.min(w.count, takes) },
		seats: takes
	});
}

export const sideRod = defineCarrier({
	kind: 'side-rod',
	title: 'Rod between sides',
	about: 'A rod between two side boards: rolls and spools on it, spray bottles over it by their triggers.',
	fields,
	grips: ['rod', 'trigger'],
	on: ['front'],
	through: true,
	groups: () => ['on the rod'],
	effort: (p) => p.takes + 3,
	build,
	describe: (p) => phrase(`rod of {d@tape} for ${p.takes}`, { d: mm(p.diameter) }),
	fit,
	suits: (p, { dims }) => [
		...(dims.bore === undefined ? [] : mustGoIn('rod', p.diameter, dims.bore, 'bore')),
		...(dims.across === undefined ? [] : mustGoIn('half of its outside', dims.across / 2, p.out, 'room to the face'))
	],
	withSeats: (p, seats) => ({ ...p, takes: Math.max(1, seats) }),
	changes: (p) => [
		...[16, 20, 25, 32]
			.filter((d) => d > p.diameter + 1)
			.slice(0, 1)
			.map((d) => ({
				text: phrase('A rod {d@tape} thick', { d: mm(d) }),
				params: { ...p, diameter: d },
				effort: 'another part' as const
			})),
		moreInSides(p)
	],
	watch: ['the middle of the rod: does it sag?', 'the sides: do they pull off the back?']
});
