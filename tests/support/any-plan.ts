import fc from 'fast-check';
import { CLEAT_STOCKS, STOCKS } from '$core/materials/stocks';
import { SCREWS } from '$core/materials/screws';
import { WOODS } from '$core/materials/woods';
import { CARRIERS } from '$core/carriers/registry';
import { RACKS } from '$core/racks/registry';
import { groundsFor } from '$core/holders/grounds';
import { BACK, FIXING, LOAD, STRIPS } from '$core/plan/plan-fields';
import type {
	Back,
	Carrier,
	FixedMount,
	Holder,
	Load,
	Motion,
	Mount,
	Obstruction,
	Plan,
	Row,
	Strips,
	Stud,
	Wall
} from '$core/plan/types';
import { validatePlan } from '$core/plan/validate';
import { anyValues } from './any-fields';

/** Ends of a range as often as what lies between: that is where faults are. */
const within = (min: number, max: number) => fc.oneof(fc.constantFrom(min, max), fc.double({ min, max, noNaN: true }));
const id = (letter: string, i: number) => `${letter}${i}`;
/** Without the fields that are not said. */
const given = <T extends object>(of: T): T =>
	Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as T;
const screw = { size: fc.constantFrom(...SCREWS.map((s) => s.size)), length: within(10, 200) };

const stud = fc
	.record({
		x: within(0, 3000),
		width: within(19, 200),
		depth: within(19, 400),
		species: fc.constantFrom(...WOODS.map((w) => w.id)),
		lean: fc.constantFrom(undefined, -20, 3),
		plies: fc.constantFrom(undefined, 2 as const)
	})
	.map(given);

const motion: fc.Arbitrary<Motion | null | undefined> = fc.oneof(
	fc.constantFrom(null, undefined),
	fc.record({
		kind: fc.constant('swing' as const),
		hinge: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
		angle: within(0, 180),
		into: fc.constantFrom('room' as const, 'away' as const)
	}),
	fc.record({ kind: fc.constant('overhead' as const), rise: within(0, 3000), travel: within(0, 5000) }),
	fc.record({
		kind: fc.constant('car-doors' as const),
		nose: fc.constantFrom('left' as const, 'right' as const),
		hinge: within(0, 2000),
		leaf: within(300, 2500),
		doors: fc.constantFrom(1 as const, 2 as const),
		angle: within(10, 90)
	}),
	fc.record({ kind: fc.constant('clear-above' as const), height: within(0, 3000) })
);
const obstruction = fc
	.record({
		near: fc.constantFrom(undefined, 0, 700),
		out: fc.constantFrom(undefined, 700, 2000),
		hidden: fc.constantFrom(undefined, true),
		motion,
		kind: fc.constantFrom(
			'window' as const,
			'door' as const,
			'outlet' as const,
			'switch' as const,
			'service-panel' as const,
			'other' as const,
			'car' as const,
			'bench' as const,
			'cable' as const
		),
		name: fc.constantFrom('', 'slip window'),
		x: within(0, 1500),
		y: within(0, 1500),
		width: within(10, 1500),
		height: within(10, 900)
	})
	.map(given);
