import { angleField, choiceField, lengthField, type ValuesOf } from '../form/field';
import { hinge } from '../materials/hinges';
import { stock } from '../materials/stocks';
import { upright, type Frame } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { angle, count, mass, mm, newtons, phrase } from '../units/phrase';
import { GRAVITY, inch, radians, type Kilograms, type Millimetres } from '../units/quantity';
import type { Found, Sweep } from './carrier';
import { findings } from './findings';
import { hingeFields, hingePart, hingesTake } from './hinge-leaf';
import { clearOf, HINGE_GAP, NO_DOORS, type DoorsMade, type Opening } from './opening';
import { boardField } from './plate';
import { spacingPositions } from './spacing';

/** Doors on upright hinges before the front edges of the sides. */
export const HINGED = {
	stock: boardField('Doors of', ['ply-12', 'ply-1/2']),
	leaves: choiceField(
		'How many',
		[
			{ value: 'two', name: 'Two' },
			{ value: 'left', name: 'One, hinged on the left' },
			{ value: 'right', name: 'One, hinged on the right' }
		],
		'two'
	),
	gap: lengthField('Gap about each', 0, 20, [2, inch(1 / 16)]),
	opens: angleField('Opens by', 60, 180, 110),
	...hingeFields(6)
};
type Hinged = ValuesOf<typeof HINGED>;

/** The outer hinges stand so far from a door's ends. */
const END: Millimetres = 60;

/** One door: which side it hangs on, and where it begins along. */
interface Door {
	hand: 'left' | 'right';
	from: Millimetres;
	wide: Millimetres;
}

function doorsOf(d: Hinged, o: Opening): Door[] {
	const one = Math.max(1, o.width - 2 * d.gap);
	const half = Math.max(1, (o.width - 3 * d.gap) / 2);
	if (d.leaves !== 'two') return [{ hand: d.leaves, from: d.gap, wide: one }];
	return [
		{ hand: 'left', from: d.gap, wide: half },
		{ hand: 'right', from: o.width - d.gap - half, wide: half }
	];
}

const highOf = (d: Hinged, o: Opening): Millimetres => Math.max(1, o.height - 2 * d.gap);
const massOf = (d: Hinged, o: Opening, { wide }: Door): Kilograms => {
	const { thickness, density } = stock(d.stock);
	return (wide * highOf(d, o) * thickness * density) / 1e9;
};

/** Square out from the box, which pulls most; less where it does not open so far. */
function openFrame(d: Hinged, o: Opening, door: Door): Frame {
	const turn = radians(Math.min(90, d.opens));
	const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
	const z = o.depth + HINGE_GAP;
	if (door.hand === 'left') return { at: [door.from, d.gap, z], x: [cos, 0, sin], y: [0, 1, 0] };
	const edge = door.from + door.wide;
	return { at: [edge - door.wide * cos, d.gap, z + door.wide * sin], x: [cos, 0, -sin], y: [0, 1, 0] };
}

function doorPart(d: Hinged, o: Opening, door: Door): Part {
	const name = d.leaves === 'two' ? `${door.hand} door` : 'door';
	return {
		id: name.replace(' ', '-'),
		name,
		material: { kind: 'board', stock: d.stock },
		outline: plain(rectangle(door.wide, highOf(d, o))),
		thickness: stock(d.stock).thickness,
		door: true,
		grain: 'y',
		features: [],
		stands: [upright([door.from, d.gap, o.depth + HINGE_GAP])],
		open: [openFrame(d, o, door)]
	};
}

/** Heights of a door's hinges, their middles. */
const hingesUp = (d: Hinged, o: Opening): Millimetres[] => {
	const high = highOf(d, o);
	const margin = Math.max(Math.min(END, high / 4), hinge(d.hinge).length / 2);
	return spacingPositions(high, { kind: 'end-margins', count: d.count, margin }).map((y) => y + d.gap);
};

