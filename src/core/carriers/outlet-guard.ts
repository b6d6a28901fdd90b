import { groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf } from '../members/cantilever';
import { fail, ok } from '../result';
import { facing, onEdge, upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { cordsFor } from './cords';
import { findings } from './findings';
import { onLedge } from './on-ledge';
import { backFor } from './fitting';
import { loadOf } from './load-of';
import { boardField, PLATE_SCREWS, plateOn, SUPPORT } from './plate';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Width, over both cheeks', 80, 2000, [220, inch(9)]),
	depth: lengthField('Ledge out', 40, 400, [110, inch(4.5)]),
	stock: boardField('Board'),
	places: wholeField('Places side by side', 1, 12, 1),
	lip: orNull(groupField('Lip along the front', { height: lengthField('Above the ledge', 3, 100, [15, inch(5 / 8)]) })),
	cheeks: groupField('Cheeks beside the outlet', {
		height: lengthField('Below the ledge', 60, 600, [200, inch(8)], {
			hint: 'Down to where a hand comes in from below: past the outlet'
		}),
		out: lengthField('Stand out', 40, 400, [100, inch(4)], { hint: 'More than the plug does, with its cord' })
	}),
	cord: groupField('Cord', {
		hole: lengthField('Hole in the ledge', 6, 120, [45, inch(1.75)]),
		plug: lengthField('Plug', 5, 110, [40, inch(1.5)], { hint: 'Its widest way, corner to corner' }),
		length: lengthField('Length', 100, 20_000, [500, inch(20)], { hint: 'From its place to its plug' })
	}),
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Wood left about a hole in the ledge. */
const LEAST_WOOD: Millimetres = 8;
/** A plug and its cord stand out so far. */
const PLUG_OUT: Millimetres = 70;

const clearOf = (p: Params): Millimetres => p.width - 2 * stock(p.stock).thickness;
/** Middle of the hole out from the face: at the back of the ledge, where the cord falls straight. */
const holeOut = (p: Params): Millimetres => LEAST_WOOD + p.cord.hole / 2;

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	const { hole, plug } = p.cord;
	if (hole <= plug)
		say('stop', 'cord', phrase('A plug of {p} does not go through a hole of {h}', { p: mm(plug), h: mm(hole) }));
	if (holeOut(p) + hole / 2 + LEAST_WOOD > p.depth)
		say(
			'stop',
			'cord',
			phrase('A hole of {h} runs out of the ledge, {d} deep: {w} of wood before and behind it', {
				h: mm(hole),
				d: mm(p.depth),
				w: mm(LEAST_WOOD)
			})
		);
	if (clearOf(p) < hole + 2 * LEAST_WOOD)
		say('stop', 'width', phrase('Only {c} is clear between the cheeks', { c: mm(Math.max(0, clearOf(p))) }));
	if (p.cheeks.out < PLUG_OUT)
		say(
			'mind',
			'cheeks',
			phrase('A plug with its cord stands out about {p}; the cheeks {o}: what stands before it breaks it off', {
				p: mm(PLUG_OUT),
				o: mm(p.cheeks.out)
			})
		);
	onLedge(p, loads[0], say);
	return found;
}

