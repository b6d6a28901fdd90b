import { weigh } from '../solid/weigh';
import { count, mm, phrase } from '../units/phrase';
import { boardBetween, housingOf } from './between';
import { dividersOf, lyingIn, sharedWood } from './cabinet-boards';
import { housingWarnings, levelWarnings } from './cabinet-faults';
import {
	boardOf,
	CABINET,
	clearOf,
	floorAt,
	heightOf,
	insideOf,
	MOST_LEVELS,
	openingOf,
	sideOf,
	spanOf,
	type Cabinet,
	type Level
} from './cabinet-figures';
import { cabinetFor } from './cabinet-fit';
import { defineCarrier, type BuiltCarrier, type CarrierContext } from './carrier';
import { moreInEnds, moreInSides } from './changes';
import { doorsOn, mirroredDoors } from './doors';
import { pushedShare, sideFaces, sidesOn } from './sides';
import { mustGoIn } from './suits';

function build(p: Cabinet, c: CarrierContext): BuiltCarrier {
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

/** As many levels as it takes, more of them as the highest is. */
function withSeats(p: Cabinet, seats: number): Cabinet {
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
	fields: CABINET,
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
	fit: cabinetFor,
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
