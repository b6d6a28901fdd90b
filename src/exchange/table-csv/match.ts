import { nth } from '$core/nth';
import type { Column } from '$core/table/column';
import { bareUnits, type Bare } from '$core/table/read-cell';
import type { LengthUnit } from '$core/units/parse-length';

/** A column of somebody's file: its heading, what it was taken for, and the unit of its bare numbers. */
export interface Match {
	header: string;
	/** Key of our column, or null where it is left out. */
	key: string | null;
	bare: Bare;
}

const LENGTHS: Record<string, Bare['length']> = {
	mm: 'mm',
	millimetres: 'mm',
	millimeters: 'mm',
	cm: 'cm',
	centimetres: 'cm',
	centimeters: 'cm',
	m: 'm',
	metres: 'm',
	meters: 'm',
	in: 'inch',
	inch: 'inch',
	inches: 'inch',
	'"': 'inch',
	ft: 'ft',
	feet: 'ft',
	foot: 'ft'
};
const MASSES: Record<string, Bare['mass']> = {
	kg: 'kg',
	kgs: 'kg',
	kilos: 'kg',
	kilograms: 'kg',
	g: 'g',
	gr: 'g',
	grams: 'g',
	lb: 'lb',
	lbs: 'lb',
	pounds: 'lb',
	oz: 'oz',
	ounces: 'oz'
};

const plain = (text: string) =>
	text
		.toLowerCase()
		.normalize('NFKD')
		.replace(/[^a-z0-9"%]+/g, ' ')
		.trim();

/** A heading without its unit, and that unit: "Weight (lb)", "width_mm", "Height in inches". */
export function headingUnit(header: string): { word: string; unit: string | null } {
	const spaced = header.replace(/([a-z])([A-Z])/g, '$1 $2');
	const bracket = /[([{]\s*([^)\]}]*?)\s*[)\]}]/.exec(spaced);
	const inside = bracket ? plain(nth(bracket, 1)) : null;
	if (inside !== null && (inside in LENGTHS || inside in MASSES))
		return { word: plain(spaced.replace((bracket as RegExpExecArray)[0], ' ')), unit: inside };
	const words = plain(spaced).split(' ');
	const last = words.at(-1) ?? '';
	if (words.length > 1 && (last in LENGTHS || last in MASSES)) {
		const rest = words.slice(0, -1);
		// "height in inches" and "height in in": the word before the unit is no part of the name.
		if (rest.length > 1 && rest.at(-1) === 'in') rest.pop();
		return { word: rest.join(' '), unit: last };
	}
	return { word: words.join(' '), unit: null };
}

/** Which of our columns a heading means: by its title or another word for it, exactly. */
function columnFor(word: string, columns: readonly Column[]): Column | undefined {
	return (
		columns.find(
			(c) =>
				plain(c.label) === word ||
				c.key.toLowerCase() === word ||
				c.key.split('.').at(-1)?.toLowerCase() === word.replaceAll(' ', '')
		) ?? columns.find((c) => (c.words ?? []).some((w) => plain(w) === word))
	);
}

/**
 * Matches the headings of a file to the columns of a list; each of ours is taken once, by the first heading that means
 * it.
 * @param unit of bare numbers under headings that name none
 * @example matchColumns(['Tool', 'Weight (lb)'], THING_COLUMNS, 'mm').map((m) => m.key) // ['name', 'mass']
 */
export function matchColumns(headers: readonly string[], columns: readonly Column[], unit: LengthUnit): Match[] {
	const taken = new Set<string>();
	return headers.map((header) => {
		const { word, unit: said } = headingUnit(header);
		const bare = {
			...bareUnits(unit),
			...(said !== null && said in LENGTHS ? { length: LENGTHS[said] as Bare['length'] } : {}),
			...(said !== null && said in MASSES ? { mass: MASSES[said] as Bare['mass'] } : {})
		};
		const column = word === 'typical' ? { key: 'typical' } : columnFor(word, columns);
		if (!column || taken.has(column.key)) return { header, key: null, bare };
		taken.add(column.key);
		return { header, key: column.key, bare };
	});
}
