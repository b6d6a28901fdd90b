import { screwChoice, nearer } from './driven-fields';
import { groupField, lengthField, lengthsField, massField, orNull, type ValuesOf } from '../form/field';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Found, type Seat } from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { ratedOf } from '../members/rated';
import { nth } from '../nth';
import { upright, facing } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import { count, mm, phrase } from '../units/phrase';
import { GRAVITY, inch, type Millimetres } from '../units/quantity';
import { columnsOnStuds } from './along-studs';
import { ascending } from './boards-on';

const fields = {
	width: lengthField('Width', 20, 3000, [600, inch(24)]),
	height: lengthField('Height', 20, 2500, [800, inch(32)]),
	out: lengthField('Stands out', 10, 900, [300, inch(12)]),
	plate: lengthField('Plate on the wall, thickness', 0.5, 30, [2, inch(1 / 16)]),
	mass: massField('It weighs', 0.05, 100, [4, 9]),
	rated: orNull(
		massField("Maker's load, of all of it", 0.1, 1000, undefined, {
			hint: 'On the packet. Left empty, it cannot be judged'
		})
	),
	levels: lengthsField('Shelves or arms, up from the foot', { min: 0, max: 2500, least: 1, most: 12 }, [
		[100, 400, 700],
		[inch(4), inch(16), inch(28)]
	]),
	screws: groupField('Its screws', {
		size: screwChoice('#10'),
		length: lengthField('Length', 20, 200, [70, inch(2.75)]),
		along: lengthsField('From the left', { min: 0, max: 3000, least: 1, most: 12 }, [
			[100, 500],
			[inch(4), inch(20)]
		]),
		up: lengthsField('Up from the foot', { min: 0, max: 2500, least: 1, most: 8 }, [
			[30, 770],
			[inch(1.25), inch(30.75)]
		])
	})
};
type Params = ValuesOf<typeof fields>;

/** A shelf, an arm or a row of hooks is drawn so high. */
const BAR: Millimetres = 15;
/** Side by side at most: what is smaller needs no place of its own. */
const MOST = 20;

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	for (const x of p.screws.along)
		if (x > p.width) say('stop', 'screws', phrase('A screw at {x@tape} is past its edge', { x: mm(x) }));
	for (const y of p.screws.up)
		if (y > p.height) say('stop', 'screws', phrase('A screw {y} up is past its top', { y: mm(y) }));
	ascending(p.levels).forEach((y, i) => {
		const load = loads[i];
		if (y > p.height) say('stop', 'levels', phrase('A level at {y} is past its top', { y: mm(y) }));
		if (!load || load.count === 0) return;
		if (load.depth > p.out)
			say(
				'mind',
				`loads.${i}`,
				phrase('What is {d} deep stands past a level of {o}', { d: mm(load.depth), o: mm(p.out) })
			);
		const over = ascending(p.levels)[i + 1];
		if (over !== undefined && load.height > over - y - BAR)
			say('stop', `loads.${i}`, phrase('What is {h} high does not go under the next level', { h: mm(load.height) }));
	});
	return found;
}

function seatsOf(p: Params, { loads }: CarrierContext): Seat[] {
	return ascending(p.levels).flatMap((y, group) => {
		const load = loads[group];
		const beside = load ? Math.min(MOST, Math.max(1, Math.floor(p.width / load.width))) : 1;
		return Array.from({ length: beside }, (_, i): Seat => ({
			group,
			at: [((i + 0.5) * p.width) / beside, y, p.plate],
			axis: [0, 0, 1],
			length: p.out,
			takes: Math.max(1, Math.floor(p.out / (load?.depth ?? p.out))),
			kept: false,
			stance: 'stands',
			carriedBy: [{ member: 0, instance: 0, share: 1 }]
		}));
	});
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const levels = ascending(p.levels);
	const rated = p.rated === null ? null : p.rated * GRAVITY;
	const bought = (name: string, mass: number) => ({ kind: 'bought', name, mass, rated: null }) as const;
	const deep = Math.max(1, p.out);
	return {
		parts: [
			{
				id: 'frame',
				name: 'bought rack',
				// Half of what it weighs is at the wall, half of it out on its levels.
				material: { ...bought('bought rack', p.mass / 2), rated },
				outline: plain(rectangle(p.width, p.height)),
				thickness: p.plate,
				grain: 'none',
				features: [],
				stands: [upright([0, 0, 0])]
			},
			{
				id: 'level',
				name: 'its level',
				material: bought('its level', p.mass / 2 / levels.length),
				outline: plain(rectangle(p.width, deep)),
				thickness: BAR,
				grain: 'none',
				features: [],
				stands: levels.map((y) => facing('underside', [0, y, p.plate]))
			}
		],
		host: [],
		joints: [],
		seats: seatsOf(p, c),
		members: [
			{
				data: ratedOf({ name: 'bought rack', rated }),
				instances: [facing('front', [0, nth(levels, 0), p.plate])],
				grab: { x: p.width / 2, z: p.out }
			}
		],
		faces: [],
		retention: levels.map(() => ({
			forward: { open: 'what its maker gave it: look for a lip' },
			sideways: { open: 'what its maker gave it' },
			up: { open: 'they lift off, as they are meant to' },
			back: { by: 'the wall' }
		})),
		taken: { left: 0, right: p.width, low: 0, high: p.height },
		warnings: warningsOf(p, c),
		hold: {
			kind: 'plate',
			screw: p.screws.size,
			length: p.screws.length,
			thickness: p.plate,
			at: ascending(p.screws.along).flatMap((x) => ascending(p.screws.up).map((y) => [x, y] as const))
		}
	};
}

export const boughtRack = defineCarrier({
	kind: 'bought-rack',
	title: 'Bought rack',
	about: 'A rack, a pair of brackets or a board for another system, as bought: its size, its screws, its maker’s load.',
	fields,
	grips: [],
	on: [],
	held: ['own'],
	mark: (p) => ({ name: 'First column of screws', at: [nth(ascending(p.screws.along), 0), 0] }),
	groups: (p) => p.levels.map((_, i) => `on level ${i + 1}${i === 0 ? ', the lowest' : ''}`),
	effort: (p) => p.levels.length * (MOST + 1) + p.screws.along.length * p.screws.up.length,
	onStuds: (p, studs) => ({
		...p,
		screws: { ...p.screws, along: columnsOnStuds(p.screws.along, studs, p.width, fields.screws.fields.along.most) }
	}),
	cross: (p) => {
		return [
			...(nearer(p.screws.along, 5) ? [{ path: 'screws.along', message: 'two are in one place' }] : []),
			...(nearer(p.screws.up, 5) ? [{ path: 'screws.up', message: 'two are in one place' }] : []),
			...(nearer(p.levels, 5) ? [{ path: 'levels', message: 'two are in one place' }] : [])
		];
	},
	build,
	describe: (p) =>
		phrase('{w@tape} by {h@tape}, {n} levels, as bought', {
			w: mm(p.width),
			h: mm(p.height),
			n: count(p.levels.length)
		}),
	changes: (p) =>
		p.screws.length < 100
			? [
					{
						text: phrase('Screws {l} long', { l: mm(p.screws.length + 20) }),
						params: { ...p, screws: { ...p.screws, length: p.screws.length + 20 } },
						effort: 'screws' as const
					}
				]
			: [],
	mirrored: (p, loads) => ({
		params: {
			...p,
			screws: {
				...p.screws,
				along: ascending(p.screws.along)
					.map((x) => p.width - x)
					.reverse()
			}
		},
		loads
	}),
	watch: ['its screws: do they draw?', 'each level at its ends: does it sink?']
});
