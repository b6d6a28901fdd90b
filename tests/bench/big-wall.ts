import { backOf } from '../support/peg-rack';
import { emptyHolder } from '$core/holders/empty-holder';
import { CARRIERS } from '$core/carriers/registry';
import { carrierKind } from '$core/kinds/registry';
import { roomIn } from '$core/kinds/room';
import { newCarrier } from '$core/holders/new-carrier';
import { hangs, withStrips } from '$core/plan/held';
import type { Holder, Plan, Strips } from '$core/plan/types';

const ROWS = 12;
const STUDS = 20;

/** Every kind of carrier in turn, full. */
function mixed(h: Holder, i: number): Holder {
	const { kind } = CARRIERS[i % CARRIERS.length]!;
	const carrier = newCarrier({ back: backOf(h), carriers: [] }, kind, 'mm');
	const load = { name: 'thing', mass: 0.4, width: 30, height: 120, depth: 25 };
	return { ...h, carriers: [{ ...carrier, loads: roomIn(carrier).map((count) => ({ ...load, count })) }] };
}

/**
 * A wall with every kind of check and of carrier on it: twist blocks, backer sheets, solid cleats, second hooks, lock
 * strips, somebody who reaches, damp.
 */
function everyCheck(plan: Plan): Plan {
	return {
		...plan,
		stature: 1750,
		wall: {
			...plan.wall,
			wet: true,
			obstructions: [{ id: 'o1', kind: 'service-panel', name: 'panel', x: 200, y: 1200, width: 400, height: 600 }]
		},
		rows: plan.rows.map((r, i) => {
			if (i % 4 === 0) return { ...r, twistBlock: { height: 70, width: 90 } };
			if (i % 4 === 1)
				return {
					...r,
					backer: {
						stock: 'ply-12',
						height: 260,
						below: 80,
						behind: { size: '#8', length: 28, pitch: 150 },
						perStud: 3
					}
				};
			return i % 4 === 2 ? { ...r, stock: '1x4', blank: 88 } : r;
		}),
		holders: plan.holders.map(mixed).map((h, i) => {
			if (i % 5 === 0)
				return {
					...h,
					mount: strips(h, { secondHook: true, spacer: false }),
					back: { ...backOf(h), stock: 'ply-18', height: 620 },
					carriers: h.carriers.map((c) => ({ ...c, at: { ...c.at, y: 480 } }))
				};
			return i % 7 === 0 ? { ...h, mount: strips(h, { lockStrip: 'screwed' }) } : h;
		})
	};
}

const strips = (h: Holder, change: Partial<Strips>): Holder['mount'] => (hangs(h) ? withStrips(h, change) : h.mount);

/**
 * A wall of 12 rows and 20 studs with so many racks, spread evenly; each rack as wide as its share of a row allows, up
 * to 400 mm.
 * @param all every kind of check on it, not the plain ones alone
 */
export function bigWall(holders: number, width = 28_000, all = false): Plan {
	const plain = plainWall(holders, width);
	return all ? everyCheck(plain) : plain;
}

function plainWall(holders: number, width: number): Plan {
	const perRow = Math.ceil(holders / ROWS);
	const share = width / perRow;
	const rack = Math.min(400, Math.floor(share - 8));
	const start = carrierKind('pegs').start('mm');
	const { back, mount } = emptyHolder('', '', 'mm');
	const { hook } = mount.strips;
	const count = Math.max(1, Math.floor(rack / 100));
	const load = { name: '', mass: 0.5, width: 80, height: 250, depth: 40, count: 2 * count };
	const item = (i: number): Holder => ({
		id: `h${i}`,
		name: `Rack ${i + 1}`,
		mount: {
			...mount,
			row: `r${i % ROWS}`,
			x: Math.floor(i / ROWS) * share + 4,
			strips: { ...mount.strips, hook: { ...hook, screws: { ...hook.screws, count: 2 } } }
		},
		back: { ...back, width: rack, height: 200 },
		carriers: [
			{
				id: 'c1',
				kind: 'pegs',
				at: { on: 'back', x: 0, y: 80 },
				params: { ...structuredClone(start), width: rack, spacing: { kind: 'equal-gaps', count } },
				loads: [load]
			}
		]
	});
	return {
		format: 'kammer-plan',
		version: 2,
		name: `${holders} racks`,
		wall: {
			width,
			height: 6000,
			cladding: { kind: 'drywall', thickness: 12.5 },
			studs: Array.from({ length: STUDS }, (_, i) => ({
				id: `s${i}`,
				x: 20 + (i * (width - 40)) / (STUDS - 1),
				width: 45,
				depth: 95,
				species: 'c24' as const
			})),
			obstructions: []
		},
		rows: Array.from({ length: ROWS }, (_, i) => ({
			id: `r${i}`,
			name: `Row ${i + 1}`,
			y: 300 + i * 460,
			left: 0,
			right: width,
			stock: 'ply-18' as const,
			bevel: 45 as const,
			blank: 130,
			screws: { size: '#10' as const, length: 80, perStud: 2 as const },
			joints: []
		})),
		holders: Array.from({ length: holders }, (_, i) => item(i)),
		cutting: { kerf: 3.2, lengths: [] }
	};
}
