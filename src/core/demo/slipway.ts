import type { Spacing } from '../carriers/spacing';
import type { Blocking, Holder, Load, Obstruction, Plan, Row, Stud } from '../plan/types';

/** The Slipway workshop, a builder of small wooden boats; invented. Its long lean-to wall, with irregular studs. */

const STUDS = [40, 430, 850, 1245, 1660, 2050, 2465, 2860, 3290, 3700, 4085, 4510, 4920, 5160];

/** The last two were only swept with a scanner, the rest drilled for. */
const studs: Stud[] = STUDS.map((x, i) => ({
	id: `s${i + 1}`,
	x,
	width: 45,
	depth: 95,
	species: 'c24',
	found: i < STUDS.length - 2 ? { how: 'pilot' } : { how: 'scanner', confidence: 0.87, error: 3 }
}));

const obstructions: Obstruction[] = [
	{ id: 'o1', kind: 'window', name: 'slip window', x: 3420, y: 1350, width: 900, height: 800 },
	{ id: 'o2', kind: 'outlet', name: 'bench outlet', x: 1010, y: 1000, width: 90, height: 120 },
	{ id: 'o3', kind: 'outlet', name: 'charger outlet', x: 3860, y: 1040, width: 90, height: 120 }
];

const row = (
	id: string,
	name: string,
	y: number,
	left: number,
	right: number,
	joints: number[],
	screws: Row['screws']
): Row => ({
	id,
	name,
	y,
	left,
	right,
	stock: 'ply-18',
	bevel: 45,
	blank: 130,
	screws,
	joints
});

/** Joints lie where a stud and the block beside it meet, so that each cleat has a screw of its own. */
const JOINT = 1660 + 45 / 2;
const blocking: Blocking[] = [2060, 1730, 1320].map((y, i) => ({
	id: `b${i + 1}`,
	x: JOINT,
	y,
	width: 45,
	height: 300,
	depth: 95,
	species: 'c24',
	fixing: { size: '#10', length: 80, count: 4 }
}));

const rows: Row[] = [
	row('r1', 'Top row', 2180, 20, 3330, [JOINT], { size: '#10', length: 80, perStud: 2 }),
	row('r2', 'Second row', 1850, 20, 3330, [JOINT], { size: '#10', length: 80, perStud: 2 }),
	row('r3', 'Third row', 1440, 20, 3330, [JOINT], { size: '#10', length: 70, perStud: 1 }),
	row('r4', 'Window row', 2240, 3680, 5180, [], { size: '#10', length: 80, perStud: 2 }),
	row('r5', 'Low row', 740, 2840, 4110, [], { size: '#8', length: 45, perStud: 1 })
];

interface Rack {
	width: number;
	height: number;
	/** Of the peg holes above the foot. */
	up: number;
	pegs: { diameter: number; projection: number; spacing: Spacing; pair?: { bar: number; slack: number } };
	/** On each seat, one behind another. */
	stack: number;
	load: Omit<Load, 'count'>;
	spacer?: boolean;
	screws?: number;
}

const rack = (id: string, name: string, on: string, x: number, r: Rack): Holder => ({
	id,
	name,
	mount: {
		kind: 'row',
		row: on,
		x,
		strips: {
			hook: { screws: { size: '#8', length: 32, count: r.screws ?? 6 }, from: 'back', glued: true },
			recessed: false,
			spacer: r.spacer ?? true,
			lockStrip: 'none',
			secondHook: false
		}
	},
	back: { stock: 'ply-18', width: r.width, height: r.height, made: { kind: 'board' } },
	carriers: [
		{
			id: 'c1',
			kind: 'pegs',
			at: { on: 'back', x: 0, y: r.up },
			params: { width: r.width, depth: 18, tilt: 5, step: 0, stack: r.stack, pair: null, ...r.pegs },
			loads: [{ ...r.load, count: r.stack * r.pegs.spacing.count }]
		}
	]
});

