import type { Plan, Wall, WallFact } from '$core/plan/types';
import { factSaid } from '$core/survey/facts';
import { HOW_WORDS, howFound, isProved } from '$core/survey/record';
import { nameOf, OBSTRUCTION_WORDS } from '$core/survey/names';
import { outOf } from '$core/survey/swept';
import { studAt } from '$core/survey/supports';
import { formatLength } from '$core/units/format-length';
import { formatQuantity } from '$core/units/format-quantity';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';

/** A table of the sheet: what is known stands in it, an empty cell is a blank to be filled in at the wall. */
export interface SheetTable {
	title: string;
	/** How to measure it. */
	hint: string;
	headings: string[];
	rows: string[][];
}

/** Heights at which a stud is marked: low and high, so that a lean shows. */
const LOW = 500;
const HIGH = 2000;
/** Empty lines for what nobody knows of yet. */
const SPARE = { studs: 14, moreStuds: 2, obstructions: 6 } as const;

/** What a masonry wall's plugs are, and what their maker says they hold in it. */
function plugLines({ build }: Wall, unit: LengthUnit): string[][] {
	if (build?.kind !== 'masonry') return [];
	const { diameter, length, load } = build.plug;
	return [
		['Plugs, hole x length', `${formatLength(diameter, unit)} x ${formatLength(length, unit)}`, ''],
		[
			"The plug maker's load in this wall, each",
			load === null ? '' : formatQuantity({ value: load, dim: 'mass' }, unit),
			'on the packet'
		]
	];
}

function wallTable({ wall }: Plan, unit: LengthUnit): SheetTable {
	const say = (mm: number) => formatLength(mm, unit);
	const known = (value: string, fact: WallFact) =>
		wall.how?.[fact] === 'guess' ? ['', 'measure'] : [value, HOW_WORDS[wall.how?.[fact] ?? 'tape']];
	/** A fact in the record's words; a blank where nobody has said it. */
	const line = (title: string, fact: WallFact, ask: string): string[] => {
		const said = factSaid(wall, fact);
		return [title, ...(said ? known(sayPhrase(said, unit), fact) : ['', ask])];
	};
	const { shape, levels, front, ceiling } = wall;
	return {
		title: 'The wall',
		hint: 'Width at the floor and at the top. Height at both ends. Diagonals corner to corner.',
		headings: ['what', 'figure', 'found by'],
		rows: [
			['Width', ...known(say(wall.width), 'width')],
			['Height, left end', ...known(say(wall.height), 'height')],
			['Height, right end', ...(shape ? known(say(shape.right), 'shape') : ['', 'if it differs'])],
			[
				'Floor at the right end, over the left',
				...(shape ? known(say(shape.floorRise), 'shape') : ['', 'from a level line'])
			],
			line('Made of', 'build', 'studs, boards, brick, block, concrete'),
			['Diagonal, lower left to upper right', levels?.diagonals?.up === undefined ? '' : say(levels.diagonals.up), ''],
			[
				'Diagonal, upper left to lower right',
				levels?.diagonals?.down === undefined ? '' : say(levels.diagonals.down),
				''
			],
			...plugLines(wall, unit),
			line('Cladding, all layers', 'cladding', ''),
			['Clear room in front', front ? say(front.depth) : '', ''],
			['Walkway to keep', front ? say(front.walkway) : '', ''],
			line('Behind the wall', 'far', 'can it be got at?'),
			line('At the corners', 'corners', 'a wall, open, or an outer corner'),
			line('Ceiling: joists, trusses or slab, which way', 'ceiling', ''),
			['Ceiling, above the floor', ceiling ? say(ceiling.height) : '', ''],
			['First joist', ceiling && ceiling.kind !== 'slab' ? say(ceiling.first) : '', ''],
			[
				'Joists, width x height',
				ceiling && ceiling.kind !== 'slab' ? `${say(ceiling.width)} x ${say(ceiling.depth)}` : '',
				''
			]
		]
	};
}

/** Marks of every stud, low and high; none for a wall that takes a screw anywhere. */
function studTables({ wall }: Plan, unit: LengthUnit): SheetTable[] {
	if (wall.build && wall.build.kind !== 'framed') return [];
	const say = (mm: number) => formatLength(mm, unit);
	const studs = [...wall.studs]
		.sort((a, b) => a.x - b.x)
		.map((s, i) => [
			String(i + 1),
			say(studAt(s, LOW)),
			say(studAt(s, HIGH)),
			say(s.width),
			isProved(s) ? HOW_WORDS[howFound(s)] : ''
		]);
	const spare = studs.length === 0 ? SPARE.studs : SPARE.moreStuds;
	return [
		{
			title: 'Studs',
			hint: `Centre from the left end, marked at ${say(LOW)} and at ${say(HIGH)} up. A finder may show an edge: prove each with a pilot hole.`,
			headings: ['no.', `at ${say(LOW)}`, `at ${say(HIGH)}`, 'width', 'pilot hole'],
			rows: [...studs, ...Array.from({ length: spare }, (_, i) => [String(studs.length + i + 1), '', '', '', ''])]
		}
	];
}

function thingTable({ wall }: Plan, unit: LengthUnit): SheetTable {
	const say = (mm: number) => formatLength(mm, unit);
	const things = wall.obstructions.map((o) => {
		const word = OBSTRUCTION_WORDS[o.kind];
		const name = nameOf(o) === word ? word : `${nameOf(o)} (${word})`;
		return o.how === 'guess'
			? [name, '', '', '', '', '']
			: [name, say(o.x), say(o.y), say(o.width), say(o.height), o.hidden ? 'in the wall' : say(outOf(o))];
	});
	return {
		title: 'In the way',
		hint: 'Outlets, switches, panel, pipes, windows, doors and their swing, rails, opener, lights, car, stairs. Lower left corner, size, and how far it stands out.',
		headings: ['what', 'left', 'from the floor', 'width', 'height', 'stands out'],
		rows: [...things, ...Array.from({ length: SPARE.obstructions }, () => ['', '', '', '', '', ''])]
	};
}

/**
 * What a survey sheet asks, table by table, with what is known filled in.
 * @example sheetTables(plan, 'mm')[0].rows[0] // ['Width', '5200 mm', 'measured']
 */
export function sheetTables(plan: Plan, unit: LengthUnit): SheetTable[] {
	return [wallTable(plan, unit), ...studTables(plan, unit), thingTable(plan, unit)];
}

/** What to mind at the wall, on the sheet and beside the tools that drill. */
export const SURVEY_CAUTIONS: readonly string[] = [
	'Never drill blind: cables run up and down from outlets and switches. Power off, and trace them first.',
	'A scanner shows what it shows, not what is there. A pilot hole no deeper than cladding and stud edge proves it.',
	'Old paint may hold lead, old boards and plaster asbestos: do not drill or sand before somebody has had it tested. Wear a mask for dust.',
	'A ladder stands on firm floor, and somebody holds it.'
];