/** What makes a wall other than a plain framed one. */
const survey: fc.Arbitrary<Partial<Wall>> = fc
	.record({
		shape: fc.constantFrom(
			undefined,
			{ right: 1800, peak: null, floorRise: 100 },
			{ right: 2400, peak: { x: 1000, height: 3000 }, floorRise: -50 }
		),
		build: fc.constantFrom<Wall['build']>(
			undefined,
			undefined,
			undefined,
			{ kind: 'framed' },
			{ kind: 'plank', thickness: 25, species: 'spf', first: 100, pitch: 500 },
			{
				kind: 'masonry',
				material: 'brick',
				thickness: 102,
				first: 100,
				pitch: 400,
				plug: { diameter: 8, length: 50, load: 30 }
			},
			{
				kind: 'masonry',
				material: 'block',
				thickness: 140,
				first: 50,
				pitch: 600,
				plug: { diameter: 8, length: 50, load: null }
			}
		),
		ledges: fc.constantFrom(undefined, [{ id: 'l', name: '', y: 1000, height: 90, out: 38 }]),
		front: fc.constantFrom(undefined, { depth: 1000, walkway: 900, headHeight: 2000 }),
		far: fc.constantFrom(undefined, { kind: 'stair' as const, access: true, note: '' }),
		corners: fc.constantFrom(undefined, {
			left: { kind: 'wall' as const, taken: 500, note: '' },
			right: { kind: 'open' as const, taken: 0, note: '' }
		}),
		surface: fc.constantFrom(undefined, 'door' as const),
		blocking: fc.constantFrom(undefined, [
			{ id: 'b', x: 800, y: 900, width: 400, height: 300, depth: 89, species: 'spf' as const }
		])
	})
	.map((r) => structuredClone(given(r)) as Partial<Wall>);
const row = fc.record({
	name: fc.constantFrom('', 'Top row'),
	y: within(0, 2399),
	left: within(0, 1400),
	right: within(1500, 3000),
	stock: fc.constantFrom(...CLEAT_STOCKS),
	bevel: fc.constantFrom(45 as const, 30 as const),
	blank: within(60, 400),
	screws: fc.record({ ...screw, perStud: fc.constantFrom(1 as const, 2 as const) }),
	joints: fc.array(within(1401, 1499), { maxLength: 3 }),
	twistBlock: fc.option(fc.record({ height: within(10, 400), width: within(20, 600) })),
	backer: fc.option(
		fc.record({
			stock: fc.constantFrom(...STOCKS.filter((s) => s.kind === 'ply').map((s) => s.id)),
			height: within(60, 1220),
			below: within(0, 1200),
			behind: fc.record({ ...screw, pitch: within(20, 1000) }),
			perStud: fc.integer({ min: 2, max: 12 })
		}),
		{ freq: 3 }
	)
});
const anyLoad = anyValues({ ...LOAD, thing: LOAD.name, count: { ...LOAD.count, max: 200 } }).map(
	({ thing: _, ...load }) => load as unknown as Load
);
/** Any carrier of any kind, as its fields take it, with loads as theirs do. */
const carrier: fc.Arbitrary<Omit<Carrier, 'id'>> = fc.oneof(
	...CARRIERS.map((kind) =>
		fc.record({
			kind: fc.constant(kind.kind),
			params: anyValues(kind.fields),
			at: fc.record({ on: fc.constant('back'), x: within(-200, 800), y: within(-100, 1300) }),
			loads: fc.array(anyLoad, { maxLength: 1 })
		})
	)
);
/** Any rack of any kind, held in any way that its kind knows. */
const rack = fc
	.oneof(
		...RACKS.map((kind) =>
			fc.record({
				kind: fc.constant(kind),
				params: anyValues(kind.fields),
				way: fc.nat(5),
				loads: fc.array(anyLoad, { maxLength: 1 })
			})
		)
	)
	.map(({ kind, params, way, loads }) => {
		const held = kind.held ?? ['own'];
		const carrier: Omit<Carrier, 'id'> = { kind: kind.kind, params, at: { on: 'wall', x: 0, y: 0 }, loads };
		return { way: held[way % held.length] ?? 'own', carrier };
	});
const holder = fc.record({
	/** It is no back with carriers, but one of these. */
	rack: fc.option(rack, { freq: 3 }),
	x: within(-3000, 3000),
	on: fc.nat(3),
	/** Of those that are screwed to the wall. */
	y: within(-300, 2400),
	fixing: fc.option(anyValues({ screws: FIXING.screws }), { freq: 2 }),
	places: fc.array(fc.record({ x: within(0, 3000), y: within(0, 1300) }), { maxLength: 8 }),
	strips: anyValues(STRIPS),
	back: anyValues({ ...BACK, width: { ...BACK.width, max: 3000 } }),
	carriers: fc.array(carrier, { maxLength: 3 }),
	/** Onto which face of the one before: the last stands there where it may. */
	onto: fc.option(fc.nat(4))
});

