import { lagChoice } from './driven-fields';
import { choiceField, groupField, lengthField, lengthsField, wholeField, type ValuesOf } from '../form/field';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Wanted
} from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { loadOf } from '../carriers/load-of';
import { boardField } from '../carriers/plate';
import { lag } from '../materials/lags';
import { stock } from '../materials/stocks';
import { halvedArmOf } from '../members/halved-arm';
import { lastOf, nth } from '../nth';
import { fail, ok } from '../result';
import { facing, onEdge } from '../solid/frame';
import { plain, polygon, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { count, mm, phrase } from '../units/phrase';
import { inch, MM_PER_INCH, type Millimetres } from '../units/quantity';
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

const fields = {
	stock: boardField('Uprights and arms', ['44x69', '2x3']),
	turned: choiceField(
		'Its wide face',
		[
			{ value: 'out', name: 'stands out: deeper, less screw in the wall' },
			{ value: 'flat', name: 'lies on the wall: thinner, more screw in the wall' }
		],
		'out'
	),
	height: lengthField('Upright, length', 200, 4000, [2000, inch(84)]),
	at: lengthsField('Uprights, their middles from the left', { min: 5, max: 12_000, least: 2, most: 12 }, [
		[35, 435, 835],
		[inch(1.25), inch(17.25), inch(33.25)]
	]),
	levels: lengthsField('Arms, their upper edges up from the foot', { min: 40, max: 4000, least: 1, most: 12 }, [
		[400, 850, 1300, 1750],
		[inch(16), inch(34), inch(52), inch(70)]
	]),
	out: lengthField('Arms stand out', 50, 900, [300, inch(12)], { hint: 'From the face of the upright' }),
	stop: lengthField('End stop above the arm', 10, 200, [40, inch(1.5)]),
	gusset: groupField('Gussets, one on either side', {
		stock: boardField('Of', ['ply-9', 'ply-3/8']),
		size: lengthField('Down the upright, and along the arm', 20, 400, [90, inch(3.5)])
	}),
	layers: wholeField('Boards on each other', 1, 20, 3),
	lag: lagChoice('Lag or screw in a plug', ['8 mm', '1/4']),
	lagLength: lengthField('Length', 60, 300, [130, inch(5)]),
	lags: lengthsField('Up from the foot', { min: 10, max: 4000, least: 2, most: 12 }, [
		[100, 600, 1050, 1500, 1950],
		[inch(4), inch(25), inch(43), inch(61), inch(80)]
	])
};
type Params = ValuesOf<typeof fields>;

/** Between a lag and the notch of an arm. */
const CLEAR: Millimetres = 10;
/** Wood that a notch leaves at the end of an upright. */
const END: Millimetres = 30;

/** Along the wall and out from it: of the upright; an arm is as thick, and its other side stands up. */
function sectionOf({ stock: id, turned }: Params) {
	const { thickness, width } = stock(id);
	const [along, depth] = turned === 'out' ? [thickness, width] : [width, thickness];
	return { thickness: along, depth, high: turned === 'out' ? width : thickness };
}

function acrossOf(p: Params): Across {
	const { depth, high } = sectionOf(p);
	return {
		word: 'arm',
		at: ascending(p.at),
		tops: ascending(p.levels),
		thick: high + p.gusset.size,
		out: p.out,
		face: depth,
		tilt: 0,
		layers: p.layers
	};
}

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	inUpright(p, say);
	boardFindings(acrossOf(p), loads, say);
	const most = Math.max(0, ...loads.map((l) => (l.count > 0 ? l.height : 0)));
	if (p.stop < most)
		say(
			'mind',
			'stop',
			phrase('A stop of {s} is lower than one board of {h}: it walks over it', { s: mm(p.stop), h: mm(most) })
		);
	return found;
}

/** Notches, lags and ends of the upright must leave each other wood. */
function inUpright(p: Params, say: Say): void {
	const { high } = sectionOf(p);
	const head = lag(p.lag).head * MM_PER_INCH;
	for (const y of p.levels) {
		if (y > p.height || y - high < 0)
			say('stop', 'levels', phrase('An arm at {y@tape} is past the end of the upright', { y: mm(y) }));
		else if (Math.min(p.height - y, y - high) < END)
			say(
				'mind',
				'levels',
				phrase('The notch at {y@tape} leaves {w} at the end of its upright: it splits out', {
					y: mm(y),
					w: mm(Math.min(p.height - y, y - high))
				})
			);
		for (const l of p.lags)
			if (l > y - high - head / 2 - CLEAR && l < y + head / 2 + CLEAR)
				say('stop', 'lags', phrase('The lag at {l@tape} meets the arm at {y@tape}', { l: mm(l), y: mm(y) }));
	}
	for (const l of p.lags)
		if (l > p.height) say('stop', 'lags', phrase('A lag at {l@tape} is past the end of the upright', { l: mm(l) }));
}

