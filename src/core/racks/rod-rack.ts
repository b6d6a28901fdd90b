import { angleField, choiceField, lengthField, lengthsField, wholeField, type ValuesOf } from '../form/field';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Seat,
	type Wanted
} from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { alongStuds, apartOf } from './along-studs';
import { boardField } from '../carriers/plate';
import { loadOf } from '../carriers/load-of';
import { LAGS, lag } from '../materials/lags';
import { rod, ROD_MATERIALS, RODS } from '../materials/rods';
import { stock } from '../materials/stocks';
import { boardShares } from '../mechanics/statics/boards-across';
import { roundSection } from '../mechanics/members/rod';
import { rodOf } from '../members/rod';
import { lastOf, nth } from '../nth';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { circle, plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { count, mm, phrase } from '../units/phrase';
import { inch, MM_PER_INCH, radians, type Millimetres } from '../units/quantity';

const fields = {
	stock: boardField('Uprights, edge on', ['44x94', '2x4']),
	height: lengthField('Upright, length', 200, 4000, [2200, inch(93)]),
	at: lengthsField('Uprights, their middles from the left', { min: 5, max: 12_000, least: 2, most: 12 }, [
		[22, 422, 822],
		[inch(0.75), inch(16.75), inch(32.75)]
	]),
	levels: lengthsField('Rods, up from the foot', { min: 20, max: 4000, least: 1, most: 12 }, [
		[300, 700, 1100, 1500, 1900],
		[inch(12), inch(28), inch(44), inch(60), inch(76)]
	]),
	rod: choiceField(
		'Rod',
		RODS.map((r) => ({ value: r.id, name: r.title })),
		['aluminium-tube-25', 'emt-3/4']
	),
	out: lengthField('Rods stand out', 50, 900, [300, inch(14.375)], { hint: 'From the edge of the upright' }),
	embedded: lengthField('Hole depth', 20, 200, [70, inch(2.625)]),
	hole: lengthField('Hole, diameter', 5, 80, [25.5, inch(1)], { hint: 'Hole less rod is the play' }),
	tilt: angleField('Tilt up', 0, 30, 10),
	layers: wholeField('Boards on each other', 1, 20, 3),
	lag: choiceField(
		'Lag',
		LAGS.map((l) => ({ value: l.size, name: l.title })),
		['8 mm', '1/4']
	),
	lagLength: lengthField('Lags, length', 60, 300, [160, inch(6)]),
	lags: lengthsField('Lags, up from the foot', { min: 10, max: 4000, least: 2, most: 12 }, [
		[80, 800, 1600, 2120],
		[inch(3), inch(34), inch(66), inch(90)]
	]),
	packing: lengthField('Packing behind', 0, 150, [0, 0], { hint: 'Where a plate or a rail stands proud elsewhere' })
};
type Params = ValuesOf<typeof fields>;

/** Wood about a hole, in diameters: nearer to an edge than this the upright may split. */
const EDGE = 1.5;
/** Wood between a rod's hole and a lag. */
const CLEAR: Millimetres = 8;
/** From the end of an upright to its first hole, in diameters of that. */
const END = 4;
/** Boards lie so far clear of the rods over them. */
const AIR: Millimetres = 30;

/** An upright's size: along the wall its thickness, out from it its width. */
const sectionOf = (p: Params) => ({ thickness: stock(p.stock).thickness, depth: stock(p.stock).width });
const sorted = (xs: readonly Millimetres[]): Millimetres[] => [...xs].sort((a, b) => a - b);

/** Rods, lags and what is bored must not meet, nor run out of the wood. */
function inUpright(p: Params, say: (level: Found['level'], field: string, message: Found['message']) => void): void {
	const { thickness, depth } = sectionOf(p);
	const screw = lag(p.lag);
	if (p.hole >= thickness - 4)
		say(
			'stop',
			'hole',
			phrase('A hole of {h} leaves {l} of an edge of {t}', {
				h: mm(p.hole),
				l: mm(Math.max(0, thickness - p.hole)),
				t: mm(thickness)
			})
		);
	else if (thickness / 2 < EDGE * p.hole)
		say(
			'mind',
			'hole',
			phrase(
				'A hole of {h} in an edge of {t} stands nearer to its sides than {n} diameters: drill it clean, or it splits',
				{ h: mm(p.hole), t: mm(thickness), n: String(EDGE) }
			)
		);
	if (p.embedded > depth - 5)
		say(
			'stop',
			'embedded',
			phrase('A hole {e} deep comes out behind: the upright is {d} deep', { e: mm(p.embedded), d: mm(depth) })
		);
	if (rod(p.rod).outer > p.hole)
		say('stop', 'rod', phrase('{r} does not go into a hole of {h}', { r: mm(rod(p.rod).outer), h: mm(p.hole) }));
	for (const y of p.levels) {
		if (y > p.height) say('stop', 'levels', phrase('A rod at {y@tape} is past the end of the upright', { y: mm(y) }));
		else if (Math.min(y, p.height - y) < END * p.hole)
			say(
				'mind',
				'levels',
				phrase('The rod at {y@tape} stands near the end of its upright: at least {n} from it', {
					y: mm(y),
					n: mm(END * p.hole)
				})
			);
		for (const l of p.lags)
			if (Math.abs(l - y) < (p.hole + screw.head * MM_PER_INCH) / 2 + CLEAR)
				say('stop', 'lags', phrase('The lag at {l@tape} meets the rod at {y@tape}', { l: mm(l), y: mm(y) }));
	}
	for (const l of p.lags)
		if (l > p.height) say('stop', 'lags', phrase('A lag at {l@tape} is past the end of the upright', { l: mm(l) }));
}

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	inUpright(p, say);
	const levels = sorted(p.levels);
	const at = sorted(p.at);
	levels.slice(1).forEach((y, i) => {
		const load = loads[i];
		const between = y - nth(levels, i) - rod(p.rod).outer;
		const high =
			load && load.count > 0
				? Math.min(p.layers, Math.ceil(load.count / Math.max(1, Math.floor(p.out / load.depth)))) * load.height
				: 0;
		if (high + AIR > between)
			say(
				'mind',
				'layers',
				phrase('{h} of boards under the rod at {y@tape}, {b} of room: they do not come out over the tip', {
					h: mm(high),
					y: mm(y),
					b: mm(between)
				})
			);
	});
	const apart = Math.max(...at.slice(1).map((x, i) => x - nth(at, i)));
	levels.forEach((y, i) => {
		const load = loads[i];
		if (!load || load.count === 0) return;
		const shares = boardShares(at, load.width);
		if (shares.every((s) => s === 0))
			say(
				'stop',
				`loads.${i}`,
				phrase('Boards of {l} rest on one rod alone at {y@tape}: the uprights are {a} apart', {
					l: mm(load.width),
					y: mm(y),
					a: mm(apart)
				})
			);
		if (load.depth > p.out)
			say(
				'stop',
				`loads.${i}`,
				phrase('Boards {d} wide do not lie on rods of {o}', { d: mm(load.depth), o: mm(p.out) })
			);
	});
	if (p.tilt === 0)
		say('mind', 'tilt', phrase('Level rods let boards walk off: tilt them up 5 to 10 degrees, or cap them'));
	return found;
}

