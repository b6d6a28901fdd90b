import type { Millimetres } from '../units/quantity';
import type { PanelKind } from './panels';
import type { SpeciesId } from './woods';

/**
 * A board or sheet of the shop's own, written out in its id, so that a document that names it needs nothing else:
 * `own:red-oak:27x180x1400`.
 */
export type OwnId = `own:${string}`;

/** Species whose strength is known, by what boards are called in the stock. */
const BOARD_OF: Readonly<Record<string, SpeciesId>> = {
	spruce: 'spf',
	pine: 'spf-south',
	'pine-southern': 'southern-pine',
	'fir-douglas': 'df-l',
	larch: 'df-l',
	hemlock: 'hem-fir',
	'cedar-red': 'western-cedars',
	'oak-red': 'red-oak'
};
const SHEET_OF: Readonly<Record<string, PanelKind>> = {
	ply: 'ply',
	osb: 'osb',
	mdf: 'mdf',
	particleboard: 'particleboard',
	hardboard: 'hardboard'
};

/** What a wood of the tables is called in the stock; a strength class is a quality of its wood. */
const CALLED: Readonly<Record<string, { material: string; quality: string }>> = {
	...Object.fromEntries(Object.entries(BOARD_OF).map(([material, of]) => [of, { material, quality: '' }])),
	...Object.fromEntries(Object.entries(SHEET_OF).map(([material, of]) => [of, { material, quality: '' }])),
	spf: { material: 'spruce', quality: '' },
	c16: { material: 'spruce', quality: 'C16' },
	'c16-sawn': { material: 'spruce', quality: 'C16 sawn' },
	'df-l': { material: 'fir-douglas', quality: '' }
};

/**
 * A species or a kind of sheet as the shop's list says it.
 * @example boardMaterial('c16') // { material: 'spruce', quality: 'C16' }
 */
export const boardMaterial = (of: SpeciesId | PanelKind): { material: string; quality: string } =>
	CALLED[of] ?? { material: 'spruce', quality: '' };

const SPECIES = [...new Set(Object.values(BOARD_OF))];
const number = (digits: number) => `[1-9]\\d{0,${digits - 1}}(?:\\.\\d{1,2})?`;
/** What such an id looks like: thickness under 1000 mm, width and length under 100 m. */
export const OWN_PATTERN = `own:(?:${[...SPECIES, ...Object.values(SHEET_OF)].join('|')}):${number(3)}x${number(5)}x${number(5)}`;
const WHOLE = new RegExp(`^${OWN_PATTERN}$`);

type Own = { thickness: Millimetres; width: Millimetres; length: Millimetres } & (
	{ form: 'board'; of: SpeciesId } | { form: 'sheet'; of: PanelKind }
);

/** What an id says; null where it says nothing. @example readOwn('own:spf:19x140x1800')?.width // 140 */
export function readOwn(id: string): Own | null {
	if (!WHOLE.test(id)) return null;
	const [, of = '', size = ''] = id.split(':');
	const [thickness = 0, width = 0, length = 0] = size.split('x').map(Number);
	const figures = { thickness, width, length };
	return Object.hasOwn(SHEET_OF, of)
		? { ...figures, form: 'sheet', of: of as PanelKind }
		: { ...figures, form: 'board', of: of as SpeciesId };
}

/** A line of the shop's boards or sheets, as far as it matters here. */
interface Kept {
	form: 'board' | 'sheet';
	material: string;
	thickness: Millimetres;
	width: Millimetres;
	shortest: Millimetres;
}

/**
 * The id of a line of boards or sheets; null where nobody has figures for what it is of.
 * @example ownId({ form: 'board', material: 'oak-red', thickness: 27, width: 180, shortest: 1400 })
 */
export function ownId({ form, material, thickness, width, shortest }: Kept): OwnId | null {
	const of = (form === 'sheet' ? SHEET_OF : BOARD_OF)[material];
	if (!of) return null;
	const round = (x: number) => String(Number(x.toFixed(2)));
	const id = `own:${of}:${round(thickness)}x${round(width)}x${round(shortest)}` as const;
	return WHOLE.test(id) ? id : null;
}
