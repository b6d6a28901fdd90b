import { nth } from '../nth';
import { cutText } from '../form/whole-text';
import { cellOf, withCell, type CellNumber, type Column } from '../table/column';
import { bareUnits, readCell } from '../table/read-cell';
import { writeCell } from '../table/write-cell';
import { formatLength } from '../units/format-length';
import { parseLength, type LengthUnit } from '../units/parse-length';
import { parseMass } from '../units/parse-mass';
import { capital } from '../words';
import { THING_COLUMNS } from './columns';
import { DIMS, type DimName } from './grips/dims';
import { GRIP_KINDS, gripOf, type GripKind } from './grips/registry';
import { newThing } from './new-thing';
import type { Thing } from './types';
import { findKind, singular, typicalThing } from './typical/find';

/** A line as it was understood: the thing it makes, and what in it makes no sense. */
export interface LineRead {
	text: string;
	thing: Thing;
	/** The generic kind it was taken for: what was not said is typical of that. */
	kind: string | null;
	/** What must be mended before it can be taken. */
	faults: string[];
}

const NUMBER = String.raw`(?:\d+\s*-\s*\d+\/\d+|\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`;
const LENGTH_UNIT = String.raw`(?:mm|cm|m|inch(?:es)?|in|"|''|feet|foot|ft|')`;
const LENGTH = String.raw`${NUMBER}\s*${LENGTH_UNIT}?(?![\w/])`;
const SURE_LENGTH = new RegExp(
	String.raw`(?<![\w/.,-])((?:\d+\s*(?:'|ft|feet)\s*)?${NUMBER}\s*${LENGTH_UNIT})(?![\w/])`,
	'i'
);
const MASS = new RegExp(
	String.raw`(?<![\w/.,-])(\d+\s*(?:lbs?|pounds?)\s*(?:,|and)?\s*${NUMBER}\s*(?:oz|ounces?)|${NUMBER}\s*(?:kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?))(?:\s+each)?(?![\w/])`,
	'i'
);
/** 8-10 ft: no one length. A whole with its fraction, 3-7/16, is. */
const RANGE = new RegExp(
	String.raw`(?<![\w/.,-])(\d+(?:[.,]\d+)?\s*(?:-|–|to)\s*\d+(?:[.,]\d+)?)(?!\s*\/)\s*${LENGTH_UNIT}?(?![\w/])`,
	'i'
);
const SIZE = new RegExp(
	String.raw`(?<![\w/.,-])(${NUMBER})\s*(${LENGTH_UNIT})?\s*[x×]\s*(${NUMBER})\s*(${LENGTH_UNIT})?(?:\s*[x×]\s*(${NUMBER})\s*(${LENGTH_UNIT})?)?(?![\w/])`,
	'i'
);
const COUNT = /^\s*(\d{1,5})\s*(?:x\s+|×\s*|pcs?\.?\s+|of\s+|off\s+|\s+)(?=\D)/i;
const LEFT_NUMBER = /(?<![\w#@])[\d½¼¾⅛⅜⅝⅞][\d\s.,/⁄-]*(?![\w])/;

/** What may stand before a figure to say which it is, longest first so that "half depth" is not a depth. */
const NAMED: { words: string[]; key: string }[] = [
	...(Object.keys(DIMS) as DimName[]).map((name) => ({
		words: [DIMS[name].label, ...(DIMS[name].words ?? [])],
		key: DIMS[name].key
	})),
	{ words: ['width', 'wide'], key: 'width' },
	{ words: ['height', 'high'], key: 'height' },
	{ words: ['depth', 'deep', 'stands out'], key: 'depth' },
	{ words: ['cord', 'lead'], key: 'cord' }
];
const NAMED_WORDS = NAMED.flatMap(({ words, key }) => words.map((word) => ({ word: word.toLowerCase(), key }))).sort(
	(a, b) => b.word.length - a.word.length
);
const FLAGS: [RegExp, keyof Thing][] = [
	[/\bdust cover\b|\bcovered\b/i, 'cover'],
	[/\bcarried( off)?\b/i, 'carried'],
	[/\bneeds power\b|\bcharges\b/i, 'charger'],
	[/\bhidden fixings\b/i, 'hidden']
];

/** The grip whose needs name this dimension first: "bar 1/4" says a bar in a slot. */
function gripOfDim(key: string): GripKind | null {
	return GRIP_KINDS.find((k) => `dims.${gripOf(k).needs[0]}` === key) ?? null;
}

const columnOf = (key: string) => THING_COLUMNS.find((c) => c.key === key) as Column;

/** What is wrong with a measure that is there and out of its column's bounds. */
function beyond(thing: Thing, c: Column<CellNumber>, unit: LengthUnit): string[] {
	const value = cellOf(thing, c) as number | null;
	if (value === null || (value >= c.min && value <= c.max)) return [];
	const [than, bound] = value > c.max ? ['more than', c.max] : ['less than', c.min];
	return [`${c.label}: ${writeCell(value, c, unit)} is ${than} ${writeCell(bound, c, unit)}`];
}

/** A line pasted from a table: its bare whole number is the count, wherever it stands. */
function fromColumns(text: string): string {
	const cells = text
		.split('\t')
		.map((c) => c.trim())
		.filter((c) => c !== '');
	if (cells.length < 2) return text.replaceAll('\t', ' ');
	const counts = cells.filter((c) => /^\d{1,5}$/.test(c));
	const others = cells.filter((c) => c !== counts[0]);
	return counts.length === 1 ? [counts[0], ...others].join(' ') : cells.join(' ');
}

/** A text that is eaten from: what is understood is taken out, what is left is the name. */
class Rest {
	constructor(public text: string) {}
	take(pattern: RegExp): RegExpExecArray | null {
		const m = pattern.exec(this.text);
		if (m) this.text = `${this.text.slice(0, m.index)} ${this.text.slice(m.index + m[0].length)}`;
		return m;
	}
}

/** Nobody's line is longer; what looks for figures in it takes its time on such. */
const LONGEST_LINE = 400;

const escape = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * Reads a line as people list their tools: count, name, length it is sold by, weight of one, `width x height x depth`,
 * and named dimensions (`bar 1/4`, `neck 38 mm`); `#group`, `@where used`, and how often. What it does not say is
 * typical of its kind, and marked so.
 * @param text one line
 * @param unit of bare numbers
 * @example readLine('6 bar clamps 24in 3.5lb bar 1/4', 'inch', 't1').thing.count // 6
 */
export function readLine(text: string, unit: LengthUnit, id: string): LineRead {
	if (text.length > LONGEST_LINE) {
		const fault = `A line has ${LONGEST_LINE} characters at most, and this one has ${text.length}: one thing a line`;
		return { text, thing: newThing(id, ''), kind: null, faults: [fault] };
	}
	const faults: string[] = [];
	const said: [string, number | string | boolean][] = [];
	const rest = new Rest(` ${fromColumns(text).replace(/[″“”]/g, '"').replace(/[′‘’]/g, "'").trim()} `);
	const range = rest.take(RANGE);
	if (range) faults.push(`${nth(range, 1).trim()}: which of the two? Write a line for each length`);
	// A fraction without a unit is one of an inch, on any tape.
	const bareOf = (raw: string) => (/[/⁄]/.test(raw) ? bareUnits('inch') : bareUnits(unit));
	const possible = (raw: string, key: string) => readCell(raw, columnOf(key), bareOf(raw), unit).ok;
	const measure = (raw: string, key: string) => {
		const column = columnOf(key);
		const got = readCell(raw, column, bareOf(raw), unit);
		if (!got.ok) faults.push(`${column.label} ${raw}: ${got.error}`);
		else if (got.value !== null) said.push([key, got.value]);
	};

	const group = rest.take(/#"([^"]+)"|#([\p{L}\d_-]+)/u);
	const where = rest.take(/@"([^"]+)"|@([\p{L}\d_-]+)/u);
	const use = rest.take(/\b(daily|weekly|monthly|seldom)\b/i);
	if (use) said.push(['use', nth(use, 1).toLowerCase()]);
	for (const [pattern, key] of FLAGS) if (rest.take(pattern)) said.push([key, true]);
	const count = rest.take(COUNT);
	for (const { word, key } of NAMED_WORDS) {
		const pattern = new RegExp(String.raw`\b${escape(word)}(\s*[:=])?\s+(${LENGTH})`, 'i');
		const m = pattern.exec(rest.text);
		// "pry bar 600 mm" is no bar 600 mm thick: what is past any such measure was no measure of it, unless a colon says
		// so.
		if (!m || (!m[1] && !possible(nth(m, 2).trim(), key))) continue;
		rest.take(pattern);
		measure(nth(m, 2).trim(), key);
	}
	const size = rest.take(SIZE);
	if (size) {
		const tail = size[6] ?? size[4] ?? size[2] ?? '';
		measure(`${size[1]}${size[2] ?? tail}`, 'width');
		measure(`${size[3]}${size[4] ?? tail}`, 'height');
		if (size[5] !== undefined) measure(`${size[5]}${size[6] ?? tail}`, 'depth');
	}
	const mass = rest.take(MASS);
	if (mass) {
		const got = parseMass(nth(mass, 1), unit);
		if (got.ok) measure(nth(mass, 1), 'mass');
		else faults.push(got.error);
	}
	const length = rest.take(SURE_LENGTH);
	const nominal = length ? parseLength(nth(length, 1), unit) : null;
	if (nominal && !nominal.ok) faults.push(nominal.error);
	const odd = LEFT_NUMBER.exec(rest.text.replace(/\bno\.?\s*\d+/gi, ''));
	if (odd)
		faults.push(
			`${odd[0].trim()}: of what? Write it with its unit, or with a word before it, as "bar ${odd[0].trim()}"`
		);

	const bare = rest.text
		.replace(/\s+([,;])/g, '$1')
		.replace(/[,;:\s]+$/g, '')
		.replace(/^[,;:\s]+/g, '')
		.replace(/\s+/g, ' ');
	const kind = findKind(bare);
	const many = count ? Number(count[1]) : 1;
	const name =
		many > 1
			? bare
					.split(' ')
					.map((w, i, all) => (i === all.length - 1 || / of /.test(bare) ? singular(w) : w))
					.join(' ')
			: bare;
	const nominalLength = nominal?.ok ? nominal.value : null;
	if (bare === '') faults.push('Give it a name');
	if (many < 1) faults.push('Must be one at least');

	let thing = kind ? typicalThing(id, kind, nominalLength, unit) : newThing(id, '');
	if (nominalLength !== null && !kind?.lengths && !said.some(([key]) => key === 'height'))
		said.push(['height', nominalLength]);
	const named =
		nominalLength !== null && kind?.lengths
			? `${name} ${formatLength(nominalLength, /"|in|'|ft|foot|feet/i.test(length?.[1] ?? '') ? 'inch' : 'mm')}`
			: name;
	thing = {
		...thing,
		name: cutText(capital(named), 60),
		count: Math.max(1, many),
		where: where ? (where[1] ?? where[2] ?? '') : ''
	};
	if (group) thing = { ...thing, group: group[1] ?? group[2] ?? '' };
	for (const [key, value] of said) {
		thing = withCell(thing, { key }, value);
		const implied = gripOfDim(key);
		if (implied && (thing.grip === null || !gripOf(thing.grip).needs.some((n) => `dims.${n}` === key)))
			thing = { ...thing, grip: implied };
	}
	// A length that no such thing has makes sizes that no wall has.
	if (faults.length === 0)
		for (const c of THING_COLUMNS) if (c.kind === 'length' || c.kind === 'mass') faults.push(...beyond(thing, c, unit));
	const measured = new Set(said.map(([key]) => key));
	return {
		text,
		thing: { ...thing, typical: thing.typical.filter((key) => !measured.has(key)) },
		kind: kind?.name ?? null,
		faults
	};
}
