import { describe, expect, it } from 'vitest';
import { moreWalls } from '../demo/slipway-more';
import { slipwayShop } from '../demo/slipway-shop';
import { checkPlan } from '../checks/check-plan';
import { filledUp } from '../checks/filled-up';
import { roomIn } from '../kinds/room';
import { placesById } from '../places/any-place';
import type { Plan, Rack } from '../plan/types';
import { toHang } from '../shop/to-hang';
import { loadWell, type Free } from './load-well';

const lumber = moreWalls().find((w) => w.name.includes('lumber'))!;
const rackOf = (id: string) => lumber.holders.find((h) => h.id === id) as Rack;
const all: Free[] = toHang(slipwayShop()).map((thing) => ({ thing, count: thing.count }));
const only = (...ids: string[]) => all.filter((f) => ids.includes(f.thing.id));
const withRack = (rack: Rack): Plan => ({
	...lumber,
	holders: lumber.holders.map((h) => (h.id === rack.id ? rack : h))
});
const upOf = (rack: Rack, group: number) =>
	placesById(withRack(rack))
		.get(rack.id)!
		.built.seats.find((s) => s.group === group)!.at[1];

describe('a rack loaded well', () => {
	const made = loadWell(lumber, rackOf('k1'), only('b1', 'b2', 'b3'))!;
	const [first] = made.rack.carriers;
	it('has the heaviest boards lowest, one kind on a level', () => {
		// Larch planks weigh most by the piece, then spars, then ash.
		const mean = (id: string) => {
			const at = first!.loads.flatMap((l, g) => (l.thing === id && l.count > 0 ? [upOf(made.rack, g)] : []));
			return at.reduce((a, b) => a + b, 0) / at.length;
		};
		const mass = (id: string) => all.find((f) => f.thing.id === id)!.thing.mass!;
		const ids = ['b1', 'b2', 'b3'].sort((a, b) => mass(b) - mass(a));
		expect(mean(ids[0]!)).toBeLessThan(mean(ids[1]!));
		expect(mean(ids[1]!)).toBeLessThan(mean(ids[2]!) || Infinity);
	});
	it('holds, and nothing is laid that does not exist or has no room', () => {
		expect(checkPlan(withRack(made.rack)).holders.get('k1')?.verdict).toBe('holds');
		for (const id of ['b1', 'b2', 'b3']) {
			const laid = first!.loads.reduce((n, l) => n + (l.thing === id ? l.count : 0), 0);
			const left = made.left.find((f) => f.thing.id === id)?.count ?? 0;
			expect(laid + left).toBe(all.find((f) => f.thing.id === id)!.count);
		}
		const placed = placesById(withRack(made.rack)).get('k1')!;
		const on = placed.built.seats.reduce((n, s) => n + s.things.length, 0);
		expect(on).toBe(first!.loads.reduce((n, l) => n + l.count, 0));
	});
	it('is not loaded past what it is held with, however much is free', () => {
		const heavy = only('b3').map((f) => ({ thing: { ...f.thing, mass: 40 }, count: 200 }));
		const full = loadWell(lumber, rackOf('k1'), heavy)!;
		expect(checkPlan(withRack(full.rack)).holders.get('k1')?.verdict).toMatch(/holds|unloaded/);
		expect(full.left[0]!.count).toBeGreaterThan(100);
		const one = full.rack.carriers[0]!.loads.findIndex((l) => l.count > 0);
		if (one >= 0) {
			const more = structuredClone(full.rack);
			const room = roomIn(more.carriers[0]!)[one]!;
			more.carriers[0]!.loads[one]!.count += 1;
			if (more.carriers[0]!.loads[one]!.count <= room)
				expect(checkPlan(withRack(more)).holders.get('k1')?.verdict).not.toBe('holds');
		}
	});
	// Half of what the joists were made for is free; with a hundredth of it no bin is.
	it('lays nothing that lets down what others hang on: its joists', () => {
		const { ceiling } = lumber.wall;
		const weak = { ...lumber, wall: { ...lumber.wall, ceiling: { ...ceiling!, free: 0.01 } } };
		expect(loadWell(lumber, rackOf('k5'), all)!.laid).toHaveLength(1);
		expect(loadWell(weak, rackOf('k5'), all)!.laid).toHaveLength(0);
	});
	it('lays nothing that lets down a stud which holds without it', () => {
		const thin = lumber.wall.studs.map((s) => ({ ...s, width: 18, depth: 30 }));
		const weak = { ...lumber, holders: [rackOf('k1')], wall: { ...lumber.wall, studs: thin } };
		const made = loadWell(weak, rackOf('k1'), only('b3'))!;
		const { studs } = checkPlan({ ...weak, holders: [made.rack] });
		expect([...studs.values()].filter((j) => j.verdict === 'does-not-hold')).toEqual([]);
	});
	it('lays what is used often between hip and eye', () => {
		const daily = only('b3').map((f) => ({ thing: { ...f.thing, use: 'daily' as const }, count: 2 }));
		const { rack } = loadWell(lumber, rackOf('k1'), daily)!;
		const group = rack.carriers[0]!.loads.findIndex((l) => l.count > 0);
		const up = placesById(withRack(rack)).get('k1')!.foot + upOf(rack, group);
		expect(up).toBeGreaterThan(750);
		expect(up).toBeLessThan(1600);
	});
	it('takes of the stock-take what its kind takes: bins on a deck, bicycles on hooks, sheets in a bay', () => {
		const named = (id: string) => loadWell(lumber, rackOf(id), all)!.laid.map((l) => l.name);
		expect(named('k5')).toEqual(['bin of sails']);
		expect(named('k2')).toEqual(['bicycle']);
		expect(named('k6')).toEqual(['marine ply']);
		expect(loadWell(lumber, rackOf('k8'), all)).toBeNull();
	});
});

describe('a rack filled to the top', () => {
	it('counts as many boards as go beside each other, and bins as stand on a deck', () => {
		// Rods of 370 take eleven of 32, three layers of them; the deck four columns of one row.
		expect(roomIn(rackOf('k5').carriers[0]!)).toEqual([4]);
		const levels = rackOf('k1').carriers[0]!;
		const full = filledUp(lumber, { kind: 'holder', id: 'k1' })!;
		expect(full.mass).toBeGreaterThan(levels.loads.reduce((m, l) => m + l.count * (l.mass ?? 0), 0) * 1.2);
	});
});