/** Its lags, as far as they are in the uprights: bought by their size. */
function lagPart(p: Params, xs: readonly Millimetres[], depth: Millimetres): Part {
	const screw = lag(p.lag);
	const d = screw.D * MM_PER_INCH;
	return {
		id: 'lag',
		name: 'lag',
		material: {
			kind: 'driven',
			name: screw.title,
			length: p.lagLength,
			mass: (ROD_MATERIALS.steel.density * Math.PI * (d / 2) ** 2 * p.lagLength) / 1e9
		},
		outline: plain(circle(0, 0, d)),
		thickness: Math.min(depth, p.lagLength),
		grain: 'none',
		features: [],
		stands: xs.flatMap((x) => sorted(p.lags).map((y) => facing('front', [x, y, p.packing])))
	};
}

/** Rods of a level, from hole to tip. */
function rodPart(p: Params, xs: readonly Millimetres[], y: Millimetres, face: Millimetres, n: number): Part {
	const bar = rod(p.rod);
	const t = radians(p.tilt);
	const axis = [0, Math.sin(t), Math.cos(t)] as const;
	const inner = bar.outer - 2 * bar.wall;
	return {
		id: `rod-${n + 1}`,
		name: 'rod',
		material: { kind: 'rod', rod: p.rod },
		outline: { outer: circle(0, 0, bar.outer), holes: bar.wall > 0 && inner > 0 ? [circle(0, 0, inner)] : [] },
		thickness: p.embedded + p.out,
		grain: 'none',
		features: [],
		stands: xs.map((x) => ({
			at: [x, y - p.embedded * axis[1], face - p.embedded * axis[2]],
			x: [1, 0, 0],
			y: [0, axis[2], -axis[1]]
		}))
	};
}

