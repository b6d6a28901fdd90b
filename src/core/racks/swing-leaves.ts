import { screwChoice, nearer } from './driven-fields';
import { angleField, groupField, lengthField, lengthsField, orNothing, wholeField, type ValuesOf } from '../form/field';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Found, type Seat } from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { boardField } from '../carriers/plate';
import { stock } from '../materials/stocks';
import { lastOf, nth } from '../nth';
import { onEdge, upright, type Frame } from '../solid/frame';
import type { Part } from '../solid/part';
import { plain, polygon, rectangle } from '../solid/outline';
import type { Vec2 } from '../solid/vector';
import { count, mm, phrase } from '../units/phrase';
import { inch, radians, type Millimetres } from '../units/quantity';
import { columnsOnStuds } from './along-studs';
import { ascending } from './boards-on';

const fields = {
	at: lengthsField('Hinge lines, from the left', { min: 5, max: 3000, least: 1, most: 10 }, [
		[60, 300, 540],
		[inch(2.5), inch(12), inch(21.5)]
	]),
	leaf: groupField('Leaf', {
		stock: boardField('Of'),
		long: lengthField('Out from its hinge', 60, 1200, [400, inch(16)]),
		high: lengthField('High', 100, 1500, [420, inch(16.5)]),
		stop: angleField('Swings to', 90, 180, 170)
	}),
	slots: groupField('Slots in its upper edge', {
		count: wholeField('How many', 1, 30, 8),
		pitch: lengthField('Apart', 10, 300, [38, inch(1.5)]),
		first: lengthField('First from the hinge', 10, 600, [70, inch(2.75)]),
		width: lengthField('Width', 2, 60, [10, inch(0.375)]),
		depth: lengthField('Depth', 5, 150, [45, inch(1.75)])
	}),
	second: orNothing(
		groupField('Second board, on either face, that bars reach into', {
			under: lengthField('Under the slots', 30, 1400, [250, inch(10)], { hint: 'No lower than the shortest reaches' }),
			deep: lengthField('Out from the face', 15, 200, [50, inch(2)])
		})
	),
	hinge: groupField('Hinge screws, at its top and at its foot', {
		size: screwChoice('#8'),
		length: lengthField('Length', 10, 80, [32, inch(1.25)]),
		count: wholeField('Of each end', 1, 12, 3)
	}),
	spine: groupField('Board on the wall', {
		stock: boardField('Of'),
		width: lengthField('Width', 60, 3000, [600, inch(24)]),
		high: lengthField('High', 100, 1500, [460, inch(18)])
	}),
	screws: groupField('Its screws', {
		size: screwChoice('#10'),
		length: lengthField('Length', 20, 200, [80, inch(3)]),
		along: lengthsField('From the left', { min: 0, max: 3000, least: 1, most: 12 }, [
			[100, 500],
			[inch(4), inch(20)]
		]),
		up: lengthsField('Up from its foot', { min: 0, max: 1500, least: 1, most: 8 }, [
			[30, 230, 430],
			[inch(1.25), inch(9), inch(16.75)]
		])
	})
};
type Params = ValuesOf<typeof fields>;

/** Hinges stand so far in from the ends of a leaf. */
const INSET: Millimetres = 40;