const holders: Holder[] = [
	rack('h1', 'Spar clamp rack', 'r2', 250, {
		width: 1000,
		height: 300,
		screws: 10,
		up: 90,
		stack: 3,
		pegs: {
			diameter: 25,
			projection: 160,
			spacing: { kind: 'equal-gaps', count: 6 },
			pair: { bar: 10, slack: 3 }
		},
		load: { name: 'spar clamp', thing: 'spar-clamp', mass: 1.1, depth: 45, width: 110, height: 620 }
	}),
	rack('h2', 'Spokeshaves', 'r2', 1420, {
		width: 560,
		height: 190,
		up: 60,
		stack: 1,
		pegs: { diameter: 12, projection: 60, spacing: { kind: 'end-margins', count: 5, margin: 60 } },
		load: { name: 'spokeshave', thing: 'spokeshave', mass: 0.35, depth: 30, width: 80, height: 260 }
	}),
	rack('h3', 'Paddles', 'r1', 2150, {
		width: 900,
		height: 180,
		spacer: false,
		up: 60,
		stack: 2,
		pegs: {
			diameter: 20,
			projection: 140,
			spacing: { kind: 'pitch', count: 5, inset: 90, pitch: 180 },
			pair: { bar: 34, slack: 4 }
		},
		load: { name: 'paddle', thing: 'paddle', mass: 0.9, depth: 60, width: 150, height: 1400 }
	}),
	rack('h4', 'Block planes', 'r3', 1900, {
		width: 180,
		height: 200,
		screws: 3,
		up: 70,
		stack: 1,
		pegs: { diameter: 16, projection: 70, spacing: { kind: 'equal-gaps', count: 2 } },
		load: { name: 'block plane', thing: 'block-plane', mass: 0.7, depth: 50, width: 55, height: 165 }
	}),
	rack('h5', 'Oars', 'r4', 4400, {
		width: 620,
		height: 220,
		up: 80,
		stack: 2,
		pegs: {
			diameter: 25,
			projection: 150,
			spacing: { kind: 'equal-gaps', count: 3 },
			pair: { bar: 52, slack: 5 }
		},
		load: { name: 'oar', thing: 'oar', mass: 2.1, depth: 70, width: 150, height: 1950 }
	}),
	rack('h6', 'Anchor and chain', 'r5', 3060, {
		width: 640,
		height: 260,
		up: 90,
		stack: 1,
		pegs: { diameter: 25, projection: 120, spacing: { kind: 'equal-gaps', count: 4 } },
		load: { name: 'chain coil', thing: 'chain-coil', mass: 4.5, depth: 90, width: 120, height: 300 }
	})
];

/** A fresh copy of the demo wall. */
export function slipwayWall(): Plan {
	return structuredClone({
		format: 'kammer-plan',
		version: 2,
		name: 'Slipway workshop, long wall',
		wall: {
			width: 5200,
			height: 2600,
			cladding: { kind: 'drywall', thickness: 12.5 },
			studs,
			blocking,
			obstructions,
			how: { width: 'tape', height: 'meter', cladding: 'tape', front: 'tape', far: 'tape' },
			ledges: [{ id: 'l1', name: 'wall plate', y: 2510, height: 90, out: 20 }],
			front: { depth: 2400, walkway: 900, headHeight: 2000 },
			far: { kind: 'outdoors', access: false, note: 'the slip side' },
			corners: {
				left: { kind: 'wall', taken: 0, note: 'roller door, its box above' },
				right: { kind: 'wall', taken: 0, note: '' }
			},
			levels: { line: 1000 }
		},
		rows,
		holders,
		cutting: { kerf: 3.2, lengths: [] }
	} satisfies Plan);
}

/** A fresh copy of the small brick wall of the oar store: plugs, a door that swings, one row. */
export function oarStoreWall(): Plan {
	return structuredClone({
		format: 'kammer-plan',
		version: 2,
		name: 'Slipway workshop, oar store',
		wall: {
			width: 3000,
			height: 2300,
			cladding: { kind: 'none', thickness: 0 },
			studs: [],
			how: { width: 'tape', height: 'tape', build: 'tape', shape: 'tape' },
			shape: { right: 2050, peak: null, floorRise: 15 },
			build: {
				kind: 'masonry',
				material: 'brick',
				thickness: 215,
				first: 150,
				pitch: 300,
				plug: { diameter: 8, length: 50, load: 25 }
			},
			obstructions: [
				{
					id: 'd1',
					kind: 'door',
					name: 'store door',
					x: 2150,
					y: 0,
					width: 760,
					height: 1950,
					motion: { kind: 'swing', hinge: 'right', angle: 95, into: 'room' },
					how: 'tape'
				},
				{
					id: 'w1',
					kind: 'switch',
					name: 'light switch',
					x: 2040,
					y: 1150,
					width: 80,
					height: 80,
					out: 12,
					how: 'tape'
				}
			]
		},
		rows: [row('r1', 'Store row', 1650, 60, 2000, [], { size: '5 mm', length: 80, perStud: 1 })],
		holders: [
			rack('h1', 'Short oars', 'r1', 300, {
				width: 700,
				height: 260,
				up: 90,
				stack: 1,
				pegs: {
					diameter: 25,
					projection: 150,
					spacing: { kind: 'equal-gaps', count: 3 },
					pair: { bar: 45, slack: 5 }
				},
				load: { name: 'short oar', mass: 1.4, depth: 60, width: 130, height: 1500 }
			})
		],
		cutting: { kerf: 3.2, lengths: [] }
	} satisfies Plan);
}