/** Boards of a level, layer on layer: each as many side by side as the rods have room for. */
function seatsOf(p: Params, { loads }: CarrierContext, at: readonly Millimetres[], face: Millimetres): Seat[] {
	const t = radians(p.tilt);
	const middle = (nth(at, 0) + lastOf(at)) / 2;
	return sorted(p.levels).flatMap((y, group) => {
		const load = loads[group];
		const wide = load?.depth ?? 100;
		const across = Math.max(1, Math.floor(p.out / wide));
		const shares = boardShares(at, load?.width ?? lastOf(at) - nth(at, 0));
		return Array.from({ length: p.layers }, (_, layer): Seat => ({
			group,
			at: [middle, y + rod(p.rod).outer / 2 + layer * (load?.height ?? 20), face],
			axis: [0, Math.sin(t), Math.cos(t)],
			length: p.out,
			takes: across,
			kept: false,
			stance: 'stands',
			carriedBy: shares.map((share, i) => ({ member: 0, instance: group * at.length + i, share }))
		}));
	});
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness, depth } = sectionOf(p);
	const at = sorted(p.at);
	const levels = sorted(p.levels);
	/** Of the uprights' edges toward the room, out from the wall. */
	const face = p.packing + depth;
	const bar = rod(p.rod);
	const bores: Feature[] = levels.map((y) => ({
		kind: 'bore',
		at: [thickness / 2, y],
		from: 'front',
		diameter: p.hole,
		depth: p.embedded,
		through: false,
		tilt: p.tilt,
		toward: [0, 1]
	}));
	const upright: Part = {
		id: 'upright',
		name: 'upright',
		material: { kind: 'board', stock: p.stock },
		// Its face to the room is its edge: thin along the wall, as deep as the board is wide.
		outline: plain(rectangle(thickness, p.height)),
		thickness: depth,
		grain: 'y',
		features: bores,
		stands: at.map((x) => facing('front', [x - thickness / 2, 0, p.packing]))
	};
	const data = rodOf({
		name: 'rod',
		diameter: bar.outer,
		embedded: p.embedded,
		tilt: p.tilt,
		board: p.stock,
		of: p.rod,
		hole: p.hole,
		along: true,
		share: 'the most that this rod may have of the boards across it, with any one rod low',
		projection: p.out
	});
	const area = roundSection(bar.outer, bar.wall).area;
	return {
		parts: [upright, lagPart(p, at, depth), ...levels.map((y, n) => rodPart(p, at, y, face, n))],
		host: [],
		joints: [],
		seats: seatsOf(p, c, at, face),
		members: [
			{
				data,
				instances: levels.flatMap((y) => at.map((x) => facing('front', [x, y, face]))),
				grab: { x: 0, z: p.out }
			}
		],
		faces: [],
		retention: levels.map(() => ({
			forward:
				p.tilt > 0
					? { open: 'a knock can walk them off: the rods’ tilt alone keeps them' }
					: { open: 'nothing keeps them' },
			sideways: { open: 'they slide along the rods' },
			up: { open: 'they lift off, as they are meant to' },
			back: { by: 'the uprights' }
		})),
		taken: {
			left: Math.max(0, nth(at, 0) - thickness / 2),
			right: lastOf(at) + thickness / 2,
			low: 0,
			high: p.height
		},
		warnings: warningsOf(p, c),
		hold: {
			kind: 'uprights',
			arm: 'rod',
			xs: at,
			length: p.height,
			thickness,
			depth,
			stock: p.stock,
			lags: { size: p.lag, length: p.lagLength, at: sorted(p.lags) },
			packing: p.packing,
			levels,
			net: thickness - p.hole,
			own: {
				mass: (area * (p.embedded + p.out) * ROD_MATERIALS[bar.material].density) / 1e9,
				out: (p.out - p.embedded) / 2
			}
		}
	};
}

