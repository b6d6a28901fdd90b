import { flagField, lengthField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf, type CantileverData } from '../members/cantilever';
import { fail, ok } from '../result';
import { facing, upright, within } from '../solid/frame';
import { plain, rectangle, type Path } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { loadOf } from './load-of';
import { boardField, PLATE_SCREWS, plateOn, SUPPORT } from './plate';
import { spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn, mustNotPass } from './suits';
import { findings } from './findings';
import { backFor, shelfUp } from './fitting';

const fields = {
	width: lengthField('Spread over', 30, 30_000, [300, inch(12)]),
	spacing: spreadField(1),
	plate: lengthField('Each fork wide', 20, 800, [150, inch(6)]),
	stock: boardField('Fork'),
	throat: lengthField('Throat', 2, 400, [50, inch(2)], { hint: 'Neck and slack' }),
	seat: lengthField('Seat', 3, 500, [90, inch(3.5)], { hint: 'Diameter: what must not come out forward' }),
	out: lengthField('Seat centre from the face', 5, 600, [76, inch(3)]),
	horn: lengthField('Wood in front of the seat', 5, 200, [18, inch(0.75)]),
	support: SUPPORT,
	screws: PLATE_SCREWS,
	keeper: flagField('Keeper across the throat', false, { hint: 'Against vibration' })
};
type Params = ValuesOf<typeof fields>;

/** A plate with a round seat open to the front by a throat, in its own plane: x along, y out. */
function forked(p: Params): Path {
	const c = p.plate / 2;
	const R = p.seat / 2;
	const t = Math.min(p.throat / 2, R);
	const front = p.out + R + p.horn;
	const mouth = p.out + Math.sqrt(Math.max(0, R * R - t * t));
	// Round the seat from the right corner of the throat to its left one, by way of the face.
	const sweep = Math.PI + 2 * Math.acos(Math.min(1, t / R));
	return [
		{ x: 0, y: 0 },
		{ x: p.plate, y: 0 },
		{ x: p.plate, y: front },
		{ x: c + t, y: front },
		{ x: c + t, y: mouth, bulge: -Math.tan(sweep / 4) },
		{ x: c - t, y: mouth },
		{ x: c - t, y: front },
		{ x: 0, y: front }
	];
}

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	if (p.throat >= p.seat)
		say(
			'stop',
			'throat',
			phrase('The throat, {t}, is no narrower than the seat, {s}: it slides out', { t: mm(p.throat), s: mm(p.seat) })
		);
	else if (p.seat - p.throat < 6)
		say(
			'mind',
			'throat',
			phrase('The seat is only {d} wider than the throat: wear and knocks take that', { d: mm(p.seat - p.throat) })
		);
	const prong = (p.plate - p.seat) / 2;
	if (prong < 8)
		say(
			'stop',
			'plate',
			phrase('The seat leaves prongs of {w}: at least {m}', { w: mm(Math.max(0, prong)), m: mm(8) })
		);
	if (p.out - p.seat / 2 < 5)
		say('stop', 'out', phrase('The seat leaves {w} to the face', { w: mm(Math.max(0, p.out - p.seat / 2)) }));
	const pitch = spacingPitch(p.width, p.spacing);
	if (p.spacing.count > 1 && pitch < p.plate)
		say('stop', 'spacing', phrase('Forks {w} wide run into each other: {p} apart', { w: mm(p.plate), p: mm(pitch) }));
	const [load] = c.loads;
	if (load && load.count > 0 && load.depth / 2 > p.out + 0.01)
		say(
			'mind',
			'out',
			phrase('Half of it, {h}, reaches the face: the seat stands {o} out', { h: mm(load.depth / 2), o: mm(p.out) })
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const xs = spacingPositions(p.width, p.spacing);
	const front = p.out + p.seat / 2 + p.horn;
	const one = plateOn({
		id: 'fork',
		name: 'fork',
		x: 0,
		top: 0,
		width: p.plate,
		depth: front,
		stock: p.stock,
		grain: 'along',
		outline: plain(forked(p)),
		support: p.support,
		openings: [{ from: (p.plate - p.seat) / 2, to: (p.plate + p.seat) / 2, near: p.out - p.seat / 2 }],
		screws: p.screws,
		host: c.host
	});
	const places = xs.map((x) => upright([x - p.plate / 2, 0, 0]));
	const each = (part: Part): Part => ({
		...part,
		stands: places.flatMap((at) => part.stands.map((f) => within(at, f)))
	});
	const root = (
		name: string,
		width: Millimetres,
		z: Millimetres
	): { data: CantileverData; instances: ReturnType<typeof facing>[] } => ({
		data: cantileverOf({ name, wide: null, width: Math.max(0.1, width), stock: p.stock, grain: 'across' }),
		instances: xs.map((x) => facing('front', [x, 0, z]))
	});
	const deep = c.loads[0]?.depth ?? 0;
	const shared = one.members.length;
	const keeper: Part[] = p.keeper
		? [
				{
					id: 'keeper',
					name: 'keeper',
					material: { kind: 'board', stock: p.stock },
					outline: plain(rectangle(p.throat + 40, 20)),
					thickness: stock(p.stock).thickness,
					grain: 'x',
					features: [],
					stands: xs.map((x) => upright([x - p.throat / 2 - 20, 0, front - stock(p.stock).thickness]))
				}
			]
		: [];
	return {
		parts: [...one.parts.map(each), ...keeper],
		host: [],
		joints: one.joints.map((j) => ({
			...j,
			places: xs.flatMap((x) => j.places.map((q): [number, number, number] => [q[0] + x - p.plate / 2, q[1], q[2]]))
		})),
		seats: xs.map((x, i) => ({
			group: 0,
			at: [x, 0, p.out - deep / 2],
			axis: [0, 0, 1],
			length: 0,
			takes: 1,
			kept: true,
			stance: { above: (c.loads[0]?.height ?? 0) * 0.4 },
			carriedBy: [
				{ member: 0, instance: i, share: 1 },
				// Bought brackets of one fork share its load.
				...(p.support.kind === 'brackets' ? [{ member: 1, instance: i, share: 1 / Math.max(1, p.support.count) }] : []),
				{ member: shared, instance: i, share: 1 },
				{ member: shared + 1, instance: i, share: 0.5 }
			]
		})),
		members: [
			...one.members.map((m) => ({
				...m,
				own: false,
				instances: xs.map((x) => facing('front', [x - p.plate / 2, 0, 0]))
			})),
			root('fork at the face', p.plate, 0),
			root('prong', (p.plate - p.seat) / 2, Math.max(0, p.out - p.seat / 2))
		],
		faces: [],
		retention: [
			{
				forward:
					p.throat < p.seat
						? { by: 'the throat, narrower than what sits in the seat' }
						: { open: 'nothing: the throat must be narrower than the seat' },
				sideways: { by: 'the prongs' },
				up: p.keeper ? { by: 'the keeper' } : { open: 'shaking can lift it out: a keeper across the throat' },
				back: { by: 'the seat' }
			}
		],
		taken: {
			left: Math.min(...xs) - p.plate / 2,
			right: Math.max(...xs) + p.plate / 2,
			low: one.low,
			high: 0
		},
		warnings: [...warningsOf(p, c), ...one.warnings]
	};
}

