import { lengthField, lengthsField, groupField, orNull, wholeField, type ValuesOf } from '../form/field';
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
import { bendingMaterial } from '../materials/bending';
import { stock } from '../materials/stocks';
import { housedArmOf } from '../members/housed-arm';
import { lastOf, nth } from '../nth';
import { fail, ok } from '../result';
import { facing, onEdge } from '../solid/frame';
import { plain, polygon, rectangle, type Path } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Vec2 } from '../solid/vector';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { apartProblems, ascending, boardFindings, boardSeats, mirroredUprights, type Across } from './boards-on';

const fields = {
	at: lengthsField('Arms, their middles from the left', { min: 5, max: 12_000, least: 2, most: 12 }, [
		[20, 620, 1220],
		[inch(0.75), inch(24.75), inch(48.75)]
	]),
	arm: boardField('Arm', ['44x94', '2x4']),
	upright: boardField('Uprights, two glued face to face', ['44x94', '2x4']),
	height: lengthField('Uprights, length', 100, 1500, [560, inch(22)], {
		hint: 'Longer is steadier: they bear on the wall at their foot'
	}),
	out: lengthField('Arm out of its uprights', 30, 900, [300, inch(12)]),
	up: lengthField('Top of the arm, up from the foot', 30, 1400, [520, inch(20.5)]),
	notch: groupField('Notch for the cleat', {
		tip: lengthField('Wood over it', 10, 300, [65, inch(2.5)]),
		depth: lengthField('Depth', 5, 150, [19, inch(0.75)], { hint: 'As thick as the cleat, or a little more' }),
		high: lengthField('Height at the back', 20, 400, [130, inch(5)], { hint: 'It must lift over the cleat' })
	}),
	lower: orNull(
		groupField('Notch over the row below', {
			from: lengthField('From, up from the foot', 0, 1400, [40, inch(1.5)]),
			high: lengthField('Height', 20, 500, [130, inch(5)])
		})
	),
	layers: wholeField('Boards on each other', 1, 20, 3)
};
type Params = ValuesOf<typeof fields>;

/** The tip stands so much over its notch, and so does the top of an arm that the notch goes through. */
const LEAST_TIP: Millimetres = 25;
/** Wood that a housing leaves of its upright. */
const LEFT: Millimetres = 6;

function sizesOf(p: Params) {
	const arm = stock(p.arm);
	const upright = stock(p.upright);
	return {
		t: upright.thickness,
		both: 2 * upright.thickness,
		depth: upright.width,
		armT: arm.thickness,
		high: arm.width
	};
}

const acrossOf = (p: Params): Across => ({
	word: 'arm',
	at: ascending(p.at),
	tops: [p.up],
	thick: sizesOf(p).high,
	out: p.out,
	face: sizesOf(p).depth,
	tilt: 0,
	layers: p.layers
});

/** The notch for the cleat, up from the foot. */
const notchOf = ({ height, notch }: Params) => ({
	low: height - notch.tip - notch.high,
	top: height - notch.tip,
	depth: notch.depth
});

/** Is the notch sawn through the arm too? */
function cutsArm(p: Params): boolean {
	const { low, top } = notchOf(p);
	return low < p.up && top > p.up - sizesOf(p).high;
}

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	const { t, armT, high, depth } = sizesOf(p);
	const { low, top } = notchOf(p);
	const left = t - armT / 2;
	if (left < LEFT)
		say(
			'stop',
			'upright',
			phrase('An arm {a} thick, half of it in each upright, leaves {l} of {t}', {
				a: mm(armT),
				l: mm(Math.max(0, left)),
				t: mm(t)
			})
		);
	if (p.notch.depth >= depth)
		say('stop', 'notch', phrase('A notch of {n} cuts uprights of {d} through', { n: mm(p.notch.depth), d: mm(depth) }));
	if (low < 0) say('stop', 'notch', phrase('The notch reaches past the foot of its uprights'));
	if (p.up - high < 0 || p.up > p.height)
		say('stop', 'up', phrase('An arm at {y} is past the ends of its uprights', { y: mm(p.up) }));
	else if (cutsArm(p) && p.up - top < LEAST_TIP)
		say(
			p.up < top ? 'stop' : 'mind',
			'up',
			phrase('The top of the arm stands {w} over the notch that is sawn through it: {n} or more, or it breaks there', {
				w: mm(p.up - top),
				n: mm(LEAST_TIP)
			})
		);
	if (p.lower && p.lower.from + p.lower.high > Math.min(low, p.up - high))
		say(
			'stop',
			'lower',
			phrase('The lower notch reaches into what is over it: end it under {y}', { y: mm(Math.min(low, p.up - high)) })
		);
	if (p.notch.tip < LEAST_TIP)
		say('mind', 'notch', phrase('A tip of {t} splits off: {n} or more', { t: mm(p.notch.tip), n: mm(LEAST_TIP) }));
	boardFindings(acrossOf(p), loads, say);
	return found;
}

