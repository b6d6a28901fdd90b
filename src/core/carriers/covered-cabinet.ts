import { flagField, groupField, lengthField, listField, variantsField, wholeField, type ValuesOf } from '../form/field';
import { startsOf } from '../form/start-of';
import { screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { onEdge } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { weigh } from '../solid/weigh';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { inch, type Kilograms, type Millimetres } from '../units/quantity';
import { boardBetween, clearBetween, housingOf, type Between, type BetweenInput } from './between';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { moreInEnds, moreInSides } from './changes';
import { DOORS, doorsOn, mirroredDoors } from './doors';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { HINGED } from './hinged-doors';
import { loadOf, onBase } from './load-of';
import type { DoorsMade, Opening } from './opening';
import { boardField } from './plate';
import { pushedShare, SIDES, sideFaces, sidesOn } from './sides';
import { playFor, SLIDING } from './sliding-doors';
import { mustGoIn } from './suits';

const MOST_LEVELS = 12;
const LEVEL = groupField('Level', {
	high: lengthField('Clear height', 20, 1000, [160, inch(6.5)]),
	bays: wholeField('Bays between dividers', 1, 20, 2),
	each: wholeField('Things side by side in a bay', 1, 20, 1)
});

const fields = {
	width: lengthField('Width, over both sides', 100, 3000, [600, inch(24)]),
	depth: lengthField('Sides out', 40, 800, [220, inch(9)]),
	stock: boardField('Top, bottom and shelves'),
	levels: listField('Levels, from the bottom up', LEVEL, MOST_LEVELS, 1),
	own: flagField('Each level for a thing of its own'),
	shelves: variantsField('Shelves held by', {
		housings: { deep: lengthField('Housings deep', 2, 30, [6, inch(0.25)]) },
		screws: { count: wholeField('Screws in each end', 1, 12, 3) }
	}),
	doors: DOORS,
	sides: groupField('Sides', {
		stock: SIDES.stock,
		screws: wholeField('Screws in each, through the back', 2, 12, 4),
		length: SIDES.length
	}),
	ends: wholeField('Screws in each end of top and bottom', 1, 12, 3)
};
type Params = ValuesOf<typeof fields>;
type Level = Params['levels'][number];

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const sideOf = (p: Params): Millimetres => stock(p.sides.stock).thickness;
/** Upper side of the floor that a level stands on. */
const floorAt = (p: Params, level: number): Millimetres =>
	p.levels.slice(0, level).reduce((y, l) => y + l.high + boardOf(p), boardOf(p));
const heightOf = (p: Params): Millimetres => floorAt(p, p.levels.length);
const spanOf = (p: Params): Millimetres => clearBetween(p.width, p.sides.stock);
/** Clear between two dividers. */
const clearOf = (p: Params, { bays }: Level): Millimetres => (spanOf(p) - (bays - 1) * boardOf(p)) / bays;
const openingOf = (p: Params): Opening => ({
	width: p.width,
	height: heightOf(p),
	depth: p.depth,
	stock: p.stock,
	side: p.sides.stock
});
/** What stands inside stays clear of doors that slide by so much. */
const BEHIND_DOORS: Millimetres = 2;
const insideOf = (p: Params, doors: DoorsMade): Millimetres =>
	Math.max(1, p.depth - (doors.takes > 0 ? doors.takes + BEHIND_DOORS : 0));

/** Less than this of a side beside a housing breaks; and less of a housing carries nothing. */
const LEAST_LEFT: Millimetres = 4;
const LEAST_ROOM: Millimetres = 10;

function levelWarnings(p: Params, c: CarrierContext, inside: Millimetres): Found[] {
	const { found, say } = findings();
	p.levels.forEach((level, i) => {
		const name = `Level ${i + 1}`;
		const bay = clearOf(p, level);
		if (bay < LEAST_ROOM)
			say(
				'stop',
				'levels',
				phrase(`${name}: {n} bays leave {b} each`, { n: count(level.bays), b: mm(Math.max(0, bay)) })
			);
		const load = c.loads[p.own ? i : 0];
		if (!load || load.count === 0) return;
		if (load.width * level.each > bay)
			say(
				'stop',
				'levels',
				phrase(`${name}: {n} of {w} are wider than their bay, {b}`, {
					n: count(level.each),
					w: mm(load.width),
					b: mm(bay)
				})
			);
		if (load.height > level.high)
			say(
				'stop',
				'levels',
				phrase(`${name}: what stands there is {h} high, the level {c}`, { h: mm(load.height), c: mm(level.high) })
			);
		if (load.depth > inside)
			say(
				p.doors.kind === 'none' ? 'mind' : 'stop',
				'depth',
				phrase(`${name}: what stands there is {d} deep, and {i} is inside`, { d: mm(load.depth), i: mm(inside) })
			);
	});
	return found;
}

/** Housings against what they leave of the sides, and against the screws that stand in their back edges. */
function housingWarnings(p: Params, shelves: readonly BetweenInput[], screwsUp: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	if (p.shelves.kind !== 'housings' || shelves.length === 0) return found;
	const { deep } = p.shelves;
	const left = sideOf(p) - deep;
	if (left < LEAST_LEFT)
		say(
			'stop',
			'shelves',
			phrase('Housings {d} deep leave {l} of the sides: {m} at least', {
				d: mm(deep),
				l: mm(Math.max(0, left)),
				m: mm(LEAST_LEFT)
			})
		);
	else if (deep > sideOf(p) / 2)
		say('mind', 'shelves', phrase('Housings {d} deep leave {l} of the sides', { d: mm(deep), l: mm(left) }));
	// Screws stand in the middle of a side's back edge.
	const radius = screwDiameter('#8') / 2;
	const meets = (y: Millimetres) =>
		shelves.some((s) => y > s.top - boardOf(p) - radius && y < s.top + radius) && deep > sideOf(p) / 2 - radius;
	if (screwsUp.some(meets))
		say('stop', 'shelves', phrase('A screw of a side comes out in a housing: shallower housings, or another number'));
	return found;
}

/** Dividers of one level, glued between its floor and what is above. */
function dividersOf(p: Params, level: Level, i: number, inside: Millimetres): Part[] {
	if (level.bays < 2) return [];
	const step = clearOf(p, level) + boardOf(p);
	return [
		{
			id: `divider-${i + 1}`,
			name: 'divider',
			material: { kind: 'board', stock: p.stock },
			outline: plain(rectangle(inside, level.high)),
			thickness: boardOf(p),
			pinned: true,
			grain: 'y',
			features: [],
			// On edge a board stands to the left of its place.
			stands: Array.from({ length: level.bays - 1 }, (_, n) => onEdge([sideOf(p) + (n + 1) * step, floorAt(p, i), 0]))
		}
	];
}

function nameOf(i: number, last: number): string {
	if (i === 0) return 'bottom';
	return i === last ? 'top' : 'shelf';
}
const shelfEnds = (p: Params): BetweenInput['screws'] =>
	p.shelves.kind === 'screws' ? p.shelves.count : { housed: Math.min(p.shelves.deep, sideOf(p)) };

/** Every board that lies between the sides: the bottom, the shelves above it, the top. */
function lyingIn(p: Params, c: CarrierContext, doors: DoorsMade, inside: Millimetres): BetweenInput[] {
	const n = p.levels.length;
	const grooved: Record<string, Feature[]> = doors.grooves;
	return Array.from({ length: n + 1 }, (_, i): BetweenInput => {
		const outer = i === 0 || i === n;
		return {
			id: `${nameOf(i, n)}-${i}`,
			name: nameOf(i, n),
			stock: p.stock,
			side: p.sides.stock,
			width: p.width,
			depth: outer ? p.depth : inside,
			top: i === n ? heightOf(p) : floorAt(p, i),
			screws: outer ? p.ends : shelfEnds(p),
			wide: (c.loads[p.own ? i : 0] ?? c.loads[0])?.width ?? 0,
			// Where its grooves are it is not counted to bend.
			...(outer && doors.takes > 0 ? { bends: Math.max(1, p.depth - doors.takes) } : {}),
			features: grooved[nameOf(i, n)] ?? [],
			first: 1 + 2 * i
		};
	});
}

/**
 * What of all the wood a board between the sides carries: its own, that of the dividers on it, and doors that stand on
 * it.
 * @param slid how much of those doors one end takes when all are slid to it
 */
function sharedWood(
	board: Between,
	dividers: readonly Part[],
	doors: { parts: readonly Part[]; slid: number },
	whole: Kilograms
): Between {
	const own = weigh([board.part, ...dividers]).mass / whole;
	const onIt = weigh(doors.parts).mass / whole;
	const [beam, end] = board.members;
	return {
		...board,
		members: [
			{ ...beam, own: own + onIt },
			{ ...end, own: own / 2 + onIt * doors.slid }
		]
	};
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const doors = doorsOn(p.doors, openingOf(p));
	const inside = insideOf(p, doors);
	const [left, span, n] = [sideOf(p), spanOf(p), p.levels.length];
	const inputs = lyingIn(p, c, doors, inside);
	const housed = inputs.filter((i) => typeof i.screws !== 'number');
	const sides = sidesOn({
		...p.sides,
		width: p.width,
		depth: p.depth,
		height: heightOf(p),
		host: c.host.stock,
		inside: housed.map(housingOf),
		pulledAt: p.depth + doors.pulledAt
	});
	const dividers = p.levels.map((level, i) => dividersOf(p, level, i, inside));
	const lying = inputs.map(boardBetween);
	const parts = [...sides.parts, ...lying.map((b) => b.part), ...dividers.flat(), ...doors.parts];
	const whole = weigh(parts).mass;
	const floors = lying.map((b, i) => {
		const slides = i === 0 && doors.onBottom !== null;
		const standing = { parts: slides ? doors.parts : [], slid: doors.onBottom ?? 0 };
		return sharedWood(b, dividers[i] ?? [], standing, whole);
	});
	const groups = p.own ? n : 1;
	const shut = p.doors.kind === 'none' ? { open: 'a knock can push it off: doors' } : { by: 'the doors, shut' };
	return {
		parts,
		host: [],
		joints: [...sides.joints, ...lying.flatMap((b) => b.joints)],
		seats: p.levels.flatMap((level, i) => {
			const clear = clearOf(p, level);
			const load = c.loads[p.own ? i : 0];
			return Array.from({ length: level.bays * level.each }, (_, k) => {
				const [bay, nth] = [Math.floor(k / level.each), k % level.each];
				const from = bay * (clear + boardOf(p));
				const wide = Math.min(load?.width ?? 0, clear);
				// It stands anywhere in its bay: each end takes it as if all were pushed to that end of it.
				const toLeft = pushedShare(nth, wide, span) - from / span;
				const toRight = pushedShare(level.each - 1 - nth, wide, span) - (span - from - clear) / span;
				return {
					group: p.own ? i : 0,
					at: [left + from + (clear * (nth + 0.5)) / level.each, floorAt(p, i), 0] as const,
					axis: [0, 0, 1] as const,
					length: inside,
					takes: 1,
					kept: false,
					stance: 'stands' as const,
					carriedBy: floors[i]?.carriedBy(Math.max(0, toLeft), Math.max(0, toRight)) ?? []
				};
			});
		}),
		members: [sides.member, ...floors.flatMap((b) => b.members)],
		faces: sideFaces(p.width, p.depth, { ...p.sides, height: heightOf(p) }),
		sweeps: doors.sweeps,
		retention: Array.from({ length: groups }, () => ({
			forward: shut,
			sideways: { by: 'the sides' },
			up: { by: 'what is above it' },
			back: c.host.uprights ? { open: 'the wall, between the battens: a back of one board' } : { by: 'the face' }
		})),
		taken: { left: 0, right: p.width, low: 0, high: heightOf(p) },
		warnings: [
			...levelWarnings(p, c, inside),
			...housingWarnings(p, housed, sides.joints[0]?.places.map(([, y]) => y) ?? []),
			...doors.warnings,
			...(c.host.uprights
				? [
						{
							level: 'mind' as const,
							field: 'depth',
							message: phrase('An open back: dust gets in, and it can go out of square: a back of one board')
						}
					]
				: [])
		]
	};
}

/** A longer shelf sags between its sides under a full load. */
const WIDEST: Millimetres = 700;
/** Narrower, and a sliding panel leaves too little of it open. */
const LEAST_SLIDING: Millimetres = 250;
/** Sides as high as they may be. */
const HIGHEST: Millimetres = 1200;

/** Doors for a new one: they slide where each is wide enough to be taken hold of, else one hangs on hinges. */
function doorsFor(o: Opening, unit: Wanted['unit']): Params['doors'] {
	const sliding = { kind: 'sliding' as const, ...startsOf(SLIDING, unit) };
	if (clearBetween(o.width, o.side) < LEAST_SLIDING)
		return { kind: 'hinged', ...startsOf(HINGED, unit), leaves: 'left' };
	return { ...sliding, play: playFor(sliding, o) };
}

/** A cabinet for what stands on a base and wants a cover: bays as wide as one, levels as high, doors before them. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims, cover } = w.thing;
	if (grip !== null && grip !== 'shelf' && grip !== 'loose') return fail('it does not stand on a base');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const { wide, deep, high: stands } = onBase(known.value, dims);
	const start = coveredCabinet.start(w.unit) as Params;
	const [board, side] = [boardOf(start), sideOf(start)];
	const bay = wide + 2 * ROOM.clear;
	const high = Math.max(20, stands + ROOM.fingers);
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const most = Math.max(1, Math.floor((Math.min(w.widest, WIDEST) - 2 * side + board) / (bay + board)));
	// About as wide as high.
	const square = Math.ceil(Math.sqrt((wanted * high) / bay));
	const bays = Math.min(20, most, Math.max(1, square));
	const tallest = Math.max(1, Math.floor((HIGHEST - board) / (high + board)));
	const levels = Math.min(MOST_LEVELS, tallest, Math.ceil(wanted / bays));
	const width = Math.max(100, bays * bay + (bays - 1) * board + 2 * side);
	const tall = board + levels * (high + board);
	const doors: Params['doors'] = cover
		? doorsFor({ ...openingOf(start), width, height: tall }, w.unit)
		: { kind: 'none' };
	const before = doors.kind === 'none' ? 0 : doorsOn(doors, openingOf({ ...start, width })).takes + BEHIND_DOORS;
	const depth = Math.max(40, deep + ROOM.clear + before);
	const seats = bays * levels;
	return ok({
		params: {
			...start,
			width,
			depth,
			levels: Array.from({ length: levels }, () => ({ high, bays, each: 1 })),
			doors,
			sides: { ...start.sides, screws: Math.min(12, Math.max(3, Math.round(tall / 90))) }
		},
		sums: [
			{ label: 'bay, clear', sum: phrase('wide {w} + 2 × {c}', { w: mm(wide), c: mm(ROOM.clear) }), value: bay },
			{
				label: 'level, clear',
				sum: phrase('high {h} + {f} for fingers', { h: mm(stands), f: mm(ROOM.fingers) }),
				value: high
			},
			{
				label: 'wide',
				sum: phrase('{n} × {b} + {d} × {t} + 2 × {s}', {
					n: count(bays),
					b: mm(bay),
					d: count(bays - 1),
					t: mm(board),
					s: mm(side)
				}),
				value: width
			},
			{
				label: 'out',
				sum: phrase('deep {d} + {c}, and {g} for the doors', { d: mm(deep), c: mm(ROOM.clear), g: mm(before) }),
				value: depth
			},
			{
				label: 'high',
				sum: phrase('{n} × ({h} + {t}) + {t}', { n: count(levels), h: mm(high), t: mm(board) }),
				value: tall
			}
		],
		back: { width, height: backFor(depth, tall) },
		y: 0,
		load: { ...known.value, width: wide, depth: deep, height: stands, count: Math.min(w.count, seats) },
		seats,
		apt: cover
	});
}

/** As many levels as it takes, more of them as the highest is. */
function withSeats(p: Params, seats: number): Params {
	const levels: Level[] = [];
	const [first] = p.levels;
	for (let left = Math.max(1, seats); left > 0 && first && levels.length < MOST_LEVELS;) {
		const level = p.levels[levels.length] ?? p.levels.at(-1) ?? first;
		levels.push(level);
		left -= level.bays * level.each;
	}
	return { ...p, levels };
}

export const coveredCabinet = defineCarrier({
	kind: 'covered-cabinet',
	title: 'Cabinet',
	about: 'Sides, top, bottom, shelves and dividers, open or behind doors: bins, tins and what dust must not reach.',
	fields,
	grips: ['shelf', 'loose'],
	on: ['front'],
	through: true,
	groups: (p) => (p.own ? p.levels.map((_, i) => `on level ${i + 1}`) : ['in the cabinet']),
	effort: (p) => p.levels.reduce((n, l) => n + l.bays * l.each + l.bays, 0) + 10,
	build,
	describe: (p) => {
		const n = p.levels.length;
		const DOORED = { none: '', sliding: ' with sliding doors', hinged: ' with doors', flap: ' with a flap' };
		return phrase(`cabinet${DOORED[p.doors.kind]}, ${n} ${n === 1 ? 'level' : 'levels'}, {w@tape} × {h@tape}`, {
			w: mm(p.width),
			h: mm(heightOf(p))
		});
	},
	fit,
	suits: (p, thing) => [
		...mustGoIn(
			'width',
			thing.dims.baseWidth ?? thing.width,
			Math.max(...p.levels.map((l) => clearOf(p, l))),
			'widest bay'
		),
		...mustGoIn('height', thing.height, Math.max(...p.levels.map((l) => l.high)), 'highest level'),
		...mustGoIn('depth', thing.dims.baseDepth ?? thing.depth, insideOf(p, doorsOn(p.doors, openingOf(p))), 'cabinet')
	],
	withSeats,
	changes: (p) => [
		moreInSides(p),
		moreInEnds(p, 'the bottom'),
		...(p.shelves.kind === 'housings' && p.shelves.deep < sideOf(p) / 2
			? [
					{
						text: phrase('Housings {d@tape} deep', { d: mm(sideOf(p) / 2) }),
						params: { ...p, shelves: { kind: 'housings' as const, deep: sideOf(p) / 2 } },
						effort: 'another part' as const
					}
				]
			: [])
	],
	mirrored: (p, loads) => ({ params: { ...p, doors: mirroredDoors(p.doors) }, loads }),
	watch: ['the middle of the bottom: does it sag, do doors bind?', 'the sides: do they pull off the back?'],
	sums: (p) => {
		const doors = doorsOn(p.doors, openingOf(p));
		const diagonal = Math.hypot(p.width, heightOf(p));
		return [
			...p.levels.map((l, i) =>
				phrase(`level ${i + 1}: floor at {f}; ({w} - {n} × {t}) / {m} is {b} clear each`, {
					f: mm(floorAt(p, i)),
					w: mm(spanOf(p)),
					n: count(l.bays - 1),
					t: mm(boardOf(p)),
					m: count(l.bays),
					b: mm(clearOf(p, l))
				})
			),
			phrase('square when both diagonals are √({w}² + {h}²) = {d}', {
				w: mm(p.width),
				h: mm(heightOf(p)),
				d: mm(diagonal)
			}),
			...doors.sums,
			phrase(doors.dust)
		];
	}
});
