import { choiceField, flagField, groupField, lengthField, named, orNull, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { cantileverOf, type CantileverData } from '../members/cantilever';
import { nth } from '../nth';
import { fail, ok } from '../result';
import { facing, upright } from '../solid/frame';
import { plain, rectangle, type Path } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarriedBy,
	type CarrierContext,
	type Fitted,
	type Found,
	type Load,
	type Member,
	type Seat,
	type Wanted
} from './carrier';
import { loadOf } from './load-of';
import { boardField, PLATE_SCREWS, plateFaces, plateOn, SUPPORT, type Plate } from './plate';
import { spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn, mustNotPass } from './suits';
import { findings } from './findings';
import { backFor, screwsAlong, shelfUp, spareFor } from './fitting';

const fields = {
	width: lengthField('Width', 40, 30_000, [600, inch(24)]),
	depth: lengthField('Shelf out', 20, 600, [90, inch(3.5)], { hint: 'From the back to its front edge' }),
	stock: boardField('Shelf'),
	grain: choiceField('Its grain', named('along', 'out'), 'along', { hint: 'Out: the fingers run with it' }),
	spacing: spreadField(5),
	slot: lengthField('Slot', 2, 200, [10, inch(3 / 8)], { hint: 'Bar and slack' }),
	slotDepth: lengthField('Slot depth', 5, 500, [40, inch(1.5)], { hint: 'From the front edge' }),
	round: flagField('Round ends'),
	small: orNull(
		groupField('Small slots between, on the lowest shelf', {
			slot: lengthField('Slot', 2, 100, [6, inch(1 / 4)]),
			slotDepth: lengthField('Slot depth', 5, 500, [40, inch(1.5)])
		})
	),
	lower: orNull(
		groupField('A second shelf below, standing out further', {
			down: lengthField('Below the first by', 30, 1000, [100, inch(4)]),
			out: lengthField('Further out by', 0, 300, [20, inch(0.75)])
		})
	),
	lip: orNull(groupField('Lip along the front', { height: lengthField('Height', 3, 60, [10, inch(3 / 8)]) })),
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Narrower than this is no finger: it breaks off at a knock. */
const LEAST_FINGER: Millimetres = 6;

interface Slot {
	x: Millimetres;
	width: Millimetres;
	/** From the front edge. */
	depth: Millimetres;
	group: number;
	/** Guides only: what goes through it is carried by the shelf above. */
	guide?: true;
}

/** A plate with slots from its front edge, in its own plane: x along, y out. */
function slotted(width: Millimetres, depth: Millimetres, slots: readonly Slot[], round: boolean): Path {
	const front = [...slots]
		.sort((a, b) => b.x - a.x)
		.flatMap((s): Path => {
			const r = s.width / 2;
			const [right, left] = [s.x + r, s.x - r];
			const end = depth - s.depth;
			return round && s.depth > r
				? [
						{ x: right, y: depth },
						{ x: right, y: end + r, bulge: -1 },
						{ x: left, y: end + r },
						{ x: left, y: depth }
					]
				: [
						{ x: right, y: depth },
						{ x: right, y: end },
						{ x: left, y: end },
						{ x: left, y: depth }
					];
		});
	return [{ x: 0, y: 0 }, { x: width, y: 0 }, { x: width, y: depth }, ...front, { x: 0, y: depth }];
}

const featureOf = (s: Slot, depth: Millimetres, round: boolean): Feature => ({
	kind: 'slot',
	at: [s.x, depth],
	width: s.width,
	depth: s.depth,
	round,
	drawn: true
});

/** Fingers between slots, from the left end: each with its root, which is where the deeper of its slots ends. */
function fingersOf(width: Millimetres, depth: Millimetres, slots: readonly Slot[]) {
	const sorted = [...slots].sort((a, b) => a.x - b.x);
	return Array.from({ length: sorted.length + 1 }, (_, i) => {
		const [before, after] = [sorted[i - 1], sorted[i]];
		const left = before ? before.x + before.width / 2 : 0;
		const right = after ? after.x - after.width / 2 : width;
		const deepest = Math.max(before?.depth ?? 0, after?.depth ?? 0);
		return { left, width: right - left, root: depth - deepest };
	});
}

/** One shelf of the one or two. */
interface Level {
	plate: Plate;
	members: Member[];
	/** By its own number, what carries the things of each slot. */
	carries: Map<Slot, CarriedBy[]>;
	slots: readonly Slot[];
	depth: Millimetres;
	top: Millimetres;
	lips: Part[];
}

function level(
	p: Params,
	c: CarrierContext,
	o: { id: string; name: string; top: number; depth: number; slots: readonly Slot[]; first: number }
): Level {
	const plate = plateOn({
		id: o.id,
		name: o.name,
		x: 0,
		top: o.top,
		width: p.width,
		depth: o.depth,
		stock: p.stock,
		grain: p.grain,
		outline: plain(slotted(p.width, o.depth, o.slots, p.round)),
		features: o.slots.map((s) => featureOf(s, o.depth, p.round)),
		support: p.support,
		openings: o.slots.map((s) => ({ from: s.x - s.width / 2, to: s.x + s.width / 2, near: o.depth - s.depth })),
		screws: p.screws,
		host: c.host
	});
	const fingers = fingersOf(p.width, o.depth, o.slots);
	const groups = new Map<string, { member: number; data: CantileverData; roots: number[][] }>();
	const members: Member[] = [...plate.members];
	const place = fingers.map((f, i) => {
		const end = i === 0 || i === fingers.length - 1;
		const key = `${end} ${f.width.toFixed(2)} ${f.root.toFixed(2)}`;
		let group = groups.get(key);
		if (!group) {
			const data = cantileverOf({
				name: end ? 'end finger' : 'finger',
				width: Math.max(0.1, f.width),
				wide: null,
				stock: p.stock,
				// Fingers stand out: across the grain where that runs along the shelf.
				grain: p.grain === 'along' ? 'across' : 'along'
			});
			group = { member: o.first + members.length, data, roots: [] };
			groups.set(key, group);
			members.push({ data, instances: [] });
		}
		group.roots.push([f.left + f.width / 2, o.top, f.root]);
		return { member: group.member, instance: group.roots.length - 1 };
	});
	for (const g of groups.values())
		members[g.member - o.first] = {
			data: g.data,
			instances: g.roots.map(([x, y, z]) => facing('front', [x as number, y as number, z as number]))
		};
	const sorted = [...o.slots].sort((a, b) => a.x - b.x);
	const carries = new Map<Slot, CarriedBy[]>();
	sorted.forEach((s, i) => {
		// Half on the finger to its left, half on the one to its right; all of it on the joint.
		carries.set(s, [
			{ member: o.first, instance: 0, share: 1 },
			{ ...nth(place, i), share: 0.5 },
			{ ...nth(place, i + 1), share: 0.5 },
			...plate.bracketShares(o.first)
		]);
	});
	const lip = p.lip;
	const lips: Part[] = lip
		? fingers.map((f, i) => ({
				id: `${o.id}-lip-${i}`,
				name: 'lip',
				material: { kind: 'board', stock: p.stock },
				outline: plain(rectangle(Math.max(0.1, f.width), lip.height)),
				thickness: LIP,
				pinned: true,
				grain: 'x',
				features: [],
				stands: [upright([f.left, o.top, o.depth - LIP])]
			}))
		: [];
	return { plate, members, carries, slots: o.slots, depth: o.depth, top: o.top, lips };
}
/** A lip is a strip so thick. */
const LIP: Millimetres = 9;

function slotsOf(p: Params): Slot[] {
	return spacingPositions(p.width, p.spacing).map((x) => ({ x, width: p.slot, depth: p.slotDepth, group: 0 }));
}

/** Small ones stand in the middle between the large. */
function smallSlots(p: Params, large: readonly Slot[]): Slot[] {
	if (!p.small) return [];
	const { slot, slotDepth } = p.small;
	return large.slice(1).map((s, i) => ({ x: (s.x + nth(large, i).x) / 2, width: slot, depth: slotDepth, group: 1 }));
}

function warningsOf(p: Params, c: CarrierContext, levels: readonly Level[]): Found[] {
	const { found, say } = findings();
	for (const l of levels) {
		const least = Math.min(...fingersOf(p.width, l.depth, l.slots).map((f) => f.width));
		if (least < LEAST_FINGER)
			say(
				'stop',
				'spacing',
				least <= 0
					? phrase('The slots run into each other, or out past the end: no finger is left')
					: phrase('Slots leave a finger of {w}: less than {m} breaks off', { w: mm(least), m: mm(LEAST_FINGER) })
			);
		if (l.slots.some((s) => s.depth > l.depth - 10))
			say(
				'stop',
				'slotDepth',
				phrase('Slots {d} deep leave less than {m} of a shelf of {s}', {
					d: mm(Math.max(...l.slots.map((s) => s.depth))),
					m: mm(10),
					s: mm(l.depth)
				})
			);
		found.push(...l.plate.warnings);
	}
	if (p.grain === 'along' && stock(p.stock).kind === 'solid')
		say('mind', 'grain', phrase('Fingers of solid wood across the grain split off: use ply, or turn the grain out'));
	if (p.grain === 'out' && stock(p.stock).kind === 'solid' && !p.screws.pockets)
		say('mind', 'grain', phrase('With the grain out, screws through the back stand in end grain: they hold no pull'));
	const xs = spacingPositions(p.width, p.spacing);
	c.loads.forEach((load, g) => {
		const pitch = xs.length > 1 ? nth(xs, 1) - nth(xs, 0) : Infinity;
		if (load.count > 0 && load.width > pitch)
			say(
				'mind',
				'spacing',
				phrase(`Heads {w} wide, but ${g === 0 ? 'the slots' : 'those'} are {p} apart`, {
					w: mm(load.width),
					p: mm(pitch)
				})
			);
	});
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const large = slotsOf(p);
	const small = smallSlots(p, large);
	const lowest: Slot[] = p.lower
		? [...large.map((s): Slot => ({ ...s, depth: s.depth + (p.lower?.out ?? 0), guide: true })), ...small]
		: [];
	const upper = level(p, c, {
		id: 'shelf',
		name: 'shelf',
		top: 0,
		depth: p.depth,
		slots: p.lower ? large : [...large, ...small],
		first: 0
	});
	const lower = p.lower
		? level(p, c, {
				id: 'lower',
				name: 'lower shelf',
				top: -p.lower.down,
				depth: p.depth + p.lower.out,
				slots: lowest,
				first: upper.members.length
			})
		: null;
	const levels = lower ? [upper, lower] : [upper];
	const seats = levels.flatMap((l) =>
		l.slots
			.filter((s) => !s.guide)
			.map((s): Seat => {
				const load = c.loads[s.group];
				return {
					group: s.group,
					at: [s.x, l.top, l.depth - s.depth],
					axis: [0, 0, 1],
					length: s.depth,
					takes: 1,
					kept: p.lip !== null,
					stance: { above: load ? load.height * HEAD : 0 },
					carriedBy: l.carries.get(s) ?? []
				};
			})
	);
	const keeps = {
		forward: p.lip ? { by: 'the lip' } : { open: 'a knock can walk it out of the slot: a lip, or the back tilted' },
		sideways: { by: 'its slot' },
		up: { open: 'it lifts out, as it is meant to' },
		back: { by: 'the end of the slot' }
	};
	return {
		parts: levels.flatMap((l) => [...l.plate.parts, ...l.lips]),
		host: [],
		joints: levels.flatMap((l) => l.plate.joints),
		seats,
		members: levels.flatMap((l) => l.members),
		faces: plateFaces({ x: 0, top: 0, width: p.width, depth: p.depth - p.slotDepth, stock: p.stock }, [
			{ member: 0, instance: 0, share: 1 }
		]).filter((f) => f.name !== 'front'),
		retention: [keeps, ...(p.small ? [keeps] : [])],
		taken: { left: 0, right: p.width, low: Math.min(...levels.map((l) => l.plate.low)), high: p.lip?.height ?? 0 },
		warnings: warningsOf(p, c, levels)
	};
}
/** So much of what hangs in a slot stands above the shelf: its head. */
const HEAD = 0.15;

/** A clamp hangs with its jaws out: what is wider than its head stands out from the back, not along it. */
const turned = (load: Load, head: Millimetres): Load =>
	load.width <= head ? load : { ...load, width: head, depth: load.width };

/** Slots for bars: the bar decides the slot, the head how far apart, the shelf how far out. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'slot') return fail('it has no bar or blade to drop into a slot');
	const { bar, head } = w.thing.dims;
	if (bar === undefined || head === undefined)
		return fail('the thickness of its bar or the width of its head is not known');
	if (head <= bar + ROOM.slack) return fail('its head is no wider than a slot for its bar: it falls through');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const load = turned(known.value, head);
	const start = slottedShelf.start(w.unit) as Params;
	const slot = bar + ROOM.slack;
	const pitch = head + ROOM.fingers;
	const most = Math.max(1, Math.floor(w.widest / pitch) - 1);
	const spare = spareFor(w.count);
	const seats = Math.min(most, Math.max(1, w.count) + spare);
	const width = Math.max(60, (seats + 1) * pitch);
	const slotDepth = Math.max(25, Math.min(known.value.depth, 120));
	const depth = slotDepth + 42;
	const blocks = Math.max(2, Math.ceil(width / 350));
	const params: Params = {
		...start,
		width,
		depth,
		slot,
		slotDepth,
		spacing: { kind: 'equal-gaps', count: seats },
		support: { kind: 'blocks', count: blocks, height: Math.round(depth * 0.8), out: Math.round(depth * 0.55) },
		screws: { ...start.screws, count: screwsAlong(width, 3) }
	};
	const height = backFor(depth, 220);
	return ok({
		params,
		sums: [
			{ label: 'slot', sum: phrase('bar {b} + {s}', { b: mm(bar), s: mm(ROOM.slack) }), value: slot },
			{
				label: 'apart',
				sum: phrase('head {h} + {f}', { h: mm(head), f: mm(ROOM.fingers) }),
				value: pitch
			},
			{ label: 'wide', sum: phrase('{p} × {n} gaps', { p: mm(pitch), n: count(seats + 1) }), value: width },
			{ label: 'deep', sum: phrase('{s} + {b} behind', { s: mm(slotDepth), b: mm(42) }), value: depth },
			{ label: 'finger', sum: phrase('{p} - {s}', { p: mm(pitch), s: mm(slot) }), value: pitch - slot }
		],
		back: { width, height },
		y: shelfUp(height),
		load: { ...load, count: Math.min(w.count, seats) },
		seats
	});
}

export const slottedShelf = defineCarrier({
	kind: 'slotted-shelf',
	title: 'Slotted shelf',
	about: 'A shelf with slots from its front edge: bars and blades drop in and hang by their heads.',
	fields,
	grips: ['slot'],
	on: ['front'],
	through: true,
	groups: (p) => (p.small ? ['in the large slots', 'in the small slots'] : ['in the slots']),
	effort: (p) => p.spacing.count * (p.small ? 2 : 1) * (p.lower ? 2 : 1),
	build,
	describe: (p) =>
		phrase(`${p.spacing.count} ${p.spacing.count === 1 ? 'slot' : 'slots'} of {s@tape}`, { s: mm(p.slot) }),
	fit,
	suits: (p, { dims }) => [
		...mustGoIn('bar', dims.bar, p.slot, 'slot'),
		...mustNotPass('head', dims.head, p.slot, 'slot')
	],
	withSeats: (p, seats) => ({ ...p, spacing: { ...p.spacing, count: Math.max(1, seats) } }),
	changes: (p) => [
		...(p.support.kind === 'none' || p.support.kind === 'brackets'
			? []
			: [
					{
						text: phrase('What is below the shelf {h@tape} high', { h: mm(p.support.height + 30) }),
						params: { ...p, support: { ...p.support, height: p.support.height + 30 } },
						effort: 'a piece of wood' as const
					}
				]),
		...(p.support.kind === 'none'
			? [
					{
						text: phrase('Blocks below the shelf'),
						params: { ...p, support: { kind: 'blocks' as const, count: 3, height: 60, out: Math.min(60, p.depth) } },
						effort: 'a piece of wood' as const
					}
				]
			: []),
		{
			text: phrase('Twice the screws into the shelf'),
			params: { ...p, screws: { ...p.screws, count: Math.min(60, p.screws.count * 2) } },
			effort: 'screws' as const
		},
		...(stock(p.stock).kind === 'solid'
			? [
					{
						text: phrase('A shelf of ply'),
						params: { ...p, stock: 'ply-18' as const },
						effort: 'another part' as const
					}
				]
			: [])
	],
	mirrored: mirroredSpread,
	watch: ['the end fingers: do they crack at the slot?', 'the joint of shelf and back: does it open?'],
	sums: (p) => [spacingSum(p.width, p.spacing)]
});
