import { angleField, lengthField, type ValuesOf } from '../form/field';
import { hinge } from '../materials/hinges';
import { stock } from '../materials/stocks';
import { upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { angle, count, mass, mm, phrase } from '../units/phrase';
import { inch, radians, type Kilograms, type Millimetres } from '../units/quantity';
import type { Found, Sweep } from './carrier';
import { findings } from './findings';
import { hingeFields, hingePart, hingesTake } from './hinge-leaf';
import { clearOf, HINGE_GAP, NO_DOORS, type DoorsMade, type Opening } from './opening';
import { boardField } from './plate';
import { spacingPositions } from './spacing';

/** One door on hinges along the top: it lifts up. */
export const FLAP = {
	stock: boardField('Flap of', ['ply-12', 'ply-1/2']),
	gap: lengthField('Gap about it', 0, 20, [2, inch(1 / 16)]),
	opens: angleField('Opens by', 60, 180, 90),
	...hingeFields(8)
};
type Flap = ValuesOf<typeof FLAP>;

const END: Millimetres = 80;
const wideOf = (f: Flap, o: Opening): Millimetres => Math.max(1, o.width - 2 * f.gap);
const highOf = (f: Flap, o: Opening): Millimetres => Math.max(1, o.height - 2 * f.gap);
const massOf = (f: Flap, o: Opening): Kilograms => {
	const { thickness, density } = stock(f.stock);
	return (wideOf(f, o) * highOf(f, o) * thickness * density) / 1e9;
};

/** It pulls most where it stands straight out. */
function flapPart(f: Flap, o: Opening): Part {
	const [high, z] = [highOf(f, o), o.depth + HINGE_GAP];
	const turn = radians(Math.min(90, f.opens));
	const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
	const top = f.gap + high;
	return {
		id: 'flap',
		name: 'flap',
		material: { kind: 'board', stock: f.stock },
		outline: plain(rectangle(wideOf(f, o), high)),
		thickness: stock(f.stock).thickness,
		door: true,
		grain: 'x',
		features: [],
		stands: [upright([f.gap, f.gap, z])],
		open: [{ at: [f.gap, top - high * cos, z + high * sin], x: [1, 0, 0], y: [0, cos, -sin] }]
	};
}

/** Along the front edge of the top, pins along it. */
function hingesOn(f: Flap, o: Opening): Part {
	const { length, leaf } = hinge(f.hinge);
	const margin = Math.max(Math.min(END, o.width / 4), length / 2);
	const at = spacingPositions(o.width, { kind: 'end-margins', count: f.count, margin });
	return hingePart(
		f.hinge,
		HINGE_GAP,
		at.map((x) => ({ at: [x + length / 2, o.height - leaf, o.depth], x: [0, 0, 1], y: [0, 1, 0] }))
	);
}

/** A box about all it goes through: before the front, and above the top where it opens past level. */
function sweepOf(f: Flap, o: Opening): Sweep {
	const [high, z] = [highOf(f, o) + stock(f.stock).thickness, o.depth];
	const top = f.gap + highOf(f, o);
	const above = f.opens > 90 ? high * Math.sin(radians(f.opens - 90)) : stock(f.stock).thickness;
	return {
		name: 'flap',
		solids: [{ kind: 'box', x: [f.gap, f.gap + wideOf(f, o)], y: [top - highOf(f, o), top + above], z: [z, z + high] }]
	};
}

function warningsOf(f: Flap, o: Opening): Found[] {
	const { found, say } = findings();
	const { length, leaf } = hinge(f.hinge);
	const { low: board } = clearOf(o);
	if (leaf > board + 0.01)
		say(
			'stop',
			'doors',
			phrase('A hinge leaf of {l} is wider than the edge of the top, {s}', { l: mm(leaf), s: mm(board) })
		);
	if (f.count * length > o.width)
		say('stop', 'doors', phrase('{n} hinges of {l} are wider than the flap', { n: count(f.count), l: mm(length) }));
	if (massOf(f, o) > hingesTake(f))
		say(
			'mind',
			'doors',
			phrase('The flap weighs {m}, more than these hinges are taken for: larger ones, or more', {
				m: mass(massOf(f, o))
			})
		);
	say('mind', 'doors', phrase('An open flap falls on hands and heads: a stay or a prop must hold it up'));
	return found;
}

/**
 * A flap for a box; weighed where it stands straight out.
 * @example flapOn(startsOf(FLAP, 'mm'), opening).sweeps[0]?.name // 'flap'
 */
export const flapOn = (f: Flap, o: Opening): DoorsMade => ({
	...NO_DOORS,
	parts: [flapPart(f, o), hingesOn(f, o)],
	sweeps: [sweepOf(f, o)],
	pulledAt: HINGE_GAP + highOf(f, o),
	warnings: warningsOf(f, o),
	sums: [phrase('flap: {w} × {h}, opened by {a}', { w: mm(wideOf(f, o)), h: mm(highOf(f, o)), a: angle(f.opens) })],
	dust: 'closed by a flap: a gap of a few millimetres stays about it'
});