/** Forks for a neck: the neck decides the throat, the collar the seat, the half depth how far out. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'fork') return fail('it has no neck to sit in a fork');
	const { neck, seat: collar, halfDepth } = w.thing.dims;
	if (neck === undefined || collar === undefined || halfDepth === undefined)
		return fail('its neck, collar or half depth is not known');
	if (collar <= neck + ROOM.slack) return fail('its collar is no wider than its neck: it slips out');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = neckFork.start(w.unit) as Params;
	const [throat, seat] = [neck + ROOM.slack, collar + ROOM.slack];
	const out = Math.max(halfDepth + ROOM.clear, seat / 2 + 12);
	const plate = seat + 50;
	const pitch = Math.max(plate + 10, load.value.width + ROOM.fingers);
	const seats = Math.max(1, Math.min(w.count, Math.floor(w.widest / pitch)));
	const width = Math.max(plate, seats * pitch);
	const depth = out + seat / 2 + start.horn;
	const height = backFor(out);
	const tall = Math.max(20, Math.min(Math.round(depth * 0.7), height - 130));
	return ok({
		params: {
			...start,
			width,
			throat,
			seat,
			out,
			plate,
			spacing:
				seats === 1 ? { kind: 'equal-gaps', count: 1 } : { kind: 'end-margins', count: seats, margin: pitch / 2 },
			support: { kind: 'gussets', count: 2, height: tall, out: tall },
			screws: { ...start.screws, count: 2 }
		},
		sums: [
			{ label: 'throat', sum: phrase('neck {n} + {s}', { n: mm(neck), s: mm(ROOM.slack) }), value: throat },
			{ label: 'seat', sum: phrase('collar {c} + {s}', { c: mm(collar), s: mm(ROOM.slack) }), value: seat },
			{ label: 'seat centre', sum: phrase('half depth {h} + {c}', { h: mm(halfDepth), c: mm(ROOM.clear) }), value: out }
		],
		back: { width, height },
		y: shelfUp(height),
		load: { ...load.value, count: Math.min(w.count, seats) },
		seats
	});
}

export const neckFork = defineCarrier({
	kind: 'neck-fork',
	title: 'Fork',
	about: 'A plate with a throat narrower than its seat: a neck or shaft slides in and drops into the seat.',
	fields,
	grips: ['fork'],
	on: ['front'],
	through: true,
	groups: () => ['in the forks'],
	effort: (p) => p.spacing.count * 4,
	build,
	describe: (p) =>
		phrase(`${p.spacing.count} ${p.spacing.count === 1 ? 'fork' : 'forks'}, throat {t@tape}`, { t: mm(p.throat) }),
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('neck', dims.neck, p.throat, 'throat'),
		...mustGoIn('collar', dims.seat, p.seat, 'seat'),
		...mustNotPass('collar', dims.seat, p.throat, 'throat'),
		...mustGoIn('half depth', dims.halfDepth, p.out, 'room to the face')
	],
	withSeats: (p, seats) => ({ ...p, spacing: { ...p.spacing, count: Math.max(1, seats) } }),
	mirrored: mirroredSpread,
	watch: ['the prongs: do they crack at the seat?', 'the joint of fork and back: does it open?'],
	sums: (p) => [
		spacingSum(p.width, p.spacing),
		phrase('holds forward by {d}: seat less throat', { d: mm(p.seat - p.throat) })
	]
});
