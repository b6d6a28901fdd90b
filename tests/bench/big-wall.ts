import { families } from '$core/holders/registry';
import type { Holder, Plan } from '$core/plan/types';

const ROWS = 12;
const STUDS = 20;

/** A wall of 12 rows and 20 studs with so many racks, spread evenly; each rack as wide as its share of a row allows, up to 400 mm. */
export function bigWall(holders: number, width = 28_000): Plan {
	const perRow = Math.ceil(holders / ROWS);
	const share = width / perRow;
	const rack = Math.min(400, Math.floor(share - 8));
	const start = families['peg-rack'].start('mm');
	const item = (i: number): Holder => ({
		id: `h${i}`,
		name: `Rack ${i + 1}`,
		family: 'peg-rack',
		params: {
			...structuredClone(start),
			face: { ...start.face, width: rack, height: 200 },
			pegs: { ...start.pegs, spacing: { kind: 'equal-gaps', count: Math.max(1, Math.floor(rack / 100)) } },
			hook: { ...start.hook, screws: { ...start.hook.screws, count: 2 } }
		},
		mount: { kind: 'row', row: `r${i % ROWS}`, x: Math.floor(i / ROWS) * share + 4 }
	});
	return {
		format: 'kammer-plan',
		version: 1,
		name: `${holders} racks`,
		wall: {
			width,
			height: 6000,
			cladding: { kind: 'drywall', thickness: 12.5 },
			studs: Array.from({ length: STUDS }, (_, i) => ({ id: `s${i}`, x: 20 + (i * (width - 40)) / (STUDS - 1), width: 45, depth: 95, species: 'c24' as const })),
			obstructions: []
		},
		rows: Array.from({ length: ROWS }, (_, i) => ({
			id: `r${i}`, name: `Row ${i + 1}`, y: 300 + i * 460, left: 0, right: width, stock: 'ply-18' as const, bevel: 45 as const, blank: 130,
			screws: { size: '#10' as const, length: 80, perStud: 2 as const }, joints: []
		})),
		holders: Array.from({ length: holders }, (_, i) => item(i)),
		cutting: { kerf: 3.2, lengths: [] }
	};
}