/** Arms of a level with what is glued to them: gussets on either side, a stop at the tip. */
function armParts(p: Params, xs: readonly Millimetres[], y: Millimetres, n: number): Part[] {
	const { thickness, depth, high } = sectionOf(p);
	const ply = stock(p.gusset.stock);
	const g = p.gusset.size;
	const low = y - high;
	const right = (x: Millimetres) => x + thickness / 2;
	return [
		{
			id: `arm-${n + 1}`,
			name: 'arm',
			material: { kind: 'board', stock: p.stock },
			outline: plain(rectangle(depth + p.out, high)),
			thickness,
			grain: 'x',
			// The half that the upright keeps.
			features: [{ kind: 'pocket', name: 'halving', path: rectangle(depth, high), from: 'back', depth: thickness / 2 }],
			stands: xs.map((x) => onEdge([right(x), low, 0]))
		},
		{
			id: `gusset-${n + 1}`,
			name: 'gusset',
			material: { kind: 'board', stock: p.gusset.stock },
			outline: plain(
				polygon([
					[0, low - g],
					[depth, low - g],
					[depth + g, low],
					[depth + g, y],
					[0, y]
				])
			),
			thickness: ply.thickness,
			pinned: true,
			grain: 'x',
			features: [],
			stands: xs.flatMap((x) => [onEdge([right(x) + ply.thickness, 0, 0]), onEdge([x - thickness / 2, 0, 0])])
		},
		{
			id: `stop-${n + 1}`,
			name: 'end stop',
			material: { kind: 'board', stock: p.gusset.stock },
			outline: plain(rectangle(thickness, high + p.stop)),
			thickness: ply.thickness,
			pinned: true,
			grain: 'y',
			features: [],
			stands: xs.map((x) => facing('front', [x - thickness / 2, low, depth + p.out]))
		}
	];
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness, depth, high } = sectionOf(p);
	const at = ascending(p.at);
	const levels = ascending(p.levels);
	const lags = { size: p.lag, length: p.lagLength, at: ascending(p.lags) };
	const notches: Feature[] = levels.map((y) => ({
		kind: 'pocket',
		name: 'halving',
		path: rectangle(depth, high, 0, y - high),
		from: 'front',
		depth: thickness / 2
	}));
	const upright: Part = {
		id: 'upright',
		name: 'upright',
		material: { kind: 'board', stock: p.stock },
		outline: plain(rectangle(depth, p.height)),
		thickness,
		grain: 'y',
		features: notches,
		stands: at.map((x) => onEdge([x + thickness / 2, 0, 0]))
	};
	const data = halvedArmOf({ stock: p.stock, thickness, height: high, embedded: depth });
	const arm = (thickness * high * (depth + p.out) * stock(p.stock).density) / 1e9;
	return {
		parts: [upright, lagPart(lags, at, { depth, back: 0 }), ...levels.flatMap((y, n) => armParts(p, at, y, n))],
		host: [],
		joints: [],
		seats: boardSeats(acrossOf(p), c.loads),
		members: [
			{
				data,
				instances: levels.flatMap((y) => at.map((x) => facing('front', [x, y, depth]))),
				grab: { x: 0, z: p.out }
			}
		],
		faces: [],
		retention: levels.map(() => ({
			forward: { by: 'the end stops' },
			sideways: { open: 'they slide along the arms' },
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
			arm: 'arm',
			xs: at,
			length: p.height,
			thickness,
			depth,
			stock: p.stock,
			lags,
			packing: 0,
			levels,
			net: thickness / 2,
			own: { mass: arm, out: (p.out - depth) / 2 }
		}
	};
}

/** For boards: arms out as far as they are wide, uprights so near that the shortest rests on two. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'arms') return fail('it is no board that lies across arms');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	if (load.value.depth > fields.out.max) return fail('it is too wide for an arm');
	const start = halvedRack.start(w.unit) as Params;
	const shortest = dims.shortest ?? load.value.width;
	const apart = Math.min(shortest / 2, w.unit === 'mm' ? 800 : inch(32));
	const long = Math.min(dims.longest ?? load.value.width, w.widest);
	const n = Math.min(12, Math.max(2, Math.floor((long * 0.8) / apart) + 1));
	const { thickness } = sectionOf(start);
	const at = Array.from({ length: n }, (_, i) => thickness / 2 + i * apart);
	const out = Math.max(start.out, load.value.depth);
	const seats = Math.max(1, Math.floor(out / load.value.depth)) * start.layers;
	return ok({
		params: { ...start, at, out, stop: Math.max(start.stop, load.value.height) },
		sums: [
			{ label: 'apart', sum: phrase('half of the shortest, {s}, or the usual', { s: mm(shortest) }), value: apart }
		],
		back: { width: lastOf(at) + thickness / 2, height: start.height },
		y: 0,
		load: { ...load.value, count: Math.min(w.count, seats) },
		seats: seats * start.levels.length
	});
}

export const halvedRack = defineCarrier({
	kind: 'halved-rack',
	title: 'Halved rack',
	about: 'Arms halved into uprights, gussets on both sides, stops at their ends; on studs, or on plugs.',
	fields,
	grips: ['arms'],
	on: [],
	held: ['own'],
	mark: (p) => ({ name: 'First upright', at: [nth(ascending(p.at), 0), 0] }),
	onStuds: (p, studs) => uprightsOn(p, studs, sectionOf(p).thickness),
	groups: (p) => levelGroups(p.levels),
	effort: (p) => p.at.length * (4 * p.levels.length + p.lags.length),
	cross: (p) =>
		apartProblems(ascending(p.at), ascending(p.levels), {
			upright: sectionOf(p).thickness,
			level: sectionOf(p).high
		}),
	build,
	describe: (p) =>
		phrase('{n} uprights, {l} levels of arms, {o@tape} out', {
			n: count(p.at.length),
			l: count(p.levels.length),
			o: mm(p.out)
		}),
	fit,
	changes: (p) => [
		{
			text: phrase('The other face to the wall'),
			params: { ...p, turned: p.turned === 'out' ? ('flat' as const) : ('out' as const) },
			effort: 'nothing to buy' as const
		},
		{
			text: phrase('Arms {o@tape} out', { o: mm(Math.max(50, Math.round(p.out * 0.7))) }),
			params: { ...p, out: Math.max(50, Math.round(p.out * 0.7)) },
			effort: 'nothing to buy' as const
		}
	],
	mirrored: (p, loads) => ({ params: mirroredUprights(p), loads }),
	watch: ['each halving: does it open?', 'the top lags: do they draw?', 'the tips of the arms: do they sink?']
});
