import { densityOf } from '../materials/density';
import { remembering } from '../remembering';
import type { Column } from '../table/column';
import { COUNT, NAME, NOTES, WHERE } from '../things/columns';
import { BOARD_MATERIALS } from '../materials/density';
import { mm, mass, phrase, type Phrase } from '../units/phrase';
import type { Kilograms, Millimetres } from '../units/quantity';

export type BoardForm = 'board' | 'sheet';

/** Boards or sheets of one section and material, of about the same length. */
export interface Board {
	id: string;
	name: string;
	form: BoardForm;
	material: string;
	count: number;
	thickness: Millimetres;
	width: Millimetres;
	/** Of the shortest and the longest: the shortest decides how far apart arms stand. */
	shortest: Millimetres;
	longest: Millimetres;
	/** Moisture of solid wood, %. */
	moisture: number;
	quality: string;
	/** Left over from something: stock to cut from first. */
	offcut: boolean;
	where: string;
	notes: string;
}

const length = (key: string, label: string, min: number, max: number, words: readonly string[] = []): Column => ({
	key,
	label,
	kind: 'length',
	min,
	max,
	words
});

/** Every figure of a board or sheet, in the order of a form. */
export const BOARD_COLUMNS: readonly Column[] = [
	{ ...NAME, needed: false, hint: 'Nothing to say: it is named by its wood' },
	{
		key: 'form',
		label: 'Form',
		kind: 'choice',
		choices: [
			{ value: 'board', name: 'board', words: ['lumber', 'moulding', 'batten'] },
			{ value: 'sheet', name: 'sheet', words: ['panel', 'ply'] }
		]
	},
	{
		key: 'material',
		label: 'Wood',
		kind: 'choice',
		choices: BOARD_MATERIALS,
		words: ['species', 'material', 'timber']
	},
	COUNT,
	length('thickness', 'Thickness', 0.5, 300, ['t', 'thick']),
	length('width', 'Width', 5, 2600, ['w', 'wide']),
	length('shortest', 'Shortest', 20, 12_000, ['min length']),
	length('longest', 'Longest', 20, 12_000, ['length', 'max length', 'l']),
	{ key: 'moisture', label: 'Moisture', kind: 'number', min: 0, max: 100, unit: '%', words: ['mc'] },
	{ key: 'quality', label: 'Quality', kind: 'text', max: 40, words: ['grade'] },
	{ key: 'offcut', label: 'Offcut', kind: 'flag' },
	WHERE,
	NOTES
];

/** Figures of boards that are worked out: shown in the table beside those that are kept. */
export const BOARD_COMPUTED: readonly Column[] = [
	{ key: 'weight', label: 'Weight', kind: 'mass', min: 0, max: 1e6 },
	{ key: 'stack', label: 'Stack', kind: 'length', min: 0, max: 1e6 }
];

export interface BoardFigures {
	/** Of all, were they all as short as the shortest, and as long as the longest. */
	least: Kilograms;
	most: Kilograms;
	/** All of them flat on each other, without sticks. */
	stack: Millimetres;
	sum: Phrase;
	stackSum: Phrase;
	source: string;
}

/**
 * Weight and stack height of a line of boards or sheets. Loads are reckoned with `most`.
 * @example boardFigures({ material: 'spruce', count: 4, thickness: 44, width: 94, shortest: 2400, longest: 2400,
 * moisture: 12, ... }).most // 17.8
 */
export const boardFigures = remembering((b: Board): BoardFigures => {
	const { density, source } = densityOf(b.material, b.moisture);
	const perMm = (b.count * b.thickness * b.width * density) / 1e9;
	return {
		least: perMm * Math.min(b.shortest, b.longest),
		most: perMm * Math.max(b.shortest, b.longest),
		stack: b.count * b.thickness,
		sum: phrase(`${b.count} × {t} × {w} × {l} × {d}`, {
			t: mm(b.thickness),
			w: mm(b.width),
			l: mm(b.longest),
			d: { value: density, dim: 'density' }
		}),
		stackSum: phrase(`${b.count} × {t}`, { t: mm(b.thickness) }),
		source
	};
});

/**
 * Keeps a board's two lengths in order after one of them was said: a sheet has one length, and of boards the other end
 * follows where it would be overtaken.
 */
export function settleLengths(b: Board, said: 'shortest' | 'longest'): Board {
	const value = b[said];
	if (b.form === 'sheet' || b.longest < b.shortest) return { ...b, shortest: value, longest: value };
	return b;
}

/** What keeping an offcut takes at least. */
export interface OffcutRule {
	keepLength: Millimetres;
	keepWidth: Millimetres;
}

/** Is this piece worth keeping as stock? Its longest is what can be cut from it. */
export function worthKeeping(b: Pick<Board, 'width' | 'longest'>, rule: OffcutRule): boolean {
	return b.longest >= rule.keepLength && b.width >= rule.keepWidth;
}

/** Its own name, or that of its wood: "Spruce". */
export function boardName(b: Pick<Board, 'name' | 'material'>): string {
	return b.name || (BOARD_MATERIALS.find((m) => m.value === b.material)?.name ?? b.material);
}

type Size = { thickness: Millimetres; width: Millimetres; long: Millimetres };

/** Sizes to start from, as they are sold. */
const START: Record<'sheet' | 'other', Record<'inch' | 'metric', Size>> = {
	sheet: {
		inch: { thickness: 18.25625, width: 1219.2, long: 2438.4 },
		metric: { thickness: 18, width: 1220, long: 2440 }
	},
	other: {
		inch: { thickness: 19.05, width: 139.7, long: 2438.4 },
		metric: { thickness: 18, width: 144, long: 2400 }
	}
};

/** A board to start from. */
export function newBoard(id: string, form: BoardForm, inch: boolean): Board {
	const { thickness, width, long } = START[form === 'sheet' ? 'sheet' : 'other'][inch ? 'inch' : 'metric'];
	return {
		id,
		name: '',
		form,
		material: form === 'sheet' ? 'ply' : 'spruce',
		count: 1,
		thickness,
		width,
		shortest: long,
		longest: long,
		moisture: 12,
		quality: '',
		offcut: false,
		where: '',
		notes: ''
	};
}

/** Weights of several lines together, kg, and all of them flat on each other, mm. */
export function boardsTotal(boards: readonly Board[]): {
	least: Kilograms;
	most: Kilograms;
	stack: Millimetres;
	sum: Phrase;
} {
	let [least, most, stack] = [0, 0, 0];
	for (const b of boards) {
		const f = boardFigures(b);
		least += f.least;
		most += f.most;
		stack += f.stack;
	}
	return { least, most, stack, sum: phrase('{a} to {b}', { a: mass(least), b: mass(most) }) };
}
