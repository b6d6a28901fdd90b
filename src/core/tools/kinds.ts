/** A limit of a machine or tool that decides what can be made with it. */
export interface ToolLimit {
	key: string;
	title: string;
	/** `lengths`: the sizes one owns, as of bits. */
	kind: 'length' | 'angle' | 'lengths';
	hint?: string;
	/** Greatest value taken, mm or degrees. */
	max: number;
}

export interface ToolKind {
	id: string;
	title: string;
	group: 'Machines' | 'Power tools' | 'Hand tools' | 'Bits' | 'Holding';
	limits: readonly ToolLimit[];
}

const len = (key: string, title: string, max: number, hint?: string): ToolLimit => ({
	key,
	title,
	kind: 'length',
	max,
	hint
});
const angle = (key: string, title: string, max: number): ToolLimit => ({ key, title, kind: 'angle', max });
const sizes = (key: string, title: string, max: number, hint?: string): ToolLimit => ({
	key,
	title,
	kind: 'lengths',
	max,
	hint
});
const before = len('before', 'Clear before it', 20_000, 'Floor length before the blade');
const behind = len('behind', 'Clear behind it', 20_000, 'Before a board meets the wall');
const kerf = len('kerf', 'Kerf', 10);

/** The generic list to tick off, with what limits each. */
export const TOOL_KINDS: readonly ToolKind[] = [
	{
		id: 'table-saw',
		title: 'Table saw',
		group: 'Machines',
		limits: [
			len('depth', 'Depth of cut, blade', 300),
			len('depth45', 'Depth at 45°', 300),
			len('stacked', 'Depth, stacked cutter', 150),
			len('stackedWidth', 'Widest stacked cut', 60),
			len('rip', 'Rip capacity', 3000, 'Fence to blade'),
			kerf,
			before,
			behind
		]
	},
	{
		id: 'band-saw',
		title: 'Bandsaw',
		group: 'Machines',
		limits: [
			len('throat', 'Throat', 1500, 'Blade to column'),
			len('depth', 'Height under the guide', 800),
			angle('tilt', 'Table tilt', 90),
			before,
			behind
		]
	},
	{
		id: 'mitre-saw',
		title: 'Mitre saw',
		group: 'Machines',
		limits: [
			len('crosscut', 'Widest crosscut', 600),
			len('depth', 'Depth of cut', 200),
			angle('tilt', 'Tilt', 60),
			kerf
		]
	},
	{
		id: 'drill-press',
		title: 'Drill press',
		group: 'Machines',
		limits: [
			len('travel', 'Quill travel', 400, 'Deepest hole in one go'),
			len('throat', 'Throat', 800, 'Middle of the chuck to the column'),
			len('chuck', 'Largest shank', 40),
			angle('tilt', 'Table tilt', 90)
		]
	},
	{
		id: 'router-table',
		title: 'Router table',
		group: 'Machines',
		limits: [len('collet', 'Largest collet', 20), len('rise', 'Bit above the table', 120)]
	},
	{
		id: 'planer',
		title: 'Planer',
		group: 'Machines',
		limits: [len('width', 'Widest board', 1000), len('depth', 'Thickest board', 400), before, behind]
	},
	{
		id: 'jointer',
		title: 'Jointer',
		group: 'Machines',
		limits: [len('width', 'Widest board', 600), len('tables', 'Length of its tables', 4000)]
	},
	{
		id: 'lathe',
		title: 'Lathe',
		group: 'Machines',
		limits: [len('swing', 'Swing', 1000), len('between', 'Between centres', 3000)]
	},
	{
		id: 'disc-sander',
		title: 'Disc or belt sander',
		group: 'Machines',
		limits: [len('width', 'Width of the belt or disc', 1000)]
	},
	{
		id: 'circular-saw',
		title: 'Circular saw',
		group: 'Power tools',
		limits: [
			len('depth', 'Depth of cut', 150),
			len('depth45', 'Depth at 45°', 150),
			angle('tilt', 'Tilt', 60),
			kerf,
			len('rail', 'Length of its guide', 5000)
		]
	},
	{ id: 'jigsaw', title: 'Jigsaw', group: 'Power tools', limits: [len('depth', 'Depth of cut', 200)] },
	{
		id: 'router',
		title: 'Router',
		group: 'Power tools',
		limits: [len('collet', 'Largest collet', 20), len('plunge', 'Plunge', 120)]
	},
	{ id: 'angle-grinder', title: 'Angle grinder', group: 'Power tools', limits: [len('depth', 'Depth of cut', 120)] },
	{ id: 'drill', title: 'Drill', group: 'Power tools', limits: [len('chuck', 'Largest shank', 20)] },
	{ id: 'pocket-jig', title: 'Pocket hole jig', group: 'Power tools', limits: [len('depth', 'Thickest board', 60)] },
	{ id: 'hand-saw', title: 'Hand saw', group: 'Hand tools', limits: [kerf] },
	{ id: 'hacksaw', title: 'Hacksaw', group: 'Hand tools', limits: [len('depth', 'Blade to frame', 200)] },
	{ id: 'tube-cutter', title: 'Tube cutter', group: 'Hand tools', limits: [len('across', 'Largest tube', 120)] },
	{ id: 'coping-saw', title: 'Coping saw', group: 'Hand tools', limits: [len('throat', 'Throat', 400)] },
	{ id: 'brace', title: 'Brace', group: 'Hand tools', limits: [len('chuck', 'Largest shank', 20)] },
	{ id: 'plane', title: 'Bench plane', group: 'Hand tools', limits: [] },
	{
		id: 'mitre-box',
		title: 'Mitre box',
		group: 'Hand tools',
		limits: [len('crosscut', 'Widest crosscut', 300), len('depth', 'Depth', 200)]
	},
	{ id: 'level', title: 'Level', group: 'Hand tools', limits: [len('length', 'Length', 3000)] },
	{
		id: 'twist-bits',
		title: 'Twist or brad point bits',
		group: 'Bits',
		limits: [sizes('sizes', 'Diameters', 40), len('reach', 'Deepest hole', 600)]
	},
	{
		id: 'flat-bits',
		title: 'Flat-bottomed bits',
		group: 'Bits',
		limits: [sizes('sizes', 'Diameters', 100, 'They wander in an angled hole'), len('reach', 'Deepest hole', 600)]
	},
	{
		id: 'auger-bits',
		title: 'Lead-screw bits',
		group: 'Bits',
		limits: [
			sizes('sizes', 'Diameters', 60, 'They hold their line in an angled hole'),
			len('reach', 'Deepest hole', 900)
		]
	},
	{
		id: 'hole-saws',
		title: 'Hole saws',
		group: 'Bits',
		limits: [sizes('sizes', 'Diameters', 250), len('reach', 'Deepest hole', 150)]
	},
	{
		id: 'router-bits',
		title: 'Straight router bits',
		group: 'Bits',
		limits: [sizes('sizes', 'Diameters', 60), len('reach', 'Cutting length', 120)]
	},
	{ id: 'chamfer-bit', title: '45° router bit', group: 'Bits', limits: [len('reach', 'Widest chamfer', 60)] },
	{
		id: 'clamps',
		title: 'Clamps',
		group: 'Holding',
		limits: [len('longest', 'Longest opening', 6000), len('reach', 'Throat', 300)]
	},
	{ id: 'bench-vice', title: 'Bench vice', group: 'Holding', limits: [len('opening', 'Opening', 600)] }
];

export const TOOL_GROUPS = ['Machines', 'Power tools', 'Hand tools', 'Bits', 'Holding'] as const;

/** The kind with this id. @throws RangeError when there is none. */
export function toolKind(id: string): ToolKind {
	const found = TOOL_KINDS.find((k) => k.id === id);
	if (!found) throw new RangeError(`No such tool: ${id}`);
	return found;
}