const zOfHinge = (p: Params): Millimetres => stock(p.spine.stock).thickness;
/** The leaf's foot above that of the board on the wall. */
const footOf = (p: Params): Millimetres => Math.max(0, (p.spine.high - p.leaf.high) / 2);
const slotsAt = ({ slots }: Params): Millimetres[] =>
	Array.from({ length: slots.count }, (_, i) => slots.first + i * slots.pitch);

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	const at = ascending(p.at);
	const ends = slotsAt(p);
	if (lastOf(ends) + p.slots.width / 2 > p.leaf.long)
		say('stop', 'slots', phrase('The last slot, {s} out, is past the end of its leaf', { s: mm(lastOf(ends)) }));
	if (p.slots.width >= p.slots.pitch && p.slots.count > 1)
		say(
			'stop',
			'slots',
			phrase('Slots {w} wide, {a} apart, leave nothing between', { w: mm(p.slots.width), a: mm(p.slots.pitch) })
		);
	if (p.slots.depth > p.leaf.high / 2)
		say(
			'mind',
			'slots',
			phrase('Slots {d} deep leave little of a leaf {h} high', { d: mm(p.slots.depth), h: mm(p.leaf.high) })
		);
	if (lastOf(at) > p.spine.width)
		say('stop', 'at', phrase('A hinge line at {x} is past the board on the wall', { x: mm(lastOf(at)) }));
	if (p.leaf.high > p.spine.high + 0.05)
		say(
			'mind',
			'leaf',
			phrase('Leaves {l} high stand over a board of {b}', { l: mm(p.leaf.high), b: mm(p.spine.high) })
		);
	for (const x of p.screws.along)
		if (x > p.spine.width) say('stop', 'screws', phrase('A screw at {x@tape} is past its edge', { x: mm(x) }));
	for (const y of p.screws.up)
		if (y > p.spine.high) say('stop', 'screws', phrase('A screw {y} up is past its top', { y: mm(y) }));
	const apart = Math.min(Infinity, ...at.slice(1).map((x, i) => x - nth(at, i)));
	const wide = Math.max(0, ...loads.map((l) => (l.count > 0 ? l.width : 0)));
	if (wide > apart)
		say(
			'mind',
			'at',
			phrase('What hangs is {w} wide, and leaves are {a} apart: they meet', { w: mm(wide), a: mm(apart) })
		);
	const { second } = p;
	if (!second) return found;
	const low = p.leaf.high - p.slots.depth - second.under - stock(p.leaf.stock).thickness;
	if (low < 0)
		say(
			'stop',
			'second',
			phrase('The second board stands {d} under the foot of its leaf: a higher leaf, or less far under the slots', {
				d: mm(-low)
			})
		);
	for (const l of loads)
		if (l.count > 0 && l.height < second.under)
			say(
				'mind',
				'second',
				phrase(
					'{n}, {h} long, does not reach the second board {u} under the slots: higher up with that, or lower leaves',
					{
						n: l.name || 'What hangs',
						h: mm(l.height),
						u: mm(second.under)
					}
				)
			);
	return found;
}

/** A board on either face of a leaf, lying flat, with a hole for the bar of every slot. */
function secondBoards(p: Params, at: readonly Millimetres[]): Part[] {
	const { second } = p;
	if (!second) return [];
	const { thickness: t } = stock(p.leaf.stock);
	const y = footOf(p) + p.leaf.high - p.slots.depth - second.under - t;
	const wide = Math.min(p.slots.width + 4, second.deep * 0.6);
	return [
		{
			id: 'second-board',
			name: 'second board',
			material: { kind: 'board', stock: p.leaf.stock },
			outline: {
				outer: rectangle(p.leaf.long, second.deep),
				holes: slotsAt(p).map((out) =>
					rectangle(p.slots.width, wide, out - p.slots.width / 2, (second.deep - wide) / 2)
				)
			},
			thickness: t,
			grain: 'x',
			features: [],
			stands: at.flatMap((x) =>
				[x - t / 2 - second.deep, x + t / 2].map((left): Frame => ({
					at: [left, y, zOfHinge(p)],
					x: [0, 0, 1],
					y: [1, 0, 0]
				}))
			)
		}
	];
}

