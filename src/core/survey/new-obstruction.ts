import type { Motion, Obstruction, ObstructionKind, Wall } from '../plan/types';
import { roundToTape } from '../units/format-length';
import type { LengthUnit } from '../units/parse-length';
import { inch } from '../units/quantity';
import { OBSTRUCTION_WORDS } from './names';
import { lowestTop, tallest } from './outline';

type Start = Omit<Obstruction, 'id' | 'kind' | 'name' | 'x' | 'how'>;
const whole = 100_000;

/** How things move, to begin with. */
export const NEW_MOTIONS: { [K in Motion['kind']]: Extract<Motion, { kind: K }> } = {
	swing: { kind: 'swing', hinge: 'left', angle: 90, into: 'room' },
	overhead: { kind: 'overhead', rise: 380, travel: 2600 },
	'car-doors': { kind: 'car-doors', nose: 'left', hinge: 1500, leaf: 1100, doors: 2, angle: 60 },
	'clear-above': { kind: 'clear-above', height: 2000 }
};

/** Sizes to begin with; each is marked as not measured until somebody does. Heights of `whole` reach the top. */
const START: Record<ObstructionKind, Start> = {
	window: { width: 900, height: 800, y: 1200, motion: null },
	door: { width: 800, height: 2000, y: 0, motion: NEW_MOTIONS.swing },
	outlet: { width: 90, height: 120, y: 1000, out: 12 },
	switch: { width: 90, height: 120, y: 1100, out: 12 },
	'service-panel': { width: 400, height: 600, y: 1200, out: 100 },
	pipe: { width: 30, height: whole, y: 0, out: 40 },
	cable: { width: 30, height: whole, y: 0, hidden: true },
	'overhead-door': { width: 2400, height: 2100, y: 0, motion: NEW_MOTIONS.overhead },
	rail: { width: 2600, height: 150, y: 2150, out: 200 },
	opener: { width: 800, height: 250, y: 2250, near: 600, out: 1000 },
	radiator: { width: 900, height: 600, y: 150, out: 110 },
	light: { width: 1200, height: 100, y: 2350, near: 800, out: 950 },
	car: { width: 4300, height: 1450, y: 0, near: 900, out: 2700, motion: NEW_MOTIONS['car-doors'] },
	stairs: { width: 900, height: 1200, y: 0, out: 900, motion: NEW_MOTIONS['clear-above'] },
	bench: { width: 1500, height: 900, y: 0, out: 650 },
	machine: { width: 700, height: 1100, y: 0, out: 700 },
	other: { width: 400, height: 400, y: 800 }
};

/** The same where doors are 30 x 80 in and outlets are mounted to feet and inches. */
const IN_INCHES: Record<ObstructionKind, Partial<Start>> = {
	window: { width: inch(36), height: inch(30), y: inch(48) },
	door: { width: inch(30), height: inch(80) },
	outlet: { width: inch(3), height: inch(5), y: inch(16), out: inch(0.5) },
	switch: { width: inch(3), height: inch(5), y: inch(46), out: inch(0.5) },
	'service-panel': { width: inch(16), height: inch(30), y: inch(42), out: inch(4) },
	pipe: { width: inch(1), out: inch(1.5) },
	cable: { width: inch(1) },
	'overhead-door': {
		width: inch(96),
		height: inch(84),
		motion: { kind: 'overhead', rise: inch(15), travel: inch(96) }
	},
	rail: { width: inch(96), height: inch(6), y: inch(85), out: inch(8) },
	opener: { width: inch(30), height: inch(10), y: inch(88), near: inch(24), out: inch(40) },
	radiator: { width: inch(36), height: inch(24), y: inch(6), out: inch(4.5) },
	light: { width: inch(48), height: inch(4), y: inch(90), near: inch(32), out: inch(38) },
	car: {
		width: inch(180),
		height: inch(58),
		near: inch(36),
		out: inch(108),
		motion: { kind: 'car-doors', nose: 'left', hinge: inch(60), leaf: inch(44), doors: 2, angle: 60 }
	},
	stairs: { width: inch(36), height: inch(48), out: inch(36), motion: { kind: 'clear-above', height: inch(80) } },
	bench: { width: inch(60), height: inch(36), out: inch(26) },
	machine: { width: inch(28), height: inch(44), out: inch(28) },
	other: { width: inch(16), height: inch(16), y: inch(32) }
};

/** Kinds in the order they are offered. */
export const OBSTRUCTION_KINDS = Object.keys(START) as ObstructionKind[];

/**
 * An obstruction to begin with, in the middle of the wall and no larger than it.
 * @example newObstruction('door', wall, 'o9').height // 2000
 */
export function newObstruction(kind: ObstructionKind, wall: Wall, id: string, unit: LengthUnit = 'mm'): Obstruction {
	const start: Start = unit === 'inch' ? { ...START[kind], ...IN_INCHES[kind] } : START[kind];
	const off = (start.near ?? 0) > 0;
	const width = off ? start.width : Math.min(start.width, wall.width);
	const x = Math.max(0, roundToTape((wall.width - width) / 2, unit));
	const top = off ? tallest(wall) : lowestTop(wall, x, x + width);
	const height = Math.min(start.height, Math.max(10, top));
	return {
		...start,
		id,
		kind,
		name: OBSTRUCTION_WORDS[kind],
		x,
		width,
		height,
		y: Math.max(0, Math.min(start.y, Math.floor(top - height))),
		how: 'guess'
	};
}