/** What hangs from the ledge and stands on it: cheeks down beside the outlet, a lip along its front. */
function boardsOf(p: Params): Part[] {
	const { thickness } = stock(p.stock);
	const board = { kind: 'board', stock: p.stock } as const;
	const cheek: Part = {
		id: 'cheek',
		name: 'cheek',
		material: board,
		outline: plain(rectangle(p.cheeks.out, p.cheeks.height)),
		thickness,
		pinned: true,
		grain: 'y',
		features: [],
		stands: [thickness, p.width].map((x) => onEdge([x, -thickness - p.cheeks.height, 0]))
	};
	if (!p.lip) return [cheek];
	return [
		cheek,
		{
			id: 'lip',
			name: 'lip',
			material: board,
			outline: plain(rectangle(p.width, thickness + p.lip.height)),
			thickness,
			pinned: true,
			grain: 'x',
			features: [],
			stands: [upright([0, -thickness, p.depth])]
		}
	];
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { thickness } = stock(p.stock);
	const at = [p.width / 2, holeOut(p)] as const;
	const hole: Feature = {
		kind: 'bore',
		at,
		from: 'front',
		diameter: p.cord.hole,
		depth: thickness,
		through: true,
		tilt: 0,
		toward: [0, 1]
	};
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
		features: [hole],
		support: p.support,
		screws: p.screws,
		host: c.host
	});
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
	return {
		parts: [...plate.parts, ...boardsOf(p)],
		host: [],
		joints: plate.joints,
		seats: Array.from({ length: p.places }, (_, i) => ({
			group: 0,
			at: [(p.width * (i + 0.5)) / p.places, 0, 0] as const,
			axis: [0, 0, 1] as const,
			length: p.depth,
			takes: 1,
			kept: false,
			stance: 'stands' as const,
			carriedBy
		})),
		members: [...plate.members, { data, instances: [facing('front', [0, 0, 0])], own: true }],
		faces: [],
		cords: [{ at: [at[0], -thickness, at[1]], length: p.cord.length }],
		guards: [
			{
				x: [thickness, p.width - thickness],
				y: [-thickness - p.cheeks.height, -Math.max(thickness, -plate.low)],
				z: [0, p.cheeks.out]
			}
		],
		retention: [
			{
				forward: p.lip ? { by: 'the lip' } : { open: 'a knock slides it off: a lip' },
				sideways: { open: 'it can slide off the end' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: { left: 0, right: p.width, low: plate.low, high: p.lip?.height ?? 0 },
		warnings: [...warningsOf(p, c), ...plate.warnings]
	};
}

/** For something small that charges: as deep as it is, the hole as its plug, cheeks past a usual outlet. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (!w.thing.charger) return fail('it does not charge');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const deep = w.thing.dims.baseDepth ?? load.value.depth;
	if (deep > 150) return fail('it is too deep for a ledge above an outlet');
	const { cords, sums } = cordsFor(w.thing, 1);
	if (!cords || cords.hole > fields.cord.fields.hole.max) return fail('its plug is too large for a hole in a ledge');
	const start = outletGuard.start(w.unit) as Params;
	const { thickness } = stock(start.stock);
	const pitch = load.value.width + ROOM.fingers;
	const places = Math.max(1, Math.min(w.count, fields.places.max, Math.floor(w.widest / pitch)));
	const width = Math.max(start.width, places * pitch, cords.hole + 2 * (LEAST_WOOD + thickness) + 1);
	const depth = Math.max(cords.hole + 2 * LEAST_WOOD + 1, deep + 2 * ROOM.clear, start.cheeks.out);
	const height = backFor(depth, 160);
	return ok({
		params: {
			...start,
			width,
			depth,
			places,
			lip: { height: w.unit === 'mm' ? 15 : inch(5 / 8) },
			cord: { hole: cords.hole, plug: cords.plug, length: cords.cord },
			support: { kind: 'none' }
		},
		sums: [
			...sums,
			{
				label: 'deep',
				sum: phrase('the most of {d} + 2 × {c}, the hole {h} + 2 × {w}, the cheeks {o}', {
					d: mm(deep),
					c: mm(ROOM.clear),
					h: mm(cords.hole),
					w: mm(LEAST_WOOD),
					o: mm(start.cheeks.out)
				}),
				value: depth
			}
		],
		back: { width, height },
		y: Math.ceil(thickness) + 12,
		load: { ...load.value, count: Math.min(w.count, places) },
		seats: places,
		apt: false
	});
}

export const outletGuard = defineCarrier({
	kind: 'outlet-guard',
	title: 'Outlet guard',
	about: 'A ledge above an outlet for something small that charges, and cheeks beside its plug, open from below.',
	fields,
	grips: [],
	on: ['front'],
	through: true,
	groups: () => ['on the ledge'],
	effort: (p) => p.places,
	build,
	describe: (p) =>
		phrase('ledge of {w@tape} above an outlet, {h@tape} of cheeks', { w: mm(p.width), h: mm(p.cheeks.height) }),
	fit,
	suits: (p, { dims, depth }) => mustGoIn('depth', dims.baseDepth ?? dims.thickness ?? depth, p.depth, 'ledge'),
	withSeats: (p, seats) => ({ ...p, places: Math.min(fields.places.max, Math.max(1, seats)) }),
	watch: ['the joint of ledge and back: does it open?', 'the cord: is it pinched?'],
	sums: (p) => [
		phrase('{w} - 2 × {t} = {c} clear between the cheeks', {
			w: mm(p.width),
			t: mm(stock(p.stock).thickness),
			c: mm(clearOf(p))
		})
	]
});