/** A leaf from its hinge out, its slots open at its upper edge. */
function leafPath(p: Params) {
	const { long, high } = p.leaf;
	const { width: w, depth } = p.slots;
	const top = [...slotsAt(p)].reverse().flatMap((z): Vec2[] => [
		[z + w / 2, high],
		[z + w / 2, high - depth],
		[z - w / 2, high - depth],
		[z - w / 2, high]
	]);
	return plain(polygon([[0, 0], [long, 0], [long, high], ...top, [0, high]]));
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const at = ascending(p.at);
	const of = stock(p.leaf.stock);
	const [z, foot] = [zOfHinge(p), footOf(p)];
	// What is sawn out is small: it is counted as there, which is cautious.
	const high = p.leaf.high + 2 * (p.second?.deep ?? 0);
	const mass = (of.thickness * p.leaf.long * high * of.density) / 1e9;
	const wide = Math.max(2 * (p.second?.deep ?? 0), ...c.loads.map((l) => (l.count > 0 ? l.width : 0)));
	return {
		parts: [
			{
				id: 'spine',
				name: 'board on the wall',
				material: { kind: 'board', stock: p.spine.stock },
				outline: plain(rectangle(p.spine.width, p.spine.high)),
				thickness: z,
				grain: 'x',
				features: [],
				stands: [upright([0, 0, 0])]
			},
			{
				id: 'leaf',
				name: 'leaf',
				material: { kind: 'board', stock: p.leaf.stock },
				outline: leafPath(p),
				thickness: of.thickness,
				grain: 'x',
				features: [],
				// Half open, as they are drawn: straight out.
				stands: at.map((x) => onEdge([x + of.thickness / 2, foot, z]))
			},
			...secondBoards(p, at)
		],
		host: [],
		joints: [],
		seats: at.flatMap((x, group) =>
			slotsAt(p).map((out): Seat => ({
				group,
				at: [x, foot + p.leaf.high, z + out - (c.loads[group]?.depth ?? 0) / 2],
				axis: [0, 0, 1],
				length: c.loads[group]?.depth ?? 0,
				takes: 1,
				kept: true,
				stance: 'hangs',
				carriedBy: []
			}))
		),
		members: [],
		faces: [],
		sweeps: at.map((x, i) => ({
			name: `leaf ${i + 1}`,
			solids: [
				{
					kind: 'sector',
					x,
					z,
					radius: Math.hypot(p.leaf.long, wide / 2),
					from: 0,
					to: radians(p.leaf.stop),
					y: [foot, foot + p.leaf.high]
				}
			]
		})),
		retention: at.map(() => ({
			forward: { by: 'the slot' },
			sideways: { by: 'its head, on either side of the leaf' },
			up: { open: 'they lift off, as they are meant to' },
			back: { by: 'the slot' }
		})),
		taken: { left: 0, right: p.spine.width, low: 0, high: Math.max(p.spine.high, foot + p.leaf.high) },
		warnings: warningsOf(p, c),
		hold: {
			kind: 'leaves',
			xs: at,
			out: z,
			long: p.leaf.long,
			stop: p.leaf.stop,
			own: mass,
			apart: Math.max(1, p.leaf.high - 2 * INSET),
			leaf: p.leaf.stock,
			hinge: { screw: p.hinge.size, length: p.hinge.length, count: p.hinge.count },
			spine: { stock: p.spine.stock, width: p.spine.width, high: p.spine.high },
			screw: p.screws.size,
			length: p.screws.length,
			at: ascending(p.screws.along).flatMap((x) => ascending(p.screws.up).map((y) => [x, y] as const))
		}
	};
}

export const swingLeaves = defineCarrier({
	kind: 'swing-leaves',
	title: 'Swinging leaves',
	about: 'Slotted boards on upright hinges that turn like pages, on a board screwed to the studs.',
	fields,
	grips: [],
	on: [],
	held: ['own'],
	mark: (p) => ({ name: 'First column of screws', at: [nth(ascending(p.screws.along), 0), 0] }),
	onStuds: (p, studs) => ({
		...p,
		screws: {
			...p.screws,
			along: columnsOnStuds(p.screws.along, studs, p.spine.width, fields.screws.fields.along.most)
		}
	}),
	groups: (p) => p.at.map((_, i) => `on leaf ${i + 1} from the left`),
	effort: (p) => p.at.length * (p.slots.count + 1) + p.screws.along.length * p.screws.up.length,
	cross: (p) => {
		return [
			...(nearer(p.at, stock(p.leaf.stock).thickness) ? [{ path: 'at', message: 'two stand in one place' }] : []),
			...(nearer(p.screws.along, 5) ? [{ path: 'screws.along', message: 'two are in one place' }] : []),
			...(nearer(p.screws.up, 5) ? [{ path: 'screws.up', message: 'two are in one place' }] : [])
		];
	},
	build,
	describe: (p) => phrase('{n} leaves, {l@tape} out', { n: count(p.at.length), l: mm(p.leaf.long) }),
	changes: (p) => [
		{
			text: phrase('Leaves {l} out', { l: mm(Math.max(60, Math.round(p.leaf.long * 0.75))) }),
			params: { ...p, leaf: { ...p.leaf, long: Math.max(60, Math.round(p.leaf.long * 0.75)) } },
			effort: 'nothing to buy' as const
		},
		...(p.leaf.stop > 90
			? [
					{
						text: phrase('A stop at {a}°', { a: count(90) }),
						params: { ...p, leaf: { ...p.leaf, stop: 90 } },
						effort: 'a piece of wood' as const
					}
				]
			: [])
	],
	watch: [
		'the top screws by the outer hinge',
		'the hinges: do their screws draw?',
		'the leaves: do they sink at their ends?'
	]
});
