import { angleField, groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { nth } from '../nth';
import { fail, ok } from '../result';
import { rodOf } from '../members/rod';
import { facing } from '../solid/frame';
import { circle, plain } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { loadOf } from './load-of';
import { ROOM } from '../things/grips/room';
import { angle, count, mm, phrase } from '../units/phrase';
import { inch, radians, type Degrees, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Found, type Fitted, type Wanted } from './carrier';
import { aboutMiddle, spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';
import { findings } from './findings';

const fields = {
	width: lengthField('Spread over', 20, 30_000, [600, inch(24)], { hint: 'The pegs are spread over so much' }),
	spacing: spreadField(5),
	diameter: lengthField('Diameter', 5, 60, [20, inch(0.75)]),
	projection: lengthField('Stand out', 10, 800, [85, inch(3.25)], { hint: 'Of the first, from the face' }),
	step: lengthField('Each longer by', -200, 200, [0, 0], { hint: 'From left to right; 0 when all are alike' }),
	depth: lengthField('Hole depth', 5, 60, [18, inch(0.75)], { hint: 'As deep as the board is thick is through' }),
	tilt: angleField('Tilt up', 0, 30, 5),
	stack: wholeField('On each seat', 1, 100, 2, { hint: 'One behind another' }),
	pair: orNull(
		groupField('In pairs, with a bar between', {
			bar: lengthField('Bar', 1, 500, [10, inch(3 / 8)]),
			slack: lengthField('Slack', 0, 50, [3, inch(1 / 8)])
		})
	)
};
type Params = ValuesOf<typeof fields>;

/** Wood left between a drill's point and the far side of a blind hole. */
const LEAD_POINT: Millimetres = 3;
/** Two holes nearer than this are counted as meeting. */
const CLEAR: Millimetres = 2;
/** A hole nearer to an edge than this many diameters may split the board. */
const EDGE = 1.5;
/** Wood slides back on a peg by itself only where it is steeper than its friction, 0.3. */
const SLIDES_BACK = (Math.atan(0.3) * 180) / Math.PI;
/** Shorter than this is no peg. */
const SHORTEST: Millimetres = 10;

/** Are things kept against the face, or may they stand anywhere along the peg? @example keptBack(5) // false */
const keptBack = (tilt: Degrees): boolean => tilt >= SLIDES_BACK;

/** Distance between the two pegs of a pair, hole centre to hole centre: bar + slack + peg. */
export const pairPitch = (p: Pick<Params, 'pair' | 'diameter'>): Millimetres =>
	p.pair ? p.pair.bar + p.pair.slack + p.diameter : 0;

/** How far the peg of each seat stands out. */
const lengths = (p: Params): Millimetres[] =>
	Array.from({ length: p.spacing.count }, (_, i) => Math.max(SHORTEST, p.projection + i * p.step));

/** How many go on each: longer pegs take more. */
function takes(p: Params): number[] {
	const each = p.projection / p.stack;
	return lengths(p).map((l) => (p.step === 0 ? p.stack : Math.max(1, Math.floor(l / each + 1e-9))));
}

function warningsOf(p: Params, { host, loads }: CarrierContext, xs: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	const [left, low] = host.at;
	const edge = Math.min(
		left + Math.min(...xs),
		host.width - left - Math.max(...xs),
		...(host.face === 'top' ? [] : [low, host.height - low])
	);
	if (edge < p.diameter / 2)
		say(
			'stop',
			'spacing',
			phrase('A peg runs out of the face: its centre is {left} from the edge', { left: mm(edge) })
		);
	else if (edge < EDGE * p.diameter)
		say(
			'mind',
			'spacing',
			phrase('A peg hole stands {left} from the edge, less than 1.5 times its width: the face may split', {
				left: mm(edge)
			})
		);
	const sorted = [...xs].sort((a, b) => a - b);
	const closest = Math.min(...sorted.slice(1).map((x, i) => x - nth(sorted, i)));
	if (closest < p.diameter + CLEAR)
		say('stop', 'spacing', phrase('Pegs run into each other: {d} apart, centre to centre', { d: mm(closest) }));
	const [load] = loads;
	const hangs = load !== undefined && load.count > 0 && load.mass !== 0;
	const pitch = spacingPitch(p.width, p.spacing);
	if (hangs && p.spacing.count > 1 && load.width > pitch)
		say(
			'mind',
			'spacing',
			phrase('What hangs is {w} wide, but the seats are {p} apart', { w: mm(load.width), p: mm(pitch) })
		);
	const { thickness } = stock(host.stock);
	if (p.depth < thickness && p.depth + LEAD_POINT > thickness)
		say(
			'mind',
			'depth',
			phrase("A blind hole {d} deep leaves too little for the bit's point in {t}: drill through, or stop at {max}", {
				d: mm(p.depth),
				t: mm(thickness),
				max: mm(thickness - LEAD_POINT)
			})
		);
	if (hangs) {
		const need = p.stack * load.depth;
		const shortest = lengths(p)[0] ?? 0;
		if (need > shortest)
			say(
				'mind',
				'projection',
				phrase('{n} a seat take {need} of peg; the pegs stand out {has}', {
					n: count(p.stack),
					need: mm(need),
					has: mm(shortest)
				})
			);
	}
	if (p.tilt === 0) say('mind', 'tilt', phrase('Level pegs let things walk off: tilt them up 5 to 10 degrees'));
	return found;
}

function build(p: Params, context: CarrierContext): BuiltCarrier {
	const board = stock(context.host.stock);
	const centres = spacingPositions(p.width, p.spacing);
	const half = pairPitch(p) / 2;
	const perSeat = p.pair ? [-half, half] : [0];
	const depth = Math.min(p.depth, board.thickness);
	const tilt = radians(p.tilt);
	const axis = [0, Math.sin(tilt), Math.cos(tilt)] as const;
	const out = lengths(p);
	const many = takes(p);
	const xs = centres.flatMap((x) => perSeat.map((d) => x + d));
	const bore = (x: Millimetres): Feature => ({
		kind: 'bore',
		at: [x, 0],
		from: 'front',
		diameter: p.diameter,
		depth,
		through: p.depth >= board.thickness,
		tilt: p.tilt,
		toward: [0, 1]
	});
	const peg = (length: Millimetres, at: readonly Millimetres[]): Part => ({
		id: `peg-${length}`,
		name: 'peg',
		material: { kind: 'dowel', diameter: p.diameter },
		outline: plain(circle(0, 0, p.diameter)),
		thickness: depth + length,
		grain: 'none',
		features: [],
		stands: at.map((x) => ({
			at: [x, -depth * axis[1], -depth * axis[2]],
			x: [1, 0, 0],
			y: [0, axis[2], -axis[1]]
		}))
	});
	const byLength = new Map<Millimetres, Millimetres[]>();
	centres.forEach((x, i) => {
		const here = byLength.get(nth(out, i)) ?? [];
		here.push(...perSeat.map((d) => x + d));
		byLength.set(nth(out, i), here);
	});
	const longest = Math.max(...out);
	const data = rodOf({
		name: 'peg',
		diameter: p.diameter,
		embedded: depth,
		tilt: p.tilt,
		board: context.host.stock,
		share: p.pair ? 'each of two pegs carries half the seat' : 'one peg carries the seat',
		projection: longest
	});
	const steep = keptBack(p.tilt);
	const up = context.host.face === 'top';
	return {
		parts: [...byLength].map(([length, at]) => peg(length, at)),
		host: xs.map(bore),
		joints: [],
		seats: centres.map((x, i) => ({
			group: 0,
			at: [x, 0, 0],
			axis: [...axis],
			length: nth(out, i),
			takes: nth(many, i),
			kept: steep || up,
			stance: 'hangs',
			carriedBy: [{ member: 0, instance: i, share: 1 / perSeat.length }]
		})),
		members: [{ data, instances: centres.map((x) => facing('front', [x, 0, 0])), grab: { x: 0, z: longest } }],
		faces: [],
		retention: [
			{
				forward: steep
					? { by: 'the steep peg: it slides back by itself' }
					: { open: 'a knock can walk it off: tilt the pegs over 17 degrees, or a cap on their ends' },
				sideways: { by: 'the peg is in its hole' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: {
			left: Math.min(...xs) - p.diameter / 2,
			right: Math.max(...xs) + p.diameter / 2,
			low: -p.diameter / 2,
			high: p.diameter / 2
		},
		warnings: warningsOf(p, context, xs)
	};
}

/** Things stand at most so many behind each other on a peg of this much. */
const LONGEST_STACK: Millimetres = 160;
/** Between neighbours. */
const AIR: Millimetres = 25;
/** Dowels as they are sold. */
const DOWELS = { mm: [8, 10, 12, 16, 20, 25], inch: [0.375, 0.5, 0.625, 0.75, 1].map(inch) };

/** The peg for a thing: the thickest that its hole takes, or the usual one for what says no hole. */
function pegFor({ thing, unit }: Wanted, usual: Millimetres): Millimetres | null {
	const { hole } = thing.dims;
	if (thing.grip !== 'peg' || hole === undefined) return usual;
	return DOWELS[unit].filter((d) => d <= hole - ROOM.slack && d <= usual + 6).at(-1) ?? null;
}

/** Pegs for a thing: as many as it needs, a pitch that leaves air beside its width, as long as its stack. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== null && w.thing.grip !== 'peg' && w.thing.grip !== 'slot')
		return fail('it has no hole, loop or bar to hang by');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = pegs.start(w.unit) as Params;
	const diameter = pegFor(w, start.diameter);
	if (diameter === null) return fail('its hole is smaller than the thinnest dowel and its slack');
	const bar = w.thing.grip === 'slot' ? w.thing.dims.bar : undefined;
	if (w.thing.grip === 'slot' && bar === undefined) return fail('the thickness of its bar is not known');
	const pair = bar === undefined ? null : { bar, slack: ROOM.slack };
	const { width, depth } = load.value;
	const many = Math.max(1, w.count);
	const pitch = Math.max(width + AIR, 3 * diameter + pairPitch({ pair, diameter }));
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const stack = Math.min(Math.max(1, Math.floor(LONGEST_STACK / depth)), Math.ceil(many / most), many);
	const seats = Math.min(most, Math.ceil(many / stack));
	const wide = Math.max(120, Math.ceil((seats * pitch) / 10) * 10);
	const projection = Math.max(40, Math.ceil((stack * depth + 10) / 5) * 5);
	const params: Params = {
		...start,
		width: wide,
		diameter,
		projection,
		pair,
		stack,
		spacing: aboutMiddle(wide, seats, pitch)
	};
	return ok({
		params,
		sums: [
			...(pair
				? [
						{
							label: 'holes of a pair',
							sum: phrase('bar {b} + {s} + peg {d}', { b: mm(pair.bar), s: mm(pair.slack), d: mm(diameter) }),
							value: pairPitch({ pair, diameter })
						}
					]
				: []),
			{ label: 'apart', sum: phrase('wide {w} + {a}', { w: mm(width), a: mm(AIR) }), value: pitch },
			{
				label: 'stand out',
				sum: phrase('{n} × {d} + {a}', { n: count(stack), d: mm(depth), a: mm(10) }),
				value: projection
			}
		],
		back: { width: wide, height: start.projection > 0 ? BACK_HEIGHT[w.unit] : 0 },
		y: BACK_HEIGHT[w.unit] * 0.4,
		load: { ...load.value, count: Math.min(many, seats * stack) },
		seats: seats * stack
	});
}
const BACK_HEIGHT = { mm: 220, inch: inch(7.25) };

const change = (p: Params, of: Partial<Params>): Params => ({ ...p, ...of });

export const pegs = defineCarrier({
	kind: 'pegs',
	title: 'Pegs',
	about: 'Dowels in a board, single for things with a hole or a loop, in pairs for bars between them.',
	fields,
	grips: ['peg'],
	on: ['front', 'left', 'right', 'top'],
	groups: () => ['on the pegs'],
	effort: (p) => p.spacing.count * (p.pair ? 2 : 1) + takes(p).reduce((a, b) => a + b, 0),
	build,
	describe: (p) => {
		const n = p.spacing.count;
		const [one, many] = p.pair ? ['pair of pegs', 'pairs of pegs'] : ['peg', 'pegs'];
		return phrase(`${n} ${n === 1 ? one : many}`);
	},
	fit,
	suits: (p, { grip, dims }) => [
		...(grip === 'peg' && dims.hole !== undefined ? mustGoIn('peg', p.diameter, dims.hole, 'hole') : []),
		...(p.pair ? mustGoIn('bar', dims.bar, p.pair.bar + p.pair.slack, 'gap') : [])
	],
	withSeats: (p, seats) => change(p, { spacing: { ...p.spacing, count: Math.max(1, Math.ceil(seats / p.stack)) } }),
	changes(p, loads) {
		const thicker = [16, 20, 25, 32].find((d) => d > p.diameter + 1);
		const needed = Math.ceil(p.stack * (loads[0]?.depth ?? 0) + 10);
		const [load] = loads;
		return [
			...(thicker
				? [
						{
							text: phrase('Pegs {d@tape} thick', { d: mm(thicker) }),
							params: change(p, { diameter: thicker }),
							effort: 'another part' as const
						}
					]
				: []),
			...(p.tilt < 10
				? [
						{
							text: phrase('Pegs tilted {t} up', { t: angle(10) }),
							params: change(p, { tilt: 10 }),
							effort: 'nothing to buy' as const
						}
					]
				: []),
			...(load && needed < p.projection - 10
				? [
						{
							text: phrase('Pegs no longer than {l@tape}', { l: mm(needed) }),
							params: change(p, { projection: needed }),
							effort: 'nothing to buy' as const
						}
					]
				: []),
			...(load && p.stack > 1
				? [
						{
							text: phrase('One thing fewer on each seat'),
							params: change(p, { stack: p.stack - 1 }),
							loads: [{ ...load, count: Math.min(load.count, p.spacing.count * (p.stack - 1)) }],
							effort: 'nothing to buy' as const
						}
					]
				: [])
		];
	},
	// The shortest is at the other end.
	mirrored: (p, loads) => {
		const { params } = mirroredSpread(p, loads);
		const last = p.projection + (p.spacing.count - 1) * p.step;
		return { params: { ...params, projection: last, step: -p.step }, loads };
	},
	watch: ['the lip of every hole: is it crushed or split?'],
	sums: (p) => [
		...(p.pair
			? [
					phrase('holes of a pair: {b} + {s} + {d} = {p}, centre to centre', {
						b: mm(p.pair.bar),
						s: mm(p.pair.slack),
						d: mm(p.diameter),
						p: mm(pairPitch(p))
					})
				]
			: []),
		spacingSum(p.width, p.spacing)
	]
});