/**
 * The arm from its back, so long, less the notch that is sawn through it.
 * @param y of its lower edge where it is drawn
 */
function armPath(p: Params, long: Millimetres, y: Millimetres): Path {
	const { high } = sizesOf(p);
	const { low, top, depth } = notchOf(p);
	const base = p.up - high;
	const from = y + Math.max(0, low - base);
	const to = y + Math.min(high, top - base);
	if (!cutsArm(p)) return rectangle(long, high, 0, y);
	const back: Vec2[] = [
		...(to < y + high
			? ([
					[0, y + high],
					[0, to]
				] as Vec2[])
			: []),
		[depth, to],
		[depth, from],
		...(from > y
			? ([
					[0, from],
					[0, y]
				] as Vec2[])
			: [])
	];
	return polygon([[long, y], [long, y + high], ...back]);
}

/** Their side, from the wall outward: notched at the back. */
function sideOf({ height, notch, lower }: Params, depth: Millimetres) {
	const top = height - notch.tip;
	const low: Vec2[] = lower
		? [
				[0, lower.from + lower.high],
				[notch.depth, lower.from + lower.high],
				[notch.depth, lower.from],
				[0, lower.from]
			]
		: [];
	return plain(
		polygon([
			[0, 0],
			[depth, 0],
			[depth, height],
			[0, height],
			[0, top],
			// The tip's underside follows the bevel of the cleat, which stands higher the further out.
			[notch.depth, top],
			[notch.depth, top - notch.high],
			[0, top - notch.high],
			...low
		])
	);
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { t, both, depth, armT, high } = sizesOf(p);
	const at = ascending(p.at);
	const [arm, upright] = [stock(p.arm), stock(p.upright)];
	const half = armT / 2;
	/** Half of the arm lies in either. */
	const housing = (from: 'front' | 'back'): Feature => ({
		kind: 'pocket',
		name: 'housing',
		path: armPath(p, depth, p.up - high),
		from,
		depth: Math.min(half, t)
	});
	const side = (id: string, from: 'front' | 'back', right: (x: Millimetres) => Millimetres): Part => ({
		id,
		name: 'upright',
		material: { kind: 'board', stock: p.upright },
		outline: sideOf(p, depth),
		thickness: t,
		pinned: true,
		grain: 'y',
		features: [housing(from)],
		stands: at.map((x) => onEdge([right(x), 0, 0]))
	});
	const lowest = p.lower ? { from: p.lower.from, to: p.lower.from + p.lower.high } : null;
	const armMass = (armT * high * (depth + p.out) * arm.density) / 1e9;
	// The notches are small: they are not taken out, which is cautious.
	const uprights = (2 * t * p.height * depth * upright.density) / 1e9;
	const own = armMass + uprights;
	const wood = ({ title, source, Fb, Fv, FcPerp }: typeof arm) => ({ title, source, Fb, Fv, FcPerp });
	return {
		parts: [
			// A board on edge lies to the left of where it stands: its front looks left.
			side('left-upright', 'back', (x) => x),
			side('right-upright', 'front', (x) => x + t),
			{
				id: 'arm',
				name: 'arm',
				material: { kind: 'board', stock: p.arm },
				outline: plain(armPath(p, depth + p.out, 0)),
				thickness: armT,
				pinned: true,
				grain: 'x',
				features: [],
				stands: at.map((x) => onEdge([x + half, p.up - high, 0]))
			}
		],
		host: [],
		joints: [],
		seats: boardSeats(acrossOf(p), c.loads),
		members: [
			{
				data: housedArmOf({
					arm: {
						...wood(arm),
						thickness: armT,
						height: high,
						E: bendingMaterial(arm.panel ?? arm.species, 1).E
					},
					upright: { ...wood(upright), thickness: t, depth },
					notch: p.notch.depth,
					tip: p.notch.tip,
					housed: cutsArm(p) ? depth - p.notch.depth : depth
				}),
				instances: at.map((x) => facing('front', [x, p.up, depth])),
				grab: { x: 0, z: p.out }
			}
		],
		faces: [],
		retention: [
			{
				forward: { open: 'a knock can walk them off: a stop at the end of each arm' },
				sideways: { open: 'they slide along the arms' },
				up: { open: 'they lift off, as they are meant to' },
				back: { by: 'the uprights' }
			}
		],
		taken: { left: Math.max(0, nth(at, 0) - both / 2), right: lastOf(at) + both / 2, low: 0, high: p.height },
		warnings: warningsOf(p, c),
		hold: {
			kind: 'arms',
			xs: at,
			width: both,
			depth,
			height: p.height,
			notch: { tip: p.notch.tip, depth: p.notch.depth, high: p.notch.high },
			lower: lowest,
			out: p.out,
			own: { mass: own, out: (armMass * (depth + p.out) + uprights * depth) / 2 / own }
		}
	};
}

