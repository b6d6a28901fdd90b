import { describe, expect, it } from 'vitest';
import { emptyWall } from '../plan/empty-wall';
import type { Obstruction, Wall } from '../plan/types';
import { inTheWay } from './in-the-way';
import { alongWall, meets, type Box3, type Solid } from '../solid/room';
import { sweptBy } from './swept';

const door = (more: Partial<Obstruction> = {}): Obstruction => ({
	id: 'd',
	kind: 'door',
	name: 'door',
	x: 1000,
	y: 0,
	width: 800,
	height: 2000,
	motion: { kind: 'swing', hinge: 'left', angle: 90, into: 'room' },
	...more
});
const wall = (...obstructions: Obstruction[]): Wall => ({ ...emptyWall('W').wall, width: 5000, obstructions });
const at = (x: [number, number], y: [number, number], z: [number, number]): Box3 => ({ x, y, z });
const how = (w: Wall, box: Box3) => inTheWay(w, box).map((i) => i.how);

/* Every figure here is worked by hand from the drawing in plan: hinge at (1000, 0), leaf 800. */
describe('a door that swings by a quarter into the room', () => {
	const w = wall(door());
	it('stands in its opening', () => expect(how(w, at([900, 1100], [500, 560], [0, 18]))).toEqual(['stands']));
	it('sweeps what lies within 800 of its hinge', () => {
		// (1500, 600): 500² + 600² = 610,000, its root 781.
		expect(how(w, at([1490, 1500], [500, 600], [590, 600]))).toEqual(['moves']);
		// The near corner of this box is (1560, 580): 560² + 580² = 650,000, its root 806.
		expect(how(w, at([1560, 1600], [500, 600], [580, 640]))).toEqual([]);
	});
	it('sweeps nothing left of its hinge, nor above its head', () => {
		expect(how(w, at([800, 990], [500, 600], [100, 300]))).toEqual([]);
		expect(how(w, at([1100, 1300], [2010, 2100], [0, 400]))).toEqual([]);
	});
	it('is met by a thing that crosses it without a corner in it', () =>
		expect(how(w, at([900, 1900], [500, 600], [300, 340]))).toEqual(['moves']));
});

describe('other doors', () => {
	it('flat against the wall cover as much wall beside the hinge', () => {
		const w = wall(door({ motion: { kind: 'swing', hinge: 'left', angle: 180, into: 'room' } }));
		expect(how(w, at([300, 500], [1000, 1060], [0, 18]))).toEqual(['moves']);
		expect(how(w, at([100, 195], [1000, 1060], [0, 18]))).toEqual([]);
	});
	it('on a right hinge sweep the other way', () => {
		const w = wall(door({ motion: { kind: 'swing', hinge: 'right', angle: 120, into: 'room' } }));
		// 120° from closed lies 30° past square: 800 sin 30 = 400 to the right of the hinge at 1800.
		expect(how(w, at([1900, 1950], [500, 600], [650, 700]))).toEqual(['moves']);
		expect(how(w, at([2250, 2300], [500, 600], [100, 200]))).toEqual([]);
	});
	it('of two leaves sweep half as far each', () => {
		const two = wall(door({ motion: { kind: 'swing', hinge: 'both', angle: 90, into: 'room' } }));
		expect(how(two, at([1010, 1050], [500, 600], [420, 500]))).toEqual([]);
		expect(how(two, at([1010, 1050], [500, 600], [300, 380]))).toEqual(['moves']);
	});
	it('that open away sweep nothing here', () =>
		expect(sweptBy(door({ motion: { kind: 'swing', hinge: 'left', angle: 90, into: 'away' } })).moving).toEqual([]));
	it('overhead travel above their head, into the room', () => {
		const w = wall(
			door({ kind: 'overhead-door', width: 2400, height: 2100, motion: { kind: 'overhead', rise: 380, travel: 2600 } })
		);
		expect(how(w, at([1200, 1400], [2200, 2300], [0, 300]))).toEqual(['moves']);
		expect(how(w, at([1200, 1400], [2490, 2600], [0, 300]))).toEqual([]);
		expect(how(w, at([3450, 3600], [2200, 2300], [0, 300]))).toEqual([]);
	});
});

