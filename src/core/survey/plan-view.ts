import { box, type Drawing, type Shape } from '../drawing/shapes';
import type { Obstruction, Wall } from '../plan/types';
import { mm, phrase } from '../units/phrase';
import { nameOf } from './names';
import type { Solid } from '../solid/room';
import { sweptBy } from './swept';

const STEPS = 24;
/** Thickness the wall is drawn with, mm. */
const THICK = 80;

/** A solid seen from above: out into the room is down. */
function fromAbove(s: Solid): Shape {
	if (s.kind === 'box') return box(s.x[0], -s.z[1], s.x[1] - s.x[0], s.z[1] - s.z[0], 'bent');
	const round = Array.from({ length: STEPS + 1 }, (_, i) => {
		const a = s.from + ((s.to - s.from) * i) / STEPS;
		return [s.x + s.radius * Math.cos(a), -(s.z + s.radius * Math.sin(a))] as const;
	});
	return { kind: 'line', points: [[s.x, -s.z], ...round, [s.x, -s.z]], look: 'bent' };
}

/**
 * An obstruction seen from above, with the room it sweeps and needs: the wall at the top, the room below it.
 * @example planView(door, wall).shapes.length
 */
export function planView(o: Obstruction, wall: Pick<Wall, 'width'>): Drawing {
	const { fixed, moving, clear } = sweptBy(o);
	const all = [...fixed, ...moving, ...clear];
	const deep = all.reduce((most, s) => Math.max(most, s.kind === 'box' ? s.z[1] : s.z + s.radius), 100);
	const left = Math.max(0, o.x - 300);
	const right = Math.min(wall.width, o.x + o.width + 300);
	return {
		title: `${nameOf(o)} seen from above`,
		shapes: [
			box(left, 0, Math.max(100, right - left), THICK, 'wall'),
			...fixed.map((s): Shape =>
				s.kind === 'box' ? box(s.x[0], -s.z[1], s.x[1] - s.x[0], s.z[1] - s.z[0], 'thing') : fromAbove(s)
			),
			...[...moving, ...clear].map(fromAbove),
			{ kind: 'measure', from: [right, -deep], to: [right, 0], side: 'right', label: phrase('{d}', { d: mm(deep) }) }
		]
	};
}