/** Leaves on the front edges of the sides, pins up. */
function hingesOn(d: Hinged, o: Opening, doors: readonly Door[]): Part {
	const { length } = hinge(d.hinge);
	const stands = doors.flatMap(({ hand }) =>
		hingesUp(d, o).map((y): Frame => {
			if (hand === 'left') return { at: [0, y - length / 2, o.depth], x: [0, 0, 1], y: [1, 0, 0] };
			return { at: [o.width, y + length / 2, o.depth], x: [0, 0, 1], y: [-1, 0, 0] };
		})
	);
	return hingePart(d.hinge, HINGE_GAP, stands);
}

function sweepOf(d: Hinged, o: Opening, door: Door): Sweep {
	const { thickness } = stock(d.stock);
	// Its front is past its hinge: it goes so much further round.
	const turn = radians(d.opens) + Math.atan2(thickness + HINGE_GAP, door.wide);
	return {
		name: d.leaves === 'two' ? `${door.hand} door` : 'door',
		solids: [
			{
				kind: 'sector',
				x: door.hand === 'left' ? 0 : o.width,
				z: o.depth,
				radius: Math.hypot(door.wide + d.gap, thickness + HINGE_GAP),
				from: door.hand === 'left' ? 0 : Math.PI - turn,
				to: door.hand === 'left' ? turn : Math.PI,
				y: [d.gap, d.gap + highOf(d, o)]
			}
		]
	};
}

/** What the upper hinge is pulled by while a door hangs open. */
function pullOf(d: Hinged, o: Opening, door: Door): { pull: number; apart: Millimetres } {
	const up = hingesUp(d, o);
	const apart = Math.max(1, (up.at(-1) as number) - (up[0] as number));
	return { pull: (massOf(d, o, door) * GRAVITY * door.wide) / 2 / apart, apart };
}

function warningsOf(d: Hinged, o: Opening, doors: readonly Door[]): Found[] {
	const { found, say } = findings();
	const { length, leaf } = hinge(d.hinge);
	const { left: side } = clearOf(o);
	if (leaf > side + 0.01)
		say(
			'stop',
			'doors',
			phrase('A hinge leaf of {l} is wider than the edge of its side, {s}', { l: mm(leaf), s: mm(side) })
		);
	if (d.count * length > highOf(d, o))
		say(
			'stop',
			'doors',
			phrase('{n} hinges of {l} are higher than the door, {h}', {
				n: count(d.count),
				l: mm(length),
				h: mm(highOf(d, o))
			})
		);
	const [door] = doors;
	if (!door) return found;
	const weighs = massOf(d, o, door);
	const { pull, apart } = pullOf(d, o, door);
	const most = (hinge(d.hinge).pair / 2) * GRAVITY;
	if (weighs > hingesTake(d))
		say(
			'mind',
			'doors',
			phrase('A door weighs {m}, more than these hinges are taken for: larger ones, or more', { m: mass(weighs) })
		);
	else if (pull > most)
		say(
			'mind',
			'doors',
			phrase('Open, a door {w} wide pulls its upper hinge with {p}, and one is taken for {t}: hinges {a} apart', {
				w: mm(door.wide),
				p: newtons(pull),
				t: newtons(most),
				a: mm(apart)
			})
		);
	return found;
}

/**
 * Doors on hinges for a box; weighed where they stand open.
 * @example hingedOn(startsOf(HINGED, 'mm'), opening).sweeps.length // 2
 */
export function hingedOn(d: Hinged, o: Opening): DoorsMade {
	const doors = doorsOf(d, o);
	const wide = Math.max(...doors.map((door) => door.wide));
	return {
		...NO_DOORS,
		parts: [...doors.map((door) => doorPart(d, o, door)), hingesOn(d, o, doors)],
		sweeps: doors.map((door) => sweepOf(d, o, door)),
		pulledAt: HINGE_GAP + wide,
		warnings: warningsOf(d, o, doors),
		sums: [
			phrase('doors: {w} × {h}, opened by {a} they come {s} before the box', {
				w: mm(wide),
				h: mm(highOf(d, o)),
				a: angle(d.opens),
				s: mm(HINGE_GAP + wide)
			}),
			phrase('open, the upper hinge is pulled by {p}: weight × half the width / {a} between hinges', {
				p: newtons(pullOf(d, o, doors[0] as Door).pull),
				a: mm(pullOf(d, o, doors[0] as Door).apart)
			})
		],
		dust: 'closed by doors: a gap of a few millimetres stays about them'
	};
}
