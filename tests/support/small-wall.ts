import { checkPlan, type PlanChecks } from '$core/checks/check-plan';
import type { Check } from '$core/verdict/check';
import type { Holder, Plan, Row, Wall } from '$core/plan/types';
import { pegRack, type PegRack } from './peg-rack';

/**
 * A wall small enough for a pencil: studs at 100 and 900, one row at 1500 from 50 to 950, one rack over the middle 400
 * of it.
 */
export interface Changes {
	wall?: Partial<Wall>;
	row?: Partial<Row>;
	rack?: Partial<PegRack>;
	x?: number;
	more?: { rows?: Row[]; holders?: Holder[] };
}

export const ROW: Row = {
	id: 'r',
	name: 'Row',
	y: 1500,
	left: 50,
	right: 950,
	stock: 'ply-3/4',
	bevel: 45,
	blank: 127,
	screws: { size: '#10', length: 76.2, perStud: 1 },
	joints: []
};
const RACK: PegRack = {
	face: { stock: '1x8', width: 400, height: 180 },
	hook: { screws: { size: '#8', length: 31.75, count: 3 }, from: 'back', glued: false },
	spacer: false,
	lockStrip: false,
	pegs: {
		diameter: 19.05,
		projection: 100,
		depth: 19.05,
		tilt: 0,
		height: 60,
		spacing: { kind: 'equal-gaps', count: 4 },
		pair: null
	},
	load: { name: 'thing', mass: 1.5, perSeat: 2, thickness: 40, width: 60, height: 200 }
};

/** That wall with some of it otherwise. */
export function smallWall({ wall = {}, row = {}, rack = {}, x = 300, more = {} }: Changes = {}): Plan {
	return {
		format: 'kammer-plan',
		version: 2,
		name: 'Two studs',
		wall: {
			width: 1000,
			height: 2400,
			cladding: { kind: 'drywall', thickness: 12.7 },
			obstructions: [],
			studs: [100, 900].map((at, i) => ({ id: `s${i}`, x: at, width: 38.1, depth: 88.9, species: 'spf' as const })),
			...wall
		},
		rows: [{ ...ROW, ...row }, ...(more.rows ?? [])],
		holders: [pegRack('h', 'Rack', 'r', x, { ...RACK, ...rack }), ...(more.holders ?? [])],
		cutting: { kerf: 3.2, lengths: [] }
	};
}

/** Its checks, to be asked by the beginning of an id, and for the figure beside a label. */
export function asked(plan: Plan): {
	all: PlanChecks;
	check: (id: string) => Check;
	line: (id: string, label: string) => number;
} {
	const all = checkPlan(plan);
	const check = (id: string): Check => {
		const found = all.checks.find((c) => c.id.startsWith(id));
		if (!found) throw new Error(`no check ${id}: ${all.checks.map((c) => c.id).join(', ')}`);
		return found;
	};
	const line = (id: string, label: string) => {
		const found = check(id).lines.find((l) => l.label === label);
		if (!found)
			throw new Error(
				`no line ${label}: ${check(id)
					.lines.map((l) => l.label)
					.join(', ')}`
			);
		return found.result.value;
	};
	return { all, check, line };
}