describe('a car beside the wall', () => {
	// Nose left at 500, gap of 900; front hinge 1500 behind the nose, doors 1100 long, opened by 60°.
	const car: Obstruction = {
		id: 'c',
		kind: 'car',
		name: 'car',
		x: 500,
		y: 0,
		width: 4300,
		height: 1450,
		near: 900,
		out: 2700,
		motion: { kind: 'car-doors', nose: 'left', hinge: 1500, leaf: 1100, doors: 1, angle: 60 }
	};
	const w = wall(car);
	it('leaves the wall behind it free', () => expect(how(w, at([600, 1600], [800, 900], [0, 300]))).toEqual([]));
	it('opens its door towards the wall: its end reaches 1100 sin 60 = 953, more than the gap', () => {
		// Opened, the end stands at (2000 + 1100 cos 60, 900 - 953) = (2550, -53).
		expect(how(w, at([2500, 2600], [800, 900], [0, 120]))).toEqual(['moves']);
		expect(how(w, at([1800, 1950], [800, 900], [0, 300]))).toEqual([]);
		expect(how(w, at([2500, 2600], [1500, 1600], [0, 300]))).toEqual([]);
	});
	it('hinges the other way about with its nose to the right', () => {
		const right = wall({
			...car,
			motion: { kind: 'car-doors', nose: 'right', hinge: 1500, leaf: 1100, doors: 1, angle: 60 }
		});
		// Hinge at 500 + 4300 - 1500 = 3300; the door opens to its left: (2750, -53).
		expect(how(right, at([2700, 2800], [800, 900], [0, 120]))).toEqual(['moves']);
		expect(how(right, at([3400, 3600], [800, 900], [0, 300]))).toEqual([]);
	});
	it('has two doors one behind the other', () =>
		expect(
			sweptBy({
				...car,
				motion: { kind: 'car-doors', nose: 'left', hinge: 1500, leaf: 1100, doors: 2, angle: 60 }
			}).moving.map((s) => alongWall(s)[0])
		).toEqual([2000, 3100]));
});

describe('other things', () => {
	it('need clear room: head room over stairs, working space before a panel', () => {
		const stairs: Obstruction = {
			id: 's',
			kind: 'stairs',
			name: '',
			x: 0,
			y: 0,
			width: 900,
			height: 600,
			out: 900,
			motion: { kind: 'clear-above', height: 2000 }
		};
		expect(how(wall(stairs), at([100, 300], [1500, 1600], [0, 300]))).toEqual(['clear']);
		expect(how(wall(stairs), at([100, 300], [2650, 2700], [0, 300]))).toEqual([]);
		const panel: Obstruction = { id: 'p', kind: 'service-panel', name: '', x: 2000, y: 1200, width: 400, height: 600 };
		expect(how(wall(panel), at([1850, 1950], [500, 600], [0, 300]))).toEqual(['clear']);
	});
	it('hidden in the wall take no room before it', () =>
		expect(
			how(
				wall({ id: 'h', kind: 'pipe', name: '', x: 1000, y: 0, width: 30, height: 2400, hidden: true }),
				at([900, 1100], [500, 560], [0, 18])
			)
		).toEqual([]));
	it('that stand off the wall leave what is behind them', () => {
		const light: Obstruction = {
			id: 'l',
			kind: 'light',
			name: '',
			x: 1000,
			y: 2000,
			width: 1200,
			height: 100,
			near: 800,
			out: 950
		};
		expect(how(wall(light), at([1000, 1200], [2000, 2060], [0, 300]))).toEqual([]);
		expect(how(wall(light), at([1000, 1200], [2000, 2060], [0, 900]))).toEqual(['stands']);
	});
});

describe('a slice of a round', () => {
	const quarter: Solid = { kind: 'sector', x: 0, z: 0, radius: 100, from: 0, to: Math.PI / 2, y: [0, 10] };
	it('agrees with points counted on a fine grid', () => {
		// A box meets the slice when any point of it lies within: counted every 2 mm.
		for (let i = 0; i < 400; i++) {
			const x0 = -120 + ((i * 37) % 230);
			const z0 = -120 + ((i * 53) % 230);
			const box = at([x0, x0 + 20 + (i % 30)], [2, 8], [z0, z0 + 15 + (i % 40)]);
			let any = false;
			for (let x = box.x[0] + 1; x < box.x[1]; x += 2)
				for (let z = box.z[0] + 1; z < box.z[1]; z += 2) any ||= x > 1 && z > 1 && Math.hypot(x, z) < 98;
			let none = true;
			for (let x = box.x[0]; x <= box.x[1]; x += 2)
				for (let z = box.z[0]; z <= box.z[1]; z += 2) none &&= x < -1 || z < -1 || Math.hypot(x, z) > 102;
			if (any) expect(meets(quarter, box), `${i}`).toBe(true);
			if (none) expect(meets(quarter, box), `${i}`).toBe(false);
		}
	});
	it('reaches along the wall as far as its arc does', () => {
		expect(alongWall(quarter)[1]).toBeCloseTo(100, 9);
		const half: Solid = { ...quarter, from: 0, to: Math.PI };
		expect(alongWall(half).map(Math.round)).toEqual([-100, 100]);
	});
});
