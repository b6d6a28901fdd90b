import { workingSpace } from './service-panel';
import { remembering } from '../remembering';
import type { Motion, Obstruction, ObstructionKind } from '../plan/types';
import { radians, type Millimetres } from '../units/quantity';
import type { Box3, Solid, Span } from '../solid/room';

/** What an obstruction takes as it stands, what it sweeps as it moves, and what must stay clear about it. */
export interface Swept {
	fixed: Solid[];
	moving: Solid[];
	clear: Solid[];
}

/** How far things usually stand out, where nobody measured it: enough that nothing flat is put over them. */
const USUAL_OUT: Partial<Record<ObstructionKind, Millimetres>> = {
	bench: 600,
	machine: 600,
	car: 1800,
	radiator: 100,
	'service-panel': 100,
	stairs: 900,
	opener: 400,
	rail: 150
};
const LEAST_OUT = 20;

/** How far an obstruction stands out from the wall. @example outOf({ kind: 'bench', out: undefined }) // 600 */
export function outOf(o: Pick<Obstruction, 'kind' | 'out' | 'near'>): Millimetres {
	return Math.max(o.out ?? USUAL_OUT[o.kind] ?? LEAST_OUT, (o.near ?? 0) + 1);
}

type Sector = Extract<Solid, { kind: 'sector' }>;

/**
 * A leaf on an upright hinge, closed along `closed` (in the plan) and opened by `turn`, which may go either way round.
 */
function leaf(x: Millimetres, z: Millimetres, radius: Millimetres, closed: number, turn: number, y: Span): Sector {
	return {
		kind: 'sector',
		x,
		z,
		radius,
		from: Math.min(closed, closed + turn),
		to: Math.max(closed, closed + turn),
		y
	};
}

function swings(o: Obstruction, m: Extract<Motion, { kind: 'swing' }>): Solid[] {
	if (m.into === 'away' || m.angle === 0) return [];
	const z = o.near !== undefined || o.out !== undefined ? outOf(o) : 0;
	const y: Span = [o.y, o.y + o.height];
	const wide = m.hinge === 'both' ? o.width / 2 : o.width;
	const turn = radians(m.angle);
	return [
		...(m.hinge !== 'right' ? [leaf(o.x, z, wide, 0, turn, y)] : []),
		...(m.hinge !== 'left' ? [leaf(o.x + o.width, z, wide, Math.PI, -turn, y)] : [])
	];
}

/** Doors on the side towards the wall, hinged at their front end. */
function carDoors(o: Obstruction, m: Extract<Motion, { kind: 'car-doors' }>): Solid[] {
	const y: Span = [o.y, o.y + o.height];
	const left = m.nose === 'left';
	return Array.from({ length: m.doors }, (_, i) => {
		const along = m.hinge + i * m.leaf;
		const turn = radians(m.angle);
		return leaf(
			left ? o.x + along : o.x + o.width - along,
			o.near ?? 0,
			m.leaf,
			left ? 0 : -Math.PI,
			left ? -turn : turn,
			y
		);
	});
}

function moving(o: Obstruction): Solid[] {
	const { motion } = o;
	switch (motion?.kind) {
		case 'swing':
			return swings(o, motion);
		case 'overhead':
			return [
				{
					kind: 'box',
					x: [o.x, o.x + o.width],
					y: [o.y + o.height, o.y + o.height + motion.rise],
					z: [0, motion.travel]
				}
			];
		case 'car-doors':
			return carDoors(o, motion);
		default:
			return [];
	}
}

function clear(o: Obstruction): Solid[] {
	const found: Solid[] = [];
	if (o.motion?.kind === 'clear-above')
		found.push({
			kind: 'box',
			x: [o.x, o.x + o.width],
			y: [o.y + o.height, o.y + o.height + o.motion.height],
			z: [o.near ?? 0, outOf(o)]
		});
	if (o.kind === 'service-panel') {
		const w = workingSpace(o);
		found.push({ kind: 'box', x: [w.left, w.right], y: [w.low, w.high], z: [0, w.depth] });
	}
	return found;
}

/**
 * The room an obstruction takes, sweeps and needs. What is hidden in the wall takes none before it. Worked out once for
 * each.
 * @example sweptBy({ ...door, motion: { kind: 'swing', hinge: 'left', angle: 90, into: 'room' } }).moving.length // 1
 */
export const sweptBy = remembering((o: Obstruction): Swept => {
	const body: Box3 = { x: [o.x, o.x + o.width], y: [o.y, o.y + o.height], z: [o.near ?? 0, outOf(o)] };
	return { fixed: o.hidden ? [] : [{ kind: 'box', ...body }], moving: moving(o), clear: clear(o) };
});
