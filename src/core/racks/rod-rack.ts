import { lagChoice } from './driven-fields';
import { angleField, choiceField, lengthField, lengthsField, wholeField, type ValuesOf } from '../form/field';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Wanted
} from '../carriers/carrier';
import { findings } from '../carriers/findings';
import {
	apartProblems,
	ascending,
	boardFindings,
	boardSeats,
	lagPart,
	levelGroups,
	mirroredUprights,
	uprightsOn,
	type Across,
	type Say
} from './boards-on';
import { boardField } from '../carriers/plate';
import { loadOf } from '../carriers/load-of';
import { LAGS, lag } from '../materials/lags';
import { rod, ROD_MATERIALS, RODS } from '../materials/rods';
import { stock } from '../materials/stocks';
import { roundSection } from '../mechanics/members/rod';
import { rodOf } from '../members/rod';
import { lastOf, nth } from '../nth';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { circle, plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { angle, count, mm, phrase } from '../units/phrase';
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
	lag: lagChoice('Lag', ['8 mm', '1/4']),
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

/** A thinner rod is none to lay boards on. */
const LEAST_ROD: Millimetres = 12;
/** From so steep a tilt on a bit without a lead screw wanders as it enters: a judgement. */
const WANDERS = 3;

/** An upright's size: along the wall its thickness, out from it its width. */
const sectionOf = (p: Params) => ({ thickness: stock(p.stock).thickness, depth: stock(p.stock).width });

/** Its rods with what lies across them. */
function acrossOf(p: Params): Across {
	const bar = rod(p.rod);
	return {
		word: 'rod',
		at: ascending(p.at),
		tops: ascending(p.levels).map((y) => y + bar.outer / 2),
		thick: bar.outer,
		out: p.out,
		face: p.packing + sectionOf(p).depth,
		tilt: p.tilt,
		layers: p.layers
	};
}

/** Rods, lags and what is bored must not meet, nor run out of the wood. */
function inUpright(p: Params, say: Say): void {
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
	boardFindings(acrossOf(p), loads, say);
	if (p.tilt === 0)
		say('mind', 'tilt', phrase('Level rods let boards walk off: tilt them up 5 to 10 degrees, or cap them'));
	return found;
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

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness, depth } = sectionOf(p);
	const at = ascending(p.at);
	const levels = ascending(p.levels);
	/** Of the uprights' edges toward the room, out from the wall. */
	const face = p.packing + depth;
	const bar = rod(p.rod);
	const lags = { size: p.lag, length: p.lagLength, at: ascending(p.lags) };
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
		parts: [
			upright,
			lagPart(lags, at, { depth, back: p.packing }),
			...levels.map((y, n) => rodPart(p, at, y, face, n))
		],
		host: [],
		joints: [],
		seats: boardSeats(acrossOf(p), c.loads),
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
			lags,
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
	mark: (p) => ({ name: 'First upright', at: [nth(ascending(p.at), 0), 0] }),
	onStuds: (p, studs) => uprightsOn(p, studs, sectionOf(p).thickness),
	groups: (p) => levelGroups(p.levels),
	effort: (p) => p.at.length * (p.levels.length + p.lags.length),
	cross: (p) => apartProblems(ascending(p.at), ascending(p.levels), { upright: sectionOf(p).thickness, level: p.hole }),
	build,
	describe: (p) =>
		phrase(`{n} uprights, {l} levels of ${rod(p.rod).title}, {o@tape} out`, {
			n: count(p.at.length),
			l: count(p.levels.length),
			o: mm(p.out)
		}),
	fit,
	changes: (p) => {
		const lags = ascending(p.lags);
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
	others: (p) => {
		const play = p.hole - rod(p.rod).outer;
		return RODS.filter(
			(r) => r.id === p.rod || (r.outer + play < sectionOf(p).thickness * 0.75 && r.outer >= LEAST_ROD)
		).map((r) => ({
			title: r.title,
			params: r.id === p.rod ? p : { ...p, rod: r.id, hole: r.outer + play },
			pieces: p.at.length * p.levels.length,
			length: p.out + p.embedded,
			sold: r.length,
			now: r.id === p.rod
		}));
	},
	mirrored: (p, loads) => ({ params: mirroredUprights(p), loads }),
	watch: [
		'the lip of each hole',
		'the top lags: do they draw?',
		'the rods: do they bend?',
		'the uprights at their holes'
	],
	sums: (p) => [
		phrase('Foot on the mark, this end down: {n} holes from there', { n: count(p.levels.length) }),
		p.tilt >= WANDERS
			? phrase('Holes lean {t}, all the same way: a bit with a lead screw, since one with a flat bottom wanders', {
					t: angle(p.tilt)
				})
			: phrase('Holes lean {t}: any bit starts true, but play and bending soon take that tilt', { t: angle(p.tilt) })
	]
});