/** For boards: rods out as far as what is kept needs, uprights so near that the shortest rests on two. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'arms') return fail('it is no board that lies across rods');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = rodRack.start(w.unit) as Params;
	const shortest = dims.shortest ?? load.value.width;
	const long = Math.min(dims.longest ?? load.value.width, w.widest);
	const apart = Math.min(shortest / 2, w.unit === 'mm' ? 400 : inch(16));
	const n = Math.min(12, Math.max(2, Math.floor((long * 0.8) / apart) + 1));
	const { thickness } = sectionOf(start);
	const at = Array.from({ length: n }, (_, i) => thickness / 2 + i * apart);
	const across = Math.max(1, Math.floor(start.out / load.value.depth));
	if (load.value.depth > fields.out.max) return fail('it is too wide for a rod');
	const out = Math.max(start.out, load.value.depth);
	const seats = across * start.layers;
	return ok({
		params: { ...start, at, out },
		sums: [
			{ label: 'apart', sum: phrase('half of the shortest, {s}, or the usual', { s: mm(shortest) }), value: apart }
		],
		back: { width: lastOf(at) + thickness / 2, height: start.height },
		y: 0,
		load: { ...load.value, count: Math.min(w.count, seats) },
		seats: seats * start.levels.length
	});
}

export const rodRack = defineCarrier({
	kind: 'rod-rack',
	title: 'Rod rack',
	about: 'Uprights edge-on, lagged to the studs, with rods bored in at a tilt: boards lie across them.',
	fields,
	grips: ['arms'],
	on: [],
	held: ['own'],
	mark: (p) => ({ name: 'First upright', at: [nth(sorted(p.at), 0), 0] }),
	onStuds: (p, studs) => {
		const at = sorted(p.at);
		const first = sectionOf(p).thickness / 2;
		return { ...p, at: alongStuds(studs, lastOf(at) - nth(at, 0), apartOf(at)).map((x) => first + x) };
	},
	groups: (p) => sorted(p.levels).map((_, i) => `on level ${i + 1}${i === 0 ? ', the lowest' : ''}`),
	effort: (p) => p.at.length * (p.levels.length + p.lags.length),
	cross: (p) => {
		const { thickness } = sectionOf(p);
		const at = sorted(p.at);
		const found = [];
		if (nth(at, 0) < thickness / 2 - 0.05)
			found.push({ path: 'at', message: `the first must be at least ${(thickness / 2).toFixed(1)} mm in` });
		if (at.slice(1).some((x, i) => x - nth(at, i) < thickness))
			found.push({ path: 'at', message: 'two stand in one place' });
		const levels = sorted(p.levels);
		if (levels.slice(1).some((y, i) => y - nth(levels, i) < p.hole))
			found.push({ path: 'levels', message: 'two are in one place' });
		return found;
	},
	build,
	describe: (p) =>
		phrase(`{n} uprights, {l} levels of ${rod(p.rod).title}, {o@tape} out`, {
			n: count(p.at.length),
			l: count(p.levels.length),
			o: mm(p.out)
		}),
	fit,
	changes: (p) => {
		const lags = sorted(p.lags);
		const middles = lags.flatMap((y, k) => (k === 0 ? [y] : [(nth(lags, k - 1) + y) / 2, y]));
		const bigger = LAGS.find((l) => l.D > lag(p.lag).D + 0.01);
		return [
			...(bigger
				? [{ text: phrase(`${bigger.title}s`), params: { ...p, lag: bigger.size }, effort: 'screws' as const }]
				: []),
			...(middles.length <= fields.lags.most
				? [{ text: phrase('A lag between each two'), params: { ...p, lags: middles }, effort: 'screws' as const }]
				: []),
			{
				text: phrase('Rods {o@tape} out', { o: mm(Math.round(p.out * 0.7)) }),
				params: { ...p, out: Math.max(50, Math.round(p.out * 0.7)) },
				effort: 'nothing to buy' as const
			},
			...RODS.filter(
				(r) =>
					ROD_MATERIALS[r.material].factor === 1.67 &&
					r.outer > rod(p.rod).outer &&
					r.outer < stock(p.stock).thickness * 0.7
			)
				.slice(0, 2)
				.map((r) => ({
					text: phrase(r.title),
					params: { ...p, rod: r.id, hole: Math.ceil(r.outer * 2 + 1) / 2 },
					effort: 'another part' as const
				}))
		];
	},
	mirrored: (p, loads) => {
		const at = sorted(p.at);
		const wide = nth(at, 0) + lastOf(at);
		return { params: { ...p, at: at.map((x) => wide - x).reverse() }, loads };
	},
	watch: [
		'the lip of each hole',
		'the top lags: do they draw?',
		'the rods: do they bend?',
		'the uprights at their holes'
	],
	sums: (p) => [phrase('Foot on the mark, this end down: {n} holes from there', { n: count(p.levels.length) })]
});