type Any = typeof holder extends fc.Arbitrary<infer T> ? T : never;

/** A rack of the plan. */
function rackOf(i: number, { x, y, rack: of }: Any, row: string): Holder | null {
	if (!of) return null;
	const { way, carrier: first } = of;
	const mounts: Record<typeof way, Mount> = {
		own: { kind: 'own', x, y },
		'row-end': { kind: 'row-end', row },
		'row-hook': { kind: 'row-hook', row, x },
		'row-top': { kind: 'row-top', row, x }
	};
	return { id: id('h', i), name: '', mount: mounts[way], carriers: [{ ...first, id: 'c0' }] };
}

/** Hung on a row, or screwed to the wall with its screws anywhere. */
function mountOf(h: Any, row: string): Mount {
	const { fixing, places, x, y } = h;
	return fixing
		? { kind: 'fixed', x, y, places, ...(fixing as unknown as Pick<FixedMount, 'screws'>) }
		: { kind: 'row', row, x, strips: h.strips as unknown as Strips };
}

/** The last carrier stands on a face of the one before it, where that offers one that it takes. */
function stacked(h: { back: unknown; carriers: Carrier[]; onto: number | null }): Carrier[] {
	const { carriers, onto } = h;
	const last = carriers.at(-1);
	if (onto === null || !last || carriers.length < 2) return carriers;
	const before = { back: h.back as Back, carriers: carriers.slice(0, -1) };
	const grounds = groundsFor(before, last).filter((g) => g.value !== 'back');
	const ground = grounds[onto % Math.max(1, grounds.length)];
	return ground ? [...before.carriers, { ...last, at: { ...last.at, on: ground.value } }] : carriers;
}
const plans: fc.Arbitrary<Plan> = fc
	.record({
		studs: fc.array(stud, { maxLength: 8 }),
		obstructions: fc.array(obstruction, { maxLength: 3 }),
		rows: fc.array(row, { maxLength: 4 }),
		holders: fc.array(holder, { maxLength: 5 }),
		cladding: fc.record({
			kind: fc.constantFrom('none' as const, 'drywall' as const, 'panel' as const),
			thickness: within(0, 60)
		}),
		kerf: within(0, 10),
		survey,
		wet: fc.option(fc.boolean(), { nil: undefined }),
		stature: fc.option(within(1000, 2300), { nil: undefined })
	})
	.map((r) => ({
		format: 'kammer-plan',
		version: 2,
		name: 'Any',
		...(r.stature === undefined ? {} : { stature: r.stature }),
		wall: {
			width: 3000,
			height: 2400,
			cladding: r.cladding,
			...r.survey,
			...(r.wet === undefined ? {} : { wet: r.wet }),
			studs: r.studs.map((s, i): Stud => ({ id: id('s', i), ...s })),
			obstructions: r.obstructions.map((o, i): Obstruction => ({ id: id('o', i), ...o }))
		},
		rows: r.rows.map((x, i): Row => ({ id: id('r', i), ...x })),
		holders:
			r.rows.length === 0
				? []
				: r.holders.map(
						(h, i): Holder =>
							rackOf(i, h, id('r', h.on % r.rows.length)) ?? {
								id: id('h', i),
								name: '',
								mount: mountOf(h, id('r', h.on % r.rows.length)),
								back: h.back as unknown as Back,
								carriers: stacked({ ...h, carriers: h.carriers.map((c, k) => ({ ...c, id: id('c', k) })) })
							}
					),
		cutting: { kerf: r.kerf, lengths: [] }
	}));
/** Any plan that the schema takes, its rows r0 to r3 and its holders h0 to h4. */
export const anyPlan = plans.filter((p) => validatePlan(p).ok);