/** For boards: a third arm where two would let them sag, so near that the shortest rests on two. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'arms') return fail('it is no board that lies across arms');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	if (load.value.depth > fields.out.max) return fail('it is too wide for an arm');
	const start = lumberArms.start(w.unit) as Params;
	const shortest = dims.shortest ?? load.value.width;
	const apart = Math.min(shortest / 2, w.unit === 'mm' ? 600 : inch(24));
	const long = Math.min(dims.longest ?? load.value.width, w.widest);
	const n = Math.min(6, Math.max(2, Math.floor((long * 0.8) / apart) + 1));
	const { both } = sizesOf(start);
	const at = Array.from({ length: n }, (_, i) => both / 2 + i * apart);
	const out = Math.max(start.out, load.value.depth);
	const seats = Math.max(1, Math.floor(out / load.value.depth)) * start.layers;
	return ok({
		params: { ...start, at, out },
		sums: [
			{ label: 'apart', sum: phrase('half of the shortest, {s}, or the usual', { s: mm(shortest) }), value: apart }
		],
		back: { width: lastOf(at) + both / 2, height: start.height },
		y: 0,
		load: { ...load.value, count: Math.min(w.count, seats) },
		seats
	});
}

export const lumberArms = defineCarrier({
	kind: 'lumber-arms',
	title: 'Arms on a row',
	about: 'Arms of three boards, glued, that hang on a row by a notch: boards lie across a set of them.',
	fields,
	grips: ['arms'],
	on: [],
	held: ['row-hook'],
	mark: (p) => ({ name: 'First arm', at: [nth(ascending(p.at), 0), 0] }),
	groups: () => ['across the arms'],
	effort: (p) => p.at.length * 5,
	cross: (p) => apartProblems(ascending(p.at), [p.up], { upright: sizesOf(p).both, level: 1 }),
	build,
	describe: (p) => phrase('{n} arms, {o@tape} out', { n: count(p.at.length), o: mm(p.out) }),
	fit,
	changes: (p) => [
		{
			text: phrase('Uprights {h} long', { h: mm(Math.min(1500, Math.round(p.height * 1.4))) }),
			params: longer(p, Math.min(1500, Math.round(p.height * 1.4))),
			effort: 'a piece of wood' as const
		},
		{
			text: phrase('Arms {o@tape} out', { o: mm(Math.max(30, Math.round(p.out * 0.7))) }),
			params: { ...p, out: Math.max(30, Math.round(p.out * 0.7)) },
			effort: 'nothing to buy' as const
		},
		...(p.at.length < 12
			? [{ text: phrase('One arm more'), params: { ...p, at: oneMore(p) }, effort: 'another part' as const }]
			: [])
	],
	mirrored: (p, loads) => ({ params: mirroredUprights(p), loads }),
	watch: ['the tip over the cleat', 'each housing: does the arm turn in it?', 'the row: does it roll out at its top?']
});

/** Longer at the foot: what is above it stays where it is on the wall. */
function longer(p: Params, height: Millimetres): Params {
	const by = height - p.height;
	return {
		...p,
		height,
		up: Math.min(fields.up.max, p.up + by),
		lower: p.lower && { ...p.lower, from: Math.min(1400, p.lower.from + by) }
	};
}

/** As wide as it is, with one arm more, evenly apart. */
function oneMore({ at }: Params): Millimetres[] {
	const sorted = ascending(at);
	const [first, last] = [nth(sorted, 0), lastOf(sorted)];
	return Array.from({ length: at.length + 1 }, (_, i) => first + (i * (last - first)) / at.length);
}
